import type { Coverage as CoreCoverage } from '@hopsk/core/evidence/coverage';
import type { ResultRow as CoreRow } from '@hopsk/core/evidence/results';
import { RESULTS } from '@hopsk/core/log/event';
import * as z from 'zod/mini';
import { Day, Id, type Wire } from './common.js';

/** Of which days; without a first one a year. */
export const DaysAsked = z.object({ from: z.optional(Day), to: z.optional(Day) });
export type DaysAsked = Wire<typeof DaysAsked>;

const looked = { value: z.string(), attempts: z.int(), share: z.number() };
const Looked = z.array(z.object(looked));
const Coverage = z.object({
  ...{ attempts: z.int(), evenings: z.int() },
  stages: z.array(z.object({ ...looked, runs: z.int() })),
  ...{ ways: Looked, directions: Looked, views: Looked },
  notGiven: z.object({ way: z.int(), direction: z.int() }),
  faults: z.array(z.object({ fault: z.string(), attempts: z.int(), evenings: z.int(), last: z.string() })),
  never: z.array(z.string()),
}) satisfies z.ZodMiniType<CoreCoverage>;

const ResultRow = z.object({
  ...{ evening: z.string(), stage: z.string(), result: z.nullable(z.enum(RESULTS)) },
  ...{ clean: z.int(), faulty: z.int(), unwatched: z.int() },
}) satisfies z.ZodMiniType<CoreRow>;

/** What of an athlete was looked at in some days, and how often the ball or blade went where it should. */
export const LookedAt = z.object({
  athleteId: Id,
  /** Runs, the oldest ones, whose parts are not counted yet. */
  uncounted: z.int(),
  /** Of which days; null where there is no evening. */
  ...{ from: z.nullable(z.string()), to: z.nullable(z.string()) },
  coverage: Coverage,
  results: z.array(ResultRow),
});
export type LookedAt = Wire<typeof LookedAt>;
