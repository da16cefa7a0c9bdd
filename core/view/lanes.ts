import type { Side } from '../body/foot.js';
import { wordsOf } from '../language/print.js';
import type { Simulation } from '../motion/simulation.js';

/** A stretch of one foot's lane: standing, or on its way to contact `number`. Seconds. */
export interface LaneBlock {
  readonly from: number;
  readonly to: number;
  readonly air: boolean;
  readonly move: number;
  /** What is done: the move's word. */
  readonly word: string;
}

/** The two-lane strip: what each foot does over time, without gaps. */
export function lanesOf(sim: Simulation): Readonly<Record<Side, readonly LaneBlock[]>> {
  const lane = (side: Side): LaneBlock[] => {
    const blocks: LaneBlock[] = [];
    let at = 0;
    let word = '';
    let move = -1;
    const stand = (to: number): void => {
      if (to - at > 1e-9) blocks.push({ from: at, to, air: false, move, word });
    };
    for (const action of sim.actions) {
      if (action.foot !== side || action.kind === 'turn') continue;
      stand(action.start);
      const act = sim.moves[action.move]?.step.act;
      word = act === undefined ? '' : wordsOf(act);
      move = action.move;
      blocks.push({ from: action.start, to: action.end, air: action.kind !== 'slide', move, word });
      at = action.end;
    }
    stand(sim.seconds);
    return blocks;
  };
  return { left: lane('left'), right: lane('right') };
}
