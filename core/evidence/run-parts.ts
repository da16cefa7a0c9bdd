import { grouped } from '../grouped.js';
import type { RunPart } from './splits.js';

/** What a run's log holds of a fault of somebody in one part of it, as it is stored; 0, '' and null: not given. */
export interface PartRow {
  readonly run: string;
  /** When the run began: any text that is in order. */
  readonly began: string;
  readonly name: string;
  readonly exercise: number;
  readonly stage: string;
  readonly kind: string;
  readonly cueing: string;
  readonly implement: string;
  readonly tempo: number | null;
  readonly set: number;
  readonly round: number;
  /** How many sets and rounds the exercise had, whoever was watched. */
  readonly sets: number;
  readonly rounds: number;
  readonly third: number;
  readonly way: string;
  readonly direction: string;
  /** The partner's foot in front. */
  readonly opponent: string;
  readonly view: string;
  readonly source: string;
  readonly attempts: number;
  readonly faulty: number;
  readonly left: number;
  readonly right: number;
}

/**
 * Stored parts as they are split. An exercise without a name of its own is called as its run; rounds are numbered through all sets; the
 * part of the evening is the third in which an exercise stands among those of the evening.
 * @param eveningOf the evening of a run
 */
export function runPartsOf(rows: readonly PartRow[], eveningOf: (run: string) => string): RunPart[] {
  const parts = partsOfEvenings(rows, eveningOf);
  const given = (n: number | null): string => (n === null || n === 0 ? '' : String(n));
  return rows.map((row): RunPart => {
    const { set, round, sets, rounds } = row;
    const number = set > 0 && round > 0 ? (set - 1) * rounds + round : 0;
    const stage = row.stage === '' ? row.name : row.stage;
    // Written out: of many years there are some ten thousands.
    return {
      evening: eveningOf(row.run),
      stage,
      attempts: row.attempts,
      faulty: row.faulty,
      left: row.left,
      right: row.right,
      through: number > 0 && sets * rounds > 1 ? (number - 0.5) / (sets * rounds) : null,
      values: {
        third: given(row.third),
        round: given(number),
        part: parts.get(exerciseOf(row)) ?? '',
        stage,
        kind: row.kind,
        cueing: row.cueing,
        implement: row.implement,
        tempo: given(row.tempo),
        way: row.way,
        direction: row.direction,
        opponent: row.opponent,
        view: row.view,
        source: row.source,
      },
    };
  });
}

const exerciseOf = ({ began, run, exercise }: PartRow): string => `${began} ${run} ${String(exercise).padStart(4, '0')}`;

/** In which third of its evening each exercise stands; of an evening with one alone it is not said. */
function partsOfEvenings(rows: readonly PartRow[], eveningOf: (run: string) => string): Map<string, string> {
  return new Map(
    [...grouped(rows, ({ run }) => eveningOf(run)).values()].flatMap((evening) => {
      const exercises = [...new Set(evening.map(exerciseOf))].sort();
      return exercises.length < 2
        ? []
        : exercises.map((one, i) => [one, String(1 + Math.floor(((i + 0.5) / exercises.length) * 3))] as const);
    }),
  );
}
