import { inject, Injectable } from '@angular/core';
import { filmWorkFrom, NO_WORK, type FilmWork } from '@hopsk/contract/film-work';
import { Clips } from './clips';
import { DeviceStore } from './device-store';

/**
 * What was marked and tapped in clips of this device, by what a clip is known again by: a lost clip leaves it. It stands with what the
 * device keeps of whoever is signed in, at once; and beside the clips, encrypted as they are, where it waits for them to sign in again.
 */
@Injectable({ providedIn: 'root' })
export class FilmWorks {
  private readonly device = inject(DeviceStore);
  private readonly clips = inject(Clips);
  /** What is written beside the clips: one after the other, the latest of a clip last. */
  private writing: Promise<unknown> = Promise.resolve();
  private readonly latest = new Map<string, FilmWork>();

  /** What is kept of a clip with so many frames; what is in frames that it cannot have is left out. */
  async of(clip: string, frames: number): Promise<FilmWork> {
    const here = filmWorkFrom(await this.device.recall(`film ${clip}`));
    const kept = here ?? filmWorkFrom(await this.clips.marksIn(clip)) ?? NO_WORK;
    const has = ({ frame }: { readonly frame: number }): boolean => frame < frames;
    return {
      ...kept,
      ...{ marks: kept.marks.filter(has), again: kept.again.filter(has), prints: kept.prints.filter(has) },
      ...{ stills: kept.stills.filter(has), decisions: kept.decisions.filter(has) },
      phases: kept.phases.map((one) => ({ ...one, frame: one.frame !== null && one.frame < frames ? one.frame : null })),
    };
  }

  async keep(clip: string, work: FilmWork): Promise<void> {
    this.latest.set(clip, work);
    this.writing = this.writing.then(() => this.beside(clip)).catch(() => undefined);
    await this.device.keep(`film ${clip}`, work);
  }

  /** What was marked in a clip goes from this device. */
  async forget(clip: string): Promise<void> {
    await this.clips.eraseMarks(clip);
    await this.device.keep(`film ${clip}`, null);
  }

  /** Erases what was marked in film of whoever is not there any more. */
  async eraseWhere(gone: (athlete: string) => boolean): Promise<void> {
    for (const [clip, kept] of await this.clips.allMarks()) {
      const athlete = filmWorkFrom(kept)?.athlete ?? null;
      if (athlete !== null && gone(athlete)) await this.forget(clip);
    }
  }

  /** Whoever marks fast writes once. */
  private async beside(clip: string): Promise<void> {
    const work = this.latest.get(clip);
    this.latest.delete(clip);
    if (work) await this.clips.keepMarks(clip, work);
  }
}
