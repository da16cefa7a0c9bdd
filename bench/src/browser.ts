import { chromium, type Browser, type BrowserContext } from 'playwright-core';
import { ensureChromium } from '../../scripts/lib/chromium.mjs';

/** Does something with a browser of its own, which is closed afterwards. */
export async function withBrowser<T>(work: (browser: Browser) => Promise<T>): Promise<T> {
  const browser = await chromium.launch({
    executablePath: await ensureChromium(),
    chromiumSandbox: false,
    args: ['--disable-dev-shm-usage', '--disable-gpu'],
  });
  // What runs these files names its functions by a helper that no page has.
  browser.on('context', (context: BrowserContext) => void context.addInitScript('globalThis.__name = (named) => named'));
  try {
    return await work(browser);
  } finally {
    await browser.close();
  }
}
