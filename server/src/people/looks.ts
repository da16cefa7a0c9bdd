import type { Look } from '@hopsk/contract/people-data';
import { isFull } from '../db/pool.js';
import { run, type Db } from '../db/sql.js';
import type { Member } from '../http/sign-in.js';

/** Whom or what somebody looked at. */
export interface LookedAt {
  readonly athlete?: string;
  readonly run?: string;
}

/** What changes nothing: with a full disk reading goes on. */
const READS: readonly Look['what'][] = ['looked', 'run', 'given-out', 'club-out'];

/**
 * Notes who did what with what is kept of people. Whoever only reads is not refused where the disk is full.
 * @param who null: the club's own rules
 */
export async function noteLook(db: Db, clubId: string, who: string | null, what: Look['what'], at: LookedAt = {}): Promise<void> {
  try {
    await run(db, 'look-add', clubId, who, what, at.athlete ?? null, at.run ?? null);
  } catch (error) {
    if (!(isFull(error) && READS.includes(what))) throw error;
  }
}

/** Notes that somebody looked at what is kept of several athletes. */
export async function lookedAtAll(db: Db, { clubId, id }: Member, athletes: readonly string[]): Promise<void> {
  try {
    await run(db, 'looks-add', clubId, id, 'looked' satisfies Look['what'], athletes);
  } catch (error) {
    if (!isFull(error)) throw error;
  }
}

/** As `noteLook`, of somebody who asks. */
export const looked = (db: Db, { clubId, id }: Member, what: Look['what'], at: LookedAt = {}): Promise<void> =>
  noteLook(db, clubId, id, what, at);

/** Who did what, the latest first, so many of them. */
export const listLooks = (db: Db, clubId: string, before: number | null, athlete: string | null, most: number | null): Promise<Look[]> =>
  run<Look>(db, 'look-list', clubId, before, athlete, most);
