import fc from 'fast-check';
import { ROUND_FORMATS } from '../catalogue/presets.js';
import { chimedRound, momentsOf } from '../plan/chimes.js';
import { stretchesOf, questionsOf, type Pace } from '../plan/work-and-rest.js';
import { clockText } from '../plan/clock-text.js';
import { holds } from '../testing/holds.js';
import { anyStageDose } from '../testing/sessions.js';
import { sumsOf } from '../testing/sums.js';
import { printDose } from './dose-print.js';
import { mendedDose, readDose } from './dose-text.js';
import { atEnd, doseBy, exactly, pyramid, roundsOf, turnsOf, type Dose } from './dose.js';
import { fromRounds, toRounds } from './rounds.js';

const pace: Pace = { rep: [2, 2.5], call: null, waves: 1 };
const dose = (text: string): Dose => {
  const read = readDose(text);
  expect(read.errors).withContext(text).toEqual([]);
  return read.dose as Dose;
};
const total = (text: string, more: Partial<Pace> = {}): string => clockText(sumsOf(stretchesOf(dose(text), { ...pace, ...more })).total);

describe('a dose as a coach types it', () => {
  it('is read back from its print, whatever it is', () => {
    holds(
      fc.property(anyStageDose, (any) => {
        const read = readDose(printDose(any));
        expect(read.errors).toEqual([]);
        expect(read.dose).toEqual(any);
      }),
    );
  });

  it('understands the ways it is said', () => {
    const same = (a: string, b: string): void =>
      expect(printDose(dose(a)))
        .withContext(a)
        .toBe(b);
    same('6 x 45 sec, rest 20 seconds', '6 × 45 s, rest 20 s');
    same('4 sets of 2 × 8', '4 sets of 2 × 8');
    same('2 × 3 × 30 s, rest between rounds 20 s, between sets 1 min', '2 sets of 3 × 30 s, rest 20 s, set rest 60 s');
    same('3 rounds of 1:30, no rest', '3 × 90 s, rest 0 s, set rest 0 s');
    same('5 × 8 balls, rest 40 s', '5 × 8, rest 40 s');
    same('8 doubles', '8 doubles');
    same('pyramid 3', 'ladder 1-2-3-2-1');
    same('until easy', 'until comfortable');
    same('30 to 60 s', '30–60 s');
    same('3 × 20 s, work:rest 1:3', '3 × 20 s, rest 3 × work');
    same('2 min, every 20 s (lunge ahead, recover back)', '2 min, every 20 s (lunge ahead, recover back) at once');
    same('10 both legs in all', '10 both sides in all');
  });

  it('says plainly what cannot be, with the nearest thing that works', () => {
    const wrong = (text: string): [string, string | null] => {
      const read = readDose(text);
      const [error] = read.errors;
      return [error ? `${error.code} ${Object.values(error.values).join(' ')}`.trim() : '', error?.instead ?? null];
    };
    expect(wrong('')[1]).toBe('3 × 30 s');
    expect(wrong('0 × 8')).toEqual(['under-one 0 100', '1']);
    expect(wrong('3 × -5')[0]).toContain('under-one -5');
    expect(wrong('60–30 s')).toEqual(['downwards 60–30 s 3600', '30–60 s']);
    expect(wrong('3 × 30 s, rest 25 h')[0]).toBe('rest-long');
    expect(wrong('3 × 30 s, rest -4')[0]).toBe('rest-negative');
    expect(wrong('3 × 30 s, later')[0]).toBe('not-understood later');
    expect(readDose('a lot').errors.map(({ code }) => code)).toEqual(['no-dose']);
    expect(wrong('99999 s')[0]).toContain('too-much 99999 s');
    // What can be read is kept.
    expect(printDose(readDose('3 × 30 s, later, rest 5 s').dose as Dose)).toBe('3 × 30 s, rest 5 s');
    expect(readDose('3 × 30 s, later').errors[0]).toEqual(jasmine.objectContaining({ from: 10, to: 15 }));
  });

  it('is mended into the nearest dose that can be read as a whole', () => {
    expect(mendedDose('3 × 30 s, rest 20 s')).toBeNull();
    expect(['-3 × 8', '60–30 s, rest 5 s', '3 × 8 each side, rest 2 days', '3 × 30 s, later', 'a lot', ''].map(mendedDose)).toEqual([
      '8',
      '30–60 s, rest 5 s',
      '3 × 8 each side, rest 30 s',
      '3 × 30 s',
      '3 × 30 s',
      '3 × 30 s',
    ]);
    const pieces = [
      '3 × ',
      '-2 × ',
      '30 s',
      '0',
      '60–30 s',
      ' each side',
      ', rest 9 days',
      ', rest x',
      ', set rest -1',
      ', every 0 s (lunge)',
      ' odd',
    ];
    holds(
      fc.property(fc.array(fc.constantFrom(...pieces), { maxLength: 6 }), (said) => {
        const mended = mendedDose(said.join(''));
        if (mended !== null)
          expect(readDose(mended).errors)
            .withContext(`${said.join('')} → ${mended}`)
            .toEqual([]);
      }),
    );
  });

  it('never throws on anything typed', () => {
    holds(
      fc.property(fc.string({ maxLength: 60 }), (text) => {
        const read = readDose(text);
        expect(read.dose !== null || read.errors.length > 0).toBeTrue();
      }),
    );
  });
});

