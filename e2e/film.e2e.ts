import { readFile } from 'node:fs/promises';
import type { AthleteRows } from '@hopsk/contract/log-table';
import { filmCells } from '@hopsk/contract/film-table';
import type { Page } from '@playwright/test';
import type { Side } from '@hopsk/core/body/foot';
import type { Vec } from '@hopsk/core/body/vec';
import { sees } from '@hopsk/core/film/camera';
import { crossingsOf, type Crossing } from '@hopsk/core/film/crossings';
import type { MarkKind } from '@hopsk/core/film/marks';
import { DRAWN_LINE, drawnFilm, firstSeen, truthOf } from '@hopsk/core/film/drawn';
import { OwnHouse } from './own-house.js';
import { accessible, addAthlete, ask, choose, enterByDoor, expect, keptOnDevice, put, test } from './support.js';

/** A second of film, made by the browser's own recorder: a bar that goes from left to right. */
async function filmedIn(page: Page): Promise<{ readonly name: string; readonly mimeType: string; readonly buffer: Buffer }> {
  const bytes = await page.evaluate(async () => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [320, 180];
    const brush = canvas.getContext('2d', { alpha: false });
    const recorder = new MediaRecorder(canvas.captureStream(30), { mimeType: 'video/mp4;codecs=avc1.42E01E' });
    const parts: Blob[] = [];
    recorder.ondataavailable = ({ data }) => parts.push(data);
    const began = performance.now();
    recorder.start();
    await new Promise<void>((done) => {
      const draw = (): void => {
        const t = (performance.now() - began) / 1000;
        if (brush) brush.fillStyle = '#dcd0b0';
        brush?.fillRect(0, 0, 320, 180);
        if (brush) brush.fillStyle = '#203040';
        brush?.fillRect(240 * t, 60, 40, 60);
        if (t < 1) requestAnimationFrame(draw);
        else done();
      };
      draw();
    });
    await new Promise((done) => {
      recorder.onstop = done;
      recorder.stop();
    });
    return [...new Uint8Array(await new Blob(parts).arrayBuffer())];
  });
  return { name: 'Splits, from the side.mp4', mimeType: 'video/mp4', buffer: Buffer.from(bytes) };
}

/** How light the picture on the desk is in its upper left corner, 0 to 255. */
const lightOn = (page: Page): Promise<number> =>
  page
    .locator('hop-film canvas.shown')
    .evaluate((canvas: HTMLCanvasElement) => canvas.getContext('2d')?.getImageData(2, 2, 1, 1).data[0] ?? 0);

/** Taps the picture on the desk at a pixel of its own. */
async function tapAt(page: Page, at: Vec): Promise<void> {
  const box = await page.locator('hop-film-picture svg').boundingBox();
  const [width, height] = await page
    .locator('hop-film-picture canvas.shown')
    .evaluate((canvas: HTMLCanvasElement): [number, number] => [canvas.width, canvas.height]);
  const k = Math.min((box?.width ?? 0) / width, (box?.height ?? 0) / height);
  const corner = { x: (box?.x ?? 0) + ((box?.width ?? 0) - k * width) / 2, y: (box?.y ?? 0) + ((box?.height ?? 0) - k * height) / 2 };
  await page.mouse.move(corner.x + k * at.x, corner.y + k * at.y);
  await page.mouse.click(corner.x + k * at.x, corner.y + k * at.y);
}

