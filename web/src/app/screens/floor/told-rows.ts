import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { RunLog } from '@hopsk/core/log/run-log';
import { isSession } from '@hopsk/core/plan/run-plan';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Choice } from '../../ui/choice';
import type { Option } from '../../ui/options';

/** What a table told of a run, row by row: given to another or taken back as a tap is. */
@Component({
  selector: 'hop-told-rows',
  imports: [Choice, MatButton],
  template: `
    @if (rows().length > 0) {
      <h2>{{ text.told }}</h2>
      <p class="muted">{{ text.toldSays }}</p>
      <div class="scroll">
        <table class="rules num">
          <tbody>
            @for (row of rows(); track row.id) {
              <tr [class.gone]="row.undo !== null">
                <th scope="row">{{ row.fault }}</th>
                <td>{{ row.stage }}</td>
                <td class="right">{{ row.counts }}</td>
                <td>
                  <hop-choice
                    quiet
                    [label]="text.give"
                    [options]="athletes()"
                    [value]="row.athlete"
                    (taken)="given.emit({ id: row.id, to: $event })"
                  />
                </td>
                <td class="right">
                  <button mat-button (click)="turned.emit(row)">{{ row.undo !== null ? common.restore : text.undo }}</button>
                </td>
              </tr>
            }
          </tbody>
        </table>
      </div>
    }
  `,
  styles: `
    .gone th,
    .gone td {
      text-decoration: line-through;
      color: var(--muted);
    }
    .scroll {
      overflow-x: auto;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ToldRows {
  readonly log = input.required<RunLog>();
  readonly athletes = input.required<readonly Option<string>[]>();
  readonly given = output<{ readonly id: string; readonly to: string }>();
  readonly turned = output<{ readonly id: string; readonly undo: string | null }>();
  protected readonly text = words.run;
  protected readonly common = words.common;
  protected readonly rows = computed(() => {
    const log = this.log();
    const { plan } = log;
    return log.events().flatMap((event) =>
      event.kind === 'told'
        ? [
            {
              ...{ id: event.id, fault: faultLabel(event.fault), undo: log.undoOf(event)?.id ?? null },
              athlete: log.corrections.givenTo(event) ?? event.athlete,
              stage: isSession(plan) ? (plan.exercises[event.exercise]?.name ?? '') : '',
              counts: this.text.toldCounts(event.faulty, event.attempts, event.noted),
            },
          ]
        : [],
    );
  });
}
