import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import { MOST_HERE } from '@hopsk/contract/run';
import { words } from '@hopsk/words/words';

/** Whom the question is about. */
export interface HereAsked {
  readonly title: string;
  /** Those who may be here, those who are expected first. */
  readonly people: readonly { readonly id: string; readonly name: string }[];
  readonly ticked: readonly string[];
}

/** Names of a list in which somebody is looked for by letters. */
const SHORT = 12;

/** Who is here, before a run: those who are expected are ticked; closes with who is. */
@Component({
  selector: 'hop-here-box',
  imports: [MatButton],
  template: `
    <h2 id="question">{{ text.whoIsHere }}</h2>
    <p class="muted">{{ asked.title }}</p>
    @if (here().size > 1) {
      <p class="muted">{{ text.inOrder }}</p>
    }
    @if (asked.people.length > short) {
      <input type="search" [placeholder]="text.findPerson" [attr.aria-label]="text.findPerson" #sought (input)="find.set(sought.value)" />
    }
    <div class="chips">
      @for (one of found(); track one.id) {
        <button type="button" class="plain chip" [attr.aria-pressed]="here().has(one.id)" (click)="toggle(one.id)">
          <bdi>{{ one.name }}</bdi>&ngsp;
          @if (order().get(one.id); as place) {
            <small class="num" aria-hidden="true">{{ place }}</small>
          }
        </button>
      }
    </div>
    @if (why() !== '') {
      <p class="beware" role="status">{{ why() }}</p>
    }
    <div class="keys">
      <button mat-button (click)="self.close(null)">{{ common.notNow }}</button>
      <button mat-flat-button [disabled]="why() !== ''" (click)="self.close([...here()])">{{ text.startWith(here().size) }}</button>
    </div>
  `,
  styles: `
    :host {
      display: flex;
      flex-direction: column;
      gap: 12px;
      padding: 16px;
      max-height: 86dvh;
    }
    h2,
    p {
      margin: 0;
    }
    input {
      font: inherit;
      min-height: 48px;
      padding: 4px 12px;
      border: 1px solid var(--edge);
      border-radius: 8px;
      background: var(--raised);
      color: inherit;
    }
    .chips {
      display: flex;
      flex-wrap: wrap;
      gap: 8px;
      padding: 2px;
      overflow: auto;
      align-content: flex-start;
    }
    .keys {
      display: flex;
      justify-content: flex-end;
      gap: 8px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HereBox {
  protected readonly self = inject<MatDialogRef<HereBox, string[] | null>>(MatDialogRef);
  protected readonly asked = inject<HereAsked>(MAT_DIALOG_DATA);
  protected readonly text = words.run;
  protected readonly common = words.common;
  protected readonly short = SHORT;
  protected readonly find = signal('');
  protected readonly here = signal<ReadonlySet<string>>(new Set(this.asked.ticked));
  /** The order in which they were ticked: groups and stations go by it. */
  protected readonly order = computed(() => new Map([...this.here()].map((id, i) => [id, i + 1])));
  protected readonly found = computed(() => {
    const sought = this.find().trim().toLowerCase();
    return this.asked.people.filter(({ name }) => name.toLowerCase().includes(sought));
  });
  /** Why it cannot begin with these, if so. */
  protected readonly why = computed(() =>
    this.here().size === 0 ? words.floor.pickSome : this.here().size > MOST_HERE ? words.floor.tooMany : '',
  );

  protected toggle(id: string): void {
    const here = new Set(this.here());
    if (!here.delete(id)) here.add(id);
    this.here.set(here);
  }
}
