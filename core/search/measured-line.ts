import type { AgainstPlan, Beside } from '../film/against-plan.js';
import { printPattern } from '../language/print.js';
import type { Act, Parsed } from '../language/ast.js';
import { parse } from '../language/parse.js';
import { add } from '../body/vec.js';
import type { Performer, Simulation } from '../motion/simulation.js';
import { simulate } from '../motion/simulate.js';
import { dragFoot } from './drag.js';

/** A line of steps whose feet go where a film has them. */
export interface MeasuredLine {
  readonly text: string;
  /** Feet whose move takes no size, or no direction: they stand where the plan puts them. */
  readonly left: number;
}

/** A foot that is off by less than this goes where the plan has it, metres: film and taps say no more. */
const AS_PLANNED = 0.02;

/** What goes to a thing or a place goes so far and that way, as it came out. */
function plain(act: Act): Act {
  if (act.aim === null) return act;
  const { bearing, size } = act;
  return {
    ...act,
    aim: null,
    bearing: bearing === null ? null : Math.round(bearing),
    size: size?.unit === 'm' ? { value: Math.max(1, Math.round(size.value * 100)), unit: 'cm' } : size,
  };
}

const isOff = ({ off, stood }: Beside): boolean => Math.hypot(off.x, off.y) >= Math.max(AS_PLANNED, stood.place.within);

/**
 * The plan written out as it was done: one move after the other, each with the direction and size that bring its foot where the film
 * has it. Moves that nobody tapped stay as planned.
 * @param parsed the plan as it was read, and `simulation` as it was done. @param found how it lies over the film.
 */
export function measuredLine(parsed: Parsed, simulation: Simulation, performer: Performer, found: AgainstPlan): MeasuredLine {
  const written = (text: string): Simulation => simulate(parse(text), performer);
  const items = simulation.moves.map(({ step }) => ({ ...step, act: plain(step.act), times: 1, each: null, mirrored: false }));
  let text = printPattern({ ...parsed, definitions: [], items });
  let now = written(text);
  let left = 0;
  const off = found.beside.filter((one) => one.planned.move >= 0 && isOff(one)).sort((a, b) => a.planned.move - b.planned.move);
  for (const { planned, off: by } of off) {
    const edit = dragFoot(text, now, planned.move, planned.foot, add(planned.at, by));
    if (edit === null) {
      left++;
      continue;
    }
    text = text.slice(0, edit.from) + edit.insert + text.slice(edit.to);
    now = written(text);
  }
  return { text, left };
}
