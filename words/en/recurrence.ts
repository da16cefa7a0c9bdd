import type { Break } from '@hopsk/core/evidence/breaks';
import type { Difference } from '@hopsk/core/evidence/difference';
import type { FaultState, Why } from '@hopsk/core/evidence/recurrence';
import { between, evenings, held, per100 } from './differences.js';
import { splits } from './splits.js';

function said(why: Why): string {
  switch (why.code) {
    case 'unseen':
      return `not seen in ${why.n} attempts on ${evenings(why.evenings)}`;
    case 'first':
      return `seen on ${evenings(why.evenings)}`;
    case 'seen':
    case 'rarer':
      return `seen in ${why.seen} of the last ${why.of} evenings that could show it`;
    case 'lower':
      return `was ${per100(why.earlier)} per 100, now ${per100(why.later)}: fewer by ${between(why)}`;
    case 'gone':
      return `not seen in the last ${why.n} attempts on ${evenings(why.evenings)}: at most ${per100(why.high)} per 100, and under ${per100(why.below)} counts as gone`;
  }
}

/** What is said where it is rarer than recurring asks for, and the state is what it was: too little is known to change it. */
const STILL: Partial<Record<FaultState, string>> = {
  recurring: 'It recurs still, since too little was looked at to say that it fades',
  returned: 'It is back still, since too little was looked at to say that it fades',
  fading: 'It fades still',
  cleared: 'It stays cleared',
};

/** What is said of each state, with what decided on it. */
const STATE_SAYS: Record<FaultState, (why: string) => string> = {
  clear: (why) => `Looked for: ${why}.`,
  new: (why) => `New: ${why}.`,
  recurring: (why) => `It recurs: ${why}.`,
  fading: (why) => `It fades, more than by chance: ${why}.`,
  cleared: (why) => `Cleared: ${why}.`,
  returned: (why) => `It was cleared, and is back: ${why}.`,
};

/** What a fault does over a season, by how much it differs, and where it shows: one room, as one page needs both. */
export const recurrence = {
  ...splits,
  recurrence: {
    states: {
      returned: 'back again',
      recurring: 'recurring',
      new: 'new',
      fading: 'fading',
      noted: 'noted, without a rate',
      cleared: 'cleared',
      clear: 'looked for, not seen',
    },
    why: (why: Why, state: FaultState): string => {
      const still = why.code === 'rarer' ? STILL[state] : undefined;
      return still === undefined ? STATE_SAYS[state](said(why)) : `${still}: ${said(why)}.`;
    },
    review: (more: number): string => `Next review after ${more} more ${more === 1 ? 'evening' : 'evenings'} that could show it.`,
    lately: (all: Difference): string => held(all, 'In the last evenings', 'before'),
    sinceBreak: (all: Break & Difference): string =>
      held(all, `Since the break of ${Math.round(all.days / 7)} weeks, ${all.from} to ${all.to},`, 'in the evenings before it'),
    limits: 'usual range',
    outside: 'outside it',
    limitsSay: 'The usual range is where an evening would lie if it went on as in those before it; on its edge is inside.',
  },
};
