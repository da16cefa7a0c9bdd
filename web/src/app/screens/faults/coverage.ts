import { ChangeDetectionStrategy, Component, computed, effect, inject, input, linkedSignal, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { LookedAt, type DaysAsked } from '@hopsk/contract/coverage';
import { against, resultsOf } from '@hopsk/core/evidence/results';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { Latest } from '../../compute/latest';
import { BookApi } from '../../data/book-api';
import { LastSeen } from '../../data/last-seen';
import { picked } from '../../data/picked';
import { troubleOf, type Trouble } from '../../data/problem';
import { people } from '../../data/records';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { days, orNothing } from '../../ui/reads';
import { Table } from '../../ui/table';
import { AthleteHead } from './athlete-head';
import { neverOf, tablesOf } from './coverage-said';

/** What of an athlete was looked at and what never, and how often the ball or blade went where it should, beside how clean the feet were. */
@Component({
  selector: 'hop-coverage',
  imports: [AthleteHead, Box, Choice, MatButton, Table],
  templateUrl: './coverage.html',
  styleUrl: './coverage.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CoverageScreen {
  readonly athlete = input<string>();
  private readonly api = inject(BookApi);
  private readonly lastSeen = inject(LastSeen);
  private readonly question = new Latest();
  protected readonly text = words.coverage;
  protected readonly common = words.common;
  private readonly people = inject(Store).selectSignal(people.selectHere);
  protected readonly choice = picked(this.people, () => this.athlete());
  protected readonly who = this.choice.record;
  protected readonly day = orNothing(days);
  protected readonly from = signal<string | null>(null);
  protected readonly to = signal<string | null>(null);
  private readonly asked = computed((): DaysAsked => {
    const [from, to] = [this.from(), this.to()];
    return { ...(from && { from }), ...(to && { to }) };
  });
  protected readonly looked = signal<LookedAt | null>(null);
  protected readonly trouble = signal<Trouble | null>(null);
  protected readonly never = computed(() => neverOf(this.looked()?.coverage ?? null));
  protected readonly tables = computed(() => tablesOf(this.looked()?.coverage ?? null));
  protected readonly faults = computed(() =>
    (this.looked()?.coverage.faults ?? []).map(({ fault, attempts, evenings, last }) => [
      faultLabel(fault),
      String(attempts),
      String(evenings),
      last,
    ]),
  );
  private readonly rows = computed(() => this.looked()?.results ?? []);
  protected readonly results = computed(() => resultsOf(this.rows()));
  /** Things done of which a result was noted: without any there is nothing to say here. */
  protected readonly withResults = computed(() => this.results().stages.filter(({ good }) => good.n > 0));
  protected readonly resultRows = computed(() =>
    this.withResults().map(({ stage, good, interval, clean, cleanInterval }) => [
      stage,
      this.text.times(good.hits, good.n),
      interval ? this.text.range(interval.low, interval.high) : '',
      clean.n > 0 ? this.text.times(clean.hits, clean.n) : '',
      cleanInterval ? this.text.range(cleanInterval.low, cleanInterval.high) : '',
    ]),
  );
  protected readonly byClean = computed(() => {
    const { byClean } = this.results();
    return byClean ? this.text.byClean(byClean) : this.text.noByClean;
  });
  protected readonly stages = computed(() => this.withResults().map(({ stage }) => ({ value: stage, label: stage })));
  protected readonly a = linkedSignal(() => this.stages()[0]?.value ?? '');
  protected readonly b = linkedSignal(() => this.stages()[1]?.value ?? '');
  protected readonly against = computed(() => {
    const [a, b] = [this.a(), this.b()];
    const { good, clean } = against(this.rows(), a, b);
    return [good ? this.text.good({ ...good, a, b }) : this.text.tooFew, ...(clean ? [this.text.clean({ ...clean, a, b })] : [])];
  });

  constructor() {
    effect(() => {
      const [id, asked] = [this.who()?.id, this.asked()];
      if (id !== undefined) untracked(() => this.load(id, asked));
    });
  }

  protected load(id: string, asked = this.asked()): void {
    if (this.looked()?.athleteId !== id) this.looked.set(null);
    this.trouble.set(null);
    const name = Object.keys(asked).length > 0 ? null : `looked-${id}`;
    void this.question.ask(
      () => this.lastSeen.ask(name, LookedAt, this.api.coverage(id, asked)),
      ({ value, at }) => {
        const before = this.looked()?.uncounted ?? Infinity;
        this.looked.set(value);
        // Of a long history each answer counts some more runs.
        if (at === null && value.uncounted > 0 && value.uncounted < before) this.load(id, asked);
      },
      (error) => this.trouble.set(troubleOf(error)),
    );
  }
}
