import { devices, type Browser, type Page } from '@playwright/test';
import type { Book } from '@hopsk/contract/book';
import type { Athlete } from '@hopsk/contract/people';
import type { RunWhole } from '@hopsk/contract/run';
import type { Teaching } from '@hopsk/contract/teaching';
import { sampleSession } from '@hopsk/contract/testing/samples';
import { whoIsHere } from './plan-clock.js';
import {
  accessible,
  addAthlete,
  allSent,
  ask,
  choose,
  enterDemo,
  expect,
  keptOnDevice,
  onlyHere,
  put,
  savePattern,
  tapTile,
  test,
  watchPage,
} from './support.js';

const { viewport, userAgent, deviceScaleFactor, isMobile, hasTouch } = devices['Pixel 7'];
const PHONE = { viewport, userAgent, deviceScaleFactor, isMobile, hasTouch };

/** A second phone of the club, in the demo club too. */
async function otherPhone(browser: Browser, baseURL: string): Promise<Page> {
  const page = await (await browser.newContext({ ...PHONE, baseURL, reducedMotion: 'reduce', serviceWorkers: 'block' })).newPage();
  await enterDemo(page);
  return page;
}

/**
 * Athletes of their own and a pattern run with them on the first phone. Its rounds and rests are longer than any machine, however busy,
 * takes for a test.
 */
async function begin(page: Page, name: string, ...people: string[]): Promise<void> {
  for (const one of people) await addAthlete(page, one, 170, { focus: 'split-late' });
  await savePattern(page, name, { mode: 'seconds', work: 600, rounds: 3, sets: 1, rest: 600, setRest: null });
  await page.goto('/floor');
  await page.getByRole('button', { name, exact: true }).click();
  await onlyHere(page, ...people);
  await page.getByRole('button', { name: /^run/ }).click();
  await page.locator('[data-fault]').first().waitFor();
}

async function join(page: Page, name: string): Promise<void> {
  await page.goto('/floor');
  await page.locator('.under').filter({ hasText: name }).getByRole('button', { name: 'take part' }).click();
  await page.locator('[data-fault]').first().waitFor();
}

const clockOf = (page: Page) => page.locator('hop-clock-block');
const watch = (page: Page, name: string) => page.locator('.chip').filter({ hasText: name }).click();

