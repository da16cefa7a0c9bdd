import type { Me } from '@hopsk/contract/club';
import { Hint } from '@hopsk/contract/live';
import type { RunOpen, RunWhole } from '@hopsk/contract/run';
import { once } from 'node:events';
import { get, type IncomingMessage, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { appOn, athlete, Coach, openHouse, ran, type House } from '../testing/house.js';

/** A page that hears: what it was told, and when its stream was ended by the server. */
interface Hearing {
  readonly hints: Hint[];
  readonly ended: Promise<unknown>;
  readonly next: () => Promise<Hint>;
  close(): void;
}

describe('hints of what may be otherwise', () => {
  let house: House;
  let server: Server;
  let ours: Coach;
  let theirs: Coach;
  let ada: string;
  const open: Hearing[] = [];
  beforeAll(async () => {
    house = await openHouse();
    server = house.app.listen(0, '127.0.0.1');
    await once(server, 'listening');
    [ours, theirs] = [await Coach.of(house, 'Ours'), await Coach.of(house, 'Theirs')];
    ada = await added(ours);
  });
  afterEach(() => open.splice(0).forEach((one) => one.close()));
  afterAll(async () => {
    server.closeAllConnections();
    server.close();
    await house.close();
  });

  async function added(coach: Coach): Promise<string> {
    const one = athlete();
    await coach.put(`/athletes/${one.id}`, one).expect(201);
    return one.id;
  }

  async function answered(cookie: string): Promise<IncomingMessage> {
    const { port } = server.address() as AddressInfo;
    const asked = get({ port, path: '/api/live?ngsw-bypass', headers: { cookie } });
    const [response] = (await once(asked, 'response')) as [IncomingMessage];
    return response;
  }

  async function hear(coach: Coach): Promise<Hearing> {
    const response = await answered(coach.cookie);
    expect(response.statusCode).toBe(200);
    expect(response.headers['content-type']).toBe('text/event-stream');
    expect(response.headers['content-encoding']).toBeUndefined();
    response.setEncoding('utf8');
    const hints: Hint[] = [];
    let [text, told] = ['', () => undefined as void];
    response.on('data', (some: string) => {
      const parts = (text + some).split('\n\n');
      text = parts.pop() ?? '';
      for (const part of parts) if (part.startsWith('data: ')) hints.push(Hint.parse(JSON.parse(part.slice(6))));
      told();
    });
    let given = 0;
    const next = async (): Promise<Hint> => {
      while (hints.length <= given) await new Promise<void>((done) => (told = done));
      return hints[given++] as Hint;
    };
    const hearing = { hints, ended: once(response, 'end'), next, close: () => void response.destroy() };
    open.push(hearing);
    return hearing;
  }

  it('come to each page of the club when it is stored, from whichever server, and to nobody else', async () => {
    const [page, other] = [await hear(ours), await hear(theirs)];
    const { run, events } = ran(ada, [3.5]);
    await ours.keep({ run, events });
    expect(await page.next()).toEqual({ run: run.id, arrival: events.length });
    await ours.post(`/runs/${run.id}/events`, { events }).expect(200);
    const bea = await added(ours);
    // The same again had nothing new in it: the next that is heard is the athlete.
    expect(await page.next()).toEqual({ record: 'athlete', id: bea, version: 1 });
    const elsewhere = appOn(house.pool);
    const there = await Coach.signIn({ ...house, app: elsewhere }, theirs.clubId, { email: theirs.email, password: theirs.password });
    const theirOwn = await added(there);
    expect(await other.next()).toEqual({ record: 'athlete', id: theirOwn, version: 1 });
    expect(other.hints.length).toBe(1);
    expect(page.hints.length).toBe(2);
  });

  it('need a coach, and end where there is one no more', async () => {
    expect((await answered('')).statusCode).toBe(401);
    const leaving = await Coach.signIn(house, ours.clubId, { email: ours.email, password: ours.password });
    jasmine.clock().install();
    try {
      const page = await hear(leaving);
      await leaving.post('/sign-out').expect(204);
      jasmine.clock().tick(20_000);
      await page.ended;
    } finally {
      jasmine.clock().uninstall();
    }
    expect(open.length).toBe(1);
  });

  it('end at once for whom the club takes out, and for whom it gives another role', async () => {
    for (const change of [
      { role: 'assistant', gone: false },
      { role: 'coach', gone: true },
    ]) {
      const mate = await ours.mate(house, 'coach');
      const { id } = ((await mate.get('/me').expect(200)).body as Me).coach;
      const [theirs, mine] = [await hear(mate), await hear(ours)];
      await ours.put(`/coaches/${id}`, { ...change, athletes: [] }).expect(200);
      await theirs.ended;
      expect(await mine.next()).toEqual({ member: id });
    }
  });

  it('end when the database listens no more, and are there again when they are asked for again', async () => {
    const page = await hear(ours);
    await house.pool.query(
      `select pg_terminate_backend(pid) from pg_stat_activity where query = 'listen hopsk' and datname = current_database()`,
    );
    await page.ended;
    const again = await hear(ours);
    const one = await added(ours);
    expect(await again.next()).toEqual({ record: 'athlete', id: one, version: 1 });
  });

  it('are listened for only while somebody hears, and what others notify is passed over', async () => {
    const listeners = async (): Promise<number> =>
      (
        await house.pool.query<{ n: number }>(
          `select count(*)::int as n from pg_stat_activity where query = 'listen hopsk' and datname = current_database()`,
        )
      ).rows[0]?.n ?? -1;
    const [page, second] = [await hear(ours), await hear(ours)];
    expect(await listeners()).toBe(1);
    for (const junk of ['', 'no club', '{"club":1}']) await house.pool.query(`select pg_notify('hopsk', $1)`, [junk]);
    const one = await added(ours);
    expect(await page.next()).toEqual({ record: 'athlete', id: one, version: 1 });
    page.close();
    second.close();
    while ((await listeners()) > 0) await new Promise(setImmediate);
    expect(await listeners()).toBe(0);
  });

  it('say what joins: runs under way, with whose devices are in them, and the run’s time now', async () => {
    const { run, events } = ran(ada, [3.5]);
    const running = events.slice(0, -1);
    await ours.keep({ run, events: [] });
    await ours.post(`/runs/${run.id}/events`, { events: running, m: 61_000 }).expect(200);
    const whole = (await ours.get(`/runs/${run.id}`).expect(200)).body as RunWhole;
    expect(whole.arrival).toBe(running.length);
    expect(whole.now).toBeGreaterThanOrEqual(61_000);
    expect(whole.now).toBeLessThan(600_000);
    // What was sent late says less of the time than what was sent at once.
    await ours.post(`/runs/${run.id}/events`, { events: running, m: 2_000 }).expect(200);
    expect(((await ours.get(`/runs/${run.id}`).expect(200)).body as RunWhole).now).toBeGreaterThanOrEqual(61_000);
    const under = (await ours.get('/runs/open').expect(200)).body as RunOpen[];
    expect(under.map(({ id, coaches, athletes }) => ({ id, coaches, athletes }))).toContain({
      id: run.id,
      coaches: ['Coach of Ours'],
      athletes: [ada],
    });
    expect((await theirs.get('/runs/open').expect(200)).body).toEqual([]);
    await ours.post(`/runs/${run.id}/events`, { events: events.slice(-1) }).expect(200);
    expect(((await ours.get('/runs/open').expect(200)).body as RunOpen[]).map(({ id }) => id)).not.toContain(run.id);
  });
});
