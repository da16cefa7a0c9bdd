import { randomUUID } from 'node:crypto';
import type { Book } from '@hopsk/contract/book';
import type { StageRecord } from '@hopsk/contract/session';
import type { SessionSave } from '@hopsk/contract/session-draft';
import { sampleSession } from '@hopsk/contract/testing/samples';
import type { SessionPlan } from '@hopsk/core/plan/run-plan';
import { athlete, Coach, fieldsSaid, type House, openHouse, ran } from '../testing/house.js';

const session = (more: Partial<SessionSave> = {}): SessionSave => ({
  ...structuredClone(sampleSession),
  id: randomUUID(),
  version: 0,
  ...more,
});

/** A session of two stages of ten seconds, a split every two; the first is looked at for late splits. */
const planOf = (stages: readonly [string, string]): SessionPlan => ({
  exercises: stages.map((stage, i) => ({ name: `Stage ${i + 1}`, stage, steps: 'split', watch: ['split-late'], view: 'side' })),
  reps: [{ seconds: 2, chances: { split: [0], repetition: [0] } }],
  phases: [0, 10].map((start, exercise) => ({
    kind: 'work',
    start,
    end: start + 10,
    set: 1,
    round: 1,
    exercise,
    open: false,
    done: [0, 2, 4, 6, 8].map((at) => [at, 0] as const),
  })),
  cues: [],
  landings: 12,
});

