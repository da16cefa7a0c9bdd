import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { painsIn } from '@hopsk/core/log/afterwards';
import type { Pain } from '@hopsk/core/log/event';
import type { RunLog } from '@hopsk/core/log/run-log';
import { words } from '@hopsk/words/words';
import { Choice } from '../../ui/choice';
import { namedOptions, orNone } from '../../ui/options';

/** Somebody who took part. */
export interface Asked {
  readonly id: string;
  readonly name: string;
  /** Whether it may be asked: of those under 16 only when a guardian agreed. */
  readonly may: boolean;
}

/** Whether anything hurt, as each says afterwards, with the usual caution. */
@Component({
  selector: 'hop-run-pain',
  imports: [Choice],
  template: `
    <h2>{{ text.pain }}</h2>
    <p class="muted">{{ text.painSays }}</p>
    <div class="row">
      @for (row of rows(); track row.id) {
        <hop-choice [label]="row.name" [options]="options" [value]="row.pain" (taken)="say(row.id, $event)" />
      }
    </div>
    @if (unasked(); as names) {
      <p class="muted">
        {{ text.painUnagreed }} <bdi>{{ names }}</bdi>
      </p>
    }
  `,
  styles: `
    .row {
      display: flex;
      flex-wrap: wrap;
      gap: 10px 16px;
      margin-bottom: 12px;
      --field: 110px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RunPain {
  readonly log = input.required<RunLog>();
  readonly people = input.required<readonly Asked[]>();
  readonly told = output<Pain>();
  protected readonly text = words.run;
  protected readonly options = orNone(words.run.painNot, namedOptions(['no', 'yes'] as const, words.run.pains));
  protected readonly rows = computed(() => {
    const said = painsIn(this.log().events());
    return this.people()
      .filter(({ may }) => may)
      .map((one) => ({ ...one, pain: said.has(one.id) ? (said.get(one.id) ? ('yes' as const) : ('no' as const)) : null }));
  });
  protected readonly unasked = computed(() =>
    this.people()
      .filter(({ may }) => !may)
      .map(({ name }) => name)
      .join(', '),
  );

  protected say(athlete: string, pain: 'no' | 'yes' | null): void {
    this.told.emit({ kind: 'pain', athlete, pain: pain === null ? null : pain === 'yes' });
  }
}
