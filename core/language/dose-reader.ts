import type { SyntaxNode } from '@lezer/common';
import { said } from '../said.js';
import {
  doseBy,
  DOSE_LIMITS,
  exactly,
  LONGEST_REST,
  OPEN_LEAST,
  pyramid,
  type Chime,
  type Claim,
  type Dose,
  type Range,
  type Rest,
  type Sides,
  type Work,
} from './dose.js';
import { numbersOf, rangeOf, timeOf } from './dose-numbers.js';
import { beyond, rangeText, secondsText } from './dose-words.js';
import { ENGLISH_DOSE_LEXICON as WORDS } from './dose-word-classes.js';
import { ENGLISH } from './english.js';
import { lexiconOf, singularOf } from './lexicon.js';
import type { DoseMessage, DoseMessages } from './messages.js';
import { nearestWord } from './nearest.js';
import type { Span } from './places.js';
import { childrenOf } from './tree.js';

/** What is wrong with a piece of a dose, where, and the nearest thing that works there; or what may be meant there. */
export type DoseError = DoseMessage & {
  readonly from: number;
  readonly to: number;
  readonly instead: string | null;
  /** What may be meant in the place of the piece. */
  readonly readings: readonly string[];
};

/** What a sport counts, in words of the line of steps: ‘10 splits’, ‘8 smashes’. */
const { moves, strikes, composed, things } = lexiconOf(ENGLISH);
const isCounted = (words: string): boolean =>
  [words, ...singularOf(words)].some((one) => moves.has(one) || strikes.has(one) || composed.has(one) || things.has(one));

/** How often something comes, in the order in which it was said. */
interface Factor extends Span {
  readonly kind: 'set' | 'round' | 'times';
  readonly range: Range;
}

interface SaidWork extends Span {
  readonly work: Work;
}

interface OneSide extends Span {
  readonly side: 'left' | 'right';
  /** Where the side is a stroke's. */
  readonly unit: string | null;
  /** So many, or seconds. */
  readonly amount: Range;
  readonly by: 'count' | 'time';
}

/** Gathers what a dose's tree says, and marks what says nothing. */
export class DoseReader {
  readonly errors: DoseError[] = [];
  private readonly works: SaidWork[] = [];
  private readonly factors: Factor[] = [];
  private readonly chimes: Chime[] = [];
  private readonly oneSides: OneSide[] = [];
  private rest: { value: Rest; between: 'round' | 'set' | null } | null = null;
  private setRest: Rest = null;
  private restSaid = false;
  private sides: Sides | null = null;
  /** ‘each’ without a word for what. */
  private each: Span | null = null;
  private inAll = false;
  private within: (Pick<Claim, 'seconds'> & Span) | null = null;
  private more: Partial<Dose> = {};
  private either: Span | null = null;

  constructor(
    private readonly text: string,
    /** Reads what stands in brackets, which begins at an offset. */
    private readonly inner: (text: string) => DoseReader | null,
  ) {}

  /** Takes one clause of the tree; what is none is marked word by word. */
  take(node: SyntaxNode): void {
    if (node.type.isError || node.name === 'Stray') {
      for (const one of node.firstChild ? childrenOf(node) : [node]) this.mark(one);
      return;
    }
    const clause = this.clauses[node.name];
    if (clause === undefined) return;
    if (broken(node)) {
      // What is not whole is not taken.
      if (node.name === 'Rest') this.add(node, 'rest-no-time', { said: this.said(node) }, 'rest 30 s');
      else this.mark(node);
      return;
    }
    this.commas(node);
    clause(node);
  }

  /** ‘1,5 min’: one and a half, or one and then five. */
  private commas(node: SyntaxNode): void {
    node.cursor().iterate((one) => {
      const typed = this.said(one);
      if (one.name === 'Number' && typed.includes(','))
        this.add(one, 'decimal-comma', { said: typed }, null, [typed.replace(',', '.'), typed.replace(',', ' × ')]);
    });
  }

