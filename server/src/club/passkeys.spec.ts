import { generateKeyPairSync } from 'node:crypto';
import type { Me } from '@hopsk/contract/club';
import type { PasskeyOptions } from '@hopsk/contract/passkey-options';
import type { Passkeys, SignInBy } from '@hopsk/contract/passkeys';
import request from 'supertest';
import { createApp } from '../app.js';
import { makeLog } from '../http/log.js';
import { Authenticator, type Otherwise } from '../testing/authenticator.js';
import { Coach, type House, openHouse, specConfig } from '../testing/house.js';

const [NAME, ORIGIN] = ['localhost', 'http://localhost'];
const SIGNED_IN = /hopsk\.sid=/;

describe('passkeys', () => {
  let house: House;
  let coach: Coach;
  beforeEach(async () => {
    house = await openHouse();
    coach = await Coach.of(house, 'Net Loft');
  });
  afterEach(() => house.close());

  const there = (test: request.Test): request.Test => test.set('Host', NAME);
  const door = (path: string, body: object = {}): request.Test => there(request(house.app).post(`/api${path}`)).send(body);
  const key = (): Authenticator => new Authenticator(ORIGIN, NAME);
  const own = async (who = coach): Promise<Passkeys> => (await there(who.get('/me/passkeys')).expect(200)).body as Passkeys;
  const begun = async (who = coach): Promise<PasskeyOptions> =>
    (await there(who.post('/me/passkeys/begin', { password: who.password })).expect(200)).body as PasskeyOptions;
  const asked = async (): Promise<PasskeyOptions> => (await door('/passkeys/ask').expect(200)).body as PasskeyOptions;
  const add = async (it: Authenticator, otherwise: Otherwise = {}, who = coach): Promise<number> =>
    (await there(who.post('/me/passkeys', { name: 'Phone', response: it.make(await begun(who), otherwise) }))).status;
  const enter = async (it: Authenticator, otherwise: Otherwise = {}): Promise<number> =>
    (await door('/passkeys/enter', { response: it.use(await asked(), otherwise) })).status;
  const by = (how: SignInBy): request.Test => there(coach.put('/me/sign-in-by', { by: how, password: coach.password }));
  const signIn = (): request.Test => door('/sign-in', { email: coach.email, password: coach.password });

  it('let in whose they are, and say what they are and when they were used', async () => {
    const it = key();
    expect(await add(it)).toBe(201);
    const { here, not, by: how, keys } = await own();
    expect([here, not, how]).toEqual([NAME, null, 'either']);
    expect(keys.map(({ name, at, used }) => [name, at, used])).toEqual([['Phone', NAME, null]]);
    const inside = await door('/passkeys/enter', { response: it.use(await asked()) })
      .expect(200)
      .expect('Set-Cookie', SIGNED_IN);
    expect((inside.body as Me).club.id).toBe(coach.clubId);
    expect((await own()).keys[0]?.used).toMatch(/^\d{4}-/);
    // The password is enough as well.
    await signIn().expect(200);
  });

  it('that are not what was asked for let nobody in, and are not kept', async () => {
    const it = key();
    const other = generateKeyPairSync('ec', { namedCurve: 'P-256' }).privateKey;
    const wrong: Otherwise[] = [
      { origin: 'http://localhost.evil.example' },
      { origin: 'https://localhost' },
      { name: 'evil.example' },
      { challenge: 'bm90IGFza2Vk' },
      // Nobody there; or there, but not shown to be who they are.
      { flags: 0x04 },
      { flags: 0x01 },
    ];
    for (const otherwise of [...wrong, { type: 'webauthn.get' }])
      expect(await add(it, otherwise))
        .withContext(JSON.stringify(otherwise))
        .toBe(400);
    expect((await own()).keys).toEqual([]);
    expect(await enter(it)).toBe(401);
    expect(await add(it)).toBe(201);
    // Once and not twice, by whomever.
    expect(await add(it)).toBe(400);
    expect(await add(it, {}, await Coach.of(house, 'Other club'))).toBe(400);
    for (const otherwise of [...wrong, { type: 'webauthn.create' }, { signed: other }])
      expect(await enter(it, otherwise))
        .withContext(JSON.stringify({ ...otherwise, signed: 'signed' in otherwise }))
        .toBe(401);
    expect(await enter(it)).toBe(200);
    // A copy that counts behind the first.
    expect(await enter(it, { count: 1 })).toBe(401);
    expect(await enter(key())).toBe(401);
  });

  it('of which nothing can be read are as wrong as any other: no fault of the server', async () => {
    const it = key();
    const cut = (text: string): string => text.slice(0, text.length >> 1);
    // What stands behind a signature changes nothing of what was signed.
    const spoilt = <T extends { readonly response: object }>(whole: T): T[] =>
      Object.entries(whole.response)
        .filter(([, value]) => typeof value === 'string')
        .flatMap(([part, value]) =>
          ['AAAA', 'bnVsbA', cut(value as string), ...(part === 'signature' ? [] : [`${value as string}AAAA`])].map((text) => ({
            ...whole,
            response: { ...whole.response, [part]: text },
          })),
        );
    for (const response of spoilt(it.make(await begun()))) await there(coach.post('/me/passkeys', { name: 'Phone', response })).expect(400);
    expect((await own()).keys).toEqual([]);
    expect(await add(it)).toBe(201);
    const before = spoilt(it.use(await asked())).length;
    for (let i = 0; i < before; i++) await door('/passkeys/enter', { response: spoilt(it.use(await asked()))[i] }).expect(401);
  });

  it('answer a question once, while it is open, and only the one that was asked of them', async () => {
    const it = key();
    const question = await begun();
    const made = { name: 'Phone', response: it.make(question) };
    // Asked of somebody else of the club.
    await there((await coach.mate(house, 'coach')).post('/me/passkeys', made)).expect(400);
    await there(coach.post('/me/passkeys', { ...made, response: it.make(await asked()) })).expect(400);
    await there(coach.post('/me/passkeys', { ...made, response: it.make(await begun()) })).expect(201);

    const used = { response: it.use(await asked()) };
    const both = await Promise.all([door('/passkeys/enter', used), door('/passkeys/enter', used)]);
    expect(both.map(({ status }) => status).sort()).toEqual([200, 401]);
    await door('/passkeys/enter', { response: it.use(await begun()) }).expect(401);
    const late = await asked();
    await house.pool.query(`update passkey_challenge set until = now() - interval '1 second'`);
    await door('/passkeys/enter', { response: it.use(late) }).expect(401);
    await asked();
    expect((await house.pool.query('select 1 from passkey_challenge')).rowCount).toBe(1);
  });

  it('as a second factor: the password first, then one of their own', async () => {
    const it = key();
    await by('both').expect(409);
    expect(await add(it)).toBe(201);
    await by('both').expect(204);
    expect(await enter(it)).toBe(403);
    const half = await signIn().expect(200);
    expect(half.get('Set-Cookie')).toBeUndefined();
    const answer = half.body as { passkey: PasskeyOptions };
    expect(JSON.stringify(answer.passkey)).toContain(it.id.toString('base64url'));
    // Another coach's passkey does not stand for it.
    const mate = await coach.mate(house, 'coach');
    const theirs = key();
    expect(await add(theirs, {}, mate)).toBe(201);
    await door('/passkeys/enter', { response: theirs.use(answer.passkey) }).expect(401);
    const again = (await signIn().expect(200)).body as { passkey: PasskeyOptions };
    await door('/passkeys/enter', { response: it.use(again.passkey) })
      .expect(200)
      .expect('Set-Cookie', SIGNED_IN);
    // Where no passkey works the password does not get in either.
    await request(house.app).post('/api/sign-in').send({ email: coach.email, password: coach.password }).expect(403);
  });

  it('as the only way in: a password, right or wrong, is not enough, and the last one stays', async () => {
    const it = key();
    expect(await add(it)).toBe(201);
    await by('passkey').expect(204);
    expect((await signIn().expect(403)).body).toEqual(jasmine.objectContaining({ error: 'passkey-needed' }));
    await door('/sign-in', { email: coach.email, password: 'not the password' }).expect(401);
    expect(await enter(it)).toBe(200);
    const [last] = (await own()).keys;
    await there(coach.delete(`/me/passkeys/${last?.id}`)).expect(409);
    expect((await own()).keys.length).toBe(1);
    await by('either').expect(204);
    await there(coach.delete(`/me/passkeys/${last?.id}`)).expect(204);
    await there(coach.delete(`/me/passkeys/${last?.id}`)).expect(404);
    expect(await enter(it)).toBe(401);
  });

  it('are added, and what lets in is changed, by whoever has the password too; one’s own alone are seen and taken away', async () => {
    expect(await add(key())).toBe(201);
    const [one] = (await own()).keys;
    await there(coach.post('/me/passkeys/begin', { password: 'not the password' })).expect(400);
    await there(coach.put('/me/sign-in-by', { by: 'passkey', password: 'not the password' })).expect(400);
    const mate = await coach.mate(house, 'owner');
    expect((await own(mate)).keys).toEqual([]);
    await there(mate.delete(`/me/passkeys/${one?.id}`)).expect(404);
    expect((await own()).keys.length).toBe(1);
  });

  it('end when their coach is let in by a link, or taken out', async () => {
    const [it, theirs] = [key(), key()];
    const mate = await coach.mate(house, 'coach');
    expect([await add(it), await add(theirs, {}, mate)]).toEqual([201, 201]);
    await by('passkey').expect(204);
    const people = (await coach.get('/coaches').expect(200)).body as { id: string; email: string }[];
    const idOf = (who: Coach): string => people.find(({ email }) => email === who.email)?.id ?? '';
    const { secret } = (await mate.post(`/coaches/${idOf(coach)}/way-in`).expect(403)).body as { secret?: string };
    expect(secret).toBeUndefined();
    const link = (await coach.post(`/coaches/${idOf(coach)}/way-in`).expect(201)).body as { secret: string };
    await door('/way-in/use', { secret: link.secret, password: 'chosen anew, quite long' }).expect(200);
    expect(await enter(it)).toBe(401);
    await door('/sign-in', { email: coach.email, password: 'chosen anew, quite long' }).expect(200);
    const fresh = await Coach.signIn(house, coach.clubId, { email: coach.email, password: 'chosen anew, quite long' });
    await fresh.put(`/coaches/${idOf(mate)}`, { role: 'coach', gone: true, athletes: [] }).expect(200);
    expect(await enter(theirs)).toBe(401);
    expect((await house.pool.query('select 1 from passkey')).rowCount).toBe(0);
  });

  it('are there by this machine’s own name and by a name with a certificate of the club’s; elsewhere it says why not', async () => {
    const tls = { cert: '', key: '', own: false };
    const said = async (host: string, more: Parameters<typeof specConfig>[0] = {}, https = false): Promise<unknown> => {
      const app = createApp(specConfig({ names: ['club.example'], ...more }), house, makeLog('silent'), () =>
        Promise.reject(new Error('none')),
      );
      const signed = request.agent(app);
      const asks = (test: request.Test) => test.set('Host', host).set(https ? { 'X-Forwarded-Proto': 'https' } : {});
      const [{ body }] = [await asks(signed.get('/api/door')).expect(200)];
      return (body as { passkeys: boolean }).passkeys;
    };
    expect(await said('localhost:4180')).toBe(true);
    for (const host of ['127.0.0.1:4180', '192.168.1.5', '[::1]:4180', 'club.example'])
      expect(await said(host))
        .withContext(host)
        .toBe(false);
    expect(await said('club.example', { tls })).toBe(false);
    expect(await said('club.example', { trustProxy: 'loopback' })).toBe(false);
    expect(await said('club.example', { trustProxy: 'loopback' }, true)).toBe(true);
    expect(await said('192.168.1.5', { trustProxy: 'loopback' }, true)).toBe(false);
    const why = async (host: string): Promise<unknown> =>
      ((await coach.get('/me/passkeys').set('Host', host).expect(200)).body as Passkeys).not;
    expect([await why('192.168.1.5'), await why('localhost')]).toEqual(['address', null]);
    await coach.post('/me/passkeys/begin', { password: coach.password }).set('Host', '127.0.0.1').expect(403);
    await request(house.app).post('/api/passkeys/ask').expect(403);
  });
});
