import type { Tally } from '@hopsk/core/log/count';
import * as z from 'zod/mini';
import { Id, type Wire } from './common.js';

/** As many runs as are looked at, or counted anew, by one request. */
export const RECOUNT_AT_ONCE = 50;

const count = z.int().check(z.gte(0));
/** What a run says of one fault of one athlete. */
export const RunTally = z.object({
  athlete: Id,
  fault: z.string(),
  ...{ attempts: count, faulty: count, again: count, noted: count, left: count, right: count },
}) satisfies z.ZodMiniType<Tally>;

/**
 * How many runs stand by the rules of their day, how many more count faults otherwise than their club does now, one as another or as
 * itself again, and the number of today's rules.
 */
export const RecountLeft = z.object({ earlier: count, merged: z._default(count, 0), rules: count });
export type RecountLeft = Wire<typeof RecountLeft>;

/** Runs after an id; null: from the first. */
export const RecountAsked = z.object({ after: z._default(z.nullable(Id), null) });

/** A run that is counted otherwise than it would be now, and what would change: of each athlete and fault before and now; null where there was, or is, nothing. */
export const RecountRun = z.object({
  id: Id,
  name: z.string(),
  day: z.string(),
  rules: count,
  changes: z.array(z.object({ before: z.nullable(RunTally), now: z.nullable(RunTally) })),
});
export type RecountRun = Wire<typeof RecountRun>;

/** Some of them, in the order of their ids; none after the last. */
export const RecountPage = z.array(RecountRun);

/** Runs that are to be counted by today's rules. */
export const Recount = z.object({ runs: z.array(Id).check(z.minLength(1), z.maxLength(RECOUNT_AT_ONCE)) });

/** How many of them were counted anew; the others stand by today's rules already, or are not the club's. */
export const Recounted = z.object({ counted: count });
