import type { LeftOutMessages, NameMessages } from '@hopsk/core/plan/build/messages';
import type { CallMessages, HindranceMessages } from '@hopsk/core/plan/calls/messages';
import { clockText } from '@hopsk/core/plan/clock-text';
import type { FitAskMessages, FitWhyMessages, PlanMessages } from '@hopsk/core/plan/session/messages';
import { say, type Says } from '../say.js';
import { areas } from './areas.js';
import { cautions } from './cautions.js';
import { doses } from './doses.js';
import { faults } from './faults.js';
import { remedies } from './remedies.js';
import { notation } from './notation.js';
import { long, percent, plural, s, sUp } from './numbers.js';

const floorOf = (area: string): string => areas.areas[area] ?? area;
const sides = { left: 'left', right: 'right' };
const ways: Readonly<Record<number, string>> = {
  0: 'ahead',
  45: 'ahead right',
  90: 'right',
  135: 'back right',
  180: 'back',
  [-45]: 'ahead left',
  [-90]: 'left',
  [-135]: 'back left',
  [-180]: 'back',
};
const way = (bearing: number): string => ways[bearing] ?? `${Math.abs(bearing)}° ${bearing < 0 ? 'left' : 'right'}`;
const levels = { beginner: 'beginners', intermediate: 'intermediates', advanced: 'advanced athletes' };

const hindrances: Says<HindranceMessages> = {
  'no-steps': () => 'it has no steps.',
  'no-moves': () => 'it has no steps that move.',
  unread: ({ error }) => say(notation.notation, error),
  'other-lead': () =>
    'it ends with the other foot leading, so the next call finds another stance: let it end with ‘switch’ or a second passing step.',
  'not-ready': () => 'it does not end ready: let it end with ‘recover back’ or ‘square up’.',
};

const callProblems: Says<CallMessages> = {
  'no-alternatives': () => 'There is nothing that can be called: write at least one alternative with steps, or one that stays.',
  hindered: ({ name, why }) => `‘${name}’: ${say(hindrances, why)}`,
  interval: ({ asked, slowest, reaction, needs }) =>
    `${sUp(asked)} between calls, but ‘${slowest}’ with its way back and ${sUp(reaction)} to react takes ${sUp(needs)}. Shortest that works: ${sUp(needs)}.`,
  floor: ({ after, area }) =>
    after === 0
      ? `No call stays on the floor (${floorOf(area)}) from where it begins: begin further inside, or take shorter steps.`
      : `After ${after} calls none of the alternatives stays on the floor: let each end where it began, or add one that leads back.`,
  run: () => 'On this floor the same call had to come more often running than asked.',
  counts: () => 'Floor and longest run left no way to keep all counts within one of their weights.',
  many: ({ most }) => `More than ${most} calls: they were drawn up to there.`,
  short: ({ within, shortest }) => `Not even one call can be done in ${sUp(within)}. The shortest takes ${sUp(shortest)}.`,
};

