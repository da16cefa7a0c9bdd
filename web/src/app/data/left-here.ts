import { inject, Injectable, Injector } from '@angular/core';
import { Me } from '@hopsk/contract/club';
import { DeviceStore } from './device-store';
import { setLocked } from './locked';

/** Fetched when it is needed. */
const work = () => import('./left-behind');

/** What a coach leaves on a device that others use too: sealed to them, and there again when they come in. */
@Injectable({ providedIn: 'root' })
export class LeftHere {
  private readonly device = inject(DeviceStore);
  private readonly injector = inject(Injector);
  /** One after the other: whoever comes in finds what left before them sealed. */
  private last: Promise<unknown> = Promise.resolve();

  /** Nothing of the club stays; what waits for whoever was in is sealed to them. */
  wipe(): Promise<void> {
    return this.inTurn(() => this.wiped());
  }

  /** Before somebody is in: what is somebody else's goes, what was left by themselves is there again. They are in whatever becomes of it. */
  open(me: Me): Promise<void> {
    return this.inTurn(async () => {
      // Who comes in by their own password needs no PIN.
      await this.dropped();
      const kept = await this.device.recall('me');
      const before = Me.safeParse(kept).data;
      if (kept !== undefined && (before?.coach.id !== me.coach.id || before.club.id !== me.club.id)) await this.wiped();
      const mine = await this.device.sealed(me.coach.id);
      if (mine.length > 0) await (await work()).openTo(this.injector, mine);
    }).catch(() => undefined);
  }

  /** All that is kept of the club is sealed to a device's lock; what waits for whoever is in to them as well. */
  lockAway(to: string): Promise<void> {
    return this.inTurn(async () => {
      const { lockAway } = await work();
      // From now on nothing more is kept: a list may just be on its way.
      setLocked(true);
      await lockAway(this.device, to).catch((error: unknown) => {
        setLocked(false);
        throw error;
      });
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

  private inTurn<T>(act: () => Promise<T>): Promise<T> {
    const now = this.last.then(act);
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
