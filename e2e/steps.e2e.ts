import type { Locator, Page } from '@playwright/test';
import type { Pattern } from '@hopsk/contract/pattern';
import { accessible, addAthlete, ask, choose, expect, hasLine, keptOnDevice, openPattern, put, save, test, typeDose } from './support.js';

const EVENING =
  'tempo flat, split, shuffle right 40 cm, lunge ahead 90 cm right foot + hit 80 ms after landing, recover back, shuffle left 40 cm';

async function newPattern(page: Page, name: string, steps: string): Promise<void> {
  await page.goto('/steps');
  await page.getByRole('link', { name: 'new pattern' }).click();
  await page.getByLabel('name', { exact: true }).fill(name);
  await page.getByLabel('line of steps').fill(steps);
}

const fact = (page: Page, name: string) =>
  page
    .getByRole('row', { name: new RegExp(`^${name}`) })
    .getByRole('cell')
    .last();
/** What a box itself says is wrong with it. */
/** What is said beneath a box; nothing where nothing is wrong. */
const saysOf = (box: Locator, message: string) =>
  expect(box.locator('xpath=..').getByRole('alert')).toHaveText(message === '' ? [] : [message]);
const line = (page: Page) => page.getByLabel('line of steps');
const turnRound = async (page: Page, operation: string): Promise<void> => {
  await page.getByRole('button', { name: 'turn round' }).click();
  await page.getByRole('menuitem', { name: operation, exact: true }).click();
};