test('a clip of the device is looked at frame by frame; its marks come to times, are there again, and go out as a table', async ({
  coach,
}) => {
  await coach.goto('/film');
  const clip = await filmedIn(coach);
  const open = coach.locator('hop-film hop-file input').first();
  await open.setInputFiles(clip);
  await expect(coach.locator('.where')).toContainText('frame 0 of');
  await expect.poll(() => lightOn(coach)).toBeGreaterThan(150);
  const marked = async (on: number, key: string): Promise<void> => {
    for (let i = 0; i < on; i++) await coach.keyboard.press('ArrowRight');
    await coach.keyboard.press(key);
  };
  await marked(4, 'c');
  await marked(2, 'd');
  await marked(2, 'f');
  await expect(coach.getByRole('row', { name: /split against the ball/ })).toContainText(/\d+\sms\s±\s\d+/);
  await expect(coach.getByRole('row', { name: /first step after the split/ })).toBeVisible();
  await accessible(coach);
  // By a button as by a key; the same there again takes it back.
  await coach.getByRole('button', { name: /^own contact/ }).click();
  await expect(coach.locator('.made li')).toHaveCount(4);
  await coach
    .getByRole('button', { name: /^own contact/ })
    .first()
    .click();
  await expect(coach.locator('.made li')).toHaveCount(3);
  const [loaded] = await Promise.all([coach.waitForEvent('download'), coach.getByRole('button', { name: 'save as a table' }).click()]);
  const table = (await readFile(await loaded.path(), 'utf8')).trim().split(/\r?\n/);
  expect(table.filter((line) => line.startsWith('mark,')).map((line) => line.split(',')[1])).toEqual([
    'contact',
    'split-down',
    'first-step',
  ]);
  // It is on the device before it is sent.
  await expect(coach.locator('.where')).toContainText('with the club');
  await coach.reload();
  await open.setInputFiles({ ...clip, name: 'renamed.mp4' });
  await expect(coach.locator('.made li')).toHaveCount(3);
  // What is no film leaves what is open as it is.
  await open.setInputFiles({ name: 'notes.mp4', mimeType: 'video/mp4', buffer: Buffer.from('no film') });
  await expect(coach.getByRole('alert')).toContainText('is no film that can be read here');
  await expect(coach.locator('.made li')).toHaveCount(3);
});

test('what is marked on one device is on another, with the clip or without it, and after the network was away', async ({
  coach,
  browser,
}) => {
  test.slow();
  await coach.goto('/film');
  const clip = { ...(await filmedIn(coach)), name: 'Seen on two devices.mp4' };
  const open = async (page: Page): Promise<void> => {
    await page.locator('hop-film hop-file input').first().setInputFiles(clip);
    await expect(page.locator('.where')).toContainText('frame 0 of');
  };
  const mark = async (page: Page, on: number, key: string): Promise<void> => {
    for (let i = 0; i < on; i++) await page.keyboard.press('ArrowRight');
    await page.keyboard.press(key);
  };
  await open(coach);
  await coach.context().setOffline(true);
  await mark(coach, 4, 'c');
  await expect(coach.locator('.where')).toContainText('kept here, not sent yet');
  await coach.context().setOffline(false);
  await expect(coach.locator('.where')).toContainText('with the club');

  const other = await browser.newPage();
  await enterByDoor(other);
  await other.goto('/film');
  await other.getByRole('button', { name: /^Seen on two devices\.mp4.*one mark.*the clip is not here/ }).click();
  await expect(other.getByText('The clip is not on this device')).toBeVisible();
  await expect(other.locator('.made li')).toHaveCount(1);
  await accessible(other);
  await open(other);
  await expect(other.getByText('The clip is not on this device')).toBeHidden();
  await expect(other.locator('.made li')).toHaveCount(1);
  await mark(other, 6, 'd');
  await expect(other.locator('.where')).toContainText('with the club');

  // Marked here since, over what this device knew: nobody is written over.
  await mark(coach, 5, 'f');
  await expect(coach.getByText('Somebody else marked this clip since: the club has 2 marks, this device 2 marks.')).toBeVisible();
  await accessible(coach);
  await coach.getByRole('button', { name: 'take what the club has' }).click();
  await expect(coach.getByRole('row', { name: /split against the ball/ })).toContainText(/\d+\sms\s±\s\d+/);
  await expect(coach.locator('.where')).toContainText('with the club');
  await other.close();
});

