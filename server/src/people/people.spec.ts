import { athlete, Coach, fieldsSaid, type House, openHouse, pattern } from '../testing/house.js';

describe('people and patterns', () => {
  let house: House;
  let coach: Coach;
  beforeAll(async () => {
    house = await openHouse();
    coach = await Coach.of(house, 'Club');
  });
  afterAll(() => house.close());

  it('are added once, saved, archived and restored', async () => {
    const ada = athlete({
      name: 'عادة 🏓',
      cautions: [{ part: 'ankle', side: 'left', forbids: ['landings'], landings: 40, note: 'old' }],
      bias: ['turns short'],
      tempo: { lunge: { seconds: 0.62, spread: 0.04, n: 12, from: 'tapped', day: '2026-11-30' } },
    });
    const added = await coach.put(`/athletes/${ada.id}`, ada).expect(201);
    expect(added.body).toEqual({ ...ada, version: 1, archivedAt: null, savedAt: jasmine.any(String) });
    const saved = await coach.put(`/athletes/${ada.id}`, { ...ada, version: 1, height: 1.72 }).expect(200);
    expect(saved.body).toEqual(jasmine.objectContaining({ version: 2, height: 1.72 }));
    expect((await coach.post(`/athletes/${ada.id}/archive`).expect(200)).body.archivedAt).toMatch(/^\d{4}-/);
    expect((await coach.post(`/athletes/${ada.id}/restore`).expect(200)).body.archivedAt).toBeNull();
  });

  it('a stale version is refused with what changed, and nothing is overwritten', async () => {
    const bo = athlete({ name: 'Bo' });
    await coach.put(`/athletes/${bo.id}`, bo).expect(201);
    await coach.put(`/athletes/${bo.id}`, { ...bo, version: 1, height: 1.8, sport: 'karate' }).expect(200);
    const { body } = await coach.put(`/athletes/${bo.id}`, { ...bo, version: 1, name: 'Beau' }).expect(409);
    expect(body.changed).toEqual(['name', 'height', 'sport']);
    expect(body.current).toEqual(jasmine.objectContaining({ name: 'Bo', height: 1.8, version: 2 }));
    await coach.put(`/athletes/${bo.id}`, bo).expect(409);
  });

  it('impossible measures name their field', async () => {
    const { body } = await coach.put(`/athletes/${athlete().id}`, athlete({ height: 17, shoulder: -1 })).expect(400);
    expect(body.fields.map((field: { path: string }) => field.path)).toEqual(['height', 'shoulder']);
    expect(fieldsSaid(body)).toContain('height between 0.8 2.4 m');
  });

  it('a pattern keeps its text as typed, unreadable words included, within its length', async () => {
    const odd = pattern({
      steps: 'split,\n  wobble 🙂  left, ()',
      dose: { mode: 'reps', work: 8, rounds: 3, sets: 1, rest: null, setRest: null },
    });
    const { body } = await coach.put(`/patterns/${odd.id}`, odd).expect(201);
    expect(body.steps).toBe(odd.steps);
    expect(body.dose).toEqual(odd.dose);
    const long = pattern({ steps: 'split '.repeat(200_000) });
    expect(fieldsSaid((await coach.put(`/patterns/${long.id}`, long).expect(400)).body)).toEqual(['steps longer 20000']);
    const huge = pattern({ steps: 'x'.repeat(3_000_000) });
    expect((await coach.put(`/patterns/${huge.id}`, huge).expect(413)).body.error).toBe('too-large');
  });

  it('requests that are no JSON, and addresses that are not there, get a code', async () => {
    expect((await coach.post('/sign-in').type('json').send('{"email": ').expect(400)).body.error).toBe('not-json');
    expect((await coach.get('/nowhere').expect(404)).body).toEqual(
      jasmine.objectContaining({ error: 'not-found', values: { what: 'address' } }),
    );
  });
});
