import { SPORTS, type Sport } from '../language/sport-words.js';
import { MARKS, type MarkKind } from './marks.js';

/** How it goes in a sport: a ball is hit, a blade is led by the hand, somebody is struck with hands or legs. */
export const MANNERS = ['racket', 'blade', 'strikes'] as const;
export type Manner = (typeof MANNERS)[number];

/** What a coach goes through with an attempt. */
export const PHASES = [
  ...['ready', 'watching', 'split', 'first-step', 'turn', 'way', 'off-the-wall', 'set-up', 'strike', 'clearing', 'way-back'],
  ...['guard', 'closing', 'preparation', 'hand', 'lunge', 'action', 'leg-down', 'base', 'cover', 'way-out', 'recovery', 'guard-again'],
  'watchful',
] as const;
export type PhaseCode = (typeof PHASES)[number];

/** What is looked at in an attempt of a sport. */
export interface SportSet {
  /** As the catalogue calls the sport; '' where it knows none such. */
  readonly sport: Sport | '';
  /** Null where nobody knows. */
  readonly manner: Manner | null;
  /** Marks that say something of it, in the order of an attempt; all others can be made too. */
  readonly marks: readonly MarkKind[];
  /** To begin with, and to be changed. */
  readonly phases: readonly PhaseCode[];
  /** Whether its strikes come with lunges: windows of a strike against its landing speak of these. */
  readonly lunges: boolean;
}

const but = (...left: readonly MarkKind[]): readonly MarkKind[] => MARKS.filter((kind) => !left.includes(kind));

const RACKET = { manner: 'racket', lunges: true, marks: but('cue', 'strike-begun') } as const;
/** A shuttlecock does not bounce. */
const SHUTTLE = { ...RACKET, marks: but('cue', 'strike-begun', 'bounce') } as const;
/** A table leaves no time for a split that is seen. */
const TABLE = { ...RACKET, lunges: false, marks: but('cue', 'strike-begun', 'split-up', 'split-down') } as const;
const FOUGHT = but('release', 'bounce', 'split-up', 'split-down');
const BLADE = { manner: 'blade', lunges: true, marks: FOUGHT } as const;
const STRIKES = { manner: 'strikes', lunges: false, marks: FOUGHT } as const;

/** By sport (common practice, no source). */
const SETS: Readonly<Record<Sport, Omit<SportSet, 'sport'>>> = {
  'any racket sport': { ...RACKET, phases: ['ready', 'split', 'first-step', 'way', 'strike', 'way-back'] },
  badminton: { ...SHUTTLE, phases: ['ready', 'split', 'first-step', 'way', 'strike', 'way-back'] },
  tennis: { ...RACKET, phases: ['ready', 'split', 'turn', 'way', 'set-up', 'strike', 'way-back'] },
  squash: { ...RACKET, phases: ['watching', 'split', 'first-step', 'way', 'strike', 'clearing', 'way-back'] },
  padel: { ...RACKET, phases: ['ready', 'split', 'turn', 'off-the-wall', 'set-up', 'strike', 'way-back'] },
  pickleball: { ...RACKET, phases: ['ready', 'split', 'first-step', 'set-up', 'strike', 'way-back'] },
  'table tennis': { ...TABLE, phases: ['ready', 'first-step', 'set-up', 'strike', 'way-back'] },
  boxing: { ...STRIKES, phases: ['guard', 'closing', 'action', 'way-out', 'guard-again'] },
  kickboxing: { ...STRIKES, phases: ['guard', 'closing', 'action', 'leg-down', 'way-out', 'guard-again'] },
  savate: { ...STRIKES, phases: ['guard', 'closing', 'action', 'leg-down', 'way-out', 'guard-again'] },
  taekwondo: { ...STRIKES, phases: ['guard', 'closing', 'action', 'leg-down', 'way-out', 'guard-again'] },
  karate: { ...STRIKES, lunges: true, phases: ['guard', 'closing', 'action', 'way-out', 'watchful'] },
  'mixed rules': { ...STRIKES, phases: ['guard', 'closing', 'action', 'base', 'way-out', 'guard-again'] },
  fencing: { ...BLADE, phases: ['guard', 'preparation', 'hand', 'lunge', 'recovery', 'guard-again'] },
  'two-handed blade': { ...BLADE, phases: ['guard', 'closing', 'hand', 'action', 'cover', 'way-out'] },
};

/** What else people call some of them. */
const ALSO: Readonly<Record<string, Sport>> = {
  ...{ foil: 'fencing', épée: 'fencing', epee: 'fencing', sabre: 'fencing', saber: 'fencing', 'ping pong': 'table tennis' },
  ...{ longsword: 'two-handed blade', 'long sword': 'two-handed blade', kendo: 'two-handed blade' },
};
/** Names, and the sport of each. The longest first: one that holds another stands for itself. */
const NAMES = [...SPORTS.map((sport) => [sport, sport] as const), ...Object.entries(ALSO)].sort(([a], [b]) => b.length - a.length);

/** Of a sport that nobody knows: all marks. */
const ANY: SportSet = { sport: '', manner: null, lunges: true, marks: MARKS, phases: ['ready', 'first-step', 'way', 'action', 'way-back'] };

/**
 * What is looked at in a sport, however it is typed: its own name, what else it is called, or a name that holds one of these as a word.
 * @example setOf('Beach tennis').sport // 'tennis'
 */
export function setOf(said: string): SportSet {
  const words = said
    .trim()
    .toLowerCase()
    .replaceAll(/[^\p{L}]+/gu, ' ');
  const sport = NAMES.find(([name]) => ` ${words} `.includes(` ${name.replaceAll('-', ' ')} `))?.[1];
  return sport === undefined ? ANY : { sport, ...SETS[sport] };
}

/** Whether somebody is fought: one may strike first there. @example isFought(setOf('savate')) // true */
export const isFought = ({ manner }: Pick<SportSet, 'manner'>): boolean => manner === 'blade' || manner === 'strikes';
