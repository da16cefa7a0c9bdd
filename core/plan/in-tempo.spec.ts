import fc from 'fast-check';
import { beepsOfPlan } from '../log/beeps.js';
import { COUNT_DOWN, planAt } from '../log/clock.js';
import { RunLog } from '../log/run-log.js';
import { faultsByCode } from '../catalogue/faults.js';
import { aStage, seenOf, sessionOf, SPOKEN } from '../testing/sessions.js';
import { holds } from '../testing/holds.js';
import { eventsSaid, type Said } from '../testing/said.js';
import { inTempo, isCounted, tempoFor, type InTempo } from './in-tempo.js';
import { occasionsOf } from './occasions.js';
import { changed, fits, staysUntil } from './replan.js';
import { cuesOf, repsOfPlan, stretchesOfPlan, type RoundsPlan, type RunPlan } from './run-plan.js';
import { sessionPlanOf } from './session/session-plan.js';
import { timelineOf } from './session/timeline.js';
import { sessionTotals } from './session/totals.js';
import type { Stage } from './session/stage.js';

const planOf = (...stages: Stage[]): RunPlan => {
  const session = sessionOf(stages);
  const seen = seenOf(session);
  return sessionPlanOf(seen, timelineOf(seen, session, SPOKEN), sessionTotals(seen, session));
};
/** Twice ten repetitions of 2 s with a split at half of it, ten seconds of rest. */
const TENS: RoundsPlan = {
  dose: { mode: 'reps', work: 10, rounds: 2, sets: 1, rest: 10, setRest: null },
  rep: { seconds: 2, chances: { repetition: [0], split: [1] } },
};
const HALVES: RoundsPlan = { ...TENS, dose: { ...TENS.dose, mode: 'seconds', work: 21 } };
const OPEN: RoundsPlan = { ...HALVES, rep: null };
const tempo = (more: Partial<InTempo> = {}): InTempo => ({
  ...{ beat: 1.5, beats: [], says: 'numbers', words: [], tones: 'one', keeps: 'repetitions' },
  ...more,
});
const then = (plan: RunPlan, t: number, tapped: number, more: Partial<InTempo> = {}): RunPlan => {
  const change = inTempo(plan, t, tapped, tempo(more));
  if (!change) throw new Error('no tempo here');
  return changed(plan, change);
};
const heard = (plan: RunPlan) => cuesOf(plan).map(({ at, say, sound }): unknown[] => [at, say, sound]);

