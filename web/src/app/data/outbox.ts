import { inject, Injectable, signal } from '@angular/core';
import type { RunUpload } from '@hopsk/contract/run';
import { firstValueFrom } from 'rxjs';
import { Api } from './api';
import { messageOf, troubleOf } from './problem';
import { DeviceStore, type KeptEvent, type KeptRun } from './device-store';

/** What the coach is told about taps that have not reached the server. */
export interface OutboxState {
  readonly waiting: number;
  readonly state: 'sent' | 'sending' | 'offline' | 'signed-out' | 'refused';
  readonly message: string;
}

/** Why a run was refused, in words: an earlier version kept them, this one keeps what the server gave. */
const why = (refused: KeptRun['refused']): string =>
  typeof refused === 'object' && refused !== null ? messageOf(refused) : (refused ?? '');

const EVERY = 10_000;
const PART = 2_000;

/** Sends kept taps as soon as it can, in the order of their runs, as often as it takes. Sending twice changes nothing. */
@Injectable({ providedIn: 'root' })
export class Outbox {
  private readonly api = inject(Api);
  private readonly device = inject(DeviceStore);
  private clubId: string | null = null;
  private timer: ReturnType<typeof setInterval> | null = null;
  private running: Promise<void> | null = null;
  private again = false;
  readonly state = signal<OutboxState>({ waiting: 0, state: 'sent', message: '' });

  constructor() {
    addEventListener('online', () => void this.send());
  }

  /** Begins sending for a club: taps of another club on the same device wait for their own coach. */
  open(clubId: string): void {
    this.clubId = clubId;
    this.timer ??= setInterval(() => void this.send(), EVERY);
    void this.send();
  }

  close(): void {
    this.clubId = null;
    if (this.timer !== null) clearInterval(this.timer);
    this.timer = null;
  }

  /** Tries now; called after each tap. One sending at a time, and once more if taps came meanwhile; done when nothing is under way. */
  send(): Promise<void> {
    this.again = true;
    this.running ??= this.rounds().finally(() => (this.running = null));
    return this.running;
  }

  private async rounds(): Promise<void> {
    while (this.again) {
      this.again = false;
      await this.round();
    }
  }

  private async round(): Promise<void> {
    const unsent = (await this.device.unsent()).filter((kept) => kept.clubId === this.clubId);
    const runs = new Map((await this.device.runs()).map((run) => [run.head.id, run]));
    const refused = [...runs.values()].find((run) => run.refused !== null && run.clubId === this.clubId);
    const byRun = new Map<string, KeptEvent[]>();
    for (const kept of unsent) byRun.set(kept.runId, [...(byRun.get(kept.runId) ?? []), kept]);
    let waiting = unsent.length;
    if (waiting > 0) this.state.set({ waiting, state: 'sending', message: '' });
    for (const [id, events] of byRun) {
      const run = runs.get(id);
      if (!run || run.refused !== null) continue;
      const outcome = await this.sendRun(run, events);
      if (outcome !== null) {
        this.state.set({ waiting, ...outcome });
        if (outcome.state !== 'refused') return;
      } else waiting -= events.length;
    }
    if (refused) this.state.set({ waiting, state: 'refused', message: why(refused.refused) });
    else if (this.state().state !== 'refused') this.state.set({ waiting, state: 'sent', message: '' });
    await this.tidy([...runs.values()]);
  }

  private async sendRun(run: KeptRun, kept: readonly KeptEvent[]): Promise<Omit<OutboxState, 'waiting'> | null> {
    try {
      for (let at = 0; at < kept.length; at += PART) {
        const part = kept.slice(at, at + PART);
        const upload: RunUpload = { run: run.head, events: part.map((one) => one.event) };
        await firstValueFrom(this.api.uploadRun(upload));
        await this.device.markSent(part.map((one) => one.event.id));
      }
      return null;
    } catch (error) {
      const trouble = troubleOf(error);
      if (trouble.kind === 'signed-out') return { state: 'signed-out', message: trouble.message };
      if (['bad-input', 'refused', 'not-found', 'stale'].includes(trouble.kind)) {
        // A page whose token is out of date is cured by asking again, not by the coach.
        if (trouble.kind === 'refused' && (await this.renewed())) return this.sendRun(run, kept);
        await this.device.changeRun(run.head.id, { refused: trouble.problem ?? trouble.message });
        return { state: 'refused', message: trouble.message };
      }
      return { state: 'offline', message: trouble.message };
    }
  }

  private renewedAt = 0;
  private async renewed(): Promise<boolean> {
    if (Date.now() - this.renewedAt < 60_000) return false;
    this.renewedAt = Date.now();
    return firstValueFrom(this.api.me()).then(
      () => true,
      () => false,
    );
  }

  /** Lets refused runs be tried again. */
  async retryRefused(): Promise<void> {
    for (const run of await this.device.runs()) if (run.refused !== null) await this.device.changeRun(run.head.id, { refused: null });
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
