import { randomUUID } from 'node:crypto';
import { fileURLToPath } from 'node:url';
import { Worker } from 'node:worker_threads';
import { unfoldsTo } from '@hopsk/core/plan/unfolds';
import { CountingFailed, type Changes, type Counts, type Detailed, type Step, type WholeRun } from './counts.js';
import type { Counter } from './counter.js';

/** A question to a thread: a function of its counter, and what it is given. */
export type Asked = { [Kind in 'add' | 'whole' | 'keep' | 'details']: [Kind, ...Parameters<Counter[Kind]>] }[
  'add' | 'whole' | 'keep' | 'details'];

/** What one question may take: several times what the largest plan that the contract lets in takes with eight faults on its board. */
const COUNTING_LIMITS = { ms: 20_000, megabytes: 512 } as const;

/** What a thread may remember of logs (bytes). */
export interface Remembers {
  readonly most: number;
}
/**
 * Taps: fifty halls late in an evening, or some hundreds early in one, with a third of what the thread may take to spare. What takes
 * long: files that come in leave logs behind that nobody adds to.
 */
const REMEMBERS = { quick: { most: 350 * 2 ** 20 }, slow: { most: 50 * 2 ** 20 } } as const;

/** Occasions and chances from which a run is counted where nobody waits for it, and characters of its log. */
const LARGE = { unfolds: 50_000, log: 4_000_000 } as const;
/** A run that could not be counted is not tried again for so long (ms). */
const FAILED_FOR = 600_000;
/** Most runs of which is remembered that they are large, or could not be counted. */
const REMEMBERED = 1_000;

// A thread runs what was bundled, where the specs ask for it too: their stage makes the bundle first.
const here = fileURLToPath(import.meta.url);
const FILE = here.endsWith('.ts') ? new URL('../../dist/counting.mjs', import.meta.url) : new URL('./counting.mjs', import.meta.url);

interface Waiting {
  readonly asked: Asked;
  readonly done: (answer: unknown) => void;
  readonly fail: (error: Error) => void;
}

/** A thread that counts, with one question in its hands at a time. One that takes too much is ended, and another begun. */
class Thread {
  private worker: Worker | null = null;
  private readonly waiting: Waiting[] = [];
  private inHand: Waiting | null = null;
  private timer: NodeJS.Timeout | null = null;

  constructor(
    private readonly remembers: Remembers,
    private readonly limits: { readonly ms: number; readonly megabytes: number },
    private readonly failed: (why: string) => void,
  ) {}

  ask(asked: Asked): Promise<unknown> {
    return new Promise((done, fail) => {
      this.waiting.push({ asked, done, fail });
      this.next();
    });
  }

  /** What it was asked and has not answered fails. */
  async end(): Promise<void> {
    const left = this.waiting.splice(0);
    if (this.inHand) left.unshift(this.inHand);
    if (this.timer) clearTimeout(this.timer);
    this.inHand = null;
    for (const { fail } of left) fail(new CountingFailed('ended'));
    await this.ended();
  }

  private async ended(): Promise<void> {
    const worker = this.worker;
    this.worker = null;
    await worker?.terminate();
  }

  private next(): void {
    if (this.inHand) return;
    const one = this.waiting.shift();
    if (!one) return;
    this.inHand = one;
    this.worker ??= this.begun();
    this.worker.ref();
    this.timer = setTimeout(() => this.broken('time'), this.limits.ms);
    this.worker.postMessage(one.asked);
  }

  private begun(): Worker {
    const worker = new Worker(FILE, { workerData: this.remembers, resourceLimits: { maxOldGenerationSizeMb: this.limits.megabytes } });
    // One that was ended says nothing any more.
    const mine = (react: () => void): void => (this.worker === worker ? react() : undefined);
    worker.on('message', (answer: unknown) => mine(() => this.settled((one) => one.done(answer))));
    worker.on('error', (error: Error & { code?: string }) =>
      mine(() => this.broken(error.code === 'ERR_WORKER_OUT_OF_MEMORY' ? 'memory' : error.message)),
    );
    return worker;
  }

