import { ChangeDetectionStrategy, Component, input, output, signal, viewChild } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { words } from '@hopsk/words/words';
import { Box } from '../../ui/box';
import { Whole } from '../../ui/whole';
import { noteReads } from './note-text';

export interface NoteRow {
  readonly id: string;
  readonly text: string;
  /** When, by the plan's clock, and of whom; empty: of all. */
  readonly at: string;
  readonly who: string;
}

/** Notes of a run: those that stand, and one more. */
@Component({
  selector: 'hop-run-notes',
  imports: [Box, MatButton, Whole],
  template: `
    <h2>{{ text.notes }}</h2>
    @for (one of notes(); track one.id) {
      <p class="row">
        <span class="num muted">{{ one.at }}</span>&ngsp;<bdi class="muted">{{ one.who }}</bdi
        >&ngsp;<bdi>{{ one.text }}</bdi>
        <button mat-button (click)="undone.emit(one.id)">{{ text.undo }}</button>
      </p>
    }
    <form class="row" (hopWhole)="add()">
      <hop-box [label]="text.noteOf(null)" [reads]="reads" [value]="note()" (taken)="note.set($event)" />
      <button mat-stroked-button>{{ text.noteAdd }}</button>
    </form>
  `,
  styles: `
    form {
      align-items: end;
      --field: min(420px, 100%);
    }
    form hop-box {
      flex: 0 1 420px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RunNotes {
  readonly notes = input.required<readonly NoteRow[]>();
  readonly added = output<string>();
  readonly undone = output<string>();
  protected readonly text = words.run;
  protected readonly reads = noteReads(0);
  private readonly box = viewChild.required<Box<string>>(Box);
  /** As typed, until it is added. */
  protected readonly note = signal('');

  protected add(): void {
    if (this.note() === '') return;
    this.added.emit(this.note());
    this.note.set('');
    this.box().again();
  }
}
