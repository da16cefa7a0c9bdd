import { ChangeDetectionStrategy, Component, computed, effect, inject, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { GroupBook } from '@hopsk/contract/group-book';
import { TeachingStore } from '../../data/teaching';
import { BOOK_RULES } from '@hopsk/core/evidence/book-rules';
import { stationsOf } from '@hopsk/core/evidence/stations';
import { watchNext, type WatchFor } from '@hopsk/core/evidence/watch-next';
import { faultLabel, faultWords } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { Store } from '@ngrx/store';
import { Latest } from '../../compute/latest';
import { BookApi } from '../../data/book-api';
import { LastSeen } from '../../data/last-seen';
import { mine } from '../../data/may';
import { troubleOf, type Trouble } from '../../data/problem';
import { people } from '../../data/records';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { namedOptions, type Option } from '../../ui/options';
import {
  awayOf,
  columnsOf,
  inOrder,
  lastDay,
  needsOf,
  offeredIn,
  rowsOf,
  shadeOf,
  sinceWeeks,
  WEEKS,
  type Order,
  type Row,
  type Weeks,
  type Whom,
} from './group-map';

const ROOM = [1, 2, 3, 4] as const;
/** Columns that a map shows at first: what more people share. */
const COLUMNS = 10;

/** The fault books of a group beside each other: who shows what, whom to watch next, and who can work together. */
@Component({
  selector: 'hop-group',
  imports: [Choice, Head, MatButton, RouterLink],
  templateUrl: './group.html',
  styleUrl: './group.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class GroupScreen {
  private readonly api = inject(BookApi);
  private readonly lastSeen = inject(LastSeen);
  private readonly club = inject(TeachingStore);
  private readonly asking = new Latest();
  protected readonly text = words.group;
  protected readonly book = words.book;
  protected readonly common = words.common;
  protected readonly label = faultLabel;
  protected readonly may = mine().may;
  protected readonly weeksOptions = namedOptions(WEEKS, words.group.weeks);
  protected readonly roomOptions: readonly Option<number>[] = ROOM.map((value) => ({ value, label: String(value) }));
  protected readonly range = computed(() => (this.given()?.numbers ?? BOOK_RULES).running);
  private readonly people = inject(Store).selectSignal(people.selectHere);
  protected readonly weeks = signal<Weeks>('8');
  /** Of whom, as an option of the box has it. */
  protected readonly whom = signal('all');
  protected readonly order = signal<Order>('name');
  protected readonly room = signal(3);
  protected readonly wide = signal(false);
  private readonly given = signal<GroupBook | null>(null);
  protected readonly seenAt = signal('');
  protected readonly trouble = signal<Trouble | null>(null);

  private readonly books = computed(() => this.given()?.athletes ?? []);
  protected readonly loaded = computed(() => this.given() !== null);
  protected readonly whomOptions = computed((): readonly Option<string>[] => {
    const last = lastDay(this.books());
    const sports = [...new Set(this.people().map(({ sport }) => sport))].sort();
    return [
      { value: 'all', label: this.text.everybody },
      ...(last === null ? [] : [{ value: 'last', label: this.text.lastTime(last) }]),
      ...(sports.length < 2 ? [] : sports.map((sport) => ({ value: `sport ${sport}`, label: sport }))),
    ];
  });
  private readonly chosen = computed((): Whom => {
    const whom = this.whom();
    return whom === 'all' || whom === 'last' ? { kind: whom } : { kind: 'sport', sport: whom.slice('sport '.length) };
  });
  private readonly group = computed(() => rowsOf(this.books(), this.people(), this.chosen()));
  protected readonly away = computed(() =>
    awayOf(this.books(), this.people(), this.chosen())
      .map(({ name }) => name)
      .join(', '),
  );
  private readonly faults = computed(() => columnsOf(this.group()));
  protected readonly columns = computed(() => this.faults().seen.slice(0, this.wide() ? undefined : COLUMNS));
  protected readonly more = computed(() => this.faults().seen.length - this.columns().length);
  protected readonly inVain = computed(() => this.faults().inVain.map(faultLabel).join(', '));
  protected readonly rows = computed(() =>
    inOrder(this.group(), this.order()).map((row) => ({ ...row, cells: this.columns().map((fault) => this.cellOf(row, fault)) })),
  );
  private readonly open = computed(() => offeredIn(this.group(), new Set(this.club.faults().map(({ code }) => code))));
  /** Whom to watch next, and for what. */
  protected readonly next = computed(() => {
    const group = this.open().map(({ person: { id, focus }, cells }) => ({ id, focus, cells: [...cells.values()] }));
    return watchNext(group, this.club.catalogue(), this.range()).map((one) => ({
      ...{ id: one.id, name: this.nameOf(one.id) },
      for: one.for.map((of) => ({ fault: of.fault, label: faultLabel(of.fault), says: this.openSays(of) })),
    }));
  });
  protected readonly stations = computed(() => {
    const { stations, alone } = stationsOf(needsOf(this.open(), this.club.catalogue()), this.room());
    const names = (ids: readonly string[]): string => ids.map((id) => this.nameOf(id)).join(', ');
    return {
      alone: names(alone),
      stations: stations.map(({ fault, ids }) => ({
        fault,
        label: faultLabel(fault),
        names: names(ids),
        cue: faultWords(fault)?.cue ?? '',
      })),
    };
  });

  constructor() {
    effect(() => {
      this.weeks();
      untracked(() => this.load());
    });
  }

  protected load(): void {
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

  /** How a column says that the rows go by it. */
  protected sorted(by: Order): 'ascending' | 'descending' | null {
    const now = this.order();
    if (typeof by === 'string') return now === by ? 'ascending' : null;
    return typeof now !== 'string' && now.fault === by.fault ? 'descending' : null;
  }

  private nameOf(id: string): string {
    return this.people().find((one) => one.id === id)?.name ?? '';
  }

  private openSays({ attempts, interval, safety, focus }: WatchFor): string {
    const known = interval === null ? this.text.never : this.text.open(attempts, interval.low, interval.high);
    return [known, ...(safety ? [this.text.hurts] : []), ...(focus ? [this.text.focus] : [])].join('; ');
  }

  private cellOf({ cells }: Row, fault: string): { fault: string; shown: string; says: string; shade: string } {
    const cell = cells.get(fault);
    const { faulty = 0, attempts = 0, noted = 0 } = cell ?? {};
    const said =
      cell?.interval && cell.rate !== null ? [this.text.cellSays(faulty, attempts, cell.rate, cell.interval.low, cell.interval.high)] : [];
    if (noted > 0) said.push(this.text.notedSays(noted));
    return {
      fault,
      shown: [...(attempts > 0 ? [this.text.cell(faulty, attempts)] : []), ...(noted > 0 ? [`+${noted}`] : [])].join(' ') || '·',
      says: said.join('; ') || this.text.notWatched,
      shade: shadeOf(cell?.interval?.low ?? 0),
    };
  }
}
