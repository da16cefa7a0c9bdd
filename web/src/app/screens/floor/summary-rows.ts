import { wilson } from '@hopsk/core/evidence/proportion';
import type { Tally } from '@hopsk/core/log/count';
import { faultLabel } from '@hopsk/words/naming';

const percent = (share: number): string => (share * 100).toFixed(0);

/** What somebody showed in a run, most first; what was as frequent by its name, so that all devices in it show the same. */
export const rowsOf = (tallies: readonly Tally[]) =>
  tallies
    .map((tally) => {
      const range = tally.attempts > 0 ? wilson(tally.faulty, tally.attempts) : null;
      return {
        ...tally,
        label: faultLabel(tally.fault),
        range: range ? `${percent(range.low)}–${percent(range.high)}` : '',
        rate: range ? percent(tally.faulty / tally.attempts) : '',
      };
    })
    .sort((a, b) => b.faulty - a.faulty || b.noted - a.noted || (a.fault < b.fault ? -1 : 1));
