import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { appOn, athlete, Coach, type House, openHouse, ran } from '../testing/house.js';

describe('a full disk', () => {
  let house: House;
  let coach: Coach;
  const ada = athlete();
  beforeEach(async () => {
    house = await openHouse();
    coach = await Coach.of(house, 'Club');
    await coach.put(`/athletes/${ada.id}`, ada).expect(201);
  });
  afterEach(() => house.close());

  it('takes nothing more and says so; reading, coming in and health go on', async () => {
    const log = ran(ada.id, [3.5]);
    await coach.keep({ run: log.run, events: log.events.slice(0, 3) });
    const full = { ...house, app: appOn(house.pool, null, 1e18) };
    const there = await Coach.signIn(full, coach.clubId, coach);
    const id = randomUUID();
    for (const refused of [
      there.put(`/athletes/${id}`, athlete({ id })),
      there.post(`/runs/${log.run.id}/events`, { events: log.events.slice(3) }),
      there.upload('{}'),
    ]) {
      const { status, body } = await refused;
      expect([status, (body as { error: string }).error]).toEqual([507, 'no-room']);
    }
    expect(((await there.get('/athletes').expect(200)).body as unknown[]).length).toBe(1);
    expect((await there.get(`/runs/${log.run.id}`).expect(200)).body.events.length).toBe(3);
    expect((await request(full.app).get('/api/health').expect(200)).body).toEqual({ ok: true, database: true, room: false });
    expect((await request(house.app).get('/api/health').expect(200)).body.room).toBeTrue();
    await there.post('/sign-out').expect(204);
    // With room again the same is taken.
    await coach.post(`/runs/${log.run.id}/events`, { events: log.events.slice(3) }).expect(200);
  });

  it('of the database itself is answered the same, and the transaction is nothing', async () => {
    await house.pool.query(
      `create function full_disk() returns trigger language plpgsql as $$ begin raise exception 'full' using errcode = '53100'; end $$`,
    );
    await house.pool.query('create trigger full_disk before insert on run_event for each row execute function full_disk()');
    const log = ran(ada.id, [3.5]);
    await coach.put(`/runs/${log.run.id}`, log.run).expect(201);
    const { status, body } = await coach.post(`/runs/${log.run.id}/events`, { events: log.events });
    expect([status, (body as { error: string }).error]).toEqual([507, 'no-room']);
    await house.pool.query('drop trigger full_disk on run_event');
    await coach.post(`/runs/${log.run.id}/events`, { events: log.events }).expect(200);
  });
});