  private readonly clauses: Readonly<Record<string, (node: SyntaxNode) => void>> = {
    Product: (node) => this.product(node),
    Sets: (node) => this.counted(node, 'set'),
    Rounds: (node) => this.counted(node, 'round'),
    Worked: (node) => this.worked(node),
    Rest: (node) => this.rests(node),
    Ratio: (node) => this.ratio(node),
    Sides: (node) => this.bothSides(node),
    TwoSides: (node) => this.saySides(node, { of: 'side', share: null }),
    Within: (node) => this.claim(node),
    Open: (node) => this.open(node),
    Ladder: (node) => this.ladder(node),
    Chime: (node) => this.chime(node),
    Alternating: (node) => this.alternating(node),
    Aloud: (node) => this.aloud(node),
    Extra: (node) => this.once(node, 'challenge', true),
    InARow: (node) => {
      const before = this.works.at(-1);
      this.add(before ? { from: before.from, to: node.to } : node, 'in-a-row', { said: this.said(node) }, null, [
        before ? this.text.slice(before.from, before.to) : '10',
      ]);
    },
    Either: (node) => (this.either = node),
    Hanging: (node) => this.hanging(node),
  };

  /** The dose that was said; null where it does not say how much. */
  dose(): Dose | null {
    this.sideBySide();
    this.works.sort((a, b) => a.from - b.from);
    const counted = this.manifold();
    const first = this.works[0];
    const second = this.works[1];
    if (first && second && this.either && first.to <= this.either.from && this.either.from < second.from) this.ask(first, second);
    else {
      for (const other of this.works.slice(1)) this.add(other, 'said-twice', { said: this.said(other) });
      if (this.either) this.mark(this.either);
    }
    const work = first?.work ?? counted?.work ?? null;
    if (work === null) return null;
    const [sets, rounds] = counted?.work && !first ? counted.rest : (counted?.rest ?? [exactly(1), exactly(1)]);
    return doseBy(this.claimed(work), {
      sides: this.sidesOf(work),
      sets,
      rounds,
      ...this.restsOf(sets, rounds, work),
      chimes: this.chimes,
      ...this.more,
    });
  }

  /** What was understood besides how much, for the nearest dose that says it. */
  besides(): Partial<Dose> {
    return { sides: this.sides, rest: this.rest?.value ?? null, setRest: this.setRest, chimes: this.chimes, ...this.more };
  }

  private ask(a: SaidWork, b: SaidWork): void {
    this.add({ from: a.from, to: b.to }, 'either', { said: this.text.slice(a.from, b.to) }, null, [this.said(a), this.said(b)]);
  }

  /** Sets and rounds; and what is done so often, where nothing else is said: ‘three rounds’, ‘4x’. */
  private manifold(): { readonly work: Work | null; readonly rest: readonly [Range, Range] } | null {
    const said = [...this.factors];
    let work: Work | null = null;
    if (this.works.length === 0) {
      const last = said.pop();
      if (!last) return null;
      work = { by: 'count', count: this.bounded(last.range, DOSE_LIMITS.count, last), of: 1, within: null };
    }
    const named = said.findIndex(({ kind }) => kind === 'set');
    // A ladder has its own rounds: what is done several times, are sets of them.
    // ‘3 × 10 with 30 s between sets’: the three are sets.
    const setsOnly = said.length === 1 && said[0]?.kind === 'times' && this.setRest !== null && this.rest === null;
    const ladder = this.works[0]?.work.by === 'ladder';
    const set = named >= 0 ? said.splice(named, 1)[0] : said.length > 1 || ladder || setsOnly ? said.shift() : undefined;
    const round = ladder ? undefined : said.shift();
    for (const more of said) this.add(more, 'said-twice', { said: this.said(more) });
    return {
      work,
      rest: [
        set ? this.bounded(set.range, DOSE_LIMITS.sets, set) : exactly(1),
        round ? this.bounded(round.range, DOSE_LIMITS.rounds, round) : exactly(1),
      ],
    };
  }

  private restsOf(sets: Range, rounds: Range, work: Work): Pick<Dose, 'rest' | 'setRest'> {
    const { rest, setRest } = this;
    if (rest === null) return { rest: null, setRest };
    // One round a set: what is rested, is rested between sets.
    const single = sets.high > 1 && rounds.high === 1 && work.by !== 'ladder' && rest.between === null && setRest === null;
    return single ? { rest: null, setRest: rest.value } : { rest: rest.value, setRest };
  }

