import type { Together as CoreTogether } from '@hopsk/core/evidence/together';
import * as z from 'zod/mini';

/** Two faults of an athlete, over the runs in which both could be seen. */
export const Together = z.object({
  ...{ fault: z.string(), other: z.string(), runs: z.int(), chance: z.number(), found: z.boolean() },
  ...{ both: z.int(), one: z.int(), second: z.int(), neither: z.int() },
}) satisfies z.ZodMiniType<CoreTogether>;
