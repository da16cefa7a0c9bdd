import { clusteredBy, type ClusteredInterval, type Sums } from './likeness.js';

/** What the evenings of a time say of one fault of one athlete, added up. */
export interface GroupSums extends Sums {
  readonly fault: string;
  /** Tapped where it could not be watched. */
  readonly noted: number;
}

/** A fault of one of a group, over a time. `rate` is a share 0…1; null means not seen, never 0. */
export interface GroupCell {
  readonly fault: string;
  /** That could show it. */
  readonly evenings: number;
  readonly attempts: number;
  readonly faulty: number;
  readonly noted: number;
  readonly rate: number | null;
  readonly interval: ClusteredInterval | null;
}

/** A cell of the map of a group: the same rate and interval as the fault book's, over the evenings of a time. */
export const groupCell = ({ fault, noted, ...sums }: GroupSums): GroupCell => ({
  ...{ fault, noted, evenings: sums.evenings, attempts: sums.n, faulty: sums.hits },
  rate: sums.n > 0 ? sums.hits / sums.n : null,
  interval: clusteredBy(sums),
});
