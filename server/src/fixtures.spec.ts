import * as z from 'zod/mini';
import { ClubFile } from '@hopsk/contract/club-file';
import { Me } from '@hopsk/contract/club';
import type { RecountLeft, RecountRun } from '@hopsk/contract/recount';
import { RunRow, type RunEvent, type RunWhole } from '@hopsk/contract/run';
import { clubOf } from '@hopsk/contract/testing/club-of';
import { RULES } from '@hopsk/core/log/count';
import { randomUUID } from 'node:crypto';
import { clubFileOf, expectedOf, FIXTURES, fixtureText, saidBy } from './testing/fixtures.js';
import { Coach, openHouse, type House } from './testing/house.js';

const body = async <T>(coach: Coach, path: string): Promise<T> => (await coach.get(path).expect(200)).body as T;

const figures = { attempts: z.int(), faulty: z.int(), noted: z.int(), left: z.int(), right: z.int() };
/** What a book counts. What it says of several evenings together by intervals and states, and in what order, is today's own. */
const Counts = z.object({
  ...{ athleteId: z.string(), from: z.nullable(z.string()), to: z.nullable(z.string()), sessions: z.int(), praise: z.int() },
  agreement: z._default(z.array(z.unknown()), []),
  entries: z.pipe(
    z.array(
      z.object({
        ...{ fault: z.string(), ...figures, seenSessions: z.int(), couldShow: z.int(), lastSeen: z.nullable(z.string()) },
        ...{ rate: z.nullable(z.number()), decision: z.string(), interval: z.nullable(z.object({ of: z.string() })) },
        sessions: z.array(
          z.object({ day: z.string(), fault: z.string(), ...figures, rate: z.nullable(z.number()), interval: z.unknown() }),
        ),
      }),
    ),
    z.transform((entries) => [...entries].sort((a, b) => (a.fault < b.fault ? -1 : 1))),
  ),
});

/** What books of everybody named count, and their records of stages. */
async function countsOf(coach: Coach, ids: readonly string[]): Promise<Counted> {
  return Promise.all(
    ids.map(
      async (id) =>
        [id, Counts.parse(await body(coach, `/athletes/${id}/book`)), await body(coach, `/stage-records?athlete=${id}`)] as const,
    ),
  );
}

type Counted = readonly (readonly [athlete: string, book: z.infer<typeof Counts>, records: unknown])[];
/** How often each fault could be seen, was seen, and was noted, of everybody. */
const figuresOf = (counts: Counted): Map<string, string> =>
  new Map(
    counts.flatMap(([athlete, { entries }]) =>
      entries.map(
        ({ fault, attempts, faulty, noted }) => [`${athlete} ${fault}`, `${fault}: ${faulty} of ${attempts}, noted ${noted}`] as const,
      ),
    ),
  );

/**
 * What the rules of today count otherwise than those by which earlier versions counted: two taps in a repetition that holds two chances
 * are two faults, a chance is over with its repetition, and who stays where they are is seen from the front too.
 */
function otherwise(before: Counted, now: Counted): string[] {
  const after = figuresOf(now);
  return [...figuresOf(before)].flatMap(([key, was]) => (after.get(key) === was ? [] : [`${was} → ${after.get(key)}`]));
}

/** Versions that counted by the first rules, and whose club file was one document. */
const isEarly = (version: string): boolean => version < 'v3';

