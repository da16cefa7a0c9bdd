import type { RunEvent } from '@hopsk/core/log/event';
import { createActionGroup, createFeature, createReducer, emptyProps, on, props } from '@ngrx/store';
import type { KeptRun } from './device-store';

export const runActions = createActionGroup({
  source: 'run',
  events: {
    Opened: props<{ run: KeptRun; events: RunEvent[] }>(),
    Logged: props<{ events: RunEvent[] }>(),
    Closed: emptyProps(),
  },
});

interface RunState {
  readonly run: KeptRun | null;
  readonly events: readonly RunEvent[];
}

const initial: RunState = { run: null, events: [] };

/** The run on this device: its head and its log; everything shown of it is derived from these. */
export const runFeature = createFeature({
  name: 'run',
  reducer: createReducer(
    initial,
    on(runActions.opened, (_, { run, events }): RunState => ({ run, events })),
    on(runActions.logged, (state, { events }): RunState => ({ ...state, events: [...state.events, ...events] })),
    on(runActions.closed, (): RunState => initial),
  ),
});
