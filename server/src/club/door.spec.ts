import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { athlete, Coach, fieldsSaid, type House, openHouse, tokenOf } from '../testing/house.js';
import { PACES } from './turns.js';

const first = { club: 'Net Loft', name: 'Runa', email: 'Runa@Club.test', password: 'tar and chalk' };

describe('coming in', () => {
  let house: House;
  beforeEach(async () => (house = await openHouse()));
  afterEach(() => house.close());

  it('makes the first club once, and signs its coach in', async () => {
    expect((await request(house.app).get('/api/door').expect(200)).body).toEqual({ setup: true, demo: false, passkeys: false });
    const agent = request.agent(house.app);
    const made = await agent.post('/api/setup').send(first).expect(201);
    expect(made.body.club).toEqual(jasmine.objectContaining({ name: 'Net Loft', demo: false }));
    expect((await agent.get('/api/me').expect(200)).body.coach.name).toBe('Runa');
    const again = await request(house.app)
      .post('/api/setup')
      .send({ ...first, email: 'other@club.test' })
      .expect(409);
    expect(again.body.error).toBe('set-up');
  });

  it('names each field that is wrong', async () => {
    const { body } = await request(house.app).post('/api/setup').send({ club: '', email: 'nobody', password: 'short' }).expect(400);
    expect(fieldsSaid(body)).toEqual(['club empty', 'name missing', 'email email', 'password shorter 10']);
  });

  it('keeps passwords as argon2id, gives the session a new id at sign-in, and ends it at sign-out', async () => {
    await request(house.app).post('/api/setup').send(first).expect(201);
    const { rows } = await house.pool.query<{ password_hash: string }>('select password_hash from coach');
    expect(rows[0]?.password_hash).toMatch(/^\$argon2id\$/);
    const agent = request.agent(house.app);
    const signIn = (): request.Test => agent.post('/api/sign-in').send({ email: 'runa@club.test', password: first.password });
    const one = await signIn().expect(200);
    const cookies = one.get('Set-Cookie') ?? [];
    expect(cookies.find((cookie) => cookie.startsWith('hopsk.sid'))).toMatch(/HttpOnly; SameSite=Lax/);
    const two = await signIn().set('X-XSRF-TOKEN', tokenOf(cookies)).expect(200);
    const sid = (list: string[]): string => /hopsk\.sid=([^;]+)/.exec(list.join())?.[1] ?? '';
    expect(sid(two.get('Set-Cookie') ?? [])).not.toBe(sid(cookies));
    await agent
      .post('/api/sign-out')
      .set('X-XSRF-TOKEN', tokenOf(two.get('Set-Cookie') ?? []))
      .expect(204);
    expect((await agent.get('/api/athletes').expect(401)).body.error).toBe('signed-out');
  });

  it('of many tries at one time lets no more through than there are turns, and slows them without locking anybody out', async () => {
    await request(house.app).post('/api/setup').send(first).expect(201);
    const agent = request.agent(house.app);
    const right = { email: first.email, password: first.password };
    await agent.post('/api/sign-in').send(right).expect(200);
    const { atOnce, each } = PACES.account;
    const tries = await Promise.all(
      Array.from({ length: 60 }, () => request(house.app).post('/api/sign-in').send({ email: first.email, password: 'wrong' })),
    );
    const answers = tries.map(({ status }) => status);
    expect([answers.filter((one) => one === 401).length, answers.filter((one) => one === 429).length]).toEqual([atOnce, 60 - atOnce]);
    // The right password has to wait here, too, and is told for how long.
    const { body, headers } = await request(house.app).post('/api/sign-in').send(right).expect(429);
    expect([body.error, headers['retry-after']]).toEqual(['too-often', String(body.values.seconds)]);
    expect(body.values.seconds).toBeGreaterThan(0);
    expect(body.values.seconds).toBeLessThanOrEqual(each);
    // A device that was in the account before does not wait for what others try; another account from here does not either.
    await agent
      .post('/api/sign-in')
      .send({ ...right, password: 'wrong' })
      .expect(403);
    const token = tokenOf((await agent.get('/api/me').expect(200)).get('Set-Cookie') ?? []);
    await agent.post('/api/sign-in').set('X-XSRF-TOKEN', token).send(right).expect(200);
    await request(house.app).post('/api/sign-in').send({ email: 'other@club.test', password: 'wrong' }).expect(401);
    // A turn comes back with time.
    await house.pool.query('update turn set at = at - make_interval(secs => $1)', [each]);
    await request(house.app).post('/api/sign-in').send(right).expect(200);
    await request(house.app).post('/api/sign-in').send({ email: first.email, password: 'wrong' }).expect(401);
  });

  it('one device’s tries are limited, whatever it was in before, and with a new password it is a stranger again', async () => {
    await request(house.app).post('/api/setup').send(first).expect(201);
    const agent = request.agent(house.app);
    const signIn = (password: string) => agent.post('/api/sign-in').send({ email: first.email, password });
    const cookies = (await signIn(first.password).expect(200)).get('Set-Cookie') ?? [];
    await agent.post('/api/sign-out').set('X-XSRF-TOKEN', tokenOf(cookies)).expect(204);
    for (let i = 0; i < PACES.known.atOnce; i++) await signIn('wrong').expect(401);
    await signIn('wrong').expect(429);
    // Its own turns are not those of strangers.
    await request(house.app).post('/api/sign-in').send({ email: first.email, password: 'wrong' }).expect(401);
    await house.pool.query("update coach set password_hash = 'changed'");
    expect((await signIn('wrong').expect(401)).body.error).toBe('wrong');
  });

  it('takes no password that others would try first', async () => {
    for (const password of ['password123!', 'Qwertyuiop', 'ababababab', '1234567890', 'Dragon2026!!'])
      expect(
        fieldsSaid(
          (
            await request(house.app)
              .post('/api/setup')
              .send({ ...first, password })
              .expect(400)
          ).body,
        ),
      )
        .withContext(password)
        .toEqual(['password common']);
  });

  it('answers an unknown address like a wrong password', async () => {
    const { body } = await request(house.app).post('/api/sign-in').send({ email: 'nobody@club.test', password: 'wrong' }).expect(401);
    expect(body.error).toBe('wrong');
  });

  it('has a demo sign-in only where there is a demo club', async () => {
    await request(house.app).post('/api/demo').send({}).expect(404);
    await Coach.of(house, 'Real');
    await request(house.app).post('/api/demo').send({}).expect(404);
    await Coach.of(house, 'Demo', true);
    expect((await request(house.app).post('/api/demo').send({}).expect(200)).body.club.name).toBe('Demo');
  });

  it('refuses writes from another site and without the page’s token', async () => {
    const coach = await Coach.of(house, 'Club');
    const sent = athlete();
    const path = `/api/athletes/${sent.id}`;
    expect((await coach.agent.put(path).send(sent).expect(403)).body.error).toBe('stale-page');
    expect((await coach.put(`/athletes/${sent.id}`, sent).set('Origin', 'https://elsewhere.test').expect(403)).body.error).toBe('forged');
    expect((await coach.put(`/athletes/${sent.id}`, sent).set('Sec-Fetch-Site', 'cross-site').expect(403)).body.error).toBe('forged');
    await coach.put(`/athletes/${sent.id}`, sent).expect(201);
  });

  it('changes settings and passwords, and ends other sessions with a new password', async () => {
    const coach = await Coach.of(house, 'Club');
    const mate = await coach.mate(house, 'coach');
    expect((await coach.put('/me/settings', { units: 'ft-in', tapDelay: 0.8 }).expect(200)).body.coach).toEqual(
      jasmine.objectContaining({ units: 'ft-in', tapDelay: 0.8, role: 'owner' }),
    );
    await coach.put('/me/settings', { units: 'ells', tapDelay: 9 }).expect(400);

    const there = await Coach.signIn(house, coach.clubId, mate);
    await mate.post('/me/password', { old: 'not it', password: 'a new long one' }).expect(400);
    expect(fieldsSaid((await mate.post('/me/password', { old: mate.password, password: 'password2026' }).expect(400)).body)).toEqual([
      'password common',
    ]);
    await mate.post('/me/password', { old: mate.password, password: 'a new long one' }).expect(204);
    await mate.get('/me').expect(200);
    await there.get('/me').expect(401);
  });
});

