import { createHash } from 'node:crypto';
import { one, run, type Db } from '../db/sql.js';
import { HttpProblem } from '../http/problem.js';

/** Tries of one kind: so many at once, and one more each so many seconds. Who tries more often waits; nobody is locked out. */
interface Pace {
  readonly atOnce: number;
  readonly each: number;
}

/** Paces of what costs others something (common practice, no source). */
export const PACES = {
  /** One device's tries at an account that it signed in to before: others' tries do not count. */
  known: { atOnce: 8, each: 30 },
  /** One place's tries at one account. */
  account: { atOnce: 8, each: 30 },
  /** All tries at one account from devices that were never in it. */
  anywhere: { atOnce: 60, each: 2 },
  /** All tries of one place: a hall has many coaches behind one address. */
  place: { atOnce: 40, each: 5 },
  /** Links that are looked at or used, and ways in to the demo, from one place. */
  links: { atOnce: 20, each: 10 },
  /** Passkeys that are asked for from one place. */
  passkeys: { atOnce: 60, each: 2 },
  /** Codes of runs that are typed, at one place and at all of them. */
  codes: { atOnce: 10, each: 30 },
  allCodes: { atOnce: 200, each: 1 },
  /** What phones say that came in by a run's code, in one run. */
  things: { atOnce: 300, each: 0.2 },
  demo: { atOnce: 300, each: 0.5 },
} as const satisfies Record<string, Pace>;

/** What is tried, and who tries or whom it is about; of both only a hash is kept. */
export type Turn = readonly [keyof typeof PACES, string];

const keyOf = ([pace, whose]: Turn): string => createHash('sha256').update(`${pace} ${whose}`).digest('base64url');

/** Takes one turn of each kind, before anything is done: of tries at one time no more get through than there are turns. Throws 429. */
export async function takeTurns(db: Db, turns: readonly Turn[]): Promise<void> {
  for (const turn of turns) {
    const { atOnce, each } = PACES[turn[0]];
    if (await one(db, 'turn-take', keyOf(turn), atOnce, each)) continue;
    const wait = await one<{ seconds: number }>(db, 'turn-wait', keyOf(turn), atOnce, each);
    throw new HttpProblem(429, { code: 'too-often', values: { seconds: wait?.seconds ?? each } });
  }
}

/** What went well took no turn. */
export async function giveBack(db: Db, turns: readonly Turn[]): Promise<void> {
  await run(db, 'turns-back', turns.map(keyOf));
}
