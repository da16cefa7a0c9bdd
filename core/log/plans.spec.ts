import fc from 'fast-check';
import { faultsByCode } from '../catalogue/faults.js';
import { restChanged, roundAgain } from '../plan/on-the-spot.js';
import { changed, changesAt, type PlanChange } from '../plan/replan.js';
import { isSession, type RunPlan, type SessionPlan } from '../plan/run-plan.js';
import { holds } from '../testing/holds.js';
import { clockOf, planAt } from './clock.js';
import { countRun, type RunCount } from './count.js';
import { isControl, type RunEvent } from './event.js';
import { plannedBy, type PlanEvent } from './plans.js';
import { RunLog } from './run-log.js';

const catalogue = faultsByCode();
const DELAY = 1;

/** So many rounds of an exercise: each of so many repetitions of 2 s with two splits, and a rest of 3 s after it. */
function lesson(...parts: readonly (readonly [name: string, rounds: number, reps: number])[]): SessionPlan {
  let t = 0;
  const stretch = (kind: 'work' | 'rest', exercise: number, round: number, reps: number) => {
    const start = t;
    t += kind === 'work' ? reps * 2 : 3;
    const done = Array.from({ length: kind === 'work' ? reps : 0 }, (_, k) => [k * 2, exercise] as const);
    return { kind, start, end: t, exercise, set: 1, round, open: false, done };
  };
  return {
    exercises: parts.map(([name]) => ({ name, stage: name, steps: 'split, split', watch: [], view: 'side' as const })),
    reps: parts.map(() => ({ seconds: 2, chances: { repetition: [0], split: [0, 1] } })),
    phases: parts.flatMap(([, rounds, reps], i) =>
      Array.from({ length: rounds }, (_, k) => [stretch('work', i, k + 1, reps), stretch('rest', i, k + 1, 0)]).flat(),
    ),
    cues: [],
    landings: 40,
  };
}
const FIRST = lesson(['one', 2, 3], ['two', 2, 4], ['three', 1, 5]);
const secondsOf = ({ phases }: SessionPlan): number => phases.at(-1)?.end ?? 0;

/** The change that has a plan go on with the other exercises of a lesson whose first two stretches are left out. */
function changeTo(plan: SessionPlan, from: number, next: SessionPlan): PlanChange {
  const later = changesAt(plan, { from }) - (next.phases[2]?.start ?? 0);
  return {
    ...{ from, exercises: next.exercises, reps: next.reps, cues: [] },
    phases: next.phases.slice(2).map((stretch) => ({
      ...stretch,
      start: stretch.start + later,
      end: stretch.end + later,
      exercise: stretch.exercise + plan.exercises.length,
      done: stretch.done.map(([start, rep]) => [start, rep + plan.reps.length] as const),
    })),
  };
}

interface Step {
  readonly device: 'a' | 'b';
  /** Tenths of a second after the step before it. */
  readonly after: number;
  /** Whether the device has heard of all that was written before. */
  readonly heard: boolean;
  readonly does: 'tap' | 'pause' | 'skip' | 'plan' | 'spot';
  /** Where to skip to, or from which stretch on and to what the plan is changed; on the spot: what is on, a rest longer or a round again. */
  readonly to: number;
  readonly parts: readonly (readonly [rounds: number, reps: number])[];
}

/** A rest that is on is made longer or shorter, or its round is done once more. */
function onTheSpot(mine: readonly RunEvent[], plan: SessionPlan, to: number, now: number): PlanChange | null {
  const clock = clockOf(mine.filter(isControl), secondsOf(plan));
  const t = planAt(clock, now);
  return to % 3 === 0 ? roundAgain(plan, t) : restChanged(plan, t, (to % 7) - 3);
}

