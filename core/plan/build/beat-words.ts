import { bearingWords, wordsOf } from '../../language/print.js';
import type { Simulation } from '../../motion/simulation.js';

/** A word of a line as it is said aloud while it is done. */
export interface BeatWord {
  readonly word: string;
  /** When it falls in the line, seconds. */
  readonly at: number;
}

/**
 * The beats of a line by words: what each step is called, with its way where it goes aside, when it has landed, and each stroke when it
 * is struck. What stands still says nothing.
 * @example beatWords(simulate(parse('split, shuffle right 40 cm + hit on landing'), { body: bodyOf({}), school: schoolOf('square-ready'), lead: null, playing: 'right' })).map(({ word }) => word) // ['split', 'shuffle right', 'hit']
 */
export function beatWords({ moves, hands }: Pick<Simulation, 'moves' | 'hands'>): BeatWord[] {
  const steps = moves.flatMap(({ step: { act }, landing, actions }): BeatWord[] => {
    if (actions.length === 0) return [];
    const { bearing, turn } = act;
    const way =
      bearing !== null && bearing % 180 !== 0 ? bearingWords(Math.round(bearing)) : turn === null ? '' : turn < 0 ? 'left' : 'right';
    return [{ word: `${wordsOf(act)} ${way}`.trim(), at: landing }];
  });
  // What falls together is said in the order in which it is done.
  return [...steps, ...hands.map(({ word, at }) => ({ word, at }))].sort((a, b) => a.at - b.at);
}
