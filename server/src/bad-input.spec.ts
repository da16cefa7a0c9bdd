import { AthleteSave } from '@hopsk/contract/people';
import { Problem } from '@hopsk/contract/problem';
import { SessionSave } from '@hopsk/contract/session-draft';
import { sampleSession } from '@hopsk/contract/testing/samples';
import fc from 'fast-check';
import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { athlete, Coach, fieldsSaid, type House, openHouse, pattern } from './testing/house.js';
import { holdsLater } from '@hopsk/core/testing/holds';

describe('bad input', () => {
  let house: House;
  let coach: Coach;
  beforeEach(async () => {
    house = await openHouse();
    coach = await Coach.of(house, 'Patient club');
  });
  afterEach(() => house.close());

  const known = athlete();
  const routes = ['/sign-in', '/setup', '/me/password', '/coaches'] as const;
  const writes = [
    (body: object) => coach.put(`/athletes/${known.id}`, body),
    (body: object) => coach.put(`/patterns/${known.id}`, body),
    (body: object) => coach.put(`/sessions/${known.id}`, body),
    (body: object) => coach.put('/teaching', { version: 'x', ...body }),
    (body: object) => coach.put(`/runs/${known.id}`, body),
    (body: object) => coach.post(`/runs/${known.id}/events`, body),
    (body: object) => coach.post(`/runs/${known.id}/log`, body),
    (body: object) => coach.put(`/runs/${known.id}/name`, body),
    (body: object) => coach.put('/me/settings', body),
    ...routes.map((path) => (body: object) => coach.post(path, body)),
  ];

  it('of any shape gets a code, never a crash, and leaves nothing behind', async () => {
    await holdsLater(
      fc.asyncProperty(
        fc.nat(writes.length - 1),
        fc.oneof(fc.object({ maxDepth: 2 }), fc.array(fc.jsonValue({ maxDepth: 2 }))),
        async (which, body) => {
          const answer = await (writes[which] as (body: object) => request.Test)(body);
          expect(answer.status).withContext(JSON.stringify(body)).toBeGreaterThanOrEqual(400);
          expect(answer.status).withContext(JSON.stringify(body)).toBeLessThan(500);
          expect(Problem.safeParse(answer.body).success).toBeTrue();
        },
      ),
      200,
    );
    expect((await coach.get('/athletes')).body).toEqual([]);
    expect((await coach.get('/runs')).body).toEqual([]);
    expect((await coach.get('/sessions')).body).toEqual([]);
  });

  it('one wrong field in a good stage is named by its place, whatever stands in it', async () => {
    const anything = fc.oneof(
      fc.constant(null),
      fc.boolean(),
      fc.double({ noNaN: false }),
      fc.constantFrom('', '\u0000', 'x'.repeat(5000), '\u202egnorw'),
      fc.array(fc.jsonValue({ maxDepth: 1 })),
      fc.object({ maxDepth: 1 }),
    );
    const fields = ['kind', 'cueing', 'tempo', 'watch', 'unit', 'evidence', 'partner', 'calls', 'stations', 'priority', 'pattern'] as const;
    await holdsLater(
      fc.asyncProperty(fc.constantFrom(...fields), anything, async (field, value) => {
        const record = { ...structuredClone(sampleSession), id: randomUUID(), version: 0 };
        const stages = record.stages.map((stage) => ({ ...stage, [field]: value }));
        const answer = await coach.put(`/sessions/${record.id}`, { ...record, stages });
        // Nobody to work with, nothing to call, no station, no fault to look for: all good.
        expect(answer.status).toBe(SessionSave.safeParse({ ...record, stages }).success ? 201 : 400);
        if (answer.status === 201) return;
        const place = `stages.0.${field}`;
        expect(
          (answer.body as Problem).fields.map((one) => one.path).filter((path) => path !== place && !path.startsWith(`${place}.`)),
        ).toEqual([]);
      }),
      200,
    );
  });

  it('one wrong field in a good record is named, whatever stands in it', async () => {
    const anything = fc.oneof(
      fc.constant(null),
      fc.boolean(),
      fc.double(),
      fc.constantFrom('', ' ', '\u0000', 'x'.repeat(300), '\u202egnorw', '🏓'.repeat(200)),
      fc.array(fc.string()),
      fc.object({ maxDepth: 1 }),
    );
    const fields = ['hand', 'lead', 'otherLead', 'level', 'ageGroup', 'bias', 'cautions', 'sport', 'school'] as const;
    await holdsLater(
      fc.asyncProperty(fc.constantFrom(...fields), anything, async (field, value) => {
        const record = { ...athlete(), [field]: value };
        const answer = await coach.put(`/athletes/${record.id}`, record);
        // A list of ordinary words is a good list of notes.
        expect(answer.status).toBe(AthleteSave.safeParse(record).success ? 201 : 400);
        if (answer.status === 201) return;
        expect((answer.body as Problem).fields.every((one) => one.path === field || one.path.startsWith(`${field}.`))).toBeTrue();
      }),
      200,
    );
  });

  it('10,000 rounds, a negative rest, a pattern of 1 MB, a million events', async () => {
    const dose = { mode: 'seconds', work: 30, rounds: 3, sets: 1, rest: 20, setRest: null } as const;
    const save = async (more: Parameters<typeof pattern>[0]): Promise<string[]> => {
      const record = pattern(more);
      const { body } = await coach.put(`/patterns/${record.id}`, record).expect(400);
      return fieldsSaid(body);
    };
    expect(await save({ dose: { ...dose, rounds: 10_000 } })).toEqual(['dose.rounds between 1 100']);
    expect(await save({ dose: { ...dose, rest: -1 } })).toEqual(['dose.rest between 0 3600 s']);
    expect(await save({ steps: 'split, '.repeat(150_000) })).toEqual(['steps longer 20000']);
    const many = Array.from({ length: 6000 }, () => ({}));
    expect(fieldsSaid((await coach.post(`/runs/${known.id}/events`, { events: many }).expect(400)).body)).toEqual(['events too-many 500']);
    const huge = await coach.put(`/patterns/${known.id}`, { ...pattern(), steps: 'x'.repeat(3_000_000) });
    expect([huge.status, (huge.body as Problem).error]).toEqual([413, 'too-large']);
  });

  it('an id that is none, a page that is none, a method that is none', async () => {
    for (const id of ['1', '..%2f..', '%00', "x' or 1=1 --", 'a'.repeat(500)])
      expect((await coach.get(`/runs/${encodeURIComponent(id)}`)).status).toBe(404);
    expect((await coach.get('/runs?most=100000')).status).toBe(400);
    expect((await coach.get('/runs?before=yesterday')).status).toBe(400);
    expect((await coach.put('/athletes', {})).status).toBe(404);
    expect((await request(house.app).get('/api/athletes')).status).toBe(401);
  });

  it('words that look like SQL are only words', async () => {
    const bobby = athlete({ name: "Robert'); drop table athlete; --", sport: '"; select 1' });
    await coach.put(`/athletes/${bobby.id}`, bobby).expect(201);
    expect((await coach.get('/athletes').expect(200)).body.some((one: { name: string }) => one.name === bobby.name)).toBeTrue();
  });
});
