import { computed, DestroyRef, effect, inject, signal, untracked } from '@angular/core';
import { thingsIn, type TakesPart } from '@hopsk/core/log/things';
import type { ThingAs } from '@hopsk/core/log/event';
import { RunDesk } from '../../data/desk';
import { newId } from '../../data/ids';
import { due } from '../../parts/cues';
import type { RunNow } from '../../parts/run-now';
import { standIns } from '../../ports/stand-ins';
import type { Thing } from '../../ports/things';
import { Dialogs } from '../../ui/dialogs';
import { THINGS_BOX } from './run-dialogs';
import type { ThingsOf } from './things-box';

/** What takes part in a run beside its coaches: stand-ins that this page keeps going, and phones that came in by the code. To be made where things can be injected. */
export class RunThings {
  private readonly desk = inject(RunDesk);
  private readonly dialogs = inject(Dialogs);
  private readonly find = standIns();
  /** Stand-ins that were switched on at this device. */
  private readonly open = new Map<string, Thing>();
  /** A camera holds the last seconds, for those before a tap. */
  readonly filming = signal(false);
  private heard = Number.NEGATIVE_INFINITY;
  /** A tap of somebody says nothing of things: all that follows from them stays as it is then. */
  private readonly said = computed(() => this.desk.fold()?.log.ofThings ?? []);
  readonly list = computed(() => thingsIn(this.said()));
  private readonly mine = computed(() => {
    const own = new Set(
      this.said().flatMap((one) => (one.kind === 'thing' && one.standIn && this.desk.mine.has(one.device) ? [one.thing] : [])),
    );
    return this.at.status() === 'ended' || !this.desk.leads() ? [] : this.list().filter(({ id }) => own.has(id));
  });

  constructor(private readonly at: RunNow) {
    inject(DestroyRef).onDestroy(() => this.keep([]));
    effect(() => {
      const mine = this.mine();
      untracked(() => this.keep(mine));
    });
    effect(() => {
      const working = this.at.status() === 'running' && this.at.clock().stretch?.kind === 'work';
      untracked(() => this.open.forEach((one) => one.works(working)));
    });
    effect(() => {
      const t = this.at.due();
      untracked(() => this.tell(t));
    });
  }

  /** Who is whose, and what can be switched on; or this device's camera. */
  async ask(what: 'things' | 'camera'): Promise<void> {
    if (what === 'camera') return this.filming.set(true);
    const data: ThingsOf = {
      list: this.list,
      athletes: this.at.athletes,
      add: (as) => void this.desk.log({ kind: 'thing', thing: newId(), as, standIn: true, on: true }),
      off: ({ id, as, standIn }) => void this.desk.log({ kind: 'thing', thing: id, as, standIn, on: false }),
      whose: ({ id }, athlete) => void this.desk.log({ kind: 'whose', thing: id, athlete }),
    };
    await this.dialogs.show(THINGS_BOX, { labelledBy: 'things', data });
  }

  /** Keeps these going, and no others. */
  private keep(things: readonly TakesPart[]): void {
    for (const [id, one] of this.open) {
      if (things.some((thing) => thing.id === id)) continue;
      one.close();
      this.open.delete(id);
    }
    for (const { id, as } of things) if (!this.open.has(id)) this.open.set(id, this.begin(id, as));
  }

  private begin(id: string, as: ThingAs): Thing {
    const whose = (): string | null => this.list().find((one) => one.id === id)?.athlete ?? null;
    const running = (): boolean => this.at.status() === 'running';
    return this.find(as, {
      touched: (call, ms) => void this.desk.log({ kind: 'reaction', thing: id, athlete: whose(), call, ms }),
      beats: (bpm) => {
        const athlete = whose();
        if (athlete !== null && running()) void this.desk.log({ kind: 'pulse', thing: id, athlete, bpm });
      },
      released: () => running() && void this.desk.log({ kind: 'ball', source: 'thing' }),
    });
  }

  /** Calls that fell due are told to all. */
  private tell(t: number): void {
    const before = this.heard;
    this.heard = t;
    if (this.at.status() !== 'running') return;
    for (const { at } of due(
      this.at.cues().filter(({ kind }) => kind === 'call'),
      before,
      t,
    ))
      this.open.forEach((one) => one.called(at));
  }
}
