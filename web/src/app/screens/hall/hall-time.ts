/** What is known of a run's time is as new as that (ms): steady clocks drift apart by some ten milliseconds an hour. */
const GOOD_FOR = 10 * 60_000;

/** So much (ms) two answers may differ by besides, within that time. */
const DRIFTS = 50;

/**
 * A run's time on a screen that is told it by a server: measured, not assumed. An answer that says the run's time says it of a moment
 * between the question and the answer; its middle is taken, and is wrong by half of that time at most. The answer that came quickest holds, until one says what cannot be by it.
 * @example const time = new HallTime(); time.told(5000, 100, 140); time.at(240) // 5120
 */
export class HallTime {
  private best: { readonly offset: number; readonly within: number; readonly at: number } | null = null;

  /**
   * @param m the run's time (ms) that the server said.
   * @param asked when it was asked, and when the answer came, by the page's steady clock (ms).
   */
  told(m: number, asked: number, answered: number): void {
    const within = (answered - asked) / 2;
    const offset = m - (asked + answered) / 2;
    // Two that cannot both be right: the run's time is another since, as a device in it knows better, and the newer holds.
    const apart = this.best ? Math.abs(offset - this.best.offset) > within + this.best.within + DRIFTS : false;
    if (this.best && within > this.best.within && answered - this.best.at < GOOD_FOR && !apart) return;
    this.best = { offset, within, at: answered };
  }

  /** The page was loaded anew: the run's time was this at a moment of the wall's clock, and the wall's clock is believed. */
  goesOn(m: number, since: number, steady: number): void {
    this.best = { offset: m + since - steady, within: Number.POSITIVE_INFINITY, at: steady };
  }

  get known(): boolean {
    return this.best !== null;
  }

  /** How wrong it may be (ms); null: not known at all. */
  get within(): number | null {
    return this.best?.within ?? null;
  }

  /** The run's time (ms) at a moment of the steady clock; 0 while nothing is known. */
  at(steady: number): number {
    return this.best === null ? 0 : Math.max(0, Math.round(steady + this.best.offset));
  }
}
