import type { Locator, Page } from '@playwright/test';
import type { Book } from '@hopsk/contract/book';
import type { Athlete } from '@hopsk/contract/people';
import type { RunRow, RunWhole } from '@hopsk/contract/run';
import { runTo, stopClock } from './plan-clock.js';
import {
  accessible,
  addAthlete,
  allSent,
  ask,
  choose,
  EVENING,
  expect,
  keptOnDevice,
  onlyHere,
  save,
  savePattern,
  tapTile,
  test,
  typeDose,
} from './support.js';

/** A tap on a fault that is not on the board, through the list of all. */
async function tapOther(page: Page, label: string): Promise<void> {
  await page.getByRole('button', { name: 'more …' }).click();
  const find = page.getByRole('searchbox', { name: 'find a fault' });
  await drawn(page, find);
  await find.fill(label);
  await tick(page);
  await page.getByRole('dialog').getByRole('button').filter({ hasText: label }).first().click();
}

const tick = (page: Page) => page.clock.runFor(200);

/** A dialog is fetched when it is first opened; on a stopped clock it is drawn at the tick after that. */
async function drawn(page: Page, part: Locator): Promise<void> {
  await expect.poll(async () => (await tick(page), part.count())).toBe(1);
}

/** Types the evening's pattern and its rounds, and saves it. */
async function typePattern(page: Page, name: string): Promise<void> {
  const steps = page.getByRole('link', { name: 'steps', exact: true });
  // On a phone it waits behind ‘more’.
  if (!(await steps.isVisible())) await page.getByRole('button', { name: 'more', exact: true }).click();
  await steps.click();
  await page.getByRole('link', { name: 'new pattern' }).click();
  await page.getByLabel('name', { exact: true }).fill(name);
  await page.getByLabel('line of steps').fill(EVENING);
  await typeDose(page, { rounds: 3, sets: 2, rest: 20, setRest: 60 });
  await save(page);
}

for (const [size, viewport] of [
  ['at a table', { width: 1280, height: 800 }],
  ['on a phone', { width: 390, height: 844 }],
] as const) {
  test.describe(size, () => {
    test.use({ viewport, hasTouch: size === 'on a phone' });

    test('the worked evening from stance to fault log, tap by tap', async ({ coach }) => {
      const [ada, evening] = [`Ada ${size}`, `The evening, ${size}`];
      await coach.goto(`/people/${await addAthlete(coach, ada, 170, { focus: 'split-late' })}`);
      await coach.locator('header').getByRole('link', { name: 'stance' }).click();
      await expect(coach.getByRole('row', { name: /^across/ })).toContainText('52.8 cm');
      await typePattern(coach, evening);
      await coach.getByRole('link', { name: 'run it' }).click();
      await onlyHere(coach, ada);
      await stopClock(coach, coach.getByRole('button', { name: 'run 5:20' }));
      await coach.getByRole('button', { name: 'run 5:20' }).click();
      await expect.poll(async () => (await tick(coach), coach.locator('[data-fault]').count())).toBe(1);
      await expect(coach.locator('.view')).toContainText('From the side');

      // Source of taps and sums: the worked evening, by hand.
      for (const second of [3.4, 4.1, 8.9]) {
        await runTo(coach, second);
        await tapTile(coach, 'split-late');
      }
      await runTo(coach, 12);
      await tapOther(coach, 'recovery place');
      await runTo(coach, 15.2);
      await tapTile(coach, 'split-late');
      await runTo(coach, 15.9);
      await tapTile(coach, 'split-late', 'right');
      await runTo(coach, 21.7);
      await coach.getByRole('button', { name: 'that was right' }).click();
      await runTo(coach, 29);
      await tapTile(coach, 'split-late');
      await runTo(coach, 30.6);
      await expect(coach.locator('hop-clock-block')).toContainText('set 1 of 2, round 1 of 3 · rest');
      await tapTile(coach, 'split-late');
      await runTo(coach, 55);
      await tapTile(coach, 'split-late');
      await runTo(coach, 61.3);
      await tapOther(coach, 'no recovery');
      await runTo(coach, 74.4);
      await tapTile(coach, 'split-late');
      await runTo(coach, 80);
      await tick(coach);
      // 26 attempts were watched; six of them had the fault.
      await expect(coach.locator('.chip[aria-pressed="true"]')).toContainText('26 seen');
      await expect(coach.locator('[data-fault="split-late"] .count')).toHaveText('6');
      await coach.getByRole('button', { name: 'end', exact: true }).click();
      const end = coach.getByRole('button', { name: 'end it' });
      await drawn(coach, end);
      await end.click();
      // Over when it is kept, and drawn at the tick after that.
      await drawn(coach, coach.getByRole('heading', { name: 'What was seen' }));

      const row = coach.getByRole('row', { name: /split late/ });
      await expect(row.getByRole('cell')).toHaveText(['split late', '6 of 26', '23', '11–42']);
      await expect(coach.getByRole('row', { name: /recovery place/ })).toContainText('noted 1');
      await expect(coach.getByRole('row', { name: /no recovery/ })).toContainText('noted 1');
      await expect(coach.getByText('that was right: 1')).toBeVisible();
      await allSent(coach, () => tick(coach));

      await coach.clock.resume();
      await coach.getByRole('link', { name: 'fault book' }).click();
      await expect(coach.getByText('6 of 26 attempts in 1 session; seen in 1 of 1.')).toBeVisible();
      await expect(coach.getByRole('row', { name: /^split late/ }).getByRole('cell')).toHaveText([
        'split late',
        '23.1',
        '11–42.1',
        '1 of 1',
        // On a phone the day stands below only.
        ...(size === 'on a phone' ? [] : [/2026-11-20/]),
      ]);
      await expect(coach.locator('.one p .tag')).toHaveText('stay');
      await expect(coach.getByText('One session: the interval speaks of it alone.')).toBeVisible();
      await expect(coach.getByText('Noted, without a rate')).toBeVisible();
      await expect(coach.locator('hop-rate-chart svg')).toBeVisible();
      await accessible(coach);
    });
  });
}

