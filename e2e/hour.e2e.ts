import { devices, type Browser, type Page } from '@playwright/test';
import type { Athlete } from '@hopsk/contract/people';
import type { RunRow, RunWhole } from '@hopsk/contract/run';
import { sampleSession } from '@hopsk/contract/testing/samples';
import { OwnHouse } from './own-house.js';
import { runOn, runTo, stopClock, whoIsHere } from './plan-clock.js';
import { addAthlete, allSent, ask, enterDemo, expect, keptOnDevice, put, tapTile, test } from './support.js';

const phone = devices['Pixel 7'];
const { viewport, userAgent, deviceScaleFactor, isMobile, hasTouch } = phone;

/** A device of its own; only the first one's clock is the test's. */
const device = async (
  browser: Browser,
  baseURL: string,
  more: object = { viewport, userAgent, deviceScaleFactor, isMobile, hasTouch },
): Promise<Page> => (await browser.newContext({ baseURL, reducedMotion: 'reduce', serviceWorkers: 'block', ...more })).newPage();

const clockOf = (page: Page) => page.locator('hop-clock-block');

/** What was tapped, and the second of the plan at which it was. */
interface Tap {
  readonly second: number;
  readonly fault: string;
  readonly side: 'left' | 'right';
  readonly athlete: string;
}

