import type { SyntaxNode } from '@lezer/common';
import { cut } from './cut.js';
import type { Aim, FootRef, Repeated, Size, SplitStyle, Tempo, Tied } from './ast.js';
import { METRES_OF, NOTATION_LIMITS } from './limits.js';
import { printed, wordOf } from './lexicon.js';
import { BEARING_OF, FACTOR_OF } from './measures.js';
import type { MoveWord } from './moves.js';
import { nearestWord } from './nearest.js';
import type { Span } from './places.js';
import type { Reading } from './reading.js';
import { childrenOf } from './tree.js';
import type { KeyWord } from './vocabulary.js';

const unquoted = (text: string): string => cut(text.slice(1, -1).trim(), NOTATION_LIMITS.name);

/** Times that are taken, seconds: of an event, of a hold, of a step, and of a hit from its step. */
const LONGEST_TIME = 3600;
const HOLD = { least: 0, most: 600 } as const;
const STEP = { least: 0.05, most: 60 } as const;
const FURTHEST_HIT = 5;

/** What stands after the head of a step or behind a bracket, gathered. */
export class PartReader {
  readonly bearings: number[] = [];
  degrees: number | null = null;
  foot: FootRef | null = null;
  readonly sizes: Size[] = [];
  second: Size | null = null;
  short: Size | null = null;
  tempo: Tempo | null = null;
  then: Tempo | null = null;
  style: SplitStyle | null = null;
  aim: Aim | null = null;
  label: string | null = null;
  at: number | null = null;
  every: number | null = null;
  readonly hands: Tied[] = [];
  private times = 1;
  private each: Repeated['each'] = null;
  private mirrored = false;
  /** Directions that came after each size, for the place of a thing. */
  private readonly places: { size: Size; bearing: number }[] = [];
  private pending: 'then' | 'short' | 'at' | 'every' | null = null;
  private open: { tied: Tied; from: number } | null = null;

  constructor(
    private readonly reading: Reading,
    /** What the parts belong to, as it is called. */
    private readonly head = '',
    private readonly move: MoveWord | null = null,
  ) {}

  private get errors(): Reading['errors'] {
    return this.reading.errors;
  }

  get size(): Size | null {
    return this.sizes[0] ?? null;
  }

  get repeated(): Omit<Repeated, 'span'> {
    return { times: this.times, each: this.each, mirrored: this.mirrored };
  }

  read(nodes: readonly SyntaxNode[]): this {
    nodes.forEach((node, i) => this.part(node, nodes[i + 1]));
    this.closeHand();
    return this;
  }

