import type { SessionTally } from '@hopsk/core/evidence/book';
import { runPartsOf, type PartRow } from '@hopsk/core/evidence/run-parts';
import type { RunPart } from '@hopsk/core/evidence/splits';
import { grouped } from '@hopsk/core/grouped';
import Papa from 'papaparse';
import * as z from 'zod';
import type { Source } from './commands.js';
import { BadInput } from './options.js';

/** Rows and problems that are read and told at most. */
const MOST = { rows: 50_000, told: 20 } as const;

const count = z.coerce
  .number('is not a number')
  .pipe(z.int('is not a whole number').min(0, 'is less than 0').max(100_000, 'is more than 100000'));
const place = count.pipe(z.number().max(1000, 'is more than 1000')).default(0);
const word = z.string().trim().max(120, 'is longer than 120 characters').default('');

/** A row: what one evening, or a part of it, says of one fault of one athlete. */
const Row = z
  .object({
    day: z.iso.date('is no day such as 2026-11-28'),
    evening: word,
    athlete: word,
    fault: z.string().regex(/^[a-z0-9-]{1,40}$/, 'is no code such as split-late'),
    ...{ attempts: count, faulty: count },
    ...{ noted: count.default(0), left: count.default(0), right: count.default(0) },
    ...{ stage: word, kind: word, cueing: word, implement: word, tempo: z.coerce.number('is not a number').min(0).max(10).default(0) },
    ...{ set: place, round: place, third: count.pipe(z.number().max(3, 'is more than 3')).default(0) },
    ...{ way: word, direction: word, view: word },
  })
  .refine(({ attempts, faulty }) => faulty <= attempts, { error: 'is more than there were attempts', path: ['faulty'] });
type Row = z.infer<typeof Row>;

/** Columns that every table has. */
const NEEDED = ['day', 'fault', 'attempts', 'faulty'] as const;

/** What a log says of one athlete. */
export interface AthleteLog {
  readonly athlete: string;
  readonly tallies: readonly SessionTally[];
  partsOf(fault: string): RunPart[];
}

/**
 * A log as a table with a first row of names, separated by commas, semicolons or tabs; what docs/cli.md describes. Athletes in the order
 * in which they come. @throws BadInput with file, line and column of what cannot be read: nothing of it is left out in silence.
 */
export function readLog({ name, text }: Source): AthleteLog[] {
  const { data, errors, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (head) => head.trim().toLowerCase(),
  });
  const missing = NEEDED.filter((column) => meta.fields?.includes(column) !== true);
  if (missing.length > 0) throw new BadInput(`${name}:1: there is no column ${missing.join(', ')}.`);
  if (data.length > MOST.rows) throw new BadInput(`${name} has more than ${MOST.rows} rows.`);
  // A row that ends early leaves cells out, which is no problem of its own.
  const wrong = errors.filter(({ code }) => code !== 'TooFewFields' && code !== 'UndetectableDelimiter');
  const problems = wrong.map(({ row, message }) => `${name}:${(row ?? 0) + 2}: ${message}`);
  const rows = data.flatMap((one, i): Row[] => {
    // An empty cell is one that is not given.
    const read = Row.safeParse(
      Object.fromEntries(Object.entries(one).filter(([, cell]) => typeof cell === 'string' && cell.trim() !== '')),
    );
    if (read.success) return [read.data];
    problems.push(...read.error.issues.map(({ path, message }) => `${name}:${i + 2}: ${String(path[0])} ${message}`));
    return [];
  });
  const more = problems.length - MOST.told;
  if (problems.length > 0) throw new BadInput([...problems.slice(0, MOST.told), ...(more > 0 ? [`… and ${more} more.`] : [])].join('\n'));
  const parts = grouped(partRows(rows), ({ athlete, fault }) => `${athlete} ${fault}`);
  const evenings = new Map([...new Set(rows.map(eveningOf))].map((evening, i) => [evening, i]));
  return [...grouped(rows, ({ athlete }) => athlete)].map(([athlete, of]) => ({
    athlete,
    // Evenings of one day in the order in which they come.
    tallies: of.map((row) => ({ ...row, evening: evenings.get(eveningOf(row)) ?? 0 })),
    partsOf: (fault) => runPartsOf(parts.get(`${athlete} ${fault}`) ?? [], (run) => run),
  }));
}

const eveningOf = ({ day, evening }: Row): string => `${day} ${evening}`.trim();

/** Rows as stored parts: an exercise is what was done in an evening, with as many sets and rounds as anybody had in it. */
function partRows(rows: readonly Row[]): (PartRow & Row)[] {
  return [...grouped(rows, (row) => `${eveningOf(row)} ${row.stage}`).values()].flatMap((exercise, i) => {
    const most = (of: 'set' | 'round'): number => exercise.reduce((highest, row) => Math.max(highest, row[of]), 0);
    const [sets, rounds] = [most('set'), most('round')];
    return exercise.map((row) => {
      const run = eveningOf(row);
      return { ...row, run, began: run, name: '', exercise: i, tempo: row.tempo, sets, rounds };
    });
  });
}
