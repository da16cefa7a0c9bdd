import {
  closeSync,
  existsSync,
  mkdtempSync,
  openSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
  writeSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type pg from 'pg';
import { NpmStart } from './npm-start.js';
import { roll } from '../scripts/lib/rolled.mjs';
import { asked, fillDatabase, withDatabase } from '../scripts/lib/postgres.mjs';
import { startServer } from '../scripts/lib/server.mjs';
import { accessible, enterDemo, expect, test } from './support.js';

const lock = (data: string): string => join(data, 'postgres/postmaster.pid');

test.describe('npm start', () => {
  test.slow();

  test('first start, second start, one at a time, and a clean stop', async ({ request }) => {
    const start = await NpmStart.begin();
    try {
      const url = await start.address();
      expect(url).toMatch(/^http:\/\/127\.0\.0\.1:\d+$/);
      for (const step of ['packages: there', 'database:', 'server: fresh', 'web app: fresh', 'demo club: 12 athletes'])
        expect(start.said).toContain(step);
      expect(await (await request.get(`${url}/api/health`)).json()).toEqual({ ok: true, database: true, room: true });

      const second = NpmStart.on(start.data);
      expect(await second.exit()).toBe(1);
      expect(second.said).toContain('Hopsk is running from this folder already');
      expect((await request.get(`${url}/api/health`)).status()).toBe(200);

      expect(existsSync(lock(start.data))).toBe(true);
      expect(await start.stop('SIGINT')).toBe(0);
      expect(existsSync(lock(start.data))).toBe(false);

      const again = NpmStart.on(start.data);
      const later = await again.address();
      expect(again.said).toContain('demo club: a club is there already');
      await request.post(`${later}/api/demo`);
      expect(((await (await request.get(`${later}/api/athletes`)).json()) as unknown[]).length).toBe(12);
      expect(await again.stop('SIGTERM')).toBe(0);
    } finally {
      await start.end();
    }
  });

  test('a server or a database that is killed is there again at the same place, and it is said', async ({ request }) => {
    const start = await NpmStart.begin();
    try {
      const url = await start.address();
      await request.post(`${url}/api/demo`);
      const athletes = async (): Promise<number> => ((await (await request.get(`${url}/api/athletes`)).json()) as unknown[]).length;
      expect(start.said).toContain('This is an open demo, reached from this machine only');
      process.kill(start.server(), 'SIGKILL');
      await start.says(/The server ended by itself[^]*It is there again/);
      expect(await athletes()).toBe(12);
      process.kill(Number(readFileSync(lock(start.data), 'utf8').split('\n')[0]), 'SIGKILL');
      await start.says(
        /The database ended by itself[^]*It is there again[^]*It is there again|The database ended by itself[^]*It is there again/,
      );
      await expect.poll(() => athletes().catch(() => 0)).toBe(12);
      expect(await start.stop('SIGINT')).toBe(0);
      expect(existsSync(lock(start.data))).toBe(false);
    } finally {
      await start.end();
    }
  });

  test('the demo goes for good: nobody on the network is let into it unasked, and the house is its own when its owner says so', async ({
    page,
  }) => {
    const start = await NpmStart.begin();
    const refused = async (...options: string[]): Promise<string> => {
      const other = NpmStart.on(start.data, ...options);
      expect(await other.exit()).toBe(1);
      return other.said;
    };
    try {
      expect(statSync(join(start.data, 'demo/coaches.json')).mode & 0o077).toBe(0);
      await enterDemo(page, await start.address());
      await page.goto(`${await start.address()}/club`);
      await page.getByRole('button', { name: 'make this house my own' }).click();
      const dialog = page.getByRole('dialog');
      await dialog.getByRole('textbox').fill('yours');
      await dialog.getByRole('button', { name: 'make this house my own' }).click();
      await expect(dialog).toContainText('type: my own');
      await dialog.getByRole('button', { name: 'keep the demo' }).click();
      await expect(dialog).toBeHidden();
      await start.stop('SIGINT');
      expect(await refused('--lan')).toContain('let everybody on the network into the demo with --open-demo');
      expect(await refused('--empty')).toContain('holds the demo club; nothing was changed');

      const again = NpmStart.on(start.data);
      const url = await again.address();
      await enterDemo(page, url);
      await page.goto(`${url}/club`);
      await page.getByRole('button', { name: 'make this house my own' }).click();
      await dialog.getByRole('textbox').fill('My own');
      await dialog.getByRole('button', { name: 'make this house my own' }).click();
      await expect(page.getByRole('heading', { name: 'The first coach' })).toBeVisible();
      await again.stop('SIGINT');
      const last = NpmStart.on(start.data);
      await last.address();
      expect(last.said).toContain('demo club: none: this house is its own');
      expect(last.said).not.toContain('open demo');
      await last.stop('SIGINT');
    } finally {
      await start.end();
    }
  });

  test('a data folder that looks broken is never taken away: what is wrong is said, and put right it opens as it was', async ({
    request,
  }) => {
    const start = await NpmStart.begin('--empty');
    const url = await start.address();
    const coach = { club: 'Harbour', name: 'Ida', email: 'ida@harbour.test', password: 'long enough now' };
    expect((await request.post(`${url}/api/setup`, { data: coach })).status()).toBe(201);
    await start.stop('SIGINT');
    const at = (name: string, folder = start.data): string => join(folder, name);
    const said = async (folder = start.data): Promise<string> => {
      const broken = NpmStart.on(folder);
      expect(await broken.exit()).toBe(1);
      expect(broken.said).not.toContain('    at ');
      return broken.said;
    };
    const moved = `${start.data}-moved`;
    try {
      const secret = readFileSync(at('postgres.secret'), 'utf8');
      renameSync(at('postgres/PG_VERSION'), at('version'));
      expect(await said()).toContain('looks like a database that is broken: its file PG_VERSION is missing. Nothing was changed.');
      expect(existsSync(at('postgres/base'))).toBe(true);
      renameSync(at('version'), at('postgres/PG_VERSION'));

      const version = readFileSync(at('postgres/PG_VERSION'), 'utf8');
      writeFileSync(at('postgres/PG_VERSION'), '9\n');
      expect(await said()).toMatch(/was made by PostgreSQL 9, and this machine has PostgreSQL \d+\. Nothing was changed\./);
      writeFileSync(at('postgres/PG_VERSION'), version);

      renameSync(at('postgres'), at('elsewhere'));
      expect(await said()).toContain('held a database that is not there any more');
      expect(readFileSync(at('postgres.secret'), 'utf8')).toBe(secret);
      renameSync(at('elsewhere'), at('postgres'));

      renameSync(at('postgres.secret'), at('hidden'));
      expect(await said()).toContain('has lost its password file');
      renameSync(at('hidden'), at('postgres.secret'));

      // The number of another process is nobody's start.
      writeFileSync(at('start.pid'), `${process.pid} 1`);
      renameSync(start.data, moved);
      const again = NpmStart.on(moved);
      const later = await again.address();
      expect(again.said).toContain('a club is there already');
      const { email, password } = coach;
      const signIn = { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ email, password }) };
      expect((await fetch(`${later}/api/sign-in`, signIn)).status).toBe(200);
      await again.stop('SIGINT');
    } finally {
      rmSync(moved, { recursive: true, force: true });
      await start.end();
    }
  });

  test('as root in a closed folder that is not there yet, and moved from it, it finds its database', async () => {
    test.skip(process.getuid?.() !== 0, 'only root has folders that the database’s user cannot enter');
    const closed = mkdtempSync(join(tmpdir(), 'hopsk-closed-'));
    const [data, moved] = [join(closed, 'not/there'), join(closed, 'moved')];
    let cluster = '';
    try {
      const first = NpmStart.on(data, '--empty');
      await first.address();
      cluster = readFileSync(join(data, 'postgres.place'), 'utf8').trim();
      await first.stop('SIGINT');
      renameSync(data, moved);
      const second = NpmStart.on(moved);
      await second.address();
      expect(second.said).toContain('none: this house is its own');
      expect(second.said).toContain(cluster);
      await second.stop('SIGINT');
    } finally {
      rmSync(closed, { recursive: true, force: true });
      if (cluster !== '') rmSync(cluster, { recursive: true, force: true });
    }
  });

  test('a database of a newer version of the app, or one that cannot be brought up to date, is said and left as it is', async () => {
    const start = await NpmStart.begin('--empty');
    await start.stop('SIGINT');
    const change = (sql: string): Promise<unknown> => withDatabase(start.data, (url: string) => fillDatabase(url, sql));
    const said = async (): Promise<string> => {
      const other = NpmStart.on(start.data);
      expect(await other.exit()).toBe(1);
      expect(other.said).not.toContain('    at ');
      return other.said;
    };
    try {
      await change("insert into schema_migration (name) values ('9999-tomorrow.sql')");
      expect(await said()).toContain('was last used by a newer Hopsk');
      await change("delete from schema_migration where name in ('9999-tomorrow.sql', '0019-house.sql')");
      expect(await said()).toMatch(/could not be brought up to date \(0019-house\.sql: .*\)\. It is as it was/);
    } finally {
      await start.end();
    }
  });

  test('the app is no superuser of its database, also of one that an earlier version made; its logs are its user’s alone', async ({
    request,
  }) => {
    const start = await NpmStart.begin('--empty');
    await start.stop('SIGINT');
    const roles = (): Promise<string> =>
      withDatabase(start.data, async (url: string) => {
        const sql = `select array_agg(distinct tableowner::text) as owners, (select rolsuper from pg_roles where rolname = current_user) as super
          from pg_tables where schemaname = 'public'`;
        return JSON.stringify((await asked(url, (client: pg.Client) => client.query(sql))).rows[0]);
      });
    const app = JSON.stringify({ owners: ['hopsk_app'], super: false });
    try {
      expect(await roles()).toBe(app);
      const outside = "copy (select 'x') to program 'true'";
      await expect(withDatabase(start.data, (url: string) => fillDatabase(url, outside))).rejects.toThrow(
        /must be superuser|permission denied/,
      );
      // As an earlier version left it: all of it the cluster's own user's.
      await withDatabase(start.data, (_url: string, admin: ((database: string) => string) | null) =>
        fillDatabase(admin?.('hopsk') ?? '', 'reassign owned by hopsk_app to hopsk; alter database hopsk owner to hopsk'),
      );
      const log = (): string => readFileSync(join(start.data, 'log/server.log'), 'utf8');
      expect(log()).not.toContain('superuser');
      await withDatabase(start.data, async (_url: string, admin: ((database: string) => string) | null) => {
        const server = await startServer(start.data, { DATABASE_URL: admin?.('hopsk') ?? '', HOPSK_PORT: '0' });
        await server.stop();
      });
      expect(log()).toContain('reached by a superuser');
      const again = NpmStart.on(start.data);
      expect((await request.get(`${await again.address()}/api/health`)).status()).toBe(200);
      await again.stop('SIGINT');
      expect(await roles()).toBe(app);
      for (const name of ['server.log', 'postgres.log']) expect(statSync(join(start.data, 'log', name)).mode & 0o077).toBe(0);
    } finally {
      await start.end();
    }
  });

  test('a log begins anew when it is long, and so many earlier ones are kept; who writes to it goes on', () => {
    const folder = mkdtempSync(join(tmpdir(), 'hopsk-log-'));
    const file = join(folder, 'server.log');
    const writer = openSync(file, 'a', 0o644);
    for (let n = 0; n < 9; n++) {
      writeSync(writer, `${n}`.repeat(60));
      roll(file, { most: 100, kept: 2 });
    }
    closeSync(writer);
    expect(readdirSync(folder).sort()).toEqual(['server.log', 'server.log.1', 'server.log.2']);
    expect(['', '.1', '.2'].map((end) => readFileSync(`${file}${end}`, 'utf8'))).toEqual([
      '8'.repeat(60),
      '6'.repeat(60) + '7'.repeat(60),
      '4'.repeat(60) + '5'.repeat(60),
    ]);
    for (const name of readdirSync(folder)) expect(statSync(join(folder, name)).mode & 0o077).toBe(0);
    rmSync(folder, { recursive: true });
  });

  test('a run that was killed leaves its locks; the next one takes them over', async ({ request }) => {
    const start = await NpmStart.begin('--empty');
    const postmaster = Number(readFileSync(lock(start.data), 'utf8').split('\n')[0]);
    await start.stop('SIGKILL');
    // The database too, as when the power goes.
    process.kill(postmaster, 'SIGKILL');
    expect(existsSync(lock(start.data))).toBe(true);
    const again = NpmStart.on(start.data, '--empty');
    try {
      const url = await again.address();
      expect((await request.get(`${url}/api/health`)).status()).toBe(200);
    } finally {
      await again.end();
    }
  });

  test('--empty: the first coach makes the club, and the demo door is not there', async ({ page }) => {
    const start = await NpmStart.begin('--empty');
    try {
      await page.goto(await start.address());
      await expect(page.getByRole('heading', { name: 'The first coach' })).toBeVisible();
      await expect(page.getByRole('button', { name: /demo/ })).toHaveCount(0);
      await accessible(page);
      await page.getByLabel('club', { exact: true }).fill('Harbour');
      await page.getByLabel('your name').fill('Ida');
      await page.getByLabel('e-mail address').fill('ida@harbour.test');
      await page.getByLabel('password').fill('short');
      await page.getByRole('button', { name: 'make the club' }).click();
      await expect(page.getByRole('alert')).toHaveText('needs at least 10 characters');
      await page.getByLabel('password').fill('long enough now');
      await page.getByRole('button', { name: 'make the club' }).click();
      // A new club says what to do next, on every screen.
      await expect(page.getByRole('heading', { name: 'Nobody here yet' })).toBeVisible();
      await page.getByRole('link', { name: 'stance', exact: true }).click();
      await expect(page.getByRole('heading', { name: 'Add an athlete first' })).toBeVisible();
      await page.getByRole('link', { name: 'steps', exact: true }).click();
      await expect(page.getByRole('heading', { name: 'No patterns yet' })).toBeVisible();
      await page.getByRole('link', { name: 'floor', exact: true }).click();
      await expect(page.getByText('Add an athlete first; then rounds can run.').first()).toBeVisible();
      await page.getByRole('link', { name: 'faults', exact: true }).click();
      await expect(page.getByRole('heading', { name: 'Choose an athlete' })).toBeVisible();
      expect((await page.context().request.post(`${await start.address()}/api/demo`)).status()).not.toBe(200);
    } finally {
      await start.end();
    }
  });

  test('options that make no sense end with a plain sentence', async () => {
    for (const [options, sentence] of [
      [['--port', '99999'], '--port 99999 is no port.'],
      [['--cert', 'x.pem'], '--cert needs --key'],
      [['--tls'], 'Unknown option'],
      [
        ['--empty', '--port', new URL(process.env['HOPSK_E2E_URL'] ?? '').port],
        'The port is in use by another program. Choose another with --port.',
      ],
    ] as const) {
      const start = NpmStart.on(NpmStart.folder(), ...options);
      expect(await start.exit()).toBe(1);
      expect(start.said).toContain(sentence);
      expect(start.said).not.toContain('    at ');
      rmSync(start.data, { recursive: true, force: true });
    }
  });
});
