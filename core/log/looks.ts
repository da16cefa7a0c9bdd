/** In long work one looks at somebody for about so long (s) before it is somebody else's turn (our own rule). */
const LOOK = 45;

/**
 * Which look of a stretch of work a second is in, from 0: long work is parted into equal looks.
 * @example [lookAt({ start: 0, end: 180 }, 50), lookAt({ start: 0, end: 20 }, 19)] // [1, 0]
 */
export function lookAt({ start, end }: { readonly start: number; readonly end: number }, t: number): number {
  const looks = Math.max(1, Math.round((end - start) / LOOK));
  return Math.max(0, Math.min(looks - 1, Math.floor(((t - start) / (end - start)) * looks)));
}

/** Somebody who may be looked at: how much of them was watched, and how much of them is to be decided. */
export interface Looked {
  readonly id: string;
  readonly seen: number;
  /** Above 0: twice as much has twice the share of looks. */
  readonly weight: number;
}

/**
 * Who is looked at next, so that each has their share: the one of whom least was seen for what is to be decided about them; of several
 * alike the first. Null: nobody is there.
 * @example nextLook([{ id: 'ada', seen: 6, weight: 2 }, { id: 'bo', seen: 4, weight: 1 }]) // 'ada'
 */
export function nextLook(those: readonly Looked[]): string | null {
  let next: Looked | null = null;
  for (const one of those) if (next === null || one.seen / one.weight < next.seen / next.weight) next = one;
  return next?.id ?? null;
}
