import type { Book } from '@hopsk/contract/book';
import type { EventsPage, EventsStored, RunEvent } from '@hopsk/contract/run';
import type { OwnViews } from '@hopsk/core/catalogue/fault';
import { faultsByCode } from '@hopsk/core/catalogue/faults';
import { countRun, type Tally } from '@hopsk/core/log/count';
import { holdsLater } from '@hopsk/core/testing/holds';
import fc from 'fast-check';
import { randomUUID } from 'node:crypto';
import { transaction } from '../db/pool.js';
import { appOn, athlete, Coach, openHouse, ran, type House, type Ran } from '../testing/house.js';
import { appendEvents } from './append.js';
import type { Counts } from '../counting/counts.js';

const catalogue = faultsByCode();

describe('events of a run', () => {
  let house: House;
  let coach: Coach;
  let ada: string;
  beforeAll(async () => {
    house = await openHouse();
    coach = await Coach.of(house, 'Club');
    ada = randomUUID();
    await coach.put(`/athletes/${ada}`, athlete({ id: ada })).expect(201);
  });
  afterAll(() => house.close());

  /** A run of which the server has the head only. */
  async function begun(taps: readonly number[]): Promise<Ran> {
    const log = ran(ada, taps);
    await coach.keep({ run: log.run, events: [] });
    return log;
  }
  const send = async (id: string, events: readonly unknown[]): Promise<EventsStored> =>
    (await coach.post(`/runs/${id}/events`, { events }).expect(200)).body as EventsStored;
  const stored = async (id: string): Promise<RunEvent[]> => (await coach.get(`/runs/${id}`).expect(200)).body.events as RunEvent[];
  const written = async (id: string): Promise<Tally[]> =>
    (
      await house.pool.query<Tally>(
        `select athlete_id as athlete, fault, attempts, faulty, again, noted, left_taps as "left", right_taps as "right"
         from tally where run_id = $1 order by athlete_id, fault`,
        [id],
      )
    ).rows;
  const first = (log: Ran): RunEvent => log.events[0] as RunEvent;
  /** Appends events, and says what the database was asked to read for them. */
  async function reads(
    log: Ran,
    counts: Counts,
    from: number,
    to: number,
  ): Promise<{ readonly rows: number; readonly characters: number }> {
    const read: unknown[] = [];
    const { done } = await transaction(house.pool, (db) => {
      const counting = {
        query: async (text: string, values?: unknown[]) => {
          const answer = await db.query(text, values);
          read.push(...answer.rows);
          return answer;
        },
      };
      return appendEvents(counting, { clubId: coach.clubId, coachId: null, counts }, log.run.id, log.events.slice(from, to));
    });
    done();
    return { rows: read.length, characters: JSON.stringify(read).length };
  }

  it('whoever comes while it is on is in it from then on, and its head stays what it was', async () => {
    const log = await begun([]);
    const bea = randomUUID();
    await coach.put(`/athletes/${bea}`, athlete({ id: bea, name: 'Bea' })).expect(201);
    const last = log.events.at(-1) as RunEvent;
    const next = (n: number, what: object): object => ({
      id: randomUUID(),
      device: 'desk',
      seq: n,
      order: last.order + n,
      m: 9000,
      at: 0,
      ...what,
    });
    const stranger = randomUUID();
    const note = { kind: 'note', athlete: null };
    const events = [
      next(1, { kind: 'join', athlete: bea }),
      next(2, { kind: 'leave', athlete: ada }),
      next(3, { kind: 'join', athlete: stranger }),
      next(4, { ...note, text: 'shorter rounds' }),
      next(5, { ...note, text: 'x'.repeat(281) }),
      next(6, { kind: 'correct', target: randomUUID(), fault: 'tall', side: null }),
    ];
    const answer = await send(log.run.id, [...log.events, ...events]);
    expect(answer.refused.map(({ seq, code }) => [seq, code])).toEqual([
      [3, 'unknown-athlete'],
      [5, 'not-understood'],
    ]);
    await send(log.run.id, events);
    const { body } = await coach.get(`/runs/${log.run.id}`).expect(200);
    expect(body.run.athletes).toEqual([ada]);
    await coach.put(`/runs/${log.run.id}`, log.run).expect(200);
    const row = (await coach.get('/runs').expect(200)).body.find(({ id }: { id: string }) => id === log.run.id);
    expect(row.athletes).toEqual([ada, bea]);
    const { rows } = await house.pool.query('select athlete_id from run_athlete where run_id = $1 and joined', [log.run.id]);
    expect(rows).toEqual([{ athlete_id: bea }]);
    // Who comes later stands behind.
    const cy = randomUUID();
    await coach.put(`/athletes/${cy}`, athlete({ id: cy, name: 'Cy' })).expect(201);
    await send(log.run.id, [next(7, { kind: 'join', athlete: cy })]);
    const again = (await coach.get('/runs').expect(200)).body.find(({ id }: { id: string }) => id === log.run.id);
    expect(again.athletes).toEqual([ada, bea, cy]);
  });

  it('is counted by where faults showed for club and coach when it began', async () => {
    const log = ran(ada, [3.5]);
    const begun = async (views?: OwnViews): Promise<Tally[]> => {
      const head = { ...log.run, id: randomUUID(), ...(views && { views }) };
      await coach.put(`/runs/${head.id}`, head).expect(201);
      await send(
        head.id,
        log.events.map((event) => ({ ...event, id: randomUUID() })),
      );
      // The same head again changes nothing; another view of things is another head.
      await coach.put(`/runs/${head.id}`, head).expect(200);
      await coach.put(`/runs/${head.id}`, { ...head, views: { tall: ['front'] } }).expect(409);
      expect((await coach.get(`/runs/${head.id}`).expect(200)).body.run.views).toEqual(views);
      return written(head.id);
    };
    const [usual] = await begun();
    const [elsewhere] = await begun({ [usual?.fault ?? '']: ['front'] });
    expect([usual?.faulty, usual?.noted, elsewhere?.attempts, elsewhere?.faulty, elsewhere?.noted]).toEqual([1, 0, 0, 0, 1]);
  });

  it('in any order, any parts and as often as they are sent are there once, and add up to what counting them from the first does', async () => {
    const log = ran(ada, [3.5, 3.9, 7.5, 12.5, 30]);
    const undo: RunEvent = {
      ...first(log),
      id: randomUUID(),
      seq: 10,
      order: 10,
      kind: 'undo',
      target: log.events[4]?.id ?? '',
    };
    const all = [...log.events, undo];
    await holdsLater(
      fc.asyncProperty(
        fc.shuffledSubarray([...all, ...all], { minLength: 6 }),
        fc.array(fc.integer({ min: 1, max: 4 }), { minLength: 1, maxLength: 5 }),
        async (muddled, parts) => {
          const run = { ...log.run, id: randomUUID() };
          await coach.keep({ run, events: [] });
          for (let at = 0, i = 0; at < muddled.length; i++)
            await send(run.id, muddled.slice(at, (at += parts[i % parts.length] as number)));
          const { stored: upTo } = await send(run.id, all);
          expect(upTo).toEqual({ [first(log).device]: all.length });
          expect((await stored(run.id)).length).toBe(all.length);
          expect(await written(run.id)).toEqual([...countRun(run.plan, all, catalogue, 1).tallies]);
        },
      ),
      12,
    );
  });

  it('are answered with how far each device’s are there without a gap', async () => {
    const log = await begun([3.5, 7.5]);
    const other = { ...first(log), id: randomUUID(), device: randomUUID(), seq: 2 };
    const some = [log.events[0], log.events[1], log.events[3], other];
    const answer = await send(log.run.id, some);
    expect(answer.stored).toEqual({ [first(log).device]: 2, [other.device]: 0 });
    expect((await send(log.run.id, [log.events[2]])).stored).toEqual({ [first(log).device]: 4 });
    expect((await send(log.run.id, [{ ...other, id: randomUUID(), seq: 1 }])).stored).toEqual({ [other.device]: 2 });
  });

  it('of a run that is not there are 404; those that say no device or number are refused with their place', async () => {
    const log = ran(ada, []);
    await coach.post(`/runs/${log.run.id}/events`, { events: log.events }).expect(404);
    const { run } = await begun([]);
    const { body } = await coach.post(`/runs/${run.id}/events`, { events: [{ ...first(log), seq: 0 }] }).expect(400);
    expect(body.fields[0].path).toBe('seq');
    await coach.get(`/runs/${log.run.id}/events`).expect(404);
    await coach.get(`/runs/${run.id}/events?after=-1`).expect(400);
  });

  it('of two devices with one name: the second is refused with what is stored, renames itself and sends again', async () => {
    const log = await begun([3.5]);
    await send(log.run.id, log.events);
    const twin = { ...first(log), id: randomUUID() };
    const { body } = await coach.post(`/runs/${log.run.id}/events`, { events: [{ ...twin, seq: 6, order: 9 }, twin] }).expect(409);
    expect(body.current).toEqual(first(log));
    expect((await stored(log.run.id)).length).toBe(log.events.length);
    await send(log.run.id, [{ ...twin, device: randomUUID() }]);
    expect((await stored(log.run.id)).length).toBe(log.events.length + 1);
  });

  it('that cannot be counted are kept as they came and acknowledged, so that nothing behind them waits', async () => {
    const log = await begun([]);
    const { device } = first(log);
    const at = (seq: number, more: object): object => ({ ...log.events[2], id: randomUUID(), seq, order: seq, answers: null, ...more });
    const sent = [
      ...log.events,
      at(5, { kind: 'explode', size: 3 }),
      at(6, { kind: 'watch', athlete: randomUUID() }),
      at(7, { id: first(log).id }),
      at(8, { kind: 'explode', text: 'x'.repeat(70_000) }),
      at(9, { kind: 'view', view: 'front' }),
    ];
    const answer = await send(log.run.id, sent);
    expect(answer.stored).toEqual({ [device]: 9 });
    expect(answer.refused.map(({ seq, code }) => [seq, code])).toEqual([
      [5, 'not-understood'],
      [6, 'unknown-athlete'],
      [7, 'known-id'],
      [8, 'not-understood'],
    ]);
    expect((await stored(log.run.id)).map(({ seq }) => seq)).toEqual([1, 2, 3, 4, 9]);
    const { rows } = await house.pool.query<{ body: Record<string, unknown> }>(
      'select body from run_event where run_id = $1 and refused is not null order by seq',
      [log.run.id],
    );
    expect(rows.map(({ body }) => body)).toEqual([...sent.slice(4, 7), { device, seq: 8 }] as Record<string, unknown>[]);
    // Sent again they are known.
    expect((await send(log.run.id, sent)).refused).toEqual([]);
  });

  it('carry whatever clock the wall shows, and the longest way a run can go', async () => {
    const log = await begun([]);
    const clocks = [Date.parse('1970-01-01'), Date.parse('2090-06-01'), -86_400_000, 0];
    const odd = clocks.map((at, i) => ({ ...first(log), id: randomUUID(), seq: 5 + i, order: 5 + i, at, m: 9_999_999_999 }));
    expect((await send(log.run.id, [...log.events, ...odd])).refused).toEqual([]);
  });

  it('are read from any arrival on, in pages', async () => {
    const log = await begun(Array.from({ length: 600 }, (_, i) => i / 30));
    await send(log.run.id, log.events.slice(0, 400));
    await send(log.run.id, log.events.slice(400));
    const page = async (after: number): Promise<EventsPage> =>
      (await coach.get(`/runs/${log.run.id}/events?after=${after}`).expect(200)).body as EventsPage;
    const [one, two] = [await page(0), await page(500)];
    expect([one.events.length, one.arrival, one.more]).toEqual([500, 500, true]);
    expect([two.events.length, two.arrival, two.more]).toEqual([log.events.length - 500, log.events.length, false]);
    expect([...one.events, ...two.events]).toEqual([...log.events]);
    expect(await page(log.events.length)).toEqual({ events: [], arrival: log.events.length, more: false, now: null });
  });

  it('arrive in the order of commits, however long one of two servers takes', async () => {
    const log = await begun([]);
    const one = { ...first(log), device: 'slow' };
    const two = { ...first(log), device: 'quick', id: randomUUID() };
    let commit: () => void = () => undefined;
    const held = new Promise<void>((go) => (commit = go));
    let inside: () => void = () => undefined;
    const begunSlow = new Promise<void>((go) => (inside = go));
    const slow = transaction(house.pool, async (db) => {
      await appendEvents(db, { clubId: coach.clubId, coachId: null, counts: house.counts.apart() }, log.run.id, [one]);
      inside();
      await held;
    });
    await begunSlow;
    const quick = send(log.run.id, [two]);
    // Nobody sees the second before the first is there.
    expect((await coach.get(`/runs/${log.run.id}/events`)).body.events).toEqual([]);
    commit();
    await slow;
    expect((await quick).arrival).toBe(2);
    expect((await coach.get(`/runs/${log.run.id}/events`)).body.events).toEqual([one, two]);
  });

  it('that another server took are counted by this one too, and what failed is not remembered', async () => {
    const log = await begun([3.5, 7.5]);
    const both = [house.counts.apart(), house.counts.apart()] as const;
    const take = async (counts: Counts, events: readonly RunEvent[], fails = false): Promise<void> => {
      const work = transaction(house.pool, async (db) => {
        const { done } = await appendEvents(db, { clubId: coach.clubId, coachId: null, counts }, log.run.id, events);
        if (fails) throw new Error('in the middle');
        return done;
      });
      (await work.catch(() => () => undefined))();
    };
    await take(both[0], log.events.slice(0, 4));
    await take(both[1], log.events.slice(4, 5));
    await take(both[0], [{ ...first(log), id: randomUUID(), seq: 9 }], true);
    await take(both[0], log.events.slice(5));
    expect(await written(log.run.id)).toEqual([...countRun(log.run.plan, log.events, catalogue, 1).tallies]);
  });

  it('of two clubs under one run’s id are counted each for their own', async () => {
    const log = await begun([3.5, 7.5]);
    const other = await Coach.of(house, 'Other');
    const bea = randomUUID();
    await other.put(`/athletes/${bea}`, athlete({ id: bea })).expect(201);
    const twin = ran(bea, [], { id: log.run.id });
    await other.keep({ run: twin.run, events: [] });
    // Both have as many events when the next one comes.
    await send(log.run.id, log.events.slice(0, 4));
    await other.post(`/runs/${log.run.id}/events`, { events: twin.events }).expect(200);
    await send(log.run.id, log.events.slice(4));
    const of = async (who: Coach, id: string): Promise<unknown> =>
      ((await who.get(`/athletes/${id}/book`).expect(200)).body as Book).entries.map(({ attempts, faulty }) => [attempts, faulty]);
    expect(await of(other, bea)).toEqual([[10, 0]]);
    const { rows } = await house.pool.query<{ club: string; faulty: number }>(
      'select club_id as club, faulty from tally where run_id = $1 order by faulty',
      [log.run.id],
    );
    expect(rows).toEqual([
      { club: other.clubId, faulty: 0 },
      { club: coach.clubId, faulty: 2 },
    ]);
  });

  it('one more tap reads no more, however many there were', async () => {
    const log = await begun(Array.from({ length: 450 }, (_, i) => i / 25));
    await send(log.run.id, log.events.slice(0, 5));
    const counts = house.counts.apart();
    await reads(log, counts, 5, 6);
    const { rows } = await reads(log, counts, 6, 7);
    await reads(log, counts, 7, 440);
    expect((await reads(log, counts, 440, 441)).rows).toBe(rows);
    // A tap is small on its way, too.
    expect(JSON.stringify({ events: [log.events[200]] }).length).toBeLessThan(1000);
  });

  it('that another server took are read alone, and not with all before them; after somebody was erased all of it is', async () => {
    const log = await begun(Array.from({ length: 450 }, (_, i) => i / 25));
    const [one, other] = [house.counts.apart(), house.counts.apart()];
    const right = async (upTo: number): Promise<void> =>
      expect(await written(log.run.id)).toEqual([...countRun(log.run.plan, log.events.slice(0, upTo), catalogue, 1).tallies]);
    const all = (await reads(log, one, 0, 400)).characters;
    await reads(log, other, 400, 410);
    await right(410);
    expect((await reads(log, one, 410, 411)).characters).toBeLessThan(all / 10);
    await right(411);
    expect((await reads(log, other, 411, 412)).characters).toBeLessThan(all / 10);
    await right(412);
    // As it is when somebody in it is erased: no line has that arrival.
    await house.pool.query('update run set arrival = arrival + 1 where id = $1', [log.run.id]);
    expect((await reads(log, one, 412, 413)).characters).toBeGreaterThan(all);
    expect((await reads(log, other, 413, 414)).characters).toBeGreaterThan(all);
    await right(414);
  });

  it('that no database can keep as they are leave their device and number, and hold up nobody behind them', async () => {
    const log = await begun([3.5]);
    let deep: unknown = 'x';
    for (let i = 0; i < 3_000; i++) deep = [deep];
    const odd = (seq: number, more: object): unknown => ({ device: 'odd', seq, kind: 'from tomorrow', ...more });
    const sent = [odd(1, { says: 'a\u0000b' }), odd(2, { '\ud83d': 1 }), odd(3, { deep }), odd(4, { says: 'kept' })];
    const answer = (await coach.post(`/runs/${log.run.id}/events`, { events: sent }).expect(200)).body as EventsStored;
    expect(answer.stored['odd']).toBe(4);
    const { rows } = await house.pool.query<{ body: unknown }>('select body from run_event where run_id = $1 order by seq', [log.run.id]);
    expect(rows.map(({ body }) => body)).toEqual([...[1, 2, 3].map((seq) => ({ device: 'odd', seq })), odd(4, { says: 'kept' })]);
  });

  it('on a server that starts anew go on', async () => {
    const log = await begun([3.5]);
    await send(log.run.id, log.events.slice(0, 4));
    const again = { ...house, app: appOn(house.pool) };
    const bo = await coach.mate(again, 'coach');
    await bo.post(`/runs/${log.run.id}/events`, { events: log.events.slice(4) }).expect(200);
    const book = (await bo.get(`/athletes/${ada}/book`).expect(200)).body as Book;
    expect(book.entries[0]?.fault).toBe('split-late');
    expect(await written(log.run.id)).toEqual([...countRun(log.run.plan, log.events, catalogue, 1).tallies]);
  });
});
