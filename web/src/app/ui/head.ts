import { ChangeDetectionStrategy, Component, input, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { words } from '@hopsk/words/words';
import { newName } from './names';

/**
 * The head of a page: the way back, what the page is called, what it is about (`rest`), and what is done most (`acts`).
 * On a phone it is one row; the rest waits behind a button.
 */
@Component({
  selector: 'hop-head',
  imports: [RouterLink],
  template: `<header>
    @if (back()) {
      <a class="back no-print" [routerLink]="back()"
        >←<span class="hidden"> {{ backTo() }}</span></a
      >
    }
    <ng-content />
    <button
      type="button"
      class="plain opener no-print"
      data-many
      [attr.aria-label]="text.restOfHead"
      [attr.aria-expanded]="open()"
      [attr.aria-controls]="name"
      (click)="open.set(!open())"
    >
      ⋮
    </button>
    <div class="rest" [id]="name" [class.open]="open()"><ng-content select="[rest]" /></div>
    <div class="acts no-print"><ng-content select="[acts]" /></div>
  </header>`,
  styleUrl: './head.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Head {
  /** Where the page was come from. */
  readonly back = input<string>('');
  readonly backTo = input('');
  protected readonly text = words.common;
  protected readonly name = newName('rest');
  protected readonly open = signal(false);
}
