import {
  EVENINGS_AT_ONCE,
  readLogFile,
  readTable,
  ROWS_AT_ONCE,
  type KnownRow,
  type LogImported,
  type LogRow,
  type ReadTable,
} from '@hopsk/contract/log-table';
import type { FieldProblem } from '@hopsk/contract/problem';
import { grouped } from '@hopsk/core/grouped';
import { faultCalled } from '@hopsk/words/naming';
import Papa from 'papaparse';

/** Whom a table can be about. */
export interface Person {
  readonly id: string;
  readonly name: string;
}

/** What becomes of a line of a table: a row of somebody, or why it is refused. */
export type Line =
  | { readonly line: number; readonly row: LogRow; readonly known: KnownRow }
  | { readonly line: number; readonly row: LogRow | null; readonly wrong: readonly FieldProblem[] };

export interface Looked extends Pick<ReadTable, 'missing' | 'unknown'> {
  readonly lines: readonly Line[];
  /** What is wrong with the whole file; null: nothing. */
  readonly whole: FieldProblem | null;
}

/** Lines that are read at most. */
const MOST_LINES = 20_000;

/**
 * What a file or a pasted table holds: CSV with any separator, what a spreadsheet copies, or the JSON that goes out.
 * @param people of the club, by whose names rows are given to them
 * @param whose of whom rows without a name are; null: of nobody, which refuses them
 */
export function lookInto(text: string, people: readonly Person[], whose: string | null): Looked {
  const table = /^\s*\{/.test(text) ? fromJson(text) : fromCells(text);
  if (table.lines.length > MOST_LINES)
    return { missing: [], unknown: [], lines: [], whole: { path: 'rows', code: 'too-many', values: { most: MOST_LINES } } };
  const named = grouped(people, ({ name }) => name.trim().toLowerCase());
  const lines = table.lines.map((one): Line => {
    if ('wrong' in one) return { ...one, row: null };
    const { line, row } = one;
    const all = row.athlete === '' ? people.filter(({ id }) => id === whose) : (named.get(row.athlete.trim().toLowerCase()) ?? []);
    const [who, ...others] = all;
    if (who && others.length === 0) return { line, row, known: { ...row, athlete: who.id } };
    const problem: FieldProblem =
      others.length > 0
        ? { path: 'athlete', code: 'several', values: {} }
        : row.athlete === ''
          ? { path: 'athlete', code: 'nobody', values: {} }
          : { path: 'athlete', code: 'unknown-athlete', values: { id: row.athlete } };
    return { line, row, wrong: [problem] };
  });
  return { ...table, lines };
}

type Found = ReadTable & Pick<Looked, 'whole'>;

function fromJson(text: string): Found {
  const { lines, wrong } = readLogFile(text, faultCalled);
  return { missing: [], unknown: [], lines, whole: wrong[0] ?? null };
}

/** Where a quotation mark is not closed, what follows it is one cell: nothing is read then. */
function fromCells(text: string): Found {
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''));
  const torn = errors.find(({ type }) => type === 'Quotes');
  if (torn) return { missing: [], unknown: [], lines: [], whole: { path: 'rows', code: 'quotes', values: { line: (torn.row ?? 0) + 1 } } };
  return { ...readTable(data, faultCalled), whole: null };
}

/** Rows as they are sent: whole days together, as many rows and evenings as are taken at once. Null where one day alone has more. */
export function batchesOf(rows: readonly KnownRow[]): KnownRow[][] | null {
  const batches: { rows: KnownRow[]; evenings: number }[] = [];
  for (const day of grouped(rows, (row) => row.day).values()) {
    const evenings = new Set(day.map(({ evening }) => evening)).size;
    if (day.length > ROWS_AT_ONCE || evenings > EVENINGS_AT_ONCE) return null;
    const last = batches.at(-1);
    if (last && last.rows.length + day.length <= ROWS_AT_ONCE && last.evenings + evenings <= EVENINGS_AT_ONCE) {
      last.rows.push(...day);
      last.evenings += evenings;
    } else batches.push({ rows: [...day], evenings });
  }
  return batches.map((batch) => batch.rows);
}

export type EveningLooked = LogImported['evenings'][number];
