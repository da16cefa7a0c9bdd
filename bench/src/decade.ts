import { createHash } from 'node:crypto';
import { CLUB_FILE, CLUB_LINES_VERSION } from '@hopsk/contract/club-format';
import { READ_NOW } from '@hopsk/contract/read-now';
import type { AthleteSave } from '@hopsk/contract/people';
import type { RunEvent, RunHead } from '@hopsk/contract/run';
import { seeded } from '@hopsk/core/motion/seeded';
import type { SessionPlan } from '@hopsk/core/plan/run-plan';

/** Ten years of a large club. */
export const DECADE = { athletes: 200, runs: 30_000, taps: 2_000_000 } as const;
const DAY = 24 * 3600 * 1000;
const FIRST = Date.parse('2016-09-05T17:00:00Z');
const BOARD = ['split-late', 'tall', 'crossed', 'heels-down', 'short-steps', 'no-recovery', 'eyes', 'guard-drops'];

/** What is the same for all of them. */
const ANYBODY: Omit<AthleteSave, 'id' | 'version' | 'name'> = {
  ...{ hand: 'right', lead: 'none', otherLead: 'none', height: 1.7, hip: null, shoulder: null, leg: null, foot: null },
  ...{ sport: 'squash', school: 'square-ready', stance: null, schools: {}, tempo: {}, level: 'beginner', ageGroup: 'adult' },
  ...{ agreed: null, cautions: [], bias: [], focus: ['split-late'] },
};

/** Chance and ids from a seed. */
interface Source {
  readonly next: () => number;
  readonly uuid: () => string;
}

function sourceOf(seed: number): Source {
  let n = 0;
  const uuid = (): string => {
    const hex = createHash('md5').update(`${seed} ${n++}`).digest('hex');
    return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20)}`;
  };
  return { next: seeded(seed), uuid };
}

/** Twenty minutes of four exercises with their cues, as a session keeps them: 520 repetitions. */
export const twentyMinutes = (chance: Pick<Source, 'uuid'>): SessionPlan => ({
  exercises: ['split alone', 'shuffle and lunge', 'corners', 'against the feed'].map((name) => ({
    ...{ name, stage: chance.uuid(), steps: 'split, shuffle right 40 cm, lunge ahead 90 cm, recover back, shuffle left 40 cm' },
    ...{ watch: BOARD.slice(0, 4), view: 'side' as const },
  })),
  reps: [{ seconds: 2.28, chances: { repetition: [0], split: [0], step: [0.35, 0.57, 1.84], arrival: [0.79], back: [1.29] } }],
  phases: Array.from({ length: 20 }, (_, i) => ({
    ...{ kind: 'work' as const, start: i * 60, end: i * 60 + 60, set: 1, round: (i % 5) + 1, exercise: Math.floor(i / 5), open: false },
    done: Array.from({ length: 26 }, (_rep, k) => [Math.round(k * 2280) / 1000, 0] as const),
  })),
  cues: Array.from({ length: 120 }, (_, i) => ({
    at: i * 10,
    kind: 'count',
    say: `${(i % 26) + 1}`,
    show: `${(i % 26) + 1}`,
    sound: null,
    couldGoOn: null,
  })),
  landings: 0,
});

/**
 * A club file of ten years, line by line, from a seed: the same seed and number of runs give the same file.
 * @param runs fewer than a decade's give an earlier end of it, with as many taps a run.
 */
export function* decade(runs: number = DECADE.runs, seed = 2016): Generator<string> {
  const chance = sourceOf(seed);
  const hash = createHash('sha256');
  const line = (value: unknown): string => {
    const text = `${JSON.stringify(value)}\n`;
    hash.update(text);
    return text;
  };
  yield line({ format: CLUB_FILE, version: CLUB_LINES_VERSION, club: { name: 'Ten years' }, ...READ_NOW });
  const people = Array.from(
    { length: DECADE.athletes },
    (_, i) => ({ ...ANYBODY, id: chance.uuid(), version: 0, name: `Athlete ${i + 1}` }) satisfies AthleteSave,
  );
  for (const athlete of people) yield line({ athlete });
  const taps = DECADE.taps / DECADE.runs;
  let events = 0;
  for (let i = 0; i < runs; i++) {
    const here = Array.from({ length: 6 }, (_, k) => people[(i * 5 + k * 7) % people.length]?.id ?? '');
    const startedAt = new Date(FIRST + Math.floor(i / 9) * DAY + (i % 9) * 1500_000);
    const run: RunHead = {
      ...{ id: chance.uuid(), name: `Run ${i + 1}`, day: startedAt.toISOString().slice(0, 10), startedAt: startedAt.toISOString() },
      ...{ patternId: null, sessionId: null, steps: null, tapDelay: 1, athletes: [...new Set(here)], plan: twentyMinutes(chance) },
    };
    yield line({ run });
    const log = logOf(chance, run.athletes, Math.round(taps * (0.5 + chance.next())));
    events += log.length;
    yield line({ log: { run: run.id, events: log } });
  }
  yield `${JSON.stringify({ end: { counts: { athletes: people.length, patterns: 0, sessions: 0, runs, events }, sha256: hash.digest('hex') } })}\n`;
}

/** A coach who looks at one after the other, and taps now and then. */
function logOf(chance: Source, athletes: readonly string[], taps: number): RunEvent[] {
  const [device, events]: [string, RunEvent[]] = [chance.uuid(), []];
  let last: string | null = null;
  const push = (m: number, body: object): void => {
    const seq = events.length + 1;
    events.push({ ...body, id: chance.uuid(), device, seq, order: seq, m, at: FIRST + m } as RunEvent);
    last = events.at(-1)?.id ?? null;
  };
  push(0, { kind: 'board', faults: BOARD });
  push(0, { kind: 'go', answers: null });
  const begun = last;
  for (let i = 0; i < taps; i++) {
    const m = 5000 + Math.round((i * 1_200_000) / taps);
    const athlete = athletes[Math.floor(i / 8) % athletes.length] ?? '';
    if (i % 8 === 0) push(m, { kind: 'watch', athlete });
    const side = chance.next() < 0.5 ? 'left' : 'right';
    push(m, {
      kind: 'fault',
      fault: BOARD[Math.floor(chance.next() * BOARD.length)],
      side,
      athlete,
      source: 'floor',
      clip: null,
      shown: null,
    });
  }
  push(1_205_000, { kind: 'end', answers: begun });
  return events;
}
