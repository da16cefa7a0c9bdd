import type { Simulation } from '../motion/simulation.js';

/** How a repetition sits in a round. */
export interface RoundTempo {
  readonly repetition: number;
  /** Whole repetitions in the round, and what is left of it, seconds. */
  readonly whole: number;
  readonly left: number;
  /** Foot contacts a minute: what a metronome would beat if each contact fell on a beat. Null without contacts. */
  readonly beats: number | null;
  /** Factor on all times with which `asked` repetitions fill the round exactly. */
  readonly factorFor: (asked: number) => number;
}

/**
 * @param round length of a round, seconds.
 * @example tempoOf({ seconds: 2.28, actions: [] }, 30).whole // 13
 */
export function tempoOf(sim: Simulation, round: number): RoundTempo {
  const repetition = sim.seconds;
  const contacts = sim.actions.filter((action) => action.contact).length;
  const whole = repetition === 0 ? 0 : Math.floor(round / repetition + 1e-9);
  return {
    repetition,
    whole,
    left: round - whole * repetition,
    beats: contacts === 0 || repetition === 0 ? null : (60 * contacts) / repetition,
    factorFor: (asked) => (repetition === 0 ? 1 : round / (asked * repetition)),
  };
}
