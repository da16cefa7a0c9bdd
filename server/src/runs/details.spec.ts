import type { Book } from '@hopsk/contract/book';
import type { Me } from '@hopsk/contract/club';
import type { RunEvent } from '@hopsk/contract/run';
import { faultsByCode } from '@hopsk/core/catalogue/faults';
import { RunLog } from '@hopsk/core/log/run-log';
import { randomUUID } from 'node:crypto';
import { athlete, Coach, openHouse, ran, type House } from '../testing/house.js';
import { detailed } from './details.js';

describe('what a run adds up to part by part', () => {
  let house: House;
  let coach: Coach;
  let club: string;
  const ada = randomUUID();
  beforeAll(async () => {
    house = await openHouse();
    coach = await Coach.of(house, 'Club');
    club = ((await coach.get('/me').expect(200)).body as Me).club.id;
    await coach.put(`/athletes/${ada}`, athlete({ id: ada })).expect(201);
  });
  afterAll(() => house.close());

  const rows = async <R>(sql: string, ...values: unknown[]): Promise<R[]> => (await house.pool.query(sql, values)).rows as R[];
  const parts = (run: string) =>
    rows<Record<string, unknown>>(
      `select round_no as round, third, view, source, devices, attempts, faulty, noted, left_taps as "left", shared, disagree
       from tally_part where run_id = $1 order by round_no, third`,
      run,
    );

  it('is written when it is asked for, anew when more came or the rules are others, and adds up to the tallies', async () => {
    const log = ran(ada, [3.5, 7.5, 20.5]);
    await coach.keep(log);
    expect(await parts(log.run.id)).toEqual([]);
    await detailed(house, club, [log.run.id]);
    const folded = new RunLog(log.run.plan, faultsByCode(), 1);
    folded.take(log.events);
    const { parts: said, clean } = folded.details();
    const first = await parts(log.run.id);
    // Two rounds of five splits, 10 s each: thirds begin at 0, 3.3 and 6.7 s; seen a second before the tap.
    expect(first.map(({ round, third, attempts, faulty }) => [round, third, attempts, faulty])).toEqual([
      [1, 1, 2, 1],
      [1, 2, 2, 1],
      [1, 3, 1, 0],
      [2, 1, 2, 0],
      [2, 2, 2, 1],
      [2, 3, 1, 0],
    ]);
    expect(first[0]).toEqual(
      jasmine.objectContaining({ view: 'side', source: 'floor', devices: [log.events[0]?.device], shared: 0, disagree: 0 }),
    );
    expect(said.length).toBe(first.length);
    const [sum] = await rows(
      'select sum(attempts)::int as attempts, sum(faulty)::int as faulty from tally_part where run_id = $1',
      log.run.id,
    );
    expect([sum]).toEqual(await rows('select attempts, faulty from tally where run_id = $1', log.run.id));
    expect(await rows('select result, clean, faulty from tally_clean where run_id = $1', log.run.id)).toEqual([
      { result: '', clean: clean[0]?.clean, faulty: clean[0]?.faulty },
    ]);

    // More is tapped: the next time it is asked for it is counted anew. Nothing is written twice.
    const last = log.events.at(-1) as RunEvent;
    const tap = log.events.find(({ kind }) => kind === 'fault') as RunEvent;
    const more = { ...tap, id: randomUUID(), seq: last.seq + 1, order: last.order + 1, m: tap.m + 2000 };
    await coach.post(`/runs/${log.run.id}/events`, { events: [more] }).expect(200);
    expect(await parts(log.run.id)).toEqual(first);
    await Promise.all([1, 2].map(() => detailed(house, club, [log.run.id])));
    expect((await parts(log.run.id))[1]).toEqual(jasmine.objectContaining({ attempts: 2, faulty: 2 }));
    await house.pool.query('update run set details_rules = 1 where id = $1', [log.run.id]);
    await house.pool.query('delete from tally_part where run_id = $1', [log.run.id]);
    await detailed(house, club, [log.run.id]);
    expect((await parts(log.run.id)).length).toBe(6);
    // As it is now nothing is done; to another club it is nothing at all.
    await house.pool.query('delete from tally_part where run_id = $1', [log.run.id]);
    await detailed(house, club, [log.run.id]);
    await house.pool.query('update run set details_to = null where id = $1', [log.run.id]);
    await detailed(house, randomUUID(), [log.run.id]);
    expect(await parts(log.run.id)).toEqual([]);
  });

  it('stands in the fault book where several watched: of how much, and in how much they disagree', async () => {
    const bea = randomUUID();
    await coach.put(`/athletes/${bea}`, athlete({ id: bea })).expect(201);
    const agreement = async (who = coach): Promise<unknown> =>
      ((await who.get(`/athletes/${bea}/book`).expect(200)).body as Book).agreement;
    const log = ran(bea, [3.5, 7.5]);
    await coach.keep(log);
    expect(await agreement()).toEqual([]);
    // The other one has the same on the board and watches the same, and taps one of the two.
    const there = log.events
      .filter(({ kind }, i) => kind === 'board' || kind === 'watch' || i === 3)
      .map((event, i) => ({ ...event, id: randomUUID(), device: 'b', seq: i + 1 }));
    await coach.post(`/runs/${log.run.id}/events`, { events: there }).expect(200);
    expect(await agreement()).toEqual([{ fault: 'split-late', shared: 10, disagree: 1 }]);
    await (await Coach.of(house, 'Other')).get(`/athletes/${bea}/book`).expect(404);
  });
});
