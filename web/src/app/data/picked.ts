import { computed, linkedSignal, type Signal, type WritableSignal } from '@angular/core';

/** A record chosen by its id. */
export interface Picked<T> {
  /** null: nobody on purpose; undefined: nothing was chosen yet. */
  readonly id: WritableSignal<string | null | undefined>;
  readonly record: Signal<T | null>;
}

/**
 * One record of a list, chosen by id, so that it stays chosen when the list is fetched anew.
 * @param begin the id that an address asks for, if any.
 * @param otherwise what counts as chosen before anybody chose, or when the id is not in the list.
 */
export function picked<T extends { readonly id: string }>(
  list: Signal<readonly T[]>,
  begin: () => string | undefined,
  otherwise: 'first' | 'none' = 'first',
): Picked<T> {
  const id = linkedSignal<string | null | undefined>(begin);
  const record = computed(() => {
    const wanted = id();
    if (wanted === null) return null;
    return list().find((one) => one.id === wanted) ?? (otherwise === 'first' ? (list()[0] ?? null) : null);
  });
  return { id, record };
}
