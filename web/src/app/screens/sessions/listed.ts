import type { Session } from '@hopsk/contract/session';
import { dayOf } from '../../parts/run-setup';

/** A session as the list has it: when it was saved last (the hall's own day), whom it is for, and what it is found by. */
export interface Listed {
  readonly one: Session;
  readonly day: string | null;
  readonly names: string;
  readonly words: string;
}

/** What is looked for in the list; days inclusive, null: any. */
export interface Wanted {
  readonly words: string;
  readonly from: string | null;
  readonly to: string | null;
  readonly away: boolean;
}

/** Sessions, what was saved last first; a session is found by its name, its stages and whom it is for. */
export const listed = (sessions: readonly Session[], nameOf: (athlete: string) => string): Listed[] =>
  [...sessions]
    .sort((a, b) => (b.savedAt ?? '').localeCompare(a.savedAt ?? ''))
    .map((one) => {
      const names = one.athletes.map(nameOf).join(', ');
      const words = [one.name, names, ...one.stages.map(({ name }) => name)].join('\n').toLocaleLowerCase();
      return { one, day: one.savedAt === undefined ? null : dayOf(new Date(one.savedAt)), names, words };
    });

export const found = (all: readonly Listed[], { words, from, to, away }: Wanted): Listed[] =>
  all.filter(
    (row) =>
      (row.one.archivedAt !== null) === away &&
      (from === null || (row.day ?? '') >= from) &&
      (to === null || (row.day ?? '') <= to) &&
      row.words.includes(words),
  );
