import type { FaultEntry } from '../catalogue/fault.js';

/** How much more a fault counts that can hurt, or that the coach has in focus (common practice, no source). */
const COST = { safety: 3, focus: 2 } as const;

/** What a fault costs, as a factor of how often it is seen. */
export const costOf = ({ safety, focus, cost }: Costing): number => (safety ? COST.safety : 1) * (focus ? COST.focus : 1) * cost;

/** What of a fault makes it cost more or less. */
export interface Costing {
  readonly safety: boolean;
  readonly focus: boolean;
  /** What the club says, as a factor. */
  readonly cost: number;
}

/** What a fault costs here: what the catalogue or the club says of it, and whether the coach has it in focus. */
export const costingOf = (fault: Pick<FaultEntry, 'safety' | 'cost'> | undefined, focus: boolean): Costing => ({
  safety: fault?.safety === true,
  focus,
  cost: fault?.cost ?? 1,
});
