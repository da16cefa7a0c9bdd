import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from '../scripts/lib/project.mjs';
import { FIRST_LOAD, firstLoad } from '../scripts/lib/first-load.mjs';
import { accessible, enterDemo, expect, keptOnDevice, signInAs, tapTile, test } from './support.js';

test.describe('the door', () => {
  test('lets the demo club in, and out again', async ({ page }) => {
    await page.goto('/faults');
    // Where the coach was going is kept for after the door.
    await expect(page).toHaveURL(/\/enter\?to=%2Ffaults$/);
    await accessible(page);
    await page.getByRole('button', { name: 'enter the demo club' }).click();
    await expect(page.getByRole('heading', { name: 'Faults' })).toBeVisible();
    await page.getByRole('link', { name: 'club', exact: true }).click();
    await page.getByRole('button', { name: 'sign out' }).click();
    await expect(page).toHaveURL(/\/enter/);
    await page.goto('/people');
    await expect(page).toHaveURL(/\/enter\?to=%2Fpeople$/);
  });

  test('says that the password is wrong, whoever it was for, and keeps the address', async ({ page }) => {
    await page.goto('/enter');
    for (const address of ['runa@netloft.test', 'nobody@netloft.test']) {
      await page.getByLabel('e-mail address').fill(address);
      await page.getByLabel('password').fill('surely not this');
      await page.getByRole('button', { name: 'sign in' }).click();
      await expect(page.getByRole('alert')).toHaveText(/Address or password is wrong/);
      await expect(page.getByLabel('e-mail address')).toHaveValue(address);
    }
    await signInAs(page, 'Mateus');
    await expect(page.getByRole('link', { name: 'people' })).toBeVisible();
    await expect(page.locator('nav .who')).toContainText('Mateus');
  });

  test('whoever leaves is asked about what they typed, and the door says what waits on the device', async ({ coach }) => {
    await coach.goto('/people');
    await coach.getByRole('link', { name: 'add an athlete' }).click();
    await coach.getByLabel('name').fill('Half typed');
    await coach.getByLabel('name').blur();
    await keptOnDevice(coach, 'Half typed');
    await coach.goto('/club');
    await coach.getByRole('button', { name: 'sign out' }).click();
    const dialog = coach.getByRole('dialog');
    await expect(dialog).toContainText('Something is typed here and not saved');
    await dialog.getByRole('button', { name: 'stay signed in' }).click();
    await expect(dialog).toBeHidden();
    // By whichever way.
    for (const [way, stay] of [
      ['leave the club', 'stay'],
      ['make this house my own', 'keep the demo'],
    ] as const) {
      await coach.getByRole('button', { name: way }).click();
      await expect(dialog).toContainText('Something is typed here and not saved');
      await dialog.getByRole('button', { name: stay }).click();
      await expect(dialog).toBeHidden();
    }

    await coach.goto('/floor');
    await coach.locator('button.start').click();
    await coach.locator('[data-fault]').first().waitFor();
    await expect(coach.locator('.sent')).toHaveText('sent');
    const context = coach.context();
    await context.setOffline(true);
    const fault = (await coach.locator('[data-fault]').first().getAttribute('data-fault')) ?? '';
    for (let i = 0; i < 3; i++) await tapTile(coach, fault);
    await keptOnDevice(coach, `"fault":"${fault}"`, 3);
    await context.clearCookies();
    await context.setOffline(false);
    await coach.goto('/enter');
    await expect(coach.getByText('3 taps wait on this device')).toBeVisible();
    await enterDemo(coach);
    await coach.goto('/floor/run');
    await expect(coach.locator('.sent')).toHaveText('sent');
    await coach.getByRole('button', { name: 'end', exact: true }).click();
    await coach.getByRole('button', { name: 'end it' }).click();
    await expect(coach.getByRole('heading', { name: 'What was seen' })).toBeVisible();
  });

  test('‘no network’ is said no longer than it is so', async ({ coach }) => {
    await coach.goto('/people');
    await expect(coach.getByRole('heading', { name: 'People' })).toBeVisible();
    await coach.route('**/api/me', (route) => route.abort());
    await coach.route('**/api/live**', (route) => route.abort());
    await coach.reload();
    const strip = coach.getByText('No network. Showing what this device kept.');
    await expect(strip).toBeVisible();
    await coach.unrouteAll();
    await coach.evaluate(() => dispatchEvent(new Event('online')));
    await expect(strip).toBeHidden();
  });

  test('never follows a way out of the app', async ({ page }) => {
    await page.goto('/enter?to=//elsewhere.test/people');
    await page.getByRole('button', { name: 'enter the demo club' }).click();
    await expect(page).toHaveURL(/^http:\/\/127\.0\.0\.1:\d+\/today$/);
  });

  test('and the floor come with little script: neither parser, simulator nor charts', async ({ browser, baseURL }) => {
    // What only those hold: the parser's tables, a refusal of the simulation, the charts' own drawing library.
    const theirs = ['stateData', 'nothing-to-recover', 'cartesian2d'];
    const folder = join(root, 'web/dist');
    const built = readdirSync(folder)
      .filter((file) => file.endsWith('.js'))
      .map((file) => readFileSync(join(folder, file), 'utf8'))
      .join('');
    for (const mark of theirs) expect(built.includes(mark), mark).toBe(true);
    for (const { name, most, ...first } of FIRST_LOAD) {
      const context = await browser.newContext({ ...(baseURL && { baseURL }), serviceWorkers: 'block' });
      if (first.path !== '/enter') await context.request.post('/api/demo');
      const { scripts, sent, unpacked, text } = await firstLoad(await context.newPage(), first);
      expect(scripts, name).toBeGreaterThan(5);
      expect(sent, name).toBeLessThanOrEqual(most);
      for (const mark of theirs) expect(text.includes(mark), `${name}: ${mark}`).toBe(false);
      // Packed as they are sent: that is what the limit is about.
      expect(sent, name).toBeLessThan(unpacked / 2);
      await context.close();
    }
  });
});
