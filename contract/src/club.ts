import { LENGTH_UNITS } from '@hopsk/core/body/length';
import * as z from 'zod/mini';
import { between, Id, line, type Wire } from './common.js';
import { field } from './problem.js';
import { OwnViewsSchema } from './views.js';

const Email = z.pipe(
  z.email(field('email', {})).check(z.maxLength(120)),
  z.transform((address) => address.toLowerCase()),
);
/** Long enough to be safe, short enough that hashing it cannot be made a burden. */
/** Characters of a password, at least. */
export const LEAST_PASSWORD = 10;
const Password = z.string().check(z.minLength(LEAST_PASSWORD), z.maxLength(200));

export const SignIn = z.object({ email: Email, password: z.string().check(z.minLength(1, field('empty', {})), z.maxLength(200)) });
export const Setup = z.object({ club: line(80), name: line(80), email: Email, password: Password });
export const CoachDraft = z.object({ name: line(80), email: Email, password: Password });
export const PasswordChange = z.object({ old: z.string().check(z.maxLength(200)), password: Password });

const Units = z.enum(LENGTH_UNITS);
export const Settings = z.object({ units: Units, tapDelay: between(0, 3, 's'), views: z._default(OwnViewsSchema, {}) });
export type Settings = Wire<typeof Settings>;

export const Me = z.object({
  coach: z.object({ id: Id, name: z.string(), ...Settings.shape }),
  club: z.object({ id: Id, name: z.string(), demo: z.boolean() }),
});
export type Me = Wire<typeof Me>;

export const Coach = z.object({ id: Id, name: z.string(), email: z.string() });
export type Coach = Wire<typeof Coach>;

/** What the sign-in screen offers on this server. */
export const Door = z.object({ setup: z.boolean(), demo: z.boolean() });
export type Door = Wire<typeof Door>;

/** How a phone reaches this server. */
export const Phone = z.object({ lan: z.boolean(), secure: z.boolean(), addresses: z.array(z.object({ url: z.string(), qr: z.string() })) });
export type Phone = Wire<typeof Phone>;
