import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { words } from '@hopsk/words/words';
import type { Typed } from '../data/typed';

/** Why a record could not be saved: fields that cannot be, or what somebody else saved meanwhile, with the ways on. */
@Component({
  selector: 'hop-refusals',
  imports: [MatButton],
  template: `
    @for (field of typed().wrongFields(); track field.path) {
      <p class="said wrong" role="alert">{{ field.name }} {{ field.message }}</p>
    }
    @if (typed().trouble(); as trouble) {
      <div class="said wrong" role="alert">
        <p>{{ trouble.message }}</p>
        @if (trouble.kind === 'stale') {
          <p>{{ trouble.changed?.join(', ') }}</p>
          <button type="button" mat-stroked-button (click)="typed().submit(true)">{{ common.keepMine }}</button>
          <button type="button" mat-button (click)="typed().takeTheirs()">{{ common.takeTheirs }}</button>
        }
      </div>
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Refusals {
  readonly typed = input.required<Pick<Typed<never, never>, 'wrongFields' | 'trouble' | 'submit' | 'takeTheirs'>>();
  protected readonly common = words.common;
}
