import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import type { PatternSave } from '@hopsk/contract/pattern-draft';
import { bodyOf } from '@hopsk/core/body/body';
import { SCHOOLS, schoolOf } from '@hopsk/core/body/school';
import { study } from '@hopsk/core/judge/study';
import { readPatternFile, type FiledPattern } from '@hopsk/core/language/pattern-file';
import { thumbnailOf } from '@hopsk/core/view/thumbnail';
import { withBrowser } from './browser.js';
import { timed, median, type Line } from './measure.js';

const MANY = 500;
/** Cards that stand on a screen of 1280×800 at first. */
const SCREENFUL = 12;

/** As many patterns as a large club has, each its own: the starters with counts that differ. */
function many(): FiledPattern[] {
  const { patterns } = readPatternFile(readFileSync(new URL('../../web/public/starters/en.txt', import.meta.url), 'utf8'));
  return Array.from({ length: MANY }, (_, i) => {
    const one = patterns[i % patterns.length] as FiledPattern;
    return { ...one, name: `${one.name} ${i}`, steps: `${one.steps}, hold ${1 + (i % 50) / 10} s` };
  });
}

function drawn({ steps, school, shouldClose }: FiledPattern): unknown {
  const stance = schoolOf(school) ?? SCHOOLS[0];
  const seen = study(
    steps,
    { body: bodyOf({ height: 1.7 }), school: stance, lead: stance.staggered ? 'left' : null, playing: 'right' },
    shouldClose,
  );
  return thumbnailOf(seen.simulation);
}

/** A library of 500 patterns: computed here, and opened in a browser; the baseline of the browser's lines is the computing alone. */
export async function library(url: string): Promise<Line[]> {
  const patterns = many();
  const all = median(timed(3, () => patterns.map(drawn)));
  const few = median(timed(5, () => patterns.slice(0, SCREENFUL).map(drawn)));
  return withBrowser(async (browser) => {
    const context = await browser.newContext({ baseURL: url, viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
    await context.request.post('/api/demo');
    const token = (await context.cookies()).find((cookie) => cookie.name === 'XSRF-TOKEN')?.value ?? '';
    for (const { line: _, ...pattern } of patterns) {
      const record: PatternSave = { ...pattern, tags: [...pattern.tags], dose: null, schools: {}, id: randomUUID(), version: 0 };
      await context.request.put(`/api/patterns/${record.id}`, { data: record, headers: { 'x-xsrf-token': token } });
    }
    const page = await context.newPage();
    // The list is on the device and the screen's script is there: what is measured is drawing, not fetching.
    await page.goto('/steps');
    await page.getByText(/^\d+ patterns$/).waitFor();
    await page.goto('/floor');
    await page.getByRole('link', { name: 'steps', exact: true }).waitFor();
    await page.waitForLoadState('networkidle');
    const [first, whole, cards] = await page.evaluate(async (screenful) => {
      const until = async (done: () => boolean): Promise<number> => {
        while (!done()) await new Promise((go) => requestAnimationFrame(go));
        return performance.now();
      };
      const began = performance.now();
      [...document.querySelectorAll('a')].find((link) => link.textContent?.trim() === 'steps')?.click();
      await until(() => document.querySelector('hop-patterns li') !== null);
      const shown = performance.now();
      const at = await until(() => document.querySelectorAll('hop-thumb').length >= screenful);
      const end = await until(() => /^\d+ patterns$/.test(document.querySelector('hop-patterns [role=status]')?.textContent?.trim() ?? ''));
      return [at - shown, end - began, document.querySelectorAll('hop-patterns li').length] as const;
    }, SCREENFUL);
    return [
      { name: `${MANY} patterns studied and drawn small`, value: all, unit: 'ms', baseline: null, limit: 1000 },
      { name: `a screenful of ${MANY} thumbnails in the page`, value: first, unit: 'ms', baseline: few, limit: 300 },
      { name: `all of ${MANY} thumbnails in the page`, value: whole, unit: 'ms', baseline: all, limit: 2000 },
      { name: `cards in the page, of ${MANY}`, value: cards, unit: '', baseline: MANY, limit: 60 },
    ];
  });
}
