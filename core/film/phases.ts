import { MARKS, type MarkKind } from './marks.js';

/** What a coach goes through with an attempt, by kind of sport (common practice, no source): to begin with, and to be changed. */
export const PHASES = {
  racket: ['ready', 'split', 'first-step', 'way', 'strike', 'way-back'],
  combat: ['guard', 'closing', 'action', 'way-out', 'guard-again'],
} as const;
export type PhaseSet = keyof typeof PHASES;
export type PhaseCode = (typeof PHASES)[PhaseSet][number];

/** Marks that say something of an attempt, by kind of sport; all can be made in each. */
const MARKED: Readonly<Record<PhaseSet, readonly MarkKind[]>> = {
  racket: MARKS,
  combat: MARKS.filter((kind) => kind !== 'release' && kind !== 'split-up' && kind !== 'split-down'),
};

/** Which marks are offered first in a sport. @example marksOf('combat').includes('release') // false */
export const marksOf = (set: PhaseSet): readonly MarkKind[] => MARKED[set];

/** Sports with a ball or a shuttlecock, as the catalogue names them; all others are fought. */
const RACKET = ['any racket sport', 'badminton', 'padel', 'pickleball', 'squash', 'table tennis', 'tennis'];

/** Which phases a sport has. @example phasesOf('squash') // 'racket' */
export const phasesOf = (sport: string): PhaseSet => (RACKET.includes(sport.trim().toLowerCase()) ? 'racket' : 'combat');
