import { devices, type Browser, type Page } from '@playwright/test';
import type { Athlete } from '@hopsk/contract/people';
import { accessible, addAthlete, ask, choose, expect, tapTile, test, typeDose, watchPage } from './support.js';

const { viewport, userAgent, deviceScaleFactor, isMobile, hasTouch } = devices['Pixel 7'];

/** The link that an owner gets for somebody they invite on the club's page. */
async function invited(owner: Page, name: string, role: string, reads?: string): Promise<string> {
  await owner.goto('/club');
  const members = owner.locator('hop-members');
  await members.getByLabel('name', { exact: true }).fill(name);
  await members.getByLabel('e-mail address').fill(`${name.toLowerCase()}@roles.test`);
  await choose(owner, 'role', role, members);
  if (reads !== undefined) {
    await choose(owner, 'reads the books of', reads, members.locator('form'));
    await owner.keyboard.press('Escape');
  }
  await members.getByRole('button', { name: 'make the link' }).click();
  const link = members.getByLabel('link', { exact: true });
  await expect(link).toHaveValue(/\/welcome#[\w-]{43}$/);
  return new URL(await link.inputValue()).href;
}

/** Somebody on a phone of their own, in by a link; `refused` are the answers that said no to what their pages asked for. */
async function cameIn(browser: Browser, link: string): Promise<{ readonly page: Page; readonly refused: string[] }> {
  const context = await browser.newContext({
    ...{ viewport, userAgent, deviceScaleFactor, isMobile, hasTouch },
    ...{ reducedMotion: 'reduce', serviceWorkers: 'block' },
  });
  const page = await context.newPage();
  await page.goto(link);
  await page.getByLabel('password').fill('twine and chalk');
  await page.getByRole('button', { name: 'choose it and go in' }).click();
  await page.waitForURL((url) => !url.pathname.startsWith('/welcome'));
  const refused: string[] = [];
  page.on('response', (response) => {
    if ([401, 403].includes(response.status())) refused.push(`${response.status()} ${new URL(response.url()).pathname}`);
  });
  return { page, refused };
}

/** Goes to each page of the menu. */
async function through(page: Page): Promise<string[]> {
  const links = page.locator('nav a:not(.brand)');
  const pages = await links.evaluateAll((all) => all.map((one) => one.getAttribute('href') ?? ''));
  for (const one of pages) {
    await page.goto(one);
    await expect(page.locator('h1')).toBeVisible();
    await expect(page.getByText('fetching …')).toHaveCount(0);
  }
  return pages;
}

test.describe('who belongs to a club', () => {
  test('an assistant comes in by a link on their phone, runs and taps, and finds no book; taken out, they are out at once', async ({
    coach,
    browser,
  }) => {
    await addAthlete(coach, 'Roles Ada', 170, { focus: 'split-late' });
    const link = await invited(coach, 'Tove', 'assistant');
    await accessible(coach);
    const { page, refused } = await cameIn(browser, link);
    const wrong = watchPage(page);
    try {
      // A link works once.
      const again = await page.context().newPage();
      await again.goto(link);
      await expect(again.getByRole('alert')).toContainText('used already');
      await again.close();
      expect(await through(page)).toEqual(['/today', '/floor', '/club']);
      await expect(page.locator('hop-members')).toHaveCount(0);
      for (const away of ['/people', '/faults', '/floor/runs', '/steps/new', '/build']) {
        await page.goto(away);
        await page.waitForURL('**/today');
      }
      await page.getByRole('link', { name: /^rounds, with a pattern/ }).click();
      await page.getByRole('group', { name: 'Who is here' }).getByRole('button', { name: 'Roles Ada' }).waitFor();
      await typeDose(page, { work: 60, rounds: 2, rest: 20 });
      await page.locator('button.start').click();
      await page.locator('[data-fault]').first().waitFor();
      await page.locator('.chip').first().click();
      await tapTile(page, (await page.locator('[data-fault]').first().getAttribute('data-fault')) ?? '');
      await page.getByRole('button', { name: 'end', exact: true }).click();
      await page.getByRole('button', { name: 'end it' }).click();
      await expect(page.getByRole('heading', { name: 'What was seen' })).toBeVisible();
      await page.getByRole('button', { name: 'done' }).click();
      await page.waitForURL('**/floor');
      expect(refused).toEqual([]);

      const members = coach.locator('hop-members');
      await members.getByRole('button', { name: 'take Tove out of the club' }).click();
      await coach.getByRole('dialog').getByRole('button', { name: 'take out' }).click();
      await expect(members.getByText('Tove is out, on every device.')).toBeVisible();
      await page.waitForURL('**/enter**');
      await page.getByLabel('e-mail address').fill('tove@roles.test');
      await page.getByLabel('password').fill('twine and chalk');
      await page.getByRole('button', { name: 'sign in' }).click();
      await expect(page.getByRole('alert')).toContainText('wrong');
      await members.getByRole('button', { name: 'take Tove in again' }).click();
      await expect(members.getByRole('button', { name: 'take Tove out of the club' })).toBeVisible();
      await page.getByRole('button', { name: 'sign in' }).click();
      await page.waitForURL(/\/(today|floor)$/);
      expect(wrong).toEqual([]);
    } finally {
      await page.context().close();
    }
  });

  test('a reader reads the books of those whom an owner named, and loses one that is named no more', async ({ coach, browser }) => {
    await addAthlete(coach, 'Roles Bea', 165);
    const people = await ask<Athlete[]>(coach, '/athletes');
    const bea = people.find(({ name }) => name === 'Roles Bea')?.id ?? '';
    const other = people.find(({ name, archivedAt }) => name !== 'Roles Bea' && archivedAt === null);
    const { page, refused } = await cameIn(browser, await invited(coach, 'Yrsa', 'reader', 'Roles Bea'));
    const wrong = watchPage(page);
    try {
      await page.waitForURL('**/faults');
      expect(await through(page)).toEqual(['/faults', '/club']);
      await page.goto(`/faults?athlete=${bea}`);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      await accessible(page);
      await page.getByRole('combobox', { name: 'of' }).click();
      await expect(page.getByRole('option')).toHaveText(['Roles Bea']);
      await page.goto('/floor');
      await page.waitForURL('**/faults');
      expect(refused).toEqual([]);
      for (const path of [`/athletes/${other?.id ?? ''}/book`, `/runs/${bea}`])
        expect((await page.request.get(`/api${path}`)).status()).toBe(path.startsWith('/runs') ? 403 : 404);

      const row = coach.locator('hop-members li').filter({ hasText: 'Yrsa' });
      await choose(coach, 'reads the books of', 'Roles Bea', row);
      await coach.keyboard.press('Escape');
      await expect.poll(async () => (await page.request.get(`/api/athletes/${bea}/book`)).status()).toBe(404);
      expect(wrong).toEqual([]);
    } finally {
      await page.context().close();
    }
  });

  test('the last owner stays one, and is told why', async ({ coach }) => {
    await coach.goto('/club');
    const row = coach.locator('hop-members li').filter({ hasText: 'Runa' });
    await choose(coach, 'what Runa may', 'coach', row);
    await expect(coach.locator('hop-members').getByRole('alert')).toContainText('A club needs an owner');
    await expect(row.getByRole('combobox')).toContainText('owner');
    await coach.getByRole('button', { name: 'leave the club' }).click();
    await coach.getByRole('dialog').getByRole('button', { name: 'leave the club' }).click();
    await expect(coach.locator('hop-leave-club').getByRole('alert')).toContainText('A club needs an owner');
  });
});
