import type { SyntaxNode } from '@lezer/common';
import { cut } from './cut.js';
import type { Aim, FootRef, Other, Repeated, Size, SideRef, SplitStyle, Tempo, Tied, Toe } from './ast.js';
import { TO_A_SIDE } from './floor-words.js';
import { METRES_OF, NOTATION_LIMITS } from './limits.js';
import { printed, wordOf } from './lexicon.js';
import { BEARING_OF, FACTOR_OF } from './measures.js';
import { ruleOf, type MoveWord } from './moves.js';
import { nearestWord } from './nearest.js';
import type { Span } from './places.js';
import type { Reading } from './reading.js';
import { childrenOf } from './tree.js';
import type { Composed, KeyWord } from './vocabulary.js';

const unquoted = (text: string): string => cut(text.slice(1, -1).trim(), NOTATION_LIMITS.name);

const SIDE_REFS: readonly SideRef[] = ['playing', 'other', 'lead', 'rear'];

/** Times that are taken, seconds: of an event, of a hold, of a step, and of a hit from its step. */
const LONGEST_TIME = 3600;
const HOLD = { least: 0, most: 600 } as const;
const STEP = { least: 0.05, most: 60 } as const;
const FURTHEST_HIT = 5;
/** Seconds after which somebody who follows sees what happens, at most. */
const SLOWEST = 5;

/** Degrees of a body that turns as it goes, and of a toe, where only the side is said (common practice, no source). */
const USUAL_TURNING = 45;
const USUAL_TOE = 20;

/** Moves that stay where they are where no direction is said. */
const STAYS: readonly MoveWord[] = [
  ...(['jump', 'one-foot hop', 'split', 'bounce', 'heel raise', 'preload hop', 'stamp', 'hold', 'weight shift', 'hit'] as const),
];

/** What of another body is a size. */
const OTHER_SIZES = ['tall', 'reach', 'keep', 'within'] as const;
type OtherSize = (typeof OTHER_SIZES)[number];
const isOtherSize = (pending: string | null): pending is OtherSize => OTHER_SIZES.some((one) => one === pending);
const SOMEBODY: Other = { tall: null, stance: null, lead: null, hand: null, reach: null, follows: null };
const FOLLOWS = { keep: null, within: null, reaction: null } as const;

/** What stands after the head of a step or behind a bracket, gathered. */
export class PartReader {
  readonly bearings: number[] = [];
  degrees: number | null = null;
  /** Degrees that were said without a word for them. */
  bareDegrees: number | null = null;
  /** Feet in the order in which they are named. */
  readonly feet: FootRef[] = [];
  readonly sizes: Size[] = [];
  /** A side by stroke or by lead. */
  side: SideRef | null = null;
  /** Whether directions are the hall's. */
  floor = false;
  /** A number alone, with its place: a count, unless what it belongs to has it otherwise. */
  bare: { readonly value: number; readonly node: SyntaxNode } | null = null;
  second: Size | null = null;
  short: Size | null = null;
  /** The side is −1 (left), 1 or not yet said; degrees are the usual ones until they are said. */
  turning: { readonly side: -1 | 1 | null; readonly degrees: number; readonly said: boolean } | null = null;
  toe: Toe | null = null;
  weight: FootRef | null = null;
  /** What of a toe was said. */
  private readonly toeSaid = { degrees: false, way: false };
  tempo: Tempo | null = null;
  then: Tempo | null = null;
  style: SplitStyle | null = null;
  aim: Aim | null = null;
  label: string | null = null;
  /** A name that was taken for a direction. */
  private loose: SyntaxNode | null = null;
  at: number | null = null;
  every: number | null = null;
  readonly hands: Tied[] = [];
  times = 1;
  /** Words that say nothing here. */
  marked = 0;
  private pendingNode: SyntaxNode | null = null;
  /** The size that was read last. */
  private justSized: Size | null = null;
  private degreesNode: SyntaxNode | null = null;
  private meant: number | null = null;
  private counted: SyntaxNode | null = null;
  private each: Repeated['each'] = null;
  private mirrored = false;
  /** Directions that came after each size, for the place of a thing. */
  private readonly places: { size: Size; bearing: number }[] = [];
  private pending: 'then' | 'short' | 'at' | 'every' | 'turning' | 'toe' | 'weight' | OtherSize | 'stance' | 'reaction' | null = null;
  /** What is said of another body; null: nothing. */
  other: Other | null = null;

