import type { Opener } from '../plan/exercise.js';
import type { Side } from '../body/foot.js';
import type { FaultEntry, View } from '../catalogue/fault.js';
import type { Made } from '../catalogue/made.js';
import type { Direction } from '../plan/direction.js';
import type { PlanChange } from '../plan/replan.js';

/** Where the ball or blade went. */
export const RESULTS = ['in', 'out', 'hit', 'missed'] as const;
export type Result = (typeof RESULTS)[number];

/** Where an observation was made. Film comes with a clip time. */
export const SOURCES = ['floor', 'film', 'import'] as const;
export type Source = (typeof SOURCES)[number];

/** What every event of a run carries. */
interface Stamp {
  readonly id: string;
  /** Which device wrote it, and its place among what that device wrote in this run: 1, 2, 3 … without gaps. */
  readonly device: string;
  readonly seq: number;
  /** One more than the highest that the device had seen in this run: settles which of two controls wins, and nothing else. */
  readonly order: number;
  /** Milliseconds of the run since its first 'go', by the device's own steady clock; 0 before it. */
  readonly m: number;
  /** The wall's clock (ms), only noted. */
  readonly at: number;
}

/** What the clock does; in seconds of the plan. */
export type Control = { readonly kind: 'go' | 'pause' | 'resume' | 'end' } | { readonly kind: 'skip'; readonly to: number };

/** Whom the coach at this device watches, for what, from where. */
export type Turned =
  | { readonly kind: 'watch'; readonly athlete: string | null }
  | { readonly kind: 'board'; readonly faults: readonly string[] }
  | { readonly kind: 'view'; readonly view: View };

interface Observed {
  readonly athlete: string | null;
  readonly source: Source;
  /** Seconds in the clip, for film. */
  readonly clip: number | null;
}

/** How strong a fault was, as the coach saw it: a little, clear, strong. */
export const STRENGTHS = ['little', 'clear', 'strong'] as const;

/** What is said of a fault when there is time to: how strong it was, and in which part of the repetition. Neither changes how it counts. */
export interface Closer {
  readonly strength?: (typeof STRENGTHS)[number] | undefined;
  readonly phase?: FaultEntry['phase'] | undefined;
}

/** What the coach saw. */
export type Observation =
  | ({ readonly kind: 'fault'; readonly fault: string; readonly side: Side | null } & Observed & Closer)
  | ({ readonly kind: 'right'; readonly fault: string | null } & Observed)
  | ({ readonly kind: 'result'; readonly result: Result } & Observed)
  | ({ readonly kind: 'attempt'; readonly clean: boolean } & Observed)
  /** At a freeze: could they go on, as the coach saw it. */
  | ({ readonly kind: 'freeze'; readonly could: boolean } & Observed);

/** What is said of another event afterwards. A move is by so many occasions. */
export type Correction =
  | { readonly kind: 'undo'; readonly target: string }
  | { readonly kind: 'move'; readonly target: string; readonly by: number }
  | { readonly kind: 'assign'; readonly target: string; readonly athlete: string }
  /** A fault that was tapped was another one, or on the other side. */
  | { readonly kind: 'correct'; readonly target: string; readonly fault: string; readonly side: Side | null };

/** Somebody comes while the run is on, or goes. */
export interface Coming {
  readonly kind: 'join' | 'leave';
  readonly athlete: string;
}

/** What a coach wants to remember, of somebody or of all. */
export interface Note {
  readonly kind: 'note';
  readonly text: string;
  readonly athlete: string | null;
}

/**
 * How hard a run was for somebody, as they said afterwards: 0 (rest) to 10 (as hard as can be), and for how many minutes. The last
 * word holds; null takes it back.
 */
export interface Effort {
  readonly kind: 'effort';
  readonly athlete: string;
  readonly effort: number | null;
  readonly minutes: number;
}

/** Whether anything hurt, as somebody said afterwards. The last word holds; null takes it back. */
export interface Pain {
  readonly kind: 'pain';
  readonly athlete: string;
  readonly pain: boolean | null;
}

/** Which of two variants that were compared felt better to somebody. */
export const BETTER = ['a', 'b', 'alike'] as const;
/** What they said of that. The last word holds; null takes it back. */
export interface Felt {
  readonly kind: 'felt';
  readonly athlete: string;
  readonly better: (typeof BETTER)[number] | null;
}

/** Who says that a ball was fed: also a feeder that says so itself. */
export const BALL_SOURCES = [...SOURCES, 'thing'] as const;
/** A ball is fed, thrown or pointed: from here on the chances of its line are this ball's. */
interface Fed {
  readonly kind: 'ball';
  readonly source: (typeof BALL_SOURCES)[number];
}

/** What takes part in a run beside its coaches: a light that is touched, a counter in somebody's hand, a strap, a feeder. */
export const THINGS = ['light', 'counter', 'strap', 'feeder'] as const;
export type ThingAs = (typeof THINGS)[number];
/** The heart's beats in a minute that a strap may say. */
export const BPM = [20, 260] as const;
/** From a call to a touch (ms): later than that it answers nothing. */
export const TOUCH_MS = [0, 5000] as const;

