import { SIDES, type FootAt, type Side } from '../body/foot.js';
import { add, distance, normalised, sub, turned, type Vec } from '../body/vec.js';
import { onArea } from '../judge/placing.js';
import type { Placing } from '../judge/area.js';
import type { Simulation } from '../motion/simulation.js';
import type { Stood } from './foot.js';

/** Where a foot comes to stand by the plan: where it begins, or a contact; in the plan's own frame, metres. */
export interface Planned {
  readonly foot: Side;
  readonly at: FootAt;
  /** The move that puts it there; −1: where it begins. And when it is down, seconds of the plan. */
  readonly move: number;
  readonly down: number;
}

/** One foot of a film beside the same of the plan. */
export interface Beside {
  readonly planned: Planned;
  readonly stood: Stood;
  /** From where it should be to where it was, in the plan's frame: right and ahead, metres. */
  readonly off: Vec;
  /** By how much the toe was turned further than planned, ° clockwise; null where nobody could say. */
  readonly toe: number | null;
}

/** A plan laid over the feet of a film. */
export interface AgainstPlan {
  /** Where the plan begins on the floor of the film, and which way it looks. */
  readonly at: Vec;
  readonly facing: number;
  readonly beside: readonly Beside[];
  /** The root of the mean square of what is off, metres. */
  readonly off: number;
}

/** Where feet come to stand by a plan, in the order in which they do. */
export const plannedFeet = ({ start, actions }: Pick<Simulation, 'start' | 'actions'>): Planned[] => [
  ...SIDES.map((foot): Planned => ({ foot, at: start.feet[foot], move: -1, down: 0 })),
  ...[...actions]
    .sort((a, b) => a.end - b.end)
    .flatMap(({ contact, foot, to, move, end }): Planned[] => (contact ? [{ foot, at: to, move, down: end }] : [])),
];

/** Where a plan begins on a floor, and which way it looks there. */
type Laid = Pick<Placing, 'at' | 'facing'>;

/** A foot that is off by more than this weighs as if it were off by so much only, metres: one wrong step does not shift the others. */
const MILD = 0.03;
const ROUNDS = 8;

/**
 * The turn and shift that bring the plan's feet nearest to those of the film: least squares in the plane (Kabsch 1976), weighed anew by
 * what is off (Huber 1964), so that a foot that went elsewhere is off by itself and draws nobody along.
 */
function laid(pairs: readonly Pair[]): Laid {
  let where = weighed(pairs, () => 1);
  for (let round = 0; round < ROUNDS; round++) {
    const { at, facing } = where;
    where = weighed(pairs, ([planned, { place }]) => {
      const off = distance(add(at, turned(planned.at, facing)), place.at);
      return off > MILD ? MILD / off : 1;
    });
  }
  return where;
}

function weighed(pairs: readonly Pair[], weight: (pair: Pair) => number): Laid {
  const weights = pairs.map(weight);
  const all = weights.reduce((sum, one) => sum + one, 0);
  const mean = (of: (pair: Pair) => Vec): Vec => ({
    x: pairs.reduce((sum, pair, i) => sum + (weights[i] ?? 0) * of(pair).x, 0) / all,
    y: pairs.reduce((sum, pair, i) => sum + (weights[i] ?? 0) * of(pair).y, 0) / all,
  });
  const [from, to] = [mean(([planned]) => planned.at), mean(([, { place }]) => place.at)];
  let [straight, across] = [0, 0];
  pairs.forEach(([planned, { place }], i) => {
    const [a, b, w] = [sub(planned.at, from), sub(place.at, to), weights[i] ?? 0];
    straight += w * (a.x * b.x + a.y * b.y);
    across += w * (a.y * b.x - a.x * b.y);
  });
  const facing = (Math.atan2(across, straight) * 180) / Math.PI;
  return { at: sub(to, turned(from, facing)), facing };
}

type Pair = readonly [Planned, Stood];

/** How far into a plan the first foot of a film is looked for, and by how many of its feet the plan is laid down first. */
const MOST_INTO = 12;
const FIRST = 4;
/** Of the ways in which the first feet may lie, so many of the best are gone through to the end. */
const MOST_TRIED = 16;
/** A foot that has gone less far than this, metres, or than its place is known, may have been tapped again where it stands. */
const STILL = 0.08;
/** What that costs, and a contact of the plan that nobody tapped; square metres (our own). */
const AGAIN = 0.15 ** 2;
const MISSED = 0.3 ** 2;
/** Contacts in a row that may be left out. */
const MOST_MISSED = 4;

/** The first feet of a film as the next ones of the plan, each side from one of its contacts on; null where the plan has not so many. */
function inOrder(planned: readonly Planned[], feet: readonly Stood[], from: Readonly<Record<Side, number>>): Pair[] | null {
  const next = { ...from };
  const pairs: Pair[] = [];
  for (const stood of feet) {
    const one = planned.filter(({ foot }) => foot === stood.foot)[next[stood.foot]++];
    if (!one) return null;
    pairs.push([one, stood]);
  }
  return pairs;
}

