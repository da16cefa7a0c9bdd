import { ClipName, FilmSave, FILM_LIMITS, type FilmMet } from '@hopsk/contract/films';
import { Router } from 'express';
import type { Backing } from '../backing.js';
import { transaction } from '../db/pool.js';
import { run } from '../db/sql.js';
import { HttpProblem, notFound, read } from '../http/problem.js';
import { actorOf } from '../http/sign-in.js';
import { refuseStale } from '../http/versioned.js';
import { getAthlete } from '../people/athletes.js';
import { looked } from '../people/looks.js';
import { endFilm, getFilm, listFilms, saveFilm } from './films.js';

/** What coaches marked in clips, so that it is on every device of theirs; no clip comes here. */
export function filmRoutes({ pool }: Backing): Router {
  const router = Router();

  router.get('/films', async (request, response) => {
    response.json(await listFilms(pool, actorOf(request).clubId, null));
  });

  router.get('/films/:clip', async (request, response) => {
    const actor = actorOf(request);
    const film = await getFilm(pool, actor.clubId, read(ClipName, request.params.clip));
    const athlete = film?.work.athlete ?? null;
    if (athlete !== null) await looked(pool, actor, 'looked', { athlete });
    response.json({ film } satisfies FilmMet);
  });

  // Of whoever is under 16 nothing of film is kept before a guardian has agreed.
  router.put('/films/:clip', async (request, response) => {
    const actor = actorOf(request);
    const { clubId } = actor;
    const clip = read(ClipName, request.params.clip);
    const sent = read(FilmSave, request.body);
    const { athlete } = sent.work;
    const kept = await transaction(pool, async (db) => {
      if (athlete !== null && !(await getAthlete(db, clubId, athlete))) throw notFound('athlete');
      if (athlete !== null && (await run(db, 'unagreed', clubId, [athlete])).length > 0)
        throw new HttpProblem(409, { code: 'not-agreed', values: {} });
      const saved = await saveFilm(db, clubId, actor.id, clip, sent);
      if (saved && athlete !== null) await looked(db, actor, 'changed', { athlete });
      return saved;
    });
    if (kept) return void response.json(kept);
    const current = await getFilm(pool, clubId, clip);
    if (!current && sent.version === 0) throw new HttpProblem(409, { code: 'too-many-films', values: { most: FILM_LIMITS.clips } });
    refuseStale('film', sent, current);
  });

  router.delete('/films/:clip', async (request, response) => {
    if (!(await endFilm(pool, actorOf(request).clubId, read(ClipName, request.params.clip)))) throw notFound('film');
    response.status(204).end();
  });
  return router;
}
