import { ClubFile } from '@hopsk/contract/club-file';
import { sampleSession } from '@hopsk/contract/testing/samples';
import { randomUUID } from 'node:crypto';
import { athlete, Coach, fieldsSaid, type House, openHouse, pattern, ran } from '../testing/house.js';

describe('the club as a file', () => {
  let house: House;
  beforeEach(async () => (house = await openHouse()));
  afterEach(() => house.close());

  async function filled(): Promise<{ coach: Coach; file: ClubFile }> {
    const coach = await Coach.of(house, 'First club');
    const [here, away] = [athlete({ name: 'Here' }), athlete({ name: 'Away' })];
    const [used, unused] = [pattern({ name: 'Used' }), pattern({ name: 'Unused' })];
    for (const one of [here, away]) await coach.put(`/athletes/${one.id}`, one).expect(201);
    for (const one of [used, unused]) await coach.put(`/patterns/${one.id}`, one).expect(201);
    await coach
      .put('/teaching', { version: 0, choices: { crossing: 'behind' }, stances: [], moves: [{ name: 'corner', steps: 'split' }] })
      .expect(200);
    const plan = { ...sampleSession, id: randomUUID(), version: 0 };
    await coach.put(`/sessions/${plan.id}`, plan).expect(201);
    const log = ran(here.id, [3.5, 8], { patternId: used.id, sessionId: plan.id });
    await coach.keep(log);
    for (const path of [`/athletes/${here.id}`, `/athletes/${away.id}`, `/patterns/${used.id}`])
      await coach.post(`${path}/archive`).expect(200);
    const file = ClubFile.parse((await coach.get('/export').expect(200)).body);
    return { coach, file };
  }

  it('holds everything that is needed, and leaves out what was put away and is not', async () => {
    const { file } = await filled();
    expect(file.athletes.map((one) => one.name)).toEqual(['Here']);
    expect(file.patterns.map((one) => one.name).sort()).toEqual(['Unused', 'Used']);
    expect(file.runs.length).toBe(1);
    expect(file.sessions.map((one) => one.id)).toEqual([file.runs[0]?.run.sessionId ?? '']);
    expect(file.teaching).toEqual({
      choices: { crossing: 'behind' },
      stances: [],
      moves: [{ name: 'corner', steps: 'split' }],
      playbooks: [],
    });
    expect(JSON.stringify(file)).not.toMatch(/password|email|@/);
  });

  it('read twice adds once; into another club it counts the same', async () => {
    const { file } = await filled();
    const other = await Coach.of(house, 'Second club');
    const own = { version: 0, choices: {}, stances: [], moves: [], playbooks: [] };
    const first = (await other.post('/import', file).expect(200)).body;
    expect(first).toEqual({
      athletes: { added: 1, known: 0 },
      patterns: { added: 2, known: 0 },
      sessions: { added: 1, known: 0 },
      runs: { added: 1, known: 0 },
    });
    const again = (await other.post('/import', file).expect(200)).body;
    expect(again).toEqual({
      athletes: { added: 0, known: 1 },
      patterns: { added: 0, known: 2 },
      sessions: { added: 0, known: 1 },
      runs: { added: 0, known: 1 },
    });
    const out = ClubFile.parse((await other.get('/export').expect(200)).body);
    expect<ClubFile>({ ...out, club: file.club }).toEqual(file);
    // A club that teaches something already keeps it.
    const third = await Coach.of(house, 'Third club');
    await third.put('/teaching', own).expect(200);
    await third.post('/import', file).expect(200);
    expect((await third.get('/teaching').expect(200)).body).toEqual({ ...own, version: 1 });
    const book = (await other.get(`/athletes/${file.athletes[0]?.id}/book`).expect(200)).body;
    expect([book.entries[0].fault, book.entries[0].faulty]).toEqual(['split-late', 2]);
  });

  it('a file with one wrong place is refused whole, and says where', async () => {
    const { file } = await filled();
    const other = await Coach.of(house, 'Second club');
    const broken = structuredClone(file) as unknown as { runs: { events: { m: unknown }[] }[] };
    const event = broken.runs[0]?.events[3];
    if (event) event.m = 'late';
    const answer = await other.post('/import', broken).expect(400);
    expect(answer.body.fields[0].path).toBe('runs.0.events.3.m');
    await other.post('/import', { ...file, athletes: [] }).expect(422);
    expect((await other.get('/patterns').expect(200)).body).toEqual([]);
    for (const [change, code] of [
      [{ format: 'other' }, 'not-ours'],
      [{ version: 4 }, 'other-version'],
    ] as const) {
      const refused = await other.post('/import', { ...file, ...change }).expect(400);
      expect(fieldsSaid(refused.body)).toEqual([`${Object.keys(change).join()} ${code}`]);
    }
  });
});
