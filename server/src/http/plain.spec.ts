import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { request as plainly } from 'node:http';
import { request as securely, type Server } from 'node:https';
import { connect, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import request from 'supertest';
import { createApp } from '../app.js';
import { addClub } from '../club/club.js';
import { fitting } from '../certificate/leaf.js';
import { openHouse, specConfig, type House } from '../testing/house.js';
import { eitherServer } from './either.js';
import { isOwnName } from './hosts.js';
import { makeLog } from './log.js';
import { sayHttps } from './plain.js';

const none = () => Promise.reject(new Error('none'));

describe('HTTPS', () => {
  let house: House;
  let folder: string;
  let tls: { cert: string; key: string };
  let authority: string;
  let server: Server;
  let port: number;

  beforeAll(async () => {
    house = await openHouse();
    folder = mkdtempSync(join(tmpdir(), 'hopsk-cert-'));
    const made = await fitting(folder, []);
    tls = { cert: readFileSync(made.cert, 'utf8'), key: readFileSync(made.key, 'utf8') };
    authority = readFileSync(made.authority ?? '', 'utf8');
    const app = createApp(specConfig({ tls: { ...tls, own: false }, authority: made.authority }), house, makeLog('silent'), none);
    server = eitherServer(tls, app, sayHttps(isOwnName([], null)));
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    ({ port } = server.address() as AddressInfo);
  });
  afterAll(async () => {
    server.close();
    server.closeAllConnections();
    rmSync(folder, { recursive: true });
    await house.close();
  });

  interface Said {
    readonly status: number;
    readonly text: string;
    readonly headers: Record<string, unknown>;
  }
  const ask = (secure: boolean, path: string, headers: Record<string, string> = {}, body = ''): Promise<Said> =>
    new Promise((done, fail) => {
      const options = { host: '127.0.0.1', port, path, headers, ca: authority, agent: false, method: body === '' ? 'GET' : 'POST' };
      (secure ? securely : plainly)(options, (answer) => {
        let text = '';
        answer.setEncoding('utf8').on('data', (part: string) => (text += part));
        answer.on('end', () => done({ status: answer.statusCode ?? 0, text, headers: answer.headers }));
      })
        .on('error', fail)
        .end(body);
    });

  it('and plain HTTP come to one port: the one is answered, the other told where to go, whatever it sends', async () => {
    const [door, page, sent] = await Promise.all([
      ask(true, '/api/door'),
      ask(false, '/people'),
      ask(
        false,
        '/api/sign-in',
        { 'Content-Type': 'application/json' },
        JSON.stringify({ email: 'a@club.test', password: 'x'.repeat(4000) }),
      ),
    ]);
    expect(door.status).toBe(200);
    for (const { status, text } of [page, sent]) {
      expect(status).toBe(426);
      expect(text).toContain(`<a href="https://127.0.0.1:${port}/">`);
    }
    expect(page.headers['set-cookie']).toBeUndefined();
    expect((await ask(true, '/authority.crt')).text).toBe(authority);
  });

  it('is never pointed to by a name that is not the server’s own', async () => {
    const { status, text } = await ask(false, '/', { Host: 'evil.example' });
    expect(status).toBe(426);
    expect(text).not.toContain('href');
    expect((await ask(false, '/', { Host: '"><script>alert(1)</script>' })).text).not.toContain('<script>');
  });

  it('goes on while others begin nothing, and ends with them', async () => {
    const silent = connect(port, '127.0.0.1');
    await new Promise((done) => silent.once('connect', done));
    const half = connect(port, '127.0.0.1').on('error', () => undefined);
    half.write(Buffer.from([22, 3, 1]));
    expect((await ask(true, '/api/health')).status).toBe(200);
    const ended = Promise.all([silent, half].map((socket) => new Promise((done) => socket.once('close', done))));
    for (const socket of [silent, half]) socket.resume();
    server.closeAllConnections();
    await ended;
    expect((await ask(true, '/api/health')).status).toBe(200);
  });

  it('by a certificate of the house holds no browser to it; by the club’s own it does, and the cookie is that name’s alone', async () => {
    await addClub(house.pool, 'Club', { name: 'Ann', email: 'h@club.test', password: 'long enough to pass' });
    const entered = (own: boolean) =>
      request(createApp(specConfig({ tls: { ...tls, own }, trustProxy: 'loopback' }), house, makeLog('silent'), none))
        .post('/api/sign-in')
        .set('X-Forwarded-Proto', 'https')
        .send({ email: 'h@club.test', password: 'long enough to pass' })
        .expect(200);
    const [made, own] = [await entered(false), await entered(true)];
    expect(made.headers['strict-transport-security']).toBeUndefined();
    expect(own.headers['strict-transport-security']).toBe('max-age=15552000');
    const cookie = (own.get('Set-Cookie') ?? []).find((one) => one.startsWith('__Host-hopsk.sid='));
    expect(cookie).toMatch(/Path=\/;.*HttpOnly; Secure/);
    expect(cookie).not.toContain('Domain');
    expect((made.get('Set-Cookie') ?? []).some((one) => one.startsWith('hopsk.sid='))).toBeTrue();
  });

  it('is asked of every other machine, also where the app is opened by hand; the machine itself may do without', async () => {
    const app = createApp(specConfig({ trustProxy: 'loopback' }), house, makeLog('silent'), none);
    const from = (ip: string, proto: string) => request(app).get('/api/door').set({ 'X-Forwarded-For': ip, 'X-Forwarded-Proto': proto });
    expect((await from('192.168.1.9', 'http')).status).toBe(426);
    expect((await from('192.168.1.9', 'https')).status).toBe(200);
    expect((await request(app).get('/api/door')).status).toBe(200);
  });
});

describe('a proxy that is not trusted', () => {
  it('is spoken of once, when it first sends something; one that is trusted never', async () => {
    const house = await openHouse();
    for (const [trustProxy, times] of [
      [null, 1],
      ['loopback', 0],
    ] as const) {
      const said: string[] = [];
      const app = createApp(specConfig({ trustProxy }), house, makeLog('silent'), none, (sentence) => said.push(sentence));
      await request(app).get('/api/health');
      expect(said).toEqual([]);
      for (const name of ['X-Forwarded-For', 'Forwarded', 'X-Real-IP']) await request(app).get('/api/health').set(name, '127.0.0.1');
      expect(said.length).withContext(String(trustProxy)).toBe(times);
    }
    await house.close();
  });
});
