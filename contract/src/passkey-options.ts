import * as z from 'zod/mini';
import type { Wire } from './common.js';

/** What a browser gives its authenticator, as the server made it. */
export const PasskeyOptions = z.looseObject({ challenge: z.string() });
export type PasskeyOptions = Wire<typeof PasskeyOptions>;
/** The password was right, and a passkey is asked for as well. */
export const PasskeyNext = z.object({ passkey: PasskeyOptions });
