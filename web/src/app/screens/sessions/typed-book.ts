import { computed, effect, inject, signal, untracked } from '@angular/core';
import { PlaybookSchema } from '@hopsk/contract/playbook';
import { fieldsOf } from '@hopsk/contract/problem';
import { PLAYBOOKS } from '@hopsk/core/catalogue/books';
import { inALine, saidFields } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';
import { DeviceStore } from '../../data/device-store';
import { same } from '../../data/same';
import { TeachingStore } from '../../data/teaching';
import { Ask } from '../../ui/ask';
import { once } from '../../ui/once';
import type { OwnBook } from './book-edits';
import { KeptBook } from './kept-book';

/** Where the device keeps the one that is being typed. */
const KEY = 'playbook';

/**
 * A playbook of the club's own while it is typed: kept on the device at once, saved over the one it was typed over, and never
 * over somebody else's unasked. To be made where things can be injected.
 */
export class TypedBook {
  private readonly club = inject(TeachingStore);
  private readonly device = inject(DeviceStore);
  private readonly questions = inject(Ask);
  private readonly text = words.build;
  readonly mine = computed(() => this.club.teaching().playbooks);
  readonly code = signal(PLAYBOOKS[0]?.code ?? '');
  /** The club's own book as it is typed; null while one of those to begin with is looked at. */
  readonly typed = signal<OwnBook | null>(null);
  /** As the club's own stood when it began to be typed over; null where it is new. */
  private readonly base = signal<OwnBook | null>(null);
  readonly dirty = signal(false);
  readonly said = signal('');
  readonly wrong = signal<readonly string[]>([]);

  constructor() {
    effect(() => {
      const [mine, code] = [this.mine(), this.code()];
      untracked(() => {
        if (!this.dirty()) this.typed.set(mine.find((one) => one.code === code) ?? null);
      });
    });
    void this.recall();
  }

  async choose(code: string): Promise<void> {
    if (!(await this.mayLeave())) return;
    this.settled();
    this.said.set('');
    this.wrong.set([]);
    this.code.set(code);
    this.typed.set(this.ofClub(code));
  }

  /** Whether what is typed may be given up. */
  async mayLeave(): Promise<boolean> {
    const { leave, leaveYes, leaveNo } = words.common;
    return !this.dirty() || this.questions.sure({ question: leave, yes: leaveYes, no: leaveNo });
  }

  /** One that is new. */
  begin(book: OwnBook): void {
    this.code.set(book.code);
    this.put(book);
  }

  change(change: (typed: OwnBook) => Partial<OwnBook>): void {
    const typed = this.typed();
    if (typed) this.put({ ...typed, ...change(typed) });
  }

  async save(): Promise<void> {
    const typed = this.typed();
    if (!typed) return;
    const read = PlaybookSchema.safeParse(typed);
    this.wrong.set(read.success ? [] : saidFields(fieldsOf(read.error, typed)).map((one) => inALine([one])));
    if (!read.success) return;
    const { bookChanged: question } = this.text;
    const theirs = this.ofClub(typed.code);
    if (!same(theirs, this.base())) {
      if (!(await this.questions.sure({ question, yes: words.common.keepMine, no: words.common.notNow }))) return;
      this.base.set(theirs);
    }
    await this.settle((others) => [...others, read.data]);
  }

  async forget(): Promise<void> {
    await this.settle((others) => [...others]);
    if (!this.dirty() && this.ofClub(this.code()) === null) await this.choose(PLAYBOOKS[0]?.code ?? '');
  }

  private readonly settle = once((among: (others: readonly OwnBook[]) => OwnBook[]) => this.keep(among));

  /** Saves this one among the club's others as they are now: what somebody else saved of those meanwhile is no reason to ask. */
  private async keep(among: (others: readonly OwnBook[]) => OwnBook[]): Promise<void> {
    const code = this.code();
    const save = () => this.club.save({ playbooks: among(this.mine().filter((one) => one.code !== code)) });
    const first = await save();
    const trouble = first?.kind === 'stale' && same(this.ofClub(code), this.base()) ? await save() : first;
    if (!trouble) this.settled();
    this.said.set(trouble?.message ?? this.text.bookKept);
  }

  private ofClub(code: string): OwnBook | null {
    return this.mine().find((one) => one.code === code) ?? null;
  }

  /** What is typed outlives the page. */
  private put(book: OwnBook): void {
    if (!this.dirty()) this.base.set(this.ofClub(book.code));
    this.typed.set(book);
    this.dirty.set(true);
    void this.device.keep(KEY, { base: this.base(), book });
  }

  /** Nothing typed is left open. */
  private settled(): void {
    this.dirty.set(false);
    void this.device.keep(KEY, null);
  }

  /** What was typed before the page went, unless somebody types already. */
  private async recall(): Promise<void> {
    const kept = KeptBook.safeParse(await this.device.recall(KEY));
    if (!kept.success || this.dirty()) return;
    const { base, book } = kept.data;
    this.code.set(book.code);
    this.base.set(base);
    this.dirty.set(true);
    this.put(book);
  }
}
