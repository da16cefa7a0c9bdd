import { inject, Injectable, signal } from '@angular/core';
import { filmWorkFrom, NO_WORK, type FilmWork } from '@hopsk/contract/film-work';
import { FilmKept } from '@hopsk/contract/films';
import { firstValueFrom } from 'rxjs';
import * as z from 'zod/mini';
import { DeviceStore } from './device-store';
import { FilmsApi } from './films-api';
import { inTurn } from './in-turn';
import { troubleOf } from './problem';
import { same } from './same';

/** What the club had of a clip when this device last knew: its version, and what was in it. */
const Known = z.object({ version: z.int(), work: z.unknown() });
interface Known {
  readonly version: number;
  readonly work: FilmWork;
}
/** Clips of which something is not sent yet, and what each is called. */
const Waiting = z.record(z.string().check(z.maxLength(64)), z.string().check(z.maxLength(200)));
const WAITING = 'film-waiting';

/** How it stands with what was marked in a clip: with the club, on its way, refused with a reason, or met by what others marked. */
export type FilmStanding =
  | { readonly is: 'sent' | 'waits' }
  | { readonly is: 'refused'; readonly why: string }
  | { readonly is: 'elsewhere'; readonly theirs: FilmKept | null };

/** Whoever marks fast sends once (ms); a server that is away is asked again after so long, and at most so long. */
const SOON = 1_500;
const AGAIN = 10_000;
const LATEST = 300_000;

/** Whether two hold the same, however a database or an earlier version put them in order. */
const alike = (a: FilmWork, b: FilmWork): boolean => same(filmWorkFrom(a), filmWorkFrom(b));

/**
 * What was marked in clips goes to the club, so that it is on every device of its coaches, and outlives this one. What is not there yet
 * waits on the device; what somebody else marked since is asked about, and never overwritten unasked.
 */
@Injectable({ providedIn: 'root' })
export class FilmSending {
  private readonly api = inject(FilmsApi);
  private readonly device = inject(DeviceStore);
  private readonly standings = signal<ReadonlyMap<string, FilmStanding>>(new Map());
  readonly standing = this.standings.asReadonly();
  private timer: ReturnType<typeof setTimeout> | null = null;
  private pause = AGAIN;
  private open = false;

  constructor() {
    addEventListener('online', () => this.soon(0));
  }

  /** Somebody who may send is signed in: what waits is sent. */
  begin(): void {
    this.open = true;
    this.soon(0);
  }

  /** What was marked in a clip is on the device, and to be sent. */
  async waits(clip: string, name: string): Promise<void> {
    await this.change((all) => ({ ...all, [clip]: name }));
    // Until somebody has chosen between the two, both stay.
    if (this.standings().get(clip)?.is !== 'elsewhere') this.say(clip, { is: 'waits' });
    this.soon(SOON);
  }

  /**
   * Asks the club what it has of a clip that is opened.
   * @param here what this device keeps of it
   * @returns what is to be shown instead, where others went on from what is here; null where what is here stays
   */
  async meet(clip: string, name: string, here: FilmWork): Promise<FilmWork | null> {
    const theirs = await this.theirs(clip);
    if (theirs === undefined) return null;
    const known = await this.known(clip);
    const mine = !alike(here, known.work);
    if (theirs === null) {
      if (known.version > 0) this.say(clip, { is: 'elsewhere', theirs });
      else if (mine) await this.waits(clip, name);
      return null;
    }
    if (theirs.version > known.version && mine && !alike(here, theirs.work)) {
      this.say(clip, { is: 'elsewhere', theirs });
      return null;
    }
    await this.learn(clip, theirs);
    if (alike(here, theirs.work) || theirs.version > known.version) {
      this.say(clip, { is: 'sent' });
      return alike(here, theirs.work) ? null : theirs.work;
    }
    // Marked here since; or the club was restored, and is behind what this device had from it.
    await this.waits(clip, name);
    return null;
  }

  /** What is here takes the place of what others marked. */
  async keepOurs(clip: string, name: string, theirs: FilmKept | null): Promise<void> {
    await this.learn(clip, theirs ?? { version: 0, work: NO_WORK });
    await this.waits(clip, name);
    this.say(clip, { is: 'waits' });
  }

