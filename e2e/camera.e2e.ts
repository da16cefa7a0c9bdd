import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Browser, type Page } from '@playwright/test';
import { DRAWN } from '@hopsk/core/film/drawn-names';
import type { RunRow } from '@hopsk/contract/run';
import { sampleAthlete, sampleSession } from '@hopsk/contract/testing/samples';
import { CHROMIUM } from './chromium.js';
import { whoIsHere } from './plan-clock.js';
import { accessible, addAthlete, allSent, ask, enterDemo, expect, put, test } from './support.js';

/** The first drawn clip as pictures one after the other, as the browser's fake camera plays them. */
async function playedByCamera(page: Page): Promise<Buffer> {
  const pictures = await page.evaluate(async (src) => {
    const video = document.createElement('video');
    video.muted = true;
    video.preload = 'auto';
    // What is in no page may be thrown away while it is waited for.
    document.body.append(video);
    video.src = src;
    await new Promise((ready, failed) => {
      video.onloadeddata = ready;
      video.onerror = () => failed(new Error(video.error?.message));
    });
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [video.videoWidth, video.videoHeight];
    const brush = canvas.getContext('2d', { alpha: false });
    const all: string[] = [];
    for (let at = 0; at < 1.5; at += 0.1) {
      video.currentTime = at;
      await new Promise((there) => (video.onseeked = there));
      brush?.drawImage(video, 0, 0);
      all.push(canvas.toDataURL('image/jpeg', 0.9));
    }
    return all;
  }, `/films/drawn-30.${DRAWN['drawn-30']}`);
  return Buffer.concat(pictures.map((one) => Buffer.from(one.split(',')[1] ?? '', 'base64')));
}

/** Whether what a canvas shows in the middle of its lower half is the green of the drawn court. */
const isCourt = (page: Page, canvas: string): Promise<boolean> =>
  page.locator(canvas).evaluate((it: HTMLCanvasElement) => {
    const [red = 0, green = 0, blue = 0] = it.getContext('2d')?.getImageData(it.width * 0.35, it.height * 0.75, 1, 1).data ?? [];
    return green > red + 20 && green > blue;
  });

test('with the camera on, the ten seconds before a tap are at the desk afterwards; and whoever moves sees themselves late', async ({
  coach,
  baseURL,
}) => {
  test.slow();
  const folder = mkdtempSync(join(tmpdir(), 'hopsk-camera-'));
  let browser: Browser | null = null;
  try {
    const file = join(folder, 'camera.mjpeg');
    await coach.goto('/film');
    writeFileSync(file, await playedByCamera(coach));
    const ida = await addAthlete(coach, 'Camera Ida', 172);
    const kim = crypto.randomUUID();
    await put(coach, `/athletes/${kim}`, { ...sampleAthlete, id: kim, version: 0, name: 'Camera Kim', ageGroup: '10–12', agreed: null });
    const id = crypto.randomUUID();
    const stage = {
      ...sampleSession.stages[0],
      id: crypto.randomUUID(),
      name: 'Before a camera',
      dose: '1 × 600 s',
      explain: 0,
      watch: ['tall'],
    };
    await put(coach, `/sessions/${id}`, {
      ...sampleSession,
      id,
      version: 0,
      name: 'Camera evening',
      athletes: [ida, kim],
      stages: [stage],
    });

    // A browser whose camera is that film.
    browser = await chromium.launch({ ...CHROMIUM, args: [...CHROMIUM.args, `--use-file-for-fake-video-capture=${file}`] });
    const context = await browser.newContext({ baseURL: baseURL ?? '', reducedMotion: 'reduce', serviceWorkers: 'block' });
    const page = await context.newPage();
    await enterDemo(page);
    await page.goto(`/build/${id}`);
    await (await whoIsHere(page)).click();
    await page.locator('[data-fault=tall]').waitFor();
    await page.getByRole('button', { name: 'who …' }).click();
    await page.getByRole('button', { name: 'camera …' }).click();
    await page.getByRole('button', { name: 'this device’s camera' }).click();
    await expect(page.locator('hop-run-camera')).toContainText(/10 s held, \d\.\d of 12 MB; no tap on film/);
    await accessible(page);
    // Of a child whose guardian has agreed to nothing there is a tap and no film.
    await page.locator('.chip', { hasText: 'Camera Kim' }).click();
    await expect(page.locator('.chip[aria-pressed=true]')).toContainText('Camera Kim');
    await page.locator('[data-fault=tall]').click();
    await expect(page.locator('hop-run-camera [role=alert]')).toContainText('Not kept: Camera Kim');
    await page.locator('.chip', { hasText: 'Camera Ida' }).click();
    await expect(page.locator('.chip[aria-pressed=true]')).toContainText('Camera Ida');
    await page.locator('[data-fault=tall]').click();
    await expect(page.locator('hop-run-camera')).toContainText('one tap on film');
    await page.getByRole('button', { name: 'camera off' }).click();
    await page.getByRole('button', { name: 'end' }).click();
    await page.getByRole('dialog').getByRole('button', { name: /^end/ }).click();
    await allSent(page);

    // From the tap in the review to its clip at the desk.
    const run = (await ask<RunRow[]>(page, '/runs')).find(({ name }) => name === 'Camera evening')?.id ?? '';
    await page.goto(`/floor/runs/${run}`);
    await expect(page.locator('table.rules tr.gone, table.rules tr').filter({ hasText: 'Camera' }).first()).toBeVisible();
    await expect(page.getByRole('link', { name: 'film', exact: true }).last()).toBeVisible();
    await page.locator('hop-review').getByRole('link', { name: 'film', exact: true }).click();
    await expect(page.locator('.where')).toContainText('frame 0 of');
    await expect.poll(() => isCourt(page, 'hop-film-picture canvas.shown')).toBe(true);
    await page.getByRole('button', { name: 'put away' }).click();
    await expect(page.locator('hop-kept-clips .made li')).toHaveCount(1);
    await expect(page.locator('hop-kept-clips')).toContainText('Camera Ida');

    // Seen late: nothing for two seconds, then the court.
    await page.locator('hop-see-yourself').getByRole('button', { name: 'this device’s camera' }).click();
    const late = 'hop-see-yourself canvas';
    await page.getByLabel('seconds ago', { exact: true }).fill('2');
    await expect.poll(() => isCourt(page, late)).toBe(true);
    await accessible(page);
    await page.locator('hop-see-yourself').getByRole('button', { name: 'stop' }).click();
    await expect(page.locator(late)).toHaveCount(0);
  } finally {
    await browser?.close();
    rmSync(folder, { recursive: true, force: true });
  }
});
