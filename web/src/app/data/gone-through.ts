import { inject, Injectable } from '@angular/core';
import * as z from 'zod/mini';
import { DeviceStore } from './device-store';

const KEY = 'gone-through';
/** As many runs are remembered; earlier ones are asked about by nobody. */
const MOST = 400;

/** Which runs were gone through afterwards on this device. */
@Injectable({ providedIn: 'root' })
export class GoneThrough {
  private readonly device = inject(DeviceStore);

  async runs(): Promise<ReadonlySet<string>> {
    const kept = z.array(z.string()).safeParse(await this.device.recall(KEY));
    return new Set(kept.success ? kept.data : []);
  }

  async add(run: string): Promise<void> {
    const runs = await this.runs();
    if (!runs.has(run)) await this.device.keep(KEY, [...runs, run].slice(-MOST));
  }
}
