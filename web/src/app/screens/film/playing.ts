import { DestroyRef, effect, inject, signal, untracked } from '@angular/core';

/** As fast as life, and slower. */
export const SPEEDS = [1, 0.5, 0.25, 0.125] as const;
export type Speed = (typeof SPEEDS)[number];

/** What is played: a stretch of seconds, and where in it one is. */
export interface Played {
  readonly span: () => readonly [from: number, to: number];
  readonly at: () => number;
  readonly go: (seconds: number) => void;
  /** A picture that was asked for is still to come: the next is not asked for before it. */
  readonly waits: () => boolean;
}

/** Plays a stretch of film, slower than life, again and again where it is wanted. To be made where things can be injected. */
export class Playing {
  readonly on = signal(false);
  readonly speed = signal<Speed>(0.25);
  readonly again = signal(true);

  constructor(private readonly what: Played) {
    effect((after) => {
      if (this.on()) after(untracked(() => this.play()));
    });
    inject(DestroyRef).onDestroy(() => this.on.set(false));
  }

  turn(): void {
    this.on.update((on) => !on);
  }

  private play(): () => void {
    const [first, last] = this.what.span();
    const now = this.what.at();
    let at = now < first || now >= last ? first : now;
    let then = globalThis.performance.now();
    let next = 0;
    const step = (moment: number): void => {
      const [from, to] = this.what.span();
      at += (Math.max(0, moment - then) / 1000) * this.speed();
      then = moment;
      if (at > to || at < from) {
        if (!this.again()) {
          this.what.go(to);
          return this.on.set(false);
        }
        at = from;
      }
      if (!this.what.waits()) this.what.go(at);
      next = requestAnimationFrame(step);
    };
    next = requestAnimationFrame(step);
    return () => cancelAnimationFrame(next);
  }
}
