import fc from 'fast-check';
import { anyItem } from '../testing/patterns.js';
import type { Act, Item, Step } from './ast.js';
import { mirrorText } from './mirror.js';
import { editDistance, nearestWord } from './nearest.js';
import { NOTATION_LIMITS, parse } from './parse.js';
import { print } from './print.js';
import { tokenise } from './tokens.js';

const act = (text: string): Act | undefined => {
  const item = parse(text).items[0];
  return item?.kind === 'step' ? item.act : undefined;
};
const withoutPlaces = (items: readonly Item[]): unknown =>
  JSON.parse(JSON.stringify(items, (key, value: unknown) => (key === 'span' ? undefined : value)));

describe('a line of steps', () => {
  it('is read word by word', () => {
    expect(act('shuffle right 40 cm')).toEqual({
      move: 'gather',
      word: 'shuffle',
      bearing: 90,
      size: { value: 40, unit: 'cm' },
      first: null,
    });
    expect(act('Retreat 8 in rear foot first')).toEqual({
      move: 'gather',
      word: 'retreat',
      bearing: 180,
      size: { value: 8, unit: 'in' },
      first: 'rear',
    });
    expect(act('shuffle ahead left small')).toEqual(jasmine.objectContaining({ bearing: -45, size: { value: 1, unit: 'small' } }));
    expect(act('shuffle 30° left')).toEqual(jasmine.objectContaining({ bearing: -30 }));
    expect(act('lunge right 1.1×')).toEqual({ move: 'lunge', bearing: 90, size: { value: 1.1, unit: 'own' }, foot: null });
    expect(act('pivot on rear foot left 45°')).toEqual({ move: 'pivot', foot: 'rear', turn: -45 });
    expect(act('split high hop')).toEqual({ move: 'split', style: 'high hop' });
    expect(act('advance 1 ft 2 in')).toEqual(jasmine.objectContaining({ size: { value: 14, unit: 'in' } }));
    expect(act('"jab"')).toEqual({ move: 'hand', word: 'jab' });
  });

  it('a bare number is a count, a size has a unit', () => {
    const step = parse('advance 3').items[0] as Step;
    expect(step.times).toBe(3);
    expect((step.act as Extract<Act, { move: 'gather' }>).size).toBeNull();
    expect((parse('2 shuffle left 20 cm').items[0] as Step).times).toBe(2);
    expect((parse('(split, advance) twice').items[0] as Item).times).toBe(2);
    expect((parse('(split, advance) ×3').items[0] as Item).times).toBe(3);
  });

  it('a foot and a direction never share a word', () => {
    expect(act('lunge right left foot')).toEqual(jasmine.objectContaining({ bearing: 90, foot: 'left' }));
    expect(act('lunge ahead right foot')).toEqual(jasmine.objectContaining({ bearing: 0, foot: 'right' }));
    const unsaid = parse('lunge lead ahead');
    expect(unsaid.errors[0]?.nearest).toBe('lead foot');
  });

  it('ties a hit to a landing or a start', () => {
    const hands = (text: string) => (parse(text).items[0] as Step).hands.map(({ word, tie, offsetMs }) => ({ word, tie, offsetMs }));
    expect(hands('lunge + hit 80 ms after landing')).toEqual([{ word: 'hit', tie: 'landing', offsetMs: 80 }]);
    expect(hands('advance + "jab" 0.05 s before landing + "cross" with start')).toEqual([
      { word: 'jab', tie: 'landing', offsetMs: -50 },
      { word: 'cross', tie: 'start', offsetMs: 0 },
    ]);
  });

  it('names line, column, what was expected and the nearest word; the rest is kept', () => {
    const parsed = parse('split,\nshufle right 40 cm, lunge ahead banana 90 cm');
    expect(parsed.items.length).toBe(2);
    expect(parsed.errors.map(({ line, column, nearest }) => ({ line, column, nearest }))).toEqual([
      { line: 2, column: 1, nearest: 'shuffle' },
      { line: 2, column: 33, nearest: null },
    ]);
    expect(parsed.errors[0]?.expected).toContain('shuffle');
    expect((parsed.items[1] as Step).act).toEqual(jasmine.objectContaining({ move: 'lunge', size: { value: 90, unit: 'cm' } }));
  });

  it('counts columns as a reader sees them', () => {
    expect(parse('# 🦶🦶 warm up\n🦶 split').errors[0]).toEqual(jasmine.objectContaining({ line: 2, column: 1 }));
    expect(parse('split, 🦶🦶 wobble').errors[0]?.column).toBe(8);
  });

  it('says plainly what is too much, and reads on', () => {
    const said = (text: string): string =>
      parse(text)
        .errors.map((error) => error.message)
        .join(' ');
    expect(said('lunge ahead 40 m')).toContain('more than anybody steps');
    expect(said('pivot lead foot right 3600°')).toContain('at most 720°');
    expect(said('(split, advance')).toContain('not closed');
    expect(said('split) advance')).toContain('closes nothing');
    expect(said('()')).toContain('no step');
    expect(said('advance 0')).toContain('whole number');
    expect(said('split 40 cm')).toContain('takes no size');
    expect(said('shuffle')).toContain('needs a direction');
    expect(said('advance left')).toContain('shuffle');
    expect(said('hold 9000 s')).toContain('600 s');
    expect(said('advance + dance')).toContain('After +');
    expect(said('3')).toContain('follow the count');
    expect(said('split '.repeat(4000))).toContain(`${NOTATION_LIMITS.characters}`);
    expect(said('('.repeat(40) + 'split' + ')'.repeat(40))).toContain('deep');
  });

  it('never throws and never hangs, whatever is typed', () => {
    const word = fc.oneof(
      fc.string(),
      fc.constantFrom('split', 'lunge', 'shuffle', 'left', 'foot', '(', ')', '3', '40 cm', '+', 'hit', ',', '×', '"x"', '#', '\n'),
    );
    fc.assert(
      fc.property(fc.array(word, { maxLength: 30 }), (words) => {
        const text = words.join(' ');
        for (const error of parse(text).errors) expect(error.from).toBeLessThanOrEqual(text.length);
        expect(tokenise(text).every((token) => token.to > token.from)).toBeTrue();
      }),
      { numRuns: 300 },
    );
  });
});

describe('printing and mirroring', () => {
  it('print and parse round-trip', () => {
    fc.assert(
      fc.property(fc.array(anyItem, { minLength: 1, maxLength: 6 }), (items) => {
        const parsed = parse(print(items));
        expect(parsed.errors).withContext(print(items)).toEqual([]);
        expect(withoutPlaces(parsed.items)).toEqual(withoutPlaces(items));
      }),
      { numRuns: 300 },
    );
  });

  it('mirroring twice is the text itself, comments and spacing included', () => {
    const text = 'shuffle right  40 cm # keep left\npivot lead foot -90°, lunge 30° left left foot';
    expect(mirrorText(text)).toBe('shuffle left  40 cm # keep left\npivot lead foot 90°, lunge 30° right right foot');
    fc.assert(
      fc.property(fc.array(anyItem, { maxLength: 6 }), (items) => {
        expect(mirrorText(mirrorText(print(items)))).toBe(print(items));
      }),
      { numRuns: 300 },
    );
  });

  it('finds the nearest word', () => {
    expect(editDistance('kitten', 'sitting')).toBe(3); // Levenshtein's worked example
    expect(nearestWord('recvoer', ['retreat', 'recover'])).toBe('recover');
    expect(nearestWord('zzzzz', ['split'])).toBeNull();
  });
});