  private broken(why: string): void {
    void this.ended();
    this.failed(why);
    this.settled((one) => one.fail(new CountingFailed(why)));
  }

  private settled(say: (one: Waiting) => void): void {
    const one = this.inHand;
    if (this.timer) clearTimeout(this.timer);
    this.inHand = null;
    // A thread with nothing to do keeps nobody from ending.
    this.worker?.unref();
    if (one) say(one);
    this.next();
  }
}

/** Counting in one thread, under a name of its own or none. */
class Lane implements Counts {
  constructor(
    private readonly thread: Thread,
    private readonly name = '',
  ) {}

  add(step: Step, log: string): Promise<Changes | number> {
    return this.thread.ask(['add', this.mine(step), log]) as Promise<Changes | number>;
  }

  whole(run: WholeRun, step: Step | null): Promise<Changes> {
    return this.thread.ask(['whole', run, step && this.mine(step)]) as Promise<Changes>;
  }

  keep(step: Step): void {
    // What is not remembered is counted from its log again.
    this.thread.ask(['keep', this.mine(step)]).catch(() => undefined);
  }

  details(run: WholeRun): Promise<Detailed> {
    return this.thread.ask(['details', run]) as Promise<Detailed>;
  }

  apart(): Counts {
    return new Lane(this.thread, randomUUID());
  }

  private mine(step: Step): Step {
    return { ...step, key: `${this.name} ${step.key}` };
  }
}

/**
 * Counting out of the server's own thread, in two: one for the taps of ordinary runs, one for all that takes long, so that nobody on
 * the floor waits for a book, a large run or a file that comes in.
 */
export class CountingThreads implements Counts {
  private readonly threads: readonly [Thread, Thread];
  private readonly quick: Lane;
  private readonly slow: Lane;
  /** Runs whose logs the slow thread may remember. */
  private readonly large = new Set<string>();
  /** Until when (ms) a run is not tried again. */
  private readonly failed = new Map<string, number>();

  /** @param failed hears why a run could not be counted. */
  constructor(failed: (why: string) => void, limits: { readonly ms: number; readonly megabytes: number } = COUNTING_LIMITS) {
    this.threads = [new Thread(REMEMBERS.quick, limits, failed), new Thread(REMEMBERS.slow, limits, failed)];
    [this.quick, this.slow] = this.threads.map((thread) => new Lane(thread)) as [Lane, Lane];
  }

  add(step: Step, log: string): Promise<Changes | number> {
    return this.tried(step, () => this.laneOf(step).add(step, log));
  }

  whole(run: WholeRun, step: Step | null): Promise<Changes> {
    if (step === null) return this.slow.whole(run, null);
    const { occasions, chances } = unfoldsTo(run.basics.plan);
    if (run.log.length > LARGE.log || occasions + chances > LARGE.unfolds) this.remember(step);
    return this.tried(step, () => this.laneOf(step).whole(run, step));
  }

  keep(step: Step): void {
    this.laneOf(step).keep(step);
  }

  details(run: WholeRun): Promise<Detailed> {
    return this.slow.details(run);
  }

  apart(): Counts {
    return this.slow.apart();
  }

  /** Ends the threads. */
  async end(): Promise<void> {
    await Promise.all(this.threads.map((thread) => thread.end()));
  }

  private laneOf({ key }: Step): Lane {
    return this.large.has(key) ? this.slow : this.quick;
  }

  private remember({ key }: Step): void {
    // Whoever is forgotten here is asked of the quick thread, which does not know it: its log is sent whole again.
    if (this.large.size >= REMEMBERED) this.large.clear();
    this.large.add(key);
  }

  private async tried<T>({ key }: Step, ask: () => Promise<T>): Promise<T> {
    if ((this.failed.get(key) ?? 0) > Date.now()) throw new CountingFailed('before');
    try {
      return await ask();
    } catch (error) {
      if (this.failed.size >= REMEMBERED) this.failed.clear();
      this.failed.set(key, Date.now() + FAILED_FOR);
      throw error;
    }
  }
}
