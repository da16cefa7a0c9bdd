import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { aStage, seenOf, sessionOf, SPOKEN } from '../testing/sessions.js';
import { attemptsOf } from './occasions.js';
import { changed, fits } from './replan.js';
import type { SessionPlan } from './run-plan.js';
import { sessionPlanOf } from './session/session-plan.js';
import { timelineOf } from './session/timeline.js';
import { sessionTotals } from './session/totals.js';
import { lastOf, rearranged, secondsOf, toCome } from './to-come.js';

const session = sessionOf([
  aStage('3 × 20 s, rest 10 s', { name: 'one', explain: 30 }),
  aStage('2 × 6, rest 10 s', { name: 'two', explain: 15 }),
  aStage('4 each side', { name: 'three', steps: 'split, shuffle right 60 cm, shuffle left 60 cm' }),
  aStage('30 s, every 8 s (lunge ahead, recover back)', { name: 'four' }),
]);
const seen = seenOf(session);
const plan: SessionPlan = sessionPlanOf(seen, timelineOf(seen, session, SPOKEN), sessionTotals(seen, session));
const total = plan.phases.at(-1)?.end ?? 0;
/** What is said in an exercise, with how many seconds after its first work, and its attempts at a split. */
const saidIn = (of: SessionPlan, exercise: number): readonly unknown[] => {
  const works = of.phases.filter((one) => one.exercise === exercise && one.kind === 'work');
  return works.map(({ start, end, done }) => [
    Math.round((end - start) * 1000),
    done,
    of.cues.flatMap(({ at, say, kind }) =>
      kind !== 'end' && at >= start - 1e-6 && at < end - 1e-6 ? [[Math.round((at - start) * 1000), say]] : [],
    ),
  ]);
};

describe('what is still to come', () => {
  it('comes in any order, without what is left out: each exercise as it was planned, without a gap', () => {
    holds(
      fc.property(fc.double({ min: -5, max: total - 1, noNaN: true }), fc.shuffledSubarray([0, 1, 2, 3]), (t, order) => {
        const { now, next } = toCome(plan, t);
        const wanted = order.flatMap((i) => next[i] ?? []);
        const change = rearranged(plan, t, wanted);
        expect(fits(plan, change)).toBe(now !== null || wanted.length > 0);
        const other = changed(plan, change);
        other.phases.slice(1).forEach(({ start }, i) => expect(start).toBe(other.phases[i]?.end ?? Number.NaN));
        expect(other.phases.slice(0, change.from)).toEqual(plan.phases.slice(0, change.from));
        for (const { exercise } of wanted) expect(saidIn(other, exercise)).toEqual(saidIn(plan, exercise));
        const stays = now === null ? [] : plan.phases.slice(0, now.last + 1).map(({ exercise }) => exercise);
        expect(new Set(other.phases.map(({ exercise }) => exercise))).toEqual(
          new Set([...stays, ...wanted.map(({ exercise }) => exercise)]),
        );
        const begins = plan.phases[change.from]?.start ?? total;
        const seconds = wanted.reduce((sum, block) => sum + secondsOf(plan, block), begins);
        expect(other.phases.at(-1)?.end ?? 0).toBeCloseTo(seconds, 3);
        const end = other.cues.filter(({ kind }) => kind === 'end');
        expect(end.map(({ at }) => at)).toEqual([other.phases.at(-1)?.end ?? 0]);
      }),
    );
  });

  it('an exercise that is done once more is not explained again, and its sets count on', () => {
    const { now, next } = toCome(plan, 40);
    expect([now?.exercise, next.map(({ exercise }) => exercise)]).toEqual([0, [1, 2, 3]]);
    const other = changed(plan, rearranged(plan, 40, [...(now ? [now] : []), ...next]));
    const mine = other.phases.filter(({ exercise }) => exercise === 0);
    expect(mine.filter(({ kind }) => kind === 'explain').length).toBe(1);
    expect(mine.filter(({ kind }) => kind === 'work').map(({ set, round }) => [set, round])).toEqual([
      [1, 1],
      [1, 2],
      [1, 3],
      [2, 1],
      [2, 2],
      [2, 3],
    ]);
    const inFirst = (of: SessionPlan) => attemptsOf(of, 'split').filter(({ exercise }) => exercise === 0).length;
    expect(inFirst(other)).toBe(2 * inFirst(plan));
    expect(attemptsOf(other, 'split').length - inFirst(other)).toBe(attemptsOf(plan, 'split').length - inFirst(plan));
  });

  it('another dose, or an exercise of another plan, comes as it was planned there, with its attempts and its words', () => {
    const elsewhere = sessionOf([
      aStage('20 s', { name: 'before it' }),
      aStage('2 × 5 each side, rest 7 s', { name: 'new', explain: 12, steps: 'split, shuffle right 60 cm, shuffle left 60 cm' }),
    ]);
    const theirs = seenOf(elsewhere);
    const other = sessionPlanOf(theirs, timelineOf(theirs, elsewhere, SPOKEN), sessionTotals(theirs, elsewhere));
    const entry = lastOf(other);
    if (!entry) throw new Error('there is one');
    const { next } = toCome(plan, 40);
    const wanted = [next[0], entry, next[2], entry].flatMap((one) => one ?? []);
    const change = rearranged(plan, 40, wanted);
    expect(fits(plan, change)).toBe(true);
    const now = changed(plan, change);
    expect(now.exercises.map(({ name }) => name)).toEqual(['one', 'two', 'three', 'four', 'new', 'new']);
    for (const exercise of [4, 5]) {
      expect(saidIn(now, exercise).map((said) => (said as readonly unknown[])[2])).toEqual(
        saidIn(other, 1).map((said) => (said as readonly unknown[])[2]),
      );
      const mine = attemptsOf(now, 'split').filter((one) => one.exercise === exercise);
      expect(mine.length).toBe(attemptsOf(other, 'split').filter((one) => one.exercise === 1).length);
      expect(mine.length).toBe(20);
    }
    expect(now.phases.filter(({ exercise }) => exercise === 4).map(({ kind }) => kind)).toEqual(
      other.phases.filter(({ exercise }) => exercise === 1).map(({ kind }) => kind),
    );
    now.phases.slice(1).forEach(({ start }, i) => expect(start).toBe(now.phases[i]?.end ?? Number.NaN));
  });

  it('when nothing more is wanted it ends with what is on', () => {
    const { now } = toCome(plan, 40);
    const other = changed(plan, rearranged(plan, 40, []));
    expect(other.phases.length).toBe((now?.last ?? 0) + 1);
  });
});
