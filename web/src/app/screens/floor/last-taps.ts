import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import { words } from '@hopsk/words/words';

/** One of the last taps: what it said, of whom and when. */
interface LastTap {
  readonly id: string;
  readonly said: string;
  readonly who: string;
  readonly at: string;
}

export interface Taps {
  readonly list: readonly LastTap[];
  /** Takes one back; whether it was. */
  readonly undo: (id: string) => Promise<boolean>;
}

/** The last taps of this device, each to be taken back by itself. */
@Component({
  selector: 'hop-last-taps',
  imports: [MatButton],
  template: `
    <div class="head">
      <h2>{{ text.lastTaps }}</h2>
      <button type="button" class="plain close" [attr.aria-label]="common.close" (click)="self.close()">×</button>
    </div>
    <ul>
      @for (tap of taps.list; track tap.id) {
        <li [class.gone]="gone().has(tap.id)">
          <span>
            <bdi>{{ tap.said }}</bdi>&ngsp;<span class="muted"
              ><bdi>{{ tap.who }}</bdi
              >&ngsp;<span class="num">{{ tap.at }}</span></span
            >
          </span>
          @if (!gone().has(tap.id)) {
            <button mat-stroked-button [attr.aria-label]="text.undoOf(tap.said)" (click)="undo(tap.id)">{{ text.undo }}</button>
          }
        </li>
      } @empty {
        <li>{{ text.nothing }}</li>
      }
    </ul>
  `,
  styleUrl: './picker.scss',
  styles: `
    :host {
      display: block;
      padding: 8px 16px 16px;
    }
    .gone > span {
      color: var(--muted);
      text-decoration: line-through;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LastTaps {
  protected readonly self = inject<MatDialogRef<LastTaps, void>>(MatDialogRef);
  protected readonly taps = inject<Taps>(MAT_DIALOG_DATA);
  protected readonly text = words.run;
  protected readonly common = words.common;
  protected readonly gone = signal<ReadonlySet<string>>(new Set());

  protected async undo(id: string): Promise<void> {
    if (await this.taps.undo(id)) this.gone.update((gone) => new Set([...gone, id]));
  }
}
