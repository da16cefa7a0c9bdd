import { STATES, type State } from '../judge/state.js';
import type { Study } from '../judge/study.js';

/** What is compared, by code. */
export type ComparedWhat =
  | 'time'
  | 'contacts-left'
  | 'contacts-right'
  | 'splits'
  | 'lunges-left'
  | 'lunges-right'
  | 'landings'
  | 'way'
  | 'floor-across'
  | 'floor-along'
  | 'net-right'
  | 'net-ahead'
  | 'turned'
  | 'answer-worst'
  | 'answer-mean'
  | State
  | 'stop-safe'
  | 'findings';

/** One line of a comparison. */
export interface Compared {
  readonly what: ComparedWhat;
  readonly unit: 's' | 'm' | 'deg' | 'share' | 'count';
  readonly a: number | null;
  readonly b: number | null;
  readonly changed: boolean;
}

/** A step of the text that only one of the two has. */
interface ChangedStep {
  readonly side: 'a' | 'b';
  readonly text: string;
}

export interface Comparison {
  readonly lines: readonly Compared[];
  readonly steps: readonly ChangedStep[];
}

/** Two patterns or versions side by side: time, contacts, floor, states, time to answer, and which steps differ. */
export function compare(a: Study, b: Study): Comparison {
  const line = (what: ComparedWhat, unit: Compared['unit'], of: (study: Study) => number | null): Compared => {
    const [one, other] = [of(a), of(b)];
    const changed = one === null || other === null ? one !== other : Math.abs(one - other) > 1e-6;
    return { what, unit, a: one, b: other, changed };
  };
  const lines = [
    line('time', 's', (s) => s.totals.seconds),
    line('contacts-left', 'count', (s) => s.totals.contacts.left),
    line('contacts-right', 'count', (s) => s.totals.contacts.right),
    line('splits', 'count', (s) => s.totals.splits),
    line('lunges-left', 'count', (s) => s.totals.lunges.left),
    line('lunges-right', 'count', (s) => s.totals.lunges.right),
    line('landings', 'count', (s) => Object.values(s.totals.landings).reduce((sum, n) => sum + n, 0)),
    line('way', 'm', (s) => s.totals.distance),
    line('floor-across', 'm', (s) => s.totals.floor.across),
    line('floor-along', 'm', (s) => s.totals.floor.along),
    line('net-right', 'm', (s) => s.drift.right),
    line('net-ahead', 'm', (s) => s.drift.ahead),
    line('turned', 'deg', (s) => s.drift.turned),
    line('answer-worst', 's', (s) => s.answer.worst),
    line('answer-mean', 's', (s) => s.answer.mean),
    ...STATES.map((state) => line(state, 'share', (s) => s.shares[state])),
    line('stop-safe', 'share', (s) => s.shares.stopSafe),
    line('findings', 'count', (s) => s.findings.filter((finding) => !finding.intended).length),
  ];
  return { lines, steps: changedSteps(stepsOf(a), stepsOf(b)) };
}

const stepsOf = (study: Study): string[] => {
  const seen = new Set<number>();
  return study.simulation.moves.flatMap(({ span }) => {
    if (seen.has(span.from)) return [];
    seen.add(span.from);
    return [study.text.slice(span.from, span.to)];
  });
};

/** What is left of both once their longest common row of steps is taken out. */
function changedSteps(a: readonly string[], b: readonly string[]): ChangedStep[] {
  const longest: number[][] = Array.from({ length: a.length + 1 }, () => new Array<number>(b.length + 1).fill(0));
  const at = (i: number, j: number): number => longest[i]?.[j] ?? 0;
  for (let i = a.length - 1; i >= 0; i--)
    for (let j = b.length - 1; j >= 0; j--)
      (longest[i] as number[])[j] = a[i] === b[j] ? at(i + 1, j + 1) + 1 : Math.max(at(i + 1, j), at(i, j + 1));
  const found: ChangedStep[] = [];
  let [i, j] = [0, 0];
  while (i < a.length || j < b.length) {
    if (i < a.length && j < b.length && a[i] === b[j]) {
      i++;
      j++;
    } else if (j >= b.length || (i < a.length && at(i + 1, j) >= at(i, j + 1))) found.push({ side: 'a', text: a[i++] as string });
    else found.push({ side: 'b', text: b[j++] as string });
  }
  return found;
}