  private sidesOf(work: Work): Sides | null {
    const { sides, each } = this;
    if (sides) {
      // ‘10 each, left and right’.
      if (sides.share === null && each) return { ...sides, share: 'each' };
      if (each) this.add(each, 'said-twice', { said: this.said(each) });
      return this.inAll && sides.share === null ? { ...sides, share: 'all' } : sides;
    }
    // ‘3 rounds, 2 min each’ speaks of the rounds.
    if (each === null || (work.by === 'time' && this.factors.some(({ kind }) => kind !== 'times'))) return null;
    return { of: 'side', share: 'each' };
  }

  private claimed(work: Work): Work {
    const { within } = this;
    if (within === null) return work;
    // ‘10 × 10 in 2 min’ is a hundred in two minutes; ‘3 rounds of 20 in 30 s’ is thirty seconds a round.
    const all = this.factors.every(({ kind }) => kind === 'times') && this.factors.some(({ range }) => range.high > 1);
    if (work.by === 'count' || work.by === 'calls') return { ...work, within: { seconds: within.seconds, for: all ? 'all' : 'round' } };
    this.add(within, 'not-understood', { said: this.said(within) });
    return work;
  }

  /** ‘5 left 5 right’, ‘1 min left, 1 min right’: as much on both sides, or it is asked. */
  private sideBySide(): void {
    const [one, other] = this.oneSides;
    if (!one) return;
    // ‘10 forehands’ alone are ten of them.
    if (!other && one.unit !== null) {
      this.works.push({ from: one.from, to: one.to, work: this.oneSided(one, one) });
      return;
    }
    for (const more of this.oneSides.slice(2)) this.add(more, 'said-twice', { said: this.said(more) });
    const span = { from: one.from, to: other?.to ?? one.to };
    const amounts = [
      ...new Set([one, ...(other ? [other] : [])].map(({ by, amount }) => (by === 'time' ? secondsText(amount) : rangeText(amount)))),
    ];
    if (!other || amounts.length > 1 || one.side === other.side)
      this.add(span, 'uneven-sides', { said: this.said(span) }, null, [...amounts.map((n) => `${n} each side`), ...(other ? [] : amounts)]);
    this.saySides(span, { of: 'side', share: 'each' });
    this.works.push({ ...span, work: this.oneSided(one, span) });
  }

  private oneSided({ by, amount }: OneSide, span: Span): Work {
    if (by === 'time') return { by, seconds: this.bounded(amount, DOSE_LIMITS.seconds, span, secondsText) };
    return { by, count: this.bounded(amount, DOSE_LIMITS.count, span), of: 1, within: null };
  }

  private product(node: SyntaxNode): void {
    const parts = childrenOf(node);
    const once = parts.find(({ name }) => name === 'Twice' || name === 'Once');
    if (once) return this.factor(once, 'times', exactly(once.name === 'Twice' ? 2 : 1));
    const factors = parts.filter(({ name }) => ['Count', 'Time', 'Pair', 'Inner'].includes(name));
    if (factors.length === 0) return this.mark(node);
    const unitless = (one: SyntaxNode): boolean => one.name === 'Count' && childrenOf(one).length === 1;
    // ‘x4’: how often alone.
    const often = factors.length === 1 && /^(?:X|Times)$/.test(parts[0]?.name ?? '');
    const main = factors.find(({ name }) => name !== 'Count') ?? factors.find((one) => !unitless(one)) ?? (often ? null : factors.at(-1));
    if (often && main) this.mark(parts[0] as SyntaxNode);
    const side = node.getChild('OneSide');
    const sided = side && (main?.name === 'Time' || main?.name === 'Count') ? side : null;
    if (side && !sided) this.mark(side);
    for (const one of factors) {
      if (one === main && sided) this.oneSide(one, sided);
      else if (one === main) this.main(one);
      else this.factor(one, 'times', rangeOf(this.text, one.firstChild as SyntaxNode));
    }
  }

  /** ‘4x’: what stands before it is how often, and not how much. */
  private hanging(node: SyntaxNode): void {
    const before = this.works.at(-1);
    const counted = before?.work.by === 'count' && before.to <= node.from && !/\p{L}/u.test(this.said(before)) ? before.work : null;
    if (!before || counted === null) return this.mark(node);
    this.works.pop();
    this.factors.push({ from: before.from, to: node.to, kind: 'times', range: counted.count });
  }

