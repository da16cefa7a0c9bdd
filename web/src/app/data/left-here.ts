import { inject, Injectable } from '@angular/core';
import { Me } from '@hopsk/contract/club';
import { firstValueFrom } from 'rxjs';
import { AccountApi } from './account-api';
import { DeviceStore, type LeftBehind, type LockedAway, type SealedLeft } from './device-store';
import { newId } from './ids';
import { setLocked } from './locked';
import { seal, unseal, type Sealed } from './sealing';

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
    return this.inTurn(() => this.openedTo(me));
  }

  /** All that is kept of the club is sealed to a device's lock; what waits for whoever is in to them as well. */
  lockAway(to: string): Promise<void> {
    return this.inTurn(async () => {
      await this.lockedAway(to);
      setLocked(true);
    });
  }

  /** All that was locked away is there again. Throws where it is not as it was. */
  bringBack(key: string): Promise<void> {
    return this.inTurn(async () => {
      const away = (await this.device.own('locked-away')) as Sealed | undefined;
      await this.device.unlocked(away ? ((await unseal(key, away)) as LockedAway) : null);
      setLocked(false);
    });
  }

  /** What was locked away is gone; what waits for a coach stays sealed to them. */
  dropLocked(): Promise<void> {
    return this.inTurn(async () => {
      await this.device.unlocked(null);
      setLocked(false);
    });
  }

  private inTurn<T>(work: () => Promise<T>): Promise<T> {
    const now = this.last.then(work);
    this.last = now.catch(() => undefined);
    return now;
  }

  private async wiped(): Promise<void> {
    const { left, sealed } = await this.sealedNow();
    await this.device.wipe(sealed && left, sealed);
  }

  private async lockedAway(to: string): Promise<void> {
    const { left, sealed } = await this.sealedNow();
    const all: LockedAway = { ...(await this.device.everything()), sealedKey: sealed?.key ?? null };
    await this.device.wipe(sealed && left, sealed, await seal(to, all));
  }

  /** What waits for whoever is in, sealed to them; null where nothing does, or it cannot be sealed. */
  private async sealedNow(): Promise<{ left: LeftBehind; sealed: SealedLeft | null }> {
    const me = Me.safeParse(await this.device.recall('me')).data;
    const left = await this.device.leftBehind();
    const typed = Object.keys(left.drafts).length;
    // Without cryptography what waits stays as it is, without names: it is not lost.
    const sealed = me && me.sealTo !== '' && left.runs.length + typed > 0 ? await seal(me.sealTo, left).catch(() => null) : null;
    if (!me || !sealed) return { left, sealed: null };
    return { left, sealed: { key: `sealed:${me.coach.id}:${newId()}`, taps: left.events.length, typed, sealed } };
  }

  private async openedTo(me: Me): Promise<void> {
    // Who comes in by their own password needs no PIN.
    await this.device.unlocked(null);
    setLocked(false);
    const kept = await this.device.recall('me');
    const before = Me.safeParse(kept).data;
    if (kept !== undefined && (before?.coach.id !== me.coach.id || before.club.id !== me.club.id)) await this.wiped();
    const mine = await this.device.sealed(me.coach.id);
    if (mine.length === 0) return;
    const { key } = await firstValueFrom(this.api.sealKey());
    for (const one of mine) {
      // Sealed by this device from its own store, and not to be changed by anybody without the key.
      const left = (await unseal(key, one.sealed).catch(() => null)) as LeftBehind | null;
      if (left) await this.device.putBack(one.key, left);
    }
  }
}
