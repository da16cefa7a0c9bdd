import fc from 'fast-check';
import { study } from '../judge/study.js';
import { holds } from '../testing/holds.js';
import { anyPerformer } from '../testing/performers.js';
import { bare } from './act.js';
import type { Act, Group, Step } from './ast.js';
import { ENGLISH } from './english.js';
import { EVENT_WORDS, THING_WORDS } from './floor-words.js';
import { lexiconOf } from './lexicon.js';
import { MOVE_WORDS } from './moves.js';
import { parse } from './parse.js';
import { print, printPattern } from './print.js';
import { wordClass } from './word-classes.js';

const step = (text: string): Step => parse(text).items[0] as Step;
const act = (text: string): Act => step(text).act;
const messages = (text: string): string[] =>
  parse(text).errors.map((error) => [error.code, ...Object.values(error.values).map(String)].join(' '));

describe('traps of the notation', () => {
  it('words of one kind are not words of another: only left and right are directions and, before ‘foot’, feet', () => {
    const { directions, sizes, tempos, units, styles, things, feet, keys } = ENGLISH;
    const all = [directions, sizes, tempos, units, styles, things, feet, keys]
      .flatMap((sayings: Readonly<Record<string, readonly string[]>>) => Object.values(sayings).flat())
      .flatMap((word) => word.split(' '));
    expect(all.filter((word, i) => all.indexOf(word) !== i)).toEqual(['hop', 'in']);
  });

  it('no move, event or thing is at the same time something that follows a move, spelt alone', () => {
    // A distance is kept by a step, or by a partner: where a step may begin, it is one.
    const both: readonly string[] = ['keep'];
    for (const word of [...MOVE_WORDS, ...EVENT_WORDS].filter((one) => !one.includes(' ') && !both.includes(one)))
      expect(wordClass(word)).withContext(word).toBe(-1);
    for (const word of THING_WORDS) expect(wordClass(word)).withContext(word).not.toBe(-1);
  });

  it('other spellings are the same moves', () => {
    for (const [spelling, word] of lexiconOf(ENGLISH).moves) {
      const said = step(`${spelling} right 30 cm`);
      expect(said.act.word).withContext(spelling).toBe(word);
    }
    expect(act('CHASSÉ Left 30 CM')).toEqual({ ...bare('chassé'), bearing: -90, size: { value: 30, unit: 'cm' } });
  });

  it('right foot right, right right foot, and right foot first', () => {
    expect(act('lunge right foot right')).toEqual(act('lunge right right foot'));
    expect(act('shuffle right right foot first').foot).toBe('right');
    expect(messages('lunge rear')).toEqual(['names-foot rear']);
  });

  it('3 is a count, 3 cm a size, 3× a multiple, ×3 a count, 3 s a time', () => {
    expect([step('advance 3').times, step('advance ×3').times, step('3 advance').times, step('3 times advance').times]).toEqual([
      3, 3, 3, 3,
    ]);
    expect(act('advance 3 cm').size).toEqual({ value: 3, unit: 'cm' });
    expect(act('advance 3×').size).toEqual({ value: 3, unit: 'own' });
    expect(step('advance 3 s').tempo).toEqual({ seconds: 3 });
    expect(step('advance in 3 s').tempo).toEqual({ seconds: 3 });
    expect(step('advance 3 cm 3').times).toBe(3);
  });

  it('in is inches after a number and ‘within’ before seconds', () => {
    expect(act('advance 8 in').size).toEqual({ value: 8, unit: 'in' });
    const both = step('advance 8 in in 0.5 s');
    expect([both.act.size, both.tempo]).toEqual([{ value: 8, unit: 'in' }, { seconds: 0.5 }]);
    expect(act('advance 1 ft 2 in then 1 ft').second).toEqual({ value: 1, unit: 'ft' });
  });

  it('two tempi inside a step; slow for the first foot, quick for the other', () => {
    const said = step('advance 20 cm slow then quick');
    expect([said.tempo, said.then]).toEqual([{ factor: 2 }, { factor: 0.7 }]);
    const sim = study('tempo flat, advance 20 cm slow then quick', { ...NOBODY }, false).simulation;
    expect(sim.actions.map((action) => Math.round((action.end - action.start) * 1000))).toEqual([440, 154]);
  });

  it('beats are half a second, or as long as the pattern says from there on', () => {
    expect(step('advance in 2 beats').tempo).toEqual({ seconds: 1 });
    const said = parse('beat of 0.6 s, advance in 1 beat, ball hit at 4 beats every 2 beats');
    expect(said.errors).toEqual([]);
    expect((said.items[0] as Step).tempo).toEqual({ seconds: 0.6 });
    expect(said.items[1]).toEqual(jasmine.objectContaining({ at: 2.4, every: 1.2 }));
    expect(messages('beat of 60 s, advance in 1 beat')).toEqual(['beat 0.1 5']);
  });

  it('a comment ends with its line, and may hold anything', () => {
    expect(parse('split # ) ( "unclosed, 3600°\nadvance').items.length).toBe(2);
    expect(messages('split # ) ( "unclosed, 3600°\nadvance')).toEqual([]);
  });

  it('one bad word does not lose the line, one bad bracket does not lose the rest', () => {
    const kept = (text: string): string => print(parse(text).items);
    expect(kept('split, frobnicate 3, advance 20 cm')).toBe('split, advance 20 cm');
    expect(kept('shuffle right wibble 40 cm slow')).toBe('shuffle right 40 cm slow');
    expect(kept('(split, advance) 3, shuffle left)')).toContain('shuffle left');
    expect(kept('(split, (advance, retreat')).toContain('advance, retreat');
    expect(kept(', , split;;\n\n· advance →')).toBe('split, advance');
  });

  it('contradictions are said: two directions that are none, a foot where none can be, both tempi', () => {
    expect(messages('lunge left right')).toEqual(['opposite left right']);
    expect(messages('shuffle back ahead')[0]).toBe('opposite back ahead');
    expect(messages('advance right')[0]).toBe('fixed-way advance ahead shuffle');
    expect(messages('square up left foot')[0]).toBe('takes-no-foot square up');
    expect(messages('pivot lead foot')[0]).toBe('needs-turn pivot');
    expect(messages('hold 2 s 40 cm')[0]).toBe('takes-no-size hold');
    expect(messages('out')[0]).toBe('no-beginning out');
    expect(messages('out 40 cm, out = (split)').length).toBeGreaterThan(0);
  });

  it('names, things, intentions and steps print and parse again', () => {
    const text =
      'cone "A" at 1 m right 2 m ahead\npartner at 150 cm ahead doing (advance 20 cm, retreat 20 cm)\nout = (shuffle right 40 cm, lunge to cone "A" short 30 cm)\nintended narrow\n(out 1.2× quick | split several) 3 times each side, ball hit at 1 s every 2 s, advance slow then quick + "jab" 30 ms before landing';
    const once = parse(text);
    expect(once.errors).toEqual([]);
    const again = parse(printPattern(once));
    expect(again.errors).toEqual([]);
    expect(printPattern(again)).toBe(printPattern(once));
    expect((again.items[0] as Group).branches.length).toBe(2);
  });
});

