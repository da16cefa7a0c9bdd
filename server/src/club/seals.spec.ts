import { webcrypto } from 'node:crypto';
import type { Me } from '@hopsk/contract/club';
import request from 'supertest';
import { Coach, type House, openHouse } from '../testing/house.js';

describe('what is sealed to a coach', () => {
  let house: House;
  let owner: Coach;
  beforeEach(async () => {
    house = await openHouse();
    owner = await Coach.of(house, 'Net Loft');
  });
  afterEach(() => house.close());

  const to = async (coach: Coach): Promise<string> => ((await coach.get('/me').expect(200)).body as Me).sealTo;
  const key = async (coach: Coach): Promise<string> => ((await coach.get('/me/seal').expect(200)).body as { key: string }).key;
  /** The public half that belongs to a private one. */
  async function half(pkcs8: string): Promise<string> {
    const { subtle } = webcrypto;
    const own = await subtle.importKey('pkcs8', Buffer.from(pkcs8, 'base64url'), { name: 'ECDH', namedCurve: 'P-256' }, true, [
      'deriveBits',
    ]);
    const { x = '', y = '' } = await subtle.exportKey('jwk', own);
    return Buffer.concat([Buffer.of(4), Buffer.from(x, 'base64url'), Buffer.from(y, 'base64url')]).toString('base64url');
  }

  it('is opened by a key of their own, made once, which nobody else is given', async () => {
    // As by a start of a version that has them: nobody has one yet, and two pages ask at a time.
    await house.pool.query('update coach set seal_public = null, seal_private = null');
    const both = await Promise.all([to(owner), to(owner)]);
    expect(both[0]).toBe(both[1] ?? '');
    expect(await to(owner)).toBe(both[0] ?? '');
    expect(await half(await key(owner))).toBe(both[0] ?? '');

    const mate = await owner.mate(house, 'reader');
    expect(await half(await key(mate))).toBe(await to(mate));
    expect(await to(mate)).not.toBe(both[0] ?? '');
    await owner.post('/sign-out', {}).expect(204);
    await owner.get('/me/seal').expect(401);
    await request(house.app).get('/api/me/seal').expect(401);
  });

  it('cannot be made where the disk is full: whoever is in stays in, and it is made later', async () => {
    await house.pool.query('update coach set seal_public = null, seal_private = null');
    await house.pool.query(
      `create function full_disk() returns trigger language plpgsql as $$ begin raise exception 'full' using errcode = '53100'; end $$`,
    );
    await house.pool.query('create trigger full_disk before update on coach execute function full_disk()');
    expect(await to(owner)).toBe('');
    await owner.get('/me/seal').expect(404);
    await house.pool.query('drop trigger full_disk on coach');
    const now = await to(owner);
    expect(await half(await key(owner))).toBe(now);
  });
});
