import { inject, Injectable, signal } from '@angular/core';
import { EVENTS_LIMITS } from '@hopsk/contract/run';
import { grouped } from '@hopsk/core/grouped';
import { ordered } from '@hopsk/core/log/event';
import { isTurned, NOBODY, turnsOf, watchings } from '@hopsk/core/log/watching';
import { Store } from '@ngrx/store';
import { firstValueFrom, TimeoutError } from 'rxjs';
import { AccountApi } from './account-api';
import { Api } from './api';
import { RunAtHand } from './at-hand';
import { DeviceStore, type KeptEvent, type KeptRun } from './device-store';
import { Following } from './following';
import { newId } from './ids';
import { messageOf, troubleOf } from './problem';
import { runActions } from './run';
import { RunTime } from './run-time';

/** What the coach is told about taps that have not reached the server. */
export interface OutboxState {
  readonly waiting: number;
  readonly state: 'sent' | 'sending' | 'offline' | 'signed-out' | 'refused';
  readonly message: string;
}

type Outcome = Omit<OutboxState, 'waiting'> | null;

/** Why a run was refused, in words: an earlier version kept them, this one keeps what the server gave. */
const why = (refused: KeptRun['refused']): string =>
  typeof refused === 'object' && refused !== null ? messageOf(refused) : (refused ?? '');

/** Milliseconds between two tries: growing while nothing gets through. */
const SOONEST = 2_000;
const LATEST = 15_000;
/** After so long the runs of this device are looked up anew (ms). */
const LOOKED_UP_FOR = 60_000;

/** Sends kept taps as soon as it can, run by run, as often as it takes. Sending twice changes nothing. */
@Injectable({ providedIn: 'root' })
export class Outbox {
  private readonly api = inject(Api);
  private readonly account = inject(AccountApi);
  private readonly device = inject(DeviceStore);
  private readonly store = inject(Store);
  private readonly atHand = inject(RunAtHand);
  private readonly following = inject(Following);
  private readonly time = inject(RunTime);
  private clubId: string | null = null;
  private timer: ReturnType<typeof setTimeout> | null = null;
  private pause = SOONEST;
  private running: Promise<void> | null = null;
  private again = false;
  /** What this device could not keep: sent from here, as long as the page is open. */
  readonly held = signal<readonly KeptEvent[]>([]);
  /** What the server has and this device could not note as sent. */
  private readonly unmarked = new Set<string>();
  private readonly heldRuns = new Map<string, KeptRun>();
  /** The runs of this device, and when they were looked up: each holds its whole plan, so that it is not done for every tap. */
  private lookedUp: { readonly at: number; readonly runs: ReadonlyMap<string, KeptRun> } | null = null;
  readonly state = signal<OutboxState>({ waiting: 0, state: 'sent', message: '' });

  constructor() {
    addEventListener('online', () => void this.send());
  }

  /** Begins sending for a club: taps of another club on the same device wait for their own coach. */
  open(clubId: string): void {
    this.clubId = clubId;
    this.lookedUp = null;
    void this.send();
  }

  close(): void {
    this.clubId = null;
    this.lookedUp = null;
    this.rest();
  }

  /** Takes in charge what could not be kept on the device. */
  hold(run: KeptRun, events: readonly KeptEvent[]): void {
    if (!this.heldRuns.has(run.head.id)) this.heldRuns.set(run.head.id, run);
    this.held.update((held) => [...held, ...events]);
  }

  /** Tries now; called after each tap. One sending at a time, and once more if taps came meanwhile; done when nothing is under way. */
  send(): Promise<void> {
    this.again = true;
    this.running ??= this.rounds().finally(() => {
      this.running = null;
      this.wait();
    });
    return this.running;
  }

  private async rounds(): Promise<void> {
    while (this.again) {
      this.again = false;
      await this.round();
    }
  }

  private rest(): void {
    if (this.timer !== null) clearTimeout(this.timer);
    this.timer = null;
  }

  private wait(): void {
    this.rest();
    if (this.clubId === null) return;
    const through = this.state().state === 'sent' || this.state().state === 'refused';
    this.pause = through ? SOONEST : Math.min(LATEST, this.pause * 2);
    this.timer = setTimeout(() => void this.send(), this.pause);
  }

