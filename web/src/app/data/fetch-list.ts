import { LIST_AT_ONCE } from '@hopsk/contract/list';
import { concatMap, from, map, of, switchMap, toArray, catchError, type Observable } from 'rxjs';
import type * as z from 'zod/mini';
import type { Api } from './api';

/** What a record needs for that. */
interface Kept {
  readonly id: string;
  readonly savedAt?: string | undefined;
}

export interface Fetched<R> {
  readonly rows: readonly R[];
  /** Why some of it did not come; null: all is there. */
  readonly trouble: { readonly error: unknown } | null;
}

const parts = (ids: readonly string[]): string[][] =>
  Array.from({ length: Math.ceil(ids.length / LIST_AT_ONCE) }, (_, i) => ids.slice(i * LIST_AT_ONCE, (i + 1) * LIST_AT_ONCE));

/**
 * The list of a kind of record: what was not saved since it was known here is not sent again, and the rest comes in parts. Where one
 * does not come, gives those before it; throws where it could not be asked at all.
 * @param known what this device has, asked for once it is needed.
 */
export function fetchList<R extends Kept>(
  api: Api,
  path: string,
  list: z.ZodMiniType<R[]>,
  known: () => Promise<ReadonlyMap<string, R>>,
): Observable<Fetched<R>> {
  return api.latest(path).pipe(
    switchMap((latest) => from(known()).pipe(map((here) => ({ latest, here })))),
    switchMap(({ latest, here }) => {
      const rows = new Map(here);
      const whole = (): R[] => latest.flatMap(({ id }) => rows.get(id) ?? []);
      const lacking = latest.filter(({ id, savedAt }) => here.get(id)?.savedAt !== savedAt).map(({ id }) => id);
      return from(parts(lacking)).pipe(
        concatMap((ids) => api.some(path, ids, list)),
        map((came) => came.forEach((row) => rows.set(row.id, row))),
        toArray(),
        map(() => ({ rows: whole(), trouble: null })),
        catchError((error: unknown) => of({ rows: whole(), trouble: { error } })),
      );
    }),
  );
}
