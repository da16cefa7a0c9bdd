import { randomUUID } from 'node:crypto';
import { NO_WORK } from '@hopsk/contract/film-work';
import type { RunEvent } from '@hopsk/contract/run';
import { GivenOut, LEAST_BEHIND, LOOKS, type Erasure, type Look } from '@hopsk/contract/people-data';
import { sampleSession } from '@hopsk/contract/testing/samples';
import { run as query } from '../db/sql.js';
import { athlete, Coach, openHouse, pattern, ran, type House, type Ran } from '../testing/house.js';
import { keepAsLong } from './keeping.js';
import { noteLook } from './looks.js';

/** Somebody is watched for the first round and somebody else for the second; each was tapped, one tap was given to another. */
function evening(people: readonly string[], first: string, second: string, marks: { readonly note: string }): Ran {
  const { run, events } = ran(first, [], { athletes: [...people] });
  const go = events.find(({ kind }) => kind === 'go') as RunEvent;
  const { device } = go;
  let seq = Math.max(...events.map((event) => event.seq));
  let order = Math.max(...events.map((event) => event.order));
  const last = events.at(-1) as RunEvent;
  const stamp = (seconds: number) => ({
    device,
    seq: seq++,
    id: randomUUID(),
    order: order++,
    m: (seconds + 5) * 1000,
    at: go.at + seconds * 1000,
  });
  const tap = (seconds: number, who: string): RunEvent => ({
    ...stamp(seconds),
    ...{ kind: 'fault', fault: 'split-late', side: null, athlete: who, source: 'floor', clip: null, shown: null },
  });
  // Before the end, which says the highest number and order.
  const taps = [tap(2.5, first), tap(4.5, first), tap(6.5, second)];
  const moved: RunEvent = { ...stamp(7), kind: 'assign', target: taps[2]?.id ?? '', athlete: first };
  const noted: RunEvent = { ...stamp(8), kind: 'note', text: marks.note, athlete: first };
  const turned: RunEvent = { ...stamp(15), kind: 'watch', athlete: second };
  const more = [...taps, moved, noted, turned, tap(17.5, second), tap(19.5, second)];
  return { run, events: [...events.slice(0, -1), ...more, { ...last, seq: seq++, order: order++ }] };
}

