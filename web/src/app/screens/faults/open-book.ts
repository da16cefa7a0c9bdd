import { inject, signal } from '@angular/core';
import { Book, type BookAsked } from '@hopsk/contract/book';
import { words } from '@hopsk/words/words';
import { Latest } from '../../compute/latest';
import { BookApi } from '../../data/book-api';
import { LastSeen } from '../../data/last-seen';
import { troubleOf, type Trouble } from '../../data/problem';

/** Whether something else than everything is asked for. */
export const isPart = (asked: BookAsked): boolean => Object.keys(asked).length > 0;

/** The fault book that a page has open; made where things can be injected. */
export class OpenBook {
  private readonly api = inject(BookApi);
  private readonly lastSeen = inject(LastSeen);
  private readonly question = new Latest();
  readonly book = signal<Book | null>(null);
  /** Without a network: that this is what was seen when. */
  readonly seenAt = signal('');
  readonly trouble = signal<Trouble | null>(null);

  /** Opens somebody's, or the part of it that is asked for. What stood of the same athlete stays until the answer comes. */
  readonly load = (id: string, asked: BookAsked = {}): void => {
    if (this.book()?.athleteId !== id) this.book.set(null);
    this.trouble.set(null);
    this.ask(id, asked, (error) => this.trouble.set(troubleOf(error)));
  };

  /** Opens it anew, where something of it was changed or counted; where that fails what stands is still true, of less. */
  readonly again = (id: string, asked: BookAsked = {}): void => this.ask(id, asked, () => undefined);

  private ask(id: string, asked: BookAsked, failed: (error: unknown) => void): void {
    // Only the whole book is kept for when there is no network.
    const name = isPart(asked) ? null : `book-${id}`;
    void this.question.ask(
      () => this.lastSeen.ask(name, Book, this.api.of(id, asked)),
      ({ value, at }) => {
        this.book.set(value);
        this.seenAt.set(at === null ? '' : words.book.lastSeen(new Date(at).toLocaleString()));
      },
      failed,
    );
  }
}
