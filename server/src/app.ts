import type { Phone } from '@hopsk/contract/phone';
import compression from 'compression';
import express, { type Express, Router } from 'express';
import type { Logger } from 'pino';
import type { Backing } from './backing.js';
import { KnownDevices } from './club/known-devices.js';
import { passkeyPlace } from './club/passkey-place.js';
import { passkeyRoutes } from './club/passkey-routes.js';
import { clubRoutes, doorRoutes } from './club/routes.js';
import type { Config } from './config.js';
import { isAway } from './db/pool.js';
import { run } from './db/sql.js';
import { hallRoutes } from './hall/routes.js';
import { guard } from './http/access.js';
import { headers } from './http/headers.js';
import { hostGuard, isOwnName } from './http/hosts.js';
import { requestLog } from './http/log.js';
import { httpsFromElsewhere, proxyNotice } from './http/plain.js';
import { answerProblems, notFound } from './http/problem.js';
import { Room } from './http/room.js';
import { actors, guardWrites, sessions } from './http/sign-in.js';
import { webFiles } from './http/static.js';
import { Hints } from './live/hints.js';
import { liveRoutes } from './live/routes.js';
import { patternRoutes } from './patterns/routes.js';
import { bookRoutes } from './people/book-routes.js';
import { coverageRoutes } from './people/coverage-routes.js';
import { loadRoutes } from './people/load-routes.js';
import { otherwiseRoutes } from './otherwise/routes.js';
import { decisionRoutes } from './people/decision-routes.js';
import { peopleDataRoutes } from './people/data-routes.js';
import { peopleRoutes } from './people/routes.js';
import { sessionRoutes } from './sessions/routes.js';
import { runRoutes } from './runs/routes.js';
import { tableRoutes } from './runs/table-routes.js';
import { clipRoutes } from './films/clip-routes.js';
import { filmRoutes } from './films/routes.js';
import { recordedRoutes } from './teaching/recorded-routes.js';
import { teachingRoutes } from './teaching/routes.js';
import { transferRoutes } from './transfer/routes.js';

/** The whole server as one Express application; listening is somebody else's. */
export function createApp(
  config: Pick<Config, 'web' | 'tls' | 'names' | 'authority' | 'trustProxy' | 'sessionSecret' | 'uploads' | 'room'>,
  backing: Backing,
  log: Logger,
  phone: () => Promise<Phone>,
  say: (sentence: string) => void = () => undefined,
): Express {
  const { pool } = backing;
  const app = express();
  const secure = config.tls !== null;
  if (config.trustProxy !== null) app.set('trust proxy', config.trustProxy);
  app.disable('x-powered-by');
  app.use(requestLog(log));
  const own = config.tls?.own ? config.tls.cert : null;
  app.use(proxyNotice(config.trustProxy !== null, say), httpsFromElsewhere, hostGuard(isOwnName(config.names, own)));
  app.use(headers(secure, own !== null));
  app.use(compression());

  const hints = new Hints(pool);
  const room = new Room(config.uploads, config.room);
  const api = Router();
  api.use((_request, response, next) => {
    response.set('Cache-Control', 'no-store');
    next();
  });
  api.get('/health', async (_request, response) => {
    const database = await run(pool, 'ping').then(
      () => true,
      (error: unknown) => {
        if (!isAway(error)) throw error;
        return false;
      },
    );
    response.status(database ? 200 : 503).json({ ok: database, database, room: await room.has() });
  });
  const reached = { secure, own: own !== null, proxied: config.trustProxy !== null };
  api.use(sessions(pool, config.sessionSecret, reached));
  // Who asks, and whether they may, before anything that was sent is read.
  api.use(actors(pool), guardWrites, guard, room.guard);
  // A file with a whole club is large, and read as a stream; every other request is small, and of strangers the smallest.
  const [small, smallest] = [express.json({ limit: '2mb' }), express.json({ limit: '8kb' })];
  api.use((request, response, next) => {
    if (request.path === '/imports') return next();
    return (request.actor ? small : smallest)(request, response, next);
  });
  const [known, place] = [new KnownDevices(config.sessionSecret), passkeyPlace(reached)];
  api.use(doorRoutes(pool, known, place), passkeyRoutes(pool, known, place), clubRoutes(pool));
  api.get('/phone', async (_request, response) => {
    response.json(await phone());
  });
  api.use(
    peopleRoutes(pool),
    bookRoutes(backing),
    coverageRoutes(backing),
    loadRoutes(backing),
    decisionRoutes(backing),
    peopleDataRoutes(pool),
    patternRoutes(pool),
    sessionRoutes(backing),
    runRoutes(backing),
    tableRoutes(backing),
    liveRoutes(hints),
    hallRoutes(backing, hints, config.sessionSecret),
    teachingRoutes(pool),
    recordedRoutes(pool),
    filmRoutes(backing),
    clipRoutes(backing),
    otherwiseRoutes(pool),
    transferRoutes(backing, config.uploads),
  );
  api.use(() => {
    throw notFound('address');
  });
  app.use('/api', api);

  const { authority } = config;
  if (authority !== null)
    app.get('/authority.crt', (_request, response) => {
      // Phones offer to install what comes so.
      response.type('application/x-x509-ca-cert').set('Cache-Control', 'no-cache').sendFile(authority);
    });
  if (config.web !== null) app.use(webFiles(config.web));
  app.use(answerProblems(log));
  return app;
}
