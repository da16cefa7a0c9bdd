import type { WeekLoad } from '@hopsk/core/evidence/load';
import * as z from 'zod/mini';
import { Id, type Wire } from './common.js';

const count = z.nullable(z.number());
const Week = z.object({
  ...{ from: z.string(), evenings: z.int(), rated: z.int(), load: count, monotony: count, strain: count },
  ...{ landings: count, lunges: count, notKept: z.int(), mostLandings: z.int(), loadRise: count, landingsRise: count },
}) satisfies z.ZodMiniType<WeekLoad>;

/** What an athlete's weeks weigh, the latest last, and the last evenings of which nobody said how hard they were, each by its last run. */
export const AthleteLoad = z.object({
  athleteId: Id,
  /** Runs, the oldest ones, of which it is not counted yet what was done. */
  uncounted: z.int(),
  weeks: z.array(Week),
  unsaid: z.array(z.object({ id: Id, name: z.string(), day: z.string() })),
});
export type AthleteLoad = Wire<typeof AthleteLoad>;
