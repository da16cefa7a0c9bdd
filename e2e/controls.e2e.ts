import { devices } from '@playwright/test';
import type { Athlete } from '@hopsk/contract/people';
import type { RunRow, RunWhole } from '@hopsk/contract/run';
import { sampleSession } from '@hopsk/contract/testing/samples';
import { runOn, runTo, stopClock, whoIsHere } from './plan-clock.js';
import { accessible, addAthlete, allSent, ask, expect, put, tapTile, test } from './support.js';

const { viewport, userAgent, deviceScaleFactor, isMobile, hasTouch } = devices['Pixel 7'];

test.describe('the hand on the clock', () => {
  test.use({ viewport, userAgent, deviceScaleFactor, isMobile, hasTouch });

  test('a rest is stretched, a round comes again, another stage is put in, a fault is looked at closer, and the end is told: the log holds each', async ({
    coach,
  }) => {
    const tick = () => coach.clock.runFor(200);
    // Of what may not be there yet: on a stopped clock nothing may be waited for between two ticks.
    const text = async (css: string) => (await coach.locator(css).allTextContents()).join(' ');
    await addAthlete(coach, 'Control Ada', 170, { focus: 'split-late' });
    const ada = (await ask<Athlete[]>(coach, '/athletes')).find(({ name }) => name === 'Control Ada')?.id ?? '';
    const id = crypto.randomUUID();
    const stages = ['First', 'Second'].map((name) => ({
      ...sampleSession.stages[0],
      ...{ id: crypto.randomUUID(), name: `Control ${name}`, dose: '2 × 20 s, rest 30 s', explain: 0 },
    }));
    await put(coach, `/sessions/${id}`, { ...sampleSession, id, version: 0, name: 'Control evening', athletes: [ada], stages });
    await coach.goto(`/build/${id}`);
    const start = await whoIsHere(coach);
    await stopClock(coach, start);
    await start.click();
    await expect.poll(async () => (await tick(), coach.locator('[data-fault]').count())).toBe(1);
    await runTo(coach, 4);
    await tapTile(coach, 'split-late');
    await runTo(coach, 8);
    // Held, it is looked at closer, and no tap.
    const tile = coach.locator('[data-fault="split-late"]');
    const box = await tile.boundingBox();
    await coach.mouse.move((box?.x ?? 0) + 20, (box?.y ?? 0) + 20);
    await coach.mouse.down();
    await coach.clock.runFor(600);
    await coach.mouse.up();
    await coach.clock.runFor(400);
    await coach.getByText('strong', { exact: true }).click();
    await coach.getByRole('button', { name: 'keep', exact: true }).click();
    await expect.poll(async () => (await tick(), text('.last'))).toContain('split late, strong');

    await runTo(coach, 25);
    await coach.getByRole('button', { name: '15 s more' }).click();
    await expect.poll(async () => (await tick(), text('.last'))).toContain('15 s more of it');
    await coach.getByRole('button', { name: 'round once more' }).click();
    await expect.poll(async () => (await tick(), text('.last'))).toContain('the round comes once more');
    await coach.getByRole('button', { name: 'last taps' }).click();
    await coach.clock.runFor(400);
    await coach.getByRole('button', { name: 'take back split late, left' }).click();
    await coach.clock.runFor(400);
    await coach.getByRole('button', { name: 'close' }).click();
    await coach.clock.runFor(400);

    await coach.getByRole('button', { name: 'to come', exact: true }).click();
    await coach.clock.runFor(400);
    await coach.getByRole('button', { name: 'put in another …' }).click();
    await coach.clock.runFor(400);
    await coach.getByLabel('find a stage or a pattern').fill('Control Second');
    await coach.clock.runFor(400);
    await coach.locator('hop-put-in-box ul button').first().click();
    await coach.clock.runFor(400);
    await coach.locator('hop-put-in-box .dose input').fill('3 bananas');
    const take = coach.locator('hop-put-in-box .dose button');
    await take.click();
    await expect.poll(async () => (await tick(), text('hop-put-in-box [role=alert]'))).toContain('Nothing was changed.');
    await coach.locator('hop-put-in-box .dose input').fill('1 × 15 s');
    await take.click();
    await expect.poll(async () => (await tick(), coach.locator('hop-to-come ol > li').count())).toBe(2);
    await coach.getByRole('button', { name: 'go on so' }).click();
    await expect.poll(async () => (await tick(), text('.last'))).toContain('what is to come is changed');
    // 20 of work, 45 of rest, the round again and its rest of 45, the second round from 130 to 150.
    await runTo(coach, 70);
    await expect(coach.locator('hop-clock-block')).toContainText('round 1 of 2 · work');
    await runTo(coach, 135);
    await expect(coach.locator('hop-clock-block')).toContainText('round 2 of 2 · work');
    await runTo(coach, 152);
    await expect(coach.locator('hop-clock-block')).toContainText('stage 2 of 3');
    await expect(coach.getByText('What did you see?')).toBeVisible();

    await coach.getByRole('button', { name: 'end', exact: true }).click();
    await coach.clock.runFor(400);
    await coach.getByRole('button', { name: 'end it' }).click();
    await expect.poll(async () => (await tick(), coach.getByRole('heading', { name: 'Did anything hurt?' }).count())).toBe(1);
    await coach.clock.resume();
    await accessible(coach);
    await coach.locator('hop-run-pain mat-select').click();
    await coach.getByRole('option', { name: 'yes' }).click();
    await allSent(coach);

    const run = (await ask<RunRow[]>(coach, '/runs')).find(({ name }) => name === 'Control evening')?.id ?? '';
    await expect
      .poll(
        async () => (await ask<RunWhole>(coach, `/runs/${run}`)).events.map(({ kind }) => kind).filter((kind) => kind === 'pain').length,
      )
      .toBe(1);
    const { events } = await ask<RunWhole>(coach, `/runs/${run}`);
    const of = (kind: string) => events.filter((event) => event.kind === kind);
    expect(of('plan').length).toBe(3);
    expect(of('fault').map((event) => ('strength' in event ? event.strength : null))).toEqual([null, 'strong']);
    expect(of('undo').map((event) => ('target' in event ? event.target : ''))).toEqual([of('fault')[0]?.id]);
    expect(of('pain')).toEqual([expect.objectContaining({ athlete: ada, pain: true })]);
  });

  test('a tempo is tapped: it is counted aloud in step with the taps, and what is counted goes by it', async ({ coach }) => {
    const tick = () => coach.clock.runFor(200);
    await addAthlete(coach, 'Tempo Ada', 170, { focus: 'split-late' });
    const ada = (await ask<Athlete[]>(coach, '/athletes')).find(({ name }) => name === 'Tempo Ada')?.id ?? '';
    const id = crypto.randomUUID();
    const stage = {
      ...sampleSession.stages[0],
      id: crypto.randomUUID(),
      name: 'Tempo stage',
      steps: 'split, hold 1 s',
      dose: '2 × 40 s, rest 20 s',
      explain: 0,
    };
    await put(coach, `/sessions/${id}`, { ...sampleSession, id, version: 0, name: 'Tempo evening', athletes: [ada], stages: [stage] });
    await coach.goto(`/build/${id}`);
    const start = await whoIsHere(coach);
    await stopClock(coach, start);
    await start.click();
    await expect.poll(async () => (await tick(), coach.locator('[data-fault]').count())).toBe(1);
    await runTo(coach, 5);
    await coach.getByRole('button', { name: 'tempo', exact: true }).click();
    await coach.clock.runFor(400);
    const pad = coach.getByRole('button', { name: 'tap with them' });
    const take = coach.getByRole('button', { name: 'go on so' });
    for (let tap = 0; tap < 4; tap++) {
      await expect(take).toBeDisabled();
      await pad.dispatchEvent('pointerdown');
      await runOn(coach, 2000);
    }
    await expect(pad).toContainText('2.00 s, 30 a minute');
    await take.click();
    await expect
      .poll(async () => (await tick(), coach.locator('.last').allTextContents()))
      .toEqual([expect.stringContaining('each repetition in 2.00 s')]);
    // Two seconds a repetition from here on, in the second round too: as large as fits for a moment each, 1, 2, 3 …
    await runTo(coach, 60 + 6.5);
    await expect(coach.locator('hop-clock-block .call')).toContainText('4');
    await runTo(coach, 60 + 8.5);
    await expect(coach.locator('hop-clock-block .call')).toContainText('5');
    await coach.getByRole('button', { name: 'end', exact: true }).click();
    await coach.clock.runFor(400);
    await coach.getByRole('button', { name: 'end it' }).click();
    await expect.poll(async () => (await tick(), coach.getByRole('heading', { name: 'What was seen' }).count())).toBe(1);
    await coach.clock.resume();
    await allSent(coach);
    const run = (await ask<RunRow[]>(coach, '/runs')).find(({ name }) => name === 'Tempo evening')?.id ?? '';
    const { events } = await ask<RunWhole>(coach, `/runs/${run}`);
    const plans = events.flatMap((event) => (event.kind === 'plan' ? [event.change] : []));
    expect(plans.map(({ reps }) => reps.map(({ seconds }) => seconds))).toEqual([[2]]);
    expect(plans[0]?.phases.at(-1)?.done.map(([at]) => at)).toEqual(Array.from({ length: 20 }, (_, k) => 2 * k));
  });
});
