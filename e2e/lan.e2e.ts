import { X509Certificate } from 'node:crypto';
import { readFileSync, rmSync } from 'node:fs';
import { request as ask } from 'node:https';
import { join } from 'node:path';
import { connect } from 'node:tls';
import { CHROMIUM } from './chromium.js';
import { NpmStart } from './npm-start.js';
import { enterByDoor, expect, tapTile, test, watchPage } from './support.js';

const HOST = '127.0.0.2';

/** Of the certificate that a server shows just now. */
const shown = (url: string): Promise<string> =>
  new Promise((done, fail) => {
    const { hostname, port } = new URL(url);
    const line = connect({ host: hostname, port: Number(port), rejectUnauthorized: false }, () => {
      done(line.getPeerX509Certificate()?.fingerprint256 ?? '');
      line.end();
    }).on('error', fail);
  });

/** Status of an answer over TLS that trusts nothing but the certificate that the start made. */
const verified = (url: string, ca: string): Promise<number> =>
  new Promise((done, fail) => {
    ask(url, { ca }, (answer) => {
      answer.resume();
      done(answer.statusCode ?? 0);
    })
      .on('error', fail)
      .end();
  });

test('npm start -- --lan: a run over HTTPS through another address of this machine', async ({ playwright, request }) => {
  test.slow();
  const start = await NpmStart.begin('--lan', '--open-demo', '--host', HOST);
  const browser = await playwright.chromium.launch({ ...CHROMIUM, args: [...CHROMIUM.args, '--ignore-certificate-errors'] });
  try {
    const { origin } = new URL(await start.address(/on the network: (\S+)/));
    expect(origin).toMatch(/^https:\/\/127\.0\.0\.2:\d+$/);
    // The code for the phone's camera stands in the terminal too: the upper two of the three corners by which a camera finds any such code.
    expect(start.said).toMatch(/█▀▀▀▀▀█ .+ █▀▀▀▀▀█/);
    const certificate = readFileSync(join(start.data, 'certificate/authority.pem'), 'utf8');
    expect(await verified(`${origin}/api/health`, certificate)).toBe(200);

    // Plain HTTP on the same port says where to go, and keeps nothing.
    const plain = await request.get(origin.replace('https', 'http'));
    expect(plain.status()).toBe(426);
    expect(await plain.text()).toContain(`href="${origin}/"`);

    const context = await browser.newContext({
      baseURL: origin,
      viewport: { width: 390, height: 844 },
      reducedMotion: 'reduce',
      serviceWorkers: 'allow',
    });
    const page = await context.newPage();
    const seen = watchPage(page);
    await enterByDoor(page);
    const cookies = await context.cookies();
    expect(cookies.map(({ name, secure, httpOnly, sameSite }) => ({ name, secure, httpOnly, sameSite }))).toEqual(
      expect.arrayContaining([
        { name: 'hopsk.sid', secure: true, httpOnly: true, sameSite: 'Lax' },
        { name: 'XSRF-TOKEN', secure: true, httpOnly: false, sameSite: 'Lax' },
      ]),
    );
    expect(await page.evaluate(() => isSecureContext)).toBe(true);
    await page.getByRole('link', { name: /^rounds, with a pattern/ }).click();
    await expect(page.getByRole('heading', { name: 'Rounds without a plan' })).toBeVisible();
    await expect(page.getByText('This page was not opened over HTTPS')).toHaveCount(0);
    await page.getByRole('button', { name: /^start/ }).click();
    const first = (await page.locator('[data-fault]').first().getAttribute('data-fault')) ?? '';
    await tapTile(page, first);
    await expect(page.locator('.sent')).toHaveText('sent');
    await page.getByRole('button', { name: 'end', exact: true }).click();
    await page.getByRole('button', { name: 'end it' }).click();
    await expect(page.getByRole('heading', { name: 'What was seen' })).toBeVisible();

    await page.goto('/club');
    await expect(page.getByRole('img', { name: origin })).toBeVisible();
    // What phones are told to trust is what the terminal says.
    const { fingerprint256 } = new X509Certificate(certificate);
    expect(start.said).toContain(fingerprint256);
    await expect(page.getByText(fingerprint256)).toBeVisible();
    const [loaded] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'load the certificate' }).click()]);
    expect(readFileSync(await loaded.path(), 'utf8')).toBe(certificate);
    // The page can start without a network from now on.
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => true));
    expect(seen).toEqual([]);
  } finally {
    await browser.close();
    await start.end();
  }
});

test('a certificate that was made anew is shown by the server that runs', async () => {
  const start = await NpmStart.begin('--lan', '--empty', '--host', HOST);
  try {
    const url = await start.address(/on the network: (\S+)/);
    const [before, authority] = [await shown(url), readFileSync(join(start.data, 'certificate/authority.pem'), 'utf8')];
    for (const file of ['cert.pem', 'key.pem']) rmSync(join(start.data, 'certificate', file));
    start.tell('SIGUSR2');
    await expect.poll(() => shown(url)).not.toBe(before);
    expect(await verified(`${url}/api/health`, authority)).toBe(200);
    expect(await shown(url)).toBe(new X509Certificate(readFileSync(join(start.data, 'certificate/cert.pem'))).fingerprint256);
  } finally {
    await start.end();
  }
});
