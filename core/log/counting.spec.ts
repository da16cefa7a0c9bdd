import fc from 'fast-check';
import { faultsByCode } from '../catalogue/faults.js';
import { stretchesOfRounds } from '../plan/rounds.js';
import { attemptsOf } from '../plan/occasions.js';
import type { RunPlan } from '../plan/run-plan.js';
import { holds } from '../testing/holds.js';
import { logOf, type Loose } from '../testing/logs.js';
import { clockAt, clockOf, legsOf } from './clock.js';
import type { RunEvent } from './event.js';
import { agreementOf } from './details.js';
import { RunLog } from './run-log.js';
import { countRun, type RunCount, type Tally } from './count.js';
import { isControl } from './event.js';

/** The rules of counting, sentence by sentence (common practice, no source), and what must hold of any log at all. */

const catalogue = faultsByCode();
const withPlan: RunPlan = {
  dose: { mode: 'seconds', work: 12, rounds: 2, sets: 2, rest: 6, setRest: 10 },
  rep: { seconds: 3, chances: { repetition: [0], split: [0], step: [0.6, 1.2, 1.8], arrival: [1] } },
};
const withoutPlan: RunPlan = { dose: { mode: 'seconds', work: 60, rounds: 1, sets: 1, rest: null, setRest: null }, rep: null };

const begin = (board: string[], view: 'front' | 'side' = 'side'): Loose[] => [
  { kind: 'board', t: -5, faults: board },
  { kind: 'view', t: -5, view },
  { kind: 'watch', t: -5 },
  { kind: 'go', t: -5 },
];
const tap = (t: number, fault = 'split-late', more: Partial<Loose> = {}): Loose => ({ kind: 'fault', t, fault, ...more }) as Loose;
const close = (t: number, clean = true): Loose => ({ kind: 'attempt', t, clean });
const of = (count: RunCount, fault = 'split-late', athlete = 'ada'): Pick<Tally, 'attempts' | 'faulty' | 'again' | 'noted'> | undefined => {
  const row = count.tallies.find((tally) => tally.fault === fault && tally.athlete === athlete);
  return row && { attempts: row.attempts, faulty: row.faulty, again: row.again, noted: row.noted };
};
const counted = (plan: RunPlan, ...loose: readonly Loose[]): RunCount => countRun(plan, logOf(loose), catalogue, 1);