test('where the club’s rules let clips be kept with it, one that is sent shows its pictures on another device', async ({ browser }) => {
  test.slow();
  const house = await OwnHouse.open();
  const enter = async (): Promise<Page> => {
    const page = await (await browser.newContext({ baseURL: house.url })).newPage();
    await enterByDoor(page);
    return page;
  };
  try {
    const page = await enter();
    await page.goto('/club/people');
    await page.getByLabel('clips with the club (days; 0: not at all)').fill('30');
    await page.getByRole('button', { name: 'save' }).click();
    await expect(page.getByText('Saved.')).toBeVisible();
    await page.goto('/film');
    await page
      .locator('hop-film hop-file input')
      .first()
      .setInputFiles({ ...(await filmedIn(page)), name: 'Sent whole.mp4' });
    await expect(page.getByRole('button', { name: 'keep the clip with the club' })).toBeDisabled();
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('c');
    await page.getByRole('button', { name: 'keep the clip with the club' }).click();
    await expect(page.getByText('The clip is with the club.')).toBeVisible();
    await accessible(page);
    const other = await enter();
    await other.goto('/film');
    await other.getByRole('button', { name: /^Sent whole\.mp4.*the clip is with the club/ }).click();
    await expect(other.locator('.where')).toContainText('frame 0 of');
    await expect.poll(() => lightOn(other)).toBeGreaterThan(150);
    await expect(other.locator('.made li')).toHaveCount(1);
    // Taken away there, what was marked stays.
    await other.getByRole('button', { name: 'take it away there' }).click();
    await expect(other.getByRole('button', { name: 'keep the clip with the club' })).toBeVisible();
    await page.reload();
    await expect(page.getByRole('button', { name: /^Sent whole\.mp4.*one mark.*the clip is not here/ })).toBeVisible();
    for (const one of [page, other]) await one.context().close();
  } finally {
    await house.close();
  }
});

/** Whether the frame that is shown has a shoe at a pixel, as far as an encoder keeps its colour. */
const isShoe = (page: Page, { x, y }: Vec, foot: Side): Promise<boolean> =>
  page.locator('hop-film canvas.shown').evaluate(
    (canvas: HTMLCanvasElement, [at, down, meant]) => {
      const pixel = canvas.getContext('2d')?.getImageData(Math.round(at), Math.round(down), 1, 1).data ?? [];
      return meant.every((value, i) => Math.abs(value - (pixel[i] ?? 0)) < 40);
    },
    [x, y, foot === 'left' ? [0xf2, 0xb6, 0x32] : [0xe8, 0x64, 0x3c]] as const,
  );

