import type { ClubFault, FaultEntry, OwnViews } from './fault.js';
import { mergesOf, type Merges } from './merges.js';

/** Faults to begin with (common practice, no source). A club adds, renames and hides its own beside them. */
export const FAULTS: readonly FaultEntry[] = [
  {
    code: 'stance-narrow',
    phase: 'stance',
    views: ['front'],
    per: 'step',
    shownBy: 'gathers, turns',
    causes: ['follow-uneven', 'turn-far'],
  },
  {
    code: 'stance-wide',
    phase: 'stance',
    views: ['front'],
    per: 'step',
    shownBy: 'gathers, turns, split',
    causes: ['follow-uneven', 'turn-short'],
  },
  {
    code: 'stance-bladed',
    phase: 'stance',
    views: ['front'],
    per: 'repetition',
    shownBy: 'any',
    causes: [],
  },
  {
    code: 'stance-square',
    phase: 'stance',
    views: ['front'],
    per: 'repetition',
    shownBy: 'any',
    causes: [],
  },
  {
    code: 'tall',
    phase: 'stance',
    views: ['side'],
    per: 'repetition',
    shownBy: 'any',
    causes: [],
  },
  {
    code: 'deep',
    phase: 'ready',
    views: ['side'],
    per: 'split',
    shownBy: 'split',
    causes: [],
  },
  {
    code: 'stiff',
    phase: 'stance',
    views: ['front'],
    per: 'repetition',
    shownBy: 'any',
    causes: [],
  },
  {
    code: 'guard-drops',
    phase: 'stance',
    views: ['front'],
    per: 'repetition',
    shownBy: 'any',
    causes: [],
  },
  {
    code: 'eyes',
    phase: 'stance',
    views: ['front'],
    per: 'repetition',
    shownBy: 'partner, called',
    causes: [],
  },
  {
    code: 'heels-down',
    phase: 'ready',
    views: ['side'],
    per: 'step',
    shownBy: 'split, gathers',
    causes: ['tall'],
  },
  {
    code: 'weight-off',
    phase: 'stance',
    views: ['side'],
    per: 'step',
    shownBy: 'stance, landings',
    causes: [],
  },
  {
    code: 'no-split',
    phase: 'ready',
    views: ['front', 'side'],
    per: 'split',
    shownBy: 'split',
    causes: [],
  },
  {
    code: 'split-late',
    phase: 'ready',
    views: ['side'],
    per: 'split',
    shownBy: 'split',
    causes: ['split-high'],
  },
  {
    code: 'split-early',
    phase: 'ready',
    views: ['side'],
    per: 'split',
    shownBy: 'split',
    causes: [],
  },
  {
    code: 'split-high',
    phase: 'ready',
    views: ['side'],
    per: 'split',
    shownBy: 'split',
    causes: [],
  },
  {
    code: 'split-long',
    phase: 'ready',
    views: ['side'],
    per: 'split',
    shownBy: 'split',
    causes: ['tall', 'deep'],
  },
  {
    code: 'split-direction',
    phase: 'ready',
    views: ['front'],
    per: 'split',
    shownBy: 'split',
    causes: [],
  },
  {
    code: 'sway',
    phase: 'ready',
    views: ['front'],
    per: 'split',
    shownBy: 'split',
    causes: [],
  },
  {
    code: 'hand-unready',
    phase: 'ready',
    views: ['front'],
    per: 'split',
    shownBy: 'split',
    causes: [],
  },
  {
    code: 'facing',
    phase: 'ready',
    views: ['front'],
    per: 'split',
    shownBy: 'split, turns',
    causes: [],
  },
  {
    code: 'waits',
    phase: 'ready',
    views: ['front'],
    per: 'call',
    shownBy: 'called drills',
    causes: [],
  },
  {
    code: 'wrong-first',
    phase: 'first',
    views: ['front'],
    per: 'step',
    shownBy: 'gathers',
    causes: [],
  },
  {
    code: 'slow-first',
    phase: 'first',
    views: ['side'],
    per: 'step',
    shownBy: 'split, call',
    causes: ['tall', 'heels-down', 'heavy-foot'],
  },
  {
    code: 'tell',
    phase: 'first',
    views: ['front'],
    per: 'step',
    shownBy: 'any',
    causes: [],
  },
  {
    code: 'heavy-foot',
    phase: 'first',
    views: ['side'],
    per: 'step',
    shownBy: 'back step, crossover',
    causes: [],
  },
  {
    code: 'push-jump',
    phase: 'first',
    views: ['side'],
    per: 'step',
    shownBy: 'gathers',
    causes: [],
  },
  {
    code: 'trunk-turn-late',
    phase: 'first',
    views: ['front'],
    per: 'step',
    shownBy: 'first step, drop step',
    causes: [],
  },
  {
    code: 'crossed',
    phase: 'travel',
    views: ['front'],
    per: 'step',
    shownBy: 'gathers, orbit',
    causes: ['wrong-first'],
  },
  {
    code: 'follow-uneven',
    phase: 'travel',
    views: ['side'],
    per: 'step',
    shownBy: 'gathers, retreat',
    causes: ['long-step'],
  },
  {
    code: 'long-step',
    phase: 'travel',
    views: ['side'],
    per: 'step',
    shownBy: 'gathers',
    causes: [],
  },
  {
    code: 'short-steps',
    phase: 'travel',
    views: ['front'],
    per: 'step',
    shownBy: 'approach',
    causes: ['far-leg-idle'],
  },
  {
    code: 'rises',
    phase: 'travel',
    views: ['side'],
    per: 'step',
    shownBy: 'gathers, approach',
    causes: [],
  },
  {
    code: 'foot-lift',
    phase: 'travel',
    views: ['side'],
    per: 'step',
    shownBy: 'gathers',
    causes: [],
  },
  {
    code: 'retreat-short',
    phase: 'travel',
    views: ['side'],
    per: 'step',
    shownBy: 'retreat',
    causes: [],
  },
  {
    code: 'tempo-flat',
    phase: 'travel',
    views: ['side'],
    per: 'step',
    shownBy: 'step-lunge',
    causes: [],
  },
  {
    code: 'creeps',
    phase: 'travel',
    views: ['side'],
    per: 'step',
    shownBy: 'half steps',
    causes: [],
  },
  {
    code: 'freeze',
    phase: 'travel',
    views: ['front'],
    per: 'repetition',
    shownBy: 'combinations',
    causes: [],
  },
  {
    code: 'far-leg-idle',
    phase: 'travel',
    views: ['side'],
    per: 'step',
    shownBy: 'gathers, lunge',
    causes: [],
  },
  {
    code: 'no-approach',
    phase: 'travel',
    views: ['front'],
    per: 'arrival',
    shownBy: 'lunge',
    causes: [],
  },
  {
    code: 'trunk-pitch',
    phase: 'travel',
    views: ['side'],
    per: 'step',
    shownBy: 'any',
    causes: ['tall'],
  },
  {
    code: 'wrong-choice',
    phase: 'travel',
    views: ['front'],
    per: 'call',
    shownBy: 'scenario calls',
    causes: [],
  },
  {
    code: 'wrong-leg',
    phase: 'arrival',
    views: ['front'],
    per: 'arrival',
    shownBy: 'open-stance, approach',
    causes: [],
  },
  {
    code: 'toe-angle',
    phase: 'arrival',
    views: ['side'],
    per: 'arrival',
    shownBy: 'jumps, reaching step',
    causes: [],
    safety: true,
  },
  {
    code: 'knee-line',
    phase: 'arrival',
    views: ['front'],
    per: 'arrival',
    shownBy: 'lunge',
    causes: [],
    safety: true,
  },
  {
    code: 'rear-leg',
    phase: 'arrival',
    views: ['side'],
    per: 'arrival',
    shownBy: 'lunge',
    causes: [],
  },
  {
    code: 'turn-short',
    phase: 'arrival',
    views: ['front'],
    per: 'turn',
    shownBy: 'turns',
    causes: [],
  },
  {
    code: 'turn-far',
    phase: 'arrival',
    views: ['front'],
    per: 'turn',
    shownBy: 'turns',
    causes: [],
  },
  {
    code: 'wrong-side',
    phase: 'arrival',
    views: ['front'],
    per: 'turn',
    shownBy: 'slip-side quarter',
    causes: [],
  },
  {
    code: 'land-early',
    phase: 'arrival',
    views: ['side'],
    per: 'arrival',
    shownBy: 'lunge',
    causes: [],
  },
  {
    code: 'land-late',
    phase: 'arrival',
    views: ['side'],
    per: 'arrival',
    shownBy: 'lunge',
    causes: ['slow-first'],
  },
  {
    code: 'not-in-stance',
    phase: 'arrival',
    views: ['front'],
    per: 'arrival',
    shownBy: 'any',
    causes: ['follow-uneven'],
  },
  {
    code: 'leans-back',
    phase: 'strike',
    views: ['side', 'front'],
    per: 'strike',
    shownBy: 'strokes',
    causes: ['short-steps', 'no-approach', 'slow-first'],
  },
  {
    code: 'reaches',
    phase: 'strike',
    views: ['side'],
    per: 'strike',
    shownBy: 'strokes',
    causes: ['short-steps', 'land-early'],
  },
  {
    code: 'jammed',
    phase: 'strike',
    views: ['front'],
    per: 'strike',
    shownBy: 'strokes',
    causes: ['long-step'],
  },
  {
    code: 'swings-round',
    phase: 'strike',
    views: ['front'],
    per: 'strike',
    shownBy: 'step-in',
    causes: [],
  },
  {
    code: 'out-of-time',
    phase: 'strike',
    views: ['side'],
    per: 'strike',
    shownBy: 'hand words',
    causes: [],
  },
  {
    code: 'out-of-zone',
    phase: 'strike',
    views: ['side'],
    per: 'strike',
    shownBy: 'strokes',
    causes: ['short-steps'],
  },
  {
    code: 'out-of-range',
    phase: 'strike',
    views: ['front'],
    per: 'strike',
    shownBy: 'partner',
    causes: [],
  },
  {
    code: 'same-stance',
    phase: 'strike',
    views: ['front'],
    per: 'strike',
    shownBy: 'strokes',
    causes: [],
  },
  {
    code: 'finish-line',
    phase: 'strike',
    views: ['front'],
    per: 'strike',
    shownBy: 'strokes',
    causes: [],
  },
  {
    code: 'steps-in',
    phase: 'strike',
    views: ['side'],
    per: 'strike',
    shownBy: 'retreat counters',
    causes: [],
  },
  {
    code: 'no-recovery',
    phase: 'back',
    views: ['side', 'front'],
    per: 'back',
    shownBy: 'way back',
    causes: [],
  },
  {
    code: 'recovery-step',
    phase: 'back',
    views: ['front'],
    per: 'back',
    shownBy: 'way back',
    causes: [],
  },
  {
    code: 'recovery-place',
    phase: 'back',
    views: ['front'],
    per: 'back',
    shownBy: 'way back',
    causes: [],
  },
  {
    code: 'backpedals',
    phase: 'back',
    views: ['side', 'front'],
    per: 'back',
    shownBy: 'retreat',
    causes: [],
  },
  {
    code: 'no-angle',
    phase: 'back',
    views: ['front'],
    per: 'back',
    shownBy: 'exits',
    causes: [],
  },
  {
    code: 'lets-out',
    phase: 'back',
    views: ['front'],
    per: 'call',
    shownBy: 'pressing',
    causes: [],
  },
  {
    code: 'foot-exposed',
    phase: 'back',
    views: ['side'],
    per: 'back',
    shownBy: 'retreat',
    causes: [],
  },
  {
    code: 'same-exit',
    phase: 'back',
    views: ['front'],
    per: 'repetition',
    shownBy: 'exits',
    causes: [],
  },
];

