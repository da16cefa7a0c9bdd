import { inject, Injectable } from '@angular/core';
import { DeviceStore } from './device-store';
import { setSignOutDue } from './due';
import { LeftHere } from './left-here';
import { makeLockKey, openLockKey, type LockKey } from './lock-key';
import { touched, untouchedFor } from './locked';

/** How a device locks by itself: after so many minutes without a touch, unless a run is under way on it. */
export interface DeviceLockKept {
  readonly key: LockKey;
  readonly minutes: number;
  /** Wrong tries since it was last opened. */
  readonly tries: number;
}

/** Wrong PINs after which what was locked away is gone. */
const TRIES = 5;

/**
 * The lock of a device that several share, with a PIN of its own: what it keeps of a club is sealed away while it is locked, and there
 * again with the PIN, also without a network. After five wrong tries only what waits for its coach is left, sealed to them.
 */
@Injectable({ providedIn: 'root' })
export class DeviceLock {
  private readonly device = inject(DeviceStore);
  private readonly left = inject(LeftHere);

  /** How it is set; null without a PIN. */
  async kept(): Promise<DeviceLockKept | null> {
    return ((await this.device.own('lock')) as DeviceLockKept | undefined) ?? null;
  }

  async set(pin: string, minutes: number): Promise<void> {
    touched();
    await this.device.putOwn('lock', { key: await makeLockKey(pin), minutes, tries: 0 } satisfies DeviceLockKept);
  }

  async remove(): Promise<void> {
    await this.device.putOwn('lock', undefined);
  }

  /** Locks, and gives whether it did: not without a PIN, and not while a run is under way. */
  async lock(): Promise<boolean> {
    const kept = await this.kept();
    if (!kept || (await this.runs())) return false;
    await this.left.lockAway(kept.key.to);
    return true;
  }

  /** Locks if nobody touched it for longer than it is set. */
  async lockIfLeft(): Promise<boolean> {
    const kept = await this.kept();
    return kept !== null && untouchedFor() > kept.minutes * 60_000 && (await this.lock());
  }

  /** Tries a PIN; gives whether it is open, and how many tries are left. Each try counts before it is looked at, those of other tabs too. */
  async unlock(pin: string): Promise<{ open: boolean; left: number }> {
    return await navigator.locks.request('hopsk-pin', () => this.tried(pin));
  }

  private async tried(pin: string): Promise<{ open: boolean; left: number }> {
    const kept = await this.kept();
    if (!kept || kept.tries >= TRIES) return this.gone();
    await this.device.putOwn('lock', { ...kept, tries: kept.tries + 1 });
    const key = await openLockKey(kept.key, pin);
    if (key === null) return kept.tries + 1 >= TRIES ? this.gone() : { open: false, left: TRIES - kept.tries - 1 };
    await this.left.bringBack(key);
    await this.device.putOwn('lock', { ...kept, tries: 0 });
    touched();
    return { open: true, left: TRIES };
  }

  /** Nobody is in here any more; the server is told as soon as it can be. */
  private async gone(): Promise<{ open: false; left: 0 }> {
    setSignOutDue(true);
    await this.left.dropLocked();
    await this.remove();
    return { open: false, left: 0 };
  }

  private async runs(): Promise<boolean> {
    return (await this.device.runs()).some(({ open }) => open === 1);
  }
}
