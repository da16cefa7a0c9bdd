import {
  booleanAttribute,
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  inject,
  Injector,
  input,
  output,
  viewChild,
} from '@angular/core';
import { MatOption, MatSelect } from '@angular/material/select';
import type { Option } from './options';

/** One of several, under a label. What is shown is always the value that came in: where a choice is only an order, it goes back. */
@Component({
  selector: 'hop-choice',
  imports: [MatOption, MatSelect],
  template: `
    <span class="label" [class.hidden]="quiet()" aria-hidden="true" (click)="select.focus()">{{ label() }}</span>
    <mat-select
      #select
      [value]="value()"
      [aria-label]="label()"
      [placeholder]="hint()"
      [disabled]="off()"
      canSelectNullableOptions
      hideSingleSelectionIndicator
      panelWidth=""
      panelClass="choices"
      (selectionChange)="take($event.value)"
    >
      @for (one of options(); track one.value) {
        <mat-option [value]="one.value">{{ one.label }}</mat-option>
      }
    </mat-select>
  `,
  styleUrl: './choice.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Choice<T> {
  readonly label = input.required<string>();
  /** The label is only read aloud. */
  readonly quiet = input(false, { transform: booleanAttribute });
  readonly options = input.required<readonly Option<T>[]>();
  readonly value = input.required<T>();
  /** Shown where nothing is chosen. */
  readonly hint = input('');
  readonly off = input(false, { transform: booleanAttribute });
  readonly taken = output<T>();
  private readonly injector = inject(Injector);
  private readonly select = viewChild.required(MatSelect);

  protected take(value: T): void {
    this.taken.emit(value);
    afterNextRender(() => (this.select().value = this.value()), { injector: this.injector });
  }
}
