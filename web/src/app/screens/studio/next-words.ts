import { ChangeDetectionStrategy, Component, computed, DestroyRef, inject, input, output, signal } from '@angular/core';
import { nextWords } from '@hopsk/core/language/next-words';
import { words } from '@hopsk/words/words';

/** Screens on which they are seen: as the style has it. */
const SEEN = matchMedia('(max-width: 760px), (pointer: coarse)');

/** Likely next words of a line as buttons, where a keyboard covers half of the screen. */
@Component({
  selector: 'hop-next-words',
  template: `
    <div class="next" role="group" [attr.aria-label]="text.nextWords">
      @for (one of next().texts; track one) {
        <button
          type="button"
          class="plain chip"
          translate="no"
          (pointerdown)="$event.preventDefault()"
          (click)="written.emit({ from: next().from, text: one })"
        >
          {{ one }}
        </button>
      }
    </div>
  `,
  styles: `
    :host {
      display: none;
    }
    @media (max-width: 760px), (pointer: coarse) {
      :host {
        display: block;
      }
    }
    .next {
      display: flex;
      gap: 6px;
      overflow-x: auto;
      padding: 6px 0 2px;
      min-height: 52px;
    }
    .chip {
      flex: none;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NextWordsOf {
  /** What stands before the caret. */
  readonly before = input.required<string>();
  readonly sport = input('');
  readonly written = output<{ readonly from: number; readonly text: string }>();
  protected readonly text = words.steps;
  /** Where it is not seen nothing is worked out. */
  private readonly seen = signal(SEEN.matches);
  protected readonly next = computed(() => (this.seen() ? nextWords(this.before(), this.sport()) : { from: 0, texts: [] }));

  constructor() {
    const look = (): void => this.seen.set(SEEN.matches);
    SEEN.addEventListener('change', look);
    inject(DestroyRef).onDestroy(() => SEEN.removeEventListener('change', look));
  }
}
