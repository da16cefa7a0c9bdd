import request from 'supertest';
import { createApp } from '../app.js';
import { addClub } from '../club/club.js';
import { openHouse, specConfig, type House } from '../testing/house.js';
import { makeLog } from './log.js';

describe('a proxy in front', () => {
  let house: House;
  const appBehind = (trustProxy: string | null) =>
    createApp(specConfig({ trustProxy }), house, makeLog('silent'), () =>
      Promise.resolve({ lan: false, secure: false, addresses: [], authority: null }),
    );
  const enter = (app: ReturnType<typeof appBehind>) =>
    request(app)
      .post('/api/sign-in')
      .set('X-Forwarded-Proto', 'https')
      .set('X-Forwarded-For', '198.51.100.7')
      .send({ email: 'a@club.test', password: 'long enough to pass' });

  beforeEach(async () => {
    house = await openHouse();
    await addClub(house.pool, 'Club', { name: 'Ann', email: 'a@club.test', password: 'long enough to pass' });
  });
  afterEach(() => house.close());

  it('that is trusted says who asks and by what: cookies are secure', async () => {
    const cookies = (await enter(appBehind('loopback')).expect(200)).get('Set-Cookie') ?? [];
    expect(cookies.length).toBe(3);
    for (const cookie of cookies) expect(cookie).toContain('Secure');
  });

  it('that is not trusted says nothing', async () => {
    const cookies = (await enter(appBehind(null)).expect(200)).get('Set-Cookie') ?? [];
    for (const cookie of cookies) expect(cookie).not.toContain('Secure');
  });

  it('the first coach is made on the machine itself, whatever a client says of where it is', async () => {
    const fresh = await openHouse();
    const app = createApp(specConfig({ trustProxy: 'loopback' }), fresh, makeLog('silent'), () => Promise.reject(new Error('none')));
    const setup = { club: 'Mine', name: 'Eve', email: 'e@club.test', password: 'long enough to pass' };
    expect(
      (await request(app).post('/api/setup').set({ 'X-Forwarded-For': '198.51.100.7', 'X-Forwarded-Proto': 'https' }).send(setup)).status,
    ).toBe(403);
    expect((await request(app).post('/api/setup').send(setup)).status).toBe(201);
    await fresh.close();
  });
});
