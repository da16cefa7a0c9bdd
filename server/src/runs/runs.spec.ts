import { CLUB_FILE, CLUB_FILE_VERSION } from '@hopsk/contract/club-format';
import type { Book } from '@hopsk/contract/book';
import type { RoundsPlan } from '@hopsk/core/plan/run-plan';
import { randomUUID } from 'node:crypto';
import { athlete, Coach, fieldsSaid, openHouse, pattern, ran, upload, type House } from '../testing/house.js';

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

  it('are listed with what was watched and tapped, and the book counts them', async () => {
    const log = ran(ada, [3.5, 3.9, 7.5, 30]);
    await coach.keep(log);
    expect((await coach.get(`/runs/${log.run.id}`).expect(200)).body.events).toEqual(log.events);
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

  it('go on as they began: with somebody who is put away in the middle, and with a pattern that somebody changes meanwhile', async () => {
    const draft = pattern();
    await coach.put(`/patterns/${draft.id}`, draft).expect(201);
    const log = ran(ada, [3.5, 7.5, 30], { patternId: draft.id });
    await coach.keep({ run: log.run, events: log.events.slice(0, 5) });
    await coach.post(`/athletes/${ada}/archive`).expect(200);
    await coach.put(`/patterns/${draft.id}`, { ...draft, version: 1, steps: 'hold 1 s' }).expect(200);
    const { body } = await coach.post(`/runs/${log.run.id}/events`, { events: log.events.slice(5) }).expect(200);
    expect(body.refused).toEqual([]);
    expect((await coach.get(`/runs/${log.run.id}`).expect(200)).body.run.plan).toEqual(log.run.plan);
    const [entry] = (await book()).entries;
    expect([entry?.fault, entry?.attempts, entry?.faulty]).toEqual(['split-late', 10, 3]);
  });

  it('are found by a part of their name and by day, page by page, each once even where several began at one moment', async () => {
    const own = await Coach.of(house, 'Many runs');
    const bo = athlete();
    await own.put(`/athletes/${bo.id}`, bo).expect(201);
    const at = (day: number) => ({ day: `2026-11-0${day}`, startedAt: `2026-11-0${day}T18:00:00.000Z` });
    for (let i = 0; i < 9; i++) await own.keep(ran(bo.id, [], { ...at(1 + (i % 2)), name: `Corner ${i} 50%` }));
    await own.keep(ran(bo.id, [], { ...at(5), name: 'T drills' }));
    const list = async (query: string): Promise<{ id: string; name: string; startedAt: string }[]> =>
      (await own.get(`/runs?${query}`).expect(200)).body as { id: string; name: string; startedAt: string }[];
    const all = await list('most=200');
    const paged: typeof all = [];
    for (let page = await list('most=2'); page.length > 0;) {
      paged.push(...page);
      const { startedAt, id } = page.at(-1) as (typeof all)[number];
      page = await list(`most=2&before=${startedAt}&behind=${id}`);
    }
    expect(paged.map(({ id }) => id)).toEqual(all.map(({ id }) => id));
    expect(all.length).toBe(10);
    expect((await list('find=corNER')).length).toBe(9);
    // Signs of a pattern are letters like any other.
    expect([(await list('find=50%25')).length, (await list('find=5_')).length, (await list('find=%25%25')).length]).toEqual([9, 0, 0]);
    expect((await list('from=2026-11-02&to=2026-11-04')).length).toBe(4);
    expect((await list('find=drills&from=2026-11-06')).length).toBe(0);
    for (const bad of ['from=soon', 'behind=x', `find=${'x'.repeat(81)}`]) await own.get(`/runs?${bad}`).expect(400);
    const other = await Coach.of(house, 'Not ours');
    expect((await other.get('/runs?find=Corner').expect(200)).body).toEqual([]);
  });

  it('can be named and joined to a pattern afterwards, but not from an old version', async () => {
    const log = ran(ada, []);
    const plan = pattern();
    await coach.put(`/patterns/${plan.id}`, plan).expect(201);
    await coach.keep(log);
    const named = await coach.put(`/runs/${log.run.id}/name`, { name: 'Splits, Saturday', patternId: plan.id, version: 1 }).expect(200);
    expect(named.body.run).toEqual(jasmine.objectContaining({ name: 'Splits, Saturday', patternId: plan.id, version: 2 }));
    await coach.put(`/runs/${log.run.id}/name`, { name: 'Old', patternId: null, version: 1 }).expect(409);
    await coach.put(`/runs/${log.run.id}/name`, { name: 'X', patternId: randomUUID(), version: 2 }).expect(404);
    // The device that began it still calls it by its first name: the same run all the same.
    await coach.put(`/runs/${log.run.id}`, log.run).expect(200, { added: false });
  });

  it('have one head: the same again changes nothing, another one is refused with the one that stands', async () => {
    const { run } = ran(ada, []);
    await coach.put(`/runs/${run.id}`, run).expect(201, { added: true });
    await coach.put(`/runs/${run.id}`, run).expect(200, { added: false });
    const { body } = await coach.put(`/runs/${run.id}`, { ...run, tapDelay: 0.5 }).expect(409);
    expect(body).toEqual(jasmine.objectContaining({ error: 'stale', current: jasmine.objectContaining({ id: run.id, tapDelay: 1 }) }));
    await coach.put(`/runs/${randomUUID()}`, run).expect(400);
  });

  it('bad ones are refused with their place and leave nothing behind', async () => {
    const { run } = ran(ada, []);
    const plan = run.plan as RoundsPlan;
    const bad = { ...run, plan: { ...plan, dose: { ...plan.dose, rounds: 10_000, rest: -1 } } };
    const { body } = await coach.put(`/runs/${run.id}`, bad).expect(400);
    expect(body.fields.map((field: { path: string }) => field.path)).toEqual(['plan.dose.rounds', 'plan.dose.rest']);
    const stranger = ran(randomUUID(), []);
    expect((await coach.put(`/runs/${stranger.run.id}`, stranger.run).expect(422)).body).toEqual(
      jasmine.objectContaining({ error: 'unknown-athlete', values: { count: 1 } }),
    );
    for (const { id } of [run, stranger.run]) await coach.get(`/runs/${id}`).expect(404);
  });

  it('go out and into another club through the open file, counted alike', async () => {
    await coach.keep(ran(ada, [3.5, 7.5]));
    const { text, held } = await coach.file();
    const other = await Coach.of(house, 'Other');
    expect((await other.takeIn(text)).counts.runs.added).toBe(held.runs.length);
    expect((await other.takeIn(text)).counts.runs).toEqual({ added: 0, known: held.runs.length });
    expect((await other.get(`/athletes/${ada}/book`)).body).toEqual(await book());
    expect((await other.file()).held.runs).toEqual(held.runs);
  });

  it('that are there get from a file what their log lacks, once', async () => {
    const log = ran(ada, [3.5, 7.5]);
    await coach.keep({ ...log, events: log.events.slice(0, 4) });
    // As a device saves a run that it cannot keep.
    const club = { format: CLUB_FILE, version: CLUB_FILE_VERSION, club: { name: 'Ours' } };
    const file = { ...club, athletes: [], patterns: [], sessions: [], runs: [log] };
    for (let time = 0; time < 2; time++) expect((await coach.takeIn(file)).counts.runs).toEqual({ added: 0, known: 1 });
    expect((await coach.get(`/runs/${log.run.id}`).expect(200)).body.events).toEqual(log.events);
    expect((await book()).entries[0]).toEqual(jasmine.objectContaining({ attempts: 10, faulty: 2 }));
  });

  it('of a page of an earlier version are taken, however often and in whatever parts it sends them', async () => {
    const log = upload(ada, [3.5, 3.9, 7.5, 30]);
    const send = (events: readonly unknown[]): Promise<unknown> =>
      coach.post(`/runs/${log.run.id}/log`, { run: log.run, events }).expect(200);
    await send(log.events.slice(0, 4));
    await send(log.events);
    await send(log.events.slice(5));
    expect((await book()).entries[0]).toEqual(jasmine.objectContaining({ attempts: 10, faulty: 3 }));
    const { events } = (await coach.get(`/runs/${log.run.id}`).expect(200)).body as {
      events: { id: string; seq: number; device: string }[];
    };
    expect(events.map(({ id }) => id)).toEqual(log.events.map(({ id }) => id));
    expect(events.map(({ seq }) => seq)).toEqual(log.events.map((_, i) => i + 1));
    expect(new Set(events.map(({ device }) => device))).toEqual(new Set([`legacy-${log.run.id}`]));
    const undo = { id: randomUUID(), n: 99, at: 0, t: 20, kind: 'undo', target: log.events[5]?.id };
    await send([undo]);
    expect((await book()).entries[0]?.faulty).toBe(2);
    const { body } = await coach.post(`/runs/${log.run.id}/log`, { run: log.run, events: [{ ...undo, t: 'late' }] }).expect(400);
    expect(fieldsSaid(body)).toEqual(['events.0.t number']);
  });
});