/** What devices write that hear of one another now and then, each by the plan that it knows. */
function written(steps: readonly Step[]): RunEvent[] {
  const all: RunEvent[] = [];
  const knows = new Map<string, RunEvent[]>();
  const seqs = new Map<string, number>();
  let m = 0;
  const write = (device: string, heard: boolean, make: (mine: RunEvent[], now: SessionPlan) => object): void => {
    const mine = heard ? [...all] : (knows.get(device) ?? []);
    const controls = mine.filter(isControl);
    const changes = mine.filter((one): one is PlanEvent => one.kind === 'plan');
    const { plan, by } = plannedBy(FIRST, changes, controls);
    const seq = (seqs.get(device) ?? 0) + 1;
    const order = mine.reduce((most, one) => Math.max(most, one.order), 0) + 1;
    const body = { id: `e${all.length}`, device, seq, order, m, at: 0, ...make(mine, plan as SessionPlan) } as RunEvent;
    const answers = clockOf(controls, secondsOf(plan as SessionPlan)).last;
    const event = isControl(body) ? { ...body, answers } : body.kind === 'plan' ? { ...body, after: by.at(-1)?.id ?? null } : body;
    seqs.set(device, seq);
    knows.set(device, [...mine, event]);
    all.push(event);
  };
  for (const device of ['a', 'b']) {
    write(device, true, () => ({ kind: 'board', faults: ['split-late', 'tall'] }));
    write(device, true, () => ({ kind: 'watch', athlete: device === 'a' ? 'ada' : 'bea' }));
  }
  write('a', true, () => ({ kind: 'go' }));
  for (const { device, after, heard, does, to, parts } of steps) {
    m += after * 100;
    write(device, heard, (mine, plan) => {
      if (does === 'tap')
        return {
          kind: 'fault',
          fault: 'split-late',
          side: null,
          athlete: device === 'a' ? 'ada' : 'bea',
          source: 'floor',
          clip: null,
          shown: null,
        };
      if (does === 'plan') {
        const next = lesson(['same', 1, 1], ...parts.map(([rounds, reps], i) => [`new ${i}`, rounds, reps] as const));
        return { kind: 'plan', change: changeTo(plan, to % (plan.phases.length + 1), next) };
      }
      const spot = does === 'spot' ? onTheSpot(mine, plan, to, m) : null;
      if (spot) return { kind: 'plan', change: spot };
      if (does === 'skip') return { kind: 'skip', to: to % secondsOf(plan) };
      return { kind: clockOf(mine.filter(isControl), secondsOf(plan)).status === 'paused' ? 'resume' : 'pause' };
    });
  }
  m += 2000;
  write('a', true, () => ({ kind: 'end' }));
  return all;
}

const anyStep: fc.Arbitrary<Step> = fc.record({
  device: fc.constantFrom('a' as const, 'b' as const),
  after: fc.integer({ min: 0, max: 80 }),
  heard: fc.boolean(),
  does: fc.constantFrom(
    'tap' as const,
    'tap' as const,
    'tap' as const,
    'pause' as const,
    'skip' as const,
    'plan' as const,
    'spot' as const,
  ),
  to: fc.integer({ min: 0, max: 60 }),
  parts: fc.array(fc.tuple(fc.integer({ min: 1, max: 2 }), fc.integer({ min: 1, max: 4 })), { maxLength: 2 }),
});
const anyRun = fc.array(anyStep, { minLength: 1, maxLength: 25 }).map(written);

const plain = ({ tallies, praise }: RunCount): unknown => [
  [...tallies].sort((a, b) => (`${a.athlete} ${a.fault}` < `${b.athlete} ${b.fault}` ? -1 : 1)),
  praise,
];

