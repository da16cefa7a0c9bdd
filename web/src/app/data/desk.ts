import { inject, Injectable } from '@angular/core';
import type { RunHead } from '@hopsk/contract/run';
import { clockAt, COUNT_DOWN } from '@hopsk/core/log/clock';
import { ordered, type RunEvent } from '@hopsk/core/log/event';
import { stretchesOfPlan } from '@hopsk/core/plan/run-plan';
import { Store } from '@ngrx/store';
import { newId } from './ids';
import { DeviceStore, type KeptRun } from './device-store';
import { runActions, runFeature } from './run';
import { Outbox } from './outbox';

/** An event without its stamp: the desk adds id, number, wall clock and plan time. */
export type Loose = RunEvent extends infer E ? (E extends unknown ? Omit<E, 'id' | 'n' | 'at' | 't'> & { t?: number } : never) : never;

/** How a run begins: who is watched first, what is on the board, from where. */
export interface Beginning {
  readonly head: RunHead;
  readonly clubId: string;
  readonly names: Readonly<Record<string, string>>;
  readonly board: readonly string[];
  readonly view: 'front' | 'side';
}

/** Away for longer than this while a run was open, and the clock is stopped where the app was last alive. */
export const AWAY_MS = 15_000;

/** Writes the log of the run on this device: kept here first, shown at once, sent when it can be. */
@Injectable({ providedIn: 'root' })
export class RunDesk {
  private readonly store = inject(Store);
  private readonly device = inject(DeviceStore);
  private readonly outbox = inject(Outbox);
  private readonly run = this.store.selectSignal(runFeature.selectRun);
  private readonly events = this.store.selectSignal(runFeature.selectEvents);

  async begin(beginning: Beginning): Promise<void> {
    const run: KeptRun = {
      head: beginning.head,
      clubId: beginning.clubId,
      names: beginning.names,
      open: 1,
      refused: null,
      aliveAt: Date.now(),
    };
    await this.device.putRun(run);
    this.store.dispatch(runActions.opened({ run, events: [] }));
    const t = -COUNT_DOWN;
    await this.log(
      { kind: 'board', faults: [...beginning.board], t },
      { kind: 'view', view: beginning.view, t },
      { kind: 'watch', athlete: beginning.head.athletes[0] ?? null, t },
      { kind: 'go', t },
    );
  }

  /** Logs events at this moment of the plan's clock. The returned promise is done when they are safe on the device. */
  async log(...loose: readonly Loose[]): Promise<RunEvent[]> {
    const run = this.run();
    if (!run) return [];
    const at = Date.now();
    const clock = clockAt(this.events(), stretchesOfPlan(run.head.plan), at);
    const next = (this.events().at(-1)?.n ?? -1) + 1;
    const events = loose.map((event, i): RunEvent => ({ ...event, id: newId(), n: next + i, at, t: event.t ?? round(clock.t) }));
    this.store.dispatch(runActions.logged({ events }));
    await this.device.putEvents(events.map((event) => ({ runId: run.head.id, clubId: run.clubId, event, sent: 0 })));
    if (events.some((event) => event.kind === 'end')) await this.device.changeRun(run.head.id, { open: 0, aliveAt: at });
    void this.outbox.send();
    return events;
  }

  /** A sign of life, so that a reload knows how long the app was away. */
  alive(): void {
    const run = this.run();
    if (run) void this.device.changeRun(run.head.id, { aliveAt: Date.now() });
  }

  /** The run that was open when the page went, if any; stopped where the app was last alive when that is long ago. */
  async recover(clubId: string): Promise<boolean> {
    if (this.run()) return true;
    const run = (await this.device.runs()).find((one) => one.open === 1 && one.clubId === clubId);
    if (!run) return false;
    const events = ordered((await this.device.eventsOf(run.head.id)).map((kept) => kept.event));
    this.store.dispatch(runActions.opened({ run, events }));
    const stretches = stretchesOfPlan(run.head.plan);
    if (Date.now() - run.aliveAt > AWAY_MS && clockAt(events, stretches, run.aliveAt).status === 'running') {
      await this.log({ kind: 'pause', t: round(clockAt(events, stretches, run.aliveAt).t) });
    }
    return true;
  }

  close(): void {
    this.store.dispatch(runActions.closed());
  }
}

const round = (seconds: number): number => Math.round(seconds * 100) / 100;