test.describe('two phones in one run', () => {
  test.use(PHONE);

  test('a fault that one of them makes without a network is called so on the other, at the club, and in what was seen', async ({
    coach,
    browser,
    baseURL,
  }) => {
    await begin(coach, 'Made on the floor', 'Made Ada');
    const other = await otherPhone(browser, baseURL ?? '');
    try {
      await join(other, 'Made on the floor');
      await watch(other, 'Made Ada');
      await expect(coach.locator('.chip[aria-pressed="true"]')).toContainText(/[1-9] seen/);
      await coach.context().setOffline(true);
      await coach.getByRole('button', { name: 'more …' }).click();
      const find = coach.getByRole('searchbox', { name: 'find a fault' });
      await find.fill('Elbow flies');
      await choose(coach, 'a chance for it', 'a step', coach.getByRole('dialog'));
      await accessible(coach);
      await coach.getByRole('button', { name: 'make it a fault' }).click();
      await tapTile(coach, 'elbow-flies', 'right');
      await expect(coach.locator('[data-fault=elbow-flies] .count')).toHaveText('2');
      await keptOnDevice(coach, '"kind":"named"');
      await coach.context().setOffline(false);
      await expect(coach.locator('.sent')).toHaveText('sent');
      // The other one finds it by its name.
      await expect(async () => {
        await other.getByRole('button', { name: 'more …' }).click();
        await other.getByRole('searchbox', { name: 'find a fault' }).fill('elbow f');
        await expect(other.getByRole('dialog').getByRole('listitem')).toHaveText(['Elbow flies'], { timeout: 1000 });
      }).toPass();
      await other.getByRole('dialog').getByRole('listitem').getByRole('button').click();
      await expect(other.locator('[data-fault=elbow-flies] .count')).not.toHaveText('0');
      await expect(other.locator('.sent')).toHaveText('sent');
      const { faults } = await ask<Teaching>(coach, '/teaching');
      expect(faults.filter(({ code }) => code === 'elbow-flies').map(({ label, per }) => [label, per])).toEqual([['Elbow flies', 'step']]);
      await coach.getByRole('button', { name: 'end', exact: true }).click();
      await coach.getByRole('button', { name: 'end it' }).click();
      await expect(coach.locator('hop-summary')).toContainText('Elbow flies');
    } finally {
      await other.context().close();
    }
  });

  test('one of them without a network half of the time: both and the server show the same, to the tap', async ({
    coach,
    browser,
    baseURL,
  }) => {
    const [ada, bea] = ['Both Ada', 'Both Bea'];
    await begin(coach, 'Both', ada, bea);
    const other = await otherPhone(browser, baseURL ?? '');
    const seen = watchPage(other);
    try {
      await join(other, 'Both');
      await expect(coach.getByRole('button', { name: '2 devices' })).toBeVisible();
      await watch(other, bea);
      for (const page of [coach, other]) await expect(clockOf(page)).toContainText('round 1 of 3 · work');
      for (const page of [coach, other]) {
        await expect(page.locator('.chip[aria-pressed="true"]')).toContainText(/[1-9] seen/);
        await tapTile(page, 'split-late');
      }
      await other.context().setOffline(true);
      for (let i = 0; i < 3; i++) {
        await tapTile(other, 'split-late', 'right');
        await tapTile(coach, 'split-late');
      }
      await coach.getByRole('button', { name: 'next' }).click();
      await expect(clockOf(coach)).toContainText('rest');
      await expect(clockOf(other)).toContainText('work');
      await keptOnDevice(other, '"fault":"split-late","side":"right"', 3);
      await other.context().setOffline(false);
      await expect(clockOf(other)).toContainText('rest');
      await coach.getByRole('button', { name: 'next' }).click();
      await expect(clockOf(other)).toContainText('round 2 of 3 · work');
      // The other way round: the second phone turns the clock.
      await other.getByRole('button', { name: 'pause' }).click();
      await expect(clockOf(coach)).toContainText('pause');
      await other.getByRole('button', { name: 'go on' }).click();
      // Who ends a run that has gone on meanwhile, without having heard of it, ends nothing.
      await expect(clockOf(coach)).not.toContainText('pause');
      await coach.getByRole('button', { name: 'end', exact: true }).click();
      await expect(coach.getByRole('dialog')).toContainText('for everybody');
      await coach.getByRole('button', { name: 'end it' }).click();
      for (const page of [coach, other]) await expect(page.getByRole('heading', { name: 'What was seen' })).toBeVisible();
      for (const page of [coach, other]) await allSent(page);
      const said = (page: Page) => page.locator('hop-summary section').allInnerTexts();
      await expect(async () => expect(await said(other)).toEqual(await said(coach))).toPass();

      const id = ((await coach.getByRole('link', { name: /name, taps/ }).getAttribute('href')) ?? '').split('/').at(-1) ?? '';
      const whole = await ask<RunWhole>(coach, `/runs/${id}`);
      const taps = whole.events.filter(({ kind }) => kind === 'fault');
      expect(taps.length).toBe(8);
      expect(new Set(taps.map(({ device }) => device)).size).toBe(2);
      for (const page of [coach, other]) await keptOnDevice(page, '"kind":"fault"', 8);
      // What the server wrote down is what both screens say.
      const people = await ask<Athlete[]>(coach, '/athletes');
      for (const [i, name] of [ada, bea].entries()) {
        const book = await ask<Book>(coach, `/athletes/${people.find((one) => one.name === name)?.id}/book`);
        const row = book.entries.find(({ fault }) => fault === 'split-late');
        const shown = (await said(coach))[i] ?? '';
        if (row) expect(shown).toContain(`${row.faulty} of ${row.attempts}`);
        else expect(shown).toMatch(/noted 4/);
      }
      expect(seen).toEqual([]);
    } finally {
      await other.context().close();
    }
  });

  test('what is to come is changed on one phone, and both go by it; of two changes at once one holds, and the other phone says so', async ({
    coach,
    browser,
    baseURL,
  }) => {
    await addAthlete(coach, 'Come Ada', 170);
    const ada = (await ask<Athlete[]>(coach, '/athletes')).find(({ name }) => name === 'Come Ada')?.id ?? '';
    const id = crypto.randomUUID();
    // Longer than any machine, however busy, takes for a test.
    const stages = ['First', 'Second', 'Third'].map((name) => ({
      ...sampleSession.stages[0],
      ...{ id: crypto.randomUUID(), name, dose: '600 s', explain: 0 },
    }));
    await put(coach, `/sessions/${id}`, { ...sampleSession, id, version: 0, name: 'Come evening', athletes: [ada], stages });
    await coach.goto(`/build/${id}`);
    await (await whoIsHere(coach)).click();
    await coach.locator('[data-fault]').first().waitFor();
    const other = await otherPhone(browser, baseURL ?? '');
    const seen = watchPage(other);
    const both = [coach, other];
    try {
      await join(other, 'Come evening');
      for (const page of both) await expect(clockOf(page)).toContainText('work');
      await other.context().setOffline(true);
      for (const [page, out] of [
        [coach, 'Second'],
        [other, 'Third'],
      ] as const) {
        await page.getByRole('button', { name: 'to come', exact: true }).click();
        await page.getByRole('button', { name: `leave out ${out}` }).click();
        await page.getByRole('button', { name: 'go on so' }).click();
        await expect(page.getByText('what is to come is changed')).toBeVisible();
      }
      await other.context().setOffline(false);
      const vain = both.map((page) => page.getByText('does not hold').filter({ visible: true }));
      await expect.poll(async () => (await Promise.all(vain.map((one) => one.count()))).reduce((sum, n) => sum + n)).toBe(1);
      const list = async (page: Page): Promise<string[]> => {
        await page.getByRole('button', { name: 'to come', exact: true }).click();
        const coming = page.locator('hop-to-come ol bdi');
        await coming.first().waitFor();
        const names = await coming.allTextContents();
        await page.getByRole('button', { name: 'close' }).click();
        return names;
      };
      const [mine, theirs] = [await list(coach), await list(other)];
      expect(mine.length).toBe(1);
      expect(theirs).toEqual(mine);
      await coach.getByRole('button', { name: 'next' }).click();
      for (const page of both) await expect(clockOf(page)).toContainText(mine[0] ?? '');
      expect(seen).toEqual([]);
    } finally {
      await other.context().close();
    }
  });

  test('a control that came too late did nothing, and says so: follow, or a run of one’s own', async ({ coach, browser, baseURL }) => {
    await begin(coach, 'Apart', 'Apart Ada');
    const other = await otherPhone(browser, baseURL ?? '');
    try {
      await join(other, 'Apart');
      for (const page of [coach, other]) await expect(clockOf(page)).toContainText('round 1 of 3 · work');
      await other.context().setOffline(true);
      // Of two controls that answer the same, the one acts whose device had seen less: here that is not the second.
      await tapTile(other, 'split-late');
      await coach.getByRole('button', { name: 'next' }).click();
      await expect(clockOf(coach)).toContainText('rest');
      await expect(coach.locator('.sent')).toHaveText('sent');
      await other.getByRole('button', { name: 'pause' }).click();
      await expect(clockOf(other)).toContainText('pause');
      await other.context().setOffline(false);
      const said = other.getByRole('alert').filter({ hasText: 'your ‘pause’ did nothing' });
      await expect(said).toBeVisible();
      await expect(clockOf(other)).toContainText('rest');
      await accessible(other);
      await said.getByRole('button', { name: 'a run of my own from here' }).click();
      await expect(said).toHaveCount(0);
      await expect(clockOf(other)).toContainText('round 1 of 3 · pause');
      await expect(clockOf(coach)).toContainText('rest');
      // One run is open on a device: before another begins here, somebody says what becomes of it.
      await other.goto('/floor');
      await other.locator('.under').filter({ hasText: 'Apart' }).getByRole('button', { name: 'take part' }).click();
      await expect(other.getByRole('dialog')).toContainText('‘Apart’ is still open on this device');
      await other.getByRole('button', { name: 'yes, begin another' }).click();
      await expect(clockOf(other)).toContainText('rest');
      await coach.getByRole('button', { name: /devices$/ }).click();
      await coach.getByRole('button', { name: 'leave it' }).click();
      await expect(coach).toHaveURL(/\/floor$/);
      // The other phone's own run has the same name, and is under way too once it was sent.
      await expect(coach.locator('.under').filter({ hasText: 'Apart' }).first()).toBeVisible();
    } finally {
      await other.context().close();
    }
  });

  test('two tabs of one phone: one writes, the other shows it, and writes when it is told to or is left alone', async ({
    coach,
    context,
  }) => {
    await begin(coach, 'Tabs', 'Tabs Ada');
    const second = await context.newPage();
    const seen = watchPage(second);
    await second.goto('/floor/run');
    const only = second.getByRole('alert').filter({ hasText: 'Another tab' });
    await expect(only).toBeVisible();
    await expect(clockOf(second)).toContainText('round 1 of 3 · work');
    await tapTile(coach, 'split-late');
    const count = (page: Page) => page.locator('[data-fault="split-late"] .count');
    await expect(count(second)).toHaveText('1');
    // What is tapped where it is only shown is nothing.
    await tapTile(second, 'split-late');
    await coach.getByRole('button', { name: 'next' }).click();
    await expect(clockOf(second)).toContainText('rest');
    await expect(count(second)).toHaveText('1');
    await expect(second.locator('.last')).not.toContainText('split late');
    await accessible(second);
    await only.getByRole('button', { name: 'write here' }).click();
    await expect(only).toHaveCount(0);
    const there = coach.getByRole('alert').filter({ hasText: 'Another tab' });
    await expect(there).toBeVisible();
    await tapTile(second, 'split-late', 'right');
    await expect(count(coach)).toHaveText('2');
    await second.close();
    await expect(there).toHaveCount(0);
    await tapTile(coach, 'split-late');
    await expect(count(coach)).toHaveText('3');
    await keptOnDevice(coach, '"kind":"fault"', 3);
    expect(seen).toEqual([]);
  });
});
