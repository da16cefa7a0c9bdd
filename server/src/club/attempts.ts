import { createHash } from 'node:crypto';
import type { Db } from '../db/sql.js';
import { run } from '../db/sql.js';
import { HttpProblem } from '../http/problem.js';

/** Failed sign-ins allowed in 15 minutes for one address, and from one place. */
export const ALLOWED = { address: 8, place: 40 } as const;

const keyOf = (kind: string, value: string): string => createHash('sha256').update(`${kind} ${value}`).digest('base64url');

export interface AttemptKeys {
  readonly address: string;
  readonly place: string;
}

export const attemptKeys = (email: string, ip: string): AttemptKeys => ({ address: keyOf('address', email), place: keyOf('place', ip) });

/** Answers 429 while an address or a place has failed too often. */
export async function checkAttempts(db: Db, keys: AttemptKeys): Promise<void> {
  const rows = await run<{ key: string; failures: number }>(db, 'failure-count', [keys.address, keys.place]);
  const failures = new Map(rows.map((row) => [row.key, row.failures]));
  if ((failures.get(keys.address) ?? 0) >= ALLOWED.address || (failures.get(keys.place) ?? 0) >= ALLOWED.place) {
    throw new HttpProblem(429, { code: 'too-many', values: {} });
  }
}

export async function countFailure(db: Db, keys: AttemptKeys): Promise<void> {
  await run(db, 'failure-add', [keys.address, keys.place]);
}

export async function forgetFailures(db: Db, keys: AttemptKeys): Promise<void> {
  await run(db, 'failure-forget', keys.address);
}
