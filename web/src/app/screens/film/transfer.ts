import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { words } from '@hopsk/words/words';
import { ClipSharing } from '../../data/clip-sharing';

/** How far a clip has come on its way to the club or from it. */
@Component({
  selector: 'hop-film-transfer',
  imports: [MatButton],
  template: `
    @if (says(); as way) {
      <p class="row middle">
        <span class="num" role="status">{{ way }}</span>
        <button mat-button (click)="sharing.stop()">{{ text.stopClip }}</button>
      </p>
    }
  `,
  styleUrl: './made.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmTransfer {
  protected readonly sharing = inject(ClipSharing);
  protected readonly text = words.film;
  protected readonly says = computed(() => {
    const one = this.sharing.onItsWay();
    return one && this.text.clipGoes(one.way, Math.round(one.done / 1e6), Math.ceil(one.bytes / 1e6));
  });
}
