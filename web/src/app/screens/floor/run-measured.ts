import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { RunLog } from '@hopsk/core/log/run-log';
import { measuredIn, THING_COLUMNS, thingRows } from '@hopsk/core/log/things';
import { words } from '@hopsk/words/words';
import Papa from 'papaparse';
import { fileName, saveFile } from '../../drawing/export';

/** What lights, straps and counters said of each in a run, and all of it as a table. */
@Component({
  selector: 'hop-run-measured',
  imports: [MatButton],
  template: `
    @if (rows().length > 0) {
      <h2>{{ text.measured }}</h2>
      <dl>
        @for (row of rows(); track row.name) {
          <dt>
            <bdi>{{ row.name }}</bdi>
          </dt>
          @for (line of row.lines; track $index) {
            <dd>{{ line }}</dd>
          }
        }
      </dl>
      <button mat-stroked-button (click)="save()">{{ text.measuredSave }}</button>
    }
  `,
  styles: `
    dl {
      margin: 0 0 12px;
    }
    dt {
      font-weight: 700;
    }
    dd {
      margin: 0 0 4px;
    }
    button {
      min-height: 48px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RunMeasured {
  readonly log = input.required<RunLog>();
  readonly name = input.required<string>();
  readonly nameOf = input.required<(athlete: string) => string>();
  protected readonly text = words.run;
  private readonly events = computed(() => this.log().events());
  protected readonly rows = computed(() =>
    measuredIn(this.events()).map(({ athlete, reactions, pulse, reps }) => ({
      name: athlete === null ? this.text.measuredNobody : this.nameOf()(athlete),
      lines: [
        ...(reactions ? [this.text.measuredReaction(reactions.n, reactions.middle, reactions.quickest, reactions.slowest)] : []),
        ...(pulse ? [this.text.measuredPulse(pulse.n, pulse.mean, pulse.highest)] : []),
        ...(reps > 0 ? [this.text.measuredReps(reps)] : []),
      ],
    })),
  );

  protected save(): void {
    const data = thingRows(this.events(), this.log().clock, this.nameOf());
    saveFile(Papa.unparse({ fields: [...THING_COLUMNS], data }), fileName(`${this.name()} things`, 'csv'));
  }
}