  /** What of a product is the work. */
  private main(node: SyntaxNode): void {
    if (node.name === 'Time') this.works.push({ ...spanOf(node), work: this.timed(node) });
    else if (node.name === 'Pair') this.pair(node);
    else if (node.name === 'Inner') this.brackets(node);
    else this.works.push({ ...spanOf(node), work: this.count(node) });
  }

  private timed(node: SyntaxNode): Work {
    return { by: 'time', seconds: this.bounded(timeOf(this.text, node), DOSE_LIMITS.seconds, node, secondsText) };
  }

  private count(node: SyntaxNode): Work {
    const [range, ...unit] = childrenOf(node);
    const typed = unit.map((one) => this.said(one).toLowerCase());
    // ‘10 split steps’, ‘10 steps’: a word of the sport, or of doses.
    const known = isCounted(typed.join(' ')) || typed.every((one) => isCounted(one) || WORDS.keyOf(one) !== null);
    if (!known) for (const one of unit) this.mark(one);
    const kinds = unit.filter((_, i) => !['repetition', null].includes(WORDS.keyOf(typed[i] ?? '')));
    for (const more of kinds.slice(1)) this.add(more, 'said-twice', { said: this.said(more) });
    const key = kinds[0] ? WORDS.keyOf(this.said(kinds[0]).toLowerCase()) : null;
    const write = (one: Range): string => [rangeText(one), ...typed].join(' ');
    const count = this.bounded(rangeOf(this.text, range as SyntaxNode), DOSE_LIMITS.count, node, write);
    if (key === 'call') return { by: 'calls', count, within: null };
    return { by: 'count', count, of: key === 'double' ? 2 : key === 'triple' ? 3 : 1, within: null };
  }

  /** ‘3:00/1:00’, ‘20/10’: work and rest. */
  private pair(node: SyntaxNode): void {
    const [work, rest] = childrenOf(node).filter(({ name }) => name === 'Time' || name === 'Count') as [SyntaxNode, SyntaxNode];
    const minutes = [work, rest].find((one) => childrenOf(one).some(({ name }) => name === 'Minutes'));
    const bare = work.name === 'Count' && rest.name === 'Count';
    const [a, b] = [work, rest].map((one): Range => {
      const range = timeOf(this.text, one.name === 'Count' ? (one.firstChild as SyntaxNode) : one);
      const factor = one.name === 'Count' && minutes ? 60 : 1;
      return { low: range.low * factor, high: range.high * factor };
    }) as [Range, Range];
    for (const one of [work, rest]) if (one.name === 'Count') for (const more of childrenOf(one).slice(1)) this.mark(more);
    // Six seconds at most are no round: minutes are as likely (our own number).
    if (bare && Math.max(a.high, b.high) < 6)
      this.add(node, 'bare-pair', { said: this.said(node) }, null, [
        `${rangeText(a)} min/${rangeText(b)} min`,
        `${rangeText(a)} s/${rangeText(b)} s`,
      ]);
    this.works.push({ ...spanOf(node), work: { by: 'time', seconds: this.bounded(a, DOSE_LIMITS.seconds, node, secondsText) } });
    this.sayRest(node, this.boundedRest(b, rest, null), null);
  }

  /** What stands in brackets: a dose of its own, which is done several times, or more of this one. */
  private brackets(node: SyntaxNode): void {
    const block = this.said(node);
    const inside = block.slice(1, block.endsWith(')') ? -1 : undefined);
    const inner = this.inner(inside);
    if (inner === null) return this.mark(node);
    const dose = inner.dose();
    const from = node.from + 1;
    this.errors.push(...inner.errors.map((error) => ({ ...error, from: error.from + from, to: error.to + from })));
    if (dose === null) {
      const { rest, setRest, sides, chimes = [], ...more } = inner.besides();
      this.chimes.push(...chimes);
      if (rest !== null && rest !== undefined) this.sayRest(node, rest, null);
      if (setRest !== null && setRest !== undefined) this.sayRest(node, setRest, 'set');
      if (sides) this.saySides(node, sides);
      this.more = { ...more, ...this.more };
      return;
    }
    this.works.push({ ...spanOf(node), work: dose.work });
    const own = { ...spanOf(node) };
    // Its rests are between its rounds; those around it between its sets.
    if (dose.rounds.high > 1) this.factors.push({ ...own, kind: 'round', range: dose.rounds });
    if (dose.sets.high > 1) this.factors.push({ ...own, kind: 'set', range: dose.sets });
    if (dose.rest !== null) this.sayRest(node, dose.rest, 'round');
    if (dose.setRest !== null) this.sayRest(node, dose.setRest, 'set');
    if (dose.sides) this.saySides(node, dose.sides);
    this.chimes.push(...dose.chimes);
    this.inside = true;
  }

