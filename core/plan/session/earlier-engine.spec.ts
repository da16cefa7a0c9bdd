import fc from 'fast-check';
import { readDose } from '../../language/dose-text.js';
import { ENGINE } from '../../language/engine.js';
import { parse } from '../../language/parse.js';
import { print } from '../../language/print.js';
import { simulate } from '../../motion/simulate.js';
import type { Simulation } from '../../motion/simulation.js';
import * as engine1 from '../../testing/engine-1.generated.js';
import { holds } from '../../testing/holds.js';
import { anyItem } from '../../testing/patterns.js';
import { performer } from '../../testing/performers.js';
import { asWritten, sessionOf } from '../../testing/sessions.js';
import { steppedThen, type SavedFor } from './earlier-engine.js';
import { seeStage } from './seen.js';
import { stageOf } from './stage.js';

const square: SavedFor = { school: 'square-ready', hand: 'right', lead: 'none', stage: null };
const mixed: SavedFor = { school: 'mixed-45', hand: 'right', lead: 'left', stage: null };
const repeats = { tempo: 1, sides: null, called: false };
const kept = engine1 as unknown as { readonly parse: typeof parse; readonly simulate: typeof simulate };

describe('a line that was saved with the first engine', () => {
  it('says what it needs to go on as it was where today’s does otherwise, and stays as it is where not', () => {
    const cases: [string, SavedFor, 'engine 1' | 'tempo flat' | null][] = [
      // The same: nothing of it has a size, crosses or turns out.
      ['split, shuffle right, shuffle left', square, null],
      ['tempo flat, split, shuffle right 40 cm', square, null],
      ['advance in 0.4 s', mixed, null],
      ['', square, null],
      // Longer steps take longer.
      ['split, shuffle right 40 cm', square, 'tempo flat'],
      ['lunge ahead 60 cm + hit on landing, recover', mixed, 'tempo flat'],
      // A foot goes that did not; feet come back into the stance; a time is that of the whole step; facing is facing.
      ['cut right', mixed, 'engine 1'],
      ['run left 60 cm in 0.3 s 2', square, 'engine 1'],
      ['crossover left, split', square, 'engine 1'],
      ['orbit right 30° in 1 s', mixed, 'engine 1'],
      ['partner at 1 m right, face partner', mixed, 'engine 1'],
      ['tempo flat, cut right 30 cm', mixed, 'engine 1'],
      // It says its engine.
      ['engine 1, cut right', mixed, null],
      ['engine 2, cut right', mixed, null],
      // A stance of the club’s own may be any.
      ['cut right', { ...mixed, school: 'our-own' }, 'engine 1'],
    ];
    for (const [line, by, manner] of cases)
      expect(steppedThen(line, 1, [], by))
        .withContext(line)
        .toBe(manner && `${manner}, ${line}`);
    expect(steppedThen('cut right', ENGINE, [], mixed)).toBeNull();
    expect(steppedThen(`cut right${', split'.repeat(2_855)}`, 1, [], mixed)).toBeNull();
  });

  it('of a stage also where a repetition would draw its own branch, a tempo hold for more, or the other side change more', () => {
    const choice = '(split | bounce)';
    const hold = 'split, hold 1 s';
    const strokes = 'lunge playing side right foot';
    const by = (stage: SavedFor['stage']): SavedFor => ({ ...square, stage });
    const otherwise = (line: string, stage: SavedFor['stage']): boolean => steppedThen(line, 1, [], by(stage)) !== null;
    expect([null, { ...repeats, called: true }, repeats].map((stage) => otherwise(choice, stage))).toEqual([false, false, true]);
    expect([1, 2].map((tempo) => otherwise(hold, { ...repeats, tempo }))).toEqual([false, true]);
    expect([null, readDose('2 each side').dose?.sides ?? null].map((sides) => otherwise(strokes, { ...repeats, sides }))).toEqual([
      false,
      true,
    ]);
  });

  it('goes on being done as it was, with a club’s own moves too, whatever was typed', () => {
    const own = [{ name: 'corner', items: parse('cut right 40 cm').items, span: { from: 0, to: 0 } }];
    expect(steppedThen('corner', 1, own, mixed)).toBe('engine 1, corner');
    // No distance was kept by a step in its day.
    const text = fc
      .array(anyItem, { minLength: 1, maxLength: 4 })
      .map((items) => print(items))
      .filter((line) => !/\bkeep\b/.test(line));
    const who = performer(1.7, 'mixed-45', 'left');
    const ends = ({ actions, seconds }: Simulation): number[] => [seconds, ...actions.flatMap(({ end, to }) => [end, to.x, to.y])];
    holds(
      fc.property(text, (line) => {
        const stands = steppedThen(line, 1, [], mixed) ?? line;
        const [now, then] = [simulate(parse(stands), who), kept.simulate(kept.parse(line), who)].map(ends);
        const furthest = Math.max(...(now ?? []).map((n, i) => Math.abs(n - (then?.[i] ?? NaN))));
        expect(furthest).withContext(line).toBeLessThan(1e-5);
      }),
      100,
    );
  });

  it('takes in a session one branch for all, and no more of a tempo than it did', () => {
    const ways = (steps: string, tempo: number, dose = '8') =>
      seeStage(
        stageOf('a', '', { steps, school: 'square-ready', hand: 'right', lead: 'none', shouldClose: false }, { dose, tempo }),
        sessionOf([]),
        asWritten,
      ).ways;
    expect(['', 'engine 1, '].map((by) => ways(`${by}(split | bounce | hold 1 s)`, 1)[0].drawn.length)).toEqual([3, 1]);
    expect(['', 'engine 1, '].map((by) => ways(`${by}hold 1 s`, 2)[0].seconds)).toEqual([2, 1]);
    const other = (by: string): string => ways(`${by}shuffle right 30 cm right foot + "forehand drive"`, 1, '2 each side')[1].text;
    expect([other(''), other('engine 1, ')]).toEqual([
      'shuffle left 30 cm left foot + "backhand drive"',
      'engine 1, shuffle left 30 cm right foot + "forehand drive"',
    ]);
  });
});
