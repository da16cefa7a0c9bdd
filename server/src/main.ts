import { createServer, type Server } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import type { AddressInfo } from 'node:net';
import { createApp } from './app.js';
import { readConfig } from './config.js';
import { CountingThreads } from './counting/threads.js';
import { migrate } from './db/migrate.js';
import { openPool } from './db/pool.js';
import { makeLog } from './http/log.js';
import { phonePage } from './lan.js';

/** Starts the server, tells its parent the port it got, and stops cleanly on a signal. */
async function main(): Promise<void> {
  const config = readConfig(process.env);
  const log = makeLog(config.log);
  const pool = openPool(config.databaseUrl, (error) => log.warn({ name: error.name }, 'a database connection was lost'));
  await migrate(pool);
  let port = config.port;
  const counts = new CountingThreads((why) => log.warn({ why }, 'a run could not be counted'));
  const app = createApp(config, { pool, counts }, log, () => phonePage(config, port));
  const servers: Server[] = [];
  for (const host of config.hosts) {
    const server = config.tls ? createSecureServer(config.tls, app) : createServer(app);
    // A club file of a gigabyte over the network of a hall takes a while.
    server.requestTimeout = 1800_000;
    servers.push(server);
    await new Promise<void>((done, fail) => server.once('error', fail).listen(port, host, done));
    // Port 0 asks for any free one; further addresses then take the same.
    port = (server.address() as AddressInfo).port;
  }
  process.send?.({ port });

  const stop = (): void => {
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
