import { booleanAttribute, ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { words } from '@hopsk/words/words';
import { Icon } from '../ui/icon';
import type { Typed } from '../data/typed';

/** In the head of a page on which a record is typed: whether it is saved, a step back and on, and the save. */
@Component({
  selector: 'hop-keeping',
  imports: [MatButton, Icon, MatIconButton],
  template: `
    @if (typed().dirty()) {
      <span class="muted mark unsaved">{{ text.unsaved }}</span>
    } @else if (typed().save()?.state === 'saved') {
      <span class="good mark" role="status">{{ text.saved }}</span>
    }
    <button mat-icon-button data-many (click)="undone.emit()" [disabled]="!canUndo()" [attr.aria-label]="text.undo">
      <hop-icon name="undo" />
    </button>
    <button mat-icon-button data-many (click)="redone.emit()" [disabled]="!canRedo()" [attr.aria-label]="text.redo">
      <hop-icon name="redo" />
    </button>
    <button
      [matButton]="quiet() ? 'outlined' : 'filled'"
      (click)="typed().submit()"
      [disabled]="!typed().opened() || typed().save()?.state === 'saving'"
    >
      {{ text.save }}
    </button>
  `,
  styles: ':host { display: contents; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Keeping {
  readonly typed = input.required<Pick<Typed<never, never>, 'dirty' | 'save' | 'opened' | 'submit'>>();
  readonly canUndo = input.required<boolean>();
  readonly canRedo = input.required<boolean>();
  /** Something else is what the page is for. */
  readonly quiet = input(false, { transform: booleanAttribute });
  readonly undone = output();
  readonly redone = output();
  protected readonly text = words.common;
}
