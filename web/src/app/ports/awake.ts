import { Injectable } from '@angular/core';

/** Keeps the screen from going dark during a run, where the browser lets a page do so. */
@Injectable({ providedIn: 'root' })
export class Awake {
  private lock: WakeLockSentinel | null = null;
  private wanted = false;

  constructor() {
    // The lock is lost whenever the page is hidden.
    document.addEventListener('visibilitychange', () => {
      if (this.wanted && document.visibilityState === 'visible') void this.take();
    });
  }

  async hold(): Promise<void> {
    this.wanted = true;
    await this.take();
  }

  async release(): Promise<void> {
    this.wanted = false;
    await this.lock?.release().catch(() => undefined);
    this.lock = null;
  }

  private async take(): Promise<void> {
    if (!('wakeLock' in navigator)) return;
    this.lock = await navigator.wakeLock.request('screen').catch(() => null);
  }
}
