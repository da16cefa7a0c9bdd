import type { Difference } from '@hopsk/core/evidence/difference';

/** Of a hundred. */
export const per100 = (share: number): string => String(Math.round(share * 100));
const signed = (share: number): string => {
  const said = per100(Math.abs(share));
  return said === '0' ? said : `${share > 0 ? '+' : '−'}${said}`;
};

export const evenings = (n: number): string => `${n} ${n === 1 ? 'evening' : 'evenings'}`;

/** By how much, whichever way: 32, between 16 and 46. */
export const between = ({ value, low, high }: Difference): string => {
  const [least, most] = [Math.abs(low), Math.abs(high)].sort((a, b) => a - b) as [number, number];
  return `${per100(Math.abs(value))}, between ${per100(least)} and ${per100(most)}`;
};

/** Two rates held against each other, and whether they differ by more than chance. */
export const held = (all: Difference, later: string, earlier: string): string => {
  const both = `${later} ${per100(all.later)} per 100, ${earlier} ${per100(all.earlier)}`;
  return all.low > 0 || all.high < 0
    ? `${both}: ${all.value < 0 ? 'lower' : 'higher'} by ${between(all)}.`
    : `${both}: no difference that can be told from chance (${signed(all.low)} to ${signed(all.high)}).`;
};

/** By how much one differs from the others, for a table: +12 (+4 to +21). */
export const difference = ({ value, low, high }: Difference): string => `${signed(value)} (${signed(low)} to ${signed(high)})`;
