import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { loadDemo } from './demo.mjs';
import { ensureDatabase, startPostgres } from './postgres.mjs';
import { startServer } from './server.mjs';

/** The last day of the demo club's history wherever pictures and tests need it to stand still. */
const DEMO_DAY = '2026-11-21';

/** A throw-away PostgreSQL in a folder of its own; `stop` takes all of it away. */
export async function throwAwayPostgres() {
  // The server's user must be able to enter the folder.
  const data = mkdtempSync(join(tmpdir(), 'hopsk-'));
  chmodSync(data, 0o711);
  const database = await startPostgres(data, { throwAway: true });
  return {
    ...database,
    data,
    stop: async () => {
      await database.stop();
      for (const folder of [database.cluster, data]) rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** Loads the demo club into a fresh database of that server and gives its address. */
async function demoDatabase(postgres, name) {
  await ensureDatabase(postgres.address('postgres'), name);
  await loadDemo(postgres.address(name), postgres.data, DEMO_DAY);
  return postgres.address(name);
}

/** The whole application on a throw-away database with the demo club, on a free port. */
export async function openHouse() {
  const postgres = await throwAwayPostgres();
  try {
    const url = await demoDatabase(postgres, 'hopsk_demo');
    const server = await startServer(postgres.data, { DATABASE_URL: url, HOPSK_PORT: '0', HOPSK_LOG: 'warn' });
    return {
      url: `http://127.0.0.1:${server.port}`,
      /** Of the server. */
      pid: Number(server.child.pid),
      databaseUrl: url,
      postgres,
      stop: async () => {
        await server.stop();
        await postgres.stop();
      },
    };
  } catch (error) {
    await postgres.stop();
    throw error;
  }
}
