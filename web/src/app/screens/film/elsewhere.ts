import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { NO_WORK, type FilmWork } from '@hopsk/contract/film-work';
import { words } from '@hopsk/words/words';
import { FilmDesk } from './desk';
import { DeskClub } from './desk-club';

const counted = ({ marks, prints }: FilmWork): string => words.film.marksAndFeet(marks.length, prints.length);

/** What others marked in the clip on the desk, where that is not what is here; and why the club does not take what is here. */
@Component({
  selector: 'hop-film-elsewhere',
  imports: [MatButton],
  template: `
    @if (club.refused(); as why) {
      <p class="said beware" role="alert">{{ text.notWithClub(why) }}</p>
    }
    @if (theirs(); as has) {
      <div class="said note" role="alert">
        <p>{{ text.elsewhere(has, ours()) }}</p>
        <div class="row">
          <button mat-flat-button (click)="club.keepOurs()">{{ text.keepOurs }}</button>
          <button mat-stroked-button (click)="club.takeTheirs()">{{ text.takeTheirs }}</button>
        </div>
      </div>
    }
  `,
  styleUrl: './made.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Elsewhere {
  protected readonly club = inject(DeskClub);
  private readonly desk = inject(FilmDesk);
  protected readonly text = words.film;
  protected readonly ours = computed(() => counted(this.desk.work()));
  protected readonly theirs = computed(() => {
    const met = this.club.elsewhere();
    return met && counted(met.theirs?.work ?? NO_WORK);
  });
}
