import { LENGTH_UNITS } from '@hopsk/core/body/length';
import * as z from 'zod/mini';
import { between, Id, line, type Wire } from './common.js';
import { field } from './problem.js';
import { OwnViewsSchema } from './views.js';

export const Email = z.pipe(
  z.email(field('email', {})).check(z.maxLength(120)),
  z.transform((address) => address.toLowerCase()),
);
/** Characters of a password, at least; at most so many that hashing it cannot be made a burden. */
export const LEAST_PASSWORD = 10;
export const Password = z.string().check(z.minLength(LEAST_PASSWORD), z.maxLength(200));

/**
 * What somebody of a club may do. An owner: everything, and alone who belongs to it, and its file; a coach: all of the coaching; an assistant:
 * runs and taps, and reads what a run needs; a reader: the fault books of athletes whom an owner named.
 */
export const ROLES = ['owner', 'coach', 'assistant', 'reader'] as const;
export type Role = (typeof ROLES)[number];
export const RoleName = z.enum(ROLES);

export const SignIn = z.object({ email: Email, password: z.string().check(z.minLength(1, field('empty', {})), z.maxLength(200)) });
export const Setup = z.object({ club: line(80), name: line(80), email: Email, password: Password });

export const PasswordChange = z.object({ old: z.string().check(z.maxLength(200)), password: Password });

const Units = z.enum(LENGTH_UNITS);
export const Settings = z.object({ units: Units, tapDelay: between(0, 3, 's'), views: z._default(OwnViewsSchema, {}) });
export type Settings = Wire<typeof Settings>;

export const Me = z.object({
  coach: z.object({ id: Id, name: z.string(), role: z._default(RoleName, 'coach'), ...Settings.shape }),
  club: z.object({ id: Id, name: z.string(), demo: z.boolean() }),
  /** To what this coach's is sealed on a device that they left: a raw point of P-256, base64url; '' from an earlier server, or where its disk is full. */
  sealTo: z._default(z.string().check(z.maxLength(100)), ''),
});
export type Me = Wire<typeof Me>;

/** What the sign-in screen offers on this server. */
export const Door = z.object({ setup: z.boolean(), demo: z.boolean(), passkeys: z._default(z.boolean(), false) });
export type Door = Wire<typeof Door>;
