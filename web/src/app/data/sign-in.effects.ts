import { inject } from '@angular/core';
import { Me } from '@hopsk/contract';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { catchError, from, map, of, switchMap, tap } from 'rxjs';
import { Api } from './api';
import { troubleOf } from './problem';
import { DeviceStore } from './device-store';
import { Outbox } from './outbox';
import { loadAll } from './records';
import { signInActions } from './sign-in';
import { TeachingStore } from './teaching';

/** Asks who is signed in; without a network this device's memory answers. */
export const askSession = createEffect(
  (actions = inject(Actions), api = inject(Api), device = inject(DeviceStore)) =>
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
        ),
      ),
    ),
  { functional: true },
);

export const onEntered = createEffect(
  (actions = inject(Actions), device = inject(DeviceStore), outbox = inject(Outbox)) =>
    actions.pipe(
      ofType(signInActions.entered),
      tap(({ me, offline }) => {
        if (!offline) void device.keep('me', me);
        outbox.open(me.club.id);
      }),
      switchMap(loadAll),
    ),
  { functional: true },
);

export const onLeft = createEffect(
  (actions = inject(Actions), outbox = inject(Outbox), teaching = inject(TeachingStore)) =>
    actions.pipe(
      ofType(signInActions.left),
      tap(() => {
        outbox.close();
        teaching.clear();
      }),
    ),
  { functional: true, dispatch: false },
);
