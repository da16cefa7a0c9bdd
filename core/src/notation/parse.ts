import type { Act, FootRef, Hand, Item, NotationError, Parsed, Size, SplitStyle, Step, Tempo } from './ast.js';
import { nearestWord } from './nearest.js';
import { placeOf, tokenise, type Span, type Token } from './tokens.js';
import { BEARINGS, FOOT_WORDS, MOVE_WORDS, SIZE_WORDS, SPELLINGS, STEP_WORDS, TEMPO_WORDS, type MoveWord } from './words.js';

/** Longest text that is read, characters, and most repetitions of one step or group. */
export const NOTATION_LIMITS = { characters: 20_000, times: 1_000, depth: 12, metres: 10, errors: 50 } as const;

/** Metres of one unit; 'shoe' and the words of size depend on the body. */
export const METRES_OF: Readonly<Record<'cm' | 'm' | 'in' | 'ft', number>> = { cm: 0.01, m: 1, in: 0.0254, ft: 0.3048 };

/**
 * Reads a line of steps. Never throws: what cannot be read becomes errors with line and column,
 * and all other steps are kept.
 */
export function parse(text: string): Parsed {
  if (text.length > NOTATION_LIMITS.characters) {
    const message = `A pattern holds at most ${NOTATION_LIMITS.characters} characters; this one has ${text.length}. Nothing was read; the text is kept.`;
    return { items: [], errors: [{ from: 0, to: text.length, line: 1, column: 1, message, expected: [], nearest: null }] };
  }
  return new Reader(text).read();
}

/** What a step has gathered while its words are read. */
interface Draft {
  bearings: number[];
  degrees: number | null;
  feet: FootRef[];
  size: Size | null;
  seconds: number | null;
  tempo: Tempo | null;
  times: number;
  style: SplitStyle | null;
  hands: Hand[];
}

class Reader {
  private readonly tokens: readonly Token[];
  private readonly errors: NotationError[] = [];
  private at = 0;

  constructor(private readonly text: string) {
    this.tokens = tokenise(text).filter((token) => token.kind !== 'comment');
  }

  read(): Parsed {
    const items = this.items(0);
    while (this.peek()) {
      this.fail(this.next(), 'This bracket closes nothing; it was left out.', ['a step']);
      items.push(...this.items(0));
    }
    return { items, errors: this.errors };
  }

  private items(depth: number): Item[] {
    const items: Item[] = [];
    for (;;) {
      const token = this.peek();
      if (!token || token.kind === 'close') return items;
      if (token.kind === 'end-of-step') this.at++;
      else if (token.kind === 'open') items.push(...this.group(depth));
      else {
        const step = this.step();
        if (step) items.push(step);
      }
    }
  }

  private group(depth: number): Item[] {
    const open = this.next();
    if (depth >= NOTATION_LIMITS.depth) this.fail(open, `Brackets go at most ${NOTATION_LIMITS.depth} deep; this one was left out.`, []);
    const items = this.items(depth + 1);
    const close = this.peek();
    if (close) this.at++;
    else this.fail(open, 'This bracket is not closed; it was read up to the end.', [')']);
    const times = this.timesAfterGroup();
    if (depth >= NOTATION_LIMITS.depth) return [];
    if (items.length === 0) {
      this.fail(open, 'This bracket holds no step.', ['a step']);
      return [];
    }
    return [{ kind: 'group', items, times, span: { from: open.from, to: this.lastEnd(open) } }];
  }

  private timesAfterGroup(): number {
    const token = this.peek();
    if (token?.kind === 'word' && token.text === 'twice') {
      this.at++;
      return 2;
    }
    if (token && /^[×x]$/.test(token.text) && this.tokens[this.at + 1]?.kind === 'number') this.at++;
    const number = this.peek();
    if (number?.kind !== 'number') return 1;
    this.at++;
    const unit = this.peek();
    if (unit?.kind === 'unit') {
      this.at++;
      if (unit.text !== 'times' && unit.text !== '×') this.fail(unit, 'A bracket takes a count, not a size.', ['a count such as 3']);
    }
    return this.count(number);
  }

  private count(token: Token): number {
    const value = token.value ?? 1;
    if (Number.isInteger(value) && value >= 1 && value <= NOTATION_LIMITS.times) return value;
    this.fail(
      token,
      `A count is a whole number from 1 to ${NOTATION_LIMITS.times}; ${token.text} was read as 1. A size needs a unit, such as ${token.text} cm.`,
      ['a count', 'a unit'],
    );
    return 1;
  }

