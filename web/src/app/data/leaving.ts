import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { tap } from 'rxjs';
import { Live } from './live';
import { Outbox } from './outbox';
import { signInActions } from './sign-in';

/** Whoever leaves takes along what is not in the store: at once, not when the page is next drawn, which may be another club's. */
export const onLeft = createEffect(
  (actions = inject(Actions), outbox = inject(Outbox), live = inject(Live)) =>
    actions.pipe(
      ofType(signInActions.left),
      tap(() => {
        outbox.close();
        live.close();
      }),
    ),
  { functional: true, dispatch: false },
);
