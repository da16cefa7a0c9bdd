import { inject, signal } from '@angular/core';
import { FAULT_TEXTS } from '@hopsk/contract/club-faults';
import { Code, Id, line } from '@hopsk/contract/common';
import { Rounds as DoseSchema } from '@hopsk/contract/pattern';
import { MOST_HERE } from '@hopsk/contract/run';
import { FAULT_UNITS } from '@hopsk/core/catalogue/fault';
import type { Made } from '@hopsk/core/catalogue/made';
import type { Rounds } from '@hopsk/core/language/rounds';
import { BOARD_HOLDS } from '@hopsk/core/log/tiles';
import * as z from 'zod/mini';
import { DeviceStore } from '../data/device-store';
import { TeachingStore } from '../data/teaching';
import { dayOf } from './run-setup';

const Kept = z.object({
  day: z.string(),
  dose: z.nullable(DoseSchema),
  here: z.nullable(z.array(Id).check(z.maxLength(MOST_HERE))),
  board: z.nullable(z.array(Code).check(z.maxLength(BOARD_HOLDS))),
  made: z.array(z.object({ code: Code, label: line(FAULT_TEXTS.label), per: z.enum(FAULT_UNITS) })).check(z.maxLength(BOARD_HOLDS)),
});

const KEY = 'rounds';

/**
 * Rounds as they are set up: what the coach said of them, null where nothing was. It outlives the page until they begin; who was here is
 * nobody's guess the day after, a fault that was made stays. To be made where things can be injected.
 */
export class RoundsSetUp {
  private readonly device = inject(DeviceStore);
  private readonly club = inject(TeachingStore);
  private made: readonly Made[] = [];
  /** The dose of rounds without a pattern. */
  readonly dose = signal<Rounds | null>(null);
  readonly here = signal<ReadonlySet<string> | null>(null);
  readonly board = signal<readonly string[] | null>(null);

  constructor() {
    void this.goOn();
  }

  sayDose(dose: Rounds): void {
    this.dose.set(dose);
    this.keep();
  }

  sayHere(ids: ReadonlySet<string>): void {
    this.here.set(ids);
    this.keep();
  }

  sayBoard(board: readonly string[]): void {
    this.board.set(board.slice(0, BOARD_HOLDS));
    this.keep();
  }

  /** A fault that was made for these rounds. */
  take(made: Made): void {
    this.club.takeMade([made]);
    this.made = [...this.made, made].slice(-BOARD_HOLDS);
  }

  /** They have begun: the next ones are set up anew. */
  async begun(): Promise<void> {
    await this.device.keep(KEY, null);
  }

  private keep(): void {
    const [here, board] = [this.here(), this.board()];
    void this.device.keep(KEY, {
      ...{ day: dayOf(new Date()), dose: this.dose(), made: [...this.made] },
      ...{ here: here && [...here].slice(0, MOST_HERE), board: board && [...board] },
    });
  }

  /** As they were set up before the page went; whoever was quicker has begun anew. */
  private async goOn(): Promise<void> {
    const kept = Kept.safeParse(await this.device.recall(KEY)).data;
    if (!kept) return;
    this.made = kept.made;
    this.club.takeMade(kept.made);
    const said = [this.dose(), this.here(), this.board()].some((one) => one !== null);
    if (said || kept.day !== dayOf(new Date())) return;
    this.dose.set(kept.dose);
    this.here.set(kept.here && new Set(kept.here));
    this.board.set(kept.board);
  }
}
