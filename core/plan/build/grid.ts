import { bodyOf } from '../../body/body.js';
import { SIDES } from '../../body/foot.js';
import { schoolOf, SCHOOLS } from '../../body/school.js';
import { driftOf } from '../../judge/drift.js';
import { readWith } from '../../judge/study.js';
import { dialled } from '../../language/dials.js';
import { mirrorText } from '../../language/mirror.js';
import type { NotationMessage } from '../../language/messages.js';
import { operate } from '../../language/operations.js';
import type { OwnMove } from '../../language/own-moves.js';
import { simulate } from '../../motion/simulate.js';
import type { Simulation } from '../../motion/simulation.js';
import { directionOf } from '../rep-plan.js';
import type { StageLine } from '../session/stage.js';

/** What may vary. Technique, retreat, exit and way back bring steps of their own; the others change the line. */
export const AXES = [
  ...(['lead', 'side', 'direction', 'count', 'technique', 'retreat', 'exit', 'way back', 'implement'] as const),
  ...(['further', 'wider', 'diagonal'] as const),
] as const;
export type AxisName = (typeof AXES)[number];

export interface AxisValue {
  readonly name: string;
  /** Steps that a value of technique, retreat, exit or way back adds; a direction's bearing in words. */
  readonly steps: string;
}

export interface Axis {
  readonly axis: AxisName;
  readonly values: readonly AxisValue[];
}

/** Two values that may not come together. */
export type Forbidden = readonly [{ readonly axis: AxisName; readonly value: string }, { readonly axis: AxisName; readonly value: string }];

/** One variant. */
export interface Cell {
  /** What it is, stable over sessions: 'lead=left · count=2'. */
  readonly key: string;
  readonly values: Readonly<Partial<Record<AxisName, string>>>;
  readonly steps: string;
  readonly lead: StageLine['lead'];
  readonly hand: StageLine['hand'];
  readonly implement: 'without' | 'with';
}

/** What is known of a cell for one athlete. */
export interface Coverage {
  readonly planned: number;
  readonly done: number;
  readonly watched: number;
  readonly clean: number;
}

export const NO_COVERAGE: Coverage = { planned: 0, done: 0, watched: 0, clean: 0 };

/** Usual values of the axes that need no steps. */
export const USUAL_VALUES: Readonly<Partial<Record<AxisName, readonly AxisValue[]>>> = {
  lead: ['as written', 'other lead'].map((name) => ({ name, steps: '' })),
  side: ['as written', 'other side'].map((name) => ({ name, steps: '' })),
  direction: ['ahead', 'back', 'left', 'right'].map((name) => ({ name, steps: name })),
  count: ['1', '2', '3', '4'].map((name) => ({ name, steps: '' })),
  implement: ['without', 'with'].map((name) => ({ name, steps: '' })),
  further: ['1', '1.2', '1.5'].map((name) => ({ name, steps: '' })),
  wider: ['1', '1.2', '1.5'].map((name) => ({ name, steps: '' })),
  diagonal: ['0', '15', '30'].map((name) => ({ name, steps: '' })),
};

/** The least and the most of the axes that are numbers: times, factors, degrees to the right. */
const DIALS = { count: [1, 12], further: [0.1, 5], wider: [0.1, 5], diagonal: [-180, 180] } as const;

/**
 * The number of a value on an axis of numbers, '1.2×' and '15°' as well; null where it is none, or no such number; undefined on others.
 * @example [dialOf('further', '1.2×'), dialOf('count', 'many'), dialOf('exit', 'cut')] // [1.2, null, undefined]
 */
export function dialOf(axis: AxisName, value: string): number | null | undefined {
  if (!(axis in DIALS)) return undefined;
  const [low, high] = DIALS[axis as keyof typeof DIALS];
  const n = Number(value.replace(/[×x°]\s*$/, '').trim() || Number.NaN);
  return n >= low && n <= high && (axis !== 'count' || Number.isInteger(n)) ? n : null;
}

/**
 * What stands on an axis of numbers and is none it can take; null: nothing.
 * @example wrongDial({ axis: 'count', values: [{ name: 'many', steps: '' }] }) // 'many'
 */
