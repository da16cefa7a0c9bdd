import { seeded } from '../../motion/seeded.js';

/** A stretch of attempts of one of two variants. */
export interface VariantBlock {
  readonly variant: 'a' | 'b';
  readonly attempts: number;
}

/**
 * Two variants to be tried on one athlete: alternating blocks with equal attempts and balanced order (a b b a, so that neither is
 * always first; which one begins is drawn). Attempts a variant are rounded up to whole blocks of `size`, an even number of them.
 * @example alternatingBlocks(10, 5, 1).map(({ attempts }) => attempts) // [5, 5, 5, 5]
 */
export function alternatingBlocks(attempts: number, size: number, seed: number): VariantBlock[] {
  const block = Math.max(1, Math.floor(size));
  const pairs = Math.max(1, Math.ceil(Math.max(1, attempts) / block / 2));
  const first = seeded(seed)() < 0.5 ? 'a' : 'b';
  const second = first === 'a' ? 'b' : 'a';
  return Array.from({ length: pairs }, () => [first, second, second, first] as const)
    .flat()
    .map((variant) => ({ variant, attempts: block }));
}