test('a drawn clip is measured when and where it was drawn, and laid over its own pattern', async ({ coach }) => {
  const { scene, frames } = drawnFilm('drawn-120');
  const { downs, balls, strikes } = truthOf(scene);
  const id = crypto.randomUUID();
  await put(coach, `/patterns/${id}`, {
    ...{ id, version: 0, name: 'Three lunges, drawn', steps: DRAWN_LINE, sport: 'badminton' },
    ...{ school: 'square-ready', hand: 'right', lead: 'none', shouldClose: false },
    // A pattern that was saved last is the first one on the floor: it is one that can be started.
    dose: { mode: 'seconds', work: 20, rounds: 1, sets: 1, rest: null, setRest: null },
  });
  await coach.goto('/film');
  await coach.getByRole('button', { name: '120', exact: true }).click();
  await expect(coach.locator('.where')).toContainText(`frame 0 of ${frames.length - 1}`);
  const tab = (name: string) => coach.locator('hop-tabs').getByText(name, { exact: true }).click();
  const tap = (at: Vec): Promise<void> => tapAt(coach, at);
  let frame = 0;
  const goTo = async (to: number): Promise<void> => {
    for (; to - frame >= 10; frame += 10) await coach.keyboard.press('Shift+ArrowRight');
    for (; frame < to; frame++) await coach.keyboard.press('ArrowRight');
    for (; frame - to >= 10; frame -= 10) await coach.keyboard.press('Shift+ArrowLeft');
    for (; frame > to; frame--) await coach.keyboard.press('ArrowLeft');
    await expect(coach.locator('.where')).toContainText(`frame ${to} of`);
  };
  // Marks in the frame in which each thing is seen first.
  const split = (ball: number): number => Math.min(...downs.filter(({ at }) => at > ball).map(({ at }) => at));
  const lunge = (strike: number): number => Math.max(...downs.filter(({ at }) => at < strike).map(({ at }) => at));
  const things = balls.flatMap((ball, i): [number, string][] => [
    [ball, 'c'],
    [split(ball), 'd'],
    [lunge(strikes[i] ?? 0), 'r'],
    [strikes[i] ?? 0, 'o'],
  ]);
  for (const [at, key] of things) {
    await goTo(firstSeen(frames, at));
    await coach.keyboard.press(key);
  }
  const times = (name: string) => coach.getByRole('table', { name: 'Times' }).getByRole('row', { name });
  const ms = async (name: string): Promise<number[]> =>
    (await times(name).allTextContents()).map((text) => Number(/(-?\d+)\sms/.exec(text)?.[1] ?? Number.NaN));
  const late = balls.map((ball) => (split(ball) - ball) * 1000);
  await expect.poll(async () => (await ms('split against the ball')).length).toBe(3);
  for (const [i, read] of (await ms('split against the ball')).entries())
    expect(Math.abs(read - (late[i] ?? 0))).toBeLessThanOrEqual(1000 / 120 + 0.5);
  for (const read of await ms('strike after the landing')) expect(Math.abs(read - 60)).toBeLessThanOrEqual(1000 / 120 + 0.5);
  // The floor by seven of its crossings.
  await tab('floor');
  await choose(coach, 'floor in the picture', 'Badminton court');
  const wanted = ['near right: short service line, side line', 'near: doubles long service line, centre line'];
  wanted.push('near left: short service line, singles side line', 'far right: end line, side line', 'far left: end line, side line');
  wanted.push('near: short service line, centre line', 'near right: doubles long service line, side line');
  const crossings = crossingsOf(scene.placing.area);
  const called = (one: Crossing): string => `${[one.end, one.side].filter((part) => part !== null).join(' ')}: ${one.across}, ${one.along}`;
  for (const name of wanted) {
    const crossing = crossings.find((one) => called(one) === name);
    await choose(coach, 'point to tap', name);
    await tap(sees(scene.camera, crossing?.at ?? { x: 0, y: 0 }));
  }
  await expect(coach.getByText('The points go together')).toBeVisible();
  await expect(coach.locator('hop-film-ruler .made li')).toHaveCount(7);
  await accessible(coach);
  // Each landing of the first attempt, by its ball.
  await tab('feet');
  const first = downs.filter(({ at }) => at < (balls[1] ?? 0));
  await goTo(firstSeen(frames, first[0]?.at ?? 0));
  for (const [i, { foot, at, place }] of first.entries()) {
    await goTo(firstSeen(frames, at));
    // The picture shows that shoe there: what is tapped by numbers is what somebody would tap by eye.
    await expect.poll(() => isShoe(coach, sees(scene.camera, place), foot)).toBe(true);
    await coach.getByText(`${foot} foot`, { exact: true }).click();
    await tap(sees(scene.camera, place));
    await coach.getByRole('button', { name: 'leave the toe open' }).click();
    await expect(coach.locator('hop-film-feet .made li')).toHaveCount(i + 1);
  }
  const places = await coach.locator('hop-film-feet .made li .num:not(.muted)').allTextContents();
  const inOrder = first.map((down) => ({ ...down, frame: firstSeen(frames, down.at) })).sort((a, b) => a.frame - b.frame);
  places.forEach((text, i) => {
    const [, right, way, ahead, , around] = /([\d.]+) m (left|right), ([\d.]+) m (behind|ahead) of the middle, ± (\d+) cm/.exec(text) ?? [];
    const place = { x: Number(right) * (way === 'left' ? -1 : 1), y: -Number(ahead) };
    const meant = inOrder[i]?.place ?? { x: 9, y: 9 };
    expect(Math.hypot(place.x - meant.x, place.y - meant.y)).toBeLessThanOrEqual((Number(around) + 1) / 100);
    expect(Number(around)).toBeLessThan(8);
  });
  // The engine's own pattern goes with it, and is taken as it was done.
  await tab('pattern');
  await choose(coach, 'pattern', 'Three lunges, drawn');
  await expect(coach.getByText(/what is off is \d cm in the mean/)).toBeVisible();
  await expect(coach.getByRole('row', { name: /as planned/ })).toHaveCount(first.length);
  await accessible(coach);
  await coach.getByRole('button', { name: 'take as a pattern' }).click();
  await coach.getByRole('link', { name: 'Three lunges, drawn, as filmed' }).click();
  await expect(coach.locator('.cm-content')).toContainText('lunge');
});

