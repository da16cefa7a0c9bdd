import type { Session, SessionDraft, SessionSave, SessionVersion } from '@hopsk/contract/session';
import { one, run, type Db } from '../db/sql.js';

/** A row: everything but id, version and whether it was put away is one document. */
interface Row extends Record<string, unknown> {
  readonly id: string;
  readonly version: number;
  readonly body: SessionDraft;
  readonly archivedAt: string | null;
  readonly savedAt: string;
}

const whole = ({ body, ...row }: Row): Session => ({ ...body, ...row });
const bodyOf = ({ id: _id, version: _version, ...body }: SessionSave): string => JSON.stringify(body);

/** Those with these ids, or all of the club. */
export const listSessions = async (db: Db, clubId: string, ids: readonly string[] | null): Promise<Session[]> =>
  (await run<Row>(db, 'session-list', clubId, ids)).map(whole);

export async function getSession(db: Db, clubId: string, id: string): Promise<Session | null> {
  const row = await one<Row>(db, 'session-get', clubId, id);
  return row && whole(row);
}

/** Null when the id is taken already. */
export async function addSession(db: Db, clubId: string, p: SessionSave): Promise<Session | null> {
  const row = await one<Row>(db, 'session-add', clubId, p.id, p.name, p.template, bodyOf(p));
  return row && whole(row);
}

/** Null when it is not there or its version is another. */
export async function saveSession(db: Db, clubId: string, p: SessionSave): Promise<Session | null> {
  const row = await one<Row>(db, 'session-save', clubId, p.id, p.name, p.template, bodyOf(p), p.version);
  return row && whole(row);
}

export async function archiveSession(db: Db, clubId: string, id: string, archived: boolean): Promise<Session | null> {
  const row = await one<Row>(db, 'session-archive', clubId, id, archived);
  return row && whole(row);
}

/** What was saved of a session, newest first. */
export const listSessionVersions = (db: Db, clubId: string, id: string): Promise<SessionVersion[]> =>
  run<SessionVersion>(db, 'session-versions', clubId, id);
