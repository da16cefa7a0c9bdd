import { randomUUID } from 'node:crypto';
import { BookChoices, EVENINGS_TOLD, FaultDetail, RunsBehind, type Book } from '@hopsk/contract/book';
import type { Me } from '@hopsk/contract/club';
import { pairSums, type PairSums } from '@hopsk/core/evidence/together';
import { run } from '../db/sql.js';
import { LookedAt } from '@hopsk/contract/coverage';
import type { RunEvent, RunHead } from '@hopsk/contract/run';
import { athlete, Coach, fieldsSaid, openHouse, ran, type House } from '../testing/house.js';

describe('one fault of an athlete opened', () => {
  let house: House;
  let coach: Coach;
  beforeEach(async () => {
    house = await openHouse();
    coach = await Coach.of(house, 'Club');
  });
  afterEach(() => house.close());

  async function added(who = coach): Promise<string> {
    const id = randomUUID();
    await who.put(`/athletes/${id}`, athlete({ id })).expect(201);
    return id;
  }
  const opened = async (id: string, fault = 'split-late'): Promise<FaultDetail> =>
    FaultDetail.parse((await coach.get(`/athletes/${id}/book/${fault}`).expect(200)).body);

  it('says when tired, and splits every watched attempt by what the log knows of it', async () => {
    const ada = await added();
    // Two rounds of five splits, 10 s each: a fault in the first third of the first round, and two in the last of both.
    await coach.keep(ran(ada, [3.5, 10.5, 21.5, 26.5]));
    const { splits, uncounted } = await opened(ada);
    expect(uncounted).toBe(0);
    const by = new Map(splits.by.map(({ by: name, rows }) => [name, rows.map(({ value, attempts, faulty }) => [value, attempts, faulty])]));
    const tallies = await house.pool.query('select attempts, faulty from tally where athlete_id = $1', [ada]);
    const [{ attempts, faulty }] = tallies.rows as [{ attempts: number; faulty: number }];
    for (const rows of by.values())
      expect([1, 2].map((at) => rows.reduce((sum, row) => sum + Number(row[at]), 0))).toEqual([attempts, faulty]);
    expect([...by.keys()]).toEqual(['third', 'round']);
    expect(by.get('third')?.map(([value, n]) => [value, n])).toEqual([
      ['1', 4],
      ['2', 4],
      ['3', 2],
    ]);
    expect(by.get('round')?.map(([value, n]) => [value, n])).toEqual([
      ['1', 5],
      ['2', 5],
    ]);
    expect([splits.third?.of, splits.round?.of]).toEqual([
      [4, 2],
      [5, 5],
    ]);
  });

  it('tells the last evenings one by one, and all of them to whoever asks; what is said of the fault is of all', async () => {
    const ada = await added();
    const first = ran(ada, [3.5], { startedAt: '2026-01-01T18:00:00.000Z', day: '2026-01-01' });
    await coach.keep(first);
    // The same on each day after it.
    await house.pool.query(
      `with made as (
         insert into run
         select (jsonb_populate_record(r, jsonb_build_object('id', gen_random_uuid(), 'day', r.day + n, 'started_at', r.started_at + n * interval '1 day'))).*
         from run r, generate_series(1, $2::int) n where r.id = $1 returning id
       ),
       there as (
         insert into run_athlete select (jsonb_populate_record(h, jsonb_build_object('run_id', made.id))).* from run_athlete h, made where h.run_id = $1
       )
       insert into tally select (jsonb_populate_record(t, jsonb_build_object('run_id', made.id))).* from tally t, made where t.run_id = $1`,
      [first.run.id, EVENINGS_TOLD + 2],
    );
    const read = async (more: string): Promise<Book> => (await coach.get(`/athletes/${ada}/book${more}`).expect(200)).body as Book;
    const [some, all] = [await read(''), await read('?evenings=all')];
    expect([some.sessions, some.earlier, all.sessions, all.earlier]).toEqual([EVENINGS_TOLD + 3, 3, EVENINGS_TOLD + 3, 0]);
    const [late, whole] = [some.entries[0], all.entries[0]] as [Book['entries'][number], Book['entries'][number]];
    expect([late.earlier, late.sessions.length, whole.sessions.length]).toEqual([3, EVENINGS_TOLD, EVENINGS_TOLD + 3]);
    expect(late.sessions).toEqual(whole.sessions.slice(3));
    expect({ ...late, earlier: 0, sessions: [] }).toEqual({ ...whole, sessions: [] });
    expect(some.from).toBe('2026-01-01');
    await coach.get(`/athletes/${ada}/book?evenings=some`).expect(400);
  });

  it('counts a long history bit by bit, the latest first, and says how much is left', async () => {
    const ada = await added();
    for (let i = 0; i < 26; i++) await coach.keep(ran(ada, [3.5]));
    const { uncounted } = (await coach.get(`/athletes/${ada}/book`).expect(200)).body as Book;
    expect(uncounted).toBe(14);
    const first = await opened(ada);
    expect(first.uncounted).toBe(2);
    const attempts = ({ splits }: FaultDetail): number => splits.by[0]?.rows.reduce((sum, row) => sum + row.attempts, 0) ?? 0;
    expect(attempts(first)).toBe(240);
    const second = await opened(ada);
    expect([second.uncounted, attempts(second)]).toEqual([0, 260]);
  });

  it('what comes together is added up in the database as in core', async () => {
    const ada = await added();
    const logs = Array.from({ length: 6 }, () => ran(ada, [3.5]));
    for (const log of logs) await coach.keep(log);
    const club = ((await coach.get('/me').expect(200)).body as Me).club.id;
    const rows = logs.flatMap(({ run: { id } }, i) =>
      ['tall', 'rises'].map((other, k) => ({
        ...{ run: id, fault: 'eyes', other },
        ...{ both: 5 + i * k, one: 7 - i, second: (i * 3) % 5, neither: 20 + i },
      })),
    );
    // A table of one occasion says nothing of its variance.
    rows.push({ run: logs[0]?.run.id ?? '', fault: 'deep', other: 'eyes', both: 1, one: 0, second: 0, neither: 0 });
    for (const { run: of, fault, other, both, one, second, neither } of rows)
      await house.pool.query('insert into tally_pair values ($1, $2, $3, $4, $5, $6, $7, $8, $9)', [
        ...[club, of, ada, fault, other],
        ...[both, one, second, neither],
      ]);
    const sums = await run<PairSums & Record<string, unknown>>(house.pool, 'fault-pairs', club, ada);
    const plain = pairSums(rows);
    expect(sums.map(({ fault, other }) => [fault, other])).toEqual([
      ['deep', 'eyes'],
      ['eyes', 'rises'],
      ['eyes', 'tall'],
    ]);
    for (const sum of sums) {
      const own = plain.find(({ fault, other }) => fault === sum.fault && other === sum.other);
      expect({ ...sum, excess: 0, variance: 0 }).toEqual({ ...own, excess: 0, variance: 0 } as typeof sum);
      expect(sum.excess).toBeCloseTo(own?.excess ?? NaN, 9);
      expect(sum.variance).toBeCloseTo(own?.variance ?? NaN, 9);
      // Each opens the runs that it is made of, from the side of either.
      const seen = { [sum.fault]: sum.one, [sum.other]: sum.second };
      for (const [of, other] of [
        [sum.fault, sum.other],
        [sum.other, sum.fault],
      ] as const) {
        const behind = RunsBehind.parse((await coach.get(`/athletes/${ada}/book/${of}/runs?with=${other}`).expect(200)).body);
        const added = (name: 'attempts' | 'faulty'): number => behind.reduce((all, one) => all + one[name], 0);
        expect([behind.length, added('faulty'), added('attempts')]).toEqual([sum.runs, sum.both, sum.both + (seen[of] ?? NaN)]);
      }
    }
    expect((await coach.get(`/athletes/${ada}/book/eyes/runs?with=eyes`).expect(200)).body).toEqual([]);
  });

  it('names the runs of an evening, over midnight too, with what each says of it; and who wrote in each', async () => {
    const ada = await added();
    const kept = async (startedAt: string, taps: readonly number[], fault = 'split-late'): Promise<string> => {
      const one = ran(ada, taps, { startedAt, day: startedAt.slice(0, 10) });
      await coach.keep({ ...one, events: one.events.map((event) => (event.kind === 'fault' ? { ...event, fault } : event)) });
      return one.run.id;
    };
    const [late, night] = [await kept('2026-03-02T22:00:00.000Z', [3.5, 10.5]), await kept('2026-03-03T00:10:00.000Z', [3.5])];
    await kept('2026-03-09T18:00:00.000Z', [3.5]);
    const runs = async (day: string, fault = 'split-late'): Promise<RunsBehind> =>
      RunsBehind.parse((await coach.get(`/athletes/${ada}/book/${fault}/runs?day=${day}`).expect(200)).body);
    const evening = await runs('2026-03-02');
    expect(evening.map(({ id, faulty }) => [id, faulty])).toEqual([
      [late, 2],
      [night, 1],
    ]);
    expect(await runs('2026-03-03')).toEqual([]);
    expect(await runs('2026-03-02', 'tall')).toEqual([]);
    const book = (await coach.get(`/athletes/${ada}/book`).expect(200)).body as Book;
    const [session] = book.entries.find(({ fault }) => fault === 'split-late')?.sessions ?? [];
    expect(evening.reduce((all, { attempts }) => all + attempts, 0)).toBe(session?.attempts ?? NaN);
    await coach.get(`/athletes/${ada}/book/split-late/runs?day=yesterday`).expect(400);
    await (await Coach.of(house, 'Second club')).get(`/athletes/${ada}/book/split-late/runs?day=2026-03-02`).expect(404);
    const whole = (await coach.get(`/runs/${late}`).expect(200)).body as { events: { device: string }[]; who: Record<string, string> };
    expect(whole.who).toEqual(Object.fromEntries(whole.events.map(({ device }) => [device, 'Coach of Club'])));
  });

  it('read only of some days, of one thing done or of what one coach watched, the parts make the whole; each value opens its runs', async () => {
    const ada = await added();
    const mate = await coach.mate(house, 'coach');
    const on = (day: string, name: string, at = '18:00'): Partial<RunHead> => ({ day, name, startedAt: `${day}T${at}:00.000Z` });
    await coach.keep(ran(ada, [3.5, 10.5], on('2026-03-02', 'Corner', '22:00')));
    await coach.keep(ran(ada, [3.5], on('2026-03-03', 'Net', '00:10')));
    await mate.keep(ran(ada, [21.5], on('2026-03-09', 'Corner')));
    const read = async (asked = ''): Promise<Book> => (await coach.get(`/athletes/${ada}/book${asked}`).expect(200)).body as Book;
    const told = ({ entries }: Book): number[] => entries.flatMap(({ attempts, faulty, couldShow }) => [attempts, faulty, couldShow]);
    const whole = await read();
    const choices = BookChoices.parse((await coach.get(`/athletes/${ada}/book-choices`).expect(200)).body);
    expect(choices).toEqual({ done: ['Corner', 'Net'], kinds: [], sources: ['floor'], coaches: [...choices.coaches] });
    expect(choices.coaches.length).toBe(2);
    expect(told(whole)).toEqual([30, 4, 2]);
    const all = (parts: readonly Book[], at: number): number => parts.reduce((sum, part) => sum + (told(part)[at] ?? 0), 0);
    for (const parts of [
      await Promise.all(choices.done.map((name) => read(`?done=${name}`))),
      await Promise.all(choices.coaches.map(({ id }) => read(`?coach=${id}`))),
      await Promise.all(['floor', 'film'].map((source) => read(`?source=${source}`))),
      [await read('?to=2026-03-02'), await read('?from=2026-03-03')],
    ])
      expect([all(parts, 0), all(parts, 1)]).toEqual([30, 4]);
    // An evening that goes on over midnight is of the day it began.
    expect(told(await read('?from=2026-03-03'))).toEqual([10, 1, 1]);
    expect(told(await read('?done=Net'))).toEqual([10, 1, 1]);
    expect((await read('?done=Nothing')).entries).toEqual([]);
    expect(fieldsSaid((await coach.get(`/athletes/${ada}/book?kind=moon`).expect(400)).body)[0]).toContain('kind one-of');

    const behind = async (asked: string): Promise<RunsBehind> =>
      RunsBehind.parse((await coach.get(`/athletes/${ada}/book/split-late/runs?${asked}`).expect(200)).body);
    for (const narrowed of ['', 'done=Corner'])
      for (const { by, rows } of FaultDetail.parse((await coach.get(`/athletes/${ada}/book/split-late?${narrowed}`).expect(200)).body)
        .splits.by)
        for (const row of rows) {
          const runs = await behind(`by=${by}&value=${row.value}&${narrowed}`);
          const sums = (['attempts', 'faulty'] as const).map((of) => runs.reduce((sum, one) => sum + one[of], 0));
          expect(sums).withContext(`${by} ${row.value} ${narrowed}`).toEqual([row.attempts, row.faulty]);
        }
    const [, night] = (await behind('day=2026-03-02')) as [unknown, RunsBehind[number]];
    expect((await behind('day=2026-03-02&done=Net')).map(({ id, startedAt }) => [id, startedAt])).toEqual([[night.id, night.startedAt]]);
    await coach.get(`/athletes/${ada}/book/split-late/runs?by=third`).expect(400);
    await (await Coach.of(house, 'Third club')).get(`/athletes/${ada}/book-choices`).expect(404);
  });

  it('says what was looked at and what never, in some days, with results beside clean feet', async () => {
    const ada = await added();
    const on = (day: string, name: string): Partial<RunHead> => ({ day, name, startedAt: `${day}T18:00:00.000Z` });
    const withResults = ran(ada, [3.5, 10.5], on('2026-03-02', 'Corner'));
    const last = withResults.events.at(-1) as RunEvent;
    const results = [4_500, 11_500, 13_500].map((m, i): RunEvent => {
      const stamp = { id: randomUUID(), device: last.device, seq: last.seq + 1 + i, order: last.order + 1 + i, m, at: m };
      return { ...stamp, kind: 'result', result: i === 0 ? 'out' : 'in', athlete: ada, source: 'floor', clip: null, shown: null };
    });
    await coach.keep({ ...withResults, events: [...withResults.events, ...results] });
    await coach.keep(ran(ada, [], on('2026-03-09', 'Net')));
    const asked = async (query = ''): Promise<LookedAt> =>
      LookedAt.parse((await coach.get(`/athletes/${ada}/coverage${query}`).expect(200)).body);
    const { coverage, results: rows, uncounted } = await asked();
    expect(uncounted).toBe(0);
    expect(coverage.stages.map(({ value, attempts, runs }) => [value, attempts, runs])).toEqual([
      ['Corner', 10, 1],
      ['Net', 10, 1],
    ]);
    expect([coverage.attempts, coverage.evenings]).toEqual([20, 2]);
    expect(coverage.faults.map(({ fault, attempts, last: when }) => [fault, attempts, when])).toEqual([['split-late', 20, '2026-03-09']]);
    expect(coverage.never).toEqual(athlete().focus.filter((fault) => fault !== 'split-late'));
    expect(
      rows.filter(({ result }) => result !== null).reduce((sum, { clean, faulty, unwatched }) => sum + clean + faulty + unwatched, 0),
    ).toBe(3);
    expect((await asked('?from=2026-03-03')).coverage.stages.map(({ value }) => value)).toEqual(['Net']);
    expect((await asked('?to=2026-01-01')).coverage.attempts).toBe(0);
    const { from, to } = await asked();
    expect([from, to]).toEqual(['2025-03-09', '2026-03-09']);
    await coach.get(`/athletes/${ada}/coverage?from=then`).expect(400);
    await (await coach.mate(house, 'reader')).get(`/athletes/${ada}/coverage`).expect(404);
  });

  it('a fault nobody looked for is opened empty; another club’s athlete, and one not named to a reader, is not there', async () => {
    const ada = await added();
    expect(await opened(ada, 'no-such-fault')).toEqual({
      ...{ athleteId: ada, fault: 'no-such-fault', uncounted: 0, together: [] },
      splits: { third: null, round: null, left: null, right: null, sides: null, by: [] },
    });
    await coach.get(`/athletes/${ada}/book/No%20code`).expect(400);
    await (await Coach.of(house, 'Other')).get(`/athletes/${ada}/book/split-late`).expect(404);
    await (await coach.mate(house, 'reader')).get(`/athletes/${ada}/book/split-late`).expect(404);
    await (await coach.mate(house, 'assistant')).get(`/athletes/${ada}/book/split-late`).expect(403);
  });
});
