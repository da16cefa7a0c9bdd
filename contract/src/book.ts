import type { BookEntry } from '@hopsk/core/evidence/book';
import { BOOK_RULES } from '@hopsk/core/evidence/book-rules';
import type { CameOf } from '@hopsk/core/evidence/decisions';
import type { FirstToFix } from '@hopsk/core/evidence/first-to-fix';
import { SPLITS, type Splits as CoreSplits } from '@hopsk/core/evidence/splits';
import { SOURCES } from '@hopsk/core/log/event';
import { STAGE_KINDS } from '@hopsk/core/plan/exercise';
import * as z from 'zod/mini';
import { BookNumbers } from './book-numbers.js';
import { Code, Day, Id, line, type Wire } from './common.js';
import { CauseMap } from './cause-map.js';
import { Decision } from './decisions.js';
import { Together } from './together.js';

const share = z.nullable(z.number());
const Interval = z.object({ low: z.number(), high: z.number() });
export const Clustered = z.extend(Interval, { of: z.enum(['session', 'sessions']), deff: z.number(), rho: z.number() });
const Limits = z.nullable(Interval);
const Difference = z.object({ earlier: z.number(), later: z.number(), value: z.number(), low: z.number(), high: z.number() });
const Why = z.discriminatedUnion('code', [
  z.object({ code: z.literal('unseen'), evenings: z.int(), n: z.int() }),
  z.object({ code: z.literal('first'), evenings: z.int(), more: z.int() }),
  z.object({ code: z.enum(['seen', 'rarer']), seen: z.int(), of: z.int(), asked: z.int() }),
  z.extend(Difference, { code: z.literal('lower') }),
  z.object({ code: z.literal('gone'), evenings: z.int(), n: z.int(), high: z.number(), below: z.number() }),
]);
const Running = z.object({
  ...{ decision: z.enum(['next', 'stay', 'back']), decidedAfter: z.nullable(z.int()), restarts: z.array(z.int()) },
  ...{ ratio: z.number(), limits: z.object({ next: z.number(), back: z.number() }), more: z.nullable(z.int()) },
  ...{ after: z.nullable(z.string()), on: z.nullable(z.string()) },
});
const Came = z.object({
  ...{
    evenings: z.int(),
    since: z.object({ hits: z.int(), n: z.int() }),
    until: z.nullable(z.string()),
    difference: z.nullable(Difference),
  },
}) satisfies z.ZodMiniType<CameOf>;
const found = { state: z.enum(['clear', 'new', 'recurring', 'fading', 'cleared', 'returned']), why: Why };
const counts = { attempts: z.int(), faulty: z.int(), noted: z.int(), left: z.int(), right: z.int() };

const Entry = z.object({
  fault: z.string(),
  ...counts,
  rate: share,
  interval: z.nullable(Clustered),
  seenSessions: z.int(),
  couldShow: z.int(),
  lastSeen: z.nullable(z.string()),
  recurrence: z.object({ ...found, reviews: z.array(z.object({ after: z.int(), ...found })), next: z.int() }),
  lately: z.nullable(Difference),
  sinceBreak: z._default(z.nullable(z.extend(Difference, { from: z.string(), to: z.string(), days: z.int() })), null),
  decision: z.enum(['next', 'stay', 'back', 'not enough']),
  running: Running,
  lookAgain: z.nullable(z.object({ due: z.string(), weeks: z.int() })),
  recent: z._default(z.object({ hits: z.int(), n: z.int() }), { hits: 0, n: 0 }),
  since: z._default(z.int(), 0),
  earlier: z._default(z.int(), 0),
  sessions: z.array(
    z.object({ day: z.string(), fault: z.string(), ...counts, rate: share, interval: z.nullable(Interval), limits: Limits }),
  ),
}) satisfies z.ZodMiniType<BookEntry>;

const First = z.object({
  ...{ fault: z.string(), rate: z.number(), safety: z.boolean(), focus: z.boolean(), cost: z._default(z.number(), 1), evenings: z.int() },
  drags: z.array(z.object({ fault: z.string(), share: z.number() })),
}) satisfies z.ZodMiniType<FirstToFix>;

/** The fault book of one athlete, with how much was looked at and praised. */
export const Book = z.object({
  athleteId: Id,
  from: z.nullable(z.string()),
  to: z.nullable(z.string()),
  sessions: z.int(),
  praise: z.int(),
  /** Of these sessions, those that are not told one by one; all of them can be asked for. */
  earlier: z._default(z.int(), 0),
  entries: z.array(Entry),
  /** Runs, the oldest ones, whose parts are not counted yet: what comes together in them is not known. */
  uncounted: z._default(z.int(), 0),
  /** What was decided, and what came of it, the latest first. */
  decisions: z._default(z.array(z.extend(Decision, { came: Came })), []),
  /** What to fix first, two or three, and why. */
  first: z._default(z.array(First), []),
  /** What can cause what, and whether the log bears it out. */
  causes: z._default(CauseMap, { nodes: [], links: [], others: [] }),
  /** Of attempts that several devices watched alike for a fault: how many, and in how many they did not say the same. */
  agreement: z._default(z.array(z.object({ fault: z.string(), shared: z.int(), disagree: z.int() })), []),
  /** By which numbers it is read. */
  numbers: z._default(BookNumbers, BOOK_RULES),
});
export type Book = Wire<typeof Book>;

