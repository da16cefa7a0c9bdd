import type { GroupBook } from '@hopsk/contract/group-book';
import type { FaultEntry } from '@hopsk/core/catalogue/fault';
import { costingOf, costOf } from '@hopsk/core/evidence/cost';
import type { Needs } from '@hopsk/core/evidence/stations';
import { dayOf } from '../../parts/run-setup';

/** So much of the accent at the most lies behind a number that has to be read on it, in the dark too (per cent). */
const SHADE = 45;

/** How dark a cell is for a share, 0…1: as dark as it gets from a half on. */
export const shadeOf = (share: number): string => `${Math.round(Math.min(1, share * 2) * SHADE)}%`;

/** Over how many weeks a group is looked at. */
export const WEEKS = ['4', '8', '26', '52'] as const;
export type Weeks = (typeof WEEKS)[number];

/** The day so many weeks ago, as the device has it (YYYY-MM-DD). */
export function sinceWeeks(weeks: Weeks): string {
  const day = new Date();
  day.setDate(day.getDate() - 7 * Number(weeks));
  return dayOf(day);
}

type Books = GroupBook['athletes'];
type Cell = Books[number]['cells'][number];

/** What the map needs to know of somebody. */
export interface Person {
  readonly id: string;
  readonly name: string;
  readonly sport: string;
  readonly focus: readonly string[];
}

/** Somebody who was here, with what was seen of them. */
export interface Row {
  readonly person: Person;
  readonly here: number;
  readonly last: string;
  /** Attempts that were watched for whatever was watched most. */
  readonly watched: number;
  readonly cells: ReadonlyMap<string, Cell>;
}

/** Of whom: everybody, those of a sport, or those who were here on the last day that anybody was. */
export type Whom = { readonly kind: 'all' | 'last' } | { readonly kind: 'sport'; readonly sport: string };

/** By what the rows are ordered: a name, how much was watched, when they were here, or a fault. */
export type Order = 'name' | 'watched' | 'last' | { readonly fault: string };

/** Rows of those who are chosen. People whom this device does not know are left out. */
export function rowsOf(books: Books, people: readonly Person[], whom: Whom): Row[] {
  const known = new Map(people.map((one) => [one.id, one]));
  const last = lastDay(books);
  return books.flatMap(({ athleteId, here, last: day, cells }) => {
    const person = known.get(athleteId);
    if (!person || !isOf(whom, person) || (whom.kind === 'last' && day !== last)) return [];
    const watched = Math.max(0, ...cells.map(({ attempts }) => attempts));
    return [{ person, here, last: day, watched, cells: new Map(cells.map((cell) => [cell.fault, cell])) }];
  });
}

const isOf = (whom: Whom, person: Person): boolean => whom.kind !== 'sport' || person.sport === whom.sport;

/** The last day on which anybody was here. */
export const lastDay = (books: Books): string | null =>
  books.reduce<string | null>((last, one) => (last === null || one.last > last ? one.last : last), null);

/** People who are chosen, and were not here. */
export const awayOf = (books: Books, people: readonly Person[], whom: Whom): Person[] =>
  whom.kind === 'last' ? [] : people.filter((one) => isOf(whom, one) && !books.some(({ athleteId }) => athleteId === one.id));

/** Faults that somebody showed: those first that most showed while they were watched, and surely most often; and those looked for in vain. */
export function columnsOf(rows: readonly Row[]): { readonly seen: string[]; readonly inVain: string[] } {
  const all = [...new Set(rows.flatMap(({ cells }) => [...cells.keys()]))].sort();
  const counted = all.map((fault) => {
    const cells = rows.flatMap((row) => row.cells.get(fault) ?? []);
    const people = cells.filter(({ faulty }) => faulty > 0).length;
    return { fault, people, low: sum(cells.map(({ interval }) => interval?.low ?? 0)), noted: sum(cells.map(({ noted }) => noted)) };
  });
  const seen = counted.filter((one) => one.people + one.noted > 0);
  seen.sort((a, b) => b.people - a.people || b.low - a.low || b.noted - a.noted);
  return { seen: seen.map(({ fault }) => fault), inVain: counted.filter((one) => one.people + one.noted === 0).map(({ fault }) => fault) };
}

/**
 * Rows in order: by a fault those who surely show it most first, and last those who were not watched for it; the least watched and the
 * longest away first; names as they are written.
 */
export function inOrder(rows: readonly Row[], by: Order): Row[] {
  const name = (a: Row, b: Row): number => a.person.name.localeCompare(b.person.name);
  const low = ({ cells }: Row): number => (typeof by === 'string' ? 0 : (cells.get(by.fault)?.interval?.low ?? -1));
  const orders: Readonly<Record<Extract<Order, string>, (a: Row, b: Row) => number>> = {
    name,
    watched: (a, b) => a.watched - b.watched || name(a, b),
    last: (a, b) => (a.last < b.last ? -1 : a.last > b.last ? 1 : name(a, b)),
  };
  return [...rows].sort(typeof by === 'string' ? orders[by] : (a, b) => low(b) - low(a) || name(a, b));
}

const sum = (all: readonly number[]): number => all.reduce((so, one) => so + one, 0);

/** Rows without faults that the club does not offer any more: what was seen of them stays on the map, and nobody is asked to watch them. */
export const offeredIn = (rows: readonly Row[], offered: ReadonlySet<string>): Row[] =>
  rows.map((row) => ({ ...row, cells: new Map([...row.cells].filter(([fault]) => offered.has(fault))) }));

/** What everybody needs to work on, by how often it was seen and what it costs. */
export const needsOf = (rows: readonly Row[], catalogue: ReadonlyMap<string, Pick<FaultEntry, 'safety' | 'cost'>>): Needs[] =>
  rows.map(({ person: { id, focus }, cells }) => ({
    id,
    faults: new Map(
      [...cells.values()].flatMap(({ fault, rate }): [string, number][] =>
        rate ? [[fault, rate * costOf(costingOf(catalogue.get(fault), focus.includes(fault)))]] : [],
      ),
    ),
  }));
