import type { OwnMove } from '../../language/own-moves.js';
import { ENGINE } from '../../language/engine.js';
import { operate } from '../../language/operations.js';
import type { Dose } from '../../language/dose.js';
import { readWith } from '../../judge/study.js';
import type { Parsed, Tempo } from '../../language/ast.js';
import { simulate, type SimulateOptions, type Slip } from '../../motion/simulate.js';
import type { Performer, Simulation } from '../../motion/simulation.js';
import { totalsOf, type Totals } from '../../motion/totals.js';
import { repPlanOf } from '../rep-plan.js';
import type { RepPlan } from '../run-plan.js';
import type { Stage } from './stage.js';

/** A repetition of a line: what is done in it where the line leaves a choice, and how likely it is drawn. */
export interface Drawn {
  readonly simulation: Simulation;
  readonly totals: Totals;
  readonly rep: RepPlan | null;
  /** Of all draws 1. */
  readonly share: number;
}

/** One way of a stage, as written or turned round: what the simulation says of its repetitions. */
export interface Way {
  readonly text: string;
  /** Each repetition that can be drawn; one where the line leaves no choice. */
  readonly drawn: readonly [Drawn, ...Drawn[]];
  /** What the clock gives each repetition: the longest that can be drawn; null where it takes no time. */
  readonly seconds: number | null;
}

/** As written, and on the other side or lead. */
export type Ways = readonly [Way, Way];

/** More repetitions than this are not told apart: of a line with more ways through it so many are drawn, and no others done. */
export const MOST_DRAWN = 12;

const times = (tempo: Tempo | null, factor: number): Tempo =>
  tempo === null ? { factor } : 'seconds' in tempo ? { seconds: tempo.seconds * factor } : { factor: tempo.factor * factor };

/**
 * Everything slower or quicker by a factor: also the second foot that has a tempo of its own, and how long one holds; with the first
 * engine neither of them.
 */
export const paced =
  (factor: number, engine: number): Slip =>
  (step) => {
    const { act, then } = step;
    if (engine < 2) return { step: { ...step, tempo: times(step.tempo, factor) }, swing: 0 };
    const held = act.word === 'hold' ? { ...act, seconds: (act.seconds ?? 1) * factor } : act;
    return { step: { ...step, act: held, tempo: times(step.tempo, factor), then: then && times(then, factor) }, swing: 0 };
  };

/** What a line is simulated with beside whose it is. */
type With = Pick<SimulateOptions, 'seed' | 'places' | 'slip'>;

const drawnOf = (simulation: Simulation, share: number): Drawn => ({
  simulation,
  totals: totalsOf(simulation),
  rep: repPlanOf(simulation),
  share,
});

/** So many choices without a word said are the first branch's; of a line with more there are too many ways anyway. */
const FIRSTS: readonly number[] = Array.from({ length: 64 }, () => 0);

/** Every way through a line, first branches first, each bracket drawn evenly; null where there are more than are told apart. */
function waysThrough(parsed: Parsed, performer: Performer, options: With): Drawn[] | null {
  const all: Drawn[] = [];
  const open: (readonly number[])[] = [[]];
  for (let begun = open.pop(); begun; begun = open.pop()) {
    const sim = simulate(parsed, performer, { ...options, choices: [...begun, ...FIRSTS] });
    const { choices } = sim;
    if (all.length + open.length >= MOST_DRAWN || choices.length > FIRSTS.length) return null;
    all.push(
      drawnOf(
        sim,
        choices.reduce((share, { of }) => share / of, 1),
      ),
    );
    const taken = choices.map((one) => one.taken);
    for (let i = choices.length - 1; i >= begun.length; i--)
      for (let other = (choices[i]?.of ?? 1) - 1; other > 0; other--) open.push([...taken.slice(0, i), other]);
  }
  return all;
}

/** A line's repetitions as one athlete does them. */
function wayOf(parsed: Parsed, text: string, performer: Performer, stage: Pick<Stage, 'tempo'>, drawn: With): Way {
  const engine = parsed.engine ?? ENGINE;
  const options = stage.tempo === 1 ? drawn : { ...drawn, slip: paced(stage.tempo, engine) };
  const some = (): Drawn[] =>
    Array.from({ length: MOST_DRAWN }, (_, i) =>
      drawnOf(simulate(parsed, performer, { ...options, seed: (drawn.seed ?? 1) + i }), 1 / MOST_DRAWN),
    );
  // With the first engine all repetitions take the branches that were drawn once.
  const all = engine < 2 ? [drawnOf(simulate(parsed, performer, options), 1)] : (waysThrough(parsed, performer, options) ?? some());
  const ways = all as [Drawn, ...Drawn[]];
  const longest = Math.max(...ways.map(({ rep }) => rep?.seconds ?? 0));
  return { text, drawn: ways, seconds: longest > 0 ? longest : null };
}

/** Where a repetition is among those of a session. */
export interface Turn {
  readonly seed: number;
  readonly exercise: number;
  readonly set: number;
  readonly round: number;
  readonly way: 0 | 1;
  /** Which of its stretch, from 0. */
  readonly at: number;
}

/** A number in [0, 1) by chance, the same for the same turn (an integer hash, no source needed: fairness is tested). */
export function chanceAt({ seed, exercise, set, round, way, at }: Turn): number {
  let x = seed ^ 0x9e3779b9;
  for (const one of [exercise, set * 2 + way, round, at]) {
    x = Math.imul(x ^ (one + 1), 0x85ebca6b);
    x ^= x >>> 15;
    x = Math.imul(x, 0x27d4eb2f);
    x ^= x >>> 13;
  }
  return (x >>> 0) / 4294967296;
}

/** What is done in a repetition: drawn for each anew where the line leaves a choice. */
export function drawnAt({ drawn }: Way, turn: Turn): Drawn {
  const [first] = drawn;
  if (drawn.length === 1) return first;
  let left = chanceAt(turn);
  for (const one of drawn) if ((left -= one.share) < 0) return one;
  return first;
}

/** How often each repetition of a stretch that holds so many is drawn. */
export function drawnIn(way: Way, stretch: Omit<Turn, 'at'>, reps: number): ReadonlyMap<Drawn, number> {
  const counts = new Map<Drawn, number>();
  if (way.drawn.length === 1) return counts.set(way.drawn[0], reps);
  for (let at = 0; at < reps; at++) {
    const one = drawnAt(way, { ...stretch, at });
    counts.set(one, (counts.get(one) ?? 0) + 1);
  }
  return counts;
}

const mirrored = (performer: Performer, lead: boolean): Performer =>
  lead && performer.lead !== null ? { ...performer, lead: performer.lead === 'left' ? 'right' : 'left' } : performer;

/** A line as written and, where its dose asks for both sides or leads, turned round. */
export function waysOf(
  parsed: Parsed,
  text: string,
  performer: Performer,
  stage: Pick<Stage, 'tempo'>,
  { sides }: Pick<Dose, 'sides'>,
  drawn: With,
  own?: readonly OwnMove[],
): Ways {
  const first = wayOf(parsed, text, performer, stage, drawn);
  if (!sides) return [first, first];
  const operation = sides.of === 'lead' ? 'other lead' : 'other side';
  const other = operate(operation, { text, hand: performer.playing, lead: performer.lead, area: '' }).text;
  return [first, wayOf(readWith(other, own), other, mirrored(performer, operation === 'other lead'), stage, drawn)];
}
