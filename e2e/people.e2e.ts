import type { Athlete } from '@hopsk/contract/people';
import { accessible, typeAthlete, ask, choose, expect, keptOnDevice, put, save, signInAs, test } from './support.js';

test.describe('people', () => {
  test('an athlete is added, found, put away and brought back', async ({ coach }) => {
    await typeAthlete(coach, 'Ilka Test', '1.7 m', { hand: 'left', focus: 'split late' });
    await accessible(coach);
    await coach.getByRole('link', { name: /all people/ }).click();
    await coach.getByLabel('find').fill('ilka');
    const row = coach.getByRole('row', { name: /Ilka Test/ });
    await expect(row).toContainText('170 cm');
    await expect(row).toContainText('split late');
    await accessible(coach);
    await row.getByRole('link', { name: 'Ilka Test' }).click();
    await coach.getByRole('button', { name: 'put away' }).click();
    await expect(coach.getByRole('button', { name: 'bring back' })).toBeVisible();
    await coach.getByRole('link', { name: /all people/ }).click();
    await expect(coach.getByRole('row', { name: /Ilka Test/ })).toHaveCount(0);
    await coach.getByRole('checkbox', { name: /show those put away/ }).check();
    await coach.getByRole('link', { name: 'Ilka Test' }).click();
    await coach.getByRole('button', { name: 'bring back' }).click();
    await expect(coach.getByRole('button', { name: 'put away' })).toBeVisible();
  });

  test('a length that is none is named, and an impossible one refused by field; what was typed stays', async ({ coach }) => {
    await coach.goto('/people');
    await coach.getByRole('link', { name: 'add an athlete' }).click();
    await coach.getByLabel('name').fill('Slip');
    await coach.getByLabel('sport').fill('squash');
    await coach.getByLabel('height').fill('tall');
    await coach.getByLabel('height').blur();
    const beside = coach
      .locator('hop-box')
      .filter({ has: coach.getByLabel('height') })
      .getByRole('alert');
    await expect(beside).toHaveText('is not a length');
    // Nothing is sent while a box holds what it cannot take: the box is gone to.
    await coach.getByRole('button', { name: 'save', exact: true }).click();
    await expect(coach.getByLabel('height')).toBeFocused();
    await coach.getByLabel('height').fill('17 m');
    await coach.getByRole('button', { name: 'save', exact: true }).click();
    await expect(beside).toHaveText('must lie between 80 and 240 cm');
    await expect(coach.getByLabel('height')).toHaveValue('17 m');
    await expect(coach.getByLabel('name')).toHaveValue('Slip');
    expect((await ask<Athlete[]>(coach, '/athletes')).some((one) => one.name === 'Slip')).toBe(false);
    await coach.getByLabel('height').fill('5\'7"');
    await save(coach);
    const slip = (await ask<Athlete[]>(coach, '/athletes')).find((one) => one.name === 'Slip');
    // 5 feet 7 inches, an inch being 2.54 cm (international yard and pound agreement of 1959).
    expect(slip?.height).toBeCloseTo(1.7018, 4);
  });

  test('what was typed of an athlete survives a reload; a name that is missing is said beside its box', async ({ coach }) => {
    await coach.goto('/people');
    await coach.getByRole('link', { name: 'add an athlete' }).click();
    await coach.getByLabel('sport').fill('polo');
    await choose(coach, 'level', 'advanced');
    await keptOnDevice(coach, /"sport":"polo".*"level":"advanced"/);
    await coach.reload();
    await expect(coach.getByLabel('sport')).toHaveValue('polo');
    await expect(coach.getByRole('combobox', { name: 'level' })).toContainText('advanced');
    await coach.getByRole('button', { name: 'save', exact: true }).click();
    const beside = coach
      .locator('hop-box')
      .filter({ has: coach.getByLabel('name') })
      .getByRole('alert');
    await expect(beside).toHaveText('is empty');
    await coach.getByLabel('name').fill('Kept Typing');
    await save(coach);
    await expect(beside).toBeHidden();
    expect((await ask<Athlete[]>(coach, '/athletes')).find((one) => one.name === 'Kept Typing')?.level).toBe('advanced');
  });

  test('what they take for a move is typed or tapped, outlives a reload, and is what a line of theirs takes', async ({ coach }) => {
    await typeAthlete(coach, 'Timed Tia', '170');
    const open = async () => {
      await coach.locator('summary').filter({ hasText: 'What they take for moves' }).click();
      await expect(coach.getByLabel('seconds, gather')).toBeVisible();
    };
    await open();
    await coach.getByLabel('seconds, gather').fill('0.88');
    await coach.getByLabel('seconds, gather').blur();
    await expect(coach.getByText(/^typed 20/)).toBeVisible();
    await accessible(coach);
    await keptOnDevice(coach, '"gather":{"seconds":0.88');
    await coach.reload();
    await open();
    await expect(coach.getByLabel('seconds, gather')).toHaveValue('0.88');
    await save(coach);
    await coach.goto('/steps/new');
    await coach.locator('.cm-content').fill('shuffle right 30 cm, shuffle left 30 cm');
    await choose(coach, 'as', 'Timed Tia');
    // Twice as long as usually, each of a size a little above the usual one.
    await expect(coach.locator('.own-times')).toContainText('gather (advance, retreat, shuffle) 0.88 s: typed 20');
    const time = coach.getByRole('row', { name: /^time/ });
    const slow = Number(/([\d.]+) s/.exec((await time.textContent()) ?? '')?.[1]);
    await choose(coach, 'as', /^1\.70 m/);
    await expect(coach.locator('.own-times')).toHaveCount(0);
    await expect.poll(async () => Number(/([\d.]+) s/.exec((await time.textContent()) ?? '')?.[1])).toBeCloseTo(slow / 2, 2);
  });

  test('names in any script, read from the right too', async ({ coach }) => {
    await typeAthlete(coach, 'נועה 🏓', '150');
    await coach.getByRole('link', { name: /all people/ }).click();
    await expect(coach.getByRole('link', { name: 'נועה 🏓' })).toBeVisible();
  });

  test('two coaches at once: the second is told what changed and loses nothing', async ({ coach }) => {
    await typeAthlete(coach, 'Twice', '160');
    const mine = (await ask<Athlete[]>(coach, '/athletes')).find((one) => one.name === 'Twice') as Athlete;
    await coach.getByLabel('sport').fill('padel');
    const { archivedAt: _, ...record } = mine;
    await put(coach, `/athletes/${mine.id}`, { ...record, sport: 'karate', level: 'advanced' });
    await coach.getByRole('button', { name: 'save', exact: true }).click();
    const alert = coach.getByRole('alert');
    await expect(alert).toContainText('Somebody else saved this athlete in the meantime');
    await expect(alert).toContainText('sport');
    await expect(alert).toContainText('level');
    await expect(coach.getByLabel('sport')).toHaveValue('padel');
    await alert.getByRole('button', { name: 'save mine over it' }).click();
    await expect(coach.getByText('saved', { exact: true })).toBeVisible();
    expect((await ask<Athlete[]>(coach, '/athletes')).find((one) => one.id === mine.id)?.sport).toBe('padel');
  });

  test('taking theirs shows what the other coach saved', async ({ coach }) => {
    await typeAthlete(coach, 'Theirs', '160');
    const mine = (await ask<Athlete[]>(coach, '/athletes')).find((one) => one.name === 'Theirs') as Athlete;
    await coach.getByLabel('sport').fill('padel');
    const { archivedAt: _, ...record } = mine;
    await put(coach, `/athletes/${mine.id}`, { ...record, sport: 'karate' });
    await coach.getByRole('button', { name: 'save', exact: true }).click();
    await coach.getByRole('alert').getByRole('button', { name: 'take theirs' }).click();
    await expect(coach.getByLabel('sport')).toHaveValue('karate');
  });

  test('leaving with something typed asks first', async ({ coach }) => {
    await typeAthlete(coach, 'Careful', '160');
    await coach.getByLabel('sport').fill('savate');
    const leave = coach.getByRole('link', { name: /all people/ });
    await leave.click();
    await expect(coach.getByRole('dialog')).toContainText('not saved yet');
    await coach.getByRole('button', { name: 'stay here' }).click();
    await expect(coach.getByRole('dialog')).toBeHidden();
    await expect(leave).toBeFocused();
    await expect(coach.getByLabel('sport')).toHaveValue('savate');
    await leave.click();
    await coach.getByRole('button', { name: 'leave', exact: true }).click();
    await expect(coach).toHaveURL(/\/people$/);
  });

  // As the other coach: those who look at centimetres beside this test are not to see inches.
  test('lengths in feet and inches', async ({ page }) => {
    await page.goto('/enter');
    await signInAs(page, 'Mateus');
    for (const [units, height] of [
      // 168 cm is 66.14 in: 5 ft 6 in to the half inch.
      ['feet and inches', '5\'6"'],
      ['centimetres', '168 cm'],
    ] as const) {
      await page.getByRole('link', { name: 'club', exact: true }).click();
      await choose(page, 'lengths in', units);
      await save(page);
      await page.getByRole('link', { name: 'people', exact: true }).click();
      await expect(page.getByRole('row', { name: /Ines/ })).toContainText(height);
    }
  });
});
