import type { Me } from '@hopsk/contract';
import { createActionGroup, createFeature, createReducer, emptyProps, on, props } from '@ngrx/store';

export const sessionActions = createActionGroup({
  source: 'session',
  events: {
    Ask: emptyProps(),
    Entered: props<{ me: Me; offline: boolean }>(),
    Left: emptyProps(),
  },
});

interface SessionState {
  readonly status: 'unknown' | 'in' | 'out';
  readonly me: Me | null;
  /** Known from this device only: the server could not be asked. */
  readonly offline: boolean;
}

const initial: SessionState = { status: 'unknown', me: null, offline: false };

export const sessionFeature = createFeature({
  name: 'session',
  reducer: createReducer(
    initial,
    on(sessionActions.entered, (_, { me, offline }): SessionState => ({ status: 'in', me, offline })),
    on(sessionActions.left, (): SessionState => ({ status: 'out', me: null, offline: false })),
  ),
});
