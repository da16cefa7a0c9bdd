import { chromium } from 'playwright-core';
import { ensureChromium } from '../../scripts/lib/chromium.mjs';
import type { Line } from './measure.js';

/** Kilobytes of script that a fresh browser takes for its first page, as they cross the wire; the baseline is what they unpack to. */
export async function firstLoad(url: string): Promise<Line[]> {
  const browser = await chromium.launch({
    executablePath: await ensureChromium(),
    chromiumSandbox: false,
    args: ['--disable-dev-shm-usage', '--disable-gpu'],
  });
  try {
    const lines: Line[] = [];
    for (const [name, path, limit] of [
      ['the door', '/enter', 170],
      ['the floor', '/floor', 230],
    ] as const) {
      const context = await browser.newContext({ baseURL: url, serviceWorkers: 'block' });
      if (path !== '/enter') await context.request.post('/api/demo');
      const page = await context.newPage();
      const scripts: Promise<readonly [number, number]>[] = [];
      page.on('response', (response) => {
        if (response.request().resourceType() !== 'script') return;
        scripts.push(
          Promise.all([
            response
              .request()
              .sizes()
              .then((sizes) => sizes.responseBodySize),
            response.body().then((body) => body.length),
          ]),
        );
      });
      await page.goto(path, { waitUntil: 'networkidle' });
      const sizes = await Promise.all(scripts);
      const sum = (i: 0 | 1): number => sizes.reduce((total, size) => total + size[i], 0) / 1000;
      lines.push({ name: `first load of ${name}: ${sizes.length} scripts`, value: sum(0), unit: 'kB', baseline: sum(1), limit });
      await context.close();
    }
    return lines;
  } finally {
    await browser.close();
  }
}
