import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { ICONS, type IconName } from './look/icons';

/** One of the few icons in use; what it means stands beside it, or on what it is in. */
@Component({
  selector: 'hop-icon',
  template: `<svg viewBox="0 0 24 24" fill="none" stroke="currentColor" stroke-width="2" stroke-linecap="round" stroke-linejoin="round">
    <path [attr.d]="path()" />
  </svg>`,
  styles: `
    :host {
      display: inline-block;
      flex: none;
      width: 24px;
      height: 24px;
    }
    svg {
      display: block;
      width: 100%;
      height: 100%;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { 'aria-hidden': 'true' },
})
export class Icon {
  readonly name = input.required<IconName>();
  protected readonly path = computed(() => ICONS[this.name()]);
}
