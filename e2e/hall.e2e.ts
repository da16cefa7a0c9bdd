import { devices, type Browser, type Page } from '@playwright/test';
import type { Athlete } from '@hopsk/contract/people';
import { sampleSession } from '@hopsk/contract/testing/samples';
import { whoIsHere } from './plan-clock.js';
import { accessible, addAthlete, ask, expect, put, tapTile, test, watchPage } from './support.js';

const { viewport, userAgent, deviceScaleFactor, isMobile, hasTouch } = devices['Pixel 7'];

/** A television in the hall, that nobody is signed in on. */
const television = async (browser: Browser, baseURL: string): Promise<Page> =>
  (
    await browser.newContext({ baseURL, viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce', serviceWorkers: 'block' })
  ).newPage();

/** A session of two stages that last longer than any machine, however busy, takes for a test, run on the phone. */
async function begin(coach: Page, name: string): Promise<void> {
  await addAthlete(coach, `${name} Berg`, 170);
  const ada = (await ask<Athlete[]>(coach, '/athletes')).find((one) => one.name === `${name} Berg`)?.id ?? '';
  const id = crypto.randomUUID();
  const stages = ['First', 'Second'].map((stage) => ({
    ...sampleSession.stages[0],
    ...{ id: crypto.randomUUID(), name: `${name} ${stage}`, dose: '2 × 600 s, rest 600 s', explain: 0 },
  }));
  await put(coach, `/sessions/${id}`, { ...sampleSession, id, version: 0, name: `${name} evening`, athletes: [ada], stages });
  await coach.goto(`/build/${id}`);
  await (await whoIsHere(coach)).click();
  await coach.locator('[data-fault]').first().waitFor();
}

async function codeOf(coach: Page): Promise<string> {
  await coach.getByRole('button', { name: 'who …' }).click();
  await coach.getByRole('button', { name: 'a screen in the hall …' }).click();
  const code = coach.locator('hop-hall-code .code');
  await expect(code).toHaveText(/^[2-9A-Z]{4}-[2-9A-Z]{4}$/);
  const text = (await code.textContent()) ?? '';
  await coach.getByRole('button', { name: 'close' }).click();
  return text;
}

async function show(hall: Page, code: string): Promise<void> {
  await hall.getByLabel('the run’s code').fill(code);
  await hall.getByRole('button', { name: 'show it' }).click();
}

const clockOf = (page: Page) => page.locator('hop-clock-block');

test.describe('a screen in the hall', () => {
  test.use({ viewport, userAgent, deviceScaleFactor, isMobile, hasTouch });

  test('follows the phone, goes on by itself without a network and catches up; it is sent nothing that was seen', async ({
    coach,
    browser,
    baseURL,
  }) => {
    await begin(coach, 'Hall Ada');
    const hall = await television(browser, baseURL ?? '');
    const seen = watchPage(hall);
    const sent: Promise<string>[] = [];
    hall.on('response', (response) => {
      if (response.url().includes('/api/hall') && !response.url().includes('/live')) sent.push(response.text().catch(() => ''));
    });
    try {
      await hall.goto('/hall');
      await accessible(hall);
      await show(hall, (await codeOf(coach)).toLowerCase());
      await expect(clockOf(hall)).toContainText('Hall Ada First');
      await expect(hall.locator('.names')).toHaveText('Hall');
      await expect(hall.locator('hop-moving-line.now svg')).toBeVisible();
      await expect(hall.locator('.next')).toContainText('Hall Ada Second');
      await accessible(hall);
      await expect(clockOf(coach)).toContainText('work');
      await expect(clockOf(hall)).toContainText('round 1 of 2 · work');
      await tapTile(coach, 'split-late');
      await coach.getByRole('button', { name: 'pause' }).click();
      await expect(clockOf(hall)).toContainText('pause');
      await coach.getByRole('button', { name: 'go on', exact: true }).click();
      await expect(clockOf(hall)).toContainText('work');
      await hall.context().setOffline(true);
      const before = await clockOf(hall).locator('.digits').textContent();
      await coach.getByRole('button', { name: 'next' }).click();
      await coach.getByRole('button', { name: '15 s more' }).click();
      await expect(hall.getByText('No network')).toBeVisible();
      await expect(clockOf(hall)).toContainText('work');
      // Its clock goes on meanwhile.
      await expect.poll(() => clockOf(hall).locator('.digits').textContent()).not.toBe(before);
      await hall.context().setOffline(false);
      await expect(clockOf(hall)).toContainText('rest');
      await expect(hall.getByText('No network')).toHaveCount(0);
      // The clock of both within a second of each other: how near they are is measured in the bench.
      const digits = async (page: Page): Promise<number> => {
        const [minutes = 0, seconds = 0] = ((await clockOf(page).locator('.digits').textContent()) ?? '').split(':').map(Number);
        return minutes * 60 + seconds;
      };
      expect(Math.abs((await digits(coach)) - (await digits(hall)))).toBeLessThanOrEqual(2);
      // Loaded anew it is where it was, without the code.
      await hall.reload();
      await expect(clockOf(hall)).toContainText('rest');
      await coach.getByRole('button', { name: 'end', exact: true }).click();
      await coach.getByRole('dialog').getByRole('button', { name: 'end it' }).click();
      await expect(hall.getByText('It is over')).toBeVisible();
      const all = (await Promise.all(sent)).join('\n');
      expect(all).toContain('"pause"');
      for (const secret of ['Berg', 'split-late', '"fault"', '"board"']) expect(all.includes(secret), secret).toBe(false);
      expect(seen).toEqual([]);
    } finally {
      await hall.context().close();
    }
  });

  test('says in a sentence that a code is none, or is no more', async ({ coach, browser, baseURL }) => {
    await begin(coach, 'Hall Bea');
    const hall = await television(browser, baseURL ?? '');
    try {
      await hall.goto('/hall');
      await show(hall, 'nothing at all');
      await expect(hall.getByRole('alert')).toHaveText('A code has eight letters and digits, as the phone shows it.');
      await show(hall, 'AAAA-BBBB');
      await expect(hall.getByRole('alert')).toContainText('There is no run with this code now');
      const first = await codeOf(coach);
      await show(hall, first);
      await expect(clockOf(hall)).toContainText('Hall Bea First');
      // Another code of the same run ends the first.
      await codeOf(coach);
      await coach.getByRole('button', { name: 'pause' }).click();
      await expect(hall.getByText('It is over')).toBeVisible();
      await hall.getByRole('button', { name: 'another code' }).click();
      await show(hall, first);
      await expect(hall.getByRole('alert')).toContainText('There is no run with this code now');
      // A whole club sees no more of it with a code than without: what is beside the hall screen is the door's.
      await hall.goto('/people');
      await expect(hall).toHaveURL(/\/enter/);
    } finally {
      await hall.context().close();
    }
  });
});
