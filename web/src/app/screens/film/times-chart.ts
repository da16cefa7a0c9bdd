import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal } from '@angular/core';
import { within } from '@hopsk/core/film/difference';
import type { TimeName } from '@hopsk/core/film/times';
import { words } from '@hopsk/words/words';
import { TimeChart } from '../../drawing/time-chart';
import { Choice } from '../../ui/choice';
import { FilmTimings } from './film-times';

const ms = (seconds: number): number => Math.round(seconds * 1000);

/** One time over the attempts of a clip, of those that were taken of several. */
@Component({
  selector: 'hop-film-times-chart',
  imports: [Choice, TimeChart],
  template: `
    @if (time(); as one) {
      <hop-choice quiet [label]="text.whichTime" [options]="options()" [value]="one" (taken)="time.set($event)" />
      <hop-time-chart [label]="text.chartOf(text.times[one], points().length)" [points]="points()" [window]="window()" />
      @if (drift()) {
        <p role="status">{{ drift() }}</p>
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TimesChart {
  private readonly timings = inject(FilmTimings);
  protected readonly text = words.film;
  protected readonly options = computed(() =>
    this.timings
      .times()
      .over.filter(({ n }) => n > 1)
      .map(({ time }) => ({ value: time, label: this.text.times[time] })),
  );
  /** Chosen, as long as there are several of it. */
  protected readonly time = linkedSignal<readonly { readonly value: TimeName }[], TimeName | null>({
    source: this.options,
    computation: (options, before) => (options.some(({ value }) => value === before?.value) ? before?.value : options[0]?.value) ?? null,
  });
  private readonly rows = computed(() => this.timings.times().times.filter(({ time }) => time === this.time()));
  protected readonly points = computed(() =>
    this.rows().map(({ attempt, took }) => ({ attempt, ms: ms(took.seconds), within: ms(within(took)) })),
  );
  protected readonly window = computed((): readonly [number, number] | null => {
    const window = this.rows()[0]?.window;
    return window ? [ms(window[0]), ms(window[1])] : null;
  });
  protected readonly drift = computed(() => {
    const drift = this.timings.times().over.find(({ time }) => time === this.time())?.drift;
    return drift?.told ? this.text.drifts(ms(drift.each), ms(drift.within)) : '';
  });
}
