import { readdirSync, readFileSync } from 'node:fs';
import type { Athlete, ClubFile, Me, RunRow } from '@hopsk/contract';

const folder = new URL('../../../fixtures/', import.meta.url);

/** The versions that have left data behind. */
export const FIXTURES = readdirSync(folder, { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map(({ name }) => name);

export const fixtureText = (version: string, file: string): string => readFileSync(new URL(`${version}/${file}`, folder), 'utf8');

/** What the version that wrote the data made of it. */
export interface Expected {
  readonly signIn: { readonly email: string; readonly password: string };
  readonly me: Me;
  readonly counts: Readonly<Record<'athletes' | 'patterns' | 'progressions' | 'runs', number>>;
  readonly runs: readonly { readonly row: RunRow; readonly events: number }[];
  readonly books: Readonly<Record<Athlete['id'], unknown>>;
  readonly stageRecords: Readonly<Record<Athlete['id'], unknown>>;
}

export const expectedOf = (version: string): Expected => JSON.parse(fixtureText(version, 'expected.json')) as Expected;
export const clubFileOf = (version: string): ClubFile => JSON.parse(fixtureText(version, 'club.hopsk.json')) as ClubFile;