  private open: { tied: Tied; from: number } | null = null;

  constructor(
    private readonly reading: Reading,
    /** What the parts belong to, as it is called. */
    readonly head = '',
    private readonly move: MoveWord | null = null,
    /** Whether sizes are how far something stands away: it may stand where one begins. */
    private readonly away = false,
  ) {}

  private get errors(): Reading['errors'] {
    return this.reading.errors;
  }

  get size(): Size | null {
    return this.sizes[0] ?? null;
  }

  get foot(): FootRef | null {
    return this.feet[0] ?? null;
  }

  /** Whether something was said besides these. */
  saysMoreThan(...known: readonly ('way' | 'size' | 'tempo' | 'name' | 'time' | 'again')[]): boolean {
    const said = {
      way: this.bearings.length > 0 || this.degrees !== null || this.side !== null,
      size: this.sizes.length > 0,
      tempo: this.tempo !== null,
      name: this.label !== null,
      time: this.at !== null || this.every !== null,
      again: this.times !== 1 || this.each !== null || this.mirrored,
    };
    const others = [
      this.feet.length > 0,
      this.style !== null,
      this.aim !== null,
      this.second !== null,
      this.short !== null,
      this.then !== null,
      this.turning !== null,
      this.toe !== null,
      this.weight !== null,
      this.floor,
    ];
    const hands = this.hands.length > 0;
    return hands || others.includes(true) || Object.entries(said).some(([what, is]) => is && !(known as readonly string[]).includes(what));
  }

  get repeated(): Omit<Repeated, 'span'> {
    return { times: this.times, each: this.each, mirrored: this.mirrored };
  }

  /** What a phrase says besides its move, before what stands behind it. */
  with(more: Composed | undefined): this {
    if (more?.style !== undefined) this.style = more.style;
    if (more?.degrees !== undefined) this.degrees = more.degrees;
    this.meant = more?.bearing ?? null;
    return this;
  }

  read(nodes: readonly SyntaxNode[]): this {
    const said = nodes.filter(({ name }) => name !== 'Filler' && name !== 'Comment');
    for (let i = 0; i < said.length; i++) {
      const strike = this.ownStrike(said, i);
      if (strike === null) this.part(said[i] as SyntaxNode, said[i + 1]);
      else i = strike;
    }
    this.unanswered();
    if (this.meant !== null && this.bearings.length === 0) this.bearings.push(this.meant);
    this.corner();
    this.closeHand();
    return this;
  }

  /** ‘To the rear corner, playing side’: a side that is said beside a corner is the corner's. */
  private corner(): void {
    const spot = TO_A_SIDE.find((one) => one === this.aim?.thing);
    if (!this.aim || spot === undefined || this.aim.side !== null) return;
    const across = this.bearings.findIndex((one) => Math.abs(one) === 90);
    const side = this.side ?? (across < 0 ? null : this.bearings[across] === 90 ? 'right' : 'left');
    if (this.side === null && across >= 0) this.bearings.splice(across, 1);
    this.side = null;
    this.aim = { ...this.aim, side };
  }

  /** Where a thing stands: metres as written, to the right and ahead, signed by their directions. */
  coordinates(): { right: Size | null; ahead: Size | null } {
    // A place without a direction is ahead.
    const [only] = this.places.length === 0 ? this.sizes : [];
    if (only) return { right: null, ahead: only };
    const along = (sign: (bearing: number) => number): Size | null => {
      const found = this.places.find(({ bearing }) => sign(bearing) !== 0);
      return found ? { ...found.size, value: found.size.value * sign(found.bearing) } : null;
    };
    return {
      right: along((bearing) => (bearing === 90 ? 1 : bearing === -90 ? -1 : 0)),
      ahead: along((bearing) => (bearing === 0 ? 1 : bearing === 180 ? -1 : 0)),
    };
  }

