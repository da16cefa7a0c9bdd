import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatDialogRef, MAT_DIALOG_DATA } from '@angular/material/dialog';
import { words } from '@hopsk/words/words';
import { Box } from '../../ui/box';
import { Whole } from '../../ui/whole';
import { noteReads } from './note-text';

/** A few words to remember, of the one who is watched or of all. */
@Component({
  selector: 'hop-note-box',
  imports: [Box, MatButton, Whole],
  template: `
    <form (hopWhole)="self.close(note())">
      <hop-box [label]="text.noteOf(name)" [rows]="3" [reads]="reads" live [value]="note()" (taken)="note.set($event)" />
      <div class="row">
        <button mat-flat-button>{{ text.noteKeep }}</button>
        <button mat-button type="button" (click)="self.close(null)">{{ common.close }}</button>
      </div>
    </form>
  `,
  styles: `
    form {
      display: grid;
      gap: 12px;
      padding: 16px;
    }
    button {
      min-height: 48px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NoteBox {
  protected readonly self = inject<MatDialogRef<NoteBox, string | null>>(MatDialogRef);
  /** Whom it is of; null: of all. */
  protected readonly name = inject<string | null>(MAT_DIALOG_DATA);
  protected readonly text = words.run;
  protected readonly common = words.common;
  protected readonly reads = noteReads(1);
  protected readonly note = signal('');
}