/** One way to go through a side's contacts: what it costs so far, what the last foot is, and how those before it went. */
interface Way {
  readonly cost: number;
  readonly last: Pair | null;
  readonly before: Way | null;
}

/** What each foot of a way is, from the first on. */
function pairsOf(way: Way | null): Pair[] {
  const pairs: Pair[] = [];
  for (let at = way; at?.last; at = at.before) pairs.push(at.last);
  return pairs.reverse();
}

/** Both sides along a plan that lies somewhere. */
interface Through {
  readonly cost: number;
  readonly pairs: readonly Pair[];
  readonly where: Laid;
}

const NOWHERE: Way = { cost: 0, last: null, before: null };

/** The feet of one side along the plan's contacts of that side, at the least cost (dynamic programming; never back). */
function along(planned: readonly Planned[], feet: readonly Stood[], { at, facing }: Laid): Way | null {
  if (feet.length === 0) return NOWHERE;
  let ways: readonly (Way | null)[] = [];
  feet.forEach((stood, i) => {
    const was = turned(sub(stood.place.at, at), -facing);
    const last = feet[i - 1];
    const stays = last !== undefined && distance(last.place.at, stood.place.at) < Math.max(STILL, stood.place.within);
    ways = planned.map((one, j): Way | null => {
      let [before, least]: [Way | null, number] = i === 0 ? [NOWHERE, 0] : [null, Infinity];
      for (let gone = stays ? 0 : 1; i > 0 && gone <= MOST_MISSED + 1 && gone <= j; gone++) {
        const way = ways[j - gone] ?? null;
        const cost = (way?.cost ?? Infinity) + (gone === 0 ? AGAIN : (gone - 1) * MISSED);
        if (cost < least) [before, least] = [way, cost];
      }
      return before && { cost: least + distance(was, one.at) ** 2, last: [one, stood], before };
    });
  });
  return ways.reduce((best, way) => (way && way.cost < (best?.cost ?? Infinity) - 1e-9 ? way : best), null);
}

/**
 * Lays a plan over feet of a film: it is turned and shifted as a whole until most feet go together, so that where and which way the
 * athlete began says nothing. Which contact a foot is follows from their order, each side by itself: a foot that was tapped twice where
 * it stands, and a contact that nobody tapped, cost something and break nothing.
 * @param feet in the order of their frames.
 * @returns null where there are fewer than two, or none that goes with the plan.
 */
export function againstPlan(simulation: Pick<Simulation, 'start' | 'actions'>, feet: readonly Stood[]): AgainstPlan | null {
  if (feet.length < 2) return null;
  const planned = plannedFeet(simulation);
  const own = (side: Side) => planned.filter(({ foot }) => foot === side);
  const sides = { left: own('left'), right: own('right') };
  const through = (where: Laid): Through | null => {
    const ways = SIDES.map((side) =>
      along(
        sides[side],
        feet.filter(({ foot }) => foot === side),
        where,
      ),
    );
    if (ways.includes(null)) return null;
    return { where, cost: ways.reduce((sum, way) => sum + (way?.cost ?? 0), 0), pairs: ways.flatMap(pairsOf) };
  };
  const begins = sides.left.slice(0, MOST_INTO).flatMap((_, left) =>
    sides.right.slice(0, MOST_INTO).flatMap((__, right) => {
      const first = inOrder(planned, feet.slice(0, FIRST), { left, right });
      return first ? [compared(first)] : [];
    }),
  );
  // What goes together as well later goes together first: the order of those alike stays.
  begins.sort((one, other) => (Math.abs(one.off - other.off) < 1e-6 ? 0 : one.off - other.off));
  let best: Through | null = null;
  for (const begun of begins.slice(0, MOST_TRIED)) {
    let way = through(begun);
    // Laid down by all of them, once more: what is whose may have changed.
    for (let round = 0; round < 2 && way; round++) way = through(laid(way.pairs));
    if (way && way.cost < (best?.cost ?? Infinity) - 1e-6) best = way;
  }
  return best && compared(best.pairs);
}

function compared(pairs: readonly Pair[]): AgainstPlan {
  const { at, facing } = laid(pairs);
  const beside = [...pairs]
    .sort(([, a], [, b]) => a.frame - b.frame)
    .map(([planned, stood]): Beside => ({
      planned,
      stood,
      off: sub(turned(sub(stood.place.at, at), -facing), planned.at),
      toe: stood.toe && normalised(stood.toe.value - facing - planned.at.toe),
    }));
  const squares = beside.reduce((sum, { off }) => sum + off.x * off.x + off.y * off.y, 0);
  return { at, facing, beside, off: Math.sqrt(squares / beside.length) };
}

/** Where the plan's feet lie on the floor of the film. */
export const planOnFloor = (placing: Placing, planned: readonly Planned[]): (FootAt & { readonly foot: Side })[] =>
  planned.map(({ foot, at }) => ({ foot, ...onArea(placing, at), toe: at.toe + placing.facing }));
