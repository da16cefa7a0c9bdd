import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { backup, restore } from '../scripts/lib/backup.mjs';
import { exec, node } from '../scripts/lib/project.mjs';
import { OwnHouse } from './own-house.js';
import { expect, test } from './support.js';

async function sql<T extends pg.QueryResultRow>(url: string, text: string): Promise<T[]> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    return (await client.query<T>(text)).rows;
  } finally {
    await client.end();
  }
}

/** How many rows each table has. */
async function counts(url: string): Promise<Record<string, number>> {
  const tables = await sql<{ name: string }>(url, `select table_name as name from information_schema.tables where table_schema = 'public'`);
  const found: Record<string, number> = {};
  // Who is signed in changes with each request.
  for (const { name } of tables)
    if (!name.startsWith('sign_in')) found[name] = (await sql<{ n: number }>(url, `select count(*)::int as n from "${name}"`))[0]?.n ?? -1;
  return found;
}

test('a backup of the whole server while it runs, and back again: the same counts, and what stood there is kept', async ({ request }) => {
  const house = await OwnHouse.open();
  const folder = mkdtempSync(join(tmpdir(), 'hopsk-backups-'));
  try {
    const before = await counts(house.databaseUrl);
    expect(before['run_event']).toBeGreaterThan(1000);
    const { file } = await backup(house.databaseUrl, folder, 2);
    await sql(house.databaseUrl, `update athlete set name = 'Changed since'; delete from tally`);
    expect((await counts(house.databaseUrl))['tally']).toBe(0);

    // Half of it is no backup: nothing changes.
    const half = join(folder, 'half.dump');
    const whole = readFileSync(file);
    writeFileSync(half, whole.subarray(0, whole.length / 2));
    await expect(restore(house.databaseUrl, half)).rejects.toThrow(/pg_restore failed/);
    expect((await counts(house.databaseUrl))['tally']).toBe(0);

    const kept = await restore(house.databaseUrl, file);
    expect(await counts(house.databaseUrl)).toEqual(before);
    // The server goes on with what is there now.
    await expect.poll(async () => (await request.get(`${house.url}/api/health`)).status()).toBe(200);
    expect((await request.post(`${house.url}/api/demo`)).status()).toBe(200);
    const athletes = (await (await request.get(`${house.url}/api/athletes`)).json()) as { name: string }[];
    expect(athletes.map(({ name }) => name)).not.toContain('Changed since');
    const old = new URL(house.databaseUrl);
    old.pathname = `/${kept.before}`;
    expect((await sql<{ name: string }>(old.href, 'select distinct name from athlete'))[0]?.name).toBe('Changed since');

    // Whoever was erased since the backup was made does not come back with it.
    const cookie = (await request.storageState()).cookies.find(({ name }) => name === 'XSRF-TOKEN')?.value ?? '';
    const [erased] = (await (await request.get(`${house.url}/api/athletes`)).json()) as { id: string; name: string }[];
    const erase = { data: { name: erased?.name }, headers: { 'X-XSRF-TOKEN': cookie } };
    expect((await request.post(`${house.url}/api/athletes/${erased?.id}/erase`, erase)).status()).toBe(204);
    await restore(house.databaseUrl, file);
    expect((await sql(house.databaseUrl, 'select from athlete where erased_in is null')).length).toBe(before['athlete']);
    const env = { ...process.env, DATABASE_URL: house.databaseUrl };
    expect(execFileSync(node, ['server/dist/erase-again.mjs'], { env, encoding: 'utf8' })).toContain('erased again: 1.');
    expect(await sql(house.databaseUrl, `select from athlete where id = '${erased?.id}'`)).toEqual([]);

    // The newest two are kept; what is not ours stays.
    await backup(house.databaseUrl, folder, 2);
    const { gone } = await backup(house.databaseUrl, folder, 2);
    expect(gone.length).toBe(1);
    expect(file.endsWith(gone[0] ?? '?')).toBe(true);
    expect(readdirSync(folder).length).toBe(3);
  } finally {
    rmSync(folder, { recursive: true, force: true });
    await house.close();
  }
});

test('what cannot be backed up or restored is said in a sentence', async () => {
  const said = async (...args: string[]) => (await exec(node, args)).output;
  const empty = mkdtempSync(join(tmpdir(), 'hopsk-nothing-'));
  try {
    expect(await said('scripts/backup.mjs', '--data', empty)).toContain(`There is no database in ${empty}.`);
    expect(await said('scripts/backup.mjs', '--keep', '0')).toContain('--keep takes a whole number from 1');
    expect(await said('scripts/restore.mjs', join(empty, 'none.dump'))).toContain('There is no file');
    expect(await said('scripts/restore.mjs')).toContain('One backup is restored at a time.');
  } finally {
    rmSync(empty, { recursive: true });
  }
});
