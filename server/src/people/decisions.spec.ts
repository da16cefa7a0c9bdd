import { randomUUID } from 'node:crypto';
import { Book, FaultDecisions, FaultRemedies } from '@hopsk/contract/book';
import type { Decision, DecisionSave } from '@hopsk/contract/decisions';
import type { Erasure, GivenOut } from '@hopsk/contract/people-data';
import type { SessionPlan } from '@hopsk/core/plan/run-plan';
import { athlete, Coach, openHouse, ran, type House } from '../testing/house.js';

describe('what is decided of a fault', () => {
  let house: House;
  let coach: Coach;
  let ada: string;
  beforeEach(async () => {
    house = await openHouse();
    coach = await Coach.of(house, 'Club');
    ada = await added('Ada');
    // Five evenings: bad, bad, bad, then good, good.
    for (const [i, taps] of [[3.5, 6.5, 10.5, 12.5], [3.5, 6.5, 10.5], [3.5, 6.5, 10.5], [3.5], []].entries()) {
      const day = `2026-03-0${i + 1}`;
      await coach.keep(ran(ada, taps, { startedAt: `${day}T18:00:00.000Z`, day }));
    }
  });
  afterEach(() => house.close());

  async function added(name: string): Promise<string> {
    const id = randomUUID();
    await coach.put(`/athletes/${id}`, athlete({ id, name })).expect(201);
    return id;
  }
  const sent = (more: Partial<DecisionSave> = {}): DecisionSave => ({
    ...{ fault: 'split-late', day: '2026-03-03', decided: 'back', rule: 'running', why: 'too tired for the feed' },
    ...more,
  });
  const put = (id: string, of: object = sent(), who = coach, whom = ada) => who.put(`/athletes/${whom}/decisions/${id}`, of);
  const bookOf = async (whom = ada, who = coach): Promise<Book> => Book.parse((await who.get(`/athletes/${whom}/book`).expect(200)).body);

  it('is kept with who, why and what the rule said then, once however often it is sent, and stands beside what came of it', async () => {
    const [id, before] = [randomUUID(), await bookOf()];
    const kept = (await put(id).expect(200)).body as Decision;
    expect((await put(id).expect(200)).body).toEqual(kept);
    const book = await bookOf();
    const [{ came, ...decision }, ...more] = book.decisions as [Book['decisions'][number]];
    expect([decision, more]).toEqual([kept, []]);
    expect(kept).toEqual({ ...sent(), id, said: kept.said, at: kept.at, who: 'Coach of Club', takenBack: false });
    const evenings = book.entries.find(({ fault }) => fault === 'split-late')?.sessions ?? [];
    const sum = (some: typeof evenings): number => some.reduce((all, { faulty, attempts }) => all + faulty / attempts / some.length, 0);
    expect([came.evenings, came.since.hits]).toEqual([2, evenings.slice(3).reduce((all, { faulty }) => all + faulty, 0)]);
    // Evenings of as many chances: the rate of them all is the mean of their rates.
    expect(came.difference?.earlier).toBeCloseTo(sum(evenings.slice(0, 3)), 9);
    expect(came.difference?.later).toBeCloseTo(sum(evenings.slice(3)), 9);
    // The running test began anew, of what came after.
    const ratioOf = (of: Book): number => of.entries.find(({ fault }) => fault === 'split-late')?.running.ratio ?? Number.NaN;
    expect(ratioOf(book)).toBeLessThan(ratioOf(before));
    await coach.post(`/athletes/${ada}/decisions/${id}/take-back`).expect(204);
    await coach.post(`/athletes/${ada}/decisions/${id}/take-back`).expect(204);
    const after = await bookOf();
    expect([after.decisions.map(({ takenBack }) => takenBack), ratioOf(after)]).toEqual([[true], ratioOf(before)]);
  });

  it('says what the rule said of the evenings up to its day, not of those since', async () => {
    const saidOf = async (day: string): Promise<string> =>
      ((await put(randomUUID(), sent({ day, decided: 'stay' })).expect(200)).body as Decision).said;
    expect([await saidOf('2026-03-01'), await saidOf('2026-03-03')]).toEqual(['stay', 'back']);
    // One that was sent late says what the rule said then, though another one ended the test since.
    await put(randomUUID(), sent({ day: '2026-03-04', decided: 'next' })).expect(200);
    expect(await saidOf('2026-03-03')).toBe('back');
    // Of what was never watched nothing can be said; a day on which nobody was here is none.
    expect(((await put(randomUUID(), sent({ fault: 'eyes' })).expect(200)).body as Decision).said).toBe('not enough');
    for (const day of ['2026-02-28', '9999-12-31']) {
      const { fields } = (await put(randomUUID(), sent({ day })).expect(400)).body as { fields: { path: string; code: string }[] };
      expect(fields.map(({ path, code }) => [path, code])).toEqual([['day', 'no-evening']]);
    }
  });

  it('is not what another one said, nor of anybody whom the club does not know; other clubs do not see it', async () => {
    const id = randomUUID();
    await put(id).expect(200);
    const answer = await put(id, sent({ decided: 'next' })).expect(409);
    expect([answer.body.error, answer.body.values, answer.body.changed]).toEqual(['stale', { what: 'decision' }, ['decided']]);
    const bea = await added('Bea');
    await coach.keep(ran(bea, [], { startedAt: '2026-03-03T18:00:00.000Z', day: '2026-03-03' }));
    await put(id, sent(), coach, bea).expect(404);
    const other = await Coach.of(house, 'Second club');
    await put(id, sent(), other).expect(404);
    await other.post(`/athletes/${ada}/decisions/${id}/take-back`).expect(404);
    await coach.post(`/athletes/${ada}/decisions/${randomUUID()}/take-back`).expect(404);
    await put('nonsense').expect(404);
    await put(randomUUID(), sent({ why: 'x'.repeat(301) })).expect(400);
    expect((await bookOf()).decisions.map(({ decided, takenBack }) => [decided, takenBack])).toEqual([['back', false]]);
  });

  it('stands beside those of others of the same fault, for whom one may read; what was taken back does not', async () => {
    const [bea, cay] = [await added('Bea'), await added('Cay')];
    for (const who of [bea, cay]) await coach.keep(ran(who, [], { startedAt: '2026-03-03T18:00:00.000Z', day: '2026-03-03' }));
    const kept = async (whom: string, more: Partial<DecisionSave> = {}): Promise<string> => {
      const id = randomUUID();
      await put(id, sent(more), coach, whom).expect(200);
      return id;
    };
    const [first, second] = [await kept(ada), await kept(bea)];
    await kept(cay, { fault: 'tall' });
    await coach.post(`/athletes/${cay}/decisions/${await kept(cay)}/take-back`).expect(204);
    const of = async (who: Coach): Promise<FaultDecisions['decisions']> =>
      FaultDecisions.parse((await who.get('/decisions/split-late').expect(200)).body).decisions;
    const all = await of(coach);
    expect(all.map(({ id, athleteId }) => [id, athleteId])).toEqual([
      [second, bea],
      [first, ada],
    ]);
    const [mine] = (await bookOf()).decisions;
    expect(all[1]?.came).toEqual(mine?.came as never);
    expect(all[0]?.came).toEqual({ evenings: 0, since: { hits: 0, n: 0 }, until: null, difference: null });
    expect(await of(await Coach.of(house, 'Second club'))).toEqual([]);
    await coach.get('/decisions/no%20fault').expect(400);
  });

  it('stands beside the kinds of stages in which somebody was first watched for it, with the evenings before against as many after', async () => {
    const bea = await added('Bea');
    const weekAgo = (weeks: number): string => new Date(Date.now() - weeks * 7 * 864e5).toISOString().slice(0, 10);
    const planOf = (kind: 'isolate' | 'fed'): SessionPlan => ({
      exercises: [
        {
          name: kind,
          stage: randomUUID(),
          steps: 'split',
          watch: ['split-late'],
          view: 'side',
          kind,
          cueing: 'self',
          tempo: 1,
          implement: 'without',
        },
      ],
      reps: [{ seconds: 2, chances: { split: [0], repetition: [0] } }],
      phases: [0, 15].map((start, i) => ({
        ...{ kind: 'work', start, end: start + 10, set: 1, round: i + 1, exercise: 0, open: false },
        done: [0, 2, 4, 6, 8].map((at) => [at, 0] as const),
      })),
      cues: [],
      landings: 20,
    });
    const evening = (weeks: number, taps: readonly number[], kind: 'isolate' | 'fed') =>
      coach.keep(ran(bea, taps, { startedAt: `${weekAgo(weeks)}T12:00:00.000Z`, day: weekAgo(weeks), plan: planOf(kind) }));
    const bad = [1.5, 3.5, 5.5, 7.5, 16.5, 18.5, 20.5];
    // Fed for five evenings, alone from the sixth on; one so long ago that it is not asked.
    for (const weeks of [150, 12, 11, 10, 9, 8]) await evening(weeks, bad, 'fed');
    for (const weeks of [7, 6, 5, 4, 3, 2]) await evening(weeks, weeks > 2 ? [] : bad, 'isolate');
    const of = async (who: Coach) => FaultRemedies.parse((await who.get('/remedies/split-late').expect(200)).body).remedies;
    const [alone, fed, ...more] = (await of(coach)).filter(({ athleteId }) => athleteId === bea);
    expect(more).toEqual([]);
    expect([alone?.kind, alone?.day, fed?.kind, fed?.day]).toEqual(['isolate', weekAgo(7), 'fed', weekAgo(12)]);
    // By hand: seven of ten in each of the four evenings before, none in the four after; the fifth is not asked.
    expect([alone?.difference?.earlier, alone?.difference?.later]).toEqual([0.7, 0]);
    expect(alone?.difference?.high).toBeLessThan(0);
    // Before it is one evening alone, of more than two years ago: it says what was, and begins nothing.
    expect([fed?.difference?.earlier, fed?.difference?.later]).toEqual([0.7, 0.7]);
    expect(await of(await Coach.of(house, 'Second club'))).toEqual([]);
  });

  it('goes out with the club’s file and with the athlete’s, comes in once, and goes with whoever is erased', async () => {
    const bea = await added('Bea');
    await coach.keep(ran(bea, [], { startedAt: '2026-03-03T18:00:00.000Z', day: '2026-03-03' }));
    await put(randomUUID()).expect(200);
    const gone = randomUUID();
    await put(gone, sent({ why: 'Ada goes ahead of her', decided: 'stay' }), coach, bea).expect(200);
    await coach.post(`/athletes/${bea}/decisions/${gone}/take-back`).expect(204);
    const { text } = await coach.file();
    const other = await Coach.of(house, 'Second club');
    for (let i = 0; i < 2; i++) expect((await other.takeIn(text)).refused.count).toBe(0);
    const [mine, theirs] = [await bookOf(bea), await bookOf(bea, other)];
    expect(theirs.decisions).toEqual(mine.decisions.map((one) => ({ ...one, who: null })));
    const given = (await coach.get(`/athletes/${bea}/data?events=no`).expect(200)).body as GivenOut;
    expect(given.decisions.map(({ why, takenBack }) => [why, takenBack])).toEqual([['Ada goes ahead of her', true]]);
    const erasure = (await coach.get(`/athletes/${ada}/erasure`).expect(200)).body as Erasure;
    expect(erasure.mentions).toEqual([{ kind: 'decision', day: '2026-03-03', text: 'Ada goes ahead of her' }]);
    await other.post(`/athletes/${bea}/erase`, { name: 'Bea' }).expect(204);
    const refused = await other.takeIn(text);
    expect(refused.refused.told.map(({ fields }) => [fields[0]?.path, fields[0]?.code])).toEqual([
      ['athlete', 'erased'],
      ['decision.athlete', 'erased'],
      ['run.athletes', 'erased'],
    ]);
    const { rows } = await house.pool.query<{ n: number }>('select count(*)::int as n from decision');
    expect(rows).toEqual([{ n: 3 }]);
  });
});
