import type { BookEntry } from '@hopsk/core/evidence/book';
import * as z from 'zod/mini';
import { Id, type Wire } from './common.js';

const share = z.nullable(z.number());
const Interval = z.object({ low: z.number(), high: z.number() });
const counts = { attempts: z.int(), faulty: z.int(), noted: z.int(), left: z.int(), right: z.int() };

const Entry = z.object({
  fault: z.string(),
  ...counts,
  rate: share,
  interval: z.nullable(z.extend(Interval, { of: z.enum(['session', 'sessions']), deff: z.number(), rho: z.number() })),
  seenSessions: z.int(),
  couldShow: z.int(),
  lastSeen: z.nullable(z.string()),
  decision: z.enum(['next', 'stay', 'back', 'not enough']),
  sessions: z.array(z.object({ day: z.string(), fault: z.string(), ...counts, rate: share, interval: z.nullable(Interval) })),
}) satisfies z.ZodMiniType<BookEntry>;

/** The fault book of one athlete, with how much was looked at and praised. */
export const Book = z.object({
  athleteId: Id,
  from: z.nullable(z.string()),
  to: z.nullable(z.string()),
  sessions: z.int(),
  praise: z.int(),
  entries: z.array(Entry),
  /** Of attempts that several devices watched alike for a fault: how many, and in how many they did not say the same. */
  agreement: z._default(z.array(z.object({ fault: z.string(), shared: z.int(), disagree: z.int() })), []),
});
export type Book = Wire<typeof Book>;
