import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import request from 'supertest';
import { readConfig } from './config.js';
import { openPool } from './db/pool.js';
import { migrate } from './db/migrate.js';
import { appOn, openHouse } from './testing/house.js';

describe('the server', () => {
  it('says 503 and what was kept while the database is away, and is not ended by it', async () => {
    const pool = openPool('postgresql://nobody@127.0.0.1:1/none', () => undefined);
    const app = appOn(pool);
    expect((await request(app).get('/api/health').expect(503)).body).toEqual({ ok: false, database: false, room: true });
    const { body } = await request(app).get('/api/door').expect(503);
    expect(body.error).toBe('database-away');
    await pool.end();
  });

  it('is healthy with one, and migrates only once', async () => {
    const house = await openHouse();
    expect((await request(house.app).get('/api/health').expect(200)).body).toEqual({ ok: true, database: true, room: true });
    expect(await migrate(house.pool)).toEqual([]);
    await house.close();
  });

  it('serves the web app with a strict policy, hashed files for a year, the page fresh', async () => {
    const web = mkdtempSync(join(tmpdir(), 'hopsk-web-'));
    mkdirSync(join(web, 'media'));
    writeFileSync(join(web, 'index.html'), '<!doctype html><title>Hopsk</title>');
    writeFileSync(join(web, 'main-ABCD1234.js'), `// ${'x'.repeat(4000)}`);
    const house = await openHouse(web);
    const page = await request(house.app).get('/people/anything').expect(200);
    expect(page.headers['cache-control']).toBe('no-cache');
    const policy = page.headers['content-security-policy'] ?? '';
    expect(policy).toContain("script-src 'self'");
    expect(policy).not.toMatch(/script-src[^;]*unsafe|https?:/);
    const script = await request(house.app).get('/main-ABCD1234.js').set('Accept-Encoding', 'gzip').expect(200);
    expect(script.headers['cache-control']).toContain('immutable');
    expect(script.headers['content-encoding']).toBe('gzip');
    await request(house.app).get('/missing-ABCD1234.js').expect(404);
    expect((await request(house.app).get('/api/nowhere').expect(401)).body.error).toBe('signed-out');
    await house.close();
  });

  it('reads its settings and names what is wrong with them', () => {
    const good = {
      DATABASE_URL: 'postgresql://x',
      HOPSK_SESSION_SECRET: 'sixteen letters!!',
      HOPSK_UPLOADS: '/x',
      HOPSK_HOSTS: '127.0.0.1, 127.0.0.2',
    };
    expect(readConfig(good)).toEqual(jasmine.objectContaining({ port: 4180, hosts: ['127.0.0.1', '127.0.0.2'], tls: null }));
    expect(() => readConfig({ ...good, HOPSK_PORT: '99999' })).toThrowError(/HOPSK_PORT/);
    expect(() => readConfig({ ...good, HOPSK_CERT: '/x' })).toThrowError(/needs its key/);
    expect(() => readConfig({ ...good, HOPSK_CERT: '/x', HOPSK_KEY: '/y' })).toThrowError(/is not there/);
  });
});