  private part(node: SyntaxNode, after: SyntaxNode | undefined): void {
    const said = this.said(node);
    if (node.name !== 'Size' && node.name !== 'Other') this.justSized = null;
    switch (node.name) {
      case 'Direction': {
        if (node.getChild('FootName')) return this.sideOf(node, said);
        const word = node.getChild('Side') ?? node.getChild('Along');
        if (!word) return this.unknown(node, said);
        if (this.pending === 'turning' && this.turning?.side === null && node.getChild('Side')) {
          this.turning = { ...this.turning, side: this.lexicon.directions.get(wordOf(this.of(word))) === 'left' ? -1 : 1 };
          return;
        }
        // ‘forward-left’ is both.
        for (const one of wordOf(this.of(word)).split('-')) this.direct(node, BEARING_OF[this.lexicon.directions.get(one) ?? 'ahead']);
        return;
      }
      case 'Degrees':
        if (this.pending === 'toe' || (this.pending === 'turning' && this.turning?.said === false))
          return this.degreesOf(this.pending, node);
        if (this.degreesNode !== null) return this.again(node);
        this.degreesNode = node;
        this.degrees = this.number(node);
        if (this.degrees === null) this.errors.add(node, 'angle', {}, ['90°']);
        return;
      case 'Foot': {
        const foot = this.footOf(node);
        if (this.pending === 'weight') {
          this.weight = foot;
          this.pending = null;
        } else if (foot !== null) this.feet.push(foot);
        return;
      }
      case 'Size':
        this.sized(node);
        return;
      case 'Tempo':
        this.timed(node, after);
        return;
      case 'Count':
      case 'LeadCount':
      case 'GroupCount':
        this.repeat(node);
        return;
      case 'Style':
        if (this.style !== null) return this.again(node);
        this.style = this.lexicon.styles.get(said) ?? null;
        if (!this.lexicon.styles.has(said) || this.move !== 'split') this.unknown(node, said);
        return;
      case 'Then':
        return this.await('then', node);
      case 'Short':
        return this.await('short', node);
      case 'At':
        return this.await('at', node);
      case 'Every':
        return this.await('every', node);
      case 'Turning':
        if (this.turning !== null) return this.again(node);
        this.await('turning', node);
        this.turning = { side: null, degrees: USUAL_TURNING, said: false };
        return;
      case 'Toe':
        if (this.toe !== null) return this.again(node);
        this.await('toe', node);
        if (node.getChild('In')) {
          this.toeSaid.way = true;
          this.toe = { out: -USUAL_TOE };
        }
        return;
      case 'Weight':
        if (this.weight !== null) return this.again(node);
        return this.await('weight', node);
      case 'Each':
        if (this.each !== null) return this.again(node);
        this.each = node.getChild('StepSide') ? 'side' : 'lead';
        if (this.each === 'lead' && this.footOf(node) !== 'lead') this.errors.add(node, 'each', {}, this.eaches());
        return;
      case 'Mirrored':
        if (this.mirrored) return this.again(node);
        this.mirrored = true;
        return;
      case 'Aim':
        if (this.pending === 'toe') {
          this.toe = { at: this.aimOf(node) };
          this.pending = null;
          return;
        }
        if (this.aim !== null) return this.again(node);
        this.aim = this.aimOf(node);
        return;
      case 'Label':
        if (this.pending === 'stance') {
          this.other = { ...(this.other ?? SOMEBODY), stance: unquoted(this.of(node)).toLowerCase() };
          this.pending = null;
          return;
        }
        if (this.label !== null) return this.again(node);
        this.label = node.getChild('Letter') ? this.of(node).toUpperCase() : unquoted(this.of(node));
        return;
      case 'Hand':
        this.hand(node);
        return;
      case 'Offset':
        this.offset(node, this.number(node));
        return;
      case 'Tie':
        this.tie(node, said, after);
        return;
      case 'InPlace':
        // A move that goes nowhere unless it is said.
        if (this.move === null || !STAYS.includes(this.move) || this.bearings.length > 0) this.unknown(node, said);
        return;
      case 'Other':
        this.somebody(node);
        return;
      case 'OnFloor':
        if (this.floor) return this.again(node);
        this.floor = true;
        return;
      case 'Stray':
        this.stray(node, said);
    }
  }