describe('the arithmetic of doses', () => {
  it('S sets of R rounds have S(R − 1) rests and S − 1 set rests, and nothing after the last', () => {
    holds(
      fc.property(anyStageDose, fc.constantFrom(1, 2, 3), (any, waves) => {
        const parts = stretchesOf(any, { ...pace, waves });
        const low = atEnd(any, 'low');
        const [rounds, sets] = [roundsOf(low), low.sets.low];
        const sums = sumsOf(parts);
        expect(sums.total).toBeCloseTo(
          parts.reduce((sum, part) => sum + part.end - part.start, 0),
          6,
        );
        expect(parts.at(-1)?.kind).toBe('work');
        expect(parts.filter((part) => part.kind === 'work').length).toBe(
          rounds * sets * waves * (any.sides ? 2 : 1) - missing(any, rounds) * sets * waves,
        );
        expect(sums.rests).toBeLessThanOrEqual(sets * (rounds - 1));
        expect(sums.setRests).toBeLessThanOrEqual(sets - 1);
        if (typeof any.rest === 'number' && any.rest > 0 && waves === 1) expect(sums.rests).toBe(sets * (rounds - 1));
        if (typeof any.setRest === 'number' && any.setRest > 0 && waves === 1) expect(sums.setRests).toBe(sets - 1);
      }),
    );
  });

  /** Counts of one in all leave nothing for the other side. */
  function missing(any: Dose, rounds: number): number {
    if (any.sides === null || any.sides.share === 'each') return 0;
    if (any.work.by === 'count' || any.work.by === 'calls') return any.work.count.low === 1 ? rounds : 0;
    return any.work.by === 'ladder' ? any.work.counts.filter((n) => n === 1).length : 0;
  }

  it('published formats take what the clock on the wall says (values from memory): 3 × 3 is 11 min, 12 × 3 is 47', () => {
    const times = Object.fromEntries(ROUND_FORMATS.map((format) => [format.code, total(format.dose)]));
    expect(times).toEqual({
      'boxing-elite': '11:00',
      'boxing-championship': '47:00',
      'mixed-rules': '17:00',
      'mixed-rules-title': '29:00',
      kickboxing: '8:00',
      taekwondo: '8:00',
      'karate-seniors': '3:00',
      'fencing-direct-bout': '11:00',
      'fencing-pool': '3:00',
    });
  });

  it('doses of common practice add up (common practice, no source)', () => {
    // The worked evening, by hand.
    expect(total('2 × 3 × 30 s, rest 20 s, set rest 60 s')).toBe('5:20');
    expect(total('6 × 45 s, rest 20 s')).toBe('6:10');
    expect(total('4 sets of 2 × 8, rest 10 s, set rest 30 s')).toBe(clockText(4 * 2 * 16 + 4 * 10 + 3 * 30));
    // Ten each side is twice ten, ten alone is ten, ten in all is five and five.
    expect(sumsOf(stretchesOf(dose('10 each side'), pace)).reps).toEqual([10, 10]);
    expect(sumsOf(stretchesOf(dose('10'), pace)).reps).toEqual([10, 0]);
    expect(sumsOf(stretchesOf(dose('10 both sides in all'), pace)).reps).toEqual([5, 5]);
    expect(sumsOf(stretchesOf(dose('5 both sides in all'), pace)).reps).toEqual([3, 2]);
    expect(sumsOf(stretchesOf(dose('8 doubles'), pace)).reps).toEqual([16, 0]);
    expect(sumsOf(stretchesOf(dose('8 triples, challenge'), pace)).reps).toEqual([48, 0]);
    expect(sumsOf(stretchesOf(dose('pyramid 4'), pace)).reps).toEqual([16, 0]);
    expect(sumsOf(stretchesOf(dose('3 × 20 s, work:rest 1:2'), pace)).rest).toBe(80);
    expect(sumsOf(stretchesOf(dose('2 × 6 calls, rest 5 s'), { ...pace, call: 4 })).work).toBe(48);
    expect(sumsOf(stretchesOf(dose('20 in 60 s'), pace)).work).toBe(60);
  });

  it('a range gives a range, an open dose at least what it says', () => {
    const any = dose('2–4 × 30–60 s, rest 10 s');
    expect([sumsOf(stretchesOf(any, pace, 'low')).total, sumsOf(stretchesOf(any, pace, 'high')).total]).toEqual([70, 270]);
    expect(stretchesOf(dose('at least 20 s until comfortable'), pace)).toEqual([jasmine.objectContaining({ end: 20, open: true })]);
  });

  it('groups that take turns rest while the others work', () => {
    expect(total('3 × 30 s, rest 20 s', { waves: 2 })).toBe('3:00');
    expect(total('3 × 30 s, rest 50 s', { waves: 2 })).toBe('3:40');
    expect(sumsOf(stretchesOf(dose('3 × 30 s, rest 20 s'), { ...pace, waves: 2 })).reps).toEqual([45, 0]);
  });

  it('asks for what is not decided, and for nothing else', () => {
    const asks = (text: string, more: Partial<Pace> = {}): string[] => questionsOf(dose(text), { ...pace, ...more });
    expect(asks('3 × 30 s')).toEqual(['rest']);
    expect(asks('2 sets of 3 × 30 s')).toEqual(['rest', 'set-rest']);
    expect(asks('30 s')).toEqual([]);
    expect(asks('10 both sides')).toEqual(['sides']);
    expect(asks('10', { rep: [null, null] })).toEqual(['repetition']);
    expect(asks('10 calls')).toEqual(['call']);
    expect(asks('1–3 × 30 s')).toEqual(['rest']);
  });

  it('counts turns and pyramids', () => {
    expect(turnsOf(5)).toEqual([3, 2]);
    expect(pyramid(3)).toEqual([1, 2, 3, 2, 1]);
    expect(printDose(fromRounds({ mode: 'reps', work: 8, rounds: 3, sets: 2, rest: 20, setRest: null }))).toBe(
      '2 sets of 3 × 8, rest 20 s',
    );
    const rounds = { mode: 'seconds', work: 30, rounds: 4, sets: 1, rest: null, setRest: null } as const;
    expect(toRounds(fromRounds(rounds))).toEqual(rounds);
    expect(['8 each side', '2–4 × 30 s', '10 doubles', '8, beats aloud'].map((text) => toRounds(readDose(text).dose as Dose))).toEqual([
      null,
      null,
      null,
      null,
    ]);
  });
});

