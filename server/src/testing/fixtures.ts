import { readdirSync, readFileSync } from 'node:fs';
import type { Me } from '@hopsk/contract/club';
import type { ClubFile } from '@hopsk/contract/club-file';
import type { Athlete } from '@hopsk/contract/people';
import type { RunEvent, RunHead, RunRow } from '@hopsk/contract/run';
import type { EarlierUpload } from '@hopsk/contract/run-sent';

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
  readonly counts: Readonly<Record<'athletes' | 'patterns' | 'sessions' | 'runs', number>>;
  readonly runs: readonly { readonly row: RunRow; readonly events: number }[];
  readonly books: Readonly<Record<Athlete['id'], unknown>>;
  readonly stageRecords: Readonly<Record<Athlete['id'], unknown>>;
}

/** What is planned was called a progression by the first versions. */
const calledNow = (text: string): unknown =>
  JSON.parse(text.replaceAll('"progressions":', '"sessions":').replaceAll('"progressionId":', '"sessionId":'));

export const expectedOf = (version: string): Expected => calledNow(fixtureText(version, 'expected.json')) as Expected;
/** A club file of that version in the words of today, to be compared with. */
export const clubFileOf = (version: string): EarlierFile => calledNow(fixtureText(version, 'club.hopsk.json')) as EarlierFile;

/** Events that a file of an earlier version holds, as a device wrote them. */
interface EarlierFile extends Omit<ClubFile, 'runs'> {
  readonly runs: readonly { readonly run: RunHead; readonly events: readonly EarlierEvent[] }[];
}

type EarlierEvent = EarlierUpload['events'][number];

/** What an event says, whoever numbered it. */
export function saidBy(event: EarlierEvent | RunEvent): object {
  const numbers = ['n', 't', 'device', 'seq', 'order', 'm', 'answers', 'shown'];
  return Object.fromEntries(Object.entries(event).filter(([key]) => !numbers.includes(key)));
}
