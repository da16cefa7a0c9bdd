import { SIDES } from '@hopsk/core/body/foot';
import * as z from 'zod/mini';
import { field } from './problem.js';

/** What a schema reads, to be looked at and never changed in place. */
export type Wire<S extends z.ZodMiniType> = Kept<z.output<S>>;
type Kept<T> = T extends object ? { readonly [K in keyof T]: Kept<T[K]> } : T;

/** Ids are made where the record is made, on a phone without a network too. */
export const Id = z.uuid(field('id', {}));

/** Characters that no name or note needs: controls, halves of characters, and the marks that turn the reading direction of what follows. */
const UNSEEN = /[\p{Cc}\p{Cs}\u202a-\u202e\u2066-\u2069]/u;

/** Characters that no text can be kept with: the end of a text for some programs, and halves of characters. */
const unkept = (typed: string): boolean => typed.includes('\u0000') || /\p{Cs}/u.test(typed);

/** Things in things that are kept; deeper ones nobody sends, and whoever looks into them runs out of room. */
const DEEPEST = 60;

/**
 * Whether a value as it came can be kept as it is, whatever it holds.
 * @example [keepable({ a: ['b'] }), keepable({ a: '\ud83d' })] // [true, false]
 */
export const keepable = (value: unknown, depth = 0): boolean => {
  if (typeof value === 'string') return !unkept(value);
  if (typeof value !== 'object' || value === null) return true;
  return depth < DEEPEST && Object.entries(value).every(([key, one]) => !unkept(key) && keepable(one, depth + 1));
};

/** A line of text that people typed: any language and emoji, no control characters, trimmed. */
export const line = (most: number) =>
  z.string().check(
    z.trim(),
    z.minLength(1, field('empty', {})),
    z.maxLength(most),
    z.refine((text) => !UNSEEN.test(text), field('unseen', {})),
  );

/** As `line`, but may be empty. */
export const note = (most: number) =>
  z.string().check(
    z.trim(),
    z.maxLength(most),
    z.refine((text) => !UNSEEN.test(text), field('unseen', {})),
  );

/** Any text, of several lines too, as it was typed. */
export const text = (most: number) =>
  z.string().check(
    z.maxLength(most),
    z.refine((typed) => !unkept(typed), field('unseen', {})),
  );

/** Optional text in a fixed code alphabet, such as a fault or stance code. */
export const Code = z.string().check(z.regex(/^[a-z0-9-]{1,40}$/, field('code', {})));

/** What every record that is kept has beside what was typed: when it was put away, if so, and when it was saved last. */
export const KEPT = { archivedAt: z.nullable(z.iso.datetime()), savedAt: z.optional(z.iso.datetime()) };

/** There was no year 0. */
const inTime = z.refine<string>((said) => !said.startsWith('0000'), field('day', {}));
export const Day = z.iso.date(field('day', {})).check(inTime);
/** A time of day in the hall: 18:30. */
export const Time = z.string().check(z.regex(/^([01]\d|2[0-3]):[0-5]\d$/, field('time', {})));
export const Moment = z.iso.datetime().check(inTime);

/** How often a record was saved; 0: never. */
export const Version = z.int().check(z.gte(0), z.lte(2_000_000_000));
export const SideName = z.enum(SIDES);

/** A number between two bounds, both said in the message. */
export const between = (low: number, high: number, unit = '') => {
  const said = field('between', { low, high, unit });
  return z.number(field('number', {})).check(z.gte(low, said), z.lte(high, said));
};

export const whole = (low: number, high: number) => {
  const said = field('between', { low, high, unit: '' });
  return z.int(field('whole', {})).check(z.gte(low, said), z.lte(high, said));
};
