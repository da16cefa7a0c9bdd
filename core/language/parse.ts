import type { SyntaxNode } from '@lezer/common';
import { actOf } from './act.js';
import type { Act, Call, Definition, Group, Happening, Intended, Item, Parsed, Step, Thing, Tied } from './ast.js';
import { ENGINE } from './engine.js';
import { Errors } from './errors.js';
import { ENGLISH } from './english.js';
import { TO_A_SIDE } from './floor-words.js';
import { lexiconOf, printed, wordOf } from './lexicon.js';
import { NOTATION_LIMITS } from './limits.js';
import { treeOf } from './line-parser.js';
import type { MoveWord } from './moves.js';
import { nearestWord } from './nearest.js';
import { otherFoot } from './turn-round.js';
import { PartReader } from './parts.js';
import { USUAL_BEAT, type Reading } from './reading.js';
import { childrenOf } from './tree.js';
import type { Vocabulary } from './vocabulary.js';

/**
 * Reads a line of steps. Never throws: what cannot be read becomes errors with line and column,
 * and all other steps are kept.
 * @param own parts that are known beforehand, such as a club's own moves; the text may give their names another meaning.
 * @param vocabulary the words it is typed in.
 * @example parse('split, shufle left').errors.map(({ line, column, nearest }) => [line, column, nearest]) // [[1, 8, 'shuffle']]
 */
export function parse(text: string, own: readonly Definition[] = [], vocabulary: Vocabulary = ENGLISH): Parsed {
  const errors = new Errors(text);
  const reader = new Reader({ text, errors, lexicon: lexiconOf(vocabulary), beat: USUAL_BEAT, floor: false, strikes: strikesIn(own) }, own);
  if (text.length > NOTATION_LIMITS.characters) {
    errors.add({ from: 0, to: text.length }, 'too-long', { most: NOTATION_LIMITS.characters, length: text.length });
    return { items: [], things: [], definitions: [], intended: [], engine: null, flat: false, errors: errors.list };
  }
  const items = reader.items(treeOf(text, vocabulary).topNode, 0);
  errors.list.sort((a, b) => a.from - b.from);
  const { things, definitions, intended, engine, flat } = reader;
  return { items, things, definitions, intended, engine, flat, errors: errors.list };
}

/** Parts that are one strike and nothing more: words of a club's own for what hands do. */
function strikesIn(definitions: readonly Definition[]): Map<string, string> {
  const found = new Map<string, string>();
  for (const { name, items } of definitions) {
    const [only, ...others] = items.flatMap((one) =>
      one.kind === 'group' && one.branches.length === 1 && one.times === 1 ? (one.branches[0] ?? []) : [one],
    );
    if (others.length === 0 && only?.kind === 'step' && only.act.name !== null && only.hands.length === 0 && only.times === 1)
      found.set(name, only.act.name);
  }
  return found;
}

/** Whether a strike stands before or behind another one; a separator lies between. */
function besideStrike({ parent: step }: SyntaxNode): boolean {
  const near = [step?.prevSibling?.prevSibling, step?.nextSibling?.nextSibling];
  return near.some((one) => (one?.getChild('Named') ?? null) !== null);
}

/** What may be said of a foot that goes without a move. */
const HEADLESS: readonly string[] = ['Foot', 'Direction', 'Size', 'Tempo'];
/** What may be said of a way that is gone without a move. */
const BARE: readonly string[] = ['Direction', 'Size', 'Tempo', 'Count'];

/** Whether a thing was given no place. A partner stands before whom they are a partner of, and whoever feeds where they feed from. */
const isNowhere = ({ thing, right, ahead, doing, other }: Thing): boolean =>
  right === null && ahead === null && doing === null && other === null && thing !== 'partner' && thing !== 'feeder';

/** A number alone, which the grammar takes for degrees that were not finished. */
const isBareNumber = ({ name, lastChild }: SyntaxNode): boolean => name === 'Degrees' && lastChild?.type.isError === true;

/** What may belong to the move before it or to the one behind it, where nothing lies between them. */
const PARTED: readonly string[] = ['Tempo', 'Size', 'Foot', 'Direction'];
/** What frees both feet of weight. */
const FREED = ['preload hop', 'split'] as const;
/** How a way is gone, or a thing reached, where nobody says how. */
const WAYS = ['shuffle', 'run'] as const;

