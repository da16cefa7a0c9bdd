import { sizeOf } from '../../body/stance.js';
import { readWith } from '../../judge/study.js';
import type { Manner, Size, Step } from '../../language/ast.js';
import { ruleOf } from '../../language/moves.js';
import type { OwnMove } from '../../language/own-moves.js';
import { print, printManner } from '../../language/print.js';
import { simulate } from '../../motion/simulate.js';
import type { Performer, SimMove, Simulation } from '../../motion/simulation.js';

/** A tenth of a degree, a millimetre: nobody says it more exactly. */
const tenth = (degrees: number | null): number | null => (degrees === null ? null : Math.round(degrees * 10) / 10);
const millimetre = (size: Size | null): Size | null =>
  size?.unit === 'm' ? { value: Math.max(0.001, Math.round(size.value * 1000) / 1000), unit: 'm' } : size;

/** A step as it was done, said once: counts, sides and brackets around it are opened already. */
function asDone({ step }: SimMove): Step {
  const { act } = step;
  const said = { ...act, bearing: tenth(act.bearing), turn: tenth(act.turn), size: millimetre(act.size) };
  return { ...step, act: said, times: 1, each: null, mirrored: false };
}

/** Moves as a line of their own, stepped as the line they are from. */
export const lineOf = (moves: readonly SimMove[], { manner }: Pick<Simulation, 'manner'>): string =>
  mannered(print(moves.map(asDone)), manner);

/** A line that is stepped as another one. */
export const mannered = (line: string, manner: Manner): string => [...printManner(manner), line].join(', ');

/** What may follow a small pattern so that it ends in the stance it began in. */
const TAILS = [
  '',
  'recover back',
  'pull back',
  'square up',
  'switch',
  'back step',
  'shift',
  'other lead',
  'other lead, square up',
] as const;

/** Whether a line ends in the stance it began in: same lead, widths within the stance's tolerance. */
export function keepsStance(sim: Simulation): boolean {
  const [a, b] = [sizeOf(sim.start.feet, sim.start.heading), sizeOf(sim.end.feet, sim.end.heading)];
  const within = sim.target.tolerance + 1e-9;
  return sim.start.lead === sim.end.lead && Math.abs(a.width - b.width) <= within && Math.abs(a.leftAhead - b.leftAhead) <= within;
}

/** The line with the shortest ending that brings the stance back; null where none of the usual ones does. */
export function restored(line: string, performer: Performer, own: readonly OwnMove[] = []): string | null {
  for (const tail of TAILS) {
    const whole = [line, tail].filter((part) => part !== '').join(', ');
    const parsed = readWith(whole, own);
    const sim = simulate(parsed, performer);
    if (parsed.errors.length === 0 && sim.problems.length === 0 && keepsStance(sim)) return whole;
  }
  return null;
}

/**
 * The natural parts of a pattern, in order: what loads, what brings near, what reaches or turns with its way out, the way home.
 * A reach and the recovery out of it are never parted.
 */
export function segmentsOf(sim: Simulation): SimMove[][] {
  const parts: SimMove[][] = [];
  let before: string | null = null;
  let reaching = false;
  for (const move of sim.moves) {
    const { word } = move.step.act;
    const { family } = ruleOf(word);
    const out: boolean = word === 'recover' || word === 'pull back';
    const kind: string =
      family === 'gather' || family === 'pass' ? `way ${reaching ? 'back' : 'out'}` : family === 'hand' ? (before ?? 'hand') : family;
    const open = parts.at(-1);
    if (open && (out || kind === before)) open.push(move);
    else parts.push([move]);
    before = out ? 'reach' : kind;
    if (family === 'reach' || out) reaching = true;
    if (family === 'load') reaching = false;
  }
  return parts;
}
