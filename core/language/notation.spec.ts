import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { anyItem } from '../testing/patterns.js';
import { bare } from './act.js';
import type { Act, Group, Item, Step } from './ast.js';
import { NOTATION_LIMITS } from './limits.js';
import { mirrorText } from './mirror.js';
import { editDistance, nearestWord } from './nearest.js';
import { parse } from './parse.js';
import { print } from './print.js';

const act = (text: string): Act | undefined => {
  const item = parse(text).items[0];
  return item?.kind === 'step' ? item.act : undefined;
};
const withoutPlaces = (items: readonly Item[]): unknown =>
  JSON.parse(JSON.stringify(items, (key, value: unknown) => (key === 'span' ? undefined : value)));

describe('a line of steps', () => {
  it('is read word by word', () => {
    expect(act('shuffle right 40 cm')).toEqual({ ...bare('shuffle'), bearing: 90, size: { value: 40, unit: 'cm' } });
    expect(act('Retreat 8 in rear foot first')).toEqual({ ...bare('retreat'), size: { value: 8, unit: 'in' }, foot: 'rear' });
    expect(act('shuffle ahead left small')).toEqual(jasmine.objectContaining({ bearing: -45, size: { value: 1, unit: 'small' } }));
    expect(act('shuffle 30° left')).toEqual(jasmine.objectContaining({ bearing: -30 }));
    expect(act('lunge right 1.1×')).toEqual({ ...bare('lunge'), bearing: 90, size: { value: 1.1, unit: 'own' } });
    expect(act('pivot on rear foot left 45°')).toEqual({ ...bare('pivot'), foot: 'rear', turn: -45 });
    expect(act('split high hop')).toEqual({ ...bare('split'), style: 'high hop' });
    expect(act('advance 1 ft 2 in')).toEqual(jasmine.objectContaining({ size: { value: 14, unit: 'in' } }));
    expect(act('"jab"')).toEqual({ ...bare('hit'), name: 'jab' });
    expect(act('advance 6 in then 4 in')).toEqual({ ...bare('advance'), size: { value: 6, unit: 'in' }, second: { value: 4, unit: 'in' } });
    expect(act('lunge to cone “A” short 30 cm')).toEqual({
      ...bare('lunge'),
      aim: { thing: 'cone', name: 'A', side: null },
      short: { value: 30, unit: 'cm' },
    });
    expect(act('run home')?.aim).toEqual({ thing: 'home', name: null, side: null });
  });

  it('a bare number is a count, a size has a unit', () => {
    const times = (text: string): number => (parse(text).items[0] as Step | Group).times;
    expect(times('advance 3')).toBe(3);
    expect(act('advance 3')?.size).toBeNull();
    expect(times('2 shuffle left 20 cm')).toBe(2);
    expect(times('(split, advance) twice')).toBe(2);
    expect(times('(split, advance) ×3')).toBe(3);
  });

  it('takes alternatives, both sides, both leads, named parts and what is meant', () => {
    const parsed = parse(
      'out = (shuffle right 40 cm, lunge ahead)\nintended crossed narrow\n(out 1.2× | hold 1 s) each side 2, split each lead mirrored',
    );
    expect(parsed.errors).toEqual([]);
    expect(parsed.definitions.map((one) => one.name)).toEqual(['out']);
    expect(parsed.intended.map((one) => one.code)).toEqual(['crossed', 'narrow']);
    const group = parsed.items[0] as Group;
    expect([group.branches.length, group.each, group.times]).toEqual([2, 'side', 2]);
    expect(group.branches[0]?.[0]).toEqual(jasmine.objectContaining({ kind: 'call', name: 'out', scale: 1.2 }));
    expect(parsed.items[1]).toEqual(jasmine.objectContaining({ each: 'lead', mirrored: true }));
  });

  it('takes things, a partner’s own line, and what happens outside', () => {
    const parsed = parse(
      'cone "A" at 1 m right 2 m ahead, partner at 150 cm ahead doing (advance, retreat)\nball hit at 1 s every 2 s, split + ball hit 30 ms after landing',
    );
    expect(parsed.errors).toEqual([]);
    expect(
      parsed.things.map((one) => [one.thing, one.name, one.right?.value ?? null, one.ahead?.value ?? null, one.doing?.length ?? 0]),
    ).toEqual([
      ['cone', 'A', 1, 2, 0],
      ['partner', null, null, 150, 2],
    ]);
    expect(parsed.items[0]).toEqual(jasmine.objectContaining({ kind: 'event', event: 'ball hit', at: 1, every: 2 }));
    expect((parsed.items[1] as Step).hands[0]).toEqual(jasmine.objectContaining({ kind: 'event', word: 'ball hit', offsetMs: 30 }));
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
    expect((parsed.items[1] as Step).act).toEqual(jasmine.objectContaining({ word: 'lunge', size: { value: 90, unit: 'cm' } }));
  });

  it('counts columns as a reader sees them', () => {
    expect(parse('# 🦶🦶 warm up\n🦶 split').errors[0]).toEqual(jasmine.objectContaining({ line: 2, column: 1 }));
    expect(parse('split, 🦶🦶 wobble').errors[0]?.column).toBe(8);
  });

  it('says plainly what is too much, and reads on', () => {
    const said = (text: string): string =>
      parse(text)
        .errors.map((error) => `${error.code} ${Object.values(error.values).join(' ')}`)
        .join(' ');
    expect(said('lunge ahead 40 m')).toContain('size-large 40 m');
    expect(said('pivot lead foot right 3600°')).toContain('turns-far pivot 720');
    expect(said('(split, advance')).toContain('bracket-open');
    expect(said('split) advance')).toContain('bracket-closes-nothing');
    expect(said('()')).toContain('bracket-empty');
    expect(said('advance 0')).toContain('count 0');
    expect(said('hold 40 cm')).toContain('takes-no-size hold');
    expect(said('ball hit at 9000 s')).toContain('time 3600');
    expect(said('out = (split), out = (hold 1 s)')).toContain('name-taken out');
    expect(said('cone doing (split)')).toContain('only-partner');
    expect(said('split at 2 s')).toContain('no-own-time');
    expect(said('shuffle')).toContain('needs-way shuffle');
    expect(said('advance left')).toContain('fixed-way advance ahead shuffle');
    expect(said('hold 9000 s')).toContain('hold-time 600');
    expect(said('advance + dance')).toContain('after-plus');
    expect(said('3')).toContain('count-alone');
    expect(said('split '.repeat(4000))).toContain(`too-long ${NOTATION_LIMITS.characters}`);
    expect(said('('.repeat(40) + 'split' + ')'.repeat(40))).toContain('bracket-deep');
  });

  it('never throws and never hangs, whatever is typed', () => {
    const word = fc.oneof(
      fc.string(),
      fc.constantFrom('split', 'lunge', 'shuffle', 'left', 'foot', '(', ')', '3', '40 cm', '+', 'hit', ',', '×', '"x"', '#', '\n'),
    );
    holds(
      fc.property(fc.array(word, { maxLength: 30 }), (words) => {
        const text = words.join(' ');
        for (const error of parse(text).errors) expect(error.from).toBeLessThanOrEqual(text.length);
      }),
    );
  });
});

describe('printing and mirroring', () => {
  it('print and parse round-trip', () => {
    holds(
      fc.property(fc.array(anyItem, { minLength: 1, maxLength: 6 }), (items) => {
        const parsed = parse(print(items));
        expect(parsed.errors).withContext(print(items)).toEqual([]);
        expect(withoutPlaces(parsed.items)).toEqual(withoutPlaces(items));
      }),
    );
  });

  it('mirroring twice is the text itself, comments and spacing included', () => {
    const text = 'shuffle right  40 cm # keep left\npivot lead foot -90°, lunge 30° left left foot';
    expect(mirrorText(text)).toBe('shuffle left  40 cm # keep left\npivot lead foot 90°, lunge 30° right right foot');
    holds(
      fc.property(fc.array(anyItem, { maxLength: 6 }), (items) => {
        expect(mirrorText(mirrorText(print(items)))).toBe(print(items));
      }),
    );
  });

  it('finds the nearest word', () => {
    expect(editDistance('kitten', 'sitting')).toBe(3); // Levenshtein's worked example
    expect(nearestWord('recvoer', ['retreat', 'recover'])).toBe('recover');
    expect(nearestWord('zzzzz', ['split'])).toBeNull();
  });
});
