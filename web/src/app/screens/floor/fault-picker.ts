import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import { FAULT_TEXTS, MOST_FAULTS } from '@hopsk/contract/club-faults';
import { line } from '@hopsk/contract/common';
import { FAULT_UNITS, type FaultUnit } from '@hopsk/core/catalogue/fault';
import { codeFor } from '@hopsk/core/catalogue/made';
import { faultCalled, faultWords } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { mine } from '../../data/may';
import { TeachingStore } from '../../data/teaching';
import { Choice } from '../../ui/choice';
import { namedOptions } from '../../ui/options';
import type { Picked } from './dialogs';

const Label = line(FAULT_TEXTS.label);

/** From so many letters on it is a name, and no more the beginning of one. */
const NAMED = 3;

/** The whole catalogue, found by a few letters; for what is not on the board. What nobody has a name for yet can be made. */
@Component({
  selector: 'hop-fault-picker',
  imports: [Choice, MatButton],
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
    @if (fresh(); as label) {
      <section class="make">
        @if (hindrance(); as said) {
          <p class="quiet">{{ said }}</p>
        } @else {
          <p class="quiet" translate="no">{{ text.noneSo(label) }}</p>
          <hop-choice [label]="text.chances" [options]="units" [value]="per()" (taken)="per.set($event)" />
          <button mat-flat-button (click)="make(label)">{{ text.makeIt }}</button>
        }
      </section>
    }
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
    .make {
      display: grid;
      gap: 12px;
      padding: 16px;
    }
    .make p {
      margin: 0;
    }
    .make button {
      min-height: 48px;
    }
    strong {
      font: 600 18px var(--label);
    }
    li span {
      color: var(--muted);
      font-size: 14px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FaultPicker {
  protected readonly self = inject<MatDialogRef<FaultPicker, Picked | null>>(MatDialogRef);
  private readonly club = inject(TeachingStore);
  protected readonly text = words.floor;
  protected readonly common = words.common;
  private readonly makes = inject<{ readonly makes: boolean }>(MAT_DIALOG_DATA).makes && mine().may('teach');
  protected readonly find = signal('');
  protected readonly units = namedOptions(FAULT_UNITS, words.floor.units);
  /** What gives a chance for it: a repetition, where nobody says otherwise. */
  protected readonly per = signal<FaultUnit>('repetition');
  /** What is typed, as the name of a fault that is not there; null where one is called so, or none can be made. */
  protected readonly fresh = computed(() => {
    const label = this.find().trim().replace(/\s+/g, ' ');
    return this.makes && label.length >= NAMED && faultCalled(label) === undefined ? label : null;
  });
  /** Why it cannot be made; nothing where it can. */
  protected readonly hindrance = computed(() => {
    if (!this.club.ready()) return this.text.notKnown;
    if (this.club.teaching().faults.length >= MOST_FAULTS) return this.text.tooManyFaults(MOST_FAULTS);
    return Label.safeParse(this.fresh()).success ? '' : this.text.nameLong(FAULT_TEXTS.label);
  });
  protected readonly found = computed(() => {
    const asked = this.find().trim().toLowerCase();
    return this.club.faults().flatMap(({ code }) => {
      const told = faultWords(code);
      return told && `${told.label} ${told.says} ${told.cue}`.toLowerCase().includes(asked) ? [{ code, ...told }] : [];
    });
  });

  protected make(label: string): void {
    const code = codeFor(label, new Set(this.club.catalogue().keys()));
    this.self.close({ code, label, per: this.per() });
  }
}
