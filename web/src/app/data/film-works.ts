import { inject, Injectable } from '@angular/core';
import { filmWorkFrom, NO_WORK, type FilmWork } from '@hopsk/contract/film-work';
import { DeviceStore } from './device-store';

/** What was marked and tapped in clips of this device, by what a clip is known again by: a lost clip leaves it. */
@Injectable({ providedIn: 'root' })
export class FilmWorks {
  private readonly device = inject(DeviceStore);

  /** What is kept of a clip with so many frames; what is in frames that it cannot have is left out. */
  async of(clip: string, frames: number): Promise<FilmWork> {
    const kept = filmWorkFrom(await this.device.recall(`film ${clip}`)) ?? NO_WORK;
    const has = ({ frame }: { readonly frame: number }): boolean => frame < frames;
    return { ...kept, marks: kept.marks.filter(has), again: kept.again.filter(has), prints: kept.prints.filter(has) };
  }

  keep(clip: string, work: FilmWork): Promise<void> {
    return this.device.keep(`film ${clip}`, work);
  }
}
