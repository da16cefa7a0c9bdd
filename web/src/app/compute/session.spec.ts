import { isSession } from '@hopsk/core/plan/run-plan';
import { athlete } from '../testing/run';
import { ask, draft, evening, stage } from '../testing/sessions';
import { fitIn, lookAt, planOf } from './session';

describe('what the workshop shows of a session', () => {
  it('is the worked evening, second by second (the project’s worked example)', () => {
    const seen = lookAt(evening());
    expect([seen.total, seen.totals.all.work, seen.totals.all.reps]).toEqual([320, 180, 78]);
    expect(seen.totals.all.contacts).toEqual({ left: 234, right: 390 });
    expect(seen.stages[0]?.repetition).toBeCloseTo(2.28, 9);
    expect(seen.stretches.map((stretch) => stretch.kind)).toEqual([
      'work',
      'rest',
      'work',
      'rest',
      'work',
      'set-rest',
      'work',
      'rest',
      'work',
      'rest',
      'work',
    ]);
    expect(seen.stages[0]?.picture.prints.length).toBeGreaterThan(4);
  });

  it('is turned round for a left-hander, with the other side beside it', () => {
    const seen = lookAt(ask(draft([stage('8 each side')]), athlete({ hand: 'left' })));
    expect(seen.stages[0]?.texts[0]).toContain('shuffle left 40 cm, lunge ahead 90 cm left foot');
    expect(seen.stages[0]?.texts[1]).toContain('shuffle right 40 cm');
    expect(seen.totals.all.ways).toEqual([8, 8]);
  });

  it('names what is asked and wrong where it stands, and the session’s own last', () => {
    const seen = lookAt(
      ask(draft([stage('3 × 30 s'), stage('30 s')], { settings: { change: null, water: null, rest: null, setRest: null } })),
    );
    expect(seen.problems.filter(({ level }) => level === 'asks').map(({ code, stage: at }) => [code, at])).toEqual([
      ['rest', 0],
      ['change', null],
    ]);
    expect(seen.atLeast).toBeTrue();
    const odd = lookAt(ask(draft([stage('some of it')])));
    expect(odd.stages[0]?.mended).toBe('3 × 30 s');
    // The session’s own rest is that of a stage that has none.
    const rested = lookAt(ask(draft([stage('3 × 30 s')], { settings: { change: 20, water: null, rest: 15, setRest: null } })));
    expect([rested.problems.filter(({ level }) => level === 'asks'), rested.totals.all.rest]).toEqual([[], 30]);
    // What was understood stands beside it where it was typed otherwise.
    expect(lookAt(ask(draft([stage('three rounds of 30 s'), stage('3 × 30 s')]))).stages.map(({ dosePlain }) => dosePlain)).toEqual([
      '3 × 30 s',
      '',
    ]);
    expect(odd.problems[0]).toEqual(jasmine.objectContaining({ level: 'stop', stage: 0 }));
  });

  it('holds the calls of each round, and what each call needs with its reaction', () => {
    const calls = {
      alternatives: [
        { name: 'right', steps: 'shuffle right 40 cm', weight: 1, side: 'right' as const, kind: 'move' as const, expects: '' },
        { name: 'left', steps: 'shuffle left 40 cm', weight: 1, side: 'left' as const, kind: 'move' as const, expects: '' },
      ],
      order: 'random' as const,
      longestRun: 2,
      interval: null,
      reaction: 0.4,
      weakSide: null,
      freezes: 0,
    };
    const seen = lookAt(ask(draft([stage('2 × 6 calls, rest 20 s', { calls, cueing: 'called' })])));
    expect(seen.lists.map(({ round, list }) => [round, list.calls.length, list.counts])).toEqual([
      [1, 6, [3, 3]],
      [2, 6, [3, 3]],
    ]);
    // Two steps of 0.22 s each, of 40 cm where an even one is 27: 0.22 (½ + ½ 0.4 / 0.2703) = 0.273; and 0.4 s to react.
    expect(seen.stages[0]?.calls.map((call) => [call.name, Number(call.seconds.toFixed(2)), call.hindrance])).toEqual([
      ['right', 0.95, null],
      ['left', 0.95, null],
    ]);
  });

  it('can be sent to a worker and back', () => {
    expect(() => structuredClone(lookAt(evening()))).not.toThrow();
    expect(() => structuredClone(evening())).not.toThrow();
  });

  it('is fitted inside its ranges, never beyond the time', () => {
    const wide = ask(draft([stage('1–4 × 30 s, rest 20 s'), stage('2–6 × 8, rest 20 s')]));
    const fitted = fitIn(wide, 240);
    expect(fitted.total).toBeLessThanOrEqual(240);
    expect(fitted.stages.every((one) => one.kept)).toBeTrue();
    expect(fitIn(wide, 20).hopeless).toEqual({ stage: 'Evening', seconds: 30 });
  });

  it('is run as the plan that was shown', () => {
    const plan = planOf(evening());
    if (!isSession(plan)) throw new Error('no session');
    expect(plan.phases.at(-1)?.end).toBe(320);
    expect(plan.phases[0]?.done.length).toBe(13);
    expect(plan.exercises.map((one) => one.name)).toEqual(['Evening']);
  });
});
