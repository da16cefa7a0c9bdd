import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatDialogRef, MAT_DIALOG_DATA } from '@angular/material/dialog';
import { words } from '@hopsk/words/words';

interface Person {
  readonly id: string;
  readonly name: string;
}
export interface Who {
  readonly here: readonly Person[];
  readonly others: readonly Person[];
}
export interface Came {
  readonly kind: 'join' | 'leave';
  readonly athlete: string;
}

/** Who takes part in the run, to come and to go. */
@Component({
  selector: 'hop-who-picker',
  imports: [MatButton],
  template: `
    <div class="head">
      <h2>{{ text.whoTitle }}</h2>
      <button type="button" class="plain close" [attr.aria-label]="common.close" (click)="self.close(null)">×</button>
    </div>
    <ul>
      @for (one of who.here; track one.id) {
        <li>
          <bdi>{{ one.name }}</bdi>
          <button mat-stroked-button [attr.aria-label]="text.leavesOf(one.name)" (click)="self.close({ kind: 'leave', athlete: one.id })">
            {{ text.leaves }}
          </button>
        </li>
      }
    </ul>
    <div class="more">
      <button mat-stroked-button (click)="self.close('hall')">{{ text.hall }}</button>
      <button mat-stroked-button (click)="self.close('things')">{{ text.thingsAsk }}</button>
      <button mat-stroked-button (click)="self.close('camera')">{{ text.camera.turn }}</button>
    </div>
    <h3>{{ text.whoElse }}</h3>
    @if (who.others.length > 8) {
      <input
        type="search"
        [placeholder]="text.findPerson"
        [attr.aria-label]="text.findPerson"
        #sought
        [value]="find()"
        (input)="find.set(sought.value)"
      />
    }
    <ul>
      @for (one of found(); track one.id) {
        <li>
          <bdi>{{ one.name }}</bdi>
          <button mat-stroked-button [attr.aria-label]="text.joinsOf(one.name)" (click)="self.close({ kind: 'join', athlete: one.id })">
            {{ text.joins }}
          </button>
        </li>
      }
    </ul>
  `,
  styleUrl: './picker.scss',
  styles: `
    :host {
      display: block;
      padding: 8px 16px 16px;
    }
    li button {
      min-width: 104px;
    }
    .more {
      display: flex;
      flex-wrap: wrap;
      gap: 8px;
      margin-top: 12px;
    }
    .more button {
      min-height: 48px;
    }
    input {
      font: inherit;
      width: 100%;
      min-height: 48px;
      margin-top: 12px;
      padding: 4px 12px;
      border: 1px solid var(--edge);
      border-radius: 8px;
      background: var(--raised);
      color: inherit;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WhoPicker {
  protected readonly self = inject<MatDialogRef<WhoPicker, Came | 'hall' | 'things' | 'camera' | null>>(MatDialogRef);
  protected readonly who = inject<Who>(MAT_DIALOG_DATA);
  protected readonly text = words.run;
  protected readonly common = words.common;
  protected readonly find = signal('');
  protected readonly found = computed(() => {
    const asked = this.find().trim().toLowerCase();
    return this.who.others.filter(({ name }) => name.toLowerCase().includes(asked));
  });
}
