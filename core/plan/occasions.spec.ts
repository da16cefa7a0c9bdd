import { unitsOf } from './occasions.js';
import type { RunPlan, SessionPlan } from './run-plan.js';

const dose = { mode: 'seconds', work: 8, rounds: 1, sets: 1, rest: null, setRest: null } as const;
const exercise = { name: 'One', stage: 'a', steps: 'split', watch: [], view: 'side' } as const;
const work = { kind: 'work', set: 1, round: 1, open: false } as const;

describe('what an exercise gives chances for', () => {
  it('is what its repetitions hold, of every group, and of no other exercise', () => {
    const plan: SessionPlan = {
      exercises: [exercise, exercise],
      reps: [
        { seconds: 2, chances: { repetition: [0], split: [0.5] } },
        { seconds: 2, chances: { repetition: [0], turn: [], step: [0.2, 0.8] } },
        { seconds: 2, chances: { repetition: [0], strike: [1] } },
      ],
      phases: [
        { ...work, start: 0, end: 10, exercise: 0, done: [[0, 0]], others: [[[0, 1]]] },
        { ...work, start: 10, end: 20, exercise: 1, done: [[0, 2]] },
      ],
      cues: [],
      landings: 0,
    };
    expect([...(unitsOf(plan, 0) ?? [])].sort()).toEqual(['repetition', 'split', 'step']);
    expect([...(unitsOf(plan, 1) ?? [])].sort()).toEqual(['repetition', 'strike']);
    expect(unitsOf(plan, 2)).toBeNull();
  });

  it('is not known where attempts are tapped; where balls are fed it is what a ball holds', () => {
    const rounds: RunPlan = { dose, rep: null };
    expect(unitsOf(rounds, 0)).toBeNull();
    expect([...(unitsOf({ dose, rep: { seconds: 2, chances: { repetition: [0], back: [1] } } }, 0) ?? [])].sort()).toEqual([
      'back',
      'repetition',
    ]);
  });
});