  /** Whether brackets said the rounds: a rest behind them is between sets. */
  private inside = false;

  private counted(node: SyntaxNode, kind: 'set' | 'round'): void {
    const parts = childrenOf(node.getChild('Timed') ?? node);
    const range = parts.find(({ name }) => name === 'Range');
    const time = parts.find(({ name }) => name === 'Time');
    this.factor(node, kind, range ? rangeOf(this.text, range) : exactly(1));
    if (time) this.works.push({ ...spanOf(time), work: this.timed(time) });
  }

  private factor(span: SyntaxNode, kind: Factor['kind'], range: Range): void {
    this.factors.push({ ...spanOf(span), kind, range });
  }

  private worked(node: SyntaxNode): void {
    const amount = childrenOf(node).find(({ name }) => name === 'Time' || name === 'Count');
    if (!amount) return this.mark(node);
    const bare = amount.name === 'Count' && childrenOf(amount).length === 1;
    const seconds = bare ? (amount.firstChild as SyntaxNode) : amount;
    this.works.push({ ...spanOf(node), work: bare || amount.name === 'Time' ? this.timed(seconds) : this.count(amount) });
  }

  private rests(node: SyntaxNode): void {
    const form = node.firstChild as SyntaxNode;
    const parts = childrenOf(form);
    const named = (name: string): SyntaxNode | undefined => parts.find((one) => one.name === name);
    const between = named('SetKey') ? 'set' : named('RoundKey') ? 'round' : null;
    if (form.name === 'NoRest') {
      if (between !== 'round') this.setRest ??= 0;
      if (between !== 'set') this.sayRest(node, 0, between);
      return;
    }
    if (form.name === 'RestEqual') return this.sayRest(node, { times: 1 }, between);
    if (form.name === 'RestTimes') {
      const { low } = rangeOf(this.text, named('Range') as SyntaxNode);
      if (low < 0) this.add(node, 'rest-negative', {}, between === 'set' ? 'set rest 30 s' : 'rest 30 s');
      else this.sayRest(node, { times: low }, between);
      return;
    }
    const amount = named('Time') ?? named('Count');
    if (!amount) return this.mark(node);
    // ‘rest 2 days’ is no time that is known.
    if (amount.name === 'Count' && childrenOf(amount).length > 1)
      return void this.add(node, 'rest-no-time', { said: this.said(node) }, 'rest 30 s');
    const range = timeOf(this.text, amount.name === 'Count' ? (amount.firstChild as SyntaxNode) : amount);
    this.sayRest(node, this.boundedRest(range, node, between), between);
  }

  private boundedRest(range: Range, span: Span, between: 'set' | 'round' | null): Rest {
    const word = between === 'set' ? 'set rest' : 'rest';
    if (Math.min(range.low, range.high) < 0) return this.add(span, 'rest-negative', {}, `${word} 30 s`);
    if (Math.max(range.low, range.high) > LONGEST_REST) return this.add(span, 'rest-long', {}, `${word} 60 s`);
    if (range.low <= range.high) return range.low === range.high ? range.low : range;
    const turned = { low: range.high, high: range.low };
    this.add(span, 'downwards', { said: this.said(span) }, `${word} ${secondsText(turned)}`);
    return turned;
  }

  private sayRest(span: Span, value: Rest, between: 'round' | 'set' | null): void {
    const set = between === 'set' || (between === null && this.inside);
    if (set ? this.setRest !== null && this.restSaid : this.rest !== null) {
      this.add(span, 'said-twice', { said: this.said(span) });
      return;
    }
    if (set) this.setRest = value;
    else this.rest = { value, between };
    this.restSaid ||= set;
  }

