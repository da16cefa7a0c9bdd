import { booleanAttribute, ChangeDetectionStrategy, Component, computed, effect, input, output, signal } from '@angular/core';
import { definitionsOf, type OwnMove } from '@hopsk/core/language/own-moves';
import { understand } from '@hopsk/core/language/plain';
import type { Edit } from '@hopsk/core/search/drag';
import { words } from '@hopsk/words/words';

/** Questions that stand beneath the line at once; the others stand with what would go wrong. */
const AT_ONCE = 3;

/** How the line was understood, in the plain form, where that is not what was typed; and what is asked of it, answered with one tap. */
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
    @for (question of questions(); track question.from) {
      <p>
        <span class="muted">{{ text.whatMeant(question.said) }}</span>
        @for (reading of question.readings; track reading) {
          <button type="button" class="plain chip" translate="no" (click)="answer(question, reading)">{{ reading }}</button>
        }
      </p>
    }
  `,
  styles: `
    p {
      display: flex;
      flex-wrap: wrap;
      gap: 4px 10px;
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
  /** Whether it may follow what is typed a moment later, since something else is to be drawn first. */
  readonly later = input(false, { transform: booleanAttribute });
  readonly taken = output<string>();
  readonly answered = output<Edit>();
  protected readonly text = words.steps;
  /** Read once, and not with every key. */
  private readonly names = computed(() => definitionsOf(this.own()));
  private readonly followed = signal('');
  private readonly line = computed(() => (this.later() ? this.followed() : this.steps()));
  private readonly read = computed(() => understand(this.line(), this.names()));
  protected readonly understood = computed(() => (this.read().same || this.read().plain === '' ? null : this.read()));
  protected readonly questions = computed(() =>
    this.read()
      .parsed.errors.filter(({ readings }) => readings.length > 0)
      .slice(0, AT_ONCE)
      .map(({ from, to, readings }) => ({ from, to, readings, said: this.line().slice(from, to) })),
  );

  constructor() {
    effect((onCleanup) => {
      const steps = this.steps();
      if (!this.later()) return;
      const then = setTimeout(() => this.followed.set(steps));
      onCleanup(() => clearTimeout(then));
    });
  }

  protected answer({ from, to }: Pick<Edit, 'from' | 'to'>, insert: string): void {
    this.answered.emit({ from, to, insert });
  }
}
