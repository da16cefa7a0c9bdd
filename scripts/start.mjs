import { X509Certificate } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { isIP } from 'node:net';
import { hostname, networkInterfaces } from 'node:os';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { buildServer, buildWeb } from './lib/build.mjs';
import { endDemo, houseOf, loadDemo } from './lib/demo.mjs';
import { takeMark } from './lib/mark.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { dataFolder, failed, must, node, Plain, root, step } from './lib/project.mjs';
import { keepRolled } from './lib/rolled.mjs';
import { startServer } from './lib/server.mjs';
import { Watch } from './lib/watch.mjs';

const help = `npm start -- [options]
  --port N           listen on this port (4180)
  --empty            a new house without the demo club, now and later
  --lan              let phones and the hall screen reach it, over HTTPS
  --open-demo        with --lan: everybody on the network may enter the demo club
  --host ADDRESS     with --lan: listen on this address only (all of the machine's)
  --cert F --key F   the club's own certificate instead of a made one
  --name NAMES       host names by which others call it, separated by commas
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
        name: { type: 'string', default: '' },
        'trust-proxy': { type: 'string' },
        'open-demo': { type: 'boolean', default: false },
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
    keepRolled(join(wanted.data, 'log'));
    await step('packages', ensurePackages);
    let database = null;
    await step('database', async () => {
      if (process.env.DATABASE_URL) return 'the club’s own';
      database = await startPostgres(wanted.data);
      return database.cluster;
    });
    let tls = null;
    const watch = new Watch({
      database,
      startDatabase: (wish) => startPostgres(wanted.data, { wish }),
      begin: async (now, port = wanted.port) =>
        startServer(wanted.data, { ...environment(wanted, tls), DATABASE_URL: urlOf(now), HOPSK_PORT: String(port) }),
      give: (why) => {
        console.error(`${why} See ${join(wanted.data, 'log')}.`);
        leave().finally(() => process.exit(1));
      },
    });
    undo.push(() => watch.stop());
    const url = urlOf(database);
    await step('server', buildServer);
    await step('web app', buildWeb);
    await refuse(wanted, await houseOf(url));
    if (!wanted.empty) await step('demo club', () => loadDemo(url, wanted.data));
    const { demo } = await houseOf(url);
    if (demo && wanted.lan && !wanted['open-demo']) throw new Plain(OPEN_DEMO);
    tls = await certificate(wanted);
    const server = await watch.start();
    if (wanted.empty) await endDemo(url);
    if (wanted.lan && !wanted.cert) undo.push(followAddresses(wanted, watch));
    await sayWhere(wanted, tls, server.port, demo);
  } catch (error) {
    await leave().catch(() => undefined);
    failed(error);
  }
}

const urlOf = (database) => database?.url ?? process.env.DATABASE_URL;

const OPEN_DEMO = `This folder holds the demo club, and whoever reaches it enters it without a password: it is not put on a network unasked.
Make the house your own first (npm start, open the club’s page, ‘make this house my own’), or begin another one (--empty --data FOLDER),
or let everybody on the network into the demo with --open-demo.`;

function refuse(wanted, { demo }) {
  if (wanted.empty && demo)
    throw new Plain(
      `${wanted.data} holds the demo club; nothing was changed. Start it without --empty, open the club’s page and press ‘make this house my own’, or use --data FOLDER for another house.`,
    );
}

const environment = (wanted, tls) => ({
  HOPSK_HOSTS: wanted.lan ? (wanted.host === '0.0.0.0' ? '0.0.0.0' : `127.0.0.1,${wanted.host}`) : '127.0.0.1',
  HOPSK_NAMES: [hostname(), `${hostname().split('.')[0]}.local`, ...(tls?.name ? [tls.name] : []), wanted.name].join(','),
  ...(tls ? { HOPSK_CERT: tls.cert, HOPSK_KEY: tls.key } : {}),
  ...(tls?.authority ? { HOPSK_AUTHORITY: tls.authority } : {}),
  ...(wanted.cert ? { HOPSK_CERT_OWN: '1' } : {}),
  ...(wanted['trust-proxy'] ? { HOPSK_TRUST_PROXY: wanted['trust-proxy'] } : {}),
});

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

/** How often it is looked whether the machine has other addresses now, or its certificate is nearly over (ms). */
const LOOKS = 60_000;
const DAY = 24 * 3600 * 1000;

/**
 * Lets the certificate follow the addresses of the machine while it runs; at once where it is told to (SIGUSR2: one of the club's own
 * was renewed, say). Gives how to stop that.
 */
function followAddresses(wanted, watch) {
  const addressesNow = () => JSON.stringify([addresses(), Math.floor(Date.now() / DAY)]);
  let before = addressesNow();
  const follow = async () => {
    try {
      await certificate(wanted);
      watch.server?.child.send('certificate');
    } catch (error) {
      console.error(`The certificate could not follow the addresses of this machine (${error.message.split('\n')[0]}).`);
    }
  };
  const timer = setInterval(() => {
    const now = addressesNow();
    if (now === before) return;
    before = now;
    void follow();
  }, LOOKS);
  process.on('SIGUSR2', follow);
  return () => {
    clearInterval(timer);
    process.off('SIGUSR2', follow);
  };
}

const fingerprint = (file) => new X509Certificate(readFileSync(file)).fingerprint256;

const addresses = () =>
  Object.values(networkInterfaces())
    .flatMap((list) => list ?? [])
    .filter((net) => net.family === 'IPv4' && !net.internal)
    .map((net) => net.address);

async function sayWhere(wanted, tls, port, demo) {
  const scheme = tls ? 'https' : 'http';
  console.log(`\nHopsk is at ${scheme}://127.0.0.1:${port}`);
  if (wanted.lan) {
    const { default: qr } = await import(join(root, 'node_modules/qrcode/lib/index.js'));
    const hosts = wanted.host === '0.0.0.0' ? addresses() : [wanted.host];
    for (const host of hosts) {
      console.log(`\non the network: ${scheme}://${host}:${port}  (trusting the certificate: docs/phone.md)`);
      console.log(await qr.toString(`${scheme}://${host}:${port}`, { type: 'utf8' }));
    }
    if (hosts.length === 0) console.log('This machine has no address on a network just now.');
    for (const address of tls?.left ?? [])
      console.log(`${address} is no private address: this house's certificate cannot speak for it. Use one of your own (--cert, --key).`);
    if (tls?.authority)
      console.log(
        `Phones trust this house once its certificate is installed (docs/phone.md): ${tls.authority}\nfingerprint, to compare: ${fingerprint(tls.authority)}`,
      );
  }
  if (demo)
    console.log(
      wanted.lan
        ? 'This is an open demo: everybody on the network enters it without a password and can change all of it.'
        : 'This is an open demo, reached from this machine only: whoever sits here enters it without a password.',
    );
  console.log('Ctrl-C stops it.');
}

main().catch(failed);