test.describe('steps', () => {
  test('the evening’s pattern, typed: its numbers, its rounds, its mirror', async ({ coach }) => {
    await addAthlete(coach, 'Steps Ada', 170);
    await addAthlete(coach, 'Steps Lefty', 170, { hand: 'left' });
    await newPattern(coach, 'Evening typed', EVENING);
    await choose(coach, 'as', 'Steps Ada');
    // Source of all these: the worked evening, by hand.
    await expect(fact(coach, 'time')).toHaveText('2.28 s');
    await expect(fact(coach, 'longest time to answer')).toHaveText('1.05 s');
    await expect(fact(coach, 'contacts left · right')).toHaveText('3 · 5');
    await expect(fact(coach, 'lunges left · right')).toHaveText('0 · 1');
    await expect(fact(coach, 'splits')).toHaveText('1');
    await expect(fact(coach, 'back where it began')).toHaveText('yes');
    await expect(coach.getByText('Nothing found.')).toBeVisible();
    await expect(coach.getByText('One-sided')).toBeVisible();

    await typeDose(coach, { rounds: 3, sets: 2, rest: 20, setRest: 60 });
    await expect(coach.locator('hop-dose-form .total')).toHaveText(/together 5:20 .*13 repetitions a round, 78 in all/);

    await choose(coach, 'as', 'Steps Lefty');
    await expect(coach.locator('.spoken')).toContainText('shuffle left 40 cm, lunge ahead 90 cm left foot');
    await expect(fact(coach, 'contacts left · right')).toHaveText('5 · 3');
    await expect(fact(coach, 'lunges left · right')).toHaveText('1 · 0');

    await turnRound(coach, 'mirror all');
    await hasLine(
      coach,
      EVENING.replace('shuffle right', 'X')
        .replace('shuffle left', 'shuffle right')
        .replace('X', 'shuffle left')
        .replace('right foot', 'left foot'),
    );
    await turnRound(coach, 'mirror all');
    await hasLine(coach, EVENING);
    // Each of the operations can be taken back, and done again.
    await turnRound(coach, 'other side of the floor');
    await expect(coach.getByText('A foot is named left or right')).toBeVisible();
    await coach.getByRole('button', { name: 'take back' }).click();
    await hasLine(coach, EVENING);
    await coach.getByRole('button', { name: 'do again' }).click();
    await hasLine(coach, EVENING.replace('shuffle right', 'X').replace('shuffle left', 'shuffle right').replace('X', 'shuffle left'));
    await coach.getByRole('button', { name: 'take back' }).click();

    await save(coach);
    const stored = (await ask<Pattern[]>(coach, '/patterns')).find((one) => one.name === 'Evening typed');
    expect(stored?.steps).toBe(EVENING);
    expect(stored?.dose).toEqual({ mode: 'seconds', work: 30, rounds: 3, sets: 2, rest: 20, setRest: 60 });
    await accessible(coach);
    await coach.getByRole('link', { name: /all patterns/ }).click();
    await coach.locator('#find').fill('Evening typed');
    await expect(coach.getByRole('link', { name: /Evening typed/ })).toContainText('2.3 s');
    await accessible(coach);
  });

  test('what a coach says is read, its plain form taken over with one tap; what is not clear is asked and answered by one', async ({
    coach,
  }) => {
    await newPattern(coach, 'As it is said', 'Split step, then slide left 40 cm and pivot right 12, two steps back');
    await expect(coach.locator('hop-plain-line')).toContainText('split, shuffle left 40 cm, pivot right 90°, shuffle back 2 times');
    await expect(coach.getByRole('button', { name: 'take this over' })).toHaveCount(0);
    const asked = coach.locator('p.said.stop');
    await expect(asked).toContainText('Asked, 1:51');
    await expect(asked).toContainText('‘12’ after ‘pivot’: of what?');
    await expect(asked.getByRole('button')).toHaveText(['12°', '12 times']);
    await accessible(coach);
    await coach.locator('hop-plain-line').getByRole('button', { name: '12°' }).click();
    await expect(asked).toHaveCount(0);
    await hasLine(coach, 'Split step, then slide left 40 cm and pivot right 12°, two steps back');
    await coach.getByRole('button', { name: 'take this over' }).click();
    await hasLine(coach, 'split, shuffle left 40 cm, pivot right 12°, shuffle back 2 times');
    await expect(coach.locator('hop-plain-line p')).toHaveCount(0);
    await coach.locator('.cm-content').click();
    await coach.keyboard.press('Control+z');
    await hasLine(coach, 'Split step, then slide left 40 cm and pivot right 12°, two steps back');
  });

  test('on a phone a line is put together from likely next words; a corner asks on which side', async ({ coach }) => {
    await coach.setViewportSize({ width: 390, height: 844 });
    await newPattern(coach, 'From buttons', '');
    const next = coach.getByRole('group', { name: 'likely next words' });
    for (const word of ['split', ',', 'shuffle', 'left', '40 cm', ',', 'lunge', 'ahead'])
      await next.getByRole('button', { name: word, exact: true }).click();
    await hasLine(coach, 'split, shuffle left 40 cm, lunge ahead ');
    await coach.keyboard.type(', run to the back corner');
    const asked = coach.locator('hop-plain-line');
    await expect(asked.getByRole('button', { name: 'run to the back corner playing side' })).toBeVisible();
    await accessible(coach);
    await asked.getByRole('button', { name: 'run to the back corner other side' }).click();
    await hasLine(coach, 'split, shuffle left 40 cm, lunge ahead , run to the back corner other side');
    await expect(asked).toContainText('run to rear corner other side');
  });

  test('a mistyped word is named with its place and the nearest one; the rest goes on, the text stays', async ({ coach }) => {
    await newPattern(coach, 'Typing', 'split,\nshufle right, advance');
    await expect(coach.locator('p.said.stop')).toContainText('Not read, 2:1');
    await expect(coach.locator('p.said.stop')).toContainText('‘shufle’ does not begin a step');
    await expect(coach.locator('.said.stop').getByRole('button')).toHaveText('shuffle');
    await expect(coach.locator('hop-line .mark-unread').first()).toContainText('shufle');
    // Split and advance are still simulated: 0.35 s and 0.44 s.
    await expect(fact(coach, 'time')).toHaveText('0.79 s');
    await hasLine(coach, 'split,\nshufle right, advance');
    // The nearest word is offered where the pointer is, and put in by one tap.
    await expect(async () => {
      await coach.mouse.move(0, 0);
      await coach.locator('hop-line .mark-unread').first().hover();
      await coach.locator('.cm-tooltip-lint button', { hasText: 'shuffle' }).click({ timeout: 2000 });
    }).toPass();
    await hasLine(coach, 'split,\nshuffle right, advance');
    await expect(fact(coach, 'time')).toHaveText('1.23 s');
  });

  test('what goes wrong is said, lights up in the line and takes the playhead there', async ({ coach }) => {
    await newPattern(coach, 'Crossing', 'hold 1 s, shuffle left 90 cm right foot first, hold 0.5 s');
    const finding = coach.locator('button.finding').first();
    await expect(finding).toContainText('The right foot starts');
    await expect(coach.locator('button.finding').nth(1)).toContainText('The feet cross');
    await finding.click();
    // It begins at 1 s.
    await expect(coach.locator('.play .num')).toHaveText(/^1\.\d\d s$/);
    await expect(coach.locator('hop-line .now')).toContainText('shuffle');
  });

  test('play, scrub and keys move the feet', async ({ coach }) => {
    await openPattern(coach, 'Front corner and home');
    await coach.locator('hop-floor .chip').nth(3).waitFor();
    const right = coach.locator('hop-floor path.now').last();
    const before = await right.getAttribute('d');
    const lanes = coach.locator('hop-lanes svg');
    const box = await lanes.boundingBox();
    if (!box) throw new Error('no lanes');
    await lanes.click({ position: { x: 56 + (box.width - 68) * (1.28 / 2.49), y: 40 } });
    // The line takes 2.49 s; at 1.28 s the lunge is about to land: its word is the one inverted.
    await expect(coach.locator('hop-line .now')).toContainText('lunge');
    await expect(right).not.toHaveAttribute('d', before ?? '');
    const shown = await coach.locator('.play .num').innerText();
    await coach.locator('main').press('ArrowRight');
    await expect(coach.locator('.play .num')).not.toHaveText(shown);
    await coach.locator('main').press(' ');
    await expect(coach.getByRole('button', { name: 'pause' })).toBeVisible();
    await coach.locator('main').press(' ');
    await expect(coach.getByRole('button', { name: 'play' })).toBeVisible();
  });

  test('what was typed survives a reload, even far too long and without a name', async ({ coach }) => {
    const far = `split, ${'shuffle right 40 cm, '.repeat(50_000)}`;
    await newPattern(coach, '', far);
    await expect(coach.locator('.said.stop')).toContainText('A pattern holds at most 20000 characters');
    await coach.getByRole('button', { name: 'save', exact: true }).click();
    await expect(coach.getByRole('alert').first()).toContainText('name is empty');
    await expect(coach.getByRole('alert').last()).toContainText('steps is longer than 20000 characters');
    await keptOnDevice(coach, far);
    await coach.reload();
    await expect(coach.locator('.said.stop')).toContainText(`this one has ${far.length}`);
    await line(coach).fill('split 🏓 שלום');
    await expect(coach.locator('.said.stop').first()).toContainText('1:7');
    await hasLine(coach, 'split 🏓 שלום');
  });

  test('a save over a version that somebody else made since asks, and keeps what was typed', async ({ coach }) => {
    await newPattern(coach, 'Two at once', 'split');
    await save(coach);
    const stored = (await ask<Pattern[]>(coach, '/patterns')).find((one) => one.name === 'Two at once') as Pattern;
    await line(coach).fill('split, advance');
    const { archivedAt: _, ...record } = stored;
    await put(coach, `/patterns/${stored.id}`, { ...record, steps: 'split, retreat' });
    // Even after a reload that has fetched the other version.
    await keptOnDevice(coach, '"steps":"split, advance"');
    await coach.reload();
    await hasLine(coach, 'split, advance');
    await coach.getByRole('button', { name: 'save', exact: true }).click();
    await expect(coach.getByRole('alert')).toContainText('Somebody else saved this pattern');
    await expect(coach.getByRole('alert')).toContainText('steps');
    await hasLine(coach, 'split, advance');
    await coach.getByRole('button', { name: 'save mine over it' }).click();
    await expect(coach.getByText('saved', { exact: true })).toBeVisible();
    expect((await ask<Pattern[]>(coach, '/patterns')).find((one) => one.id === stored.id)?.steps).toBe('split, advance');
  });

  test('impossible rounds are refused where they are typed', async ({ coach }) => {
    await newPattern(coach, 'Rounds', 'split');
    const rounds = coach.locator('hop-dose-form input[name="rounds"]');
    await rounds.fill('10000');
    await rounds.blur();
    await saysOf(rounds, 'must lie between 1 and 100');
    // The plan goes on with what was there.
    await expect(coach.locator('hop-dose-form .total')).toContainText('1:30');
    await rounds.fill('2');
    await rounds.blur();
    await saysOf(rounds, '');
    const rest = coach.locator('hop-dose-form input[name="rest"]');
    await rest.fill('-5');
    await rest.blur();
    await saysOf(rest, 'must lie between 0 and 3600 s');
    await expect(coach.getByText('How long is the rest?')).toBeVisible();
    await expect(coach.locator('hop-dose-form .total')).toContainText('at least 1:00');
  });

  test('a stance in numbers and tape, for this body', async ({ coach }) => {
    await coach.goto(`/people/${await addAthlete(coach, 'Stance Ada', 170)}`);
    await coach.getByRole('link', { name: 'stance', exact: true }).last().click();
    await choose(coach, 'as', 'Stance Ada');
    // Source: the worked evening, by hand: 1.2 × 0.4403 m = 0.528 m.
    await expect(coach.getByRole('row', { name: /^across/ })).toContainText('52.8 cm');
    await expect(coach.getByRole('row', { name: /^left ball/ })).toContainText('26.4 cm left');
    await expect(coach.getByRole('row', { name: /^shoulder width/ })).toContainText(/44\.0 cm\s*estimated/);
    await choose(coach, 'stance', 'Bladed on guard');
    await choose(coach, 'lead foot', 'right');
    await expect(coach.getByRole('row', { name: /^left toe out/ })).toContainText('90°');
    await expect(coach.getByRole('row', { name: /^right toe out/ })).toContainText('0°');
    await accessible(coach);
  });
});
