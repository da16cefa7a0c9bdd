import { inject, Injectable } from '@angular/core';
import { MarkShape } from '@hopsk/contract/film-table';
import type { Mark } from '@hopsk/core/film/marks';
import * as z from 'zod/mini';
import { DeviceStore } from './device-store';

/** What was marked in clips of this device, by what a clip is known again by: a lost clip leaves its marks. */
@Injectable({ providedIn: 'root' })
export class FilmMarks {
  private readonly device = inject(DeviceStore);

  /** The marks of a clip with so many frames; those that it cannot have are left out. */
  async of(clip: string, frames: number): Promise<readonly Mark[]> {
    const kept = z.array(MarkShape).safeParse(await this.device.recall(`film ${clip}`));
    return (kept.data ?? []).filter(({ frame }) => frame < frames);
  }

  keep(clip: string, marks: readonly Mark[]): Promise<void> {
    return this.device.keep(`film ${clip}`, marks);
  }
}
