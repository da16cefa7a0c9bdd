import { expect, type Locator, type Page } from '@playwright/test';

/**
 * Stops the page's clock, so that a test says when taps fall; the page goes on only as the test lets it.
 * @param start what begins the run: it must be there to be pressed, for on a stopped clock it would not come.
 */
export async function stopClock(page: Page, start: Locator): Promise<void> {
  await expect(start).toBeEnabled();
  const at = '2026-11-20T18:00:00Z';
  await page.clock.install({ time: new Date(at) });
  await page.clock.pauseAt(new Date(Date.parse(at) + 1000));
}

/** Asks for a session to be run; where nobody is expected, the first of the club is here. What begins it is given back. */
export async function whoIsHere(page: Page): Promise<Locator> {
  await page.getByRole('button', { name: 'run it' }).click();
  const box = page.getByRole('dialog').filter({ hasText: 'Who is here?' });
  await expect(box.getByRole('button').first()).toBeVisible();
  if ((await box.locator('.chip[aria-pressed=true]').count()) === 0) await box.locator('.chip').first().click();
  return box.getByRole('button', { name: /^start with/ });
}

/** When the clock of the run under way was started, as this device kept it (ms). */
function startedAt(page: Page): Promise<number> {
  return page.evaluate(
    () =>
      new Promise<number>((done, fail) => {
        const open = indexedDB.open('hopsk');
        open.onerror = () => fail(new Error('the device’s store does not open'));
        open.onsuccess = () => {
          const all = open.result.transaction('events').objectStore('events').getAll();
          all.onsuccess = () => {
            const goes = (all.result as { event: { kind: string; at: number } }[])
              .filter((kept) => kept.event.kind === 'go')
              .map((kept) => kept.event.at);
            open.result.close();
            if (goes.length === 0) fail(new Error('no run was started'));
            else done(Math.max(...goes));
          };
        };
      }),
  );
}

const COUNT_DOWN_MS = 5000;
const SECOND = 1000;

/**
 * Lets the stopped clock go on: a second at a time, and what is drawn once in it, for every frame of minutes would be drawn otherwise, for
 * nobody. The last second runs whole.
 */
export async function runOn(page: Page, ms: number): Promise<void> {
  let left = ms;
  for (; left > SECOND; left -= SECOND) await page.clock.fastForward(SECOND);
  await page.clock.runFor(left);
}

/** Lets the stopped clock run to this second of the plan. */
export async function runTo(page: Page, second: number): Promise<void> {
  const target = (await startedAt(page)) + COUNT_DOWN_MS + second * SECOND;
  const now = await page.evaluate(() => Date.now());
  if (target < now) throw new Error(`The plan is past ${second} s already.`);
  await runOn(page, target - now);
}
