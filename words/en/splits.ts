import type { Beside } from '@hopsk/core/evidence/together';
import type { FirstToFix } from '@hopsk/core/evidence/first-to-fix';
import type { LikeForLike } from '@hopsk/core/evidence/like-for-like';
import type { Sequential } from '@hopsk/core/evidence/sequential';
import type { Sides, SplitBy } from '@hopsk/core/evidence/splits';
import type { Source } from '@hopsk/core/log/event';
import type { Direction } from '@hopsk/core/plan/direction';
import { difference, evenings, held, per100 } from './differences.js';

const attempts = (n: number): string => `${n} ${n === 1 ? 'attempt' : 'attempts'}`;
const sources: Readonly<Record<Source, string>> = { floor: 'on the floor', film: 'on film', import: 'told by a table' };
const ofThirds = { '1': 'first third', '2': 'middle third', '3': 'last third' } as const;

/** Where a fault shows, and what comes together with it. */
export const splits = {
  splits: {
    first: 'What to fix first',
    firstSays: (of: FirstToFix, label: (fault: string) => string): string =>
      [
        `${per100(of.rate)} per 100 lately, for ${evenings(of.evenings)}`,
        ...(of.safety ? ['it can hurt'] : []),
        ...(of.focus ? ['in focus'] : []),
        ...(of.cost === 1 ? [] : [`counts ${of.cost} times in your club`]),
        ...of.drags.map(({ fault, share }) => `${per100(share)} of 100 times that ${label(fault)} showed it was there`),
      ].join('; ') + '.',
    firstRule:
      'What can hurt first; then rate × cost (in focus: twice; your club’s own weight), with what it drags along, × how long it has gone on. What is dragged along is not named beside it. You decide.',
    test: ({ decision, decidedAfter, more }: Sequential): string => {
      if (decidedAfter !== null) return `running test: ${decision === 'next' ? 'move on' : 'step back'}, after ${evenings(decidedAfter)}`;
      return more === null
        ? 'running test: open, far from moving on'
        : `running test: open; ${more} more clean ${more === 1 ? 'attempt' : 'attempts'} in one evening would decide for moving on`;
    },
    title: 'Where it shows',
    tired: 'when tired',
    late: (of: LikeForLike): string => held(of, 'In the last third of a round', 'in the first'),
    later: (of: LikeForLike): string => held(of, 'In the later half of the rounds', 'in the earlier'),
    leftLate: (of: LikeForLike): string => held(of, 'On the left in the last third', 'in the first'),
    rightLate: (of: LikeForLike): string => held(of, 'On the right in the last third', 'in the first'),
    noTired: 'Not watched yet both early and late in the same stage.',
    side: 'which side',
    sides: ({ left, right, share, low, high }: Sides): string => {
      const more = low > 0.5 ? 'More on the left' : high < 0.5 ? 'More on the right' : 'No side more than the other, as far as can be told';
      return `${more}: ${left} of ${left + right} taps with a side on the left, ${per100(share)} of 100 (${per100(low)} to ${per100(high)}), as if both sides had as many chances.`;
    },
    noSides: 'Never tapped with a side.',
    by: 'split by',
    byNames: {
      third: 'time in the round',
      round: 'round',
      part: 'part of the evening',
      stage: 'what was done',
      kind: 'kind of stage',
      cueing: 'how it begins',
      implement: 'racket, blade, gloves',
      tempo: 'times (1 is as written)',
      way: 'side or lead',
      direction: 'direction',
      opponent: 'partner’s foot in front',
      view: 'seen from',
      source: 'looked at',
    } satisfies Record<SplitBy, string>,
    values: {
      third: ofThirds,
      part: ofThirds,
      way: { written: 'as written', other: 'the other side or lead' },
      view: { front: 'the front', side: 'the side' },
      opponent: { left: 'left', right: 'right' },
      source: sources,
      direction: {
        ...{ place: 'on the place', ahead: 'ahead', back: 'back', left: 'left', right: 'right' },
        ...{ 'ahead right': 'ahead right', 'ahead left': 'ahead left', 'back right': 'back right', 'back left': 'back left' },
      } satisfies Record<Direction, string>,
    } as Readonly<Partial<Record<SplitBy, Readonly<Record<string, string>>>>>,
    sources,
    drawn: (by: string): string => `${by}: per 100 with its interval, as in the table below`,
    heads: ['', 'per 100', '95 % interval', 'attempts', 'less the others'],
    against: difference,
    notGiven: (n: number): string => `Of ${attempts(n)} it is not known.`,
    others: (n: number): string => `${attempts(n)} of rarer values are left out.`,
    againstSays:
      'Less the others: this value less all others, in the evenings that have both. Where it holds 0, nothing can be told from chance.',
    runsOf: (value: string): string => `The runs behind ‘${value}’`,
    none: 'Only one of everything so far: nothing to split by.',
    uncounted: (n: number): string => `${n} earlier ${n === 1 ? 'run is' : 'runs are'} still being split up and not in this yet.`,
    together: 'comes together with',
    comes: (of: Beside): string =>
      `more than by chance: with it in ${of.with} of ${of.ofWith} occasions, without it in ${of.without} of ${of.ofWithout}.`,
    cause: 'Often its cause.',
    effect: 'Often comes of it.',
    noPairs: (asked: number): string =>
      asked === 0
        ? 'Too few occasions yet in which it and another fault could both be seen.'
        : `With nothing more than by chance (${asked} ${asked === 1 ? 'fault' : 'faults'} asked).`,
    pairHeads: ['run', 'with both', 'with this one', '', ''],
    togetherSays: 'Coming together is not yet one causing the other.',
  },
};
