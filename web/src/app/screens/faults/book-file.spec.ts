import { faultBook } from '@hopsk/core/evidence/book';
import { parse } from 'papaparse';
import { bookAsCsv } from './book-file';

describe('a fault book as a table', () => {
  it('adds up to the same book again, evenings of one day apart', () => {
    const tally = { attempts: 20, faulty: 3, noted: 1, left: 2, right: 0 };
    const book = faultBook([
      { ...tally, day: '2026-11-03', evening: 1, fault: 'tall' },
      { ...tally, day: '2026-11-03', evening: 2, fault: 'tall', faulty: 5 },
      { ...tally, day: '2026-11-10', evening: 3, fault: 'split-late' },
    ]);
    const { data } = parse<Record<string, string>>(bookAsCsv(book), { header: true });
    const again = faultBook(
      data.map(({ day = '', evening = '', fault = '', ...counts }) => {
        const n = (name: string): number => Number(counts[name]);
        const numbers = { attempts: n('attempts'), faulty: n('faulty'), noted: n('noted'), left: n('left'), right: n('right') };
        return { ...numbers, day, evening: Number(evening || 1), fault };
      }),
    );
    expect(again).toEqual(book);
    expect(data.map(({ day, evening }) => [day, evening])).toContain(['2026-11-03', '2']);
  });
});
