import type { NotationError } from '../language/ast.js';
import { parse } from '../language/parse.js';
import { simulate } from '../motion/simulate.js';
import type { Simulation } from '../motion/simulation.js';
import type { Study } from '../judge/study.js';

/** Questions whose readings are drawn: a text of nothing but questions would keep others waiting. */
const DRAWN = 6;

/** What could not be read, with what may stand in its place; where a step asks, as it is done with that reading. */
export interface Unreadable {
  readonly error: NotationError;
  readonly meant: readonly { readonly reading: string; readonly picture: Simulation | null }[];
}

/** What may stand in the place of what could not be read, or is asked about; the nearest word first. */
export const meantBy = ({ nearest, readings }: Pick<NotationError, 'nearest' | 'readings'>): readonly string[] =>
  nearest === null ? readings : [nearest, ...readings];

/** All that could not be read of a line, with the readings of its first questions drawn. */
export function unreadableOf({ text, errors, simulation: { performer } }: Study): Unreadable[] {
  const asked = new Set(errors.filter(({ step }) => step !== null).slice(0, DRAWN));
  return errors.map((error) => {
    const { from, to, step, readings } = error;
    const picture = (reading: string): Simulation | null =>
      step && asked.has(error) && readings.includes(reading)
        ? simulate(parse(`${text.slice(step.from, from)}${reading}${text.slice(to, step.to)}`), performer)
        : null;
    return { error, meant: meantBy(error).map((reading) => ({ reading, picture: picture(reading) })) };
  });
}
