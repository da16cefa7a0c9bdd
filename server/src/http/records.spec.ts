import { randomUUID } from 'node:crypto';
import { LIST_AT_ONCE, type Latest } from '@hopsk/contract/list';
import { sampleSession } from '@hopsk/contract/testing/samples';
import { athlete, Coach, fieldsSaid, type House, openHouse, pattern } from '../testing/house.js';

/** Each kind of record that pages list, and how one is made. */
const KINDS = {
  athletes: (name: string) => athlete({ id: randomUUID(), name }),
  patterns: (name: string) => pattern({ id: randomUUID(), name }),
  sessions: (name: string) => ({ ...structuredClone(sampleSession), id: randomUUID(), version: 0, name }),
};

describe('a list', () => {
  let house: House;
  let coach: Coach;
  let other: Coach;
  beforeAll(async () => (house = await openHouse()));
  // Each with clubs of its own: what the others saved is in none of its lists.
  beforeEach(async () => {
    coach = await Coach.of(house, 'Club');
    other = await Coach.of(house, 'Other');
  });
  afterAll(() => house.close());

  for (const [path, make] of Object.entries(KINDS)) {
    const latest = async (who = coach): Promise<Latest> => (await who.get(`/${path}/latest`).expect(200)).body as Latest;
    const some = async (ids: readonly string[], who = coach): Promise<Latest> =>
      (await who.get(`/${path}?ids=${ids.join()}`).expect(200)).body as Latest;

    it(`of ${path} says when each was saved last, so that only what was saved since is fetched`, async () => {
      const [a, b] = [make('A'), make('B')];
      for (const one of [b, a]) await coach.put(`/${path}/${one.id}`, one).expect(201);
      const before = await latest();
      expect(before.map(({ id }) => id)).toEqual([a.id, b.id]);
      // What a save answers is what the list has: who saved need not ask.
      const { body: saved } = await coach.put(`/${path}/${b.id}`, { ...b, version: 1, name: 'B anew' }).expect(200);
      const after = await latest();
      expect(after).toEqual([before[0] as Latest[number], { id: b.id, savedAt: saved.savedAt }]);
      expect(after[1]?.savedAt).not.toBe(before[1]?.savedAt as string);
      expect(await some([b.id])).toEqual([saved]);
      expect((await coach.get(`/${path}`).expect(200)).body.length).toBe(2);
      const { body: away } = await coach.post(`/${path}/${a.id}/archive`).expect(200);
      expect((await latest())[0]).toEqual({ id: a.id, savedAt: away.savedAt });
    });

    it(`of ${path} stays in its club, and is asked for by ids, so many at once`, async () => {
      const one = make('Ours');
      await coach.put(`/${path}/${one.id}`, one).expect(201);
      expect([await latest(other), await some([one.id, randomUUID()], other)]).toEqual([[], []]);
      const wrong = await coach.get(`/${path}?ids=${one.id},B`).expect(400);
      expect(fieldsSaid(wrong.body)).toEqual(['ids id']);
      const many = Array.from({ length: LIST_AT_ONCE + 1 }, () => randomUUID());
      expect(await some(many.slice(1))).toEqual([]);
      expect(fieldsSaid((await coach.get(`/${path}?ids=${many.join()}`).expect(400)).body)).toEqual([`ids too-many ${LIST_AT_ONCE}`]);
    });
  }

  it('that is known costs a page under a hundred bytes a record, however large they are', async () => {
    const { stages, ...rest } = structuredClone(sampleSession);
    const large = Array.from({ length: 30 }, () => ({ ...stages[0], id: randomUUID() }));
    for (let i = 0; i < 60; i++) {
      const id = randomUUID();
      await coach.put(`/sessions/${id}`, { ...rest, stages: large, id, version: 0, name: `Large ${i}` }).expect(201);
    }
    const [known, whole] = [await coach.get('/sessions/latest').expect(200), await coach.get('/sessions').expect(200)];
    expect(JSON.stringify(known.body).length / (known.body as Latest).length).toBeLessThan(100);
    expect(JSON.stringify(whole.body).length).toBeGreaterThan(900_000);
  });
});