  /** What others marked is to be shown here. */
  async takeTheirs(clip: string, theirs: FilmKept | null): Promise<FilmWork> {
    await this.learn(clip, theirs ?? { version: 0, work: NO_WORK });
    this.say(clip, { is: 'sent' });
    return theirs?.work ?? NO_WORK;
  }

  /** The club forgets what was marked in a clip, and this device that it had anything of it from there. */
  async forget(clip: string): Promise<void> {
    await firstValueFrom(this.api.forget(clip));
    await this.device.keep(`film-known ${clip}`, null);
    await this.leave(clip);
    this.standings.update((all) => new Map([...all].filter(([one]) => one !== clip)));
  }

  /** What the club has of it; null for nothing, undefined where that is not to be known now. */
  private async theirs(clip: string): Promise<FilmKept | null | undefined> {
    try {
      return (await firstValueFrom(this.api.of(clip))).film;
    } catch {
      return undefined;
    }
  }

  private async known(clip: string): Promise<Known> {
    const { data } = Known.safeParse(await this.device.recall(`film-known ${clip}`));
    return { version: data?.version ?? 0, work: filmWorkFrom(data?.work) ?? NO_WORK };
  }

  private learn(clip: string, { version, work }: Known): Promise<void> {
    return this.device.keep(`film-known ${clip}`, { version, work });
  }

  private say(clip: string, standing: FilmStanding): void {
    this.standings.update((all) => new Map(all).set(clip, standing));
  }

  private soon(ms: number): void {
    if (this.timer !== null) clearTimeout(this.timer);
    if (this.open) this.timer = setTimeout(() => void this.sendAll(), ms);
  }

  private async waiting(): Promise<Readonly<Record<string, string>>> {
    return Waiting.safeParse(await this.device.recall(WAITING)).data ?? {};
  }

  /** One after the other, of all pages of this device: what one writes the next one reads. */
  private async change(by: (all: Readonly<Record<string, string>>) => Readonly<Record<string, string>>): Promise<void> {
    await inTurn('hopsk film waiting', async () => this.device.keep(WAITING, by(await this.waiting())));
  }

  /** Sends what waits; a page at a time. Where nothing gets through it is tried again. */
  async sendAll(): Promise<void> {
    const through = await inTurn('hopsk film sending', async () => {
      for (const [clip, name] of Object.entries(await this.waiting())) if (!(await this.send(clip, name))) return false;
      return true;
    }).catch(() => false);
    this.pause = through ? AGAIN : Math.min(LATEST, this.pause * 2);
    if (!through) this.soon(this.pause);
  }

  /** Sends one; false where the server is not to be reached. */
  private async send(clip: string, name: string): Promise<boolean> {
    const [work, known] = [filmWorkFrom(await this.device.recall(`film ${clip}`)), await this.known(clip)];
    if (work === null || alike(work, known.work)) {
      await this.sent(clip);
      return true;
    }
    try {
      await this.learn(clip, await firstValueFrom(this.api.save(clip, { version: known.version, name, work })));
      // What was marked meanwhile waits on.
      if (same(work, filmWorkFrom(await this.device.recall(`film ${clip}`)))) await this.sent(clip);
      return true;
    } catch (error) {
      const trouble = troubleOf(error);
      const theirs = FilmKept.safeParse(trouble.current).data;
      if (['offline', 'away', 'signed-out', 'fault'].includes(trouble.kind)) return false;
      const gone = trouble.problem?.error === 'not-found' && trouble.problem.values['what'] === 'film';
      if (theirs || gone) this.say(clip, { is: 'elsewhere', theirs: theirs ?? null });
      else this.say(clip, { is: 'refused', why: trouble.message });
      return true;
    }
  }

  private async sent(clip: string): Promise<void> {
    await this.leave(clip);
    this.say(clip, { is: 'sent' });
  }

  private leave(clip: string): Promise<void> {
    return this.change(({ [clip]: _, ...others }) => others);
  }
}
