import { devices, type Page } from '@playwright/test';
import type { Athlete } from '@hopsk/contract/people';
import { accessible, ask, expect, onlyHere, tapTile, test } from './support.js';

const { viewport, userAgent, deviceScaleFactor, isMobile, hasTouch } = devices['Pixel 7'];
test.use({ viewport, userAgent, deviceScaleFactor, isMobile, hasTouch, serviceWorkers: 'allow' });

/** Everything that the browser holds of this origin, as text: databases, storage, caches of answers. */
const raw = (page: Page): Promise<string> =>
  page.evaluate(async () => {
    const all: unknown[] = [{ ...localStorage }, { ...sessionStorage }];
    const settled = <T>(request: IDBRequest<T>): Promise<T> =>
      new Promise((done, fail) => {
        request.onsuccess = () => done(request.result);
        request.onerror = () => fail(request.error ?? new Error('unread'));
      });
    for (const { name } of await indexedDB.databases()) {
      const db = await settled(indexedDB.open(name ?? ''));
      for (const store of db.objectStoreNames) all.push(await settled(db.transaction(store).objectStore(store).getAll()));
      db.close();
    }
    for (const name of await caches.keys())
      for (const request of await (await caches.open(name)).keys()) if (request.url.includes('/api/')) all.push(request.url);
    return JSON.stringify(all);
  });

const ready = (page: Page): Promise<boolean> => page.evaluate(() => navigator.serviceWorker.ready.then(() => true));

test.describe('a phone that several share', () => {
  test('a session that ends stops no run: clock, tiles and names stay until it does; then nothing of the club is left on the phone', async ({
    coach,
    context,
  }) => {
    await coach.goto('/floor');
    await ready(coach);
    const people = await ask<Athlete[]>(coach, '/athletes');
    const secret = [...people.map(({ name }) => name), ...people.flatMap(({ cautions }) => cautions.map(({ note }) => note))].filter(
      (text) => text !== '',
    );
    expect(secret.length).toBeGreaterThan(12);
    const held = async (): Promise<string[]> => {
      const text = await raw(coach);
      return secret.filter((one) => text.includes(JSON.stringify(one)));
    };
    await expect.poll(async () => (await held()).length).toBe(secret.length);
    await onlyHere(coach, 'Ines');
    await coach.getByRole('button', { name: /^start/ }).click();
    await coach.locator('[data-fault]').first().waitFor();
    const fault = (await coach.locator('[data-fault]').first().getAttribute('data-fault')) ?? '';

    // As when an owner ends the session, or it is too old.
    await context.clearCookies();
    await tapTile(coach, fault);
    await expect(coach.locator(`[data-fault="${fault}"] .count`)).toHaveText('1');
    await coach.reload();
    await expect(coach.locator('.chip').filter({ hasText: 'Ines' })).toBeVisible();
    await tapTile(coach, fault);
    await expect(coach.locator(`[data-fault="${fault}"] .count`)).toHaveText('2');
    await coach.getByRole('button', { name: 'end', exact: true }).click();
    await coach.getByRole('button', { name: 'end it' }).click();
    await expect(coach.getByRole('heading', { name: 'What was seen' })).toBeVisible();
    await coach.goto('/people');
    await coach.waitForURL(/\/enter/);
    await expect(coach.getByText(/taps/)).toBeVisible();
    expect(await raw(coach)).toContain('"sent":0');
    await expect.poll(held).toEqual([]);
    await accessible(coach);

    // Without a network nobody sees anybody either.
    await context.setOffline(true);
    await coach.goto('/people');
    await coach.waitForURL(/\/enter/);
    await context.setOffline(false);
    // What was tapped waits for whoever comes in, and is sent.
    await coach.goto('/enter');
    await coach.getByRole('button', { name: /demo/ }).click();
    await coach.waitForURL(/\/floor|\/people/);
    await expect.poll(async () => (await raw(coach)).includes('"sent":0')).toBe(false);
  });

  test('signing out works without a network: at once on the phone, and at the server as soon as it can be told', async ({
    coach,
    context,
  }) => {
    await coach.goto('/club');
    await ready(coach);
    await coach.getByRole('button', { name: 'sign out' }).waitFor();
    await expect.poll(() => raw(coach)).toContain('Ines');
    await context.setOffline(true);
    await coach.getByRole('button', { name: 'sign out' }).click();
    await coach.waitForURL(/\/enter/);
    await expect.poll(async () => (await raw(coach)).includes('Ines')).toBe(false);
    await coach.goto('/people');
    await coach.waitForURL(/\/enter/);
    // The server knows nothing of it yet.
    await context.setOffline(false);
    expect((await context.request.get('/api/me')).status()).toBe(200);
    await coach.goto('/people');
    await coach.waitForURL(/\/enter/);
    await expect.poll(async () => (await context.request.get('/api/me')).status()).toBe(401);
  });
});
