import { existsSync, readFileSync } from 'node:fs';

/** Time of all processors since they began, and of that what went to other machines, as Linux counts both; nothing elsewhere. */
function processors(): { readonly all: number; readonly others: number } {
  if (!existsSync('/proc/stat')) return { all: 0, others: 0 };
  const [first = ''] = readFileSync('/proc/stat', 'utf8').split('\n');
  const times = first.split(/\s+/).slice(1, 9).map(Number);
  return { all: times.reduce((sum, time) => sum + time, 0), others: times[7] ?? 0 };
}

/**
 * What of the processors' time goes to other machines on the same hardware from now on until it is asked (%): what was slow meanwhile
 * need not be ours.
 */
export function othersFromNow(): () => number {
  const before = processors();
  return () => {
    const now = processors();
    return (100 * (now.others - before.others)) / Math.max(1, now.all - before.all);
  };
}
