import type { Page } from 'playwright-core';
import type { Ask } from './ask.js';
import { withBrowser } from './browser.js';
import { median, type Line } from './measure.js';

/** How often a control is pressed on the phone, and how many changes of the clock's digits are compared. */
const [PRESSES, DIGITS] = [15, 15];
const NAME = 'Hall, bench';

/** Notes when what the clock says changes, by the machine's clock (ms): both pages are on one machine. */
function note(): void {
  const seen: { head: string; digits: string; at: number }[] = [];
  Object.assign(globalThis, { seen });
  const text = (query: string): string => document.querySelector(query)?.textContent?.trim() ?? '';
  const look = (): void => {
    const now = { head: text('hop-clock-block .top'), digits: text('hop-clock-block .digits') };
    const last = seen.at(-1);
    if (last?.head !== now.head || last.digits !== now.digits) seen.push({ ...now, at: performance.timeOrigin + performance.now() });
  };
  new MutationObserver(look).observe(document.body, { subtree: true, childList: true, characterData: true });
  look();
}

interface Seen {
  readonly head: string;
  readonly digits: string;
  readonly at: number;
}
const seenOn = (page: Page): Promise<Seen[]> => page.evaluate(() => (globalThis as unknown as { seen: Seen[] }).seen);

/** How far a hall screen is behind the phone that runs: when a control is pressed, and by its clock. */
export async function hall(url: string, ask: Ask): Promise<Line[]> {
  const session = ((await ask<{ id: string; name: string }[]>('/sessions')) ?? []).find(({ name }) =>
    name.startsWith('Front corner, Tuesday'),
  );
  return withBrowser(async (browser) => {
    const open = async (): Promise<Page> => (await browser.newContext({ baseURL: url, viewport: { width: 1280, height: 800 } })).newPage();
    const [phone, screen] = [await open(), await open()];
    await phone.goto('/enter');
    await phone.getByRole('button', { name: /demo/ }).click();
    await phone.waitForURL((at) => !at.pathname.startsWith('/enter'));
    await phone.goto(`/build/${session?.id ?? ''}`);
    await phone.getByRole('button', { name: 'run it' }).click();
    await phone.getByRole('button', { name: /^start with/ }).click();
    await phone.locator('[data-fault]').first().waitFor();
    await phone.getByRole('button', { name: 'who …' }).click();
    await phone.getByRole('button', { name: 'a screen in the hall …' }).click();
    const code = (await phone.locator('hop-hall-code .code').textContent()) ?? '';
    await phone.getByRole('button', { name: 'close' }).click();
    await screen.goto('/hall');
    await screen.getByLabel('the run’s code').fill(code);
    await screen.getByRole('button', { name: 'show it' }).click();
    await screen.locator('hop-clock-block').waitFor();
    await Promise.all([phone, screen].map((page) => page.evaluate(note)));
    const changes = async (page: Page, least: number): Promise<Seen[]> => {
      for (;;) {
        const seen = (await seenOn(page)).filter(({ digits }) => digits !== '');
        if (seen.length > least) return seen;
        await page.waitForTimeout(500);
      }
    };
    await changes(screen, DIGITS);
    const [mine, theirs] = [await changes(phone, DIGITS), await seenOn(screen)];
    const off = theirs.flatMap(({ head, digits, at }) => {
      const same = mine.find((one) => one.digits === digits && one.head.slice(0, 8) === head.slice(0, 8));
      return same ? [Math.abs(at - same.at)] : [];
    });
    const behind: number[] = [];
    for (let i = 0; i < PRESSES; i++) {
      const paused = i % 2 === 0;
      const [before] = (await seenOn(screen)).slice(-1);
      const pressed = await phone.evaluate(
        (name) => {
          const button = [...document.querySelectorAll('button')].find((one) => one.textContent?.trim() === name);
          button?.click();
          return performance.timeOrigin + performance.now();
        },
        paused ? 'pause' : 'go on',
      );
      for (;;) {
        const after = (await seenOn(screen)).find(
          ({ head, at }) => at > (before?.at ?? 0) && head.includes('pause') === paused && at > pressed,
        );
        if (after) {
          behind.push(after.at - pressed);
          break;
        }
        await screen.waitForTimeout(20);
      }
    }
    const line = (name: string, value: number, limit: number | null): Line => ({
      name: `${NAME}: ${name}`,
      value,
      unit: 'ms',
      baseline: null,
      limit,
    });
    return [
      line('a press on the phone until the screen shows it, median', median(behind), 300),
      line('the slowest of them', Math.max(...behind), 300),
      line('its digits beside the phone’s, median', median(off), 300),
      line('the furthest of them', Math.max(...off), 300),
    ];
  });
}
