import { CLIP_LIMITS, ClipName, ClipSent, pieceBytes, PieceNumber, type ClipHeld } from '@hopsk/contract/films';
import express, { Router, type Request } from 'express';
import type { Backing } from '../backing.js';
import { transaction } from '../db/pool.js';
import { one, type Db } from '../db/sql.js';
import { HttpProblem, notFound, read } from '../http/problem.js';
import { actorOf } from '../http/sign-in.js';
import { looked } from '../people/looks.js';
import { getRules } from '../people/rules.js';
import { getFilm } from './films.js';

const nameOf = (request: Request<{ clip: string }>): string => read(ClipName, request.params.clip);
const pieceOf = (request: Request<{ piece: string }>): number => read(PieceNumber, request.params.piece);

/** Clips themselves, where a club's rules let them be kept with it: in pieces, so that what breaks off goes on. */
export function clipRoutes({ pool }: Backing): Router {
  const router = Router();

  router.get('/films/:clip/clip', async (request, response) => {
    response.json(await heldOf(pool, actorOf(request).clubId, nameOf(request)));
  });

  router.put('/films/:clip/clip', async (request, response) => {
    const { clubId, id } = actorOf(request);
    const [clip, { bytes, type }] = [nameOf(request), read(ClipSent, request.body)];
    await refuseWhereTheyStay(pool, clubId);
    // It goes with what was marked in it, and with whom it shows.
    if (!(await getFilm(pool, clubId, clip))) throw notFound('film');
    if (!(await one(pool, 'clip-begin', clubId, clip, bytes, type, id, CLIP_LIMITS.club)))
      throw new HttpProblem(409, { code: 'no-room-for-clips', values: { gigabytes: CLIP_LIMITS.club / 1e9 } });
    response.json(await heldOf(pool, clubId, clip));
  });

  router.put('/films/:clip/clip/:piece', express.raw({ type: () => true, limit: CLIP_LIMITS.piece }), async (request, response) => {
    const { clubId } = actorOf(request);
    const [clip, n, body] = [nameOf(request), pieceOf(request), request.body as unknown];
    await refuseWhereTheyStay(pool, clubId);
    response.json(
      await transaction(pool, async (db) => {
        if (!(await one(db, 'clip-lock', clubId, clip))) throw notFound('film');
        const { bytes } = await heldOf(db, clubId, clip);
        if (!Buffer.isBuffer(body) || body.length === 0 || body.length !== pieceBytes(bytes ?? 0, n))
          throw new HttpProblem(422, { code: 'wrong-piece', values: {} });
        await one(db, 'clip-piece-set', clubId, clip, n, body);
        await one(db, 'clip-whole', clubId, clip);
        return heldOf(db, clubId, clip);
      }),
    );
  });

  router.get('/films/:clip/clip/:piece', async (request, response) => {
    const actor = actorOf(request);
    const [clip, n] = [nameOf(request), pieceOf(request)];
    const film = await getFilm(pool, actor.clubId, clip);
    const piece = film && (await one<{ body: Buffer }>(pool, 'clip-piece', actor.clubId, clip, n));
    if (!piece) throw notFound('film');
    const { athlete } = film.work;
    if (athlete !== null && n === 0) await looked(pool, actor, 'looked', { athlete });
    response.type('application/octet-stream').send(piece.body);
  });

  router.delete('/films/:clip/clip', async (request, response) => {
    if (!(await one(pool, 'clip-end', actorOf(request).clubId, nameOf(request)))) throw notFound('film');
    response.status(204).end();
  });
  return router;
}

async function heldOf(db: Db, clubId: string, clip: string): Promise<ClipHeld> {
  const { clips } = await getRules(db, clubId);
  const held = await one<Omit<ClipHeld, 'days'> & Record<string, unknown>>(db, 'clip-of', clubId, clip);
  return { days: clips ?? 0, ...(held ?? { bytes: null, type: '', whole: false, has: [] }) };
}

async function refuseWhereTheyStay(db: Db, clubId: string): Promise<void> {
  if (((await getRules(db, clubId)).clips ?? 0) === 0) throw new HttpProblem(409, { code: 'clips-stay', values: {} });
}
