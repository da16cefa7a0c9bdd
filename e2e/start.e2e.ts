import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { NpmStart } from './npm-start.js';
import { accessible, expect, test } from './support.js';

const lock = (data: string): string => join(data, 'postgres/postmaster.pid');

test.describe('npm start', () => {
  test.slow();

  test('first start, second start, one at a time, and a clean stop', async ({ request }) => {
    const start = await NpmStart.begin();
    try {
      const url = await start.address();
      expect(url).toMatch(/^http:\/\/127\.0\.0\.1:\d+$/);
      for (const step of ['packages: there', 'database:', 'server: fresh', 'web app: fresh', 'demo club: 12 athletes'])
        expect(start.said).toContain(step);
      expect(await (await request.get(`${url}/api/health`)).json()).toEqual({ ok: true, database: true });

      const second = NpmStart.on(start.data);
      expect(await second.exit()).toBe(1);
      expect(second.said).toContain('Hopsk is running from this folder already');
      expect((await request.get(`${url}/api/health`)).status()).toBe(200);

      expect(existsSync(lock(start.data))).toBe(true);
      expect(await start.stop('SIGINT')).toBe(0);
      expect(existsSync(lock(start.data))).toBe(false);

      const again = NpmStart.on(start.data);
      const later = await again.address();
      expect(again.said).toContain('demo club: a club is there already');
      await request.post(`${later}/api/demo`);
      expect(((await (await request.get(`${later}/api/athletes`)).json()) as unknown[]).length).toBe(12);
      expect(await again.stop('SIGTERM')).toBe(0);
    } finally {
      await start.end();
    }
  });

  test('a run that was killed leaves its locks; the next one takes them over', async ({ request }) => {
    const start = await NpmStart.begin('--empty');
    const postmaster = Number(readFileSync(lock(start.data), 'utf8').split('\n')[0]);
    await start.stop('SIGKILL');
    // The database too, as when the power goes.
    process.kill(postmaster, 'SIGKILL');
    expect(existsSync(lock(start.data))).toBe(true);
    const again = NpmStart.on(start.data, '--empty');
    try {
      const url = await again.address();
      expect((await request.get(`${url}/api/health`)).status()).toBe(200);
    } finally {
      await again.end();
    }
  });

  test('--empty: the first coach makes the club, and the demo door is not there', async ({ page }) => {
    const start = await NpmStart.begin('--empty');
    try {
      await page.goto(await start.address());
      await expect(page.getByRole('heading', { name: 'The first coach' })).toBeVisible();
      await expect(page.getByRole('button', { name: /demo/ })).toHaveCount(0);
      await accessible(page);
      await page.getByLabel('club', { exact: true }).fill('Harbour');
      await page.getByLabel('your name').fill('Ida');
      await page.getByLabel('e-mail address').fill('ida@harbour.test');
      await page.getByLabel('password').fill('short');
      await page.getByRole('button', { name: 'make the club' }).click();
      await expect(page.getByRole('alert')).toHaveText('needs at least 10 characters');
      await page.getByLabel('password').fill('long enough now');
      await page.getByRole('button', { name: 'make the club' }).click();
      // A new club says what to do next, on every screen.
      await expect(page.getByRole('heading', { name: 'Nobody here yet' })).toBeVisible();
      await page.getByRole('link', { name: 'stance', exact: true }).click();
      await expect(page.getByRole('heading', { name: 'Add an athlete first' })).toBeVisible();
      await page.getByRole('link', { name: 'steps', exact: true }).click();
      await expect(page.getByRole('heading', { name: 'No patterns yet' })).toBeVisible();
      await page.getByRole('link', { name: 'floor', exact: true }).click();
      await expect(page.getByText('Add an athlete first; then rounds can run.').first()).toBeVisible();
      await page.getByRole('link', { name: 'faults', exact: true }).click();
      await expect(page.getByRole('heading', { name: 'Choose an athlete' })).toBeVisible();
      expect((await page.context().request.post(`${await start.address()}/api/demo`)).status()).not.toBe(200);
    } finally {
      await start.end();
    }
  });

  test('options that make no sense end with a plain sentence', async () => {
    for (const [options, sentence] of [
      [['--port', '99999'], '--port 99999 is no port.'],
      [['--cert', 'x.pem'], '--cert needs --key'],
      [['--tls'], 'Unknown option'],
      [
        ['--empty', '--port', new URL(process.env['HOPSK_E2E_URL'] ?? '').port],
        'The port is in use by another program. Choose another with --port.',
      ],
    ] as const) {
      const start = NpmStart.on(NpmStart.folder(), ...options);
      expect(await start.exit()).toBe(1);
      expect(start.said).toContain(sentence);
      expect(start.said).not.toContain('    at ');
      rmSync(start.data, { recursive: true, force: true });
    }
  });
});
