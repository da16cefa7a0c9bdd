import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { isIP } from 'node:net';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { buildServer, buildWeb } from './lib/build.mjs';
import { loadDemo } from './lib/demo.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { dataFolder, failed, must, node, Plain, root, step } from './lib/project.mjs';
import { startServer } from './lib/server.mjs';

const help = `npm start -- [options]
  --port N           listen on this port (4180)
  --empty            a new database starts without the demo club
  --lan              let phones and the hall screen reach it, over HTTPS
  --host ADDRESS     with --lan: listen on this address only (all of the machine's)
  --cert F --key F   the club's own certificate instead of a made one
  --trust-proxy A    addresses of a proxy in front that is trusted to say who asks
  --data FOLDER      keep the database here (.data)
DATABASE_URL names a PostgreSQL of the club's own instead of one in the data folder.`;

function options() {
  try {
    const { values } = parseArgs({
      options: {
        port: { type: 'string', default: '4180' },
        empty: { type: 'boolean', default: false },
        lan: { type: 'boolean', default: false },
        host: { type: 'string', default: '0.0.0.0' },
        cert: { type: 'string' },
        key: { type: 'string' },
        'trust-proxy': { type: 'string' },
        data: { type: 'string' },
        help: { type: 'boolean', default: false },
      },
    });
    const port = Number(values.port);
    if (!Number.isInteger(port) || port < 0 || port > 65535) throw new Error(`--port ${values.port} is no port.`);
    if (Boolean(values.cert) !== Boolean(values.key)) throw new Error('--cert needs --key, and --key needs --cert.');
    return { ...values, port, data: values.data ? resolve(values.data) : dataFolder };
  } catch (error) {
    throw new Plain(`${error.message}\n\n${help}`);
  }
}

/** Refuses a second start on the same data while the first one runs; a mark left by a killed run is taken over. */
function takeMark(data) {
  mkdirSync(data, { recursive: true, mode: 0o711 });
  const mark = join(data, 'start.pid');
  if (existsSync(mark)) {
    const pid = readFileSync(mark, 'utf8').trim();
    let alive = false;
    try {
      alive = Number(pid) !== process.pid && readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('start.mjs');
    } catch {
      alive = false;
    }
    if (alive)
      throw new Plain(`Hopsk is running from this folder already (process ${pid}). Stop it there first, or use --data for another one.`);
  }
  writeFileSync(mark, String(process.pid));
  return () => rmSync(mark, { force: true });
}

async function main() {
  const wanted = options();
  if (wanted.help) return console.log(help);
  const undo = [];
  let leaving = null;
  const leave = () =>
    (leaving ??= (async () => {
      for (const act of undo.reverse()) await act();
    })());
  const onSignal = () => {
    process.stdout.write('\nstopping …\n');
    leave().then(
      () => process.exit(0),
      (error) => failed(error),
    );
  };
  process.on('SIGINT', onSignal);
  process.on('SIGTERM', onSignal);
  try {
    undo.push(takeMark(wanted.data));
    await step('packages', ensurePackages);
    let url = process.env.DATABASE_URL;
    await step('database', async () => {
      if (url) return 'the club’s own';
      const database = await startPostgres(wanted.data);
      undo.push(() => database.stop());
      url = database.url;
      return database.cluster;
    });
    await step('server', buildServer);
    await step('web app', buildWeb);
    if (!wanted.empty) await step('demo club', () => loadDemo(url, wanted.data));
    const tls = await certificate(wanted);
    const server = await startServer(wanted.data, {
      DATABASE_URL: url,
      HOPSK_PORT: String(wanted.port),
      HOPSK_HOSTS: wanted.lan ? (wanted.host === '0.0.0.0' ? '0.0.0.0' : `127.0.0.1,${wanted.host}`) : '127.0.0.1',
      ...(tls ? { HOPSK_CERT: tls.cert, HOPSK_KEY: tls.key } : {}),
      ...(wanted['trust-proxy'] ? { HOPSK_TRUST_PROXY: wanted['trust-proxy'] } : {}),
    });
    undo.push(() => server.stop());
    await sayWhere(wanted, tls, server.port);
    void server.ended.then((code) => {
      if (leaving) return;
      console.error(`The server ended by itself (${code}); see ${join(wanted.data, 'log/server.log')}.`);
      leave().finally(() => process.exit(1));
    });
  } catch (error) {
    await leave().catch(() => undefined);
    failed(error);
  }
}

async function certificate(wanted) {
  if (wanted.cert) return { cert: resolve(wanted.cert), key: resolve(wanted.key) };
  if (!wanted.lan) return null;
  return JSON.parse(
    await must(node, [
      join(root, 'server/dist/certificate.mjs'),
      join(wanted.data, 'certificate'),
      ...(isIP(wanted.host) && wanted.host !== '0.0.0.0' ? [wanted.host] : []),
    ]),
  );
}

async function sayWhere(wanted, tls, port) {
  const scheme = tls ? 'https' : 'http';
  console.log(`\nHopsk is at ${scheme}://127.0.0.1:${port}`);
  if (wanted.lan) {
    const { networkInterfaces } = await import('node:os');
    const { default: qr } = await import(join(root, 'node_modules/qrcode/lib/index.js'));
    const nets = Object.values(networkInterfaces()).flatMap((list) => list ?? []);
    const hosts =
      wanted.host === '0.0.0.0' ? nets.filter((net) => net.family === 'IPv4' && !net.internal).map((net) => net.address) : [wanted.host];
    for (const host of hosts) {
      console.log(`\non the network: ${scheme}://${host}:${port}  (trusting the certificate: docs/phone.md)`);
      console.log(await qr.toString(`${scheme}://${host}:${port}`, { type: 'utf8' }));
    }
    if (hosts.length === 0) console.log('This machine has no address on a network just now.');
  }
  console.log('Ctrl-C stops it.');
}

main().catch(failed);
