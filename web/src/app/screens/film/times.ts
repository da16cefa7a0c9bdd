import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { within } from '@hopsk/core/film/difference';
import { seenFirst } from '@hopsk/core/film/frames';
import type { Mark } from '@hopsk/core/film/marks';
import { words } from '@hopsk/words/words';
import { Table } from '../../ui/table';
import { FilmDesk } from './desk';
import { FilmSport } from './film-sport';
import { FilmTimings } from './film-times';
import { FilmSlow } from './slow';
import { TimesChart } from './times-chart';

const ms = (seconds: number): number => Math.round(seconds * 1000);

/** Marks of a clip and the times that come of them. */
@Component({
  selector: 'hop-film-times',
  imports: [FilmSlow, Table, TimesChart],
  templateUrl: './times.html',
  styleUrl: './made.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmTimes {
  protected readonly desk = inject(FilmDesk);
  private readonly timings = inject(FilmTimings);
  private readonly sport = inject(FilmSport);
  protected readonly text = words.film;
  protected readonly rows = computed(() =>
    this.timings
      .times()
      .times.map(({ attempt, time, took, window, judged }) => [
        this.text.attempt(attempt, this.text.times[time]),
        this.text.took(ms(took.seconds), ms(within(took))).replaceAll(' ', '\u00a0'),
        window && judged ? `${this.text.window(ms(window[0]), ms(window[1]))}: ${this.text.told(judged.told, judged.rate)}` : '',
      ]),
  );
  /** Whose windows they are. */
  protected readonly held = computed(() => {
    const all = this.timings
      .times()
      .times.flatMap(({ held }) =>
        held ? [`${words.steps.heldBy[held.by]}: ${words.topics[held.topic].options[held.option] ?? held.option}`] : [],
      );
    return [...new Set(all)];
  });
  protected readonly over = computed(() =>
    this.timings
      .times()
      .over.flatMap(({ time, n, mean, sd, within: around }) =>
        n < 2
          ? []
          : [[this.text.times[time], this.text.over(n, ms(mean), sd === null ? null : ms(sd), around === null ? null : ms(around))]],
      ),
  );
  protected readonly marks = computed(() => {
    const [frames, { marks, again }] = [this.desk.frames(), this.desk.work()];
    return [...marks, ...again]
      .sort((a, b) => a.frame - b.frame)
      .map((mark) => {
        const { at, within: half } = seenFirst(frames, mark.frame);
        const kind = this.sport.label(mark.kind);
        return {
          mark,
          label: again.includes(mark) ? this.text.againMark(kind) : kind,
          at: this.text.markAt(mark.frame, at.toFixed(3), (half * 1000).toFixed(1)),
        };
      });
  });
  protected readonly order = computed(() =>
    this.timings
      .order()
      .map(({ attempt, first, then }) => this.text.outOfOrder(attempt, this.sport.label(first.kind), this.sport.label(then.kind))),
  );

  protected readonly repeats = computed(() => {
    const repeats = this.desk.repeats();
    return this.text.repeatsTo(repeats === null ? null : ms(repeats));
  });

  protected drop(mark: Mark): void {
    this.desk.drop(mark);
  }
}