describe('chimes in a round', () => {
  const every = (seconds: number, when: 'at once' | 'at cycle end' = 'at once', onBell = false) => ({
    every: seconds,
    does: 'lunge',
    when,
    onBell,
  });

  it('come at c, 2c, …; one on the bell only if the plan says so', () => {
    expect(momentsOf(every(20), 60)).toEqual([20, 40]);
    expect(momentsOf(every(20, 'at once', true), 60)).toEqual([20, 40, 60]);
    expect(momentsOf(every(25), 60)).toEqual([25, 50]);
  });

  it('at once cuts the running repetition, which starts afresh after the chimed move', () => {
    // Repetitions of 3 s, a chimed move of 2 s at 10 s: three whole ones, one cut, then from 12 s six more until 30.
    const round = chimedRound(30, 3, [every(10)], [2]);
    expect(round.starts).toEqual([0, 3, 6, 12, 15, 22, 25]);
    expect(round.cut).toBe(2);
    expect(round.chimes.map((one) => [one.from, one.to])).toEqual([
      [10, 12],
      [20, 22],
    ]);
  });

  it('on a repetition’s end it starts at once; at cycle end it waits for that, one repetition at most', () => {
    expect(chimedRound(20, 5, [every(10)], [1]).cut).toBe(0);
    const waited = chimedRound(30, 4, [every(10, 'at cycle end')], [2]);
    expect(waited.chimes.map((one) => one.from)).toEqual([12, 22]);
    expect(waited.starts).toEqual([0, 4, 8, 14, 18, 24]);
    expect(waited.cut).toBe(0);
  });

  it('one during a chimed move waits for its end; an overrun is said, not dropped', () => {
    const two = chimedRound(20, 2, [every(10, 'at once', true), every(10, 'at once', true)], [3, 3]);
    expect(two.chimes.map((one) => [one.chime, one.at, one.from])).toEqual([
      [0, 10, 10],
      [1, 10, 13],
      [0, 20, 20],
      [1, 20, 23],
    ]);
    expect(two.chimes.at(-1)?.overrun).toBe(6);
  });

  it('never overlap, and never more than the round has room for', () => {
    holds(
      fc.property(
        fc.integer({ min: 10, max: 180 }),
        fc.double({ min: 0.5, max: 12, noNaN: true }),
        fc.integer({ min: 3, max: 40 }),
        fc.double({ min: 0.2, max: 6, noNaN: true }),
        fc.constantFrom('at once' as const, 'at cycle end' as const),
        (length, rep, seconds, takes, when) => {
          const round = chimedRound(length, rep, [every(seconds, when)], [takes]);
          const spans = [...round.starts.map((from) => [from, from + rep]), ...round.chimes.map((one) => [one.from, one.to])].sort(
            (a, b) => (a[0] ?? 0) - (b[0] ?? 0),
          );
          for (let i = 1; i < spans.length; i++) expect(spans[i]?.[0]).toBeGreaterThanOrEqual((spans[i - 1]?.[1] ?? 0) - 1e-9);
          expect(round.chimes.length).toBe(momentsOf(every(seconds), length).length);
          if (when === 'at cycle end') expect(round.cut).toBe(0);
          for (const one of round.chimes) expect(one.from).toBeGreaterThanOrEqual(one.at - 1e-9);
        },
      ),
    );
  });
});

describe('a dose made by hand', () => {
  it('has one round of nothing else', () => {
    expect(stretchesOf(doseBy({ by: 'time', seconds: exactly(30) }), pace)).toEqual([
      jasmine.objectContaining({ kind: 'work', start: 0, end: 30, reps: 15 }),
    ]);
  });
});
