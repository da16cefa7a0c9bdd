import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import type { Pattern } from '@hopsk/contract/pattern';
import { OwnHouse } from './own-house.js';
import { accessible, addAthlete, ask, choose, expect, hasLine, openPattern, save, test, typeDose } from './support.js';

const fresh = async (page: Page, name: string): Promise<void> => {
  await page.goto('/steps');
  await page.getByRole('link', { name: 'new pattern' }).click();
  await page.getByLabel('name', { exact: true }).fill(name);
};
const time = (page: Page) => page.getByRole('row', { name: /^time/ }).getByRole('cell').last();
const stored = async (page: Page, name: string): Promise<Pattern | undefined> =>
  (await ask<Pattern[]>(page, '/patterns')).find((one) => one.name === name);

test.describe('the studio', () => {
  test('a coach who has never seen the notation builds ten steps by palette alone', async ({ coach }) => {
    await fresh(coach, 'By palette');
    // The moves are there as long as there is nothing yet.
    const taps: readonly (readonly [family: string, move: string])[] = [
      ['load', 'split'],
      ['gather', 'shuffle right 30 cm'],
      ['reach', 'lunge ahead 90 cm'],
      ['reach', 'recover back'],
      ['gather', 'shuffle right 30 cm'],
      ['turn', 'pivot lead foot right 90°'],
      ['gather', 'advance 20 cm'],
      ['gather', 'retreat 20 cm'],
      ['hands', 'hit'],
      ['set', 'hold 1 s'],
    ];
    for (const [family, move] of taps) {
      await coach.getByRole('tablist', { name: 'kinds of moves' }).getByRole('tab', { name: family, exact: true }).click();
      await coach.getByRole('button', { name: `add ‘${move}’`, exact: true }).click();
    }
    await hasLine(coach, taps.map(([, move]) => move).join(', '));
    // Of somebody of 1.68 m: 0.35 + two shuffles of 0.467 + a lunge of 0.531 + 0.55 + 0.40 + an advance and a retreat of 0.385 + 0.30 +
    // 1.00 s, by the usual times and how they grow with size (common practice, no source).
    await choose(coach, 'as', 'Ines');
    await expect(time(coach)).toHaveText('4.83 s');
    await save(coach);
    expect((await stored(coach, 'By palette'))?.steps).toBe(taps.map(([, move]) => move).join(', '));
    // Found by its words, and taken back step by step.
    await coach.getByRole('searchbox', { name: 'find a move' }).fill('behind');
    await expect(coach.getByRole('button', { name: 'add ‘cross behind right 60 cm’' })).toBeVisible();
    await coach.getByRole('button', { name: 'take back' }).click();
    await expect(coach.getByText('not saved')).toBeVisible();
  });

  test('words are completed, with what may follow them', async ({ coach }) => {
    await fresh(coach, 'Completed');
    await coach.getByLabel('line of steps').pressSequentially('shuf');
    await expect(coach.locator('.cm-tooltip-autocomplete li').first()).toContainText('shuffle');
    await coach.locator('.cm-tooltip-autocomplete li').first().click();
    await coach.keyboard.type(' ri');
    await expect(coach.locator('.cm-tooltip-autocomplete li').first()).toContainText('right');
    await coach.locator('.cm-tooltip-autocomplete li').first().click();
    await hasLine(coach, 'shuffle right');
    await coach.locator('hop-line .word-move').first().hover();
    await expect(coach.locator('.cm-tooltip .help')).toContainText('to any side');
  });

  test('a print that is dragged changes the size and direction of its step', async ({ coach }) => {
    await fresh(coach, 'Dragged');
    await coach.getByLabel('line of steps').fill('lunge ahead 50 cm right foot');
    // Of somebody of 1.68 m: 0.5 (½ + ½ 0.50 / 0.8014) s.
    await choose(coach, 'as', 'Ines');
    await expect(time(coach)).toHaveText('0.41 s');
    const print = coach.locator('hop-floor g.drags').first();
    const box = await print.boundingBox();
    const scale = await coach.locator('hop-floor g.scale path').boundingBox();
    if (!box || !scale) throw new Error('Nothing is drawn.');
    // The bar beside the floor is 50 cm long.
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await coach.mouse.move(x, y);
    await coach.mouse.down();
    await coach.mouse.move(x, y - scale.width * 0.2, { steps: 4 });
    await coach.mouse.move(x, y - scale.width * 0.4, { steps: 4 });
    await coach.mouse.up();
    await expect
      .poll(async () => Math.abs(Number(/ahead (\d+) cm/.exec(await coach.locator('hop-line').innerText())?.[1]) - 70))
      .toBeLessThanOrEqual(3);
  });

  test('a floor is drawn to scale and says how often the pattern fits', async ({ coach }) => {
    await fresh(coach, 'On the court');
    await coach.getByLabel('line of steps').fill('shuffle right 100 cm');
    await choose(coach, 'floor', 'Squash court');
    await expect(coach.locator('hop-floor .edge')).toBeVisible();
    // Half of 6.40 m less half the stance and the foot: two of 1 m, not three.
    await expect(coach.getByText('leaves in repetition 3')).toBeVisible();
    await coach.getByLabel('line of steps').fill('shuffle right 100 cm 4');
    await expect(coach.locator('button.finding', { hasText: 'outside the floor' }).first()).toBeVisible();
  });

  test('what if the second foot always goes too far', async ({ coach }) => {
    await addAthlete(coach, 'Biased Bea', 170);
    await fresh(coach, 'What if');
    await coach.getByLabel('line of steps').fill('shuffle right 30 cm, shuffle left 30 cm');
    await coach.getByRole('tab', { name: 'what if', exact: true }).click();
    await expect(coach.getByText('The stance holds for all 10.')).toBeVisible();
    await coach.getByRole('slider', { name: /second foot/ }).fill('-0.05');
    await expect(coach.getByText(/^The stance is lost after/)).toBeVisible();
    await coach.getByRole('button', { name: 'no errors' }).click();
    await expect(coach.getByText('The stance holds for all 10.')).toBeVisible();
  });

  test('versions can be held beside one another and brought back', async ({ coach }) => {
    await fresh(coach, 'Two versions');
    await coach.getByLabel('line of steps').fill('advance 20 cm');
    await save(coach);
    await coach.getByLabel('line of steps').fill('advance 30 cm, retreat 10 cm');
    await save(coach);
    await coach.getByRole('tab', { name: 'compare', exact: true }).click();
    await choose(coach, 'as', 'Ines');
    await choose(coach, 'beside', /version 1/);
    await expect(coach.locator('hop-compare .steps')).toContainText('advance 30 cm');
    await expect(coach.getByRole('row', { name: /^time/ })).toContainText('0.38 s');
    await accessible(coach);
    await coach.getByRole('button', { name: 'bring this version back' }).click();
    await hasLine(coach, 'advance 20 cm');
    await expect(coach.getByText('No difference.')).toBeVisible();
  });

  test('what a pattern holds where schools differ wins, and both sentences are shown', async ({ coach }) => {
    await fresh(coach, 'Schools');
    await coach.getByLabel('line of steps').fill('crossover right 90 cm');
    await coach.getByRole('tab', { name: 'about', exact: true }).click();
    await choose(coach, 'crossing', 'Feet never cross.');
    await coach.getByRole('tab', { name: 'look', exact: true }).click();
    const finding = coach.locator('button.finding', { hasText: 'cross' }).first();
    await expect(finding).toContainText('This pattern holds: Feet never cross.');
    // An athlete who is taught otherwise: the pattern is nearer, and both sentences are shown.
    await save(coach);
    await coach.goto(`/people/${await addAthlete(coach, 'School Sol', 170)}`);
    await coach.getByText('Where schools differ').click();
    await choose(coach, 'crossing', 'Feet cross only behind.');
    await coach.getByRole('button', { name: 'save', exact: true }).click();
    await expect(coach.getByText('saved', { exact: true })).toBeVisible();
    await openPattern(coach, 'Schools');
    await choose(coach, 'as', 'School Sol');
    await expect(coach.locator('button.finding', { hasText: 'This athlete holds: Feet cross only behind.' })).toBeVisible();
  });

  test('a line kept as a move of the club stands in other lines, in the palette, and can be run', async ({ coach }) => {
    await fresh(coach, 'Corner line');
    await coach.getByLabel('line of steps').fill('shuffle right, lunge ahead, recover back, shuffle left');
    await coach.getByRole('button', { name: 'more', exact: true }).click();
    await coach.getByRole('menuitem', { name: 'keep as a move of the club' }).click();
    const word = coach.getByRole('dialog').getByLabel('word');
    await word.fill('Two words');
    await word.press('Enter');
    await expect(coach.getByRole('dialog')).toContainText('This is no single word');
    await word.fill('corner');
    await word.press('Enter');
    await expect(coach.getByText('‘corner’ can now stand in any line of the club.')).toBeVisible();
    await fresh(coach, 'With a corner');
    await coach.getByRole('tab', { name: 'ours', exact: true }).click();
    await coach.getByRole('button', { name: 'add ‘corner’', exact: true }).click();
    await hasLine(coach, 'corner');
    // Two gathers of 0.44 s, a lunge and its recovery (common practice, no source).
    await expect(time(coach)).toHaveText('1.93 s');
    // Rounds of its own: without them the floor would take those of whatever ran last.
    await typeDose(coach, { rounds: 3, sets: 2, rest: 20, setRest: 60 });
    await save(coach);
    await coach.getByRole('link', { name: 'run it' }).click();
    await expect(coach.getByText(/15 repetitions a round/)).toBeVisible();
    await coach.goto('/club');
    await coach.locator('p.row', { hasText: 'corner' }).getByRole('button', { name: 'forget' }).click();
    await expect(coach.getByText('a line can be kept as a move')).toBeVisible();
  });

  test('a drill card for the wall', async ({ coach }) => {
    await openPattern(coach, 'Front corner and home');
    await coach.getByRole('button', { name: 'more', exact: true }).click();
    await coach.getByRole('menuitem', { name: 'drill card' }).click();
    await expect(coach.getByRole('heading', { name: 'Front corner and home' })).toBeVisible();
    await expect(time(coach)).toHaveText('2.49 s');
    await accessible(coach);
  });

  test('drawings go out as files of their own', async ({ coach }) => {
    await openPattern(coach, 'Front corner and home');
    await coach.locator('hop-floor .chip').nth(3).waitFor();
    for (const [item, ending, begins] of [
      ['drawing as SVG', 'svg', '<?xml'],
      ['drawing as PNG', 'png', '\u0089PNG'],
      ['save as text', 'txt', '== Front corner and home'],
      ['save as JSON', 'json', '{\n  "format": "hopsk-patterns"'],
    ] as const) {
      await coach.getByRole('button', { name: 'more', exact: true }).click();
      const [file] = await Promise.all([coach.waitForEvent('download'), coach.getByRole('menuitem', { name: item }).click()]);
      expect(file.suggestedFilename()).toBe(`Front-corner-and-home.${ending}`);
      const content = await readFile(await file.path(), 'latin1');
      expect(content.startsWith(begins)).toBe(true);
      if (ending === 'svg') expect(content).not.toMatch(/var\(--|class="/);
    }
  });
});

test.describe('the library', () => {
  test('takes from the starter library, finds by sport, kind and tag', async ({ coach }) => {
    await coach.goto('/starters');
    await choose(coach, 'sport', /^boxing$/);
    const quarters = coach.getByRole('listitem').filter({ hasText: 'Four ways on the call' });
    await expect(quarters).toContainText(/Watch for [^·]+ \(\d+ attempts\).* · from the (front|side)/);
    await expect(quarters).toContainText('Calls: ahead, back, right, left');
    await coach.getByRole('button', { name: 'take Circle both ways' }).click();
    await expect(coach.getByText('taken').first()).toBeVisible();
    await coach.goto('/steps');
    await choose(coach, 'sport', /^boxing$/);
    await choose(coach, 'kinds of moves', 'turn');
    await expect(coach.getByRole('link', { name: /Circle both ways/ })).toBeVisible();
    await coach.locator('#find').fill('orbit dist');
    await expect(coach.getByRole('link', { name: /Circle both ways/ })).toBeVisible();
    await coach.locator('#find').fill('nothing like it');
    await expect(coach.getByText('0 patterns')).toBeVisible();
  });

  test('a press on a card counts, though its picture comes in while the finger is down', async ({ coach }) => {
    let draw: () => void = () => undefined;
    const drawing = new Promise<void>((go) => (draw = go));
    await coach.route(/worker.*\.js$/, async (route) => {
      await drawing;
      await route.continue();
    });
    await coach.goto('/steps');
    await coach.locator('#find').fill('Front corner and home');
    const card = coach.getByRole('link', { name: /Front corner and home/ });
    const blank = await card.locator('.thumb').boundingBox();
    if (!blank) throw new Error('There is a picture already.');
    await coach.mouse.move(blank.x + blank.width / 2, blank.y + blank.height / 2);
    await coach.mouse.down();
    draw();
    await expect(card.locator('hop-thumb svg')).toBeVisible();
    await coach.mouse.up();
    await expect(coach).toHaveURL(/\/steps\/[0-9a-f-]{36}$/);
  });

  test('imports a file; what cannot be read is said with its line, the rest is kept', async ({ coach }) => {
    await coach.goto('/steps');
    const drop = (name: string, text: string) =>
      coach.locator('input[type=file]').setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
    await drop('two.txt', '== Imported one\nstance: tripod\n\nsplit\n\n== Imported two\ntags: odd\n\nadvance 20 cm');
    await expect(coach.getByText('2 patterns imported.')).toBeVisible();
    await expect(coach.getByText('line 2: ‘tripod’ is no stance')).toBeVisible();
    await coach.locator('#find').fill('imported odd');
    await expect(coach.getByRole('link', { name: /Imported two/ })).toBeVisible();
    await drop('broken.json', '{"format": "hopsk-patterns", "version": 1, "patterns": [');
    await expect(coach.getByText('This file holds no pattern.')).toBeVisible();
    await expect(coach.getByText('This is no whole JSON file')).toBeVisible();
    expect((await stored(coach, 'Imported one'))?.school).toBe('square-ready');
  });
});

test.describe('stances', () => {
  test('what is seen is held against the school, kept for the athlete, and kept for the club', async ({ coach }) => {
    await addAthlete(coach, 'Stance Cleo', 170);
    await coach.goto('/stance');
    await choose(coach, 'as', 'Stance Cleo');
    await coach.getByRole('button', { name: 'measure a stance' }).click();
    await coach.getByLabel('across, seen').fill('40');
    await coach.getByLabel('across, seen').blur();
    // 1.2 × 0.4403 m = 52.8 cm, ± 15 % of it (common practice, no source): 40 cm is 13 cm narrower.
    await expect(coach.getByText('13 cm narrower than 53 cm.')).toBeVisible();
    await coach.getByLabel('rear toe, seen').fill('up a bit');
    await coach.getByLabel('rear toe, seen').blur();
    await expect(coach.getByRole('alert')).toContainText('is not a number');
    // Dragging the right foot out by a third of what lies between the feet says so in the numbers.
    const foot = await coach.locator('path.seen').last().boundingBox();
    if (!foot) throw new Error('Nothing is drawn.');
    await coach.mouse.move(foot.x + foot.width / 2, foot.y + foot.height / 2);
    await coach.mouse.down();
    await coach.mouse.move(foot.x + foot.width / 2 + 60, foot.y + foot.height / 2, { steps: 4 });
    await coach.mouse.up();
    await expect(coach.getByLabel('across, seen')).not.toHaveValue('40.0 cm');
    await coach.getByLabel('across, seen').fill('60');
    await coach.getByLabel('across, seen').blur();
    await coach.getByRole('button', { name: 'this is how Stance Cleo stands' }).click();
    await expect(coach.getByRole('row', { name: /^across/ }).first()).toContainText('60.0 cm');
    await coach.getByLabel('name of the stance').fill('Loft wide');
    await coach.getByRole('button', { name: 'keep as a stance of the club' }).click();
    await expect(coach.getByText('Kept.')).toBeVisible();
    await choose(coach, 'stance', 'Loft wide');
    await expect(coach.getByRole('heading', { name: /Loft wide/ })).toBeVisible();
    await accessible(coach);
    await coach.goto('/club');
    await expect(coach.locator('section', { hasText: 'Stances of this club' })).toContainText('Loft wide');
    await coach.locator('p.row', { hasText: 'Loft wide' }).getByRole('button', { name: 'forget' }).click();
    await expect(coach.getByText('None yet: measure one')).toBeVisible();
  });

  // In a house of its own: what a club holds is held against the lines of everybody in it.
  test('what the club holds where schools differ is kept', async ({ page }) => {
    const house = await OwnHouse.open();
    try {
      await page.goto(house.url);
      await page.getByRole('button', { name: 'enter the demo club' }).click();
      await page.getByRole('link', { name: 'club', exact: true }).click();
      await page.getByText('All as usual: the questions').click();
      await choose(page, 'crossing', 'Feet cross only behind.');
      await expect(page.getByText('saved', { exact: true })).toBeVisible();
      await page.reload();
      await page.getByText('All questions').click();
      await expect(page.getByRole('combobox', { name: 'crossing' })).toHaveText('Feet cross only behind.');
    } finally {
      await house.close();
    }
  });
});
