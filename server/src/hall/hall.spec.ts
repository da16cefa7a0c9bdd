import { CODE_LENGTH, CODE_LETTERS, HallHeard, HallRun } from '@hopsk/contract/hall';
import type { EventsPage, RunEvent } from '@hopsk/contract/run';
import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { PACES } from '../club/turns.js';
import { athlete, Coach, openHouse, ran, type House, type Ran } from '../testing/house.js';
import { calledAs } from './hall.js';

const PLAN = {
  exercises: [{ name: 'Corner', stage: randomUUID(), steps: 'split', watch: ['split-late'], view: 'side' as const }],
  reps: [{ seconds: 2, chances: { split: [0] } }],
  phases: [{ kind: 'work' as const, start: 0, end: 20, set: 1, round: 1, exercise: 0, open: false, done: [[0, 0] as [number, number]] }],
  cues: [],
  landings: 0,
};

describe('a hall screen', () => {
  let house: House;
  let ours: Coach;
  let ada: string;
  beforeAll(async () => {
    house = await openHouse();
    ours = await Coach.of(house, 'Ours');
    ada = randomUUID();
    await ours.put(`/athletes/${ada}`, athlete({ id: ada, name: 'Ada Berg', ageGroup: 'adult' })).expect(201);
  });
  afterAll(() => house.close());
  beforeEach(() => house.pool.query('delete from turn'));

  const screen = (): ReturnType<typeof request.agent> => request.agent(house.app);
  /** A run of two of which the server has all but its end. */
  async function underWay(coach = ours, who = ada): Promise<Ran> {
    const log = ran(who, [3.5], { plan: PLAN });
    await coach.keep({ run: log.run, events: log.events.slice(0, -1) });
    return log;
  }
  const codeOf = async ({ run }: Ran, coach = ours): Promise<string> =>
    ((await coach.post(`/runs/${run.id}/code`).expect(201)).body as { code: string }).code;

  it('is let in by the run’s code, however it is typed, and shows its clock, its plan and nothing that was seen', async () => {
    const log = await underWay();
    const code = await codeOf(log);
    expect(code).toMatch(new RegExp(`^[${CODE_LETTERS}]{${CODE_LENGTH}}$`));
    const hall = screen();
    const typed = ` ${code.slice(0, 4).toLowerCase()}-${code.slice(4)} `;
    const answer = await hall.post('/api/hall').send({ code: typed }).expect(200);
    const run = HallRun.parse(answer.body);
    expect([run.id, run.club, run.names]).toEqual([log.run.id, 'Ours', { [ada]: 'Ada' }]);
    expect((run.events as RunEvent[]).map(({ kind }) => kind)).toEqual(['go']);
    expect(run.now).not.toBeUndefined();
    const text = JSON.stringify(answer.body);
    for (const secret of ['Berg', 'split-late', 'board', 'fault', '"watch":["']) expect(text).withContext(secret).not.toContain(secret);
    expect(HallRun.parse((await hall.get('/api/hall').expect(200)).body).plan).toEqual({
      ...PLAN,
      exercises: PLAN.exercises.map((one) => ({ ...one, watch: [] })),
    });
  });

  it('goes on behind what it has: a tap is none of its, a change of the plan comes without what is looked for', async () => {
    const log = await underWay();
    const hall = screen();
    const { arrival } = HallRun.parse((await hall.post('/api/hall').send({ code: await codeOf(log) })).body);
    const last = log.events.at(-2) as RunEvent;
    const next = (n: number, more: object): object => ({
      ...{ id: randomUUID(), device: last.device, seq: last.seq + n, order: last.order + n, m: last.m + n, at: last.at },
      ...more,
    });
    const change = { from: 1, exercises: PLAN.exercises, reps: [], phases: [], cues: [] };
    await ours
      .post(`/runs/${log.run.id}/events`, {
        events: [
          next(1, { kind: 'fault', fault: 'tall', side: null, athlete: ada, source: 'floor', clip: null, shown: null }),
          next(2, { kind: 'plan', after: null, change }),
          next(3, { kind: 'pause', answers: log.events.find(({ kind }) => kind === 'go')?.id }),
        ],
      })
      .expect(200);
    const page = (await hall.get(`/api/hall/events?after=${arrival}`).expect(200)).body as EventsPage;
    expect((page.events as RunEvent[]).map(({ kind }) => kind)).toEqual(['plan', 'pause']);
    expect(JSON.stringify(page)).not.toContain('split-late');
    expect(page.arrival).toBe(arrival + 3);
    expect((await hall.get(`/api/hall/events?after=${page.arrival}`).expect(200)).body.events).toEqual([]);
  });

  it('sees nothing else of the club, and no run of another', async () => {
    const log = await underWay();
    const hall = screen();
    await hall
      .post('/api/hall')
      .send({ code: await codeOf(log) })
      .expect(200);
    for (const path of ['/me', '/athletes', `/runs/${log.run.id}`, `/runs/${log.run.id}/events`, '/runs/open', '/live', '/teaching'])
      await hall.get(`/api${path}`).expect(401);
    await hall.post(`/api/runs/${log.run.id}/events`).send({ events: [] }).expect(401);
    await request(house.app).get('/api/hall').expect(401);
    const theirs = await Coach.of(house, 'Theirs');
    await theirs.post(`/runs/${log.run.id}/code`).expect(404);
    expect((await theirs.get('/hall').expect(403)).body.error).toBe('not-yours');
  });

  it('ends with the run, and when the run has another code', async () => {
    const log = await underWay();
    const [first, second] = [screen(), screen()];
    const code = await codeOf(log);
    await first.post('/api/hall').send({ code }).expect(200);
    await second
      .post('/api/hall')
      .send({ code: await codeOf(log) })
      .expect(200);
    expect((await first.get('/api/hall/events?after=0').expect(410)).body.error).toBe('code-over');
    expect((await screen().post('/api/hall').send({ code }).expect(404)).body.error).toBe('no-such-code');
    await ours.post(`/runs/${log.run.id}/events`, { events: log.events.slice(-1) }).expect(200);
    for (const path of ['', '/events?after=0', '/live']) await second.get(`/api/hall${path}`).expect(410);
    await ours.post(`/runs/${log.run.id}/code`).expect(404);
  });

  it('is found by no guessing: few tries a place, and what the database holds is no code', async () => {
    const log = await underWay();
    const code = await codeOf(log);
    const { rows } = await house.pool.query<{ hash: string }>('select hash from run_code where run_id = $1', [log.run.id]);
    expect(rows[0]?.hash).not.toContain(code);
    // Another server with another secret makes nothing of it.
    for (let i = 0; i < PACES.codes.atOnce; i++) await screen().post('/api/hall').send({ code: 'AAAABBBB' }).expect(404);
    await screen().post('/api/hall').send({ code }).expect(429);
    await house.pool.query('delete from turn');
    for (const wrong of ['', 'short', 'ILO01111', 'A'.repeat(50), 7, null])
      await screen().post('/api/hall').send({ code: wrong }).expect(400);
  });

  it('can be a page of somebody who is signed in: they stay in', async () => {
    const log = await underWay();
    const code = await codeOf(log);
    await ours.post('/hall', { code }).expect(200);
    await ours.get('/hall').expect(200);
    expect((await ours.get('/me').expect(200)).body.club.name).toBe('Ours');
  });

  it('hears of its own run only', async () => {
    const log = await underWay();
    const hall = screen();
    await hall
      .post('/api/hall')
      .send({ code: await codeOf(log) })
      .expect(200);
    const heard: string[] = [];
    const other = await underWay();
    await new Promise<void>((done, fail) => {
      const asked = hall
        .get('/api/hall/live')
        .buffer(false)
        .parse((response, end) => {
          response.setEncoding('utf8');
          response.on('data', (part: string) => {
            heard.push(part);
            if (part.includes(log.run.id)) {
              (response as unknown as { destroy: () => void }).destroy();
              end(null, null);
              done();
            }
          });
        });
      asked.end(() => undefined);
      const speak = async (): Promise<void> => {
        await ours.post(`/runs/${other.run.id}/events`, { events: other.events.slice(-1) }).expect(200);
        await ours.post(`/runs/${log.run.id}/events`, { events: log.events.slice(-1) }).expect(200);
      };
      speak().catch(fail);
    });
    expect(heard.join('')).not.toContain(other.run.id);
  });

  it('takes from somebody’s own phone what it is, as of whom the coach said: once, and repetitions only when it is somebody’s', async () => {
    const log = await underWay();
    const hall = screen();
    await hall
      .post('/api/hall')
      .send({ code: await codeOf(log) })
      .expect(200);
    const thing = randomUUID();
    const said = (seq: number, more: object): object => ({ id: randomUUID(), seq, m: 6000 + seq, at: 1, ...more });
    const send = async (...all: object[]): Promise<HallHeard> =>
      HallHeard.parse((await hall.post('/api/hall/said').send({ thing, as: 'counter', said: all }).expect(200)).body);
    const all = [said(1, { kind: 'thing', on: true }), said(2, { kind: 'reaction', call: 3, ms: 412 }), said(3, { kind: 'reps', n: 1 })];
    expect(await send(...all)).toEqual({ stored: 2, called: null });
    expect(await send(...all)).toEqual({ stored: 2, called: null });
    const whole = async (): Promise<RunEvent[]> =>
      ((await ours.get(`/runs/${log.run.id}`).expect(200)).body as { events: RunEvent[] }).events;
    const last = log.events.at(-2) as RunEvent;
    const whose = { ...{ id: randomUUID(), device: last.device, seq: last.seq + 1, order: last.order + 1, m: 6100, at: last.at } };
    await ours.post(`/runs/${log.run.id}/events`, { events: [{ ...whose, kind: 'whose', thing, athlete: ada }] }).expect(200);
    expect(await send(...all, said(4, { kind: 'reps', n: 2 }))).toEqual({ stored: 4, called: 'Ada' });
    expect(await send()).toEqual({ stored: 4, called: 'Ada' });
    const of = (await whole()).filter(({ device }) => device === `thing-${thing}`);
    expect(of.map((event) => [event.kind, event.seq, 'athlete' in event ? event.athlete : ''])).toEqual([
      ['thing', 1, ''],
      ['reaction', 2, null],
      ['reps', 3, ada],
      ['reps', 4, ada],
    ]);
    // It says nothing else: no tap, nothing of anybody else, no pulse.
    for (const wrong of [{ kind: 'fault', fault: 'tall', athlete: ada }, { kind: 'pulse', bpm: 100 }, { kind: 'end' }])
      await hall
        .post('/api/hall/said')
        .send({ thing, as: 'light', said: [said(5, wrong)] })
        .expect(400);
    await screen().post('/api/hall/said').send({ thing, as: 'light', said: [] }).expect(401);
    await ours.post(`/runs/${log.run.id}/events`, { events: [{ ...log.events.at(-1), seq: last.seq + 2 }] }).expect(200);
    await hall.post('/api/hall/said').send({ thing, as: 'light', said: [] }).expect(410);
  });

  it('keeps nothing of the heart of those under 16 until a guardian has agreed', async () => {
    const bea = randomUUID();
    await ours.put(`/athletes/${bea}`, athlete({ id: bea, name: 'Bea Dahl', ageGroup: '10–12' })).expect(201);
    const log = ran(bea, [3.5], { plan: PLAN });
    await ours.keep({ run: log.run, events: log.events.slice(0, -1) });
    const last = log.events.at(-2) as RunEvent;
    const pulse = {
      id: randomUUID(),
      device: last.device,
      seq: last.seq + 1,
      order: 9,
      m: 6100,
      at: 1,
      kind: 'pulse',
      thing: randomUUID(),
      athlete: bea,
      bpm: 171,
    };
    const answer = await ours.post(`/runs/${log.run.id}/events`, { events: [pulse] }).expect(200);
    expect(answer.body.refused).toEqual([jasmine.objectContaining({ code: 'not-agreed' }) as never]);
    const { rows } = await house.pool.query<{ body: string }>('select body::text from run_event where run_id = $1', [log.run.id]);
    expect(JSON.stringify(rows)).not.toContain('bpm');
  });

  it('calls people as the club chose: under 16 by a number unless it says otherwise, and nobody alike', async () => {
    const one = (id: string, name: string, ageGroup: 'adult' | '13–15') => ({ id, name, ageGroup });
    const people = [
      one('a', 'Ada Berg', 'adult'),
      one('b', 'Bea Dahl', '13–15'),
      one('c', 'Ada Moe', 'adult'),
      one('d', 'Élan Vik', 'adult'),
    ];
    expect(calledAs(people, { hall: 'first', hallUnder16: false })).toEqual({ a: 'Ada 1', b: '2', c: 'Ada 3', d: 'Élan' });
    expect(calledAs(people, { hall: 'first', hallUnder16: true })['b']).toBe('Bea');
    expect(calledAs(people, { hall: 'initial', hallUnder16: true })).toEqual({ a: 'A 1', b: 'B', c: 'A 3', d: 'É' });
    expect(Object.values(calledAs(people, { hall: 'number', hallUnder16: true }))).toEqual(['1', '2', '3', '4']);
    // What an owner does not say stays as it was.
    const [other, bea] = [await Coach.of(house, 'Others'), randomUUID()];
    await other.put(`/athletes/${bea}`, athlete({ id: bea, name: 'Bea Dahl' })).expect(201);
    const rules = { version: 0, runs: null, left: null, looks: 24, agreement: 'none' };
    const kept = (await other.put('/people-rules', { ...rules, hall: 'number', hallUnder16: true }).expect(200)).body as {
      version: number;
    };
    const again = (await other.put('/people-rules', { ...rules, version: kept.version }).expect(200)).body as object;
    expect(again).toEqual(jasmine.objectContaining({ hall: 'number', hallUnder16: true }));
    const log = await underWay(other, bea);
    expect(
      HallRun.parse(
        (
          await screen()
            .post('/api/hall')
            .send({ code: await codeOf(log, other) })
        ).body,
      ).names,
    ).toEqual({ [bea]: '1' });
  });
});
