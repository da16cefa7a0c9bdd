import { createHash } from 'node:crypto';
import type { KnownRow } from '@hopsk/contract/log-table';
import { MOST_HERE, type RunEvent, type RunHead } from '@hopsk/contract/run';
import { grouped } from '@hopsk/core/grouped';
import { SESSION_LIMITS } from '@hopsk/core/plan/session/session';

/** An evening of a table: its rows, and the runs that they become. */
export interface ToldEvening {
  readonly day: string;
  readonly evening: string;
  readonly rows: readonly KnownRow[];
  readonly runs: readonly { readonly run: RunHead; readonly events: readonly RunEvent[] }[];
}

/** Evenings of one day that a table can tell apart: nearer to each other they would be one. */
export const EVENINGS_A_DAY = 4;
const HOUR = 3_600_000;

/**
 * Rows as runs that say no more than they do: nobody tapped, no clock went. The same rows of an evening come to the same runs, by their
 * ids, whatever their order and whenever they are sent.
 */
export function toldEvenings(clubId: string, name: string, rows: readonly KnownRow[]): ToldEvening[] {
  const days = [...grouped(rows, ({ day }) => day)].sort(([a], [b]) => (a < b ? -1 : 1));
  return days.flatMap(([day, of]) =>
    [...grouped(of, ({ evening }) => evening)]
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([evening, mine], i): ToldEvening => {
        const startedAt = new Date(Date.parse(day) + (6 + 5 * i) * HOUR).toISOString();
        const inOrder = mine.map((row) => ({ row, key: keyOf(row) })).sort((a, b) => (a.key < b.key ? -1 : 1));
        const key = `${clubId} ${inOrder.map((one) => one.key).join()}`;
        const parts = inRuns(inOrder.map(({ row }) => row));
        return { day, evening, rows: mine, runs: parts.map((part, k) => runOf(part, { id: idFrom(`${key} ${k}`), name, day, startedAt })) };
      }),
  );
}

/** Columns that tables did not have at first: where they are not given, a table comes to the runs that it came to then. */
const LATER: readonly (keyof KnownRow)[] = ['opponent', 'source'];
const keyOf = (row: KnownRow): string =>
  JSON.stringify(row, (Object.keys(row) as (keyof KnownRow)[]).filter((column) => row[column] !== '' || !LATER.includes(column)).sort());

/** No run has more athletes or exercises than one may. */
function inRuns(rows: readonly KnownRow[]): KnownRow[][] {
  const runs: KnownRow[][] = [];
  let [athletes, exercises] = [new Set<string>(), new Set<string>()];
  for (const row of rows) {
    athletes.add(row.athlete);
    exercises.add(exerciseOf(row));
    if (runs.length === 0 || athletes.size > MOST_HERE || exercises.size > SESSION_LIMITS.stages) {
      runs.push([]);
      [athletes, exercises] = [new Set([row.athlete]), new Set([exerciseOf(row)])];
    }
    runs.at(-1)?.push(row);
  }
  return runs;
}

const exerciseOf = ({ stage, kind, cueing, implement, tempo, opponent }: KnownRow): string =>
  JSON.stringify([stage, kind, cueing, implement, tempo, opponent]);

function runOf(rows: readonly KnownRow[], { id, name, day, startedAt }: Pick<RunHead, 'id' | 'name' | 'day' | 'startedAt'>) {
  const exercises = [...grouped(rows, exerciseOf)];
  const places = new Map(exercises.map(([key], i) => [key, i]));
  const run: RunHead = {
    ...{ id, name, day, startedAt, patternId: null, sessionId: null, steps: null, tapDelay: 0 },
    athletes: [...new Set(rows.map(({ athlete }) => athlete))],
    plan: {
      exercises: exercises.map(([key, [row]], i) => ({
        ...{ name: row?.stage || name, stage: idFrom(`${id} ${key} ${i}`), steps: '', watch: [], view: row?.view || 'front' },
        ...(row?.kind && { kind: row.kind }),
        ...(row?.cueing && { cueing: row.cueing }),
        ...(row?.implement && { implement: row.implement }),
        ...(row?.tempo && { tempo: row.tempo }),
        ...(row?.opponent && { opponent: row.opponent }),
      })),
      reps: [],
      phases: exercises.map((_, i) => ({ kind: 'work', start: i, end: i + 1, set: 1, round: 1, exercise: i, open: false, done: [] })),
      cues: [],
      landings: null,
    },
  };
  const stamp = (seq: number) => ({ id: idFrom(`${id} ${seq}`), device: `table-${id}`, seq, order: seq, m: 0, at: Date.parse(startedAt) });
  const told = rows.map((row, i): RunEvent => {
    const { athlete, fault, attempts, faulty, noted, left, right, set, round, third, way, direction, view, source } = row;
    return {
      ...stamp(i + 1),
      ...{ kind: 'told', source: source || 'import', athlete, fault, attempts, faulty, noted, left, right },
      ...{ exercise: places.get(exerciseOf(row)) ?? 0, set, round, third, way, direction, view: view === '' ? null : view },
    };
  });
  return { run, events: [...told, { ...stamp(rows.length + 1), kind: 'end', answers: null } satisfies RunEvent] };
}

/** An id that the same text always comes to, in the shape of a UUID of no registered kind (RFC 9562, version 8). */
function idFrom(text: string): string {
  const hex = createHash('sha256').update(text).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-8${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}
