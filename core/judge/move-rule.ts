import { normalised } from '../body/vec.js';
import { ruleOf, type MoveWord } from '../language/moves.js';
import { grouped } from '../grouped.js';
import type { HandMoment, Simulation, SimMove } from '../motion/simulation.js';
import type { FindingCode } from './finding.js';
import type { FindingMessages } from './messages.js';
import type { TopicName } from './schools.js';

export const LUNGES: readonly MoveWord[] = ['lunge', 'step-lunge', 'jump-lunge'];
export const CROSSINGS: readonly MoveWord[] = ['crossover', 'cross behind'];

export const is = (move: SimMove | undefined, words: readonly MoveWord[]): move is SimMove =>
  move !== undefined && words.includes(move.step.act.word);
const hands = new WeakMap<Simulation, ReadonlyMap<number, readonly HandMoment[]>>();

/** The hits and named strikes of a move. */
export function handsOf(sim: Simulation, { index }: SimMove): readonly HandMoment[] {
  let byMove = hands.get(sim);
  if (!byMove) {
    byMove = grouped(sim.hands, ({ move }) => move);
    hands.set(sim, byMove);
  }
  return byMove.get(index) ?? [];
}

export const bearingOf = (move: SimMove): number => normalised(move.step.act.bearing ?? ruleOf(move.step.act.word).usual ?? 0);
export const goesBack = (move: SimMove): boolean => Math.abs(bearingOf(move)) > 90 + 1e-9;

/** Looks at one move among all; yields what speaks against it, or null. */
export type Rule<Code extends FindingCode> = (sim: Simulation, move: SimMove, at: number) => FindingMessages[Code] | null;

/** Rules by the topic of the schools that switches them; the finding has the same name. */
export type Rules = { readonly [Code in TopicName & FindingCode]?: Rule<Code> };
