import { readFile } from 'node:fs/promises';
import { devices, type Page } from '@playwright/test';
import { ClubFile } from '@hopsk/contract/club-file';
import type { Athlete } from '@hopsk/contract/people';
import type { RunRow, RunWhole } from '@hopsk/contract/run';
import { OwnHouse } from './own-house.js';
import {
  accessible,
  allSent,
  ask,
  choose,
  enterByDoor,
  enterDemo,
  expect,
  keptForNoNetwork,
  keptOnDevice,
  onlyHere,
  put,
  save,
  send,
  tapTile,
  test,
} from './support.js';

const { viewport, userAgent, deviceScaleFactor, isMobile, hasTouch } = devices['Pixel 7'];
test.use({ viewport, userAgent, deviceScaleFactor, isMobile, hasTouch, serviceWorkers: 'allow' });

/** The run that was ended just now; another test may have begun one meanwhile. */
const runOf = async (page: Page): Promise<string> =>
  ((await page.getByRole('link', { name: /name, taps/ }).getAttribute('href')) ?? '').split('/').at(-1) ?? '';
/** The only run of a house of its own. */
const latest = async (page: Page): Promise<RunWhole> => ask<RunWhole>(page, `/runs/${(await ask<RunRow[]>(page, '/runs'))[0]?.id}`);
const faultsOf = ({ events }: Pick<RunWhole, 'events'>): string[] =>
  events.filter((event) => event.kind === 'fault').map((event) => event.id);
const sent = (page: Page) => page.locator('.sent');
const count = (page: Page, fault: string) => page.locator(`[data-fault="${fault}"] .count`);

/** From the floor of a phone: one press, and rounds are running with a board of faults. */
async function startRounds(page: Page, ...names: string[]): Promise<void> {
  await page.goto('/floor');
  await expect(page.getByRole('heading', { name: 'Rounds without a plan' })).toBeVisible();
  if (names.length > 0) await onlyHere(page, ...names);
  await page.getByRole('button', { name: /^start/ }).click();
  await page.locator('[data-fault]').first().waitFor();
  // After the count-down, which is not skipped: how far it is by then is the machine's affair.
  await expect(page.locator('hop-clock-block')).toContainText('work');
}