describe('a tempo that is tapped', () => {
  it('begins behind the repetition that is on, in step with the taps; so many repetitions stay so many', () => {
    const plan = then(TENS, 5, 4.9);
    const [first, rest, second] = stretchesOfPlan(plan);
    // The third ends at 6 s; the next beat of 4.9, 6.4, 7.9 … is the fourth.
    expect(first?.done.map(([at]) => at)).toEqual([
      0,
      2,
      4,
      ...Array.from({ length: 7 }, (_, k) => Math.round((6.4 + 1.5 * k) * 1000) / 1000),
    ]);
    expect([first?.end, rest?.start, rest?.end, second?.end]).toEqual([16.9, 16.9, 26.9, 41.9]);
    expect(repsOfPlan(plan).map(({ seconds, chances }) => [seconds, chances.split])).toEqual([
      [2, [1]],
      [1.5, [0.75]],
    ]);
    expect(heard(plan).slice(0, 8)).toEqual([
      ...Array.from({ length: 7 }, (_, k) => [Math.round((6.4 + 1.5 * k) * 1000) / 1000, String(4 + k), 'beat']),
      [26.9, '1', 'beat'],
    ]);
    expect(beepsOfPlan(plan).filter(({ sound }) => sound === 'beat').length).toBe(17);
  });

  it('or the work stays as long as it was, and holds as many as fit', () => {
    const plan = then(HALVES, 5, 4.9, { keeps: 'time' });
    const [first, , second] = stretchesOfPlan(plan);
    expect([first?.end, first?.done.length, second?.done.length]).toEqual([21, 3 + 9, 14]);
    expect([isCounted(TENS, stretchesOfPlan(TENS)[0]!), isCounted(HALVES, stretchesOfPlan(HALVES)[0]!)]).toEqual([true, false]);
    // Without a pattern nothing is a repetition; it is counted aloud all the same.
    const open = then(OPEN, 5, 4.9, { keeps: 'time' });
    expect(occasionsOf(open)).toEqual([]);
    expect(heard(open).slice(0, 2)).toEqual([
      [6.4, '1', 'beat'],
      [7.9, '2', 'beat'],
    ]);
  });

  it('says the names of beats, the coach’s words in turn or nothing, with one tone, two that take turns, or none', () => {
    const beats = then(TENS, 5, 5, { beat: 0.5, beats: ['set', 'load', 'hit'], tones: 'two' });
    expect(heard(beats).slice(0, 4)).toEqual([
      [6, 'set', 'low'],
      [6.5, 'load', 'beat'],
      [7, 'hit', 'low'],
      [7.5, 'set', 'beat'],
    ]);
    expect(
      stretchesOfPlan(beats)[0]
        ?.done.slice(3, 5)
        .map(([at]) => at),
    ).toEqual([6, 7.5]);
    const words = then(TENS, 5, 5, { says: 'words', words: ['low', 'quiet'], tones: 'none' });
    expect(heard(words).slice(0, 3)).toEqual([
      [6.5, 'quiet', null],
      [8, 'low', null],
      [9.5, 'quiet', null],
    ]);
    const tones = then(TENS, 5, 5, { says: 'nothing', tones: 'two' });
    expect(
      heard(tones)
        .slice(0, 3)
        .map(([, say, sound]) => [say, sound]),
    ).toEqual([
      ['', 'low'],
      ['', 'beat'],
      ['', 'low'],
    ]);
  });

  it('is set before work too, from its first moment; what has none is left as it is', () => {
    const rest = then(TENS, 22, 22);
    expect(
      stretchesOfPlan(rest)[2]
        ?.done.slice(0, 2)
        .map(([at]) => at),
    ).toEqual([0, 1.5]);
    expect(stretchesOfPlan(then(TENS, -3, -3))[0]?.end).toBe(15);
    const stations = [
      { name: 'one', steps: 'split' },
      { name: 'two', steps: 'hold 1 s' },
    ];
    const of = (stage: Stage) => tempoFor(planOf(stage), 0);
    expect(of(aStage('20 s', { steps: '(left: shuffle left | right: shuffle right)', cueing: 'called' }))).toBeNull();
    expect(of(aStage('20 s, every 8 s (hold 1 s)'))).toBeNull();
    expect(of(aStage('20 s'))).not.toBeNull();
    const session = sessionOf([aStage('2 × 20 s, rest 5 s', { stations })]);
    const seen = session.stages.map((_, i) => seenOf(session)[i]!).map((one) => ({ ...one, stationGroups: 2 }));
    expect(tempoFor(sessionPlanOf(seen, timelineOf(seen, session, SPOKEN), sessionTotals(seen, session)), 0)).toBeNull();
    expect(inTempo(TENS, 99, 99, tempo())).toBeNull();
  });

  it('keeps what was begun, leaves no two at once, and falls on the taps’ grid, whatever is tapped when', () => {
    const plans = [TENS, HALVES, OPEN, planOf(aStage('3 × 4, rest 8 s', { explain: 5 }), aStage('20 s, count'), aStage('4 each side'))];
    holds(
      fc.property(
        fc.constantFrom(...plans),
        fc.double({ min: -4, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        fc.record({
          beat: fc.integer({ min: 200, max: 4000 }).map((n) => n / 1000),
          beats: fc.subarray(['set', 'load', 'hit']),
          keeps: fc.constantFrom('time' as const, 'repetitions' as const),
        }),
        (plan, part, before, more) => {
          const t = part < 0 ? part : part * (stretchesOfPlan(plan).at(-1)?.end ?? 0);
          const change = inTempo(plan, t, t - before, tempo(more));
          if (!change) return;
          expect(fits(plan, change)).toBeTrue();
          expect(staysUntil(plan, change)).toBeGreaterThan(t);
          const other = changed(plan, change);
          const all = occasionsOf(other);
          all.slice(1).forEach(({ start }, i) => expect(start).toBeGreaterThan((all[i]?.end ?? 0) - 0.003));
          const begun = occasionsOf(plan).filter(({ start }) => start <= t);
          expect(all.slice(0, begun.length).map(({ start, end }) => [start, end])).toEqual(begun.map(({ start, end }) => [start, end]));
          expect(
            cuesOf(other)
              .filter(({ at }) => at <= t)
              .map(({ say }) => say),
          ).toEqual(
            cuesOf(plan)
              .filter(({ at }) => at <= t)
              .map(({ say }) => say),
          );
          const on = stretchesOfPlan(plan)[change.from];
          if (!on || on.start > t) return;
          const end = stretchesOfPlan(other)[change.from]?.end ?? 0;
          const beats = cuesOf(other).filter(({ at, kind }) => at > t && at < end && (kind === 'count' || kind === 'beat'));
          // The first ones may still be those of before.
          for (const { at } of beats.slice(1 + begun.length)) {
            const off = (at - (t - before)) / more.beat;
            expect(Math.abs(off - Math.round(off)) * more.beat).toBeLessThan(0.0021);
          }
        },
      ),
    );
  });

  it('counts by the tempo, and a pause moves no beat against another', () => {
    const change = inTempo(TENS, 5, 4.9, tempo());
    const said: Said[] = [
      [0, { kind: 'board', faults: ['split-late'] }],
      [0, { kind: 'view', view: 'side' }],
      [0, { kind: 'watch', athlete: 'ada' }],
      [0, { kind: 'go' }],
      [COUNT_DOWN + 5, { kind: 'plan', after: null, change: change! }],
      [COUNT_DOWN + 10, { kind: 'pause' }],
      [COUNT_DOWN + 60, { kind: 'resume' }],
      [COUNT_DOWN + 68, { kind: 'end' }],
    ];
    const log = new RunLog(TENS, faultsByCode(), 0, ['ada']);
    log.take(eventsSaid(said));
    // Of ten one is broken off: the pause is no part of it, and it goes on where it was.
    expect(log.counts().tallies.map(({ attempts }) => attempts)).toEqual([10]);
    expect(planAt(log.clock, (COUNT_DOWN + 61.4) * 1000)).toBeCloseTo(11.4, 9);
  });
});
