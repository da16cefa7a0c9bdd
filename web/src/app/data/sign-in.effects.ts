import { inject, Injector } from '@angular/core';
import { Me } from '@hopsk/contract/club';
import { measureIn } from '@hopsk/words/measured';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { catchError, concatMap, filter, from, map, mergeMap, of, switchMap, takeUntil, tap, type Observable } from 'rxjs';
import { AccountApi } from './account-api';
import { DeviceStore } from './device-store';
import { LeftHere } from './left-here';
import { isLocked, untouchedFor } from './locked';
import { setSignOutDue, signOutDue } from './due';
import { troubleOf } from './problem';
import { signInActions } from './sign-in';

/** So long after the server was last asked whoever it was is in no more: as the server has it (ms). */
const KNOWN = 30 * 24 * 3600 * 1000;

/** So long (ms) after the last touch a device may have to be locked before anything is shown. */
const LEFT = 60_000;

const nobody = signInActions.left();

/** Locks a device that was left alone for too long, if it has a lock. */
const lockedSince = (injector: Injector): Promise<boolean> =>
  import('./device-lock').then(({ DeviceLock }) => injector.get(DeviceLock).lockIfLeft()).catch(() => false);

/** Who it was on this device, as far as it may still be them. */
async function remembered(device: DeviceStore): Promise<Me | null> {
  const [me, at] = [Me.safeParse(await device.recall('me')), await device.recall('me-at')];
  const old = typeof at === 'number' && Date.now() - at > KNOWN;
  return me.success && !old ? me.data : null;
}

/** Whoever is in an open run goes on with it, whatever became of their session meanwhile. */
async function inRun(device: DeviceStore): Promise<Me | null> {
  const me = Me.safeParse(await device.recall('me'));
  const open = (await device.runs()).some((run) => run.open === 1 && run.clubId === me.data?.club.id);
  return me.success && open ? me.data : null;
}

const asIn = (known: Promise<Me | null>): Observable<typeof nobody | ReturnType<typeof signInActions.entered>> =>
  from(known.catch(() => null)).pipe(map((me) => (me ? signInActions.entered({ me, offline: true }) : nobody)));

/** Asks who is signed in; without a network this device's memory answers. Whoever enters meanwhile is known better than by a late answer. */
export const askSession = createEffect(
  (
    actions = inject(Actions),
    api = inject(AccountApi),
    device = inject(DeviceStore),
    left = inject(LeftHere),
    injector = inject(Injector),
  ) =>
    actions.pipe(
      ofType(signInActions.ask),
      switchMap(() => (isLocked() ? of(true) : untouchedFor() > LEFT ? from(lockedSince(injector)) : of(false))),
      switchMap((locked) => {
        if (locked) return of(nobody);
        const asked = signOutDue()
          ? api.signOut().pipe(
              tap(() => setSignOutDue(false)),
              map(() => nobody),
              catchError(() => of(nobody)),
            )
          : api.me().pipe(
              switchMap((me) => left.open(me).then(() => me)),
              map((me) => signInActions.entered({ me, offline: false })),
              catchError((error: unknown) => asIn(troubleOf(error).kind === 'signed-out' ? inRun(device) : remembered(device))),
            );
        return asked.pipe(takeUntil(actions.pipe(ofType(signInActions.entered))));
      }),
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
      concatMap(async ({ me }) => {
        setSignOutDue(false);
        await device.keep('me', me);
        await device.keep('me-at', Date.now());
      }),
    ),
  { functional: true, dispatch: false },
);

/** Whoever left, or is in no more, leaves nothing of the club on the device but what is still to be sent or saved. */
export const wipeLeft = createEffect(
  (actions = inject(Actions), left = inject(LeftHere)) =>
    actions.pipe(
      ofType(signInActions.left),
      // Each takes its turn at once: whoever comes in meanwhile is behind it.
      mergeMap(() => left.wipe().catch(() => undefined)),
    ),
  { functional: true, dispatch: false },
);
