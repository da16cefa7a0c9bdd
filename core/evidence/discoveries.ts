/**
 * Which of several tests say something, so that of those that do the expected share of wrong ones is at most `rate`: the step-up
 * procedure of Benjamini & Hochberg (1995, Journal of the Royal Statistical Society B 57:289).
 * @param chances p values
 * @example discoveries([0.01, 0.9, 0.03], 0.05) // [true, false, true]
 */
export function discoveries(chances: readonly number[], rate: number): boolean[] {
  const inOrder = [...chances].sort((a, b) => a - b);
  const last = inOrder.findLastIndex((p, i) => p <= ((i + 1) / chances.length) * rate);
  const most = inOrder[last] ?? -1;
  return chances.map((p) => p <= most);
}
