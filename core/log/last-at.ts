/** The place of the last of these that came by a moment of the run (ms); −1: none. They are in order. */
export function lastAt(all: readonly { readonly m: number }[], m: number): number {
  let [low, high] = [0, all.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((all[middle] as { m: number }).m <= m) low = middle + 1;
    else high = middle;
  }
  return low - 1;
}