const planProblems: Says<PlanMessages> = {
  dose: ({ error, instead }) => `${say(doses.doses, error)}${instead === null ? '' : ` Such as: ‘${instead}’.`}`,
  'beats-number': ({ named, beats }) => `${named} beats have a name, and a repetition has ${beats}.`,
  'beat-loop': ({ beat }) => `The last beat is the next repetition’s first (‘${beat}’): it is said once.`,
  steps: ({ error }) => say(notation.notation, error),
  rest: () => 'Rest between rounds not decided: how long?',
  'set-rest': () => 'Rest between sets not decided: how long?',
  repetition: () => 'How long one repetition takes is not known: give it steps, or work by time.',
  sides: () => 'Both sides: so many for each, or in all?',
  'no-side': () => 'Each side of steps that have none: they would be done twice the same way.',
  'side-of-foot': () =>
    'The steps name a foot, left or right: on the other side it stays the same foot. Each lead exchanges feet and directions; or write ‘lead’ and ‘rear’, ‘near’ and ‘far’.',
  call: () => 'Nothing to call yet: write what can be called.',
  calls: ({ problem }) => say(callProblems, problem),
  'pattern-away': () => 'Its pattern was put away since; the line it was planned with is kept.',
  'pattern-changed': () => 'Its pattern was changed since; the line it was planned with is kept.',
  'other-lead': ({ name }) =>
    `The other lead is not trusted${name === '' ? '' : ` for ${name}`}: do one lead, or build it up in drills first.`,
  'too-fast': ({ count, claimed, needs, fit }) => `${count} in ${s(claimed)} is said, but they take ${s(needs)}. ${fit} fit.`,
  'round-short': ({ repetition, round }) => `One repetition takes ${s(repetition)}, a round only ${s(round)}: it holds none.`,
  'odd-turns': ({ count, a, ofA, b, ofB }) => `${count} is odd: ‘${a}’ ${ofA}, ‘${b}’ ${ofB}.`,
  'odd-sides': ({ count, written, other }) => `${count} in all is odd: ${written} as written, ${other} to the other side.`,
  chimes: ({ chimes, whole, cut }) =>
    `${plural(chimes, 'chime', 'chimes')} a round, ${plural(whole, 'whole repetition', 'whole repetitions')}${cut > 0 ? `, ${cut} cut off where the chime finds them` : ''}.`,
  overrun: ({ late }) => `The last chimed move ends ${s(late)} after the bell.`,
  'one-leg': ({ side }) => `Every lunge is on the ${sides[side]} leg.`,
  'mostly-one-leg': ({ left, right }) =>
    `Lunges left ${Math.round(left)}, right ${Math.round(right)}: mostly one leg. Usual for some sports; a stage on the other leg evens it out.`,
  floor: ({ by, area }) => `A foot lands ${long(by)} outside the floor: ${floorOf(area)}.`,
  theme: () => 'Free work needs a theme: what is it about?',
  'stations-timed': () => 'Stations change on the clock: give the work in seconds, such as ‘6 × 45 s, rest 15 s’.',
  'stations-uneven': ({ rounds, stations, even }) =>
    `${rounds} rounds over ${stations} stations leave some undone; ${even} take everybody round.`,
  'child-contact': () => 'For children the club’s own upper bound on contact holds; touch is the most by default.',
  change: () => 'Change-over between exercises not decided: how long?',
  'longest-run': ({ total, most }) => `${clockText(total)} is longer than the ${most / 3600} hours that can be run.`,
  'over-time': ({ total, limit }) =>
    `${clockText(total)} is planned, ${clockText(limit)} is there: ${clockText(total - limit)} too much. Fit it to the time, or take a stage out.`,
  landings: ({ landings, level, low, high }) =>
    `${landings} landings; usual guidance for ${levels[level]} is ${low}–${high} a session (values from memory). Raise them slowly.`,
  'landings-child': ({ landings }) => `${landings} landings: for children fewer than for adults; no number is agreed, the club decides.`,
  'landings-caution': ({ landings, most, caution }) =>
    `${landings} landings; the standing caution (${cautions.cautions.one(caution)}) says ${most} at most.`,
  rise: ({ landings, rise }) =>
    `${landings} landings are ${percent(rise)} above the mean of the last sessions; more than 10–15 % is usually held too steep (the evidence is disputed).`,
};

