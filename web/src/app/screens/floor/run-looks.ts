import { computed, effect, inject, signal, untracked } from '@angular/core';
import { Book } from '@hopsk/contract/book';
import { leftOpen } from '@hopsk/core/evidence/today';
import { lookAt, nextLook } from '@hopsk/core/log/looks';
import { Store } from '@ngrx/store';
import { BookApi } from '../../data/book-api';
import { LastSeen } from '../../data/last-seen';
import { mine } from '../../data/may';
import { RunDesk } from '../../data/desk';
import { DeviceStore } from '../../data/device-store';
import { people } from '../../data/records';
import type { RunNow } from '../../parts/run-now';
import { dayOf } from '../../parts/run-setup';

const KEY = 'looks-by-plan';
/** What a turn counts beside attempts that were seen. */
const SOME = 0.01;
/** So long (s) before work one looks at whoever's turn it is then: what is tapped until then was seen in the work before. */
const BEFORE = 3;

/**
 * Whom this device watches by the plan: with each round, and in long work several times, it is the turn of whoever was seen least for
 * what is to be decided about them. Whoever is picked by hand is watched until the next turn. To be made where things can be injected.
 */
export class RunLooks {
  private readonly desk = inject(RunDesk);
  private readonly device = inject(DeviceStore);
  private readonly people = inject(Store).selectSignal(people.selectById);
  readonly on = signal(false);
  private readonly lastSeen = inject(LastSeen);
  private readonly api = inject(BookApi);
  private readonly reads = mine().may('faults');
  /** Faults of which their book leaves something to be decided, by athlete. */
  private readonly leftOpen = signal<ReadonlyMap<string, readonly string[]>>(new Map());
  /** How often it was somebody's turn. */
  private readonly turns = new Map<string, number>();
  /** Each look has a name of its own; null while there is no work. Just before work it is the first look at it: none of it is missed. */
  private readonly look = computed(() => {
    const { stretch, t, left, status } = this.at.clock();
    if (!this.on() || status !== 'running' || !stretch || t < 0) return null;
    if (stretch.kind === 'work') return `${stretch.start} ${lookAt(stretch, t)}`;
    return left <= BEFORE ? `${stretch.end} 0` : null;
  });

  constructor(private readonly at: RunNow) {
    void this.device.recall(KEY).then((kept) => {
      if (kept === true) this.on.set(true);
    });
    effect(() => {
      const here = this.at.athletes().length;
      if (this.on() && this.reads && here > 1) untracked(() => void this.read());
    });
    effect(() => {
      if (this.look() !== null) untracked(() => this.turn());
    });
  }

  toggle(): void {
    this.on.update((on) => !on);
    void this.device.keep(KEY, this.on());
  }

  /** What is to be decided about somebody: what they work on, and what their fault book leaves open. */
  private toDecide(id: string): readonly string[] {
    return [...new Set([...(this.people()[id]?.focus ?? []), ...(this.leftOpen().get(id) ?? [])])];
  }

  /** One after the other, while the run goes on; without a network as it was seen last, or by their focus alone. */
  private async read(): Promise<void> {
    const day = dayOf(new Date());
    for (const { id } of this.at.athletes()) {
      if (this.leftOpen().has(id)) continue;
      const book = await this.lastSeen.ask(`book-${id}`, Book, this.api.of(id, {})).catch(() => null);
      const faults = book ? leftOpen(book.value.entries, book.value.decisions, day).map(({ fault }) => fault) : [];
      this.leftOpen.update((known) => new Map([...known, [id, faults]]));
    }
  }

  private turn(): void {
    const watching = this.at.watching();
    const board = watching?.board ?? [];
    const those = this.at
      .chips()
      .filter(({ waits }) => !waits)
      // Where nothing can be counted everybody has their turn all the same.
      .map(({ id, seen }) => ({
        id,
        seen: seen + SOME * (this.turns.get(id) ?? 0),
        weight: 1 + this.toDecide(id).filter((code) => board.includes(code)).length,
      }));
    const next = nextLook(those);
    if (next !== null) this.turns.set(next, (this.turns.get(next) ?? 0) + 1);
    if (next !== null && next !== watching?.athlete && this.desk.leads()) void this.desk.log({ kind: 'watch', athlete: next });
  }
}
