import { randomUUID } from 'node:crypto';
import type { Book } from '@hopsk/contract/book';
import type { Me } from '@hopsk/contract/club';
import { GroupBook } from '@hopsk/contract/group-book';
import { athlete, Coach, openHouse, ran, type House } from '../testing/house.js';

describe('the books of a group', () => {
  let house: House;
  let coach: Coach;
  beforeEach(async () => {
    house = await openHouse();
    coach = await Coach.of(house, 'Club');
  });
  afterEach(() => house.close());

  async function added(name: string): Promise<string> {
    const id = randomUUID();
    await coach.put(`/athletes/${id}`, athlete({ id, name })).expect(201);
    return id;
  }
  const group = async (since: string, who = coach): Promise<GroupBook['athletes']> =>
    GroupBook.parse((await who.get(`/book?since=${since}`).expect(200)).body).athletes;
  const kept = (id: string, taps: readonly number[], startedAt: string, day = startedAt.slice(0, 10)) =>
    coach.keep(ran(id, taps, { startedAt, day }));

  it('each cell says what the athlete’s own book says; runs of one evening are one, over midnight too', async () => {
    const [ada, bea, cay] = [await added('Ada'), await added('Bea'), await added('Cay')];
    await kept(ada, [3.5, 10.5], '2026-03-02T18:00:00.000Z');
    // Less than four hours after the end of the one before, though on the next day: the same evening.
    await kept(ada, [3.5], '2026-03-02T21:50:00.000Z');
    await kept(ada, [], '2026-03-03T01:30:00.000Z');
    // Just over four hours: another one of the same day.
    await kept(ada, [3.5, 6.5, 21.5], '2026-03-03T06:00:00.000Z');
    await kept(bea, [10.5], '2026-03-02T18:00:00.000Z');
    await kept(bea, [], '2026-03-20T18:00:00.000Z');
    await coach.post(`/athletes/${cay}/archive`, { version: 1 });
    const all = await group('2026-01-01');
    expect(all.map(({ athleteId, here, last }) => [athleteId, here, last]).sort()).toEqual(
      [
        [ada, 2, '2026-03-03'],
        [bea, 2, '2026-03-20'],
      ].sort(),
    );
    for (const { athleteId, cells } of all) {
      const { entries } = (await coach.get(`/athletes/${athleteId}/book`).expect(200)).body as Book;
      expect(cells.map(({ fault }) => fault).sort()).toEqual(entries.map(({ fault }) => fault).sort());
      for (const cell of cells) {
        const entry = entries.find(({ fault }) => fault === cell.fault);
        expect([cell.attempts, cell.faulty, cell.noted, cell.rate]).toEqual([
          entry?.attempts,
          entry?.faulty,
          entry?.noted,
          entry?.rate,
        ] as never);
        expect(cell.evenings).toBe(entry?.couldShow ?? NaN);
        expect(cell.interval?.of).toBe(entry?.interval?.of as never);
        for (const end of ['low', 'high', 'rho', 'deff'] as const)
          expect(cell.interval?.[end]).toBeCloseTo(entry?.interval?.[end] ?? NaN, 9);
      }
    }
    expect(all.find(({ athleteId }) => athleteId === ada)?.cells.find(({ fault }) => fault === 'split-late')?.faulty).toBeGreaterThan(0);
  });

  it('counts whole evenings since a day, and names nobody who was not here since', async () => {
    const [ada, bea] = [await added('Ada'), await added('Bea')];
    await kept(ada, [3.5], '2026-03-02T22:00:00.000Z');
    await kept(ada, [3.5], '2026-03-03T00:10:00.000Z');
    await kept(bea, [3.5], '2026-03-09T18:00:00.000Z');
    // The night began the day before.
    expect((await group('2026-03-03')).map(({ athleteId }) => athleteId)).toEqual([bea]);
    expect((await group('2026-03-02')).length).toBe(2);
    expect(await group('2026-03-10')).toEqual([]);
    await coach.get('/book?since=yesterday').expect(400);
    await coach.get('/book').expect(400);
  });

  it('is of one’s own club; who reads sees those named to them; each that is shown was looked at', async () => {
    const [ada, bea] = [await added('Ada'), await added('Bea')];
    for (const id of [ada, bea]) await kept(id, [3.5], '2026-03-02T18:00:00.000Z');
    expect(await group('2026-01-01', await Coach.of(house, 'Other'))).toEqual([]);
    const reader = await coach.mate(house, 'reader');
    expect(await group('2026-01-01', reader)).toEqual([]);
    const { body } = await reader.get('/me').expect(200);
    await coach.put(`/coaches/${(body as Me).coach.id}`, { role: 'reader', gone: false, athletes: [bea] });
    expect(await group('2026-01-01', reader)).toEqual([jasmine.objectContaining({ athleteId: bea })]);
    const times = async (id: string): Promise<number[]> => {
      const { rows } = await house.pool.query<{ times: number }>(
        `select times from look where athlete_id = $1 and what = 'looked' order by id`,
        [id],
      );
      return rows.map((row) => row.times);
    };
    expect([await times(ada), await times(bea)]).toEqual([[], [1]]);
    for (let i = 0; i < 2; i++) await group('2026-01-01');
    expect([await times(ada), await times(bea)]).toEqual([[2], [1, 2]]);
  });
});
