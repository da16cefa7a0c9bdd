/** Somebody, and how much each of their faults needs work: above 0; a fault that is not there needs none. */
export interface Needs {
  readonly id: string;
  readonly faults: ReadonlyMap<string, number>;
}

/** Those who work on the same fault together. */
interface Station {
  readonly fault: string;
  readonly ids: readonly string[];
}

export interface Stations {
  readonly stations: readonly Station[];
  /** Who shares no fault of a station. */
  readonly alone: readonly string[];
}

/** A station has so many people at least, and those of so many faults are tried that most share. */
const [LEAST, TRIED] = [2, 12];

/**
 * A group clustered into stations: everybody at one for a fault that they show, two or more at each, no more than so many stations, so
 * that the needs worked on add up to the most. Exact among the twelve faults that most people share. Of equal ones, the fewest stations.
 * @param most stations that the hall and the coaches have room for, 1…4
 */
export function stationsOf(group: readonly Needs[], most: number): Stations {
  const faults = shared(group);
  let best: Assigned = { at: [], sum: 0 };
  for (const some of subsets(faults, most)) {
    const tried = assigned(group, some);
    if (tried && tried.sum > best.sum + 1e-9) best = tried;
  }
  const used = [...new Set(best.at.filter((fault) => fault !== null))].sort();
  const stations = used.map((fault) => ({ fault, ids: group.filter((_, i) => best.at[i] === fault).map(({ id }) => id) }));
  return {
    stations: stations.sort((a, b) => b.ids.length - a.ids.length),
    alone: group.filter((_, i) => (best.at[i] ?? null) === null).map(({ id }) => id),
  };
}

/** Where each of a group is, and what that adds up to. */
interface Assigned {
  readonly at: readonly (string | null)[];
  readonly sum: number;
}

function shared(group: readonly Needs[]): string[] {
  const by = new Map<string, number>();
  for (const { faults } of group) for (const fault of faults.keys()) by.set(fault, (by.get(fault) ?? 0) + 1);
  const enough = [...by].filter(([, people]) => people >= LEAST);
  return enough
    .sort(([a, n], [b, m]) => m - n || (a < b ? -1 : 1))
    .slice(0, TRIED)
    .map(([fault]) => fault);
}

/** All choices of at least one and at most so many, the small ones first. */
function subsets(of: readonly string[], most: number): string[][] {
  let last: { readonly some: string[]; readonly next: number }[] = [{ some: [], next: 0 }];
  const all: string[][] = [];
  for (let size = 1; size <= Math.min(most, of.length); size++) {
    last = last.flatMap(({ some, next }) => of.slice(next).map((one, i) => ({ some: [...some, one], next: next + i + 1 })));
    all.push(...last.map(({ some }) => some));
  }
  return all;
}

/**
 * Everybody at the station that their need is greatest at, then the cheapest chains of moves until each has enough people: with no chain
 * left that costs less, that is the best there is (successive shortest paths). Null where they are too few.
 */
function assigned(group: readonly Needs[], faults: readonly string[]): Assigned | null {
  const need = (i: number, fault: string): number => group[i]?.faults.get(fault) ?? 0;
  const at = group.map((_, i) =>
    faults.reduce<string | null>((best, fault) => (need(i, fault) > (best === null ? 0 : need(i, best)) ? fault : best), null),
  );
  const size = (fault: string): number => at.filter((one) => one === fault).length;
  for (let short = faults.find((fault) => size(fault) < LEAST); short !== undefined; short = faults.find((fault) => size(fault) < LEAST)) {
    const chain = cheapest(
      faults,
      faults.filter((fault) => size(fault) > LEAST),
      short,
      (from, to) => {
        const movers = at.flatMap((fault, i) => (fault === from && need(i, to) > 0 ? [{ i, cost: need(i, from) - need(i, to) }] : []));
        return movers.reduce<Move | null>((least, one) => (least === null || one.cost < least.cost ? one : least), null);
      },
    );
    if (!chain) return null;
    for (const { i, to } of chain) at[i] = to;
  }
  return { at, sum: at.reduce((sum, fault, i) => sum + (fault === null ? 0 : need(i, fault)), 0) };
}

/** One who would move, and what it would cost. */
interface Move {
  readonly i: number;
  readonly cost: number;
}
type Chain = readonly (Move & { readonly to: string })[];

/** The cheapest chain of moves from a station that can spare somebody to one that is short (Bellman and Ford). */
function cheapest(
  faults: readonly string[],
  spare: readonly string[],
  short: string,
  move: (from: string, to: string) => Move | null,
): Chain | null {
  const reached = new Map<string, { readonly cost: number; readonly chain: Chain }>(spare.map((fault) => [fault, { cost: 0, chain: [] }]));
  for (let round = 1; round < faults.length; round++)
    for (const from of faults)
      for (const to of faults) {
        const so = reached.get(from);
        const one = so && from !== to ? move(from, to) : null;
        if (!so || !one) continue;
        const cost = so.cost + one.cost;
        if (cost < (reached.get(to)?.cost ?? Infinity) - 1e-12) reached.set(to, { cost, chain: [...so.chain, { ...one, to }] });
      }
  return reached.get(short)?.chain ?? null;
}
