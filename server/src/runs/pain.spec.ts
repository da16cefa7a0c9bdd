import type { EventsStored, RunEvent } from '@hopsk/contract/run';
import { randomUUID } from 'node:crypto';
import { athlete, Coach, openHouse, ran, type House } from '../testing/house.js';

describe('whether anything hurt', () => {
  let house: House;
  let coach: Coach;
  beforeAll(async () => {
    house = await openHouse();
    coach = await Coach.of(house, 'Club');
  });
  afterAll(() => house.close());

  async function sent(
    more: object,
  ): Promise<{ readonly answer: EventsStored; readonly kept: RunEvent[]; again: () => Promise<EventsStored>; id: string }> {
    const id = randomUUID();
    await coach.put(`/athletes/${id}`, athlete({ id, ...more })).expect(201);
    const log = ran(id, [3.5]);
    await coach.keep(log);
    const last = log.events.at(-1) as RunEvent;
    const event = {
      id: randomUUID(),
      device: 'later',
      seq: 1,
      order: last.order + 1,
      m: last.m,
      at: 0,
      kind: 'pain',
      athlete: id,
      pain: true,
    };
    const send = async (): Promise<EventsStored> =>
      (await coach.post(`/runs/${log.run.id}/events`, { events: [event] }).expect(200)).body as EventsStored;
    const answer = await send();
    const { rows } = await house.pool.query<{ body: RunEvent }>('select body from run_event where run_id = $1 and device = $2', [
      log.run.id,
      'later',
    ]);
    return { answer, kept: rows.map(({ body }) => body), again: send, id };
  }

  it('is kept of whoever is of age, and of a child when a guardian agreed', async () => {
    for (const more of [{ ageGroup: 'adult' }, { ageGroup: '13–15', agreed: '2026-11-01' }]) {
      const { answer, kept } = await sent(more);
      expect(answer.refused).toEqual([]);
      expect(kept).toEqual([jasmine.objectContaining({ kind: 'pain', pain: true })]);
    }
  });

  it('is not kept of a child without that: nothing of it, however often it is sent', async () => {
    const { answer, kept, again, id } = await sent({ ageGroup: '13–15' });
    expect(answer.refused).toEqual([{ device: 'later', seq: 1, code: 'not-agreed' }]);
    expect(JSON.stringify(kept)).not.toContain('pain');
    expect(JSON.stringify(kept)).not.toContain(id);
    expect((await again()).stored).toEqual({ later: 1 });
  });
});
