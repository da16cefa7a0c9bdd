import type { LogRow } from '@hopsk/contract/log-table';
import { batchesOf, lookInto } from './log-in';
import { asCsv, asJson } from './log-out';

const PEOPLE = [
  { id: 'a', name: 'Ada' },
  { id: 'b', name: 'Bo' },
  { id: 'b2', name: 'bo' },
];
const row = (more: Partial<LogRow> = {}): LogRow => ({
  ...{ day: '2026-11-03', evening: '', athlete: 'Ada', fault: 'split-late', attempts: 20, faulty: 4, noted: 0, left: 3, right: 1 },
  ...{ stage: 'Corner, slow', kind: 'fed', cueing: 'called', implement: 'with', tempo: 1.5, set: 1, round: 2, third: 3 },
  ...{ way: 'written', direction: 'ahead left', view: 'side', opponent: 'right', source: 'film' },
  ...more,
});
const wrongs = (text: string, whose: string | null = null) =>
  lookInto(text, PEOPLE, whose).lines.map((one) =>
    'wrong' in one ? `${one.line} ${one.wrong.map(({ path, code }) => `${path} ${code}`).join()}` : 'row',
  );

describe('a table on its way in', () => {
  it('what went out comes in as it was, as CSV and as JSON', () => {
    const rows = [row(), row({ evening: '2', athlete: 'Ada', tempo: 0, third: 0, stage: '=1+1', kind: '', view: '' }), row({ faulty: 0 })];
    for (const text of [asCsv(rows), asJson(rows)]) {
      const { lines, missing, unknown, whole } = lookInto(text, PEOPLE, null);
      expect([missing, unknown, whole]).toEqual([[], [], null]);
      const came = lines.map((one) => ('known' in one ? one.known : one));
      expect(came).toEqual(rows.map((one) => ({ ...one, athlete: 'a' })));
    }
  });

  it('gives each row to whom it names, and refuses what it cannot give or read, with its line', () => {
    const head = 'day\tathlete\tfault\tattempts\tfaulty\n';
    const of = (name: string, more = 'split late\t20\t4') => `${head}2026-11-03\t${name}\t${more}\n`;
    expect(wrongs(of('ada'))).toEqual(['row']);
    expect(wrongs(of('bo'))).toEqual(['2 athlete several']);
    expect(wrongs(of('Nobody'))).toEqual(['2 athlete unknown-athlete']);
    expect(wrongs(of(''))).toEqual(['2 athlete nobody']);
    expect(wrongs(of(''), 'a')).toEqual(['row']);
    expect(wrongs(of('Ada', 'flying\t20\t4'))).toEqual(['2 fault unknown-fault']);
    expect(wrongs(of('Ada', 'tall\t20\t21'))).toEqual(['2 faulty above-attempts']);
    expect(wrongs(`${head}\n\n2026-11-31\tAda\ttall\tmany\t1\n`)).toEqual(['4 day day,attempts whole']);
    expect(lookInto('name,score\nAda,3', PEOPLE, null)).toEqual(
      jasmine.objectContaining({ missing: ['day', 'fault', 'attempts', 'faulty'], unknown: ['score'], lines: [] }),
    );
    // What follows a mark that is not closed would be one cell.
    expect(lookInto(`${head}2026-11-03\t"Ada\ttall\t20\t1\n2026-11-04\tAda\ttall\t20\t1\n`, PEOPLE, null)).toEqual(
      jasmine.objectContaining({ lines: [], whole: { path: 'rows', code: 'quotes', values: { line: 2 } } }),
    );
    expect(lookInto('{"format":"x"', PEOPLE, null).whole?.code).toBe('not-json');
    expect(lookInto('{"format":"hopsk-log","version":1,"rows":[{}]}', PEOPLE, null).whole?.path).toContain('rows.0');
    expect(lookInto(`day,fault,attempts,faulty\n${'2026-11-03,tall,5,1\n'.repeat(20_001)}`, PEOPLE, 'a').whole?.code).toBe('too-many');
  });

  it('days of a spreadsheet are read where they can be one day only', () => {
    const day = (said: string) => {
      const [one] = lookInto(`date;fault;n;hits\n${said};tall;5;1`, PEOPLE, 'a').lines;
      return one && 'known' in one ? one.known.day : null;
    };
    expect(['2026-11-03', '3.11.2026', '13/11/2026', '11/13/2026', '4/4/2026', '3/11/2026', 'today'].map(day)).toEqual([
      '2026-11-03',
      '2026-11-03',
      '2026-11-13',
      '2026-11-13',
      '2026-04-04',
      null,
      null,
    ]);
  });

  it('is sent day by day together, no more at once than is taken', () => {
    const known = (day: number, n: number) => Array.from({ length: n }, () => ({ ...row({ day: `2026-11-0${day}` }), athlete: 'a' }));
    expect(batchesOf([...known(1, 1500), ...known(2, 400), ...known(3, 300)])?.map((batch) => batch.length)).toEqual([1900, 300]);
    expect(batchesOf(known(1, 2001))).toBeNull();
    expect(batchesOf([])).toEqual([]);
    const many = Array.from({ length: 130 }, (_, i) => ({
      ...row({ day: new Date(Date.UTC(2026, 0, 1 + i)).toISOString().slice(0, 10) }),
      athlete: 'a',
    }));
    expect(batchesOf(many)?.map((batch) => batch.length)).toEqual([60, 60, 10]);
  });
});
