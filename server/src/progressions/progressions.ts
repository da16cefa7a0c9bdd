import type { Progression, ProgressionDraft, ProgressionSave, ProgressionVersion } from '@hopsk/contract';
import { one, run, type Db } from '../db/sql.js';

/** A row: everything but id, version and whether it was put away is one document. */
interface Row extends Record<string, unknown> {
  readonly id: string;
  readonly version: number;
  readonly body: ProgressionDraft;
  readonly archivedAt: string | null;
}

const whole = ({ id, version, body, archivedAt }: Row): Progression => ({ ...body, id, version, archivedAt });
const bodyOf = ({ id: _id, version: _version, ...body }: ProgressionSave): string => JSON.stringify(body);

export const listProgressions = async (db: Db, clubId: string): Promise<Progression[]> =>
  (await run<Row>(db, 'progression-list', clubId)).map(whole);

export async function getProgression(db: Db, clubId: string, id: string): Promise<Progression | null> {
  const row = await one<Row>(db, 'progression-get', clubId, id);
  return row && whole(row);
}

/** Null when the id is taken already. */
export async function addProgression(db: Db, clubId: string, p: ProgressionSave): Promise<Progression | null> {
  const row = await one<Row>(db, 'progression-add', clubId, p.id, p.name, p.template, bodyOf(p));
  return row && whole(row);
}

/** Null when it is not there or its version is another. */
export async function saveProgression(db: Db, clubId: string, p: ProgressionSave): Promise<Progression | null> {
  const row = await one<Row>(db, 'progression-save', clubId, p.id, p.name, p.template, bodyOf(p), p.version);
  return row && whole(row);
}

export async function archiveProgression(db: Db, clubId: string, id: string, archived: boolean): Promise<Progression | null> {
  const row = await one<Row>(db, 'progression-archive', clubId, id, archived);
  return row && whole(row);
}

/** What was saved of a progression, newest first. */
export const listProgressionVersions = (db: Db, clubId: string, id: string): Promise<ProgressionVersion[]> =>
  run<ProgressionVersion>(db, 'progression-versions', clubId, id);
