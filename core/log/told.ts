import type { Part } from './details.js';
import type { ToldEvent } from './event.js';

/** What is told of a part of an evening, as what was tapped adds up to. @param athlete whose it is now */
export const partTold = (event: ToldEvent, athlete: string): Part => {
  const { fault, attempts, faulty, noted, left, right, exercise, set, round, third, way, direction, view, source } = event;
  return {
    ...{ athlete, fault, attempts, faulty, again: 0, noted, left, right },
    ...{ exercise, set, round, third, way, direction, view, source },
    ...{ devices: [event.device], shared: 0, disagree: 0 },
  };
};
