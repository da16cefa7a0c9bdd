import { signal } from '@angular/core';

const down = signal(false);

/** Whether a press is under way: between a finger or button going down and coming up again. */
export const pressing = down.asReadonly();

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