const NOBODY = fc.sample(anyPerformer, { numRuns: 1, seed: 1 })[0] as Parameters<typeof study>[1];

describe('numbers that are missing or too large', () => {
  it('are said where they should stand, and nothing is reckoned from them', () => {
    const huge = '9'.repeat(400);
    for (const turn of ['quarter ° |', 'drop step ° )', `orbit left ${huge}°`, `jump ${huge} degrees`])
      expect(messages(turn)).withContext(turn).toContain('angle');
    for (const [text, odd] of [
      ['pivot right degrees', 'degrees'],
      ['shuffle ° right', '°'],
      ['jump °', '°'],
    ] as const)
      expect(messages(text).some((message) => message.split(' ').includes(odd)))
        .withContext(text)
        .toBeTrue();
    // A direction stays one beside a word that is none.
    expect(parse('pivot right degrees').items).toEqual([jasmine.objectContaining({ act: jasmine.objectContaining({ turn: 90 }) })]);
    for (const hit of [`lunge + hit ${huge} ms after landing`, `lunge + hit ${huge} s before landing`])
      expect(messages(hit)).withContext(hit).toEqual(['hit-time']);
    expect(messages(`hold ${huge} s`)).toEqual(['hold-time 600']);
    expect(messages(`advance ${huge} cm`).length).toBe(1);
    expect(messages(`split ${huge}`).length).toBe(1);
  });
});

describe('whatever is typed', () => {
  const { feet, directions } = lexiconOf(ENGLISH);
  const words = [...MOVE_WORDS, ...EVENT_WORDS, ...THING_WORDS, ...[...feet.keys()].map((foot) => `${foot} foot`), ...directions.keys()];
  const rest = [
    '(',
    ')',
    '|',
    ',',
    '=',
    '40 cm',
    '3',
    '0.5 s',
    '90°',
    '-3600°',
    'each side',
    'each lead',
    'mirrored',
    '+ hit',
    '"x"',
    'to',
    'home',
    'then',
    'out',
    'every 1 s',
    'at 1 m right',
    'doing (',
    '°',
    'degrees',
    '-',
    'ms before landing',
    'after landing',
    'beats',
    '+',
    '×',
    '9'.repeat(400),
  ];
  /** Every number anywhere in an answer. */
  const numbers = (part: unknown): number[] =>
    typeof part === 'number' ? [part] : part !== null && typeof part === 'object' ? Object.values(part).flatMap(numbers) : [];

  it('is studied without a throw, with finite numbers and places inside the text', () => {
    holds(
      fc.property(
        anyPerformer,
        fc.array(fc.oneof(fc.constantFrom(...words), fc.constantFrom(...rest), fc.string({ maxLength: 4 })), { maxLength: 25 }),
        (p, said) => {
          const text = said.join(' ');
          const seen = study(text, p, true);
          expect(numbers(seen).filter((number) => !Number.isFinite(number))).toEqual([]);
          for (const { span } of seen.findings) if (span) expect(span.to).toBeLessThanOrEqual(text.length);
          const shares = Object.entries(seen.shares)
            .filter(([state]) => state !== 'stopSafe')
            .reduce((sum, [, part]) => sum + (part as number), 0);
          if (seen.totals.seconds > 0) expect(shares).toBeCloseTo(1, 6);
        },
      ),
    );
  });
});
