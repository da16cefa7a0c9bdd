import fc from 'fast-check';
import { holds } from '../../testing/holds.js';
import { printDose } from '../dose-print.js';
import { readDose } from '../dose-text.js';
import { LANGUAGE } from '../language.js';
import { definitionsOf } from '../own-moves.js';
import { understand } from '../plain.js';
import { keptDose, keptMoves, keptSteps } from './kept.js';

/** Pieces of which lines of the first language were made, in any order. */
const WORDS = [
  ...[
    'split',
    'shuffle',
    'advance',
    'retreat',
    'lunge',
    'pivot',
    'hold',
    'half step',
    'recover',
    'run',
    'switch',
    'jump',
    'drop step',
    'turn',
  ],
  ...[
    'left',
    'right',
    'ahead',
    'back',
    '45°',
    '60° left',
    '90',
    'left foot',
    'rear foot',
    'quick',
    'slow',
    'in 0.4 s',
    'small',
    'mirrored',
  ],
  ...[
    '40 cm',
    '40',
    '2x',
    '1.5×',
    '2 ft',
    '3',
    'x3',
    '3 times',
    'twice',
    '2 each side',
    '+ hit on landing',
    '"jab"',
    '+ jab',
    'slide',
    'then',
  ],
  ...['cone "A" at 1 m right', 'partner ahead 2 m', 'to cone "A"', 'to home', 'fast = (hold 1 s)', 'fast', 'corner', '# wide', '\n'],
];
const separators = [' ', ' ', ' ', ' ', ', ', ', ', '; ', ' | ', ' (', ') '];
const typed = fc
  .array(fc.tuple(fc.constantFrom(...WORDS), fc.constantFrom(...separators)), { minLength: 1, maxLength: 12 })
  .map((parts) => parts.flat().join(''));

