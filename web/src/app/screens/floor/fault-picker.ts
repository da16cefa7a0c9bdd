import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatDialogRef } from '@angular/material/dialog';
import { faultWords } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { TeachingStore } from '../../data/teaching';

/** The whole catalogue, found by a few letters; for what is not on the board. */
@Component({
  selector: 'hop-fault-picker',
  template: `
    <div class="head">
      <input
        type="search"
        [placeholder]="text.find"
        [attr.aria-label]="text.find"
        #sought
        cdkFocusInitial
        [value]="find()"
        (input)="find.set(sought.value)"
      />
      <button type="button" class="plain close" [attr.aria-label]="common.close" (click)="self.close(null)">×</button>
    </div>
    <ul>
      @for (fault of found(); track fault.code) {
        <li>
          <button type="button" class="plain" (click)="self.close(fault.code)">
            <strong>{{ fault.label }}</strong><span>{{ fault.says }}</span>
          </button>
        </li>
      }
    </ul>
  `,
  styles: `
    :host {
      display: block;
    }
    .head {
      display: flex;
      gap: 8px;
      padding: 12px;
      position: sticky;
      top: 0;
      background: var(--paper);
      border-bottom: 1px solid var(--rule);
    }
    input {
      flex: 1;
      font: inherit;
      font-size: 18px;
      min-height: 48px;
      padding: 4px 12px;
      border: 1px solid var(--edge);
      border-radius: 8px;
      background: var(--raised);
      color: inherit;
      min-width: 0;
    }
    .close {
      min-width: 48px;
      font-size: 26px;
    }
    ul {
      list-style: none;
      margin: 0;
      padding: 0;
    }
    li button {
      display: grid;
      width: 100%;
      text-align: left;
      padding: 12px 16px;
      min-height: 56px;
      border-bottom: 1px solid var(--rule);
    }
    strong {
      font: 600 18px var(--label);
    }
    span {
      color: var(--muted);
      font-size: 14px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FaultPicker {
  protected readonly self = inject<MatDialogRef<FaultPicker, string | null>>(MatDialogRef);
  private readonly club = inject(TeachingStore);
  protected readonly text = words.floor;
  protected readonly common = words.common;
  protected readonly find = signal('');
  protected readonly found = computed(() => {
    const asked = this.find().trim().toLowerCase();
    return this.club.faults().flatMap(({ code }) => {
      const told = faultWords(code);
      return told && `${told.label} ${told.says} ${told.cue}`.toLowerCase().includes(asked) ? [{ code, ...told }] : [];
    });
  });
}
