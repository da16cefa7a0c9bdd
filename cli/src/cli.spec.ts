import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Report } from '@hopsk/core/view/report';
import { main } from './main.js';

const EVENING =
  'tempo flat, split, shuffle right 40 cm, lunge ahead 90 cm right foot + hit 80 ms after landing, recover back, shuffle left 40 cm';

async function run(argv: readonly string[], input = ''): Promise<{ code: number; out: string; err: string }> {
  let out = '';
  let err = '';
  const code = await main(argv, { out: (text) => (out += text), err: (text) => (err += text), input: () => Promise.resolve(input) });
  return { code, out, err };
}
const report = async (argv: readonly string[], input = EVENING): Promise<Report> =>
  JSON.parse((await run([...argv, '--json'], input)).out) as Report;

describe('the command line', () => {
  it('gives the numbers of the worked evening (the project’s worked example)', async () => {
    const seen = await report(['simulate', '--height', '1.70', '--repeats', '10']);
    expect(seen.time).toBeCloseTo(2.28, 9);
    expect([seen.contacts, seen.splits, seen.lunges, seen.closed]).toEqual([{ left: 3, right: 5 }, 1, { left: 0, right: 1 }, true]);
    expect(seen.path.right[1]).toBeCloseTo(0.4, 9);
    expect(seen.path.ahead[1]).toBeCloseTo(0.45, 9);
    expect(seen.answer.worst).toBeCloseTo(1.05, 9);
    expect(seen.drift).toEqual(jasmine.objectContaining({ repetitions: 10, closesAfter: 1, stanceLostAfter: null }));
    expect(seen.stance.width).toBeCloseTo(0.528, 3);
  });

  it('prints a table that says the same', async () => {
    const { out, code } = await run(['simulate', '--height', '1.70'], EVENING);
    expect([code, out.split('\n')[0]]).toEqual([0, 'time               2.28 s']);
    expect(out).toContain('left 3, right 5');
    expect(out).toContain('closed');
  });

  it('check ends with 1 on findings at or above the level', async () => {
    expect((await run(['check'], EVENING)).code).toBe(0);
    const late = 'lunge ahead + hit 230 ms after landing, recover back';
    expect((await run(['check', '--level', 'stop'], late)).code).toBe(0);
    const noted = await run(['check', '--level', 'note'], late);
    expect([noted.code, noted.out]).toEqual([1, jasmine.stringContaining('strike-late')]);
    expect((await run(['check', '--level', 'note'], `intended strike-late\n${late}`)).code).toBe(0);
  });

  it('bad input ends with 2, says where and what, and never throws', async () => {
    const cases: [string[], string, string][] = [
      [['simulate'], 'split,\n  shufle right', 'standard input:2:3: ‘shufle’ does not begin a step'],
      [['simulate', '--height', '9'], 'split', '--height is more than 2.4'],
      [['simulate', '--stance', 'tripod'], 'split', '--stance is no stance'],
      [['simulate', '--area', 'moon'], 'split', '--area moon is no floor'],
      [['check', '--schools', 'crossing sometimes'], 'split', '--schools ‘crossing sometimes’: no topic with such an option'],
      [['check'], '== a\nschools: moon on\n\nsplit', 'schools: ‘moon on’: no topic with such an option'],
      [['simulate', '--times', 'hurdle=1'], 'split', '--times ‘hurdle=1’: no such kind of move'],
      [['simulate', '--times', 'jump=0.1'], 'jump', '--times ‘jump=0.1’: jump takes from 0.35 to 2.75 s'],
      [['simulate', '--errors', 'luck=3'], 'split', '--errors ‘luck=3’ is not understood'],
      [['simulate', '--repeats', '2.5'], 'split', '--repeats is not a whole number'],
      [['simulate', '/nowhere/at-all'], '', 'cannot be read: ENOENT'],
      [['simulate', '--banana'], '', '--banana'],
      [['dance'], '', 'There is no command ‘dance’'],
      [['fit'], 'split', 'fit needs --area'],
      [['steps-to-reach'], '', 'needs --distance'],
      [['simulate', '--pattern', 'B'], '== A\nsplit', 'holds no pattern ‘B’: A'],
      [['check'], '== A\nstance: tripod\nsplit', 'standard input:2: ‘tripod’ is no stance'],
      [['simulate'], '', 'holds no pattern'],
    ];
    for (const [argv, input, said] of cases) {
      const { code, err } = await run(argv, input);
      expect([code, err])
        .withContext(argv.join(' '))
        .toEqual([2, jasmine.stringContaining(said)]);
    }
    expect((await run([])).code).toBe(2);
    expect((await run(['--help'])).code).toBe(0);
  });

  it('reads files, a pattern by its name, and compares two of them', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'hopsk-cli-'));
    try {
      const file = join(folder, 'two.txt');
      writeFileSync(file, `== Near\nstance: mixed-45\nlead: right\n\nadvance 20 cm\n\n== Far\nstance: mixed-45\n\nadvance 30 cm\n`);
      const near = JSON.parse((await run(['simulate', file, '--pattern', 'near', '--json'])).out) as Report;
      expect([near.lead.start, Math.round(near.net.ahead * 100)]).toEqual(['right', 20]);
      const { out } = await run(['compare', file]);
      expect(out).toContain('net ahead');
      expect(out).toContain('− advance 20 cm\n+ advance 30 cm');
    } finally {
      rmSync(folder, { recursive: true });
    }
  });

  it('reads a line as it is said, and says what is marked and asked, with what may be meant', async () => {
    expect(await run(['read'], 'Split step, then slide left 40 cm')).toEqual({ out: 'split, shuffle left 40 cm', err: '', code: 0 });
    const asked = await run(['read', '--json'], 'pivot left 12, shuffle right 40');
    expect(asked.code).toBe(1);
    const { typed, plain, marks } = JSON.parse(asked.out) as {
      typed: string;
      plain: string;
      marks: { said: string; readings: string[] }[];
    };
    expect([typed, plain]).toEqual(['pivot left 12, shuffle right 40', 'pivot left 90°, shuffle right']);
    expect(marks.map(({ said, readings }) => [said, ...readings])).toEqual([
      ['12', '12°', '12 times'],
      ['40', '40 cm', '40 times'],
    ]);
    expect(await run(['read', '--dose'], 'three rounds of two minutes')).toEqual({ out: '3 × 2 min', err: '', code: 0 });
    const dose = await run(['read', '--dose', '--json'], '5 x 3/1, soon');
    expect(dose.code).toBe(1);
    expect(JSON.parse(dose.out)).toEqual(
      jasmine.objectContaining({
        plain: '5 × 3 s, rest 1 s',
        marks: [
          jasmine.objectContaining({ code: 'bare-pair', column: 5, said: '3/1', readings: ['3 min/1 min', '3 s/1 s'] }),
          jasmine.objectContaining({ code: 'not-understood', column: 10, said: 'soon' }),
        ],
      }),
    );
    expect((await run(['read'], 'shuffle right 40')).out).toContain('Did you mean ‘40 cm’ or ‘40 times’?');
    // What asks is not gone on with.
    expect((await run(['simulate'], 'shuffle right 40')).code).toBe(2);
  });

  it('mirrors, formats, fits and counts steps', async () => {
    expect((await run(['mirror'], 'shuffle right 40 cm')).out).toBe('shuffle left 40 cm');
    expect((await run(['mirror', '--operation', 'other side'], 'lunge right left foot')).out).toBe('lunge left left foot');
    expect((await run(['format'], 'SHUFFLE   Right 40cm')).out).toBe('shuffle right 40 cm');
    expect((await run(['fit', '--area', 'room 3 × 3 m'], 'shuffle right 40 cm')).out).toContain('2 repetitions');
    const { out } = await run(['steps-to-reach', '--distance', '2.2', '--least', '0.4', '--most', '0.9', '--last', 'right']);
    expect(out).toContain('right foot lands last');
    expect((await report(['simulate', '--side', 'other'], 'shuffle right 40 cm')).net.right).toBeCloseTo(-0.4, 9);
    expect((await report(['simulate', '--choices', '1'], '(split | hold 2 s)')).choices).toEqual([1]);
    const slipping = await report(['simulate', '--errors', 'second-foot=-4', '--repeats', '10'], 'shuffle right 30 cm');
    expect(slipping.drift?.stanceLostAfter).toBe(2);
    // The line itself is told as it is meant; check looks at it as it is done.
    expect(slipping.net.right).toBeCloseTo(0.3, 9);
    expect((await report(['check', '--errors', 'second-foot=-4'], 'shuffle right 30 cm')).net.right).toBeCloseTo(0.28, 9);
    expect((await report(['simulate', '--times', 'gather=0.88, recover=0.3'], 'shuffle right, lunge, recover')).time).toBeCloseTo(1.68, 6);
    const first = await report(['check', '--errors', 'wrong-first, homeward=0.5'], 'shuffle right 40 cm, hit, shuffle left 40 cm');
    expect(first.net.right).toBeCloseTo(0.2, 9);
    expect(first.findings.map(({ code }: { code: string }) => code)).toContain('wrong-foot');
  });
});
