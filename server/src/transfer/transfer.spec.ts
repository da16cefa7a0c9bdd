import { createHash, randomUUID } from 'node:crypto';
import { once } from 'node:events';
import { get, type IncomingMessage } from 'node:http';
import type { AddressInfo } from 'node:net';
import { mkdtemp, readdir, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { gzipSync } from 'node:zlib';
import type { Imported } from '@hopsk/contract/club-lines';
import { NO_WORK } from '@hopsk/contract/film-work';
import { sampleSession } from '@hopsk/contract/testing/samples';
import request from 'supertest';
import { athlete, Coach, type House, openHouse, pattern, ran } from '../testing/house.js';
import { HttpProblem } from '../http/problem.js';
import { EXPORTS } from './exports.js';
import { Imports } from './imports.js';
import { foundIn, type Found } from './read-lines.js';

const nothing = { added: 0, known: 0 };
const added = (n: number) => ({ added: n, known: 0 });
const known = (n: number) => ({ added: 0, known: n });

describe('the club as a file', () => {
  let house: House;
  beforeEach(async () => (house = await openHouse()));
  afterEach(() => house.close());

  /** A club with two people, patterns, a session and a run, of which the half was put away, and its file. */
  async function filled() {
    const coach = await Coach.of(house, 'First club');
    const [here, away] = [athlete({ name: 'Here' }), athlete({ name: 'Away' })];
    const [used, unused] = [pattern({ name: 'Used' }), pattern({ name: 'Unused' })];
    for (const one of [here, away]) await coach.put(`/athletes/${one.id}`, one).expect(201);
    for (const one of [used, unused]) await coach.put(`/patterns/${one.id}`, one).expect(201);
    await coach
      .put('/teaching', { version: 0, choices: { crossing: 'behind' }, stances: [], moves: [{ name: 'corner', steps: 'split' }] })
      .expect(200);
    const plan = { ...sampleSession, id: randomUUID(), version: 0 };
    await coach.put(`/sessions/${plan.id}`, plan).expect(201);
    const log = ran(here.id, [3.5, 8], { patternId: used.id, sessionId: plan.id });
    await coach.keep(log);
    for (const path of [`/athletes/${here.id}`, `/athletes/${away.id}`, `/patterns/${used.id}`])
      await coach.post(`${path}/archive`).expect(200);
    return { coach, log, ...(await coach.file()) };
  }
  const all: Imported = { athletes: added(1), patterns: added(2), sessions: added(1), runs: added(1), events: added(6) };

  it('holds everything that is needed, a record a line, and ends with counts and a hash', async () => {
    const { text, held, log } = await filled();
    expect(held.athletes.map((one) => (one as { name: string }).name)).toEqual(['Here']);
    expect(held.patterns.map((one) => (one as { name: string }).name).sort()).toEqual(['Unused', 'Used']);
    expect(held.sessions.map((one) => (one as { id: string }).id)).toEqual([held.runs[0]?.run.sessionId ?? '']);
    expect(held.runs).toEqual([{ run: log.run, events: [...log.events] }]);
    expect(held.teaching).toEqual({
      choices: { crossing: 'behind' },
      stances: [],
      moves: [{ name: 'corner', steps: 'split' }],
      playbooks: [],
      views: {},
      numbers: null,
      faults: [],
    });
    expect(text).not.toMatch(/password|email|@/);
    const lines = text.trimEnd().split('\n');
    const before = text.slice(0, text.lastIndexOf('{"end"'));
    expect(JSON.parse(lines.at(-1) ?? '')).toEqual({
      end: {
        counts: { athletes: 1, patterns: 2, sessions: 1, runs: 1, events: 6 },
        sha256: createHash('sha256').update(before).digest('hex'),
      },
    });
  });

  it('read twice adds once; into another club it counts the same, and goes out as it came', async () => {
    const { text, held } = await filled();
    const other = await Coach.of(house, 'Second club');
    const first = await other.takeIn(text);
    expect([first.state, first.club, first.whole, first.counts, first.refused.count]).toEqual(['added', 'First club', 'whole', all, 0]);
    const again = await other.takeIn(text);
    expect(again.counts).toEqual({ athletes: known(1), patterns: known(2), sessions: known(1), runs: known(1), events: known(6) });
    expect((await other.file()).held).toEqual(held);
    // A club that teaches something already keeps it.
    const own = { version: 0, choices: {}, stances: [], moves: [], playbooks: [], views: {}, numbers: null, faults: [] };
    const third = await Coach.of(house, 'Third club');
    await third.put('/teaching', own).expect(200);
    await third.takeIn(text);
    expect((await third.get('/teaching').expect(200)).body).toEqual({ ...own, version: 1 });
    const { id } = held.athletes[0] as { id: string };
    const book = (await other.get(`/athletes/${id}/book`).expect(200)).body;
    expect([book.entries[0].fault, book.entries[0].faulty]).toEqual(['split-late', 2]);
  });

  it('takes along what was marked in clips; what a club has of a clip stays, and of somebody who is not there none comes', async () => {
    const { coach } = await filled();
    const all = (await coach.get('/athletes').expect(200)).body as { id: string; name: string }[];
    const here = all.find(({ name }) => name === 'Here');
    const film = (name: string, athlete: string | null): object => ({ version: 0, name, work: { ...NO_WORK, athlete, slow: 4 } });
    const [a, b] = ['a'.repeat(64), 'b'.repeat(64)];
    await coach.put(`/films/${a}`, film('ours', null)).expect(200);
    await coach.put(`/films/${b}`, film('theirs', here?.id ?? '')).expect(200);
    const { text } = await coach.file();
    const other = await Coach.of(house, 'Second club');
    await other.put(`/films/${a}`, film('own', null)).expect(200);
    expect((await other.takeIn(text)).refused.count).toBe(0);
    const kept = await Promise.all([a, b].map(async (clip) => (await other.get(`/films/${clip}`).expect(200)).body.film));
    expect(kept.map(({ name, version, work }) => [name, version, work.athlete, work.slow])).toEqual([
      ['own', 1, null, 4],
      ['theirs', 1, here?.id, 4],
    ]);
    const stranger = await Coach.of(house, 'Third club');
    const without = text
      .split('\n')
      .filter((line) => !line.startsWith('{"athlete"') && !line.startsWith('{"run"') && !line.startsWith('{"log"'));
    const { refused } = await stranger.takeIn(without.join('\n'));
    expect(refused.told.flatMap(({ fields }) => fields.map(({ path, code }) => [path, code]))).toContain(['film.athlete', 'not-there']);
    expect(((await stranger.get('/films').expect(200)).body as { name: string }[]).map(({ name }) => name)).toEqual(['ours']);
  });

  it('is read packed, and as the one document that earlier versions wrote', async () => {
    const { text, held } = await filled();
    const packed = await (await Coach.of(house, 'Second club')).takeIn(gzipSync(text));
    expect([packed.whole, packed.counts]).toEqual(['whole', all]);
    const document = { format: 'hopsk-club', version: 3, club: { name: 'First club' }, ...held };
    for (const body of [JSON.stringify(document), JSON.stringify(document, null, 2)]) {
      const read = await (await Coach.of(house, 'Another')).takeIn(body);
      expect([read.whole, read.club, read.counts]).toEqual(['earlier', 'First club', all]);
    }
  });

  it('is looked through first: what would be added, and of what is refused the line and why; the rest is added when the coach says so', async () => {
    const { text } = await filled();
    const stranger = ran(randomUUID(), [3.5]);
    const lines = text.trimEnd().split('\n');
    const wrong = [
      '{"athlete":{"name":3}}',
      'no line of ours',
      '{"juggler":{}}',
      JSON.stringify({ run: stranger.run }),
      JSON.stringify({ log: { run: stranger.run.id, events: stranger.events } }),
      JSON.stringify({ log: { run: randomUUID(), events: stranger.events } }),
    ];
    const body = [...lines.slice(0, -1), ...wrong, ...lines.slice(-1)].join('\n');
    const other = await Coach.of(house, 'Second club');
    const { id } = (await other.upload(body).expect(201)).body as { id: string };
    const read = await other.settled(id);
    expect([read.state, read.whole, read.counts, read.refused.count]).toEqual(['read', 'changed', all, 5]);
    expect(read.refused.told.map(({ line, fields }) => [line - lines.length, fields[0]?.path, fields[0]?.code])).toEqual([
      [0, 'athlete.name', 'kind'],
      [1, '', 'not-json'],
      [2, 'juggler', 'kind'],
      [3, 'run.athletes', 'unknown-athlete'],
      [5, 'log.run', 'not-there'],
    ]);
    expect((await other.get('/patterns').expect(200)).body).toEqual([]);
    await other.post(`/imports/${id}/add`).expect(200);
    expect((await other.settled(id)).counts).toEqual(all);
    expect((await other.get('/patterns').expect(200)).body.length).toBe(2);
    await other.post(`/imports/${id}/add`).expect(409);
  });

  it('cut anywhere, plain or packed, it says so and crashes nothing; what is there can be added', async () => {
    const { text } = await filled();
    const other = await Coach.of(house, 'Second club');
    const packed = gzipSync(text);
    for (const part of [0.2, 0.5, 0.9, 0.99]) {
      for (const bytes of [Buffer.from(text), packed]) {
        const now = await other.takeIn(bytes.subarray(0, Math.floor(bytes.length * part)));
        expect(now.whole).withContext(`${part}`).toBe('cut');
        expect(['added', 'failed']).withContext(`${part}`).toContain(now.state);
      }
    }
    const whole = await other.takeIn(text);
    expect([whole.whole, whole.counts.events.known > 0]).toEqual(['whole', true]);
    expect((await other.takeIn(text.replace('Unused', 'Unusual'))).whole).toBe('changed');
    expect((await other.takeIn(`${text}{"pattern":{}}\n`)).whole).toBe('changed');
  });

  it('what is no club file, of tomorrow, or too large when unpacked is refused whole, and says why', async () => {
    const coach = await Coach.of(house, 'First club');
    const why = async (body: string | Buffer): Promise<unknown[]> => {
      const { state, problem } = await coach.takeIn(body);
      return [state, problem?.error, problem?.fields[0]?.path, problem?.fields[0]?.code];
    };
    expect(await why('')).toEqual(['failed', 'bad-input', '', 'not-json']);
    expect(await why('\u0000\u0001')).toEqual(['failed', 'bad-input', '', 'not-json']);
    expect(await why('{"format":"other"}')).toEqual(['failed', 'bad-input', 'format', 'not-ours']);
    expect(await why('{"format":"hopsk-club","version":9,"club":{"name":"x"}}\n{}\n')).toEqual([
      'failed',
      'bad-input',
      'version',
      'other-version',
    ]);
    expect(await why(gzipSync(Buffer.alloc(41 * 2 ** 20, 32)))).toEqual(['failed', 'too-large', undefined, undefined]);
    expect(await why(gzipSync('x').subarray(0, 12).fill(7, 10))).toEqual(['failed', 'bad-input', '', 'not-json']);
  });

  it('who sends is asked before anything is taken, and nobody else sees it', async () => {
    const statusOf = async (asked: request.Test): Promise<number> => (await asked).status;
    expect(await statusOf(request(house.app).post('/api/imports').send('x'))).toBe(401);
    const [ours, theirs] = [await Coach.of(house, 'Ours'), await Coach.of(house, 'Theirs')];
    const { id } = (await ours.upload('{}').expect(201)).body as { id: string };
    const guesses = [theirs.get(`/imports/${id}`), theirs.post(`/imports/${id}/add`), theirs.delete(`/imports/${id}`)];
    for (const guess of guesses) expect(await statusOf(guess)).toBe(404);
    expect(await statusOf(ours.delete(`/imports/${id}`))).toBe(204);
    expect(await statusOf(ours.get(`/imports/${id}`))).toBe(404);
  });

  it('what is announced as too large, or finds no room on the disk, is not taken, and nothing of it stays', async () => {
    const folder = await mkdtemp(join(tmpdir(), 'hopsk-room-'));
    try {
      const take = (room: number, announced: number | null): Promise<unknown> =>
        new Imports(house, folder, () => Promise.resolve(room))
          .take({ clubId: randomUUID(), role: 'coach' }, Readable.from(['{}']), announced)
          .then(
            ({ state }) => state,
            (error: unknown) => (error instanceof HttpProblem ? [error.status, error.says.code] : error),
          );
      expect(await take(1e12, 2 ** 31 + 1)).toEqual([413, 'too-large']);
      expect(await take(600e6, 200e6)).toEqual([507, 'no-room']);
      expect(await take(500e6, null)).toEqual([507, 'no-room']);
      expect(await readdir(folder)).toEqual([]);
      const imports = new Imports(house, folder, () => Promise.resolve(800e6));
      const club = randomUUID();
      const { id, state } = await imports.take({ clubId: club, role: 'coach' }, Readable.from(['{}']), 200e6);
      expect(state).toBe('reading');
      await imports.cancel(club, id);
      expect(await readdir(folder)).toEqual([]);
    } finally {
      await rm(folder, { recursive: true });
    }
  });

  it('one at a time a club; what is cancelled while it is added is not added', async () => {
    const { text } = await filled();
    const other = await Coach.of(house, 'Second club');
    const { id } = (await other.upload(text).expect(201)).body as { id: string };
    await other.settled(id);
    // Somebody holds the table: adding waits at its first athlete.
    const holder = await house.pool.connect();
    await holder.query('begin');
    await holder.query('lock table athlete in exclusive mode');
    await other.post(`/imports/${id}/add`).expect(200);
    await other.upload(text).expect(409);
    const gone = other.delete(`/imports/${id}`).expect(204);
    const cancelled = gone.then(() => true);
    while ((await other.get(`/imports/${id}`)).status !== 404);
    await holder.query('rollback');
    holder.release();
    expect(await cancelled).toBeTrue();
    expect((await other.get('/athletes').expect(200)).body).toEqual([]);
    expect((await other.takeIn(text)).counts).toEqual(all);
  });

  it('of twelve clubs at one time, they leave connections to everybody else', async () => {
    const { coach, text } = await filled();
    const clubs = await Promise.all(Array.from({ length: 12 }, (_, i) => Coach.of(house, `Club ${i}`)));
    const others = async (): Promise<number[]> => {
      const statuses: number[] = [];
      for (let i = 0; i < 30; i++) statuses.push((await coach.get('/athletes')).status);
      return statuses;
    };
    const [asked, ...taken] = await Promise.all([others(), ...clubs.map((club) => club.takeIn(text))]);
    expect(new Set(asked)).toEqual(new Set([200]));
    expect(taken.map(({ state }) => state)).toEqual(clubs.map(() => 'added'));
  });

  it('goes out once a club at a time, and of few clubs at once: whoever reads slowly takes nobody’s connections', async () => {
    const owners = await Promise.all(Array.from({ length: EXPORTS + 2 }, (_, i) => Coach.of(house, `Club ${i}`)));
    const server = house.app.listen(0, '127.0.0.1');
    const open: IncomingMessage[] = [];
    try {
      await once(server, 'listening');
      // A line of it is far larger than what lies on the way unread.
      const large = athlete();
      for (const owner of owners) {
        await owner.put(`/athletes/${large.id}`, large).expect(201);
        await house.pool.query(`update athlete set name = repeat('x', 8000000) where club_id = $1`, [owner.clubId]);
      }
      const read = async (coach: Coach): Promise<number> => {
        const { status, body } = await coach.post('/export', { passphrase: null });
        return status === 201 ? fetched(coach, `/export/${(body as { id: string }).id}`) : status;
      };
      const fetched = async ({ cookie }: Coach, address: string): Promise<number> => {
        const asked = get({ port: (server.address() as AddressInfo).port, path: `/api${address}`, headers: { cookie } });
        const [response] = (await once(asked, 'response')) as [IncomingMessage];
        open.push(response);
        return response.statusCode ?? 0;
      };
      const statuses: number[] = [];
      // Whoever was told before the others began is not let in any more either.
      const told = await (owners[EXPORTS] as Coach).ready(null);
      for (const owner of owners.slice(0, EXPORTS)) statuses.push(await read(owner));
      expect(await fetched(owners[EXPORTS] as Coach, told)).toBe(409);
      expect(statuses).toEqual(owners.slice(0, EXPORTS).map(() => 200));
      for (const owner of [owners[0], owners[EXPORTS]]) expect(await read(owner as Coach)).toBe(409);
      const last = owners[EXPORTS + 1] as Coach;
      await last.get('/athletes/latest').expect(200);
      open[0]?.destroy();
      // As soon as one is gone another may.
      while ((await read(last)) !== 200) await new Promise(setImmediate);
      expect(house.pool.totalCount - house.pool.idleCount).toBeLessThanOrEqual(EXPORTS);
    } finally {
      for (const one of open) one.destroy();
      server.closeAllConnections();
      server.close();
    }
  });

  it('where the log of a run says otherwise than the file, nothing is added', async () => {
    const { text, log } = await filled();
    const other = await Coach.of(house, 'Second club');
    await other.takeIn(text);
    const [first] = log.events;
    const changed = text
      .replaceAll(first?.id ?? '', randomUUID())
      .replace('Unused', 'Fresh')
      .replaceAll(/"pattern":\{"id":"[^"]+/g, () => `"pattern":{"id":"${randomUUID()}`);
    const now = await other.takeIn(changed);
    expect([now.state, now.problem?.error, now.counts.patterns]).toEqual(['failed', 'stale', nothing]);
    expect((await other.get('/patterns').expect(200)).body.length).toBe(2);
  });
});

describe('a large club file', () => {
  it('is gone through as it is read: no more of it is held than a line and what the disk gives at once', async () => {
    const folder = await mkdtemp(join(tmpdir(), 'hopsk-large-'));
    const path = join(folder, 'club.hopsk.jsonl');
    try {
      const events = ran(randomUUID(), []).events;
      const line = `${JSON.stringify({
        log: {
          run: randomUUID(),
          events: Array.from({ length: 60 }, () => events)
            .flat()
            .slice(0, 240),
        },
      })}\n`;
      const head = '{"format":"hopsk-club","version":4,"club":{"name":"Large"}}\n';
      const n = Math.ceil((20 * 2 ** 20) / line.length);
      await writeFile(path, head + line.repeat(n));
      const size = head.length + n * line.length;
      let [read, yielded, ahead] = [0, head.length, 0];
      const found: Found['kind'][] = [];
      for await (const one of foundIn(path, (part) => (read = part * size))) {
        if (one.kind === 'record') {
          yielded += line.length;
          ahead = Math.max(ahead, read - yielded);
        }
        found.push(one.kind);
      }
      expect([found.length, found.filter((kind) => kind === 'record').length]).toEqual([n + 2, n]);
      expect(Math.round(read)).toBe(size);
      expect(ahead).toBeLessThan(1_000_000);
    } finally {
      await rm(folder, { recursive: true });
    }
  });
});
