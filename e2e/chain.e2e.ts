import type { Athlete } from '@hopsk/contract/people';
import type { Book } from '@hopsk/contract/book';
import { runOn, runTo, stopClock, whoIsHere } from './plan-clock.js';
import { season } from './season.js';
import { addAthlete, allSent, ask, expect, save, tapTile, test } from './support.js';

test('from the log to the next evening: what recurs is decided on, asked for, run, and seen in the book; what was left out is said the next time', async ({
  coach,
}) => {
  test.slow();
  const tick = () => coach.clock.runFor(200);
  await addAthlete(coach, 'Chained Ada', 170);
  const { id } = (await ask<Athlete[]>(coach, '/athletes')).find(({ name }) => name === 'Chained Ada') as Athlete;
  await season(coach, id, 0, [14, 15, 16, 13]);

  // Looked at, and decided.
  await coach.goto(`/faults?athlete=${id}`);
  await expect(coach.locator('hop-book h2 .tag')).toHaveText('recurring');
  const decide = coach.locator('hop-decide');
  // To stay: what was decided for going back is counted of the whole club by another test.
  await decide.getByText('stay', { exact: true }).last().click();
  await decide.getByLabel('why', { exact: true }).fill('A little longer');
  await decide.getByRole('button', { name: 'keep it' }).click();
  await expect(decide.getByRole('status')).toHaveText('Kept.');

  // The next session asks for it, and says why; the coach leaves out all but the first stage, one with why not.
  await coach.getByRole('link', { name: 'build the next session' }).click();
  await coach.getByRole('button', { name: /^take \d+ stages$/ }).click();
  const stages = coach.locator('hop-workshop ol > li');
  await expect(stages.first()).toContainText('split late: 48 per 100 lately, for 4 evenings; stay, decided on 2026-06-22.');
  const out = coach.locator('hop-stages section.out');
  for (let left = await stages.count(); left > 1; left--) {
    await stages.last().locator('button.title').click();
    await coach.getByRole('button', { name: 'take this stage out' }).click();
    await expect(stages).toHaveCount(left - 1);
  }
  await out.getByRole('textbox').first().fill('Sore heel');
  await out.getByRole('textbox').first().blur();
  await stages.first().locator('button.title').click();
  await coach.getByLabel('explaining, s').fill('0');
  await coach.getByLabel('explaining, s').blur();
  await coach.getByRole('textbox', { name: /^dose of/ }).fill('20 s');
  await coach.getByLabel('name', { exact: true }).first().fill('After the book');
  await save(coach);
  await coach.reload();
  await expect(out.getByRole('textbox').first()).toHaveValue('Sore heel');

  // Run, with one late split.
  const start = await whoIsHere(coach);
  await stopClock(coach, start);
  await start.click();
  await expect.poll(async () => (await tick(), coach.locator('[data-fault]').count())).toBe(1);
  await runTo(coach, 9);
  await tapTile(coach, 'split-late');
  await expect
    .poll(async () => (await runOn(coach, 2000), coach.getByRole('heading', { name: 'What was seen' }).count()), { timeout: 120_000 })
    .toBe(1);
  await allSent(coach, tick);
  await coach.clock.resume();

  // The book has that evening, and what came of the decision; what was left out stands beside the next offer.
  const lastEvening = async (): Promise<readonly [number, boolean]> => {
    const { entries } = await ask<Book>(coach, `/athletes/${id}/book`);
    const last = entries.find(({ fault }) => fault === 'split-late')?.sessions.at(-1);
    return [last?.faulty ?? 0, (last?.attempts ?? 0) > 3];
  };
  await expect.poll(lastEvening).toEqual([1, true]);
  await coach.goto(`/faults?athlete=${id}`);
  await expect(decide.locator('li')).toContainText(/1 of \d+ on 1 evening since\./);
  await coach.getByRole('link', { name: 'build the next session' }).click();
  await expect(coach.locator('aside')).toContainText(/Left out of the session of \d{4}-\d\d-\d\d: [^.]*\(Sore heel\)/);
});
