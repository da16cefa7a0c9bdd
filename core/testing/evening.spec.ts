import { bodyOf } from '../body/body.js';
import { FAULTS } from '../catalogue/faults.js';
import { decide } from '../evidence/decide.js';
import { wilson } from '../evidence/proportion.js';
import { study } from '../judge/study.js';
import { mirrorText } from '../language/mirror.js';
import { parse } from '../language/parse.js';
import type { Rounds } from '../language/rounds.js';
import { countRun } from '../log/count.js';
import { fromEarlier, type EarlierEvent } from '../log/earlier.js';
import { simulate } from '../motion/simulate.js';
import { totalsOfRounds, stretchesOfRounds } from '../plan/rounds.js';
import { attemptsOf } from '../plan/occasions.js';
import { repPlanOf } from '../plan/rep-plan.js';
import type { RunPlan } from '../plan/run-plan.js';
import { performer } from './performers.js';

/** The chain worked out by hand with the defaults, number by number (worked example of the project's brief). */
describe('one evening, worked out by hand', () => {
  const text =
    'tempo flat, split, shuffle right 40 cm, lunge ahead 90 cm right foot + hit 80 ms after landing, recover back, shuffle left 40 cm';
  const ada = performer(1.7);
  const seen = study(text, ada, true);
  const { simulation: sim, totals } = seen;

  it('estimates Ada and stands her', () => {
    const body = bodyOf({ height: 1.7 });
    expect(body.shoulder.metres).toBeCloseTo(0.4403, 4);
    expect(body.foot.metres).toBeCloseTo(0.2584, 4);
    expect(sim.target.width).toBeCloseTo(0.528, 3);
    expect(sim.target.length).toBe(0);
    expect(sim.start.feet.left.x).toBeCloseTo(-0.264, 3);
    expect(sim.start.feet.right.toe).toBe(10);
  });

  it('follows each action in time and place', () => {
    expect(seen.errors).toEqual([]);
    const rows = sim.actions.filter((action) => action.kind === 'step').map((a) => [a.start, a.end, a.foot, a.to.x, a.to.y] as const);
    const byHand = [
      [0.35, 0.57, 'right', 0.664, 0],
      [0.57, 0.79, 'left', 0.136, 0],
      [0.79, 1.29, 'right', 0.664, 0.9],
      [1.29, 1.84, 'right', 0.664, 0],
      [1.84, 2.06, 'left', -0.264, 0],
      [2.06, 2.28, 'right', 0.264, 0],
    ] as const;
    expect(rows.length).toBe(byHand.length);
    byHand.forEach((expected, i) => {
      const row = rows[i];
      expect(row?.[2]).withContext(`row ${i}`).toBe(expected[2]);
      for (const k of [0, 1, 3, 4] as const) expect(row?.[k]).withContext(`row ${i}, column ${k}`).toBeCloseTo(expected[k], 3);
    });
    expect(sim.moves[0]?.landing).toBeCloseTo(0.15, 9);
    expect(sim.hands[0]?.at).toBeCloseTo(1.37, 9);
  });

  it('adds up to the totals', () => {
    expect(totals.seconds).toBeCloseTo(2.28, 9);
    expect(totals.contacts).toEqual({ left: 3, right: 5 });
    expect(totals.splits).toBe(1);
    expect(totals.lunges).toEqual({ left: 0, right: 1 });
    expect(totals.widest).toBeCloseTo(1.044, 3);
    expect(totals.reach.right).toBeCloseTo(0.4, 9);
    expect(totals.reach.ahead).toBeCloseTo(0.45, 9);
    expect(seen.drift.closed).toBeTrue();
    expect(seen.drift.furthestMark).toBeCloseTo(0, 9);
    expect(seen.drift.heading).toBe(0);
    expect(seen.answer.worst).toBeCloseTo(1.05, 6);
    expect(seen.answer.worstAt).toBeCloseTo(0.79, 6);
    expect(seen.findings).toEqual([]);
  });

  it('takes longer where its steps are longer than usual', () => {
    // By hand: a leg is 0.53 × 1.70 = 0.901 m, an even step three tenths of it, 0.2703 m, a lunge nine tenths, 0.8109 m. A foot of a
    // shuffle of 40 cm takes 0.22 (½ + ½ 0.40 / 0.2703) = 0.2728 s, a lunge of 90 cm 0.5 (½ + ½ 0.90 / 0.8109) = 0.5275 s; a split and a
    // recovery have no size.
    const longer = study(text.replace('tempo flat, ', ''), ada, true);
    const ends = longer.simulation.actions.filter(({ kind }) => kind === 'step').map(({ end }) => end);
    [0.6228, 0.8956, 1.423, 1.973, 2.2458, 2.5186].forEach((end, i) => expect(ends[i]).toBeCloseTo(end, 3));
    expect(longer.simulation.hands[0]?.at).toBeCloseTo(1.503, 3);
    expect(longer.totals.contacts).toEqual(totals.contacts);
    expect(longer.answer.worst).toBeCloseTo(0.5275 + 0.55, 3);
    // Eleven whole repetitions of half a minute: 30 / 2.5186 = 11.9.
    expect(Math.floor(30 / longer.totals.seconds)).toBe(11);
  });

  it('turns round for a left-hander', () => {
    const left = study(mirrorText(text), performer(1.7, 'square-ready', null, 'left'), true);
    expect(left.text).toContain('shuffle left 40 cm, lunge ahead 90 cm left foot');
    expect(left.totals.contacts).toEqual({ left: 5, right: 3 });
    expect(left.totals.lunges).toEqual({ left: 1, right: 0 });
  });

  const dose: Rounds = { mode: 'seconds', work: 30, rounds: 3, sets: 2, rest: 20, setRest: 60 };
  const plan: RunPlan = { dose, rep: repPlanOf(simulate(parse(text), ada)) };

  it('keeps the clock', () => {
    const sums = totalsOfRounds(dose, totals.seconds);
    expect(sums).toEqual(jasmine.objectContaining({ work: 180, rest: 140, total: 320, atLeast: false }));
    const clock = stretchesOfRounds(dose, totals.seconds);
    const long = (kind: string): number[] => clock.filter((one) => one.kind === kind).map(({ start, end }) => end - start);
    expect([long('rest'), long('set-rest')]).toEqual([[20, 20, 20, 20], [60]]);
    expect(clock.at(-1)?.end).toBe(320);
    expect(sums.repsARound).toBe(13);
    expect(sums.reps).toBe(78);
    expect(sums.reps * totals.contacts.left).toBe(234);
    expect(sums.reps * totals.contacts.right).toBe(390);
    expect(sums.reps * totals.lunges.right).toBe(78);
    expect(attemptsOf(plan, 'split').length).toBe(78);
  });

  it('counts what was tapped', () => {
    let n = 0;
    const stamp = (t: number): { id: string; n: number; at: number; t: number } => ({ id: `e${++n}`, n, at: 1_000_000 + t * 1000, t });
    const tap = (t: number, fault: string): EarlierEvent => ({
      ...stamp(t),
      kind: 'fault',
      fault,
      athlete: 'ada',
      side: null,
      source: 'floor',
      clip: null,
    });
    const log: EarlierEvent[] = [
      { ...stamp(-5), kind: 'board', faults: ['split-late'] },
      { ...stamp(-5), kind: 'view', view: 'side' },
      { ...stamp(-5), kind: 'watch', athlete: 'ada' },
      { ...stamp(-5), kind: 'go' },
      tap(3.4, 'split-late'),
      tap(4.1, 'split-late'),
      tap(8.9, 'split-late'),
      tap(12, 'recovery-place'),
      tap(15.2, 'split-late'),
      tap(15.9, 'split-late'),
      { ...stamp(21.7), kind: 'right', fault: null, athlete: 'ada', source: 'floor', clip: null },
      tap(29, 'split-late'),
      tap(30.6, 'split-late'),
      tap(55, 'split-late'),
      tap(61.3, 'no-recovery'),
      tap(74.4, 'split-late'),
      { ...stamp(80), kind: 'watch', athlete: null },
      { ...stamp(320), kind: 'end' },
    ];
    const counted = countRun(plan, fromEarlier('evening', log), new Map(FAULTS.map((fault) => [fault.code, fault])), 1);
    const row = (fault: string) => counted.tallies.find((tally) => tally.fault === fault);
    expect(row('split-late')).toEqual(jasmine.objectContaining({ attempts: 26, faulty: 6, again: 3, noted: 0 }));
    expect(row('recovery-place')).toEqual(jasmine.objectContaining({ attempts: 0, noted: 1 }));
    expect(row('no-recovery')).toEqual(jasmine.objectContaining({ attempts: 0, noted: 1 }));
    expect(counted.praise).toEqual({ ada: 1 });
    const where = counted.placed
      .filter((p) => p.event.fault === 'split-late')
      .map((p) => [p.occasion?.round, p.occasion?.repetition, p.as]);
    expect(where).toEqual([
      [1, 2, 'counted'],
      [1, 2, 'again'],
      [1, 4, 'counted'],
      [1, 7, 'counted'],
      [1, 7, 'again'],
      [1, 13, 'counted'],
      [1, 13, 'again'],
      [2, 2, 'counted'],
      [2, 11, 'counted'],
    ]);
    const interval = wilson(6, 26);
    expect((6 / 26) * 100).toBeCloseTo(23.1, 1);
    expect(interval.low * 100).toBeCloseTo(11.0, 1);
    expect(interval.high * 100).toBeCloseTo(42.1, 1);
    expect(decide([{ hits: 6, n: 26 }])).toBe('stay');
  });
});
