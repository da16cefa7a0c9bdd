import * as z from 'zod/mini';
import { Id, type Wire } from './common.js';

/**
 * What may be otherwise than a page knows it: a run has events up to an arrival, a record has a version, or somebody another role or
 * none. Whoever wants to know asks.
 */
export const Hint = z.union([
  z.object({ run: Id, arrival: z.int() }),
  z.object({ record: z.enum(['athlete', 'pattern', 'session']), id: Id, version: z.int() }),
  z.object({ member: Id }),
]);
export type Hint = Wire<typeof Hint>;
