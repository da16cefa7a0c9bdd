import { readFileSync } from 'node:fs';
import type { Athlete } from '@hopsk/contract/people';
import { GivenOut } from '@hopsk/contract/people-data';
import { accessible, addAthlete, ask, choose, expect, put, save, test, watchPage } from './support.js';

/** An athlete as the club has them, by name. */
const named = async (page: Parameters<typeof ask>[0], name: string): Promise<Athlete> => {
  const found = (await ask<Athlete[]>(page, '/athletes')).find((one) => one.name === name);
  if (!found) throw new Error(`Nobody here is called ${name}.`);
  return found;
};

test.describe('what is kept of people', () => {
  test('one’s data is given out as a page and a file, and erased: gone from every open page, and who did it stands there', async ({
    coach,
  }) => {
    const seen = watchPage(coach);
    await addAthlete(coach, 'Kept Ada', 170, { focus: 'split-late' });
    await addAthlete(coach, 'Kept Bo', 180);
    const { id } = await named(coach, 'Kept Ada');
    await coach.goto(`/people/${id}`);
    await coach.getByRole('link', { name: 'all that is kept' }).click();
    await expect(coach.getByRole('heading', { name: 'Kept of Kept Ada' })).toBeVisible();
    await expect(coach.getByRole('row', { name: 'height 170 cm' })).toBeVisible();
    await accessible(coach);
    const [file] = await Promise.all([coach.waitForEvent('download'), coach.getByRole('button', { name: 'save as a file' }).click()]);
    const out = GivenOut.parse(JSON.parse(readFileSync(await file.path(), 'utf8')));
    expect([out.athlete.name, out.athlete.height, out.runs.length]).toEqual(['Kept Ada', 1.7, 0]);
    expect(JSON.stringify(out)).not.toContain('Kept Bo');

    // The name stands in a session too, which is said and not changed.
    const { sampleSession } = await import('@hopsk/contract/testing/samples');
    const session = { ...sampleSession, id: crypto.randomUUID(), version: 0, name: 'For Kept Ada', athletes: [id] };
    await put(coach, `/sessions/${session.id}`, session);
    const other = await coach.context().newPage();
    await other.goto('/people');
    await expect(other.getByText('Kept Ada')).toBeVisible();

    await coach.getByRole('button', { name: 'erase …' }).click();
    const dialog = coach.getByRole('dialog');
    await expect(dialog).toContainText('The name also stands in one place');
    await dialog.getByRole('textbox').fill('Kept Bo');
    await dialog.getByRole('button', { name: 'erase for good' }).click();
    await expect(dialog.getByRole('alert')).toHaveText('type the name: Kept Ada');
    await dialog.getByRole('button', { name: 'keep' }).click();
    await expect(dialog).toBeHidden();
    await expect(coach.getByText('a session: For Kept Ada')).toBeVisible();
    expect((await named(coach, 'Kept Ada')).id).toBe(id);

    await coach.getByRole('button', { name: 'erase …' }).click();
    await dialog.getByRole('textbox').fill('Kept Ada');
    await dialog.getByRole('button', { name: 'erase for good' }).click();
    await expect(coach.getByRole('heading', { name: 'People' })).toBeVisible();
    for (const page of [coach, other]) {
      await expect(page.getByText('Kept Ada')).toHaveCount(0);
      await expect(page.getByText('Kept Bo')).toBeVisible();
    }
    expect((await ask<{ id: string; athletes: string[] }[]>(coach, '/sessions')).find((one) => one.id === session.id)?.athletes).toEqual(
      [],
    );

    await coach.goto('/club');
    await coach.getByRole('link', { name: 'how long what is kept, and who looked at whom' }).click();
    await expect(coach.getByRole('row').filter({ hasText: 'erased' }).first()).toContainText('somebody who was erased');
    await expect(coach.getByRole('row').filter({ hasText: 'gave out' }).first()).toBeVisible();
    await accessible(coach);
    expect(seen).toEqual([]);
  });

  test('how long what is kept is the club’s to say; less is asked about, and what is typed wrong is not taken', async ({ coach }) => {
    await coach.goto('/club/people');
    const looks = coach.getByLabel('who looked at whom', { exact: true });
    await looks.fill('0');
    await coach.getByRole('button', { name: 'save' }).click();
    await expect(coach.getByRole('alert')).toContainText('between 1 and 600');
    await looks.fill('12');
    await coach.getByRole('button', { name: 'save' }).click();
    await coach.getByRole('button', { name: 'leave it as it is' }).click();
    expect((await ask<{ looks: number }>(coach, '/people-rules')).looks).toBe(24);
    await looks.fill('36');
    await coach.getByRole('button', { name: 'save' }).click();
    await expect(coach.getByText('Saved.')).toBeVisible();
    await coach.reload();
    await expect(looks).toHaveValue('36');
  });

  test('a caution of a child waits for a guardian’s agreement: what was typed stays until it is there', async ({ coach }) => {
    await addAthlete(coach, 'Kept Child', 140);
    const { id } = await named(coach, 'Kept Child');
    await coach.goto(`/people/${id}`);
    await expect(coach.getByLabel('a guardian agreed on')).toHaveCount(0);
    await choose(coach, 'age group', '10–12');
    await coach.getByRole('button', { name: 'add a caution' }).click();
    await coach.getByLabel('note').fill('left heel');
    await coach.getByLabel('note').blur();
    await expect(coach.getByText('needed before cautions of somebody under 16 are kept')).toBeVisible();
    await coach.getByRole('button', { name: 'save', exact: true }).click();
    await expect(coach.getByRole('alert').filter({ hasText: 'is needed before cautions' }).first()).toBeVisible();
    expect((await named(coach, 'Kept Child')).cautions).toEqual([]);
    await expect(coach.getByLabel('note')).toHaveValue('left heel');
    await coach.getByLabel('a guardian agreed on').fill('2026-11-02');
    await save(coach);
    const kept = await named(coach, 'Kept Child');
    expect([kept.agreed, kept.cautions[0]?.note]).toEqual(['2026-11-02', 'left heel']);
  });
});