test('a browser that plays a clip and does not let it be decoded shows each frame when its time is', async ({ coach }) => {
  const { scene, frames } = drawnFilm('drawn-60');
  const { downs, balls } = truthOf(scene);
  await coach.addInitScript(() => Reflect.deleteProperty(globalThis, 'VideoDecoder'));
  await coach.goto('/film');
  await coach.getByRole('button', { name: '60', exact: true }).click();
  await expect(coach.locator('.where')).toContainText(`frame 0 of ${frames.length - 1}`);
  const landings = downs.filter(({ at }) => at > 0 && at < (balls[1] ?? 0));
  // There and back again: the shoe is where the engine says, and a frame before it came down it was not yet.
  for (const { foot, at, place } of [...landings, ...landings.slice(0, 2)]) {
    await coach
      .getByRole('slider')
      .first()
      .fill(String(firstSeen(frames, at)));
    await expect(coach.locator('.where')).toContainText(`frame ${firstSeen(frames, at)} of`);
    await expect.poll(() => isShoe(coach, sees(scene.camera, place), foot)).toBe(true);
  }
});

test('what a clip shows of somebody goes into their fault book, as film, and their times into their tempo', async ({ coach }) => {
  const { scene, frames } = drawnFilm('drawn-120');
  const { downs, balls, strikes } = truthOf(scene);
  const id = await addAthlete(coach, 'Film Dora', 175);
  // The marks of its three attempts as a table, each where the drawn thing is seen first.
  const lunges = scene.simulation.actions.filter(({ kind, end }) => kind === 'step' && strikes.some((at) => at > end && at - end < 0.1));
  const things: readonly (readonly [string, number])[] = [
    ...balls.map((at) => ['contact', at] as const),
    ...balls.map((ball) => ['split-down', Math.min(...downs.filter(({ at }) => at > ball).map(({ at }) => at))] as const),
    ...lunges.flatMap(({ start, end }) => [['first-step', start] as const, ['right-down', end] as const]),
    ...strikes.map((at) => ['own-contact', at] as const),
  ];
  const cells = filmCells({
    ...{ frames, picture: scene.camera.picture, again: [], points: [], prints: [] },
    marks: things.map(([kind, at]) => ({ kind: kind as MarkKind, frame: firstSeen(frames, at) })),
  });
  const table = cells.map((row) => row.join(',')).join('\n');
  await coach.goto('/film');
  await coach.getByRole('button', { name: '120', exact: true }).click();
  await coach
    .locator('hop-file', { hasText: 'marks from a file' })
    .locator('input')
    .setInputFiles({ name: 'marks.csv', mimeType: 'text/csv', buffer: Buffer.from(table) });
  await expect(coach.locator('.made li')).toHaveCount(things.length);
  await coach.locator('hop-tabs').getByText('athlete', { exact: true }).click();
  await choose(coach, 'athlete', 'Film Dora');
  // What times say is ticked: late by 90 and by 200 ms, not by 20.
  await choose(coach, 'add a fault that shows from there', 'split late');
  await expect(coach.getByText('2 of 3')).toBeVisible();
  const tick = (n: number, fault: string) => coach.getByRole('button', { name: `attempt ${n} shows ‘${fault}’` });
  expect(await Promise.all([1, 2, 3].map((n) => tick(n, 'split late').getAttribute('aria-pressed')))).toEqual(['false', 'true', 'true']);
  await choose(coach, 'add a fault that shows from there', 'land early');
  await tick(3, 'land early').click();
  await expect(coach.getByText('1 of 3')).toBeVisible();
  await accessible(coach);
  await coach.getByRole('button', { name: 'write into the fault book' }).click();
  await expect(coach.getByText('Written into the fault book')).toBeVisible();
  await expect(tick(1, 'split late')).toBeDisabled();
  // Of five tenths of a second by the engine.
  await choose(coach, 'time', /first step until it is down/);
  await coach.getByRole('button', { name: 'take into the tempo' }).click();
  await expect(coach.getByText(/lunge.* takes Film Dora 0\.50 s now/)).toBeVisible();
  const booked = async (): Promise<string[]> => {
    const { rows } = await ask<AthleteRows>(coach, `/athletes/${id}/log`);
    return rows.map((row) => `${row.fault} ${row.faulty} of ${row.attempts}, ${row.right} right, ${row.source} ${row.view}`).sort();
  };
  expect(await booked()).toEqual(['land-early 1 of 3, 0 right, film side', 'split-late 2 of 3, 0 right, film side']);
  // The landing was on the right, and the third split was not late after all: taken back, put right, written anew.
  await coach.getByRole('button', { name: 'take it back' }).click();
  await expect(coach.getByText('It is out of the fault book again')).toBeVisible();
  await expect.poll(booked).toEqual([]);
  await tick(3, 'split late').click();
  await coach.locator('hop-film-faults').getByText('right', { exact: true }).click();
  await tick(3, 'land early').click();
  await coach.getByRole('button', { name: 'write into the fault book' }).click();
  await expect(coach.getByText('Written into the fault book')).toBeVisible();
  await expect.poll(booked).toEqual(['land-early 1 of 3, 1 right, film side', 'split-late 1 of 3, 0 right, film side']);
  // Its three attempts beside each other, joined at the ball: the split comes later each time, by as much as it was drawn.
  const tab = (name: string) => coach.locator('hop-tabs').getByText(name, { exact: true }).click();
  await tab('side by side');
  await expect(coach.locator('hop-film-beside-pictures figure')).toHaveCount(2);
  await choose(coach, 'put beside', 'attempt 3');
  await expect(coach.locator('hop-film-beside-pictures figure')).toHaveCount(3);
  await expect(coach.getByText('at ‘opponent’s contact’')).toBeVisible();
  const later = coach.getByRole('row', { name: /split against the ball/ }).getByRole('cell');
  const longer = (await later.allTextContents()).map((text) => Number(/; (\d+) ms longer/.exec(text)?.[1] ?? Number.NaN));
  const late = balls.map((ball) => 1000 * (Math.min(...downs.filter(({ at }) => at > ball).map(({ at }) => at)) - ball));
  for (const [i, ms] of longer.entries())
    if (i > 0) expect(Math.abs(ms - ((late[i] ?? 0) - (late[0] ?? 0)))).toBeLessThanOrEqual(2000 / 120 + 0.5);
  await coach.getByRole('button', { name: '1 →' }).click();
  await expect(coach.getByText('8 ms after ‘opponent’s contact’')).toBeVisible();
  await accessible(coach);
  // What is good, then one point with the words for it, a picture, and the page that says it.
  await tab('talk');
  const typed = async (label: string, text: string): Promise<void> => {
    await coach.getByLabel(label, { exact: true }).fill(text);
    await coach.keyboard.press('Enter');
  };
  await expect(coach.getByText('Say what is good in one phase at least')).toBeVisible();
  await typed('good in ‘landing and strike’', 'the foot is there before the racket');
  await choose(coach, 'fault', 'split late');
  await typed('in a sentence', 'In two of three the split comes after the ball.');
  await coach.getByRole('button', { name: 'keep this picture' }).click();
  await coach.getByText('height', { exact: true }).click();
  await tapAt(coach, { x: 300, y: 90 });
  await expect(coach.locator('hop-film-picture polyline.height')).toHaveCount(1);
  await accessible(coach);
  await keptOnDevice(coach, 'In two of three');
  await coach.reload();
  await coach.getByRole('button', { name: '120', exact: true }).click();
  await tab('talk');
  await coach.getByRole('button', { name: 'page for the athlete' }).click();
  const page = coach.locator('hop-film-sheet');
  for (const said of [
    'Film Dora',
    'the foot is there before the racket',
    'In two of three the split comes after the ball.',
    'split against the ball',
  ])
    await expect(page).toContainText(said);
  await expect(page.locator('image')).toHaveCount(1);
  await accessible(coach);
  await coach.evaluate(() => void (window.print = () => void document.body.setAttribute('data-printed', '')));
  await page.getByRole('button', { name: 'print' }).click();
  await expect(coach.locator('body[data-printed]')).toHaveCount(1);
  await coach.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'print' })).toBeHidden();
  await expect(page.locator('article')).toBeVisible();
  await coach.emulateMedia({ media: 'screen' });
  // What a film told of an evening is no evening in the hall: rounds begin as before.
  await coach.goto('/floor');
  await expect(coach.getByRole('button', { name: /^start/ })).toBeEnabled();
  const athletes = await ask<{ id: string; tempo: { lunge?: object } }[]>(coach, '/athletes');
  expect(athletes.find((one) => one.id === id)?.tempo.lunge).toMatchObject({ n: 3, from: 'film' });
});