describe('counting with a plan', () => {
  const over: Loose = { kind: 'end', t: 70 };

  it('each fault by its own unit: splits, steps, arrivals, repetitions', () => {
    const count = counted(withPlan, ...begin(['split-late', 'follow-uneven', 'toe-angle', 'tall']), over);
    // Four rounds of four whole repetitions.
    expect(['split-late', 'follow-uneven', 'toe-angle', 'tall'].map((fault) => of(count, fault)?.attempts)).toEqual([16, 48, 16, 16]);
  });

  it('a fault that the viewpoint does not show has no denominator; one tap changes the viewpoint', () => {
    const count = counted(withPlan, ...begin(['split-late', 'sway', 'no-split']), { kind: 'view', t: 15, view: 'front' }, over);
    // From the side in the first round (0–12 s), from the front in the three others.
    expect(of(count, 'split-late')?.attempts).toBe(4);
    expect(of(count, 'sway')?.attempts).toBe(12);
    // What shows from both is counted through, and in the attempts of the change too.
    expect(of(count, 'no-split')?.attempts).toBe(16);
    // A club that sees the sway from the side as well counts it there.
    const ours = faultsByCode({ views: { sway: ['front', 'side'] } });
    const here = countRun(withPlan, logOf([...begin(['sway']), over]), ours, 1);
    expect(of(here, 'sway')?.attempts).toBe(16);
  });

  it('from where it was watched is said; a setting that was changed again at once was never in force', () => {
    const viewsOf = (...turns: Loose[]): unknown => {
      const log = new RunLog(withPlan, catalogue, 1);
      log.take(logOf([...begin(['no-split']), ...turns, over]));
      return log.details().parts.map(({ view, attempts }) => [view, attempts]);
    };
    const flicker: Loose[] = ['front' as const, 'side' as const].map((view) => ({ kind: 'view', t: 7, view }));
    expect(viewsOf(...flicker)).toEqual(viewsOf());
    // Two rounds from the side, the attempt of the change from both, the rest from the front.
    expect(viewsOf({ kind: 'view', t: 7, view: 'front' })).toContain([null, 1]);
  });

  it('of what several watched alike is said in how many they disagree', () => {
    expect(agreementOf({ parts: [] })).toEqual({ shared: 0, disagree: 0 });
    const log = new RunLog(withPlan, catalogue, 1);
    const here = logOf([...begin(['split-late']), { kind: 'fault', t: 2, fault: 'split-late' }, over]);
    // The same board on another device, whose coach saw none.
    const there = here.filter(({ kind }) => kind !== 'fault' && kind !== 'go' && kind !== 'end');
    log.take([...here, ...there.map((event) => ({ ...event, id: `${event.id}b`, device: 'b' }))]);
    expect(agreementOf(log.details())).toEqual({ shared: 16, disagree: 1 });
  });

  it('a tap that was another fault, or on the other side, counts as that one; the last word holds, and can be taken back', () => {
    const tap: Loose = { kind: 'fault', t: 4, fault: 'split-late', side: 'left' };
    const log = logOf([...begin(['split-late', 'split-high']), tap, over]);
    const said = log.find(({ kind }) => kind === 'fault') as RunEvent;
    const later = (n: number, what: object): RunEvent =>
      ({ id: `x${n}`, device: 'desk', seq: n, order: 100 + n, m: 60_000, at: 0, ...what }) as RunEvent;
    const correct = (n: number, fault: string, side: 'left' | 'right' | null) =>
      later(n, { kind: 'correct', target: said.id, fault, side });
    const figures = (...more: RunEvent[]) => {
      const count = countRun(withPlan, [...log, ...more], catalogue, 1);
      return ['split-late', 'split-high'].map((fault) => {
        const row = count.tallies.find((one) => one.fault === fault);
        return [row?.faulty, row?.left, row?.right];
      });
    };
    const [first, second] = [correct(1, 'split-high', 'left'), correct(2, 'split-high', 'right')];
    expect(figures()).toEqual([
      [1, 1, 0],
      [0, 0, 0],
    ]);
    expect(figures(first)).toEqual([
      [0, 0, 0],
      [1, 1, 0],
    ]);
    expect(figures(second, first)).toEqual([
      [0, 0, 0],
      [1, 0, 1],
    ]);
    expect(figures(first, second, later(3, { kind: 'undo', target: second.id }))).toEqual(figures(first));
    // What is not on the board is noted, whatever the tap was.
    const off = countRun(withPlan, [...log, correct(1, 'tall', null)], catalogue, 1);
    expect([of(off, 'tall')?.attempts, of(off, 'tall')?.noted, of(off, 'split-late')?.faulty]).toEqual([0, 1, 0]);
  });

  it('who comes and goes is said in the run’s time, whatever order it is heard in; notes stand until they are taken back', () => {
    const log = new RunLog(withPlan, catalogue, 1, ['ada', 'bea']);
    const event = (order: number, m: number, what: object): RunEvent =>
      ({ id: `c${order}`, device: 'd', seq: order, order, m, at: 0, ...what }) as RunEvent;
    const events = [
      event(1, 1000, { kind: 'join', athlete: 'cy' }),
      event(2, 2000, { kind: 'leave', athlete: 'ada' }),
      event(4, 3000, { kind: 'join', athlete: 'ada' }),
      event(3, 4000, { kind: 'leave', athlete: 'cy' }),
      event(5, 5000, { kind: 'note', text: 'tired', athlete: 'bea' }),
      event(6, 6000, { kind: 'note', text: 'more rest', athlete: null }),
      event(7, 7000, { kind: 'undo', target: 'c5' }),
    ];
    for (const order of [events, [...events].reverse()]) {
      const folded = new RunLog(withPlan, catalogue, 1, ['ada', 'bea']);
      folded.take(order);
      expect([folded.here, folded.all]).toEqual([
        ['ada', 'bea'],
        ['ada', 'bea', 'cy'],
      ]);
      expect(folded.notes().map(({ text }) => text)).toEqual(['more rest']);
    }
    log.take(events.slice(0, 2));
    expect(log.here).toEqual(['bea', 'cy']);
  });

  it('nobody chosen, or the clock paused and the rest skipped: nothing is counted', () => {
    const nobody = counted(withPlan, ...begin(['split-late']), { kind: 'watch', t: 0, athlete: null }, { kind: 'watch', t: 18 }, over);
    expect(of(nobody)?.attempts).toBe(12);
    const stopped = counted(withPlan, ...begin(['split-late']), { kind: 'pause', t: 7 }, { kind: 'end', t: 7 });
    expect(of(stopped)?.attempts).toBe(2);
    const skipped = counted(withPlan, ...begin(['split-late']), { kind: 'skip', t: 4, to: 18 }, { kind: 'end', t: 30 });
    expect(of(skipped)?.attempts).toBe(1 + 4);
  });

  it('what goes on the board later counts from then on', () => {
    const count = counted(withPlan, ...begin([]), { kind: 'board', t: 3.5, faults: ['split-late'] }, { kind: 'end', t: 12 });
    // The attempt of 3–6 s was not looked at from its start.
    expect(of(count)?.attempts).toBe(2);
  });

  it('a tap without a denominator is noted: kept, and no rate', () => {
    const count = counted(withPlan, ...begin(['tall']), tap(5), over);
    expect(of(count)).toEqual({ attempts: 0, faulty: 0, again: 0, noted: 1 });
    expect(count.placed.map((one) => one.as)).toEqual(['noted']);
  });

  it('a tap for somebody else than the one watched is noted for them', () => {
    const count = counted(withPlan, ...begin(['split-late']), tap(5, 'split-late', { athlete: 'bea' }), over);
    expect(of(count, 'split-late', 'bea')).toEqual({ attempts: 0, faulty: 0, again: 0, noted: 1 });
    expect(of(count)?.faulty).toBe(0);
  });

  it('film needs no tap delay: a moment in the clip is the moment itself', () => {
    const at = (source: 'floor' | 'film'): number | undefined =>
      counted(withPlan, ...begin(['split-late']), tap(3.2, 'split-late', { source, clip: 3.2 }), over).placed[0]?.occasion?.repetition;
    expect([at('floor'), at('film')]).toEqual([1, 2]);
  });

  it('in the rest a tap belongs to the last attempt before, in the next round to that round’s', () => {
    const placed = counted(withPlan, ...begin(['split-late']), tap(15), tap(18.5), tap(19.5), over).placed.map((one) => [
      one.occasion?.round,
      one.occasion?.repetition,
      one.as,
    ]);
    expect(placed).toEqual([
      [1, 4, 'counted'],
      [1, 4, 'again'],
      [2, 1, 'counted'],
    ]);
  });

  it('praise and results change no count', () => {
    const bare = counted(withPlan, ...begin(['split-late']), tap(5), over);
    const rich = counted(
      withPlan,
      ...begin(['split-late']),
      { kind: 'right', t: 4 },
      tap(5),
      { kind: 'result', t: 6, result: 'in' },
      { kind: 'result', t: 7, result: 'in' },
      { kind: 'result', t: 8, result: 'missed' },
      over,
    );
    expect(of(rich)).toEqual(of(bare));
    expect(rich.praise).toEqual({ ada: 1 });
    expect(rich.results).toEqual({ ada: { in: 2, missed: 1 } });
  });
});

