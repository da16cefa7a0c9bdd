import { printSchools } from '@hopsk/core/judge/schools-text';
import { CORRECT, FAULTY, type Drill } from '@hopsk/core/testing/judged';
import type { Report } from '@hopsk/core/view/report';
import { main } from './main.js';

async function check(input: string, ...more: readonly string[]): Promise<{ readonly code: number; readonly found: readonly string[] }> {
  let out = '';
  const quiet = { out: (text: string) => (out += text), err: (text: string) => (out += text), input: () => Promise.resolve(input) };
  const code = await main(['check', '--json', ...more], quiet);
  const { findings } = JSON.parse(out) as Report;
  return { code, found: findings.filter(({ level }) => level !== 'note').map((one) => one.code) };
}

/** A drill as a file that a coach types. */
const fileOf = ({ line, stance, sport, schools }: Drill): string =>
  [
    '== a drill',
    ...(sport ? [`sport: ${sport}`] : []),
    `stance: ${stance}`,
    ...(schools ? [`schools: ${printSchools(schools)}`] : []),
    '',
    line,
  ].join('\n');

describe('check, as a coach judges', () => {
  it('ends with 0 on drills that are right, and with 1 on those with a fault, which it names', async () => {
    for (const drill of CORRECT)
      expect(await check(fileOf(drill)))
        .withContext(drill.line)
        .toEqual({ code: 0, found: [] });
    for (const drill of FAULTY) {
      const { code, found } = await check(fileOf(drill));
      expect(code).withContext(drill.line).toBe(1);
      expect(found).withContext(drill.line).toContain(drill.must);
    }
  });

  it('holds what is said on the command line, also in words', async () => {
    const twice = '== twice\nstance: staggered-striking\n\nretreat 20 cm 2';
    expect((await check(twice)).found).toEqual([]);
    expect((await check(twice, '--schools', 'retreat one')).found).toEqual(['retreats-on']);
    expect((await check(twice, '--sport', 'Boxing')).found).toEqual(['retreats-on']);
    // Who says otherwise goes before what is usual.
    expect((await check(twice, '--sport', 'Boxing', '--schools', 'retreat freely')).found).toEqual([]);
  });

  it('looks at the line done with the errors that are said', async () => {
    const found = async (line: string, errors: string): Promise<readonly string[]> => (await check(line, '--errors', errors)).found;
    const split = 'hold 0.25 s, split, ball hit at 0.4 s, shuffle right 40 cm';
    expect(await found(split, 'ahead=1')).toEqual([]);
    expect(await found(split, 'no-split')).toEqual(['no-split']);
    expect(await found(split, 'split-late=120')).toEqual(['split-late']);
    const lunge = 'split, lunge ahead right 80 cm right foot + hit 80 ms after landing, recover back';
    expect(await found(lunge, 'land-late=0')).toEqual([]);
    expect(await found(lunge, 'land-late=150')).toEqual(['strike-early']);
    expect(await found('shuffle right 40 cm, shuffle left 40 cm', 'second-foot=-15')).toContain('wide');
    expect(await found('split, jump back 40 cm', 'toe=0')).toEqual([]);
    expect(await found('split, jump back 40 cm', 'toe=2')).toEqual(['square-to-net']);
  });
});