/** Shortest and longest beat that is taken, seconds. */
const BEAT = { least: 0.1, most: 5 } as const;

/** Turns the grammar's tree into steps. */
class Reader {
  readonly things: Thing[] = [];
  readonly definitions: Definition[] = [];
  readonly intended: Intended[] = [];
  engine: number | null = null;
  flat = false;
  /** Whether a step has been done. */
  private begun = false;
  private readonly errors: Errors;

  constructor(
    private readonly reading: Reading,
    private readonly own: readonly Definition[],
  ) {
    this.errors = reading.errors;
  }

  items(node: SyntaxNode, depth: number): Item[] {
    const items: Item[] = [];
    for (const child of childrenOf(node)) {
      const answered = this.cornerSide(items.at(-1), child);
      if (answered) items[items.length - 1] = answered;
      else items.push(...this.item(child, depth));
    }
    return items;
  }

  /** ‘To the rear corner, playing side’: what stands alone behind a corner says which one. */
  private cornerSide(before: Item | undefined, node: SyntaxNode): Item | null {
    if (before?.kind !== 'step' || before.act.aim === null || before.act.aim.side !== null || node.name !== 'Step') return null;
    const { aim } = before.act;
    const [direction, ...more] = childrenOf(node).filter(({ name, type }) => name !== 'Filler' && !type.isError);
    if (!TO_A_SIDE.some((one) => one === aim.thing) || direction?.name !== 'Direction' || more.length > 0) return null;
    const parts = new PartReader(this.reading).read([direction]);
    const across =
      parts.bearings.length === 1 && Math.abs(parts.bearings[0] ?? 0) === 90 ? (parts.bearings[0] === 90 ? 'right' : 'left') : null;
    const side = parts.side ?? across;
    if (side === null) return null;
    this.errors.answered(before.span, 'corner-side');
    return { ...before, act: { ...before.act, aim: { ...aim, side } } };
  }

  private item(node: SyntaxNode, depth: number): Item[] {
    switch (node.name) {
      case 'Step':
        return this.step(node, depth);
      case 'Group':
        return this.group(node, depth);
      case 'Definition':
        this.define(node, depth);
        return [];
      case 'Intended':
        for (const name of node.getChildren('Name')) this.intended.push({ code: this.of(name).toLowerCase(), span: name });
        return [];
      default:
        if (node.type.isError) this.stray(node);
        return [];
    }
  }

