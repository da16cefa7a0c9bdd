import { effect, inject, Injectable, signal, untracked } from '@angular/core';
import { RunEvent, type EventsStored } from '@hopsk/contract/run';
import { firstValueFrom } from 'rxjs';
import { Api } from './api';
import { RunAtHand } from './at-hand';
import { DeviceStore } from './device-store';
import { Leading } from './leading';
import { Live } from './live';
import { RunTime } from './run-time';

/** Keeps the run at hand up with what other devices write in it: when the server hints at it, and whenever something was sent. */
@Injectable({ providedIn: 'root' })
export class Following {
  private readonly api = inject(Api);
  private readonly device = inject(DeviceStore);
  private readonly atHand = inject(RunAtHand);
  private readonly live = inject(Live);
  private readonly leading = inject(Leading);
  private readonly time = inject(RunTime);
  /** Of which run all is known that arrived up to a number. */
  private known = { run: '', arrival: 0 };
  /** The run of which not all is on this device: after a reload all of it is asked for from where there was none missing. */
  private holes: string | null = null;
  private asking: Promise<void> | null = null;
  private again = false;
  /** Something was asked for and could not be fetched. */
  private behind = false;
  /** The run in which a newer app wrote what this page does not know. */
  readonly newer = signal<string | null>(null);

  constructor() {
    this.live.hints.subscribe((hint) => {
      if ('run' in hint && hint.run === this.atHand.run()?.head.id && hint.arrival > this.upTo(hint.run)) void this.catchUp();
    });
    // What was hinted at while nobody heard is asked for.
    effect(() => {
      if (this.live.hearing()) untracked(() => void this.catchUp());
    });
  }

  /** Called every few seconds, for where the server does not hint, and while the run's time is a guess. */
  async lookUp(): Promise<void> {
    const guessed = this.time.known && !this.time.sure;
    if (this.behind || guessed || !this.live.hearing()) await this.catchUp();
  }

  /**
   * What was sent was answered: all is known up to there, or others wrote meanwhile.
   * @param kept whether all that was sent is on this device too, and not on this page only.
   */
  answered(runId: string, { before, arrival }: Pick<EventsStored, 'before' | 'arrival'>, kept: boolean): void {
    if (runId !== this.atHand.run()?.head.id) return;
    if (before === this.upTo(runId)) this.upToNow(runId, arrival, kept && this.newer() !== runId);
    else if (arrival > this.upTo(runId)) void this.catchUp();
  }

  /** Fetches what is not known yet; done when nothing is. What cannot be fetched now is asked for again later. */
  catchUp(): Promise<void> {
    this.again = true;
    this.asking ??= this.rounds().finally(() => (this.asking = null));
    return this.asking;
  }

  private async rounds(): Promise<void> {
    while (this.again) {
      this.again = false;
      const run = this.atHand.run();
      // Before the server has the head there is nothing of others; a page that only shows hears from the one that writes.
      if (run === null || run.headSent === 0 || !this.leading.leads()) return;
      try {
        const page = await firstValueFrom(this.api.eventsAfter(run.head.id, this.upTo(run.head.id)));
        const came = performance.now();
        const events = page.events.flatMap((event) => RunEvent.safeParse(event).data ?? []);
        if (events.length < page.events.length) this.newer.set(run.head.id);
        await this.hear(run.head.id, events, page.arrival);
        if (page.now !== null && this.atHand.others().length > 0) this.time.told(page.now, came);
        this.again ||= page.more;
        this.behind = false;
      } catch {
        // No network, or nobody signed in: the outbox says so, and looks again.
        this.behind = true;
        return;
      }
    }
  }

  /** Up to where all of a run that arrived is on this device: to be noted of it now and then, since that copies its whole plan. */
  noted(runId: string): { readonly arrival?: number } {
    return this.known.run === runId && this.holes !== runId ? { arrival: this.known.arrival } : {};
  }

  /** Kept, then shown. */
  private async hear(runId: string, events: readonly RunEvent[], arrival: number): Promise<void> {
    const run = this.atHand.run();
    const log = this.atHand.fold()?.log;
    if (run?.head.id !== runId || !log) return;
    const fresh = events.filter(({ id }) => !log.has(id));
    // What this page shows already may not be on the device: it could not keep it then, and the server has it now.
    const rows = events.map((event) => ({ runId, clubId: run.clubId, event, sent: 1 as const }));
    // A device that is full hears all the same: the server has it, and is asked again after a reload.
    const kept = await this.device.heard(rows).then(
      () => true,
      () => false,
    );
    this.atHand.hear(runId, fresh);
    this.upToNow(runId, arrival, kept && this.newer() !== runId);
  }

  private upTo(runId: string): number {
    const run = this.atHand.run();
    if (this.known.run !== runId) this.known = { run: runId, arrival: run?.head.id === runId ? run.arrival : 0 };
    return this.known.arrival;
  }

  private upToNow(runId: string, arrival: number, noted: boolean): void {
    if (!noted) this.holes = runId;
    if (arrival > this.upTo(runId)) this.known = { run: runId, arrival };
  }
}
