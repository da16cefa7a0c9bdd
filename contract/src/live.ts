import * as z from 'zod/mini';
import { Id, type Wire } from './common.js';

/** Records whose lists a page shows. */
export const HINTED = ['athlete', 'pattern', 'session', 'teaching'] as const;

/** What may be otherwise than a page knows it: a run has events up to an arrival, or a record was saved. Whoever wants to know asks. */
export const Hint = z.union([z.object({ run: Id, arrival: z.int() }), z.object({ record: z.enum(HINTED) })]);
export type Hint = Wire<typeof Hint>;
