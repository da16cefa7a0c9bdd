import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { aStage, seenOf, sessionOf, SPOKEN } from '../testing/sessions.js';
import { attemptsOf } from './occasions.js';
import { restChanged, roundAgain } from './on-the-spot.js';
import { changed, fits, staysUntil } from './replan.js';
import { isSession, stretchesOfPlan, type RoundsPlan, type RunPlan, type SessionPlan } from './run-plan.js';
import { sessionPlanOf } from './session/session-plan.js';
import { timelineOf } from './session/timeline.js';
import { sessionTotals } from './session/totals.js';

const session = sessionOf([
  aStage('2 × 20 s, rest 10 s', { name: 'one', explain: 30 }),
  aStage('2 × 2 × 4, rest 10 s, set rest 25 s', { name: 'two', explain: 15 }),
  aStage('30 s, every 8 s (lunge ahead, recover back)', { name: 'three' }),
]);
const seen = seenOf(session);
const SESSION: SessionPlan = sessionPlanOf(seen, timelineOf(seen, session, SPOKEN), sessionTotals(seen, session));
const ROUNDS: RoundsPlan = {
  dose: { mode: 'seconds', work: 20, rounds: 3, sets: 2, rest: 10, setRest: 30 },
  rep: { seconds: 3, chances: { repetition: [0], split: [0.4] } },
};
const totalOf = (plan: RunPlan): number => stretchesOfPlan(plan).at(-1)?.end ?? 0;
const at = (plan: RunPlan, t: number) => stretchesOfPlan(plan).find(({ start, end }) => t >= start && t < end);
const anyPlan = fc.constantFrom<RunPlan>(SESSION, ROUNDS);
const anyMoment = fc.tuple(anyPlan, fc.double({ min: -5, max: 1, noNaN: true })).map(([plan, part]) => ({ plan, t: part * totalOf(plan) }));
/** What is said and shown in a plan, by its stretch and the second in it. */
const said = (plan: RunPlan) => (isSession(plan) ? plan.cues.map(({ at, say }) => [Math.round(at * 1000), say] as const) : []);

describe('a rest that is made longer or shorter while it is on', () => {
  it('is as much longer, and so is the whole; what comes is as it was, so much later', () => {
    let held = 0;
    holds(
      fc.property(anyMoment, fc.constantFrom(-15, -5, 5, 15, 60), ({ plan, t }, by) => {
        const change = restChanged(plan, t, by);
        const on = at(plan, t);
        if (!change) {
          expect(!on || on.kind === 'work' || on.end + by < t + 3).toBe(true);
          return;
        }
        held += 1;
        expect(fits(plan, change)).toBe(true);
        expect(staysUntil(plan, change)).toBeGreaterThan(t);
        const other = changed(plan, change);
        expect(totalOf(other)).toBeCloseTo(totalOf(plan) + by, 3);
        expect(attemptsOf(other, 'split').length).toBe(attemptsOf(plan, 'split').length);
        expect(stretchesOfPlan(other).map(({ kind, round }) => [kind, round])).toEqual(
          stretchesOfPlan(plan).map(({ kind, round }) => [kind, round]),
        );
        stretchesOfPlan(other)
          .slice(1)
          .forEach(({ start }, i) => expect(start).toBe(stretchesOfPlan(other)[i]?.end ?? Number.NaN));
        // What was said stays; what is to be said is said as much later, but not before now.
        const now = Math.round(t * 1000);
        expect(said(other)).toEqual(said(plan).map(([s, say]) => [s <= now ? s : Math.max(now, s + by * 1000), say] as const));
      }),
    );
    expect(held).toBeGreaterThan(10);
  });

  it('cannot be changed once more to end before now, and work is none', () => {
    expect(restChanged(ROUNDS, 25, -4)).toBeNull();
    expect(restChanged(ROUNDS, 25, -2)?.phases[0]?.end).toBe(28);
    expect(restChanged(ROUNDS, 10, 15)).toBeNull();
    expect(restChanged(ROUNDS, -2, 15)).toBeNull();
  });
});

describe('a round that is done once more', () => {
  const rounds = (plan: RunPlan): unknown[] =>
    stretchesOfPlan(plan)
      .slice(0, 6)
      .map(({ kind, set, round, start, end }) => [kind, set, round, end - start]);

  it('comes behind a rest while it is on, and at once out of its rest', () => {
    const again = [
      ['work', 1, 1, 20],
      ['rest', 1, 1, 10],
      ['work', 1, 1, 20],
      ['rest', 1, 1, 10],
      ['work', 1, 2, 20],
      ['rest', 1, 2, 10],
    ];
    for (const t of [5, 25]) {
      const change = roundAgain(ROUNDS, t);
      if (!change) throw new Error('there is a round');
      expect(fits(ROUNDS, change)).toBe(true);
      expect(rounds(changed(ROUNDS, change))).toEqual(again);
    }
    // Out of the copy's rest it is one more, and not two.
    const once = changed(ROUNDS, roundAgain(ROUNDS, 5) ?? never());
    const twice = changed(once, roundAgain(once, 25) ?? never());
    expect(totalOf(twice)).toBe(totalOf(ROUNDS) + 60);
  });

  it('has its attempts and its words again, whatever the plan, and nothing else changes', () => {
    let held = 0;
    holds(
      fc.property(anyMoment, ({ plan, t }) => {
        const change = roundAgain(plan, t);
        const on = at(plan, t);
        expect(change === null).toBe(!on || on.round === 0);
        if (!change || !on) return;
        held += 1;
        expect(fits(plan, change)).toBe(true);
        const other = changed(plan, change);
        const inRound = (of: RunPlan) =>
          attemptsOf(of, 'split').filter((one) => one.exercise === on.exercise && one.set === on.set && one.round === on.round).length;
        expect(inRound(other)).toBe(2 * inRound(plan));
        expect(attemptsOf(other, 'split').length - inRound(other)).toBe(attemptsOf(plan, 'split').length - inRound(plan));
        expect(staysUntil(plan, change)).toBeGreaterThan(t);
        if (isSession(plan) && isSession(other)) {
          const count = (of: SessionPlan, say: string) => of.cues.filter((cue) => cue.say === say).length;
          for (const { say, kind } of plan.cues) if (kind === 'chime') expect(count(other, say)).toBeGreaterThanOrEqual(count(plan, say));
          expect(other.cues.filter(({ kind }) => kind === 'end').map(({ at }) => at)).toEqual([totalOf(other)]);
        }
      }),
    );
    expect(held).toBeGreaterThan(10);
  });
});

function never(): never {
  throw new Error('there is a round');
}
