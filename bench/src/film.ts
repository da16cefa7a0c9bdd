import { readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build } from 'esbuild';
import type { Browser, Page } from 'playwright-core';
import { calibrated } from '@hopsk/core/film/calibration';
import { sees } from '@hopsk/core/film/camera';
import { crossingsOf } from '@hopsk/core/film/crossings';
import { drawnFilm } from '@hopsk/core/film/drawn';
import { againstPlan, plannedFeet } from '@hopsk/core/film/against-plan';
import type { openClip } from '../../web/src/app/compute/clip.ts';
import type { drawnClip, longerClip } from '../../web/src/app/testing/drawn-clip.ts';
import { withBrowser } from './browser.js';
import { median, timed, type Line } from './measure.js';

/** The clip that is opened: a drawn one at 1080 lines, so many seconds of it at 30 pictures a second. */
const CLIP = { seconds: 60, scale: 1.5 } as const;

/** What the page is given of the film desk. */
interface Desk {
  readonly drawnClip: typeof drawnClip;
  readonly longerClip: typeof longerClip;
  readonly openClip: typeof openClip;
}

interface Stepped {
  readonly open: number;
  readonly ahead: number[];
  readonly back: number[];
  readonly far: number[];
  /** The same where the browser plays the clip and does not let it be decoded. */
  readonly played: { readonly ahead: number[]; readonly far: number[] };
  /** The next picture of four players at once, ms. */
  readonly four: number[];
  /** The same of clips with twice as many lines. */
  readonly fourLarge: number[];
  /** What a clip of ten minutes takes beyond what was there before it, MB of all the browser's processes. */
  readonly tenMinutes: number;
}

/** Memory of a browser and all that it started, MB: what several of its processes share is divided among them. */
async function memoryOf(browser: Browser): Promise<number> {
  const session = await browser.newBrowserCDPSession();
  const { processInfo } = await session.send('SystemInfo.getProcessInfo');
  const sizes = await Promise.all(
    processInfo.map(async ({ id }) =>
      Number(/^Pss:\s+(\d+)/m.exec(await readFile(`/proc/${id}/smaps_rollup`, 'utf8').catch(() => ''))?.[1] ?? 0),
    ),
  );
  await session.detach();
  return sizes.reduce((sum, kilobytes) => sum + kilobytes, 0) / 1000;
}

/** The code of the film desk, and what draws clips, as a script. */
async function deskScript(): Promise<string> {
  const bundled = await build({
    stdin: {
      contents:
        "export { drawnClip, longerClip } from './web/src/app/testing/drawn-clip.ts'; export { openClip } from './web/src/app/compute/clip.ts';",
      resolveDir: join(import.meta.dirname, '../..'),
    },
    ...{ bundle: true, write: false, format: 'iife', globalName: 'film' },
  });
  return bundled.outputFiles[0]?.text ?? '';
}

async function deskPage(browser: Browser, desk: string): Promise<Page> {
  const page = await (await browser.newContext()).newPage();
  // Encoders are there for pages of this machine only.
  await page.route('**/*', (route) => route.fulfill({ contentType: 'text/html', body: '<!doctype html>' }));
  await page.goto('http://localhost/');
  await page.addScriptTag({ content: desk });
  return page;
}

