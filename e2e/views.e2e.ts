import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { accessible, choose, expect, onLastDay, openPattern, test } from './support.js';

/** Others may have added somebody who stands before her. */
async function ofInes(page: Page, drawn: string): Promise<void> {
  await choose(page, 'of', 'Ines');
  await page.locator(drawn).first().waitFor();
}

/** Each view of the demo club: its address, and what shows that it is drawn. */
const VIEWS: readonly (readonly [string, (page: Page) => Promise<void>])[] = [
  [
    '/today',
    async (page) => {
      await onLastDay(page);
      await page.reload();
      await page.locator('hop-today ol.watch li').first().waitFor();
    },
  ],
  ['/people', (page) => page.getByRole('link', { name: 'Ines' }).waitFor()],
  ['/stance', (page) => page.locator('hop-stance-drawing svg').waitFor()],
  ['/steps', (page) => page.locator('hop-thumb svg .print').nth(10).waitFor()],
  ['/steps/otherwise', (page) => page.getByText('Nothing reads otherwise').waitFor()],
  ['/build', (page) => page.getByRole('link', { name: 'Front corner, Tuesday' }).waitFor()],
  ['/build/new', (page) => page.locator('hop-start-from ol li').nth(2).waitFor()],
  ['/build/grid', (page) => page.locator('hop-grid-map tbody tr').nth(2).waitFor()],
  ['/build/playbooks', (page) => page.locator('hop-playbooks section').nth(1).waitFor()],
  ['/floor/runs', (page) => page.locator('hop-run-rows li').nth(39).waitFor()],
  ['/floor', (page) => page.locator('hop-run-rows li').first().waitFor()],
  [
    '/faults',
    async (page) => {
      await choose(page, 'of', 'Ines');
      await page.locator('hop-rate-chart svg').waitFor();
    },
  ],
  ['/film', (page) => page.getByText('No clip is open').waitFor()],
  ['/club/faults', (page) => page.getByRole('button', { name: /^split late/ }).waitFor()],
  ['/club', (page) => page.getByText('runa@netloft.test').waitFor()],
  [
    '/faults/group',
    async (page) => {
      await onLastDay(page);
      await page.reload();
      await page.locator('hop-group tbody tr').nth(2).waitFor();
    },
  ],
  ['/faults/causes', (page) => ofInes(page, 'hop-cause-chart svg')],
  ['/faults/load', (page) => ofInes(page, 'hop-load-chart svg')],
  ['/faults/coverage', (page) => ofInes(page, 'hop-coverage tbody tr')],
  ['/faults/log', (page) => page.getByRole('button', { name: 'save as CSV' }).waitFor()],
  ['/faults/numbers', (page) => page.getByRole('button', { name: 'read by these' }).waitFor()],
  ['/faults/everybody', (page) => page.locator('hop-everybody tbody tr').nth(2).waitFor()],
  [
    '/faults/season',
    async (page) => {
      await choose(page, 'of', 'Ines');
      await page.locator('hop-season .flag').first().waitFor();
    },
  ],
  [
    '/faults/report',
    async (page) => {
      await choose(page, 'of', 'Ines');
      await page.locator('hop-report h3').first().waitFor();
    },
  ],
];

async function studio(page: Page): Promise<void> {
  await openPattern(page, 'Side wall and home');
  await page.locator('hop-floor .chip').nth(3).waitFor();
}

/** A session of the demo club in the workshop, with one of its called stages open. */
async function workshop(page: Page): Promise<void> {
  await page.goto('/build');
  await page.getByRole('link', { name: 'Front corner, Tuesday' }).click();
  await page.locator('hop-thumb svg').nth(5).waitFor();
  await page.locator('button.title').filter({ hasText: 'called' }).click();
  await page.getByText('Best guess after the last two calls').waitFor();
}

async function athlete(page: Page): Promise<void> {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Otto' }).click();
  await expect(page.getByLabel('height')).toHaveValue('144 cm');
}

/** Nothing sticks out to the side of a phone. */
async function fits(page: Page): Promise<void> {
  await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
}

/** The page fits, and its head is one row: nothing in it is as high as two. */
async function fitsUnderItsHead(page: Page): Promise<void> {
  await fits(page);
  expect((await page.locator('hop-head').boundingBox())?.height ?? 0).toBeLessThan(64);
}

// The longest of all, and the last: both workers take of it.
test.describe.configure({ mode: 'parallel' });

const LAPTOP = { width: 1280, height: 800 };
const PHONE = { width: 360, height: 740 };

/** By day and by night it can be read, and it fits a phone: one view is opened once for all of it. */
async function holdsUp(page: Page): Promise<void> {
  await accessible(page);
  await page.emulateMedia({ colorScheme: 'dark' });
  await accessible(page, 'colours');
  await page.emulateMedia({ colorScheme: 'light' });
  await page.setViewportSize(PHONE);
  await fitsUnderItsHead(page);
  await page.setViewportSize(LAPTOP);
}

