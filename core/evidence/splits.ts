import { grouped } from '../grouped.js';
import { addTo, clusteredWilson, totalOf, type Cluster, type ClusteredInterval } from './likeness.js';
import { likeForLike, type Compared, type LikeForLike } from './like-for-like.js';

/** By what the attempts of a fault are split. 'part': of the evening; '' as a value: not given. */
export const SPLITS = [
  ...(['third', 'round', 'part', 'stage', 'kind', 'cueing', 'implement', 'tempo'] as const),
  ...(['way', 'direction', 'opponent', 'view', 'source'] as const),
] as const;
export type SplitBy = (typeof SPLITS)[number];

/** What somebody showed of a fault in one part of a run. */
export interface RunPart {
  readonly evening: string;
  /** What was done: of an evening only the same is held against each other. */
  readonly stage: string;
  readonly values: Readonly<Record<SplitBy, string>>;
  /** How far through the exercise's rounds its round lies, above 0 and below 1; null where there is one only, or it is not given. */
  readonly through: number | null;
  readonly attempts: number;
  readonly faulty: number;
  readonly left: number;
  readonly right: number;
}

interface SplitRow {
  readonly value: string;
  readonly attempts: number;
  readonly faulty: number;
  readonly rate: number;
  readonly interval: ClusteredInterval;
  /** This less all other values, in the evenings that have both; null where none has. */
  readonly against: LikeForLike | null;
}

interface Split {
  readonly by: SplitBy;
  /** Most attempts first; rounds and thirds in their order. */
  readonly rows: readonly SplitRow[];
  /** Attempts of which it is not known, and of values beyond the most that are shown. */
  readonly notGiven: number;
  readonly others: number;
}

/** Taps with a side: the share of the left, as if both sides had as many chances. */
export interface Sides extends ClusteredInterval {
  readonly left: number;
  readonly right: number;
  readonly share: number;
}

export interface Splits {
  /**
   * When tired: the last third of a round less the first, and the later half of the rounds less the earlier, each within one stage of one
   * evening: what changed over the season is not taken for tiredness. Null where nobody was watched both early and late.
   */
  readonly third: LikeForLike | null;
  readonly round: LikeForLike | null;
  /** The same as `third`, of the taps of one side alone: which of them it is that tires. */
  readonly left: LikeForLike | null;
  readonly right: LikeForLike | null;
  readonly sides: Sides | null;
  readonly by: readonly Split[];
}

/** Of a split no more values than these are told apart. */
const MOST_VALUES = 12;
const IN_ORDER: readonly SplitBy[] = ['third', 'round', 'part'];

/**
 * Where a fault shows: when tired, on which side, and by everything that the log knows of an attempt, each value with its rate and how
 * much it differs from the others. Several values asked at once share the chance of being told wrong.
 * @param parts of one athlete and fault
 */
export function splitsOf(parts: readonly RunPart[]): Splits {
  const watched = parts.filter(({ attempts }) => attempts > 0);
  // What was done in an evening is named once: of many years there are tens of thousands of parts.
  const likes = watched.map(({ evening, stage }) => `${evening} ${stage}`);
  const compared = (later: Later, hitsOf: (part: RunPart) => number = ({ faulty }) => faulty): LikeForLike | null =>
    likeForLike(comparedOf(watched, likes, later, hitsOf));
  const inLast: Later = ({ values: { third } }) => (third === '3' ? true : third === '1' ? false : null);
  // A tap that had no chance of its own has a side all the same.
  const oneSide = (side: 'left' | 'right'): LikeForLike | null =>
    parts.some((part) => part[side] > 0) ? compared(inLast, (part) => Math.min(part[side], part.faulty)) : null;
  return {
    third: compared(inLast),
    round: compared(({ through }) => (through === null || through === 0.5 ? null : through > 0.5)),
    ...{ left: oneSide('left'), right: oneSide('right') },
    sides: sidesOf(parts),
    by: SPLITS.map((by) => splitBy(watched, by)).filter(({ rows }) => rows.length > 1),
  };
}

/** On which side of a comparison a part is; null: on neither. */
type Later = (part: RunPart) => boolean | null;

/** Chances within what was done in an evening, on two sides. */
function comparedOf(parts: readonly RunPart[], likes: readonly string[], later: Later, hitsOf: (part: RunPart) => number): Compared[] {
  type Summed = Compared & { hits: number; n: number };
  const sides = [new Map<string, Summed>(), new Map<string, Summed>()] as const;
  parts.forEach((part, i) => {
    const side = later(part);
    if (side === null) return;
    const like = likes[i] as string;
    const sum = sides[side ? 1 : 0].get(like);
    if (!sum) sides[side ? 1 : 0].set(like, { evening: part.evening, like, later: side, hits: hitsOf(part), n: part.attempts });
    else {
      sum.hits += hitsOf(part);
      sum.n += part.attempts;
    }
  });
  return sides.flatMap((of) => [...of.values()]);
}

/** What the evenings say of a value, each by its name. */
type Evenings = ReadonlyMap<string, Cluster>;
const NONE: Cluster = { hits: 0, n: 0 };

function splitBy(all: readonly RunPart[], by: SplitBy): Split {
  const values = new Map<string, Map<string, { hits: number; n: number }>>();
  for (const { evening, values: of, faulty, attempts } of all) {
    let evenings = values.get(of[by]);
    if (!evenings) values.set(of[by], (evenings = new Map<string, { hits: number; n: number }>()));
    addTo(evenings, evening, faulty, attempts);
  }
  const totals = [...values].map(([value, of]) => ({ value, of, ...totalOf([...of.values()]) }));
  const notGiven = totals.find(({ value }) => value === '')?.n ?? 0;
  const given = totals.filter(({ value }) => value !== '').sort((a, b) => b.n - a.n);
  const most = given.slice(0, MOST_VALUES);
  if (IN_ORDER.includes(by)) most.sort((a, b) => Number(a.value) - Number(b.value));
  const known = new Map<string, { hits: number; n: number }>();
  for (const { of } of most) for (const [evening, { hits, n }] of of) addTo(known, evening, hits, n);
  // Of two the one is the other's difference turned round.
  const asked = most.length > 2 ? most.length : 1;
  const others = given.slice(MOST_VALUES).reduce((sum, { n }) => sum + n, 0);
  if (most.length < 2) return { by, rows: [], notGiven, others };
  const rows = most.map(({ value, of, hits, n }): SplitRow => ({
    ...{ value, attempts: n, faulty: hits, rate: hits / n },
    interval: clusteredWilson([...of.values()]) as ClusteredInterval,
    against: likeForLike(againstRest(of, known), undefined, 0.05 / asked),
  }));
  return { by, rows, notGiven, others };
}

/** Of each evening, the chances of a value and all others: chances on one side of an evening count for what they are together. */
function againstRest(of: Evenings, all: Evenings): Compared[] {
  const rows: Compared[] = [];
  for (const [evening, { hits, n }] of all) {
    const mine = of.get(evening) ?? NONE;
    rows.push({ evening, like: evening, later: false, hits: hits - mine.hits, n: n - mine.n });
    rows.push({ evening, like: evening, later: true, hits: mine.hits, n: mine.n });
  }
  return rows;
}

function sidesOf(parts: readonly RunPart[]): Sides | null {
  const evenings = [...grouped(parts, ({ evening }) => evening).values()].map((of) =>
    totalOf(of.map(({ left, right }) => ({ hits: left, n: left + right }))),
  );
  const { hits, n } = totalOf(evenings);
  const interval = clusteredWilson(evenings);
  return interval && { ...interval, left: hits, right: n - hits, share: hits / n };
}
