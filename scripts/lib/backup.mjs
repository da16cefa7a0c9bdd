import { chmodSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { APP } from './app-role.mjs';
import { asked, ensurePostgres } from './postgres.mjs';
import { exec, Plain } from './project.mjs';

/** As `backup` names its files: nothing else in the folder is ever taken away. */
const OURS = /^hopsk-\d{4}-\d\d-\d\dT\d\d-\d\d-\d\d-\d{3}\.dump$/;
const stamp = () => new Date().toISOString().replace(/[:.]/g, '-').replace(/Z$/, '');

/** Runs one of PostgreSQL's own programs on a database; what it must not show on its command line goes by the environment. */
async function tool(name, url, args) {
  const at = new URL(url);
  const env = { ...process.env, PGPASSWORD: decodeURIComponent(at.password) };
  at.password = '';
  const { code, output } = await exec(join(await ensurePostgres(), name), [...args, '--dbname', at.href], { env });
  if (code !== 0) throw new Plain(`${name} failed:\n${output.trim().slice(-2000)}`);
  return output;
}

/**
 * Writes the whole database to a file of its own in a folder, as it is at one moment, while the server runs; the newest so many are kept.
 * @returns {Promise<{ file: string, bytes: number, gone: string[] }>}
 */
export async function backup(url, folder, keep) {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const file = join(folder, `hopsk-${stamp()}.dump`);
  const part = `${file}.part`;
  try {
    await tool('pg_dump', url, ['--format=custom', '--no-owner', '--no-privileges', '--file', part]);
    chmodSync(part, 0o600);
    renameSync(part, file);
  } catch (error) {
    rmSync(part, { force: true });
    throw error;
  }
  const ours = readdirSync(folder)
    .filter((name) => OURS.test(name))
    .sort()
    .reverse();
  const gone = ours.slice(keep);
  for (const name of gone) rmSync(join(folder, name));
  return { file, bytes: statSync(file).size, gone };
}

/** Who was erased since the backup was made goes with it, put aside for the app, which erases them again. */
async function carryErased(from, into) {
  const { rows } = await asked(from, async (client) => {
    const { rows } = await client.query("select to_regclass('erased') is not null as known");
    return rows[0].known ? client.query('select club_id, id, at from erased') : { rows: [] };
  });
  await asked(into, async (client) => {
    await client.query(
      'create table if not exists erased_carried (club_id uuid not null, id uuid not null, at timestamptz not null, primary key (club_id, id))',
    );
    for (const { club_id, id, at } of rows)
      await client.query('insert into erased_carried (club_id, id, at) values ($1, $2, $3) on conflict do nothing', [club_id, id, at]);
  });
}

/**
 * Puts a backup in the place of the database, while the server runs. It is read into a database beside it first: what cannot be read
 * whole changes nothing. The one that stood there is kept under another name, which is given back. `admin` gives addresses of databases for who
 * may make them, where the app itself may not; what is read in is the app's all the same.
 */
export async function restore(url, file, admin = null) {
  const at = new URL(url);
  const name = decodeURIComponent(at.pathname.slice(1));
  const beside = `${name}_restored`;
  const before = `${name}_before_${stamp().replace(/\D/g, '')}`;
  const of = (database) => {
    const other = new URL(url);
    other.pathname = `/${encodeURIComponent(database)}`;
    return other.href;
  };
  const to = admin ?? of;
  const id = (client, database) => client.escapeIdentifier(database);
  await asked(to('postgres'), async (client) => {
    await client.query(`drop database if exists ${id(client, beside)}`);
    await client.query(`create database ${id(client, beside)}`);
    if (admin) await client.query(`alter database ${id(client, beside)} owner to ${APP}`);
  });
  try {
    const whose = admin ? ['--role', APP] : [];
    await tool('pg_restore', to(beside), [
      ...['--exit-on-error', '--single-transaction', '--no-owner', '--no-privileges'],
      ...whose,
      resolve(file),
    ]);
    const { rows } = await asked(of(beside), (client) => client.query(`select to_regclass('schema_migration') is not null as ours`));
    if (!rows[0].ours) throw new Plain(`${file} is no backup of Hopsk.`);
  } catch (error) {
    await asked(to('postgres'), (client) => client.query(`drop database if exists ${id(client, beside)}`));
    throw error;
  }
  await carryErased(of(name), of(beside));
  await asked(to('postgres'), async (client) => {
    // Nobody comes in between the two names.
    await client.query(`alter database ${id(client, name)} with allow_connections false`);
    try {
      await client.query('select pg_terminate_backend(pid, 5000) from pg_stat_activity where datname = $1', [name]);
      await client.query(`alter database ${id(client, name)} rename to ${id(client, before)}`);
    } catch (error) {
      await client.query(`alter database ${id(client, name)} with allow_connections true`);
      throw error;
    }
    await client.query(`alter database ${id(client, beside)} rename to ${id(client, name)}`);
    await client.query(`alter database ${id(client, before)} with allow_connections true`);
  });
  return { before };
}
