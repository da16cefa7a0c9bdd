import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { words } from '@hopsk/words/words';
import { Choice } from '../../ui/choice';
import { SPEEDS, type Playing } from './playing';

/** Plays and stops, how fast, and whether again and again. What is looped over stands beside it. */
@Component({
  selector: 'hop-film-player',
  imports: [Choice, MatButton],
  template: `
    <button mat-stroked-button (click)="playing().turn()">{{ playing().on() ? text.stopPlaying : text.play }}</button>
    <hop-choice quiet [label]="text.speed" [options]="speeds" [value]="playing().speed()" (taken)="playing().speed.set($event)" />
    <ng-content />
    <label class="tick"
      ><input type="checkbox" [checked]="playing().again()" (change)="playing().again.set(!playing().again())" /> {{ text.loop }}</label
    >
  `,
  styles: `
    :host {
      display: flex;
      flex-wrap: wrap;
      gap: 4px 12px;
      align-items: center;
    }
    button {
      min-height: 48px;
      min-width: 92px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmPlayer {
  readonly playing = input.required<Playing>();
  protected readonly text = words.film;
  protected readonly speeds = SPEEDS.map((value) => ({ value, label: words.film.speeds[value] }));
}
