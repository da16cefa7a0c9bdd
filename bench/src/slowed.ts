import { randomUUID } from 'node:crypto';
import type { Athlete } from '@hopsk/contract/people';
import { sampleAthlete } from '@hopsk/contract/testing/samples';
import type { BrowserContext, CDPSession, Page } from 'playwright-core';
import type { Ask } from './ask.js';
import { withBrowser } from './browser.js';
import { median, type Line } from './measure.js';
import { othersFromNow } from './others.js';
import { headOf, logOf } from './taps.js';

/** How many taps there are when the page joins, and when in the forty minutes that is. */
const [TAPS, MINUTES] = [3000, 37];
const SLOWED = 6;
/** How many are in it, and how many devices tap beside the page that is looked at. */
const [PEOPLE, OTHERS] = [20, 2];
const NAME = 'Called, 3,000 taps';
/** How often the page's clock ticks (ms), and for how long that is looked at. */
const [TICK, LOOKED] = [100, 8000];
const PRESSES = 25;
/** Count-down before the plan begins (ms). */
const LEAD_IN = 5000;

/** Something said, and when (ms of the page's steady clock). */
interface Said {
  readonly words: string;
  readonly at: number;
}

/** What the page notes of itself while it is measured. */
interface Noted {
  ticks: number;
  kept: number;
  readonly said: Said[];
}

/** Counts the ticks of the page's clock, and notes when what was pressed is kept: the first transaction since is done. */
function note(tick: number): void {
  const noted: Noted = { ticks: 0, kept: 0, said: [] };
  Object.assign(globalThis, { noted });
  const every = globalThis.setInterval.bind(globalThis) as (work: () => void, ms?: number) => number;
  Object.assign(globalThis, {
    setInterval: (work: () => void, ms?: number) =>
      every(() => {
        if (ms === tick) noted.ticks++;
        work();
      }, ms),
  });
  SpeechSynthesis.prototype.speak = ({ text }) => void noted.said.push({ words: text, at: performance.now() });
  const open = Object.getOwnPropertyDescriptor(IDBDatabase.prototype, 'transaction')?.value as (...args: unknown[]) => IDBTransaction;
  IDBDatabase.prototype.transaction = function (stores, mode, options) {
    const made = open.call(this, stores, mode, options);
    if (mode === 'readwrite' && [stores].flat().includes('events'))
      made.addEventListener('complete', () => (noted.kept ||= performance.now()));
    return made;
  };
}

/** When each press was begun, and how long it took until it was kept, and until it was said in the picture (ms). */
interface Pressed {
  readonly began: number[];
  readonly kept: number[];
  readonly shown: number[];
}

/** Presses two tiles in turn, so often. */
async function presses(times: number): Promise<Pressed> {
  const noted = (globalThis as unknown as { noted: Noted }).noted;
  const [presses, kept, shown]: [number[], number[], number[]] = [[], [], []];
  for (let i = 0; i < times; i++) {
    const tile = document.querySelector<HTMLElement>(`[data-fault="${i % 2 === 0 ? 'tall' : 'eyes'}"]`) as HTMLElement;
    const label = tile.querySelector('.label')?.textContent?.trim() ?? '';
    const said = document.querySelector('.last') as HTMLElement;
    noted.kept = 0;
    const began = performance.now();
    tile.click();
    while (said.textContent?.trim().startsWith(label) !== true) {
      if (performance.now() - began > 10_000) throw new Error(`A press of ‘${label}’ was not shown within ten seconds.`);
      await new Promise((go) => requestAnimationFrame(go));
    }
    // The frame in which it is new is drawn before what is posted in it is heard.
    await new Promise((go) => {
      const channel = new MessageChannel();
      channel.port1.onmessage = go;
      channel.port2.postMessage(null);
    });
    presses.push(began);
    shown.push(performance.now() - began);
    kept.push(noted.kept - began);
    await new Promise((go) => setTimeout(go, 150));
  }
  return { began: presses, kept, shown };
}

const script = async (devtools: CDPSession): Promise<number> =>
  ((await devtools.send('Performance.getMetrics')).metrics.find(({ name }) => name === 'ScriptDuration')?.value ?? Number.NaN) * 1000;
const ticksOf = (page: Page): Promise<number> => page.evaluate(() => (globalThis as unknown as { noted: Noted }).noted.ticks);

interface Measured {
  readonly tick: number;
  readonly kept: number;
  readonly shown: number;
  readonly late: number;
}

/** What this browser keeps under a name. */
const storeOf = (name: string): Promise<unknown[]> =>
  new Promise((done) => {
    const open = indexedDB.open('hopsk');
    open.onsuccess = () => {
      const all = open.result.transaction(name).objectStore(name).getAll();
      all.onsuccess = () => done(all.result);
    };
  });

interface Kept {
  readonly event: { readonly kind: string; readonly device: string; readonly m: number };
}

/** The run's time (ms) of the last taps that this page wrote, in their order. */
async function momentsOf(page: Page, last: number): Promise<number[]> {
  const runs = (await page.evaluate(storeOf, 'runs')) as { readonly devices: readonly string[] }[];
  const mine = new Set(runs.flatMap(({ devices }) => devices));
  return ((await page.evaluate(storeOf, 'events')) as Kept[])
    .flatMap(({ event }) => (event.kind === 'fault' && mine.has(event.device) ? [event.m] : []))
    .sort((a, b) => a - b)
    .slice(-last);
}

/**
 * By how much (ms) the latest of the words came after its moment of the plan. How the page's steady clock stands to the run's time is
 * what a press and the event that it wrote say of both.
 */
