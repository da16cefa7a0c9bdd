import { computed, inject, signal } from '@angular/core';
import { RECOUNT_AT_ONCE, type RecountLeft, type RecountRun } from '@hopsk/contract/recount';
import { firstValueFrom } from 'rxjs';
import { RecountApi } from '../../data/recount-api';
import type { Sending } from '../../parts/sending';

/** What one athlete's figures of one fault were in these runs, and would be. */
export interface Change {
  readonly athlete: string;
  readonly fault: string;
  readonly runs: number;
  readonly before: Figures;
  readonly now: Figures;
}
type Figures = Readonly<Record<'attempts' | 'faulty' | 'noted', number>>;

const NOTHING: Figures = { attempts: 0, faulty: 0, noted: 0 };
const plus = (a: Figures, b: Figures | null): Figures =>
  b === null ? a : { attempts: a.attempts + b.attempts, faulty: a.faulty + b.faulty, noted: a.noted + b.noted };

/** By athlete and fault, those first that change in most runs. */
function changesOf(runs: readonly Pick<RecountRun, 'changes'>[]): Change[] {
  const sums = new Map<string, Change>();
  for (const { before, now } of runs.flatMap(({ changes }) => changes)) {
    const of = before ?? now;
    if (of === null) continue;
    const key = `${of.athlete} ${of.fault}`;
    const sum = sums.get(key) ?? { athlete: of.athlete, fault: of.fault, runs: 0, before: NOTHING, now: NOTHING };
    sums.set(key, { ...sum, runs: sum.runs + 1, before: plus(sum.before, before), now: plus(sum.now, now) });
  }
  return [...sums.values()].sort((a, b) => b.runs - a.runs);
}

/**
 * Runs that stand by earlier rules: looked through, then counted by today's, some at a time, so that what was done when somebody stops or
 * the network goes away is done. To be made where things can be injected.
 */
export class Recounting {
  private readonly api = inject(RecountApi);
  /** Null: not known yet. */
  readonly left = signal<RecountLeft | null>(null);
  readonly seen = signal<readonly RecountRun[]>([]);
  readonly now = signal<'idle' | 'looking' | 'looked' | 'counting'>('idle');
  readonly counted = signal(0);
  readonly changes = computed(() => changesOf(this.seen()));
  readonly differing = computed(() => this.seen().filter(({ changes }) => changes.length > 0).length);
  private stopped = false;

  constructor(private readonly sending: Sending) {}

  load = async (): Promise<void> => this.left.set(await firstValueFrom(this.api.left()));

  /** Goes through all that stand by earlier rules; nothing is changed by it. */
  look(): Promise<void> {
    return this.going('looking', async () => {
      this.seen.set([]);
      for (let after: string | undefined; !this.stopped;) {
        const page: readonly RecountRun[] = await firstValueFrom(this.api.seen(after));
        if (page.length === 0) return this.now.set('looked');
        this.seen.update((seen) => [...seen, ...page]);
        after = page.at(-1)?.id;
      }
    });
  }

  /** Counts those anew that were looked through. */
  count(): Promise<void> {
    return this.going('counting', async () => {
      this.counted.set(0);
      const ids = this.seen().map(({ id }) => id);
      for (let at = 0; at < ids.length && !this.stopped; at += RECOUNT_AT_ONCE) {
        const { counted } = await firstValueFrom(this.api.anew(ids.slice(at, at + RECOUNT_AT_ONCE)));
        this.counted.update((n) => n + counted);
      }
    });
  }

  /** Ends it with what is under way now; without it, what was looked through is left as it is. */
  stop(): void {
    this.stopped = true;
    if (this.now() === 'looked') this.now.set('idle');
  }

  private going(now: 'looking' | 'counting', work: () => Promise<void>): Promise<void> {
    return this.sending.send(async () => {
      this.stopped = false;
      this.now.set(now);
      try {
        await work();
      } finally {
        if (this.now() === now) this.now.set('idle');
      }
      await this.load();
      return '';
    });
  }
}
