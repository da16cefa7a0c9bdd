import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { definitionsOf, type OwnMove } from '@hopsk/core/language/own-moves';
import { understand } from '@hopsk/core/language/plain';
import { words } from '@hopsk/words/words';

/** How the line was understood, in the plain form, where that is not what was typed; it can be taken over. */
@Component({
  selector: 'hop-plain-line',
  template: `
    @if (understood(); as u) {
      <p>
        <span class="muted">{{ text.readAs }}</span>
        <span class="num" translate="no">{{ u.plain }}</span>
        @if (u.whole) {
          <button type="button" class="plain link" (click)="taken.emit(u.plain)">{{ text.takeOver }}</button>
        }
      </p>
    }
  `,
  styles: `
    p {
      display: flex;
      flex-wrap: wrap;
      gap: 2px 10px;
      align-items: baseline;
      margin: 6px 0 0;
    }
    .link {
      text-decoration: underline;
      min-height: 32px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PlainLine {
  readonly steps = input.required<string>();
  readonly own = input<readonly OwnMove[]>([]);
  readonly taken = output<string>();
  protected readonly text = words.steps;
  private readonly read = computed(() => understand(this.steps(), definitionsOf(this.own())));
  protected readonly understood = computed(() => (this.read().same || this.read().plain === '' ? null : this.read()));
}