describe('a line of the first language', () => {
  it('that reads otherwise today stands as what it said', () => {
    const cases: [string, string | null][] = [
      // As it was.
      ['split, shuffle right 40 cm', null],
      ['(advance 25 cm 2, retreat 25 cm 2) 3 each side', null],
      ['lunge ahead right 80 cm right foot + hit 80 ms after landing, recover back', null],
      // A number behind ‘x’ was a size, one alone a count.
      ['advance 3x', 'advance 3×'],
      ['shuffle right 40', 'shuffle right 40 times'],
      ['pivot left 90', 'pivot left 90° 90 times'],
      ['3 advance 2', 'advance 2 times'],
      // The last of two counted.
      ['advance slow quick', 'advance quick'],
      ['lunge left foot right foot', 'lunge right foot'],
      // Marked then, read today: what was done stands.
      ['shuffle 3', 'shuffle right 3 times'],
      ['split, slide left', 'split'],
      // Nothing was read: it stands as it was typed.
      ['turn 180', 'turn 180'],
      // Remarks stay; a name that means something else today is another one.
      ['advance 3x # wide', 'advance 3×\n# wide'],
      ['fast = (hold 1 s), split, fast 2', 'my-fast = (hold 1 s)\nsplit, my-fast 2 times'],
      ['my-fast = (split), fast = (advance), fast, my-fast', 'my-fast = (split)\nmy-fast-b = (advance)\nmy-fast-b, my-fast'],
      // Degrees were printed whether they were typed or not: neither is another line.
      ['cut right 30 cm, step-out quarter left', null],
      ['cut right 45° 30 cm', null],
      ['cut right 60°, advance 3x', 'cut right 60°, advance 3×'],
      ['cut right 45°, advance 3x', 'cut right, advance 3×'],
      // Printed then and without effect: it is left out.
      ['cone "A" at 1 m right\nheel raise to cone "A" 3x', 'cone "A" at 1 m right\nheel raise'],
    ];
    for (const [line, stands] of cases)
      expect(keptSteps(line, 1)?.stands ?? null)
        .withContext(line)
        .toBe(stands);
  });

  it('stands in words that are read today as they are printed, whatever was typed; once it stands it goes on standing', () => {
    holds(
      fc.property(typed, (line) => {
        const kept = keptSteps(line, 1);
        if (!kept || kept.was === '') return;
        const { parsed, plain } = understand(kept.stands);
        expect(parsed.errors.map(({ code }) => code))
          .withContext(`${line} → ${kept.stands}`)
          .toEqual([]);
        expect(plain).withContext(line).toBe(kept.was);
        expect(keptSteps(kept.stands, 1)).withContext(kept.stands).toBeNull();
        expect(keptSteps(kept.stands, LANGUAGE)).toBeNull();
      }),
    );
  });

  it('holds a club’s own moves as they were, by names that are free today', () => {
    const moves = [
      { name: 'stamp', steps: 'half step ahead 20 cm' },
      { name: 'double', steps: 'stamp, advance 3x' },
      { name: 'corner', steps: 'shuffle right 40 cm, lunge ahead' },
      { name: 'my-stamp', steps: 'hold 1 s' },
    ];
    const { moves: kept, own } = keptMoves(moves, 1);
    expect(kept).toEqual([
      { name: 'my-stamp-b', steps: 'half step ahead 20 cm' },
      { name: 'my-double', steps: 'my-stamp-b, advance 3×' },
      { name: 'corner', steps: 'shuffle right 40 cm, lunge ahead' },
      { name: 'my-stamp', steps: 'hold 1 s' },
    ]);
    expect(keptSteps('stamp, double, corner 2', 1, own)?.stands).toBe('my-stamp-b, my-double, corner 2 times');
    expect(keptSteps('corner 2', 1, own)).toBeNull();
    // However many names are taken, one is found.
    const taken = Array.from({ length: 26 }, (_, n) => ({
      name: `my-stamp${n === 0 ? '' : `-${String.fromCharCode(97 + n)}`}`,
      steps: 'split',
    }));
    const [free] = keptMoves([{ name: 'stamp', steps: 'split' }, ...taken], 1).moves;
    expect(free?.name).toBe('my-stamp-ba');
    expect(definitionsOf(kept).map(({ name }) => name)).toEqual(kept.map(({ name }) => name));
    // A plain form that is longer than a move may be cannot stand: what was typed does.
    const long = 'pivot left 90, '.repeat(130);
    const [corner] = keptMoves([{ name: 'corner', steps: long }], 1).moves;
    expect([long.length <= 2000, corner?.steps]).toEqual([true, long]);
    expect(keptSteps(long, 1)?.stands.length).toBeGreaterThan(2000);
    expect(keptMoves(moves, LANGUAGE).moves.slice(2)).toEqual(moves.slice(2));
  });
});

describe('a dose of the first language', () => {
  it('that reads otherwise today stands as what it said', () => {
    const cases: [string, string | null][] = [
      ['3 × 8, rest 20 s', null],
      ['1–3 sets of 6–8, set rest 45 s', null],
      ['', null],
      // A rest between sets where there was one set, and one between rounds where there was one round, never came.
      ['3 × 8, set rest 60 s', '3 × 8'],
      ['2 sets of 5 reps, rest 1 min', '2 sets of 5'],
      // The last of two counted.
      ['10, rest 5, rest 20', '10, rest 20 s'],
      // A line that is chimed.
      ['2 min, every 20 s (advance 3x)', '2 min, every 20 s (advance 3×) at once'],
      ['5 sets of nothing', '5 sets of nothing'],
    ];
    for (const [dose, stands] of cases)
      expect(keptDose(dose, 1)?.stands ?? null)
        .withContext(dose)
        .toBe(stands);
  });

  it('stands in words that are read today as they are printed', () => {
    const clause = fc.constantFrom(
      ...['rest 20 s', 'rest 10–20 s', 'set rest 60 s', '2 sets', 'no rest', 'each side', 'every 20 s (split 3x)', 'rest 5', 'double'],
    );
    const head = fc.constantFrom(
      '3',
      '3 × 8',
      '4 sets of 2 × 8',
      '6 x 45 s',
      '30–60 s',
      'until comfortable',
      '10 each side',
      'pyramid 5',
      '1,5 min',
    );
    holds(
      fc.property(head, fc.array(clause, { maxLength: 4 }), (first, more) => {
        const kept = keptDose([first, ...more].join(', '), 1);
        if (!kept || kept.was === '') return;
        const { dose, errors } = readDose(kept.stands);
        expect([dose && printDose(dose), errors.length])
          .withContext(`${first}, ${more.join(', ')}`)
          .toEqual([kept.stands, 0]);
        expect(keptDose(kept.stands, LANGUAGE)).toBeNull();
      }),
    );
  });
});

