import { DestroyRef, inject, signal } from '@angular/core';
import { HallRun } from '@hopsk/contract/hall';
import { RunEvent, type RunHead } from '@hopsk/contract/run';
import { firstValueFrom } from 'rxjs';
import * as z from 'zod/mini';
import { folded } from '../../data/folded';
import { HallApi } from '../../data/hall-api';
import { Live } from '../../data/live';
import { troubleOf } from '../../data/problem';
import { RunNow } from '../../parts/run-now';
import { HallTime } from './hall-time';
import { parsed } from './parsed';

/** How often a screen that hears nothing asks (ms), and one that hears: hints can be lost. */
const ASKS = { deaf: 2000, hearing: 10_000 };
const KEY = 'hall';

/** What this page keeps for when it is loaded anew without a network. */
const Kept = z.object({ run: HallRun, m: z.number(), at: z.number() });

const eventsIn = (events: readonly unknown[]): RunEvent[] => events.flatMap((event) => RunEvent.safeParse(event).data ?? []);

/** A run of another device, as it is at this moment. To be made where things can be injected. */
export class HallRunning {
  private readonly api = inject(HallApi);
  private readonly live = new Live();
  private readonly time = new HallTime();
  readonly run = signal<HallRun | null>(null);
  private readonly events = signal<readonly RunEvent[]>([]);
  private readonly head = signal<{ readonly head: RunHead } | null>(null);
  private readonly now = signal(0);
  /** Whether the server was to be reached when it was asked last. */
  readonly away = signal(false);
  readonly over = signal(false);
  private arrival = 0;
  private asking: Promise<void> | null = null;
  private again = false;
  readonly at = new RunNow({
    run: this.head,
    events: this.events,
    fold: folded(this.head, this.events),
    watching: signal(null),
    now: this.now,
    nameOf: (athlete) => this.run()?.names[athlete] ?? '',
  });

  constructor() {
    const heard = this.live.hints.subscribe(() => void this.ask());
    const tick = setInterval(() => this.now.set(this.time.at(performance.now())), 50);
    let quiet = 0;
    const look = setInterval(() => {
      quiet += 1000;
      if (this.run() === null || this.over() || quiet < (this.live.hearing() ? ASKS.hearing : ASKS.deaf)) return;
      quiet = 0;
      void this.ask();
    }, 1000);
    inject(DestroyRef).onDestroy(() => {
      heard.unsubscribe();
      clearInterval(tick);
      clearInterval(look);
      this.live.close();
    });
  }

  /** The run whose code was typed here before, if it is still on. */
  async recall(): Promise<void> {
    const asked = performance.now();
    try {
      this.stands(await firstValueFrom(this.api.run()), asked);
    } catch (error) {
      const { kind } = troubleOf(error);
      if (kind === 'offline' || kind === 'away') this.goOn();
      else this.forget();
    }
  }

  async enter(code: string): Promise<void> {
    const asked = performance.now();
    this.stands(await firstValueFrom(this.api.enter(code)), asked);
  }

  /** What the server says of the run takes the place of what was known. */
  private stands(run: HallRun, asked: number): void {
    if (run.now !== null) this.time.told(run.now, asked, performance.now());
    this.shows(run);
    this.live.open('/api/hall/live');
    // The first answer took long to be made: how far the run is, a short one says better.
    void this.ask();
  }

  private shows(run: HallRun): void {
    this.run.set(run);
    this.over.set(false);
    this.away.set(false);
    this.arrival = run.arrival;
    const { id, name, plan, athletes } = run;
    const head = {
      id,
      name,
      plan,
      athletes: [...athletes],
      day: '',
      startedAt: '',
      patternId: null,
      sessionId: null,
      steps: null,
      tapDelay: 0,
    };
    this.head.set({ head });
    this.events.set(eventsIn(run.events));
    this.keep();
  }

  /** What happened since; asked once more where something was hinted at meanwhile. */
  private ask(): Promise<void> {
    this.again = this.asking !== null;
    this.asking ??= this.askNow().finally(() => {
      this.asking = null;
      if (this.again) void this.ask();
    });
    return this.asking;
  }

  private async askNow(): Promise<void> {
    const asked = performance.now();
    try {
      const page = await firstValueFrom(this.api.eventsAfter(this.arrival));
      this.away.set(false);
      if (page.now !== null) this.time.told(page.now, asked, performance.now());
      this.arrival = page.arrival;
      const fresh = eventsIn(page.events);
      if (fresh.length > 0) this.take(fresh);
      this.again ||= page.more;
    } catch (error) {
      const trouble = troubleOf(error);
      if (trouble.problem?.error === 'code-over' || trouble.kind === 'signed-out') this.forget();
      else this.away.set(true);
    }
  }

  private take(fresh: readonly RunEvent[]): void {
    this.events.update((events) => [...events, ...fresh]);
    const names = this.run()?.names ?? {};
    this.run.update((run) => run && { ...run, events: [...run.events, ...fresh], arrival: this.arrival });
    this.keep();
    // Who came later has a name that is not known yet.
    if (fresh.some((event) => event.kind === 'join' && !(event.athlete in names))) void this.recall();
  }

  /** For when the page is loaded anew without a network. */
  private keep(): void {
    const run = this.run();
    if (run) sessionStorage.setItem(KEY, JSON.stringify({ run, m: this.time.at(performance.now()), at: Date.now() }));
  }

  /** Without a network a page that was loaded anew goes on with what it had. */
  private goOn(): void {
    const kept = Kept.safeParse(parsed(sessionStorage.getItem(KEY)));
    if (!kept.success) return;
    const { run, m, at } = kept.data;
    this.time.goesOn(m, Math.max(0, Date.now() - at), performance.now());
    this.shows(run);
    this.away.set(true);
    this.live.open('/api/hall/live');
  }

  private forget(): void {
    this.over.set(this.run() !== null);
    this.live.close();
    sessionStorage.removeItem(KEY);
  }

  /** The run's time now, ms. */
  m(): number {
    return this.time.at(performance.now());
  }

  /** Back to where a code is typed. */
  leave(): void {
    this.run.set(null);
    this.head.set(null);
    this.events.set([]);
    this.over.set(false);
  }
}
