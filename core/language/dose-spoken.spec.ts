import fc from 'fast-check';
import { stretchesOf } from '../plan/work-and-rest.js';
import { holds } from '../testing/holds.js';
import { sumsOf } from '../testing/sums.js';
import { DOSE_LIMITS } from './dose.js';
import { ENGLISH_DOSES } from './dose-english.js';
import { answered, understandDose } from './dose-plain.js';
import { printDose } from './dose-print.js';
import { readDose, secondsSaid } from './dose-text.js';
import type { DoseKey } from './dose-vocabulary.js';

/** What coaches say, and the plain form of it: read without a question. */
const READ: Readonly<Record<string, string>> = {
  // Rest on either side of its time, and of the work.
  '5 x 3 min, 1 min rest': '5 × 3 min, rest 60 s',
  '3 × 8, 20 s rest': '3 × 8, rest 20 s',
  'rest 20 s, 3 × 8': '3 × 8, rest 20 s',
  '3 × 8 20 s rest': '3 × 8, rest 20 s',
  '3 × 30 s rest 20 s': '3 × 30 s, rest 20 s',
  '5 rounds, 3 minutes each, 1 minute between': '5 × 3 min, rest 60 s',
  '2 x 3 x 30 s with 20 s between and 1 min between sets': '2 sets of 3 × 30 s, rest 20 s, set rest 60 s',
  '2 x (3 x 30 s, 20 s rest), 1 min rest': '2 sets of 3 × 30 s, rest 20 s, set rest 60 s',
  '4 x 30 s (20 s rest)': '4 × 30 s, rest 20 s',
  '3 sets of 10, 1 min rest': '3 sets of 10, set rest 60 s',
  '3 × 10 with 30 seconds between sets': '3 sets of 10, set rest 30 s',
  '3 × 30 s, rest as long as work': '3 × 30 s, rest 1 × work',
  '3 x 20 s work to rest 1:2': '3 × 20 s, rest 2 × work',
  '3 × 45 s without rest': '3 × 45 s, rest 0 s, set rest 0 s',
  // Work against rest.
  '30 on 30 off': '30 s, rest 30 s',
  '30 s on, 30 s off, 8 rounds': '8 × 30 s, rest 30 s',
  '30 s on / 30 s off x 8': '8 × 30 s, rest 30 s',
  '30 seconds work, 15 seconds rest, 6 rounds': '6 × 30 s, rest 15 s',
  '20/10 × 8': '8 × 20 s, rest 10 s',
  '8 x 20/10': '8 × 20 s, rest 10 s',
  '5 x 3:00/1:00': '5 × 3 min, rest 60 s',
  '3x45s/15s': '3 × 45 s, rest 15 s',
  // What is counted.
  '10 splits': '10',
  '10 split steps': '10',
  '10 shots': '10',
  '10 forehands': '10',
  'set of eight': '8',
  '10 rounds of 10 shots': '10 × 10',
  '3 sets of 3 rounds of 10': '3 sets of 3 × 10',
  '2 or 3 sets of 10': '2–3 sets of 10',
  '8 balls x 4': '4 × 8',
  '30 s x4': '4 × 30 s',
  '4 times 30 seconds': '4 × 30 s',
  '4x': '4',
  x4: '4',
  twice: '2',
  'one round': '1',
  'a dozen': '12',
  '10-12 reps': '10–12',
  // Sides.
  '10 per side': '10 each side',
  '8/leg': '8 each side',
  '10 a side': '10 each side',
  '10 on each side': '10 each side',
  '10 each': '10 each side',
  '5 left 5 right': '5 each side',
  '5 right, 5 left': '5 each side',
  '5 sets of 10 left and 10 right': '5 sets of 10 each side',
  '10 forehand 10 backhand': '10 each side',
  '1 min left, 1 min right': '60 s each side',
  '20 s right then 20 s left, 3 rounds': '3 × 20 s each side',
  '3 × 20 s left and 20 s right, rest 10 s': '3 × 20 s each side, rest 10 s',
  '2 x 3 x 5 left 5 right, rest 10 s': '2 sets of 3 × 5 each side, rest 10 s',
  '30 s forehand, 30 s backhand': '30 s each side',
  '2 minutes each stance': '2 min each lead',
  // Times.
  'half a minute': '30 s',
  '45 secs': '45 s',
  '1 min 30': '90 s',
  '3 x 1 min 30 rest 20 s': '3 × 90 s, rest 20 s',
  '2 min 15 s': '135 s',
  "1'30": '90 s',
  '90"': '90 s',
  'one and a half minutes': '90 s',
  'a minute and a half': '90 s',
  'forty-five seconds': '45 s',
  'three rounds of two minutes': '3 × 2 min',
  'Three 3-minute rounds, one minute rest': '3 × 3 min, rest 60 s',
  '15 s or until comfortable': 'until comfortable',
  'until it feels easy or 20 s': 'at least 20 s until comfortable',
  '20 s or till confident': 'at least 20 s until comfortable',
  // What else happens.
  '9 calls in 30 s': '9 calls in 30 s',
  '60 s with a lunge every 15 s': '60 s, every 15 s (lunge) at once',
  '10, count down': '10, count down',
  '8, beats (set, load, hit)': '8, beats (set, load, hit) aloud',
  '10 × 10 in 2 min': '10 × 10 in 2 min',
  '3 rounds of 20 in 30 s': '3 rounds of 20 in 30 s',
  'ladder 1 to 5': 'ladder 1-2-3-4-5',
};

