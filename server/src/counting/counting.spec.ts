import { faultsByCode } from '@hopsk/core/catalogue/faults';
import { countRun } from '@hopsk/core/log/count';
import type { RunPlan } from '@hopsk/core/plan/run-plan';
import { randomUUID } from 'node:crypto';
import { ran, type Ran } from '../testing/house.js';
import type { Step, WholeRun } from './counts.js';
import { CountingFailed } from './counts.js';
import { foldOf, Folds, sizeOf, type Fold } from './folds.js';
import { CountingThreads } from './threads.js';

const wholeOf = ({ run, events }: Ran): WholeRun => ({
  basics: { ...run, views: null, faults: null, merged: null },
  log: JSON.stringify(events),
});
const step = (before: number, arrival: number, key = 'a'): Step => ({ key, before, arrival });
/** Rounds of so many repetitions, of a second and so many chances each. */
const rounds = (work: number, chances: number, count = 1): RunPlan => ({
  dose: { mode: 'reps', work, rounds: count, sets: 1, rest: 0, setRest: 0 },
  rep: { seconds: 1, chances: { split: Array.from({ length: chances }, (_, i) => i / chances) } },
});

describe('counting in threads', () => {
  const log = ran(randomUUID(), [3.5, 7.5]);
  const whole = wholeOf(log);
  const tallies = countRun(log.run.plan, log.events, faultsByCode(), 1).tallies;
  const failures: string[] = [];
  let threads: CountingThreads;
  const failed = async (work: Promise<unknown>): Promise<string> =>
    work.then(
      () => 'counted',
      (error: unknown) => (error instanceof CountingFailed ? error.message : String(error)),
    );
  beforeEach(() => failures.splice(0));
  afterEach(() => threads.end());

  it('counts what the core counts, and says what changes with more; only what was written is remembered', async () => {
    threads = new CountingThreads((why) => failures.push(why));
    const some = wholeOf({ run: log.run, events: log.events.slice(0, 4) });
    const text = (from: number): string => JSON.stringify(log.events.slice(from));
    expect(await threads.add(step(0, 4), text(0))).toBe(0);
    expect((await threads.whole(some, step(0, 4))).clear).toBeTrue();
    // Its transaction failed: nobody said that it is written.
    expect(await threads.add(step(4, 6), text(4))).toBe(0);
    await threads.whole(some, step(0, 4));
    threads.keep(step(0, 4));
    expect(await threads.add(step(4, 6), text(4))).toEqual({
      clear: false,
      gone: [],
      changed: [...tallies],
      praise: {},
      ended: true,
    });
    expect(await threads.whole(whole, null)).toEqual({ clear: true, gone: [], changed: [...tallies], praise: {}, ended: true });
    expect((await threads.details(whole)).parts.length).toBe(6);
    // Nobody else sees what is counted apart.
    const [one, other] = [threads.apart(), threads.apart()];
    await one.whole(some, step(0, 4));
    one.keep(step(0, 4));
    expect(await other.add(step(4, 6), '[]')).toBe(0);
    expect(await one.add(step(4, 6), '[]')).not.toBe(0);
    expect(failures).toEqual([]);
  });

  it('ends a run that takes more time or memory than it may; others behind it are counted, and it is not tried again soon', async () => {
    threads = new CountingThreads((why) => failures.push(why), { ms: 1_500, megabytes: 60 });
    const large = wholeOf({ ...log, run: { ...log.run, plan: rounds(10_000, 1_000, 100) } });
    const all = await Promise.all([
      failed(threads.whole(large, step(0, 4, 'large'))),
      // Behind it in the same thread, and on the floor.
      failed(threads.whole(whole, null)),
      failed(threads.whole(whole, step(0, 6))),
    ]);
    expect(all).toEqual([jasmine.stringMatching(/^(time|memory)$/), 'counted', 'counted']);
    expect(await failed(threads.whole(large, step(0, 4, 'large')))).toBe('before');
    expect(await failed(threads.whole({ ...whole, log: 'no list' }, null))).not.toBe('counted');
    expect(await failed(threads.whole(whole, null))).toBe('counted');
    expect(failures.length).toBe(2);
  });

  it('that are ended answer nobody later: what they had in hand, and what waits behind it, fails then', async () => {
    threads = new CountingThreads((why) => failures.push(why), { ms: 60_000, megabytes: 512 });
    const large = wholeOf({ ...log, run: { ...log.run, plan: rounds(10_000, 1_000, 100) } });
    const all = Promise.all([large, whole].map((run) => failed(threads.whole(run, null))));
    threads.keep(step(0, 4));
    await threads.end();
    expect(await all).toEqual(['ended', 'ended']);
    expect(failures).toEqual([]);
  });
});

describe('logs that are remembered', () => {
  it('are not all that come to much', () => {
    const fold = (repetitions: number): Fold => {
      const run = { ...ran(randomUUID(), []).run, plan: rounds(repetitions, 0) };
      return { arrival: 1, log: foldOf(wholeOf({ run, events: [] })), written: null, holds: true };
    };
    const folds = new Folds(2.5 * sizeOf(fold(100)));
    for (const key of ['a', 'b', 'c']) folds.put(key, fold(100));
    expect(['a', 'b', 'c'].map((key) => folds.take(step(1, 2, key)) !== 0)).toEqual([false, true, true]);
    folds.put('d', fold(1000));
    expect(folds.take(step(1, 2, 'd'))).not.toBe(0);
    // As many events weigh as well.
    for (const key of ['a', 'b', 'c']) folds.put(key, { ...fold(1), arrival: 10_000 });
    expect(['a', 'b', 'c'].map((key) => folds.take(step(10_000, 10_001, key)) !== 0)).toEqual([false, false, true]);
  });

  it('are those of hundreds of halls at once: one more tap in each is one more tap, and not its whole run', () => {
    const [folds, keys] = [new Folds(350 * 2 ** 20), Array.from({ length: 300 }, (_, i) => `${i}`)];
    const run = { ...ran(randomUUID(), []).run, plan: rounds(1200, 0) };
    const one = { arrival: 100, log: foldOf(wholeOf({ run, events: [] })), written: null, holds: true };
    for (const key of keys) folds.put(key, one);
    expect(keys.filter((key) => folds.take(step(100, 101, key)) === 0)).toEqual([]);
  });
});
