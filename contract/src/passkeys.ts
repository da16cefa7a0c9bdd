import * as z from 'zod/mini';
import { Id, line, type Wire } from './common.js';

/** By what somebody signs in: by either; by their password and a passkey; by a passkey alone. */
export const SIGN_IN_BY = ['either', 'both', 'passkey'] as const;
const By = z.enum(SIGN_IN_BY);
export type SignInBy = (typeof SIGN_IN_BY)[number];

/** Why there are no passkeys where the page was opened: by an address, by a certificate of the house, or over plain HTTP. */
const PASSKEYS_NOT = ['address', 'home-made', 'plain'] as const;
export type PasskeysNot = (typeof PASSKEYS_NOT)[number];

/** A passkey of one's own; `at`: the name of the server that it is for. */
export const Passkey = z.object({ id: Id, name: z.string(), at: z.string(), since: z.string(), used: z.nullable(z.string()) });
export type Passkey = Wire<typeof Passkey>;

/** One's passkeys, by what one signs in, and the name that this page was opened by, or why passkeys do not work by it. */
export const Passkeys = z.object({
  here: z.string(),
  not: z.nullable(z.enum(PASSKEYS_NOT)),
  by: By,
  keys: z.array(Passkey),
});
export type Passkeys = Wire<typeof Passkeys>;

const password = z.string().check(z.maxLength(200));
/** Whoever changes how they sign in says who they are. */
export const PasskeyBegin = z.object({ password });
export const SignInByChange = z.object({ by: By, password });

const bytes = (most: number) => z.string().check(z.minLength(1), z.maxLength(most), z.regex(/^[\w-]+$/));
const credential = { id: bytes(1400), rawId: bytes(1400), type: z.literal('public-key') };

/** What an authenticator answers, as W3C Web Authentication Level 3 writes it in JSON: a new passkey … */
export const PasskeyAdd = z.object({
  name: line(60),
  response: z.object({
    ...credential,
    response: z.object({
      clientDataJSON: bytes(4000),
      attestationObject: bytes(20_000),
      transports: z._default(z.array(z.string().check(z.maxLength(30))).check(z.maxLength(10)), []),
    }),
  }),
});
/** … and one that is used. */
export const PasskeyUse = z.object({
  response: z.object({
    ...credential,
    response: z.object({ clientDataJSON: bytes(4000), authenticatorData: bytes(4000), signature: bytes(4000) }),
  }),
});
