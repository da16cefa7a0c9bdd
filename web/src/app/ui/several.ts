import { ChangeDetectionStrategy, Component, input, linkedSignal, output } from '@angular/core';
import { MatOption, MatSelect, MatSelectTrigger } from '@angular/material/select';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import type { Option } from './options';

/** Something that can be taken beside others, and what it is about. */
export interface Taken<T> extends Option<T> {
  readonly about?: string;
}

/** Several of many, under a label: at most so many of them. */
@Component({
  selector: 'hop-several',
  imports: [MatOption, MatSelect, MatSelectTrigger],
  template: `
    <span class="label" aria-hidden="true" (click)="select.focus()">{{ label() }}</span>
    <mat-select
      #select
      multiple
      [value]="now()"
      [aria-label]="label()"
      panelWidth=""
      panelClass="choices"
      (selectionChange)="take($event.value)"
    >
      <mat-select-trigger>{{ named() }}</mat-select-trigger>
      @for (one of options(); track one.value) {
        <mat-option [value]="one.value"
          >{{ one.label }}
          @if (one.about) {
            <span class="muted">– {{ one.about }}</span>
          }
        </mat-option>
      }
    </mat-select>
    @if (wrong()) {
      <small class="wrong" role="alert">{{ wrong() }}</small>
    }
  `,
  styleUrl: './choice.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Several<T> {
  readonly label = input.required<string>();
  readonly options = input.required<readonly Taken<T>[]>();
  readonly value = input.required<readonly T[]>();
  readonly most = input(Infinity);
  readonly taken = output<readonly T[]>();
  /** What is ticked, which may be more than can be taken. */
  protected readonly now = linkedSignal(() => this.value());
  protected readonly wrong = linkedSignal({ source: this.value, computation: () => '' });

  protected named(): string {
    return this.options()
      .filter(({ value }) => this.now().includes(value))
      .map(({ label }) => label)
      .join(', ');
  }

  protected take(values: readonly T[]): void {
    this.now.set(values);
    const tooMany = values.length > this.most();
    this.wrong.set(tooMany ? say(words.fields, { code: 'too-many', values: { most: this.most() } }) : '');
    if (!tooMany) this.taken.emit(values);
  }
}
