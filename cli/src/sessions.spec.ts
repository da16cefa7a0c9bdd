import { parse } from 'csv-parse/sync';
import { main } from './main.js';

const STEPS =
  'tempo flat, split, shuffle right 40 cm, lunge ahead 90 cm right foot + hit 80 ms after landing, recover back, shuffle left 40 cm';
const EVENING = `change: 20 s\n\n== Evening\ndose: 2 sets of 3 × 30 s, rest 20 s, set rest 60 s\n\n${STEPS}\n`;

async function run(argv: readonly string[], input = ''): Promise<{ code: number; out: string; err: string }> {
  let out = '';
  let err = '';
  const code = await main(argv, { out: (text) => (out += text), err: (text) => (err += text), input: () => Promise.resolve(input) });
  return { code, out, err };
}
const json = async <T>(argv: readonly string[], input = ''): Promise<T> => JSON.parse((await run([...argv, '--json'], input)).out) as T;

interface Dosed {
  readonly totals: {
    readonly all: Record<string, number> & { readonly contacts: { left: number; right: number } };
    readonly atLeast: boolean;
  };
  readonly problems: readonly { readonly code: string; readonly level: string }[];
  readonly fitted: { readonly total: number } | null;
  readonly timeline: { readonly total: number; readonly blocks: readonly { start: number; end: number }[] };
}

