import { ruleOf } from '../language/moves.js';
import { originOf, type Posture } from '../body/stance.js';
import { distance } from '../body/vec.js';
import type { SimMove } from './simulation.js';

/** Nearer to where one began by less than this (m) is no way back (common practice, no source). */
const NEARER = 0.05;
/** Who stands no further than this (m) from where they began is at home (common practice, no source). */
const AT_HOME = 0.1;
/** Who ends further from where they began than this share of how far they got goes on elsewhere (common practice, no source). */
const HOME = 0.5;

/** From one split, or one time at home, to the next: one way out, and one back. */
interface Outing {
  readonly moves: SimMove[];
  /** Whether a split said that somebody goes to a ball. */
  readonly split: boolean;
}

type Far = (at: Posture) => number;

function outingsOf(moves: readonly SimMove[], far: Far): Outing[] {
  const outings: Outing[] = [{ moves: [], split: false }];
  let away = false;
  for (const move of moves) {
    const now = outings.at(-1) as Outing;
    const split = move.step.act.word === 'split';
    if (!split) now.moves.push(move);
    away ||= far(move.after) > AT_HOME;
    const home = away && far(move.after) <= AT_HOME;
    if (home) away = false;
    if (split || home) outings.push({ moves: [], split: split || now.split });
  }
  return outings;
}

const reaches = (move: SimMove): boolean => move.units.includes('arrival') || move.units.includes('strike');
/** Whether one has arrived somewhere or struck since the last split. */
export const struckSince = (moves: readonly SimMove[]): boolean =>
  moves.slice(moves.findLastIndex(({ step }) => step.act.word === 'split') + 1).some(reaches);

const travels = ({ step, moving, actions }: SimMove): boolean =>
  moving && actions.length > 0 && ['gather', 'pass'].includes(ruleOf(step.act.word).family);

/** The first step of an outing's way back, by whatever steps; null where there is none, or where it is a recovery, which is one already. */
function backIn({ moves, split }: Outing, far: Far): SimMove | null {
  if (moves.some(({ units }) => units.includes('back'))) return null;
  const nearer = (move: SimMove): boolean => far(move.before) - far(move.after) > NEARER;
  const said = moves.find((move) => travels(move) && move.step.act.aim?.thing === 'home' && nearer(move));
  if (said) return said;
  // The place where something was done out there; where nothing was, a split says that this is the way to a ball and back.
  const struck = moves.findLastIndex(reaches);
  const furthest = moves.reduce((best, move, i) => (far(move.after) > far((moves[best] as SimMove).after) + 1e-9 ? i : best), 0);
  if (struck < 0 && !split) return null;
  const turned = Math.max(struck, furthest);
  const [there, last] = [moves[turned], moves.at(-1)];
  if (!there || !last || far(last.after) > HOME * far(there.after)) return null;
  return moves.slice(turned + 1).find((move) => travels(move) && nearer(move)) ?? null;
}

/**
 * The moves with a chance of the way back at each step that begins one: a recovery or a pull back says so itself; otherwise it is the
 * first of the steps that bring somebody home after the ball, the strike or the furthest place, whether they cross, run, shuffle or
 * chassé. A split that closes it belongs to the next ball.
 * @example simulate(parse('split, shuffle right 40 cm, shuffle left 40 cm'), { body: bodyOf({}), school: schoolOf('square-ready'), lead: null, playing: 'right' }).moves.map(({ units }) => units.includes('back')) // [false, false, true]
 */
export function withWaysBack(moves: readonly SimMove[], start: Posture): readonly SimMove[] {
  const home = originOf(start.feet);
  const far: Far = (at) => distance(originOf(at.feet), home);
  const back = new Set(outingsOf(moves, far).map((outing) => backIn(outing, far)));
  return back.size === 1 && back.has(null)
    ? moves
    : moves.map((move) => (back.has(move) ? { ...move, units: [...move.units, 'back' as const] } : move));
}
