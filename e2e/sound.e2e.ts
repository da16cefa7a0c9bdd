import { readFileSync } from 'node:fs';
import { sampleSession } from '@hopsk/contract/testing/samples';
import type { Page } from '@playwright/test';
import { accessible, ask, expect, put, test } from './support.js';

async function open(coach: Page, dose: string): Promise<void> {
  const id = crypto.randomUUID();
  const stages = [{ ...sampleSession.stages[0], id: crypto.randomUUID(), dose, explain: 0 }];
  await put(coach, `/sessions/${id}`, { ...sampleSession, id, version: 0, name: `Sound ${dose}`, stages });
  await coach.goto(`/build/${id}`);
  await coach.getByRole('button', { name: 'more' }).first().click();
  await coach.getByRole('menuitem', { name: 'as sound …' }).click();
}

/** Seconds at which something begins behind silence, as the browser's own decoder has the file. */
const onsets = (page: Page, wav: Buffer): Promise<{ readonly seconds: number; readonly found: number[] }> =>
  page.evaluate(async (base64) => {
    const bytes = Uint8Array.from(atob(base64), (one) => one.charCodeAt(0));
    const { duration, sampleRate, ...audio } = await new OfflineAudioContext(1, 1, 22_050).decodeAudioData(bytes.buffer).then((one) => ({
      duration: one.duration,
      sampleRate: one.sampleRate,
      samples: one.getChannelData(0),
    }));
    const found: number[] = [];
    let last = -1;
    audio.samples.forEach((sample, i) => {
      if (Math.abs(sample) < 0.01) return;
      if (last < 0 || i - last > sampleRate / 10) found.push(i / sampleRate);
      last = i;
    });
    return { seconds: duration, found };
  }, wav.toString('base64'));

test.describe('a session as sound', () => {
  test('is told its size, made away from the page, and falls on the plan as another program reads it', async ({ coach }) => {
    await open(coach, '2 × 8 s, rest 6 s');
    // Five to count down, 22 of the plan, two behind it: 22.05 kHz, 16 bits.
    await expect(coach.getByText('0:29 of sound')).toBeVisible();
    await expect(coach.getByText('WAV, 1.3 MB')).toBeVisible();
    await accessible(coach);
    const coming = coach.waitForEvent('download');
    await coach.getByRole('button', { name: 'make and save it' }).click();
    const download = await coming;
    expect(download.suggestedFilename()).toMatch(/^Sound.*\.wav$/);
    await expect(coach.getByText(/^Saved\./)).toBeVisible();
    const wav = readFileSync(await download.path());
    expect(wav.length).toBe(44 + 2 * 29 * 22_050);
    const { seconds, found } = await onsets(coach, wav);
    expect(seconds).toBeCloseTo(29, 6);
    // Counted down at 2, 3 and 4 s of the file; work at 5, rest at 13, work at 19, the end at 27, each with its three ticks before.
    for (const at of [2, 3, 4, 5, 10, 11, 12, 13, 16, 17, 18, 19, 24, 25, 26, 27]) {
      const nearest = found.reduce((best, one) => (Math.abs(one - at) < Math.abs(best - at) ? one : best), 99);
      expect(Math.abs(nearest - at), `${at} s`).toBeLessThan(0.001);
    }
  });

  test('compressed it is a tenth as large, and falls on the plan all the same', async ({ coach }) => {
    await open(coach, '2 × 8 s, rest 6 s');
    await coach.getByText(/^(OGG|M4A), about 0.1 MB$/).click();
    const coming = coach.waitForEvent('download');
    await coach.getByRole('button', { name: 'make and save it' }).click();
    const download = await coming;
    expect(download.suggestedFilename()).toMatch(/^Sound.*\.(ogg|m4a)$/);
    await expect(coach.getByText(/^Saved\./)).toBeVisible();
    const file = readFileSync(await download.path());
    expect(file.length).toBeLessThan(200_000);
    const { seconds, found } = await onsets(coach, file);
    expect(Math.abs(seconds - 29)).toBeLessThan(0.1);
    // A tone of half a second behind a second of silence: the codec smears its beginning by less than a frame.
    for (const at of [5, 13, 19, 27]) {
      const nearest = found.reduce((best, one) => (Math.abs(one - at) < Math.abs(best - at) ? one : best), 99);
      expect(Math.abs(nearest - at), `${at} s`).toBeLessThan(0.02);
    }
  });

  test('of work that nobody knows the length of is refused, by the names of its stages', async ({ coach }) => {
    await open(coach, 'until comfortable');
    await expect(coach.getByRole('alert')).toContainText('Nobody knows how long open work takes');
    await expect(coach.getByRole('alert')).toContainText('‘Split alone’');
    await expect(coach.getByRole('button', { name: 'make and save it' })).toBeDisabled();
  });

  test('can be stopped; nothing is saved then', async ({ coach }) => {
    await open(coach, '2 × 50 min, rest 60 s');
    let saved = 0;
    coach.on('download', () => saved++);
    await coach.getByRole('button', { name: 'make and save it' }).click();
    await coach.getByRole('button', { name: 'stop', exact: true }).click();
    await expect(coach.getByText('Stopped. Nothing was saved.')).toBeVisible();
    expect(saved).toBe(0);
    await coach.getByRole('button', { name: 'make and save it' }).waitFor();
  });
});

