import { isDeepStrictEqual } from 'node:util';
import type { RecordName } from '@hopsk/contract/problem';
import { notFound, HttpProblem } from './problem.js';

/** Names of the fields in which two records differ. */
function differing(sent: object, current: object): string[] {
  const now = current as Record<string, unknown>;
  return Object.entries(sent)
    .filter(([key, value]) => key !== 'version' && key in now && !isDeepStrictEqual(value, now[key]))
    .map(([key]) => key);
}

/**
 * Settles a save that touched no row: the record is not there (404), or somebody saved it since (409, with the record
 * as it stands and the fields that differ from what was sent).
 */
export function refuseStale(what: RecordName, sent: object, current: object | null): never {
  if (!current) throw notFound(what);
  const changed = differing(sent, current);
  throw new HttpProblem(409, { code: 'stale', values: { what } }, { current, changed });
}
