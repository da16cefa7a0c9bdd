import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogActions, MatDialogClose, MatDialogContent, MatDialogRef } from '@angular/material/dialog';
import { MatError, MatFormField, MatLabel } from '@angular/material/form-field';
import { MatInput } from '@angular/material/input';
import type { Question } from './ask';

/** One question with its two answers, and a box where it asks for a word. */
@Component({
  selector: 'hop-ask',
  imports: [ReactiveFormsModule, MatButton, MatDialogActions, MatDialogClose, MatDialogContent, MatError, MatFormField, MatLabel, MatInput],
  template: `
    <form [formGroup]="form" (ngSubmit)="answer()">
      <mat-dialog-content>
        <p id="question">{{ asked.question }}</p>
        @if (asked.box; as box) {
          <mat-form-field
            ><mat-label>{{ box.label }}</mat-label
            ><input matInput formControlName="word" [attr.maxlength]="box.most" autocomplete="off" cdkFocusInitial />
            @if (form.controls.word.errors?.['said']; as said) {
              <mat-error>{{ said }}</mat-error>
            }
          </mat-form-field>
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
    mat-form-field {
      width: 100%;
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
  protected readonly form = new FormGroup({
    word: new FormControl('', {
      nonNullable: true,
      validators: ({ value }) => {
        const said = this.asked.box?.wrong(String(value).trim()) ?? '';
        return said === '' ? null : { said };
      },
    }),
  });

  protected answer(): void {
    this.form.markAllAsTouched();
    if (this.form.valid) this.self.close(this.form.controls.word.value.trim());
  }
}