test('a clip is filmed by the page, kept in no file that anybody reads, and there again after signing out and in', async ({ coach }) => {
  await coach.goto('/film');
  // The drawn figure stands in for a camera; this browser's own camera is one that is made for tests.
  for (const [n, camera] of ['film the drawn figure', 'film with this device'].entries()) {
    await coach.getByRole('button', { name: camera }).click();
    await coach.getByRole('button', { name: 'begin' }).click();
    await expect(coach.locator('hop-filming .num')).toHaveText('0:02');
    await accessible(coach);
    await coach.getByRole('button', { name: 'stop' }).click();
    await expect(coach.locator('.where')).toContainText('frame 0 of');
    await expect(coach.getByRole('alert')).toHaveCount(0);
    await coach.getByRole('button', { name: 'put away' }).click();
    await expect(coach.locator('hop-kept-clips .made li')).toHaveCount(n + 1);
  }
  const readable = await coach.evaluate(async () => {
    const found: string[] = [];
    const look = async (folder: FileSystemDirectoryHandle): Promise<void> => {
      for await (const handle of (folder as unknown as { values(): AsyncIterable<FileSystemHandle> }).values())
        if (handle.kind === 'directory') await look(handle as FileSystemDirectoryHandle);
        else {
          const head = await (await (handle as FileSystemFileHandle).getFile()).slice(0, 4096).text();
          if (/ftyp|mdat|filmed|mp4/.test(head)) found.push(handle.name);
        }
    };
    await look(await navigator.storage.getDirectory());
    return found;
  });
  expect(readable).toEqual([]);
  await coach.goto('/club');
  await coach.getByRole('button', { name: 'sign out' }).click();
  await coach.waitForURL(/\/enter/);
  await enterByDoor(coach);
  await coach.goto('/film');
  await expect(coach.locator('hop-kept-clips .made li')).toHaveCount(2);
  await coach.locator('hop-kept-clips .made li button').first().click();
  await expect(coach.locator('.where')).toContainText('frame 0 of');
  await coach.getByRole('button', { name: 'put away' }).click();
  await coach
    .getByRole('button', { name: /^erase/ })
    .first()
    .click();
  await expect(coach.locator('hop-kept-clips .made li')).toHaveCount(1);
});
