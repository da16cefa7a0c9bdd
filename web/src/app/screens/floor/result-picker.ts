import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatDialogRef } from '@angular/material/dialog';
import { RESULTS, type Result } from '@hopsk/core/log/event';
import { words } from '@hopsk/words/words';

/** Where the ball or blade went: kept apart from the feet. */
@Component({
  selector: 'hop-result-picker',
  template: `
    @for (result of results; track result) {
      <button type="button" class="plain" (click)="self.close(result)">{{ text.results[result] }}</button>
    }
  `,
  styles: `
    :host {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 12px;
      padding: 14px;
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
  protected readonly self = inject<MatDialogRef<ResultPicker, Result | null>>(MatDialogRef);
  protected readonly text = words.run;
  protected readonly results = RESULTS;
}
