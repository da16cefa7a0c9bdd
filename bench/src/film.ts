import { join } from 'node:path';
import { build } from 'esbuild';
import type { Browser } from 'playwright-core';
import { calibrated } from '@hopsk/core/film/calibration';
import { sees } from '@hopsk/core/film/camera';
import { crossingsOf } from '@hopsk/core/film/crossings';
import { drawnFilm } from '@hopsk/core/film/drawn';
import { againstPlan, plannedFeet } from '@hopsk/core/film/against-plan';
import type { openClip } from '../../web/src/app/compute/clip.ts';
import type { drawnClip } from '../../web/src/app/testing/drawn-clip.ts';
import { withBrowser } from './browser.js';
import { median, timed, type Line } from './measure.js';

/** The clip that is opened: a drawn one at 1080 lines, so many seconds of it at 30 pictures a second. */
const CLIP = { seconds: 60, scale: 1.5 } as const;

/** What the page is given of the film desk. */
interface Desk {
  readonly drawnClip: typeof drawnClip;
  readonly openClip: typeof openClip;
}

interface Stepped {
  readonly open: number;
  readonly ahead: number[];
  readonly back: number[];
  readonly far: number[];
}

/** What opening and stepping through a clip takes in a browser, by the code of the film desk itself. */
async function stepped(browser: Browser): Promise<Stepped> {
  const bundled = await build({
    stdin: {
      contents:
        "export { drawnClip } from './web/src/app/testing/drawn-clip.ts'; export { openClip } from './web/src/app/compute/clip.ts';",
      resolveDir: join(import.meta.dirname, '../..'),
    },
    ...{ bundle: true, write: false, format: 'iife', globalName: 'film' },
  });
  const page = await (await browser.newContext()).newPage();
  // Encoders are there for pages of this machine only.
  await page.route('**/*', (route) => route.fulfill({ contentType: 'text/html', body: '<!doctype html>' }));
  await page.goto('http://localhost/');
  await page.addScriptTag({ content: bundled.outputFiles[0]?.text ?? '' });
  return page.evaluate(async ({ seconds, scale }): Promise<Stepped> => {
    const { drawnClip: make, openClip: look } = (globalThis as unknown as { film: Desk }).film;
    const file = new Blob([await make('drawn-30', { seconds, scale })]);
    const timedIn = async (work: () => Promise<unknown>): Promise<number> => {
      const began = performance.now();
      await work();
      return performance.now() - began;
    };
    let clip: Awaited<ReturnType<typeof openClip>> | null = null;
    const open = await timedIn(async () => {
      clip = await look(file);
      if (!('code' in clip)) await clip.at(0);
    });
    const opened = clip as Awaited<ReturnType<typeof openClip>> | null;
    if (opened === null || 'code' in opened) throw new Error('the clip was not opened');
    const each = async (frames: readonly number[]): Promise<number[]> => {
      const all: number[] = [];
      for (const frame of frames) all.push(await timedIn(() => opened.at(frame)));
      return all;
    };
    const upTo = (n: number, of: (i: number) => number): number[] => Array.from({ length: n }, (_, i) => of(i));
    await opened.at(600);
    const ahead = await each(upTo(40, (i) => 601 + i));
    const back = await each(upTo(10, (i) => 639 - i));
    const far = await each(upTo(10, (i) => (i * 733) % 1700));
    return { open, ahead, back, far };
  }, CLIP);
}

const longest = (all: readonly number[]): number => Math.max(...all);

/** The film desk: the floor's ruler, a plan over feet, a clip of a minute opened and stepped through. */
export async function film(): Promise<Line[]> {
  const { scene } = drawnFilm('drawn-60');
  const { camera, placing, simulation } = scene;
  const points = crossingsOf(placing.area)
    .map(({ code, at }) => ({ name: code, floor: at, picture: sees(camera, at) }))
    .filter(({ picture: { x, y } }) => x > 0 && y > 0 && x < camera.picture.width && y < camera.picture.height);
  const feet = plannedFeet(simulation).map(({ foot, at }, frame) => ({
    ...{ foot, frame, toe: null },
    place: { at, ellipse: { xx: 1e-4, xy: 0, yy: 1e-4 }, within: 0.01 },
  }));
  const eight = median(timed(20, () => calibrated(points.slice(0, 8), camera.picture)));
  const most = median(timed(5, () => calibrated(points, camera.picture)));
  const laid = median(timed(10, () => againstPlan(simulation, feet)));
  const { open, ahead, back, far } = await withBrowser(stepped);
  const line = (name: string, value: number, limit: number | null): Line => ({ name, value, unit: 'ms', baseline: null, limit });
  return [
    line('a floor from eight points', eight, 50),
    line(`a floor from ${points.length} points`, most, null),
    line(`a plan laid over ${feet.length} feet`, laid, null),
    line('a clip of a minute at 1080 lines opened', open, 1000),
    line('a frame ahead, median', median(ahead), 50),
    line('a frame ahead, longest of 40', longest(ahead), null),
    line('a frame back among those held, longest', longest(back), 50),
    line('a frame anywhere, longest of 10', longest(far), 1000),
  ];
}