describe('the second language', () => {
  it('read less of what a coach says: what it left out stays left out', () => {
    const teep = keptMoves([{ name: 'teep', steps: '"teep"' }], 2).own;
    expect(keptSteps('advance with a teep, split', 2, teep)?.stands).toBe('advance, split');
    expect(keptSteps('advance + teep, split', 2, teep)).toBeNull();
    expect(keptDose('1 min left, 1 min right', 2)?.stands).toBe('60 s');
    expect(keptDose('3 × 5 left, rest 10 s', 2)?.stands).toBe('3 × 5, rest 10 s');
    // What was marked then is asked or read today: what was done stands.
    const lines: [string, string | null][] = [
      ['advance lunge recover', 'advance'],
      ['lunge in 1', 'lunge in 1 s'],
      ['advance then quick lunge', 'advance then quick'],
      ['run to rear forehand corner', 'run'],
      ['run 3 steps left, forehand drive', 'run left 3 times, "forehand"'],
      ['advance in 1 s, lunge in 0.5 s', null],
      ['run to rear corner forehand side, small split', null],
    ];
    for (const [line, stands] of lines)
      expect(keptSteps(line, 2)?.stands ?? null)
        .withContext(line)
        .toBe(stands);
    for (const same of ['5 left 5 right', '10 forehands', '3 × 8 each side, rest 20 s'])
      expect(keptDose(same, 2)).withContext(same).toBeNull();
  });

  it('of language 3 knew no distance that is kept: it goes on being left out', () => {
    const partner = 'partner at 1.4 m ahead doing (advance 20 cm)';
    expect(keptSteps(`${partner}, split, keep 1.4 m for 5 s`, 3)?.stands).toBe(`${partner}\nsplit`);
    expect(keptSteps(`${partner} , split, hold 5 s`, 3)).toBeNull();
    expect(keptSteps('partner at 1.4 m ahead follows keep 1.6 m, split', 3)).toBeNull();
  });

  it('keeps what it read, whatever was typed, in words that read the same today', () => {
    const dose = fc
      .array(
        fc.constantFrom(
          '3 ×',
          '2 sets of',
          '5',
          '1 min',
          '30 s',
          'left',
          'right',
          'forehand',
          'each side',
          'then',
          ',',
          'and',
          'rest 20 s',
        ),
        {
          minLength: 1,
          maxLength: 8,
        },
      )
      .map((words) => words.join(' '));
    holds(
      fc.property(dose, typed, (said, line) => {
        const [ofDose, ofLine] = [keptDose(said, 2), keptSteps(line, 2)];
        if (ofDose && ofDose.was !== '') {
          const { dose, errors } = readDose(ofDose.stands);
          expect([dose && printDose(dose), errors.length])
            .withContext(said)
            .toEqual([ofDose.stands, 0]);
        }
        if (ofLine === null || ofLine.was === '') return;
        const { parsed, plain } = understand(ofLine.stands);
        expect([parsed.errors.length, plain]).withContext(line).toEqual([0, ofLine.was]);
        expect(keptSteps(ofLine.stands, 2)).withContext(line).toBeNull();
      }),
    );
  });
});
