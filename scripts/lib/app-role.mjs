import { randomBytes } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/** The app's own name in its database: it owns that one, and may nothing else on the server. */
export const APP = 'hopsk_app';

/** The app's password, made once for a data folder. */
export function appSecret(data) {
  const file = join(data, 'postgres.app.secret');
  if (!existsSync(file)) writeFileSync(file, randomBytes(24).toString('base64url'), { mode: 0o600 });
  return readFileSync(file, 'utf8');
}

/** Makes the app's role, or gives it its password again; one for specs may make databases of its own. */
export async function ensureApp(client, password, makes) {
  const { rowCount } = await client.query('select from pg_roles where rolname = $1', [APP]);
  await client.query(
    `${rowCount === 0 ? 'create' : 'alter'} user ${APP} nosuperuser nocreaterole noreplication nobypassrls ${makes ? 'createdb' : 'nocreatedb'} password ${client.escapeLiteral(password)}`,
  );
}

/** All that an earlier version made under another name in the database it is connected to. */
const OTHERS = `
  select 'table' as kind, format('%I.%I', schemaname, tablename) as name from pg_tables where schemaname = 'public' and tableowner <> $1
  union all select 'view', format('%I.%I', schemaname, viewname) from pg_views where schemaname = 'public' and viewowner <> $1
  union all select 'sequence', format('%I.%I', schemaname, sequencename) from pg_sequences where schemaname = 'public' and sequenceowner <> $1
  union all select 'routine', p.oid::regprocedure::text from pg_proc p join pg_roles r on r.oid = p.proowner
    where p.pronamespace = 'public'::regnamespace and r.rolname <> $1
  union all select 'type', format('public.%I', t.typname) from pg_type t join pg_roles r on r.oid = t.typowner
    where t.typnamespace = 'public'::regnamespace and t.typtype in ('e', 'd') and r.rolname <> $1`;

/** Gives the app what is in its database, where that is not its own yet: all of it or nothing. */
export async function giveToApp(client) {
  const { rows } = await client.query(OTHERS, [APP]);
  await client.query('begin');
  await client.query(`alter schema public owner to ${APP}`);
  // A sequence that belongs to a column goes with its table, and refuses to go alone.
  for (const { kind, name } of rows.filter((row) => row.kind !== 'sequence')) await client.query(`alter ${kind} ${name} owner to ${APP}`);
  const { rows: left } = await client.query(OTHERS, [APP]);
  for (const { kind, name } of left) await client.query(`alter ${kind} ${name} owner to ${APP}`);
  await client.query('commit');
}
