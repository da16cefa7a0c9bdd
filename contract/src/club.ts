import { LENGTH_UNITS } from '@hopsk/core/body/length';
import * as z from 'zod/mini';
import { between, Id, line, type Wire } from './common.js';
import { field } from './problem.js';
import { OwnViewsSchema } from './views.js';

const Email = z.pipe(
  z.email(field('email', {})).check(z.maxLength(120)),
  z.transform((address) => address.toLowerCase()),
);
/** Characters of a password, at least; at most so many that hashing it cannot be made a burden. */
export const LEAST_PASSWORD = 10;
const Password = z.string().check(z.minLength(LEAST_PASSWORD), z.maxLength(200));

/**
 * What somebody of a club may do. An owner: everything, and alone who belongs to it, and its file; a coach: all of the coaching; an assistant:
 * runs and taps, and reads what a run needs; a reader: the fault books of athletes whom an owner named.
 */
export const ROLES = ['owner', 'coach', 'assistant', 'reader'] as const;
export type Role = (typeof ROLES)[number];
const RoleName = z.enum(ROLES);

export const SignIn = z.object({ email: Email, password: z.string().check(z.minLength(1, field('empty', {})), z.maxLength(200)) });
export const Setup = z.object({ club: line(80), name: line(80), email: Email, password: Password });

/** Athletes named to a reader; others read whom their role lets them. */
const Named = z._default(z.array(Id).check(z.maxLength(100)), []);
/** Somebody new: they choose their password by the link that is made for them. */
export const Invitation = z.object({ name: line(80), email: Email, role: RoleName, athletes: Named });
export type Invitation = Wire<typeof Invitation>;
/** Somebody as an owner has them from now on; `gone`: taken out of the club. */
export const CoachChange = z.object({ role: RoleName, gone: z.boolean(), athletes: Named });
export type CoachChange = Wire<typeof CoachChange>;

const secret = z.string().check(z.regex(/^[\w-]{43}$/, field('code', {})));
export const WayInAsked = z.object({ secret });
export const WayInUsed = z.object({ secret, password: Password });
/** What a link leads to. */
export const WayIn = z.object({ club: z.string(), name: z.string(), email: z.string(), invited: z.boolean() });
export type WayIn = Wire<typeof WayIn>;
/** A link, to be handed over: it works once, until then. Only here is its secret said. */
export const WayInMade = z.object({ secret: z.string(), until: z.string() });
export type WayInMade = Wire<typeof WayInMade>;

export const PasswordChange = z.object({ old: z.string().check(z.maxLength(200)), password: Password });

const Units = z.enum(LENGTH_UNITS);
export const Settings = z.object({ units: Units, tapDelay: between(0, 3, 's'), views: z._default(OwnViewsSchema, {}) });
export type Settings = Wire<typeof Settings>;

export const Me = z.object({
  coach: z.object({ id: Id, name: z.string(), role: z._default(RoleName, 'coach'), ...Settings.shape }),
  club: z.object({ id: Id, name: z.string(), demo: z.boolean() }),
});
export type Me = Wire<typeof Me>;

/** Somebody of the club: invited and not in yet where they wait, no more in it where they are gone. */
export const Coach = z.object({
  id: Id,
  name: z.string(),
  email: z.string(),
  role: RoleName,
  gone: z.boolean(),
  waits: z.boolean(),
  athletes: z.array(Id),
});
export type Coach = Wire<typeof Coach>;

/** A device on which somebody is signed in. */
export const SignedIn = z.object({
  id: z.string(),
  /** When it began, and until when it lasts at most. */
  began: z.string(),
  until: z.string(),
  /** What the browser calls itself, in two words. */
  device: z.string(),
  here: z.boolean(),
});
export type SignedIn = Wire<typeof SignedIn>;

/** What the sign-in screen offers on this server. */
export const Door = z.object({ setup: z.boolean(), demo: z.boolean() });
export type Door = Wire<typeof Door>;

/** How a phone reaches this server. */
export const Phone = z.object({ lan: z.boolean(), secure: z.boolean(), addresses: z.array(z.object({ url: z.string(), qr: z.string() })) });
export type Phone = Wire<typeof Phone>;
