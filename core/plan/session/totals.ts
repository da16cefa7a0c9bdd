import type { End } from '../../language/dose.js';
import type { Landing } from '../../motion/action.js';
import type { PerSide, Totals } from '../../motion/totals.js';
import type { PlannedStretch } from '../stretch.js';
import { callsIn } from './called.js';
import { repetitionsIn } from './repetitions.js';
import { wayAt, type StageSeen } from './seen.js';
import type { Session } from './session.js';
import { isAtLeast, sessionStretches, type Timeline } from './timeline.js';
import { drawnAt, drawnIn } from './way.js';

/** What a stage or a session takes of one athlete. Seconds, counts, metres. */
export interface WorkTotals {
  readonly work: number;
  readonly rest: number;
  readonly change: number;
  readonly explain: number;
  readonly water: number;
  readonly total: number;
  readonly reps: number;
  /** Repetitions as written and on the other side or lead. */
  readonly ways: readonly [number, number];
  readonly contacts: PerSide;
  readonly splits: number;
  readonly lunges: PerSide;
  /** By the way they turn. */
  readonly pivots: PerSide;
  readonly landings: Readonly<Record<Landing, number>>;
  readonly distance: number;
  /** How often each hand word is said. */
  readonly hands: Totals['hands'];
  /** Largest floor of a stage, with reach and margin. */
  readonly floor: { readonly across: number; readonly along: number };
}

export interface SessionTotals {
  readonly stages: readonly WorkTotals[];
  readonly all: WorkTotals;
  /** The same with every range at its upper end. */
  readonly most: WorkTotals;
  readonly atLeast: boolean;
}

type Mutable = { -readonly [K in keyof WorkTotals]: WorkTotals[K] };

const nothing = (): Mutable => ({
  work: 0,
  rest: 0,
  change: 0,
  explain: 0,
  water: 0,
  total: 0,
  reps: 0,
  ways: [0, 0],
  contacts: { left: 0, right: 0 },
  splits: 0,
  lunges: { left: 0, right: 0 },
  pivots: { left: 0, right: 0 },
  landings: { jump: 0, hop: 0, gallop: 0, split: 0 },
  distance: 0,
  hands: {},
  floor: { across: 0, along: 0 },
});

const plusWords = (a: Totals['hands'], b: Totals['hands'], n: number): Totals['hands'] =>
  Object.entries(b).reduce((sum, [word, often]) => ({ ...sum, [word]: (Object.hasOwn(sum, word) ? (sum[word] ?? 0) : 0) + n * often }), a);

const plus = (a: PerSide, b: PerSide, n: number): PerSide => ({ left: a.left + n * b.left, right: a.right + n * b.right });

function addWork(sums: Mutable, totals: Totals, n: number): void {
  sums.contacts = plus(sums.contacts, totals.contacts, n);
  sums.splits += n * totals.splits;
  sums.lunges = plus(sums.lunges, totals.lunges, n);
  sums.pivots = plus(sums.pivots, totals.pivots, n);
  const { jump, hop, gallop, split } = sums.landings;
  const more = totals.landings;
  sums.landings = { jump: jump + n * more.jump, hop: hop + n * more.hop, gallop: gallop + n * more.gallop, split: split + n * more.split };
  sums.distance += n * totals.distance;
  sums.hands = plusWords(sums.hands, totals.hands, n);
  const { across, along } = totals.floorWithMargin;
  sums.floor = { across: Math.max(sums.floor.across, across), along: Math.max(sums.floor.along, along) };
}

const chimesIn = (one: StageSeen, stretch: PlannedStretch) => (one.dose.chimes.length > 0 ? repetitionsIn(one, stretch).chimes : []);

const TIMES = { work: 'work', rest: 'rest', 'set-rest': 'rest', change: 'change', explain: 'explain', water: 'water' } as const;

function summed(seen: readonly StageSeen[], stretches: readonly PlannedStretch[], drawn: Timeline['calls']): WorkTotals[] {
  const sums = seen.map(nothing);
  stretches.forEach((stretch, i) => {
    const [one, sum] = [seen[stretch.exercise], sums[stretch.exercise]];
    if (!one || !sum) return;
    const seconds = stretch.end - stretch.start;
    // Groups that take turns do the same: one athlete is in one of them, and rests while the others are at it.
    const others = stretch.kind === 'work' && stretch.wave > 1;
    sum[others ? 'rest' : TIMES[stretch.kind]] += seconds;
    sum.total += seconds;
    if (stretch.kind !== 'work' || others) return;
    const list = drawn.get(i);
    const reps = list ? list.calls.length : stretch.reps;
    sum.reps += reps;
    sum.ways = stretch.way === 0 ? [sum.ways[0] + reps, sum.ways[1]] : [sum.ways[0], sum.ways[1] + reps];
    if (list)
      one.callables.forEach(({ totals }, k) => {
        if (totals) addWork(sum, totals, list.counts[k] ?? 0);
      });
    else if (!one.stage.calls) {
      const { seed } = one;
      for (const [{ totals }, often] of drawnIn(wayAt(one, stretch), { ...stretch, seed }, reps)) addWork(sum, totals, often);
      chimesIn(one, stretch).forEach(({ chime }, at) => {
        const way = one.chimed[chime]?.[stretch.way];
        if (way) addWork(sum, drawnAt(way, { ...stretch, seed, at }).totals, 1);
      });
    }
  });
  return sums;
}

/** Adds up parts into one whole: the largest floor, the sum of everything else. */
function together(parts: readonly WorkTotals[]): WorkTotals {
  const all = nothing();
  for (const part of parts) {
    for (const key of ['work', 'rest', 'change', 'explain', 'water', 'total', 'reps', 'splits', 'distance'] as const) all[key] += part[key];
    all.ways = [all.ways[0] + part.ways[0], all.ways[1] + part.ways[1]];
    for (const key of ['contacts', 'lunges', 'pivots'] as const) all[key] = plus(all[key], part[key], 1);
    all.hands = plusWords(all.hands, part.hands, 1);
    const { landings: a } = all;
    const { landings: b } = part;
    all.landings = { jump: a.jump + b.jump, hop: a.hop + b.hop, gallop: a.gallop + b.gallop, split: a.split + b.split };
    all.floor = { across: Math.max(all.floor.across, part.floor.across), along: Math.max(all.floor.along, part.floor.along) };
  }
  return all;
}

/**
 * Totals of one athlete, per stage and of the session; a change-over belongs to the stage it leads to. What is called is counted
 * as it is drawn; of a session longer than anybody can run nothing is drawn.
 */
export function sessionTotals(seen: readonly StageSeen[], session: Pick<Session, 'settings' | 'seed' | 'area'>): SessionTotals {
  const at = (end: End): WorkTotals[] => {
    const stretches = sessionStretches(seen, session, end);
    return summed(seen, stretches, callsIn(seen, session, stretches));
  };
  const stages = at('low');
  return { stages, all: together(stages), most: together(at('high')), atLeast: isAtLeast(seen, session) };
}
