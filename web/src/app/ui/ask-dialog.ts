import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogActions, MatDialogClose, MatDialogContent, MatDialogRef } from '@angular/material/dialog';
import type { Question } from './ask';
import { Box } from './box';
import { asTyped } from './reads';

/** One question with its two answers, and a box where it asks for a word. */
@Component({
  selector: 'hop-ask',
  imports: [Box, MatButton, MatDialogActions, MatDialogClose, MatDialogContent],
  template: `
    <form (submit)="$event.preventDefault(); answer()" novalidate>
      <mat-dialog-content>
        <p id="question">{{ asked.question }}</p>
        @if (asked.box; as box) {
          <hop-box live [label]="box.label" [reads]="reads" [value]="word()" [said]="wrong()" (taken)="type($event)" />
        }
      </mat-dialog-content>
      <mat-dialog-actions>
        <button mat-flat-button type="submit">{{ asked.yes }}</button>
        <button mat-button type="button" [mat-dialog-close]="null">{{ asked.no }}</button>
      </mat-dialog-actions>
    </form>
  `,
  styles: `
    p {
      margin: 0 0 12px;
    }
    mat-dialog-actions {
      padding: 0 24px 20px;
      gap: 8px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AskDialog {
  protected readonly asked = inject<Question>(MAT_DIALOG_DATA);
  private readonly self = inject<MatDialogRef<AskDialog, string | null>>(MatDialogRef);
  protected readonly reads = asTyped(this.asked.box?.most ?? 0);
  protected readonly word = signal('');
  protected readonly wrong = signal('');

  protected type(word: string): void {
    this.word.set(word);
    this.wrong.set('');
  }

  protected answer(): void {
    const word = this.word().trim();
    this.wrong.set(this.asked.box?.wrong(word) ?? '');
    if (this.wrong() === '') this.self.close(word);
  }
}
