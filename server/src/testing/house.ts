import { randomUUID } from 'node:crypto';
import { rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { PatternSave } from '@hopsk/contract/pattern-draft';
import type { AthleteSave } from '@hopsk/contract/people';
import { ExportReady, ImportNow } from '@hopsk/contract/club-lines';
import { Problem } from '@hopsk/contract/problem';
import type { RunEvent, RunHead } from '@hopsk/contract/run';
import type { EarlierUpload } from '@hopsk/contract/run-sent';
import { fromEarlier } from '@hopsk/core/log/earlier';
import { sampleAthlete, samplePattern } from '@hopsk/contract/testing/samples';
import type { Express } from 'express';
import pg from 'pg';
import request from 'supertest';
import type TestAgent from 'supertest/lib/agent.js';
import { createApp } from '../app.js';
import type { Role } from '@hopsk/contract/club';
import { addClub, addCoach } from '../club/club.js';
import type { Backing } from '../backing.js';
import { CountingThreads } from '../counting/threads.js';
import { migrate } from '../db/migrate.js';
import { makeReady } from '../ready.js';
import { openPool, type Pool } from '../db/pool.js';
import { makeLog } from '../http/log.js';
import { asDescribed } from './described.js';

const serverUrl = (): string => {
  const url = process.env['HOPSK_TEST_DATABASE'];
  if (url === undefined) throw new Error('HOPSK_TEST_DATABASE names no PostgreSQL; npm test starts one.');
  return url;
};

/** An application on a database of its own, thrown away afterwards. */
export interface House extends Backing {
  readonly app: Express;
  close(): Promise<void>;
}

export async function openHouse(web: string | null = null, sql: string | null = null): Promise<House> {
  const name = `spec_${randomUUID().replaceAll('-', '')}`;
  const admin = new pg.Client({ connectionString: serverUrl() });
  await admin.connect();
  await admin.query(sql === null ? `create database ${name} template ${await template()}` : `create database ${name}`);
  if (sql !== null) await fill(urlOf(name), sql);
  const pool = openPool(urlOf(name), () => undefined);
  if (sql !== null) await makeReady(pool);
  return {
    app: appOn(pool, web),
    pool,
    counts,
    close: async () => {
      await pool.end();
      await admin.query(`drop database ${name} with (force)`);
      await admin.end();
    },
  };
}

const urlOf = (database: string): string => {
  const url = new URL(serverUrl());
  url.pathname = `/${database}`;
  return url.href;
};

/** An empty database of this version, made once: each house begins with a copy of it. */
const template = (() => {
  let made: Promise<string> | null = null;
  return (): Promise<string> => (made ??= make());
  async function make(): Promise<string> {
    const admin = new pg.Client({ connectionString: serverUrl() });
    await admin.connect();
    await admin.query('create database spec_template');
    await admin.end();
    const pool = openPool(urlOf('spec_template'), () => undefined);
    await migrate(pool);
    await pool.end();
    return 'spec_template';
  }
})();

/** Puts an earlier version's database in place, by a connection of its own: what was dumped changes its settings. */
async function fill(url: string, sql: string): Promise<void> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  await client.query(sql);
  await client.end();
}

/** Runs are counted as on the real server, in threads; all applications of the specs share them. */
const counts = new CountingThreads((why) => console.error(`A run could not be counted: ${why}`));

/** Files that come in during the specs: each application empties the folder before its first one. */
export const uploads = join(tmpdir(), `hopsk-spec-uploads-${process.pid}`);
process.once('exit', () => rmSync(uploads, { recursive: true, force: true }));

type AppConfig = Parameters<typeof createApp>[0];

/** How an application of the specs is told to run. */
export const specConfig = (more: Partial<AppConfig> = {}): AppConfig => ({
  ...{ web: null, tls: null, names: [], authority: null, trustProxy: null },
  ...{ sessionSecret: 'only for the specs', uploads, room: 0 },
  ...more,
});

/** @param room bytes that must be left free on the disk. */
export const appOn = (pool: Pool, web: string | null = null, room = 0): Express =>
  createApp(specConfig({ web, room }), { pool, counts }, makeLog('silent'), () =>
    Promise.resolve({ lan: false, secure: false, addresses: [], authority: null }),
  );

