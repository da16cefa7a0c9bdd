import { booleanAttribute, ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { TeachingStore } from '../data/teaching';
import { Box } from '../ui/box';
import { asTyped } from '../ui/reads';
import { PlainLine } from './plain-line';

/** Characters of a line in a form; the studio takes longer ones. */
const MOST = 4000;

/** A box for a line of steps: beneath it stands how it was read where that is not what was typed, and what is asked of it. */
@Component({
  selector: 'hop-line-box',
  imports: [Box, PlainLine],
  template: `
    <hop-box
      [quiet]="quiet()"
      code
      [rows]="rows()"
      [label]="label()"
      [hint]="hint()"
      [reads]="reads"
      [value]="value()"
      (taken)="taken.emit($event)"
    />
    <hop-plain-line [steps]="value()" [own]="club.teaching().moves" (taken)="taken.emit($event)" (answered)="answer($event)" />
  `,
  styles: `
    :host {
      display: block;
      min-width: 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LineBox {
  readonly label = input.required<string>();
  readonly value = input.required<string>();
  /** An example, while nothing stands in it. */
  readonly hint = input('');
  readonly rows = input(0);
  readonly quiet = input(false, { transform: booleanAttribute });
  readonly taken = output<string>();
  protected readonly club = inject(TeachingStore);
  protected readonly reads = asTyped(MOST);

  protected answer({ from, to, insert }: { readonly from: number; readonly to: number; readonly insert: string }): void {
    this.taken.emit(this.value().slice(0, from) + insert + this.value().slice(to));
  }
}
