import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatDialogRef } from '@angular/material/dialog';
import { words } from '@hopsk/words/words';

/** What the keys do during a run. */
@Component({
  selector: 'hop-key-list',
  imports: [MatButton],
  template: `
    <h2 id="key-list">{{ text.keysTitle }}</h2>
    <dl>
      @for (row of text.keys; track row[0]) {
        <dt>{{ row[0] }}</dt>
        <dd>{{ row[1] }}</dd>
      }
    </dl>
    <button mat-flat-button (click)="self.close()">{{ common.close }}</button>
  `,
  styles: `
    :host {
      display: block;
      padding: 20px;
    }
    dl {
      display: grid;
      grid-template-columns: auto 1fr;
      gap: 6px 16px;
    }
    dt {
      font: 600 16px var(--label);
    }
    dd {
      margin: 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class KeyList {
  protected readonly text = words.run;
  protected readonly common = words.common;
  protected readonly self = inject<MatDialogRef<KeyList>>(MatDialogRef);
}