describe('sessions on the command line', () => {
  it('dose: the worked evening adds up as it does by hand (the project’s worked example)', async () => {
    const seen = await json<Dosed>(['dose', '--height', '1.70'], EVENING);
    const { all } = seen.totals;
    expect([all['work'], all['rest'], all['total'], all['reps'], all.contacts]).toEqual([180, 140, 320, 78, { left: 234, right: 390 }]);
    expect(seen.timeline.total).toBe(320);
    expect(seen.timeline.blocks.reduce((sum, { start, end }) => sum + end - start, 0)).toBeCloseTo(320, 9);
    const table = await run(['dose'], EVENING);
    expect([table.code, table.out]).toEqual([0, jasmine.stringMatching(/total +5:20/)]);
  });

  it('expand: what it prints goes on into dose, as text and as JSON alike, and what is no session says where', async () => {
    const argv = [
      'expand',
      '--rest',
      '20',
      '--set-rest',
      '45',
      '--change',
      '20',
      '--kinds',
      'whole,called,partner,fed',
      '--opposed',
      'partner',
    ];
    const [text, data] = [await run(argv, STEPS), await run([...argv, '--json'], STEPS)];
    const [a, b] = [await json<Dosed>(['dose'], text.out), await json<Dosed>(['dose'], data.out)];
    expect(a.totals.all['total']).toBeGreaterThan(60);
    expect(a).toEqual(b);
    const wrong = await run(['dose'], JSON.stringify({ session: { stages: [{ name: 7 }] } }));
    expect([wrong.code, wrong.err.includes('stages')]).toEqual([2, true]);
    expect((await run(['dose'], '{')).code).toBe(2);
  });

  it('dose: rests of the file are those of stages that leave them open; calls: names in a line are what is called', async () => {
    const bare = await json<Dosed>(['dose'], `rest: 20 s\nset rest: 1 min\n\n== A\ndose: 2 sets of 3 × 30 s\n\n${STEPS}\n`);
    expect([bare.totals.all['rest'], bare.problems.filter(({ level }) => level === 'asks')]).toEqual([140, []]);
    const { names } = await json<{ names: string[] }>(
      ['calls', '--number', '8'],
      'split, (right: shuffle right | left: shuffle left), square up',
    );
    expect(names).toEqual(['right', 'left']);
  });

  it('dose: the timeline as CSV, read back by another package', async () => {
    const { out } = await run(['dose', '--csv'], EVENING);
    const rows = parse<{ at: number; name: string; kind: string; round: number; say: string }>(out, { columns: true, cast: true });
    expect(rows.map((row) => row.at)).toEqual([...rows.map((row) => row.at)].sort((a, b) => a - b));
    expect(rows.filter((row) => row.kind === 'go').map((row) => row.at)).toEqual([0, 50, 100, 190, 240, 290]);
    expect(rows.at(-1)).toEqual(jasmine.objectContaining({ at: 320, kind: 'end', name: 'Evening' }));
  });

  it('dose: nothing in the CSV is worked out by a spreadsheet', async () => {
    const { out } = await run(['dose', '--csv'], EVENING.replace(/^== .*$/m, '== =HYPERLINK("x")'));
    const rows = parse<{ name: string }>(out, { columns: true });
    expect(rows[0]?.name).toBe('\'=HYPERLINK("x")');
  });

  it('dose: what is not decided, or too long for its time, ends with 1', async () => {
    const open = await json<Dosed>(['dose'], `== One\ndose: 3 × 30 s\n\n${STEPS}`);
    expect([open.totals.atLeast, open.problems[0]]).toEqual([true, jasmine.objectContaining({ code: 'rest', level: 'asks' })]);
    const short = await run(['dose', '--minutes', '4'], EVENING);
    expect([short.code, short.out]).toEqual([1, jasmine.stringContaining('5:20 is planned, 4:00 is there: 1:20 too much')]);
  });

  it('expand: stages that dose reads as they were written, what is barred said with its reason', async () => {
    const argv = ['expand', '--rest', '20', '--set-rest', '45', '--change', '20', '--cautions', 'left knee; groin'];
    const { out, code } = await run(argv, `== Evening\n\n${STEPS}`);
    expect(code).toBe(0);
    expect(out).toMatch(/# left out: .*lunge/);
    const seen = await json<Dosed>(['dose'], out.replace(/^#.*\n/gm, ''));
    expect(seen.totals.atLeast).toBe(out.includes('until comfortable'));
    expect(seen.problems.filter((problem) => problem.level === 'asks')).toEqual([]);
    expect((await run([...argv.slice(0, -1), 'old groin'], STEPS)).code).toBe(2);
    const { session } = await json<{ session: { stages: { kind: string }[] } }>(['expand', '--kinds', 'whole,called'], STEPS);
    expect(session.stages.map((stage) => stage.kind)).toEqual(['whole', 'called']);
  });

  it('grid: 36 variants, 3 each = 108, spread over sessions at one skill a round', async () => {
    const axes = 'side; count=1,2,3; exit=cut: cut right 30 cm | gallop: gallop back 40 cm | hold: hold 1 s; implement';
    const seen = await json<{ sentence: string; cells: unknown[]; rounds: { session: number; cells: { values: { side: string } }[] }[] }>(
      ['grid', '--axes', axes, '--sessions', '3'],
      STEPS,
    );
    expect([seen.sentence, seen.cells.length]).toEqual(['36 variants, 3 each = 108', 36]);
    expect(new Set(seen.rounds.map((round) => round.session)).size).toBe(3);
    for (const round of seen.rounds) expect(new Set(round.cells.map((cell) => cell.values.side)).size).toBe(1);
  });

  it('calls: to the weights within one, the longest run kept, the same again with the same seed', async () => {
    const argv = ['calls', '--alternatives', 'left, right, stay', '--weights', '2,1,1', '--number', '200', '--longest-run', '2'];
    const seen = await json<{ counts: number[]; longestRun: number; calls: unknown[]; foreseen: { best: number; least: number } }>([
      ...argv,
      '--seed',
      '5',
    ]);
    expect(seen.counts).toEqual([100, 50, 50]);
    expect(seen.longestRun).toBeLessThanOrEqual(2);
    expect(seen.foreseen.best).toBeGreaterThanOrEqual(seen.foreseen.least - 0.01);
    expect((await json<{ calls: unknown[] }>([...argv, '--seed', '5'])).calls).toEqual(seen.calls);
    expect((await json<{ calls: unknown[] }>([...argv, '--seed', '6'])).calls).not.toEqual(seen.calls);
    const placed = await run(
      ['calls', '--number', '30', '--area', 'room 3 × 3 m'],
      '== right\n\nshuffle right 60 cm\n== left\n\nshuffle left 60 cm',
    );
    expect([placed.code, placed.out]).toEqual([0, jasmine.stringContaining('counts')]);
  });

  it('bad input ends with 2 and says what and where', async () => {
    const cases: [string[], string, string][] = [
      [['dose'], 'change: soon\n\n== A\ndose: 8\n\nsplit', 'standard input:1: ‘soon’ is no time'],
      [['dose'], '', 'holds no stage'],
      [['grid'], 'split', 'grid needs --axes'],
      [['grid', '--axes', 'mood=good'], 'split', '--axes ‘mood’ is none of'],
      [['grid', '--axes', 'exit'], 'split', '--axes: exit needs values'],
      [['grid', '--axes', 'exit=odd: wobble 3'], 'split', 'exit=odd: ‘wobble’ does not begin a step'],
      [['expand', '--kinds', 'dance'], 'split', '--kinds ‘dance’ is none of'],
      [['expand', '--playbook', 'chess'], 'split', '--playbook is none of'],
      [['expand', '--chain', 'sideways'], 'split', '--chain ‘sideways’ is none of'],
      [['calls'], '', 'calls needs --alternatives'],
      [['calls', '--alternatives', 'a,b', '--weights', '1'], '', '--weights has 1 numbers for 2 alternatives'],
      [['calls', '--alternatives', 'a,b', '--interval', '5-3'], '', '--interval runs downwards'],
    ];
    for (const [argv, input, said] of cases) {
      const { code, err } = await run(argv, input);
      expect([code, err])
        .withContext(argv.join(' '))
        .toEqual([2, jasmine.stringContaining(said)]);
    }
  });
});
