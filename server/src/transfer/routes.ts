import { ExportAsk, ImportOpen } from '@hopsk/contract/club-lines';
import { Router } from 'express';
import type { Backing } from '../backing.js';
import { snapshot } from '../db/pool.js';
import { idOf, read } from '../http/problem.js';
import { actorOf } from '../http/sign-in.js';
import { streamed } from '../http/streamed.js';
import { looked } from '../people/looks.js';
import { Exports } from './exports.js';
import { Imports } from './imports.js';
import { sealed } from './sealed.js';
import { clubLines } from './write-lines.js';

/** The club as a file, out and in. */
export function transferRoutes(backing: Backing, folder: string): Router {
  const { pool } = backing;
  const router = Router();
  const imports = new Imports(backing, folder);
  const exports = new Exports();

  router.post('/export', async (request, response) => {
    const { passphrase } = read(ExportAsk, request.body);
    response.status(201).json({ id: await exports.ask(actorOf(request).clubId, passphrase) });
  });
  router.get('/export/:id', async (request, response) => {
    const actor = actorOf(request);
    const { clubId } = actor;
    const key = exports.fetch(clubId, idOf(request, 'file'));
    await exports.one(clubId, async () => {
      await looked(pool, actor, 'club-out');
      await snapshot(pool, async (db) => {
        const lines = clubLines(db, clubId);
        if (key) response.attachment('club.hopsk.age').type('application/octet-stream');
        else response.attachment('club.hopsk.jsonl').type('application/jsonl');
        await streamed(response, key ? sealed(lines, key) : lines);
      });
    });
    // Whoever has it whole may ask for the next one.
    response.end();
  });

  router.post('/imports', async (request, response) => {
    const actor = actorOf(request);
    const announced = Number(request.get('content-length'));
    response.status(201).json(await imports.take(actor, request, Number.isFinite(announced) ? announced : null));
  });
  router.get('/imports/:id', (request, response) => {
    response.json(imports.now(actorOf(request).clubId, idOf(request, 'file')));
  });
  router.post('/imports/:id/open', (request, response) => {
    const { clubId } = actorOf(request);
    const id = idOf(request, 'file');
    imports.now(clubId, id);
    const { passphrase } = read(ImportOpen, request.body);
    response.json(imports.open(clubId, id, passphrase));
  });
  router.post('/imports/:id/add', async (request, response) => {
    const actor = actorOf(request);
    const now = imports.add(actor.clubId, idOf(request, 'file'));
    await looked(pool, actor, 'club-in');
    response.json(now);
  });
  router.delete('/imports/:id', async (request, response) => {
    await imports.cancel(actorOf(request).clubId, idOf(request, 'file'));
    response.status(204).end();
  });
  return router;
}
