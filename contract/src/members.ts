import * as z from 'zod/mini';
import { Email, Password, RoleName } from './club.js';
import { Id, line, type Wire } from './common.js';
import { field } from './problem.js';

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
