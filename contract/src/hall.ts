import { NOTATION_LIMITS } from '@hopsk/core/language/limits';
import * as z from 'zod/mini';
import { Code, Id, line, SideName, text, type Wire } from './common.js';
import { counted, moment, ofRun, RunPlan, touchMs, wallClock } from './run.js';
import { Teaching } from './teaching.js';

/** What a code of a run is made of: what is easily told apart on a screen and by ear, and how many of them. */
export const CODE_LETTERS = '23456789ABCDEFGHJKMNPQRSTUVWXYZ';
export const CODE_LENGTH = 8;

/** In any case, with blanks or a dash. */
const HallCode = z.pipe(
  z.pipe(
    z.string().check(z.maxLength(40)),
    z.transform((typed) => typed.toUpperCase().replace(/[^A-Z0-9]/g, '')),
  ),
  z.string().check(z.regex(new RegExp(`^[${CODE_LETTERS}]{${CODE_LENGTH}}$`))),
);
/**
 * A code as it was typed.
 * @example HallEntry.parse({ code: 'abcd-efgh' }) // { code: 'ABCDEFGH' }
 */
export const HallEntry = z.object({ code: HallCode });

/** The code of a run, shown once. */
export const RunCode = z.object({ code: z.string() });

/**
 * A run as a hall screen shows it: its plan without what is looked for, what its people are called there, and in which stances and words its
 * lines are read. Nothing that was seen of anybody.
 */
export const HallRun = z.object({
  id: Id,
  name: line(80),
  club: z.string(),
  plan: RunPlan,
  athletes: z.array(Id),
  /** What everybody is called, also who came later. */
  names: z.record(z.string(), z.string()),
  /** Rounds of one pattern: the line as it is written. */
  line: z.nullable(
    z.object({ steps: text(NOTATION_LIMITS.characters), school: Code, hand: SideName, lead: z.enum(['left', 'right', 'none']) }),
  ),
  stances: Teaching.shape.stances,
  moves: Teaching.shape.moves,
  events: z.array(z.unknown()),
  arrival: z.int(),
  /** The run's time (ms) as the server knows it, a little less than the truth; null before it began. */
  now: z.nullable(z.number()),
});
export type HallRun = Wire<typeof HallRun>;

/** What somebody's phone can be in a run: a light that is touched, or a counter of their own repetitions. */
export const PHONES_AS = ['light', 'counter'] as const;

/** As many as a phone sends at once: what it could not send before is sent together. */
export const SAID_AT_ONCE = 30;

const said = { id: Id, seq: z.int().check(z.gte(1), z.lte(100_000)), m: ofRun, at: wallClock };
/** One thing that it says. */
export const PhoneSaid = z.discriminatedUnion('kind', [
  z.object({ ...said, kind: z.literal('thing'), on: z.boolean() }),
  z.object({ ...said, kind: z.literal('reaction'), call: moment, ms: touchMs }),
  z.object({ ...said, kind: z.literal('reps'), n: counted }),
]);
/**
 * What a phone in somebody's hand says that came in by a run's code: that it takes part, what touch answered which call, and how many
 * repetitions were counted. Whose it is, the coach says.
 */
export const HallSaid = z.object({
  thing: Id,
  as: z.enum(PHONES_AS),
  said: z.array(PhoneSaid).check(z.maxLength(SAID_AT_ONCE)),
});
export type HallSaid = Wire<typeof HallSaid>;

/** How far what a phone said is stored without a gap, and what its owner is called; null: the coach has not said whose it is. */
export const HallHeard = z.object({ stored: z.int(), called: z.nullable(z.string()) });
export type HallHeard = Wire<typeof HallHeard>;
