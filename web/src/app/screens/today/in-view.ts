import { computed, effect, inject, signal, untracked, type Signal } from '@angular/core';
import { Book } from '@hopsk/contract/book';
import { GroupBook } from '@hopsk/contract/group-book';
import type { Athlete } from '@hopsk/contract/people';
import { leftOpen, watchNext } from '@hopsk/core/evidence/today';
import { BookApi } from '../../data/book-api';
import { LastSeen } from '../../data/last-seen';
import { mine } from '../../data/may';
import { daysFrom } from './planned';

/** Whose books are looked into: as many as a coach has in mind. */
const MOST = 12;
/** How far back it is looked who was watched, days. */
const LATELY = 28;

/**
 * Who of those who are expected is to be watched next, and what of theirs waits for a decision: from the books of the club, or as they
 * were seen last. Nothing where whoever is signed in reads none. To be made where things can be injected.
 */
export class InView {
  private readonly api = inject(BookApi);
  private readonly lastSeen = inject(LastSeen);
  private readonly reads = mine().may('faults');
  private readonly group = signal<GroupBook | null>(null);
  private readonly books = signal<ReadonlyMap<string, Book>>(new Map());
  private readonly people: Signal<readonly Athlete[]>;

  constructor(
    expected: Signal<readonly Athlete[]>,
    private readonly day: string,
  ) {
    this.people = computed(() => expected().slice(0, MOST), {
      equal: (a, b) => a.map(({ id }) => id).join() === b.map(({ id }) => id).join(),
    });
    effect(() => {
      const people = this.people();
      if (this.reads && people.length > 0) untracked(() => void this.look(people));
    });
  }

  readonly next = computed(() => {
    const seen = new Map(this.group()?.athletes.map(({ athleteId, cells }) => [athleteId, cells]));
    const people = this.people().map(({ id, focus }) => ({ id, focus, seen: seen.get(id) ?? [] }));
    const suggested = [...this.books()].flatMap(([id, { first }]) => (first[0] ? [[id, first[0].fault] as const] : []));
    return this.group() === null ? [] : watchNext(people, new Map(suggested));
  });

  readonly open = computed(() =>
    this.people().flatMap(({ id }) => {
      const book = this.books().get(id);
      return book ? leftOpen(book.entries, book.decisions, this.day).map((one) => ({ ...one, id })) : [];
    }),
  );

  /** One after the other: the page is there meanwhile. What cannot be had is not said: the book says so. */
  private async look(people: readonly Athlete[]): Promise<void> {
    const group = await this.lastSeen.ask('group-4', GroupBook, this.api.group(daysFrom(this.day, -LATELY))).catch(() => null);
    if (group) this.group.set(group.value);
    for (const { id } of people) {
      const book = await this.lastSeen.ask(`book-${id}`, Book, this.api.of(id, {})).catch(() => null);
      if (book) this.books.update((books) => new Map([...books, [id, book.value]]));
    }
  }
}
