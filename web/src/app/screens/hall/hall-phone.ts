import { computed, DestroyRef, effect, inject, signal, untracked } from '@angular/core';
import { PhoneSaid, PHONES_AS, SAID_AT_ONCE, type HallSaid } from '@hopsk/contract/hall';
import { TOUCH_MS } from '@hopsk/core/log/event';
import { firstValueFrom } from 'rxjs';
import * as z from 'zod/mini';
import { HallApi } from '../../data/hall-api';
import { newId } from '../../data/ids';
import type { HallRunning } from './hall-run';
import { parsed } from './parsed';

const KEY = 'hall-phone';
/** What could not be sent is tried again so often (ms). */
const AGAIN = 2000;

type Body<T = HallSaid['said'][number]> = T extends unknown ? Omit<T, 'id' | 'seq' | 'm' | 'at'> : never;

/** What this phone is in which run, and what it said that is not stored yet: kept, so that nothing is lost with the page. */
const Kept = z.object({
  run: z.string(),
  thing: z.string(),
  as: z.enum(PHONES_AS),
  seq: z.int(),
  n: z.int(),
  waiting: z.array(PhoneSaid),
});
type Kept = z.infer<typeof Kept>;

/**
 * Somebody's own phone in a run whose code it has: a light that is touched when a call comes, or a counter of own repetitions. It sees
 * only its own. To be made where things can be injected.
 */
export class HallPhone {
  private readonly api = inject(HallApi);
  private readonly kept = signal<Kept | null>(null);
  /** What it is; null: a screen for all. */
  readonly as = computed(() => this.kept()?.as ?? null);
  /** What its owner is called; null: the coach has not said whose it is. */
  readonly called = signal<string | null>(null);
  /** Repetitions that were counted here. */
  readonly n = computed(() => this.kept()?.n ?? 0);
  readonly waits = computed(() => this.kept()?.waiting.length ?? 0);
  /** From the last call that was answered here to the touch, ms. */
  readonly last = signal<number | null>(null);
  private answered = Number.NEGATIVE_INFINITY;
  private sending = false;
  /** A call that is on, and was not answered here. */
  readonly lit = computed(() => {
    const { at } = this.running;
    const cue = at.cue();
    const since = 1000 * (at.clock().t - (cue?.at ?? 0));
    return cue?.kind === 'call' && at.status() === 'running' && since <= TOUCH_MS[1] && cue.at !== this.done() ? cue : null;
  });
  private readonly done = signal(Number.NEGATIVE_INFINITY);

  constructor(private readonly running: HallRunning) {
    const again = setInterval(() => this.as() !== null && !running.over() && void this.send(), AGAIN);
    inject(DestroyRef).onDestroy(() => clearInterval(again));
    effect(() => {
      const run = running.run()?.id;
      untracked(() => this.recall(run ?? ''));
    });
    effect(() => {
      const kept = this.kept();
      if (kept) localStorage.setItem(KEY, JSON.stringify(kept));
    });
  }

  begin(as: Kept['as']): void {
    const run = this.running.run()?.id;
    if (run === undefined) return;
    this.kept.set({ run, thing: newId(), as, seq: 0, n: 0, waiting: [] });
    this.say({ kind: 'thing', on: true });
  }

  /** A screen for all again. */
  leave(): void {
    this.say({ kind: 'thing', on: false });
    localStorage.removeItem(KEY);
    this.kept.set(null);
    this.called.set(null);
  }

  touch(): void {
    const call = this.lit();
    if (!call || call.at <= this.answered) return;
    this.answered = call.at;
    this.done.set(call.at);
    const ms = Math.max(0, Math.min(TOUCH_MS[1], Math.round(1000 * (this.running.at.clock().t - call.at))));
    this.last.set(ms);
    this.say({ kind: 'reaction', call: call.at, ms });
  }

  count(): void {
    this.kept.update((kept) => kept && { ...kept, n: kept.n + 1 });
    this.say({ kind: 'reps', n: 1 });
  }

  private say(body: Body): void {
    const stamp = { id: newId(), m: this.running.m(), at: Date.now() };
    this.kept.update(
      (kept) => kept && { ...kept, seq: kept.seq + 1, waiting: [...kept.waiting, { ...body, ...stamp, seq: kept.seq + 1 }] },
    );
    void this.send();
  }

  private async send(): Promise<void> {
    const kept = this.kept();
    if (!kept || this.sending) return;
    this.sending = true;
    try {
      const { thing, as, waiting } = kept;
      const { stored, called } = await firstValueFrom(this.api.said({ thing, as, said: waiting.slice(0, SAID_AT_ONCE) }));
      // It may be something else by now.
      if (this.kept()?.thing !== thing) return;
      this.called.set(called);
      this.kept.update((now) => now && { ...now, waiting: now.waiting.filter(({ seq }) => seq > stored) });
    } catch {
      // It is tried again; what waits is said on the screen.
    } finally {
      this.sending = false;
    }
  }

  /** What this phone was in this run before the page was loaded anew. */
  private recall(run: string): void {
    if (run === '') return;
    const kept = Kept.safeParse(parsed(localStorage.getItem(KEY)));
    if (kept.success && kept.data.run === run) this.kept.set(kept.data);
  }
}
