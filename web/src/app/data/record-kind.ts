import { inject, type Signal } from '@angular/core';
import { Actions, createEffect, ofType, provideEffects } from '@ngrx/effects';
import { createEntityAdapter, type EntityState } from '@ngrx/entity';
import { createAction, createFeatureSelector, createReducer, createSelector, on, props, provideState, Store } from '@ngrx/store';
import { catchError, concatMap, filter, from, map, of, switchMap, type MonoTypeOperatorFunction, type Observable } from 'rxjs';
import * as z from 'zod/mini';
import { Api } from './api';
import { DeviceStore } from './device-store';
import { fetchList } from './fetch-list';
import { troubleOf, type Trouble } from './problem';
import { signInActions, signInFeature } from './sign-in';

/** What every record of a club has. */
export interface Row {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly archivedAt: string | null;
  readonly savedAt?: string | undefined;
}

/** How far a list has come: idle until it was asked for, offline where this device's copy is shown. */
type Status = 'idle' | 'loading' | 'ready' | 'offline' | 'failed';

/** How far a save of one record has come. */
type SaveState =
  | { readonly state: 'saving' }
  | { readonly state: 'saved'; readonly version: number }
  | { readonly state: 'refused'; readonly trouble: Trouble };

interface KindState<R> extends EntityState<R> {
  readonly status: Status;
  readonly saves: Readonly<Record<string, SaveState>>;
}

/** An answer must not end up in another club's lists: it is dropped unless the club that asked is still signed in. */
function forClub<T>(store: Store): MonoTypeOperatorFunction<T> {
  const club: Signal<string | undefined> = store.selectSignal((state: object) => signInFeature.selectMe(state as never)?.club.id);
  const asked = club();
  return filter(() => club() === asked);
}

/** Whether both lists hold the same records, as they were saved at the same time. */
const asSaved = (a: readonly Row[] | null, b: readonly Row[]): boolean =>
  a?.length === b.length && b.every(({ id, savedAt }, i) => savedAt !== undefined && a[i]?.id === id && a[i]?.savedAt === savedAt);

const byName = (a: Row, b: Row): number => a.name.localeCompare(b.name) || (a.id < b.id ? -1 : 1);

/**
 * One kind of record, as the screens need it: what can be done with it, its list in the store, and the effects that fetch and save.
 * @param name what its list is called in the store and on the device.
 * @param path where the server has it.
 * @param more what is sent with every save of one.
 * @param shape what the server and this device's copy must look like to be believed.
 */
