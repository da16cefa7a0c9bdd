import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { RunWhole } from '@hopsk/contract/run';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Table } from '../../ui/table';

/** What a run said by the rules of its day, where the club had it counted anew. */
@Component({
  selector: 'hop-stood-before',
  imports: [Table],
  template: `
    @for (one of stood(); track one.rules) {
      <h2>{{ text.stood }}</h2>
      <p class="muted">{{ one.says }}</p>
      <hop-table [label]="text.stood" [heads]="text.stoodHeads" [rows]="one.rows" />
    }
  `,
  styles: `
    h2 {
      margin-top: 24px;
    }
    hop-table {
      max-width: 520px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StoodBefore {
  readonly before = input.required<RunWhole['before']>();
  readonly names = input.required<readonly { readonly id: string; readonly name: string }[]>();
  protected readonly text = words.run;
  protected readonly stood = computed(() =>
    [...new Set(this.before().map(({ rules }) => rules))].map((rules) => {
      const all = this.before().filter((one) => one.rules === rules);
      return {
        rules,
        says: this.text.stoodSays(rules, all[0]?.until.slice(0, 10) ?? ''),
        rows: all.map(({ athlete, fault, attempts, faulty, noted }) => [
          `${this.names().find(({ id }) => id === athlete)?.name ?? '–'}: ${faultLabel(fault)}`,
          words.common.seenOf(faulty, attempts, noted),
        ]),
      };
    }),
  );
}
