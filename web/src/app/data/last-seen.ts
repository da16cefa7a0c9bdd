import { inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import { firstValueFrom, type Observable } from 'rxjs';
import * as z from 'zod/mini';
import { DeviceStore } from './device-store';
import { isAway } from './problem';
import { signInFeature } from './sign-in';

/** What was asked for, and when it was seen where there is no network (wall's clock, ms); null: just now. */
export interface Seen<T> {
  readonly value: T;
  readonly at: number | null;
}

/** Answers of the server, kept on this device until its coach signs out, for when there is no network. */
@Injectable({ providedIn: 'root' })
export class LastSeen {
  private readonly device = inject(DeviceStore);
  private readonly me = inject(Store).selectSignal(signInFeature.selectMe);

  /** Of the club that is signed in; without a name it is not kept. Throws what the server said where it answers, or nothing was seen before. */
  async ask<T>(name: string | null, shape: z.ZodMiniType<T>, asked: Observable<T>): Promise<Seen<T>> {
    if (name === null) return { value: await firstValueFrom(asked), at: null };
    // Two clubs may know somebody by one id.
    const key = `${this.me()?.club.id ?? ''} ${name}`;
    try {
      const value = await firstValueFrom(asked);
      // A device that is full shows all the same.
      await this.device.keep(key, { at: Date.now(), value }).catch(() => undefined);
      return { value, at: null };
    } catch (error) {
      const kept = z.object({ at: z.number(), value: shape }).safeParse(await this.device.recall(key));
      if (!kept.success || !isAway(error)) throw error;
      return kept.data;
    }
  }
}
