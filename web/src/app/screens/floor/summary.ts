import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import type { RunCount } from '@hopsk/core/log/count';
import type { RunLog } from '@hopsk/core/log/run-log';
import { RESULTS } from '@hopsk/core/log/event';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import type { KeptRun } from '../../data/device-store';
import { RunDesk, type Loose } from '../../data/desk';
import { mine } from '../../data/may';
import { Outbox } from '../../data/outbox';
import { people } from '../../data/records';
import { Head } from '../../ui/head';
import { byId } from '../../ui/options';
import { RunCompared } from './run-compared';
import { RunEffort } from './run-effort';
import { RunNotes } from './run-notes';
import { RunPain } from './run-pain';
import { mayTellPain, noteRows } from './said-after';
import { rowsOf } from './summary-rows';

const countedIn = (log: RunLog | undefined, m: number): RunCount =>
  log?.counts(Math.max(log.latest, m)) ?? { tallies: [], placed: [], praise: {}, results: {} };

/** What a run showed, for each athlete, as soon as it is over. */
@Component({
  selector: 'hop-summary',
  imports: [Head, MatButton, RouterLink, RunCompared, RunEffort, RunNotes, RunPain],
  templateUrl: './summary.html',
  styles: `
    section {
      margin-bottom: 22px;
    }
    .row {
      margin-top: 22px;
    }
    .row button,
    .row a {
      min-height: 52px;
    }
    td strong {
      font: 600 18px var(--label);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Summary {
  readonly run = input.required<KeptRun>();
  readonly done = output();
  protected readonly outbox = inject(Outbox).state;
  protected readonly text = words.run;
  protected readonly book = words.book;
  protected readonly may = mine().may;
  private readonly desk = inject(RunDesk);
  /** Up to now: over by the clock, a run is over before its end is written. */
  private readonly counted = computed(() => countedIn(this.desk.fold()?.log, this.desk.time.now()));
  protected readonly people = computed(() =>
    (this.desk.fold()?.log.all ?? []).map((id) => {
      const rows = rowsOf(this.counted().tallies.filter((tally) => tally.athlete === id));
      return { id, name: this.desk.atHand.nameOf(id), praise: this.counted().praise[id] ?? 0, results: this.resultsOf(id), rows };
    }),
  );

  /** What is said afterwards, at once where the run was. */
  protected readonly log = computed(() => this.desk.fold()?.log ?? null);
  protected readonly nameOf = (id: string): string => this.desk.atHand.nameOf(id);
  private readonly known = inject(Store).selectSignal(people.selectById);
  protected readonly here = computed(() =>
    (this.log()?.all ?? []).map((id) => ({ id, name: this.nameOf(id), may: mayTellPain(this.known()[id]) })),
  );
  protected readonly options = computed(() => byId(this.here()));
  protected readonly notes = computed(() => noteRows(this.log(), this.nameOf));

  protected tell(said: Loose): void {
    // It is said of the run, however long it has been over.
    void this.desk.log({ ...said, m: this.log()?.latest ?? 0 });
  }

  private resultsOf(id: string): string {
    const counts = this.counted().results[id] ?? {};
    return RESULTS.flatMap((result) => (counts[result] ? [`${this.text.results[result]} ${counts[result]}`] : [])).join(', ');
  }
}
