import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { lotsBeside } from '@hopsk/core/film/groups';
import { words } from '@hopsk/words/words';
import { Table } from '../../ui/table';
import { BesideDesk } from './beside-desk';
import { FilmTimings } from './film-times';

const ms = (seconds: number): number => Math.round(seconds * 1000);

/** All attempts of this clip against all of another: whether it is told from chance that one takes longer. */
@Component({
  selector: 'hop-film-lots',
  imports: [Table],
  template: `@for (lot of lots(); track lot.hash) {
    <h3 translate="no">{{ lot.title }}</h3>
    @if (lot.rows.length > 0) {
      <hop-table [label]="lot.title" [heads]="text.lotsHeads" [rows]="lot.rows" />
      <p class="muted">{{ text.lotsSays }}</p>
    } @else {
      <p class="muted" role="status">{{ text.lotsFew }}</p>
    }
  }`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FilmLots {
  private readonly beside = inject(BesideDesk);
  private readonly timings = inject(FilmTimings);
  protected readonly text = words.film;
  protected readonly lots = computed(() =>
    this.beside.others().map(({ hash, name, times: theirs }) => ({
      ...{ hash, title: this.text.lotsTitle(name) },
      rows: lotsBeside(this.timings.times().times, theirs).map(({ time, lots, apart: { by, within, told } }) => [
        this.text.times[time],
        ...lots.map(({ mean, n }) => this.text.lot(ms(mean), n).replaceAll(' ', '\u00a0')),
        told ? this.text.longerWithin(ms(by), ms(within)) : `${this.text.notTold} (± ${ms(within)})`,
      ]),
    })),
  );
}
