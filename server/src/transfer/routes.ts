import { ClubFile } from '@hopsk/contract/club-file';
import express, { Router } from 'express';
import { transaction, type Pool } from '../db/pool.js';
import { read } from '../http/problem.js';
import { actorOf } from '../http/sign-in.js';
import { exportClub, importClub } from './club-file.js';

/** The club as a file, out and in. */
export function transferRoutes(pool: Pool): Router {
  const router = Router();
  router.get('/export', async (request, response) => {
    const file = await exportClub(pool, actorOf(request).clubId);
    response.attachment('club.hopsk.json').json(file);
  });
  router.post('/import', express.json({ limit: '40mb' }), async (request, response) => {
    const { clubId } = actorOf(request);
    const file = read(ClubFile, request.body);
    response.json(await transaction(pool, (db) => importClub(db, clubId, file)));
  });
  return router;
}
