import { computed, effect, inject, Injectable, Injector, untracked } from '@angular/core';
import type { RunEvent } from '@hopsk/core/log/event';
import { Store } from '@ngrx/store';
import { folded } from './folded';
import { people } from './records';
import { runActions, runFeature } from './run';
import { TeachingStore } from './teaching';

/** The run on this page, its log, and what the log adds up to. */
@Injectable({ providedIn: 'root' })
export class RunAtHand {
  private readonly store = inject(Store);
  private readonly injector = inject(Injector);
  readonly run = this.store.selectSignal(runFeature.selectRun);
  readonly events = this.store.selectSignal(runFeature.selectEvents);
  /** How many events this device could not keep. */
  readonly unkept = this.store.selectSignal(runFeature.selectUnkept);
  readonly fold = folded(this.run, this.events);
  /** Names under which this device writes in it; the last is the one it has now. */
  readonly names = computed(() => this.run()?.devices ?? []);
  readonly mine = computed<ReadonlySet<string>>(() => new Set(this.names()));
  /** What the coach at this device watches: said under its last name that said anything. */
  readonly watching = computed(() => {
    const log = this.fold()?.log;
    const said = this.names().findLast((name) => log?.watchingOf(name) != null);
    return said === undefined ? null : (log?.watchingOf(said) ?? null);
  });
  /** Other devices in it. */
  readonly others = computed(() => this.fold()?.log.devices.filter((device) => !this.mine().has(device)) ?? []);

  constructor() {
    // What another coach of the run called a fault is what it is called here.
    effect(() => {
      const made = this.fold()?.log.made ?? [];
      if (made.length > 0) untracked(() => this.injector.get(TeachingStore).takeMade(made));
    });
  }

  private readonly people = this.store.selectSignal(people.selectById);
  /** What somebody in it is called: as when it began, or as the club has it now. */
  nameOf(athlete: string): string {
    return this.run()?.names[athlete] ?? this.people()[athlete]?.name ?? '–';
  }

  /** Shows what others wrote, or another page of this device: what is shown already comes no second time, whoever was first. */
  hear(runId: string, events: readonly RunEvent[]): void {
    const log = this.fold()?.log;
    if (!log || this.run()?.head.id !== runId) return;
    const fresh = events.filter(({ id }) => !log.has(id));
    if (fresh.length > 0) this.store.dispatch(runActions.heard({ events: fresh }));
  }
}
