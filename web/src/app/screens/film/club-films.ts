import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import type { FilmRow } from '@hopsk/contract/films';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { firstValueFrom } from 'rxjs';
import { ClipSharing } from '../../data/clip-sharing';
import { Clips } from '../../data/clips';
import { FilmSending } from '../../data/film-sending';
import { FilmWorks } from '../../data/film-works';
import { FilmsApi } from '../../data/films-api';
import { troubleOf } from '../../data/problem';
import { people } from '../../data/records';
import { Ask } from '../../ui/ask';
import { once } from '../../ui/once';
import { FilmDesk } from './desk';
import { FilmOpening } from './opening';
import { FilmTransfer } from './transfer';

/** What the club's coaches marked in clips: looked at with the clip where it is here, without its pictures where it is not. */
@Component({
  selector: 'hop-club-films',
  imports: [FilmTransfer],
  template: `
    <hop-film-transfer />
    @if (rows().length > 0) {
      <h3>{{ text.clubTitle }}</h3>
      <ol class="made">
        @for (row of rows(); track row.film.clip) {
          <li>
            <button type="button" class="plain" (click)="open(row.film)">
              <strong translate="no">{{ row.film.name }}</strong><br /><span class="num muted">{{ row.says }}</span>
            </button>
            <button type="button" class="plain" [attr.aria-label]="text.forgetMarks(row.film.name)" (click)="forget(row.film)">×</button>
          </li>
        }
      </ol>
    }
  `,
  styleUrl: './made.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClubFilms {
  private readonly api = inject(FilmsApi);
  private readonly clips = inject(Clips);
  private readonly works = inject(FilmWorks);
  private readonly sending = inject(FilmSending);
  private readonly sharing = inject(ClipSharing);
  private readonly desk = inject(FilmDesk);
  private readonly opening = inject(FilmOpening);
  private readonly asking = inject(Ask);
  protected readonly text = words.film;
  private readonly people = inject(Store).selectSignal(people.selectById);
  private readonly films = signal<readonly FilmRow[]>([]);
  protected readonly rows = computed(() =>
    this.films().map((film) => {
      const who = film.athlete === null ? '' : (this.people()[film.athlete]?.name ?? '');
      return {
        film,
        says: this.text.clubSays({
          who,
          day: film.day ?? '',
          marks: film.marks,
          by: film.who ?? '',
          clip: this.hereOf(film) ? '' : film.held !== null ? this.text.clipWithClub : this.text.clipNotHere,
        }),
      };
    }),
  );

  constructor() {
    void this.load();
  }

  /** The clip itself, where this device keeps it. */
  private readonly hereOf = ({ clip }: FilmRow) => this.clips.all().find(({ hash }) => hash === clip) ?? null;

  private async load(): Promise<void> {
    // Without a network there is what the device keeps.
    this.films.set(await firstValueFrom(this.api.list()).catch(() => []));
  }

  protected readonly open = once(async (film: FilmRow) => {
    const here = this.hereOf(film);
    if (here) return this.opening.kept(here);
    try {
      if (film.held !== null) {
        const file = await this.sharing.fetch(film.clip, film.name);
        return file && this.opening.open(file);
      }
      const { film: kept } = await firstValueFrom(this.api.of(film.clip));
      if (kept) return await this.opening.lost(kept);
      // Somebody forgot it meanwhile.
      this.desk.said.set(this.text.forgotten(film.name));
      await this.load();
    } catch (error) {
      this.desk.said.set(troubleOf(error).message);
    }
  });

  protected readonly forget = once(async ({ clip, name }: FilmRow) => {
    const { forgetSure, forgetYes, forgetNo } = this.text;
    if (!(await this.asking.sure({ question: forgetSure(name), yes: forgetYes, no: forgetNo }))) return;
    try {
      await this.sending.forget(clip);
      await this.works.forget(clip);
    } catch (error) {
      this.desk.said.set(troubleOf(error).message);
    }
    await this.load();
  });
}
