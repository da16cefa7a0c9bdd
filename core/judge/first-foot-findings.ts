import { otherSide } from '../body/foot.js';
import { sizeOf } from '../body/stance.js';
import { normalised, sub } from '../body/vec.js';
import { ruleOf, type MoveWord } from '../language/moves.js';
import { nearFoot } from '../motion/foot-choice.js';
import type { SimMove } from '../motion/simulation.js';
import { LEAST } from './finding.js';
import { bearingOf, handsOf, is, LUNGES, type Rules } from './move-rule.js';
import { FREE_LOAD } from './state.js';

/** Steps of two feet, of which the nearest goes first; in a chassé or a gallop the other one comes up before it. */
const GATHERS: readonly MoveWord[] = ['advance', 'retreat', 'shuffle'];

/** Feet that stand on each other's side: which of them is near says nothing. */
const isCrossed = ({ feet, heading }: SimMove['before']): boolean => sizeOf(feet, heading).width < 0;

/** Which foot goes first and which sets last: a loaded foot cannot go, an inside one must not be the last before a stroke. */
export const FIRST_FOOT = {
  'wrong-foot': ({ performer }, { before, actions, step: { act } }) => {
    // Where no foot is named the nearest goes, also back into a stance that crossing has left.
    if (act.foot === null) return null;
    const first = actions.find((action) => action.kind === 'step');
    // A cut is the foot's of the side to which it goes.
    if (act.word === 'cut') return first && first.foot !== ((act.turn ?? 0) < 0 ? 'left' : 'right') ? { foot: first.foot } : null;
    if (!GATHERS.includes(act.word)) return null;
    if (!first || isCrossed(before)) return null;
    const gone = sub(first.to, first.from);
    const bearing = normalised((Math.atan2(gone.x, gone.y) * 180) / Math.PI - before.heading);
    return Math.hypot(gone.x, gone.y) > LEAST.metres && first.foot !== nearFoot(before, bearing, performer.playing)
      ? { foot: first.foot }
      : null;
  },
  'loaded-first': (_sim, move) => {
    const first = move.actions.find((action) => action.kind === 'step');
    const share = first?.foot === 'left' ? move.before.leftShare : 1 - move.before.leftShare;
    const together = move.actions.some((action) => action.kind === 'hop');
    return first && !together && ruleOf(move.step.act.word).family !== 'reach' && share > FREE_LOAD + 1e-9
      ? { foot: first.foot, share }
      : null;
  },
  'back-step-loaded': (_sim, move) => {
    const { lead, leftShare } = move.before;
    if (!is(move, ['back step']) || lead === null) return null;
    const share = lead === 'left' ? leftShare : 1 - leftShare;
    return share > FREE_LOAD + 1e-9 ? { share } : null;
  },
  'wrong-leg': (sim, move, i) => {
    const { moves, performer } = sim;
    const { word } = move.step.act;
    // A step in is one foot's, and a stroke in the air has none on the floor.
    if (handsOf(sim, move).length === 0 || LUNGES.includes(word) || ['reach', 'air'].includes(ruleOf(word).family)) return null;
    let at = i;
    while (at >= 0 && !moves[at]?.actions.some((action) => action.contact)) at--;
    const last = moves[at];
    if (!last) return null;
    const side = bearingOf(last);
    const set = last.actions.filter((action) => action.contact).at(-1)?.foot;
    const outside = side > 0 && side < 180 ? 'right' : side < 0 ? 'left' : performer.playing;
    return set === otherSide(outside) ? { foot: set } : null;
  },
} satisfies Rules;
