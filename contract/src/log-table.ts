import { SIDES } from '@hopsk/core/body/foot';
import { VIEWS } from '@hopsk/core/catalogue/fault';
import { SOURCES } from '@hopsk/core/log/event';
import { DIRECTIONS } from '@hopsk/core/plan/direction';
import { CUEINGS, IMPLEMENTS, STAGE_KINDS } from '@hopsk/core/plan/exercise';
import * as z from 'zod/mini';
import { between, Code, Day, Id, line, note, whole, type Wire } from './common.js';
import { field, fieldsOf, type FieldProblem } from './problem.js';

const count = whole(0, 100_000);
const place = whole(0, 1000);
const oneOf = <const T extends string>(known: readonly T[]) => z.enum([...known, '']);

/** What one evening, or a part of it, says of one fault of somebody; '', 0: not given. */
const part = {
  day: Day,
  /** Which, where a day has several. */
  evening: z._default(note(40), ''),
  fault: Code,
  ...{ attempts: count, faulty: count },
  ...{ noted: z._default(count, 0), left: z._default(count, 0), right: z._default(count, 0) },
  stage: z._default(note(80), ''),
  ...{ kind: z._default(oneOf(STAGE_KINDS), ''), cueing: z._default(oneOf(CUEINGS), ''), implement: z._default(oneOf(IMPLEMENTS), '') },
  tempo: z._default(z.union([z.literal(0), between(0.25, 4)]), 0),
  ...{ set: z._default(place, 0), round: z._default(place, 0), third: z._default(whole(0, 3), 0) },
  ...{ way: z._default(oneOf(['written', 'other']), ''), direction: z._default(oneOf(DIRECTIONS), ''), view: z._default(oneOf(VIEWS), '') },
  ...{ opponent: z._default(oneOf(SIDES), ''), source: z._default(oneOf(SOURCES), '') },
};
const notMore = z.refine<{ readonly attempts: number; readonly faulty: number }>(({ attempts, faulty }) => faulty <= attempts, {
  error: field('above-attempts', {}),
  path: ['faulty'],
});

/** A row of a log as a table: whose by their name as the club has it, '' where the table is of one alone. */
export const LogRow = z.object({ ...part, athlete: z._default(note(80), '') }).check(notMore);
export type LogRow = Wire<typeof LogRow>;

/** The columns of such a table, in the order in which it is written. */
export const LOG_COLUMNS = [
  ...(['day', 'evening', 'athlete', 'fault', 'attempts', 'faulty', 'noted', 'left', 'right'] as const),
  ...(['stage', 'kind', 'cueing', 'implement', 'tempo', 'set', 'round', 'third', 'way', 'direction', 'view'] as const),
  ...(['opponent', 'source'] as const),
] satisfies readonly (keyof LogRow)[];
const NEEDED = ['day', 'fault', 'attempts', 'faulty'] as const satisfies readonly (keyof LogRow)[];

/** A log as JSON: the same rows. */
export const LogFile = z.object({
  format: z.literal('hopsk-log'),
  version: z.literal(1),
  rows: z.array(LogRow).check(z.maxLength(50_000)),
});
export type LogFile = Wire<typeof LogFile>;

/** Words that spreadsheets have for the columns. */
const ALSO: Readonly<Record<string, keyof LogRow>> = {
  ...{ date: 'day', name: 'athlete', player: 'athlete', code: 'fault', n: 'attempts', tries: 'attempts', watched: 'attempts' },
  ...{ hits: 'faulty', seen: 'faulty', 'with the fault': 'faulty', exercise: 'stage', drill: 'stage' },
};
const NUMBERS: readonly (keyof LogRow)[] = ['attempts', 'faulty', 'noted', 'left', 'right', 'tempo', 'set', 'round', 'third'];

/** A line of a table, counted from 1: what it says, or what is wrong with it. */
type ReadLine = { readonly line: number; readonly row: LogRow } | { readonly line: number; readonly wrong: readonly FieldProblem[] };

export interface ReadTable {
  /** Columns that it needs and does not have: nothing is read then. */
  readonly missing: readonly (keyof LogRow)[];
  /** Columns that mean nothing here. */
  readonly unknown: readonly string[];
  readonly lines: readonly ReadLine[];
}

/**
 * Reads a table whose first row names its columns, in any order, in our words or those of a spreadsheet; a cell that is empty is not
 * given. Days as 2026-11-28 or 28.11.2026; where a day has slashes, only if it can be one alone. Nothing is left out in silence.
 * @param cells rows of cells, the first with the names
 * @param faultOf the code of a fault by its code or by what somebody calls it; undefined where nobody does
 */
