import type { RunEvent } from '@hopsk/core/log/event';
import { createActionGroup, createFeature, createReducer, emptyProps, on, props } from '@ngrx/store';
import type { KeptRun } from './device-store';

export const runActions = createActionGroup({
  source: 'run',
  events: {
    Opened: props<{ run: KeptRun; events: RunEvent[] }>(),
    /** `kept`: whether the device has them; otherwise they are on this page only. */
    Logged: props<{ events: RunEvent[]; kept: boolean }>(),
    /** What other devices wrote. */
    Heard: props<{ events: RunEvent[] }>(),
    /** This device writes under another name, or the server has the head now. */
    Changed: props<{ change: Partial<KeptRun> }>(),
    /** Another device had this one's name: what was still to be sent is under a new one. */
    Renamed: props<{ devices: string[]; events: RunEvent[] }>(),
    Closed: emptyProps(),
  },
});

interface RunState {
  readonly run: KeptRun | null;
  readonly events: readonly RunEvent[];
  /** How many of them this device could not keep. */
  readonly unkept: number;
}

const initial: RunState = { run: null, events: [], unkept: 0 };

/** The run on this device: its head and its log; everything shown of it is derived from these. */
export const runFeature = createFeature({
  name: 'run',
  reducer: createReducer(
    initial,
    on(runActions.opened, (_, { run, events }): RunState => ({ run, events, unkept: 0 })),
    on(runActions.logged, (state, { events, kept }): RunState => ({
      ...state,
      events: [...state.events, ...events],
      unkept: state.unkept + (kept ? 0 : events.length),
    })),
    on(runActions.heard, (state, { events }): RunState => ({ ...state, events: [...state.events, ...events] })),
    on(runActions.changed, (state, { change }): RunState => ({ ...state, run: state.run && { ...state.run, ...change } })),
    // Another object around the same head: the log is folded anew.
    on(runActions.renamed, (state, { devices, events }): RunState => ({
      ...state,
      run: state.run && { ...state.run, devices, head: { ...state.run.head } },
      events,
    })),
    on(runActions.closed, (): RunState => initial),
  ),
});
