import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import { type Side, SIDES } from '@hopsk/core/body/foot';
import { PHASES } from '@hopsk/core/catalogue/fault';
import { STRENGTHS, type Closer } from '@hopsk/core/log/event';
import { words } from '@hopsk/words/words';
import { Either } from '../../ui/either';
import { namedOptions, orNone } from '../../ui/options';
import { Choice } from '../../ui/choice';

/** A fault that is looked at closer. */
export interface Closely {
  readonly label: string;
  /** How many take part: a fault can be everybody's. */
  readonly here: number;
}

/** What is said of it beside that it was there. */
export interface ClosedAs extends Closer {
  readonly side: Side | null;
  readonly all: boolean;
}

/** What there is time to say of a fault: on which side, how strong, in which part, of one or of all. */
@Component({
  selector: 'hop-tap-box',
  imports: [Choice, Either, MatButton],
  template: `
    <h2 id="tap">{{ of.label }}</h2>
    <hop-either [label]="text.closerSide" [options]="sides" [value]="side()" (taken)="side.set($event)" />
    <hop-either [label]="text.strength" [options]="strengths" [value]="strength()" (taken)="strength.set($event)" />
    <hop-choice [label]="text.phase" [options]="phases" [value]="phase()" (taken)="phase.set($event)" />
    <div class="keys">
      <button mat-button (click)="self.close(null)">{{ common.notNow }}</button>
      @if (of.here > 1) {
        <button mat-stroked-button (click)="keep(true)">{{ text.ofAll(of.here) }}</button>
      }
      <button mat-flat-button (click)="keep(false)">{{ text.closerKeep }}</button>
    </div>
  `,
  styles: `
    :host {
      display: grid;
      gap: 14px;
      padding: 16px;
    }
    h2 {
      margin: 0;
    }
    .keys {
      display: flex;
      flex-wrap: wrap;
      justify-content: flex-end;
      gap: 8px;
    }
    button {
      min-height: 48px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TapBox {
  protected readonly self = inject<MatDialogRef<TapBox, ClosedAs | null>>(MatDialogRef);
  protected readonly of = inject<Closely>(MAT_DIALOG_DATA);
  protected readonly text = words.run;
  protected readonly common = words.common;
  protected readonly sides = orNone(words.run.noSide, namedOptions(SIDES, words.common.sides));
  protected readonly strengths = orNone(words.run.noStrength, namedOptions(STRENGTHS, words.run.strengths));
  protected readonly phases = orNone(words.run.noPhase, namedOptions(PHASES, words.run.phases));
  protected readonly side = signal<Side | null>(null);
  protected readonly strength = signal<NonNullable<Closer['strength']> | null>(null);
  protected readonly phase = signal<NonNullable<Closer['phase']> | null>(null);

  protected keep(all: boolean): void {
    const [strength, phase] = [this.strength(), this.phase()];
    this.self.close({ side: this.side(), all, ...(strength && { strength }), ...(phase && { phase }) });
  }
}