  /** What another body is, or how it keeps its distance. */
  private somebody(node: SyntaxNode): void {
    const said = wordOf(this.of(node));
    const key = node.getChild('PlusMinus') ? 'within' : this.lexicon.keys.get(said);
    // Said of nobody, or of whoever keeps a distance.
    if (!this.away && !(this.keepsApart && (key === 'within' || key === 'reaction'))) return this.unknown(node, said);
    const other = this.other ?? SOMEBODY;
    const side = (is: boolean): 'left' | 'right' => (is ? 'left' : 'right');
    if (key === 'handed') {
      if (other.hand !== null) return this.again(node);
      this.other = { ...other, hand: side(said === this.lexicon.vocabulary.keys.handed[1]) };
    } else if (key === 'leading') {
      const foot = this.feet.pop();
      if (foot !== 'left' && foot !== 'right') return this.unknown(node, said);
      this.other = { ...other, lead: foot };
    } else if (key === 'follows') this.other = { ...other, follows: other.follows ?? FOLLOWS };
    else if (key === 'tall' && this.justSized !== null && this.sizes.at(-1) === this.justSized) {
      // ‘1.80 m tall’.
      this.other = { ...other, tall: this.sizes.pop() ?? null };
    } else if (key === 'stance' || key === 'reaction' || isOtherSize(key ?? null)) {
      this.await(key as OtherSize | 'stance' | 'reaction', node);
      this.other = other;
    }
  }

  /** A size of another body, where one is awaited. */
  private sizedOf(what: OtherSize, size: Size): void {
    const other = this.other ?? SOMEBODY;
    if (what === 'keep' || what === 'within') this.other = { ...other, follows: { ...(other.follows ?? FOLLOWS), [what]: size } };
    else this.other = { ...other, [what]: size };
  }

  /** The words of a part without what the grammar could not place in it; that is said as left out. */
  private said(node: SyntaxNode): string {
    const children = childrenOf(node);
    const odd = children.filter((child) => child.type.isError && child.to > child.from);
    if (odd.length === 0) return wordOf(this.of(node));
    for (const child of odd) this.unknown(child, wordOf(this.of(child)));
    return wordOf(
      children
        .filter((child) => !child.type.isError)
        .map((child) => this.of(child))
        .join(' '),
    );
  }

  /** ‘To the forehand side’, ‘rear side’; ‘to the rear’ alone says none. */
  private sideOf(node: SyntaxNode, said: string): void {
    const name = node.getChild('FootName') as SyntaxNode;
    const typed = wordOf(this.of(name));
    const foot = this.lexicon.feet.get(typed) ?? null;
    const side = SIDE_REFS.find((one) => one === foot) ?? null;
    const whole = node.getChild('StepSide') !== null || this.lexicon.strikes.has(typed);
    if (side === null || !whole) this.unknown(node, said);
    else if (this.side !== null) this.again(node);
    else this.side = side;
  }

  private loosely(node: SyntaxNode, bearing: number): void {
    this.bearings.push(bearing);
    this.loose = node;
  }

  private direct(node: SyntaxNode, bearing: number): void {
    // ‘Step out right’ goes right, or away and to the right.
    if (this.loose !== null && this.loose.to <= node.from && this.bearings.length === 1 && bearing % 180 !== 0) {
      const [way, to] = [this.lexicon.vocabulary.directions[this.bearings[0] === 0 ? 'ahead' : 'back'][0], this.of(node)];
      this.bearings.length = 0;
      this.errors.ask({ from: this.loose.from, to: node.to }, 'asked', { word: this.reading.text.slice(this.loose.from, node.to) }, [
        to,
        `${way} ${to}`,
      ]);
      this.loose = null;
    }
    const size = this.sizes.at(-1);
    if (size) this.places.push({ size, bearing });
    // Two go together; a thing has its own two.
    if (this.bearings.length === 2 || this.bearings.includes(bearing)) this.again(node);
    else this.bearings.push(bearing);
  }

