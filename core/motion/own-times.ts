import type { MoveWord } from '../language/moves.js';
import { TEMPO_KINDS, type TempoKind } from './tempo-kinds.js';
import { FLIGHT, SPLIT_FLIGHT, USUAL_TIME } from './sizes.js';

interface Kind {
  readonly words: readonly MoveWord[];
  /** Seconds of the whole move at its usual size, both feet and the flight. */
  readonly seconds: number;
  /** Seconds of it in the air, which are nobody's tempo. */
  readonly flight: number;
}

const of = (seconds: number, words: readonly MoveWord[], flight = 0): Kind => ({ words, seconds, flight });

const KINDS = {
  gather: of(2 * USUAL_TIME.gatherFoot, ['advance', 'retreat', 'shuffle']),
  halfStep: of(USUAL_TIME.halfStep, ['half step']),
  chasse: of(USUAL_TIME.chassé, ['chassé']),
  gallop: of(USUAL_TIME.gallop, ['gallop'], FLIGHT.gallop),
  pendulum: of(USUAL_TIME.pendulum, ['pendulum']),
  pass: of(USUAL_TIME.pass, ['pass', 'shift', 'back step']),
  cross: of(USUAL_TIME.cross, ['crossover', 'cross behind']),
  run: of(USUAL_TIME.run, ['run']),
  dropStep: of(USUAL_TIME.dropStep, ['drop step']),
  quarter: of(USUAL_TIME.pivotQuarter, ['pivot', 'quarter', 'slip-side quarter', 'face']),
  turnOut: of(USUAL_TIME.turnOut, ['step-out quarter', 'cut', 'side step and turn']),
  orbit: of(2 * USUAL_TIME.orbitFoot, ['orbit']),
  lunge: of(USUAL_TIME.lunge, ['lunge', 'reaching step', 'step-lunge', 'jump-lunge']),
  recover: of(USUAL_TIME.recover, ['recover']),
  stepIn: of(USUAL_TIME.stepIn, ['step in']),
  pullBack: of(USUAL_TIME.pullBack, ['pull back']),
  jump: of(USUAL_TIME.jump, ['jump', 'block jump', 'scissor jump'], FLIGHT.jump),
  sideJump: of(USUAL_TIME.sideJump, ['side jump'], FLIGHT.jump),
  split: of(USUAL_TIME.splitDrop + USUAL_TIME.splitPush, ['split'], SPLIT_FLIGHT['low hop']),
  bounce: of(USUAL_TIME.bounce, ['bounce']),
  hand: of(USUAL_TIME.hand, ['hit', 'guard check']),
} as const satisfies Readonly<Record<TempoKind, Kind>>;

/** Seconds that somebody takes for a move of a kind at its usual size, measured; of those that are missing the usual ones are taken. */
export type OwnTimes = Readonly<Partial<Record<TempoKind, number>>>;

const KIND_OF: ReadonlyMap<MoveWord, TempoKind> = new Map(
  TEMPO_KINDS.flatMap((kind) => KINDS[kind].words.map((word) => [word, kind] as const)),
);

/** The kind of a move; null where it has none that could be timed. */
export const tempoKindOf = (word: MoveWord): TempoKind | null => KIND_OF.get(word) ?? null;

/** Kinds that nobody does twice in a row without something between. */
const ALONE: readonly TempoKind[] = ['dropStep', 'lunge', 'recover', 'stepIn', 'pullBack', 'split'];

/** Whether one move of a kind can follow the other at once, so that each end is the next one's beginning. */
export const inARow = (kind: TempoKind): boolean => !ALONE.includes(kind);

/** Usual seconds of a kind (common practice, no source). */
export const usualSeconds = (kind: TempoKind): number => KINDS[kind].seconds;

/** What anybody needs of a move at least, beside its flight (s): who claims less has tapped twice. */
const LEAST = 0.05;

/** The fewest and the most seconds that a move of a kind can take: its flight and a little, and five times the usual ones. */
export const secondsRange = (kind: TempoKind): readonly [number, number] => [KINDS[kind].flight + LEAST, 5 * KINDS[kind].seconds];

/**
 * How many times as long as usually somebody takes for a move, its flight apart: 1 where nothing was measured.
 * @example [paceOf('lunge', { lunge: 0.75 }), paceOf('jump', { jump: 0.8 }), paceOf('run', {})] // [1.5, 2, 1]
 */
export function paceOf(word: MoveWord, times: OwnTimes | undefined): number {
  const kind = times === undefined ? undefined : KIND_OF.get(word);
  const own = kind && times?.[kind];
  if (kind === undefined || own === undefined) return 1;
  const { seconds, flight } = KINDS[kind];
  return Math.max(LEAST, own - flight) / (seconds - flight);
}
