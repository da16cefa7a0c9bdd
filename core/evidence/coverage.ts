import { VIEWS } from '../catalogue/fault.js';
import { DIRECTIONS } from '../plan/direction.js';
import { grouped } from '../grouped.js';

/** Watched attempts of one fault in one part of a run. */
export interface Watched {
  readonly evening: string;
  /** YYYY-MM-DD. */
  readonly day: string;
  /** The place in its run: of several faults watched there the one with most attempts says how much was looked at. */
  readonly place: string;
  readonly fault: string;
  readonly stage: string;
  readonly way: string;
  readonly direction: string;
  readonly view: string;
  readonly attempts: number;
}

/** Something that was done, in how many runs. */
export interface Done {
  readonly stage: string;
  readonly runs: number;
}

interface Looked {
  readonly value: string;
  readonly attempts: number;
  /** Of all that were watched; 0 where none were. */
  readonly share: number;
}

/** What was looked at, and what never. */
export interface Coverage {
  /** Watched attempts of all, and evenings with any. */
  readonly attempts: number;
  readonly evenings: number;
  /** What was done, the least looked at first. */
  readonly stages: readonly (Looked & { readonly runs: number })[];
  readonly ways: readonly Looked[];
  readonly directions: readonly Looked[];
  readonly views: readonly Looked[];
  /** Attempts of which side or lead, and direction, are not known. */
  readonly notGiven: { readonly way: number; readonly direction: number };
  /** Faults looked for, the least first, with when last; and those in focus that never were. */
  readonly faults: readonly { readonly fault: string; readonly attempts: number; readonly evenings: number; readonly last: string }[];
  readonly never: readonly string[];
}

/** In which way round: as written, and the other side or lead. */
const WAYS = ['written', 'other'] as const;

/**
 * What of an athlete was looked at: which things done, which way round, where it led, from where and for what; what was never is said too.
 * @param done what they did, watched or not
 * @param focus what the coach has in focus
 */
export function coverageOf(watched: readonly Watched[], done: readonly Done[], focus: readonly string[]): Coverage {
  const seen = watched.filter(({ attempts }) => attempts > 0);
  // Of one place the fault with most chances stands for how much was looked at.
  const places = [...grouped(seen, ({ place }) => place).values()].map((of) =>
    of.reduce((most, one) => (one.attempts > most.attempts ? one : most)),
  );
  const sum = (of: readonly Watched[]): number => of.reduce((all, { attempts }) => all + attempts, 0);
  const attempts = sum(places);
  const looked = (of: 'stage' | 'way' | 'direction' | 'view', values: readonly string[]): Looked[] => {
    const by = grouped(places, (one) => one[of]);
    return values.map((value) => {
      const n = sum(by.get(value) ?? []);
      return { value, attempts: n, share: attempts > 0 ? n / attempts : 0 };
    });
  };
  const runs = new Map(done.map((one) => [one.stage, one.runs]));
  const stages = looked('stage', [...new Set([...runs.keys(), ...places.map(({ stage }) => stage)])]);
  const faults = [...grouped(seen, ({ fault }) => fault)].map(([fault, of]) => ({
    ...{ fault, attempts: sum(of), evenings: new Set(of.map(({ evening }) => evening)).size },
    last: of.reduce((last, { day }) => (day > last ? day : last), ''),
  }));
  return {
    ...{ attempts, evenings: new Set(seen.map(({ evening }) => evening)).size },
    stages: stages
      .map((one) => ({ ...one, runs: runs.get(one.value) ?? 0 }))
      .sort((a, b) => a.attempts - b.attempts || b.runs - a.runs || (a.value < b.value ? -1 : 1)),
    ways: looked('way', WAYS),
    directions: looked('direction', DIRECTIONS),
    views: looked('view', VIEWS),
    notGiven: { way: sum(places.filter(({ way }) => way === '')), direction: sum(places.filter(({ direction }) => direction === '')) },
    faults: faults.sort((a, b) => a.attempts - b.attempts || (a.last < b.last ? -1 : 1)),
    never: focus.filter((fault) => !faults.some((one) => one.fault === fault)),
  };
}
