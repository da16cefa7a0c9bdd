import pg from 'pg';
import type { Db } from './sql.js';

// Timestamps cross the wire as ISO text, as the contract says.
pg.types.setTypeParser(pg.types.builtins.TIMESTAMPTZ, (text) => new Date(text).toISOString());

export type Pool = pg.Pool;

export function openPool(url: string, onLost: (error: Error) => void): Pool {
  const pool = new pg.Pool({ connectionString: url, max: 10, connectionTimeoutMillis: 10_000, idleTimeoutMillis: 30_000 });
  // A connection that breaks while idle must not end the process; the next query opens a new one.
  pool.on('error', onLost);
  return pool;
}

/** Does `work` in one transaction: all of it or nothing. */
export const transaction = <T>(pool: Pool, work: (db: Db) => Promise<T>): Promise<T> => begun(pool, 'begin', work);

/** Reads in `work` what the database held at one moment. */
export const snapshot = <T>(pool: Pool, work: (db: Db) => Promise<T>): Promise<T> =>
  begun(pool, 'begin isolation level repeatable read read only', work);

async function begun<T>(pool: Pool, begin: string, work: (db: Db) => Promise<T>): Promise<T> {
  const client = await pool.connect();
  let broken: Error | undefined;
  // A connection that dies while it is in our hands says so by an event too; unheard, that would end the process.
  const lost = (error: Error): void => void (broken = error);
  client.on('error', lost);
  try {
    await client.query(begin);
    const result = await work(client);
    await client.query('commit');
    return result;
  } catch (error) {
    // A connection that cannot roll back is not given to anybody else.
    await client.query('rollback').catch((failed: Error) => (broken = failed));
    throw error;
  } finally {
    client.off('error', lost);
    client.release(broken);
  }
}

/** Whether an error means that the database is not to be reached now (rather than that a query is wrong). */
export function isAway(error: unknown): boolean {
  if (!(error instanceof Error)) return false;
  const code = (error as { code?: unknown }).code;
  if (
    typeof code === 'string' &&
    (/^(08|57P)/.test(code) || ['ECONNREFUSED', 'ECONNRESET', 'EPIPE', 'ETIMEDOUT', 'ENOTFOUND'].includes(code))
  )
    return true;
  if (error instanceof AggregateError) return error.errors.some(isAway);
  return /Connection terminated|timeout exceeded when trying to connect|Client has encountered a connection error|not queryable/.test(
    error.message,
  );
}

/** PostgreSQL's code where its disk is full. */
export const isFull = (error: unknown): boolean => (error as { code?: unknown } | null)?.code === '53100';

/** PostgreSQL's code of a unique violation. */
export const isDuplicate = (error: unknown): boolean => (error as { code?: unknown } | null)?.code === '23505';
