import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { accessible, expect, keptOnDevice, test } from './support.js';

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
  page.locator('hop-film canvas').evaluate((canvas: HTMLCanvasElement) => canvas.getContext('2d')?.getImageData(2, 2, 1, 1).data[0] ?? 0);

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
  await keptOnDevice(coach, '"kind":"first-step"');
  await coach.reload();
  await open.setInputFiles({ ...clip, name: 'renamed.mp4' });
  await expect(coach.locator('.made li')).toHaveCount(3);
  // What is no film leaves what is open as it is.
  await open.setInputFiles({ name: 'notes.mp4', mimeType: 'video/mp4', buffer: Buffer.from('no film') });
  await expect(coach.getByRole('alert')).toContainText('is no film that can be read here');
  await expect(coach.locator('.made li')).toHaveCount(3);
});
