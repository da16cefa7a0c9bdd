import { spawn } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { bundle } from '../server/build.mjs';
import { loadDemo } from './lib/demo.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { failed, node, root, step, tools } from './lib/project.mjs';
import { startServer } from './lib/server.mjs';

/**
 * For working on it: a database of its own in .data-dev, the server built and started again at each change, the web app with
 * reload at http://127.0.0.1:4200. Ctrl-C stops all of it. Usage: npm run dev
 */
const DATA = join(root, '.data-dev');
const API = 4181;

/** The server as it is now; a change takes it down and brings the new one up. */
class Server {
  running = null;
  turn = Promise.resolve();

  constructor(url) {
    this.url = url;
  }

  /** One after the other: two quick changes never leave two servers. */
  again() {
    this.turn = this.turn.then(async () => {
      await this.running?.stop();
      this.running = null;
      try {
        this.running = await startServer(DATA, { DATABASE_URL: this.url, HOPSK_PORT: String(API), HOPSK_LOG: 'warn' });
        console.log('server: up');
      } catch (error) {
        console.error(`server: ${error.message}`);
      }
    });
    return this.turn;
  }

  async stop() {
    await this.turn;
    await this.running?.stop();
  }
}

async function main() {
  const undo = [];
  const leave = async () => {
    for (const act of undo.reverse()) await act();
  };
  for (const signal of ['SIGINT', 'SIGTERM'])
    process.once(signal, () => {
      console.log('\nstopping …');
      leave().then(() => process.exit(0), failed);
    });
  try {
    mkdirSync(DATA, { recursive: true, mode: 0o711 });
    await step('packages', ensurePackages);
    const database = await startPostgres(DATA);
    undo.push(() => database.stop());
    const server = new Server(database.url);
    undo.push(() => server.stop());
    const { context } = createRequire(join(root, 'server/build.mjs'))('esbuild');
    const watch = await context({
      ...bundle,
      plugins: [
        ...bundle.plugins,
        { name: 'again', setup: (b) => b.onEnd((built) => (built.errors.length === 0 && watched ? void server.again() : undefined)) },
      ],
    });
    let watched = false;
    await watch.rebuild();
    watched = true;
    await step('demo club', () => loadDemo(database.url, DATA));
    await server.again();
    await watch.watch();
    const web = spawn(node, [tools.ng, 'serve'], {
      cwd: join(root, 'web'),
      stdio: 'inherit',
      detached: true,
      env: { ...process.env, NG_CLI_ANALYTICS: 'false' },
    });
    undo.push(() => process.kill(web.pid, 'SIGTERM'));
  } catch (error) {
    await leave().catch(() => undefined);
    failed(error);
  }
}

main().catch(failed);