  private async waitingNow(): Promise<KeptEvent[]> {
    return [...(await this.device.unsent()), ...this.held()].filter(
      (kept) => kept.clubId === this.clubId && !this.unmarked.has(kept.event.id),
    );
  }

  private async round(): Promise<void> {
    const unsent = await this.waitingNow();
    const runs = await this.runsOf(unsent);
    const refused = [...runs.values()].find((run) => run.refused !== null && run.clubId === this.clubId);
    let waiting = unsent.length;
    if (waiting > 0) this.state.set({ waiting, state: 'sending', message: '' });
    let failed: Outcome = null;
    for (const [id, events] of grouped(unsent, ({ runId }) => runId)) {
      const run = runs.get(id);
      if (!run || run.refused !== null) continue;
      const outcome = await this.sendRun(run, events);
      if (outcome === null) waiting -= events.length;
      else failed ??= outcome;
      // Without a network or a coach nothing else gets through either; one answer of another kind holds up nobody behind it.
      if (outcome?.state === 'signed-out' || (outcome?.state === 'offline' && this.cut)) break;
    }
    if (failed) this.state.set({ waiting, ...failed });
    else if (refused) this.state.set({ waiting, state: 'refused', message: why(refused.refused) });
    else this.state.set({ waiting, state: 'sent', message: '' });
    await this.following.lookUp();
  }

  /** The runs of this device, those of these events among them. */
  private async runsOf(events: readonly KeptEvent[]): Promise<ReadonlyMap<string, KeptRun>> {
    const known = this.lookedUp;
    if (known && performance.now() - known.at < LOOKED_UP_FOR && events.every(({ runId }) => known.runs.has(runId))) return known.runs;
    const here = await this.device.runs();
    const runs = new Map([...this.heldRuns, ...here.map((run) => [run.head.id, run] as const)]);
    this.lookedUp = { at: performance.now(), runs };
    await this.tidy(here);
    return runs;
  }

  /** Notes something of a run, which is looked up anew for what comes next. */
  private async note(id: string, change: Partial<KeptRun>): Promise<void> {
    this.lookedUp = null;
    await this.device.changeRun(id, change);
  }

  /** Whether the last failure was the way to the server, not an answer. */
  private cut = false;

  private async sendRun(run: KeptRun, kept: readonly KeptEvent[]): Promise<Outcome> {
    this.cut = false;
    let [left, part] = [[...kept].sort((a, b) => a.event.seq - b.event.seq), EVENTS_LIMITS.most as number];
    let [head, tries] = [run.headSent === 1, 0];
    while (left.length > 0) {
      try {
        if (!head) {
          await firstValueFrom(this.api.putRun(run.head));
          await this.note(run.head.id, { headSent: 1 }).catch(() => undefined);
          if (this.isHere(run)) this.store.dispatch(runActions.changed({ change: { headSent: 1 } }));
          head = true;
        }
        const some = left.slice(0, part);
        const answer = await firstValueFrom(
          this.api.sendEvents(
            run.head.id,
            some.map(({ event }) => event),
            this.isHere(run) && this.time.sure ? this.time.now() : null,
          ),
        );
        const onPage = new Set(this.held().map(({ event }) => event.id));
        await this.sent(run.head.id, some, answer.stored);
        this.following.answered(run.head.id, answer, !some.some(({ event }) => onPage.has(event.id)));
        left = left.slice(part);
        tries = 0;
      } catch (error) {
        const trouble = troubleOf(error);
        if (trouble.kind === 'too-large' && part > 1) {
          part = Math.floor(Math.min(part, left.length) / 2);
          if (part > 0) continue;
        }
        // Each of these is cured by this device, not by the coach; but not for ever.
        if (tries++ < 3) {
          if (trouble.kind === 'not-found' && head) {
            head = false;
            continue;
          }
          if (trouble.kind === 'stale' && head) {
            left = await this.renamed(run, left);
            continue;
          }
          if (trouble.kind === 'refused' && (await this.renewed())) continue;
        }
        if (trouble.kind === 'signed-out') return { state: 'signed-out', message: trouble.message };
        if (['bad-input', 'refused', 'not-found', 'stale', 'too-large'].includes(trouble.kind)) {
          await this.note(run.head.id, { refused: trouble.problem ?? trouble.message });
          return { state: 'refused', message: trouble.message };
        }
        // One that was swallowed is this run's own; the next one may get through.
        this.cut = trouble.kind === 'offline' && !(error instanceof TimeoutError);
        return { state: 'offline', message: trouble.message };
      }
    }
    return null;
  }