/** The same with its lines as they were typed, without what keeps them going on as they were done. */
const asTyped = (file: object): object => JSON.parse(JSON.stringify(file).replace(/"(?:engine 1|tempo flat), /g, '"')) as object;

/** A club file without its lines. */
const without = ({ patterns: _, sessions: _s, teaching: _t, ...rest }: ClubFile): object => rest;

const TODAY = [
  'no-recovery: 0 of 0, noted 1 → no-recovery: 1 of 10, noted 0',
  'short-steps: 75 of 268, noted 0 → short-steps: 76 of 268, noted 0',
  'no-recovery: 0 of 6, noted 0 → no-recovery: 0 of 7, noted 0',
];

for (const version of FIXTURES) {
  describe(`what ${version} left behind`, () => {
    const expected = expectedOf(version);
    const ids = Object.keys(expected.books);
    const early = isEarly(version);
    const file = early ? 'club.hopsk.json' : 'club.hopsk.jsonl';
    const today = early ? TODAY : [];
    const counts = ids.map((id) => [id, Counts.parse(expected.books[id]), expected.stageRecords[id]] as const);
    let house: House;
    afterEach(() => house.close());

    describe('as a database', () => {
      let coach: Coach;
      beforeEach(async () => {
        house = await openHouse(null, fixtureText(version, 'database.sql'));
        coach = await Coach.signIn(house, expected.me.club.id, expected.signIn);
      });

      it('opens: its coaches sign in, everything is there, and adds up to what it did', async () => {
        // Whoever had been there longest owns the club; this one had.
        const me = Me.parse(expected.me);
        // What is sealed to them is sealed to a key of their own, which nobody had before.
        const sealTo = jasmine.stringMatching(/^[\w-]{87}$/);
        expect(await body(coach, '/me')).toEqual({ ...me, coach: { ...me.coach, role: 'owner' }, sealTo });
        const roles = (await body<{ role: string }[]>(coach, '/coaches')).map(({ role }) => role);
        expect(roles.filter((role) => role === 'owner').length).toBe(1);
        expect(roles.filter((role) => role === 'coach').length).toBe(roles.length - 1);
        for (const [list, n] of Object.entries(expected.counts))
          expect((await body<unknown[]>(coach, `/${list}?most=200`)).length)
            .withContext(list)
            .toBe(n);
        expect(await body(coach, '/runs?most=200')).toEqual(expected.runs.map(({ row }) => RunRow.parse(row)));
        const now = await countsOf(coach, ids);
        expect(now.map(([id, book]) => [id, book])).toEqual(counts.map(([id, book]) => [id, book]));
        for (const { row, events } of expected.runs)
          expect((await body<RunWhole>(coach, `/runs/${row.id}`)).events.length)
            .withContext(row.name)
            .toBe(events);
      });

      it(`counts by the rules of today when a run is counted anew, which differ in ${today.length} figures`, async () => {
        for (const { id } of await body<RunRow[]>(coach, '/runs?most=200')) {
          const { events } = await body<RunWhole>(coach, `/runs/${id}`);
          const last = events.at(-1) as RunEvent;
          // What changes nothing: the last event once more, by a device of its own, and taken back.
          const more = { ...last, device: 'counts-anew', id: randomUUID(), seq: 1, order: last.order + 1 };
          const undo = { ...more, kind: 'undo', id: randomUUID(), seq: 2, order: last.order + 2, target: more.id };
          await coach.post(`/runs/${id}/events`, { events: [undo, more] }).expect(200);
        }
        expect(otherwise(counts, await countsOf(coach, ids))).toEqual(today);
      });

      it('is counted anew when the club wants it: what would differ is said first, and what it was stays with each run', async () => {
        const left = async (): Promise<RecountLeft> => body<RecountLeft>(coach, '/recount/left');
        const runs = expected.counts.runs;
        // All of them were counted before whoever comes late was of a group.
        expect(await left()).toEqual({ earlier: runs, merged: 0, rules: RULES });
        if (!early) return;
        const seen = await body<RecountRun[]>(coach, '/recount');
        expect(seen.map(({ id }) => id)).toEqual(expected.runs.map(({ row }) => row.id).sort());
        expect(await body(coach, `/recount?after=${seen[1]?.id}`)).toEqual(seen.slice(2));
        const book = new Map<string, [was: number, is: number]>();
        for (const { before, now } of seen.flatMap(({ changes }) => changes))
          for (const [at, one] of [before, now].entries()) {
            const key = `${one?.athlete} ${one?.fault}`;
            const sums = book.get(key) ?? [0, 0];
            if (one) sums[at] = (sums[at] ?? 0) + one.attempts;
            book.set(key, sums);
          }
        // Nothing is written by looking.
        const looked = await countsOf(coach, ids);
        expect(otherwise(counts, looked)).toEqual([]);

        const stranger = await Coach.of(house, 'Other club');
        const all = { runs: seen.map(({ id }) => id) };
        expect((await stranger.post('/recount', all).expect(200)).body).toEqual({ counted: 0 });
        expect(await body(stranger, '/recount')).toEqual([]);
        expect((await coach.post('/recount', all).expect(200)).body).toEqual({ counted: runs });
        expect((await coach.post('/recount', all).expect(200)).body).toEqual({ counted: 0 });
        expect(await left()).toEqual({ merged: 0, earlier: 0, rules: RULES });

        const now = await countsOf(coach, ids);
        expect(otherwise(counts, now)).toEqual(TODAY);
        // What was said beforehand is what came: attempts of each book.
        for (const [athlete, { entries }] of now)
          for (const { fault, attempts } of entries) {
            const [was, is] = book.get(`${athlete} ${fault}`) ?? [0, 0];
            const then = counts.find(([id]) => id === athlete)?.[1].entries.find((one) => one.fault === fault)?.attempts ?? 0;
            expect(attempts - then).toBe(is - was);
          }
        for (const { id, changes } of seen) {
          const { before } = await body<RunWhole>(coach, `/runs/${id}`);
          expect(new Set(before.map(({ rules }) => rules))).toEqual(before.length > 0 ? new Set([1]) : new Set());
          const kept = before.map(({ rules: _, until: __, ...tally }) => tally);
          for (const one of changes) if (one.before) expect(kept).toContain(one.before);
        }
      });

      it('goes out as the club file that it was', async () => {
        // Of one dose of theirs ‘2 sets’ was not understood, and marked: until somebody takes it, it is not done.
        const text = fixtureText(version, file).replaceAll('rest 15 s, 2 sets, set rest', 'rest 15 s, set rest');
        const was = early ? ClubFile.parse(JSON.parse(text)) : clubOf(text);
        const { format, club } = was;
        const is = ClubFile.parse({ format, version: 3, club, ...(await coach.file()).held });
        // Lines that read otherwise today are looked at by their own specs.
        const same = asTyped(early ? is : without(is));
        expect(same).toEqual(early ? was : without(was));
      });
    });

    it('comes in again as a club file, to the last event', async () => {
      const held = early ? clubFileOf(version) : clubOf(fixtureText(version, file));
      house = await openHouse();
      const coach = await Coach.of(house, 'Another house');
      const done = (await coach.takeIn(fixtureText(version, file))).counts;
      for (const kind of ['athletes', 'patterns', 'sessions', 'runs'] as const)
        expect(done[kind]).withContext(kind).toEqual({ added: held[kind].length, known: 0 });
      const mine = ids.filter((id) => held.athletes.some((one) => one.id === id));
      const inFile = counts.filter(([id]) => mine.includes(id));
      expect(otherwise(inFile, await countsOf(coach, mine))).toEqual(today);
      for (const { run, events } of held.runs)
        expect((await body<RunWhole>(coach, `/runs/${run.id}`)).events.map(saidBy))
          .withContext(run.name)
          .toEqual(events.map(saidBy));
    });
  });
}
