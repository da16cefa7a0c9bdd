import type { Cueing } from '../exercise.js';
import type { FaultEntry, ShownBy, View } from '../../catalogue/fault.js';
import { FAULTS } from '../../catalogue/faults.js';
import { ruleOf, type MoveWord } from '../../language/moves.js';
import { likelyFaults } from '../../judge/likely-faults.js';
import { simulate, type Script } from '../../motion/simulate.js';
import type { Performer, Simulation } from '../../motion/simulation.js';

/** What a pattern and its way of cueing give to see. */
export interface Exposed {
  readonly simulation: Simulation;
  readonly cueing: Cueing;
  readonly staggered: boolean;
  /** In how many moves a fault shows when the line is done a little wrong, by its code (`likelyFaults`). */
  readonly likely?: ReadonlyMap<string, number>;
}

const has = (sim: Simulation, test: (word: MoveWord) => boolean): boolean => sim.moves.some((move) => test(move.step.act.word));
const family = (name: string) => (word: MoveWord) => ruleOf(word).family === name;
const oneOf =
  (...words: readonly MoveWord[]) =>
  (word: MoveWord) =>
    words.includes(word);

/** What a line gives to see, done by somebody and cued so; in a sport, by what is usual there. */
export const exposed = (script: Script, performer: Performer, cueing: Cueing, sport?: string): Exposed => ({
  simulation: simulate(script, performer),
  cueing,
  staggered: performer.school.staggered,
  likely: likelyFaults(script, performer, sport === undefined ? {} : { sport }),
});

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

/** What of a pattern shows a fault. */
const shownIn = ({ shownBy }: FaultEntry, seen: Exposed): ShownBy[] =>
  shownBy
    .split(',')
    .map((word) => word.trim() as ShownBy)
    .filter((word) => SHOWS[word]?.(seen) ?? false);

/** Whether a pattern gives this fault a chance to show. */
export const exposes = (fault: FaultEntry, seen: Exposed): boolean => shownIn(fault, seen).length > 0;

/** Faults that a stance has no room for: nobody is too deep in half a squat. */
const NOT_IN: Readonly<Record<string, readonly string[]>> = { deep: ['wide-ready'] };

/** More than these nobody looks for at once (common practice, no source). */
const WATCH_AT_ONCE = 3;

/** How particular to a line what shows a fault is, where it is in most lines; otherwise 1 (common practice, no source). */
const PARTICULAR: Readonly<Partial<Record<ShownBy, number>>> = {
  any: 0.1,
  stance: 0.2,
  combinations: 0.3,
  gathers: 0.3,
  split: 0.5,
  turns: 0.6,
};

/** How much less a second fault of the same part of a repetition is looked for: one who looks sees more of what lies apart. */
const SAME_PHASE = 0.5;

/** How often one repetition gives a fault a chance to show. */
export const chancesOf = ({ per }: FaultEntry, { moves, seconds }: Simulation): number =>
  per === 'repetition' || per === 'call' ? Number(seconds > 0) : moves.filter(({ units }) => units.includes(per)).length;

/** Those of its chances that are in moves which show it by themselves; at least one, where more than one move shows it. */
const particularChances = (fault: FaultEntry, seen: Exposed): number =>
  Math.max(
    1,
    chancesOf(fault, {
      ...seen.simulation,
      moves: seen.simulation.moves.filter((move) => exposes(fault, { ...seen, simulation: { ...seen.simulation, moves: [move] } })),
    }),
  );

/** The heaviest so many; each weighs less for what was chosen of its phase before it. Of two that weigh the same the first. */
function chosen(weighed: readonly { readonly fault: FaultEntry; readonly weight: number }[], most: number): FaultEntry[] {
  const taken: FaultEntry[] = [];
  const left = new Set(weighed);
  const now = ({ fault, weight }: (typeof weighed)[number]): number =>
    weight * SAME_PHASE ** taken.filter(({ phase }) => phase === fault.phase).length;
  while (taken.length < most && left.size > 0) {
    const best = [...left].reduce((a, b) => (now(b) > now(a) + 1e-12 ? b : a));
    left.delete(best);
    taken.push(best.fault);
  }
  return taken;
}

/**
 * What to watch and from where: what the athlete works on now first, then what goes wrong most in this line when it is done a little
 * wrong, then what this pattern in particular gives to see, oftener before rarer, before what any pattern shows. All of one viewpoint,
 * the one of the first, so that one place to stand is enough.
 */
export function watchList(
  seen: Exposed,
  focus: readonly string[] = [],
  faults: readonly FaultEntry[] = FAULTS,
): { readonly watch: string[]; readonly view: View } {
  const { simulation, likely } = seen;
  const weight = (fault: FaultEntry): number => {
    const mine = focus.indexOf(fault.code);
    if (mine >= 0) return 1e6 * (focus.length - mine);
    const particular = Math.max(...shownIn(fault, seen).map((word) => PARTICULAR[word] ?? 1));
    return (particular * ((likely?.get(fault.code) ?? 0) + particularChances(fault, seen) / 2)) / Math.max(simulation.seconds, 0.1);
  };
  const weighed = faults
    .filter(
      (fault) =>
        exposes(fault, seen) && chancesOf(fault, simulation) > 0 && !NOT_IN[fault.code]?.includes(simulation.performer.school.code),
    )
    .map((fault) => ({ fault, weight: weight(fault) }));
  const [first] = chosen(weighed, 1);
  const from = (view: View): FaultEntry[] =>
    chosen(
      weighed.filter(({ fault }) => fault.views.includes(view)),
      WATCH_AT_ONCE,
    );
  // Where the first shows from several sides, from where more can be watched.
  const view = first?.views.reduce((best, one) => (from(one).length > from(best).length ? one : best)) ?? 'front';
  const kept = from(view);
  return { watch: kept.map((fault) => fault.code), view };
}
