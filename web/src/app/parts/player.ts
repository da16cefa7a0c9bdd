import { computed, DestroyRef, inject, signal, type Signal } from '@angular/core';

/** Plays a pattern: a moment that moves with the clock of the screen, at a speed, round and round. */
export class Player {
  readonly speed = signal(1);
  readonly playing = signal(false);
  private readonly moment = signal(0);
  private frame = 0;
  private last = 0;
  /** The present moment, never beyond the pattern's end. */
  readonly t = computed(() => Math.min(this.moment(), this.seconds()));

  constructor(private readonly seconds: Signal<number>) {
    inject(DestroyRef).onDestroy(() => cancelAnimationFrame(this.frame));
  }

  toggle(): void {
    this.playing.update((playing) => !playing);
    cancelAnimationFrame(this.frame);
    if (!this.playing()) return;
    this.last = performance.now();
    this.frame = requestAnimationFrame((now) => this.tick(now));
  }

  seek(t: number): void {
    this.moment.set(Math.max(0, Math.min(this.seconds(), t)));
  }

  private tick(now: number): void {
    if (!this.playing()) return;
    const seconds = this.seconds();
    if (seconds > 0) this.moment.set((this.moment() + ((now - this.last) / 1000) * this.speed()) % seconds);
    this.last = now;
    this.frame = requestAnimationFrame((next) => this.tick(next));
  }
}