describe('one club and another', () => {
  let house: House;
  beforeEach(async () => (house = await openHouse()));
  afterEach(() => house.close());

  it('know nothing of each other: a guessed id is 404, never 403, and nothing changes', async () => {
    const { ran, pattern } = await import('../testing/house.js');
    const [ours, theirs] = [await Coach.of(house, 'Ours'), await Coach.of(house, 'Theirs')];
    const [kept, plan] = [athlete(), pattern()];
    await ours.put(`/athletes/${kept.id}`, kept).expect(201);
    await ours.put(`/patterns/${plan.id}`, plan).expect(201);
    const log = ran(kept.id, [3.5]);
    await ours.keep(log);

    expect((await theirs.get('/athletes').expect(200)).body).toEqual([]);
    expect((await theirs.get('/patterns').expect(200)).body).toEqual([]);
    expect((await theirs.get('/runs').expect(200)).body).toEqual([]);
    expect((await theirs.file()).held.runs).toEqual([]);
    const guesses: readonly request.Test[] = [
      theirs.get(`/athletes/${kept.id}/book`),
      theirs.put(`/athletes/${kept.id}`, { ...kept, version: 1, name: 'Taken' }),
      theirs.post(`/athletes/${kept.id}/archive`),
      theirs.put(`/patterns/${plan.id}`, { ...plan, version: 1, name: 'Taken' }),
      theirs.post(`/patterns/${plan.id}/archive`),
      theirs.get(`/runs/${log.run.id}`),
      theirs.get(`/runs/${log.run.id}/events`),
      theirs.put(`/runs/${log.run.id}/name`, { name: 'Taken', patternId: null, version: 1 }),
      theirs.get(`/athletes/${randomUUID()}/book`),
      theirs.get('/athletes/1/book'),
    ];
    for (const guess of guesses) expect((await guess).status).toBe(404);
    // A run under the same id is another run in another club, and cannot hold our athlete.
    expect((await theirs.put(`/runs/${log.run.id}`, log.run)).status).toBe(422);
    await theirs.post(`/runs/${log.run.id}/events`, { events: log.events }).expect(404);
    const theirsOwn = athlete();
    await theirs.put(`/athletes/${theirsOwn.id}`, theirsOwn).expect(201);
    const twin = ran(theirsOwn.id, [], { id: log.run.id });
    await theirs.keep(twin);
    const foreign = await theirs.put(`/runs/${log.run.id}/name`, { name: 'Mine', patternId: plan.id, version: 1 });
    expect(foreign.status).toBe(404);

    expect((await ours.get('/athletes')).body[0]).toEqual(jasmine.objectContaining({ name: 'Ada', version: 1, archivedAt: null }));
    expect((await ours.get(`/runs/${log.run.id}`)).body.events.length).toBe(log.events.length);
  });
});
