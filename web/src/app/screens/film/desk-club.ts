import { computed, effect, inject, Injectable, untracked } from '@angular/core';
import type { FilmWork } from '@hopsk/contract/film-work';
import { words } from '@hopsk/words/words';
import { FilmSending } from '../../data/film-sending';
import { FilmDesk, type Opened } from './desk';

/** What lies on the desk and what the club has of it: what is marked goes there, and what others marked comes here. */
@Injectable()
export class DeskClub {
  private readonly desk = inject(FilmDesk);
  private readonly sending = inject(FilmSending);
  private readonly opened = this.desk.opened;
  private readonly standing = computed(() => {
    const opened = this.opened();
    return opened && this.desk.clip() ? (this.sending.standing().get(opened.hash) ?? null) : null;
  });
  /** Others marked the same clip since: what they have, or nothing where they took it away. */
  readonly elsewhere = computed(() => {
    const standing = this.standing();
    return standing?.is === 'elsewhere' ? standing : null;
  });
  /** Where it is, in words; nothing where nothing was marked. */
  readonly says = computed((): string => {
    const [opened, standing] = [this.opened(), this.standing()];
    if (opened?.toClub === false) return words.film.onlyHere;
    if (standing?.is === 'sent') return words.film.withClub;
    return standing?.is === 'waits' ? words.film.waits : '';
  });
  /** The club has what was marked in it. */
  readonly isThere = computed(() => this.standing()?.is === 'sent');
  /** Why the club does not take it. */
  readonly refused = computed(() => {
    const standing = this.standing();
    return standing?.is === 'refused' ? standing.why : '';
  });
  /** What was met last, and how it was when it came onto the desk. */
  private met: Opened | null = null;
  private begun: FilmWork | null = null;

  constructor() {
    effect(() => {
      const [opened, work] = [this.opened(), this.desk.work()];
      if (opened?.toClub) untracked(() => this.changed(opened, work));
    });
  }

  private changed(opened: Opened, work: FilmWork): void {
    if (opened === this.met) {
      if (work !== this.begun) void this.sending.waits(opened.hash, opened.name);
      return;
    }
    [this.met, this.begun] = [opened, work];
    void this.meet(opened, work);
  }

  private async meet(opened: Opened, begun: FilmWork): Promise<void> {
    const theirs = await this.sending.meet(opened.hash, opened.name, opened.kept);
    // Marked meanwhile: what is here stays, and a save says that there is something else.
    if (!theirs || this.opened() !== opened || this.desk.work() !== begun) return;
    this.desk.arrive(theirs);
    this.begun = this.desk.work();
  }

  async keepOurs(): Promise<void> {
    const [opened, met] = [this.opened(), this.elsewhere()];
    if (opened && met) await this.sending.keepOurs(opened.hash, opened.name, met.theirs);
  }

  async takeTheirs(): Promise<void> {
    const [opened, met] = [this.opened(), this.elsewhere()];
    if (opened && met) this.desk.put(await this.sending.takeTheirs(opened.hash, met.theirs));
  }
}
