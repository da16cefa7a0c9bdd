import { ChangeDetectionStrategy, Component, computed, input, linkedSignal, output } from '@angular/core';
import { LONGEST_MINUTES } from '@hopsk/contract/run';
import { effortsIn } from '@hopsk/core/log/afterwards';
import type { Effort } from '@hopsk/core/log/event';
import type { RunLog } from '@hopsk/core/log/run-log';
import { words } from '@hopsk/words/words';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { orNone, type Option } from '../../ui/options';
import { numbers } from '../../ui/reads';

/** How hard a run was for each who took part, as they say afterwards, and for how many minutes. */
@Component({
  selector: 'hop-run-effort',
  imports: [Box, Choice],
  template: `
    <h2>{{ text.effort }}</h2>
    <p class="muted">{{ text.effortSays }}</p>
    <div class="row">
      <hop-box [label]="text.effortMinutes" [reads]="reads" [value]="minutes()" (taken)="last($event)" />
      @for (row of rows(); track row.value) {
        <hop-choice [label]="row.label" [options]="efforts" [value]="row.effort" (taken)="say(row.value, $event)" />
      }
    </div>
  `,
  styles: `
    .row {
      display: flex;
      flex-wrap: wrap;
      gap: 10px 16px;
      margin-bottom: 20px;
      --field: 110px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RunEffort {
  readonly log = input.required<RunLog>();
  readonly athletes = input.required<readonly Option<string>[]>();
  readonly told = output<Effort>();
  protected readonly text = words.run;
  protected readonly reads = numbers({ low: 1, high: LONGEST_MINUTES, whole: true });
  protected readonly efforts = orNone(
    words.run.effortUnsaid,
    words.run.efforts.map((label, effort) => ({ value: effort, label })),
  );
  private readonly said = computed(() => effortsIn(this.log().events()));
  protected readonly rows = computed(() =>
    this.athletes().map(({ value, label }) => ({ value, label, effort: this.said().get(value)?.effort ?? null })),
  );
  /** As was said last; before that as long as the run was. */
  protected readonly minutes = linkedSignal(
    () => [...this.said().values()].at(-1)?.minutes ?? Math.min(LONGEST_MINUTES, Math.max(1, Math.round(this.log().latest / 60_000))),
  );

  /** It was longer or shorter: so it was for those of whom it was said too. */
  protected last(minutes: number): void {
    const before = this.minutes();
    this.minutes.set(minutes);
    for (const [athlete, { effort, minutes: then }] of this.said())
      if (then === before) this.told.emit({ kind: 'effort', athlete, effort, minutes });
  }

  protected say(athlete: string, effort: number | null): void {
    this.told.emit({ kind: 'effort', athlete, effort, minutes: this.minutes() });
  }
}
