import { Pattern, type PatternSave } from '@hopsk/contract/pattern';
import { Athlete, type AthleteSave } from '@hopsk/contract/people';
import { Session, type SessionSave } from '@hopsk/contract/session';
import { recordKind } from './record-kind';
import { teachingProviders } from './teaching';

/** The club's records that every screen reads. */
export const people = recordKind<Athlete, AthleteSave>('people', 'athletes', Athlete);
export const patterns = recordKind<Pattern, PatternSave>('patterns', 'patterns', Pattern);
export const sessions = recordKind<Session, SessionSave>('sessions', 'sessions', Session);

const KINDS = [people, patterns, sessions] as const;

/** For where the store is provided. */
export const recordProviders = [...KINDS.flatMap(({ providers }) => providers), ...teachingProviders];

/** Fetches them all anew. */
export const loadAll = () => KINDS.map(({ actions }) => actions.load());
