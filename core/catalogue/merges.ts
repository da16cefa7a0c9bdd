import type { ClubFault } from './fault.js';

/** Faults that are counted as others, each by the one it ends in. */
export type Merges = Readonly<Record<string, string>>;

/**
 * What a club counts as another fault, each with the one it ends in.
 * Throws where one would end in itself.
 * @example mergesOf([{ code: 'a', into: 'b' }, { code: 'b', into: 'tall' }, { code: 'c', into: null }]) // { a: 'tall', b: 'tall' }
 */
export function mergesOf(faults: readonly Pick<ClubFault, 'code' | 'into'>[]): Merges {
  const next = nextOf(faults);
  return Object.fromEntries(
    [...next.keys()].map((code) => {
      const end = endOf(code, next);
      if (end === null) throw new RangeError(`${code} is counted as itself`);
      return [code, end];
    }),
  );
}

/** The first of these that would be counted as itself by way of others; null where none is. */
export const roundabout = (faults: readonly Pick<ClubFault, 'code' | 'into'>[]): string | null => {
  const next = nextOf(faults);
  return [...next.keys()].find((code) => endOf(code, next) === null) ?? null;
};

const nextOf = (faults: readonly Pick<ClubFault, 'code' | 'into'>[]): ReadonlyMap<string, string> =>
  new Map(faults.flatMap(({ code, into }) => (into === null ? [] : [[code, into] as const])));

/** Where it ends; null: in itself. */
function endOf(code: string, next: ReadonlyMap<string, string>): string | null {
  const been = new Set([code]);
  let at = code;
  for (let to = next.get(at); to !== undefined; to = next.get(at)) {
    if (been.has(to)) return null;
    been.add(to);
    at = to;
  }
  return at;
}
