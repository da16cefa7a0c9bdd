import { createHash } from 'node:crypto';
import { CLUB_FILE, CLUB_LINES_VERSION } from '@hopsk/contract/club-format';
import type { ClubRecord } from '@hopsk/contract/club-lines';
import type { Pattern } from '@hopsk/contract/pattern';
import type { Athlete } from '@hopsk/contract/people';
import { EVENTS_LIMITS, type RunEvent } from '@hopsk/contract/run';
import { READ_NOW } from '@hopsk/contract/read-now';
import type { Session } from '@hopsk/contract/session';
import { one, run, type Db } from '../db/sql.js';
import { listAthletes } from '../people/athletes.js';
import { decisionsOf } from '../people/decisions.js';
import { filmsOf } from '../films/films.js';
import { listPatterns } from '../patterns/patterns.js';
import { eventsAfter, headOf } from '../runs/runs.js';
import { listSessions } from '../sessions/sessions.js';
import { listRecorded } from '../teaching/recorded-words.js';
import { getTeaching } from '../teaching/teaching.js';
import { countIn, noCounts } from './counts.js';

/**
 * The whole club, line by line, as it is when the first is read: to be called in a snapshot. People and
 * patterns that were put away are left out unless a run needs them.
 */
export async function* clubLines(db: Db, clubId: string): AsyncGenerator<string> {
  const hash = createHash('sha256');
  const counts = noCounts();
  const lineOf = (value: unknown): string => {
    const line = `${JSON.stringify(value)}\n`;
    hash.update(line);
    return line;
  };
  const written = (one: ClubRecord): string => {
    countIn(counts, one);
    return lineOf({ [one.kind]: one.record });
  };
  const club = await one<{ name: string }>(db, 'club-of', clubId);
  yield lineOf({ format: CLUB_FILE, version: CLUB_LINES_VERSION, club: { name: club?.name ?? '' }, ...READ_NOW });
  const teaching = await getTeaching(db, clubId);
  if (teaching) {
    const { version: _, ...record } = teaching;
    yield written({ kind: 'teaching', record });
  }
  for (const record of await listRecorded(db, clubId)) yield written({ kind: 'word', record });
  for (const record of await run<{ id: string }>(db, 'erased-list', clubId)) yield written({ kind: 'erased', record });
  for (const record of await run<{ id: string; run: string }>(db, 'somebodies', clubId)) yield written({ kind: 'somebody', record });
  const needed = new Set((await run<{ id: string }>(db, 'run-needs', clubId)).map(({ id }) => id));
  const wanted = (record: Athlete | Pattern | Session): boolean => record.archivedAt === null || needed.has(record.id);
  const fresh = <T extends Athlete | Pattern | Session>({ archivedAt: _, savedAt: _at, ...record }: T) => ({ ...record, version: 0 });
  const athletes = (await listAthletes(db, clubId, null)).filter(wanted);
  for (const record of athletes) yield written({ kind: 'athlete', record: fresh(record) });
  const ids = athletes.map(({ id }) => id);
  for (const record of await decisionsOf(db, clubId, ids)) yield written({ kind: 'decision', record });
  for await (const record of filmsOf(db, clubId, ids)) yield written({ kind: 'film', record });
  for (const record of (await listPatterns(db, clubId, null)).filter(wanted)) yield written({ kind: 'pattern', record: fresh(record) });
  for (const record of (await listSessions(db, clubId, null)).filter(wanted)) yield written({ kind: 'session', record: fresh(record) });
  for (const { id } of await run<{ id: string }>(db, 'run-ids', clubId)) {
    const head = await headOf(db, clubId, id);
    if (!head) continue;
    const { version: _, ...record } = head;
    yield written({ kind: 'run', record });
    for (let [after, more] = [0, true]; more;) {
      const page = await eventsAfter(db, clubId, id, after, EVENTS_LIMITS.most);
      [after, more] = [page.arrival, page.more];
      if (page.events.length === 0) break;
      yield written({ kind: 'log', record: { run: id, events: page.events as RunEvent[] } });
    }
  }
  yield `${JSON.stringify({ end: { counts, sha256: hash.digest('hex') } })}\n`;
}
