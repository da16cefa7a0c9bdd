import { inject, Injectable } from '@angular/core';
import { NO_WORK, type FilmWork } from '@hopsk/contract/film-work';
import type { FilmKept } from '@hopsk/contract/films';
import { DRAWN, type Drawn } from '@hopsk/core/film/drawn-names';
import { slowByRate } from '@hopsk/core/film/slow';
import { words } from '@hopsk/words/words';
import type { Clip } from '../../compute/clip';
import { Latest } from '../../compute/latest';
import { nameOf } from '../../data/clip-name';
import { Clips, type KeptClip } from '../../data/clips';
import { FilmWorks } from '../../data/film-works';
import { dayOf } from '../../parts/run-setup';
import { FilmDesk } from './desk';

/** The ways by which a clip comes onto the desk. */
@Injectable()
export class FilmOpening {
  private readonly desk = inject(FilmDesk);
  private readonly clips = inject(Clips);
  private readonly works = inject(FilmWorks);
  private readonly opening = new Latest();
  readonly busy = this.opening.open;

  /**
   * @param keptAs its id among the clips that this device keeps
   * @param toClub whether what is marked in it goes to the club
   */
  async open(file: File, keptAs: string | null = null, toClub = true): Promise<void> {
    const { film } = words;
    this.desk.said.set('');
    await this.opening.ask(
      async () => {
        const { openClip } = await import('../../compute/clip');
        const [hash, clip] = await Promise.all([nameOf(file), openClip(file)]);
        return { hash, clip, work: 'code' in clip ? NO_WORK : await this.works.of(hash, clip.frames.length) };
      },
      ({ hash, clip, work }) => {
        if ('code' in clip) return this.desk.said.set(film.unread[clip.code](clip.codec ?? ''));
        // A camera writes when it filmed; a copy may be of later.
        const shown = { ...work, day: work.day ?? dayOf(new Date(file.lastModified)), slow: asFilmed(work, clip) };
        this.desk.place({ clip, file, keptAs, shown, opened: { hash, name: file.name, kept: work, toClub, lost: false } });
      },
      () => this.desk.said.set(film.unread['no-film']('')),
    );
  }

  /** One that this device keeps. */
  async kept(clip: KeptClip): Promise<void> {
    const file = await this.clips.open(clip);
    if (file) await this.open(file, clip.id);
    else this.desk.said.set(words.film.clipGone(clip.name));
  }

  /** The kept clip that an address asks for. */
  async asked(id: string): Promise<void> {
    await this.clips.load();
    const kept = this.clips.all().find((one) => one.id === id);
    if (kept) await this.kept(kept);
    else this.desk.said.set(words.film.clipGone(id));
  }

  /** One that was filmed here is kept, and opened. */
  async filmed(file: File): Promise<void> {
    const kept = await this.clips.keep(file, null);
    await this.open(file, typeof kept === 'string' ? null : kept.id);
    if (typeof kept === 'string') this.desk.said.set(words.film.clipNotKept[kept]);
  }

  /** One that ships: the engine's own figure on a drawn court. It is there to be tried on: what is marked in it stays on the device. */
  async drawn(drawn: Drawn): Promise<void> {
    const name = `${drawn}.${DRAWN[drawn]}`;
    try {
      const answer = await fetch(`/films/${name}`);
      if (!answer.ok) throw new Error(answer.statusText);
      await this.open(new File([await answer.blob()], name), null, false);
    } catch {
      this.desk.said.set(words.film.drawnMissing);
    }
  }

  /**
   * What was marked in a clip that is not here: its times, places and words, without a picture.
   * @param theirs as the club has it; what this device keeps of it is met by that
   */
  async lost({ clip: hash, name, work: { film } }: FilmKept): Promise<void> {
    if (film === null) return this.desk.said.set(words.film.lostNothing(name));
    await this.opening.ask(
      async () => {
        const { lostClip } = await import('../../compute/lost-clip');
        return { clip: lostClip(film), work: await this.works.of(hash, film.frames) };
      },
      ({ clip, work }) => {
        this.desk.said.set('');
        this.desk.place({ clip, file: null, keptAs: null, shown: work, opened: { hash, name, kept: work, toClub: true, lost: true } });
      },
      () => this.desk.said.set(words.common.stopped),
    );
  }
}

/** How slow a clip plays: as it was said, or as its camera wrote it where nobody has said or marked anything. */
const asFilmed = (work: FilmWork, { frames, taken }: Clip): number =>
  work.slow === 1 && work.marks.length === 0 && taken !== null ? slowByRate(frames, taken) : work.slow;