describe('sessions', () => {
  let house: House;
  let coach: Coach;
  let other: Coach;
  beforeAll(async () => {
    house = await openHouse();
    coach = await Coach.of(house, 'Club');
    other = await Coach.of(house, 'Other');
  });
  afterAll(() => house.close());

  it('are added once, saved with their earlier versions kept, put away and brought back', async () => {
    const one = session();
    const added = await coach.put(`/sessions/${one.id}`, one).expect(201);
    expect(added.body).toEqual({ ...one, version: 1, archivedAt: null, savedAt: jasmine.any(String) });
    await coach.put(`/sessions/${one.id}`, { ...one, version: 1, minutes: 40, template: true }).expect(200);
    const { body } = await coach.get(`/sessions/${one.id}/versions`).expect(200);
    expect(body.map((version: { version: number; body: { minutes: number | null } }) => [version.version, version.body.minutes])).toEqual([
      [2, 40],
      [1, one.minutes],
    ]);
    expect((await coach.post(`/sessions/${one.id}/archive`).expect(200)).body.archivedAt).toMatch(/^\d{4}-/);
    expect((await coach.post(`/sessions/${one.id}/restore`).expect(200)).body.archivedAt).toBeNull();
    expect((await coach.get('/sessions').expect(200)).body.map((row: { id: string }) => row.id)).toContain(one.id);
  });

  it('what a fault book asked for is told to those alone who may read one, and goes with its athlete', async () => {
    const ada = randomUUID();
    await coach.put(`/athletes/${ada}`, athlete({ id: ada, name: 'Ada' })).expect(201);
    const offered = { athlete: ada, stages: [{ stage: randomUUID(), name: 'Slow', because: 'late: 40 per 100 lately.', whyNot: 'sore' }] };
    const one = session({ athletes: [ada], offered });
    await coach.put(`/sessions/${one.id}`, one).expect(201);
    await coach.put(`/sessions/${one.id}`, { ...one, version: 1 }).expect(200);
    const told = async (who: Coach): Promise<unknown> =>
      ((await who.get(`/sessions?ids=${one.id}`).expect(200)).body as SessionSave[])[0]?.offered ?? null;
    expect(await told(coach)).toEqual(offered);
    expect(await told(await coach.mate(house, 'coach'))).toEqual(offered);
    expect(await told(await coach.mate(house, 'assistant'))).toBeNull();
    const long = { ...offered, stages: [{ ...offered.stages[0], whyNot: 'x'.repeat(201) }] };
    expect(fieldsSaid((await coach.put(`/sessions/${one.id}`, { ...one, version: 2, offered: long }).expect(400)).body)).toEqual([
      'offered.stages.0.whyNot longer 200',
    ]);
    await coach.post(`/athletes/${ada}/erase`, { name: 'Ada' }).expect(204);
    expect(await told(coach)).toBeNull();
    // Nor does it come back from a device that had it, in this session or in another one.
    await coach.put(`/sessions/${one.id}`, { ...one, version: 2 }).expect(200);
    const again = session({ offered });
    await coach.put(`/sessions/${again.id}`, again).expect(201);
    expect([await told(coach), ((await coach.get(`/sessions?ids=${again.id}`).expect(200)).body as SessionSave[])[0]?.offered]).toEqual([
      null,
      undefined,
    ]);
    const { body } = await coach.get(`/sessions/${one.id}/versions`).expect(200);
    expect(body.length).toBe(3);
    expect(JSON.stringify(body)).not.toContain('offered');
  });

  it('are never saved over somebody else’s save: what changed is said', async () => {
    const one = session();
    await coach.put(`/sessions/${one.id}`, one).expect(201);
    await coach.put(`/sessions/${one.id}`, { ...one, version: 1, minutes: 50 }).expect(200);
    const { body } = await coach.put(`/sessions/${one.id}`, { ...one, version: 1, name: 'Mine' }).expect(409);
    expect([body.changed, body.current.minutes, body.current.version]).toEqual([['name', 'minutes'], 50, 2]);
    await coach.put(`/sessions/${one.id}`, one).expect(409);
  });

  it('stay in their club: another one neither sees, changes nor puts them away, nor learns of its runs', async () => {
    const one = session();
    await coach.put(`/sessions/${one.id}`, one).expect(201);
    expect((await other.get('/sessions').expect(200)).body).toEqual([]);
    await other.get(`/sessions/${one.id}/versions`).expect(404);
    await other.post(`/sessions/${one.id}/archive`).expect(404);
    await other.put(`/sessions/${one.id}`, { ...one, version: 1 }).expect(404);
    expect((await other.get(`/stage-records?athlete=${randomUUID()}&session=${one.id}`).expect(200)).body).toEqual([]);
  });

  it('name the field that cannot be, deep inside a stage too, and keep what was stored', async () => {
    const one = session();
    await coach.put(`/sessions/${one.id}`, one).expect(201);
    const [stage] = one.stages;
    const put = async (change: object): Promise<string[]> =>
      fieldsSaid((await coach.put(`/sessions/${one.id}`, { ...one, version: 1, ...change }).expect(400)).body);
    expect(await put({ stages: [{ ...stage, tempo: 9 }] })).toEqual(['stages.0.tempo between 0.25 4']);
    expect(await put({ settings: { ...one.settings, change: -3 } })).toEqual(['settings.change between 0 3600 s']);
    expect(await put({ area: 'the moon' })).toEqual(['area floor']);
    expect(await put({ minutes: 0 })).toEqual(['minutes between 1 360 min']);
    expect((await put({ stages: Array.from({ length: 61 }, () => stage) }))[0]).toBe('stages too-many 60');
    const upside = { ...stage, calls: { ...sampleCalls, interval: { low: 4, high: 2 } } };
    expect(await put({ stages: [upside] })).toEqual(['stages.0.calls.interval downwards']);
    // A dose that cannot be read is the coach's to mend on the page: it is kept as typed.
    await coach.put(`/sessions/${one.id}`, { ...one, version: 1, stages: [{ ...stage, dose: '3 × -8 or so' }] }).expect(200);
  });

  it('what their runs say stands beside the stage it was said of', async () => {
    const ada = athlete({ name: 'Ada' });
    await coach.put(`/athletes/${ada.id}`, ada).expect(201);
    const one = session();
    await coach.put(`/sessions/${one.id}`, one).expect(201);
    const stages = [one.stages[0]?.id ?? '', randomUUID()] as const;
    // Taps a second after what is seen: two of the first stage's five splits, one of the second's.
    const run = ran(ada.id, [1.5, 5.5, 13.5], { sessionId: one.id, plan: structuredClone(planOf(stages)) as never });
    await coach.keep(run);
    // What it was planned to land stands in the list, without its plan.
    const row = (await coach.get('/runs').expect(200)).body.find((one: { id: string }) => one.id === run.run.id);
    expect([row.landings, row.plan]).toEqual([12, undefined]);
    const { body } = await coach.get(`/stage-records?athlete=${ada.id}&session=${one.id}`).expect(200);
    expect((body as StageRecord[]).map(({ stage, sessions }) => [stage, sessions[0]?.n, sessions[0]?.hits])).toEqual([
      [stages[0], 5, 2],
      [stages[1], 5, 1],
    ]);
    // Another run on the same evening is no other session; one of the next day is.
    const again = { sessionId: one.id, plan: structuredClone(planOf(stages)) as never };
    // One in which nobody was watched joins them.
    const between = ran(ada.id, [], { startedAt: '2026-11-21T21:30:00.000Z' });
    await coach.keep({ ...between, events: between.events.filter(({ kind }) => kind === 'go' || kind === 'end') });
    await coach.keep(ran(ada.id, [1.5], { ...again, startedAt: '2026-11-22T01:00:00.000Z', day: '2026-11-22' }));
    await coach.keep(ran(ada.id, [], { ...again, startedAt: '2026-11-22T18:00:00.000Z', day: '2026-11-22' }));
    const { body: more } = await coach.get(`/stage-records?athlete=${ada.id}&session=${one.id}`).expect(200);
    expect((more as StageRecord[])[0]?.sessions.map(({ day, n, hits }) => [day, n, hits])).toEqual([
      ['2026-11-21', 10, 3],
      ['2026-11-22', 5, 0],
    ]);
    const book = (await coach.get(`/athletes/${ada.id}/book`).expect(200)).body as Book;
    expect([book.sessions, book.from, book.to, book.entries[0]?.sessions.length]).toEqual([2, '2026-11-21', '2026-11-22', 2]);
    // Without a session it is of all of them; of another one nothing; to another club it does not exist.
    expect((await coach.get(`/stage-records?athlete=${ada.id}`).expect(200)).body).toEqual(more);
    expect((await coach.get(`/stage-records?athlete=${ada.id}&session=${randomUUID()}`).expect(200)).body).toEqual([]);
    expect((await other.get(`/stage-records?athlete=${ada.id}`).expect(200)).body).toEqual([]);
    // A run of a session that this club does not have is kept all the same, without it.
    const lost = ran(ada.id, [], { sessionId: randomUUID(), plan: structuredClone(planOf(stages)) as never });
    await coach.keep(lost);
    expect((await coach.get(`/runs/${lost.run.id}`).expect(200)).body.run.sessionId).toBeNull();
    const nobody = await coach.get('/stage-records?athlete=nobody').expect(400);
    expect(fieldsSaid(nobody.body)).toEqual(['athlete id']);
  });

  it('a plan that was changed while it was run counts as what was run; what was left out is nobody’s', async () => {
    const ada = athlete({ id: randomUUID() });
    await coach.put(`/athletes/${ada.id}`, ada).expect(201);
    const one = session();
    await coach.put(`/sessions/${one.id}`, one).expect(201);
    const stages = [randomUUID(), randomUUID()] as const;
    const plan = planOf(stages);
    const run = ran(ada.id, [1.5, 5.5, 13.5], { sessionId: one.id, plan: structuredClone(plan) as never });
    await coach.keep(run);
    const [first, second] = plan.phases;
    const third = { ...plan.exercises[1], name: 'Stage 3', stage: randomUUID() };
    const change = { from: 1, exercises: [third], reps: [], phases: [{ ...second, exercise: 2 }], cues: [] };
    const event = { kind: 'plan', id: randomUUID(), device: 'other', seq: 1, order: 4, m: 7000, at: 0, after: null, change };
    // One that changes what had begun is kept, and does nothing.
    const late = {
      ...event,
      id: randomUUID(),
      seq: 2,
      order: 5,
      m: 20_000,
      after: event.id,
      change: { ...change, phases: [{ ...first, start: 10 }] },
    };
    const { body } = await coach.post(`/runs/${run.run.id}/events`, { events: [event, late] }).expect(200);
    expect([body.refused, body.stored.other]).toEqual([[], 2]);
    const records = (await coach.get(`/stage-records?athlete=${ada.id}&session=${one.id}`).expect(200)).body as StageRecord[];
    expect(records.map(({ stage, sessions }) => [stage, sessions[0]?.n, sessions[0]?.hits])).toEqual([
      [stages[0], 5, 2],
      [third.stage, 5, 1],
    ]);
    // Too much of a plan is kept as it came, and counted by nobody.
    const large = {
      ...event,
      id: randomUUID(),
      seq: 3,
      order: 6,
      change: { ...change, phases: Array.from({ length: 6001 }, () => second) },
    };
    const refused = await coach.post(`/runs/${run.run.id}/events`, { events: [large] }).expect(200);
    expect(refused.body.refused).toEqual([{ device: 'other', seq: 3, code: 'not-understood' }]);
  });
});

const sampleCalls = { alternatives: [], order: 'random', longestRun: 3, interval: null, reaction: 0.4, weakSide: null, freezes: 0 };
