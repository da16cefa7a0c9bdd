import { ChangeDetectionStrategy, Component, computed, effect, inject, input, linkedSignal, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { FaultDecisions, FaultRemedies, type Remedy } from '@hopsk/contract/book';
import { GroupBook } from '@hopsk/contract/group-book';
import { TeachingStore } from '../../data/teaching';
import { helpedBy, whatHelped } from '@hopsk/core/evidence/what-helped';
import { STAGE_KINDS } from '@hopsk/core/plan/exercise';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { Latest } from '../../compute/latest';
import { BookApi } from '../../data/book-api';
import { LastSeen } from '../../data/last-seen';
import { troubleOf, type Trouble } from '../../data/problem';
import { people } from '../../data/records';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { namedOptions } from '../../ui/options';
import { DecisionList } from './decision-list';
import { per100 } from './fault-split';
import { columnsOf, inOrder, rowsOf, sinceWeeks, WEEKS, type Weeks } from './group-map';

/** One fault of everybody: who shows it, and what was decided about it with what came after. */
@Component({
  selector: 'hop-everybody',
  imports: [Choice, DecisionList, Head, MatButton, RouterLink],
  templateUrl: './everybody.html',
  styleUrl: './everybody.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EverybodyScreen {
  /** As the address says. */
  readonly fault = input<string>();
  private readonly api = inject(BookApi);
  private readonly lastSeen = inject(LastSeen);
  private readonly asking = new Latest();
  private readonly listing = new Latest();
  private readonly seeking = new Latest();
  protected readonly text = words.everybody;
  protected readonly common = words.common;
  protected readonly decidedNames = words.season.decided;
  protected readonly weeksOptions = namedOptions(WEEKS, words.group.weeks);
  private readonly club = inject(TeachingStore);
  private readonly people = inject(Store).selectSignal(people.selectHere);
  protected readonly weeks = signal<Weeks>('26');
  private readonly given = signal<GroupBook | null>(null);
  private readonly kept = signal<FaultDecisions | null>(null);
  protected readonly remedies = signal<FaultRemedies | null>(null);
  protected readonly seenAt = signal('');
  protected readonly trouble = signal<Trouble | null>(null);
  protected readonly loaded = computed(() => this.given() !== null && this.kept() !== null);
  private readonly group = computed(() => rowsOf(this.given()?.athletes ?? [], this.people(), { kind: 'all' }));
  /** What most show first; then all others, by name. */
  protected readonly options = computed(() => {
    const seen = columnsOf(this.group()).seen;
    const rest = this.club
      .faults()
      .map(({ code }) => code)
      .filter((code) => !seen.includes(code));
    return [...seen, ...rest].map((value) => ({ value, label: faultLabel(value) }));
  });
  /** What the address or the coach says; else what most show. */
  protected readonly said = linkedSignal(() => this.fault() ?? null);
  protected readonly chosen = computed(() => {
    const [first] = this.options();
    return (this.options().find(({ value }) => value === this.said()) ?? first)?.value ?? '';
  });
  protected readonly rows = computed(() =>
    inOrder(this.group(), { fault: this.chosen() }).flatMap(({ person, cells }) => {
      const cell = cells.get(this.chosen());
      if (!cell) return [];
      const { rate, interval, attempts, faulty, evenings, noted } = cell;
      return [
        {
          ...{ id: person.id, name: person.name, attempts: attempts > 0 ? `${faulty}/${attempts}` : '', evenings: evenings || '' },
          rate: rate === null ? '' : per100(rate),
          range: interval ? `${per100(interval.low)}–${per100(interval.high)}` : '',
          noted: noted > 0 ? this.text.noted(noted) : '',
        },
      ];
    }),
  );
  private readonly decisions = computed(() => this.kept()?.decisions ?? []);
  protected readonly helped = computed(() =>
    whatHelped(this.decisions())
      .filter(({ times }) => times > 0)
      .map((one) => ({ decided: one.decided, says: this.text.says(one) })),
  );
  /** Kinds of stages, those that were followed by less most often first. */
  protected readonly begun = computed(() =>
    STAGE_KINDS.flatMap((kind) => {
      const of = (this.remedies()?.remedies ?? []).filter((one) => one.kind === kind);
      if (of.length === 0) return [];
      const helped = helpedBy(of.map(({ difference }) => difference));
      return [{ name: words.build.kinds[kind], helped, says: this.text.says(helped), rows: of.flatMap((one) => this.begunRow(one)) }];
    }).sort((a, b) => b.helped.rarer - b.helped.oftener - (a.helped.rarer - a.helped.oftener)),
  );
  /** By athlete, whoever was decided on last first. */
  protected readonly lists = computed(() =>
    [...new Set(this.decisions().map(({ athleteId }) => athleteId))].flatMap((id) => {
      const person = this.people().find((one) => one.id === id);
      return person ? [{ id, name: person.name, decisions: this.decisions().filter(({ athleteId }) => athleteId === id) }] : [];
    }),
  );

  constructor() {
    effect(() => {
      this.weeks();
      untracked(() => this.loadGroup());
    });
    effect(() => {
      this.chosen();
      untracked(() => {
        this.remedies.set(null);
        this.loadDecisions();
        this.loadRemedies();
      });
    });
  }

  private begunRow({ athleteId: id, day, difference }: Remedy) {
    const person = this.people().find((one) => one.id === id);
    if (!person) return [];
    const shares = difference ? [per100(difference.earlier), per100(difference.later), this.text.begunChange(difference)] : [];
    return [{ id, name: person.name, day, shares }];
  }

  protected load(): void {
    this.loadGroup();
    this.loadDecisions();
    this.loadRemedies();
  }

  private loadGroup(): void {
    const weeks = this.weeks();
    this.trouble.set(null);
    void this.asking.ask(
      () => this.lastSeen.ask(`group-${weeks}`, GroupBook, this.api.group(sinceWeeks(weeks))),
      ({ value, at }) => {
        this.given.set(value);
        this.seenAt.set(at === null ? '' : words.book.lastSeen(new Date(at).toLocaleString()));
      },
      (error) => this.trouble.set(troubleOf(error)),
    );
  }

  protected loadDecisions(): void {
    const fault = this.chosen();
    this.kept.set(null);
    void this.listing.ask(
      () => this.lastSeen.ask(`decided-${fault}`, FaultDecisions, this.api.decisionsOf(fault)),
      ({ value }) => this.kept.set(value),
      (error) => this.trouble.set(troubleOf(error)),
    );
  }

  /** Asked again while runs are still being counted for it. */
  private loadRemedies(): void {
    const fault = this.chosen();
    void this.seeking.ask(
      () => this.lastSeen.ask(`remedies-${fault}`, FaultRemedies, this.api.remediesOf(fault)),
      ({ value, at }) => {
        const before = this.remedies()?.uncounted ?? Infinity;
        this.remedies.set(value);
        if (at === null && value.uncounted > 0 && value.uncounted < before) this.loadRemedies();
      },
      (error) => this.trouble.set(troubleOf(error)),
    );
  }
}