async function lateness(page: Page, began: readonly number[]): Promise<number> {
  const moments = await momentsOf(page, began.length);
  const ahead = median(moments.map((m, i) => m - (began[i] ?? 0)));
  const said = await page.evaluate(() => (globalThis as unknown as { noted: Noted }).noted.said.splice(0));
  if (said.length < 5) throw new Error(`Only ${said.length} words were said.`);
  return Math.max(...said.map(({ words, at }) => at + ahead - LEAD_IN - Number(words) * 1000));
}

async function measured(page: Page, devtools: CDPSession): Promise<Measured> {
  const [before, ticked] = [await script(devtools), await ticksOf(page)];
  await page.waitForTimeout(LOOKED);
  const tick = ((await script(devtools)) - before) / ((await ticksOf(page)) - ticked);
  const { began, kept, shown } = await page.evaluate(presses, PRESSES);
  return { tick, kept: median(kept), shown: median(shown), late: await lateness(page, began) };
}

/** So many of the club, who come anew where it has fewer. */
async function peopleOf(ask: Ask, count: number): Promise<string[]> {
  const there = (await ask<Athlete[]>('/athletes')).filter(({ archivedAt }) => archivedAt === null).map(({ id }) => id);
  while (there.length < count) {
    const id = randomUUID();
    await ask(`/athletes/${id}`, {
      method: 'PUT',
      body: JSON.stringify({ ...sampleAthlete, id, version: 0, name: `Guest ${there.length}` }),
    });
    there.push(id);
  }
  return there.slice(0, count);
}

/** Other devices in the same run: each taps about once a second until it is stopped. */
const joined = (context: BrowserContext, count: number): Promise<{ readonly stop: () => Promise<void> }[]> =>
  Promise.all(
    Array.from({ length: count }, async () => {
      const own = await context
        .browser()
        ?.newContext({ ...{ viewport: { width: 412, height: 839 }, serviceWorkers: 'block' }, storageState: await context.storageState() });
      const page = await own?.newPage();
      if (!page || !own) throw new Error('No browser.');
      await page.goto(new URL('/floor', context.pages()[0]?.url()).href);
      await page.locator('.under').filter({ hasText: NAME }).getByRole('button', { name: 'take part' }).click();
      await page.locator('hop-run-screen .chip').nth(2).click();
      await page.evaluate(() => {
        setInterval(() => document.querySelector<HTMLElement>('[data-fault]')?.click(), 1000);
      });
      return { stop: () => own.close() };
    }),
  );

/** The floor's page late in a called session of forty minutes, at a processor slowed six times; the baseline is the same page at full speed. */
export async function slowed(url: string, ask: Ask): Promise<Line[]> {
  const people = await peopleOf(ask, PEOPLE);
  const called = headOf(people);
  // Every two seconds something is said: its own moment.
  const cues = Array.from({ length: MINUTES * 30 + 60 }, (_, k) => ({
    ...{ at: k * 2, kind: 'call' as const, say: String(k * 2), show: String(k * 2), sound: null, couldGoOn: null },
  }));
  const head = { ...called, plan: { ...called.plan, cues }, name: NAME, startedAt: new Date(Date.now() - MINUTES * 60_000).toISOString() };
  await ask(`/runs/${head.id}`, { method: 'PUT', body: JSON.stringify(head) });
  const events = logOf(people, TAPS, MINUTES);
  for (let at = 0; at < events.length; at += 400)
    await ask(`/runs/${head.id}/events`, {
      method: 'POST',
      body: JSON.stringify({ events: events.slice(at, at + 400), m: MINUTES * 60_000 }),
    });
  return withBrowser(async (browser) => {
    const context = await browser.newContext({ baseURL: url, viewport: { width: 412, height: 839 }, serviceWorkers: 'block' });
    await context.request.post('/api/demo');
    await context.addInitScript(note, TICK);
    const page = await context.newPage();
    await page.goto('/floor');
    await page.locator('.under').filter({ hasText: NAME }).getByRole('button', { name: 'take part' }).click();
    // The page before it has chips too, and the log comes in one piece.
    await page.waitForURL('**/floor/run');
    await page.locator('hop-run-screen .chip').first().click();
    await page.locator('hop-run-screen .chip[aria-pressed="true"]').first().waitFor();
    const devtools = await context.newCDPSession(page);
    await devtools.send('Performance.enable');
    const others = await joined(context, OTHERS);
    const full = await measured(page, devtools);
    await devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
    const taken = othersFromNow();
    const slow = await measured(page, devtools);
    const elsewhere = taken();
    await Promise.all(others.map((one) => one.stop()));
    const line = (name: string, value: number, baseline: number, limit: number): Line => ({
      ...{ name: `${name}, ${PEOPLE} people, ${OTHERS + 1} devices, processor slowed ${SLOWED} times`, unit: 'ms', limit },
      ...{ value, baseline },
    });
    return [
      // What the browser says of the time in scripts is not slowed with the processor: so many times what it takes at full speed.
      line('script a tick late in 40 minutes of calls', full.tick * SLOWED, full.tick, 16),
      line('from a tap until it is kept', slow.kept, full.kept, 50),
      line('from a tap until it is shown', slow.shown, full.shown, 100),
      line('the latest of the words said meanwhile, after its moment', slow.late, full.late, 250),
      { name: 'processors taken by other machines meanwhile', value: elsewhere, unit: '%', baseline: null, limit: null },
    ];
  });
}
