import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { BookEntry } from '@hopsk/core/evidence/book';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { isOutside } from '../../drawing/rate-chart';
import { Table } from '../../ui/table';
import { per100 } from './fault-split';

/** The numbers behind the chart of a fault: an evening a row, the latest first. */
@Component({
  selector: 'hop-evening-table',
  imports: [Table],
  template: `<hop-table [label]="label()" [heads]="heads" [rows]="rows()" />`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EveningTable {
  readonly entry = input.required<BookEntry>();
  private readonly text = words.book;
  private readonly says = words.recurrence;
  protected readonly label = computed(() => faultLabel(this.entry().fault));
  protected readonly heads = [
    ...[this.text.session, this.text.faulty, this.text.attempts, this.text.per100],
    ...[this.text.interval, this.says.limits, this.text.noted],
  ];
  protected readonly rows = computed(() =>
    [...this.entry().sessions]
      .reverse()
      .map(({ day, faulty, attempts, rate, interval, limits, noted }) => [
        day,
        String(faulty),
        String(attempts),
        rate === null ? this.text.notSeen : per100(rate),
        interval ? `${per100(interval.low)}–${per100(interval.high)}` : '',
        limits ? `${per100(limits.low)}–${per100(limits.high)}${isOutside(rate, limits) ? `, ${this.says.outside}` : ''}` : '',
        noted === 0 ? '' : String(noted),
      ]),
  );
}
