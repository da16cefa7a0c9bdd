import type { Cueing } from '../exercise.js';
import type { FaultEntry, ShownBy, View } from '../../catalogue/fault.js';
import { FAULTS } from '../../catalogue/faults.js';
import { ruleOf, type MoveWord } from '../../language/moves.js';
import type { Simulation } from '../../motion/simulation.js';

/** What a pattern and its way of cueing give to see. */
export interface Exposed {
  readonly simulation: Simulation;
  readonly cueing: Cueing;
  readonly staggered: boolean;
}

const has = (sim: Simulation, test: (word: MoveWord) => boolean): boolean => sim.moves.some((move) => test(move.step.act.word));
const family = (name: string) => (word: MoveWord) => ruleOf(word).family === name;
const oneOf =
  (...words: readonly MoveWord[]) =>
  (word: MoveWord) =>
    words.includes(word);

/** The catalogue's words for what shows a fault, as questions to a pattern. */
const SHOWS: Readonly<Record<ShownBy, (seen: Exposed) => boolean>> = {
  any: () => true,
  gathers: ({ simulation }) => has(simulation, family('gather')),
  turns: ({ simulation }) => has(simulation, family('turn')),
  split: ({ simulation }) => has(simulation, oneOf('split')),
  stance: () => true,
  landings: ({ simulation }) => has(simulation, family('air')),
  'half steps': ({ simulation }) => has(simulation, oneOf('half step')),
  lunge: ({ simulation }) => has(simulation, oneOf('lunge', 'step-lunge', 'jump-lunge')),
  'step-lunge': ({ simulation }) => has(simulation, oneOf('step-lunge')),
  'step-in': ({ simulation }) => has(simulation, oneOf('step in')),
  // Hops and jumps back are none.
  retreat: ({ simulation }) =>
    has(simulation, oneOf('retreat')) ||
    simulation.moves.some(({ step: { act } }) => act.bearing === 180 && ['gather', 'pass'].includes(ruleOf(act.word).family)),
  'retreat counters': ({ simulation }) => has(simulation, oneOf('retreat')) && simulation.hands.length > 0,
  'back step': ({ simulation }) => has(simulation, oneOf('back step')),
  crossover: ({ simulation }) => has(simulation, oneOf('crossover', 'cross behind')),
  'drop step': ({ simulation }) => has(simulation, oneOf('drop step')),
  'first step': ({ simulation }) => has(simulation, oneOf('split')),
  orbit: ({ simulation }) => has(simulation, oneOf('orbit')),
  'slip-side quarter': ({ simulation }) => has(simulation, oneOf('slip-side quarter')),
  approach: ({ simulation }) =>
    has(simulation, family('reach')) && has(simulation, (word) => family('gather')(word) || family('pass')(word)),
  'open-stance': ({ simulation }) => has(simulation, oneOf('run')),
  jumps: ({ simulation }) => has(simulation, family('air')),
  'reaching step': ({ simulation }) => has(simulation, oneOf('reaching step')),
  'hand words': ({ simulation }) => simulation.hands.length > 0,
  strokes: ({ simulation, staggered }) => simulation.hands.length > 0 && !staggered,
  combinations: ({ simulation }) => simulation.moves.length > 3,
  'way back': ({ simulation }) => simulation.moves.some((move) => move.units.includes('back')),
  exits: ({ simulation, staggered }) => staggered && has(simulation, (word) => family('turn')(word) || word === 'retreat'),
  pressing: ({ cueing, staggered }) => staggered && cueing === 'partner',
  partner: ({ cueing }) => cueing === 'partner',
  'called drills': ({ cueing }) => cueing === 'called' || cueing === 'called in order',
  called: ({ cueing }) => cueing === 'called' || cueing === 'called in order',
  call: ({ cueing }) => cueing === 'called' || cueing === 'called in order',
  'scenario calls': ({ cueing }) => cueing === 'called',
};

/** Whether a pattern gives this fault a chance to show. */
export const exposes = (fault: FaultEntry, seen: Exposed): boolean =>
  fault.shownBy.split(',').some((word) => SHOWS[word.trim() as ShownBy]?.(seen) ?? false);

/** Faults that a stance has no room for: nobody is too deep in half a squat. */
const NOT_IN: Readonly<Record<string, readonly string[]>> = { deep: ['wide-ready'] };

/** More than these nobody looks for at once (common practice, no source). */
const WATCH_AT_ONCE = 3;

/**
 * What to watch and from where: what the athlete works on now first, then what this pattern in particular gives to see, before
 * what any pattern shows. All of one viewpoint, the one of the first, so that one place to stand is enough.
 */
export function watchList(
  seen: Exposed,
  focus: readonly string[] = [],
  faults: readonly FaultEntry[] = FAULTS,
): { readonly watch: string[]; readonly view: View } {
  const rank = (fault: FaultEntry): number => {
    const mine = focus.indexOf(fault.code);
    return mine >= 0 ? mine - 100 : fault.shownBy === 'any' ? 100 : fault.shownBy.split(',').length;
  };
  const shown = faults
    .filter((fault) => exposes(fault, seen) && !NOT_IN[fault.code]?.includes(seen.simulation.performer.school.code))
    .map((fault, i) => ({ fault, i }))
    .sort((a, b) => rank(a.fault) - rank(b.fault) || a.i - b.i)
    .map(({ fault }) => fault);
  const [first] = shown;
  const from = (view: View): FaultEntry[] => shown.filter(({ views }) => views.includes(view)).slice(0, WATCH_AT_ONCE);
  // Where the first shows from several sides, from where more can be watched.
  const view = first?.views.reduce((best, one) => (from(one).length > from(best).length ? one : best)) ?? 'front';
  const kept = from(view);
  return { watch: kept.map((fault) => fault.code), view };
}
