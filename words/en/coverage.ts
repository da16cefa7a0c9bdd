import type { LikeForLike } from '@hopsk/core/evidence/like-for-like';
import type { Difference } from '@hopsk/core/evidence/difference';
import { held, per100 } from './differences.js';

/** Two things done, by their names, and by how much they differ. */
type Sides = Difference & { readonly a: string; readonly b: string };

const runsSaid = (n: number): string => `${n} ${n === 1 ? 'run' : 'runs'}`;

/** What of an athlete was looked at, and what never; results beside how clean the feet were. */
export const coverage = {
  coverage: {
    title: 'Looked at',
    back: 'fault book',
    of: 'of',
    from: 'from',
    to: 'up to',
    all: (attempts: number, evenings: number, days: string): string =>
      `${attempts} watched ${attempts === 1 ? 'attempt' : 'attempts'} on ${evenings} ${evenings === 1 ? 'evening' : 'evenings'}${days}`,
    days: (from: string, to: string): string => `, ${from} – ${to}`,
    allSays: 'An attempt counts once, however many faults were looked for in it.',
    never: 'Never looked at',
    neverDone: (stage: string, runs: number): string => `${stage}, done in ${runsSaid(runs)}`,
    neverFault: (fault: string): string => `${fault}, in focus`,
    neverViews: { front: 'from the front', side: 'from the side' },
    nothingNever: 'Nothing: everything that was done was, from the front and from the side.',
    done: 'What was done',
    doneHeads: ['', 'runs', 'attempts', 'of 100'],
    ways: 'Which way round',
    directions: 'Where it led',
    views: 'From where',
    heads: ['', 'attempts', 'of 100'],
    notGiven: (n: number): string => `Of ${n} it is not known.`,
    faults: 'What was looked for',
    faultHeads: ['', 'attempts', 'evenings', 'last'],
    ofAll: per100,
    results: 'Results beside clean feet',
    resultsSay:
      'In or hit is good. Clean is an attempt watched whole without a fault of the board. The two are kept apart: a good shot from bad feet is both.',
    noResults: 'No results were noted in this time.',
    resultHeads: ['', 'good', 'of 100', 'clean', 'of 100'],
    times: (hits: number, n: number): string => `${hits} of ${n}`,
    range: (low: number, high: number): string => `${per100(low)}–${per100(high)}`,
    byClean: (of: LikeForLike): string => held(of, 'Good, of 100, where the feet were clean:', 'where they were not:'),
    noByClean: 'Too little was noted with clean feet and without to tell one from the other.',
    unwatched: (n: number): string => `${n} ${n === 1 ? 'result' : 'results'} fell where nobody watched the whole attempt.`,
    against: 'One against another',
    a: 'this',
    b: 'against that',
    good: (of: Sides): string => held(of, `Good, of 100: ‘${of.b}’`, `‘${of.a}’`),
    clean: (of: Sides): string => held(of, `Clean, of 100: ‘${of.b}’`, `‘${of.a}’`),
    tooFew: 'Too few on one of both sides to tell.',
    uncounted: (n: number): string => `${runsSaid(n)} ${n === 1 ? 'is' : 'are'} still being counted part by part and not in this yet.`,
  },
};