describe('counting without a plan', () => {
  it('each closing is an attempt, faulty if the fault was tapped since the last one', () => {
    const count = counted(withoutPlan, ...begin(['split-late']), close(3), tap(5), close(6, false), tap(8), tap(9), close(10, false), {
      kind: 'end',
      t: 12,
    });
    expect(of(count)).toEqual({ attempts: 3, faulty: 2, again: 1, noted: 0 });
  });

  it('what is open when the run ends, or when another athlete is watched, has no denominator', () => {
    const count = counted(
      withoutPlan,
      ...begin(['split-late']),
      tap(3),
      { kind: 'watch', t: 4, athlete: 'bea' },
      close(6),
      tap(9, 'split-late', { athlete: 'bea' }),
      { kind: 'end', t: 12 },
    );
    expect(of(count)?.noted).toBe(1);
    expect(of(count, 'split-late', 'bea')?.noted).toBe(1);
  });

  it('asks for board and viewpoint all through the attempt', () => {
    const seen = (...more: Loose[]): number | undefined =>
      of(counted(withoutPlan, ...begin(['split-late']), ...more, { kind: 'end', t: 30 }))?.attempts;
    expect(seen(close(5), close(10))).toBe(2);
    expect(seen(close(5), { kind: 'view', t: 6, view: 'front' }, close(10))).toBe(1);
    expect(seen({ kind: 'view', t: 1, view: 'front' }, { kind: 'view', t: 2, view: 'side' }, close(5), close(10))).toBe(1);
    expect(seen({ kind: 'board', t: 1, faults: [] }, close(5), { kind: 'board', t: 6, faults: ['split-late'] }, close(10), close(15))).toBe(
      1,
    );
  });

  it('a tap can be moved to the attempt before here too', () => {
    const count = counted(
      withoutPlan,
      ...begin(['split-late']),
      close(3),
      tap(5),
      close(6),
      { kind: 'move', t: 7, target: 'e5', by: -1 },
      { kind: 'end', t: 12 },
    );
    expect(count.placed[0]?.occasion?.repetition).toBe(1);
    expect(of(count)).toEqual({ attempts: 2, faulty: 1, again: 0, noted: 0 });
  });
});

