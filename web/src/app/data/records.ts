import type { Athlete, AthleteSave, Pattern, PatternSave, Progression, ProgressionSave } from '@hopsk/contract';
import { createEntityAdapter, type EntityState } from '@ngrx/entity';
import { createActionGroup, createFeature, createReducer, createSelector, emptyProps, on, props } from '@ngrx/store';
import type { Trouble } from './problem';

/** The club's records that every screen reads: people, patterns and progressions. */
export type Kind = 'people' | 'patterns' | 'progressions';
export type Row = Athlete | Pattern | Progression;
export type Saving = AthleteSave | PatternSave | ProgressionSave;

/** How far a save of one record has come. */
type SaveState =
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
const progressions = createEntityAdapter<Progression>({ sortComparer: byName });

type Status = 'idle' | 'loading' | 'ready' | 'offline' | 'failed';

interface RecordsState {
  readonly people: EntityState<Athlete>;
  readonly patterns: EntityState<Pattern>;
  readonly progressions: EntityState<Progression>;
  readonly status: Readonly<Record<Kind, Status>>;
  readonly saves: Readonly<Record<string, SaveState>>;
}

const initial: RecordsState = {
  people: people.getInitialState(),
  patterns: patterns.getInitialState(),
  progressions: progressions.getInitialState(),
  status: { people: 'idle', patterns: 'idle', progressions: 'idle' },
  saves: {},
};

/** What was fetched, except where this device has saved a later version since it asked. Nothing ever leaves a club's lists. */
const newest = <T extends Row>(known: EntityState<T>, rows: readonly T[]): T[] =>
  rows.filter((row) => row.version >= (known.entities[row.id]?.version ?? 0));

/** The state with these rows of a kind put in. */
function withRows(state: RecordsState, kind: Kind, rows: readonly Row[]): RecordsState {
  switch (kind) {
    case 'people':
      return { ...state, people: people.upsertMany(newest(state.people, rows as Athlete[]), state.people) };
    case 'patterns':
      return { ...state, patterns: patterns.upsertMany(newest(state.patterns, rows as Pattern[]), state.patterns) };
    case 'progressions':
      return { ...state, progressions: progressions.upsertMany(newest(state.progressions, rows as Progression[]), state.progressions) };
  }
}

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
      withStatus(withRows(state, kind, rows), kind, offline ? 'offline' : 'ready'),
    ),
    on(recordActions.failed, (state, { kind }) => withStatus(state, kind, 'failed')),
    on(recordActions.save, (state, { record }) => withSave(state, record.id, { state: 'saving' })),
    on(recordActions.saved, (state, { kind, row }) =>
      withSave(withRows(state, kind, [row]), row.id, { state: 'saved', version: row.version }),
    ),
    on(recordActions.refused, (state, { id, trouble }) => withSave(state, id, { state: 'refused', trouble })),
    on(recordActions.settled, (state, { id }) => {
      const { [id]: _, ...saves } = state.saves;
      return { ...state, saves };
    }),
    on(recordActions.cleared, () => initial),
  ),
  extraSelectors: ({ selectPeople, selectPatterns, selectProgressions }) => {
    const selectAllPeople = createSelector(selectPeople, people.getSelectors().selectAll);
    const selectAllPatterns = createSelector(selectPatterns, patterns.getSelectors().selectAll);
    const selectAllProgressions = createSelector(selectProgressions, progressions.getSelectors().selectAll);
    const current = <T extends Row>(rows: readonly T[]): T[] => rows.filter((row) => row.archivedAt === null);
    return {
      selectAllPeople,
      selectAllPatterns,
      selectPeopleHere: createSelector(selectAllPeople, current),
      selectPatternsHere: createSelector(selectAllPatterns, current),
      selectAllProgressions,
      selectProgressionsHere: createSelector(selectAllProgressions, current),
      selectProgressionsById: createSelector(selectProgressions, (state) => state.entities),
      selectPeopleById: createSelector(selectPeople, (state) => state.entities),
      selectPatternsById: createSelector(selectPatterns, (state) => state.entities),
    };
  },
});