  /** What the grammar could not place. */
  private stray(node: SyntaxNode): void {
    const text = this.of(node).trim();
    if (/^[)\]]/.test(text)) this.errors.add(node, 'bracket-closes-nothing', {});
    else if (text !== '') this.errors.add(node, 'not-understood', { word: text }, this.heads, () => nearestWord(text, this.heads));
  }

  private group(node: SyntaxNode, depth: number): Item[] {
    const branches = this.branches(node, depth);
    if (branches === null) return [];
    const parts = new PartReader(this.reading).read(childrenOf(node));
    if (branches.every((branch) => branch.length === 0)) {
      // What is asked about in it is no step yet.
      const asked = this.errors.list.some(({ readings, from, to }) => readings.length > 0 && from >= node.from && to <= node.to);
      if (!asked) this.errors.add(node, 'bracket-empty', {});
      return [];
    }
    const group: Group = {
      kind: 'group',
      branches,
      names: this.branchNames(node),
      ...parts.repeated,
      span: { from: node.from, to: node.to },
    };
    return [group];
  }

  /** The branches of a bracket; null where it is too deep to read. */
  private branches(node: SyntaxNode, depth: number): Item[][] | null {
    if (depth >= NOTATION_LIMITS.depth) {
      this.errors.add(node, 'bracket-deep', { most: NOTATION_LIMITS.depth });
      return null;
    }
    if (node.getChild('Close') === null) this.errors.add(node.getChild('Open') ?? node, 'bracket-open', {}, [')']);
    for (const child of childrenOf(node)) if (child.type.isError) this.stray(child);
    return node.getChildren('Branch').map((branch) => this.items(branch, depth + 1));
  }

  /** What the branches of a bracket are called; each by a name of its own. */
  private branchNames(node: SyntaxNode): (string | null)[] {
    const known = new Set<string>();
    return node.getChildren('Branch').map((branch) => {
      const name = branch.getChild('BranchName');
      if (!name) return null;
      const said = this.of(name).slice(0, -1).trim().replace(/\s+/g, ' ');
      if (known.size === known.add(said.toLowerCase()).size) this.errors.add(name, 'name-taken', { word: said });
      return said;
    });
  }

  private define(node: SyntaxNode, depth: number): void {
    const name = node.getChild('Name') ?? node.getChild('NewName');
    const group = node.getChild('Group');
    if (!name || !group) return;
    const said = this.of(name).toLowerCase();
    if (this.definitions.some((known) => known.name === said)) {
      this.errors.add(name, 'name-taken', { word: said });
      return;
    }
    const items = this.group(group, depth);
    if (items.length === 0) return;
    const definition = { name: said, items, span: { from: node.from, to: node.to } };
    this.definitions.push(definition);
    for (const [known, strike] of strikesIn([definition])) this.reading.strikes.set(known, strike);
  }

  private step(node: SyntaxNode, depth: number): Item[] {
    const children = childrenOf(node);
    if (this.isSeveral(children, node)) return [];
    const named = this.namedIn(children);
    const head = named ?? children.find((child) => ['Move', 'Named', 'Event', 'Thing', 'Name'].includes(child.name));
    const said = children.filter((child) => child !== head && !child.type.isError);
    for (const child of children) if (child.type.isError) this.stray(child);
    if (!head) {
      const [first, ...others] = said;
      // ‘On the floor’ alone: from here on.
      if (first?.name === 'OnFloor' && others.length === 0) {
        this.reading.floor = true;
        return [];
      }
      if (first?.name === 'LeadCount' && others.length === 0) this.errors.add(first, 'count-alone', {}, this.heads);
      else if (said.some(({ name }) => name === 'Foot') && said.every(({ name }) => HEADLESS.includes(name)))
        this.askWhich(node, ['single step', 'lunge']);
      else if (
        first?.name === 'Direction' &&
        !first.getChild('FootName') &&
        said.every((part) => BARE.includes(part.name) || isBareNumber(part)) &&
        said.filter(({ name }) => name === first.name).length === 1
      )
        this.askWhich(node, WAYS);
      else if (first) this.errors.add(node, 'no-beginning', { word: this.of(node) }, this.heads);
      return [];
    }
    const [before] = said.filter(({ name }) => name !== 'LeadCount');
    const span = { from: Math.min(before?.from ?? head.from, head.from), to: node.to };
    const word = wordOf(this.of(head));
    if (head === named) return this.call(head, said, span, word);
    if (head.name === 'Thing') {
      const thing = this.thing(head, said, depth, span);
      // ‘Run to cone A, then cone B’: once steps are done, it is where somebody goes.
      if (this.begun && isNowhere(thing)) this.askWhich(node, WAYS, `${this.reading.lexicon.vocabulary.keys.to[0]} `);
      else this.things.push(thing);
      return [];
    }
    if (head.name === 'Name') return this.call(head, said, span, word);
    const { vocabulary, events, moves, composed, asked, byFoot } = this.reading.lexicon;
    const readings = head.name === 'Move' ? asked.get(word) : undefined;
    if (readings) {
      this.ask(head, node, word, readings);
      return [];
    }
    const more = composed.get(word);
    const either = Object.hasOwn(vocabulary.eithers, word) ? vocabulary.eithers[word] : undefined;
    const move = head.name === 'Named' ? 'hit' : (moves.get(word) ?? more?.move ?? either ?? null);
    const parts = new PartReader(this.reading, word, move).with(more).read(said);
    if (word === vocabulary.beatOf) {
      this.setBeat(head, parts);
      return [];
    }
    if (word === vocabulary.flatTempo || word === vocabulary.engine) {
      this.setManner(word, span, parts);
      return [];
    }
    const happens = events.get(word);
    const first = this.happeningBefore(said, head.name === 'Event');
    if (happens !== undefined && move === null) {
      this.andNoMore(parts.saysMoreThan('name', 'time'), span, word);
      const { at, every, label } = parts;
      const event: Happening = { kind: 'event', event: happens, name: label, at, every, span };
      return [event];
    }
    if (head.name === 'Named') return [...first, ...this.strikes(head, parts, span)];
    // ‘step left foot’ is that foot’s step, and stays; ‘step right, left foot first’ is both feet’s.
    const single = parts.feet.length === 1 && !said.some((part) => part.getChild('First')) ? byFoot.get(word) : undefined;
    if (more?.otherFoot && !this.otherFoot(head, node, parts)) return [];
    const act = move && actOf({ head, whole: span }, single ?? move, null, parts, this.reading);
    return act === null ? [] : [...first, this.stepOf(act, parts, span)];
  }

  /** ‘Advance lunge’: moves with nothing between them. Asks whether they come one after the other. */
  private isSeveral(children: readonly SyntaxNode[], { from, to }: Step['span']): boolean {
    const first = children.find(({ name }) => name === 'Move');
    const others = children.filter((child) => child.type.isError && child.firstChild?.name === 'Move' && first && child.from > first.from);
    const [second] = others;
    if (!first || !second) return false;
    const { text } = this.reading;
    const cutAt = (places: readonly number[], by: string): string => {
      const parts = [from, ...places, to];
      return parts
        .slice(1)
        .map((end, i) => text.slice(parts[i], end).trim())
        .join(by);
    };
    const places = others.map((one) => one.from);
    // ‘Advance quick lunge’: which of them is quick?
    const before = others.map(({ prevSibling: part, from: at }) => (part && PARTED.includes(part.name) ? part.from : at));
    const strikes = ['hit', 'guard check'].includes(this.reading.lexicon.moves.get(wordOf(this.of(second))) ?? '');
    const readings = [...(strikes ? [cutAt(places, ' + ')] : []), cutAt(places, ', '), cutAt(before, ', ')];
    this.errors.ask({ from, to }, 'two-moves', { one: this.of(first), two: this.of(second) }, [...new Set(readings)], { from, to });
    return true;
  }

  /** ‘Split when the ball is hit’: what happens, before the step that answers it. */
  private happeningBefore(said: readonly SyntaxNode[], isEvent: boolean): Happening[] {
    return said.flatMap((part): Happening[] => {
      const event = part.name === 'When' ? this.reading.lexicon.events.get(wordOf(this.of(part))) : undefined;
      if (event === undefined) return [];
      if (isEvent) this.errors.add(part, 'takes-no-more', { word: this.of(part) });
      return isEvent ? [] : [{ kind: 'event', event, name: null, at: null, every: null, span: { from: part.from, to: part.to } }];
    });
  }

  /** What is said and says nothing there. */
  private andNoMore(more: boolean, span: Step['span'], word: string): void {
    if (more) this.errors.add(span, 'takes-no-more', { word });
  }

  private names(): string[] {
    return [...this.own, ...this.definitions].map((one) => one.name);
  }

  /** A name that the line, or the club, gave a meaning, where a step begins. */
  private namedIn(children: readonly SyntaxNode[]): SyntaxNode | undefined {
    const first = children.find(({ name }) => name !== 'LeadCount' && name !== 'Filler');
    return first && this.names().includes(wordOf(this.of(first))) ? first : undefined;
  }

  /** Which of several ways a step is meant, each with all that was said of it. */
  private ask(head: SyntaxNode, { from, to }: Step['span'], word: string, readings: readonly string[]): void {
    const { text } = this.reading;
    const [before, behind] = [text.slice(from, head.from), text.slice(head.to, to)];
    this.errors.ask(
      { from, to },
      'asked',
      { word },
      readings.map((one) => this.inTurn(one.split(', '), before, behind)),
      { from, to },
    );
  }

  /** Moves that take turns in a step: ‘grapevine right 4’ is two of each, ‘four grapevines’ four; without a number it is one of each. */
  private inTurn(moves: readonly string[], before: string, behind: string): string {
    const [only = ''] = moves;
    if (moves.length === 1) return `${before}${only}${behind}`;
    const numberOf = (said: string): number | null =>
      /^\d{1,3}$/.test(said) ? Number(said) : (this.reading.lexicon.numbers.get(said) ?? null);
    const words = behind.trim().split(/\s+/);
    const often = numberOf(words.at(-1) ?? '');
    const steps = moves.map(
      (move) =>
        `${numberOf(before.trim()) === null ? before : ''}${[move, ...words.slice(0, often === null ? undefined : -1)].join(' ').trim()}`,
    );
    if (numberOf(before.trim()) !== null) return `${before}(${steps.join(', ')})`;
    const count = often ?? moves.length;
    const turns = Math.floor(count / moves.length);
    const whole = turns === 0 ? [] : [turns === 1 ? steps.join(', ') : `(${steps.join(', ')}) ${turns}`];
    return [...whole, ...steps.slice(0, count % moves.length)].join(', ');
  }

  /** ‘Unweight the right foot’ is weight on the other; without a foot it is asked what is meant. Whether a foot was named. */
  private otherFoot(head: SyntaxNode, { from, to }: Step['span'], parts: PartReader): boolean {
    const [foot] = parts.feet;
    if (foot) parts.feet[0] = otherFoot(foot);
    else
      this.ask(
        head,
        { from, to },
        wordOf(this.of(head)),
        FREED.map((move) => this.reading.lexicon.vocabulary.moves[move][0]),
      );
    return foot !== undefined;
  }

  /** What was said without a move, or of a thing: which of these moves it is meant with. */
  private askWhich(node: SyntaxNode, words: readonly MoveWord[], between = ''): void {
    const { moves } = this.reading.lexicon.vocabulary;
    const said = this.of(node).trim();
    const readings = words.map((move) => `${moves[move][0]} ${between}${said}`);
    this.errors.ask(node, 'asked', { word: said }, readings, { from: node.from, to: node.to });
  }

  private stepOf(act: Act, parts: PartReader, span: Step['span']): Step {
    this.begun = true;
    return {
      kind: 'step',
      act,
      tempo: act.seconds === null ? parts.tempo : null,
      then: parts.then,
      hands: parts.hands,
      ...parts.repeated,
      span,
    };
  }

  /** Strikes, one after the other; several that are done again are one bracket. */
  private strikes(head: SyntaxNode, parts: PartReader, span: Step['span']): Item[] {
    const { strikes, vocabulary } = this.reading.lexicon;
    const word = head.getChild('HandWord') ? wordOf(this.of(head)) : null;
    const joined = word === null || strikes.has(word) ? [word] : word.split('-');
    const said = word === null ? null : (strikes.get(word) ?? word);
    if (said !== null && vocabulary.feints.includes(said) && (parts.bearings.length > 0 || parts.side !== null)) {
      const feint: Tied = { kind: 'hand', word: said, tie: 'start', offsetMs: 0, span };
      const act = actOf({ head, whole: span }, 'half step', null, parts, this.reading);
      const step = act && this.stepOf(act, parts, span);
      return step ? [{ ...step, hands: [feint, ...step.hands] }] : [];
    }
    const side = word !== null && joined.length === 1 ? this.strikeSide(parts) : '';
    const named = (one: string | null): string => (one === null ? this.of(head) : `"${side}${strikes.get(one) ?? one}"`);
    const acts = joined.flatMap((one) => actOf({ head, whole: span }, 'hit', named(one), parts, this.reading) ?? []);
    const either = word !== null && Object.hasOwn(vocabulary.eithers, word) ? vocabulary.eithers[word] : undefined;
    if (word !== null && either && !besideStrike(head)) {
      const { moves, directions } = vocabulary;
      const sides = [directions.left, directions.right].map(([side]) => `${moves[either][0]} ${side}`);
      this.errors.ask(head, 'strike', { word }, [`"${word}"`, ...sides], span);
    }
    const [first, ...others] = acts;
    if (first === undefined) return [];
    if (others.length === 0) return [this.stepOf(first, parts, span)];
    const once = { times: 1, each: null, mirrored: false, span };
    const steps = acts.map((act, i): Step => ({
      ...this.stepOf(act, parts, span),
      ...once,
      hands: i === acts.length - 1 ? parts.hands : [],
    }));
    const { repeated } = parts;
    return repeated.times === 1 && repeated.each === null && !repeated.mirrored
      ? steps
      : [{ kind: 'group', branches: [steps], names: [null], ...repeated, span }];
  }

  /** ‘Left hook’, ‘kick right leg’: the side belongs to the strike's name. */
  private strikeSide(parts: PartReader): string {
    const { directions, feet } = this.reading.lexicon.vocabulary;
    const [foot] = parts.feet;
    const bearing = parts.bearings.find((one) => Math.abs(one) === 90);
    if (parts.bearings.length + parts.feet.length !== 1 || (foot === undefined && bearing === undefined)) return '';
    parts.bearings.length = 0;
    parts.feet.length = 0;
    if (bearing !== undefined) return `${directions[bearing < 0 ? 'left' : 'right'][0]} `;
    return foot === undefined ? '' : `${foot === 'left' || foot === 'right' ? directions[foot][0] : feet[foot][0]} `;
  }

  /** The beat counts from here on. */
  private setBeat(head: SyntaxNode, { tempo }: PartReader): void {
    if (tempo && 'seconds' in tempo && tempo.seconds >= BEAT.least && tempo.seconds <= BEAT.most) this.reading.beat = tempo.seconds;
    else this.errors.add(head, 'beat', BEAT, [`0.6 ${this.reading.lexicon.vocabulary.keys.seconds[0]}`]);
  }

  /** What a line says of all of its steps. */
  private setManner(word: string, span: Step['span'], parts: PartReader): void {
    const { bare } = parts;
    const engine = word === this.reading.lexicon.vocabulary.engine;
    if (!engine) this.flat = true;
    else if (bare !== null && bare.value <= ENGINE) this.engine = bare.value;
    else this.errors.add(span, 'engine', { most: ENGINE }, [`${word} ${ENGINE}`]);
    this.andNoMore(parts.saysMoreThan(...(engine ? (['again'] as const) : [])), span, word);
  }

  /** A named part, if somebody has said what it is. */
  private call(head: SyntaxNode, said: readonly SyntaxNode[], span: Call['span'], word: string): Item[] {
    const named = this.names();
    if (!named.includes(word)) {
      const { events, things } = this.reading.lexicon.vocabulary;
      const known = [...this.heads, ...printed(events), ...printed(things), ...named];
      this.errors.add(head, 'no-beginning', { word }, known, () => nearestWord(word, known));
      return [];
    }
    const parts = new PartReader(this.reading, word).read(said);
    this.andNoMore(parts.saysMoreThan('size', 'tempo', 'again'), span, word);
    const { size } = parts;
    if (size && size.unit !== 'own') this.errors.add(head, 'named-size', {}, ['1.2×']);
    const scale = size?.unit === 'own' && size.value > 0 ? size.value : 1;
    return [{ kind: 'call', name: word, scale, tempo: parts.tempo, ...parts.repeated, span }];
  }

  private thing(head: SyntaxNode, rest: readonly SyntaxNode[], depth: number, span: Thing['span']): Thing {
    const { things, vocabulary } = this.reading.lexicon;
    const kind = things.get(wordOf(this.of(head))) ?? 'place';
    const parts = new PartReader(this.reading, vocabulary.things[kind][0], null, true).read(rest);
    this.andNoMore(parts.saysMoreThan('size', 'way', 'name'), span, parts.head);
    const doing = rest.find((child) => child.name === 'Doing');
    const line = doing ? (this.branches(doing, depth) ?? [])[0] : undefined;
    const named = doing?.getChild('Branch')?.getChild('BranchName');
    if (named) this.errors.add(named, 'takes-no-name', { word: vocabulary.keys.doing[0] });
    if (doing && kind !== 'partner') this.errors.add(doing, 'only-partner', {}, [vocabulary.things.partner[0]]);
    const { other, label } = parts;
    if (other !== null && kind !== 'partner') this.errors.add(head, 'only-partner', {}, [vocabulary.things.partner[0]]);
    if (other?.follows && line) this.errors.add(doing ?? head, 'follows-or-does', {});
    const does = kind === 'partner' && line && !other?.follows ? line : null;
    return { thing: kind, name: label, ...parts.coordinates(), doing: does, other: kind === 'partner' ? other : null, span };
  }

  private of(node: SyntaxNode): string {
    return this.reading.text.slice(node.from, node.to);
  }

  private get heads(): readonly string[] {
    return this.reading.lexicon.heads;
  }
}
