import { randomUUID } from 'node:crypto';
import { sampleSession } from '@hopsk/contract/testing/samples';
import type { RunHead } from '@hopsk/contract/run';
import { beepsOfPlan } from '@hopsk/core/log/beeps';
import type { Page } from 'playwright-core';
import type { Ask } from './ask.js';
import { withBrowser } from './browser.js';
import { median, type Line } from './measure.js';

/** For so long (s) the clock is listened to, and what is compared at both ends of it. */
const [LISTENED, ENDS] = [60, 12];
/** Beginnings of what is heard, all the time. */
const DOSE = '9 × 5 s, rest 3 s';
/** What lies further from a beep of the plan is another one (s). */
const NEAR = 0.3;

/** Notes when each tone begins by the audio clock, and how that clock stands to the page's steady one (ms). */
function note(): void {
  const heard = { starts: [] as { when: number; node: OscillatorNode }[], stands: [] as { audio: number; steady: number }[] };
  Object.assign(globalThis, { heard });
  const [start, stop] = (['start', 'stop'] as const).map(
    (name) => Object.getOwnPropertyDescriptor(AudioScheduledSourceNode.prototype, name)?.value as (when?: number) => void,
  ) as [(when?: number) => void, (when?: number) => void];
  let context: BaseAudioContext | null = null;
  OscillatorNode.prototype.start = function (when = 0) {
    context ??= this.context;
    heard.starts.push({ when, node: this });
    start.call(this, when);
  };
  OscillatorNode.prototype.stop = function (when?: number) {
    // Taken back before it sounded.
    if (when === undefined) heard.starts = heard.starts.filter(({ node, when: at }) => node !== this || at <= this.context.currentTime);
    stop.call(this, when);
  };
  setInterval(() => {
    if (!(context instanceof AudioContext) || context.state !== 'running') return;
    const { contextTime, performanceTime } = context.getOutputTimestamp();
    if (contextTime && performanceTime) heard.stands.push({ audio: contextTime, steady: performanceTime });
  }, 200);
}

interface Heard {
  readonly starts: readonly { readonly when: number }[];
  readonly stands: readonly { readonly audio: number; readonly steady: number }[];
}

const heardOn = (page: Page): Promise<Heard> =>
  page.evaluate(() => {
    const { starts, stands } = (globalThis as unknown as { heard: Heard }).heard;
    return { starts: starts.map(({ when }) => ({ when })), stands };
  });

/** How far the tones of a minute, as they leave the browser, drift against the plan whose beginnings they are. */
export async function sound(url: string, ask: Ask): Promise<Line[]> {
  const id = randomUUID();
  const stages = [{ ...sampleSession.stages[0], id: randomUUID(), dose: DOSE, explain: 0 }];
  const people = (await ask<{ id: string }[]>('/athletes')).slice(0, 1).map((one) => one.id);
  await ask(`/sessions/${id}`, {
    method: 'PUT',
    body: JSON.stringify({ ...sampleSession, id, version: 0, name: 'Sound, bench', stages, athletes: people }),
  });
  return withBrowser(async (browser) => {
    const context = await browser.newContext({ baseURL: url, serviceWorkers: 'block' });
    await context.request.post('/api/demo');
    await context.addInitScript(note);
    const page = await context.newPage();
    await page.goto(`/build/${id}`);
    await page.getByRole('button', { name: 'run it' }).click();
    await page.getByRole('button', { name: /^start with/ }).click();
    await page.locator('[data-fault]').first().waitFor();
    // Sound begins with a tap.
    await page.locator('hop-clock-block').click({ position: { x: 4, y: 4 } });
    await page.waitForTimeout((LISTENED + 10) * 1000);
    const runs = await ask<{ id: string; name: string }[]>('/runs/open');
    const { run } = await ask<{ run: RunHead }>(`/runs/${runs.find(({ name }) => name === 'Sound, bench')?.id ?? ''}`);
    const { starts, stands } = await heardOn(page);
    const [first] = stands;
    if (!first || starts.length < 30) throw new Error(`Only ${starts.length} tones were heard.`);
    // When each left the browser, by its steady clock: what both clocks said nearest to it.
    const left = starts
      .map(({ when }) => {
        const near = stands.reduce((best, one) => (Math.abs(one.audio - when) < Math.abs(best.audio - when) ? one : best), first);
        return near.steady / 1000 + when - near.audio;
      })
      .sort((a, b) => a - b);
    const planned = beepsOfPlan(run.plan).map(({ at }) => at);
    // Both have the same beginning where most of them fall on each other.
    const offsets = left.flatMap((at) => planned.map((t) => at - t));
    const begins = offsets.reduce((best, one) => (near(offsets, one) > near(offsets, best) ? one : best), offsets[0] ?? 0);
    const off = planned
      .filter((t) => t <= LISTENED)
      .flatMap((t) => {
        const nearest = left.reduce((best, at) => (Math.abs(at - begins - t) < Math.abs(best - begins - t) ? at : best), left[0] ?? 0);
        return Math.abs(nearest - begins - t) < NEAR ? [{ t, off: (nearest - begins - t) * 1000 }] : [];
      });
    const of = (part: (t: number) => boolean): number => median(off.filter(({ t }) => part(t)).map((one) => one.off));
    const drift = of((t) => t > LISTENED - ENDS) - of((t) => t < ENDS);
    const middle = of(() => true);
    const line = (name: string, value: number, limit: number | null): Line => ({
      ...{ name: `tones as they leave the browser against the plan, ${off.length} in ${LISTENED} s: ${name}`, value },
      ...{ unit: 'ms', baseline: null, limit },
    });
    return [
      line('drift', Math.abs(drift), 20),
      line('the furthest from the rest', Math.max(...off.map((one) => Math.abs(one.off - middle))), null),
    ];
  });
}

/** How many lie within two hundredths of a second of one. */
const near = (all: readonly number[], one: number): number => all.filter((other) => Math.abs(other - one) < 0.02).length;
