import { inject, type Signal } from '@angular/core';
import type { Role } from '@hopsk/contract/club';
import { Store } from '@ngrx/store';
import { signInFeature } from './sign-in';

const ALL: readonly Role[] = ['owner', 'coach', 'assistant', 'reader'];
const COACHES: readonly Role[] = ['owner', 'coach'];
const FLOOR: readonly Role[] = ['owner', 'coach', 'assistant'];

/** What a page or a part of one is for, and who may: as the server has it, which asks anew each time. */
const MAY = {
  today: FLOOR,
  people: COACHES,
  stance: COACHES,
  steps: COACHES,
  starters: COACHES,
  build: COACHES,
  floor: FLOOR,
  /** What was run before: rows of runs, and each of them afterwards. */
  runs: COACHES,
  faults: ['owner', 'coach', 'reader'],
  film: COACHES,
  club: ALL,
  /** Parts of the club's page. */
  teach: COACHES,
  phones: FLOOR,
  members: ['owner'],
  export: ['owner'],
  /** What is kept of people: how long, who looked, one's data given out and erased. */
  kept: ['owner'],
  import: COACHES,
  /** Lists that are fetched. */
  patterns: FLOOR,
  sessions: FLOOR,
  hints: FLOOR,
} as const satisfies Record<string, readonly Role[]>;

export type What = keyof typeof MAY;

/** Whether a role may. */
export const may = (role: Role, what: What): boolean => (MAY[what] as readonly Role[]).includes(role);

/**
 * What a page inside is for, by its address.
 * @example [whatOf('/floor/runs/5'), whatOf('/floor/run?x=1'), whatOf('/nowhere')] // ['runs', 'floor', null]
 */
export function whatOf(url: string): What | null {
  const [page = '', part = '', more = ''] = (url.split(/[?#]/)[0] ?? '').split('/').slice(1);
  const inside: Readonly<Record<string, What>> = { 'club people': 'kept', 'club faults': 'teach', 'floor runs': 'runs' };
  const what = page === 'people' && more === 'data' ? 'kept' : (inside[`${page} ${part}`] ?? page);
  return what in MAY ? (what as What) : null;
}

/** Where somebody begins: with what is on today, at the book who only reads. */
export const homeOf = (role: Role): string => (may(role, 'today') ? '/today' : '/faults');

/** What whoever is signed in may. To be made where things can be injected. */
export function mine(): { readonly role: Signal<Role>; readonly may: (what: What) => boolean } {
  const role = inject(Store).selectSignal((state: object): Role => signInFeature.selectMe(state as never)?.coach.role ?? 'reader');
  return { role, may: (what) => may(role(), what) };
}
