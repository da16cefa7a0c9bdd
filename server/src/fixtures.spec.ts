import { ClubFile } from '@hopsk/contract/club-file';
import { RunRow, type RunWhole } from '@hopsk/contract/run';
import { clubFileOf, expectedOf, FIXTURES, fixtureText } from './testing/fixtures.js';
import { Coach, openHouse, type House } from './testing/house.js';

const body = async <T>(coach: Coach, path: string): Promise<T> => (await coach.get(path).expect(200)).body as T;

/** Books and records of stages of everybody named. */
async function countsOf(coach: Coach, ids: readonly string[]): Promise<unknown> {
  return Promise.all(
    ids.map(async (id) => [id, await body(coach, `/athletes/${id}/book`), await body(coach, `/stage-records?athlete=${id}`)]),
  );
}

for (const version of FIXTURES) {
  describe(`what ${version} left behind`, () => {
    const expected = expectedOf(version);
    const ids = Object.keys(expected.books);
    const counts = ids.map((id) => [id, expected.books[id], expected.stageRecords[id]]);
    let house: House;
    afterEach(() => house.close());

    describe('as a database', () => {
      let coach: Coach;
      beforeEach(async () => {
        house = await openHouse(null, fixtureText(version, 'database.sql'));
        coach = await Coach.signIn(house, expected.me.club.id, expected.signIn);
      });

      it('opens: its coaches sign in, everything is there, and adds up to what it did', async () => {
        expect(await body(coach, '/me')).toEqual(expected.me);
        for (const [list, n] of Object.entries(expected.counts))
          expect((await body<unknown[]>(coach, `/${list}?most=200`)).length)
            .withContext(list)
            .toBe(n);
        expect(await body(coach, '/runs?most=200')).toEqual(expected.runs.map(({ row }) => RunRow.parse(row)));
        expect(await countsOf(coach, ids)).toEqual(counts);
        for (const { row, events } of expected.runs)
          expect((await body<RunWhole>(coach, `/runs/${row.id}`)).events.length)
            .withContext(row.name)
            .toBe(events);
      });

      it('counts the same when every run is counted anew from its log', async () => {
        for (const { id } of await body<RunRow[]>(coach, '/runs?most=200')) {
          const { run } = await body<RunWhole>(coach, `/runs/${id}`);
          await coach.post(`/runs/${id}/log`, { run, events: [] }).expect(200);
        }
        expect(await countsOf(coach, ids)).toEqual(counts);
      });

      it('goes out as the club file that it was', async () => {
        expect(ClubFile.parse(await body(coach, '/export'))).toEqual(ClubFile.parse(JSON.parse(fixtureText(version, 'club.hopsk.json'))));
      });
    });

    it('comes in again as a club file, to the last event', async () => {
      const file = clubFileOf(version);
      house = await openHouse();
      const coach = await Coach.of(house, 'Another house');
      const done = (await coach.post('/import', JSON.parse(fixtureText(version, 'club.hopsk.json'))).expect(200)).body as Record<
        string,
        unknown
      >;
      for (const kind of ['athletes', 'patterns', 'sessions', 'runs'] as const)
        expect(done[kind]).withContext(kind).toEqual({ added: file[kind].length, known: 0 });
      expect(
        await countsOf(
          coach,
          file.athletes.map(({ id }) => id).filter((id) => ids.includes(id)),
        ),
      ).toEqual(counts.filter(([id]) => file.athletes.some((one) => one.id === id)));
      for (const { run, events } of file.runs)
        expect((await body<RunWhole>(coach, `/runs/${run.id}`)).events)
          .withContext(run.name)
          .toEqual(events);
    });
  });
}
