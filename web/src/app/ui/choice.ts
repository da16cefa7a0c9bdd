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

/** One thing that can be chosen, and what it is called. */
export interface Option<T> {
  readonly value: T;
  readonly label: string;
}

/** Things by the names they have in a table of words. */
export const namedOptions = <K extends string>(values: readonly K[], names: Readonly<Record<K, string>>): readonly Option<K>[] =>
  values.map((value) => ({ value, label: names[value] }));

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

/** Records by their names. */
export const byId = (rows: readonly { readonly id: string; readonly name: string }[]): readonly Option<string>[] =>
  rows.map(({ id, name }) => ({ value: id, label: name }));

/** What has a code, by its name. */
export const byCode = (rows: readonly { readonly code: string; readonly name: string }[]): readonly Option<string>[] =>
  rows.map(({ code, name }) => ({ value: code, label: name }));

/** The same, after a first one that stands for none of them. */
export const orNone = <T>(label: string, options: readonly Option<T>[]): readonly Option<T | null>[] => [
  { value: null, label },
  ...options,
];