test('twelve minutes on the floor: a phone in one hand, a second coach, a screen in the hall, and all that can go wrong on the way', async ({
  browser,
}) => {
  test.slow();
  const house = await OwnHouse.open();
  const pages: Page[] = [];
  const opened = async (...more: [object?]): Promise<Page> => {
    const page = await device(browser, house.url, ...more);
    pages.push(page);
    return page;
  };
  try {
    const coach = await opened();
    await enterDemo(coach);
    for (const [name, focus] of [
      ['Hour Ada', 'split-late'],
      ['Hour Bea', 'tall'],
    ] as const)
      await addAthlete(coach, name, 170, { focus });
    const people = await ask<Athlete[]>(coach, '/athletes');
    const [ada = '', bea = ''] = ['Hour Ada', 'Hour Bea'].map((name) => people.find((one) => one.name === name)?.id);
    const id = crypto.randomUUID();
    const stage = (name: string, more: object) => ({
      ...sampleSession.stages[0],
      id: crypto.randomUUID(),
      name,
      explain: 0,
      watch: ['split-late', 'tall'],
      ...more,
    });
    // 240 s, 20 to change, 300 of calls, 20, and 140: twelve minutes. Long enough that it is where it should be also where the phone's time
    // was put right by as much as a busy machine takes.
    const stages = [
      stage('Alone', { dose: '3 × 60 s, rest 30 s' }),
      stage('Called', {
        dose: '3 × 60 s, rest 60 s',
        cueing: 'called',
        steps: '(left: split, shuffle left 40 cm | right: split, shuffle right 40 cm)',
      }),
      stage('Again', { dose: '2 × 60 s, rest 20 s' }),
    ];
    const settings = { ...sampleSession.settings, change: 20, water: null };
    await put(coach, `/sessions/${id}`, { ...sampleSession, id, version: 0, name: 'Hour evening', athletes: [ada, bea], settings, stages });
    await coach.goto(`/build/${id}`);
    const start = await whoIsHere(coach);
    await stopClock(coach, start);
    await start.click();
    const tick = () => coach.clock.runFor(200);
    const taps: Tap[] = [];
    /** A tap of the phone, kept before the next one. */
    const tap = async (second: number, fault: string, side: 'left' | 'right', athlete: string): Promise<void> => {
      await runTo(coach, second);
      await tapTile(coach, fault, side);
      taps.push({ second, fault, side, athlete });
      await keptOnDevice(coach, `"kind":"fault"`, taps.length);
      await tick();
    };
    const watch = async (name: string): Promise<void> => {
      await coach.locator('.chip', { hasText: name }).click();
      await expect
        .poll(async () => (await tick(), coach.locator('.chip[aria-pressed="true"]').allTextContents()))
        .toEqual([expect.stringContaining(name)]);
    };
    await expect.poll(async () => (await tick(), coach.locator('[data-fault]').count())).toBe(2);
    // Who comes first is watched first.
    await expect(coach.locator('.chip[aria-pressed="true"]')).toContainText('Hour Ada');
    await tap(10, 'split-late', 'left', ada);

    // A screen in the hall, by a code; a second coach, from the list.
    await coach.getByRole('button', { name: 'who …' }).click();
    await coach.clock.runFor(400);
    await coach.getByRole('button', { name: 'a screen in the hall …' }).click();
    const code = coach.locator('hop-hall-code .code');
    await expect.poll(async () => (await tick(), code.allTextContents())).toEqual([expect.stringMatching(/^[2-9A-Z]{4}-[2-9A-Z]{4}$/)]);
    const [typed = ''] = await code.allTextContents();
    await coach.getByRole('button', { name: 'close' }).click();
    await coach.clock.runFor(400);
    const hall = await opened({ viewport: { width: 1280, height: 800 } });
    await hall.goto('/hall');
    await hall.getByLabel('the run’s code').fill(typed);
    await hall.getByRole('button', { name: 'show it' }).click();
    await expect(clockOf(hall)).toContainText('Alone');
    const second = await opened();
    await enterDemo(second);
    await second.goto('/floor');
    await second.locator('.under').filter({ hasText: 'Hour evening' }).getByRole('button', { name: 'take part' }).click();
    await second.locator('[data-fault]').first().waitFor();
    await second.locator('.chip', { hasText: 'Hour Bea' }).click();
    await expect(second.locator('.chip[aria-pressed="true"]')).toContainText('Hour Bea');

    // Without a network, and with it again.
    await coach.context().setOffline(true);
    await tap(30, 'split-late', 'right', ada);
    await tap(45, 'tall', 'left', ada);
    await runTo(coach, 70);
    await expect(coach.locator('.sent')).toHaveText('kept here, not sent yet');
    await coach.context().setOffline(false);
    await expect.poll(async () => (await tick(), coach.locator('.sent').textContent())).toContain('sent');

    // Loaded anew in the middle of a round: it is where it was.
    await tap(100, 'tall', 'right', ada);
    await expect
      .poll(async () => (await tick(), coach.locator('.sent').allTextContents()))
      .toEqual([expect.stringMatching(/^\s*sent\s*$/)]);
    await coach.reload();
    await expect.poll(async () => (await tick(), coach.locator('[data-fault]').count())).toBe(2);
    await expect.poll(async () => (await tick(), clockOf(coach).textContent())).toContain('round 2 of 3 · work');
    await tap(110, 'split-late', 'left', ada);
    await watch('Hour Bea');
    await tap(120, 'tall', 'left', bea);

    // The server dies and comes back; nobody waits for it.
    await house.killServer();
    await tap(190, 'tall', 'right', bea);
    await runTo(coach, 262);
    await expect(clockOf(coach)).toContainText('stage 2 of 3');
    await house.reviveServer();
    // A call, as large as fits, on the phone and in the hall.
    await runTo(coach, 272);
    await expect(clockOf(coach).locator('.call')).toHaveText(/left|right/);
    await expect.poll(async () => (await tick(), coach.locator('.sent').textContent())).toContain('sent');
    await tap(290, 'split-late', 'right', bea);
    await expect(clockOf(hall)).toContainText('stage 2 of 3');

    // A rest is made longer by the phone: everybody goes by it. Then the second coach pauses, and goes on.
    await runTo(coach, 322);
    await coach.getByRole('button', { name: '15 s more' }).click();
    await expect.poll(async () => (await tick(), coach.locator('.last').textContent())).toContain('15 s more of it');
    await expect(clockOf(second)).toContainText('stage 2 of 3 · round 1 of 3 · rest');
    // Its own tap comes last: what others wrote is kept on each device too.
    await tapTile(second, 'tall', 'right');
    await keptOnDevice(second, '"kind":"fault"', taps.length + 1);
    await second.getByRole('button', { name: 'pause' }).click();
    await expect.poll(async () => (await tick(), clockOf(coach).textContent())).toContain('pause');
    await second.getByRole('button', { name: 'go on', exact: true }).click();
    await expect.poll(async () => (await tick(), clockOf(coach).textContent())).not.toContain('pause');
    // From here on the run's time and the phone's part: what the second coach's pause took.
    await coach.getByRole('button', { name: 'next' }).click();
    await expect.poll(async () => (await tick(), clockOf(coach).textContent())).toContain('round 2 of 3 · work');
    await expect(clockOf(hall)).toContainText('round 2 of 3 · work');

    // To the end of twelve minutes, and what each record says.
    for (let left = 480; left > 0 && (await coach.getByRole('heading', { name: 'What was seen' }).count()) === 0; left -= 20)
      await runOn(coach, 20_000);
    for (const page of [coach, second]) await expect(page.getByRole('heading', { name: 'What was seen' })).toBeVisible();
    await expect(hall.getByText('It is over')).toBeVisible();
    await coach.clock.resume();
    for (const page of [coach, second]) await allSent(page);
    const said = (page: Page) => page.locator('hop-summary section').allInnerTexts();
    await expect(async () => expect(await said(second)).toEqual(await said(coach))).toPass();
    const run = (await ask<RunRow[]>(coach, '/runs')).find(({ name }) => name === 'Hour evening')?.id ?? '';
    const { events } = await ask<RunWhole>(coach, `/runs/${run}`);
    const faults = events.flatMap((event) => (event.kind === 'fault' ? [event] : []));
    const [mine, others] = [
      faults.filter(({ device }) => device === faults[0]?.device),
      faults.filter(({ device }) => device !== faults[0]?.device),
    ];
    expect(mine.map(({ fault, side, athlete }) => ({ fault, side, athlete }))).toEqual(
      taps.map(({ fault, side, athlete }) => ({ fault, side, athlete })),
    );
    // Five seconds to count down: each tap stands where it was made. Where others are in the run its time is theirs too, whose clocks go on
    // while the phone's is stopped by this test: it is put right now and then, and anew after a reload, by less than a second back, and never
    // between two taps that follow each other.
    const off = mine.map(({ m }, n) => m - 5000 - 1000 * (taps[n]?.second ?? 0));
    expect(Math.abs(off[0] ?? Infinity), JSON.stringify(off)).toBeLessThan(400);
    off.slice(1).forEach((ms, n) => expect(ms, JSON.stringify(off)).toBeGreaterThan((off[n] ?? 0) - 1000));
    expect(off.at(-1), JSON.stringify(off)).toBeLessThan(60_000);
    expect(others.map(({ fault, side, athlete }) => [fault, side, athlete])).toEqual([['tall', 'right', bea]]);
    const kinds = new Set(events.map(({ kind }) => kind));
    for (const kind of ['go', 'plan', 'pause', 'resume', 'skip', 'end', 'follow'] as const) expect(kinds.has(kind), kind).toBe(true);
    expect(new Set(events.map((one) => one.id)).size).toBe(events.length);
  } finally {
    for (const page of pages) await page.context().close();
    await house.close();
  }
});
