import type { Hint } from '@hopsk/contract/live';
import { Router, type Request } from 'express';
import { actorOf } from '../http/sign-in.js';
import type { Hints } from './hints.js';
import { stream } from './stream.js';

const stillIn = (request: Request): Promise<boolean> =>
  new Promise((done) => request.session.reload((error: unknown) => done(!error && request.session.coach !== undefined)));

/** Hints as server-sent events: what they hint at is asked for like anything else. */
export function liveRoutes(hints: Hints): Router {
  const router = Router();

  router.get('/live', async (request, response) => {
    const { clubId, id } = actorOf(request);
    await stream(hints, clubId, response, {
      // Whose role is another now asks again, and is let in by that.
      ends: (hint) => hint === JSON.stringify({ member: id } satisfies Hint),
      still: () => stillIn(request),
    });
  });

  return router;
}
