import { Injectable } from '@angular/core';

/** The run's own time on this device: milliseconds since its first 'go', by a clock that nobody sets. */
@Injectable({ providedIn: 'root' })
export class RunTime {
  private since: { readonly m: number; readonly steady: number } | null = null;

  /** 0 before the start. */
  now(): number {
    return this.since === null ? 0 : Math.max(0, Math.round(this.since.m + performance.now() - this.since.steady));
  }

  /** Whether it goes. */
  get known(): boolean {
    return this.since !== null;
  }

  /** Time goes from this moment of the run: since now, or since the steady clock stood there. */
  goFrom(m: number, steady = performance.now()): void {
    this.since = { m, steady };
  }

  /** Another run has not begun. */
  stop(): void {
    this.since = null;
  }
}
