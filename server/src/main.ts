import { createServer, type Server } from 'node:http';
import { Server as SecureServer } from 'node:https';
import type { AddressInfo } from 'node:net';
import { createApp } from './app.js';
import { readConfig } from './config.js';
import { CountingThreads } from './counting/threads.js';
import { makeReady } from './ready.js';
import { openPool } from './db/pool.js';
import { one } from './db/sql.js';
import { eitherServer } from './http/either.js';
import { isOwnName } from './http/hosts.js';
import { makeLog } from './http/log.js';
import { sayHttps } from './http/plain.js';
import { phonePage } from './lan.js';
import { keepAsLong } from './people/keeping.js';

/** How often it is looked what is kept no longer (ms). */
const KEEPING = 6 * 3600 * 1000;

/** Starts the server, tells its parent the port it got, and stops cleanly on a signal. */
async function main(): Promise<void> {
  const config = readConfig(process.env);
  const log = makeLog(config.log);
  const pool = openPool(config.databaseUrl, (error) => log.warn({ name: error.name }, 'a database connection was lost'));
  await makeReady(pool);
  let port = config.port;
  const counts = new CountingThreads((why) => log.warn({ why }, 'a run could not be counted'));
  const say = (sentence: string): void => {
    log.warn(sentence);
    process.send?.({ say: sentence });
  };
  if (await one(pool, 'superuser').then((row) => row !== null))
    say('The database is reached by a superuser of it: give Hopsk a role of its own that owns its database and nothing else.');
  const app = createApp(config, { pool, counts }, log, () => phonePage(config, port), say);
  const plain = sayHttps(isOwnName(config.names, config.tls?.own ? config.tls.cert : null));
  const servers: Server[] = [];
  for (const host of config.hosts) {
    const server = config.tls ? eitherServer(config.tls, app, plain) : createServer(app);
    // A club file of a gigabyte over the network of a hall takes a while.
    server.requestTimeout = 1800_000;
    servers.push(server);
    await new Promise<void>((done, fail) => server.once('error', fail).listen(port, host, done));
    // Port 0 asks for any free one; further addresses then take the same.
    port = (server.address() as AddressInfo).port;
  }
  process.send?.({ port });
  const keeping = async (): Promise<void> => {
    try {
      const went = await keepAsLong(pool);
      if (went.runs + went.left + went.again > 0) log.info(went, 'kept no longer');
    } catch (error) {
      log.warn({ name: (error as Error).name }, 'what is kept no longer could not be taken away');
    }
  };
  const keeper = setInterval(() => void keeping(), KEEPING);
  void keeping();
  // The addresses of the machine changed, and with them the certificate.
  process.on('message', (message) => {
    if (message !== 'certificate') return;
    const { tls } = readConfig(process.env);
    for (const server of servers) if (tls && server instanceof SecureServer) server.setSecureContext(tls);
  });

  const stop = (): void => {
    clearInterval(keeper);
    for (const server of servers) {
      server.close();
      server.closeAllConnections();
    }
    void Promise.all([pool.end(), counts.end()]).finally(() => process.exit(0));
  };
  process.once('SIGINT', stop);
  process.once('SIGTERM', stop);
  process.once('disconnect', stop);
}

main().catch((error: unknown) => {
  const code = (error as { code?: unknown }).code;
  console.error(
    code === 'EADDRINUSE'
      ? 'The port is in use by another program. Choose another with --port.'
      : error instanceof Error
        ? error.message
        : error,
  );
  process.exit(1);
});