/** What opening and stepping through a clip takes in a browser, by the code of the film desk itself. */
async function stepped(browser: Browser): Promise<Stepped> {
  const desk = await deskScript();
  const page = await deskPage(browser, desk);
  const steps = await page.evaluate(async ({ seconds, scale }): Promise<Omit<Stepped, 'tenMinutes'>> => {
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
    const each = async (frames: readonly number[], of = opened): Promise<number[]> => {
      const all: number[] = [];
      for (const frame of frames)
        all.push(
          await timedIn(async () => {
            if ((await of.at(frame)) === null) throw new Error(`frame ${frame} was not shown`);
          }),
        );
      return all;
    };
    const upTo = (n: number, of: (i: number) => number): number[] => Array.from({ length: n }, (_, i) => of(i));
    await opened.at(600);
    const ahead = await each(upTo(40, (i) => 601 + i));
    const back = await each(upTo(10, (i) => 639 - i));
    const far = await each(upTo(10, (i) => (i * 733) % 1700));
    opened.close();
    const decoder = globalThis.VideoDecoder;
    Reflect.deleteProperty(globalThis, 'VideoDecoder');
    const player = await look(file);
    if ('code' in player) throw new Error('the clip is not played');
    await player.at(600);
    const played = {
      ahead: await each(
        upTo(40, (i) => 601 + i),
        player,
      ),
      far: await each(
        upTo(10, (i) => (i * 733) % 1700),
        player,
      ),
    };
    player.close();
    globalThis.VideoDecoder = decoder;
    const side = async (from: Blob): Promise<number[]> => {
      const players = await Promise.all([0, 300, 600, 900].map(async (first) => ({ first, clip: await look(from, 540) })));
      const all: number[] = [];
      for (let i = 0; i < 90; i++)
        all.push(
          await timedIn(() =>
            Promise.all(players.map(({ first, clip: one }) => ('code' in one ? Promise.reject(new Error(one.code)) : one.at(first + i)))),
          ),
        );
      for (const { clip: one } of players) if (!('code' in one)) one.close();
      // The first picture of each is no step.
      return all.slice(1);
    };
    const [fourLarge, four] = [await side(file), await side(new Blob([await make('drawn-30', { seconds: 35, scale: 0.75 })]))];
    return { open, ahead, back, far, played, four, fourLarge };
  }, CLIP);
  const file = await longFile(page);
  try {
    return { ...steps, tenMinutes: await withBrowser((fresh) => heldBy(fresh, desk, file)) };
  } finally {
    await rm(file);
  }
}

/** A clip of ten minutes as a file of the disk: drawn once, and ten times one after the other. */
async function longFile(page: Page): Promise<string> {
  const text = await page.evaluate(async ({ seconds, scale }) => {
    const { drawnClip: make, longerClip: longer } = (globalThis as unknown as { film: Desk }).film;
    const clip = await longer(new Blob([await make('drawn-30', { seconds: seconds / 4, scale })]), 40);
    return new Promise<string>((done) => {
      const reader = new FileReader();
      reader.onload = () => done(reader.result as string);
      reader.readAsDataURL(clip);
    });
  }, CLIP);
  const file = join(tmpdir(), `hopsk-ten-minutes-${process.pid}.webm`);
  await writeFile(file, Buffer.from(text.slice(text.indexOf(',') + 1), 'base64'));
  return file;
}

/** What a browser takes more, MB, with that clip open and looked at all over and frame by frame. */
async function heldBy(browser: Browser, desk: string, file: string): Promise<number> {
  const page = await deskPage(browser, desk);
  await page.setContent('<input type="file">');
  const before = await memoryOf(browser);
  await page.locator('input').setInputFiles(file);
  await page.evaluate(async () => {
    const { openClip: look } = (globalThis as unknown as { film: Desk }).film;
    const clip = await look(document.querySelector('input')?.files?.[0] ?? new Blob());
    if ('code' in clip) throw new Error(clip.code);
    for (let i = 0; i < 60; i++) await clip.at(Math.floor((clip.frames.length / 60) * i));
    for (let i = 0; i < 60; i++) await clip.at(9000 + i);
    Object.assign(globalThis, { held: clip });
  });
  return (await memoryOf(browser)) - before;
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
  const { open, ahead, back, far, played, four, fourLarge, tenMinutes } = await withBrowser(stepped);
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
    line('played and not decoded: a frame ahead, median', median(played.ahead), 50),
    line('played and not decoded: a frame anywhere, longest of 10', longest(played.far), 1000),
    line('four players at 540 lines, the next frame of all, median', median(four), 33),
    line('the same of clips at 1080 lines, median', median(fourLarge), null),
    { name: 'a clip of ten minutes at 1080 lines', value: tenMinutes, unit: 'MB', baseline: null, limit: 400 },
  ];
}
