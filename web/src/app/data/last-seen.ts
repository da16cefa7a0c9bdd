import { inject, Injectable } from '@angular/core';
import { firstValueFrom, type Observable } from 'rxjs';
import * as z from 'zod/mini';
import { DeviceStore } from './device-store';
import { troubleOf } from './problem';

/** What was asked for, and when it was seen where there is no network (wall's clock, ms); null: just now. */
export interface Seen<T> {
  readonly value: T;
  readonly at: number | null;
}

/** Answers of the server, kept on this device until its coach signs out, for when there is no network. */
@Injectable({ providedIn: 'root' })
export class LastSeen {
  private readonly device = inject(DeviceStore);

  /** Throws what the server said where there is a network, or nothing was seen before. */
  async ask<T>(key: string, shape: z.ZodMiniType<T>, asked: Observable<T>): Promise<Seen<T>> {
    try {
      const value = await firstValueFrom(asked);
      // A device that is full shows all the same.
      await this.device.keep(key, { at: Date.now(), value }).catch(() => undefined);
      return { value, at: null };
    } catch (error) {
      const kept = z.object({ at: z.number(), value: shape }).safeParse(await this.device.recall(key));
      if (!kept.success || troubleOf(error).kind !== 'offline') throw error;
      return kept.data;
    }
  }
}