test.describe('nothing is lost', () => {
  test('an evening without a plan: two taps and rounds run; named and joined to a pattern afterwards', async ({ coach }) => {
    await startRounds(coach, 'Ines');
    await accessible(coach);
    // Attempts are tapped here: two clean ones, and one with a fault.
    await coach.getByRole('button', { name: 'clean' }).click();
    await tapTile(coach, 'split-late');
    await coach.getByRole('button', { name: 'attempt over' }).click();
    await coach.getByRole('button', { name: 'clean' }).click();
    await expect(coach.locator('.chip[aria-pressed="true"]')).toContainText('3 seen');
    await coach.getByRole('button', { name: 'end', exact: true }).click();
    await coach.getByRole('button', { name: 'end it' }).click();
    await expect(coach.getByRole('row', { name: /split late/ })).toContainText('1 of 3');
    await allSent(coach);
    await accessible(coach);
    await coach.getByRole('link', { name: /name, taps/ }).click();
    await coach.getByLabel('name').fill('Wednesday, T drills');
    await choose(coach, 'pattern', 'Front corner and home');
    await save(coach);
    const { run } = await ask<RunWhole>(coach, `/runs/${new URL(coach.url()).pathname.split('/').pop()}`);
    expect(run.name).toBe('Wednesday, T drills');
    expect(run.patternId).not.toBeNull();
    await coach.getByRole('link', { name: '← floor' }).click();
    await expect(coach.getByRole('link', { name: 'Wednesday, T drills' })).toBeVisible();
  });

  test('a reload in the middle, the network cut, and a reload without it', async ({ coach, context }) => {
    await coach.goto('/');
    await keptForNoNetwork(coach);
    await startRounds(coach, 'Maud');
    await tapTile(coach, 'tall', 'right');
    await expect(sent(coach)).toHaveText('sent');
    await coach.reload();
    await expect(count(coach, 'tall')).toHaveText('1');
    await expect(coach.locator('hop-clock-block')).toContainText('work');

    await context.setOffline(true);
    await tapTile(coach, 'tall', 'left');
    await tapTile(coach, 'no-recovery');
    await expect(sent(coach)).toHaveText('kept here, not sent yet');
    await keptOnDevice(coach, '"kind":"fault"', 3);
    await coach.reload();
    await expect(count(coach, 'tall')).toHaveText('2');
    await expect(count(coach, 'no-recovery')).toHaveText('1');
    await tapTile(coach, 'tall', 'left');
    await coach.getByRole('button', { name: 'end', exact: true }).click();
    await coach.getByRole('button', { name: 'end it' }).click();
    await expect(coach.getByRole('heading', { name: 'What was seen' })).toBeVisible();
    await expect(coach.locator('header')).toContainText('kept here, not sent yet');

    const id = await runOf(coach);
    await context.setOffline(false);
    await allSent(coach);
    const ids = faultsOf(await ask<RunWhole>(coach, `/runs/${id}`));
    expect(ids.length).toBe(4);
    expect(new Set(ids).size).toBe(4);
  });

  test('without a network: the taps of a run that is on this device, to be corrected, and the fault book as last seen', async ({
    coach,
    context,
  }) => {
    await coach.goto('/');
    await keptForNoNetwork(coach);
    // Of somebody who has one: whom other tests add meanwhile stands before everybody of the demo club.
    const ines = (await ask<Athlete[]>(coach, '/athletes')).find(({ name }) => name === 'Ines')?.id ?? '';
    await coach.goto(`/faults?athlete=${ines}`);
    await expect(coach.locator('.one')).toBeVisible();
    const book = await coach.locator('hop-book .list').innerText();
    await startRounds(coach, 'Ines');
    await tapTile(coach, 'split-late');
    await expect(sent(coach)).toHaveText('sent');
    await context.setOffline(true);
    await tapTile(coach, 'split-late');
    await coach.getByRole('button', { name: 'end', exact: true }).click();
    await coach.getByRole('button', { name: 'end it' }).click();
    await expect(coach.getByRole('heading', { name: 'What was seen' })).toBeVisible();
    const id = await runOf(coach);
    await coach.getByRole('link', { name: /name, taps/ }).click();
    const undo = coach.getByRole('button', { name: 'undo', exact: true });
    await expect(undo).toHaveCount(2);
    await undo.first().click();
    await expect(coach.getByText('taken back')).toHaveCount(1);
    await coach.goto(`/faults?athlete=${ines}`);
    await expect(coach.getByText('No network: as this device saw it last')).toBeVisible();
    expect(await coach.locator('hop-book .list').innerText()).toBe(book);
    await accessible(coach);
    await context.setOffline(false);
    await expect.poll(async () => (await ask<RunWhole>(coach, `/runs/${id}`)).events.filter(({ kind }) => kind === 'undo').length).toBe(1);
    expect(faultsOf(await ask<RunWhole>(coach, `/runs/${id}`)).length).toBe(2);
  });

  test('storage that fails between two taps and comes back: said at once, nothing lost, nothing twice', async ({ coach }) => {
    await startRounds(coach, 'Ines');
    await tapTile(coach, 'split-late');
    await expect(sent(coach)).toHaveText('sent');
    // From now on this device takes no tap.
    await coach.evaluate(() => {
      const own = Object.getOwnPropertyDescriptor(IDBObjectStore.prototype, 'put') as TypedPropertyDescriptor<IDBObjectStore['put']>;
      IDBObjectStore.prototype.put = function (...args) {
        if (this.name === 'events') throw new DOMException('full', 'QuotaExceededError');
        return own.value?.apply(this, args) as IDBRequest<IDBValidKey>;
      };
      Object.assign(window, { mend: () => Object.defineProperty(IDBObjectStore.prototype, 'put', own) });
    });
    await tapTile(coach, 'split-late');
    const alert = coach.getByRole('alert').filter({ hasText: 'keeps nothing more' });
    // Not kept here, but sent from the page.
    await expect(alert).toContainText('and has arrived');
    await expect(sent(coach)).toHaveText('sent');
    await expect(count(coach, 'split-late')).toHaveText('2');
    await expect(coach.locator('.last')).toContainText('not kept on this device');
    await accessible(coach);
    const [file] = await Promise.all([coach.waitForEvent('download'), alert.getByRole('button').click()]);
    const saved = ClubFile.parse(JSON.parse(await readFile(await file.path(), 'utf8'))).runs[0]?.events ?? [];
    expect(faultsOf({ events: saved }).length).toBe(2);
    await coach.evaluate(() => (window as unknown as { mend: () => void }).mend());
    await tapTile(coach, 'split-late');
    await expect(count(coach, 'split-late')).toHaveText('3');
    await coach.getByRole('button', { name: 'attempt over' }).click();
    await coach.getByRole('button', { name: 'end', exact: true }).click();
    await coach.getByRole('button', { name: 'end it' }).click();
    await allSent(coach);
    const whole = await ask<RunWhole>(coach, `/runs/${await runOf(coach)}`);
    expect(faultsOf(whole).slice(0, 2)).toEqual(faultsOf({ events: saved }));
    expect(new Set(faultsOf(whole)).size).toBe(3);
    // What came under another name knows whom it watches: the attempt counts.
    await expect(coach.getByRole('row', { name: /split late/ })).toContainText('1 of 1');
  });

  test('what a run asks and shows came with its page: nothing of it is fetched when it is needed', async ({ coach, context }) => {
    await startRounds(coach, 'Ines');
    await context.route(/\.js$/, (route) => route.abort());
    for (const name of ['more …', 'result', 'note', 'who …', 'end']) {
      await coach.getByRole('button', { name, exact: true }).click();
      await expect(coach.getByRole('dialog')).toBeVisible();
      await coach.keyboard.press('Escape');
      await expect(coach.getByRole('dialog')).toHaveCount(0);
    }
    await coach.keyboard.press('?');
    await expect(coach.getByRole('dialog')).toBeVisible();
  });

  test('how it goes is drawn on a page that was opened in the middle of a run', async ({ coach }) => {
    await coach.goto('/floor');
    await coach.getByRole('button', { name: 'Front corner and home', exact: true }).click();
    await onlyHere(coach, 'Maud');
    await coach.getByRole('button', { name: /^run/ }).click();
    await coach.locator('[data-fault]').first().waitFor();
    await coach.reload();
    await coach.locator('hop-clock-block .line').click();
    await expect(coach.locator('hop-how-it-goes svg').first()).toBeVisible();
  });

  test('a server killed in the middle of a run', async ({ page }) => {
    test.slow();
    const house = await OwnHouse.open();
    try {
      await page.goto(house.url);
      await page.getByRole('button', { name: 'enter the demo club' }).click();
      await page.getByRole('link', { name: /^rounds, with a pattern/ }).click();
      await page.getByRole('heading', { name: 'Rounds without a plan' }).waitFor();
      await page.getByRole('button', { name: /^start/ }).click();
      await page.locator('[data-fault]').first().waitFor();
      const first = (await page.locator('[data-fault]').first().getAttribute('data-fault')) ?? '';
      await tapTile(page, first);
      await expect(sent(page)).toHaveText('sent');
      await house.killServer();
      await tapTile(page, first);
      await tapTile(page, first);
      await expect(sent(page)).toHaveText('kept here, not sent yet');
      await house.reviveServer();
      // The session was kept in the database: nobody signs in again.
      await expect(sent(page)).toHaveText('sent');
      expect(faultsOf(await latest(page)).length).toBe(3);
    } finally {
      await house.close();
    }
  });

  test('a database that is away: the app says so, keeps what was tapped, and recovers by itself', async ({ page }) => {
    test.slow();
    const house = await OwnHouse.open();
    try {
      await page.goto(house.url);
      await page.getByRole('button', { name: 'enter the demo club' }).click();
      await page.getByRole('link', { name: /^rounds, with a pattern/ }).click();
      await page.getByRole('button', { name: /^start/ }).click();
      await page.locator('[data-fault]').first().waitFor();
      const first = (await page.locator('[data-fault]').first().getAttribute('data-fault')) ?? '';
      await house.stopDatabase();
      const health = await page.context().request.get(`${house.url}/api/health`);
      expect(health.status()).toBe(503);
      await tapTile(page, first);
      await keptOnDevice(page, '"kind":"fault"');
      await expect(sent(page)).toHaveText('kept here, not sent yet');
      await page.goto(`${house.url}/club`);
      await expect(page.getByText('No network. Showing what this device kept.')).toBeVisible();
      await expect(page.getByRole('alert').first()).toContainText('The database cannot be reached');
      await expect(page.locator('.strip')).toContainText(/kept here, not sent yet/);
      await page.goto(`${house.url}/floor/run`);
      await expect(count(page, first)).toHaveText('1');
      await house.reviveDatabase();
      await expect(sent(page)).toHaveText('sent');
      expect(faultsOf(await latest(page)).length).toBe(1);
    } finally {
      await house.close();
    }
  });

  test('signed out elsewhere in the middle of a run: taps are kept until somebody signs in', async ({ coach, context }) => {
    await startRounds(coach, 'Bo');
    await context.clearCookies();
    await tapTile(coach, 'slow-first');
    await expect(sent(coach)).toHaveText('kept here; sign in to send');
    await expect(coach.locator('hop-clock-block')).toBeVisible();
    await sent(coach).getByRole('link').click();
    // Sending goes on at the door; that it is refused there once more must not take away the way back.
    const again = coach.waitForResponse((answer) => answer.status() === 401);
    await coach.evaluate(() => dispatchEvent(new Event('online')));
    await again;
    await coach.getByRole('button', { name: 'enter the demo club' }).click();
    await expect(coach).toHaveURL(/\/floor\/run$/);
    await expect(sent(coach)).toHaveText('sent');
    await expect(count(coach, 'slow-first')).toHaveText('1');
  });

  test('the battery is gone in the middle: what was shown as kept is there when the phone is on again', async ({ coach, context }) => {
    await startRounds(coach, 'Ines');
    await tapTile(coach, 'split-late');
    await expect(count(coach, 'split-late')).toHaveText('1');
    await expect(sent(coach)).toHaveText('sent');
    // This one is not sent before.
    await coach.route(/\/events$/, (route) => route.abort());
    await tapTile(coach, 'split-late');
    await expect(count(coach, 'split-late')).toHaveText('2');
    const devtools = await context.newCDPSession(coach);
    // Nobody answers for a page that is gone.
    void devtools.send('Page.crash').catch(() => undefined);
    await coach.waitForEvent('crash');
    const again = await context.newPage();
    await again.goto('/floor');
    await again.getByRole('link', { name: 'go on with the run' }).click();
    await expect(count(again, 'split-late')).toHaveText('2');
    await tapTile(again, 'split-late');
    await expect(count(again, 'split-late')).toHaveText('3');
    await expect(sent(again)).toHaveText('sent');
  });

  test('sound that is not allowed yet is said, and comes with the first tap', async ({ playwright, baseURL }) => {
    const { CHROMIUM } = await import('./chromium.js');
    // As browsers are at home: sound begins with a tap on the page.
    const args = CHROMIUM.args.filter((one) => !one.startsWith('--autoplay-policy'));
    const browser = await playwright.chromium.launch({
      ...CHROMIUM,
      args: [...args, '--autoplay-policy=document-user-activation-required'],
    });
    try {
      const context = await browser.newContext({ ...(baseURL && { baseURL }), viewport, serviceWorkers: 'block' });
      const page = await context.newPage();
      await enterDemo(page);
      await startRounds(page, 'Maud');
      const silent = page.getByText('No sound yet: tap anywhere.');
      await expect(silent).toBeHidden();
      await page.reload();
      await expect(silent).toBeVisible();
      await page.locator('hop-clock-block').click({ position: { x: 5, y: 5 } });
      await expect(silent).toBeHidden();
    } finally {
      await browser.close();
    }
  });

  test('3,000 taps: the page that joins shows each of them once, and takes one more', async ({ coach }) => {
    const [first] = (await ask<Athlete[]>(coach, '/athletes')).filter(({ name }) => name === 'Ines');
    const run = crypto.randomUUID();
    const device = crypto.randomUUID();
    const dose = { mode: 'seconds', work: 1200, rounds: 3, sets: 1, rest: 10, setRest: null };
    await put(coach, `/runs/${run}`, {
      ...{ id: run, name: 'Three thousand', day: '2026-11-20', startedAt: new Date(Date.now() - 1_800_000).toISOString() },
      ...{ patternId: null, sessionId: null, steps: null, plan: { dose, rep: null }, athletes: [first?.id], tapDelay: 1 },
    });
    const tap = { kind: 'fault', fault: 'split-late', side: null, athlete: first?.id, source: 'floor', clip: null, shown: null };
    const told: object[] = [
      { kind: 'board', faults: ['split-late'] },
      { kind: 'watch', athlete: first?.id },
      { kind: 'go', answers: null },
    ];
    const all = [...told, ...Array.from({ length: 3000 }, () => tap)].map((one, i) => ({
      ...{ id: crypto.randomUUID(), device, seq: i + 1, order: i + 1, m: i < told.length ? 0 : 6000 + i * 590, at: Date.now() },
      ...one,
    }));
    for (let at = 0; at < all.length; at += 400)
      await send(coach, 'post', `/runs/${run}/events`, { events: all.slice(at, at + 400), m: 1_790_000 });
    await coach.goto('/floor');
    await coach.locator('.under').filter({ hasText: 'Three thousand' }).getByRole('button', { name: 'take part' }).click();
    const ines = coach.locator('hop-run-screen .chip').filter({ hasText: 'Ines' });
    await ines.click();
    await expect(ines).toHaveAttribute('aria-pressed', 'true');
    await expect(count(coach, 'split-late')).toHaveText('3000');
    await tapTile(coach, 'split-late');
    await expect(count(coach, 'split-late')).toHaveText('3001');
    await expect(sent(coach)).toHaveText('sent');
    expect(faultsOf(await ask<RunWhole>(coach, `/runs/${run}`)).length).toBe(3001);
  });

  test('a page that was not opened over HTTPS says what will not work, and keeps taps all the same', async ({ playwright, baseURL }) => {
    const port = new URL(baseURL ?? '').port;
    const { CHROMIUM } = await import('./chromium.js');
    const browser = await playwright.chromium.launch({
      ...CHROMIUM,
      args: [...CHROMIUM.args, '--host-resolver-rules=MAP hall.test 127.0.0.1'],
    });
    try {
      const context = await browser.newContext({ baseURL: `http://hall.test:${port}`, viewport, reducedMotion: 'reduce' });
      const page = await context.newPage();
      // Only the browser knows that name.
      await enterByDoor(page);
      expect(await page.evaluate(() => [isSecureContext, 'randomUUID' in crypto])).toEqual([false, false]);
      await expect(page.getByText('This page was not opened over HTTPS')).toBeVisible();
      // Without HTTPS no page is there before it was fetched: that is said, and nothing else happens.
      await context.setOffline(true);
      await page.getByRole('link', { name: 'faults', exact: true }).click();
      await expect(page.getByRole('alert')).toContainText('could not be fetched');
      await expect(page).toHaveURL(/\/today$/);
      await context.setOffline(false);
      await page.getByRole('button', { name: 'try again' }).click();
      await expect(page.getByRole('heading', { name: 'Faults' })).toBeVisible();
      await expect(page.getByText('could not be fetched')).toHaveCount(0);
      await page.getByRole('link', { name: 'floor', exact: true }).click();
      await startRounds(page, 'Kjell');
      await tapTile(page, 'tell');
      await keptOnDevice(page, '"kind":"fault"');
      await expect(sent(page)).toHaveText('sent');
      await page.reload();
      await expect(count(page, 'tell')).toHaveText('1');
    } finally {
      await browser.close();
    }
  });
});
