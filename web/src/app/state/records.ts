import type { Athlete, AthleteSave, Pattern, PatternSave } from '@hopsk/contract';
import { createEntityAdapter, type EntityState } from '@ngrx/entity';
import { createActionGroup, createFeature, createReducer, createSelector, emptyProps, on, props } from '@ngrx/store';
import type { Trouble } from '../api/problem';

/** The club's records that every screen reads: people and patterns. */
export type Kind = 'people' | 'patterns';
export type Row = Athlete | Pattern;
export type Saving = AthleteSave | PatternSave;

/** How far a save of one record has come. */
export type SaveState =
  | { readonly state: 'saving' }
  | { readonly state: 'saved'; readonly version: number }
  | { readonly state: 'refused'; readonly trouble: Trouble };

export const recordActions = createActionGroup({
  source: 'records',
  events: {
    Load: props<{ kind: Kind }>(),
    Loaded: props<{ kind: Kind; rows: Row[]; offline: boolean }>(),
    Failed: props<{ kind: Kind; trouble: Trouble }>(),
    Save: props<{ kind: Kind; record: Saving }>(),
    Archive: props<{ kind: Kind; id: string; archived: boolean }>(),
    Saved: props<{ kind: Kind; row: Row }>(),
    Refused: props<{ kind: Kind; id: string; trouble: Trouble }>(),
    /** The coach has read the outcome of a save, or begins anew. */
    Settled: props<{ id: string }>(),
    Cleared: emptyProps(),
  },
});

const byName = (a: Row, b: Row): number => a.name.localeCompare(b.name) || (a.id < b.id ? -1 : 1);
const people = createEntityAdapter<Athlete>({ sortComparer: byName });
const patterns = createEntityAdapter<Pattern>({ sortComparer: byName });

type Status = 'idle' | 'loading' | 'ready' | 'offline' | 'failed';

interface RecordsState {
  readonly people: EntityState<Athlete>;
  readonly patterns: EntityState<Pattern>;
  readonly status: Readonly<Record<Kind, Status>>;
  readonly saves: Readonly<Record<string, SaveState>>;
}

const initial: RecordsState = {
  people: people.getInitialState(),
  patterns: patterns.getInitialState(),
  status: { people: 'idle', patterns: 'idle' },
  saves: {},
};

/** What was fetched, except where this device has saved a later version since it asked. Nothing ever leaves a club's lists. */
const newest = <T extends Row>(known: EntityState<T>, rows: readonly T[]): T[] =>
  rows.filter((row) => row.version >= (known.entities[row.id]?.version ?? 0));

const withStatus = (state: RecordsState, kind: Kind, status: Status): RecordsState => ({
  ...state,
  status: { ...state.status, [kind]: status },
});
const withSave = (state: RecordsState, id: string, save: SaveState): RecordsState => ({ ...state, saves: { ...state.saves, [id]: save } });

export const recordsFeature = createFeature({
  name: 'records',
  reducer: createReducer(
    initial,
    on(recordActions.load, (state, { kind }) => withStatus(state, kind, state.status[kind] === 'ready' ? 'ready' : 'loading')),
    on(recordActions.loaded, (state, { kind, rows, offline }) =>
      withStatus(
        kind === 'people'
          ? { ...state, people: people.upsertMany(newest(state.people, rows as Athlete[]), state.people) }
          : { ...state, patterns: patterns.upsertMany(newest(state.patterns, rows as Pattern[]), state.patterns) },
        kind,
        offline ? 'offline' : 'ready',
      ),
    ),
    on(recordActions.failed, (state, { kind }) => withStatus(state, kind, 'failed')),
    on(recordActions.save, (state, { record }) => withSave(state, record.id, { state: 'saving' })),
    on(recordActions.saved, (state, { kind, row }) =>
      withSave(
        kind === 'people'
          ? { ...state, people: people.upsertOne(row as Athlete, state.people) }
          : { ...state, patterns: patterns.upsertOne(row as Pattern, state.patterns) },
        row.id,
        { state: 'saved', version: row.version },
      ),
    ),
    on(recordActions.refused, (state, { id, trouble }) => withSave(state, id, { state: 'refused', trouble })),
    on(recordActions.settled, (state, { id }) => {
      const { [id]: _, ...saves } = state.saves;
      return { ...state, saves };
    }),
    on(recordActions.cleared, () => initial),
  ),
  extraSelectors: ({ selectPeople, selectPatterns }) => {
    const selectAllPeople = createSelector(selectPeople, people.getSelectors().selectAll);
    const selectAllPatterns = createSelector(selectPatterns, patterns.getSelectors().selectAll);
    const current = <T extends Row>(rows: readonly T[]): T[] => rows.filter((row) => row.archivedAt === null);
    return {
      selectAllPeople,
      selectAllPatterns,
      selectPeopleHere: createSelector(selectAllPeople, current),
      selectPatternsHere: createSelector(selectAllPatterns, current),
      selectPeopleById: createSelector(selectPeople, (state) => state.entities),
      selectPatternsById: createSelector(selectPatterns, (state) => state.entities),
    };
  },
});
