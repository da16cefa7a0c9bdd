import { inject } from '@angular/core';
import { Me } from '@hopsk/contract/club';
import { measureIn } from '@hopsk/words/measured';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { catchError, concatMap, filter, from, map, of, switchMap, takeUntil, tap } from 'rxjs';
import { AccountApi } from './account-api';
import { troubleOf } from './problem';
import { DeviceStore } from './device-store';
import { signInActions } from './sign-in';

/** Asks who is signed in; without a network this device's memory answers. Whoever enters meanwhile is known better than by a late answer. */
export const askSession = createEffect(
  (actions = inject(Actions), api = inject(AccountApi), device = inject(DeviceStore)) =>
    actions.pipe(
      ofType(signInActions.ask),
      switchMap(() =>
        api.me().pipe(
          map((me) => signInActions.entered({ me, offline: false })),
          catchError((error: unknown) => {
            const { kind } = troubleOf(error);
            if (kind === 'signed-out') return of(signInActions.left());
            return from(device.recall('me')).pipe(
              map((kept) => {
                const me = Me.safeParse(kept);
                return me.success ? signInActions.entered({ me: me.data, offline: true }) : signInActions.left();
              }),
            );
          }),
          takeUntil(actions.pipe(ofType(signInActions.entered))),
        ),
      ),
    ),
  { functional: true },
);

/** Lengths are said as the coach reads them. */
export const measureAsThey = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(signInActions.entered),
      tap(({ me }) => measureIn(me.coach.units)),
    ),
  { functional: true, dispatch: false },
);

/** Who it was, for when the server cannot be asked. */
export const rememberMe = createEffect(
  (actions = inject(Actions), device = inject(DeviceStore)) =>
    actions.pipe(
      ofType(signInActions.entered),
      filter(({ offline }) => !offline),
      concatMap(({ me }) => device.keep('me', me)),
    ),
  { functional: true, dispatch: false },
);
