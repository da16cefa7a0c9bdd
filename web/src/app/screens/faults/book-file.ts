import type { BookEntry } from '@hopsk/core/evidence/book';
import Papa from 'papaparse';

const COLUMNS = ['day', 'evening', 'fault', 'attempts', 'faulty', 'noted', 'left', 'right'] as const;

/**
 * The book of one athlete as the table that the command line reads (docs/cli.md): a row an evening and fault. A file may leave the club,
 * names may not: it does not say whose it is.
 */
export function bookAsCsv(entries: readonly Pick<BookEntry, 'fault' | 'sessions'>[]): string {
  const data = entries.flatMap(({ sessions }) =>
    sessions.map((session, i) => {
      // Two evenings of one day are told apart by their number.
      const number = sessions.slice(0, i).filter(({ day }) => day === session.day).length;
      return COLUMNS.map((column) => (column === 'evening' ? (number === 0 ? '' : String(number + 1)) : session[column]));
    }),
  );
  return Papa.unparse({ fields: [...COLUMNS], data }, { escapeFormulae: true });
}
