import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { Box } from './box';
import type { Reads } from './reads';

/** A line of text that a form asks for. */
export interface Field<Key extends string> {
  readonly key: Key;
  readonly label: string;
  readonly reads: Reads<string>;
  /** What the browser may fill it with. */
  readonly fill?: string;
  readonly note?: string;
}

/** The boxes of a form that asks for lines of text: one value with a line for each of them. */
@Component({
  selector: 'hop-fields',
  imports: [Box],
  template: `
    @for (field of fields(); track field.key) {
      <hop-box
        [label]="field.label"
        [reads]="field.reads"
        [fill]="field.fill ?? 'off'"
        [note]="field.note ?? ''"
        [value]="value()[field.key]"
        [said]="said()(field.key)"
        (taken)="take(field.key, $event)"
      />
    }
  `,
  styles: `
    :host {
      display: contents;
    }
    hop-box {
      width: var(--field, auto);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Fields<Key extends string> {
  readonly fields = input.required<readonly Field<Key>[]>();
  readonly value = input.required<Readonly<Record<Key, string>>>();
  /** What the server says of a field. */
  readonly said = input<(key: Key) => string>(() => '');
  readonly taken = output<Readonly<Record<Key, string>>>();

  protected take(key: Key, line: string): void {
    this.taken.emit({ ...this.value(), [key]: line });
  }
}