  private ratio(node: SyntaxNode): void {
    const clock = childrenOf(node).find(({ name }) => name === 'Clock');
    const [work = 0, rest = 0] = clock ? this.said(clock).split(':').map(Number) : numbersOf(this.text, node);
    if (work > 0) this.sayRest(node, { times: rest / work }, null);
    else this.mark(node);
  }

  private bothSides(node: SyntaxNode): void {
    const parts = childrenOf(node);
    const word = parts.find(({ name }) => name === 'SideWord');
    const all = parts.some(({ name }) => name === 'InAll');
    if (!word) {
      if (all ? this.inAll : this.each !== null) this.add(node, 'said-twice', { said: this.said(node) });
      else if (all) this.inAll = true;
      else this.each = node;
      return;
    }
    const of = WORDS.keyOf(this.said(word).toLowerCase()) === 'leads' ? 'lead' : 'side';
    const both = parts.some(({ name }) => name === 'Both');
    this.saySides(node, { of, share: both ? (all ? 'all' : null) : 'each' });
  }

  private saySides(span: Span, sides: Sides): void {
    // ‘10 both sides, each side’: what was open is answered.
    const answered = this.sides?.share === null && this.sides.of === sides.of && sides.share !== null;
    if (this.sides && !answered) this.add(span, 'said-twice', { said: this.said(span) });
    else this.sides = sides;
  }

  private oneSide(amount: SyntaxNode, node: SyntaxNode): void {
    const side = node.firstChild as SyntaxNode;
    const by = amount.name === 'Time' ? 'time' : 'count';
    if (by === 'count')
      for (const word of childrenOf(amount).slice(1))
        if (!isCounted(this.said(word).toLowerCase()) && WORDS.keyOf(this.said(word)) !== 'repetition') this.mark(word);
    const unit = isCounted(this.said(side).toLowerCase()) ? this.said(side) : null;
    const word = node.getChild('SideWord');
    if (unit !== null && word) this.mark(word);
    this.oneSides.push({
      ...{ from: amount.from, to: node.to },
      side: WORDS.keyOf(this.said(side).toLowerCase()) === 'left' ? 'left' : 'right',
      unit,
      amount: by === 'time' ? timeOf(this.text, amount) : rangeOf(this.text, amount.firstChild as SyntaxNode),
      by,
    });
  }

  private claim(node: SyntaxNode): void {
    if (this.within) return void this.add(node, 'said-twice', { said: this.said(node) });
    const { low } = timeOf(this.text, childrenOf(node).at(-1) as SyntaxNode);
    const seconds = this.bounded(exactly(low), DOSE_LIMITS.seconds, node, (range) => `in ${rangeText(range)} s`).low;
    this.within = { seconds, ...spanOf(node) };
  }

  private open(node: SyntaxNode): void {
    const time = childrenOf(node).find(({ name }) => name === 'Time');
    this.works.push({ ...spanOf(node), work: { by: 'open', least: time ? timeOf(this.text, time).low : OPEN_LEAST } });
  }

  private ladder(node: SyntaxNode): void {
    const parts = childrenOf(node);
    const numbers = numbersOf(this.text, node);
    const [first = 1, last] = numbers;
    const kind = WORDS.keyOf(this.said(parts[0] as SyntaxNode).toLowerCase());
    const runs = last !== undefined && parts.some(({ name }) => name === 'To') && Math.abs(last - first) < 100;
    const run = runs ? Array.from({ length: Math.abs(last - first) + 1 }, (_, i) => first + i * Math.sign(last - first)) : numbers;
    const counts = kind === 'pyramid' && run.length === 1 ? pyramid(Math.min(20, Math.max(1, first))) : run;
    const kept = counts.filter((n) => Number.isInteger(n) && n >= 1 && n <= DOSE_LIMITS.count).slice(0, DOSE_LIMITS.ladder);
    if (kept.length < counts.length || (kind === 'pyramid' && first > 20))
      this.add(node, 'ladder', { said: this.said(node), most: DOSE_LIMITS.count });
    this.works.push({ ...spanOf(node), work: { by: 'ladder', counts: kept.length > 0 ? kept : [1] } });
  }