/** What is asked, with what may be meant; and what is marked, all else kept. */
const ASKED: Readonly<Record<string, readonly string[]>> = {
  '10 in a row': ['10'],
  '5 x 3/1': ['5 × 3 min, rest 60 s', '5 × 3 s, rest 1 s'],
  '1,5 min': ['90 s', '5 min'],
  '6 left 4 right': ['6 each side', '4 each side'],
  '5 left': ['5 each side', '5'],
  '1 min left 2 min right': ['60 s each side', '2 min each side'],
  '10 left 1 min right': ['10 each side', '60 s each side'],
  '5 min left': ['5 min each side', '5 min'],
  '5 min or 20 reps': ['5 min', '20'],
};
const MARKED: Readonly<Record<string, readonly [plain: string, ...marked: string[]]>> = {
  '6 × 45 secnds': ['6 × 45', 'secnds'],
  'about 10': ['10', 'about'],
  '10 clean': ['10', 'clean'],
  '3 × 8, 20 s rest, 30 s rest': ['3 × 8, rest 20 s', '30 s rest'],
  '10 jabs, 10 crosses': ['10', '10 crosses'],
  '3 × 8, later': ['3 × 8', 'later'],
  '3 × 8, rest 2 days': ['3 × 8', 'rest 2 days'],
  '2.5 × 8': ['2 × 8', '2.5'],
  '3 × 30 s + 5': ['3 × 30 s', '+', '5'],
  '2 min, every 20 s': ['2 min', 'every 20 s'],
  '10 отжиманий': ['10', 'отжиманий'],
};

