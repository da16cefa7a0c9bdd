import * as z from 'zod/mini';

/** What opens what is sealed to oneself: PKCS #8, base64url. */
export const SealKey = z.object({ key: z.string().check(z.maxLength(400)) });