test.describe('a run', () => {
  test('taps are moved, given away and taken back afterwards', async ({ coach }) => {
    await addAthlete(coach, 'Review Ada', 170, { focus: 'split-late' });
    await addAthlete(coach, 'Review Bea', 170, { focus: 'split-late' });
    await savePattern(coach, 'Review me', { mode: 'seconds', work: 20, rounds: 1, sets: 1, rest: null, setRest: null });
    await coach.goto('/floor');
    await coach.getByRole('button', { name: 'Review me' }).click();
    await onlyHere(coach, 'Review Ada', 'Review Bea');
    const run = coach.getByRole('button', { name: /^run/ });
    await stopClock(coach, run);
    await run.click();
    await expect.poll(async () => (await tick(coach), coach.locator('[data-fault]').count())).toBe(1);
    await runTo(coach, 6);
    await tapTile(coach, 'split-late');
    await runTo(coach, 8);
    await tapTile(coach, 'split-late');
    await coach.getByRole('button', { name: 'undo' }).click();
    await runTo(coach, 21);
    // The clock ended the run by itself; that is kept, then counted, and drawn at the tick after that.
    await drawn(coach, coach.getByRole('row', { name: /split late.*1 of 8/ }));
    await allSent(coach, () => tick(coach));
    await coach.clock.resume();
    await coach.getByRole('link', { name: /name, taps/ }).click();
    const rows = coach.locator('hop-review tbody tr, hop-review table > tr');
    await expect(rows).toHaveCount(2);
    // 6 s less the tap delay is 5.0 s: the third repetition (4.56–6.84 s).
    await expect(rows.nth(0)).toContainText('round 1, repetition 3');
    await expect(rows.nth(1)).toContainText('taken back');
    await rows.nth(0).getByRole('button', { name: 'one earlier' }).click();
    await expect(rows.nth(0)).toContainText('round 1, repetition 2');
    await rows.nth(1).getByRole('button', { name: 'bring back' }).click();
    await expect(rows.nth(1)).toContainText('counted');
    await choose(coach, 'give to', 'Review Bea', rows.nth(1));
    // Bea was not watched: hers is noted.
    await expect(rows.nth(1)).toContainText('noted');
    await accessible(coach);
    await coach.goto('/people');
    await coach
      .getByRole('row', { name: /Review Ada/ })
      .getByRole('link', { name: 'faults' })
      .click();
    await expect(coach.getByText('1 of 8 attempts in 1 session')).toBeVisible();
  });

  test('somebody comes late and another goes; a note; afterwards a tap was another fault', async ({ coach }) => {
    await addAthlete(coach, 'Late Ada', 170, { focus: 'split-late' });
    await addAthlete(coach, 'Late Bea', 170, { focus: 'split-late' });
    await savePattern(coach, 'Late', { mode: 'seconds', work: 600, rounds: 1, sets: 1, rest: null, setRest: null });
    await coach.goto('/floor');
    await coach.getByRole('button', { name: 'Late', exact: true }).click();
    await onlyHere(coach, 'Late Ada');
    await coach.getByRole('button', { name: /^run/ }).click();
    await expect(coach.locator('hop-clock-block')).toContainText('work');
    const chip = (name: string) => coach.locator('.chip').filter({ hasText: name });
    await coach.getByRole('button', { name: 'who …' }).click();
    const find = coach.getByRole('searchbox', { name: 'find somebody' });
    await find.fill('late b');
    await accessible(coach);
    await coach.getByRole('button', { name: 'Late Bea comes' }).click();
    await chip('Late Bea').click();
    await expect(chip('Late Bea')).toHaveAttribute('aria-pressed', 'true');
    await tapTile(coach, 'split-late');
    await coach.getByRole('button', { name: 'note', exact: true }).click();
    await coach.getByLabel('A note of Late Bea').fill('heels 👣 down when tired');
    await coach.getByRole('button', { name: 'keep' }).click();
    await expect(coach.locator('.last')).toContainText('noted');
    await keptOnDevice(coach, 'heels 👣 down');
    await coach.reload();
    await expect(chip('Late Bea')).toHaveAttribute('aria-pressed', 'true');
    await coach.getByRole('button', { name: 'who …' }).click();
    await coach.getByRole('button', { name: 'Late Bea goes' }).click();
    // Who is gone is watched no longer; what was seen of them stays.
    await expect(chip('Late Bea')).toHaveCount(0);
    await expect(coach.locator('.chip[aria-pressed="true"]')).toHaveCount(0);
    await coach.getByRole('button', { name: 'end', exact: true }).click();
    await coach.getByRole('button', { name: 'end it' }).click();
    for (const name of ['Late Ada', 'Late Bea']) await expect(coach.getByRole('heading', { name })).toBeVisible();
    await allSent(coach);
    await coach.getByRole('link', { name: /name, taps/ }).click();
    // The end of the run that this comes from has notes too.
    const review = coach.locator('hop-review');
    await expect(review.locator('hop-run-notes')).toContainText('Late Bea heels 👣 down when tired');
    await review.getByLabel('A note of all').fill('shorter rounds next time');
    await review.getByRole('button', { name: 'add a note' }).click();
    await expect(review.locator('hop-run-notes p')).toHaveCount(2);
    await expect(review.getByLabel('A note of all')).toHaveValue('');
    await choose(coach, 'was in truth', 'split high', coach.locator('hop-review'));
    await expect(coach.getByRole('combobox', { name: 'was in truth' })).toContainText('split high');
    const bea = (await ask<Athlete[]>(coach, '/athletes')).find(({ name }) => name === 'Late Bea')?.id ?? '';
    const book = async () => (await ask<Book>(coach, `/athletes/${bea}/book`)).entries.filter((one) => one.faulty + one.noted > 0);
    await expect.poll(async () => (await book()).map(({ fault }) => fault)).toEqual(['split-high']);
  });

  test('keys do what tiles do', async ({ coach }) => {
    await addAthlete(coach, 'Keys Ada', 170, { focus: 'split-late' });
    await savePattern(coach, 'Keys', { mode: 'seconds', work: 600, rounds: 2, sets: 1, rest: 15, setRest: null });
    await coach.goto('/floor');
    await coach.getByRole('button', { name: 'Keys', exact: true }).click();
    await onlyHere(coach, 'Keys Ada');
    await coach.getByRole('button', { name: /^run/ }).click();
    await coach.locator('[data-fault]').waitFor();
    const count = coach.locator('[data-fault="split-late"] .count');
    const said = coach.locator('.last');
    await coach.keyboard.press('n');
    await expect(coach.locator('hop-clock-block')).toContainText('round 1 of 2 · work');
    await coach.keyboard.press('1');
    await expect(said).toContainText('split late');
    await coach.keyboard.press('Shift+1');
    await expect(said).toContainText('split late, right');
    await coach.keyboard.press('u');
    await expect(said).toContainText('taken back');
    await coach.keyboard.press('r');
    await expect(said).toContainText('that was right');
    await coach.keyboard.press('v');
    await expect(coach.locator('.view')).toContainText('From the front');
    await coach.keyboard.press(' ');
    await expect(coach.locator('hop-clock-block')).toContainText('pause');
    const shown = await coach.locator('.digits').innerText();
    await coach.keyboard.press('n');
    await expect(coach.locator('.digits')).toHaveText('0:15');
    expect(shown).not.toBe('0:15');
    await coach.keyboard.press('?');
    await expect(coach.getByRole('dialog')).toContainText('shift + 1 … 8');
    await coach.keyboard.press('1');
    await coach.getByRole('dialog').getByRole('button', { name: 'close' }).click();
    await expect(coach.getByRole('dialog')).toHaveCount(0);
    await expect(count).toHaveText('1');
    await coach.keyboard.press('e');
    await coach.getByRole('dialog').getByRole('button', { name: 'end it' }).click();
    await expect(coach.getByRole('heading', { name: 'What was seen' })).toBeVisible();
  });

  test('a quick second press starts no second run and skips nothing twice; of taps each counts', async ({ coach }) => {
    await addAthlete(coach, 'Quick Ada', 170, { focus: 'split-late' });
    await savePattern(coach, 'Quick', { mode: 'seconds', work: 600, rounds: 3, sets: 1, rest: 600, setRest: null });
    const before = (await ask<RunRow[]>(coach, '/runs')).map((one) => one.id);
    await coach.goto('/floor');
    await coach.getByRole('button', { name: 'Quick', exact: true }).click();
    await onlyHere(coach, 'Quick Ada');
    await coach.getByRole('button', { name: /^run/ }).dblclick();
    const tile = coach.locator('[data-fault="split-late"]');
    await tile.waitFor();
    const clock = coach.locator('hop-clock-block');
    await expect(clock).toContainText('round 1 of 3 · work');
    await coach.getByRole('button', { name: 'next' }).dblclick();
    await expect(clock).toContainText('round 1 of 3 · rest');
    await tile.dblclick({ position: { x: 20, y: 20 } });
    await keptOnDevice(coach, '"kind":"fault"', 2);
    await expect(coach.locator('.last')).toContainText('split late, left');
    await coach.getByRole('button', { name: 'end', exact: true }).click();
    await coach.getByRole('button', { name: 'end it' }).dblclick();
    await expect(coach.getByRole('heading', { name: 'What was seen' })).toBeVisible();
    await allSent(coach);
    const mine = (await ask<RunRow[]>(coach, '/runs')).filter((one) => !before.includes(one.id) && one.name === 'Quick');
    expect(mine.length).toBe(1);
  });

  test('an undecided rest is asked for before anything can run', async ({ coach }) => {
    await savePattern(coach, 'Open rest', { mode: 'seconds', work: 30, rounds: 3, sets: 1, rest: null, setRest: null });
    await coach.goto('/floor');
    await coach.getByRole('button', { name: 'Open rest' }).click();
    const run = coach.getByRole('button', { name: /^run/ });
    await expect(run).toBeDisabled();
    await expect(coach.getByText('How long is the rest? It is not decided yet.')).toBeVisible();
    const rest = coach.locator('hop-dose-form input[name="rest"]');
    await rest.fill('0');
    await rest.blur();
    await expect(run).toBeEnabled();
    await onlyHere(coach);
    await expect(run).toBeDisabled();
    await expect(coach.getByText('Choose at least one athlete.')).toBeVisible();
  });

  test('a run is found again by its name, with all that was logged', async ({ coach }) => {
    const rows = await ask<RunRow[]>(coach, '/runs');
    const row = rows.find((one) => one.name === 'Short, then out') as RunRow;
    const whole = await ask<RunWhole>(coach, `/runs/${row.id}`);
    expect(whole.events[0]?.kind).toBe('go');
    expect(whole.events.at(-1)?.kind).toBe('end');
    await coach.goto(`/floor/runs/${row.id}`);
    await expect(coach.getByRole('heading', { name: 'Short, then out' })).toBeVisible();
    await coach.goto(`/floor/runs/${crypto.randomUUID()}`);
    await expect(coach.getByRole('alert')).toContainText('There is no such run.');
  });
});
