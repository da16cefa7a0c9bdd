import { spawn, spawnSync } from 'node:child_process';
import { chownSync, cpSync, existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, relative } from 'node:path';
import { filesBelow, isRoot, root } from './project.mjs';

/**
 * Both commands on machines where nothing was installed by hand, tried in copies of the sources: as root in a closed folder whose
 * path holds blanks and an umlaut and with nothing under /var/lib, as a user who is not root, and as one who lacks PostgreSQL.
 */

/** Tells whether this process may have mounts of its own, which hide from its children what another machine would not have. */
const ownMounts = () => isRoot && spawnSync('unshare', ['-m', 'true']).status === 0;

/** A command in mounts of its own where these folders are empty. */
const hiding = (folders, command) => [
  'unshare',
  ['-m', 'sh', '-c', `${folders.map((folder) => `mount -t tmpfs none ${folder}`).join(' && ')} && exec "$@"`, 'sh', ...command],
];

/** A user of this machine who is not root; without a home that anybody could write to. */
function nobody() {
  const [, , uid, gid] = readFileSync('/etc/passwd', 'utf8')
    .split('\n')
    .find((row) => row.startsWith('nobody:'))
    .split(':');
  return { uid: Number(uid), gid: Number(gid) };
}

function copySources(to) {
  for (const file of filesBelow(root)) {
    const place = join(to, relative(root, file));
    mkdirSync(dirname(place), { recursive: true });
    cpSync(file, place);
  }
}

const PACKAGES = ['node_modules', 'web/node_modules', 'server/node_modules'];
const WEB = ['web/dist', 'web/.angular/stamp'];
const BUILT = ['server/dist', ...WEB];

/** What was installed or built, as links where nothing is written to it. */
function copyFolders(from, to, folders) {
  for (const folder of folders.filter((one) => existsSync(join(from, one)))) {
    mkdirSync(dirname(join(to, folder)), { recursive: true });
    spawnSync('cp', ['-al', join(from, folder), join(to, folder)]);
  }
}

function give(folder, user) {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    if (entry.isDirectory() && entry.name !== 'node_modules') give(join(folder, entry.name), user);
  }
  chownSync(folder, user.uid, user.gid);
}

/** Runs a command and hears what it says, until it has said `enough` or has ended. */
function hear([command, args], { cwd, env, user }, enough = null) {
  const child = spawn(command, args, { cwd, env, detached: true, stdio: ['ignore', 'pipe', 'pipe'], ...(user ?? {}) });
  const heard = { said: '', code: null };
  const ended = new Promise((done) =>
    child.once('close', (code) => {
      heard.code = code;
      done(heard);
    }),
  );
  const enoughSaid = new Promise((done) => {
    for (const stream of [child.stdout, child.stderr]) {
      stream.on('data', (chunk) => {
        heard.said += chunk;
        if (enough?.test(heard.said)) done(heard);
      });
    }
  });
  return {
    until: () => Promise.race([enoughSaid, ended]),
    /** As Ctrl-C does: to everybody of the group. */
    stop: async () => {
      if (heard.code === null) process.kill(-child.pid, 'SIGINT');
      return ended;
    },
    ended,
  };
}

/** `npm start` until it says where it is, asked whether it works, and ended as by Ctrl-C. */
async function startsAndStops(command, where) {
  const start = hear(command(['npm', 'start', '--', '--port', '0']), where, /Hopsk is at \S+[^]*Ctrl-C stops it/);
  try {
    const { said } = await start.until();
    const url = /Hopsk is at (\S+)/.exec(said)?.[1];
    if (url === undefined) return said;
    const health = await (await fetch(`${url}/api/health`)).text();
    if (health !== '{"ok":true,"database":true,"room":true}') return `${said}\n${url}/api/health says ${health}`;
    const door = await (await fetch(`${url}/enter`)).text();
    if (!door.includes('<hop-root')) return `${said}\n${url}/enter shows no app:\n${door.slice(0, 500)}`;
  } finally {
    await start.stop();
  }
  return null;
}

/** Some stages of the test command, with database and browser in them. */
async function tests(command, where, words) {
  const { said, code } = await hear(command(['npm', 'test', '--', ...words]), where).ended;
  return code === 0 && /^[1-9]\d* passed, 0 failed$/m.test(said) ? null : said;
}

/** A command that ends with the one line to type. */
async function says(command, where, line) {
  const { said, code } = await hear(command, where).ended;
  return code !== 0 && said.includes(line) && !/^\s+at /m.test(said) ? null : `expected: ${line}\n${said}`;
}

const asIs = ([command, ...args]) => [command, args];

async function asRoot(folder) {
  const clone = join(folder, 'geschlossen', 'Übungen der Halle');
  mkdirSync(join(folder, 'geschlossen'), { mode: 0o700 });
  copySources(clone);
  // Installing them is tried by whatever machine runs this.
  copyFolders(root, clone, PACKAGES);
  const where = { cwd: clone, env: cleanEnv() };
  const command = (words) => hiding(['/var/lib'], words);
  return {
    clone,
    trouble: (await startsAndStops(command, where)) ?? (await tests(command, where, ['server', 'end to end', '--only', 'door'])),
  };
}

async function asUser(folder, built) {
  const clone = join(folder, 'offen');
  const user = nobody();
  copySources(clone);
  copyFolders(built, clone, [...PACKAGES, ...BUILT]);
  give(clone, user);
  const home = join(folder, 'home');
  mkdirSync(home);
  chownSync(home, user.uid, user.gid);
  const where = { cwd: clone, env: { ...cleanEnv(), HOME: home }, user };
  const trouble = (await startsAndStops(asIs, where)) ?? (await tests(asIs, where, ['end to end', '--only', 'fed']));
  return { clone, home, user, trouble };
}

/** A user without root on a machine without PostgreSQL is told the one line that puts it there. */
function asUserWithout({ clone, home, user }) {
  const where = { cwd: clone, env: { ...cleanEnv(), HOME: home, PATH: `${dirname(process.execPath)}:/usr/bin:/bin` } };
  const drop = ['setpriv', `--reuid=${user.uid}`, `--regid=${user.gid}`, '--clear-groups', 'npm', 'start'];
  return says(hiding(['/usr/lib/postgresql'], drop), where, 'sudo apt-get install -y --no-install-recommends postgresql');
}

/** The environment of a person's shell, without what our own test run put there. */
function cleanEnv() {
  return Object.fromEntries(Object.entries(process.env).filter(([name]) => !/^(HOPSK_|npm_|DATABASE_URL$|INIT_CWD$)/.test(name)));
}

/** Gives how many of the machines were fine; what could not be tried says why. */
export async function tryFresh() {
  if (!ownMounts()) return { passed: 0, failed: 0, note: 'left out: only root with mounts of its own can play another machine' };
  const folder = mkdtempSync(join(tmpdir(), 'hopsk-fresh-'));
  spawnSync('chmod', ['755', folder]);
  try {
    const first = await asRoot(folder);
    if (first.trouble !== null) return failed('as root in a closed folder', first.trouble);
    // The same sources were built there: nobody builds them again here.
    for (const built of WEB) rmSync(join(root, built), { recursive: true, force: true });
    copyFolders(first.clone, root, WEB);
    const second = await asUser(folder, first.clone);
    if (second.trouble !== null) return failed('as a user without root', second.trouble);
    const third = await asUserWithout(second);
    if (third !== null) return failed('as a user without root or PostgreSQL', third);
    return { passed: 3, failed: 0 };
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

const failed = (who, trouble) => ({ passed: 0, failed: 1, output: `${who}:\n${trouble}` });
