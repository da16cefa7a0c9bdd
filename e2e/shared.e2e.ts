import { devices, type Page } from '@playwright/test';
import type { Athlete } from '@hopsk/contract/people';
import {
  accessible,
  addAthlete,
  ask,
  choose,
  expect,
  keptForNoNetwork,
  keptOnDevice,
  onlyHere,
  signInAs,
  tapTile,
  test,
} from './support.js';

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

/** Types over the name of the athlete whose page is open, and waits until the device keeps it. */
async function typeName(page: Page, name: string): Promise<void> {
  const box = page.getByLabel('name', { exact: true });
  await box.fill(name);
  await box.blur();
  await keptOnDevice(page, name);
}

/** As long as may be: four digits are found by chance in times and keys. */
const PIN = '40716253';

test.describe('a phone that several share', () => {
  test('a session that ends stops no run: clock, tiles and names stay until it does; then nothing of the club is left on the phone', async ({
    coach,
    context,
  }) => {
    await coach.goto('/floor');
    await keptForNoNetwork(coach);
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
    await expect.poll(held).toEqual([]);
    // The taps are there, and sealed to their coach.
    await expect.poll(() => raw(coach)).toContain('"taps":');
    for (const plain of ['"sent":0', `"fault":"${fault}"`]) expect(await raw(coach)).not.toContain(plain);
    await accessible(coach);

    // Without a network nobody sees anybody either.
    await context.setOffline(true);
    await coach.goto('/people');
    await coach.waitForURL(/\/enter/);
    await context.setOffline(false);
    // What was tapped waits for whoever tapped it, and is sent.
    await coach.goto('/enter');
    await coach.getByRole('button', { name: /demo/ }).click();
    await coach.waitForURL(/\/floor|\/today/);
    await expect.poll(async () => /"sent":0|"taps":/.test(await raw(coach))).toBe(false);
  });

  test('what is typed and not saved waits sealed while another coach is in, and is there again', async ({ coach, context }) => {
    await coach.goto(`/people/${await addAthlete(coach, 'Shared Ada', 170)}`);
    await typeName(coach, 'Typed Quietly');
    const typed = new URL(coach.url()).pathname;
    await coach.goto('/club');
    await coach.getByRole('button', { name: 'sign out' }).click();
    const dialog = coach.getByRole('dialog');
    await expect(dialog).toContainText('it waits on this device, sealed');
    await dialog.getByRole('button', { name: 'sign out' }).click();
    await coach.waitForURL(/\/enter/);
    await expect.poll(async () => /Typed|Shared|Ines/.test(await raw(coach))).toBe(false);

    await signInAs(coach, 'Mateus');
    await coach.waitForURL((url) => !url.pathname.startsWith('/enter'));
    await coach.goto(typed);
    await expect(coach.getByLabel('name', { exact: true })).toHaveValue('Shared Ada');
    expect((await raw(coach)).includes('Typed Quietly')).toBe(false);
    expect((await context.request.get('/api/me/seal')).status()).toBe(200);
    await coach.goto('/club');
    await coach.getByRole('button', { name: 'sign out' }).click();
    await coach.waitForURL(/\/enter/);
    expect((await context.request.get('/api/me/seal')).status()).toBe(401);

    await coach.getByRole('button', { name: /demo/ }).click();
    await coach.waitForURL((url) => !url.pathname.startsWith('/enter'));
    await coach.goto(typed);
    await expect(coach.getByLabel('name', { exact: true })).toHaveValue('Typed Quietly');
  });

  test('a tablet locks: nobody is shown, nothing can be read, its PIN opens it without a network; five wrong ones empty it', async ({
    coach,
    context,
  }) => {
    await coach.goto(`/people/${await addAthlete(coach, 'Locked Ada', 170)}`);
    await typeName(coach, 'Typed Behind It');
    const typed = new URL(coach.url()).pathname;
    await coach.goto('/club');
    await keptForNoNetwork(coach);
    const lock = coach.locator('hop-own-lock');
    await lock.getByLabel('PIN').fill('12a4');
    await lock.getByRole('button', { name: 'set the PIN' }).click();
    await expect(lock).toContainText('is not a number');
    await lock.getByLabel('PIN').fill(PIN);
    await choose(coach, 'locks by itself after', 'one minute', lock);
    await lock.getByRole('button', { name: 'set the PIN' }).click();
    await expect(lock).toContainText('It locks after one minute without a touch.');
    expect((await raw(coach)).includes(PIN)).toBe(false);

    // Nobody touches it for so long; not while a run is under way on it.
    const left = () => coach.evaluate(() => localStorage.setItem('hopsk.touched', String(Date.now() - 61_000)));
    await coach.goto('/floor');
    await onlyHere(coach, 'Ines');
    await coach.getByRole('button', { name: /^start/ }).click();
    await coach.locator('[data-fault]').first().waitFor();
    await left();
    await coach.reload();
    await expect(coach.locator('.chip').filter({ hasText: 'Ines' })).toBeVisible();
    await coach.getByRole('button', { name: 'end', exact: true }).click();
    await coach.getByRole('button', { name: 'end it' }).click();
    await expect(coach.getByRole('heading', { name: 'What was seen' })).toBeVisible();
    await coach.goto(typed);
    await expect(coach.getByLabel('name', { exact: true })).toHaveValue('Typed Behind It');
    await context.setOffline(true);
    await left();
    await coach.reload();
    await coach.waitForURL(/\/locked/);
    await expect(coach.getByRole('heading', { name: 'This device is locked' })).toBeVisible();
    await expect.poll(async () => /Ines|Typed|Locked Ada|Mateus/.test(await raw(coach))).toBe(false);
    for (const page of ['/people', '/club', '/floor', typed]) {
      await coach.goto(page);
      await coach.waitForURL(/\/locked/);
    }
    await accessible(coach);
    await coach.getByLabel('PIN').fill('40726253');
    await coach.getByRole('button', { name: 'open' }).click();
    await expect(coach.getByText('4 tries are left')).toBeVisible();
    await coach.getByLabel('PIN').fill(PIN);
    await coach.getByRole('button', { name: 'open' }).click();
    await coach.waitForURL((url) => url.pathname === typed);
    await expect(coach.getByLabel('name', { exact: true })).toHaveValue('Typed Behind It');
    await coach.goto('/people');
    await expect(coach.getByText('Ines').first()).toBeVisible();

    await context.setOffline(false);
    await coach.goto('/club');
    await lock.getByRole('button', { name: 'lock it now' }).click();
    await coach.waitForURL(/\/locked/);
    for (let i = 4; i >= 0; i--) {
      await coach.getByLabel('PIN').fill(`000${i}`);
      await coach.getByRole('button', { name: 'open' }).click();
      await expect(coach.getByRole('alert')).toContainText(
        i === 0 ? 'Five wrong PINs' : i === 1 ? 'One try is left' : `${i} tries are left`,
      );
      // A reload gives no try back.
      if (i === 2) await coach.reload();
    }
    await expect.poll(async () => (await context.request.get('/api/me')).status()).toBe(401);
    expect(/Ines|Typed|Locked Ada/.test(await raw(coach))).toBe(false);
    // What was typed waited for its coach all the same.
    await coach.getByRole('link', { name: 'to the door' }).click();
    await coach.getByRole('button', { name: /demo/ }).click();
    await coach.waitForURL((url) => !url.pathname.startsWith('/enter'));
    await coach.goto(typed);
    await expect(coach.getByLabel('name', { exact: true })).toHaveValue('Typed Behind It');
  });

  test('signing out works without a network: at once on the phone, and at the server as soon as it can be told', async ({
    coach,
    context,
  }) => {
    await coach.goto('/people');
    await expect.poll(() => raw(coach)).toContain('Ines');
    await coach.goto('/club');
    await keptForNoNetwork(coach);
    await coach.getByRole('button', { name: 'sign out' }).waitFor();
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
