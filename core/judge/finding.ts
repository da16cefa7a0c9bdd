import { SIDES, type Side } from '../body/foot.js';
import type { Span } from '../language/places.js';
import type { SimMove } from '../motion/simulation.js';
import { said } from '../said.js';
import type { FindingMessage, FindingMessages } from './messages.js';
import type { Held } from './schools.js';

/** Every finding that can be made, and the catalogue's fault that it would be, if it is one. */
export const FINDINGS = {
  crossed: 'crossed',
  touching: 'crossed',
  passed: 'crossed',
  narrow: 'stance-narrow',
  short: 'follow-uneven',
  wide: 'stance-wide',
  'not-closed': 'recovery-place',
  'lead-changed': null,
  stride: 'long-step',
  'nothing-to-recover': null,
  'too-many': null,
  refused: null,
  'short-pass': null,
  'no-such-thing': null,
  'nobody-there': null,
  'both-follow': null,
  'names-a-foot': null,
  'no-side': null,
  'strike-early': 'land-late',
  'strike-late': 'land-early',
  'strike-off': 'out-of-time',
  'way-back-stops': 'freeze',
  'split-away': 'split-direction',
  'counter-steps-in': 'steps-in',
  'wrong-foot': 'wrong-first',
  'no-split': 'no-split',
  'split-early': 'split-early',
  'split-late': 'split-late',
  'split-waits': 'waits',
  'square-to-net': 'toe-angle',
  'wrong-leg': 'wrong-leg',
  'out-of-area': 'out-of-zone',
  'low-ceiling': null,
  'through-thing': null,
  'too-close': 'out-of-range',
  'too-far': 'out-of-range',
  'turned-away': 'facing',
  'on-the-line': 'finish-line',
  'call-early': 'out-of-time',
  'no-approach': 'no-approach',
  'retreats-on': 'backpedals',
  'way-back-misfit': 'recovery-step',
  'way-back-first': 'recovery-step',
  'split-frame': 'no-split',
  'loaded-first': 'heavy-foot',
  'back-step-loaded': 'heavy-foot',
  'unset-strike': 'land-late',
  'not-in-guard': 'not-in-stance',
  'block-turns': 'turn-far',
  'set-up-uncrossed': 'recovery-step',
  'side-jump-unfinished': 'no-recovery',
  'quarter-opposed': 'wrong-choice',
  'slip-side': 'wrong-choice',
  'one-tempo': 'out-of-time',
  'one-crossover': 'recovery-step',
  'leave-line': 'finish-line',
  'scissor-sideways': 'turn-short',
  'did-not-occur': null,
} as const satisfies Readonly<Record<keyof FindingMessages, string | null>>;

export type FindingCode = keyof FindingMessages;

export type Level = 'note' | 'beware' | 'stop';

/** Something that goes wrong before anybody moves. Lengths in metres, times in seconds, angles in degrees. */
export type Finding = FindingMessage & {
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
  /** Where schools differ: what was held against it, by whom, and who holds otherwise. */
  readonly held: Held | null;
  /** Meant to occur: shown, not counted. */
  readonly intended: boolean;
};

/** More findings of one pattern than this nobody reads. */
export const MOST_FINDINGS = 500;

/** Nothing below these is a finding. */
export const LEAST = { metres: 0.01, degrees: 2, seconds: 0.02 } as const;

export const BOTH: readonly Side[] = SIDES;

/**
 * note: beyond the limit by up to one tolerance; beware: by up to two; stop: more.
 * @example [levelOf(0.5, 1), levelOf(1.5, 1), levelOf(3, 1)] // ['note', 'beware', 'stop']
 */
export function levelOf(excess: number, tolerance: number): Level {
  return excess <= tolerance ? 'note' : excess <= 2 * tolerance ? 'beware' : 'stop';
}

/** A finding at a move, with all that it need not say for itself. */
export function finding<Code extends FindingCode>(
  code: Code,
  values: FindingMessages[Code],
  level: Level,
  move: Pick<SimMove, 'index' | 'span'> | null,
  at: number,
  more: Partial<Pick<Finding, 'feet' | 'value' | 'limit' | 'excess' | 'held' | 'span'>> = {},
): Finding {
  const { feet = [], value = 0, limit = 0, excess = 0, held = null, span } = more;
  return {
    ...said<FindingMessages, Code>(code, values),
    level,
    at,
    move: move?.index ?? -1,
    span: span === undefined ? (move?.span ?? null) : span,
    feet,
    value,
    limit,
    excess,
    fault: FINDINGS[code],
    held,
    intended: false,
  };
}
