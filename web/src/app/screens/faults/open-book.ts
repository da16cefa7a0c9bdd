import { inject, signal } from '@angular/core';
import { Book, type BookAsked } from '@hopsk/contract/book';
import { words } from '@hopsk/words/words';
import { firstValueFrom } from 'rxjs';
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
  /** Whether all evenings of many years are asked for one by one. */
  private all = false;
  private of = '';

  /** Opens somebody's, or the part of it that is asked for. What stood of the same athlete stays until the answer comes. */
  readonly load = (id: string, asked: BookAsked = {}): void => {
    if (this.book()?.athleteId !== id) this.book.set(null);
    if (this.of !== id) [this.of, this.all] = [id, false];
    this.trouble.set(null);
    this.ask(id, asked, (error) => this.trouble.set(troubleOf(error)));
  };

  /** Opens it anew, where something of it was changed or counted; where that fails what stands is still true, of less. */
  readonly again = (id: string, asked: BookAsked = {}): void => this.ask(id, asked, () => undefined);

  /** Opens it anew with all its evenings one by one. */
  readonly whole = (id: string, asked: BookAsked = {}): void => {
    this.all = true;
    this.load(id, asked);
  };

  /** The book that stands there, with all its evenings; null where they cannot be had, which is said. */
  async everything(asked: BookAsked): Promise<Book | null> {
    const book = this.book();
    if (!book || book.earlier === 0) return book;
    try {
      return await firstValueFrom(this.api.of(book.athleteId, { ...asked, evenings: 'all' }));
    } catch (error) {
      this.trouble.set(troubleOf(error));
      return null;
    }
  }

  private ask(id: string, asked: BookAsked, failed: (error: unknown) => void): void {
    // Only the whole book is kept for when there is no network.
    const name = isPart(asked) || this.all ? null : `book-${id}`;
    const evenings = this.all ? { evenings: 'all' as const } : {};
    void this.question.ask(
      () => this.lastSeen.ask(name, Book, this.api.of(id, { ...asked, ...evenings })),
      ({ value, at }) => {
        this.book.set(value);
        this.seenAt.set(at === null ? '' : words.book.lastSeen(new Date(at).toLocaleString()));
      },
      failed,
    );
  }
}
