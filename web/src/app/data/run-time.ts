import { Injectable } from '@angular/core';

/** By more than this behind what the server says (ms), a device was asleep. */
const LAG_MS = 2000;

/** The run's own time on this device: milliseconds since its first 'go', by a clock that nobody sets. */
@Injectable({ providedIn: 'root' })
export class RunTime {
  private since: { readonly m: number; readonly steady: number; readonly sure: boolean } | null = null;

  /** 0 before the start. */
  now(): number {
    return this.at(performance.now());
  }

  /** Whether it goes. */
  get known(): boolean {
    return this.since !== null;
  }

  /** Whether it is more than a guess by the wall's clock, which anybody may have set meanwhile. */
  get sure(): boolean {
    return this.since?.sure === true;
  }

  /** Time goes from this moment of the run: since now, or since the steady clock stood there. */
  goFrom(m: number, steady = performance.now(), sure = true): void {
    this.since = { m, steady, sure };
  }

  /** What the server says of a run that others are in: believed where this device guesses, or is behind as one is that slept. */
  told(m: number, steady: number): void {
    if (this.since && (!this.sure || m - this.at(steady) > LAG_MS)) this.goFrom(m, steady);
  }

  /** Another run has not begun. */
  stop(): void {
    this.since = null;
  }

  private at(steady: number): number {
    return this.since === null ? 0 : Math.max(0, Math.round(this.since.m + steady - this.since.steady));
  }
}
