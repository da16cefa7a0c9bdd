import type { RunEvent } from '@hopsk/core/log/event';
import { randomUUID } from 'node:crypto';
import { athlete, Coach, openHouse, pattern, upload, type House } from '../testing/house.js';
import type { Book } from '@hopsk/contract/book';
import type { RunUpload } from '@hopsk/contract/run';
import type { RoundsPlan } from '@hopsk/core/plan/run-plan';

describe('runs', () => {
  let house: House;
  let coach: Coach;
  let ada: string;
  beforeAll(async () => {
    house = await openHouse();
    coach = await Coach.of(house, 'Club');
  });
  afterAll(() => house.close());
  beforeEach(async () => {
    const draft = athlete();
    ada = draft.id;
    await coach.put(`/athletes/${ada}`, draft).expect(201);
  });
  const book = async (): Promise<Book> => (await coach.get(`/athletes/${ada}/book`).expect(200)).body as Book;

  it('sent once, twice or in parts count the same', async () => {
    const log = upload(ada, [3.5, 3.9, 7.5, 30]);
    const send = (part: RunUpload['events']): Promise<unknown> =>
      coach.post(`/runs/${log.run.id}/log`, { run: log.run, events: part }).expect(200);
    await send(log.events.slice(0, 4));
    await send(log.events);
    await send(log.events.slice(5));
    const whole = (await coach.get(`/runs/${log.run.id}`).expect(200)).body;
    expect(whole.events).toEqual(log.events);
    const { entries, sessions } = await book();
    expect(sessions).toBe(1);
    expect(entries[0]).toEqual(
      jasmine.objectContaining({ fault: 'split-late', attempts: 10, faulty: 3, lastSeen: '2026-11-21', couldShow: 1 }),
    );
    const row = (await coach.get('/runs').expect(200)).body.find((one: { id: string }) => one.id === log.run.id);
    expect((await coach.get('/runs?most=1').expect(200)).body.length).toBe(1);
    await coach.get('/runs?most=nine').expect(400);
    expect(row).toEqual(jasmine.objectContaining({ name: 'Evening', athletes: [ada], watched: 10, taps: 4 }));
  });

  it('an undo that comes later is counted, and every kind of event comes back as it was sent', async () => {
    const log = upload(ada, [3.5]);
    const more: RunUpload['events'] = [
      { id: randomUUID(), n: 10, at: 1, t: 5, kind: 'skip', to: 15 },
      { id: randomUUID(), n: 11, at: 1, t: 16, kind: 'view', view: 'front' },
      { id: randomUUID(), n: 12, at: 1, t: 16, kind: 'watch', athlete: null },
      { id: randomUUID(), n: 13, at: 1, t: 17, kind: 'right', fault: null, athlete: ada, source: 'floor', clip: null },
      { id: randomUUID(), n: 14, at: 1, t: 17, kind: 'result', result: 'in', athlete: ada, source: 'film', clip: 2.5 },
      { id: randomUUID(), n: 15, at: 1, t: 18, kind: 'attempt', clean: true, athlete: ada, source: 'floor', clip: null },
      { id: randomUUID(), n: 16, at: 1, t: 18, kind: 'undo', target: log.events[3]?.id ?? '' },
      { id: randomUUID(), n: 17, at: 1, t: 18, kind: 'move', target: log.events[3]?.id ?? '', by: -1 },
      { id: randomUUID(), n: 18, at: 1, t: 18, kind: 'assign', target: log.events[3]?.id ?? '', athlete: ada },
      { id: randomUUID(), n: 19, at: 1, t: 18, kind: 'pause' },
      { id: randomUUID(), n: 20, at: 1, t: 18, kind: 'resume' },
      { id: randomUUID(), n: 21, at: 1, t: 18, kind: 'freeze', could: false, athlete: ada, source: 'floor', clip: null },
    ];
    // A kind that is missing here does not compile.
    const every = {
      ...{ go: 1, pause: 1, resume: 1, end: 1, skip: 1, watch: 1, board: 1, view: 1 },
      ...{ fault: 1, right: 1, result: 1, attempt: 1, freeze: 1, undo: 1, move: 1, assign: 1 },
    } satisfies Record<RunEvent['kind'], 1>;
    expect([...new Set([...log.events, ...more].map((event) => event.kind))].sort()).toEqual(Object.keys(every).sort() as never);
    await coach.post(`/runs/${log.run.id}/log`, log).expect(200);
    expect((await book()).entries[0]?.faulty).toBe(1);
    await coach.post(`/runs/${log.run.id}/log`, { run: log.run, events: more }).expect(200);
    const after = await book();
    expect(after.entries[0]?.faulty).toBe(0);
    expect(after.praise).toBe(1);
    expect((await coach.get(`/runs/${log.run.id}`)).body.events).toEqual([...log.events, ...more]);
  });

  it('can be named and joined to a pattern afterwards, but not from an old version', async () => {
    const log = upload(ada, []);
    const plan = pattern();
    await coach.put(`/patterns/${plan.id}`, plan).expect(201);
    await coach.post(`/runs/${log.run.id}/log`, log).expect(200);
    const named = await coach.put(`/runs/${log.run.id}/name`, { name: 'Splits, Saturday', patternId: plan.id, version: 1 }).expect(200);
    expect(named.body.run).toEqual(jasmine.objectContaining({ name: 'Splits, Saturday', patternId: plan.id, version: 2 }));
    await coach.put(`/runs/${log.run.id}/name`, { name: 'Old', patternId: null, version: 1 }).expect(409);
    await coach.put(`/runs/${log.run.id}/name`, { name: 'X', patternId: randomUUID(), version: 2 }).expect(404);
  });

  it('bad ones are refused with their place and leave nothing behind', async () => {
    const log = upload(ada, [3.5]);
    const plan = log.run.plan as RoundsPlan;
    const bad = { ...log, run: { ...log.run, plan: { ...plan, dose: { ...plan.dose, rounds: 10_000, rest: -1 } } } };
    const { body } = await coach.post(`/runs/${log.run.id}/log`, bad).expect(400);
    expect(body.fields.map((field: { path: string }) => field.path)).toEqual(['run.plan.dose.rounds', 'run.plan.dose.rest']);
    const odd = { ...log, events: [...log.events, { id: randomUUID(), n: 9, at: 0, t: 1, kind: 'explode' }] };
    await coach.post(`/runs/${log.run.id}/log`, odd).expect(400);
    const stranger = upload(randomUUID(), []);
    expect((await coach.post(`/runs/${stranger.run.id}/log`, stranger).expect(422)).body).toEqual(
      jasmine.objectContaining({ error: 'unknown-athlete', values: { count: 1 } }),
    );
    await coach.get(`/runs/${log.run.id}`).expect(404);
  });

  it('go out and into another club through the open file, counted alike', async () => {
    const log = upload(ada, [3.5, 7.5]);
    await coach.post(`/runs/${log.run.id}/log`, log).expect(200);
    const file = (await coach.get('/export').expect(200)).body;
    const other = await Coach.of(house, 'Other');
    const done = (await other.post('/import', file).expect(200)).body;
    expect(done.runs.added).toBe(file.runs.length);
    expect((await other.post('/import', file).expect(200)).body.runs).toEqual({ added: 0, known: file.runs.length });
    expect((await other.get(`/athletes/${ada}/book`)).body).toEqual(await book());
    expect((await other.get('/export')).body.runs).toEqual(file.runs);
    const { body } = await other.post('/import', { ...file, version: 7, athletes: [{ name: 3 }] }).expect(400);
    expect(body.fields[0].path).toBe('version');
    expect(body.fields.some((field: { path: string }) => field.path === 'athletes.0.name')).toBeTrue();
  });
});
