import { execFile } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { fileURLToPath } from 'node:url';
import { promisify } from 'node:util';
import type { Coach as Member, CoachChange, SignedIn, WayInMade } from '@hopsk/contract/members';
import { sampleSession } from '@hopsk/contract/testing/samples';
import request from 'supertest';
import { athlete, Coach, fieldsSaid, type House, openHouse, pattern, ran, tokenOf } from '../testing/house.js';

const change = (more: Partial<CoachChange>): CoachChange => ({ role: 'coach', gone: false, athletes: [], ...more });

describe('who belongs to a club', () => {
  let house: House;
  let owner: Coach;
  beforeEach(async () => {
    house = await openHouse();
    owner = await Coach.of(house, 'Net Loft');
  });
  afterEach(() => house.close());

  const members = async (): Promise<Member[]> => (await owner.get('/coaches').expect(200)).body as Member[];
  const named = async (role: string): Promise<Member> => (await members()).find((one) => one.role === role) as Member;
  const use = (secret: string, password: string): request.Test => request(house.app).post('/api/way-in/use').send({ secret, password });
  const look = (secret: string): request.Test => request(house.app).post('/api/way-in').send({ secret });

  it('is invited by a link that works once, and chooses a password there', async () => {
    const who = { name: 'Mateus', email: 'Mateus@club.test', role: 'assistant', athletes: [] };
    const { secret } = (await owner.post('/coaches', who).expect(201)).body as WayInMade;
    expect((await named('assistant')).waits).toBeTrue();
    expect(fieldsSaid((await owner.post('/coaches', who).expect(409)).body)).toEqual(['email taken']);
    expect((await look(secret).expect(200)).body).toEqual({ club: 'Net Loft', name: 'Mateus', email: 'mateus@club.test', invited: true });
    await request(house.app).post('/api/sign-in').send({ email: who.email, password: 'null' }).expect(401);
    expect(fieldsSaid((await use(secret, 'iloveyou2026').expect(400)).body)).toEqual(['password common']);
    // Of two at a time one is in.
    const both = await Promise.all([use(secret, 'twine and chalk'), use(secret, 'twine and chalk')]);
    expect(both.map(({ status }) => status).sort()).toEqual([200, 410]);
    expect((await look(secret).expect(410)).body.error).toBe('way-in-gone');
    await request(house.app).post('/api/sign-in').send({ email: who.email, password: 'twine and chalk' }).expect(200);
    expect((await named('assistant')).waits).toBeFalse();
    // Of the secret nothing is kept that would let anybody in.
    const { rows } = await house.pool.query<{ kept: string }>('select coalesce(string_agg(way_in::text, $1), $1) as kept from way_in', [
      '',
    ]);
    expect(rows[0]?.kept).not.toContain(secret);
  });

  it('who forgot a password gets a link, which ends after two days or with the next one; with it all sessions end', async () => {
    const mate = await owner.mate(house, 'coach');
    const { id } = await named('coach');
    const link = async (): Promise<string> => ((await owner.post(`/coaches/${id}/way-in`).expect(201)).body as WayInMade).secret;
    const first = await link();
    const second = await link();
    await look(first).expect(410);
    await house.pool.query("update way_in set expires_at = expires_at - interval '48 hours 1 second'");
    await look(second).expect(410);
    const third = await link();
    await mate.get('/me').expect(200);
    expect((await use(third, 'twine and chalk').expect(200)).body.coach.role).toBe('coach');
    await mate.get('/me').expect(401);
    await owner.post(`/coaches/${randomUUID()}/way-in`).expect(404);
  });

  it('who is taken out is out at once, on every device, and can be taken in again', async () => {
    const mate = await owner.mate(house, 'coach');
    const there = await Coach.signIn(house, owner.clubId, mate);
    const { id } = await named('coach');
    const { secret } = (await owner.post(`/coaches/${id}/way-in`).expect(201)).body as WayInMade;
    await owner.put(`/coaches/${id}`, change({ gone: true })).expect(200);
    for (const one of [mate, there]) expect((await one.get('/athletes').expect(401)).body.error).toBe('signed-out');
    await look(secret).expect(410);
    await request(house.app).post('/api/sign-in').send({ email: mate.email, password: mate.password }).expect(401);
    // A session that was saved again in that moment is nobody's either.
    const back = await owner.put(`/coaches/${id}`, change({})).expect(200);
    expect((back.body as Member[]).find((one) => one.id === id)?.gone).toBeFalse();
    const again = await Coach.signIn(house, owner.clubId, mate);
    await house.pool.query('update coach set gone_at = now() where id = $1', [id]);
    await again.get('/athletes').expect(401);
  });

  it('the last owner who can come in stays one, however many leave at a time', async () => {
    const { id } = await named('owner');
    expect((await owner.put(`/coaches/${id}`, change({ role: 'coach' })).expect(409)).body.error).toBe('last-owner');
    await owner.post('/me/leave').expect(409);
    // An owner who is invited only is none yet.
    await owner.post('/coaches', { name: 'Later', email: 'later@club.test', role: 'owner', athletes: [] }).expect(201);
    await owner.post('/me/leave').expect(409);
    const other = await owner.mate(house, 'owner');
    const both = await Promise.all([owner.post('/me/leave'), other.post('/me/leave')]);
    expect(both.map(({ status }) => status).sort()).toEqual([204, 409]);
  });

  it('a new role holds from the next request on', async () => {
    const mate = await owner.mate(house, 'coach');
    const { id } = await named('coach');
    await mate.get('/runs').expect(200);
    await owner.put(`/coaches/${id}`, change({ role: 'assistant' })).expect(200);
    expect((await mate.get('/runs').expect(403)).body.error).toBe('not-yours');
    await mate.get('/runs/open').expect(200);
    expect((await mate.get('/me').expect(200)).body.coach.role).toBe('assistant');
  });

  it('a reader reads of those whom an owner named, and of nobody else', async () => {
    const [ada, bea] = [athlete({ name: 'Ada' }), athlete({ name: 'Bea' })];
    for (const one of [ada, bea]) await owner.put(`/athletes/${one.id}`, one).expect(201);
    await owner.keep(ran(ada.id, [3.5]));
    const reader = await owner.mate(house, 'reader');
    const { id } = await named('reader');
    expect((await reader.get('/athletes').expect(200)).body).toEqual([]);
    await owner.put(`/coaches/${id}`, change({ role: 'reader', athletes: [ada.id] })).expect(200);
    const names = async (path: string): Promise<string[]> =>
      ((await reader.get(path).expect(200)).body as { id: string }[]).map((one) => one.id);
    expect(await names('/athletes')).toEqual([ada.id]);
    expect(await names('/athletes/latest')).toEqual([ada.id]);
    expect(await names(`/athletes?ids=${bea.id}`)).toEqual([]);
    expect((await reader.get(`/athletes/${ada.id}/book`).expect(200)).body.sessions).toBe(1);
    await reader.get(`/athletes/${bea.id}/book`).expect(404);
    // Another role forgets whom one could read of; nobody of another club can be named.
    await owner.put(`/coaches/${id}`, change({ role: 'assistant', athletes: [ada.id] })).expect(200);
    expect((await members()).find((one) => one.id === id)?.athletes).toEqual([]);
    const other = await Coach.of(house, 'Other');
    const theirs = athlete();
    await other.put(`/athletes/${theirs.id}`, theirs).expect(201);
    const body = (await owner.put(`/coaches/${id}`, change({ role: 'reader', athletes: [theirs.id] })).expect(400)).body as unknown;
    expect(fieldsSaid(body)).toEqual([`athletes unknown-athlete ${theirs.id}`]);
  });

  it('sees where they are signed in, and ends one of these; nobody else’s', async () => {
    const there = await Coach.signIn(house, owner.clubId, owner);
    const mate = await owner.mate(house, 'coach');
    const devices = async (who: Coach): Promise<SignedIn[]> => (await who.get('/me/devices').expect(200)).body as SignedIn[];
    const mine = await devices(owner);
    expect(mine.map(({ here }) => here).sort()).toEqual([false, true]);
    const other = mine.find(({ here }) => !here)?.id ?? '';
    await mate.delete(`/me/devices/${other}`).expect(404);
    await there.get('/me').expect(200);
    await owner.delete(`/me/devices/${other}`).expect(204);
    await there.get('/me').expect(401);
    expect((await devices(owner)).length).toBe(1);
  });

  it('whoever sits at the machine gets a way back in for an owner, and for nobody else', async () => {
    const mate = await owner.mate(house, 'coach');
    const link = async (email: string): Promise<string> => {
      const args = [fileURLToPath(new URL('../../dist/owner-link.mjs', import.meta.url)), 'http://192.0.2.7', email];
      const { stdout } = await promisify(execFile)(process.execPath, args, {
        env: { ...process.env, DATABASE_URL: house.pool.options.connectionString },
      });
      return stdout;
    };
    const said = await link(owner.email.toUpperCase());
    const secret = /http:\/\/192\.0\.2\.7\/welcome#([\w-]{43})\n/.exec(said)?.[1] ?? '';
    expect((await use(secret, 'twine and chalk').expect(200)).body.coach).toEqual(
      jasmine.objectContaining({ role: 'owner', name: 'Coach of Net Loft' }),
    );
    await expectAsync(link(mate.email)).toBeRejectedWithError(/No owner of a club here has the address/);
    expect(await link('')).toContain('Coach of Net Loft');
  });

  it('makes a house with a demo club their own: nothing of the demo is left, and of no other club anything goes', async () => {
    const demo = await Coach.of(house, 'Demo', true);
    for (const coach of [owner, demo]) {
      const [ada, plan] = [athlete(), { ...sampleSession, id: randomUUID(), version: 0, athletes: [] }];
      await coach.put(`/athletes/${ada.id}`, ada).expect(201);
      const one = pattern();
      await coach.put(`/patterns/${one.id}`, one).expect(201);
      await coach.put(`/sessions/${plan.id}`, plan).expect(201);
      await coach.put('/teaching', { version: 0, choices: {}, stances: [], moves: [] }).expect(200);
      const log = ran(ada.id, [3.5]);
      await coach.keep(log);
      await coach.post('/coaches', { name: 'Reads', email: `${randomUUID()}@club.test`, role: 'reader', athletes: [ada.id] }).expect(201);
      await coach.get(`/stage-records?athlete=${ada.id}`).expect(200);
    }
    const tables = (
      await house.pool.query<{ name: string }>(
        `select table_name as name from information_schema.columns where table_schema = 'public' and column_name = 'club_id' order by 1`,
      )
    ).rows.map(({ name }) => name);
    const rows = async (clubId: string): Promise<number[]> =>
      Promise.all(
        tables.map(
          async (name) =>
            (await house.pool.query<{ n: number }>(`select count(*)::int as n from ${name} where club_id = $1`, [clubId])).rows[0]?.n ?? -1,
        ),
      );
    const before = await rows(owner.clubId);
    expect(tables.length).toBeGreaterThan(18);
    expect((await owner.post('/house/own').expect(403)).body.error).toBe('no-demo-here');
    await demo.post('/house/own').expect(204);
    expect(await rows(demo.clubId)).toEqual(tables.map(() => 0));
    expect(await rows(owner.clubId)).toEqual(before);
    await demo.get('/me').expect(401);
    expect((await request(house.app).get('/api/door').expect(200)).body.demo).toBeFalse();
    const { rows: over } = await house.pool.query<{ over: boolean }>('select demo_over as over from house');
    expect(over).toEqual([{ over: true }]);
  });

  it('that a session is used is noted now and then, and not with each request', async () => {
    const owner = await Coach.of(house, 'Net Loft');
    const ends = async (): Promise<number> =>
      Number((await house.pool.query<{ at: string }>('select extract(epoch from max(expire)) as at from sign_in_session')).rows[0]?.at);
    const back = (hours: number) => house.pool.query('update sign_in_session set expire = expire - make_interval(hours => $1)', [hours]);
    await owner.get('/me').expect(200);
    await back(24);
    const before = await ends();
    for (let i = 0; i < 5; i++) await owner.get('/me').expect(200);
    expect(await ends()).toBe(before);
    const now = Date.now.bind(Date);
    spyOn(Date, 'now').and.callFake(() => now() + 2 * 3600_000);
    await owner.get('/me').expect(200);
    // It is told to the database once the answer is on its way.
    while ((await ends()) === before) await new Promise(setImmediate);
    expect(await ends()).toBeGreaterThan(before + 23 * 3600);
  });

  it('a session ends ninety days after it began, however much it is used', async () => {
    const began = (days: number): Promise<unknown> =>
      house.pool.query(`update sign_in_session set sess = jsonb_set(sess::jsonb, '{began}', to_jsonb(now() - make_interval(days => $1)))`, [
        days,
      ]);
    await began(89);
    const [one] = (await owner.get('/me/devices').expect(200)).body as SignedIn[];
    expect(Date.parse(one?.until ?? '') - Date.now()).toBeLessThan(25 * 3600 * 1000);
    await began(90);
    await owner.get('/me').expect(401);
    // Whoever comes back signs in as on a new device.
    const { headers } = await owner.agent.post('/api/sign-in').send({ email: owner.email, password: owner.password }).expect(200);
    expect(tokenOf(headers['set-cookie'] as unknown as string[])).not.toBe('');
  });
});
