import { randomUUID } from 'node:crypto';
import { ROLES, type Role } from '@hopsk/contract/club';
import { sampleSession } from '@hopsk/contract/testing/samples';
import type { Express } from 'express';
import request from 'supertest';
import { athlete, Coach, type House, openHouse, pattern, ran } from '../testing/house.js';
import { ACCESS, openTo, type Who } from './access.js';

interface Layer {
  readonly route?: { readonly path: string; readonly methods: Readonly<Record<string, boolean>> };
  readonly handle: { readonly stack?: readonly Layer[] };
}

/** Every way that the application itself knows. */
function waysOf(layers: readonly Layer[]): string[] {
  return layers.flatMap(({ route, handle }) =>
    route ? Object.keys(route.methods).map((method) => `${method.toUpperCase()} ${route.path}`) : waysOf(handle.stack ?? []),
  );
}
const stackOf = (app: Express): readonly Layer[] => (app as unknown as { router: { stack: readonly Layer[] } }).router.stack;

describe('what is open to whom', () => {
  let house: House;
  beforeAll(async () => (house = await openHouse()));
  afterAll(() => house.close());

  it('is said of every way into the server, and of no other', () => {
    expect(waysOf(stackOf(house.app)).sort()).toEqual(Object.keys(ACCESS).sort());
  });

  it('is found by the nearest row, and by none where there is none', () => {
    expect(openTo('GET', '/runs/open')).toBe(ACCESS['GET /runs/open'] ?? null);
    expect(openTo('GET', '/runs/1/events')).toBe(ACCESS['GET /runs/:id/events'] ?? null);
    for (const path of ['/runs/', '/runs//events', '/athletes/1/book/tall/more', '', '/'])
      expect(openTo('GET', path)).withContext(path).toBeNull();
    expect(openTo('TRACE', '/me')).toBeNull();
  });

  it('is no page of its own: by an address that somebody types comes the page, or a file to be saved', async () => {
    const owner = await Coach.of(house, 'By address');
    const open = (path: string): request.Test => owner.get(path).set('Sec-Fetch-Mode', 'navigate');
    for (const path of ['/athletes', '/runs', '/looks', '/nowhere'])
      expect((await open(path)).headers)
        .withContext(path)
        .toEqual(jasmine.objectContaining({ location: '/' }));
    const others = [open('/health'), open(`/export/${randomUUID()}`), owner.get('/athletes').set('Sec-Fetch-Mode', 'cors')];
    expect((await Promise.all(others)).map(({ status }) => status)).toEqual([200, 404, 200]);
  });

  it('to the holder of a run’s code what a hall screen shows is open, and nothing else', () => {
    const theirs = Object.entries(ACCESS).flatMap(([way, open]) =>
      open !== 'anybody' && open.includes('holder' satisfies Who) ? [way] : [],
    );
    expect(theirs.sort()).toEqual(['GET /hall', 'GET /hall/events', 'GET /hall/live', 'POST /hall/said']);
    for (const way of theirs) expect(ACCESS[way]).toEqual(['holder']);
  });

  describe('walked by everybody', () => {
    const ours = { athlete: athlete(), pattern: pattern(), session: { ...sampleSession, id: randomUUID(), version: 0 } };
    const theirs = { athlete: athlete(), pattern: pattern(), session: { ...sampleSession, id: randomUUID(), version: 0 } };
    const [ourRun, theirRun] = [ran(ours.athlete.id, [1]), ran(theirs.athlete.id, [1])];
    const team = new Map<Role, Coach>();
    let otherOwner = '';

    beforeAll(async () => {
      const [owner, other] = [await Coach.of(house, 'Ours'), await Coach.of(house, 'Theirs')];
      for (const [who, kept, run] of [
        [owner, ours, ourRun],
        [other, theirs, theirRun],
      ] as const) {
        for (const kind of ['athlete', 'pattern', 'session'] as const)
          await who.put(`/${kind}s/${kept[kind].id}`, { ...kept[kind], athletes: [] }).expect(201);
        await who.keep(run);
      }
      otherOwner = ((await other.get('/coaches').expect(200)).body as { id: string }[])[0]?.id ?? '';
      team.set('owner', owner);
      for (const role of ROLES.slice(1)) team.set(role, await owner.mate(house, role));
    });

    /** What is sent with a way, as far as it would be taken of the other club's own coach. */
    const bodies: Readonly<Record<string, object>> = {
      'PUT /athletes/:id': { ...theirs.athlete, version: 1 },
      'POST /athletes/:id/erase': { name: theirs.athlete.name },
      'PUT /patterns/:id': { ...theirs.pattern, version: 1 },
      'PUT /sessions/:id': { ...theirs.session, athletes: [], version: 1 },
      'PUT /runs/:id': theirRun.run,
      'POST /runs/:id/events': { events: theirRun.events },
      'POST /runs/:id/log': { run: theirRun.run, events: [] },
      'PUT /runs/:id/name': { name: 'Taken', patternId: null, version: 1 },
      'PUT /coaches/:id': { role: 'reader', gone: true, athletes: [] },
      'POST /read-otherwise/:id': { take: true },
    };
    const idFor = (way: string): string => {
      const kind = /\/(athletes|patterns|sessions|runs|coaches)\//.exec(way)?.[1];
      return (
        {
          athletes: theirs.athlete.id,
          patterns: theirs.pattern.id,
          sessions: theirs.session.id,
          runs: theirRun.run.id,
          coaches: otherOwner,
        }[kind ?? ''] ?? randomUUID()
      );
    };
    const ask = (who: Coach, way: string): request.Test => {
      const [method = '', path = ''] = way.replace(':id', idFor(way)).split(' ');
      if (method === 'GET') return who.get(path);
      if (method === 'DELETE') return who.delete(path);
      return method === 'PUT' ? who.put(path, bodies[way] ?? {}) : who.post(path, bodies[way] ?? {});
    };

    it('of another club nothing is given, whoever asks for it by its id, and nothing is changed', async () => {
      for (const [way, open] of Object.entries(ACCESS)) {
        if (!way.includes(':id') || open === 'anybody') continue;
        for (const [role, who] of team) {
          const { status } = await ask(who, way);
          // A run in which somebody of another club is is unknown to ours.
          const unknown = /^(PUT|POST) \/runs\/:id(\/log)?$/.test(way) ? 422 : 404;
          expect(status)
            .withContext(`${role} ${way}`)
            .toBe(open.includes(role) ? unknown : 403);
        }
      }
      const { rows } = await house.pool.query<{ n: number }>(
        `select count(*)::int as n from athlete where id = $1 and version = 1 and archived_at is null`,
        [theirs.athlete.id],
      );
      expect(rows[0]?.n).toBe(1);
    });

    it('of one’s own club what the table says, and a stranger nothing', async () => {
      for (const [way, open] of Object.entries(ACCESS)) {
        if (way.includes(':id') || way === 'GET /live' || way === 'POST /me/leave' || way === 'POST /house/own') continue;
        const stranger = await request(house.app)[way.startsWith('GET') ? 'get' : way.startsWith('PUT') ? 'put' : 'post'](
          `/api${way.split(' ')[1] ?? ''}`,
        );
        if (open !== 'anybody') expect(stranger.status).withContext(`a stranger ${way}`).toBe(401);
        if (open === 'anybody') continue;
        for (const [role, who] of team) {
          const { status, body } = await ask(who, way);
          if (!open.includes(role))
            expect([status, (body as { error: string }).error])
              .withContext(`${role} ${way}`)
              .toEqual([403, 'not-yours']);
          // Of what has a name instead of an id there is none yet.
          else
            expect([401, 403, ...(way.includes('/:') ? [] : [404]), 500])
              .withContext(`${role} ${way}`)
              .not.toContain(status);
        }
      }
    });

    it('what there is not is said to members only', async () => {
      await request(house.app).get('/api/nowhere').expect(401);
      for (const [role, who] of team)
        expect((await who.get('/nowhere')).status)
          .withContext(role)
          .toBe(404);
    });

    it('what is sent is not read before it is known who sends: a stranger’s body may be broken', async () => {
      const broken = request(house.app).put(`/api/athletes/${randomUUID()}`).type('json').send('{');
      expect((await broken).status).toBe(401);
      const large = request(house.app)
        .post('/api/sign-in')
        .type('json')
        .send(JSON.stringify({ email: 'x'.repeat(20_000) }));
      expect((await large).status).toBe(413);
      expect((await request(house.app).post('/api/imports').set('Content-Encoding', 'gzip').send(Buffer.alloc(50_000))).status).toBe(401);
    });
  });
});
