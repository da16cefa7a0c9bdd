import { ChangeDetectionStrategy, Component, computed, effect, inject, input, output, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import type { Book } from '@hopsk/contract/book';
import { BOOK_RULES, DECIDED_BY } from '@hopsk/core/evidence/book-rules';
import { DECIDED } from '@hopsk/core/evidence/decisions';
import { words } from '@hopsk/words/words';
import { firstValueFrom } from 'rxjs';
import * as z from 'zod/mini';
import { BookApi } from '../../data/book-api';
import { DeviceStore } from '../../data/device-store';
import { newId } from '../../data/ids';
import { mine } from '../../data/may';
import { same } from '../../data/same';
import { Sending, Sent } from '../../parts/sending';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { Either } from '../../ui/either';
import { once } from '../../ui/once';
import { namedOptions } from '../../ui/options';
import { texts } from '../../ui/reads';
import { Whole } from '../../ui/whole';
import { DecisionList } from './decision-list';

/** What is typed and not kept yet, with the id under which it will be: sent again it is the same one. */
const Typed = z.object({ id: z.string(), decided: z.enum(DECIDED), rule: z.enum(DECIDED_BY), why: z.string() });
type Typed = z.infer<typeof Typed>;

/** What both rules say of one fault, what the coach decides, and what was decided before. */
@Component({
  selector: 'hop-decide',
  imports: [Box, Choice, DecisionList, Either, MatButton, RouterLink, Sent, Whole],
  templateUrl: './decide.html',
  styleUrl: './decide.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Decide {
  readonly book = input.required<Book>();
  readonly fault = input.required<string>();
  /** Something was kept, or taken back. */
  readonly changed = output();
  private readonly api = inject(BookApi);
  private readonly device = inject(DeviceStore);
  protected readonly text = words.season;
  protected readonly texts = words.book;
  protected readonly may = mine().may;
  protected readonly sending = new Sending();
  protected readonly decidedOptions = namedOptions(DECIDED, words.season.decided);
  protected readonly ruleOptions = namedOptions(DECIDED_BY, words.season.rules);
  protected readonly why = texts(300);
  protected readonly typed = signal<Typed | null>(null);
  /** What is typed; until then to stay, by the rule of the last decision. */
  protected readonly now = computed(
    (): Typed => this.typed() ?? { id: newId(), decided: 'stay', rule: this.book().decisions[0]?.rule ?? this.book().numbers.by, why: '' },
  );
  protected readonly entry = computed(() => this.book().entries.find(({ fault }) => fault === this.fault()) ?? null);
  protected readonly decisions = computed(() => this.book().decisions.filter(({ fault }) => fault === this.fault()));
  /** What the rule of thumb asks for, and how it errs, as far as that was measured. */
  protected readonly rule = computed(() => {
    const { thumb } = this.book().numbers;
    const measured = same(thumb, BOOK_RULES.thumb);
    return `${this.texts.rule(thumb)} ${measured ? this.texts.ruleErs : this.texts.ruleUnmeasured}`;
  });
  protected readonly running = computed(() => {
    const entry = this.entry();
    return entry ? words.splits.test(entry.running) : '';
  });
  /** Since when the running test says so, and where it began anew, if it did. */
  protected readonly begins = computed(() => {
    const { on = null, after = null } = this.entry()?.running ?? {};
    return [...(on ? [this.text.reached(on)] : []), ...(after ? [this.text.begins(after)] : [])].join(' ');
  });
  private readonly key = computed(() => `draft:decide-${this.fault()}:${this.book().athleteId}`);

  constructor() {
    effect(() => {
      const key = this.key();
      untracked(() => void this.open(key));
    });
  }

  protected put(change: Partial<Typed>): void {
    const typed = { ...this.now(), ...change };
    this.typed.set(typed);
    void this.device.keep(this.key(), typed);
  }

  protected readonly keep = once(async () => {
    const { id, ...typed } = this.now();
    const [key, day] = [this.key(), this.book().to];
    await this.sending.send(async () => {
      await firstValueFrom(this.api.decide(this.book().athleteId, id, { ...typed, fault: this.fault(), day: day ?? '' }));
      await this.device.keep(key, null);
      if (key === this.key()) this.typed.set(null);
      this.changed.emit();
      return this.text.kept;
    });
  });

  /** What was typed here before the page went. */
  private async open(key: string): Promise<void> {
    this.typed.set(null);
    this.sending.said.set('');
    this.sending.trouble.set(null);
    const kept = Typed.safeParse(await this.device.recall(key));
    if (key === this.key() && kept.success && this.typed() === null) this.typed.set(kept.data);
  }
}