/** How somebody has faults otherwise than the catalogue: other entries, and from where they show, which holds before what an entry says. */
export interface Otherwise {
  readonly faults?: readonly (FaultEntry & Partial<Pick<ClubFault, 'into'>>)[] | null | undefined;
  readonly views?: OwnViews | null | undefined;
}

/**
 * The catalogue by code, as a run counts with it: as a run, a club or a coach has it. A cause that a club counts as another fault is that
 * one.
 * @example faultsByCode({ views: { tall: ['front'] } }).get('tall')?.views // ['front']
 * @example faultsByCode().size === FAULTS.length // true
 */
export function faultsByCode({ faults, views }: Otherwise = {}): ReadonlyMap<string, FaultEntry> {
  const all = new Map(FAULTS.map((fault) => [fault.code, fault]));
  for (const fault of faults ?? []) all.set(fault.code, fault);
  const merges = mergesOf((faults ?? []).map(({ code, into }) => ({ code, into: into ?? null })));
  for (const [code, fault] of all) all.set(code, { ...fault, views: views?.[code] ?? fault.views, causes: causesAs(fault, merges) });
  return all;
}

/** Causes of a fault, each by the one that it is counted as. */
function causesAs({ code, causes }: FaultEntry, merges: Merges): readonly string[] {
  const ends = causes.map((cause) => (Object.hasOwn(merges, cause) ? (merges[cause] ?? cause) : cause));
  return [...new Set(ends)].filter((end) => end !== code);
}

/**
 * What a run has to keep of a club's faults, so that it counts the same whatever becomes of them: those that are counted otherwise than
 * the catalogue's, and its own.
 * @example countedOtherwise([]) // []
 */
export const countedOtherwise = (own: readonly ClubFault[]): FaultEntry[] =>
  own.flatMap(({ code, phase, views, per, shownBy, causes, safety, into }) => {
    const ours = FAULTS.find((fault) => fault.code === code);
    const same = ours?.per === per && [...ours.views].sort().join() === [...views].sort().join();
    return into !== null || same ? [] : [{ code, phase, views, per, shownBy, causes, ...(safety && { safety }) }];
  });

/**
 * What can be chosen in a club: the catalogue and its own, without what it hides or counts as another.
 * @example offeredFaults([]).length === FAULTS.length // true
 */
export const offeredFaults = (own: readonly ClubFault[]): readonly FaultEntry[] => {
  const not = new Set(own.flatMap(({ code, hidden, into }) => (hidden || into !== null ? [code] : [])));
  return [...faultsByCode({ faults: own }).values()].filter(({ code }) => !not.has(code));
};
