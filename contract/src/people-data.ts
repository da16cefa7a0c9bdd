import * as z from 'zod/mini';
import { AGREEMENTS } from './agreement.js';
import { Id, line, Version, type Wire } from './common.js';
import { Decision } from './decisions.js';
import { HALL_NAMES } from './hall-names.js';
import { Athlete } from './people.js';

/** What one did with what is kept of people. */
export const LOOKS = ['looked', 'run', 'changed', 'given-out', 'erased', 'club-out', 'club-in', 'rules'] as const;

/** One thing that somebody did, as often as they did it within an hour. */
export const Look = z.object({
  id: z.int(),
  at: z.string(),
  lastAt: z.string(),
  times: z.int(),
  what: z.enum(LOOKS),
  /** Null: the club's own rules did. */
  who: z.nullable(z.string()),
  athleteId: z.nullable(Id),
  /** Null: nobody by name, or erased since. */
  athlete: z.nullable(z.string()),
  runId: z.nullable(Id),
  run: z.nullable(z.string()),
  day: z.nullable(z.string()),
});
export type Look = Wire<typeof Look>;

/** Which of them are wanted: before one, of one athlete. */
export const LooksAsked = z.object({
  before: z._default(z.nullable(z.coerce.number().check(z.int(), z.gte(1), z.lte(Number.MAX_SAFE_INTEGER))), null),
  athlete: z._default(z.nullable(Id), null),
});
/** As many as are given at once. */
export const LOOKS_AT_ONCE = 50;

const months = z.int().check(z.gte(1), z.lte(600));

/** How long a club keeps what, in months; null: until somebody takes it away. */
export const PeopleRules = z.object({
  version: Version,
  /** Runs, with all that was seen in them. */
  runs: z.nullable(months),
  /** Athletes who were put away; then they are erased. */
  left: z.nullable(months),
  /** Who looked at whom. */
  looks: months,
  agreement: z.enum(AGREEMENTS),
  /** How people are called on a hall screen; null: as before. */
  hall: z._default(z.nullable(z.enum(HALL_NAMES)), null),
  /** Whether those under 16 are called so too; null: as before. */
  hallUnder16: z._default(z.nullable(z.boolean()), null),
  /** Days for which clips may be kept with the club; 0: they stay on the devices that filmed them; null: as before. */
  clips: z._default(z.nullable(z.int().check(z.gte(0), z.lte(365))), null),
});
export type PeopleRules = Wire<typeof PeopleRules>;

/** As a club has them that never changed any. */
export const USUAL_RULES: PeopleRules = {
  version: 0,
  runs: null,
  left: null,
  looks: 24,
  agreement: 'none',
  hall: 'first',
  hallUnder16: false,
  clips: 0,
};

/** What becomes of what is kept of an athlete when they are erased. */
export const Erasure = z.object({
  /** Runs in which they were alone: they go whole. */
  alone: z.int(),
  /** Runs of fewer than `LEAST_BEHIND` people: nothing stays that was seen of them. */
  few: z.int(),
  /** Runs of more: what was seen stays, of somebody. */
  many: z.int(),
  /** A run with them that is under way; then nobody is erased. */
  underWay: z.nullable(z.string()),
  /** Where else their name stands: nothing of that is changed. */
  mentions: z.array(
    z.object({ kind: z.enum(['run', 'session', 'pattern', 'note', 'decision', 'film']), day: z.nullable(z.string()), text: z.string() }),
  ),
});
export type Erasure = Wire<typeof Erasure>;

/** Totals stay where at least so many people stand behind them (the club cannot tell then whose they were; common practice, no source). */
export const LEAST_BEHIND = 5;

/** Erasing takes the athlete's name as it stands, typed. */
export const EraseAsked = z.object({ name: line(80) });

/** The first key of a file with all that a club keeps of one athlete. */
export const ATHLETE_FILE = 'hopsk-athlete';
/** How such a file is called: whose it is stands in it alone. */
export const ATHLETE_FILE_NAME = 'athlete.hopsk.json';

const count = z.int();
/** All that a club keeps of one athlete, and of nobody else. */
export const GivenOut = z.object({
  format: z.literal(ATHLETE_FILE),
  version: z.literal(1),
  madeAt: z.string(),
  club: z.string(),
  athlete: Athlete,
  /** Sessions that name them. */
  sessions: z.array(z.object({ id: Id, name: z.string() })),
  /** Who reads their fault book beside coaches. */
  readers: z.array(z.string()),
  /** Who looked at them, changed, gave out; the latest first. */
  looks: z.array(z.pick(Look, { at: true, lastAt: true, times: true, what: true, who: true, day: true, run: true })),
  /** What was decided of their faults, and why. */
  decisions: z._default(z.array(z.omit(Decision, { id: true })), []),
  runs: z.array(
    z.object({
      id: Id,
      name: z.string(),
      day: z.string(),
      startedAt: z.string(),
      steps: z.nullable(z.string()),
      praise: count,
      tallies: z.array(
        z.object({ fault: z.string(), attempts: count, faulty: count, again: count, noted: count, left: count, right: count }),
      ),
      /** What the log says of them, where it was asked for. */
      events: z.optional(z.array(z.unknown())),
    }),
  ),
  /** What was marked in film of them. */
  films: z._default(
    z.array(
      z.object({
        ...{ name: z.string(), day: z.nullable(z.string()), keptAt: z.string(), marks: count },
        /** Bytes of the clip itself, where it is with the club: it is saved from the film page. */
        held: z._default(z.nullable(z.number()), null),
        /** All of it, where it was asked for. */
        work: z.optional(z.unknown()),
      }),
    ),
    [],
  ),
});
export type GivenOut = Wire<typeof GivenOut>;

/** Whether the page wants all, or what it shows. */
export const GivenOutAsked = z.object({ events: z._default(z.enum(['yes', 'no']), 'yes') });
