import type { Act, Definition } from '../ast.js';
import { readDose } from '../dose-text.js';
import { printDose } from '../dose-print.js';
import { DOSE_LIMITS, type Dose, type Range } from '../dose.js';
import { NOTATION_LIMITS, OWN_MOVE_LIMITS } from '../limits.js';
import { ruleOf } from '../moves.js';
import { isMoveName, type OwnMove } from '../own-moves.js';
import { parse } from '../parse.js';
import { printPattern } from '../print.js';
import { readerOf, type EarlierReader } from './readers.js';

/** A line that an earlier language read otherwise than today's. */
export interface Otherwise {
  /** What it said, in the plain form; '' where nothing of it was understood. */
  readonly was: string;
  /** What stands for it until somebody takes today's reading: what it said, with its remarks. */
  readonly stands: string;
  /** Whether something of it was marked. */
  readonly marked: boolean;
}

/** A club's own moves, of an earlier language and of today. */
export interface OwnMoves {
  readonly then: readonly Definition[];
  readonly now: readonly Definition[];
  /** Names that mean something else today, with what the move is called instead. */
  readonly names: ReadonlyMap<string, string>;
}
export const NO_MOVES: OwnMoves = { then: [], now: [], names: new Map() };

/**
 * How a line of steps that was saved with an earlier language was read, where that differs from how it is read today; null where it
 * does not.
 * @param most characters that may stand there; a plain form that is longer cannot, and what was typed stands.
 * @example keptSteps('advance 3x', 1)?.stands // 'advance 3×'
 */
export function keptSteps(
  text: string,
  language: number,
  own: OwnMoves = NO_MOVES,
  most: number = NOTATION_LIMITS.characters,
): Otherwise | null {
  const reader = readerOf(language);
  if (!reader) return null;
  const { plain: was, marked } = plainOf(reader, text, own);
  const now = printPattern(parse(text, own.now));
  if (was === now) return null;
  if (was === '') return { was, stands: text, marked };
  // Printed as it is today: what was printed and did nothing, such as a way in a move that stays, is left out.
  const { errors: _, ...read } = parse(was, own.now);
  const plain = printPattern(unsaid(read));
  return plain === now || printPattern(read) === now
    ? null
    : { was: plain, stands: within(text, [plain, ...remarksOf(text)].join('\n'), most), marked };
}

/**
 * The same of a dose.
 * @example keptDose('3 × 8, set rest 60 s', 1)?.stands // '3 × 8'
 */
export function keptDose(text: string, language: number, own: OwnMoves = NO_MOVES): Otherwise | null {
  const reader = readerOf(language);
  if (!reader || text.trim() === '') return null;
  const { dose, errors } = reader.readDose(text);
  const marked = errors.length > 0;
  const now = readDose(text).dose;
  const said = now === null ? '' : printDose(now);
  if (!dose) return said === '' ? null : { was: '', stands: text, marked };
  const chimes = dose.chimes.map((chime) => ({ ...chime, does: keptSteps(chime.does, language, own)?.stands ?? chime.does }));
  const was = reader.printDose({ ...dose, chimes });
  if (was === said) return null;
  const plain = isStable(was) ? was : reader.printDose(withoutUnused({ ...dose, chimes }));
  return plain === said ? null : { was: plain, stands: within(text, plain, DOSE_LIMITS.characters), marked };
}

/** A club's own moves as they were, each that was read otherwise or has a name that means something else today by what it was. */
export function keptMoves(moves: readonly OwnMove[], language: number): { readonly moves: readonly OwnMove[]; readonly own: OwnMoves } {
  const reader = readerOf(language);
  const names = new Map<string, string>();
  const [then, now]: [Definition[], Definition[]] = [[], []];
  const kept: OwnMove[] = [];
  for (const move of moves) {
    const name = nameNow(move.name, [...moves, ...kept]);
    const own = { then, now, names };
    const steps = keptSteps(move.steps, language, own, OWN_MOVE_LIMITS.steps)?.stands ?? move.steps;
    const [before, after] = [reader?.parse(move.steps, then).items ?? [], parse(steps, now).items];
    if (name !== move.name) names.set(move.name, name);
    kept.push({ name, steps });
    if (before.length > 0) then.push(named(move.name, before));
    if (after.length > 0) now.push(named(name, after));
  }
  return { moves: kept, own: { then, now, names } };
}