export function readTable(cells: readonly (readonly string[])[], faultOf: (said: string) => string | undefined): ReadTable {
  const heads = (cells[0] ?? []).map((head) => head.trim().toLowerCase());
  const columns = heads.map(
    (head) => LOG_COLUMNS.find((column) => column === head) ?? (Object.hasOwn(ALSO, head) ? ALSO[head] : undefined),
  );
  const missing = NEEDED.filter((column) => !columns.includes(column));
  const known = once(faultOf);
  const unknown = heads.filter((head, i) => head !== '' && columns[i] === undefined);
  if (missing.length > 0) return { missing, unknown, lines: [] };
  const lines = cells.slice(1).flatMap((row, i): ReadLine[] => {
    const given = row.flatMap((cell, k) => {
      const column = columns[k];
      return column && cell.trim() !== '' ? [[column, valueOf(column, cell.trim(), known)] as const] : [];
    });
    if (given.length === 0) return [];
    const said = Object.fromEntries(given);
    const read = LogRow.safeParse(said);
    return [read.success ? ofKnownFault(i + 2, read.data, known) : { line: i + 2, wrong: fieldsOf(read.error, said) }];
  });
  return { missing, unknown, lines };
}

/** Reads the same rows as JSON; `wrong` is what is wrong with the whole of it, where it cannot be read. Lines are counted from 1. */
export function readLogFile(
  text: string,
  faultOf: (said: string) => string | undefined,
): { readonly lines: readonly ReadLine[]; readonly wrong: readonly FieldProblem[] } {
  let given: unknown;
  try {
    given = JSON.parse(text);
  } catch {
    return { lines: [], wrong: [{ path: '', code: 'not-json', values: {} }] };
  }
  const read = LogFile.safeParse(given);
  if (!read.success) return { lines: [], wrong: fieldsOf(read.error, given) };
  const known = once(faultOf);
  return { lines: read.data.rows.map((row, i) => ofKnownFault(i + 1, row, known)), wrong: [] };
}

const ofKnownFault = (line: number, row: LogRow, faultOf: (said: string) => string | undefined): ReadLine =>
  faultOf(row.fault) === undefined ? { line, wrong: [{ path: 'fault', code: 'unknown-fault', values: {} }] } : { line, row };

/** The same few faults are said in every row: each is looked up once. */
function once(faultOf: (said: string) => string | undefined): (said: string) => string | undefined {
  const known = new Map<string, string | undefined>();
  return (said) => {
    if (!known.has(said)) known.set(said, faultOf(said));
    return known.get(said);
  };
}

function valueOf(column: keyof LogRow, cell: string, faultOf: (said: string) => string | undefined): string | number {
  if (column === 'fault') return faultOf(cell) ?? cell;
  if (column === 'day') return dayOf(cell);
  // What is no number is said to be none.
  if (NUMBERS.includes(column)) return /^\d+([.,]\d+)?$/.test(cell) ? Number(cell.replace(',', '.')) : NaN;
  // What would be taken for a formula has a mark before it in tables that go out.
  return cell.replace(/^'(?=[=+\-@])/, '');
}

/** A day as spreadsheets write it, as we do; what may be two days stays as it was, and is none. */
function dayOf(cell: string): string {
  const [, first, mark, second, year] = /^(\d{1,2})([./-])(\d{1,2})\2(\d{4})$/.exec(cell) ?? [];
  if (first === undefined || second === undefined || year === undefined) return cell;
  const [a, b] = [Number(first), Number(second)];
  const [day, month] = mark === '.' || a > 12 || a === b ? [a, b] : b > 12 ? [b, a] : [NaN, NaN];
  return Number.isNaN(day) ? cell : `${year}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
}

/** A row whose athlete is known. */
const KnownRow = z.object({ ...part, athlete: Id }).check(notMore);
export type KnownRow = Wire<typeof KnownRow>;

/** Rows that are sent at once, of whole evenings. */
export const ROWS_AT_ONCE = 2000;
export const EVENINGS_AT_ONCE = 60;

/** Rows to be added, under which name, or only looked at. */
export const LogImport = z.object({
  name: line(60),
  look: z.boolean(),
  rows: z.array(KnownRow).check(
    z.minLength(1, field('too-few', { least: 1 })),
    z.maxLength(ROWS_AT_ONCE),
    z.refine(
      (rows) => new Set(rows.map(({ day, evening }) => `${day} ${evening}`)).size <= EVENINGS_AT_ONCE,
      field('too-many', { most: EVENINGS_AT_ONCE }),
    ),
  ),
});
export type LogImport = Wire<typeof LogImport>;

/** What became, or would become, of each evening: new, or there from the same rows before, and as which runs; and how many other runs its day has. */
export const LogImported = z.object({
  evenings: z.array(
    z.object({
      ...{ day: z.string(), evening: z.string(), athletes: z.int(), rows: z.int(), attempts: z.int() },
      is: z.enum(['new', 'there']),
      runs: z.array(Id),
      others: z.int(),
    }),
  ),
});
export type LogImported = Wire<typeof LogImported>;

/** Rows of an athlete are asked for by days, some runs at a time: from so manieth on. */
export const RowsAsked = z.object({
  ...{ from: z.optional(Day), to: z.optional(Day) },
  after: z._default(z.coerce.number().check(z.int(), z.gte(0), z.lte(1_000_000)), 0),
});

/**
 * The log of one athlete as rows, how many of their runs are not counted part by part yet and not in it, and from where to go on; null:
 * that was the last of it.
 */
export const AthleteRows = z.object({ uncounted: z.int(), rows: z.array(LogRow), next: z.nullable(z.int()) });
export type AthleteRows = Wire<typeof AthleteRows>;