for (const part of [0, 1] as const) {
  test(`every view is accessible in light and in dark, and fits a phone, ${part + 1} of 2`, async ({ coach }) => {
    test.slow();
    for (const [path, drawn] of VIEWS.filter((_, i) => i % 2 === part)) {
      await coach.goto(path);
      await drawn(coach);
      await holdsUp(coach);
    }
  });
}

test('so are those that are opened from others', async ({ coach }) => {
  test.slow();
  await workshop(coach);
  await holdsUp(coach);
  await coach.goto(`${coach.url()}/print`);
  await coach.locator('hop-sheets tbody tr').nth(3).waitFor();
  await accessible(coach);
  await studio(coach);
  await holdsUp(coach);
  for (const panel of ['what if', 'compare', 'about']) {
    await coach.getByRole('tab', { name: panel, exact: true }).click();
    await accessible(coach);
  }
  await coach.getByRole('button', { name: 'moves', exact: true }).click();
  await coach.locator('hop-move-picture').first().waitFor();
  await accessible(coach);
  await coach.goto('/starters');
  await coach.locator('hop-thumb').nth(3).waitFor();
  await accessible(coach);
  await athlete(coach);
  await holdsUp(coach);
});

test.describe('on a phone', () => {
  test.use({ viewport: PHONE, hasTouch: true });

  test('the menu is a bar at the bottom', async ({ coach }) => {
    await coach.goto('/people');
    await coach.getByRole('link', { name: 'Ines' }).waitFor();
    const menu = await coach.locator('nav').boundingBox();
    expect((menu?.y ?? 0) + (menu?.height ?? 0)).toBe(740);
    await expect(coach.locator('nav').getByRole('link')).toHaveText(['today', 'build', 'floor', 'faults']);
    await coach.getByRole('button', { name: 'more', exact: true }).click();
    // People have a link of that name too: until the menu is drawn it would be theirs.
    await coach.locator('nav').getByRole('link', { name: 'stance' }).click();
    await expect(coach.getByRole('heading', { name: 'Stance', exact: true })).toBeVisible();
    await expect(coach.locator('nav').getByRole('link')).toHaveCount(4);
    await fitsUnderItsHead(coach);
    await coach.getByRole('button', { name: 'more of this page' }).click();
    await expect(coach.getByRole('combobox', { name: 'stance' })).toBeVisible();
  });

  test('what a thumb needs is large enough, in landscape too', async ({ coach }) => {
    await coach.goto('/floor');
    await coach.getByRole('button', { name: /^start/ }).click();
    await coach.locator('[data-fault]').first().waitFor();
    for (const size of [
      { width: 360, height: 740 },
      { width: 740, height: 360 },
    ]) {
      await coach.setViewportSize(size);
      for (const tile of await coach.locator('.tile').all()) {
        const box = await tile.boundingBox();
        expect(Math.min(box?.width ?? 0, box?.height ?? 0)).toBeGreaterThanOrEqual(72);
      }
      for (const button of await coach.locator('.keys button, .chip, .turn').all()) {
        expect((await button.boundingBox())?.height ?? 0).toBeGreaterThanOrEqual(48);
      }
      const words = await coach
        .locator('.tile .label')
        .first()
        .evaluate((label) => parseFloat(getComputedStyle(label).fontSize));
      const counts = await coach
        .locator('.tile .count')
        .first()
        .evaluate((label) => parseFloat(getComputedStyle(label).fontSize));
      expect(words).toBeGreaterThanOrEqual(16);
      expect(counts).toBeGreaterThanOrEqual(28);
      await fits(coach);
    }
    // Digits for a screen in the hall: at least 30 % of its short side, cap height being 0.72 of the size of this face.
    await coach.setViewportSize({ width: 1280, height: 800 });
    const digits = async (): Promise<number> => coach.locator('.digits').evaluate((face) => parseFloat(getComputedStyle(face).fontSize));
    // The page lays itself out anew for another size of the screen a moment after it has it.
    await expect.poll(async () => (await digits()) * 0.72).toBeGreaterThanOrEqual(0.3 * 800);
  });
});

test('a keyboard alone gets from the door to a stance', async ({ page }) => {
  await page.goto('/enter');
  await page.getByRole('button', { name: 'enter the demo club' }).focus();
  await page.keyboard.press('Enter');
  await page.waitForURL((url) => !url.pathname.startsWith('/enter'));
  await page.goto('/people');
  await page.getByRole('link', { name: 'Ines' }).waitFor();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'skip to the page' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.locator('#page')).toBeFocused();
  await page.getByRole('row', { name: /Ines/ }).getByRole('link', { name: 'stance' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: /Ines, Square ready/ })).toBeVisible();
});

