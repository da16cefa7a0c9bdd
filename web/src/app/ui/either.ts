import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { newName } from './names';
import type { Option } from './options';

/** One of a few, all of them in sight. */
@Component({
  selector: 'hop-either',
  template: `<fieldset>
    <legend class="hidden">{{ label() }}</legend>
    @for (one of options(); track one.value) {
      <label [class.on]="one.value === value()"
        ><input type="radio" [name]="name" [checked]="one.value === value()" (change)="taken.emit(one.value)" />{{ one.label }}</label
      >
    }
  </fieldset>`,
  styles: `
    fieldset {
      display: inline-flex;
      margin: 0;
      padding: 0;
      border: 1px solid var(--edge);
      border-radius: 8px;
      overflow: hidden;
    }
    label {
      position: relative;
      padding: 0 14px;
      min-height: 48px;
      line-height: 48px;
      font: 600 16px/48px var(--label);
      cursor: pointer;
    }
    label + label {
      border-left: 1px solid var(--edge);
    }
    label.on {
      background: var(--ink);
      color: var(--paper);
    }
    input {
      position: absolute;
      inset: 0;
      margin: 0;
      opacity: 0;
      cursor: pointer;
    }
    label:focus-within {
      outline: 3px solid var(--accent);
      outline-offset: -3px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Either<T> {
  readonly label = input.required<string>();
  readonly options = input.required<readonly Option<T>[]>();
  readonly value = input.required<T>();
  readonly taken = output<T>();
  protected readonly name = newName('either');
}
