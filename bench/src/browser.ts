import { chromium, type Browser } from 'playwright-core';
import { ensureChromium } from '../../scripts/lib/chromium.mjs';

/** Does something with a browser of its own, which is closed afterwards. */
export async function withBrowser<T>(work: (browser: Browser) => Promise<T>): Promise<T> {
  const browser = await chromium.launch({
    executablePath: await ensureChromium(),
    chromiumSandbox: false,
    args: ['--disable-dev-shm-usage', '--disable-gpu'],
  });
  try {
    return await work(browser);
  } finally {
    await browser.close();
  }
}
