import { main } from './main.js';

async function run(argv: readonly string[], input: string): Promise<{ code: number; out: string; err: string }> {
  let out = '';
  let err = '';
  const code = await main(argv, { out: (text) => (out += text), err: (text) => (err += text), input: () => Promise.resolve(input) });
  return { code, out, err };
}

const HEAD = 'what,name,frame,x,y,right,ahead,value';
const table = (...rows: readonly string[]): string => [HEAD, ...rows].join('\n');
const mark = (name: string, frame: number): string => `mark,${name},${frame},,,,,`;
/** Four corners of a taped rectangle, three by four metres, as a camera without a lens sees it that stands behind its middle. */
const RECTANGLE = ['point,a,,660,900,0,0,', 'point,b,,1260,900,3,0,', 'point,c,,1140,700,3,4,', 'point,d,,780,700,0,4,'];

interface Report {
  readonly times: readonly {
    readonly time: string;
    readonly took: { readonly seconds: number };
    readonly judged: { readonly told: string } | null;
  }[];
  readonly feet: readonly { readonly place: { readonly at: { readonly x: number; readonly y: number }; readonly within: number } }[];
}

describe('marks and points of a clip on the command line', () => {
  it('come to times by the frames, whatever their rate, and to places in metres', async () => {
    // Pictures at changing times: 0, 20, 40, 80, 90, 130 ms; the split is down in the third, the ball is hit in the last.
    const times = [0, 0.02, 0.04, 0.08, 0.09, 0.13].map((at, frame) => `time,,${frame},,,,,${at}`);
    const said = table(...times, mark('split-down', 2), mark('contact', 5), ...RECTANGLE, 'foot,left-ball,3,960,900,,,');
    const { code, out } = await run(['film', '--json'], said);
    const { times: found, feet } = JSON.parse(out) as Report;
    // By hand: (20 + 40) / 2 less (90 + 130) / 2.
    expect(found.map(({ time, took, judged }) => [time, Math.round(took.seconds * 1000), judged?.told])).toEqual([
      ['split', -80, 'cannot-tell'],
    ]);
    // On the front line, half way.
    const [{ place } = { place: { at: { x: 0, y: 0 }, within: 0 } }] = feet;
    expect([Math.round(place.at.x * 1000), Math.abs(Math.round(place.at.y * 1000)), place.within > 0.001]).toEqual([1500, 0, true]);
    expect(code).toBe(0);
    const text = (await run(['film'], said)).out;
    expect(text).toContain('Four points fit whatever they are');
    expect(text).toMatch(/1 · split against the ball +-80 ms ± \d+, -60 … 40 ms, this film cannot tell/);
  });

  it('slowed down, by another school’s window, and marked twice', async () => {
    const split = (...more: readonly string[]): string =>
      table('rate,,,,,,,30', 'slow,,,,,,,8', mark('contact', 100), mark('split-down', 80), ...more);
    const told = async (text: string, ...argv: readonly string[]): Promise<unknown> =>
      (JSON.parse((await run(['film', '--json', ...argv], text)).out) as Report).times.map(({ took, judged }) => [
        Math.round(took.seconds * 1000),
        judged?.told,
      ]);
    // Twenty pictures at 240 in the second of life.
    expect(await told(split())).toEqual([[-83, 'outside']]);
    expect(await told(split(), '--schools', 'split-timing before')).toEqual([[-83, 'inside']]);
    expect((await run(['film'], split())).code).toBe(1);
    const twice = split('again,contact,101,,,,,', 'again,split-down,80,,,,,');
    expect((await run(['film'], twice)).out).toMatch(/marked again +to ± 4 ms/);
  });

  it('of a sport: by its usual window, and by what one may do in it', async () => {
    const hit = table('rate,,,,,,,240', mark('own-contact', 100), mark('right-down', 110));
    const told = async (...argv: readonly string[]): Promise<unknown> =>
      (JSON.parse((await run(['film', '--json', ...argv], hit)).out) as Report).times.map(({ judged }) => judged?.told ?? null);
    // The hit comes 42 ms before the foot is down.
    expect(await told()).toEqual(['outside']);
    expect(await told('--sport', 'foil')).toEqual(['inside']);
    expect(await told('--stance', 'bladed-guard')).toEqual(['inside']);
    expect(await told('--sport', 'boxing')).toEqual([null]);
    expect(await told('--sport', 'boxing', '--schools', 'strike-window front-foot')).toEqual(['outside']);
    const first = table('rate,,,,,,,240', mark('own-contact', 100), mark('contact', 160));
    expect((await run(['film'], first)).out).toContain('own contact');
    expect((await run(['film', '--sport', 'savate'], first)).code).toBe(0);
  });

  it('that stand the wrong way round, or do not go together, are said', async () => {
    const order = await run(['film'], table('rate,,,,,,,120', mark('split-down', 10), mark('split-up', 20)));
    expect([order.code, order.out.includes('‘split down’ is marked before ‘split in the air’')]).toEqual([1, true]);
    const crossed = [RECTANGLE[0] ?? '', RECTANGLE[1] ?? '', 'point,c,,780,700,3,4,', 'point,d,,1140,700,0,4,'];
    expect((await run(['film'], table('rate,,,,,,,120', ...crossed))).out).toContain('From above no camera sees the floor so');
    const line = [...RECTANGLE.slice(0, 3), 'point,e,,960,900,1.5,0,'];
    expect((await run(['film'], table('rate,,,,,,,120', ...line))).out).toContain(
      'These lie on one line, and leave the rest open: a, b, e.',
    );
  });

  it('are refused with line and column, and nothing is computed', async () => {
    const refused = async (...rows: readonly string[]): Promise<string> => {
      const { code, out, err } = await run(['film'], table(...rows));
      expect([code, out]).toEqual([2, '']);
      return err;
    };
    expect(await refused(mark('contact', 3))).toBe('standard input: rate is missing');
    expect(await refused('rate,,,,,,,120', mark('jump', 3))).toContain('standard input:3: name must be one of: ‘cue’, ‘contact’');
    expect(await refused('rate,,,,,,,120', 'mark,contact,0,,,,,')).toContain('standard input:3: frame must lie between 1 and');
    expect(await refused('rate,,,,,,,fast')).toBe('standard input:2: value is not a number');
    expect(await refused('rate,,,,,,,120', 'dance,,,,,,,')).toContain('standard input:3: what must be one of');
    expect(await refused('rate,,,,,,,120', 'foot,left-heel,3,10,10,,,')).toBe(
      'standard input:3: name has no ball of that foot in that frame',
    );
    expect(await refused('time,,0,,,,,0', 'time,,1,,,,,0.02', 'time,,2,,,,,0.01')).toContain(
      'standard input:4: value must be told for each frame',
    );
    expect(await refused('time,,0,,,,,0', 'time,,1,,,,,0.02', mark('back', 9))).toContain(
      'standard input:4: frame must lie between 1 and 1',
    );
    const { code, err } = await run(['film'], 'what,name\nrate,');
    expect([code, err]).toEqual([
      2,
      'standard input:1: there is no column frame, x, y, right, ahead, value; the columns are what, name, frame, x, y, right, ahead, value.',
    ]);
  });
});
