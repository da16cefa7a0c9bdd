import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import { words } from '@hopsk/words/words';
import { Clips, KEPT_DAYS, type KeptClip } from '../../data/clips';
import { people } from '../../data/records';
import { FilmOpening } from './opening';

const DAY = 86_400_000;

/** The clips that this device keeps: to be opened, kept on, or erased. */
@Component({
  selector: 'hop-kept-clips',
  imports: [MatButton],
  template: `
    @if (rows().length > 0) {
      <h3>{{ text.keptTitle }}</h3>
      @if (clips.lasting() === false) {
        <p class="muted">{{ text.notLasting }}</p>
      }
      <ol class="made">
        @for (row of rows(); track row.clip.id) {
          <li>
            <button type="button" class="plain" (click)="opening.kept(row.clip)">
              <strong translate="no">{{ row.clip.name }}</strong><br /><span class="num muted">{{ row.says }}</span>
            </button>
            <button type="button" class="plain" [attr.aria-label]="text.eraseClip(row.clip.name)" (click)="erase(row.clip)">×</button>
          </li>
          @if (row.old) {
            <li>
              <span class="says">{{ text.stillNeeded(keptDays) }}</span>
              <button mat-button (click)="keepOn(row.clip)">{{ text.keepOn }}</button>
            </li>
          }
        }
      </ol>
    }
  `,
  styleUrl: './made.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KeptClips {
  protected readonly clips = inject(Clips);
  protected readonly opening = inject(FilmOpening);
  private readonly store = inject(Store);
  protected readonly text = words.film;
  protected readonly keptDays = KEPT_DAYS;
  private readonly people = this.store.selectSignal(people.selectById);
  protected readonly rows = computed(() =>
    this.clips.all().map((clip) => {
      const who = clip.athlete === null ? '' : (this.people()[clip.athlete]?.name ?? '');
      const days = Math.floor((Date.now() - clip.keptAt) / DAY);
      return { clip, says: this.text.keptSays((clip.bytes / 1e6).toFixed(1), days, who), old: days >= KEPT_DAYS };
    }),
  );

  constructor() {
    void this.clips.load();
  }

  protected erase(clip: KeptClip): void {
    void this.clips.erase(clip.id);
  }

  protected keepOn(clip: KeptClip): void {
    void this.clips.keepOn(clip.id);
  }
}