const PASSWORD = 'long enough to pass';

/** A signed-in browser of one club's coach: it keeps cookies and sends the page's token. */
export class Coach {
  private token = '';
  /** What its browser sends with each request. */
  cookie = '';
  private constructor(
    readonly agent: TestAgent,
    readonly clubId: string,
    readonly email: string,
    readonly password: string,
  ) {}

  static async of(house: House, club: string, demo = false): Promise<Coach> {
    const email = `${randomUUID()}@club.test`;
    const actor = await addClub(house.pool, club, { name: `Coach of ${club}`, email, password: PASSWORD }, demo);
    return Coach.signIn(house, actor.clubId, { email, password: PASSWORD });
  }

  /** Somebody else of this one's club. */
  async mate(house: House, role: Role): Promise<Coach> {
    const who = { name: `Some ${role}`, email: `${randomUUID()}@club.test`, password: PASSWORD };
    await addCoach(house.pool, this.clubId, who, role);
    return Coach.signIn(house, this.clubId, who);
  }

  static async signIn(house: House, clubId: string, who: { readonly email: string; readonly password: string }): Promise<Coach> {
    const coach = new Coach(request.agent(house.app), clubId, who.email, who.password);
    const response = await coach.agent.post('/api/sign-in').send(who).expect(200);
    const cookies = response.get('Set-Cookie') ?? [];
    coach.token = tokenOf(cookies);
    coach.cookie = cookies.map((one) => one.split(';')[0]).join('; ');
    return coach;
  }

  get(path: string): request.Test {
    return this.agent.get(`/api${path}`).expect(asDescribed('GET', path));
  }

  put(path: string, body: object): request.Test {
    return this.agent.put(`/api${path}`).set('X-XSRF-TOKEN', this.token).send(body).expect(asDescribed('PUT', path));
  }

  post(path: string, body: object = {}): request.Test {
    return this.agent.post(`/api${path}`).set('X-XSRF-TOKEN', this.token).send(body).expect(asDescribed('POST', path));
  }

  /** Sends bytes as a file that comes in. */
  upload(body: string | Buffer): request.Test {
    return this.agent.post('/api/imports').set('X-XSRF-TOKEN', this.token).type('application/octet-stream').send(body);
  }

  delete(path: string): request.Test {
    return this.agent.delete(`/api${path}`).set('X-XSRF-TOKEN', this.token).expect(asDescribed('DELETE', path));
  }

  /** A file on its way in, once nothing is under way with it. */
  async settled(id: string): Promise<ImportNow> {
    for (;;) {
      const now = ImportNow.parse((await this.get(`/imports/${id}`).expect(200)).body);
      if (now.state !== 'reading' && now.state !== 'adding') return now;
    }
  }

  /** Reads a club file in and adds what it holds; gives how it stands then. */
  async takeIn(file: object | string | Buffer): Promise<ImportNow> {
    const body = typeof file === 'string' || Buffer.isBuffer(file) ? file : JSON.stringify(file);
    const { id } = (await this.upload(body).expect(201)).body as ImportNow;
    const read = await this.settled(id);
    if (read.state !== 'read') return read;
    await this.post(`/imports/${id}/add`).expect(200);
    return this.settled(id);
  }

  /** The club as a file, and as what it holds. */
  async file(): Promise<{ readonly text: string; readonly held: Held }> {
    const text = (await this.out(null)).toString('utf8');
    return { text, held: heldIn(text) };
  }

  /** Where the club's file can be fetched. */
  async ready(passphrase: string | null): Promise<string> {
    const { id } = ExportReady.parse((await this.post('/export', { passphrase }).expect(201)).body);
    return `/export/${id}`;
  }

  /** The club as a file, sealed or not. */
  async out(passphrase: string | null): Promise<Buffer> {
    const answer = await this.get(await this.ready(passphrase))
      .buffer(true)
      .parse((response, done) => {
        const parts: Buffer[] = [];
        response.on('data', (part: Buffer) => parts.push(part));
        response.on('end', () => done(null, Buffer.concat(parts)));
      })
      .expect(200);
    return answer.body as Buffer;
  }

