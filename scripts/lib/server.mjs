import { fork } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { appendFileSync, closeSync, existsSync, mkdirSync, openSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { node, Plain, root } from './project.mjs';

/** The secret that signs session cookies, made once and kept in the data folder. */
function sessionSecret(data) {
  const file = join(data, 'session.secret');
  if (!existsSync(file)) writeFileSync(file, randomBytes(32).toString('base64url'), { mode: 0o600 });
  return readFileSync(file, 'utf8');
}

/** Starts the bundled server and waits until it listens. Its log goes to `data`/log/server.log. */
export async function startServer(data, env) {
  mkdirSync(join(data, 'log'), { recursive: true });
  const logFile = join(data, 'log', 'server.log');
  const log = openSync(logFile, 'a', 0o600);
  let errors = '';
  const child = fork(join(root, 'server/dist/main.mjs'), [], {
    execPath: node,
    stdio: ['ignore', log, 'pipe', 'ipc'],
    // A Ctrl-C reaches the whole group; the server must live until we end it, before its database goes.
    detached: true,
    env: {
      ...process.env,
      NODE_ENV: 'production',
      HOPSK_WEB: join(root, 'web/dist'),
      HOPSK_UPLOADS: join(data, 'uploads'),
      HOPSK_SESSION_SECRET: sessionSecret(data),
      ...env,
    },
  });
  child.stderr.on('data', (chunk) => {
    errors = `${errors}${chunk}`.slice(-10_000);
    appendFileSync(log, chunk);
  });
  const port = await new Promise((done, fail) => {
    child.on('message', (message) => {
      if (message.port) done(message.port);
      // What the one who started it should know.
      if (message.say) console.error(message.say);
    });
    child.once('exit', () => fail(new Plain(errors.trim() || `The server did not start; see ${logFile}.`)));
  });
  const ended = new Promise((done) => child.once('exit', done));
  void ended.then(() => closeSync(log));
  return {
    port,
    child,
    ended,
    stop: async () => {
      child.kill('SIGTERM');
      await ended;
    },
  };
}