export function recordKind<R extends Row, S extends { readonly id: string }>(
  name: string,
  path: string,
  shape: z.ZodMiniType<R>,
  more: Partial<S> = {},
) {
  const rows = createEntityAdapter<R>({ sortComparer: byName });
  const list = z.array(shape);
  const actions = {
    load: createAction(`[${name}] load`),
    loaded: createAction(`[${name}] loaded`, (rows: readonly R[], offline?: boolean, gone?: readonly string[]) => ({
      rows,
      offline: offline ?? false,
      gone: gone ?? [],
    })),
    failed: createAction(`[${name}] failed`, props<{ trouble: Trouble }>()),
    save: createAction(`[${name}] save`, (record: S) => ({ record })),
    archive: createAction(`[${name}] archive`, props<{ id: string; archived: boolean }>()),
    saved: createAction(`[${name}] saved`, (row: R) => ({ row })),
    refused: createAction(`[${name}] refused`, props<{ id: string; trouble: Trouble }>()),
    /** The coach has read the outcome of a save, or begins anew. */
    settled: createAction(`[${name}] settled`, props<{ id: string }>()),
  };

  const initial: KindState<R> = { ...rows.getInitialState(), status: 'idle', saves: {} };
  /** What was fetched, except where it is here or this device has saved a later version since it asked. */
  const withRows = (state: KindState<R>, fetched: readonly R[]): KindState<R> => {
    const news = fetched.filter((row) => row !== state.entities[row.id] && row.version >= (state.entities[row.id]?.version ?? 0));
    return news.length === 0 ? state : rows.setMany(news, state);
  };
  const withSave = (state: KindState<R>, id: string, save: SaveState): KindState<R> => ({
    ...state,
    saves: { ...state.saves, [id]: save },
  });
  const reducer = createReducer(
    initial,
    on(actions.load, (state): KindState<R> => ({ ...state, status: state.status === 'ready' ? 'ready' : 'loading' })),
    on(actions.loaded, (state, { rows: came, offline, gone }): KindState<R> => {
      const left = gone.length === 0 ? state : rows.removeMany([...gone], state);
      return { ...withRows(left, came), status: offline ? 'offline' : 'ready' };
    }),
    on(actions.failed, (state): KindState<R> => ({ ...state, status: 'failed' })),
    on(actions.save, (state, { record }) => withSave(state, record.id, { state: 'saving' })),
    on(actions.saved, (state, { row }) => withSave(withRows(state, [row]), row.id, { state: 'saved', version: row.version })),
    on(actions.refused, (state, { id, trouble }) => withSave(state, id, { state: 'refused', trouble })),
    on(actions.settled, (state, { id }) => {
      const { [id]: _, ...saves } = state.saves;
      return { ...state, saves };
    }),
    on(signInActions.left, () => initial),
  );

  const selectState = createFeatureSelector<KindState<R>>(name);
  const { selectAll, selectEntities } = rows.getSelectors(selectState);

  /** Outcomes of one request about a record. */
  const outcome = (store: Store, id: string, request: Observable<R>) =>
    request.pipe(
      forClub(store),
      map((row) => actions.saved(row)),
      catchError((error: unknown) => of(actions.refused({ id, trouble: troubleOf(error) }))),
    );
  /** The list as this device keeps it; null where it keeps none, or cannot be asked. */
  const copy = (device: DeviceStore): Promise<R[] | null> =>
    device.recall(name).then(
      (kept) => list.safeParse(kept).data ?? null,
      () => null,
    );
  /** What is new in the list, with what is here of it, on the device or on the page; kept on the device where that changes what it has. */
  const fetched = (api: Api, device: DeviceStore, store: Store) => {
    let kept: R[] | null = null;
    // Whoever was here as it was asked, and is nowhere in the answer, was erased, or is not this one's to read any more.
    const before = store.selectSignal(selectAll)();
    const here = async (): Promise<ReadonlyMap<string, R>> => {
      kept = await copy(device);
      const known = new Map(kept?.map((row) => [row.id, row]));
      for (const row of store.selectSignal(selectAll)()) if (row.version >= (known.get(row.id)?.version ?? 0)) known.set(row.id, row);
      return known;
    };
    return fetchList(api, path, list, here).pipe(
      forClub(store),
      switchMap(async ({ rows, trouble }) => {
        if (trouble && rows.length === 0) throw trouble.error;
        // A device that keeps nothing more shows what came all the same.
        if (!asSaved(kept, rows)) await device.keep(name, rows).catch(() => undefined);
        const there = new Set(rows.map(({ id }) => id));
        const gone = trouble ? [] : before.filter(({ id }) => !there.has(id)).map(({ id }) => id);
        if (gone.length > 0) await device.forgetRecords(gone).catch(() => undefined);
        return actions.loaded(rows, trouble !== null, gone);
      }),
    );
  };
  const effects = {
    /** Fetches what is new in the list, and without a network gives what this device kept of it. */
    load: createEffect(
      (asked = inject(Actions), api = inject(Api), device = inject(DeviceStore), store = inject<Store>(Store)) =>
        asked.pipe(
          ofType(actions.load),
          switchMap(() =>
            fetched(api, device, store).pipe(
              catchError((error: unknown) =>
                from(copy(device)).pipe(map((rows) => (rows ? actions.loaded(rows, true) : actions.failed({ trouble: troubleOf(error) })))),
              ),
            ),
          ),
        ),
      { functional: true },
    ),
    save: createEffect(
      (asked = inject(Actions), api = inject(Api), store = inject<Store>(Store)) =>
        asked.pipe(
          ofType(actions.save),
          concatMap(({ record }) => outcome(store, record.id, api.saveRecord(path, { ...record, ...more }, shape))),
        ),
      { functional: true },
    ),
    archive: createEffect(
      (asked = inject(Actions), api = inject(Api), store = inject<Store>(Store)) =>
        asked.pipe(
          ofType(actions.archive),
          concatMap(({ id, archived }) => outcome(store, id, api.archiveRecord(path, id, archived, shape))),
        ),
      { functional: true },
    ),
  };

  return {
    actions,
    /** For where the store is provided. */
    providers: [provideState(name, reducer), provideEffects(effects)],
    selectAll,
    selectById: selectEntities,
    /** Those not put away. */
    selectHere: createSelector(selectAll, (all) => all.filter((row) => row.archivedAt === null)),
    selectStatus: createSelector(selectState, ({ status }) => status),
    selectSaves: createSelector(selectState, ({ saves }) => saves),
    /** The version in which a record is known here; 0 where it is not. */
    versionOf: (store: Store, id: string): number => store.selectSignal(selectState)().entities[id]?.version ?? 0,
  };
}

export type RecordKind<R extends Row, S extends { readonly id: string }> = ReturnType<typeof recordKind<R, S>>;