/** Degrees that an earlier language printed of each turn round, typed or not: the usual ones nobody need have typed. */
const unsaid = <T>(value: T): T =>
  JSON.parse(JSON.stringify(value), (_, one: unknown) => {
    const act = one as Partial<Act> | null;
    if (typeof act !== 'object' || act?.exact !== true || act.word === undefined || act.turn == null) return one;
    return { ...act, exact: Math.abs(act.turn) !== ruleOf(act.word).usual };
  }) as T;

const named = (name: string, items: Definition['items']): Definition => ({ name, items, span: { from: 0, to: 0 } });

/** A name that a line can hold today: its own, or one made from it that nothing else has. */
function nameNow(name: string, others: readonly OwnMove[]): string {
  if (isMoveName(name)) return name;
  const taken = new Set(others.map((one) => one.name));
  // As many are tried as are taken, and one more.
  for (let n = 0; ; n++) {
    const more = n === 0 ? '' : `-${letters(n)}`;
    const free = `my-${name}`.slice(0, OWN_MOVE_LIMITS.name - more.length) + more;
    if (!taken.has(free)) return free;
  }
}

/** 1 is b, 25 z, 26 ba: names hold no digits. */
const letters = (n: number): string => (n < 26 ? '' : letters(Math.floor(n / 26))) + String.fromCharCode(97 + (n % 26));

/** The plain form that an earlier language gave a line, with names that can stand in a line today. */
function plainOf(reader: EarlierReader, text: string, { then, names }: OwnMoves): { readonly plain: string; readonly marked: boolean } {
  const { errors, ...parsed } = reader.parse(text, then);
  const others = new Map(names);
  const known = parsed.definitions.map(({ name }) => ({ name, steps: '' }));
  for (const { name } of known) {
    const now = nameNow(name, known);
    if (now === name) others.delete(name);
    else others.set(name, now);
  }
  return { plain: reader.printPattern(others.size === 0 ? parsed : renamed(parsed, others)), marked: errors.length > 0 };
}

/** A line with other names for its parts and calls, wherever they stand. */
const renamed = <T>(value: T, names: ReadonlyMap<string, string>): T =>
  JSON.parse(JSON.stringify(value), (_, one: unknown) => {
    const held = one as Partial<Record<'kind' | 'name' | 'items', unknown>> | null;
    if (typeof held !== 'object' || held === null || typeof held.name !== 'string') return one;
    const isName = held.kind === 'call' || (held.kind === undefined && Array.isArray(held.items));
    return isName ? { ...held, name: names.get(held.name) ?? held.name } : one;
  }) as T;

/** What is remarked in a line, which no plain form has. */
const remarksOf = (text: string): string[] =>
  text.split('\n').flatMap((row) => (row.includes('#') ? [row.slice(row.indexOf('#')).trimEnd()] : []));

const within = (text: string, plain: string, most: number): string => (plain.length <= most ? plain : text);

/** Whether a printed dose is read as it is printed. */
function isStable(printed: string): boolean {
  const { dose, errors } = readDose(printed);
  return dose !== null && errors.length === 0 && printDose(dose) === printed;
}

const isOne = ({ low, high }: Range): boolean => low === 1 && high === 1;

/** Rests that never came are nothing: a rest between rounds of one round, one between sets of one set. */
const withoutUnused = (dose: Dose): Dose => ({
  ...dose,
  rest: isOne(dose.rounds) ? null : dose.rest,
  setRest: isOne(dose.sets) ? null : dose.setRest,
});
