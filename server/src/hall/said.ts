import type { HallHeard, HallSaid } from '@hopsk/contract/hall';
import { MOST_HERE } from '@hopsk/contract/run';
import { one, run, type Db } from '../db/sql.js';
import { HttpProblem } from '../http/problem.js';
import type { Holder } from '../http/sign-in.js';
import { hint } from '../live/hints.js';
import { getRules } from '../people/rules.js';
import { appendEvents, type Appended, type Sender } from '../runs/append.js';
import { calledAs, standing, type Person } from './hall.js';

/** Phones beside the stand-ins of coaches: everybody's twice. */
const MOST_THINGS = 2 * MOST_HERE;

/**
 * Adds what a phone in somebody's hand says to the log of its run, as of whoever the coach said it is: a phone says of itself only what it
 * is. What is known is not added again; repetitions wait on the phone until it is somebody's. To be called in a transaction.
 * Throws 410 where the run is over.
 */
export async function takeSaid(
  db: Db,
  holder: Holder,
  counts: Sender['counts'],
  { thing, as, said }: HallSaid,
): Promise<{ readonly heard: HallHeard; readonly done: Appended['done'] }> {
  const { clubId, runId } = holder;
  const { arrival, now } = await standing(db, holder);
  const whose = await one<{ athlete: string | null; others: number }>(db, 'thing-whose', clubId, runId, thing);
  const athlete = whose?.athlete ?? null;
  if ((whose?.others ?? 0) >= MOST_THINGS) throw new HttpProblem(409, { code: 'too-many-things', values: { most: MOST_THINGS } });
  const device = `thing-${thing}`;
  const known = await run<{ device: string; stored: number }>(db, 'devices-of', clubId, runId, [device]);
  const before = known[0]?.stored ?? 0;
  const events: object[] = [];
  for (const { kind, ...more } of [...said].sort((a, b) => a.seq - b.seq)) {
    if (more.seq !== before + events.length + 1) continue;
    // Nobody's repetitions are none: they wait, and all that was said behind them.
    if (kind === 'reps' && athlete === null) break;
    const of = kind === 'thing' ? { as, standIn: false } : { athlete };
    // Whoever's phone has a wrong clock says nothing of what is still to come.
    events.push({ ...more, m: Math.max(0, Math.min(more.m, Math.floor(now ?? more.m))), kind, thing, device, order: arrival + 1, ...of });
  }
  const added = events.length > 0 ? await appendEvents(db, { clubId, coachId: null, counts }, runId, events) : null;
  if (added) await hint(db, clubId, { run: runId, arrival: added.answer.arrival });
  const people = await run<Person & Record<string, unknown>>(db, 'hall-people', clubId, runId);
  const names = calledAs(people, await getRules(db, clubId));
  return {
    heard: { stored: before + events.length, called: athlete === null ? null : (names[athlete] ?? '') },
    done: added?.done ?? (() => undefined),
  };
}
