import { inject } from '@angular/core';
import { Pattern } from '@hopsk/contract/pattern';
import type { PatternSave } from '@hopsk/contract/pattern-draft';
import type { Role } from '@hopsk/contract/club';
import { Athlete, type AthleteSave } from '@hopsk/contract/people';
import { READ_NOW } from '@hopsk/contract/read-now';
import { Session } from '@hopsk/contract/session';
import type { SessionSave } from '@hopsk/contract/session-draft';
import { createEffect, provideEffects } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { filter, map } from 'rxjs';
import { later } from './later';
import { may } from './may';
import { Live } from './live';
import { recordKind } from './record-kind';
import { teachingProviders } from './teaching';

/** The club's records that every screen reads. */
export const people = recordKind<Athlete, AthleteSave>('people', 'athletes', Athlete);
export const patterns = recordKind<Pattern, PatternSave>('patterns', 'patterns', Pattern, READ_NOW);
export const sessions = recordKind<Session, SessionSave>('sessions', 'sessions', Session, READ_NOW);

const OF_HINT = { athlete: people, pattern: patterns, session: sessions } as const;
const KINDS = Object.values(OF_HINT);

/** A page knows what it saved itself by the answer, which may come after the hint (ms). */
const OWN_ANSWER = 1000;

/** A list in which somebody else saved is fetched anew. */
const onHint = createEffect(
  (live = inject(Live), store = inject<Store>(Store)) =>
    live.hints.pipe(
      filter((hint) => 'record' in hint),
      later(OWN_ANSWER),
      filter(({ record, id, version }) => OF_HINT[record].versionOf(store, id) < version),
      map(({ record }) => OF_HINT[record].actions.load()),
    ),
  { functional: true },
);

/** For where the store is provided. */
export const recordProviders = [...KINDS.flatMap(({ providers }) => providers), provideEffects({ onHint }), ...teachingProviders];

/** Fetches all anew that somebody may read. */
export const loadAll = (role: Role) => [
  people.actions.load(),
  ...(may(role, 'patterns') ? [patterns.actions.load()] : []),
  ...(may(role, 'sessions') ? [sessions.actions.load()] : []),
];
