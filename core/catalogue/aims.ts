import type { BuildSource, Chain } from '../plan/build/build-up.js';
import type { StageKind } from '../plan/session/stage.js';

/** A usual aim to begin from: a line of steps and the stages it is built into (common practice, no source). */
export interface StarterAim {
  readonly name: string;
  readonly sport: string;
  readonly says: string;
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
    name: 'First split step',
    sport: 'any racket sport',
    says: 'From the stance to a split that leaves at once, to both sides.',
    source: { ...square, steps: 'split, shuffle right 40 cm, shuffle left 40 cm' },
    chain: 'forward',
    kinds: [...LEARN, 'called'],
    opposed: 'fed',
    playbook: '',
  },
  {
    name: 'Front corner and home',
    sport: 'squash',
    says: 'Split, approach, lunge on the playing foot, and all the way back.',
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
    name: 'Rear court, by time left',
    sport: 'badminton',
    says: 'Which way to the back corner, and which way home, as the playbook has it.',
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
    name: 'Wide ball and back to the middle',
    sport: 'tennis',
    says: 'Outside foot sets, the stroke, and the own side’s middle.',
    source: { ...wide, steps: 'split, run right 60 cm 2, hit, square up, shuffle left 60 cm 2' },
    chain: 'forward',
    kinds: ['isolate', 'beats', 'combine', 'whole', 'other side', 'fed', 'pressure'],
    opposed: 'fed',
    playbook: 'ground-strokes',
  },
  {
    name: 'Reach the table’s corners',
    sport: 'table tennis',
    says: 'Two shuffles to the wide ball and back, called at random.',
    source: { ...wide, steps: 'shuffle right 45 cm 2, hit, shuffle left 45 cm 2' },
    chain: 'forward',
    kinds: ['isolate', 'whole', 'other side', 'more steps', 'called', 'fed', 'role'],
    opposed: 'fed',
    playbook: 'table-tennis',
  },
  {
    name: 'Steps in every direction',
    sport: 'boxing',
    says: 'The same stance after every step, ahead, back and to both sides.',
    source: { ...striking, steps: 'advance 20 cm, retreat 20 cm, shuffle left 20 cm, shuffle right 20 cm' },
    chain: 'forward',
    kinds: ['isolate', 'beats', 'whole', 'other lead', 'more steps', 'called'],
    opposed: 'partner',
    playbook: 'closing-leaving',
  },
  {
    name: 'Retreat once, strike, leave',
    sport: 'boxing',
    says: 'One step back, the counter, and off the line: never a second step straight back.',
    source: { ...striking, shouldClose: false, steps: 'retreat 20 cm, "straight", "straight", cut right 40 cm' },
    chain: 'forward',
    kinds: ['isolate', 'combine', 'whole', 'without and with', 'called', 'partner', 'role', 'free'],
    opposed: 'partner',
    playbook: 'counters',
  },
  {
    name: 'Quarter turns',
    sport: 'kickboxing',
    says: 'On the lead foot, stepping out, and to the side of a slip.',
    source: { ...striking, school: 'squarer-kicking', shouldClose: false, steps: 'advance 20 cm, quarter right, retreat 20 cm' },
    chain: 'forward',
    kinds: ['isolate', 'beats', 'combine', 'whole', 'other lead', 'called', 'partner', 'role'],
    opposed: 'partner',
    playbook: 'turns',
  },
  {
    name: 'In and out',
    sport: 'karate',
    says: 'Gallop in with the strike on landing, and out before the answer.',
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
    name: 'Step, lunge, recover',
    sport: 'fencing',
    says: 'Advance and lunge as one action, hand before foot, back on guard.',
    source: { ...guard, steps: 'advance 25 cm, lunge ahead 80 cm + hit 80 ms after landing, recover back, retreat 25 cm' },
    chain: 'backward',
    kinds: ['isolate', 'beats', 'combine', 'whole', 'tempo', 'called', 'partner', 'role'],
    opposed: 'partner',
    playbook: 'blades',
  },
  {
    name: 'Pendulum against a rush',
    sport: 'savate',
    says: 'The far foot drives the near one out, then round and in again.',
    source: { ...striking, school: 'mixed-45', shouldClose: false, steps: 'pendulum back, orbit right 20°, advance 25 cm' },
    chain: 'forward',
    kinds: ['isolate', 'combine', 'whole', 'called', 'partner', 'free'],
    opposed: 'partner',
    playbook: 'closing-leaving',
  },
  {
    name: 'Sharp under pressure',
    sport: 'any racket sport',
    says: 'A pattern that is known already, from called to pressed to free.',
    source: { ...square, steps: 'split, shuffle right 50 cm, lunge ahead 70 cm, recover back, shuffle left 50 cm' },
    chain: 'forward',
    kinds: OPPOSE,
    opposed: 'fed',
    playbook: '',
  },
];
