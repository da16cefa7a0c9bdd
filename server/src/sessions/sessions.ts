import { rewordSession } from '@hopsk/contract/lines';
import { readBy, TODAY, type ReadBy } from '@hopsk/contract/reworded';
import type { SessionVersion } from '@hopsk/contract/versions';
import type { Session, SessionDraft, SessionSave } from '@hopsk/contract/session';
import { one, run, type Db } from '../db/sql.js';
import { keptSession } from '../otherwise/kept-lines.js';
import { listOtherwise } from '../otherwise/list.js';
import { asTheyWere, ownMoves } from '../otherwise/own-moves.js';

/** A row: everything but id, version and whether it was put away is one document. */
interface Row extends Record<string, unknown> {
  readonly id: string;
  readonly version: number;
  readonly body: SessionDraft;
  readonly archivedAt: string | null;
  readonly savedAt: string;
}

const whole = ({ body, ...row }: Row): Session => ({ ...body, ...row });
const bodyOf = ({ id: _id, version: _version, language: _language, engine: _engine, ...body }: SessionSave): string => JSON.stringify(body);

/** Those with these ids, or all of the club. */
export const listSessions = async (db: Db, clubId: string, ids: readonly string[] | null): Promise<Session[]> =>
  (await run<Row>(db, 'session-list', clubId, ids)).map(whole);

export async function getSession(db: Db, clubId: string, id: string): Promise<Session | null> {
  const row = await one<Row>(db, 'session-get', clubId, id);
  return row && whole(row);
}

/** Saves a session whose lines say what they did when they were read with `by`; what had to be reworded for that is listed. */
async function kept(db: Db, clubId: string, p: SessionSave, by: ReadBy, query: string, ...more: unknown[]): Promise<Session | null> {
  const { record, found } = keptSession(p, by, await ownMoves(db, clubId, by));
  const { id, name, template } = record;
  const row = await one<Row>(db, query, clubId, id, name, template, bodyOf(record), TODAY.language, TODAY.engine, ...more);
  if (row) await listOtherwise(db, clubId, 'session', row.id, found, by);
  return row && whole(row);
}

/** Null when the id is taken already. */
export const addSession = (db: Db, clubId: string, p: SessionSave, by = readBy(p)): Promise<Session | null> =>
  kept(db, clubId, p, by, 'session-add');
/** Null when it is not there or its version is another. */
export const saveSession = (db: Db, clubId: string, p: SessionSave, by = readBy(p)): Promise<Session | null> =>
  kept(db, clubId, p, by, 'session-save', p.version);

export async function archiveSession(db: Db, clubId: string, id: string, archived: boolean): Promise<Session | null> {
  const row = await one<Row>(db, 'session-archive', clubId, id, archived);
  return row && whole(row);
}

/** What was saved of a session, newest first, with lines that say what they did then. */
export async function listSessionVersions(db: Db, clubId: string, id: string): Promise<SessionVersion[]> {
  const versions = await run<SessionVersion>(db, 'session-versions', clubId, id);
  return asTheyWere(db, clubId, versions, (version, reword) => ({ ...version, body: rewordSession(version.body, reword) }));
}
