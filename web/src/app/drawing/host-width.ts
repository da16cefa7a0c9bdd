import { DestroyRef, ElementRef, inject, signal, type Signal } from '@angular/core';

/** How wide the component is that calls this when it is made: drawn at the size it has on the screen, its words keep theirs. */
export function hostWidth(): Signal<number> {
  const width = signal(800);
  const host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  const size = new ResizeObserver(([entry]) => entry && entry.contentRect.width > 0 && width.set(entry.contentRect.width));
  size.observe(host);
  inject(DestroyRef).onDestroy(() => size.disconnect());
  return width.asReadonly();
}
