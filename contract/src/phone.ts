import * as z from 'zod/mini';
import type { Wire } from './common.js';

/** How a phone reaches this server. */
export const Phone = z.object({
  lan: z.boolean(),
  secure: z.boolean(),
  addresses: z.array(z.object({ url: z.string(), qr: z.string() })),
  /** SHA-256 of the certificate that phones are told to trust; null where there is none to be told about. */
  authority: z.nullable(z.string()),
});
export type Phone = Wire<typeof Phone>;