  /** What is said again, or against what was said. */
  private again(node: SyntaxNode): void {
    this.errors.add(node, 'said-twice', { word: this.of(node), head: this.head });
  }

  /** A word that says what the next size or time is of. */
  private await(what: NonNullable<PartReader['pending']>, node: SyntaxNode): void {
    this.unanswered();
    this.pending = what;
    this.pendingNode = node;
  }

  /** Degrees of a body that turns, or of a toe. */
  private degreesOf(what: 'turning' | 'toe', node: SyntaxNode): void {
    const degrees = this.number(node);
    if (degrees === null || Math.abs(degrees) > NOTATION_LIMITS.turn) this.errors.add(node, 'angle', {}, ['45°']);
    else if (what === 'turning' && this.turning) this.turning = { ...this.turning, degrees: Math.abs(degrees), said: true };
    else if (this.toeSaid.degrees) this.again(node);
    else {
      this.toeSaid.degrees = true;
      this.toe = { out: this.toe && 'out' in this.toe ? Math.sign(this.toe.out) * Math.abs(degrees) : degrees };
    }
  }

  private unanswered(): void {
    // A toe, and a body that turns, may have been said in one word less.
    if (this.pending === 'turning' || (this.pending === 'toe' && this.toe !== null)) this.pending = null;
    if (this.pending !== null && this.pendingNode !== null) this.unknown(this.pendingNode, wordOf(this.of(this.pendingNode)));
    this.pending = null;
  }

  private unknown(node: SyntaxNode, said: string): void {
    this.marked++;
    const { inStep } = this.lexicon;
    const foot = this.say('foot');
    if (node.firstChild?.name === 'FootName') this.errors.add(node, 'names-foot', { word: said }, [foot], `${said} ${foot}`);
    else this.errors.add(node, 'not-understood-in', { word: said, head: this.head }, inStep, () => nearestWord(said, inStep));
  }

  /** A word that is a direction where a move takes one and has none yet. */
  private stray(node: SyntaxNode, said: string): void {
    const way = this.lexicon.toes.get(said);
    if (this.pending === 'toe' && way !== undefined) {
      if (this.toeSaid.way) return this.again(node);
      this.toeSaid.way = true;
      const degrees = this.toe && 'out' in this.toe ? this.toe.out : USUAL_TOE;
      this.toe = { out: way === 'in' ? -Math.abs(degrees) : Math.abs(degrees) };
      return;
    }
    const loosely = Object.hasOwn(this.lexicon.vocabulary.loosely, said) ? this.lexicon.vocabulary.loosely[said] : undefined;
    if (loosely !== undefined && this.move !== null && ruleOf(this.move).way === 'bearing' && this.bearings.length === 0)
      this.loosely(node, BEARING_OF[loosely]);
    else this.unknown(node, said);
  }

  /** Whether a distance is kept. */
  private get keepsApart(): boolean {
    return this.move !== null && ruleOf(this.move).size === 'apart';
  }

  /** Whether it lasts as long as is said. */
  get holds(): boolean {
    return this.move !== null && ruleOf(this.move).lasts === true;
  }

  private footOf(node: SyntaxNode): FootRef | null {
    const alone = node.getChild('FootAlone');
    if (alone) return this.lexicon.feetAlone.get(wordOf(this.of(alone))) ?? null;
    const along = node.getChild('Along');
    if (along) return this.lexicon.directions.get(wordOf(this.of(along))) === 'back' ? 'rear' : 'lead';
    const named = node.getChild('Side') ?? node.getChild('FootName');
    return named ? (this.lexicon.feet.get(wordOf(this.of(named))) ?? null) : null;
  }

  private key(node: SyntaxNode | null): KeyWord | null {
    return node ? (this.lexicon.keys.get(wordOf(this.of(node))) ?? null) : null;
  }

  /** A word of the grammar as it is printed. */
  private say(key: KeyWord): string {
    return this.lexicon.vocabulary.keys[key][0];
  }

  private eaches(): string[] {
    return [this.say('side'), this.lexicon.vocabulary.feet.lead[0]].map((one) => `${this.say('each')} ${one}`);
  }

