import type { FaultEntry } from '../catalogue/fault.js';
import { stateIn, type BookState } from './states.js';
import type { BookEntry } from './book.js';
import { beside, type Beside, type Together } from './together.js';

/** A cause of the catalogue and what it can bring, with what the log says of the two. */
export interface CauseLink {
  readonly cause: string;
  readonly fault: string;
  /** Whether they come together more than by chance; 'too few': not enough occasions in which both could be seen showed either. */
  readonly log: 'found' | 'not found' | 'too few';
  /** In how many occasions with the fault the cause showed, and in how many without; null where too few were asked. */
  readonly showed: Beside | null;
}

/** A fault of the map. */
export interface CauseNode {
  readonly fault: string;
  /** As in the book; 'not looked for' where it stands in no book: it is here because it can cause one that does. */
  readonly state: BookState | 'not looked for';
  /** Of all that could show it; null where nothing was watched. */
  readonly rate: number | null;
  /** Column, behind those of its causes. */
  readonly level: number;
  /** It is seen, was found together with something that it can cause, and nothing here was found to come before it: where one begins. */
  readonly root: boolean;
}

/** What causes what among the faults of an athlete. */
export interface CauseMap {
  /** By column; within, the likely roots first, then by rate. */
  readonly nodes: readonly CauseNode[];
  /** What the catalogue links. */
  readonly links: readonly CauseLink[];
  /** What comes together more than by chance without a link of the catalogue. */
  readonly others: readonly Together[];
}

type Known = Pick<FaultEntry, 'causes'>;

/** What is worked on, or was lately. */
const OPEN: readonly string[] = ['returned', 'recurring', 'new', 'fading'] satisfies BookState[];

/**
 * The faults of an athlete that are open and what the catalogue says can cause them, laid over what comes together in the log. Which
 * causes which is said by the catalogue alone; the log says whether the two come together more than by chance.
 * @param offered faults that are looked for here: a cause that is none of them, and was never seen, is left out
 */
export function causeMap(
  book: readonly BookEntry[],
  together: readonly Together[],
  catalogue: ReadonlyMap<string, Known>,
  offered: (fault: string) => boolean = () => true,
): CauseMap {
  const entries = new Map(book.map((entry) => [entry.fault, entry]));
  const isOpen = (fault: string): boolean => OPEN.includes(stateOf(entries.get(fault)));
  const open = book.map(({ fault }) => fault).filter(isOpen);
  const links = open.flatMap((fault) =>
    (catalogue.get(fault)?.causes ?? [])
      .filter((cause) => cause !== fault && (entries.has(cause) || offered(cause)))
      .map((cause) => linkOf(cause, fault, together)),
  );
  const found = links.filter(({ cause, log }) => log === 'found' && isOpen(cause));
  const faults = [...new Set([...open, ...links.map(({ cause }) => cause)])];
  const rootOf = (fault: string): boolean =>
    found.some(({ cause }) => cause === fault) &&
    // Two that cause each other: where one begins is not known, and both may be it.
    !found.some((link) => link.fault === fault && !found.some((back) => back.cause === fault && back.fault === link.cause));
  const drawn = faults.map((fault) => ({
    ...{ fault, state: stateOf(entries.get(fault)), rate: entries.get(fault)?.rate ?? null, root: rootOf(fault) },
  }));
  drawn.sort((a, b) => Number(b.root) - Number(a.root) || (b.rate ?? -1) - (a.rate ?? -1) || (a.fault < b.fault ? -1 : 1));
  const levels = levelsOf(
    drawn.map(({ fault }) => fault),
    links,
  );
  return {
    nodes: drawn.map((node) => ({ ...node, level: levels.get(node.fault) ?? 0 })).sort((a, b) => a.level - b.level),
    links,
    others: together.filter(
      ({ found, fault, other }) =>
        found && isOpen(fault) && isOpen(other) && !links.some((link) => isPair(link.cause, link.fault, { fault, other })),
    ),
  };
}

const stateOf = (entry: BookEntry | undefined): CauseNode['state'] => (entry ? stateIn(entry) : 'not looked for');

const isPair = (a: string, b: string, pair: { readonly fault: string; readonly other: string }): boolean =>
  (pair.fault === a && pair.other === b) || (pair.fault === b && pair.other === a);

function linkOf(cause: string, fault: string, together: readonly Together[]): CauseLink {
  const pair = together.find((one) => isPair(cause, fault, one));
  if (!pair) return { cause, fault, log: 'too few', showed: null };
  return { cause, fault, log: pair.found ? 'found' : 'not found', showed: beside(pair, fault) };
}

/** Columns: each fault behind all of its causes (Kahn 1962). In a ring, the first of those left goes first. */
function levelsOf(faults: readonly string[], links: readonly CauseLink[]): ReadonlyMap<string, number> {
  const levels = new Map<string, number>();
  const left = new Set(faults);
  while (left.size > 0) {
    const free = [...left].filter((fault) => !links.some((link) => link.fault === fault && left.has(link.cause)));
    for (const fault of free.length > 0 ? free : [...left].slice(0, 1)) {
      const before = links.filter((link) => link.fault === fault).flatMap(({ cause }) => levels.get(cause) ?? []);
      levels.set(fault, before.length === 0 ? 0 : 1 + Math.max(...before));
      left.delete(fault);
    }
  }
  // What nothing here causes stands right before the nearest of what it can cause: no arrow runs behind a column without need.
  for (const fault of faults.filter((one) => !links.some((link) => link.fault === one))) {
    const after = links.filter(({ cause }) => cause === fault).flatMap((link) => levels.get(link.fault) ?? []);
    if (after.length > 0) levels.set(fault, Math.max(0, Math.min(...after) - 1));
  }
  return levels;
}