export const wrongDial = ({ axis, values }: Axis): string | null => values.find(({ name }) => dialOf(axis, name) === null)?.name ?? null;

const GRID_LIMITS = { axes: AXES.length, values: 8, cells: 2_000 } as const;

export interface Grid {
  readonly cells: readonly Cell[];
  /** Variants that were left out because two of their values may not come together. */
  readonly forbidden: number;
  /** Set where the product was too large; nothing is made then. */
  readonly tooMany: number | null;
}

/** Multiplies the axes over a line of steps, leaves out what may not come together. Axes in their fixed order, values as given. */
export function gridOf(line: StageLine, axes: readonly Axis[], forbidden: readonly Forbidden[] = []): Grid {
  const used = AXES.flatMap((name) => axes.find((axis) => axis.axis === name && axis.values.length > 0) ?? []);
  const size = used.reduce((product, axis) => product * axis.values.length, 1);
  if (size > GRID_LIMITS.cells) return { cells: [], forbidden: 0, tooMany: size };
  let combos: Partial<Record<AxisName, AxisValue>>[] = [{}];
  for (const { axis, values } of used) combos = combos.flatMap((combo) => values.map((value) => ({ ...combo, [axis]: value })));
  const may = (combo: Partial<Record<AxisName, AxisValue>>): boolean =>
    !forbidden.some((pair) => pair.every(({ axis, value }) => combo[axis]?.name === value));
  const legal = combos.filter(may);
  return { cells: legal.map((combo) => cellOf(line, combo)), forbidden: combos.length - legal.length, tooMany: null };
}

function cellOf(line: StageLine, combo: Partial<Record<AxisName, AxisValue>>): Cell {
  const said = (axis: AxisName): string => combo[axis]?.steps.trim() ?? '';
  let base = line.steps.trim();
  if (combo.direction) base = directed(base, said('direction'));
  const dial = (axis: AxisName, none: number): number => dialOf(axis, combo[axis]?.name ?? '') ?? none;
  const [further, wider, diagonal] = [dial('further', 1), dial('wider', 1), dial('diagonal', 0)];
  if (further !== 1 || wider !== 1 || diagonal !== 0) base = dialled(base, { further, wider, diagonal });
  // The attack, one step back as they come, the answer; then out, the other way round where the lead has changed till then.
  const before = joined(times(base, dial('count', 1), line), said('retreat'), said('technique'));
  const switched = leadAfter(before, line) !== line.lead;
  const after = [said('exit'), said('way back')].map((part) => (switched ? mirrorText(part) : part));
  let steps = joined(before, ...after);
  let { lead } = line;
  if (turnsRound(combo.side?.name, steps, line)) steps = operate('other side', { text: steps, hand: line.hand, lead: null, area: '' }).text;
  if (combo.lead?.name === 'other lead' && line.lead !== 'none') {
    const turned = operate('other lead', { text: steps, hand: line.hand, lead: line.lead, area: '' });
    steps = turned.text;
    lead = turned.lead ?? 'none';
  }
  const values = Object.fromEntries(Object.entries(combo).map(([axis, value]) => [axis, value.name]));
  return {
    key: AXES.flatMap((axis) => (values[axis] === undefined ? [] : [`${axis}=${values[axis]}`])).join(' · '),
    values,
    steps,
    lead,
    hand: line.hand,
    implement: combo.implement?.name === 'with' ? 'with' : 'without',
  };
}

/** Sides by stroke: those of a line that goes to one. */
const STROKES: Readonly<Record<string, 'playing' | 'other'>> = { forehand: 'playing', backhand: 'other' };

/** Whether a line is to go to its other side: as such, or because it goes to the other stroke. */
function turnsRound(side: string | undefined, steps: string, line: StageLine): boolean {
  const stroke = side === undefined || !Object.hasOwn(STROKES, side) ? undefined : STROKES[side];
  if (stroke === undefined) return side === 'other side';
  const to = SIDES.find((one) => directionOf(done(steps, line)).endsWith(one));
  return to !== undefined && (to === line.hand) !== (stroke === 'playing');
}

