import { randomUUID } from 'node:crypto';
import { FaultDetail, type Book } from '@hopsk/contract/book';
import { AthleteRows, LogImported, type KnownRow, type LogRow } from '@hopsk/contract/log-table';
import type { RunHead } from '@hopsk/contract/run';
import { athlete, Coach, fieldsSaid, openHouse, ran, type House } from '../testing/house.js';

describe('a log as a table', () => {
  let house: House;
  let coach: Coach;
  beforeEach(async () => {
    house = await openHouse();
    coach = await Coach.of(house, 'Club');
  });
  afterEach(() => house.close());

  async function added(who: Coach): Promise<string> {
    const id = randomUUID();
    await who.put(`/athletes/${id}`, athlete({ id })).expect(201);
    return id;
  }
  const rowsOf = async (who: Coach, id: string): Promise<readonly LogRow[]> =>
    AthleteRows.parse((await who.get(`/athletes/${id}/log`).expect(200)).body).rows;
  const import_ = async (who: Coach, rows: readonly object[], look = false, name = 'From a table') =>
    LogImported.parse((await who.post('/log-rows', { name, look, rows }).expect(200)).body).evenings;
  const book = async (who: Coach, id: string) => {
    const { entries } = (await who.get(`/athletes/${id}/book`).expect(200)).body as Book;
    return entries.map(({ fault, attempts, faulty, noted, left, right, sessions }) => ({
      ...{ fault, attempts, faulty, noted, left, right },
      evenings: sessions.map((one) => [one.day, one.attempts, one.faulty]),
    }));
  };
  const row = (id: string, more: Partial<KnownRow> = {}): object => ({
    day: '2026-03-02',
    fault: 'split-late',
    attempts: 20,
    faulty: 6,
    athlete: id,
    ...more,
  });

  it('what goes out comes in again as the same book, in another club too, and a second time adds nothing', async () => {
    const ada = await added(coach);
    const on = (startedAt: string, name: string): Partial<RunHead> => ({ startedAt, day: startedAt.slice(0, 10), name });
    await coach.keep(ran(ada, [3.5, 10.5], on('2026-03-02T18:00:00.000Z', 'Corner')));
    await coach.keep(ran(ada, [3.5], on('2026-03-02T08:00:00.000Z', 'Net')));
    await coach.keep(ran(ada, [21.5, 26.5, 90], on('2026-03-09T18:00:00.000Z', 'Corner')));
    const rows = await rowsOf(coach, ada);
    expect([...new Set(rows.map(({ day, evening, stage }) => `${day} ${evening} ${stage}`))]).toEqual([
      '2026-03-02  Net',
      '2026-03-02 2 Corner',
      '2026-03-09  Corner',
    ]);
    const other = await Coach.of(house, 'Other');
    const there = await added(other);
    const mine = rows.map((one) => ({ ...one, athlete: there }));
    const looked = await import_(other, mine, true);
    expect(looked.map(({ day, is, others }) => [day, is, others])).toEqual([
      ['2026-03-02', 'new', 0],
      ['2026-03-02', 'new', 0],
      ['2026-03-09', 'new', 0],
    ]);
    expect(await book(other, there)).toEqual([]);
    await import_(other, mine);
    expect(await book(other, there)).toEqual(await book(coach, ada));
    expect(await rowsOf(other, there)).toEqual(rows);
    // In another order, under another name.
    expect((await import_(other, [...mine].reverse(), false, 'Again')).map(({ is }) => is)).toEqual(['there', 'there', 'there']);
    expect(await book(other, there)).toEqual(await book(coach, ada));
  });

  it('where it was looked at and which foot a partner had in front come in and go out; without them it is the table that it was', async () => {
    const [ada, bea] = [await added(coach), await added(coach)];
    const [plain] = await import_(coach, [row(ada)], true);
    expect(plain?.is).toBe('new');
    await import_(coach, [row(ada)]);
    expect((await import_(coach, [row(ada, { opponent: '', source: '' })], true))[0]?.is).toBe('there');
    expect((await import_(coach, [row(ada, { opponent: 'left' })], true))[0]?.is).toBe('new');
    await import_(coach, [
      row(bea, { opponent: 'left', source: 'film', stage: 'Pads' }),
      row(bea, { opponent: 'right', stage: 'Pads', faulty: 1 }),
      row(bea, { stage: 'Pads', faulty: 2 }),
    ]);
    const said = (await rowsOf(coach, bea)).map(({ opponent, source, faulty }) => `${opponent} ${source} ${faulty}`).sort();
    expect(said).toEqual([' import 2', 'left film 6', 'right import 1']);
    const { splits } = FaultDetail.parse((await coach.get(`/athletes/${bea}/book/split-late`).expect(200)).body);
    const by = (of: string): string[] =>
      (splits.by.find(({ by: one }) => one === of)?.rows ?? [])
        .map(({ value, attempts, faulty }) => `${value} ${faulty} of ${attempts}`)
        .sort();
    expect(by('opponent')).toEqual(['left 6 of 20', 'right 1 of 20']);
    expect(by('source')).toEqual(['film 6 of 20', 'import 3 of 40']);
    const film = (await coach.get(`/athletes/${bea}/book?source=film`).expect(200)).body as Book;
    expect(film.entries.map(({ attempts, faulty }) => [attempts, faulty])).toEqual([[20, 6]]);
  });

  it('a long log goes out some runs at a time, by days', async () => {
    const ada = await added(coach);
    const day = (i: number): string => new Date(Date.UTC(2026, 0, 1 + i)).toISOString().slice(0, 10);
    const rows = Array.from({ length: 63 }, (_, i) => row(ada, { day: day(i), faulty: i % 5 }));
    expect(fieldsSaid((await coach.post('/log-rows', { name: 'T', look: false, rows }).expect(400)).body)).toEqual(['rows too-many 60']);
    await import_(coach, rows.slice(0, 40));
    await import_(coach, rows.slice(40));
    const page = async (query: string): Promise<AthleteRows> =>
      AthleteRows.parse((await coach.get(`/athletes/${ada}/log?${query}`).expect(200)).body);
    while ((await page('')).uncounted > 0);
    const first = await page('');
    expect([first.rows.length, first.next]).toEqual([60, 60]);
    const last = await page('after=60');
    expect([last.rows.map((one) => one.day), last.next]).toEqual([[day(60), day(61), day(62)], null]);
    const some = await page(`from=${day(10)}&to=${day(12)}`);
    expect([some.rows.map((one) => one.day), some.next]).toEqual([[day(10), day(11), day(12)], null]);
    await coach.get(`/athletes/${ada}/log?after=-1`).expect(400);
  });

  it('keeps what was done and how, says which days have other runs, and what is taken back is out again', async () => {
    const ada = await added(coach);
    await coach.keep(ran(ada, [3.5], { day: '2026-03-02', startedAt: '2026-03-02T18:00:00.000Z' }));
    const rows = [
      row(ada, { stage: 'Corner', kind: 'fed', cueing: 'called', implement: 'with', tempo: 1.5, third: 3, round: 2, view: 'side' }),
      row(ada, { stage: 'Corner', kind: 'fed', cueing: 'called', implement: 'with', tempo: 1.5, third: 1, round: 2, view: 'side' }),
      row(ada, { stage: 'Net', attempts: 10, faulty: 0, noted: 2 }),
    ];
    expect((await import_(coach, rows)).map(({ rows: n, attempts, is, others }) => [n, attempts, is, others])).toEqual([[3, 50, 'new', 1]]);
    const told = (await rowsOf(coach, ada)).filter(({ stage }) => stage === 'Corner');
    expect(told.map(({ kind, cueing, implement, tempo, third, view }) => [kind, cueing, implement, tempo, third, view])).toEqual([
      ['fed', 'called', 'with', 1.5, 1, 'side'],
      ['fed', 'called', 'with', 1.5, 3, 'side'],
    ]);
    expect((await book(coach, ada)).map(({ attempts, faulty, noted }) => [attempts, faulty, noted])).toEqual([[60, 13, 2]]);
    const runs = (await coach.get('/runs').expect(200)).body as { id: string; name: string }[];
    const table = runs.find(({ name }) => name === 'From a table');
    const whole = (await coach.get(`/runs/${table?.id}`).expect(200)).body as {
      events: { id: string; kind: string; seq: number; device: string }[];
    };
    expect(whole.events.map(({ kind }) => kind)).toEqual(['told', 'told', 'told', 'end']);
    expect((await coach.get('/runs/open').expect(200)).body).toEqual([]);
    const back = { id: randomUUID(), device: 'desk', seq: 1, order: 9, m: 0, at: 0, kind: 'undo', target: whole.events[0]?.id };
    await coach.post(`/runs/${table?.id}/events`, { events: [back] }).expect(200);
    expect((await book(coach, ada))[0]?.attempts).toBeLessThan(60);
  });

  it('refuses what it cannot take whole, and writes nothing of it', async () => {
    const ada = await added(coach);
    const refused = async (rows: readonly object[], status = 400) =>
      fieldsSaid((await coach.post('/log-rows', { name: 'Table', look: false, rows }).expect(status)).body);
    expect(await refused([row(ada, { faulty: 21 })])).toEqual(['rows.0.faulty above-attempts']);
    expect(await refused([row(ada, { day: '2026-13-02' })])).toEqual(['rows.0.day day']);
    expect(await refused([])).toEqual(['rows too-few 1']);
    expect(await refused(Array.from({ length: 5 }, (_, i) => row(ada, { evening: String(i) })))).toEqual(['rows too-many 4']);
    const stranger = await added(await Coach.of(house, 'Other'));
    expect((await refused([row(ada), row(stranger, { day: '2026-03-09' })], 422)).length).toBe(1);
    expect((await coach.get('/runs').expect(200)).body).toEqual([]);
    await (await coach.mate(house, 'assistant')).post('/log-rows', { name: 'Table', look: true, rows: [row(ada)] }).expect(403);
    await (await coach.mate(house, 'reader')).get(`/athletes/${ada}/log`).expect(404);
    await coach.get(`/athletes/${stranger}/log`).expect(404);
  });

  it('more athletes than a run has become several runs of one evening', async () => {
    const all = await Promise.all(Array.from({ length: 43 }, () => added(coach)));
    const rows = all.map((id) => row(id));
    expect((await import_(coach, rows)).map(({ athletes, rows: n }) => [athletes, n])).toEqual([[43, 43]]);
    expect(((await coach.get('/runs').expect(200)).body as unknown[]).length).toBe(2);
    for (const id of [all[0], all[42]])
      expect((await book(coach, id as string)).map(({ attempts, faulty }) => [attempts, faulty])).toEqual([[20, 6]]);
  });

  it('of few people goes with whoever of them is erased; what it told of the others stays', async () => {
    const [ada, bea] = [await added(coach), await added(coach)];
    await import_(coach, [row(ada), row(bea, { faulty: 9 })]);
    const { name } = athlete();
    await coach.post(`/athletes/${ada}/erase`, { name }).expect(204);
    const told = await house.pool.query<{ faulty: number }>(
      "select body -> 'faulty' as faulty from run_event where body ->> 'kind' = 'told'",
    );
    expect(told.rows.map(({ faulty }) => faulty)).toEqual([9]);
    expect((await book(coach, bea)).map(({ faulty }) => faulty)).toEqual([9]);
  });
});
