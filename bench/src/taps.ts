import { randomUUID } from 'node:crypto';
import type { Athlete } from '@hopsk/contract/people';
import type { RunEvent, RunHead } from '@hopsk/contract/run';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import { RunLog } from '@hopsk/core/log/run-log';
import type { SessionPlan } from '@hopsk/core/plan/run-plan';
import { unfoldsTo } from '@hopsk/core/plan/unfolds';
import type { Ask } from './ask.js';
import { twentyMinutes } from './decade.js';
import { median, type Line } from './measure.js';

const MINUTES = 40;
const TAPS = 3050;
const RUNS = 5;
const BOARD = ['split-late', 'tall', 'crossed', 'heels-down', 'short-steps', 'no-recovery', 'eyes', 'guard-drops'];

/** Forty minutes of calls, one every two seconds. */
const plan: SessionPlan = {
  exercises: [{ name: 'Called', stage: randomUUID(), steps: 'split', watch: BOARD, view: 'side' }],
  reps: [{ seconds: 2, chances: { call: [0], repetition: [0], split: [0], step: [0.5, 1], arrival: [1.2], back: [1.5] } }],
  phases: Array.from({ length: MINUTES }, (_, i) => ({
    ...{ kind: 'work' as const, start: i * 60, end: i * 60 + 60, set: 1, round: i + 1, exercise: 0, open: false },
    done: Array.from({ length: 30 }, (_call, k) => [k * 2, 0] as const),
  })),
  cues: [],
  landings: null,
};

/**
 * The log of a coach who taps all the time, and looks from one athlete to the next every ten seconds.
 * @param minutes by when in the run there are so many taps.
 */
export function logOf(athletes: readonly string[], taps = TAPS, minutes = MINUTES): RunEvent[] {
  const device = randomUUID();
  const events: RunEvent[] = [];
  const push = (m: number, body: object): void => {
    const seq = events.length + 1;
    events.push({ ...body, id: randomUUID(), device, seq, order: seq, m, at: 1_700_000_000_000 + m } as RunEvent);
  };
  push(0, { kind: 'board', faults: BOARD });
  push(0, { kind: 'go', answers: null });
  for (let i = 0; i < taps; i++) {
    const m = 5000 + Math.round((i * (minutes * 60_000 - 5000)) / taps);
    const athlete = athletes[Math.floor(m / 10_000) % athletes.length] ?? '';
    if (i % 13 === 0) push(m, { kind: 'watch', athlete });
    push(m, { kind: 'fault', fault: BOARD[i % BOARD.length], side: 'left', athlete, source: 'floor', clip: null, shown: null });
  }
  return events;
}

/** Places of the taps of which the median is taken. */
const EARLY = [51, 150] as const;
const LATE = [2951, 3050] as const;
const within = (i: number, [from, to]: readonly [number, number]): boolean => i + 1 >= from && i < to;

/** What one more tap takes late in a run against early in it: folded as on the screen, and with the server's answer. */
export async function taps(ask: Ask): Promise<Line[]> {
  const people = (await ask<Athlete[]>('/athletes')).slice(0, 6).map(({ id }) => id);
  const folded: number[] = [];
  const answered: number[] = [];
  const late: number[] = [];
  for (let run = 0; run < RUNS; run++) {
    const events = logOf(people);
    const faults = events.flatMap(({ kind }, i) => (kind === 'fault' ? [i] : []));
    const log = new RunLog(plan, new Map(FAULTS.map((fault) => [fault.code, fault])), 1);
    const times = events.map((event) => {
      const began = performance.now();
      log.take([event]);
      log.talliesAt(event.m);
      return performance.now() - began;
    });
    const of = (part: readonly [number, number]): number => median(faults.filter((_, i) => within(i, part)).map((i) => times[i] as number));
    folded.push(of(LATE) / of(EARLY));
    late.push(of(LATE));
    answered.push(await onServer(ask, people, events, faults));
  }
  const line = (name: string, value: number, unit: string, limit: number | null): Line => ({ name, value, unit, baseline: null, limit });
  return [
    line('tap 2,951–3,050 against 51–150, folded', median(folded), '', 1.5),
    line('the same with the server’s answer', median(answered), '', 1.5),
    line('one of the late ones folded, with the tallies', median(late), 'ms', null),
    ...holds(people).map(({ taps, bytes, of }) =>
      line(`a folded log holds, ${taps} taps, ${of} occasions and chances`, bytes / 1000, 'kB', null),
    ),
  ];
}

export const headOf = (athletes: readonly string[]): RunHead => ({
  ...{ id: randomUUID(), name: 'Taps', day: '2026-11-20', startedAt: '2026-11-20T18:00:00.000Z', patternId: null, sessionId: null },
  ...{ steps: null, plan, athletes: [...athletes], tapDelay: 1 },
});

/** What a folded log holds in memory (bytes), with few taps and with many: what a server remembers between two taps is bounded by it. */
function holds(people: readonly string[]): { readonly taps: number; readonly bytes: number; readonly of: number }[] {
  const [collect, many] = [(globalThis as { gc?: () => void }).gc, 20];
  const faults = new Map(FAULTS.map((fault) => [fault.code, fault]));
  const repeated = twentyMinutes({ uuid: randomUUID });
  return (
    [
      [2, plan],
      [TAPS, plan],
      [80, repeated],
    ] as const
  ).map(([taps, plan]) => {
    const { occasions, chances } = unfoldsTo(plan);
    collect?.();
    const before = process.memoryUsage().heapUsed;
    const logs = Array.from({ length: many }, () => {
      const log = new RunLog(structuredClone(plan), faults, 1, [...people]);
      log.take(logOf(people, taps));
      log.talliesAt(log.latest);
      return log;
    });
    collect?.();
    return { taps, bytes: (process.memoryUsage().heapUsed - before) / logs.length, of: occasions + chances };
  });
}

async function onServer(ask: Ask, athletes: readonly string[], events: readonly RunEvent[], faults: readonly number[]): Promise<number> {
  const head = headOf(athletes);
  await ask(`/runs/${head.id}`, { method: 'PUT', body: JSON.stringify(head) });
  const send = async (some: readonly RunEvent[]): Promise<number> => {
    const began = performance.now();
    await ask(`/runs/${head.id}/events`, { method: 'POST', body: JSON.stringify({ events: some }) });
    return performance.now() - began;
  };
  const medians: number[] = [];
  let at = 0;
  for (const part of [EARLY, LATE]) {
    const first = faults[part[0] - 1] as number;
    for (; at < first; at += 400) await send(events.slice(at, Math.min(first, at + 400)));
    at = first;
    const times: number[] = [];
    const end = (faults[part[1] - 1] as number) + 1;
    for (; at < end; at++) {
      const time = await send(events.slice(at, at + 1));
      if (events[at]?.kind === 'fault') times.push(time);
    }
    medians.push(median(times));
  }
  return (medians[1] as number) / (medians[0] as number);
}
