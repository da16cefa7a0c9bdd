import { linkedSignal, signal, type Signal } from '@angular/core';

const down = signal(false);

/** Whether a press is under way: between a finger or button going down and coming up again. */
const pressing = down.asReadonly();

/** The same, but as it was while a press is under way: what moves away beneath a finger would not be pressed. */
export const steady = <T>(of: Signal<T>): Signal<T> =>
  linkedSignal<{ readonly now: T; readonly held: boolean }, T>({
    source: () => ({ now: of(), held: pressing() }),
    computation: ({ now, held }, before) => (held && before ? before.value : now),
  });

/** Begins to notice presses on a page; gives what ends it. */
export function noticePresses(page: Document): () => void {
  const on = (): void => down.set(true);
  const off = (): void => down.set(false);
  page.addEventListener('pointerdown', on, { capture: true });
  for (const end of ['pointerup', 'pointercancel']) page.addEventListener(end, off, { capture: true });
  return () => {
    off();
    page.removeEventListener('pointerdown', on, { capture: true });
    for (const end of ['pointerup', 'pointercancel']) page.removeEventListener(end, off, { capture: true });
  };
}