test.describe('words that have no clip', () => {
  test('are said once by the coach, kept with the club, and stand in the session’s sound; and can be taken away', async ({ coach }) => {
    const id = crypto.randomUUID();
    const [stage] = sampleSession.stages;
    const stages = [{ ...stage, id: crypto.randomUUID(), cues: ['zigzag'], dose: '1 × 5 s', explain: 0 }];
    await put(coach, `/sessions/${id}`, { ...sampleSession, id, version: 0, name: 'Spoken', stages });
    await coach.goto(`/build/${id}`);
    const menu = async (item: string) => {
      await coach.getByRole('button', { name: 'more' }).first().click();
      await coach.getByRole('menuitem', { name: item }).click();
    };
    await menu('what is said …');
    const box = coach.getByRole('dialog');
    const record = box.getByRole('button', { name: 'record ‘zigzag’', exact: true });
    await expect(record).toBeVisible();
    await accessible(coach);
    // Refused once: it says where to allow it, and nothing is lost.
    await coach.evaluate(() => {
      const opens = navigator.mediaDevices.getUserMedia.bind(navigator.mediaDevices);
      navigator.mediaDevices.getUserMedia = () => {
        navigator.mediaDevices.getUserMedia = opens;
        return Promise.reject(new DOMException('', 'NotAllowedError'));
      };
    });
    await record.click();
    await expect(box.getByText('The microphone is not allowed here.')).toBeVisible();
    await record.click();
    await expect(box.getByText('Say ‘zigzag’ now.')).toBeVisible();
    await expect(box.getByText('‘zigzag’ is kept.')).toBeVisible();
    await expect(record).toBeHidden();
    const kept = await ask<{ word: string; samples: number }[]>(coach, '/recorded-words');
    expect(kept.map(({ word }) => word)).toEqual(['zigzag']);
    await box.getByRole('button', { name: 'close' }).click();
    const made = async () => {
      await menu('as sound …');
      const coming = coach.waitForEvent('download');
      await coach.getByRole('button', { name: 'make and save it' }).click();
      const wav = readFileSync(await (await coming).path());
      const said = await coach.getByText(/^Saved\./).textContent();
      await coach.getByRole('button', { name: 'close' }).click();
      return { wav, said };
    };
    const own = await made();
    expect(own.said).toBe('Saved.');
    await menu('what is said …');
    await box.getByRole('button', { name: 'take away ‘zigzag’' }).click();
    await expect(record).toBeVisible();
    await box.getByRole('button', { name: 'close' }).click();
    const without = await made();
    expect(without.said).toContain('zigzag');
    expect(Buffer.compare(own.wav, without.wav)).not.toBe(0);
  });

  test('of a sentence that is too long to be kept it is said before anybody speaks', async ({ coach }) => {
    const id = crypto.randomUUID();
    const [stage] = sampleSession.stages;
    const name = 'zigzagging there and backwards and forwards and sideways until the last corner';
    const other = { ...stage, id: crypto.randomUUID(), name: 'After', dose: '1 × 20 s' };
    const stages = [{ ...stage, id: crypto.randomUUID(), name, dose: '1 × 20 s' }, other];
    await put(coach, `/sessions/${id}`, { ...sampleSession, id, version: 0, name: 'Long', stages });
    await coach.goto(`/build/${id}`);
    await coach.getByRole('button', { name: 'more' }).first().click();
    await coach.getByRole('menuitem', { name: 'what is said …' }).click();
    const row = coach.getByRole('dialog').getByRole('listitem').filter({ hasText: 'zigzagging' });
    await expect(row).toContainText('longer than 80 letters');
    await expect(row.getByRole('button')).toHaveCount(0);
  });
});
