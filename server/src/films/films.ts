import { FILM_LIMITS, type FilmKept, type FilmRow, type FilmSave } from '@hopsk/contract/films';
import { one, run, type Db } from '../db/sql.js';

type Row<T> = T & Record<string, unknown>;

/** What was marked in clips of a club, the latest first: of one athlete, or of all. */
export const listFilms = (db: Db, clubId: string, athlete: string | null): Promise<FilmRow[]> =>
  run<Row<FilmRow>>(db, 'film-list', clubId, athlete, athlete === null ? FILM_LIMITS.listed : FILM_LIMITS.clips);

export const getFilm = (db: Db, clubId: string, clip: string): Promise<FilmKept | null> => one<Row<FilmKept>>(db, 'film-get', clubId, clip);

/** Keeps what was marked in a clip; null where somebody kept it since, or the club keeps as many as it may. */
export const saveFilm = (
  db: Db,
  clubId: string,
  coachId: string,
  clip: string,
  { version, name, work }: FilmSave,
): Promise<FilmKept | null> =>
  one<Row<FilmKept>>(
    db,
    'film-save',
    ...([clubId, clip, name, work.athlete, work.day, JSON.stringify(work), coachId, version, FILM_LIMITS.clips] as const),
  );

/** Forgets it; false without it. */
export const endFilm = async (db: Db, clubId: string, clip: string): Promise<boolean> => (await one(db, 'film-end', clubId, clip)) !== null;

/** What was marked in clips of these athletes or of nobody, as it stands in a club file: one after the other, each may be large. */
export async function* filmsOf(db: Db, clubId: string, athletes: readonly string[]): AsyncGenerator<Omit<FilmKept, 'version'>> {
  for (const { clip } of await run<{ clip: string }>(db, 'film-clips', clubId, athletes)) {
    const film = await getFilm(db, clubId, clip);
    if (film) yield { clip, name: film.name, work: film.work };
  }
}

/** Keeps what comes in a file, where the club has nothing of that clip. */
export const addFilm = (db: Db, clubId: string, { clip, name, work }: Omit<FilmKept, 'version'>): Promise<unknown> =>
  one(db, 'film-add', clubId, clip, name, work.athlete, work.day, JSON.stringify(work), FILM_LIMITS.clips);