describe('a dose as it is said', () => {
  it('is read as it is meant, and its plain form as itself', () => {
    for (const [said, plain] of Object.entries(READ)) {
      const read = understandDose(said);
      expect([read.plain, read.errors]).withContext(said).toEqual([plain, []]);
      expect(readDose(plain)).withContext(said).toEqual({ dose: read.dose, errors: [] });
      expect(understandDose(plain).same).withContext(plain).toBeTrue();
    }
  });

  it('is asked about where it may be either; each answer is read', () => {
    for (const [said, plain] of Object.entries(ASKED)) {
      const [error, ...more] = readDose(said).errors;
      expect(more).withContext(said).toEqual([]);
      const answers = (error?.readings ?? []).map((one) => (error ? understandDose(answered(said, error, one)) : null));
      expect(answers.flatMap((one) => one?.errors ?? []))
        .withContext(said)
        .toEqual([]);
      expect(answers.map((one) => one?.plain ?? ''))
        .withContext(said)
        .toEqual([...plain]);
    }
  });

  it('keeps what it says, and marks the rest where it stands', () => {
    for (const [said, [plain, ...marked]] of Object.entries(MARKED)) {
      const read = understandDose(said);
      expect([read.plain, ...read.errors.map(({ from, to }) => said.slice(from, to).trim())])
        .withContext(said)
        .toEqual([plain, ...marked]);
    }
  });

  it('names the nearest form of what was typed, not always the same', () => {
    expect(readDose('20 s rest').errors.at(-1)?.instead).toBe('3 × 30 s, rest 20 s');
    expect(readDose('untl comfortable').errors.at(-1)?.instead).toBe('until comfortable');
    expect(readDose('count down').errors.at(-1)?.instead).toBe('3 × 30 s, count down');
  });

  it('claims are for a round, or for all of them together', () => {
    const pace = { rep: [1.5, 1.5], call: 3, waves: 1 } as const;
    const worked = (text: string): number => {
      const { dose } = readDose(text);
      return dose ? sumsOf(stretchesOf(dose, pace)).work : 0;
    };
    expect(['10 × 10 in 2 min', '3 rounds of 20 in 30 s', '2 sets of 3 × 20 in 30 s', '9 calls in 30 s', '9 calls'].map(worked)).toEqual([
      120, 90, 180, 30, 27,
    ]);
  });

  it('times alone are those of the same grammar', () => {
    expect(['1 min 30', '0 s', 'half a minute', '30–60 s', '3 × 30 s', 'soon', ''].map(secondsSaid)).toEqual([
      90,
      0,
      30,
      null,
      null,
      null,
      null,
    ]);
  });

  // Pieces of doses, and noise between them.
  const keys = Object.values(ENGLISH_DOSES.keys).flat();
  const piece = fc.oneof(
    { arbitrary: fc.constantFrom(...Object.keys(READ)), weight: 3 },
    {
      arbitrary: fc.constantFrom(...keys, '3', '8', '20', '1:30', '45 s', '2 min', '×', '/', '(', ')', ':', '-', 'lunge', 'sooner'),
      weight: 6,
    },
    { arbitrary: fc.string({ maxLength: 6 }), weight: 1 },
  );
  const keysOf = (key: DoseKey): readonly string[] => ENGLISH_DOSES.keys[key];
  const said = fc.array(piece, { minLength: 1, maxLength: 8 }).map((pieces) => pieces.join(' ').slice(0, DOSE_LIMITS.characters));

  /** What says nothing more beside another word: ‘3 bouts, 2 min each’, ‘in all’, ‘8 s work’, ‘2 min 8 s’, ‘ladder to 8’. */
  function goesWithout(one: string, next: string, pieces: readonly string[]): boolean {
    const beside = (...keys: DoseKey[]): boolean => keys.flatMap(keysOf).some((word) => pieces.includes(word));
    return (
      ((['each', 'every'] as const).flatMap(keysOf).includes(one) && beside('set', 'round', 'article', 'both')) ||
      (keysOf('both').includes(one) && beside('each')) ||
      (keysOf('to').includes(one) && beside('ladder', 'pyramid')) ||
      (keysOf('in').includes(one) && (['all', 'between'] as const).flatMap(keysOf).includes(next)) ||
      (keysOf('seconds').includes(one) && (beside('work', 'on', 'off', 'rest') || pieces.includes('2 min')))
    );
  }

  it('each word of it is used or marked: without it there is another dose, or it says nothing anywhere', () => {
    // What goes without saying: once, and that it is work; and units, which the line of steps does.
    const silent = (['article', 'and', 'repetition', 'all', 'set', 'round', 'once', 'work', 'on', 'sides', 'times'] as const).flatMap(
      keysOf,
    );
    const nothing = new Set([...ENGLISH_DOSES.fillers, ...silent, 'forehand', 'backhand', '×']);
    holds(
      fc.property(
        fc.shuffledSubarray([...keys, '3', '8', '20', 'soon', '45 s', '2 min', '×'], { minLength: 2, maxLength: 7 }),
        (pieces) => {
          const text = pieces.join(' ');
          const { dose, errors } = readDose(text);
          if (dose === null || errors.some(({ code }) => code === 'no-dose')) return;
          const is = JSON.stringify(dose);
          for (const [i, one] of pieces.entries()) {
            const from = pieces.slice(0, i).join(' ').length + (i === 0 ? 0 : 1);
            const isMarked = errors.some((error) => error.from < from + one.length && error.to > from);
            if (isMarked || nothing.has(one) || goesWithout(one, pieces[i + 1] ?? '', pieces)) continue;
            const without = readDose(pieces.filter((_, k) => k !== i).join(' '));
            expect(JSON.stringify(without.dose) === is && without.errors.length === errors.length)
              .withContext(`‘${one}’ of ‘${text}’ says nothing: ${printDose(dose)}`)
              .toBeFalse();
          }
        },
      ),
    );
  });

  it('whatever is typed, its plain form is read as itself, and nothing is not a number', () => {
    holds(
      fc.property(said, (text) => {
        const { dose, errors } = readDose(text);
        expect(
          errors.length <= DOSE_LIMITS.errors + 1 && errors.every(({ from, to }) => from >= 0 && to <= text.length && from <= to),
        ).toBeTrue();
        if (dose === null) return expect(errors.length).toBeGreaterThan(0);
        expect(JSON.stringify(dose)).not.toMatch(/null,"high"|NaN|Infinity/);
        const plain = printDose(dose);
        expect([printDose(readDose(plain).dose ?? dose), readDose(plain).errors.length])
          .withContext(`${text} → ${plain}`)
          .toEqual([plain, 0]);
      }),
    );
  });
});