test('the club as a file goes out and comes in again', async ({ coach }) => {
  await coach.goto('/club');
  const download = coach.waitForEvent('download');
  await coach.getByRole('button', { name: 'save the file' }).click();
  const path = await (await download).path();
  // Read where all of it is: nothing would be added.
  await coach.locator('input[type="file"]').setInputFiles(path);
  // Asked of the whole part of the page: where it says something else, the failure tells what.
  const part = coach.locator('hop-club-file');
  await expect(part).toContainText('All that it holds is here already.');
  await accessible(coach);
  await coach.getByRole('button', { name: 'leave it' }).click();
  // And with somebody new in it.
  const text = await readFile(path, 'utf8');
  const athlete = text.split('\n').find((line) => line.startsWith('{"athlete"')) ?? '';
  const name = `From a file ${crypto.randomUUID().slice(0, 4)}`;
  const fresh = athlete.replace(/"id":"[^"]+"/, () => `"id":"${crypto.randomUUID()}"`).replace(/"name":"[^"]+"/, `"name":"${name}"`);
  const more = text.replace(athlete, `${athlete}\n${fresh}`);
  await coach.locator('input[type="file"]').setInputFiles({ name: 'more.jsonl', mimeType: 'text/plain', buffer: Buffer.from(more) });
  await expect(
    coach
      .getByRole('row', { name: /^athletes/ })
      .getByRole('cell')
      .first(),
  ).toHaveText('1');
  await expect(coach.getByText('The file was changed since it was written')).toBeVisible();
  await coach.getByRole('button', { name: 'add it to the club' }).click();
  await expect(coach.getByText('Read: the file of ‘Old Net Loft’')).toBeVisible();
  await coach.goto('/people');
  await expect(coach.getByRole('row', { name })).toBeVisible();
  await coach.goto('/club');
  // Half of it, with a line that is none: what is wrong stands there before anything is added.
  const half = `${text.slice(0, text.indexOf('{"run"'))}{"athlete":{"name":7}}\n`;
  await coach.locator('input[type="file"]').setInputFiles({ name: 'half.jsonl', mimeType: 'text/plain', buffer: Buffer.from(half) });
  await expect(coach.getByText('The file ends in the middle')).toBeVisible();
  await expect(coach.getByText('One line cannot be taken')).toBeVisible();
  await coach.getByRole('button', { name: 'leave it' }).click();
  await coach.locator('input[type="file"]').setInputFiles({ name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('not json') });
  await expect(coach.getByRole('alert')).toContainText('Nothing was saved');
  await coach
    .locator('input[type="file"]')
    .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('{"format":"other"}') });
  await expect(coach.getByRole('alert')).toContainText('Nothing was saved');
  // Sealed it shows nothing, and opens with its passphrase alone. (One file a club at a time: this is no test beside the others.)
  await coach.getByRole('button', { name: 'make one up' }).click();
  // It is drawn a moment after the press.
  await expect(coach.getByLabel('passphrase, or nothing')).not.toHaveValue('');
  const passphrase = await coach.getByLabel('passphrase, or nothing').inputValue();
  const sealed = coach.waitForEvent('download');
  await coach.getByRole('button', { name: 'save it sealed' }).click();
  const closed = await (await sealed).path();
  expect((await readFile(closed)).includes('Old Net Loft')).toBe(false);
  await coach.locator('input[type="file"]').setInputFiles(closed);
  const opens = async (words: string): Promise<void> => {
    await coach.getByLabel('its passphrase').fill(words);
    await coach.getByRole('button', { name: 'open it' }).click();
  };
  await opens('some other words');
  await expect(part).toContainText('This passphrase does not open the file.');
  await accessible(coach);
  await opens(passphrase);
  await expect(part).toContainText('All that it holds is here already.');
  await coach.getByRole('button', { name: 'leave it' }).click();
});

test('runs older than those on the floor page are found by name and by day', async ({ coach }) => {
  await coach.goto('/floor');
  await coach.getByRole('link', { name: 'all runs' }).click();
  const rows = coach.locator('hop-run-rows li');
  await expect(rows).toHaveCount(40);
  await coach.getByRole('button', { name: 'older ones' }).click();
  await expect.poll(() => rows.count()).toBeGreaterThan(40);
  const day = /\d{4}-\d{2}-\d{2}/.exec(await rows.last().innerText())?.[0] ?? '';
  await coach.getByLabel('from', { exact: true }).fill(day);
  await coach.getByLabel('to', { exact: true }).fill(day);
  await expect
    .poll(async () => {
      const said = await rows.allInnerTexts();
      return said.length > 0 && said.every((one) => one.includes(day));
    })
    .toBe(true);
  await coach.getByLabel('name', { exact: true }).fill('no such run');
  await expect(coach.getByText('No run is called that')).toBeVisible();
  await coach.getByLabel('name', { exact: true }).fill('');
  await rows.last().getByRole('link').click();
  await expect(coach.getByRole('link', { name: '← floor' })).toBeVisible();
});
