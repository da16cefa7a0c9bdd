import { inject, signal } from '@angular/core';
import { Book } from '@hopsk/contract/book';
import { leftOpen } from '@hopsk/core/evidence/today';
import { Store } from '@ngrx/store';
import { BookApi } from '../../data/book-api';
import { LastSeen } from '../../data/last-seen';
import { mine } from '../../data/may';
import { people } from '../../data/records';
import { dayOf } from '../../parts/run-setup';

/** What is to be decided about those who take part. To be made where things can be injected. */
export class RunToDecide {
  private readonly people = inject(Store).selectSignal(people.selectById);
  private readonly lastSeen = inject(LastSeen);
  private readonly api = inject(BookApi);
  private readonly reads = mine().may('faults');
  /** Faults of which their book leaves something to be decided, by athlete. */
  private readonly open = signal<ReadonlyMap<string, readonly string[]>>(new Map());

  /** What they work on, and what their fault book leaves open. */
  of(id: string): readonly string[] {
    return [...new Set([...(this.people()[id]?.focus ?? []), ...this.leftOpen(id)])];
  }

  /** What their fault book leaves open, once it was read. */
  leftOpen(id: string): readonly string[] {
    return this.open().get(id) ?? [];
  }

  /** One after the other, while the run goes on; without a network as it was seen last, or by their focus alone. */
  async read(ids: readonly string[]): Promise<void> {
    if (!this.reads) return;
    const day = dayOf(new Date());
    for (const id of ids) {
      if (this.open().has(id)) continue;
      const book = await this.lastSeen.ask(`book-${id}`, Book, this.api.of(id, {})).catch(() => null);
      const faults = book ? leftOpen(book.value.entries, book.value.decisions, day).map(({ fault }) => fault) : [];
      this.open.update((known) => new Map([...known, [id, faults]]));
    }
  }
}
