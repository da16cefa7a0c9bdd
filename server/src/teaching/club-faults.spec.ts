import { ClubFaults } from '@hopsk/contract/club-faults';
import type { Book } from '@hopsk/contract/book';
import type { RecountLeft, RecountRun } from '@hopsk/contract/recount';
import type { RunEvent, RunWhole } from '@hopsk/contract/run';
import type { Teaching } from '@hopsk/contract/teaching';
import type { ClubFault } from '@hopsk/core/catalogue/fault';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import { randomUUID } from 'node:crypto';
import { athlete, Coach, fieldsSaid, openHouse, ran, type House, type Ran } from '../testing/house.js';
import { withMade } from './made-faults.js';

const own = (code: string, more: Partial<ClubFault> = {}): ClubFault => ({
  ...{ code, phase: 'ready', views: ['side'], per: 'split', shownBy: 'split', causes: [] },
  ...{ label: code.replace('-', ' '), says: '', usually: '', cue: '', remedy: '', cost: 1, hidden: false, into: null },
  ...more,
});
/** One of the catalogue, with words of the club. */
const ours = (code: string, more: Partial<ClubFault> = {}): ClubFault => ({
  ...own(code),
  ...FAULTS.find((one) => one.code === code),
  ...more,
});

describe('a club’s own faults', () => {
  let house: House;
  let coach: Coach;
  let other: Coach;
  let ada: string;
  beforeAll(async () => {
    house = await openHouse();
    other = await Coach.of(house, 'Other');
  });
  beforeEach(async () => {
    ada = randomUUID();
    coach = await Coach.of(house, 'Club');
    await coach.put(`/athletes/${ada}`, athlete({ id: ada })).expect(201);
  });
  afterAll(() => house.close());

  const teach = async (faults: readonly ClubFault[] | undefined, status = 200): Promise<unknown> => {
    const { faults: _, ...taught } = (await coach.get('/teaching').expect(200)).body as Teaching;
    return (await coach.put('/teaching', { ...taught, ...(faults && { faults }) }).expect(status)).body;
  };
  const left = async (): Promise<RecountLeft> => (await coach.get('/recount/left').expect(200)).body as RecountLeft;
  const recounted = async (): Promise<unknown> => {
    const runs = ((await coach.get('/recount').expect(200)).body as RecountRun[]).map(({ id }) => id);
    return ((await coach.post('/recount', { runs }).expect(200)).body as { counted: number }).counted;
  };
  /** Of each fault that the book holds: with the fault, attempts. */
  const book = async (): Promise<Record<string, [number, number]>> => {
    const { entries } = (await coach.get(`/athletes/${ada}/book`).expect(200)).body as Book;
    return Object.fromEntries(entries.map(({ fault, faulty, attempts }) => [fault, [faulty, attempts]]));
  };
  /** A run in which these were watched, tapped in this order. */
  const tapped = (board: readonly string[], taps: readonly [t: number, fault: string][], more: Partial<Ran['run']> = {}): Ran => {
    const { run, events } = ran(
      ada,
      taps.map(([t]) => t),
      more,
    );
    let n = 0;
    const as = (event: RunEvent): RunEvent => {
      if (event.kind === 'board') return { ...event, faults: board };
      return event.kind === 'fault' ? { ...event, fault: taps[n++]?.[1] ?? '' } : event;
    };
    return { run, events: events.map(as) };
  };

  it('are refused where they contradict themselves, the catalogue or what there is, with their place', async () => {
    const said = async (...faults: ClubFault[]) => fieldsSaid(await teach(faults, 400));
    expect(await said(own('drops'), own('drops', { label: 'x' }))).toEqual(['faults.1.code twice']);
    expect(await said(own('drops'), own('sinks', { label: 'Drops' }))).toEqual(['faults.1.label twice']);
    expect(await said(ours('tall', { per: 'step' }))).toEqual(['faults.0.per unit-stands repetition']);
    expect(await said(own('drops', { into: 'moon' }))).toEqual(['faults.0.into unknown-fault']);
    expect(await said(own('drops', { causes: ['tall', 'moon'] }))).toEqual(['faults.0.causes unknown-fault']);
    expect(await said(own('drops', { into: 'sinks' }), own('sinks', { into: 'drops' }))).toEqual(['faults.0.into roundabout']);
    expect(await said(own('drops', { shownBy: 'split, dancing' }))).toEqual([jasmine.stringMatching(/^faults\.0\.shownBy one-of any,/)]);
    expect(await said(own('drops', { cost: 9 }))).toEqual(['faults.0.cost between 0.25 4']);
    expect(await said(own('drops', { label: ' ' }))).toEqual(['faults.0.label empty']);
    await teach([own('drops')]);
    expect(await said(own('drops', { per: 'step' }))).toEqual(['faults.0.per unit-stands split']);
    // A page of an earlier version knows none, and leaves them as they are; another club has none of them.
    expect(((await teach(undefined)) as Teaching).faults.map(({ code }) => code)).toEqual(['drops']);
    expect((await other.get('/teaching').expect(200)).body.faults).toEqual([]);
  });

  it('come from a run in which they were made, once and for all, by whoever may teach; the run counts by them', async () => {
    await teach([own('drops', { label: 'Hips lag' })]);
    const log = tapped(['hips-lag'], [[3, 'hips-lag']]);
    const named = (more: object): object => {
      const [first] = log.events as [RunEvent];
      const made = { kind: 'named', code: 'hips-lag', label: 'hips lag', per: 'split' };
      return { ...made, id: randomUUID(), device: randomUUID(), seq: 1, order: 2, m: first.m, at: first.at, ...more };
    };
    await coach.keep(log);
    expect((await book())['hips-lag']).toEqual([0, 0]);
    const send = (who: Coach, ...events: object[]) => who.post(`/runs/${log.run.id}/events`, { events }).expect(200);
    // An assistant names for the run what they saw; the club has it from a coach.
    await send(await coach.mate(house, 'assistant'), named({ code: 'foot-rolls', label: 'foot rolls' }));
    const faults = async () => ((await coach.get('/teaching').expect(200)).body as Teaching).faults;
    expect((await faults()).map(({ code }) => code)).toEqual(['drops']);
    const mine = named({});
    await send(coach, mine, named({ code: 'tall', label: 'x' }));
    // Sent again, and called by the same code by somebody else.
    await send(coach, mine);
    await send(coach, named({ label: 'late hips', per: 'step', order: 9 }));
    expect((await faults()).map(({ code, label, per, views }) => [code, label, per, views.length])).toEqual([
      ['drops', 'Hips lag', 'split', 1],
      ['hips-lag', 'hips lag 2', 'split', 2],
    ]);
    expect((await book())['hips-lag']).toEqual([1, 10]);
    const refused = { refused: [jasmine.objectContaining({ code: 'not-understood' })] };
    expect((await send(coach, named({ label: 'x'.repeat(41) }))).body).toEqual(jasmine.objectContaining(refused));
    // Another club knows nothing of it.
    expect((await other.get('/teaching').expect(200)).body.faults).toEqual([]);
  });

  it('made by two runs at once are both there, and no more than a club may have', async () => {
    const all = withMade(
      [],
      Array.from({ length: 200 }, (_, i) => ({ code: `own-${i}`, label: 'x'.repeat(40), per: 'step' as const })),
    );
    expect([all.length, new Set(all.map(({ label }) => label)).size]).toEqual([120, 120]);
    expect(ClubFaults.safeParse(all).success).toBeTrue();
    const runs = [0, 1, 2].map(() => tapped(['tall'], [[3, 'tall']]));
    for (const log of runs) await coach.keep(log);
    await Promise.all(
      runs.map((log, i) => {
        const stamp = { id: randomUUID(), device: randomUUID(), seq: 1, order: 2, m: 0, at: 0 };
        const event = { ...stamp, kind: 'named', code: `own-${i}`, label: `own ${i}`, per: 'step' };
        return coach.post(`/runs/${log.run.id}/events`, { events: [event] }).expect(200);
      }),
    );
    const { faults } = (await coach.get('/teaching').expect(200)).body as Teaching;
    expect(faults.map(({ code }) => code).sort()).toEqual(['own-0', 'own-1', 'own-2']);
  });

  it('are counted by what their club says of them as the run begins; what is hidden keeps its history, and is not first', async () => {
    await teach([own('drops', { cost: 4 }), ours('tall', { hidden: true })]);
    // A split every two seconds, each seen a second before its tap: 2 of 10 splits, 3 of 10 repetitions.
    const { code, phase, views, per, shownBy, causes } = own('drops');
    const faults = [{ code, phase, views, per, shownBy, causes }];
    const log = tapped(
      ['drops', 'tall'],
      [
        [3, 'drops'],
        [3.2, 'tall'],
        [5, 'tall'],
        [18, 'drops'],
        [18.2, 'tall'],
      ],
      { faults },
    );
    await coach.keep(log);
    await coach.keep(log);
    expect(await book()).toEqual({ drops: [2, 10], tall: [3, 10] });
    const { run } = (await coach.get(`/runs/${log.run.id}`).expect(200)).body as RunWhole;
    expect(run.faults).toEqual(faults);
    // The same run without them is another run.
    const { faults: _, ...without } = log.run;
    await coach.put(`/runs/${log.run.id}`, without).expect(409);
    const { first } = (await coach.get(`/athletes/${ada}/book`).expect(200)).body as Book;
    expect(first.map(({ fault, cost }) => [fault, cost])).toEqual([['drops', 4]]);
  });

  it('are counted as others from the log when the club says so, with what was decided, and as themselves again', async () => {
    const log = tapped(
      ['split-late', 'split-high'],
      [
        [3, 'split-late'],
        [3.2, 'split-high'],
        [5, 'split-high'],
        [18, 'split-late'],
      ],
    );
    await coach.keep(log);
    const decision = { fault: 'split-high', day: '2026-11-21', decided: 'stay', rule: 'thumb', why: 'as it was' };
    await coach.put(`/athletes/${ada}/decisions/${randomUUID()}`, decision).expect(200);
    const before = await book();
    expect([before['split-late'], before['split-high'], await left()]).toEqual([
      [2, 10],
      [2, 10],
      jasmine.objectContaining({ earlier: 0, merged: 0 }),
    ]);
    const kept = [own('drops', { cost: 4 }), ours('tall', { hidden: true })];
    await teach([...kept, ours('split-high', { into: 'split-late' })]);
    // Until it is counted anew it stands as it was; what would differ is said.
    expect([await left(), await book()]).toEqual([jasmine.objectContaining({ merged: 1 }), before]);
    const [seen] = (await coach.get('/recount').expect(200)).body as RecountRun[];
    const changes = (seen?.changes ?? []).map(({ before: was, now }) => [was?.fault, was?.faulty, now?.fault, now?.faulty]);
    expect([seen?.id, changes]).toEqual([
      log.run.id,
      [
        ['split-high', 2, undefined, undefined],
        ['split-late', 2, 'split-late', 3],
      ],
    ]);
    expect((await other.post('/recount', { runs: [log.run.id] }).expect(200)).body).toEqual({ counted: 0 });
    expect([await recounted(), await left()]).toEqual([1, jasmine.objectContaining({ merged: 0 })]);
    const { 'split-high': _, ...others } = before;
    expect(await book()).toEqual({ ...others, 'split-late': [3, 10] });
    const { decisions } = (await coach.get(`/athletes/${ada}/book`).expect(200)).body as Book;
    expect(decisions.map(({ fault, why }) => [fault, why])).toEqual([['split-late', 'as it was']]);
    expect((await coach.get('/decisions/split-late').expect(200)).body.decisions.length).toBe(1);
    const whole = (await coach.get(`/runs/${log.run.id}`).expect(200)).body as RunWhole;
    expect([whole.run.merged, whole.before.map(({ fault, faulty }) => [fault, faulty]).sort()]).toEqual([
      { 'split-high': 'split-late' },
      [
        ['split-high', 2],
        ['split-late', 2],
      ],
    ]);
    // What comes later to it is counted as the other one too.
    const last = log.events.at(-1) as RunEvent;
    const tap = log.events.find(({ kind }) => kind === 'fault') as RunEvent & { kind: 'fault' };
    const more = { ...tap, fault: 'split-high', id: randomUUID(), seq: last.seq + 1, order: last.order + 1, m: tap.m + 4000 };
    await coach.post(`/runs/${log.run.id}/events`, { events: [more] }).expect(200);
    expect((await book())['split-late']).toEqual([4, 10]);

    // As itself again: counted anew it is what it was, with the tap that came since.
    await teach(kept);
    expect([await left(), await recounted()]).toEqual([jasmine.objectContaining({ merged: 1 }), 1]);
    const after = await book();
    expect([after['split-late'], after['split-high'], await left()]).toEqual([[2, 10], [3, 10], jasmine.objectContaining({ merged: 0 })]);
  });

  it('rows of a table that come in after it count so at once; where it tells of both, each stays itself', async () => {
    await teach([ours('split-high', { into: 'split-late' })]);
    const row = (day: string, fault: string) => ({ day, fault, attempts: 20, faulty: 4, athlete: ada });
    const send = (rows: object[]) => coach.post('/log-rows', { name: 'Table', look: false, rows }).expect(200);
    await send([row('2026-03-02', 'split-high')]);
    expect([await book(), (await left()).merged]).toEqual([{ 'split-late': [4, 20] }, 0]);
    await send([row('2026-03-09', 'split-high'), row('2026-03-09', 'split-late')]);
    expect([await book(), (await left()).merged]).toEqual([{ 'split-late': [8, 40], 'split-high': [4, 20] }, 0]);
  });

  it('a run that begins after it counts so at once, where its plan names it', async () => {
    await teach([ours('split-long', { into: 'split-late' }), ours('deep', { into: 'split-late' })]);
    const exercise = { name: 'One', stage: randomUUID(), steps: 'split', watch: ['split-long'], view: 'side' as const };
    const phases = [
      {
        kind: 'work' as const,
        start: 0,
        end: 20,
        set: 1,
        round: 1,
        exercise: 0,
        open: false,
        done: [0, 2, 4].map((t): [number, number] => [t, 0]),
      },
    ];
    const reps = [{ seconds: 2, chances: { split: [0], repetition: [0] } }];
    const plan = { exercises: [exercise], reps, phases, cues: [], landings: null };
    const log = tapped(['split-long'], [[3, 'split-long']], { plan });
    await coach.keep(log);
    const { run } = (await coach.get(`/runs/${log.run.id}`).expect(200)).body as RunWhole;
    expect([run.merged, await left()]).toEqual([{ 'split-long': 'split-late' }, jasmine.objectContaining({ merged: 0 })]);
    expect((await book())['split-long']).toBeUndefined();
  });
});
