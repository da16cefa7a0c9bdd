import { ChangeDetectionStrategy, Component, computed, effect, inject, signal, untracked } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { PlaybookSchema } from '@hopsk/contract/playbook';
import { fieldsOf } from '@hopsk/contract/problem';
import type { Teaching } from '@hopsk/contract/teaching';
import { PLAYBOOKS } from '@hopsk/core/catalogue/books';
import { EXAMPLES } from '@hopsk/core/catalogue/presets';
import { readWith } from '@hopsk/core/judge/study';
import { PLAYBOOK_LIMITS, scenariosOf, type Playbook } from '@hopsk/core/plan/playbook';
import { bookInWords, inALine, saidFields } from '@hopsk/words/naming';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import type { HoldsTyping } from '../../parts/holds-typing';
import { DeviceStore } from '../../data/device-store';
import { same } from '../../data/same';
import { TeachingStore } from '../../data/teaching';
import { SIDES } from '@hopsk/core/body/foot';
import { Ask } from '../../ui/ask';
import { Box } from '../../ui/box';
import { Choice } from '../../ui/choice';
import { Head } from '../../ui/head';
import { asTyped, texts } from '../../ui/reads';
import { once } from '../../ui/once';
import { byCode, namedOptions } from '../../ui/options';
import { valuesFrom, valuesText } from './coverage';
import { KeptBook } from './kept-book';

/** Where the device keeps the one that is being typed. */
const KEY = 'playbook';

type Own = Teaching['playbooks'][number];
type Situation = Own['situations'][number];
type Answer = Situation['answers'][number];

const own = (book: Playbook, code: string, name: string): Own => ({ ...book, code, name: name.slice(0, 60) });
const EMPTY: Playbook = { code: '', name: '', sport: '', school: 'square-ready', lead: 'none', situations: [] };

