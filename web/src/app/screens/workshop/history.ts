import { signal } from '@angular/core';

/** As many steps as can be taken back. */
const DEPTH = 100;

/** What was there before each change, so that it can be taken back and done again. */
export class History<T> {
  private readonly past = signal<readonly T[]>([]);
  private readonly future = signal<readonly T[]>([]);

  readonly canBack = (): boolean => this.past().length > 0;
  readonly canOn = (): boolean => this.future().length > 0;

  /** Before a change: what is there now. */
  keep(now: T): void {
    this.past.update((past) => [...past.slice(-DEPTH + 1), now]);
    this.future.set([]);
  }

  forget(): void {
    this.past.set([]);
    this.future.set([]);
  }

  back(now: T): T | null {
    const before = this.past().at(-1);
    if (before === undefined) return null;
    this.past.update((past) => past.slice(0, -1));
    this.future.update((future) => [...future, now]);
    return before;
  }

  on(now: T): T | null {
    const after = this.future().at(-1);
    if (after === undefined) return null;
    this.future.update((future) => future.slice(0, -1));
    this.past.update((past) => [...past, now]);
    return after;
  }
}
