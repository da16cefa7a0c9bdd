import { evenings, per100 } from './differences.js';

const attempts = (n: number): string => `${n} watched ${n === 1 ? 'attempt' : 'attempts'}`;

/** The books of a group beside each other. */
export const group = {
  group: {
    title: 'Faults of the group',
    back: 'fault book',
    since: 'in the last',
    weeks: { '4': 'four weeks', '8': 'eight weeks', '26': 'half a year', '52': 'year' },
    whom: 'who',
    everybody: 'everybody',
    everybodyOf: 'one fault of everybody',
    lastTime: (day: string): string => `here on ${day}`,
    map: 'Who shows what',
    mapSays: 'How often seen, of how many watched attempts. The darker, the more often at least: the lower end of the 95 % interval.',
    marks: '+2: tapped twice where it could not be watched. A dot: not watched in this time.',
    person: 'athlete',
    watched: 'watched',
    last: 'last here',
    cell: (times: number, of: number): string => `${times}/${of}`,
    cellSays: (times: number, of: number, rate: number, low: number, high: number): string =>
      `${times} of ${of}: ${per100(rate)} per 100, between ${per100(low)} and ${per100(high)}`,
    notedSays: (times: number): string => `tapped ${times} × where it could not be watched`,
    notWatched: 'not watched',
    inVain: 'Looked for and seen in nobody',
    others: (n: number): string => `show ${n} more, which fewer show`,
    nothing: 'Nobody showed a fault in this time.',
    away: 'Not here in this time',
    none: 'Nobody was here in this time',
    noneSays: 'Choose a longer time, or run rounds on the floor: what you tap adds up here.',
    next: 'Watch next',
    nextSays: (good: number, bad: number): string =>
      `What is least known between ${per100(good)} and ${per100(bad)} per 100, where moving on or stepping back is decided; what can hurt counts three times, what is in focus twice.`,
    decided: 'Nothing is open: what was watched is decided either way.',
    never: 'not watched in this time',
    open: (n: number, low: number, high: number): string => `${attempts(n)}, between ${per100(low)} and ${per100(high)} per 100`,
    hurts: 'it can hurt',
    focus: 'in focus',
    stations: 'Stations',
    room: 'room for',
    stationsSay: 'Two or more at each, everybody for a fault that they show, so that what is worked on counts the most.',
    alone: 'On their own',
    here: (n: number): string => `here on ${evenings(n)}`,
  },
};
