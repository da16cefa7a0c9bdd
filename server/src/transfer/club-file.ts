import type { RunEvent } from '@hopsk/core/log/event';
import { CLUB_FILE, CLUB_FILE_VERSION } from '@hopsk/contract/club-format';
import type { ClubFile, Imported } from '@hopsk/contract/club-file';
import type { Pattern } from '@hopsk/contract/pattern';
import type { Athlete } from '@hopsk/contract/people';
import type { RunHead } from '@hopsk/contract/run';
import type { Session } from '@hopsk/contract/session';
import { grouped } from '@hopsk/core/grouped';
import { one, run, type Db } from '../db/sql.js';
import { addAthlete, listAthletes } from '../people/athletes.js';
import { addPattern, listPatterns } from '../patterns/patterns.js';
import { addSession, listSessions } from '../sessions/sessions.js';
import { appendEvents } from '../runs/append.js';
import { eventsOf, putHead } from '../runs/runs.js';
import { addTeaching, getTeaching } from '../teaching/teaching.js';

/**
 * Adds what a club file holds to a club. What is there already (same id) is left as it is and counted as known; to the log of a run
 * that is there the events are added that it lacks.
 * To be called in a transaction: all of the file or nothing.
 */
export async function importClub(db: Db, clubId: string, file: ClubFile): Promise<Imported> {
  const none = (): { added: number; known: number } => ({ added: 0, known: 0 });
  const result = { athletes: none(), patterns: none(), sessions: none(), runs: none() };
  if (file.teaching) await addTeaching(db, clubId, file.teaching);
  for (const athlete of file.athletes) result.athletes[(await addAthlete(db, clubId, athlete)) ? 'added' : 'known']++;
  for (const pattern of file.patterns) result.patterns[(await addPattern(db, clubId, pattern)) ? 'added' : 'known']++;
  for (const one of file.sessions) result.sessions[(await addSession(db, clubId, one)) ? 'added' : 'known']++;
  for (const entry of file.runs) {
    const known = await one(db, 'run-lock', clubId, entry.run.id);
    result.runs[known ? 'known' : 'added']++;
    if (!known) await putHead(db, clubId, entry.run);
    // A run that is there gets what its log lacks: so comes in what a device could neither keep nor send.
    const there = new Set(known ? (await eventsOf(db, clubId, entry.run.id)).map(({ id }) => id) : []);
    const missing = entry.events.filter(({ id }) => !there.has(id));
    if (missing.length > 0) await appendEvents(db, { clubId, coachId: null, folds: null }, entry.run.id, missing);
  }
  return result;
}

/** The whole club as a club file, archived people and patterns left out unless a run needs them. */
export async function exportClub(db: Db, clubId: string): Promise<ClubFile> {
  const club = await one<{ name: string }>(db, 'club-of', clubId);
  const heads = await run<RunHead & { version: number }>(db, 'run-all', clubId);
  const ids = heads.map(({ id }) => id);
  const events = grouped(await run<{ runId: string; body: RunEvent }>(db, 'events-of-runs', clubId, ids), ({ runId }) => runId);
  const fresh = <T extends Athlete | Pattern | Session>({ archivedAt: _, ...record }: T): Omit<T, 'archivedAt'> & { version: number } => ({
    ...record,
    version: 0,
  });
  const needed = new Set(heads.flatMap((head) => [...head.athletes, head.patternId, head.sessionId]));
  const wanted = (record: Athlete | Pattern | Session): boolean => record.archivedAt === null || needed.has(record.id);
  const teaching = await getTeaching(db, clubId);
  return {
    format: CLUB_FILE,
    version: CLUB_FILE_VERSION,
    club: { name: club?.name ?? '' },
    ...(teaching && {
      teaching: { choices: teaching.choices, stances: teaching.stances, moves: teaching.moves, playbooks: teaching.playbooks },
    }),
    athletes: (await listAthletes(db, clubId)).filter(wanted).map(fresh),
    patterns: (await listPatterns(db, clubId)).filter(wanted).map(fresh),
    sessions: (await listSessions(db, clubId)).filter(wanted).map(fresh),
    runs: heads.map(({ version: _, ...head }) => ({ run: head, events: (events.get(head.id) ?? []).map(({ body }) => body) })),
  };
}
