import { randomUUID } from 'node:crypto';
import type { AthleteLoad } from '@hopsk/contract/load';
import type { RunEvent, RunHead } from '@hopsk/contract/run';
import { athlete, Coach, openHouse, ran, type House } from '../testing/house.js';

describe('the load of an athlete', () => {
  let house: House;
  let coach: Coach;
  beforeAll(async () => {
    house = await openHouse();
    coach = await Coach.of(house, 'Club');
  });
  afterAll(() => house.close());

  const added = async (): Promise<string> => {
    const one = athlete();
    await coach.put(`/athletes/${one.id}`, one).expect(201);
    return one.id;
  };
  const loadOf = async (id: string, by = coach): Promise<AthleteLoad> =>
    (await by.get(`/athletes/${id}/load`).expect(200)).body as AthleteLoad;
  /** Ten lines of two landings and a lunge each; of an earlier program none was kept. */
  const plan = (load?: { readonly landings: number; readonly lunges: number }): RunHead['plan'] => ({
    dose: { mode: 'seconds', work: 10, rounds: 2, sets: 1, rest: 5, setRest: null },
    rep: { seconds: 2, chances: { split: [0], repetition: [0] }, ...(load && { load }) },
  });
  async function kept(people: readonly [string, ...string[]], startedAt: string, of = plan({ landings: 2, lunges: 1 })): Promise<string> {
    const log = ran(people[0], [], { athletes: [...people], startedAt, day: startedAt.slice(0, 10), plan: of });
    await coach.keep(log);
    return log.run.id;
  }
  async function say(run: string, who: string, effort: number | null, minutes: number, order: number): Promise<void> {
    const event: RunEvent = {
      ...{ id: randomUUID(), device: randomUUID(), seq: 1, order, m: 30_000, at: 0 },
      ...{ kind: 'effort', athlete: who, effort, minutes },
    };
    await coach.post(`/runs/${run}/events`, { events: [event] }).expect(200);
  }

  it('is what was said last of an evening, with what was done in each of its runs; what nobody said is asked for', async () => {
    const ada = await added();
    const first = await kept([ada], '2026-11-17T18:00:00.000Z');
    const second = await kept([ada], '2026-11-17T18:20:00.000Z');
    const other = await kept([ada], '2026-11-19T18:00:00.000Z');
    expect((await loadOf(ada)).unsaid.map(({ id }) => id)).toEqual([other, second]);
    await say(second, ada, 9, 80, 900);
    await say(second, ada, 6, 80, 1000);
    // What was heard late was said before.
    await say(second, ada, 2, 80, 950);
    await say(other, ada, 5, 60, 900);
    const { weeks, unsaid, uncounted } = await loadOf(ada);
    expect([unsaid, uncounted]).toEqual([[], 0]);
    expect(weeks.length).toBe(1);
    expect(weeks[0]).toEqual(
      jasmine.objectContaining({
        from: '2026-11-16',
        evenings: 2,
        rated: 2,
        load: 780,
        landings: 60,
        lunges: 30,
        notKept: 0,
        mostLandings: 40,
      }),
    );
    await say(other, ada, null, 60, 1100);
    const after = await loadOf(ada);
    expect([after.weeks[0]?.load, after.weeks[0]?.rated, after.unsaid.map(({ id }) => id)]).toEqual([480, 1, [other]]);
    expect((await coach.get(`/runs/${first}`).expect(200)).body.events.some(({ kind }: RunEvent) => kind === 'effort')).toBe(false);
  });

  it('says where an earlier program kept neither landings nor lunges, and adds up nothing for it', async () => {
    const bea = await added();
    await kept([bea], '2026-11-17T18:00:00.000Z', plan());
    expect((await loadOf(bea)).weeks[0]).toEqual(jasmine.objectContaining({ landings: null, lunges: null, notKept: 1 }));
    await kept([bea], '2026-11-18T18:00:00.000Z');
    expect((await loadOf(bea)).weeks[0]).toEqual(jasmine.objectContaining({ landings: 20, lunges: 10, notKept: 1 }));
  });

  it('is of nobody else: neither of another club, nor of a reader who may not, nor of whoever was in the same run', async () => {
    const [cid, dee] = [await added(), await added()];
    const run = await kept([cid, dee], '2026-11-17T18:00:00.000Z');
    await say(run, cid, 10, 100, 900);
    expect((await loadOf(dee)).weeks[0]).toEqual(jasmine.objectContaining({ load: null, landings: 20 }));
    const other = await Coach.of(house, 'Other club');
    await other.get(`/athletes/${cid}/load`).expect(404);
    await (await coach.mate(house, 'reader')).get(`/athletes/${cid}/load`).expect(404);
  });

  it('what cannot be is refused and said, and nothing is counted of it', async () => {
    const eve = await added();
    const run = await kept([eve], '2026-11-17T18:00:00.000Z');
    const event = { id: randomUUID(), device: 'x', seq: 1, order: 900, m: 30_000, at: 0, kind: 'effort', athlete: eve, minutes: 60 };
    for (const [i, bad] of [
      { effort: 11 },
      { effort: -1 },
      { effort: 2.5 },
      { effort: 5, minutes: 0 },
      { effort: 5, minutes: 601 },
    ].entries()) {
      const { body } = await coach
        .post(`/runs/${run}/events`, { events: [{ ...event, ...bad, id: randomUUID(), seq: i + 1 }] })
        .expect(200);
      expect(body.refused.length).toBe(1);
    }
    expect((await loadOf(eve)).weeks[0]?.load).toBeNull();
  });

  it('how hard it was goes with whoever is erased, whatever the size of the run', async () => {
    const people = await Promise.all(Array.from({ length: 6 }, added));
    const [gone = '', second = ''] = people;
    const run = await kept([gone, ...people.slice(1)], '2026-11-17T18:00:00.000Z');
    await say(run, gone, 8, 73, 900);
    await say(run, second, 4, 74, 901);
    const { name } = (await coach.get('/athletes').expect(200)).body.find(({ id }: { id: string }) => id === gone) as { name: string };
    await loadOf(second);
    await coach.post(`/athletes/${gone}/erase`, { name }).expect(204);
    const said = (await house.pool.query<{ body: { minutes?: number } }>('select body from run_event where run_id = $1', [run])).rows;
    expect(said.flatMap(({ body }) => body.minutes ?? [])).toEqual([74]);
    expect((await loadOf(second)).weeks[0]?.load).toBe(4 * 74);
    expect((await house.pool.query('select from tally_load where athlete_id = $1', [gone])).rowCount).toBe(0);
  });
});
