import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { buildServer, buildWeb } from './lib/build.mjs';
import { ensureChromium } from './lib/chromium.mjs';
import { openHouse } from './lib/house.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { failed, root, step } from './lib/project.mjs';
import { SHOTS } from './lib/shots.mjs';

/**
 * Makes the pictures of docs/screenshots from the demo data.
 * Usage: npm run screenshots [-- NAME ...]  (all without a name; --to FOLDER puts them elsewhere)
 */
async function main() {
  const words = process.argv.slice(2);
  const to = words.indexOf('--to');
  const folder = to < 0 ? join(root, 'docs/screenshots') : words.splice(to, 2)[1];
  const wanted = words.length === 0 ? SHOTS : SHOTS.filter((shot) => words.includes(shot.name));
  await step('packages', ensurePackages);
  const executablePath = await ensureChromium();
  await step('server', buildServer);
  await step('web app', buildWeb);
  mkdirSync(folder, { recursive: true });
  const { chromium } = await import('playwright-core');
  const house = await openHouse();
  const browser = await chromium.launch({ executablePath, chromiumSandbox: false, args: ['--disable-dev-shm-usage', '--disable-gpu'] });
  try {
    for (const shot of wanted) await step(shot.name, () => take(browser, house.url, shot, join(folder, `${shot.name}.png`)));
  } finally {
    await browser.close();
    await house.stop();
  }
}

async function take(browser, url, shot, path) {
  const context = await browser.newContext({
    baseURL: url,
    viewport: shot.phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
    hasTouch: shot.phone ?? false,
    locale: 'en-GB',
    timezoneId: 'UTC',
    reducedMotion: 'reduce',
    colorScheme: shot.dark ? 'dark' : 'light',
  });
  try {
    const page = await context.newPage();
    await page.goto('/enter');
    await page.getByRole('button', { name: /demo/ }).click();
    await page.waitForURL((at) => !at.pathname.startsWith('/enter'));
    await shot.go(page);
    await page.evaluate(() => document.fonts.ready);
    await page.screenshot({ path });
  } finally {
    await context.close();
  }
}

main().catch(failed);
