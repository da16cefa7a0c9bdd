import { RecordsAsked } from '@hopsk/contract/session';
import { SessionSave } from '@hopsk/contract/session-draft';
import { Router } from 'express';
import type { Backing } from '../backing.js';
import { readsBooks } from '../http/access.js';
import { idOf, notFound, read } from '../http/problem.js';
import { archiveRoute, listRoutes, saveRoutes } from '../http/records.js';
import { actorOf } from '../http/sign-in.js';
import { addSession, archiveSession, getSession, listSessions, listSessionVersions, saveSession } from './sessions.js';
import { stageRecords } from './record.js';

/** Sessions, their versions, and what their runs say of each stage. */
export function sessionRoutes(backing: Backing): Router {
  const { pool } = backing;
  const router = Router();
  router.get('/sessions/:id/versions', async (request, response) => {
    const versions = await listSessionVersions(pool, actorOf(request).clubId, idOf(request, 'session'));
    if (versions.length === 0) throw notFound('session');
    response.json(versions);
  });
  router.get('/stage-records', async (request, response) => {
    const { athlete, session } = read(RecordsAsked, request.query);
    response.json(await stageRecords(backing, actorOf(request).clubId, athlete, session));
  });
  listRoutes(router, pool, 'sessions', 'session', listSessions, undefined, (actor, session) => {
    const { offered: _, ...rest } = session;
    return readsBooks(actor) ? session : rest;
  });
  saveRoutes(router, pool, 'sessions', 'session', SessionSave, {
    add: addSession,
    save: saveSession,
    get: getSession,
  });
  archiveRoute(router, pool, 'sessions', 'session', archiveSession);
  return router;
}
