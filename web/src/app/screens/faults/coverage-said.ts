import type { Coverage } from '@hopsk/core/evidence/coverage';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';

/** A table of what was looked at by one thing, with what is said below it. */
export interface SaidTable {
  readonly title: string;
  readonly heads: readonly string[];
  readonly rows: readonly (readonly string[])[];
  readonly below: string;
}

/** What was never looked at, in words. */
export function neverOf(coverage: Coverage | null): string[] {
  if (!coverage || coverage.attempts === 0) return [];
  const text = words.coverage;
  const none = <T extends string>(of: Coverage['ways'], names: Readonly<Record<T, string>>): string[] =>
    of.flatMap(({ value, attempts }) => (attempts === 0 && value in names ? [names[value as T]] : []));
  return [
    ...coverage.never.map((fault) => text.neverFault(faultLabel(fault))),
    ...coverage.stages.flatMap(({ value, attempts, runs }) => (attempts === 0 ? [text.neverDone(value, runs)] : [])),
    ...none(coverage.views, text.neverViews),
  ];
}

/** What was looked at, by what was done, which way round, where it led and from where; what was never is left out of where it led. */
export function tablesOf(coverage: Coverage | null): SaidTable[] {
  if (!coverage) return [];
  const text = words.coverage;
  const { way: ways, direction: directions, view: views } = words.splits.values;
  const shares = (of: Coverage['ways'], name: (value: string) => string): string[][] =>
    of.map(({ value, attempts, share }) => [name(value), String(attempts), text.ofAll(share)]);
  const notGiven = (n: number): string => (n > 0 ? text.notGiven(n) : '');
  const done = coverage.stages.map(({ value, runs, attempts, share }) => [value, String(runs), String(attempts), text.ofAll(share)]);
  const led = coverage.directions.filter(({ attempts }) => attempts > 0);
  return [
    { title: text.done, heads: text.doneHeads, rows: done, below: '' },
    {
      title: text.ways,
      heads: text.heads,
      rows: shares(coverage.ways, (way) => ways?.[way] ?? way),
      below: notGiven(coverage.notGiven.way),
    },
    {
      ...{ title: text.directions, heads: text.heads, below: notGiven(coverage.notGiven.direction) },
      rows: shares(led, (direction) => directions?.[direction] ?? direction),
    },
    { title: text.views, heads: text.heads, rows: shares(coverage.views, (view) => views?.[view] ?? view), below: '' },
  ];
}
