import { FIRST_LOAD, firstLoad } from '../../scripts/lib/first-load.mjs';
import { withBrowser } from './browser.js';
import type { Line } from './measure.js';

/** Kilobytes of script that a fresh browser takes for its first page, as they cross the wire; the baseline is what they unpack to. */
export async function firstLoads(url: string): Promise<Line[]> {
  return withBrowser(async (browser) => {
    const lines: Line[] = [];
    for (const { name, most, ...first } of FIRST_LOAD) {
      const context = await browser.newContext({ baseURL: url, serviceWorkers: 'block' });
      if (first.path !== '/enter') await context.request.post('/api/demo');
      const { scripts, sent, unpacked } = await firstLoad(await context.newPage(), first);
      lines.push({
        name: `first load of ${name}: ${scripts} scripts`,
        value: sent / 1000,
        unit: 'kB',
        baseline: unpacked / 1000,
        limit: most / 1000,
      });
      await context.close();
    }
    return lines;
  });
}
