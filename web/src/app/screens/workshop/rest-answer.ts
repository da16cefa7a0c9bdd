import { ChangeDetectionStrategy, Component, input, output, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { LONGEST_REST } from '@hopsk/core/language/dose';
import { words } from '@hopsk/words/words';
import { Box } from '../../ui/box';
import { numbers } from '../../ui/reads';
import { Whole } from '../../ui/whole';

/** A rest that is offered where one is asked for, seconds (common practice, no source). */
const USUAL_REST = 20;

/** How long a rest is, asked where the plan needs it. */
@Component({
  selector: 'hop-rest-answer',
  imports: [Box, MatButton, Whole],
  template: `
    <form (hopWhole)="answered.emit(rest())">
      <hop-box live quiet [label]="label()" [reads]="seconds" [value]="rest()" (taken)="rest.set($event)" /> s
      <button mat-stroked-button>{{ text.decide }}</button>
    </form>
  `,
  styles: `
    form {
      display: flex;
      align-items: center;
      gap: 6px;
    }
    hop-box {
      width: 76px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RestAnswer {
  readonly label = input.required<string>();
  /** Seconds. */
  readonly answered = output<number>();
  protected readonly text = words.build;
  protected readonly seconds = numbers({ low: 0, high: LONGEST_REST, unit: 's', step: 5, whole: true });
  protected readonly rest = signal(USUAL_REST);
}
