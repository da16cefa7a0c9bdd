import type { StageKind } from '../plan/exercise.js';
import type { BuildSource, Chain } from '../plan/build/build-up.js';

/** A usual aim to begin from: a line of steps and the stages it is built into (common practice, no source). */
export interface StarterAim {
  readonly code: string;
  readonly sport: string;
  readonly source: Omit<BuildSource, 'pattern' | 'name'>;
  readonly chain: Chain;
  readonly kinds: readonly StageKind[];
  readonly opposed: 'fed' | 'partner';
  /** A playbook by code for its scenarios; empty: none. */
  readonly playbook: string;
}

const square = { school: 'square-ready', hand: 'right', lead: 'none', shouldClose: true } as const;
const wide = { ...square, school: 'wide-ready' } as const;
const striking = { school: 'staggered-striking', hand: 'right', lead: 'left', shouldClose: true } as const;
const guard = { school: 'bladed-guard', hand: 'right', lead: 'right', shouldClose: true } as const;

const LEARN: readonly StageKind[] = ['isolate', 'beats', 'combine', 'whole', 'other side'];
const OPPOSE: readonly StageKind[] = ['whole', 'called in order', 'called', 'fed', 'pressure', 'free'];

export const AIMS: readonly StarterAim[] = [
  {
    code: 'first-split-step',
    sport: 'any racket sport',
    source: { ...square, steps: 'split, shuffle right 40 cm, shuffle left 40 cm' },
    chain: 'forward',
    kinds: [...LEARN, 'called'],
    opposed: 'fed',
    playbook: '',
  },
  {
    code: 'front-corner-and-home',
    sport: 'squash',
    source: {
      ...square,
      steps:
        'split, shuffle ahead right 40 cm, lunge ahead right 80 cm right foot + hit 80 ms after landing, recover back, shuffle back left 40 cm',
    },
    chain: 'backward',
    kinds: [...LEARN, 'called', 'fed', 'role'],
    opposed: 'fed',
    playbook: 'squash',
  },
  {
    code: 'rear-court-by-time-left',
    sport: 'badminton',
    source: {
      ...square,
      steps:
        'split, chassé back right 60 cm, lunge back right 70 cm right foot + hit 80 ms after landing, recover back, chassé ahead left 60 cm',
    },
    chain: 'whole-part-whole',
    kinds: ['isolate', 'combine', 'whole', 'called', 'fed', 'role'],
    opposed: 'fed',
    playbook: 'shuttle-rear',
  },
  {
    code: 'wide-ball-and-back-to-the-middle',
    sport: 'tennis',
    source: { ...wide, steps: 'split, run right 60 cm 2, hit, square up, shuffle left 60 cm 2' },
    chain: 'forward',
    kinds: ['isolate', 'beats', 'combine', 'whole', 'other side', 'fed', 'pressure'],
    opposed: 'fed',
    playbook: 'ground-strokes',
  },
  {
    code: 'reach-the-table-s-corners',
    sport: 'table tennis',
    source: { ...wide, steps: 'shuffle right 45 cm 2, hit, shuffle left 45 cm 2' },
    chain: 'forward',
    kinds: ['isolate', 'whole', 'other side', 'more steps', 'called', 'fed', 'role'],
    opposed: 'fed',
    playbook: 'table-tennis',
  },
  {
    code: 'steps-in-every-direction',
    sport: 'boxing',
    source: { ...striking, steps: 'advance 20 cm, retreat 20 cm, shuffle left 20 cm, shuffle right 20 cm' },
    chain: 'forward',
    kinds: ['isolate', 'beats', 'whole', 'other lead', 'more steps', 'called'],
    opposed: 'partner',
    playbook: 'closing-leaving',
  },
  {
    code: 'retreat-once-strike-leave',
    sport: 'boxing',
    source: { ...striking, shouldClose: false, steps: 'retreat 20 cm, "straight", "straight", cut right 40 cm' },
    chain: 'forward',
    kinds: ['isolate', 'combine', 'whole', 'without and with', 'called', 'partner', 'role', 'free'],
    opposed: 'partner',
    playbook: 'counters',
  },
  {
    code: 'quarter-turns',
    sport: 'kickboxing',
    source: { ...striking, school: 'squarer-kicking', shouldClose: false, steps: 'advance 20 cm, quarter right, retreat 20 cm' },
    chain: 'forward',
    kinds: ['isolate', 'beats', 'combine', 'whole', 'other lead', 'called', 'partner', 'role'],
    opposed: 'partner',
    playbook: 'turns',
  },
  {
    code: 'in-and-out',
    sport: 'karate',
    source: {
      school: 'long-bladed',
      hand: 'right',
      lead: 'left',
      shouldClose: true,
      steps: 'gallop ahead 40 cm + hit on landing, gallop back 40 cm',
    },
    chain: 'forward',
    kinds: ['isolate', 'beats', 'whole', 'other lead', 'more steps', 'called', 'partner', 'role'],
    opposed: 'partner',
    playbook: 'karate',
  },
  {
    code: 'step-lunge-recover',
    sport: 'fencing',
    source: { ...guard, steps: 'advance 25 cm, lunge ahead 80 cm + hit 80 ms after landing, recover back, retreat 25 cm' },
    chain: 'backward',
    kinds: ['isolate', 'beats', 'combine', 'whole', 'tempo', 'called', 'partner', 'role'],
    opposed: 'partner',
    playbook: 'blades',
  },
  {
    code: 'pendulum-against-a-rush',
    sport: 'savate',
    source: { ...striking, school: 'mixed-45', shouldClose: false, steps: 'pendulum back, orbit right 20°, advance 25 cm' },
    chain: 'forward',
    kinds: ['isolate', 'combine', 'whole', 'called', 'partner', 'free'],
    opposed: 'partner',
    playbook: 'closing-leaving',
  },
  {
    code: 'sharp-under-pressure',
    sport: 'any racket sport',
    source: { ...square, steps: 'split, shuffle right 50 cm, lunge ahead 70 cm, recover back, shuffle left 50 cm' },
    chain: 'forward',
    kinds: OPPOSE,
    opposed: 'fed',
    playbook: '',
  },
];
