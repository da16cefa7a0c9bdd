import { inject } from '@angular/core';
import { Rounds as DoseSchema } from '@hopsk/contract/pattern';
import * as z from 'zod/mini';
import { DeviceStore } from '../data/device-store';
import { OPEN_DOSE } from './open-dose';

const Last = z.object({ dose: DoseSchema, here: z.array(z.string()) });
/** What was used last on this device: the dose, and who was here. */
export type LastTime = z.infer<typeof Last>;

const KEY = 'last';

/** What was used the last time, for the next. To be made where things can be injected. */
export class LastOnDevice {
  private readonly device = inject(DeviceStore);

  async recall(): Promise<LastTime | null> {
    const kept = Last.safeParse(await this.device.recall(KEY));
    return kept.success ? kept.data : null;
  }

  async keep(used: Partial<LastTime>): Promise<void> {
    await this.device.keep(KEY, { ...((await this.recall()) ?? { dose: OPEN_DOSE, here: [] }), ...used });
  }
}