/** A thing takes part from here on, or no longer; a stand-in says that it is one. */
export interface Thing {
  readonly kind: 'thing';
  readonly thing: string;
  readonly as: ThingAs;
  readonly standIn: boolean;
  readonly on: boolean;
}

/** From here on a thing is somebody's; null: nobody's. */
export interface Whose {
  readonly kind: 'whose';
  readonly thing: string;
  readonly athlete: string | null;
}

/** What things say of somebody: the time from a call (second of the plan) to the touch, the heart's beats in a minute, own repetitions. */
export type Measured =
  | { readonly kind: 'reaction'; readonly thing: string; readonly athlete: string | null; readonly call: number; readonly ms: number }
  | { readonly kind: 'pulse'; readonly thing: string; readonly athlete: string; readonly bpm: number }
  | { readonly kind: 'reps'; readonly thing: string; readonly athlete: string; readonly n: number };

/** From here on others open the occasions of an exercise. */
interface Opening {
  readonly kind: 'opens';
  readonly exercise: number;
  readonly by: Opener;
}

/** So many attempts of a part of an evening, as a table or another program has them: nobody tapped them here. */
interface Told {
  readonly kind: 'told';
  readonly athlete: string;
  readonly fault: string;
  readonly source: Source;
  readonly attempts: number;
  readonly faulty: number;
  readonly noted: number;
  readonly left: number;
  readonly right: number;
  /** Where: 0, '' and null are not given; the exercise is one of the plan. */
  readonly exercise: number;
  readonly set: number;
  readonly round: number;
  readonly third: number;
  readonly way: 'written' | 'other' | '';
  readonly direction: Direction | '';
  readonly view: View | null;
}

/** What opens occasions, and says who does. */
export type Opened = Fed | Opening;

/** What is still to come is another. It holds where it changes the plan that is there: after the change before it (null: none). */
export interface Replanning {
  readonly kind: 'plan';
  readonly after: string | null;
  readonly change: PlanChange;
}

/** A fault that nobody had a name for: the run counts by it. Of two that are called by one code the first holds. */
export interface Named extends Made {
  readonly kind: 'named';
}

/** A device takes part from here on, its clock set by what the server knew: behind the run's time by less than so many milliseconds. */
export type Taking = { readonly kind: 'follow'; readonly within: number };

/** The occasion on the screen when an observation was meant: its stretch of the plan and its place there, both from 0; or the ball. */
export type Shown = { readonly stretch: number; readonly occasion: number } | { readonly ball: string };

/**
 * What happened in a run. The log is append-only: undoing, moving and giving away are events too. A control says which control it
 * answers (null: none yet), so that of two that answer the same only one acts.
 */
export type RunEvent = Stamp &
  (
    | (Control & { readonly answers: string | null })
    | Turned
    | (Observation & { readonly shown: Shown | null })
    | Opened
    | Correction
    | Taking
    | Replanning
    | Named
    | Coming
    | Note
    | Effort
    | Pain
    | Felt
    | Told
    | Thing
    | Whose
    | Measured
  );

export type RunEventKind = RunEvent['kind'];
export type FaultEvent = Extract<RunEvent, { kind: 'fault' }>;
export type ToldEvent = Extract<RunEvent, { kind: 'told' }>;
export type ControlEvent = Extract<RunEvent, { answers: string | null }>;

const byDevice = (a: RunEvent, b: RunEvent): number => (a.device < b.device ? -1 : a.device > b.device ? 1 : a.seq - b.seq);

/** The order of a log: a device's own events as it wrote them, and the same on every device whatever arrived first. */
export const inOrder = (a: RunEvent, b: RunEvent): number => a.order - b.order || byDevice(a, b);

/** Events in order, each once: a log that was sent twice reads as if sent once. */
export function ordered(events: readonly RunEvent[]): RunEvent[] {
  const once = new Map(events.map((event) => [event.id, event]));
  return [...once.values()].sort(inOrder);
}

const CONTROLS: readonly RunEventKind[] = ['go', 'pause', 'resume', 'end', 'skip'];
export const isControl = (event: RunEvent): event is ControlEvent => CONTROLS.includes(event.kind);

/** What is said when all is over, by whoever writes it down. */
export const AFTERWARDS: readonly RunEventKind[] = ['note', 'effort', 'pain', 'felt'];

/** What things say: it counts nowhere, and makes nobody a device of a coach. */
export const OF_THINGS: readonly RunEventKind[] = ['thing', 'reaction', 'pulse', 'reps'];

/** What is said of things: by them, or of whose they are. */
export const isOfThings = ({ kind }: RunEvent): boolean => kind === 'whose' || OF_THINGS.includes(kind);

/** Kinds that a coach can take back. */
export const OBSERVATIONS: readonly RunEventKind[] = ['fault', 'right', 'attempt', 'result', 'freeze', 'ball', 'note', 'told'];
