import { NOTATION_LIMITS } from '@hopsk/core/language/limits';
import * as z from 'zod/mini';
import { Code, Id, line, SideName, text, type Wire } from './common.js';
import { RunPlan } from './run.js';
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
