import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { PLAYBOOKS } from '@hopsk/core/catalogue/books';
import { EXAMPLES } from '@hopsk/core/catalogue/presets';
import { readWith } from '@hopsk/core/judge/study';
import { PLAYBOOK_LIMITS, scenariosOf, type Playbook } from '@hopsk/core/plan/playbook';
import { bookInWords } from '@hopsk/words/naming';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import type { HoldsTyping } from '../../parts/holds-typing';
import { TeachingStore } from '../../data/teaching';
import { SIDES } from '@hopsk/core/body/foot';
import { LineBox } from '../../parts/line-box';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { asTyped, texts } from '../../ui/reads';
import { byCode, namedOptions } from '../../ui/options';
import {
  backsFrom,
  backsText,
  freeCode,
  owned,
  withAnswer,
  withNewAnswer,
  withNewSituation,
  withoutAnswer,
  withoutSituation,
  withSituation,
  type Answer,
  type OwnBook,
  type Situation,
} from './book-edits';
import { TypedBook } from './typed-book';

const EMPTY: Playbook = { code: '', name: '', sport: '', school: 'square-ready', lead: 'none', situations: [] };

/** Decisions for scenario calls: those to begin with can be looked at and copied, the club's own can be changed. */
@Component({
  selector: 'hop-playbooks',
  imports: [Box, Choice, Head, LineBox, MatButton],
  templateUrl: './playbooks.html',
  styleUrl: './playbooks.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Playbooks implements HoldsTyping {
  private readonly club = inject(TeachingStore);
  protected readonly text = words.build;
  protected readonly common = words.common;
  protected readonly typing = new TypedBook();
  protected readonly starters = PLAYBOOKS.map(bookInWords);
  protected readonly stanceOptions = computed(() => byCode(this.club.stances()));
  protected readonly leads = namedOptions<OwnBook['lead']>(['none', ...SIDES], { none: words.common.none, ...words.common.sides });
  protected readonly reads = {
    name: texts(60),
    sport: texts(40),
    situation: texts(80, 1),
    technique: texts(120, 1),
    back: asTyped(1200),
  };
  protected readonly books = computed(() => [
    ...byCode(this.typing.mine().map(({ code, name }) => ({ code, name: `${name} · ${this.text.ours}` }))),
    ...byCode(this.starters),
  ]);
  protected readonly book = computed<Playbook | null>(
    () => this.typing.typed() ?? this.starters.find((one) => one.code === this.typing.code()) ?? null,
  );
  /** Answers whose line cannot be read, each with its reason. */
  protected readonly unread = computed(() => {
    const book = this.book();
    if (!book) return [];
    return scenariosOf(book).flatMap(({ situation, technique, steps }) => {
      const [error] = readWith(steps, this.club.teaching().moves).errors;
      return error ? [`${situation}, ${technique}: ${say(words.notation, error)}`] : [];
    });
  });
  protected readonly canAdd = computed(() => (this.book()?.situations.length ?? 0) < PLAYBOOK_LIMITS.situations);

  /** What presses change: each of the book as it is typed then, not as it was drawn last. */
  protected readonly edit = {
    head: (change: Partial<OwnBook>) => this.typing.change(() => change),
    situation: (at: number, change: Partial<Situation>) => this.typing.change((book) => withSituation(book, at, change)),
    addSituation: () => this.typing.change((book) => withNewSituation(book, this.text.newSituation, this.text.newAnswer)),
    dropSituation: (at: number) => this.typing.change((book) => withoutSituation(book, at)),
    answer: (at: number, which: number, change: Partial<Answer>) => this.typing.change((book) => withAnswer(book, at, which, change)),
    back: (at: number, which: number, typed: string) =>
      this.typing.change((book) => withAnswer(book, at, which, { back: backsFrom(typed) })),
    addAnswer: (at: number) => this.typing.change((book) => withNewAnswer(book, at, this.text.newAnswer)),
    dropAnswer: (at: number, which: number) => this.typing.change((book) => withoutAnswer(book, at, which)),
  };
  protected readonly backText = backsText;
  protected readonly examples = EXAMPLES;

  constructor() {
    this.club.load();
  }

  unsaved(): boolean {
    return this.typing.dirty();
  }

  /** A copy of what is looked at, or an empty one, as the club's own. */
  protected async begin(from: Playbook | null): Promise<void> {
    if (!(await this.typing.mayLeave())) return;
    const code = freeCode([...PLAYBOOKS, ...this.typing.mine()]);
    this.typing.begin(owned(from ?? EMPTY, code, from ? this.text.copyOf(from.name) : this.text.newBook));
  }
}
