import { pino } from 'pino';
import request from 'supertest';
import { createApp } from '../app.js';
import { athlete, Coach, openHouse, specConfig } from '../testing/house.js';

describe('the request log', () => {
  it('says what was asked and how long it took, and nothing about anybody', async () => {
    const house = await openHouse();
    const lines: string[] = [];
    const log = pino({ level: 'info', base: null }, { write: (line: string) => void lines.push(line) });
    const app = createApp(specConfig(), house, log, () => Promise.reject(new Error('no phone')));
    const watched = { ...house, app };
    const coach = await Coach.of(watched, 'Quiet club');
    const somebody = athlete({
      name: 'Secret Name',
      cautions: [{ part: 'other', side: null, forbids: [], landings: null, note: 'left ankle' }],
    });
    await coach.put(`/athletes/${somebody.id}`, somebody).expect(201);
    await coach.get(`/athletes/${somebody.id}/book?who=Secret`).expect(200);
    await coach.get('/phone').expect(500);
    await request(app).get('/people').expect(404);
    await request(app).get('/api/Secret/ankle').expect(401);
    await house.close();

    const said = lines.join('');
    for (const secret of ['Secret', 'ankle', somebody.id, '@club.test', 'long enough to pass', 'hopsk.sid', 'XSRF', '127.0.0.1'])
      expect(said).not.toContain(secret);
    const entries = lines.map(
      (line) => JSON.parse(line) as { req?: { method: string; path: string; id: string }; res?: { status: number }; responseTime?: number },
    );
    const book = entries.find((entry) => entry.req?.path === '/api/athletes/:id/book');
    expect(book).toEqual(jasmine.objectContaining({ res: { status: 200 }, responseTime: jasmine.any(Number) }));
    // Only the API is logged, and a fault of ours with its reason.
    expect(entries.some((entry) => entry.req?.path === '/people')).toBeFalse();
    expect(said).toContain('no phone');
  });
});
