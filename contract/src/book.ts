import type { BookEntry } from '@hopsk/core/evidence/book';
import * as z from 'zod';
import { Id, type Wire } from './common.js';

const share = z.number().nullable();
const Interval = z.object({ low: z.number(), high: z.number() });
const counts = { attempts: z.int(), faulty: z.int(), noted: z.int(), left: z.int(), right: z.int() };

const Entry = z.object({
  fault: z.string(),
  ...counts,
  rate: share,
  interval: Interval.extend({ of: z.enum(['session', 'sessions']), deff: z.number(), rho: z.number() }).nullable(),
  seenSessions: z.int(),
  couldShow: z.int(),
  lastSeen: z.string().nullable(),
  decision: z.enum(['next', 'stay', 'back', 'not enough']),
  sessions: z.array(z.object({ day: z.string(), fault: z.string(), ...counts, rate: share, interval: Interval.nullable() })),
}) satisfies z.ZodType<BookEntry>;

/** The fault book of one athlete, with how much was looked at and praised. */
export const Book = z.object({
  athleteId: Id,
  from: z.string().nullable(),
  to: z.string().nullable(),
  sessions: z.int(),
  praise: z.int(),
  entries: z.array(Entry),
});
export type Book = Wire<typeof Book>;
