/** One line of the benchmark: a figure, what it is held against, and the limit it should keep. */
export interface Line {
  readonly name: string;
  readonly value: number;
  readonly unit: string;
  /** The same figure of the baseline, measured in the same run. */
  readonly baseline: number | null;
  /** Most the value may be; null where there is no promise. */
  readonly limit: number | null;
}

export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2 === 1 ? (sorted[middle] as number) : ((sorted[middle - 1] as number) + (sorted[middle] as number)) / 2;
}

/** Milliseconds of each of `times` calls, after as many calls again to warm up. */
export function timed(times: number, work: () => unknown): number[] {
  for (let i = 0; i < times; i++) work();
  return Array.from({ length: times }, () => {
    const began = performance.now();
    work();
    return performance.now() - began;
  });
}

/** The same for work that is waited for. */
export async function timedAsync(times: number, work: () => Promise<unknown>): Promise<number[]> {
  for (let i = 0; i < Math.ceil(times / 4); i++) await work();
  const all: number[] = [];
  for (let i = 0; i < times; i++) {
    const began = performance.now();
    await work();
    all.push(performance.now() - began);
  }
  return all;
}

export function table(lines: readonly Line[]): string {
  return lines
    .map(({ name, value, unit, baseline, limit }) => {
      const ratio = baseline === null ? '' : `× ${(value / baseline).toFixed(1)} of the baseline (${baseline.toFixed(2)})`;
      const kept = limit === null ? '' : `${value <= limit ? 'within' : 'OVER'} ${limit} ${unit}`;
      return `${name.padEnd(44)} ${value.toFixed(2).padStart(9)} ${unit.padEnd(3)} ${kept.padEnd(16)} ${ratio}`.trimEnd();
    })
    .join('\n');
}
