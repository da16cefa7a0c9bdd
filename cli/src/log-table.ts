import { readLogFile, readTable, type LogRow, type ReadTable } from '@hopsk/contract/log-table';
import type { SessionTally } from '@hopsk/core/evidence/book';
import { runPartsOf, type PartRow } from '@hopsk/core/evidence/run-parts';
import type { RunPart } from '@hopsk/core/evidence/splits';
import { grouped } from '@hopsk/core/grouped';
import { faultCalled, inALine, saidFields } from '@hopsk/words/naming';
import Papa from 'papaparse';
import type { Source } from './commands.js';
import { BadInput } from './options.js';

/** Rows and problems that are read and told at most. */
const MOST = { rows: 50_000, told: 20 } as const;

/** What a log says of one athlete. */
export interface AthleteLog {
  readonly athlete: string;
  readonly tallies: readonly SessionTally[];
  partsOf(fault: string): RunPart[];
}

/**
 * A log as JSON, or as a table with a first row of names, separated by commas, semicolons or tabs; what docs/cli.md describes. Athletes in the order
 * in which they come. @throws BadInput with file, line and column of what cannot be read: nothing of it is left out in silence.
 */
export function readLog({ name, text }: Source): AthleteLog[] {
  const { missing, lines, torn } = /^\s*\{/.test(text) ? readJson(name, text) : readCells(text);
  if (missing.length > 0) throw new BadInput(`${name}:1: there is no column ${missing.join(', ')}.`);
  if (lines.length > MOST.rows) throw new BadInput(`${name} has more than ${MOST.rows} rows.`);
  const problems = torn.map(({ line, message }) => `${name}:${line}: ${message}`);
  const rows = lines.flatMap((one): LogRow[] => {
    if ('row' in one) return [one.row];
    problems.push(...saidFields(one.wrong).map(({ path, message }) => `${name}:${one.line}: ${path} ${message}`));
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

interface Lines extends Pick<ReadTable, 'missing' | 'lines'> {
  readonly torn: readonly { readonly line: number; readonly message: string }[];
}

function readCells(text: string): Lines {
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''));
  const torn = errors.filter(({ code }) => code !== 'UndetectableDelimiter').map(({ row, message }) => ({ line: (row ?? 0) + 1, message }));
  return { ...readTable(data, faultCalled), torn };
}

/** The same rows as JSON. @throws BadInput */
function readJson(name: string, text: string): Lines {
  const { lines, wrong } = readLogFile(text, faultCalled);
  if (wrong.length > 0) throw new BadInput(`${name}: ${inALine(saidFields(wrong))}`);
  return { missing: [], torn: [], lines };
}

const eveningOf = ({ day, evening }: LogRow): string => `${day} ${evening}`.trim();

/** Rows as stored parts: an exercise is what was done in an evening, with as many sets and rounds as anybody had in it. */
function partRows(rows: readonly LogRow[]): (PartRow & LogRow)[] {
  return [...grouped(rows, (row) => `${eveningOf(row)} ${row.stage}`).values()].flatMap((exercise, i) => {
    const most = (of: 'set' | 'round'): number => exercise.reduce((highest, row) => Math.max(highest, row[of]), 0);
    const [sets, rounds] = [most('set'), most('round')];
    return exercise.map((row) => {
      const run = eveningOf(row);
      return { ...row, run, began: run, name: '', exercise: i, sets, rounds };
    });
  });
}
