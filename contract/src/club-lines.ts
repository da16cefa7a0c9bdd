import * as z from 'zod/mini';
import { CLUB_FILE, CLUB_LINES_VERSION } from './club-format.js';
import { Id, line, type Wire } from './common.js';
import { DecisionRecord } from './decisions.js';
import { PatternSave } from './pattern-draft.js';
import { AthleteSave } from './people.js';
import { field, FieldSaid, Problem } from './problem.js';
import { EVENTS_LIMITS, RunEvent, RunHead } from './run.js';
import { FilmKept } from './films.js';
import { RecordedWord } from './recorded-words.js';
import { SessionSave } from './session-draft.js';
import { ReadWith } from './read-with.js';
import { Teaching } from './teaching.js';

/**
 * A club file is lines of JSON: first a head, then one record a line, last how many of each there were and a hash of all bytes before
 * that line. The events of a run follow its head, some a line.
 */
export const ClubHead = z.object({
  format: z.literal(CLUB_FILE, field('not-ours', {})),
  version: z.literal(CLUB_LINES_VERSION, field('other-version', {})),
  club: z.object({ name: line(80) }),
  ...ReadWith,
});

/** What a line may hold, by its one key. */
export const CLUB_RECORDS = {
  /** What the club teaches; a club that has its own keeps it. */
  teaching: z.omit(Teaching, { version: true }),
  athlete: AthleteSave,
  /** Somebody who was erased: whatever a file says of them is left out. */
  erased: z.object({ id: Id }),
  /** Whoever was erased, as one run has them. */
  somebody: z.object({ id: Id, run: Id }),
  pattern: PatternSave,
  session: SessionSave,
  run: RunHead,
  /** What was decided of an athlete who stands before it. */
  decision: DecisionRecord,
  /** A word of the clock in a coach's own voice; a club that has its own keeps it. */
  word: RecordedWord,
  /** What was marked in a clip; a club that has its own of that clip keeps it. */
  film: z.omit(FilmKept, { version: true }),
  /** Events of a run that stands before them. */
  log: z.object({ run: Id, events: z.array(RunEvent).check(z.minLength(1), z.maxLength(EVENTS_LIMITS.most)) }),
};
type Schemas = typeof CLUB_RECORDS;
export type ClubRecord = { [K in keyof Schemas]: { readonly kind: K; readonly record: Wire<Schemas[K]> } }[keyof Schemas];

const count = z.int().check(z.gte(0));

/** The last line. */
export const ClubEnd = z.object({
  end: z.object({
    counts: z.object({ athletes: count, patterns: count, sessions: count, runs: count, events: count }),
    sha256: z.string().check(z.regex(/^[0-9a-f]{64}$/)),
  }),
});
export type ClubCounts = Wire<typeof ClubEnd>['end']['counts'];

const tally = z.object({ added: count, known: count });

/** What a file adds, and what of it is there already: known ones (same id) are left as they are. */
export const Imported = z.object({ athletes: tally, patterns: tally, sessions: tally, runs: tally, events: tally });
export type Imported = Wire<typeof Imported>;

/** A line, counted from 1, that is left out, and why. */
const Refused = z.object({ line: count, fields: z.array(FieldSaid) });
export type Refused = Wire<typeof Refused>;

/** As many refused lines as are told one by one. */
export const REFUSED_TOLD = 50;

/** Characters of a passphrase for a club file, at least. */
export const LEAST_PASSPHRASE = 12;
const passphrase = (least: number) => z.string().check(z.minLength(least), z.maxLength(200));

/** The club as a file: sealed with a passphrase, or, with null, as it is. */
export const ExportAsk = z.object({ passphrase: z.nullable(passphrase(LEAST_PASSPHRASE)) });
/** Where it can be fetched, once. */
export const ExportReady = z.object({ id: Id });
/** What a sealed file that came in is opened with. */
export const ImportOpen = z.object({ passphrase: passphrase(1) });

/**
 * A club file on its way in: looked through, then added when the coach says so; a sealed one waits for its
 * passphrase first. `whole`: as it was written, cut off, changed since, or
 * of an earlier version, which says nothing of that.
 */
export const ImportNow = z.object({
  id: Id,
  state: z.enum(['sealed', 'reading', 'read', 'adding', 'added', 'failed']),
  /** How much of it was gone through, 0 to 1. */
  through: z.number(),
  club: z.string(),
  whole: z.enum(['whole', 'cut', 'changed', 'earlier']),
  counts: Imported,
  /** People of this club that the file says were erased: adding it erases them here. */
  erases: z._default(count, 0),
  refused: z.object({ count, told: z.array(Refused) }),
  /** Why nothing was added, or a sealed one not opened. */
  problem: z.nullable(Problem),
});
export type ImportNow = Wire<typeof ImportNow>;
