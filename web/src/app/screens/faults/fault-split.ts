import type { FaultDetail } from '@hopsk/contract/book';
import type { SplitBy } from '@hopsk/core/evidence/splits';
import { beside } from '@hopsk/core/evidence/together';
import { faultLabel } from '@hopsk/words/naming';
import type { IntervalRow } from '../../drawing/interval-chart';
import { words } from '@hopsk/words/words';

type Split = FaultDetail['splits']['by'][number];

/** A share as a table has it: of a hundred, to a tenth. */
export const per100 = (share: number): string => (share * 100).toFixed(1).replace(/\.0$/, '');

/** A value of a split as it is called. */
function nameOf(by: SplitBy, value: string): string {
  const { kinds, cueings, implements: kits } = words.build;
  const names: Readonly<Partial<Record<SplitBy, Readonly<Record<string, string>>>>> = {
    ...words.splits.values,
    ...{ kind: kinds, cueing: cueings, implement: kits },
  };
  return names[by]?.[value] ?? value;
}

/** A split as a table, and what is to be said below it. */
export function asSplit({ by, rows, notGiven, others }: Split): {
  readonly rows: { readonly value: string; readonly label: string; readonly cells: string[] }[];
  readonly drawn: IntervalRow[];
  readonly says: string[];
} {
  const { splits } = words;
  return {
    rows: rows.map(({ value, rate, interval, attempts, against }) => ({
      ...{ value, label: nameOf(by, value) },
      cells: [per100(rate), `${per100(interval.low)}–${per100(interval.high)}`, String(attempts), against ? splits.against(against) : ''],
    })),
    drawn: rows.map(({ value, rate, interval: { low, high } }) => ({ label: nameOf(by, value), rate, low, high })),
    says: [splits.againstSays, ...(notGiven > 0 ? [splits.notGiven(notGiven)] : []), ...(others > 0 ? [splits.others(others)] : [])],
  };
}

/** A fault that comes together with the one that is open, more than by chance. */
export interface PairSaid {
  readonly fault: string;
  readonly label: string;
  readonly says: string;
}

/** What comes together with a fault, said from its side, with what the catalogue knows of the two beside it. */
export function pairsOf({ fault, together }: FaultDetail, causesOf: (fault: string) => readonly string[]): PairSaid[] {
  return together
    .filter(({ found }) => found)
    .map((pair): PairSaid => {
      const other = pair.fault === fault ? pair.other : pair.fault;
      const { cause, effect, comes } = words.splits;
      const known = causesOf(fault).includes(other) ? [cause] : causesOf(other).includes(fault) ? [effect] : [];
      return { fault: other, label: faultLabel(other), says: [comes(beside(pair, fault)), ...known].join(' ') };
    });
}
