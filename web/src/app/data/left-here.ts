import { inject, Injectable } from '@angular/core';
import { Me } from '@hopsk/contract/club';
import { firstValueFrom } from 'rxjs';
import { AccountApi } from './account-api';
import { DeviceStore } from './device-store';
import { setLocked } from './locked';

/** Fetched when it is needed. */
const work = () => import('./left-behind');

/** What a coach leaves on a device that others use too: sealed to them, and there again when they come in. */
@Injectable({ providedIn: 'root' })
export class LeftHere {
  private readonly device = inject(DeviceStore);
  private readonly api = inject(AccountApi);
  /** One after the other: whoever comes in finds what left before them sealed. */
  private last: Promise<unknown> = Promise.resolve();

  /** Nothing of the club stays; what waits for whoever was in is sealed to them. */
  wipe(): Promise<void> {
    return this.inTurn(() => this.wiped());
  }

  /** Before somebody is in: what is somebody else's goes, what was left by themselves is there again. */
  open(me: Me): Promise<void> {
    return this.inTurn(async () => {
      // Who comes in by their own password needs no PIN.
      await this.dropped();
      const kept = await this.device.recall('me');
      const before = Me.safeParse(kept).data;
      if (kept !== undefined && (before?.coach.id !== me.coach.id || before.club.id !== me.club.id)) await this.wiped();
      const mine = await this.device.sealed(me.coach.id);
      if (mine.length === 0) return;
      const [{ key }, { openTo }] = await Promise.all([firstValueFrom(this.api.sealKey()), work()]);
      await openTo(this.device, mine, key);
    });
  }

  /** All that is kept of the club is sealed to a device's lock; what waits for whoever is in to them as well. */
  lockAway(to: string): Promise<void> {
    return this.inTurn(async () => {
      await (await work()).lockAway(this.device, to);
      setLocked(true);
    });
  }

  /** All that was locked away is there again. Throws where it is not as it was. */
  bringBack(key: string): Promise<void> {
    return this.inTurn(async () => {
      await (await work()).bringBack(this.device, key);
      setLocked(false);
    });
  }

  /** What was locked away is gone; what waits for a coach stays sealed to them. */
  dropLocked(): Promise<void> {
    return this.inTurn(() => this.dropped());
  }

  private inTurn<T>(work: () => Promise<T>): Promise<T> {
    const now = this.last.then(work);
    this.last = now.catch(() => undefined);
    return now;
  }

  private async wiped(): Promise<void> {
    const sealing = await work().catch(() => null);
    // Without what seals it, which could not be fetched, what waits stays as it is, without names: it is not lost.
    await (sealing ? sealing.wipeSealed(this.device) : this.device.wipe());
  }

  private async dropped(): Promise<void> {
    await this.device.putOwn('locked-away', undefined);
    setLocked(false);
  }
}
