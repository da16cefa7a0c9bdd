import { computed, inject, Injectable, signal } from '@angular/core';
import type { RunWhole } from '@hopsk/contract/run';
import { planAt } from '@hopsk/core/log/clock';
import type { ControlEvent } from '@hopsk/core/log/event';
import { turnsOf } from '@hopsk/core/log/watching';
import { RunAtHand } from './at-hand';
import { RunDesk, type Loose } from './desk';
import { DeviceStore, type KeptRun } from './device-store';
import { newId } from './ids';
import { RunTime } from './run-time';

/** What there is to a run in which several devices are: joining it, leaving it, and what becomes of a control that came too late. */
@Injectable({ providedIn: 'root' })
export class Together {
  private readonly desk = inject(RunDesk);
  private readonly device = inject(DeviceStore);
  private readonly atHand = inject(RunAtHand);
  private readonly time = inject(RunTime);

  /**
   * Takes part in a run that was begun on another device, as the server gave it.
   * @param asked when it was asked for and came, by this device's steady clock (ms).
   */
  async join(whole: RunWhole, of: Pick<KeptRun, 'clubId' | 'names'>, asked: { readonly at: number; readonly came: number }): Promise<void> {
    const { version: _, ...head } = whole.run;
    const before = (await this.device.runs()).find((one) => one.head.id === head.id);
    const run = before
      ? { ...before, open: 1 as const, aliveAt: Date.now() }
      : await this.desk.newRun({ head, ...of, headSent: 1, arrival: whole.arrival, aliveM: whole.now ?? 0 });
    await this.device.putRun(run);
    await this.device.heard(whole.events.map((event) => ({ runId: head.id, clubId: of.clubId, event, sent: 1 as const })));
    await this.desk.open(head.id);
    const m = whole.now === null ? null : Math.round(whole.now);
    if (m === null) this.time.stop();
    else this.time.goFrom(m, asked.came);
    const last = this.atHand.fold()?.log.last;
    const there = last ? this.atHand.fold()?.log.watchingOf(last.device) : null;
    // Whom this coach watches is for them to say; board and place are those of the others until then.
    const turns = this.atHand.watching() === null && there ? turnsOf({ ...there, athlete: null }) : [];
    await this.desk.log(...turns, { kind: 'follow', within: Math.ceil(asked.came - asked.at) });
  }

  /** A control of this device that did nothing, because another had turned the clock first, and that is not what the clock does anyway. */
  readonly ignored = computed((): ControlEvent | null => {
    const log = this.atHand.fold()?.log;
    const idle = log?.idle(this.atHand.mine()) ?? null;
    if (!log || idle === null || idle.id === this.settled()) return null;
    const { status } = log.clock;
    const wanted = { go: status !== 'waiting', pause: status !== 'running', resume: status !== 'paused', end: status === 'ended' };
    const there = idle.kind === 'skip' ? planAt(log.clock, this.time.now()) >= idle.to : wanted[idle.kind];
    return there ? null : idle;
  });
  private readonly settled = signal<string | null>(null);

  /** A change of what is to come by this device that does not hold: another had changed it first, or it had begun. */
  readonly vain = computed((): string | null => {
    const last = this.atHand.fold()?.log.vain(this.atHand.mine()).at(-1)?.id ?? null;
    return last === this.seenInVain() ? null : last;
  });
  private readonly seenInVain = signal<string | null>(null);
  readonly vainSeen = (id: string): void => this.seenInVain.set(id);

  /** The run goes on as the others have it. */
  follow(control: ControlEvent): void {
    this.settled.set(control.id);
  }

  /** The run goes on here as one of its own, from where this device's clock stood after its control. */
  async split(control: ControlEvent): Promise<void> {
    const [run, log] = [this.atHand.run(), this.atHand.fold()?.log];
    if (!run || !log) return;
    const clock = log.clockBy(control);
    const [to, watching] = [planAt(clock, this.time.now()), this.atHand.watching()];
    await this.leave();
    const now = new Date();
    const own = await this.desk.newRun({
      ...run,
      head: { ...run.head, plan: log.plan, id: newId(), startedAt: now.toISOString() },
      headSent: 0,
      arrival: 0,
      open: 1,
    });
    this.time.stop();
    await this.device.putRun(own);
    await this.desk.open(own.head.id);
    const stands: readonly Loose[] = clock.status === 'paused' ? [{ kind: 'pause' }] : [];
    await this.desk.log(...(watching ? turnsOf(watching) : []), { kind: 'go' }, { kind: 'skip', to: Math.max(0, to) }, ...stands);
  }

  /** This device takes part no more; the run goes on where others are in it. */
  async leave(): Promise<void> {
    const run = this.atHand.run();
    if (run) await this.device.changeRun(run.head.id, { open: 0, aliveAt: Date.now(), aliveM: this.time.now() });
    this.desk.close();
  }
}