const joined = (...parts: readonly string[]): string => parts.filter((part) => part !== '').join(', ');

const done = (steps: string, { school, hand, lead }: StageLine): Simulation => {
  const as = { body: bodyOf({}), school: schoolOf(school) ?? SCHOOLS[0], lead: lead === 'none' ? null : lead, playing: hand };
  return simulate(readWith(steps), as);
};

/** The lead that a line ends in. */
const leadAfter = (steps: string, line: StageLine): StageLine['lead'] => done(steps, line).end.lead ?? 'none';

/** A line n times; one that comes back to where it began goes n there and n back. */
export function times(base: string, n: number, line: StageLine): string {
  const there = dialled(base, { steps: n });
  const closes = (steps: string): boolean => driftOf(done(steps, line)).closed;
  if (there !== dialled(base, { steps: 1 }) && closes(base) && closes(there)) return n > 1 ? there : base;
  return n > 1 ? `(${base}) ${n}` : base;
}

const BEARING = /\b(ahead left|ahead right|back left|back right|ahead|back|left|right)\b(?!\s+foot|\s+lead|\s+hand|°)/i;

/** What is said of all steps, and the first word of the steps. */
const FIRST_STEP = /^((?:(?:engine \d+|tempo flat)[,\s]+)*)(\S+)/i;

/** The line with its first direction exchanged; a line without one takes it after its first word. */
function directed(text: string, bearing: string): string {
  return BEARING.test(text) ? text.replace(BEARING, bearing) : text.replace(FIRST_STEP, `$1$2 ${bearing}`);
}

/** Cells whose line cannot be read as it stands, with why. */
export function unreadable(grid: Grid, own: readonly OwnMove[] = []): { readonly key: string; readonly why: NotationMessage }[] {
  return grid.cells.flatMap(({ key, steps }) => {
    const [error] = readWith(steps, own).errors;
    return error ? [{ key, why: error }] : [];
  });
}

/** Cells in the order in which they should come: never trained first, then the least done, then those least clean; else as they stand. */
export function dueFirst(cells: readonly Cell[], coverage: ReadonlyMap<string, Coverage>): Cell[] {
  const of = (cell: Cell): Coverage => coverage.get(cell.key) ?? NO_COVERAGE;
  const clean = (one: Coverage): number => (one.watched === 0 ? 0 : one.clean / one.watched);
  return cells
    .map((cell, i) => ({ cell, i, known: of(cell) }))
    .sort(
      (a, b) =>
        Number(a.known.done > 0) - Number(b.known.done > 0) || a.known.done - b.known.done || clean(a.known) - clean(b.known) || a.i - b.i,
    )
    .map(({ cell }) => cell);
}

/** A round of the spread: one skill a round. */
export interface GridRound {
  readonly session: number;
  readonly round: number;
  readonly cells: readonly Cell[];
}

/**
 * Spreads cells over so many sessions at one skill a round: cells of the same value of `skill` share rounds, rounds go to sessions
 * in turn so that sessions differ by one round at most. Sessions and rounds from 1.
 */
export function spread(cells: readonly Cell[], skill: AxisName, aRound: number, sessions: number): GridRound[] {
  const groups = new Map<string, Cell[]>();
  for (const cell of cells) groups.set(cell.values[skill] ?? '', [...(groups.get(cell.values[skill] ?? '') ?? []), cell]);
  const size = Math.max(1, Math.floor(aRound));
  const rounds = [...groups.values()].flatMap((group) =>
    Array.from({ length: Math.ceil(group.length / size) }, (_, k) => group.slice(k * size, (k + 1) * size)),
  );
  const total = Math.max(1, Math.floor(sessions));
  const base = Math.floor(rounds.length / total);
  const extra = rounds.length % total;
  let next = 0;
  return Array.from({ length: total }, (_, s) => s).flatMap((s) => {
    const many = base + (s < extra ? 1 : 0);
    return rounds.slice(next, (next += many)).map((one, r) => ({ session: s + 1, round: r + 1, cells: one }));
  });
}
