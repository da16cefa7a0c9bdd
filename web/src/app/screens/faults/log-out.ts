import { LOG_COLUMNS, type LogFile, type LogRow } from '@hopsk/contract/log-table';
import Papa from 'papaparse';

/** Where nothing is a number of its own. */
const COUNTS: readonly (keyof LogRow)[] = ['attempts', 'faulty', 'noted', 'left', 'right'];

/** Rows as a table for a spreadsheet or the command line: no cell of it is taken for a formula. */
export const asCsv = (rows: readonly LogRow[]): string =>
  Papa.unparse(
    {
      fields: [...LOG_COLUMNS],
      data: rows.map((row) => LOG_COLUMNS.map((column) => (row[column] === 0 && !COUNTS.includes(column) ? '' : row[column]))),
    },
    { escapeFormulae: true },
  );

/** The same rows as JSON. */
export const asJson = (rows: readonly LogRow[]): string => JSON.stringify({ format: 'hopsk-log', version: 1, rows } satisfies LogFile);