/** Decisions for scenario calls: those to begin with can be looked at and copied, the club's own can be changed. */
@Component({
  selector: 'hop-playbooks',
  imports: [Box, Choice, Head, MatButton],
  templateUrl: './playbooks.html',
  styleUrl: './playbooks.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Playbooks implements HoldsTyping {
  private readonly club = inject(TeachingStore);
  private readonly device = inject(DeviceStore);
  protected readonly text = words.build;
  protected readonly common = words.common;
  private readonly questions = inject(Ask);
  protected readonly stances = this.club.stances;
  protected readonly starters = PLAYBOOKS.map(bookInWords);
  protected readonly stanceOptions = computed(() => byCode(this.stances()));
  protected readonly leads = namedOptions<Own['lead']>(['none', ...SIDES], { none: words.common.none, ...words.common.sides });
  protected readonly reads = {
    name: texts(60),
    sport: texts(40),
    situation: texts(80, 1),
    technique: texts(120, 1),
    steps: asTyped(4000),
    back: asTyped(1200),
  };
  protected readonly books = computed(() => [
    ...byCode(this.mine().map(({ code, name }) => ({ code, name: `${name} · ${this.text.ours}` }))),
    ...byCode(this.starters),
  ]);
  protected readonly mine = computed(() => this.club.teaching().playbooks);
  protected readonly code = signal(PLAYBOOKS[0]?.code ?? '');
  /** The club's own book as it is typed; null while one of those to begin with is looked at. */
  protected readonly typed = signal<Own | null>(null);
  /** As the club's own stood when it began to be typed over; null where it is new. */
  private readonly base = signal<Own | null>(null);
  protected readonly dirty = signal(false);
  protected readonly said = signal('');
  protected readonly wrong = signal<readonly string[]>([]);
  protected readonly book = computed<Playbook | null>(() => this.typed() ?? this.starters.find((one) => one.code === this.code()) ?? null);
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

  constructor() {
    this.club.load();
    effect(() => {
      const [mine, code] = [this.mine(), this.code()];
      untracked(() => {
        if (!this.dirty()) this.typed.set(mine.find((one) => one.code === code) ?? null);
      });
    });
    void this.recall();
  }

  unsaved(): boolean {
    return this.dirty();
  }

  protected async choose(code: string): Promise<void> {
    if (!(await this.mayLeave())) return;
    this.settled();
    this.said.set('');
    this.wrong.set([]);
    this.code.set(code);
    this.typed.set(this.ofClub(code));
  }

  /** A copy of what is looked at, or an empty one, as the club's own. */
  protected async begin(from: Playbook | null): Promise<void> {
    if (!(await this.mayLeave())) return;
    const codes = new Set([...PLAYBOOKS, ...this.mine()].map((one) => one.code));
    let n = 1;
    while (codes.has(`own-${n}`)) n++;
    this.code.set(`own-${n}`);
    this.put(own(from ?? EMPTY, `own-${n}`, from ? this.text.copyOf(from.name) : this.text.newBook));
  }

  /** Whether what is typed may be given up. */
  private async mayLeave(): Promise<boolean> {
    const { leave, leaveYes, leaveNo } = this.common;
    return !this.dirty() || this.questions.sure({ question: leave, yes: leaveYes, no: leaveNo });
  }

  protected change(change: Partial<Own>): void {
    const typed = this.typed();
    if (!typed) return;
    this.put({ ...typed, ...change });
  }

  protected situation(at: number, change: Partial<Situation>): void {
    const typed = this.typed();
    if (typed) this.change({ situations: typed.situations.map((one, i) => (i === at ? { ...one, ...change } : one)) });
  }

  protected addSituation(): void {
    const situation = { situation: this.text.newSituation, answers: [{ technique: this.text.newAnswer, steps: '', back: [] }] };
    this.change({ situations: [...(this.typed()?.situations ?? []), situation] });
  }

  protected dropSituation(at: number): void {
    this.change({ situations: (this.typed()?.situations ?? []).filter((_, i) => i !== at) });
  }

  protected answer(at: number, which: number, change: Partial<Answer>): void {
    const answers = this.typed()?.situations[at]?.answers ?? [];
    this.situation(at, { answers: answers.map((one, i) => (i === which ? { ...one, ...change } : one)) });
  }

  protected addAnswer(at: number): void {
    const answers = this.typed()?.situations[at]?.answers ?? [];
    const more = { technique: this.text.newAnswer, steps: '', back: [] };
    this.situation(at, { answers: [...answers, more].slice(0, PLAYBOOK_LIMITS.answers) });
  }

  protected dropAnswer(at: number, which: number): void {
    const answers = this.typed()?.situations[at]?.answers ?? [];
    this.situation(at, { answers: answers.filter((_, i) => i !== which) });
  }

  /** 'home: shuffle left 40 cm | forward: advance 30 cm' */
  protected backs(text: string): Answer['back'] {
    return valuesFrom(text)
      .slice(0, PLAYBOOK_LIMITS.back)
      .map(({ name, steps }) => ({ name, steps: steps === name ? '' : steps }));
  }

  protected readonly backText = valuesText;
  protected readonly backExample = EXAMPLES.back;

  protected async save(): Promise<void> {
    const typed = this.typed();
    if (!typed) return;
    const read = PlaybookSchema.safeParse(typed);
    this.wrong.set(read.success ? [] : saidFields(fieldsOf(read.error, typed)).map((one) => inALine([one])));
    if (!read.success) return;
    const { bookChanged: question } = this.text;
    const theirs = this.ofClub(typed.code);
    if (!same(theirs, this.base())) {
      if (!(await this.questions.sure({ question, yes: this.common.keepMine, no: this.common.notNow }))) return;
      this.base.set(theirs);
    }
    await this.settle((others) => [...others, read.data]);
  }

  protected async forget(): Promise<void> {
    await this.settle((others) => [...others]);
    if (this.said() === this.text.bookKept) await this.choose(PLAYBOOKS[0]?.code ?? '');
  }

  private readonly settle = once((among: (others: readonly Own[]) => Own[]) => this.keep(among));

  /** Saves this one among the club's others as they are now: what somebody else saved of those meanwhile is no reason to ask. */
  private async keep(among: (others: readonly Own[]) => Own[]): Promise<void> {
    const code = this.code();
    const save = () => this.club.save({ playbooks: among(this.mine().filter((one) => one.code !== code)) });
    const first = await save();
    const trouble = first?.kind === 'stale' && same(this.ofClub(code), this.base()) ? await save() : first;
    if (!trouble) this.settled();
    this.said.set(trouble?.message ?? this.text.bookKept);
  }

  private ofClub(code: string): Own | null {
    return this.mine().find((one) => one.code === code) ?? null;
  }

  /** What is typed outlives the page. */
  private put(book: Own): void {
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