describe('somebody who is erased', () => {
  let house: House;
  let owner: Coach;
  beforeAll(async () => {
    house = await openHouse();
    owner = await Coach.of(house, 'Club');
  });
  afterAll(() => house.close());

  const added = async (by: Coach, more: Parameters<typeof athlete>[0] = {}): Promise<string> => {
    const one = athlete(more);
    await by.put(`/athletes/${one.id}`, one).expect(201);
    return one.id;
  };
  /** Rows of any table that hold a text. */
  const holding = async (text: string): Promise<string[]> => {
    const { rows } = await house.pool.query<{ name: string }>(
      `select table_name as name from information_schema.tables where table_schema = 'public' and table_name <> 'sign_in_session'`,
    );
    const found = await Promise.all(
      rows.map(async ({ name }) => {
        const { rowCount } = await house.pool.query(`select from "${name}" t where t::text like '%' || $1 || '%'`, [text]);
        return (rowCount ?? 0) > 0 ? [name] : [];
      }),
    );
    return found.flat().sort();
  };
  const book = async (id: string): Promise<unknown> => {
    const { entries } = (await owner.get(`/athletes/${id}/book`).expect(200)).body as { entries: { fault: string }[] };
    return entries;
  };

  it('is nowhere any more, by name, id or note; what was seen of others stays to the last tap, whatever the size of a run', async () => {
    const others = await Promise.all(Array.from({ length: 6 }, (_, i) => added(owner, { name: `Other ${i}` })));
    const second = others[0] as string;
    const gone = await added(owner, { name: 'Zephyrine Q', cautions: [], focus: ['split-late'] });
    const runs = [1, 2, LEAST_BEHIND - 1, LEAST_BEHIND, 7].map((size) => {
      const people = [gone, ...others].slice(0, size);
      return { size, ...evening(people, gone, size === 1 ? gone : second, { note: 'knee of zephyr' }) };
    });
    for (const one of runs) await owner.keep(one);
    // A session that names them, one of an evening that others wrote on, and a reader of theirs.
    const before = await book(second);
    expect(JSON.stringify(before)).toContain('split-late');
    const preview = (await owner.get(`/athletes/${gone}/erasure`).expect(200)).body as Erasure;
    expect(preview).toEqual({ alone: 1, few: 2, many: 2, underWay: null, mentions: [] });

    expect((await owner.post(`/athletes/${gone}/erase`, { name: 'Somebody' }).expect(422)).body.fields[0].path).toBe('name');
    await owner.post(`/athletes/${gone}/erase`, { name: 'Zephyrine Q' }).expect(204);

    expect(await holding('Zephyrine')).toEqual([]);
    expect(await holding('zephyr')).toEqual([]);
    expect(await holding(gone)).toEqual(['erased', 'look']);
    expect(await book(second)).toEqual(before);
    await owner.get(`/athletes/${gone}/book`).expect(404);

    const names: string[] = [];
    for (const { size, run } of runs) {
      if (size === 1) {
        await owner.get(`/runs/${run.id}`).expect(404);
        continue;
      }
      const { body } = await owner.get(`/runs/${run.id}`).expect(200);
      const [somebody] = body.run.athletes as string[];
      names.push(somebody ?? '');
      expect(body.run.athletes.slice(1)).toEqual(run.athletes.slice(1));
      const said = (body.events as RunEvent[]).filter((event) => 'athlete' in event && event.athlete === somebody);
      const { rows } = await house.pool.query('select * from tally where run_id = $1 and athlete_id = $2', [run.id, somebody]);
      const many = size >= LEAST_BEHIND;
      expect(said.some(({ kind }) => kind === 'fault'))
        .withContext(`${size} people`)
        .toBe(many);
      expect(rows.length > 0)
        .withContext(`${size} people`)
        .toBe(many);
    }
    expect(new Set(names).size).toBe(4);
    // Nobody can be looked up, watched or changed by the id that a run has for them.
    await owner.get(`/athletes/${names[0]}/book`).expect(404);
    expect(((await owner.get('/athletes').expect(200)).body as { id: string }[]).map(({ id }) => id)).not.toContain(names[0] ?? '');
    // Counting all of it anew gives the same.
    await house.pool.query('update run set rules = 1');
    await owner.post('/recount', { runs: runs.filter(({ size }) => size > 1).map(({ run }) => run.id) }).expect(200);
    expect(await book(second)).toEqual(before);
  });

  it('is said where else the name stands, in whatever letters, in what was there before too; another club’s does not count', async () => {
    const gone = await added(owner, { name: 'Quill "Q" R' });
    const other = await Coach.of(house, 'Other club of a name');
    for (const who of [owner, other]) {
      const one = pattern({ name: who === owner ? 'Chase' : 'For quill "q" r' });
      await who.put(`/patterns/${one.id}`, { ...one, tags: ['for QUILL "Q" R'] }).expect(201);
      await who.put(`/patterns/${one.id}`, { ...one, version: 1 }).expect(200);
      const body = { ...sampleSession, id: randomUUID(), version: 0, name: 'Thursday' };
      await who.put(`/sessions/${body.id}`, { ...body, name: 'quill "q" r alone' }).expect(201);
      await who.put(`/sessions/${body.id}`, { ...body, version: 1 }).expect(200);
    }
    const stays = await added(owner, { name: 'Stays too' });
    await owner.keep(evening([stays, gone], stays, stays, { note: 'as quill "q" r does it' }));
    const { mentions } = (await owner.get(`/athletes/${gone}/erasure`).expect(200)).body as Erasure;
    expect(mentions.map(({ kind, text }) => [kind, text]).sort()).toEqual([
      ['note', 'as quill "q" r does it'],
      ['pattern', 'Chase'],
      ['session', 'Thursday'],
    ]);
  });

  it('does not come back from a device: what it still sends is taken, of nobody', async () => {
    const [other, gone] = [await added(owner, { name: 'Stays' }), await added(owner, { name: 'Goes' })];
    const one = evening([gone, other], gone, other, { note: 'mine' });
    await owner.put(`/runs/${one.run.id}`, one.run).expect(201);
    const half = one.events.slice(0, 6);
    await owner.post(`/runs/${one.run.id}/events`, { events: half }).expect(200);
    await house.pool.query("update run set heard_at = now() - interval '7 hours'");
    await owner.post(`/athletes/${gone}/erase`, { name: 'Goes' }).expect(204);

    // The head again, what was sent before again, and the rest.
    await owner.put(`/runs/${one.run.id}`, one.run).expect(200);
    const { body } = await owner.post(`/runs/${one.run.id}/events`, { events: one.events }).expect(200);
    const device = one.events[0]?.device ?? '';
    expect(body.stored[device]).toBe(one.events.length);
    await owner.post(`/runs/${one.run.id}/events`, { events: one.events }).expect(200);
    expect(await holding(gone)).toEqual(['erased', 'look']);
    expect(await holding('mine')).toEqual([]);
    expect(JSON.stringify(await book(other))).toContain('"faulty":2');

    // A run that began before and comes now, alone and with others; the athlete that was typed on a phone.
    for (const people of [[gone], [gone, other]]) {
      const late = ran(gone, [1, 3], { athletes: people });
      await owner.keep(late);
      await owner.keep(late);
    }
    expect(await holding(gone)).toEqual(['erased', 'look']);
    await owner.put(`/athletes/${gone}`, { ...athlete({ name: 'Goes' }), id: gone }).expect(404);
  });

  it('is not erased while a run with them is under way', async () => {
    const gone = await added(owner, { name: 'Runs' });
    const { run, events } = ran(gone, [1]);
    await owner.put(`/runs/${run.id}`, run).expect(201);
    await owner.post(`/runs/${run.id}/events`, { events: events.slice(0, -1) }).expect(200);
    expect((await owner.get(`/athletes/${gone}/erasure`).expect(200)).body.underWay).toBe('Evening');
    expect((await owner.post(`/athletes/${gone}/erase`, { name: 'Runs' }).expect(409)).body.error).toBe('under-way');
    await owner.post(`/runs/${run.id}/events`, { events: events.slice(-1) }).expect(200);
    await owner.post(`/athletes/${gone}/erase`, { name: 'Runs' }).expect(204);
  });

  it('does not come back from a file, and a club that reads a later one erases them too, where an owner does it', async () => {
    const [club, there] = [await Coach.of(house, 'One'), await Coach.of(house, 'Two')];
    const others = await Promise.all(Array.from({ length: 5 }, () => added(club, { name: 'Other' })));
    const gone = await added(club, { name: 'Vanished' });
    await club.keep(evening([gone, ...others], gone, others[0] ?? '', { note: 'n' }));
    await club.keep(evening([gone], gone, gone, { note: 'n' }));
    const older = (await club.file()).text;
    await club.post(`/athletes/${gone}/erase`, { name: 'Vanished' }).expect(204);

    const again = await club.takeIn(older);
    expect(again.state).toBe('added');
    expect(again.refused.told.flatMap(({ fields }) => fields.map(({ code }) => code))).toContain('erased');
    expect(await holding('Vanished')).toEqual([]);

    const later = (await club.file()).text;
    expect(later).not.toContain('Vanished');
    await there.takeIn(older);
    expect((await there.get('/athletes').expect(200)).body.length).toBe(6);
    const mate = await there.mate(house, 'coach');
    const byCoach = await mate.takeIn(later);
    expect(byCoach.refused.told.flatMap(({ fields }) => fields.map(({ code }) => code))).toContain('owners');
    expect((await there.get('/athletes').expect(200)).body.length).toBe(6);
    const byOwner = await there.takeIn(later);
    expect(byOwner).toEqual(jasmine.objectContaining({ state: 'added', erases: 1 }));
    expect((await there.get('/athletes').expect(200)).body.length).toBe(5);
    expect(await holding('Vanished')).toEqual([]);
    // A club that has nothing yet reads what is left.
    const empty = await Coach.of(house, 'Three');
    expect(await empty.takeIn(later)).toEqual(
      jasmine.objectContaining({ state: 'added', whole: 'whole', refused: { count: 0, told: [] } }),
    );
  });

  it('is erased again where a backup brings them back, and what a club keeps no longer goes', async () => {
    const club = await Coach.of(house, 'Keeps');
    const [old, put, stays] = [
      await added(club, { name: 'Backed up' }),
      await added(club, { name: 'Put away' }),
      await added(club, { name: 'Is here' }),
    ];
    await house.pool.query('insert into erased_carried (club_id, id, at) values ($1, $2, now())', [club.clubId, old]);
    const [early, late] = [ran(stays, [1], { day: '2019-03-01' }), ran(stays, [1], { day: new Date().toISOString().slice(0, 10) })];
    for (const one of [early, late]) await club.keep(one);
    await club.post(`/athletes/${put}/archive`).expect(200);
    await house.pool.query("update athlete set archived_at = now() - interval '13 months' where id = $1", [put]);
    await club.get(`/athletes/${stays}/book`).expect(200);
    await house.pool.query("update look set last_at = now() - interval '25 months' where what = 'looked' and club_id = $1", [club.clubId]);
    const filmed = async (): Promise<string[]> =>
      ((await club.get('/films').expect(200)).body as { name: string }[]).map(({ name }) => name);
    for (const [clip, day] of [
      ['a', '2019-03-01'],
      ['b', late.run.day],
      ['c', null],
    ] as const)
      await club.put(`/films/${clip.repeat(64)}`, { version: 0, name: clip, work: { ...NO_WORK, day } }).expect(200);
    const names = async (): Promise<string[]> =>
      ((await club.get('/athletes').expect(200)).body as { name: string }[]).map(({ name }) => name);

    await keepAsLong(house.pool);
    expect(await names()).toEqual(['Is here', 'Put away']);
    expect(await filmed()).toEqual(['c', 'b', 'a']);
    await club.get(`/runs/${early.run.id}`).expect(200);
    await club.put('/people-rules', { version: 0, runs: 24, left: 12, looks: 24, agreement: 'none' }).expect(200);
    expect((await club.put('/people-rules', { version: 0, runs: 1, left: 1, looks: 1, agreement: 'none' }).expect(409)).body.error).toBe(
      'stale',
    );
    await keepAsLong(house.pool);
    expect(await names()).toEqual(['Is here']);
    expect(await filmed()).toEqual(['c', 'b']);
    await club.get(`/runs/${early.run.id}`).expect(404);
    await club.get(`/runs/${late.run.id}`).expect(200);
    const looks = (await club.get('/looks').expect(200)).body as Look[];
    expect(looks.filter(({ what }) => what === 'looked')).toEqual([]);
    expect(looks.find(({ what }) => what === 'erased')).toEqual(jasmine.objectContaining({ who: null, athleteId: put, athlete: null }));
  });
});

