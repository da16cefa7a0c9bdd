import { rewordSession } from '@hopsk/contract/lines';
import { readBy, TODAY, type ReadBy } from '@hopsk/contract/reworded';
import type { SessionVersion } from '@hopsk/contract/versions';
import type { Session } from '@hopsk/contract/session';
import type { SessionDraft, SessionSave } from '@hopsk/contract/session-draft';
import { one, run, type Db } from '../db/sql.js';
import { keptSession, type Kept } from '../otherwise/kept-lines.js';
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

type KeptSession = Kept<SessionSave>;

/** Saves a session whose lines say what they did, and lists those that had to be reworded for that. */
async function put(
  db: Db,
  clubId: string,
  { record, found }: KeptSession,
  by: ReadBy,
  query: string,
  ...more: unknown[]
): Promise<Session | null> {
  const { id, name, template } = record;
  const row = await one<Row>(db, query, clubId, id, name, template, bodyOf(record), TODAY.language, TODAY.engine, ...more);
  if (row) await listOtherwise(db, clubId, 'session', row.id, found, by);
  return row && whole(row);
}
const kept = async (db: Db, clubId: string, p: SessionSave, by: ReadBy): Promise<KeptSession> =>
  keptSession(p, by, await ownMoves(db, clubId, by));

/** Null when the id is taken already. */
export const addSession = async (db: Db, clubId: string, p: SessionSave, by = readBy(p)): Promise<Session | null> =>
  put(db, clubId, await kept(db, clubId, p, by), by, 'session-add');
/** Null when it is not there or its version is another. */
export const saveSession = async (db: Db, clubId: string, p: SessionSave, by = readBy(p)): Promise<Session | null> =>
  saveKeptSession(db, clubId, await kept(db, clubId, p, by), by);
/** The same of one that was reworded already. */
export const saveKeptSession = (db: Db, clubId: string, p: KeptSession, by: ReadBy): Promise<Session | null> =>
  put(db, clubId, p, by, 'session-save', p.record.version);

export async function archiveSession(db: Db, clubId: string, id: string, archived: boolean): Promise<Session | null> {
  const row = await one<Row>(db, 'session-archive', clubId, id, archived);
  return row && whole(row);
}

/** What was saved of a session, newest first, with lines that say what they did then. */
export async function listSessionVersions(db: Db, clubId: string, id: string): Promise<SessionVersion[]> {
  const versions = await run<SessionVersion>(db, 'session-versions', clubId, id);
  return asTheyWere(db, clubId, versions, (version, reword) => ({ ...version, body: rewordSession(version.body, reword) }));
}