  private step(): Step | null {
    const leading = this.leadingCount();
    const head = this.head();
    if (head.kind !== 'quoted' && !isMoveWord(head)) {
      if (head.kind !== 'end-of-step' && head.kind !== 'close' && head.kind !== 'open') {
        this.fail(head, `‘${head.text}’ does not begin a step; this step was left out.`, MOVE_WORDS, nearestWord(head.text, MOVE_WORDS));
        this.skipStep();
      } else {
        this.at--;
        this.fail(head, 'A step should follow the count.', MOVE_WORDS);
        if (head.kind === 'open') this.at++;
      }
      return null;
    }
    const draft: Draft = {
      bearings: [],
      degrees: null,
      feet: [],
      size: null,
      seconds: null,
      tempo: null,
      times: leading ?? 1,
      style: null,
      hands: [],
    };
    while (this.peek() && !['end-of-step', 'open', 'close'].includes((this.peek() as Token).kind)) this.part(draft, head.text as MoveWord);
    const act = this.act(head, draft);
    if (!act) return null;
    return {
      kind: 'step',
      act,
      times: draft.times,
      tempo: draft.tempo,
      hands: draft.hands,
      span: { from: head.from, to: this.lastEnd(head) },
    };
  }

  /** The word that begins a step: one word, two that belong together ('half step'), or another spelling of one. */
  private head(): Token {
    const first = this.next();
    const second = this.peek();
    const together = `${first.text} ${second?.text ?? ''}`;
    if (first.kind === 'word' && second?.kind === 'word' && (MOVE_WORDS as readonly string[]).includes(together)) {
      this.at++;
      return { ...first, text: together, to: second.to };
    }
    return first.kind === 'word' ? { ...first, text: SPELLINGS[first.text] ?? first.text } : first;
  }

  private leadingCount(): number | null {
    const token = this.peek();
    if (token?.kind !== 'number') return null;
    this.at++;
    const unit = this.peek();
    if (unit?.kind === 'unit' && (unit.text === '×' || unit.text === 'times')) this.at++;
    return this.count(token);
  }

  /** One word or number after the head of a step. */
  private part(draft: Draft, head: MoveWord): void {
    const token = this.next();
    if (token.kind === 'number') this.numberPart(token, draft, head);
    else if (token.kind === 'plus') this.hand(draft, token);
    else if (token.kind === 'word') this.wordPart(token, draft, head);
    else this.fail(token, `‘${token.text}’ is not understood here; it was left out.`, STEP_WORDS);
  }

  private numberPart(token: Token, draft: Draft, head: MoveWord): void {
    const value = token.value as number;
    const unit = this.peek()?.kind === 'unit' ? this.next() : null;
    switch (unit?.text) {
      case undefined:
      case 'times':
        draft.times = this.count(token);
        return;
      case '°':
        draft.degrees = value;
        return;
      case 's':
        draft.seconds = value;
        return;
      case 'ms':
        this.fail({ from: token.from, to: unit.to }, 'Milliseconds belong to a hit: + hit 80 ms after landing.', ['+ hit']);
        return;
      default:
        draft.size = this.size(token, value, (unit as Token).text, head);
    }
  }

  private size(token: Token, value: number, unit: string, head: MoveWord): Size | null {
    if (SIZELESS.includes(head)) {
      this.fail(token, `‘${head}’ takes no size; it was left out.`, []);
      return null;
    }
    if (!(value > 0)) {
      this.fail(token, 'A size is larger than nothing; the usual one was taken. Turn the direction round instead.', [
        'a size such as 40 cm',
      ]);
      return null;
    }
    if (unit === 'ft' && this.peek()?.kind === 'number' && this.tokens[this.at + 1]?.text === 'in') {
      const inches = this.next().value as number;
      this.at++;
      return this.size(token, value * 12 + inches, 'in', head);
    }
    if (unit === '×') return this.within(token, { value, unit: 'own' }, value <= 10);
    if (unit === 'shoe') return this.within(token, { value, unit: 'shoe' }, value <= 30);
    const known = unit as keyof typeof METRES_OF;
    return this.within(token, { value, unit: known }, value * METRES_OF[known] <= NOTATION_LIMITS.metres);
  }

  private within(token: Token, size: Size, fits: boolean): Size | null {
    if (fits) return size;
    this.fail(
      token,
      `A step of ${token.text} ${size.unit === 'own' ? '×' : size.unit} is more than anybody steps (${NOTATION_LIMITS.metres} m at most); the usual size was taken.`,
      ['a smaller size'],
    );
    return null;
  }