const names: Says<NameMessages> = {
  own: ({ name }) => name,
  line: ({ line }) => line,
  'stance-held': () => 'stance, held',
  'heel-raises': () => 'heel raises',
  half: ({ second, foot, bearing }) => `${second ? 'second' : 'first'} half: ${sides[foot]} foot ${way(bearing)} and in`,
  'way-back': () => 'the way back',
  beats: ({ name }) => `${name}, beats named`,
  'whole-slow': ({ name }) => `${name}, whole and slow`,
  hardest: () => 'the part that asks most',
  'whole-again': ({ name }) => `${name}, whole again`,
  'from-start': ({ parts }) => `from the start, ${parts} parts`,
  'to-end': ({ parts }) => `to the end, ${parts} parts`,
  'both-sides': ({ name }) => `${name}, both sides`,
  'other-lead': ({ name }) => `${name}, other lead`,
  'both-leads': ({ name }) => `${name}, both leads`,
  'in-a-row': ({ steps }) => `${steps} in a row`,
  'there-and-back': ({ steps }) => `${steps} there, ${steps} back`,
  slow: ({ name }) => `${name}, slow`,
  quick: ({ name }) => `${name}, quick`,
  'without-and-with': ({ name }) => `${name}, without and with`,
  'called-in-order': ({ name }) => `${name}, called in order`,
  called: ({ name }) => `${name}, called`,
  fed: ({ name }) => `${name}, fed`,
  partner: ({ name }) => `${name}, with a partner`,
  pressed: ({ name }) => `${name}, pressed`,
  role: ({ book }) => `${book}: what is there?`,
  'role-open': () => 'a role or scenario',
  free: ({ name }) => `free: ${name}`,
  remedy: ({ fault }) => `${faults.faults[fault]?.label ?? fault}: ${remedies.remedies[fault] ?? ''}`,
};

const leftOut: Says<LeftOutMessages> = {
  'no-ending': () => 'No usual ending brings the stance back after it: train it inside the whole.',
  'other-stance': () => 'It does not end in the stance it begins in: train it inside the whole.',
  'other-lead': () => 'The other lead is not trusted.',
  'no-side': () => 'Its steps have no side: to the other one they are the same.',
  caution: ({ caution, what }) =>
    `Left out because of the standing caution (${cautions.cautions.one(caution)}): it has ${cautions.cautions.forbidden[what]}. The coach decides.`,
  mastered: () => 'The record says it is mastered; put it in again if you like.',
  'no-playbook': () => 'No playbook was chosen.',
  'no-chance': ({ fault }) => `‘${faults.faults[fault]?.label ?? fault}’ has no chance to show in it.`,
};

const fitAsks: Says<FitAskMessages> = {
  rest: ({ stage }) => `‘${stage}’: rest not decided`,
  'set-rest': ({ stage }) => `‘${stage}’: set rest not decided`,
  repetition: ({ stage }) => `‘${stage}’: how long a repetition takes is not known`,
  sides: ({ stage }) => `‘${stage}’: for each side, or in all, not decided`,
  call: ({ stage }) => `‘${stage}’: nothing to call yet`,
  dose: ({ stage, error }) => `‘${stage}’: ${say(doses.doses, error)}`,
  change: () => 'change-over between exercises not decided',
};

const fitWhy: Says<FitWhyMessages> = {
  'left-out': ({ priority }) => `left out: priority ${priority}, and even its least did not fit`,
  'no-time-left': () => 'kept below its most: no time is left',
};

/** What is said of a plan, of what is called in it, of what is built, and of fitting it to its time. */
export const plan = {
  plan: {
    problems: planProblems,
    calls: callProblems,
    names,
    leftOut,
    fitAsks,
    fitWhy,
    hopeless: ({ stage, seconds }: { readonly stage: string; readonly seconds: number }, available: number): string =>
      `${Math.floor(available / 60)} min are too short for any of these stages. The shortest, ‘${stage}’, takes ${Math.ceil(seconds / 6) / 10} min.`,
    spoken: {
      explain: 'next: {name}',
      change: 'change, then {name}',
      water: 'water',
      rest: 'rest',
      setRest: 'rest, set done',
      end: 'done',
      otherSide: 'other side',
      otherLead: 'other lead',
      changeStation: 'change stations',
      toStation: 'group {group} to {station}',
      freeze: 'freeze',
      coming: ['still coming', 'stopped'],
    },
    stay: 'stay',
    partner: {
      what: 'steps in as agreed and holds the line',
      when: 'at the start of each repetition',
      reAim: 'at the chest again after each exchange',
    },
  },
};
