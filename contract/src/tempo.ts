import type { OwnTimes } from '@hopsk/core/motion/own-times';
import { TEMPO_KINDS } from '@hopsk/core/motion/tempo-kinds';
import * as z from 'zod/mini';
import { between, Day, whole, type Wire } from './common.js';

/** Where a time is from: typed by a coach, tapped to what was done, or read off a film. */
const TIMED_BY = ['typed', 'tapped', 'film'] as const;

/** What somebody takes for a move of one kind at its usual size: seconds, of how many, how far they spread (standard deviation), since when. */
export const OwnTime = z.object({
  seconds: between(0.05, 10, 's'),
  spread: z.nullable(between(0, 10, 's')),
  n: z.nullable(whole(1, 1000)),
  from: z.enum(TIMED_BY),
  day: Day,
});
export type OwnTime = Wire<typeof OwnTime>;

/** What an athlete takes for moves, by kind, as far as it was measured. */
export const OwnTempo = z.partialRecord(z.enum(TEMPO_KINDS), OwnTime);
export type OwnTempo = Wire<typeof OwnTempo>;

/** The seconds alone, as who does a line takes them. */
export const timesOf = (tempo: OwnTempo): OwnTimes =>
  Object.fromEntries(Object.entries(tempo).map(([kind, { seconds }]) => [kind, seconds]));
