import type { Side } from '../body/foot.js';
import type { Span } from '../language/places.js';
import type { ProblemCode, SimMove } from '../motion/simulation.js';
import type { Held } from './schools.js';

/** Every finding that can be made: what it means, and the catalogue's fault that it would be, if it is one. */
export const FINDINGS = {
  crossed: { means: 'the feet cross', fault: 'crossed' },
  touching: { means: 'the feet touch', fault: 'crossed' },
  passed: { means: 'the foot that leads falls behind', fault: 'crossed' },
  narrow: { means: 'the base is narrower than the school stands', fault: 'stance-narrow' },
  wide: { means: 'the base ends wider or longer than the school stands', fault: 'stance-wide' },
  'not-closed': { means: 'it does not come back to where it began', fault: 'recovery-place' },
  'lead-changed': { means: 'it ends with the other foot leading', fault: null },
  stride: { means: 'a step beyond the athlete’s range', fault: 'long-step' },
  'nothing-to-recover': { means: 'a recovery without a reach', fault: null },
  'too-many-moves': { means: 'too long to follow', fault: null },
  refused: { means: 'a move that cannot be done from there', fault: null },
  'short-pass': { means: 'a passing step that does not get past', fault: null },
  'no-such-thing': { means: 'an aim that does not stand on the floor', fault: null },
  'names-a-foot': { means: 'a foot named left or right, for both sides', fault: null },
  'strike-early': { means: 'a strike before the window of its landing', fault: 'land-late' },
  'strike-late': { means: 'a strike after the window of its landing', fault: 'land-early' },
  'no-split': { means: 'a ball without a split', fault: 'no-split' },
  'split-early': { means: 'a split that lands before its window', fault: 'split-early' },
  'split-late': { means: 'a split that lands after its window', fault: 'split-late' },
  'split-waits': { means: 'a pause between a split and the first step', fault: 'waits' },
  'square-to-net': { means: 'a jump back that lands with the rear foot square to the net', fault: 'toe-angle' },
  'wrong-leg': { means: 'the inside foot sets last before a stroke', fault: 'wrong-leg' },
  'out-of-area': { means: 'a foot outside the floor', fault: 'out-of-zone' },
  'low-ceiling': { means: 'a jump under a ceiling that is too low', fault: null },
  'through-thing': { means: 'a foot through something that stands there', fault: null },
  'too-close': { means: 'closer to the partner than the least distance', fault: 'out-of-range' },
  'too-far': { means: 'further from the partner than the most', fault: 'out-of-range' },
  'turned-away': { means: 'within the partner’s reach while turned away', fault: 'facing' },
  'on-the-line': { means: 'a way out that ends on the opponent’s line', fault: 'finish-line' },
  'call-early': { means: 'a call before the way back is done', fault: 'out-of-time' },
  'no-approach': { means: 'a lunge to the back without a step before it', fault: 'no-approach' },
  'retreats-on': { means: 'more than one retreat without a strike or a way out', fault: 'backpedals' },
  'way-back-misfit': { means: 'a way back that does not fit the shot', fault: 'recovery-step' },
  'way-back-first': { means: 'a way back that begins with the other kind of step', fault: 'recovery-step' },
  'split-frame': { means: 'a sequence that does not begin and end with a split', fault: 'no-split' },
  'loaded-first': { means: 'the foot that carries the weight leaves first', fault: 'heavy-foot' },
  'back-step-loaded': { means: 'a back step off a loaded lead foot', fault: 'heavy-foot' },
  'unset-strike': { means: 'a strike while the lead foot is not set', fault: 'land-late' },
  'not-in-guard': { means: 'a jump ahead that does not land in guard before the lunge', fault: 'not-in-stance' },
  'block-turns': { means: 'a block jump that turns', fault: 'turn-far' },
  'set-up-uncrossed': { means: 'a running set-up without its two crossovers', fault: 'recovery-step' },
  'side-jump-unfinished': { means: 'a side jump without its one small step', fault: 'no-recovery' },
  'quarter-opposed': { means: 'a quarter on the lead foot with an opponent in front', fault: 'wrong-choice' },
  'did-not-occur': { means: 'an intended finding that does not occur', fault: null },
} as const satisfies Readonly<Record<string, { readonly means: string; readonly fault: string | null }>>;

export type FindingCode = keyof typeof FINDINGS;

/** What a move could not do is a finding of the same name. */
true satisfies ProblemCode extends FindingCode ? true : never;

export type Level = 'note' | 'beware' | 'stop';

/** Something that goes wrong before anybody moves. Lengths in metres, times in seconds, angles in degrees. */
export interface Finding {
  readonly code: FindingCode;
  readonly level: Level;
  readonly at: number;
  readonly move: number;
  readonly span: Span | null;
  readonly feet: readonly Side[];
  readonly value: number;
  readonly limit: number;
  readonly excess: number;
  /** The catalogue's fault that this would be, if it is one. */
  readonly fault: string | null;
  readonly sentence: string;
  /** Where schools differ: what was held against it, by whom, and who holds otherwise. */
  readonly held: Held | null;
  /** Meant to occur: shown, not counted. */
  readonly intended: boolean;
}

/** Nothing below these is a finding. */
export const LEAST = { metres: 0.01, degrees: 2, seconds: 0.02 } as const;

export const BOTH: readonly Side[] = ['left', 'right'];

/** note: beyond the limit by up to one tolerance; beware: by up to two; stop: more. */
export function levelOf(excess: number, tolerance: number): Level {
  return excess <= tolerance ? 'note' : excess <= 2 * tolerance ? 'beware' : 'stop';
}

/** A finding at a move, with all that it need not say for itself. */
export function finding(
  code: FindingCode,
  level: Level,
  move: Pick<SimMove, 'index' | 'span'> | null,
  at: number,
  sentence: string,
  more: Partial<Pick<Finding, 'feet' | 'value' | 'limit' | 'excess' | 'held' | 'span'>> = {},
): Finding {
  return {
    code,
    level,
    at,
    move: move?.index ?? -1,
    span: move?.span ?? null,
    feet: [],
    value: 0,
    limit: 0,
    excess: 0,
    fault: FINDINGS[code].fault,
    sentence,
    held: null,
    intended: false,
    ...more,
  };
}

export const cm = (metres: number): string => `${Math.round(metres * 100)} cm`;
export const msOf = (seconds: number): string => `${Math.abs(Math.round(seconds * 1000))} ms`;