describe('what is kept of people', () => {
  let house: House;
  let owner: Coach;
  beforeAll(async () => {
    house = await openHouse();
    owner = await Coach.of(house, 'Club');
  });
  afterAll(() => house.close());

  it('is given out whole, and of nobody else', async () => {
    const [mine, other] = [athlete({ name: 'Mine' }), athlete({ name: 'Other one' })];
    for (const one of [mine, other]) await owner.put(`/athletes/${one.id}`, one).expect(201);
    const one = evening([mine.id, other.id], mine.id, other.id, { note: 'of mine' });
    await owner.keep(one);
    const reader = await owner.mate(house, 'reader');
    const { rows } = await house.pool.query<{ id: string }>("select id from coach where club_id = $1 and role = 'reader'", [owner.clubId]);
    await owner.put(`/coaches/${rows[0]?.id}`, { role: 'reader', gone: false, athletes: [mine.id] }).expect(200);
    await reader.get(`/athletes/${mine.id}/book`).expect(200);

    const answer = await owner.get(`/athletes/${mine.id}/data`).expect(200);
    expect(answer.headers['content-disposition']).toContain('athlete.hopsk.json');
    const out = GivenOut.parse(answer.body);
    expect(out.athlete.name).toBe('Mine');
    expect(out.readers).toEqual(['Some reader']);
    expect(out.looks.map(({ who, what }) => `${who} ${what}`)).toEqual(['Some reader looked', 'Coach of Club changed']);
    expect(out.runs.length).toBe(1);
    const kinds = (out.runs[0]?.events as RunEvent[]).map(({ kind }) => kind);
    // Watched, tapped twice, given one, noted of; the other's taps and all controls are not theirs.
    expect(kinds.sort()).toEqual(['assign', 'fault', 'fault', 'note', 'watch']);
    expect(out.runs[0]?.tallies.find(({ fault }) => fault === 'split-late')?.faulty).toBe(3);
    expect(answer.text).not.toContain(other.id);
    expect(answer.text).not.toContain('Other one');
    // The page asks for less.
    expect((await owner.get(`/athletes/${mine.id}/data?events=no`).expect(200)).body.runs[0].events).toBeUndefined();
    const looks = (await owner.get(`/looks?athlete=${mine.id}`).expect(200)).body as Look[];
    expect(looks.map(({ what }) => what)).toEqual(['looked', 'given-out', 'looked', 'changed']);
  });

  it('who looked at whom is kept by the hour, and reached page by page', async () => {
    const one = athlete({ name: 'Looked at' });
    await owner.put(`/athletes/${one.id}`, one).expect(201);
    for (let i = 0; i < 3; i++) await owner.get(`/athletes/${one.id}/book`).expect(200);
    const [last] = (await owner.get(`/looks?athlete=${one.id}`).expect(200)).body as Look[];
    expect(last).toEqual(jasmine.objectContaining({ what: 'looked', times: 3, athlete: 'Looked at', who: 'Coach of Club' }));
    const again = (await owner.get(`/looks?athlete=${one.id}&before=${last?.id}`).expect(200)).body as Look[];
    expect(again.map(({ what }) => what)).toEqual(['changed']);
    const run = ran(one.id, [1]);
    await owner.keep(run);
    await owner.get(`/runs/${run.run.id}`).expect(200);
    const [seen] = (await owner.get(`/looks?athlete=${one.id}`).expect(200)).body as Look[];
    expect(seen).toEqual(jasmine.objectContaining({ what: 'run', run: 'Evening', day: '2026-11-21' }));
    expect(await query(house.pool, 'look-list', randomUUID(), null, null, 50)).toEqual([]);
  });

  it('where the disk is full who reads goes on unnoted, and nothing is changed unnoted', async () => {
    const full = { query: () => Promise.reject(Object.assign(new Error('disk full'), { code: '53100' })) };
    for (const what of LOOKS) {
      const noted = noteLook(full, randomUUID(), null, what);
      if (['looked', 'run', 'given-out', 'club-out'].includes(what)) await expectAsync(noted).toBeResolved();
      else await expectAsync(noted).toBeRejectedWithError('disk full');
    }
    // Whatever else goes wrong is no reason to go on.
    const broken = { query: () => Promise.reject(new Error('broken')) };
    await expectAsync(noteLook(broken, randomUUID(), null, 'looked')).toBeRejectedWithError('broken');
  });

  it('of the young is kept with a guardian’s agreement: cautions always, anything where the club says so; what was there is not held against others', async () => {
    const caution = { part: 'ankle' as const, side: 'left' as const, forbids: ['landings' as const], landings: null, note: '' };
    const young = athlete({ name: 'Young', ageGroup: '10–12' });
    await owner.put(`/athletes/${young.id}`, young).expect(201);
    const refused = async (more: object): Promise<string> =>
      JSON.stringify((await owner.put(`/athletes/${young.id}`, { ...young, version: 1, ...more }).expect(422)).body.fields);
    expect(await refused({ cautions: [caution] })).toBe('[{"path":"agreed","code":"agreement","values":{"what":"cautions"}}]');
    await owner.put(`/athletes/${young.id}`, { ...young, version: 1, cautions: [caution], agreed: '2026-09-01' }).expect(200);
    for (const ageGroup of ['16–17', 'adult', 'veteran'] as const) {
      const older = athlete({ name: 'Older', ageGroup, cautions: [caution] });
      await owner.put(`/athletes/${older.id}`, older).expect(201);
    }
    await owner.put('/people-rules', { version: 0, runs: null, left: null, looks: 24, agreement: 'under-18' }).expect(200);
    const later = athlete({ name: 'Later', ageGroup: '16–17' });
    expect((await owner.put(`/athletes/${later.id}`, later).expect(422)).body.fields[0].values).toEqual({ what: 'anything' });
    await owner.put(`/athletes/${later.id}`, { ...later, agreed: '2026-11-01' }).expect(201);
    // Whoever was there before the rule keeps being changed; a caution that is new needs it.
    const before = athlete({ name: 'Before', ageGroup: '13–15' });
    await owner.put('/people-rules', { version: 1, runs: null, left: null, looks: 24, agreement: 'none' }).expect(200);
    await owner.put(`/athletes/${before.id}`, before).expect(201);
    await owner.put('/people-rules', { version: 2, runs: null, left: null, looks: 24, agreement: 'under-16' }).expect(200);
    await owner.put(`/athletes/${before.id}`, { ...before, version: 1, height: 1.5 }).expect(200);
    await owner.put(`/athletes/${before.id}`, { ...before, version: 2, cautions: [caution] }).expect(422);
  });
});
