import { Athlete, Pattern, Progression, type AthleteSave, type PatternSave, type ProgressionSave } from '@hopsk/contract';
import { recordKind } from './record-kind';

/** The club's records that every screen reads. */
export const people = recordKind<Athlete, AthleteSave>('people', 'athletes', Athlete);
export const patterns = recordKind<Pattern, PatternSave>('patterns', 'patterns', Pattern);
export const progressions = recordKind<Progression, ProgressionSave>('progressions', 'progressions', Progression);

const KINDS = [people, patterns, progressions] as const;

/** For where the store is provided. */
export const recordProviders = KINDS.flatMap(({ providers }) => providers);

/** Fetches them all anew. */
export const loadAll = () => KINDS.map(({ actions }) => actions.load());
