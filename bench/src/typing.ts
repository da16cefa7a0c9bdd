import type { Page } from 'playwright-core';
import { withBrowser } from './browser.js';
import { median, type Line } from './measure.js';

const SLOWED = 4;
const KEYS = 40;
/** The line ends where a key more is another drawing: ‘8’ or ‘80’ centimetres. */
const BEGUN = 'Split step, then slide right 40 cm, lunge ahead 8';

/** Notes how long after each key the drawing changes (ms). */
function noteDrawings(): void {
  const noted: { at: number; times: number[] } = { at: 0, times: [] };
  Object.assign(globalThis, { noted });
  document.addEventListener('keydown', () => (noted.at = performance.now()), true);
  const floor = document.querySelector('hop-floor') as HTMLElement;
  const changed = new MutationObserver(() => {
    if (noted.at > 0) noted.times.push(performance.now() - noted.at);
    noted.at = 0;
  });
  // What is drawn anew, and not what is lit while one types.
  changed.observe(floor, { subtree: true, childList: true, attributeFilter: ['d', 'points'] });
}

async function typed(page: Page): Promise<number> {
  const drawn = (): Promise<number> => page.evaluate(() => (globalThis as unknown as { noted: { times: number[] } }).noted.times.length);
  await page.evaluate(() => (globalThis as unknown as { noted: { times: number[] } }).noted.times.splice(0));
  for (let i = 0; i < KEYS; i++) {
    await page.keyboard.press(i % 2 === 0 ? '0' : 'Backspace');
    while ((await drawn()) <= i) await page.waitForTimeout(5);
  }
  return median(await page.evaluate(() => (globalThis as unknown as { noted: { times: number[] } }).noted.times));
}

/** The studio while a line is typed as it is said, at a processor slowed four times; the baseline is the same at full speed. */
export async function typing(url: string): Promise<Line[]> {
  return withBrowser(async (browser) => {
    const context = await browser.newContext({ baseURL: url, viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
    await context.request.post('/api/demo');
    const page = await context.newPage();
    await page.goto('/steps');
    await page.getByRole('link', { name: 'new pattern' }).click();
    const line = page.getByLabel('line of steps');
    await line.fill(`${BEGUN}0`);
    await page.locator('hop-floor svg .chip').nth(2).waitFor();
    await line.press('End');
    await page.evaluate(noteDrawings);
    await page.keyboard.press('Backspace');
    await page.waitForTimeout(500);
    const full = await typed(page);
    const devtools = await context.newCDPSession(page);
    await devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
    const slow = await typed(page);
    return [{ name: `from a key until it is drawn, processor slowed ${SLOWED} times`, value: slow, unit: 'ms', baseline: full, limit: 50 }];
  });
}