  private isHere(run: KeptRun): boolean {
    return this.atHand.run()?.head.id === run.head.id;
  }

  /** Notes what the server has. Where it says that it has less than was sent before, that is sent again. */
  private async sent(runId: string, some: readonly KeptEvent[], stored: Readonly<Record<string, number>>): Promise<void> {
    const ids = new Set(some.map(({ event }) => event.id));
    this.held.update((held) => held.filter(({ event }) => !ids.has(event.id)));
    // A device that is full may not even note that they went: sent once more another day they change nothing.
    await this.device.mark([...ids], 1).catch(() => ids.forEach((id) => this.unmarked.add(id)));
    const first = new Map<string, number>();
    for (const { event } of some) first.set(event.device, Math.min(event.seq, first.get(event.device) ?? event.seq));
    const short = [...first].filter(([device, seq]) => (stored[device] ?? 0) < seq - 1).map(([device]) => device);
    if (short.length === 0) return;
    const lost = (await this.device.eventsOf(runId)).filter(
      ({ event }) => short.includes(event.device) && event.seq > (stored[event.device] ?? 0) && !ids.has(event.id),
    );
    await this.device.mark(
      lost.map(({ event }) => event.id),
      0,
    );
    this.again ||= lost.length > 0;
  }

  /** Another device has this one's name: what is still to be sent goes under a new one, which says first what it watches. */
  private async renamed(run: KeptRun, left: readonly KeptEvent[]): Promise<KeptEvent[]> {
    const [first] = left;
    if (!first) return [];
    const device = newId();
    const before = (await this.device.eventsOf(first.runId))
      .map(({ event }) => event)
      .filter((event) => event.device === first.event.device && event.seq < first.event.seq)
      .sort((a, b) => a.seq - b.seq);
    const { order, m, at } = first.event;
    const watching = turnsOf(watchings(before.filter(isTurned)).at(-1) ?? NOBODY).map((turn): KeptEvent => ({
      ...first,
      event: { ...turn, id: newId(), device, seq: 0, order, m, at },
    }));
    const again = [...watching, ...left].map((kept, i) => ({ ...kept, event: { ...kept.event, device, seq: i + 1 } }));
    const held = new Set(this.held().map(({ event }) => event.id));
    this.held.update((kept) => kept.map((one) => again.find(({ event }) => event.id === one.event.id) ?? one));
    await this.device.putEvents(again.filter(({ event }) => !held.has(event.id)));
    if ((await this.device.self()) === first.event.device) await this.device.rename(device);
    const now = (await this.device.runs()).find(({ head }) => head.id === run.head.id);
    const devices = [...(now ?? run).devices, device];
    await this.note(run.head.id, { devices });
    if (this.isHere(run)) {
      const kept = (await this.device.eventsOf(run.head.id)).map(({ event }) => event);
      const unkept = this.held().flatMap(({ runId, event }) => (runId === run.head.id ? [event] : []));
      this.store.dispatch(runActions.renamed({ devices, events: ordered([...kept, ...unkept]) }));
    }
    return again;
  }

  private renewAgain = 0;
  private async renewed(): Promise<boolean> {
    if (performance.now() < this.renewAgain) return false;
    this.renewAgain = performance.now() + 60_000;
    return firstValueFrom(this.account.me()).then(
      () => true,
      () => false,
    );
  }

  /** Lets refused runs be tried again. */
  async retryRefused(): Promise<void> {
    for (const run of await this.device.runs()) if (run.refused !== null) await this.note(run.head.id, { refused: null });
    this.state.update((state) => ({ ...state, state: 'sending', message: '' }));
    await this.send();
  }

  /** Runs that are over and wholly sent need not be kept here. */
  private async tidy(runs: readonly KeptRun[]): Promise<void> {
    const waiting = new Set((await this.device.unsent()).map((kept) => kept.runId));
    for (const run of runs)
      if (run.open === 0 && !waiting.has(run.head.id) && Date.now() - run.aliveAt > 12 * 3600_000) await this.device.forget(run.head.id);
  }
}
