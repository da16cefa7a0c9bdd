import type { Hint } from '@hopsk/contract/live';
import { Router, type Request } from 'express';
import type { Pool } from '../db/pool.js';
import { HttpProblem } from '../http/problem.js';
import { actorOf } from '../http/sign-in.js';
import { Hints } from './hints.js';

/** Pages of one club that hear at a time. */
const MOST = 200;
/** How often it is looked whether the page is still there, and still signed in (ms). */
const BEAT = 20_000;

const stillIn = (request: Request): Promise<boolean> =>
  new Promise((done) => request.session.reload((error: unknown) => done(!error && request.session.coach !== undefined)));

/** Hints as server-sent events: what they hint at is asked for like anything else. */
export function liveRoutes(pool: Pool): Router {
  const router = Router();
  const hints = new Hints(pool);

  router.get('/live', async (request, response) => {
    const { clubId, id } = actorOf(request);
    if (hints.hearing(clubId) >= MOST) throw new HttpProblem(429, { code: 'too-many', values: {} });
    let leave = (): void => undefined;
    const gone = (): void => {
      clearInterval(beat);
      leave();
    };
    const end = (): void => {
      gone();
      response.end();
    };
    const beat = setInterval(() => {
      response.write('event: beat\ndata:\n\n');
      void stillIn(request).then((still) => (still ? undefined : end()));
    }, BEAT);
    response.on('close', gone);
    try {
      const tell = (hint: string): void => {
        response.write(`data: ${hint}\n\n`);
        // Whose role is another now asks again, and is let in by that.
        if (hint === JSON.stringify({ member: id } satisfies Hint)) end();
      };
      leave = await hints.hear(clubId, { tell, lost: end });
    } catch (error) {
      gone();
      throw error;
    }
    if (response.destroyed) return gone();
    response.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store, no-transform', 'X-Accel-Buffering': 'no' });
    response.write('retry: 3000\n\n');
  });

  return router;
}
