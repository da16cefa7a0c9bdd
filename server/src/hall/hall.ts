import type { HallRun } from '@hopsk/contract/hall';
import type { HallNames } from '@hopsk/contract/hall-names';
import { isUnder16, type Athlete } from '@hopsk/contract/people';
import type { PeopleRules } from '@hopsk/contract/people-data';
import { EVENTS_LIMITS, type EventsPage } from '@hopsk/contract/run';
import type { RunEvent } from '@hopsk/core/log/event';
import { isSession, type PlannedExercise, type RunPlan } from '@hopsk/core/plan/run-plan';
import { one, run, type Db } from '../db/sql.js';
import { HttpProblem } from '../http/problem.js';
import type { Holder } from '../http/sign-in.js';
import { getPattern } from '../patterns/patterns.js';
import { getRules } from '../people/rules.js';
import { headOf } from '../runs/runs.js';
import { getTeaching } from '../teaching/teaching.js';

/** How a run stands. Throws 410 where it is over, or its code is another. */
export async function standing(
  db: Db,
  { clubId, runId, hash }: Holder,
): Promise<{ readonly arrival: number; readonly now: number | null }> {
  const stands = await one<{ arrival: number; now: number | null }>(db, 'hall-stands', clubId, runId, hash);
  if (!stands) throw new HttpProblem(410, { code: 'code-over', values: {} });
  return stands;
}

export type Person = Pick<Athlete, 'id' | 'name' | 'ageGroup'>;

/**
 * What people are called on a hall screen, by the club's rule; who is under 16 by their number unless the club says otherwise, and whoever
 * else would be called alike has their number behind it.
 * @example calledAs([{ id: 'a', name: 'Ada Berg', ageGroup: 'adult' }], { hall: 'first', hallUnder16: false }) // { a: 'Ada' }
 */
export function calledAs(
  people: readonly Person[],
  { hall, hallUnder16 }: Pick<PeopleRules, 'hall' | 'hallUnder16'>,
): Record<string, string> {
  const as = people.map((one, i): string => {
    const how: HallNames = isUnder16(one.ageGroup) && !hallUnder16 ? 'number' : (hall ?? 'first');
    const first = one.name.trim().split(/\s+/)[0] ?? '';
    if (how === 'number' || first === '') return String(i + 1);
    return how === 'first' ? first : ([...new Intl.Segmenter().segment(first)][0]?.segment ?? '');
  });
  const alike = (name: string): boolean => as.filter((other) => other === name).length > 1;
  return Object.fromEntries(people.map(({ id }, i) => [id, alike(as[i] ?? '') ? `${as[i] ?? ''} ${i + 1}` : (as[i] ?? '')]));
}

const unwatched = (exercise: PlannedExercise): PlannedExercise => ({ ...exercise, watch: [] });

/** A plan without what is looked for in it. */
const shownPlan = (plan: RunPlan): RunPlan => (isSession(plan) ? { ...plan, exercises: plan.exercises.map(unwatched) } : plan);

/** What of an event a hall screen gets: the same, without what is looked for. */
const shownEvent = (event: RunEvent): RunEvent =>
  event.kind === 'plan' ? { ...event, change: { ...event.change, exercises: event.change.exercises.map(unwatched) } } : event;

/** What a hall screen goes by, after an arrival. */
export async function hallEvents(db: Db, holder: Holder, after: number): Promise<EventsPage> {
  const { arrival, now } = await standing(db, holder);
  const { clubId, runId } = holder;
  const most = EVENTS_LIMITS.most;
  const rows = await run<{ arrival: number; body: RunEvent }>(db, 'hall-events', clubId, runId, after, arrival, most + 1);
  const page = rows.slice(0, most);
  const more = rows.length > most;
  // What lies between is none of a hall screen's: it goes on behind it.
  return { events: page.map(({ body }) => shownEvent(body)), arrival: more ? (page.at(-1)?.arrival ?? after) : arrival, more, now };
}

/** A run as a hall screen shows it. Throws 410 where it is over. */
export async function hallRun(db: Db, holder: Holder): Promise<HallRun> {
  const { clubId, runId } = holder;
  await standing(db, holder);
  const [head, rules, taught, club] = [
    await headOf(db, clubId, runId),
    await getRules(db, clubId),
    await getTeaching(db, clubId),
    await one<{ name: string }>(db, 'club-of', clubId),
  ];
  if (!head) throw new HttpProblem(410, { code: 'code-over', values: {} });
  const people = await run<Person & Record<string, unknown>>(db, 'hall-people', clubId, runId);
  const pattern = head.patternId === null ? null : await getPattern(db, clubId, head.patternId);
  const { events, arrival, now } = await hallEvents(db, holder, 0);
  return {
    id: head.id,
    name: head.name,
    club: club?.name ?? '',
    plan: shownPlan(head.plan),
    athletes: head.athletes,
    names: calledAs(people, rules),
    line: pattern && { steps: pattern.steps, school: pattern.school, hand: pattern.hand, lead: pattern.lead },
    stances: taught?.stances ?? [],
    moves: taught?.moves ?? [],
    events,
    arrival,
    // The last thing that is asked: it is as new as can be.
    now,
  };
}
