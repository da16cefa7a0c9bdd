import { ChangeDetectionStrategy, Component, computed, effect, inject, input, linkedSignal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Router, RouterLink } from '@angular/router';
import { BookAsked, type Book } from '@hopsk/contract/book';
import { TeachingStore } from '../../data/teaching';
import type { BookEntry } from '@hopsk/core/evidence/book';
import { BOOK_ORDER, stateIn } from '@hopsk/core/evidence/states';
import { faultLabel, faultWords, remedyOf } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { picked } from '../../data/picked';
import { same } from '../../data/same';
import { mine } from '../../data/may';
import { people } from '../../data/records';
import { RateChart } from '../../drawing/rate-chart';
import { SaveDrawing } from '../../drawing/save-drawing';
import { fileName, saveFile } from '../../drawing/export';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { byId } from '../../ui/options';
import { bookAsCsv } from './book-file';
import { BookFilter } from './book-filter';
import { Decide } from './decide';
import { EveningRunsView } from './evening-runs';
import { EveningTable } from './evening-table';
import { FaultDetailView } from './fault-detail';
import { per100 } from './fault-split';
import { isPart, OpenBook } from './open-book';

/** The fault book of one athlete: what recurs first, the chosen fault by session, and the numbers behind it. */
@Component({
  selector: 'hop-book',
  imports: [
    BookFilter,
    Choice,
    Decide,
    EveningRunsView,
    EveningTable,
    FaultDetailView,
    Head,
    MatButton,
    RateChart,
    RouterLink,
    SaveDrawing,
  ],
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
  /** Of what alone the address has it read. */
  readonly from = input<string>();
  readonly to = input<string>();
  readonly done = input<string>();
  readonly kind = input<string>();
  readonly coach = input<string>();
  readonly source = input<string>();
  private readonly store = inject(Store);
  private readonly club = inject(TeachingStore);
  private readonly router = inject(Router);
  protected readonly opened = new OpenBook();
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
  /** Whose book it is; before it is known who is in the club: whose the address asks for. */
  protected readonly whose = computed(() => this.who()?.id ?? this.choice.id());
  protected readonly asked = computed(
    (): BookAsked => {
      const given = { from: this.from(), to: this.to(), done: this.done(), kind: this.kind(), coach: this.coach(), source: this.source() };
      return BookAsked.safeParse(Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined))).data ?? {};
    },
    { equal: same },
  );
  protected readonly part = computed(() => isPart(this.asked()));
  protected readonly book = this.opened.book;
  private readonly entries = computed(() => this.book()?.entries);
  /** What is open stays open while the book comes anew; first that is what to fix first. */
  protected readonly chosen = linkedSignal<Book['entries'] | undefined, BookEntry | null>({
    source: this.entries,
    computation: (entries, before) => {
      const open = before?.value?.fault ?? this.fault() ?? untracked(() => this.book()?.first[0]?.fault);
      return entries?.find(({ fault }) => fault === open) ?? entries?.[0] ?? null;
    },
  });
  protected readonly known = computed(() => this.club.catalogue().get(this.chosen()?.fault ?? '') ?? null);
  protected readonly label = faultLabel;
  protected readonly told = computed(() => faultWords(this.chosen()?.fault ?? ''));
  protected readonly remedy = computed(() => remedyOf(this.chosen()?.fault ?? ''));
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
  constructor() {
    effect(() => {
      const [id, asked] = [this.who()?.id, this.asked()];
      if (id !== undefined) untracked(() => this.opened.load(id, asked));
    });
  }

  /** Of what alone it is read, which stands in the address. */
  protected read(asked: BookAsked): void {
    const none = { from: null, to: null, done: null, kind: null, coach: null, source: null };
    void this.router.navigate([], { queryParams: { ...none, athlete: this.whose(), fault: this.chosen()?.fault, ...asked } });
  }

  protected async save(): Promise<void> {
    const book = await this.opened.everything(this.asked());
    if (book) saveFile(bookAsCsv(book.entries), fileName(`${this.text.title} ${book.from} ${book.to}`, 'csv'));
  }

  private words(entry: BookEntry): { rate: string; range: string; seen: string } {
    if (entry.rate === null || !entry.interval) return { rate: this.text.notSeen, range: '', seen: '' };
    const seen = `${entry.seenSessions} ${this.text.of} ${entry.couldShow}`;
    return { rate: per100(entry.rate), range: `${per100(entry.interval.low)}–${per100(entry.interval.high)}`, seen };
  }
}
