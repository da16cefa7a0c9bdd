import { faultsByCode } from '../catalogue/faults.js';
import type { SessionPlan } from '../plan/run-plan.js';
import type { RunEvent } from './event.js';
import { RunLog } from './run-log.js';
import { comparedIn } from './variants.js';

/** Blocks a b b a of three repetitions of two seconds, one split each. */
const block = (variant: 'a' | 'b', i: number) => ({
  exercise: { name: `${variant}`, stage: `s${i}`, steps: 'split', watch: [], view: 'side' as const, variant },
  phase: {
    ...{ kind: 'work' as const, start: i * 6, end: i * 6 + 6, set: 1, round: 1, exercise: i, open: false },
    done: [0, 2, 4].map((at) => [at, 0] as const),
  },
});
const blocks = (['a', 'b', 'b', 'a'] as const).map(block);
const plan: SessionPlan = {
  exercises: blocks.map(({ exercise }) => exercise),
  reps: [{ seconds: 2, chances: { split: [0], repetition: [0] } }],
  phases: blocks.map(({ phase }) => phase),
  cues: [],
  landings: null,
};

describe('two variants that take turns', () => {
  it('stand beside each other with equal attempts, and what was tapped is with the one it was tapped in', () => {
    const log = new RunLog(plan, faultsByCode(), 0, ['ada']);
    let seq = 0;
    const at = (s: number, body: object): RunEvent =>
      ({ id: `e${++seq}`, device: 'a', seq, order: seq, m: Math.round((s + 5) * 1000), at: 0, ...body }) as RunEvent;
    const tap = (s: number): RunEvent =>
      at(s, { kind: 'fault', fault: 'split-late', side: null, athlete: 'ada', source: 'floor', clip: null, shown: null });
    log.take([
      at(-5, { kind: 'board', faults: ['split-late'] }),
      at(-5, { kind: 'view', view: 'side' }),
      at(-5, { kind: 'watch', athlete: 'ada' }),
      at(-5, { kind: 'go', answers: null }),
      tap(0.5),
      tap(2.5),
      tap(8.5),
      at(24, { kind: 'end', answers: `e4` }),
    ]);
    expect(comparedIn(plan, log.details())).toEqual([
      {
        athlete: 'ada',
        a: { watched: 6, clean: 4, faults: [{ fault: 'split-late', attempts: 6, faulty: 2 }] },
        b: { watched: 6, clean: 5, faults: [{ fault: 'split-late', attempts: 6, faulty: 1 }] },
      },
    ]);
  });

  it('are none where a session compares nothing', () => {
    const plain = { ...plan, exercises: plan.exercises.map(({ variant: _, ...rest }) => rest) };
    expect(comparedIn(plain, { parts: [], clean: [] })).toEqual([]);
  });
});
