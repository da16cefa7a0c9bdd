import { DestroyRef, inject, Injector } from '@angular/core';
import { LOCKED, touched, untouchedFor } from '../data/locked';

/** How often it is looked whether somebody is there, and a touch is noted (ms). */
const LOOK = 5_000;
/** The shortest time after which a device may lock (ms): what locks it is not fetched before. */
const SOONEST = 60_000;

/** Locks a device that has a PIN when nobody touched it for as long as was set, in all of its tabs. To be made where things can be injected. */
export function lockWhenLeft(): void {
  const injector = inject(Injector);
  const noted = (): void => {
    if (untouchedFor() > LOOK) touched();
  };
  const away = (): void => location.assign(`/locked?to=${encodeURIComponent(location.pathname)}`);
  const elsewhere = ({ key, newValue }: StorageEvent): void => {
    if (key === LOCKED && newValue !== null) away();
  };
  const look = async (): Promise<void> => {
    if (untouchedFor() <= SOONEST) return;
    const { DeviceLock } = await import('../data/device-lock');
    if (await injector.get(DeviceLock).lockIfLeft()) away();
  };
  const looks = (): void => void look().catch(() => undefined);
  touched();
  const every = setInterval(looks, LOOK);
  const until = new AbortController();
  const { signal } = until;
  for (const kind of ['pointerdown', 'keydown'] as const) addEventListener(kind, noted, { passive: true, capture: true, signal });
  addEventListener('storage', elsewhere, { signal });
  // A tablet that wakes looks at once.
  document.addEventListener('visibilitychange', looks, { signal });
  inject(DestroyRef).onDestroy(() => {
    clearInterval(every);
    until.abort();
  });
}
