import { readdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import type { QueryResultRow } from 'pg';

// The same way from src/db and from the bundle in dist.
const here = fileURLToPath(new URL('.', import.meta.url));
const root = here.replace(/(src[\\/]db|dist)[\\/]?$/, 'sql/');

const queries = new Map(
  readdirSync(`${root}queries`).map((file) => [file.replace(/\.sql$/, ''), readFileSync(`${root}queries/${file}`, 'utf8')]),
);

export interface Migration {
  readonly name: string;
  readonly text: string;
}

export const migrations: readonly Migration[] = readdirSync(`${root}migrations`)
  .sort()
  .map((name) => ({ name, text: readFileSync(`${root}migrations/${name}`, 'utf8') }));

/** Anything that runs a parameterised query: the pool, or one connection inside a transaction. */
export interface Db {
  query(text: string, values?: unknown[]): Promise<{ rows: QueryResultRow[]; rowCount: number | null }>;
}

/** Runs the query of sql/queries/NAME.sql and gives its rows. */
export async function run<Row extends QueryResultRow>(db: Db, name: string, ...values: unknown[]): Promise<Row[]> {
  const text = queries.get(name);
  if (text === undefined) throw new Error(`There is no query ${name}.sql`);
  return (await db.query(text, values)).rows as Row[];
}

/** As `run`, for queries that give one row or none. */
export async function one<Row extends QueryResultRow>(db: Db, name: string, ...values: unknown[]): Promise<Row | null> {
  return (await run<Row>(db, name, ...values))[0] ?? null;
}
