import type { ElementRef } from '@angular/core';
import {
  afterRenderEffect,
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
  untracked,
  viewChild,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { picked } from '../../data/picked';
import { people } from '../../data/records';
import { dayOf } from '../../parts/run-setup';
import { AthleteHead } from './athlete-head';
import { DecisionList } from './decision-list';
import { shadeOf } from './group-map';
import { OpenBook } from './open-book';
import { BOOK_RULES } from '@hopsk/core/evidence/book-rules';
import { daysOf, neverWatched, seasonOf, type Mark, type Row } from '@hopsk/core/view/season';

/** Days that are shown at first: half a year of one evening a week. */
const DAYS = 26;
/** Attempts from which a mark is a rate (common practice, no source). */
const FEW = 5;
/** Most weeks that a gap is drawn as wide as. */
const WIDEST = 6;

/** A season of one athlete at a glance: a row a fault, a mark an evening, what was decided, and what is to be looked at again. */
@Component({
  selector: 'hop-season',
  imports: [AthleteHead, DecisionList, MatButton, RouterLink],
  templateUrl: './season.html',
  styleUrl: './season.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SeasonScreen {
  readonly athlete = input<string>();
  protected readonly opened = new OpenBook();
  protected readonly text = words.season;
  protected readonly texts = words.book;
  protected readonly common = words.common;
  protected readonly label = faultLabel;
  protected readonly few = FEW;
  private readonly people = inject(Store).selectSignal(people.selectHere);
  protected readonly choice = picked(this.people, () => this.athlete());
  protected readonly who = this.choice.record;
  protected readonly book = this.opened.book;
  protected readonly whole = signal(false);
  private readonly days = computed(() =>
    daysOf(this.book()?.entries ?? [], this.whole() ? Number.POSITIVE_INFINITY : DAYS, (this.book()?.numbers ?? BOOK_RULES).breakDays),
  );
  /** Evenings that are not drawn: those that are not shown, and those that were not even told. */
  protected readonly earlier = computed(() => this.days().earlier + (this.book()?.earlier ?? 0));
  protected readonly columns = computed(() =>
    this.days().columns.map((column) => ({
      ...column,
      head: column.day.slice(5),
      wide: `${Math.min(WIDEST, column.gap) * 12}px`,
      away: column.broke ? this.text.away(column.gap) : '',
    })),
  );
  protected readonly rows = computed(() =>
    seasonOf(this.book()?.entries ?? [], this.columns(), this.book()?.decisions ?? []).map((row) => ({
      ...row,
      label: faultLabel(row.fault),
      says: words.recurrence.states[row.state],
      cells: row.marks.map((mark, i) => this.cellOf(row, mark, i)),
    })),
  );
  protected readonly again = computed(() =>
    (this.book()?.entries ?? []).flatMap(({ fault, lookAgain }) =>
      lookAgain ? [{ fault, label: faultLabel(fault), says: this.text.due(lookAgain, dayOf(new Date())), due: lookAgain.due }] : [],
    ),
  );
  protected readonly never = computed(() =>
    neverWatched(this.book()?.entries ?? [], this.columns(), this.who()?.focus ?? [])
      .map(faultLabel)
      .join(', '),
  );

  private readonly scroll = viewChild<ElementRef<HTMLElement>>('scroll');

  constructor() {
    // The latest evenings are seen first, where not all fit.
    afterRenderEffect(() => {
      const { nativeElement: map } = this.scroll() ?? {};
      if (map && this.columns().length > 0) map.scrollLeft = map.scrollWidth;
    });
    effect(() => {
      const id = this.who()?.id;
      if (id !== undefined) untracked(() => this.opened.load(id));
    });
  }

  protected showAll(): void {
    this.whole.set(true);
    const book = this.book();
    if (book && book.earlier > 0) this.opened.whole(book.athleteId);
  }

  private cellOf(
    { flags }: Row,
    mark: Mark | null,
    i: number,
  ): { shown: string; says: string; shade: string; noted: boolean; flag: string } {
    const { faulty = 0, attempts = 0, noted = 0, interval = null } = mark ?? {};
    const flag = flags[i];
    const told = interval ? [this.text.cellSays(faulty, attempts, faulty / attempts, interval.low, interval.high)] : [];
    if (noted > 0) told.push(this.text.noted(noted));
    return {
      shown:
        attempts >= FEW
          ? String(Math.round((100 * faulty) / attempts))
          : attempts > 0
            ? `${faulty}/${attempts}`
            : noted > 0
              ? `+${noted}`
              : '',
      says: told.join('; '),
      shade: shadeOf(attempts > 0 ? faulty / attempts : 0),
      noted: attempts === 0 && noted > 0,
      flag: flag ? this.text.flags[flag] : '',
    };
  }
}