  /** Sends a run's head and all that is in its log. */
  async keep({ run, events }: Ran): Promise<void> {
    await this.put(`/runs/${run.id}`, run).expect((response) => {
      if (response.status !== 200 && response.status !== 201)
        throw new Error(`The head was answered with ${response.status}: ${JSON.stringify(response.body).slice(0, 300)}`);
    });
    if (events.length > 0) await this.post(`/runs/${run.id}/events`, { events }).expect(200);
  }
}

/** What a club file of lines holds, put together. */
export interface Held {
  teaching?: unknown;
  readonly athletes: unknown[];
  readonly patterns: unknown[];
  readonly sessions: unknown[];
  readonly runs: { readonly run: RunHead; readonly events: unknown[] }[];
}

function heldIn(text: string): Held {
  const held: Held = { athletes: [], patterns: [], sessions: [], runs: [] };
  for (const line of text.split('\n').filter((one) => one !== '')) {
    const { teaching, athlete, pattern, session, run, log } = JSON.parse(line) as Record<string, unknown>;
    if (teaching) held.teaching = teaching;
    if (athlete) held.athletes.push(athlete);
    if (pattern) held.patterns.push(pattern);
    if (session) held.sessions.push(session);
    if (run) held.runs.push({ run: run as RunHead, events: [] });
    if (log) held.runs.at(-1)?.events.push(...(log as { events: unknown[] }).events);
  }
  return held;
}

export const tokenOf = (cookies: readonly string[]): string => /XSRF-TOKEN=([^;]+)/.exec(cookies.join('\n'))?.[1] ?? '';

export const athlete = (more: Partial<AthleteSave> = {}): AthleteSave => ({ ...sampleAthlete, id: randomUUID(), version: 0, ...more });

export const pattern = (more: Partial<PatternSave> = {}): PatternSave => ({ ...samplePattern, id: randomUUID(), version: 0, ...more });

/** A run with its log, as a device has it that has sent nothing yet. */
export interface Ran {
  readonly run: RunHead;
  readonly events: readonly RunEvent[];
}

/** The same as below with events of today, written by a device of its own. */
export function ran(athleteId: string, taps: readonly number[], more: Partial<RunHead> = {}): Ran {
  const { run, events } = upload(athleteId, taps, more);
  const device = randomUUID();
  return { run, events: fromEarlier(run.id, events).map((event) => ({ ...event, device })) };
}

/** Two rounds of ten seconds with a split every two, one athlete watched from the side, tapped at these seconds. */
export function upload(athleteId: string, taps: readonly number[], more: Partial<RunHead> = {}): EarlierUpload {
  const startedAt = '2026-11-21T18:00:00.000Z';
  const run: RunHead = {
    id: randomUUID(),
    name: 'Evening',
    day: '2026-11-21',
    startedAt,
    patternId: null,
    sessionId: null,
    steps: 'split',
    tapDelay: 1,
    athletes: [athleteId],
    plan: {
      dose: { mode: 'seconds', work: 10, rounds: 2, sets: 1, rest: 5, setRest: null },
      rep: { seconds: 2, chances: { split: [0], repetition: [0] } },
    },
    ...more,
  };
  let n = 0;
  const stamp = (t: number): { id: string; n: number; at: number; t: number } => ({
    id: randomUUID(),
    n: n++,
    at: Date.parse(startedAt) + t * 1000,
    t,
  });
  return {
    run,
    events: [
      { ...stamp(-5), kind: 'board', faults: ['split-late'] },
      { ...stamp(-5), kind: 'watch', athlete: athleteId },
      { ...stamp(-5), kind: 'go' },
      ...taps.map((t) => ({
        ...stamp(t),
        kind: 'fault' as const,
        fault: 'split-late',
        side: null,
        athlete: athleteId,
        source: 'floor' as const,
        clip: null,
      })),
      { ...stamp(25), kind: 'end' },
    ],
  };
}

/** The fields of a refusal, each with its code and values: 'height between 0.8 2.4 m'. */
export const fieldsSaid = (body: unknown): string[] =>
  Problem.parse(body).fields.map(({ path, code, values }) => [path, code, ...Object.values(values).map(String)].join(' ').trim());
