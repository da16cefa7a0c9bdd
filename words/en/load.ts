const percent = (factor: number): string => `${Math.round((factor - 1) * 100)} %`;

/** What the weeks of an athlete weigh. */
export const load = {
  load: {
    title: 'Load',
    back: 'fault book',
    of: 'of',
    weeks: 'Week by week',
    says: 'Load is how hard it was, 0 to 10, × minutes. Monotony is the mean of a day’s load ÷ its standard deviation over the seven days, those of rest with 0, from two days of training on; strain is load × monotony (Foster 1998).',
    landingsSay: 'Landings are those after jumps, hops and gallops, of what was done and not of what was planned; low splits are none.',
    heads: ['week from', 'evenings', 'load', 'monotony', 'strain', 'landings', 'lunges'],
    some: (rated: number, all: number): string => `${rated} of ${all}`,
    atLeast: (n: number): string => `${n} at least`,
    drawn: (weeks: number): string => `Load of ${weeks} ${weeks === 1 ? 'week' : 'weeks'}; paler where not all was said`,
    look: 'Worth a look',
    rise: (from: string, rise: number): string => `The week from ${from}: load ${percent(rise)} above the mean of the four weeks before.`,
    landingsRise: (from: string, rise: number): string =>
      `The week from ${from}: landings ${percent(rise)} above the mean of the four weeks before.`,
    disputed:
      'More than 10 to 15 % is usually called steep; the evidence is disputed. It is a reason to ask how somebody feels, and no more.',
    most: (of: { readonly from: string; readonly landings: number; readonly low: number; readonly high: number }): string =>
      `The week from ${of.from}: ${of.landings} landings on one evening, where ${of.low} to ${of.high} are usual at this level.`,
    mostOfChild: (from: string, landings: number): string =>
      `The week from ${from}: ${landings} landings on one evening. For children no number is agreed on: fewer.`,
    nothing: 'Nothing in the last four of these weeks.',
    pain: 'Whatever hurts is left out, and whoever hurts asks somebody licensed to say what it is.',
    unsaid: 'Not said yet how hard it was',
    saidAll: 'It was said of each evening.',
    none: 'Nothing done yet',
    noneSays: 'Load is counted from runs on the floor. How hard one was is said on its own page, below the taps.',
    uncounted: (n: number): string =>
      `${n} ${n === 1 ? 'run is' : 'runs are'} still being counted: what was done in ${n === 1 ? 'it' : 'them'} is not in this yet.`,
  },
};
