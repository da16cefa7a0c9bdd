import * as z from 'zod/mini';
import { whole } from './common.js';

const number = whole(1, 10_000);

/** With which language and engine of ours something is read as it is sent; where it is not said, those of today. */
export const ReadWith = { language: z.optional(number), engine: z.optional(number) };
/** With which language and engine something that was saved was read. */
export const WasReadWith = { language: z._default(z.int(), 1), engine: z._default(z.int(), 1) };
