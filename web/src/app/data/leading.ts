import { effect, inject, Injectable, signal, untracked, type OnDestroy } from '@angular/core';
import type { Wire } from '@hopsk/contract/common';
import { RunEvent } from '@hopsk/contract/run';
import * as z from 'zod/mini';
import { RunAtHand } from './at-hand';
import { RunTime } from './run-time';

/** What pages of one device tell each other of the run: how it stands, or that one wants to know. */
const Word = z.union([
  z.object({ run: z.string(), events: z.array(RunEvent), m: z.nullable(z.number()), at: z.number() }),
  z.object({ run: z.string(), asks: z.literal(true) }),
]);
type Word = Wire<typeof Word>;

/** Now by a clock that all pages of this device share (ms). */
const sharedNow = (): number => performance.timeOrigin + performance.now();

/**
 * Of several pages of this device that show one run, one writes in it: the others show what it writes, until it is closed or they are
 * told to. Without locks (a page not opened over HTTPS) each page writes.
 */
@Injectable({ providedIn: 'root' })
export class Leading implements OnDestroy {
  private readonly atHand = inject(RunAtHand);
  private readonly time = inject(RunTime);
  readonly leads = signal(true);
  private free: () => void = () => undefined;
  private waiting: AbortController | null = null;
  private readonly channel = new BroadcastChannel('hopsk-run');
  private told = 0;

  constructor() {
    this.channel.onmessage = ({ data }: MessageEvent<unknown>) => {
      const word = Word.safeParse(data);
      if (word.success && word.data.run === this.atHand.run()?.head.id) this.hear(word.data);
    };
    effect(() => {
      const events = this.atHand.events();
      untracked(() => {
        if (this.leads() && events.length > this.told) this.tell(events.slice(this.told));
        this.told = events.length;
      });
    });
  }

  /** Writes in a run from here on, unless another page does; `steal`: it does whoever did. Done when it is known. */
  take(run: string, steal = false): Promise<boolean> {
    this.release();
    if (!('locks' in navigator)) return Promise.resolve(this.set(true));
    return new Promise((done) => {
      const asked = navigator.locks.request(`hopsk-run-${run}`, steal ? { steal } : { ifAvailable: true }, (lock) => {
        done(this.set(lock !== null));
        return lock === null ? undefined : this.held();
      });
      asked
        .then(() => (this.leads() ? undefined : this.wait(run)))
        // Another page took it.
        .catch(() => this.wait(run));
    });
  }

  /** Shows no run any more. */
  release(): void {
    this.waiting?.abort();
    this.waiting = null;
    this.free();
    this.free = () => undefined;
  }

  ngOnDestroy(): void {
    this.release();
    this.channel.close();
  }

  private held(): Promise<void> {
    return new Promise((free) => (this.free = free));
  }

  /** Shows what the other page writes, and writes when that is closed. */
  private async wait(run: string): Promise<void> {
    if (this.atHand.run()?.head.id !== run) return;
    this.set(false);
    this.channel.postMessage({ run, asks: true } satisfies Word);
    const { signal } = (this.waiting = new AbortController());
    await navigator.locks
      .request(`hopsk-run-${run}`, { signal }, () => {
        this.set(true);
        return this.held();
      })
      // Another page took it, unless nobody waits for it any more.
      .catch(() => (signal.aborted ? undefined : this.wait(run)));
  }

  private set(leads: boolean): boolean {
    this.leads.set(leads);
    return leads;
  }

  private hear(word: Word): void {
    if ('asks' in word) {
      if (this.leads()) this.tell([]);
      return;
    }
    if (this.leads()) return;
    this.atHand.hear(word.run, word.events);
    if (word.m !== null) this.time.goFrom(word.m + Math.max(0, sharedNow() - word.at));
  }

  private tell(events: readonly RunEvent[]): void {
    const run = this.atHand.run()?.head.id;
    const m = this.time.known ? this.time.now() : null;
    if (run !== undefined) this.channel.postMessage({ run, events: [...events], m, at: sharedNow() } satisfies Word);
  }
}
