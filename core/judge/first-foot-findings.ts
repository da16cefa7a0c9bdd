import { otherSide } from '../body/foot.js';
import { ruleOf } from '../language/moves.js';
import { bearingOf, handsOf, is, LUNGES, type Rules } from './move-rule.js';
import { FREE_LOAD } from './state.js';

/** Which foot goes first and which sets last: a loaded foot cannot go, an inside one must not be the last before a stroke. */
export const FIRST_FOOT = {
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
    if (handsOf(sim, move).length === 0 || LUNGES.includes(move.step.act.word)) return null;
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