  /** The number that stands there; null where there is none, or one larger than can be reckoned with. */
  private number(node: SyntaxNode): number | null {
    const number = node.getChild('Number') ?? node.getChild('Decimal');
    const word = node.getChild('NumberWord');
    if (word) return this.lexicon.numbers.get(wordOf(this.of(word))) ?? null;
    const value = number ? Number(this.of(number).replace(',', '.')) : null;
    return value !== null && Number.isFinite(value) ? value : null;
  }

  private repeat(node: SyntaxNode): void {
    const times = this.count(node);
    const before = this.counted;
    if (before) {
      const [one, two] = [this.of(before), this.of(node)];
      // What stands between the two stays: ‘3 advance 2’ may be ‘advance 6 times’.
      const between = this.reading.text.slice(before.to, node.from).trim();
      const reading = `${between} ${this.times * times} ${this.say('times')}`.trim();
      this.errors.ask({ from: before.from, to: node.to }, 'two-counts', { one, two }, [reading]);
      return;
    }
    this.counted = node;
    this.times = times;
    const isBare = ['TimesKey', 'Times', 'XKey', 'Twice'].every((name) => node.getChild(name) === null);
    if (isBare && node.name === 'Count') this.bare = { value: times, node };
  }

  private count(node: SyntaxNode): number {
    const said = node.getChild('Twice');
    if (said) return this.key(said) === 'once' ? 1 : 2;
    const value = this.number(node);
    if (value !== null && Number.isInteger(value) && value >= 1 && value <= NOTATION_LIMITS.times) return value;
    const number = this.of(node.getChild('Number') ?? node);
    this.errors.add(node, 'count', { said: number, most: NOTATION_LIMITS.times });
    return 1;
  }

  private sized(node: SyntaxNode): void {
    // ‘3x’ is three times; ‘3×’ and ‘1.5x’ are sizes.
    if (node.getChild('XKey') && Number.isInteger(this.number(node))) {
      this.repeat(node);
      return;
    }
    const size = this.sizeOf(node);
    if (size === null) return;
    const feet = this.sizes.at(-1);
    if (this.pending === 'then') this.second = size;
    else if (this.pending === 'short') this.short = size;
    else if (feet?.unit === 'ft' && size.unit === 'in')
      this.sizes[this.sizes.length - 1] = { value: feet.value * 12 + size.value, unit: 'in' };
    else if (isOtherSize(this.pending)) this.sizedOf(this.pending, size);
    else {
      this.sizes.push(size);
      this.justSized = size;
    }
    // ‘toe 10 in’: inches are no way for a toe.
    if ((this.pending === 'toe' && this.toe === null) || this.pending === 'weight') this.unanswered();
    if (this.pending !== 'every') this.pending = null;
  }