const Compared = z.nullable(z.extend(Difference, { of: z.readonly(z.tuple([z.int(), z.int()])), shared: z.int(), leftOut: z.int() }));
const Splits = z.object({
  third: Compared,
  round: Compared,
  left: Compared,
  right: Compared,
  sides: z.nullable(z.extend(Clustered, { left: z.int(), right: z.int(), share: z.number() })),
  by: z.array(
    z.object({
      by: z.enum(SPLITS),
      rows: z.array(
        z.object({ value: z.string(), attempts: z.int(), faulty: z.int(), rate: z.number(), interval: Clustered, against: Compared }),
      ),
      notGiven: z.int(),
      others: z.int(),
    }),
  ),
}) satisfies z.ZodMiniType<CoreSplits>;

/** A kind of stage in which an athlete was watched for a fault from a day on, and what came after; null: not watched on both sides of it. */
export const Remedy = z.object({ athleteId: Id, kind: z.enum(STAGE_KINDS), day: Day, difference: z.nullable(Difference) });
export type Remedy = Wire<typeof Remedy>;
/** The same of everybody, the latest first, and how many runs are not in it yet. */
export const FaultRemedies = z.object({ fault: z.string(), remedies: z.array(Remedy), uncounted: z.int() });
/** As many are given, of runs of so many years. */
export const REMEDIES = { atOnce: 400, years: 2 } as const;
export type FaultRemedies = Wire<typeof FaultRemedies>;
/** What was decided of one fault, of everybody, and what came after; the latest first. */
export const FaultDecisions = z.object({ fault: z.string(), decisions: z.array(z.extend(Decision, { athleteId: Id, came: Came })) });
export type FaultDecisions = Wire<typeof FaultDecisions>;
/** As many as are given. */
export const DECISIONS_AT_ONCE = 100;

/** Of what alone a book is read; what is not given is everything. `done` is what was done, by its name. */
const narrowed = {
  ...{ from: z.optional(Day), to: z.optional(Day) },
  ...{ done: z.optional(line(300)), kind: z.optional(z.enum(STAGE_KINDS)), coach: z.optional(Id) },
  source: z.optional(z.enum(SOURCES)),
};
export const BookAsked = z.object(narrowed);
export type BookAsked = Wire<typeof BookAsked>;
/** The same, and whether all evenings are told one by one: without it the last ones are. */
export const BookRead = z.extend(BookAsked, { evenings: z.optional(z.literal('all')) });
export type BookRead = Wire<typeof BookRead>;
/** As many of an athlete's evenings are told one by one. */
export const EVENINGS_TOLD = 120;

/** By what an athlete's book can be narrowed. */
export const BookChoices = z.object({
  done: z.array(z.string()),
  kinds: z.array(z.enum(STAGE_KINDS)),
  sources: z.array(z.enum(SOURCES)),
  coaches: z.array(z.object({ id: Id, name: z.string() })),
});
export type BookChoices = Wire<typeof BookChoices>;

/** Which runs stand behind a number of one fault: those of an evening, by its day, of a value of a split, or those in which another could be seen too. */
export const RunsAsked = z.union([
  z.object({ ...narrowed, day: Day }),
  z.object({ ...narrowed, by: z.enum(SPLITS), value: z.string().check(z.minLength(1), z.maxLength(300)) }),
  z.object({ with: Code }),
]);
export type RunsAsked = Wire<typeof RunsAsked>;
/** Runs, the oldest first, with what each says of one fault of an athlete; of two faults: of the occasions with the one, those with both. */
export const RunsBehind = z.array(
  z.object({ id: Id, name: z.string(), startedAt: z.string(), attempts: z.int(), faulty: z.int(), again: z.int(), noted: z.int() }),
);
export type RunsBehind = Wire<typeof RunsBehind>;

/** Where one fault of an athlete shows, and what it comes together with. */
export const FaultDetail = z.object({
  athleteId: Id,
  fault: z.string(),
  /** Runs, the oldest ones, whose parts are not counted yet: asked for again, some of them are. */
  uncounted: z.int(),
  splits: Splits,
  /** Pairs with this fault that occurred often enough to be asked. */
  together: z.array(Together),
});
export type FaultDetail = Wire<typeof FaultDetail>;
