import type { RunRow, RunWhole } from '@hopsk/contract/run';
import { sampleSession } from '@hopsk/contract/testing/samples';
import type { Page } from '@playwright/test';
import { runOn, runTo, stopClock, whoIsHere } from './plan-clock.js';
import { addAthlete, allSent, ask, choose, expect, put, save, tapTile, test } from './support.js';

const tick = (page: Page) => page.clock.runFor(200);
/** On a stopped clock what was pressed is shown at a tick after it was kept. */
const shown = (page: Page, words: string | RegExp) =>
  expect.poll(async () => (await tick(page), page.getByText(words).filter({ visible: true }).count())).toBeGreaterThan(0);

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('a lesson fed ball by ball inside a session: two splits a ball, as many balls as it takes', async ({ coach }) => {
    await addAthlete(coach, 'Fed Ada', 170);
    const ada = (await ask<{ id: string; name: string }[]>(coach, '/athletes')).find(({ name }) => name === 'Fed Ada')?.id ?? '';
    const id = crypto.randomUUID();
    const stage = {
      ...sampleSession.stages[0],
      steps: 'split, shuffle right 40 cm, split, shuffle left 40 cm',
      explain: 0,
    };
    await put(coach, `/sessions/${id}`, {
      ...sampleSession,
      id,
      version: 0,
      name: 'Fed evening',
      athletes: [ada],
      settings: { ...sampleSession.settings, change: 5 },
      stages: [
        { ...stage, name: 'Alone', dose: '3' },
        { ...stage, id: crypto.randomUUID(), name: 'Against the feed', dose: '4' },
      ],
    });
    await coach.goto(`/build/${id}`);
    // Who opens what is counted follows from how it begins, unless the coach says otherwise.
    await coach.getByRole('button', { name: 'Against the feed', exact: true }).click();
    await choose(coach, 'begins', 'fed');
    await expect(coach.getByLabel('counted by')).toContainText('as usual: a tap for each feed');
    await save(coach);
    const start = await whoIsHere(coach);
    await stopClock(coach, start);
    await start.click();
    await expect.poll(async () => (await tick(coach), coach.locator('[data-fault]').count())).toBe(1);
    const feed = coach.getByRole('button', { name: 'next feed' });
    await runTo(coach, 2);
    await expect(feed).toHaveCount(0);
    await expect(coach.getByRole('button', { name: 'counts by the clock' })).toBeVisible();

    // Three repetitions of 1.58 s, five seconds to change; then four balls.
    await runTo(coach, 10.5);
    await expect(coach.getByRole('button', { name: 'counts each feed' })).toHaveAttribute('aria-pressed', 'true');
    await feed.click();
    await shown(coach, /feed 1 · /);
    for (const second of [12, 12.4, 12.8]) {
      await runTo(coach, second);
      await tapTile(coach, 'split-late');
    }
    await runTo(coach, 14);
    await expect(coach.locator('[data-fault="split-late"] .count')).toHaveText('2');
    await feed.click();
    await shown(coach, /feed 2 · /);
    // What was pressed too often is taken back.
    await feed.click();
    await shown(coach, /feed 3 · /);
    await coach.getByRole('button', { name: 'undo' }).click();
    await shown(coach, /taken back/);
    await expect(feed).toContainText('2 of 4');
    // The time that four would take is over: the clock waits, and balls go on.
    await runTo(coach, 18);
    await shown(coach, 'feed on, or go on');
    await feed.click();
    await shown(coach, /feed 3 · /);
    await runTo(coach, 22);
    await feed.click();
    await expect.poll(async () => (await tick(coach), feed.textContent())).toContain('4 of 4');
    await runTo(coach, 26);
    await coach.getByRole('button', { name: 'go on' }).click();
    await shown(coach, 'What was seen');
    // Worked by hand: 3 × 2 splits by the clock and 4 × 2 by feeds; three taps in the first, of which one is over.
    await expect(
      coach
        .getByRole('row', { name: /split late/ })
        .getByRole('cell')
        .nth(1),
    ).toHaveText('2 of 14');
    await allSent(coach, () => runOn(coach, 3000));
    await coach.clock.resume();
    const row = (await ask<RunRow[]>(coach, '/runs')).find((one) => one.sessionId === id);
    const { events } = await ask<RunWhole>(coach, `/runs/${row?.id}`);
    expect(events.filter(({ kind }) => kind === 'ball').length).toBe(5);
    const book = await ask<{ entries: { fault: string; attempts: number; faulty: number }[] }>(coach, `/athletes/${ada}/book`);
    expect(book.entries.map(({ fault, faulty, attempts }) => [fault, faulty, attempts])).toEqual([['split-late', 2, 14]]);
    // Afterwards each tap says in which feed it was seen.
    await coach.getByRole('link', { name: /name, taps/ }).click();
    await expect(coach.getByText('Against the feed: round 1, feed 1')).toHaveCount(3);
  });
});