const codes = ['split-late', 'tall', 'crossed', 'follow-uneven', 'not of ours'];
const rowsOf = (rows: readonly Tally[]): Tally[] =>
  [...rows].sort((a, b) => (`${a.athlete} ${a.fault}` < `${b.athlete} ${b.fault}` ? -1 : 1));
const who = fc.constantFrom('ada', 'bea', null);
const moment = fc.double({ min: -5, max: 70, noNaN: true });
const anyEvent: fc.Arbitrary<Loose> = fc.oneof(
  fc.record({ kind: fc.constantFrom('pause' as const, 'resume' as const, 'end' as const), t: moment }),
  fc.record({ kind: fc.constant('skip' as const), t: moment, to: fc.double({ min: 0, max: 70, noNaN: true }) }),
  fc.record({ kind: fc.constant('watch' as const), t: moment, athlete: who }),
  fc.record({ kind: fc.constant('board' as const), t: moment, faults: fc.subarray(codes) }),
  fc.record({ kind: fc.constant('view' as const), t: moment, view: fc.constantFrom('front' as const, 'side' as const) }),
  fc.record({
    kind: fc.constant('fault' as const),
    t: moment,
    fault: fc.constantFrom(...codes),
    athlete: who,
    side: fc.constantFrom('left' as const, 'right' as const, null),
  }),
  fc.record({ kind: fc.constant('attempt' as const), t: moment, clean: fc.boolean(), athlete: who }),
  fc.record({ kind: fc.constant('undo' as const), t: moment, target: fc.integer({ min: 0, max: 40 }).map((n) => `e${n}`) }),
  fc.record({
    kind: fc.constant('move' as const),
    t: moment,
    target: fc.integer({ min: 0, max: 40 }).map((n) => `e${n}`),
    by: fc.integer({ min: -3, max: 3 }),
  }),
);
/** Any log, in time order as a device makes it, with or without sense. */
const anyLog = fc
  .array(anyEvent, { maxLength: 40 })
  .map((loose) => logOf([...begin(['split-late', 'tall']), ...[...loose].sort((a, b) => a.t - b.t)]));
