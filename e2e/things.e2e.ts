import { readFileSync } from 'node:fs';
import { devices, type Browser, type Page } from '@playwright/test';
import type { Athlete } from '@hopsk/contract/people';
import type { RunRow, RunWhole } from '@hopsk/contract/run';
import { sampleSession } from '@hopsk/contract/testing/samples';
import { whoIsHere } from './plan-clock.js';
import { accessible, addAthlete, allSent, ask, expect, put, test, watchPage } from './support.js';

const { viewport, userAgent, deviceScaleFactor, isMobile, hasTouch } = devices['Pixel 7'];

/** Somebody's own phone, that nobody is signed in on. */
const ownPhone = async (browser: Browser, baseURL: string): Promise<Page> =>
  (
    await browser.newContext({
      baseURL,
      viewport,
      userAgent,
      deviceScaleFactor,
      isMobile,
      hasTouch,
      reducedMotion: 'reduce',
      serviceWorkers: 'block',
    })
  ).newPage();

test.describe('what takes part in a run beside its coaches', () => {
  test.use({ viewport, userAgent, deviceScaleFactor, isMobile, hasTouch });

  test('stand-ins and own phones say what they measure, of whoever the coach said; it stands in the review and goes out as a table', async ({
    coach,
    browser,
    baseURL,
  }) => {
    await addAthlete(coach, 'Thing Ada', 170);
    await addAthlete(coach, 'Thing Bea', 170);
    const people = await ask<Athlete[]>(coach, '/athletes');
    const [ada = '', bea = ''] = ['Thing Ada', 'Thing Bea'].map((name) => people.find((one) => one.name === name)?.id);
    const id = crypto.randomUUID();
    const stage = {
      ...sampleSession.stages[0],
      ...{ id: crypto.randomUUID(), name: 'Thing calls', dose: '1 × 600 s', explain: 0, cueing: 'called' },
      steps: '(left: split, shuffle left 40 cm | right: split, shuffle right 40 cm)',
    };
    await put(coach, `/sessions/${id}`, { ...sampleSession, id, version: 0, name: 'Thing evening', athletes: [ada, bea], stages: [stage] });
    await coach.goto(`/build/${id}`);
    await (await whoIsHere(coach)).click();
    await coach.locator('[data-fault]').first().waitFor();
    const things = coach.locator('hop-things-box');
    const openThings = async (): Promise<void> => {
      await coach.getByRole('button', { name: 'who …' }).click();
      await coach.getByRole('button', { name: 'lights, straps, feeder …' }).click();
      await expect(things).toBeVisible();
    };
    await openThings();
    await expect(things.getByText('Nothing takes part yet.')).toBeVisible();
    for (const add of ['+ light', '+ heart-rate strap', '+ ball feeder']) await things.getByRole('button', { name: add }).click();
    await expect(things.locator('li')).toHaveCount(3);
    for (const name of ['light 1, stand-in', 'heart-rate strap 1, stand-in']) {
      await things.locator('li', { hasText: name }).getByRole('combobox').click();
      await coach.getByRole('option', { name: 'Thing Ada' }).click();
    }
    await accessible(coach);
    await things.getByRole('button', { name: 'close' }).click();

    // Bea's own phone: first a light, then a counter.
    await coach.getByRole('button', { name: 'who …' }).click();
    await coach.getByRole('button', { name: 'a screen in the hall …' }).click();
    const code = coach.locator('hop-hall-code .code');
    await expect(code).toHaveText(/^[2-9A-Z]{4}-[2-9A-Z]{4}$/);
    const typed = (await code.textContent()) ?? '';
    await coach.getByRole('button', { name: 'close' }).click();
    const phone = await ownPhone(browser, baseURL ?? '');
    const seen = watchPage(phone);
    try {
      await phone.goto('/hall');
      await phone.getByLabel('the run’s code').fill(typed);
      await phone.getByRole('button', { name: 'show it' }).click();
      await phone.getByRole('button', { name: 'a light' }).click();
      await expect(phone.getByText('Ask the coach to say whose it is.')).toBeVisible();
      await openThings();
      const own = things.locator('li', { hasText: /^light 2/ });
      await own.getByRole('combobox').click();
      await coach.getByRole('option', { name: 'Thing Bea' }).click();
      await things.getByRole('button', { name: 'close' }).click();
      // It is asked again every two seconds; the club calls people by their first name.
      await expect(phone.locator('.whose')).toContainText('Thing');
      await accessible(phone);
      await expect(phone.locator('.own')).toHaveClass(/lit/);
      await phone.locator('.touch').dispatchEvent('pointerdown');
      await expect(phone.locator('.touch')).toHaveText(/^\s*(\d+ ms|left|right)\s*$/);
      await phone.getByRole('button', { name: 'a screen for all' }).click();
      await phone.getByRole('button', { name: 'a counter' }).click();
      // Nobody's repetitions wait; without a network they wait too, over a reload.
      for (let i = 0; i < 3; i++) await phone.locator('.touch').click();
      await expect(phone.locator('.touch .num')).toHaveText('3');
      await expect(phone.getByText('3 kept here, not sent yet')).toBeVisible();
      await phone.reload();
      await expect(phone.locator('.touch .num')).toHaveText('3');
      await openThings();
      await things
        .locator('li', { hasText: /^counter 1/ })
        .getByRole('combobox')
        .click();
      await coach.getByRole('option', { name: 'Thing Bea' }).click();
      await things.getByRole('button', { name: 'close' }).click();
      await expect(phone.getByText('not sent yet')).toHaveCount(0);
      expect(seen).toEqual([]);
    } finally {
      await phone.context().close();
    }

    const run = (await ask<RunRow[]>(coach, '/runs')).find(({ name }) => name === 'Thing evening')?.id ?? '';
    const events = async () => (await ask<RunWhole>(coach, `/runs/${run}`)).events;
    const of = async (kind: string, athlete?: string) =>
      (await events()).filter((one) => one.kind === kind && (athlete === undefined || ('athlete' in one && one.athlete === athlete)));
    await expect.poll(async () => (await of('reaction', ada)).length).toBeGreaterThan(1);
    await expect.poll(async () => (await of('pulse', ada)).length).toBeGreaterThan(1);
    await expect.poll(async () => (await of('ball')).length).toBeGreaterThan(1);
    await expect.poll(async () => (await of('reps', bea)).length).toBe(3);
    expect((await of('reaction', bea)).length).toBe(1);

    // A stand-in that is switched off says no more; all of it stands in the review, and goes out.
    await openThings();
    await things.getByRole('button', { name: 'heart-rate strap 1, stand-in off' }).click();
    await expect(things.locator('li', { hasText: 'heart-rate strap' })).toHaveCount(0);
    await things.getByRole('button', { name: 'close' }).click();
    await coach.getByRole('button', { name: 'end', exact: true }).click();
    await coach.getByRole('button', { name: 'end it' }).click();
    await allSent(coach);
    await coach.getByRole('link', { name: /name, taps/ }).click();
    const measured = coach.locator('hop-run-measured');
    await expect(measured).toContainText(/Thing Ada.*touches, middle \d+ ms.*heart \d+ a minute/s);
    await expect(measured).toContainText(/Thing Bea.*1 touches.*3 repetitions of their own count/s);
    await accessible(coach);
    const [file] = await Promise.all([coach.waitForEvent('download'), measured.getByRole('button', { name: 'save as a table' }).click()]);
    const table = readFileSync(await file.path(), 'utf8').split(/\r?\n/);
    expect(table[0]).toBe('m,clock,thing,stand_in,who,what,value,unit,call');
    expect(table.some((row) => /,light,yes,Thing Ada,reaction,\d+,ms,/.test(row))).toBe(true);
    expect(table.some((row) => /,counter,no,Thing Bea,repetitions,1,,/.test(row))).toBe(true);
  });
});
