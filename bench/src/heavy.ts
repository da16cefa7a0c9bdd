import { placingFrom } from '@hopsk/core/judge/area-text';
import { study } from '@hopsk/core/judge/study';
import { NOTATION_LIMITS } from '@hopsk/core/language/limits';
import { heavyLines } from '@hopsk/core/language/heavy';
import { PERFORMER, SHORT } from './engine.js';
import { median, timed, type Line } from './measure.js';

const placing = placingFrom('room 4 × 4 m');
const studied = (line: string): number => study(line, PERFORMER, true, placing ? { placing } : {}).findings.length;

/** The slowest of all kinds of lines that are short to type and long to follow; the baseline is an everyday one. */
function slowest(name: string, limit: number, characters?: number): Line {
  const each = heavyLines(characters).map(([kind, line]) => ({ kind, ms: median(timed(5, () => studied(line))) }));
  const worst = each.reduce((a, b) => (b.ms > a.ms ? b : a));
  return { name: `${name}: ‘${worst.kind}’`, value: worst.ms, unit: 'ms', baseline: median(timed(40, () => studied(SHORT))), limit };
}

/** Megabytes that one line takes on the heap, with all that was made of it. */
function largest(): Line {
  const collect = (globalThis as { gc?: () => void }).gc;
  const each = heavyLines().map(([kind, line]) => {
    collect?.();
    const before = process.memoryUsage().heapUsed;
    studied(line);
    return { kind, mb: (process.memoryUsage().heapUsed - before) / 1e6 };
  });
  const worst = each.reduce((a, b) => (b.mb > a.mb ? b : a));
  return { name: `most memory of one line: ‘${worst.kind}’`, value: worst.mb, unit: 'MB', baseline: null, limit: 100 };
}

/** What anybody may type costs what its size allows. */
export const heavy = (): Line[] => [
  slowest(`slowest line of ${NOTATION_LIMITS.characters} characters`, 200),
  slowest('slowest line of 500 characters', 50, 500),
  largest(),
];
