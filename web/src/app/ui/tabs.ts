import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatTabLink, MatTabNav, type MatTabNavPanel } from '@angular/material/tabs';
import type { Option } from './options';

/** Views of the same thing beside each other, one of which is shown. */
@Component({
  selector: 'hop-tabs',
  imports: [MatTabLink, MatTabNav],
  template: `<nav mat-tab-nav-bar [tabPanel]="panel()" [attr.aria-label]="label()" mat-stretch-tabs="false" disableRipple>
    @for (one of tabs(); track one.value) {
      <button type="button" mat-tab-link [active]="one.value === on()" (click)="taken.emit(one.value)">{{ one.label }}</button>
    }
  </nav>`,
  styles: `
    :host {
      display: block;
      min-width: 0;
      --mat-tab-active-indicator-color: var(--accent);
      --mat-tab-active-hover-indicator-color: var(--accent);
      --mat-tab-active-focus-indicator-color: var(--accent);
      --mat-tab-active-indicator-height: 3px;
      --mat-tab-divider-height: 0;
      --mat-tab-container-height: 42px;
      --mat-tab-label-text-font: var(--label);
      --mat-tab-label-text-size: 15px;
      --mat-tab-label-text-weight: 600;
      --mat-tab-label-text-tracking: 0;
    }
    button {
      min-width: 0;
      padding: 0 12px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Tabs<T> {
  readonly label = input.required<string>();
  /** Where the view that is shown stands. */
  readonly panel = input.required<MatTabNavPanel>();
  readonly tabs = input.required<readonly Option<T>[]>();
  readonly on = input.required<T>();
  readonly taken = output<T>();
}
