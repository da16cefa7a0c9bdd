import type { Cueing, Implement, Opener, StageKind } from '../exercise.js';
import type { Side } from '../../body/foot.js';
import type { FaultUnit, View } from '../../catalogue/fault.js';
import type { Calls } from '../calls/calls.js';
import { EVIDENCE, type Evidence } from './evidence-rule.js';

export const CONTACT_LEVELS = ['none', 'touch', 'light', 'agreed'] as const;
type ContactLevel = (typeof CONTACT_LEVELS)[number];

export const SESSION_PARTS = ['warm-up', 'main', 'cool-down'] as const;
type SessionPart = (typeof SESSION_PARTS)[number];

/** Most of what a stage holds several of. */
export const STAGE_LIMITS = { watch: 8, cues: 6, cue: 80, cautions: 10, stations: 12 } as const;

/** What the partner does. */
interface PartnerPart {
  /** The partner's own line of steps. */
  readonly steps: string;
  readonly what: string;
  /** The partner's foot in front; without it, not said. */
  readonly lead?: Side | undefined;
  readonly when: string;
  /** Where to aim again. */
  readonly reAim: string;
  /** Whether 'still coming' or 'stopped' is drawn at random after each exchange. */
  readonly coming: boolean;
  readonly kit: string;
  readonly contact: ContactLevel;
}

/** A place in a rotation. */
interface Station {
  readonly name: string;
  readonly steps: string;
}

/** Who a line of steps is written for, and in which stance. */
export interface StageLine {
  readonly steps: string;
  /** A stance by code. */
  readonly school: string;
  readonly hand: Side;
  readonly lead: Side | 'none';
  readonly shouldClose: boolean;
}

/** A step of a session: what coaches call an exercise. It carries its own copy of the line it was planned with. */
export interface Stage extends StageLine {
  readonly id: string;
  readonly name: string;
  readonly kind: StageKind;
  readonly part: SessionPart;
  /** The pattern it was taken from, as it stood then. */
  readonly pattern: { readonly id: string; readonly version: number } | null;
  readonly cueing: Cueing;
  /** Who opens its occasions; without it, whoever usually does for its cueing. */
  readonly opens?: Opener | undefined;
  readonly implement: Implement;
  /** Factor on all times; above 1 is slower. Flights keep theirs. */
  readonly tempo: number;
  /** As a coach types it. */
  readonly dose: string;
  /** Seconds to show and explain. */
  readonly explain: number;
  /** Faults to look for, by code, and from where. */
  readonly watch: readonly string[];
  readonly view: View;
  /** One cue, or cues that take turns from round to round. */
  readonly cues: readonly string[];
  readonly unit: FaultUnit;
  readonly evidence: Evidence;
  readonly cautions: readonly string[];
  readonly partner: PartnerPart | null;
  readonly calls: Calls | null;
  readonly stations: readonly Station[];
  /** What free work is about; it must be named. */
  readonly theme: string;
  /** Which of two variants it is that are compared in the session: blocks take turns, with equal attempts. */
  readonly variant?: 'a' | 'b' | undefined;
  /** 1 is kept longest when time is short. */
  readonly priority: 1 | 2 | 3;
}

/** A stage from what is known of it; the rest is as usual. */
export const stageOf = (id: string, name: string, line: StageLine, more: Partial<Stage> = {}): Stage => ({
  ...line,
  id,
  name,
  kind: 'whole',
  part: 'main',
  pattern: null,
  cueing: 'self',
  implement: 'without',
  tempo: 1,
  dose: '',
  explain: 0,
  watch: [],
  view: 'front',
  cues: [],
  unit: 'repetition',
  evidence: EVIDENCE,
  cautions: [],
  partner: null,
  calls: null,
  stations: [],
  theme: '',
  priority: 2,
  ...more,
});

/** Who opens the occasions of a stage: the coach where it is fed, its calls where it is called, else the plan. */
export function openerOf({ opens, calls, cueing }: Pick<Stage, 'opens' | 'calls' | 'cueing'>): Opener {
  if (opens === 'coach' || (opens === undefined && cueing === 'fed')) return 'coach';
  return calls ? 'calls' : 'plan';
}
