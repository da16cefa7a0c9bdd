import { readFileSync } from 'node:fs';
import { OwnHouse } from './own-house.js';
import { accessible, expect, test } from './support.js';

const fixture = (file: string): string => readFileSync(new URL(`../fixtures/v3/${file}`, import.meta.url), 'utf8');

test('lines of an earlier language stand as they were read until a coach takes today’s reading', async ({ page }) => {
  test.slow();
  const house = await OwnHouse.from(fixture('database.sql'));
  const { signIn } = JSON.parse(fixture('expected.json')) as { signIn: { email: string; password: string } };
  try {
    await page.goto(`${house.url}/enter`);
    await page.getByLabel('e-mail address').fill(signIn.email);
    await page.getByLabel('password').fill(signIn.password);
    await page.getByRole('button', { name: 'sign in' }).click();
    await page.waitForURL((at) => !at.pathname.startsWith('/enter'));
    await page.goto(`${house.url}/steps`);
    await page.getByText(/\d+ lines that were saved earlier read otherwise today/).waitFor();
    await page.getByRole('link', { name: 'look at them' }).click();

    // Many more than are shown at once only take other times today.
    const showAll = async (): Promise<void> => {
      const more = page.getByRole('button', { name: /show more/ });
      await more.waitFor();
      while (await more.isVisible()) await more.click();
    };
    await showAll();
    const card = page.getByRole('listitem', { name: 'Typed 5' });
    await expect(card.locator('hop-thumb svg .print').nth(6)).toBeVisible();
    await expect(card).toContainText('advance 3× 10 times');
    await expect(card).toContainText('‘3x’ and ‘10’ are two counts');
    await expect(card).toContainText('20 contacts');
    await accessible(page);
    await page.setViewportSize({ width: 360, height: 740 });
    await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
    await page.setViewportSize({ width: 1280, height: 800 });

    // What stands is what the studio opens; what is taken is what was typed.
    await card.getByRole('link', { name: 'Typed 5' }).click();
    await expect(page.getByLabel('line of steps')).toHaveText('tempo flat, advance 3× 10 times');
    await page.goBack();
    await showAll();
    await card.getByRole('button', { name: 'take today’s' }).click();
    await page.getByText('Typed 5: reads as today now').waitFor();
    await expect(card).toHaveCount(0);
    await page.getByRole('listitem', { name: 'Typed 1', exact: true }).getByRole('button', { name: 'let it stand' }).click();
    await page.getByText('Typed 1: stands as it was read').waitFor();
    // What only takes another time says so; the rest is settled at once.
    await expect(page.getByText('a longer step takes longer today').first()).toBeVisible();
    await page.getByRole('button', { name: 'let all stand' }).click();
    await page.getByText('Nothing reads otherwise').waitFor();
    for (const [name, line] of [
      ['Typed 5', 'advance 3x10'],
      ['Own words', 'tempo flat, my-stamp, my-double, corner 2 times, advance 2×'],
    ] as const) {
      await page.goto(`${house.url}/steps`);
      await page.getByPlaceholder('find a pattern').fill(name);
      await page.getByRole('link', { name }).click();
      await expect(page.getByLabel('line of steps')).toHaveText(line);
    }
  } finally {
    await house.close();
  }
});