  private wordPart(token: Token, draft: Draft, head: MoveWord): void {
    const word = token.text;
    if (this.peek()?.text === 'foot' && (FOOT_WORDS as readonly string[]).includes(word)) {
      this.at++;
      if (this.peek()?.text === 'first') this.at++;
      draft.feet.push(word as FootRef);
    } else if (word in BEARINGS) draft.bearings.push(BEARINGS[word] as number);
    else if (word in TEMPO_WORDS) draft.tempo = { factor: TEMPO_WORDS[word] as number };
    else if (head === 'split' && this.splitStyle(word, draft)) return;
    else if ((SIZE_WORDS as readonly string[]).includes(word)) {
      draft.size = { value: 1, unit: word as 'small' | 'even' | 'big' };
      if (this.peek()?.text === 'step') this.at++;
    } else if (word === 'twice') draft.times = 2;
    else if (word === 'in' && this.peek()?.kind === 'number') return;
    else if (word === 'on' && head === 'pivot') return;
    else if ((FOOT_WORDS as readonly string[]).includes(word)) {
      this.fail(token, `‘${word}’ names a foot: write ‘${word} foot’.`, ['foot'], `${word} foot`);
    } else this.fail(token, `‘${word}’ is not understood in ‘${head}’; it was left out.`, STEP_WORDS, nearestWord(word, STEP_WORDS));
  }

  private splitStyle(word: string, draft: Draft): boolean {
    if (word === 'drop') draft.style = 'drop';
    else if ((word === 'low' || word === 'high') && this.peek()?.text === 'hop') {
      this.at++;
      draft.style = `${word} hop`;
    } else return false;
    return true;
  }

  /** After '+': a hit or a quoted strike, and what it is tied to. */
  private hand(draft: Draft, plus: Token): void {
    const name = this.peek();
    if (name?.kind !== 'quoted' && name?.text !== 'hit') {
      this.fail(plus, 'After + comes a hit or a strike in quotes.', ['hit', '"jab"'], 'hit');
      return;
    }
    this.at++;
    let offset = 0;
    if (this.peek()?.kind === 'number') {
      offset = this.next().value as number;
      const unit = this.peek()?.kind === 'unit' ? this.next() : null;
      if (unit?.text === 's') offset *= 1000;
      else if (unit?.text !== 'ms') this.fail(unit ?? plus, 'The time of a hit is given in ms or s.', ['ms', 's']);
    }
    let sign = 1;
    let tie: 'start' | 'landing' = 'landing';
    const relation = this.peek()?.text;
    if (relation === 'after' || relation === 'before' || relation === 'on' || relation === 'with') {
      this.at++;
      sign = relation === 'before' ? -1 : 1;
      const anchor = this.peek();
      if (anchor?.text === 'start' || anchor?.text === 'landing') {
        this.at++;
        tie = anchor.text;
      } else this.fail(anchor ?? plus, 'A hit is tied to the start or the landing of its step.', ['start', 'landing']);
    }
    if (Math.abs(offset) > 5000) {
      this.fail(name, 'A hit lies at most 5 s from its step; it was tied to the landing.', []);
      offset = 0;
    }
    const word = name.kind === 'quoted' ? name.text.slice(0, 40) || 'hit' : 'hit';
    draft.hands.push({ word, tie, offsetMs: sign * offset, span: { from: plus.from, to: this.lastEnd(plus) } });
  }

  private act(head: Token, draft: Draft): Act | null {
    if (head.kind === 'quoted') return { move: 'hand', word: head.text.slice(0, 40) || 'hit' };
    const word = head.text as MoveWord;
    if (draft.seconds !== null && word !== 'hold') {
      if (draft.seconds >= 0.05 && draft.seconds <= 60) draft.tempo = { seconds: draft.seconds };
      else this.fail(head, 'A step takes between 0.05 and 60 s; the usual time was taken.', []);
    }
    switch (word) {
      case 'advance':
      case 'retreat':
      case 'shuffle':
        return { move: 'gather', word, bearing: this.gatherBearing(head, word, draft), size: draft.size, first: draft.feet[0] ?? null };
      case 'chassé':
      case 'gallop':
        return { move: 'meet', word, bearing: this.directed(head, draft), size: draft.size };
      case 'half step':
        return { move: 'half step', bearing: this.bearing(draft) ?? 0, size: draft.size, foot: draft.feet[0] ?? null };
      case 'pendulum':
        return { move: 'pendulum', bearing: this.bearing(draft) ?? 0, size: draft.size };
      case 'pass':
      case 'shift':
      case 'back step':
        return { move: 'pass', word, bearing: this.passBearing(head, word, draft), size: draft.size, foot: draft.feet[0] ?? null };
      case 'switch':
      case 'jump':
        return { move: word, bearing: this.bearing(draft) ?? 0, size: this.aside(draft) };
      case 'square up':
        return { move: 'square up' };
      case 'split':
        return { move: 'split', style: draft.style ?? 'low hop' };
      case 'pivot':
        return this.pivot(head, draft);
      case 'lunge':
        return { move: 'lunge', bearing: this.bearing(draft) ?? 0, size: draft.size, foot: draft.feet[0] ?? null };
      case 'recover':
        return { move: 'recover', way: draft.bearings[0] === 0 ? 'ahead' : 'back' };
      case 'hold': {
        const seconds = draft.seconds ?? 1;
        if (seconds > 0 && seconds <= 600) return { move: 'hold', seconds };
        this.fail(head, 'A hold lasts up to 600 s; 1 s was taken.', ['hold 2 s']);
        return { move: 'hold', seconds: 1 };
      }
      case 'hit':
        return { move: 'hand', word: 'hit' };
    }
  }