  private chime(node: SyntaxNode): void {
    const parts = childrenOf(node);
    const every = timeOf(this.text, parts.find(({ name }) => name === 'Time') as SyntaxNode).low;
    if (every < 1) return void this.add(node, 'chime', {}, 'every 20 s (…)');
    const block = parts.find(({ name }) => name === 'Block');
    const words = parts.filter(({ name }) => name === 'Name');
    const [first, last] = [words[0], words.at(-1)];
    const does = block ? this.said(block).replace(/^\(|\)$/g, '') : first && last ? this.text.slice(first.from, last.to) : '';
    if (does.trim() === '') return void this.add(node, 'chime-what', { said: this.said(node) }, null);
    const has = (name: string): boolean => parts.some((one) => one.name === name);
    const one: Chime = { every, does: does.trim(), when: has('Cycle') ? 'at cycle end' : 'at once', onBell: has('Bell') };
    if (this.chimes.length < DOSE_LIMITS.chimes) this.chimes.push(one);
    else this.add(node, 'said-twice', { said: this.said(node) });
  }

  private alternating(node: SyntaxNode): void {
    const raw = childrenOf(node).find(({ name }) => name === 'Raw');
    const [a = '', b = '', more] = raw
      ? this.said(raw)
          .split(/\sand\s/i)
          .map((one) => one.trim())
      : [];
    if (a === '' || b === '' || more !== undefined) this.mark(node);
    else this.once(node, 'alternate', { a, b });
  }

  private aloud(node: SyntaxNode): void {
    const parts = childrenOf(node);
    const block = parts.find(({ name }) => name === 'Block');
    const has = (name: string): boolean => parts.some((one) => one.name === name);
    const speaks = has('Down') || has('Countdown') ? 'down' : has('BeatsKey') ? 'beats' : 'counts';
    if (speaks === 'beats' && !block && !has('AloudKey')) return this.mark(node);
    if (this.more.speaks) return void this.add(node, 'said-twice', { said: this.said(node) });
    const beats = block
      ? this.said(block)
          .replace(/^\(|\)$/g, '')
          .split(/[,;]/)
          .map((one) => one.trim())
          .filter((one) => one !== '')
      : [];
    if (beats.length > DOSE_LIMITS.beats)
      this.add(block as SyntaxNode, 'too-much', { said: this.said(block as SyntaxNode), most: DOSE_LIMITS.beats });
    this.more = { ...this.more, speaks, beats: beats.slice(0, DOSE_LIMITS.beats) };
  }

  private once<Key extends 'challenge' | 'alternate'>(span: Span, key: Key, value: Dose[Key]): void {
    if (key in this.more) this.add(span, 'said-twice', { said: this.said(span) });
    else this.more = { ...this.more, [key]: value };
  }

  /** A range within its limits and whole where it counts; what is not is said. */
  private bounded(range: Range, most: number, span: Span, write: (range: Range) => string = rangeText): Range {
    const wrong = beyond(range, most);
    if (wrong) this.add(span, wrong.why, { said: this.said(span), most }, write(wrong.instead));
    const kept = wrong?.instead ?? range;
    if (most === DOSE_LIMITS.seconds || (Number.isInteger(kept.low) && Number.isInteger(kept.high))) return kept;
    const whole = { low: Math.max(1, Math.floor(kept.low)), high: Math.max(1, Math.floor(kept.high)) };
    this.add(span, 'not-whole', { said: this.said(span) }, write(whole));
    return whole;
  }

  private said({ from, to }: Span): string {
    return this.text.slice(from, to).trim();
  }

  /** Marks what says nothing here, with the nearest word. */
  mark(span: Span): void {
    const typed = this.said(span);
    if (typed !== '')
      this.add(span, 'not-understood', { said: typed }, /^\p{L}{3,}$/u.test(typed) ? nearestWord(typed.toLowerCase(), WORDS.words) : null);
  }

  private add<Code extends keyof DoseMessages>(
    { from, to }: Span,
    code: Code,
    values: DoseMessages[Code],
    instead: string | null = null,
    readings: readonly string[] = [],
  ): null {
    if (this.errors.length < DOSE_LIMITS.errors)
      this.errors.push({ ...said<DoseMessages, Code>(code, values), from, to, instead, readings });
    return null;
  }
}

const spanOf = ({ from, to }: SyntaxNode): Span => ({ from, to });

/** Whether something in a clause is missing or too much. */
function broken(node: SyntaxNode): boolean {
  let found = false;
  node.cursor().iterate((one) => {
    found ||= one.type.isError;
  });
  return found;
}
