import type { Me } from '@hopsk/contract/club';
import { createActionGroup, createFeature, createReducer, emptyProps, on, props } from '@ngrx/store';

export const signInActions = createActionGroup({
  source: 'signing in',
  events: {
    Ask: emptyProps(),
    Entered: props<{ me: Me; offline: boolean }>(),
    Left: emptyProps(),
  },
});

interface SignInState {
  readonly status: 'unknown' | 'in' | 'out';
  readonly me: Me | null;
  /** Known from this device only: the server could not be asked. */
  readonly offline: boolean;
}

const initial: SignInState = { status: 'unknown', me: null, offline: false };

export const signInFeature = createFeature({
  name: 'signIn',
  reducer: createReducer(
    initial,
    on(signInActions.entered, (_, { me, offline }): SignInState => ({ status: 'in', me, offline })),
    on(signInActions.left, (): SignInState => ({ status: 'out', me: null, offline: false })),
  ),
});
