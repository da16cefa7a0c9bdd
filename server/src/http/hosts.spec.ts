import request from 'supertest';
import { createApp } from '../app.js';
import { openHouse, specConfig, type House } from '../testing/house.js';
import { isOwnName, nameIn } from './hosts.js';
import { makeLog } from './log.js';

describe('the name that a server is called by', () => {
  let house: House;
  beforeAll(async () => (house = await openHouse()));
  afterAll(() => house.close());
  const asked = (host: string, more: Parameters<typeof specConfig>[0] = {}): Promise<number> =>
    request(createApp(specConfig({ names: ['Hall.local'], ...more }), house, makeLog('silent'), () => Promise.reject(new Error('none'))))
      .get('/api/door')
      .set('Host', host)
      .then(({ status }) => status);

  it('is an address, localhost, or one it was told; somebody else’s page that leads its own name here gets nothing', async () => {
    for (const host of [
      '127.0.0.1',
      '192.168.1.5:4180',
      '[::1]:4180',
      '[fe80::1]',
      'localhost',
      'LOCALHOST:1',
      'hall.local:4180',
      'hall.local.',
    ])
      expect(await asked(host))
        .withContext(host)
        .toBe(200);
    for (const host of [
      'evil.example',
      'evil.example:4180',
      '127.0.0.1.evil.example',
      'localhost.evil.example',
      'hall',
      'x.hall.local',
      '1',
      'dead',
      '0x7f.1',
      '',
    ])
      expect(await asked(host))
        .withContext(host)
        .toBe(421);
  });

  it('behind a proxy that is trusted it is the one that was asked there', async () => {
    const app = (trustProxy: string | null) =>
      createApp(specConfig({ names: ['club.example'], trustProxy }), house, makeLog('silent'), () => Promise.reject(new Error('none')));
    const status = (trusted: string | null, forwarded: string): Promise<number> =>
      request(app(trusted))
        .get('/api/door')
        .set('X-Forwarded-Host', forwarded)
        .then((answer) => answer.status);
    expect(await status('loopback', 'club.example')).toBe(200);
    expect(await status('loopback', 'evil.example')).toBe(421);
    // One that is not trusted says nothing.
    expect(await status(null, 'evil.example')).toBe(200);
  });

  it('is read from a header and nothing else', () => {
    expect(['hall.local:80', '[::1]:80', 'a b', 'a/b', 'a@b', undefined].map((host) => nameIn(host))).toEqual([
      'hall.local',
      '[::1]',
      '',
      '',
      '',
      '',
    ]);
    expect(isOwnName([], null)('10.1.2.3')).toBeTrue();
  });
});
