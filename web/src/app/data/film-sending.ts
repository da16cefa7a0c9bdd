import { inject, Injectable, signal } from '@angular/core';
import { filmWorkFrom, NO_WORK, type FilmWork } from '@hopsk/contract/film-work';
import { FilmKept } from '@hopsk/contract/films';
import { firstValueFrom } from 'rxjs';
import * as z from 'zod/mini';
import { DeviceStore } from './device-store';
import { FilmsApi } from './films-api';
import { troubleOf, type Trouble } from './problem';
import { same } from './same';

/** What the club had of a clip when this device last knew: its version, and what was in it. */
const Known = z.object({ version: z.int(), work: z.unknown() });

/** Somebody marked the same clip elsewhere since: theirs, beside what is here. */
export interface Elsewhere {
  readonly clip: string;
  readonly theirs: FilmKept;
}

const UNKNOWN = { version: 0, work: NO_WORK };

/**
 * What was marked in clips goes to the club, so that it is on every device of its coaches. What is here stays here until it is there; what
 * somebody else marked since is asked about and never overwritten.
 */
@Injectable({ providedIn: 'root' })
export class FilmSending {
  private readonly api = inject(FilmsApi);
  private readonly device = inject(DeviceStore);
  readonly elsewhere = signal<Elsewhere | null>(null);
  /** Why the club does not take it; null where it does, or is not to be reached. */
  readonly refused = signal<Trouble | null>(null);
  private sending: Promise<unknown> = Promise.resolve();

  private async known(clip: string): Promise<{ version: number; work: FilmWork }> {
    const { data } = Known.safeParse(await this.device.recall(`film-known ${clip}`));
    return data ? { version: data.version, work: filmWorkFrom(data.work) ?? NO_WORK } : UNKNOWN;
  }

  private learn(clip: string, { version, work }: FilmKept): Promise<void> {
    return this.device.keep(`film-known ${clip}`, { version, work });
  }

  /** What is to be shown of a clip: what is here, or what the club has where nothing was done here since. */
  async met(clip: string, here: FilmWork): Promise<FilmWork> {
    try {
      const theirs = await firstValueFrom(this.api.of(clip));
      const known = await this.known(clip);
      if (theirs.version <= known.version) return here;
      if (!same(here, known.work) && !same(here, theirs.work)) {
        this.elsewhere.set({ clip, theirs });
        return here;
      }
      await this.learn(clip, theirs);
      return theirs.work;
    } catch {
      return here;
    }
  }

  /** Sends what is here, unless the club has it. One after the other. */
  send(clip: string, name: string, work: FilmWork): Promise<void> {
    const mine = this.sending.then(() => this.sent(clip, name, work));
    this.sending = mine;
    return mine;
  }

  private async sent(clip: string, name: string, work: FilmWork): Promise<void> {
    const known = await this.known(clip);
    if (same(work, known.work)) return;
    try {
      await this.learn(clip, await firstValueFrom(this.api.save(clip, { version: known.version, name, work })));
      this.refused.set(null);
    } catch (error) {
      const trouble = troubleOf(error);
      const theirs = FilmKept.safeParse(trouble.current).data;
      if (trouble.kind === 'stale' && theirs) this.elsewhere.set({ clip, theirs });
      else if (!['offline', 'away', 'signed-out'].includes(trouble.kind)) this.refused.set(trouble);
    }
  }

  /** Ours takes the place of theirs: it is made from it now. */
  async keepOurs({ clip, theirs }: Elsewhere): Promise<void> {
    await this.learn(clip, theirs);
    this.elsewhere.set(null);
  }

  async takeTheirs({ clip, theirs }: Elsewhere): Promise<FilmWork> {
    await this.learn(clip, theirs);
    this.elsewhere.set(null);
    return theirs.work;
  }
}
