import { ChangeDetectionStrategy, Component, inject, viewChild } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import type { Athlete } from '@hopsk/contract/people';
import { words } from '@hopsk/words/words';
import { performance } from '../../compute/performance';
import { TeachingStore } from '../../data/teaching';
import { MovingLine, type WrittenLine } from '../../parts/moving-line';

/** A line as it is run, and who does it. */
export interface Goes {
  readonly name: string;
  readonly line: WrittenLine;
  readonly athlete: Athlete | null;
  /** What is looked for in it, and from where. */
  readonly look: string;
}

/** How the steps of what is on go: drawn and moving, as whoever is watched does them. */
@Component({
  selector: 'hop-how-it-goes',
  imports: [MatButton, MovingLine],
  template: `
    <h2 id="how">
      <bdi>{{ goes.name }}</bdi>
    </h2>
    <p translate="no">{{ text }}</p>
    @if (goes.look !== '') {
      <p class="muted">{{ goes.look }}</p>
    }
    <hop-moving-line
      [name]="goes.name"
      [line]="goes.line"
      [athlete]="goes.athlete"
      [stances]="club.stances()"
      [moves]="club.teaching().moves"
    />
    <div class="keys">
      <button mat-stroked-button [disabled]="!moving()?.study()" (click)="moving()?.player?.toggle()">
        {{ moving()?.player?.playing() ? words.run.stands : words.run.moves }}
      </button>
      <button mat-flat-button (click)="self.close()">{{ words.common.close }}</button>
    </div>
  `,
  styles: `
    :host {
      display: flex;
      flex-direction: column;
      gap: 10px;
      padding: 16px;
      height: 100%;
    }
    h2,
    p {
      margin: 0;
    }
    hop-moving-line {
      flex: 1;
      min-height: 200px;
    }
    .keys {
      display: flex;
      justify-content: flex-end;
      gap: 8px;
    }
    .keys button {
      min-height: 48px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HowItGoes {
  protected readonly self = inject<MatDialogRef<HowItGoes, void>>(MatDialogRef);
  protected readonly goes = inject<Goes>(MAT_DIALOG_DATA);
  protected readonly club = inject(TeachingStore);
  protected readonly words = words;
  protected readonly text = performance(this.goes.line, this.goes.athlete, { own: this.club.stances() }).text;
  protected readonly moving = viewChild(MovingLine);
}
