import { randomUUID } from 'node:crypto';
import type { Page } from '@playwright/test';
import type { StageKind } from '@hopsk/core/plan/exercise';
import { put, send } from './support.js';

/** Thirty splits, one every four seconds. */
const PLAN = {
  dose: { mode: 'seconds', work: 120, rounds: 1, sets: 1, rest: 0, setRest: null },
  rep: { seconds: 4, chances: { split: [0], repetition: [0] } },
};
const LEAD_IN = 5;

/** The same as the one stage of a session. */
const stageOf = (kind: StageKind) => ({
  exercises: [
    {
      name: kind,
      stage: randomUUID(),
      steps: 'split',
      watch: ['split-late'],
      view: 'side',
      kind,
      cueing: 'self',
      tempo: 1,
      implement: 'without',
    },
  ],
  reps: [PLAN.rep],
  phases: [0, 1].map((i) => ({
    ...{ kind: 'work', start: 60 * i, end: 60 * (i + 1), set: 1, round: i + 1, exercise: 0, open: false },
    done: Array.from({ length: 15 }, (_, k) => [4 * k, 0]),
  })),
  cues: [],
  landings: 30,
});

/** An evening a week, from so manieth week on, in which somebody was watched for thirty splits, of which so many came late; of each thing done, with where the ball went. */
export async function season(
  page: Page,
  athlete: string,
  from: number,
  late: readonly number[],
  done: Readonly<Record<string, readonly ('in' | 'out')[]>> = { Splits: [] },
  kind: StageKind | null = null,
): Promise<void> {
  const runs = late.flatMap((times, n) => Object.entries(done).map(([name, results], k) => ({ times, n, name, results, minutes: 10 * k })));
  for (const { times, n, name, results, minutes } of runs) {
    const startedAt = new Date(Date.UTC(2026, 5, 1 + 7 * (from + n), 18, minutes)).toISOString();
    const id = randomUUID();
    const head = {
      ...{ id, name, day: startedAt.slice(0, 10), startedAt, patternId: null, sessionId: null, steps: 'split' },
      ...{ tapDelay: 1, athletes: [athlete], plan: kind === null ? PLAN : stageOf(kind) },
    };
    await put(page, `/runs/${id}`, head);
    let seq = 0;
    const event = (seconds: number, body: object): object => {
      seq++;
      const m = (LEAD_IN + seconds) * 1000;
      return { ...body, id: randomUUID(), device: `bag-${id}`, seq, order: seq, m, at: Date.parse(startedAt) + m };
    };
    const tap = { kind: 'fault', fault: 'split-late', side: 'left', athlete, source: 'floor', clip: null, shown: null };
    const events = [
      event(-LEAD_IN, { kind: 'board', faults: ['split-late'] }),
      event(-LEAD_IN, { kind: 'watch', athlete }),
      event(-LEAD_IN, { kind: 'go', answers: null }),
      ...Array.from({ length: times }, (_, i) => event(4 * i + 2, tap)),
      ...results.map((result, i) => event(4 * i + 3, { kind: 'result', result, athlete, source: 'floor', clip: null, shown: null })),
      event(121, { kind: 'end', answers: null }),
    ];
    await send(page, 'post', `/runs/${id}/events`, { events, m: (LEAD_IN + 121) * 1000 });
  }
}
