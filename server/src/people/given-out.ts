import { ATHLETE_FILE, type GivenOut } from '@hopsk/contract/people-data';
import { one, run, type Db } from '../db/sql.js';
import { getFilm, listFilms } from '../films/films.js';
import { getAthlete } from './athletes.js';
import { listDecisions } from './decisions.js';
import { listLooks } from './looks.js';

type RunOut = GivenOut['runs'][number];

/**
 * All that is kept of one athlete, and of nobody else, as pieces of one JSON text (`GivenOut`): to be called in a snapshot. Null
 * without the athlete.
 * @param events whether what each run's log says is in it, and all that was marked in film
 */
export async function givenOut(db: Db, clubId: string, id: string, events: boolean): Promise<AsyncGenerator<string> | null> {
  const athlete = await getAthlete(db, clubId, id);
  if (!athlete) return null;
  const [club, sessions, readers, looks, decisions] = [
    await one<{ name: string }>(db, 'club-of', clubId),
    await run<GivenOut['sessions'][number]>(db, 'data-sessions', clubId, id),
    await run<{ name: string }>(db, 'data-readers', clubId, id),
    await listLooks(db, clubId, null, id, null),
    await listDecisions(db, clubId, id),
  ];
  const head: Omit<GivenOut, 'runs' | 'films'> = {
    ...{ format: ATHLETE_FILE, version: 1, madeAt: new Date().toISOString(), club: club?.name ?? '', athlete, sessions },
    readers: readers.map(({ name }) => name),
    looks: looks.map(({ at, lastAt, times, what, who, day, run: name }) => ({ at, lastAt, times, what, who, day, run: name })),
    decisions: decisions.map(({ id: _, ...decision }) => decision),
  };
  return pieces(db, clubId, head, events);
}

async function* pieces(db: Db, clubId: string, head: Omit<GivenOut, 'runs' | 'films'>, events: boolean): AsyncGenerator<string> {
  yield `${JSON.stringify(head).slice(0, -1)},"runs":[`;
  let first = true;
  for (const ran of await run<RunOut & Record<string, unknown>>(db, 'data-runs', clubId, head.athlete.id)) {
    const said = events ? await run<{ body: unknown }>(db, 'data-events', clubId, ran.id, head.athlete.id) : null;
    yield `${first ? '' : ','}\n${JSON.stringify({ ...ran, ...(said && { events: said.map(({ body }) => body) }) })}`;
    first = false;
  }
  yield '],"films":[';
  const films = await listFilms(db, clubId, head.athlete.id);
  for (const [i, { clip, name, day, keptAt, marks, held }] of films.entries()) {
    const film = events ? await getFilm(db, clubId, clip) : null;
    yield `${i === 0 ? '' : ','}\n${JSON.stringify({ name, day, keptAt, marks, held, ...(film && { work: film.work }) })}`;
  }
  yield ']}\n';
}
