import { grouped } from '../grouped.js';
import { clusteredWilson, totalOf, type Cluster, type ClusteredInterval } from './likeness.js';
import { likeForLike, type Compared, type LikeForLike } from './like-for-like.js';

/** By what the attempts of a fault are split. 'part': of the evening; '' as a value: not given. */
export const SPLITS = ['third', 'round', 'part', 'stage', 'kind', 'cueing', 'implement', 'tempo', 'way', 'direction', 'view'] as const;
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
  const compared = (later: (part: RunPart) => boolean | null, of = watched): LikeForLike | null =>
    likeForLike(of.flatMap((part) => asCompared(part, `${part.evening} ${part.stage}`, later(part))));
  const inLast = ({ values: { third } }: RunPart): boolean | null => (third === '3' ? true : third === '1' ? false : null);
  // A tap that had no chance of its own has a side all the same.
  const oneSide = (side: 'left' | 'right'): LikeForLike | null =>
    parts.some((part) => part[side] > 0)
      ? compared(
          inLast,
          watched.map((part) => ({ ...part, faulty: Math.min(part[side], part.faulty) })),
        )
      : null;
  return {
    third: compared(inLast),
    round: compared(({ through }) => (through === null || through === 0.5 ? null : through > 0.5)),
    ...{ left: oneSide('left'), right: oneSide('right') },
    sides: sidesOf(parts),
    by: SPLITS.map((by) => splitBy(watched, by)).filter(({ rows }) => rows.length > 1),
  };
}

const asCompared = ({ evening, attempts, faulty }: RunPart, like: string, later: boolean | null): Compared[] =>
  later === null ? [] : [{ evening, like, later, hits: faulty, n: attempts }];

function splitBy(all: readonly RunPart[], by: SplitBy): Split {
  const parts = byEvening(all, by);
  const values = grouped(parts, ({ values }) => values[by]);
  const attempts = (of: readonly RunPart[] = []): number => of.reduce((sum, part) => sum + part.attempts, 0);
  const notGiven = attempts(values.get(''));
  values.delete('');
  const most = [...values].sort(([, a], [, b]) => attempts(b) - attempts(a)).slice(0, MOST_VALUES);
  const known = most.flatMap(([, of]) => of);
  if (IN_ORDER.includes(by)) most.sort(([a], [b]) => Number(a) - Number(b));
  // Of two the one is the other's difference turned round.
  const asked = most.length > 2 ? most.length : 1;
  const others = attempts([...values.values()].flat()) - attempts(known);
  if (most.length < 2) return { by, rows: [], notGiven, others };
  const rows = most.map(([value, of]): SplitRow => {
    const evenings = eveningsOf(of);
    const { hits, n } = totalOf(evenings);
    const compared = known.flatMap((part) => asCompared(part, part.evening, part.values[by] === value));
    return {
      ...{ value, attempts: n, faulty: hits, rate: hits / n },
      interval: clusteredWilson(evenings) as ClusteredInterval,
      against: likeForLike(compared, undefined, 0.05 / asked),
    };
  });
  return { by, rows, notGiven, others };
}

/** One part for each value of an evening: of many years there are few of these, and each is compared as often as there are values. */
const byEvening = (parts: readonly RunPart[], by: SplitBy): RunPart[] =>
  [...grouped(parts, ({ evening, values }) => `${evening} ${values[by]}`).values()].map((of) => {
    const { hits, n } = totalOf(of.map(({ faulty, attempts }) => ({ hits: faulty, n: attempts })));
    return { ...(of[0] as RunPart), faulty: hits, attempts: n };
  });

const eveningsOf = (parts: readonly RunPart[]): Cluster[] =>
  [...grouped(parts, ({ evening }) => evening).values()].map((of) =>
    totalOf(of.map(({ faulty, attempts }) => ({ hits: faulty, n: attempts }))),
  );

function sidesOf(parts: readonly RunPart[]): Sides | null {
  const evenings = [...grouped(parts, ({ evening }) => evening).values()].map((of) =>
    totalOf(of.map(({ left, right }) => ({ hits: left, n: left + right }))),
  );
  const { hits, n } = totalOf(evenings);
  const interval = clusteredWilson(evenings);
  return interval && { ...interval, left: hits, right: n - hits, share: hits / n };
}
