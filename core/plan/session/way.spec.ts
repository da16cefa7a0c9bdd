import fc from 'fast-check';
import { holds } from '../../testing/holds.js';
import { aStage, seenOf, sessionOf, SPOKEN } from '../../testing/sessions.js';
import { sessionPlanOf } from './session-plan.js';
import { planProblems } from './problems.js';
import type { Stage } from './stage.js';
import { timelineOf } from './timeline.js';
import { sessionTotals } from './totals.js';
import { chanceAt, MOST_DRAWN } from './way.js';

const look = (dose: string, steps: string, seed = 3, more: Partial<Stage> = {}) => {
  const session = sessionOf([aStage(dose, { steps, ...more })], { seed });
  const seen = seenOf(session);
  const [timeline, totals] = [timelineOf(seen, session, SPOKEN), sessionTotals(seen, session)];
  const plan = sessionPlanOf(seen, timeline, totals);
  const done = plan.phases.flatMap((phase) => phase.done.map(([start, rep]) => ({ start, rep, from: phase.start, to: phase.end })));
  return { seen, totals, timeline, plan, done, problems: planProblems(seen, totals, session) };
};

describe('a stage that is not called, whose line leaves a choice', () => {
  const EITHER = '(lunge ahead right foot, recover back | shuffle left 40 cm, shuffle right 40 cm)';

  it('draws for each repetition anew, the same for the same seed', () => {
    const { plan, done } = look('40', EITHER);
    expect(new Set(done.map(({ rep }) => rep)).size).toBe(2);
    expect(look('40', EITHER).plan.phases).toEqual(plan.phases);
    expect(look('40', EITHER, 4).plan.phases).not.toEqual(plan.phases);
    const [first, second] = look('2 × 20, rest 5 s', EITHER).plan.phases.filter(({ kind }) => kind === 'work');
    expect(first?.done.map(([, rep]) => rep)).not.toEqual(second?.done.map(([, rep]) => rep));
  });

  it('counts what is drawn, and every repetition has the time of the longest', () => {
    holds(
      fc.property(fc.integer({ min: 1, max: 60 }), fc.integer({ min: 0, max: 999 }), fc.boolean(), (n, seed, sides) => {
        const { totals, plan, done, seen } = look(`${n}${sides ? ' each side' : ''}`, EITHER, seed);
        const lunges = done.filter(({ rep }) => plan.reps[rep]?.chances.arrival).length;
        expect(totals.all.lunges.left + totals.all.lunges.right).toBe(lunges);
        expect(totals.all.reps).toBe(done.length);
        const slot = Math.max(...(seen[0]?.ways ?? []).map(({ seconds }) => seconds ?? 0));
        expect(slot).toBeGreaterThanOrEqual(Math.max(...plan.reps.map(({ seconds }) => seconds)));
        for (const { start, rep, from, to } of done) {
          expect(start).toBeGreaterThanOrEqual(0);
          expect(from + start + (plan.reps[rep]?.seconds ?? Infinity)).toBeLessThanOrEqual(to + 1e-9);
        }
      }),
    );
  });

  it('takes each branch as often as its share: one half, and a quarter each where one branch has two', () => {
    const { seen, done } = look(
      '3 × 1000, rest 10 s',
      '(advance 20 cm, retreat 20 cm | (shuffle left 40 cm | shuffle right 40 cm), split)',
    );
    expect(seen[0]?.ways[0].drawn.map(({ share }) => share)).toEqual([0.5, 0.25, 0.25]);
    const counts = [0, 1, 2].map((rep) => done.filter((one) => one.rep === rep).length).sort((a, b) => b - a);
    // Five standard deviations of a binomial count of 3,000 (Moivre).
    for (const [i, share] of [0.5, 0.25, 0.25].entries())
      expect(Math.abs((counts[i] ?? 0) - 3000 * share)).toBeLessThan(5 * Math.sqrt(3000 * share * (1 - share)));
  });

  it('chances spread evenly and do not repeat over turns', () => {
    const all = Array.from({ length: 4000 }, (_, at) => chanceAt({ seed: 7, exercise: at % 5, set: 1, round: at % 7, way: 0, at }));
    expect(new Set(all).size).toBeGreaterThan(3990);
    const tenths = Array.from({ length: 10 }, (_, i) => all.filter((one) => Math.floor(one * 10) === i).length);
    for (const one of tenths) expect(Math.abs(one - 400)).toBeLessThan(5 * Math.sqrt(4000 * 0.1 * 0.9));
  });

  it('stays bounded where there are more ways than are told apart', () => {
    const { seen, done } = look('200', '(advance 20 cm | retreat 20 cm | shuffle left 20 cm) 6');
    expect(seen[0]?.ways[0].drawn.length).toBe(MOST_DRAWN);
    expect(new Set(done.map(({ rep }) => rep)).size).toBe(MOST_DRAWN);
    expect(look('8', Array.from({ length: 90 }, () => '(split | jump)').join(', ')).seen[0]?.ways[0].drawn.length).toBe(MOST_DRAWN);
  });
});

describe('both sides of a stage', () => {
  const asked = (dose: string, steps: string, more: Partial<Stage> = {}) =>
    look(dose, steps, 3, more).problems.flatMap((one) =>
      one.code === 'no-side' || one.code === 'side-of-foot' ? [[one.code, one.level, ...one.values.readings]] : [],
    );
  const guard: Partial<Stage> = { school: 'staggered-striking', lead: 'left' };

  it('are refused where the line has none, with the nearest that fits', () => {
    expect(asked('5 each side', 'advance 20 cm, retreat 20 cm', guard)).toEqual([['no-side', 'stop', '5 each lead', '5']]);
    expect(asked('2 × 8 each side, rest 20 s', 'split, jump')).toEqual([['no-side', 'stop', '2 × 8, rest 20 s']]);
    expect(asked('5 each side', 'lunge ahead right foot, recover back')).toEqual([['no-side', 'stop', '5 each lead', '5']]);
    for (const taken of ['5 each lead', '5']) expect(asked(taken, 'advance 20 cm, retreat 20 cm', guard)).toEqual([]);
  });

  it('ask where a foot is named left or right; not by stroke, by lead, nor of calls', () => {
    expect(asked('5 each side', 'shuffle right 40 cm, lunge ahead right foot')).toEqual([['side-of-foot', 'note', '5 each lead']]);
    for (const steps of [
      'shuffle right 40 cm, lunge ahead near foot',
      'shuffle playing side 40 cm, lunge ahead right foot',
      'shuffle right 40 cm, lunge ahead right foot + forehand',
    ])
      expect(asked('5 each side', steps)).withContext(steps).toEqual([]);
  });
});
