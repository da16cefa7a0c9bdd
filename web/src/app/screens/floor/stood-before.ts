import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { RunWhole } from '@hopsk/contract/run';
import { grouped } from '@hopsk/core/grouped';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Table } from '../../ui/table';

/** What a run said by the rules of its day, where the club had it counted anew. */
@Component({
  selector: 'hop-stood-before',
  imports: [Table],
  template: `
    @for (one of stood(); track one.until) {
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
    [...grouped(this.before(), ({ until }) => until)].map(([until, all]) => ({
      until,
      says: this.text.stoodSays(all[0]?.rules ?? 0, until.slice(0, 10)),
      rows: all.map(({ athlete, fault, attempts, faulty, noted }) => [
        `${this.names().find(({ id }) => id === athlete)?.name ?? '–'}: ${faultLabel(fault)}`,
        words.common.seenOf(faulty, attempts, noted),
      ]),
    })),
  );
}
