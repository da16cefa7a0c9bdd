import type { View } from '../../catalogue/fault.js';
import { FAULTS } from '../../catalogue/faults.js';
import type { Rounds } from '../../language/rounds.js';
import type { Performer, Simulation } from '../../motion/simulation.js';
import type { Parsed } from '../../language/ast.js';
import { namedAlternatives } from '../calls/named.js';
import { totalsOfRounds } from '../rounds.js';
import { chancesOf, exposed, watchList } from './watch-list.js';

/** How a line is taught where nobody has said otherwise. */
export interface Taught {
  /** Faults to look for, by their codes, and from where; the cue is that of the first. */
  readonly watch: readonly string[];
  readonly view: View;
  /** How many chances for the first of them its rounds yield; null where no rounds are said, or nothing is looked for. */
  readonly attempts: number | null;
  /** What can be called; empty where the line names no alternatives. */
  readonly calls: readonly string[];
  readonly simulation: Simulation;
}

/**
 * What one looks for in a line, how often it can show in its rounds, and what is called.
 * @example taught(parse('split'), { body: bodyOf({}), school: schoolOf('square-ready'), lead: null, playing: 'right' }, 'squash', { mode: 'reps', work: 6, rounds: 3, sets: 1, rest: 20, setRest: null }).attempts // 18
 */
export function taught(script: Parsed, performer: Performer, sport: string, rounds: Rounds | null): Taught {
  const calls = namedAlternatives(script).map(({ name }) => name);
  const seen = exposed(script, performer, calls.length > 0 ? 'called' : 'self', sport);
  const { watch, view } = watchList(seen);
  const first = FAULTS.find(({ code }) => code === watch[0]);
  const { simulation } = seen;
  const attempts = first && rounds ? chancesOf(first, simulation) * totalsOfRounds(rounds, simulation.seconds).reps : null;
  return { watch, view, attempts, calls, simulation };
}