  private gatherBearing(head: Token, word: 'advance' | 'retreat' | 'shuffle', draft: Draft): number {
    const asked = this.bearing(draft);
    if (word === 'shuffle') {
      if (asked === null) this.fail(head, 'A shuffle needs a direction; right was taken.', ['left', 'right', 'ahead', 'back', '45° left']);
      return asked ?? 90;
    }
    const usual = word === 'advance' ? 0 : 180;
    if (asked !== null && asked !== usual) {
      this.fail(head, `‘${word}’ goes ${usual === 0 ? 'ahead' : 'back'}; for another direction write ‘shuffle’.`, ['shuffle'], 'shuffle');
    }
    return usual;
  }

  /** The direction of a move that means nothing without one. */
  private directed(head: Token, draft: Draft): number {
    const asked = this.bearing(draft);
    if (asked === null)
      this.fail(head, `‘${head.text}’ needs a direction; right was taken.`, ['left', 'right', 'ahead', 'back', '45° left']);
    return asked ?? 90;
  }

  private passBearing(head: Token, word: 'pass' | 'shift' | 'back step', draft: Draft): number {
    const asked = this.bearing(draft);
    const usual = word === 'back step' ? 180 : 0;
    if (word === 'pass' || asked === null || asked === usual) return asked ?? usual;
    this.fail(head, `‘${word}’ goes ${usual === 0 ? 'ahead' : 'back'}; for another direction write ‘pass’.`, ['pass'], 'pass');
    return usual;
  }

  /** A switch or a jump goes aside when a direction is given; without a size it is a small one. */
  private aside(draft: Draft): Size | null {
    if (draft.size !== null) return draft.size;
    return this.bearing(draft) === null ? null : { value: 1, unit: 'small' };
  }

  /** A bearing from words ('ahead left' is half way between), or from degrees with a side ('30° left'). */
  private bearing(draft: Draft): number | null {
    const [one, two] = draft.bearings;
    if (draft.degrees !== null) {
      const off = Math.max(-180, Math.min(180, draft.degrees));
      return one === -90 ? -off : off;
    }
    if (one === undefined) return null;
    if (two === undefined || Math.abs(Math.abs(one) - Math.abs(two)) !== 90) return one;
    const side = Math.abs(one) === 90 ? one : two;
    const along = side === one ? two : one;
    return Math.sign(side) * (along === 0 ? 45 : 135);
  }

  private pivot(head: Token, draft: Draft): Act | null {
    const side = draft.bearings.find((bearing) => Math.abs(bearing) === 90);
    const degrees = draft.degrees ?? 90;
    if (side === undefined && draft.degrees === null) {
      this.fail(head, 'A pivot needs a direction; this step was left out.', ['left', 'right', 'right 90°']);
      return null;
    }
    if (Math.abs(degrees) > 720) {
      this.fail(head, `A pivot turns at most 720°; ${degrees}° was left out.`, ['a smaller angle']);
      return null;
    }
    return { move: 'pivot', foot: draft.feet[0] ?? 'lead', turn: side === -90 ? -degrees : degrees };
  }

  private skipStep(): void {
    while (this.peek() && !['end-of-step', 'open', 'close'].includes((this.peek() as Token).kind)) this.at++;
  }

  private peek(): Token | undefined {
    return this.tokens[this.at];
  }

  private next(): Token {
    const token = this.tokens[this.at++];
    return token ?? { kind: 'end-of-step', text: '', from: this.text.length, to: this.text.length };
  }

  private lastEnd(start: Token): number {
    return this.tokens[this.at - 1]?.to ?? start.to;
  }

  private fail(span: Span, message: string, expected: readonly string[], nearest: string | null = null): void {
    if (this.errors.length >= NOTATION_LIMITS.errors) return;
    this.errors.push({ from: span.from, to: span.to, ...placeOf(this.text, span.from), message, expected, nearest });
  }
}

/** Moves that take no size. */
const SIZELESS: readonly MoveWord[] = ['split', 'hold', 'pivot', 'recover', 'square up', 'hit'];

function isMoveWord(token: Token): boolean {
  return token.kind === 'word' && (MOVE_WORDS as readonly string[]).includes(token.text);
}
