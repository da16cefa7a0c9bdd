import { PasswordChange, Settings, Setup, SignIn } from '@hopsk/contract/club';
import { CoachChange, Invitation, WayInAsked, WayInUsed } from '@hopsk/contract/members';
import { Id } from '@hopsk/contract/common';
import { PatternSave } from '@hopsk/contract/pattern-draft';
import { AthleteSave } from '@hopsk/contract/people';
import { EraseAsked, LooksAsked, PeopleRules } from '@hopsk/contract/people-data';
import { Problem } from '@hopsk/contract/problem';
import { Recount, RecountAsked } from '@hopsk/contract/recount';
import { RunEvent, RunHead, RunsAsked } from '@hopsk/contract/run';
import { EarlierUpload, RunRename } from '@hopsk/contract/run-sent';
import { SessionSave } from '@hopsk/contract/session-draft';
import { sampleSession } from '@hopsk/contract/testing/samples';
import { ClubFaultSchema } from '@hopsk/contract/club-faults';
import { Teaching } from '@hopsk/contract/teaching';
import { addCoach } from './club/club.js';
import { anyInput } from './testing/any-input.js';
import { CASES, holdsLater } from '@hopsk/core/testing/holds';
import fc from 'fast-check';
import type request from 'supertest';
import * as z from 'zod/mini';
import { athlete, Coach, type House, openHouse, ran } from './testing/house.js';

/** Requests a route in the tests; with `--long` as many more as there are more cases. */
const EACH = Math.ceil((10_000 / 23) * (CASES / 300));

describe('requests made from the contract’s own schemas', () => {
  let house: House;
  let coach: Coach;
  let runId: string;
  let mate: string;
  const known = athlete();

  beforeAll(async () => {
    house = await openHouse();
    coach = await Coach.of(house, 'Patient club');
    await coach.put(`/athletes/${known.id}`, known).expect(201);
    const one = ran(known.id, [1]);
    runId = one.run.id;
    mate = await addCoach(house.pool, coach.clubId, { name: 'Mate', email: 'mate@club.test', password: 'long enough to pass' });
    await coach.keep(one);
  });
  afterAll(() => house.close());

  const idOf = (body: unknown): string => {
    const id = (body as { readonly id?: unknown } | null)?.id;
    return typeof id === 'string' ? encodeURIComponent(well(id)) : known.id;
  };
  const naming = (body: unknown): unknown =>
    Array.isArray(body)
      ? body.map((one: unknown) => (one !== null && typeof one === 'object' ? { ...one, into: null, causes: ['tall'] } : one))
      : body;
  const object = (body: unknown): object => (typeof body === 'object' && body !== null ? body : { body });
  const query = (body: unknown): string =>
    Object.entries(object(body))
      .map(([key, value]) => `${encodeURIComponent(well(key))}=${encodeURIComponent(well(String(value)))}`)
      .join('&');
  // An address cannot hold half a character at all.
  const well = (text: string): string => text.replace(/\p{Cs}/gu, '\ufffd');

  const routes: readonly (readonly [string, z.ZodMiniType, (body: unknown) => request.Test])[] = [
    ['athletes', AthleteSave, (body) => coach.put(`/athletes/${idOf(body)}`, object(body))],
    ['patterns', PatternSave, (body) => coach.put(`/patterns/${idOf(body)}`, object(body))],
    ['sessions', z.omit(SessionSave, { when: true }), (body) => coach.put(`/sessions/${idOf(body)}`, object(body))],
    [
      'the day of a session',
      z.pick(SessionSave, { when: true }),
      (body) => coach.put(`/sessions/${known.id}`, { ...sampleSession, id: known.id, version: 0, ...object(body) }),
    ],
    // Faults that name no others, which by chance are none that is known.
    ['teaching', z.omit(Teaching, { faults: true }), (body) => coach.put('/teaching', object(body))],
    [
      'faults of a club',
      z.array(z.omit(ClubFaultSchema, { into: true, causes: true })).check(z.maxLength(1)),
      (body) => coach.put('/teaching', { version: 0, choices: {}, stances: [], faults: naming(body) }),
    ],
    ['a run', RunHead, (body) => coach.put(`/runs/${idOf(body)}`, object(body))],
    ['events', RunEvent, (body) => coach.post(`/runs/${runId}/events`, { events: [body], m: 5 })],
    ['an earlier log', EarlierUpload, (body) => coach.post(`/runs/${idOf((body as { run?: unknown } | null)?.run)}/log`, object(body))],
    ['a name', RunRename, (body) => coach.put(`/runs/${runId}/name`, object(body))],
    ['settings', Settings, (body) => coach.put('/me/settings', object(body))],
    ['how long what is kept', PeopleRules, (body) => coach.put('/people-rules', object(body))],
    ['an erasure', EraseAsked, (body) => coach.post(`/athletes/${known.id}/erase`, object(body))],
    ['who looked', LooksAsked, (body) => coach.get(`/looks?${query(body)}`)],
    ['a recount', Recount, (body) => coach.post('/recount', object(body))],
    ['coaches', Invitation, (body) => coach.post('/coaches', object(body))],
    ['a role', CoachChange, (body) => coach.put(`/coaches/${mate}`, object(body))],
    ['a way in', WayInAsked, (body) => coach.post('/way-in', object(body))],
    ['a way in that is used', WayInUsed, (body) => coach.post('/way-in/use', object(body))],
    ['a password', PasswordChange, (body) => coach.post('/me/password', object(body))],
    ['the first club', Setup, (body) => coach.post('/setup', object(body))],
    ['a sign-in', SignIn, (body) => coach.post('/sign-in', object(body))],
    ['lists', z.object({ ids: z.array(Id) }), (body) => coach.get(`/athletes?${query(body)}`)],
    ['runs', RunsAsked, (body) => coach.get(`/runs?${query(body)}`)],
    ['what was recounted', RecountAsked, (body) => coach.get(`/recount?${query(body)}`)],
  ];

  for (const [what, schema, ask] of routes)
    it(`get no fault of the server: ${what}`, async () => {
      let taken = 0;
      await holdsLater(
        fc.asyncProperty(anyInput(schema), async (body) => {
          const answer = await ask(body);
          if (answer.status !== 400) taken++;
          expect(answer.status).toBeLessThan(500);
          if (answer.status >= 400) expect(Problem.safeParse(answer.body).success).toBeTrue();
        }),
        EACH,
      );
      // Some of it must get to where things are kept, or nothing was tried.
      expect(taken).toBeGreaterThan(EACH / 10);
    });
});