  private sizeOf(node: SyntaxNode): Size | null {
    const word = node.getChild('SizeWord');
    if (word) return { value: 1, unit: this.lexicon.sizes.get(wordOf(this.of(word))) ?? 'even' };
    const value = this.number(node) ?? 0;
    const measure = node.getChild('Unit') ?? node.getChild('In');
    const mark = node.getChild('Mark');
    const unit = mark ? (/["”″]/.test(this.of(mark)) ? 'in' : 'ft') : measure ? this.lexicon.units.get(wordOf(this.of(measure))) : 'own';
    if (unit === undefined) {
      this.unknown(node, this.of(node));
      return null;
    }
    const metres = unit in METRES_OF ? value * METRES_OF[unit as keyof typeof METRES_OF] : value * 0.3;
    if ((value > 0 || (this.away && value === 0)) && metres <= NOTATION_LIMITS.metres) return { value, unit };
    const said = this.of(node);
    if (value > 0) this.errors.add(node, 'size-large', { said, most: NOTATION_LIMITS.metres }, ['40 cm']);
    else this.errors.add(node, 'size-none', { said }, ['40 cm']);
    return null;
  }

  private timed(node: SyntaxNode, after: SyntaxNode | undefined): void {
    const word = node.getChild('TempoWord') ?? node.getChild('TempoPhrase');
    const unit = node.getChild('Seconds');
    const number = this.number(node);
    const seconds = number === null ? null : number * (this.key(unit) === 'beats' ? this.reading.beat : 1);
    if (!word && this.open && !node.getChild('In') && after?.name === 'Tie') {
      this.offset(node, seconds === null ? null : seconds * 1000);
      return;
    }
    if (!word && this.pending === 'reaction') {
      const follows = { ...(this.other?.follows ?? FOLLOWS), reaction: seconds };
      if (seconds !== null && seconds >= 0 && seconds <= SLOWEST) this.other = { ...(this.other ?? SOMEBODY), follows };
      else this.errors.add(node, 'time', { most: SLOWEST });
      this.pending = null;
      return;
    }
    if (!word && (this.pending === 'at' || this.pending === 'every')) {
      if (seconds !== null && seconds >= 0 && seconds <= LONGEST_TIME) this[this.pending] = seconds;
      else this.errors.add(node, 'time', { most: LONGEST_TIME });
      this.pending = null;
      return;
    }
    // ‘lunge in one’: a second, or a beat?
    if (number !== null && node.getChild('In') && unit === null) return this.askTime(node, number);
    const tempo = word ? { factor: FACTOR_OF[this.lexicon.tempos.get(wordOf(this.of(word))) ?? 'slow'] } : this.secondsOf(node, seconds);
    if (this.pending === 'then') this.then = tempo;
    else if (this.tempo !== null) this.again(node);
    else this.tempo = tempo;
    this.pending = null;
  }

  private askTime(node: SyntaxNode, number: number): void {
    const { seconds, beats, in: within } = this.lexicon.vocabulary.keys;
    const readings = [seconds[0], number === 1 ? (beats[1] ?? beats[0]) : beats[0]].map((unit) => `${within[0]} ${number} ${unit}`);
    this.errors.ask(node, 'bare-number', { said: this.of(node), word: this.head }, readings, null);
    this.pending = null;
  }

  private secondsOf(node: SyntaxNode, seconds: number | null): Tempo | null {
    const { holds } = this;
    const { least, most } = holds ? HOLD : STEP;
    if (seconds !== null && seconds > 0 && seconds >= least && seconds <= most) return { seconds };
    if (holds) this.errors.add(node, 'hold-time', { most });
    else this.errors.add(node, 'step-time', { least, most });
    return null;
  }

  private aimOf(node: SyntaxNode): Aim {
    if (node.getChild('HomeKey')) return { thing: 'home', name: null, side: null };
    const spot = node.getChild('Spot');
    if (spot) {
      const said = this.lexicon.spots.get(wordOf(this.of(spot)));
      return { thing: said?.spot ?? null, name: null, side: said?.side ?? null };
    }
    const thing = node.getChild('Thing');
    const quoted = node.getChild('Quoted');
    const bare = node.getChild('Name');
    const letter = node.getChild('Letter');
    const name = quoted ? unquoted(this.of(quoted)) : letter ? this.of(letter).toUpperCase() : bare ? wordOf(this.of(bare)) : null;
    return { thing: thing ? (this.lexicon.things.get(wordOf(this.of(thing))) ?? null) : null, name, side: null };
  }

  private hand(node: SyntaxNode): void {
    this.closeHand();
    const { moves, events, vocabulary } = this.lexicon;
    const children = childrenOf(node).filter(({ name }) => name !== 'Filler');
    const sided = node.getChild('Side');
    const said = children[sided ? 2 : 1];
    const word = said ? wordOf(this.of(said)) : '';
    const event = events.get(word) ?? null;
    const move = moves.get(word);
    const hand = move === 'hit' || move === 'guard check' ? move : null;
    const own = said?.name === 'Name' ? this.reading.strikes.get(word) : undefined;
    if (!said || !(said.name === 'Named' || hand !== null || event !== null || own !== undefined)) {
      const [hit] = vocabulary.moves.hit;
      this.errors.add(node, 'after-plus', {}, [hit, '"jab"', ...printed(vocabulary.events)], hit);
      return;
    }
    const strike = said.getChild('HandWord');
    const quoted = strike ? wordOf(this.of(strike)) : unquoted(this.of(said));
    const name =
      said.name === 'Named'
        ? this.sided(sided, strike ? (this.lexicon.strikes.get(quoted) ?? quoted) : quoted) || 'hit'
        : own !== undefined
          ? this.sided(sided, own)
          : (event ?? hand ?? 'hit');
    if (sided && said.name !== 'Named' && own === undefined) this.unknown(sided, wordOf(this.of(sided)));
    this.openHand(event === null ? 'hand' : 'event', name, { from: node.from, to: node.to });
  }

  /** ‘+ left hook’: the side belongs to the strike's name. */
  private sided(side: SyntaxNode | null, strike: string): string {
    const way = side && this.lexicon.directions.get(wordOf(this.of(side)));
    return way ? `${this.lexicon.vocabulary.directions[way][0]} ${strike}` : strike;
  }

  /** ‘With a left teep’, where a teep is a strike of the line's own or the club's; where it ends, or null where it is none. */
  private ownStrike(nodes: readonly SyntaxNode[], at: number): number | null {
    const first = nodes[at] as SyntaxNode;
    if (wordOf(this.of(first)) !== this.say('with')) return null;
    let i = at + 1;
    const word = (): string => (nodes[i] ? wordOf(this.of(nodes[i] as SyntaxNode)) : '');
    if (this.lexicon.vocabulary.articles.includes(word())) i++;
    const side = nodes[i]?.name === 'Direction' ? (nodes[i]?.getChild('Side') ?? null) : null;
    if (side) i++;
    const own = nodes[i]?.name === 'Stray' ? this.reading.strikes.get(word()) : undefined;
    if (own === undefined) return null;
    this.closeHand();
    this.openHand('hand', this.sided(side, own), { from: first.from, to: (nodes[i] as SyntaxNode).to });
    return i;
  }

  private openHand(kind: Tied['kind'], word: string, span: Span): void {
    this.open = { tied: { kind, word, tie: 'landing', offsetMs: 0, span }, from: span.from };
  }

  private offset(node: SyntaxNode, ms: number | null): void {
    if (ms === null) this.errors.add(node, 'hit-time', {}, ['80 ms']);
    // ‘Hold 250 ms’.
    else if (!this.open && this.holds && this.tempo === null) this.tempo = this.secondsOf(node, ms / 1000);
    else if (!this.open) this.errors.add(node, 'hit-alone', {}, [`+ ${this.lexicon.vocabulary.moves.hit[0]}`]);
    else if (Math.abs(ms) > 1000 * FURTHEST_HIT) this.errors.add(node, 'hit-far', { most: FURTHEST_HIT });
    else this.open.tied = { ...this.open.tied, offsetMs: ms, span: { from: this.open.from, to: node.to } };
  }

  private tie(node: SyntaxNode, said: string, after: SyntaxNode | undefined): void {
    const anchor = node.getChild('Anchor');
    // 'pivot on lead foot', 'lunge with the right foot': a word that says nothing more there.
    if (!this.open) {
      const key = this.lexicon.keys.get(said);
      if (key !== 'on' && !(key === 'with' && after?.name === 'Foot')) this.unknown(node, said);
      return;
    }
    if (!anchor) this.errors.add(node, 'hit-tie', {}, [this.say('start'), this.say('landing')]);
    const tie = this.key(anchor) === 'start' ? 'start' : node.getChild('First') ? 'first landing' : 'landing';
    const offsetMs = this.key(node.getChild('TieKey')) === 'before' ? -this.open.tied.offsetMs : this.open.tied.offsetMs;
    this.open.tied = { ...this.open.tied, tie, offsetMs: offsetMs === 0 ? 0 : offsetMs, span: { from: this.open.from, to: node.to } };
    this.closeHand();
  }

  private closeHand(): void {
    if (this.open) this.hands.push(this.open.tied);
    this.open = null;
  }

  private of(node: Span): string {
    return this.reading.text.slice(node.from, node.to);
  }

  private get lexicon(): Reading['lexicon'] {
    return this.reading.lexicon;
  }
}