  /** Where a thing stands: metres as written, to the right and ahead, signed by their directions. */
  coordinates(): { right: Size | null; ahead: Size | null } {
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
    switch (node.name) {
      case 'Direction': {
        const bearing = BEARING_OF[this.lexicon.directions.get(said) ?? 'ahead'];
        const size = this.sizes.at(-1);
        if (size) this.places.push({ size, bearing });
        this.bearings.push(bearing);
        return;
      }
      case 'Degrees':
        this.degrees = this.number(node);
        if (this.degrees === null) this.errors.add(node, 'angle', {}, ['90°']);
        return;
      case 'Foot':
        this.foot = this.footOf(node);
        return;
      case 'Size':
        this.sized(node);
        return;
      case 'Tempo':
        this.timed(node, after);
        return;
      case 'Count':
      case 'LeadCount':
      case 'GroupCount':
        this.times = this.count(node);
        return;
      case 'Style':
        this.style = this.lexicon.styles.get(said) ?? this.style;
        if (!this.lexicon.styles.has(said) || this.move !== 'split') this.unknown(node, said);
        return;
      case 'Then':
        this.pending = 'then';
        return;
      case 'Short':
        this.pending = 'short';
        return;
      case 'At':
        this.pending = 'at';
        return;
      case 'Every':
        this.pending = 'every';
        return;
      case 'Each':
        this.each = node.getChild('StepSide') ? 'side' : 'lead';
        if (this.each === 'lead' && this.footOf(node) !== 'lead') this.errors.add(node, 'each', {}, this.eaches());
        return;
      case 'Mirrored':
        this.mirrored = true;
        return;
      case 'Aim':
        this.aim = this.aimOf(node);
        return;
      case 'Label':
        this.label = unquoted(this.of(node));
        return;
      case 'Hand':
        this.hand(node);
        return;
      case 'Offset':
        this.offset(node, this.number(node));
        return;
      case 'Tie':
        this.tie(node, said);
        return;
      case 'Stray':
        this.unknown(node, said);
    }
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

  private unknown(node: SyntaxNode, said: string): void {
    const { inStep } = this.lexicon;
    const foot = this.say('foot');
    if (node.firstChild?.name === 'FootName') this.errors.add(node, 'names-foot', { word: said }, [foot], `${said} ${foot}`);
    else this.errors.add(node, 'not-understood-in', { word: said, head: this.head }, inStep, () => nearestWord(said, inStep));
  }

  private footOf(node: SyntaxNode): FootRef | null {
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
    const number = node.getChild('Number');
    const value = number ? Number(this.of(number)) : null;
    return value !== null && Number.isFinite(value) ? value : null;
  }

  private count(node: SyntaxNode): number {
    if (node.getChild('Twice')) return 2;
    const value = this.number(node);
    if (value !== null && Number.isInteger(value) && value >= 1 && value <= NOTATION_LIMITS.times) return value;
    const said = this.of(node.getChild('Number') ?? node);
    this.errors.add(node, 'count', { said, most: NOTATION_LIMITS.times });
    return 1;
  }

  private sized(node: SyntaxNode): void {
    const size = this.sizeOf(node);
    if (size === null) return;
    const feet = this.sizes.at(-1);
    if (this.pending === 'then') this.second = size;
    else if (this.pending === 'short') this.short = size;
    else if (feet?.unit === 'ft' && size.unit === 'in')
      this.sizes[this.sizes.length - 1] = { value: feet.value * 12 + size.value, unit: 'in' };
    else this.sizes.push(size);
    if (this.pending === 'then' || this.pending === 'short') this.pending = null;
  }

  private sizeOf(node: SyntaxNode): Size | null {
    const word = node.getChild('SizeWord');
    if (word) return { value: 1, unit: this.lexicon.sizes.get(wordOf(this.of(word))) ?? 'even' };
    const value = this.number(node) ?? 0;
    const measure = node.getChild('Unit') ?? node.getChild('In');
    const unit = measure ? this.lexicon.units.get(wordOf(this.of(measure))) : 'own';
    if (unit === undefined) {
      this.unknown(node, this.of(node));
      return null;
    }
    const metres = unit in METRES_OF ? value * METRES_OF[unit as keyof typeof METRES_OF] : value * 0.3;
    if (value > 0 && metres <= NOTATION_LIMITS.metres) return { value, unit };
    const said = this.of(node);
    if (value > 0) this.errors.add(node, 'size-large', { said, most: NOTATION_LIMITS.metres }, ['40 cm']);
    else this.errors.add(node, 'size-none', { said }, ['40 cm']);
    return null;
  }

  private timed(node: SyntaxNode, after: SyntaxNode | undefined): void {
    const word = node.getChild('TempoWord');
    const unit = node.getChild('Seconds');
    const number = this.number(node);
    const seconds = number === null ? null : number * (this.key(unit) === 'beats' ? this.reading.beat : 1);
    if (!word && this.open && !node.getChild('In') && after?.name === 'Tie') {
      this.offset(node, seconds === null ? null : seconds * 1000);
      return;
    }
    if (!word && (this.pending === 'at' || this.pending === 'every')) {
      if (seconds !== null && seconds >= 0 && seconds <= LONGEST_TIME) this[this.pending] = seconds;
      else this.errors.add(node, 'time', { most: LONGEST_TIME });
      this.pending = null;
      return;
    }
    const tempo = word ? { factor: FACTOR_OF[this.lexicon.tempos.get(wordOf(this.of(word))) ?? 'slow'] } : this.secondsOf(node, seconds);
    if (this.pending === 'then') this.then = tempo;
    else this.tempo = tempo;
    this.pending = null;
  }

  private secondsOf(node: SyntaxNode, seconds: number | null): Tempo | null {
    const holds = this.move === 'hold';
    const { least, most } = holds ? HOLD : STEP;
    if (seconds !== null && seconds > 0 && seconds >= least && seconds <= most) return { seconds };
    if (holds) this.errors.add(node, 'hold-time', { most });
    else this.errors.add(node, 'step-time', { least, most });
    return null;
  }

  private aimOf(node: SyntaxNode): Aim {
    if (node.getChild('HomeKey')) return { thing: 'home', name: null };
    const thing = node.getChild('Thing');
    const quoted = node.getChild('Quoted');
    const bare = node.getChild('Name');
    const name = quoted ? unquoted(this.of(quoted)) : bare ? wordOf(this.of(bare)) : null;
    return { thing: thing ? (this.lexicon.things.get(wordOf(this.of(thing))) ?? null) : null, name };
  }

  private hand(node: SyntaxNode): void {
    this.closeHand();
    const { moves, events, vocabulary } = this.lexicon;
    const said = childrenOf(node)[1];
    const word = said ? wordOf(this.of(said)) : '';
    const event = events.get(word) ?? null;
    const move = moves.get(word);
    const hand = move === 'hit' || move === 'guard check' ? move : null;
    if (!said || !(said.name === 'Named' || hand !== null || event !== null)) {
      const [hit] = vocabulary.moves.hit;
      this.errors.add(node, 'after-plus', {}, [hit, '"jab"', ...printed(vocabulary.events)], hit);
      return;
    }
    const name = said.name === 'Named' ? unquoted(this.of(said)) || 'hit' : (event ?? hand ?? 'hit');
    const tied: Tied = {
      kind: event === null ? 'hand' : 'event',
      word: name,
      tie: 'landing',
      offsetMs: 0,
      span: { from: node.from, to: node.to },
    };
    this.open = { tied, from: node.from };
  }

  private offset(node: SyntaxNode, ms: number | null): void {
    if (ms === null) this.errors.add(node, 'hit-time', {}, ['80 ms']);
    else if (!this.open) this.errors.add(node, 'hit-alone', {}, [`+ ${this.lexicon.vocabulary.moves.hit[0]}`]);
    else if (Math.abs(ms) > 1000 * FURTHEST_HIT) this.errors.add(node, 'hit-far', { most: FURTHEST_HIT });
    else this.open.tied = { ...this.open.tied, offsetMs: ms, span: { from: this.open.from, to: node.to } };
  }

  private tie(node: SyntaxNode, said: string): void {
    const anchor = node.getChild('Anchor');
    // 'pivot on lead foot': a word that says nothing more there.
    if (!this.open) {
      if (this.lexicon.keys.get(said) !== 'on') this.unknown(node, said);
      return;
    }
    if (!anchor) this.errors.add(node, 'hit-tie', {}, [this.say('start'), this.say('landing')]);
    const tie = this.key(anchor) === 'start' ? 'start' : 'landing';
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
