import { computed, effect, inject, signal, untracked } from '@angular/core';
import { lookAt, nextLook } from '@hopsk/core/log/looks';
import { RunDesk } from '../../data/desk';
import { DeviceStore } from '../../data/device-store';
import type { RunNow } from '../../parts/run-now';
import type { RunTaps } from './run-taps';
import type { RunToDecide } from './run-to-decide';

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
  readonly on = signal(false);
  /** How often it was somebody's turn. */
  private readonly turns = new Map<string, number>();
  /** Each look has a name of its own; null while there is no work. Just before work it is the first look at it: none of it is missed. */
  private readonly look = computed(() => {
    const { stretch, t, left, status } = this.at.clock();
    if (!this.on() || status !== 'running' || !stretch || t < 0) return null;
    if (stretch.kind === 'work') return `${stretch.start} ${lookAt(stretch, t)}`;
    return left <= BEFORE ? `${stretch.end} 0` : null;
  });

  constructor(
    private readonly at: RunNow,
    private readonly taps: RunTaps,
    private readonly toDecide: RunToDecide,
  ) {
    void this.device.recall(KEY).then((kept) => {
      if (kept === true) this.on.set(true);
    });
    effect(() => {
      const here = this.at.athletes().map(({ id }) => id);
      if (this.on() && here.length > 1) untracked(() => void this.toDecide.read(here));
    });
    effect(() => {
      if (this.look() !== null) untracked(() => this.turn());
    });
  }

  toggle(): void {
    this.on.update((on) => !on);
    void this.device.keep(KEY, this.on());
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
        weight: 1 + this.toDecide.of(id).filter((code) => board.includes(code)).length,
      }));
    const next = nextLook(those);
    if (next !== null) this.turns.set(next, (this.turns.get(next) ?? 0) + 1);
    if (next !== null && next !== watching?.athlete && this.desk.leads()) this.taps.watchNow(next);
  }
}
