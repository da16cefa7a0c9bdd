/** Tiles that fit under a thumb. */
export const BOARD_HOLDS = 8;
/** So many of them are one person's own at most: more nobody looks for at once (common practice, no source). */
export const OWN_TILES = 3;

/** For what the board is. */
export interface Tiles {
  /** Looked for whoever is watched: the exercise's own, each at its place. */
  readonly everybodys: readonly string[];
  /** What may be there of the one who is watched, what matters most first. */
  readonly own: readonly string[];
  /** The order of all that is somebody's own: between two people a tile keeps its place as far as it can. */
  readonly order: readonly string[];
}

/**
 * The board while somebody is watched: what is everybody's never moves; behind it stands what is one's own, in one order for all, as far
 * as there is room.
 * @returns fault codes, at most `BOARD_HOLDS`.
 * @example boardFor({ everybodys: ['tall'], own: ['crossed', 'narrow'], order: ['narrow', 'crossed'] }) // ['tall', 'narrow', 'crossed']
 */
export function boardFor({ everybodys, own, order }: Tiles): string[] {
  const ours = everybodys.slice(0, BOARD_HOLDS);
  const room = Math.min(OWN_TILES, BOARD_HOLDS - ours.length);
  const theirs = [...new Set(own)].filter((code) => !ours.includes(code)).slice(0, room);
  return [...ours, ...[...new Set([...order, ...theirs])].filter((code) => theirs.includes(code))];
}

/**
 * What the people here work on, in the order of how many do: all of it where the board holds it, and else so much that there is room for
 * what is one's own.
 * @example boardOf([['tall'], ['tall', 'narrow']]) // ['tall', 'narrow']
 */
export function boardOf(focus: readonly (readonly string[])[]): string[] {
  const times = new Map<string, number>();
  for (const code of focus.flat()) times.set(code, (times.get(code) ?? 0) + 1);
  const all = [...times].sort((a, b) => b[1] - a[1]).map(([code]) => code);
  return all.length <= BOARD_HOLDS ? all : all.slice(0, BOARD_HOLDS - OWN_TILES);
}
