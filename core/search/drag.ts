import { otherSide, type Side } from '../body/foot.js';
import { distance, normalised, sub, type Vec } from '../body/vec.js';
import type { Act, Size } from '../language/ast.js';
import { ruleOf } from '../language/moves.js';
import { parse } from '../language/parse.js';
import type { Span } from '../language/places.js';
import { print } from '../language/print.js';
import type { Simulation } from '../motion/simulation.js';

/** A stretch of the text and what it becomes. */
export interface Edit extends Span {
  readonly insert: string;
}

/** Directions within this of a plain one become it, degrees; others are rounded to as much. */
const SNAP = 5;
const PLAIN = [0, 45, 90, 135, 180, -45, -90, -135];
/** Smallest step that a drag can make, metres. */
const LEAST = 0.01;

/**
 * The change of the text when the foot of a move is dragged to another place: the size and direction of its step, or the angle
 * of its turn. Null where a drag says nothing: aims, named parts, moves without a size, or a foot that only stands.
 */
export function dragFoot(text: string, sim: Simulation, index: number, foot: Side, to: Vec): Edit | null {
  const move = sim.moves[index];
  const action = move?.actions.filter((one) => one.foot === foot && one.kind !== 'turn').at(-1);
  if (!move || !action || move.step.act.aim !== null) return null;
  const written = parse(text.slice(move.span.from, move.span.to)).items[0];
  if (written?.kind !== 'step' || written.act.word !== move.step.act.word) return null;
  const act = pulled(written.act, move.before.heading, action.from, to, { ...move.before.feet[otherSide(foot)] });
  if (act === null) return null;
  return { from: move.span.from, to: move.span.to, insert: print([{ ...written, act }]) };
}

function pulled(act: Act, heading: number, from: Vec, to: Vec, other: Vec): Act | null {
  const rule = ruleOf(act.word);
  if (rule.way === 'turn') {
    if (rule.family !== 'turn' || rule.size !== 'none') return null;
    const angle = (p: Vec): number => (Math.atan2(p.x - other.x, p.y - other.y) * 180) / Math.PI;
    const turn = snapped(normalised(angle(to) - angle(from)));
    return turn === 0 ? null : { ...act, turn };
  }
  if (rule.way !== 'bearing' || rule.size === 'none') return null;
  const gone = sub(to, from);
  const raw = normalised((Math.atan2(gone.x, gone.y) * 180) / Math.PI - heading);
  if (rule.fixed) {
    const along = distance(from, to) * Math.cos(((raw - (rule.usual ?? 0)) * Math.PI) / 180);
    return { ...act, size: sizeLike(act.size, Math.max(LEAST, along)) };
  }
  const metres = Math.max(LEAST, distance(from, to));
  return { ...act, bearing: snapped(raw), size: sizeLike(act.size, metres) };
}

function snapped(degrees: number): number {
  const plain = PLAIN.find((one) => Math.abs(normalised(degrees - one)) <= SNAP);
  return plain ?? Math.round(degrees / SNAP) * SNAP;
}

/** In the unit that the text has: whole centimetres, or half inches. */
function sizeLike(size: Size | null, metres: number): Size {
  if (size?.unit === 'in' || size?.unit === 'ft') return { value: Math.max(0.5, Math.round((metres / 0.0254) * 2) / 2), unit: 'in' };
  return { value: Math.max(1, Math.round(metres * 100)), unit: 'cm' };
}
