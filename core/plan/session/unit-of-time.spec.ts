import fc from 'fast-check';
import { FAULTS } from '../../catalogue/faults.js';
import { countRun } from '../../log/count.js';
import { holds } from '../../testing/holds.js';
import { logOf } from '../../testing/logs.js';
import { aStage, anySession, seenOf, sessionOf, SPOKEN } from '../../testing/sessions.js';
import { alternative, USUAL_CALLS } from '../calls/calls.js';
import { attemptsOf } from '../occasions.js';
import type { SessionPlan } from '../run-plan.js';
import { sessionPlanOf } from './session-plan.js';
import type { Session } from './session.js';
import type { Stage } from './stage.js';
import { timelineOf } from './timeline.js';
import { sessionTotals } from './totals.js';

const catalogue = new Map(FAULTS.map((fault) => [fault.code, fault]));

function planOf(session: Session): SessionPlan {
  const seen = seenOf(session);
  return sessionPlanOf(seen, timelineOf(seen, session, SPOKEN), sessionTotals(seen, session));
}

/** Repetitions that count for somebody who is watched from the first second to the last. */
function watchedAll(plan: SessionPlan): number {
  const total = plan.phases.at(-1)?.end ?? 0;
  const loose = [
    { kind: 'board', faults: ['tall'], t: -5 },
    { kind: 'view', view: 'side', t: -5 },
    { kind: 'watch', athlete: 'ada', t: -5 },
    { kind: 'go', t: -5 },
    { kind: 'end', t: total },
  ] as const;
  return countRun(plan, logOf(loose), catalogue, 1).tallies.find((row) => row.fault === 'tall')?.attempts ?? 0;
}

/** Lines whose simulated time is no round number. */
const anyLine = fc
  .array(fc.tuple(fc.constantFrom('right foot right', 'right foot left', 'left foot right'), fc.integer({ min: 1, max: 179 })), {
    minLength: 1,
    maxLength: 3,
  })
  .map((moves) => moves.map(([how, degrees]) => `pivot ${how} ${degrees}°`).join(', '));

/** A dose by number, and how many repetitions it says. */
const anyCount = fc.oneof(
  fc.integer({ min: 1, max: 12 }).map((n) => ({ dose: `${n}`, says: n })),
  fc
    .tuple(fc.integer({ min: 1, max: 3 }), fc.integer({ min: 1, max: 9 }))
    .map(([sets, n]) => ({ dose: `${sets} × ${n}, rest 1.5 × work`, says: sets * n })),
  fc.integer({ min: 1, max: 9 }).map((n) => ({ dose: `${n} each side`, says: 2 * n })),
  fc.tuple(fc.integer({ min: 1, max: 7 }), fc.integer({ min: 30, max: 61 })).map(([n, s]) => ({ dose: `${n} in ${s} s`, says: n })),
);

const anyStages: fc.Arbitrary<{ stages: Stage[]; says: number }> = fc
  .array(fc.tuple(anyLine, anyCount), { minLength: 1, maxLength: 4 })
  .map((parts) => ({
    stages: parts.map(([steps, { dose }]) => aStage(dose, { steps })),
    says: parts.reduce((sum, [, { says }]) => sum + says, 0),
  }));

const isWhole = (seconds: number): boolean => Math.abs(seconds * 1000 - Math.round(seconds * 1000)) < 1e-6;

describe('one unit of time in plan and log', () => {
  it('the last attempt of a line that takes no round time counts', () => {
    const steps = 'pivot right foot right 65°, pivot right foot left 65°';
    expect(watchedAll(planOf(sessionOf([aStage('3', { steps })])))).toBe(3);
  });

  it('whoever is watched throughout gets as many attempts as the doses say', () => {
    holds(fc.property(anyStages, ({ stages, says }) => expect(watchedAll(planOf(sessionOf(stages)))).toBe(says)));
  });

  it('every moment of any session’s plan is a whole millisecond, and no repetition ends after its stretch', () => {
    holds(
      fc.property(
        fc.oneof(
          anySession,
          anyStages.map(({ stages }) => sessionOf(stages)),
        ),
        (session) => {
          const plan = planOf(session);
          for (const rep of plan.reps) for (const s of [rep.seconds, ...Object.values(rep.chances).flat()]) expect(isWhole(s)).toBeTrue();
          for (const phase of plan.phases) {
            for (const s of [phase.start, phase.end, ...phase.done.map(([at]) => at)]) expect(isWhole(s)).toBeTrue();
            for (const [at, rep] of phase.done)
              expect(phase.start + at + (plan.reps[rep]?.seconds ?? Infinity)).toBeLessThanOrEqual(phase.end + 1e-9);
          }
        },
      ),
    );
  });

  it('every call of a called stage ends in its stretch too', () => {
    const seconds = fc.integer({ min: 20, max: 90 }).map((s) => `2 × ${s} s, rest 10 s`);
    const calls = fc.integer({ min: 2, max: 20 }).map((n) => `${n} calls`);
    const freezes = fc.constantFrom(0, 0.3);
    holds(
      fc.property(
        anyLine,
        anyLine,
        fc.oneof(seconds, calls),
        freezes,
        fc.integer({ min: 0, max: 999 }),
        (one, other, dose, share, seed) => {
          const alternatives = [alternative('one', one), alternative('other', other)];
          const session = sessionOf([aStage(dose, { calls: { ...USUAL_CALLS, alternatives, freezes: share } })], { seed });
          const plan = planOf(session);
          const ends = attemptsOf(plan, 'call').map((attempt) => attempt.end);
          const within = plan.phases.filter(({ kind }) => kind === 'work');
          for (const end of ends) expect(within.some((phase) => end > phase.start && end <= phase.end + 1e-9)).toBeTrue();
        },
      ),
    );
  });
});
