import { ChangeDetectionStrategy, Component, computed, effect, inject, input, linkedSignal, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { Book } from '@hopsk/contract/book';
import { faultsByCode } from '@hopsk/core/catalogue/faults';
import type { BookEntry } from '@hopsk/core/evidence/book';
import { BOOK_ORDER, stateIn } from '@hopsk/core/evidence/states';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Table } from '../../ui/table';
import { Store } from '@ngrx/store';
import { Latest } from '../../compute/latest';
import { BookApi } from '../../data/book-api';
import { LastSeen } from '../../data/last-seen';
import { troubleOf, type Trouble } from '../../data/problem';
import { picked } from '../../data/picked';
import { mine } from '../../data/may';
import { people } from '../../data/records';
import { isOutside, RateChart } from '../../drawing/rate-chart';
import { fileName, saveFile } from '../../drawing/export';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { byId } from '../../ui/options';
import { bookAsCsv } from './book-file';
import { Decide } from './decide';
import { EveningRunsView } from './evening-runs';
import { FaultDetailView } from './fault-detail';
import { per100 } from './fault-split';

const catalogue = faultsByCode();

/** The fault book of one athlete: what recurs first, the chosen fault by session, and the numbers behind it. */
@Component({
  selector: 'hop-book',
  imports: [Choice, Decide, EveningRunsView, FaultDetailView, Head, MatButton, RateChart, RouterLink, Table],
  templateUrl: './book.html',
  styleUrl: './book.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BookScreen {
  readonly athlete = input<string>();
  /** Of whom the address opens this fault. */
  readonly fault = input<string>();
  /** The evening whose taps the address opens. */
  readonly day = input<string>();
  private readonly store = inject(Store);
  private readonly api = inject(BookApi);
  private readonly lastSeen = inject(LastSeen);
  protected readonly text = words.book;
  protected readonly says = words.recurrence;
  protected readonly splits = words.splits;
  protected readonly may = mine().may;
  protected readonly common = words.common;
  protected readonly people = this.store.selectSignal(people.selectHere);
  protected readonly peopleOptions = computed(() => byId(this.people()));
  protected readonly status = this.store.selectSignal(people.selectStatus);
  protected readonly choice = picked(this.people, () => this.athlete());
  protected readonly who = this.choice.record;
  protected readonly book = signal<Book | null>(null);
  private readonly entries = computed(() => this.book()?.entries);
  /** Without a network: that this is what was seen when. */
  protected readonly seenAt = signal('');
  protected readonly trouble = signal<Trouble | null>(null);
  private readonly question = new Latest();
  /** What is open stays open while the book comes anew; first that is what to fix first. */
  protected readonly chosen = linkedSignal<Book['entries'] | undefined, BookEntry | null>({
    source: this.entries,
    computation: (entries, before) => {
      const open = before?.value?.fault ?? this.fault() ?? untracked(() => this.book()?.first[0]?.fault);
      return entries?.find(({ fault }) => fault === open) ?? entries?.[0] ?? null;
    },
  });
  protected readonly known = computed(() => catalogue.get(this.chosen()?.fault ?? '') ?? null);
  protected readonly label = faultLabel;
  protected readonly told = computed(() => words.faults[this.chosen()?.fault ?? ''] ?? null);
  protected readonly causes = computed(() => (this.known()?.causes ?? []).map(faultLabel).join(', '));
  protected readonly watched = computed(() => Math.max(0, ...(this.book()?.entries ?? []).map((entry) => entry.attempts)));
  protected readonly overview = computed(() => {
    const book = this.book();
    if (!book) return '';
    const when = book.from === null ? '' : `, ${book.from} – ${book.to}`;
    return `${book.sessions} ${this.text.sessions}${when} · ${this.text.watched} ${this.watched()} · ${this.text.praise} ${book.praise}`;
  });
  /** What to fix first: each opens its fault. */
  protected readonly first = computed(() =>
    (this.book()?.first ?? []).flatMap((one) => {
      const entry = this.book()?.entries.find(({ fault }) => fault === one.fault);
      return entry ? [{ entry, label: this.label(one.fault), says: this.splits.firstSays(one, this.label) }] : [];
    }),
  );
  protected readonly groups = computed(() => {
    const rows = (this.book()?.entries ?? []).map((entry) => ({ entry, label: this.label(entry.fault), ...this.words(entry) }));
    return BOOK_ORDER.map((state) => ({
      name: this.says.states[state],
      rows: rows.filter(({ entry }) => stateIn(entry) === state),
    })).filter((group) => group.rows.length > 0);
  });
  protected readonly state = computed(() => {
    const entry = this.chosen();
    return entry ? this.says.states[stateIn(entry)] : '';
  });
  /** What is said of the state: why it is so, and when it is looked at next. */
  protected readonly why = computed(() => {
    const entry = this.chosen();
    if (!entry || entry.couldShow === 0) return '';
    const { state, why, next } = entry.recurrence;
    return `${this.says.why(why, state)} ${this.says.review(next)}`;
  });
  protected readonly lately = computed(() => {
    const lately = this.chosen()?.lately;
    return lately ? this.says.lately(lately) : '';
  });
  protected readonly sinceBreak = computed(() => {
    const since = this.chosen()?.sinceBreak;
    return since ? this.says.sinceBreak(since) : '';
  });
  protected readonly sentence = computed(() => {
    const entry = this.chosen();
    if (!entry) return '';
    if (entry.rate === null) return `${entry.noted} × ${this.text.noted}, ${this.text.noRate}.`;
    return this.text.says(entry);
  });
  protected readonly spread = computed(() => {
    const interval = this.chosen()?.interval;
    if (!interval) return '';
    return interval.of === 'session'
      ? this.text.oneSession
      : `${this.text.widened} × ${interval.deff.toFixed(2)} (ρ ${interval.rho.toFixed(3)}).`;
  });
  /** Where several watched: in how many of those attempts they disagree about the chosen fault. */
  protected readonly together = computed(() => {
    const agreement = this.book()?.agreement.find(({ fault }) => fault === this.chosen()?.fault);
    return agreement ? this.common.agreement(agreement) : '';
  });
  protected readonly heads = [
    this.text.session,
    this.text.faulty,
    this.text.attempts,
    this.text.per100,
    this.text.interval,
    this.says.limits,
    this.text.noted,
  ];
  protected readonly sessions = computed(() =>
    [...(this.chosen()?.sessions ?? [])]
      .reverse()
      .map(({ day, faulty, attempts, rate, interval, limits, noted }) => [
        day,
        String(faulty),
        String(attempts),
        rate === null ? this.text.notSeen : per100(rate),
        interval ? `${per100(interval.low)}–${per100(interval.high)}` : '',
        limits ? `${per100(limits.low)}–${per100(limits.high)}${isOutside(rate, limits) ? `, ${this.says.outside}` : ''}` : '',
        noted === 0 ? '' : String(noted),
      ]),
  );

  constructor() {
    effect(() => {
      const id = this.who()?.id;
      if (id !== undefined) untracked(() => this.load(id));
    });
  }

  protected load(id: string): void {
    this.book.set(null);
    this.seenAt.set('');
    this.trouble.set(null);
    void this.question.ask(
      () => this.lastSeen.ask(`book-${id}`, Book, this.api.of(id)),
      ({ value, at }) => {
        this.book.set(value);
        this.seenAt.set(at === null ? '' : this.text.lastSeen(new Date(at).toLocaleString()));
      },
      (error) => this.trouble.set(troubleOf(error)),
    );
  }

  protected save(): void {
    const book = this.book();
    if (book) saveFile(bookAsCsv(book.entries), fileName(`${this.text.title} ${book.from} ${book.to}`, 'csv'));
  }

  /** What was decided is in it now, or what drags what along in runs that were not counted before. */
  protected again({ athleteId }: Book): void {
    void this.question.ask(
      () => this.lastSeen.ask(`book-${athleteId}`, Book, this.api.of(athleteId)),
      ({ value }) => this.book.set(value),
      // What stands is still true, of less.
      () => undefined,
    );
  }

  private words(entry: BookEntry): { rate: string; range: string; seen: string } {
    if (entry.rate === null || !entry.interval) return { rate: this.text.notSeen, range: '', seen: '' };
    const seen = `${entry.seenSessions} ${this.text.of} ${entry.couldShow}`;
    return { rate: per100(entry.rate), range: `${per100(entry.interval.low)}–${per100(entry.interval.high)}`, seen };
  }
}