describe('a plan that is changed while it is run', () => {
  it('counts as if it had been planned so from the start', () => {
    let changes = 0;
    holds(
      fc.property(anyRun, (log) => {
        const folded = new RunLog(FIRST, catalogue, DELAY, ['ada', 'bea']);
        folded.take(log);
        changes += folded.changedBy === null ? 0 : 1;
        const others = log.filter(({ kind }) => kind !== 'plan');
        expect(plain(folded.counts())).toEqual(plain(countRun(folded.plan, others, catalogue, DELAY, ['ada', 'bea'])));
      }),
    );
    expect(changes).toBeGreaterThan(10);
  });

  it('adds up to the same in any order, in any parts, as often as it comes', () => {
    holds(
      fc.property(
        anyRun.chain((log) => fc.tuple(fc.constant(log), fc.shuffledSubarray([...log, ...log], { minLength: log.length }))),
        fc.integer({ min: 1, max: 5 }),
        ([log, muddled], part) => {
          const folded = new RunLog(FIRST, catalogue, DELAY, ['ada', 'bea']);
          for (let at = 0; at < muddled.length; at += part) {
            folded.take(muddled.slice(at, at + part));
            folded.talliesAt(folded.latest);
          }
          folded.take(log);
          const scratch = new RunLog(FIRST, catalogue, DELAY, ['ada', 'bea']);
          scratch.take(log);
          expect(folded.plan).toEqual(scratch.plan);
          expect(plain(folded.counts())).toEqual(plain(scratch.counts()));
        },
      ),
    );
  });

  it('keeps what was come to, whatever a change wants, and never grows a gap', () => {
    let spots = 0;
    holds(
      fc.property(anyRun, (log) => {
        const folded = new RunLog(FIRST, catalogue, DELAY, ['ada', 'bea']);
        folded.take(log);
        const { plan } = folded as { plan: RunPlan };
        if (!isSession(plan)) throw new Error('a session stays one');
        const by = log.filter(
          (one): one is PlanEvent => one.kind === 'plan' && folded.vain(new Set([one.device])).every(({ id }) => id !== one.id),
        );
        const stays = Math.min(FIRST.phases.length, ...by.map(({ change }) => change.from));
        expect(plan.phases.slice(0, stays)).toEqual(FIRST.phases.slice(0, stays));
        spots += by.filter(({ change }) => change.exercises.length === 0).length;
        // Nobody had come to what a change took away, tenth by tenth.
        for (const { m, change } of by.filter(({ change }) => change.exercises.length > 0))
          for (let at = 0; folded.clock.pieces.length > 0 && at <= m; at += 100)
            expect(planAt(folded.clock, at)).toBeLessThan(plan.phases[change.from]?.start ?? secondsOf(plan) + 1e-6);
        plan.phases.slice(1).forEach(({ start }, i) => expect(start).toBe(plan.phases[i]?.end ?? Number.NaN));
        for (const { exercise, done } of plan.phases) {
          expect(plan.exercises[exercise]).toBeDefined();
          for (const [, rep] of done) expect(plan.reps[rep]).toBeDefined();
        }
      }),
    );
    expect(spots).toBeGreaterThan(5);
  });

  const stamp = (id: string, device: string, seq: number, order: number, s: number) => ({ id, device, seq, order, m: s * 1000, at: 0 });
  const shorter = changeTo(FIRST, 4, lesson(['same', 1, 1], ['short', 1, 2]));
  const more = changeTo(FIRST, 8, lesson(['same', 1, 1], ['more', 1, 3]));

  it('of two changes of one plan the first in order holds; the other’s device is told', () => {
    const log = new RunLog(FIRST, catalogue, DELAY, ['ada']);
    const go: RunEvent = { ...stamp('go', 'a', 1, 1, 0), kind: 'go', answers: null };
    const one: RunEvent = { ...stamp('p1', 'a', 2, 2, 3), kind: 'plan', after: null, change: shorter };
    const two: RunEvent = { ...stamp('p2', 'b', 1, 3, 2), kind: 'plan', after: null, change: more };
    log.take([two, go, one]);
    expect(log.plan).toEqual(changed(FIRST, shorter));
    expect(log.vain(new Set(['b'])).map(({ id }) => id)).toEqual(['p2']);
    expect(log.vain(new Set(['a']))).toEqual([]);
  });

  it('a change with a gap, or of what is not there, is kept and does nothing', () => {
    const [first, ...rest] = shorter.phases;
    if (!first) throw new Error('there is one');
    for (const change of [
      { ...shorter, from: 99 },
      { ...shorter, from: 0, phases: [] },
      { ...shorter, phases: [{ ...first, start: first.start + 1 }, ...rest] },
      { ...shorter, exercises: [] },
      { ...shorter, phases: [{ ...first, done: [[0, 99] as const] }, ...rest] },
    ]) {
      const log = new RunLog(FIRST, catalogue, DELAY, ['ada']);
      log.take([{ ...stamp('plan', 'a', 1, 1, 0), kind: 'plan', after: null, change }]);
      expect(log.plan).toEqual(FIRST);
      expect(log.vain(new Set(['a'])).length).toBe(1);
    }
  });

  it('what was on the screen of a device that had not heard of the change is looked for by the time', () => {
    // At 40 s of the plan by the old one the second round of 'two' is on, by the new one all is over: the short one was the last.
    const log = new RunLog(FIRST, catalogue, DELAY, ['ada']);
    const tap = (id: string, order: number): RunEvent => ({
      ...stamp(id, 'b', order - 2, order, 5 + 30),
      ...{
        kind: 'fault',
        fault: 'split-late',
        side: null,
        athlete: 'ada',
        source: 'floor',
        clip: null,
        shown: { stretch: 4, occasion: 3 },
      },
    });
    log.take([
      { ...stamp('go', 'a', 1, 1, 0), kind: 'go', answers: null },
      { ...stamp('plan', 'a', 2, 6, 3), kind: 'plan', after: null, change: shorter },
      tap('unheard', 3),
    ]);
    const [placed] = log.counts().placed;
    // Two repetitions of the short one began at 18 s of the plan; the last of them is the one before 29 s.
    expect([placed?.occasion?.stretch, placed?.occasion?.repetition]).toEqual([4, 2]);
  });
});