const anyPlan = fc.constantFrom(withPlan, withoutPlan);

describe('any log', () => {
  it('has a fault on at most every attempt, and each tap of a known athlete in exactly one place', () => {
    holds(
      fc.property(anyLog, anyPlan, (events, plan) => {
        const count = countRun(plan, events, catalogue, 1);
        for (const row of count.tallies) {
          expect(row.faulty).toBeLessThanOrEqual(row.attempts);
          expect(row.left + row.right).toBeLessThanOrEqual(row.faulty + row.noted);
        }
        const taps = count.tallies.reduce((sum, row) => sum + row.faulty + row.again + row.noted, 0);
        expect(taps).toBe(count.placed.filter((one) => one.event.athlete !== null).length);
      }),
    );
  });

  it('counts the same whatever the order in which it arrives, and however often', () => {
    holds(
      fc.property(anyLog, anyPlan, fc.integer(), (events, plan, seed) => {
        const muddled = [...events, ...events].sort((a, b) => ((a.seq * 7919 + seed) % 31) - ((b.seq * 7919 + seed) % 31));
        expect(countRun(plan, muddled, catalogue, 1)).toEqual(countRun(plan, events, catalogue, 1));
      }),
    );
  });

  it('looked at after each event adds up to what it does as a whole, of two devices too; without a plan nothing is gone through twice', () => {
    holds(
      fc.property(anyLog, anyPlan, fc.array(fc.boolean()), (events, plan, others) => {
        const seqs = new Map<string, number>();
        const shared = events.map((event, i): RunEvent => {
          const device = others[i] === true ? 'other' : event.device;
          seqs.set(device, (seqs.get(device) ?? 0) + 1);
          return { ...event, device, seq: seqs.get(device) ?? 0 };
        });
        const log = new RunLog(plan, catalogue, 1);
        log.talliesAt(0);
        const again = spyOn(log, 'events').and.callThrough();
        for (const event of shared) {
          log.take([event]);
          log.talliesAt(log.latest);
        }
        const said = shared.filter(({ kind }) => kind === 'undo' || kind === 'move').length;
        expect(again.calls.count()).toBeLessThanOrEqual(said);
        expect(rowsOf(log.talliesAt(log.latest))).toEqual(rowsOf(countRun(plan, shared, catalogue, 1).tallies));
      }),
    );
  });

  it('attempts never lie outside what was really run, nor overlap', () => {
    const stretches = stretchesOfRounds(withPlan.dose, 3);
    const total = stretches.at(-1)?.end ?? 0;
    holds(
      fc.property(anyLog, fc.double({ min: 0, max: 200, noNaN: true }), (events, now) => {
        const made = clockOf(events.filter(isControl), total);
        for (const { from, to } of legsOf(made, now * 1000)) {
          expect(to).toBeGreaterThanOrEqual(from);
          expect(to).toBeLessThanOrEqual(total);
        }
        const clock = clockAt(made, stretches, now * 1000);
        expect(clock.t).toBeLessThanOrEqual(total);
        expect(clock.left).toBeGreaterThanOrEqual(0);
        expect(clock.totalLeft).toBeCloseTo(Math.max(0, total - clock.t), 9);
      }),
      100,
    );
    const attempts = attemptsOf(withPlan, 'step');
    attempts.slice(1).forEach((attempt, i) => expect(attempt.start).toBeGreaterThanOrEqual((attempts[i]?.end ?? 0) - 1e-9));
  });
});
