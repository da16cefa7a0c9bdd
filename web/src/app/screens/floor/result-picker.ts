import { ChangeDetectionStrategy, Component, type ElementRef, output, viewChild } from '@angular/core';
import { RESULTS, type Result } from '@hopsk/core/log/event';
import { words } from '@hopsk/words/words';

/** Where the ball or blade went: kept apart from the feet. */
@Component({
  selector: 'hop-result-picker',
  template: `
    <dialog #box [attr.aria-label]="text.result">
      @for (result of results; track result) {
        <button type="button" class="plain" (click)="take(result)">{{ text.results[result] }}</button>
      }
    </dialog>
  `,
  styles: `
    dialog {
      border: 0;
      border-radius: 10px;
      padding: 14px;
      background: var(--paper);
      color: var(--ink);
    }
    dialog[open] {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 12px;
    }
    dialog::backdrop {
      background: rgb(0 0 0 / 55%);
    }
    button {
      min-width: 140px;
      min-height: 96px;
      border: 2px solid var(--edge);
      border-radius: 9px;
      background: var(--raised);
      font: 600 24px var(--label);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ResultPicker {
  readonly taken = output<Result>();
  protected readonly text = words.run;
  protected readonly results = RESULTS;
  private readonly box = viewChild.required<ElementRef<HTMLDialogElement>>('box');

  open(): void {
    this.box().nativeElement.showModal();
  }

  protected take(result: Result): void {
    this.box().nativeElement.close();
    this.taken.emit(result);
  }
}
