/** How much more a fault counts that can hurt, or that the coach has in focus (common practice, no source). */
const COST = { safety: 3, focus: 2 } as const;

/** What a fault costs, as a factor of how often it is seen. */
export const costOf = ({ safety, focus }: { readonly safety: boolean; readonly focus: boolean }): number =>
  (safety ? COST.safety : 1) * (focus ? COST.focus : 1);
