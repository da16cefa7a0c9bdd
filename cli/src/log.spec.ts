import { clusteredWilson } from '@hopsk/core/evidence/likeness';
import { main } from './main.js';

async function run(argv: readonly string[], input: string): Promise<{ code: number; out: string; err: string }> {
  let out = '';
  let err = '';
  const code = await main(argv, { out: (text) => (out += text), err: (text) => (err += text), input: () => Promise.resolve(input) });
  return { code, out, err };
}

const HEAD = 'day,athlete,fault,attempts,faulty,left,right,stage,round,third';
/** Four evenings of two athletes; Ada tires on the left. */
const LOG = [
  HEAD,
  ...['03', '10', '17', '24'].flatMap((day) => [
    `2026-11-${day},Ada,split-late,20,1,1,0,Gather,1,1`,
    `2026-11-${day},Ada,split-late,20,9,8,1,Gather,1,3`,
    `2026-11-${day},Bo,knee-line,20,1,0,0,Lunge,1,1`,
    `2026-11-${day},Bo,tall,20,12,0,0,Lunge,1,1`,
  ]),
].join('\n');

interface Rates {
  readonly athletes: readonly {
    readonly athlete: string;
    readonly faults: readonly {
      readonly fault: string;
      readonly state: string;
      readonly faulty: number;
      readonly attempts: number;
      readonly interval: { readonly low: number; readonly high: number };
      readonly splits: { readonly third: { readonly low: number } | null; readonly left: { readonly low: number } | null };
    }[];
  }[];
}

describe('a log on the command line', () => {
  it('rates: the same as the book, with where it shows', async () => {
    const { athletes } = JSON.parse((await run(['rates', '--json'], LOG)).out) as Rates;
    expect(athletes.map(({ athlete }) => athlete)).toEqual(['Ada', 'Bo']);
    const [late] = athletes[0]?.faults ?? [];
    expect([late?.fault, late?.state, late?.faulty, late?.attempts]).toEqual(['split-late', 'recurring', 40, 160]);
    expect(late?.interval).toEqual(
      jasmine.objectContaining({ ...clusteredWilson(Array.from({ length: 4 }, () => ({ hits: 10, n: 40 }))) }),
    );
    expect([late?.splits.third?.low, late?.splits.left?.low].every((low) => (low ?? 0) > 0)).toBeTrue();
    expect((await run(['rates'], LOG)).out).toMatch(/^Ada\nsplit late +25\.0 per 100 \(\d+\.\d–\d+\.\d\), 40 of 160, recurring\n\nBo\n/);
  });

  it('decide and next: what the rule of thumb says, and what to fix first', async () => {
    const table = (await run(['decide'], LOG)).out;
    expect(table).toMatch(/knee line +move on; running test: move on, after 2 evenings\n[^]*Rule of thumb: 90 %/);
    expect(table).toMatch(/tall +step back; running test: step back, after 1 evening\n/);
    // From the last evening on there is less to go by.
    expect((await run(['decide', '--since', '2026-11-24'], LOG)).out).toMatch(
      /knee line +move on; running test: open; \d+ more clean attempts/,
    );
    const { athletes } = JSON.parse((await run(['next', '--json', '--focus', 'tall'], LOG)).out) as {
      athletes: { first: { fault: string; focus: boolean; remedy: string }[] }[];
    };
    // What can hurt comes first.
    expect(athletes[1]?.first.map(({ fault, focus }) => [fault, focus])).toEqual([
      ['knee-line', false],
      ['tall', true],
    ]);
    expect(athletes[1]?.first[0]?.remedy).toBe('lunge to a line');
    expect((await run(['next'], LOG)).out).toContain('it can hurt');
  });

  it('reads other separators, columns in any order, a mark of the byte order, and two evenings of one day', async () => {
    const text = '\uFEFFFaulty;attempts;fault;day;evening\n2;20;tall;2026-11-03;early\n3;20;tall;2026-11-03;late\n';
    const { athletes } = JSON.parse((await run(['decide', '--json'], text)).out) as { athletes: { faults: { couldShow: number }[] }[] };
    expect(athletes[0]?.faults[0]?.couldShow).toBe(2);
  });

  it('reads as many rows as it may in one evening, and no more', async () => {
    const rows = (n: number): string => `day,fault,attempts,faulty\n${'2026-11-03,tall,5,1\n'.repeat(n)}`;
    const { code, out } = await run(['rates'], rows(50_000));
    expect([code, out]).toEqual([0, jasmine.stringMatching(/^tall +20\.0 per 100 .*, 50000 of 250000, new$/)]);
    expect((await run(['rates'], rows(50_001))).err).toBe('standard input has more than 50000 rows.');
  });

  it('reads days and columns as a spreadsheet has them, faults by what they are called, and the same rows as JSON', async () => {
    const text = 'Date;Name;Fault;Tries;Hits\n3.11.2026;Ada;Split late;20;4\n17/11/2026;Ada;split-late;20;2\n';
    const rows = ['2026-11-03', '2026-11-17'].map((day, i) => ({
      day,
      athlete: 'Ada',
      fault: 'split-late',
      attempts: 20,
      faulty: 4 - 2 * i,
    }));
    const json = JSON.stringify({ format: 'hopsk-log', version: 1, rows });
    const read = await run(['rates', '--json'], text);
    expect(read.err).toBe('');
    const [fault] = (JSON.parse(read.out) as Rates).athletes[0]?.faults ?? [];
    expect([fault?.fault, fault?.faulty, fault?.attempts]).toEqual(['split-late', 6, 40]);
    expect((await run(['rates', '--json'], json)).out).toBe(read.out);
  });

  it('says what it cannot read with line and column, and computes nothing', async () => {
    for (const [text, says] of [
      ['day,fault\n', /^standard input:1: there is no column attempts, faulty\.$/],
      [`${HEAD}\n2026-13-03,Ada,split-late,20,1`, /^standard input:2: day is not a day/],
      [`${HEAD}\n2026-11-03,Ada,split-late,20,21`, /^standard input:2: faulty is more than there were attempts/],
      [`${HEAD}\n2026-11-03,Ada,Split Late,x,-1`, /attempts is not a whole number\n.*faulty is not a whole number/],
      [`${HEAD}\n2026-11-03,Ada,tall,1e9,0`, /attempts is not a whole number/],
      [`${HEAD}\n2026-11-03,Ada,no-such,20,1`, /^standard input:2: fault is no fault that is known here$/],
      [`${HEAD}\n2026-11-03,Ada,tall,100001,0`, /attempts must lie between 0 and 100000/],
      [`${HEAD}\n03/04/2026,Ada,tall,10,0`, /^standard input:2: day is not a day/],
      [
        JSON.stringify({ format: 'hopsk-log', version: 1, rows: [{ day: '2026-11-03', fault: 'no-such', attempts: 9, faulty: 1 }] }),
        /^standard input:1: fault is no fault/,
      ],
      ['{"format":"hopsk-log","version":2,"rows":[]}', /version/],
      ['{"format":', /is not readable/],
      [`${HEAD}\n${'nothing,,,,\n'.repeat(40)}`, /… and \d+ more\.$/],
    ] as const) {
      const { code, out, err } = await run(['rates'], text);
      expect([code, out]).withContext(text.slice(0, 80)).toEqual([2, '']);
      expect(err).withContext(text.slice(0, 80)).toMatch(says);
    }
    expect((await run(['next', '--focus', 'Not A Code'], LOG)).code).toBe(2);
  });
});
