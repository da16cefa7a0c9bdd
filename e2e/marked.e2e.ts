import { randomUUID } from 'node:crypto';
import type { ClubFile } from '@hopsk/contract/club-file';
import type { PatternSave } from '@hopsk/contract/pattern-draft';
import { samplePattern } from '@hopsk/contract/testing/samples';
import { all as w } from '@hopsk/words/marked/all';
import type { Page } from '@playwright/test';
import { season } from '../demo/src/season.js';
import { OwnHouse } from './own-house.js';
import { expect, test } from './support.js';
import { takeIn } from './take-in.js';

/**
 * The whole interface in the marked language: a word that is not marked was written in the wrong place. People's own text is
 * Greek here, the notation says that it is not to be translated, and what is quoted is one of the two.
 */
test.use({ locale: 'en-XA' });

/** Fields that hold what people typed. */
const OWN = ['name', 'why', 'sport', 'note', 'tags', 'cues', 'cautions', 'theme', 'what', 'when', 'reAim', 'kit', 'expects'];
const LATIN = 'abcdefghijklmnopqrstuvwxyz';
const GREEK = 'αβκδεφγχιικλμνοπκρστυβωξυζ';
const greek = (text: string): string => [...text.toLowerCase()].map((letter) => GREEK[LATIN.indexOf(letter)] ?? letter).join('');

/** The same with people's own text in Greek letters. */
function inGreek<T>(of: T, own = false): T {
  if (typeof of === 'string') return (own ? greek(of) : of) as T;
  if (Array.isArray(of)) return of.map((one: unknown) => inGreek(one, own && typeof one === 'string')) as T;
  if (typeof of !== 'object' || of === null) return of;
  return Object.fromEntries(Object.entries(of).map(([key, one]) => [key, inGreek<unknown>(one, OWN.includes(key))])) as T;
}

/** Words on the page that nobody marked, each with what it stands in: what is seen, and what a screen reader says. */
const unmarked = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const said: string[] = [document.title];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_ELEMENT | NodeFilter.SHOW_TEXT, (node) =>
      node instanceof Element && node.matches('script, noscript, style, [translate="no"]')
        ? NodeFilter.FILTER_REJECT
        : NodeFilter.FILTER_ACCEPT,
    );
    for (let node = walker.nextNode(); node; node = walker.nextNode())
      if (node instanceof Element)
        for (const name of ['aria-label', 'title', 'placeholder', 'alt']) said.push(node.getAttribute(name) ?? '');
      else said.push(node.textContent ?? '');
    return said.filter((text) => /[A-Za-z]{2,}/.test(text.replace(/‘[^’]*’/g, ''))).map((text) => text.trim().slice(0, 90));
  });

const isMarked = (page: Page) => expect.poll(() => unmarked(page)).toEqual([]);
const press = (page: Page, name: string) =>
  page
    .getByRole('button', { name, exact: true })
    .or(page.getByRole('tab', { name, exact: true }))
    .first()
    .click();

/** What can be chosen is only there once it is asked for. Of boxes of one name with one choice, as rows of a table have, the first. */
async function everyChoice(page: Page): Promise<void> {
  const seen = new Set<string>();
  for (const box of await page.locator('mat-select').all()) {
    const name = (await box.getAttribute('aria-label')) ?? '';
    const shown = `${name} ${await box.textContent()}`;
    if (seen.has(shown)) continue;
    seen.add(shown);
    await expect(async () => {
      if ((await box.getAttribute('aria-expanded')) !== 'true') await box.press('Enter');
      await page.getByRole('listbox').waitFor({ timeout: 5_000 });
    }, name).toPass();
    await isMarked(page);
    await page.keyboard.press('Escape');
    await page.getByRole('listbox').waitFor({ state: 'detached' });
  }
}

/** A house with the demo club, all that its people typed in Greek; the page is signed in. */
/** A pattern that was saved with the first language, and reads otherwise today. */
const earlier = (): PatternSave => ({
  ...samplePattern,
  id: randomUUID(),
  version: 0,
  name: 'In tens',
  steps: 'advance 3x10',
  language: 1,
  engine: 1,
});

async function greekHouse(page: Page): Promise<{ house: OwnHouse; file: ClubFile }> {
  const house = await OwnHouse.empty();
  await page.goto(`${house.url}/enter`);
  await page.locator('form').waitFor();
  await isMarked(page);
  const headers = { origin: house.url };
  const coach = { club: 'Λέσχη', name: 'Ρούνα', email: 'a@b.test', password: 'rope and chalk dust' };
  expect((await page.request.post(`${house.url}/api/setup`, { data: coach, headers })).status()).toBe(201);
  const token = (await page.context().cookies()).find((cookie) => cookie.name === 'XSRF-TOKEN')?.value ?? '';
  const demo = season('2026-11-14');
  const file = inGreek({ ...demo, patterns: [...demo.patterns, earlier()], runs: demo.runs.slice(-12) });
  const send = async (method: 'GET' | 'POST', path: string, data?: object): Promise<unknown> =>
    (await page.request.fetch(`${house.url}/api${path}`, { method, data, headers: { ...headers, 'x-xsrf-token': token } })).json();
  const { counts } = await takeIn(send, file);
  expect(counts.athletes).toEqual({ added: file.athletes.length, known: 0 });
  return { house, file };
}

/** A dialog that was asked for: it is looked at once it is there, and gone before anything else is done. */
async function markedDialog(page: Page): Promise<void> {
  await page.getByRole('dialog').waitFor();
  await isMarked(page);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
}

/** What a coach opens on a screen beside what stands there at once. */
const ACTS: Readonly<Record<string, (page: Page) => Promise<void>>> = {
  studio: async (page) => {
    for (const panel of [w.steps.whatIf, w.steps.compare, w.steps.about, w.steps.look, w.steps.moves]) {
      await press(page, panel);
      await isMarked(page);
    }
    // Wrong input: a word that is none, and a step that goes wrong.
    await page.locator('hop-line [contenteditable]').fill('wobble, shuffle right 80 cm left foot first, pivot, lunge ahead 9 m, split 0');
    await page.locator('.finding').nth(1).waitFor();
    await isMarked(page);
    await press(page, w.steps.more);
    await page.getByRole('menuitem').first().waitFor();
    await isMarked(page);
  },
  workshop: async (page) => {
    await page.locator('button.title').nth(2).click();
    await isMarked(page);
    await everyChoice(page);
    const dose = page.getByPlaceholder('3 × 8, rest 20 s').first();
    await dose.fill('3 × 30 s, later');
    await dose.blur();
    await page.locator('.problem').first().waitFor();
    await isMarked(page);
    await press(page, w.build.fit);
    await page.locator('hop-fit-table').waitFor();
    await isMarked(page);
    await press(page, w.build.more);
    await page.getByRole('menuitem').first().waitFor();
    await isMarked(page);
  },
  floor: async (page) => {
    await press(page, greek('Side wall and home'));
    await isMarked(page);
    await page.locator('button.start').click();
    await page.locator('[data-fault]').first().waitFor();
    await isMarked(page);
    await press(page, w.run.more);
    await markedDialog(page);
    await page.keyboard.press('?');
    await markedDialog(page);
    await page.locator('[data-fault]').first().click();
    await press(page, w.run.end);
    await page.getByRole('dialog').waitFor();
    await isMarked(page);
    await press(page, w.run.endYes);
    await page.getByRole('heading', { name: w.run.summary }).waitFor();
    await isMarked(page);
  },
};

test('in the marked language every word of every screen is marked', async ({ page }) => {
  test.setTimeout(300_000);
  const { house, file } = await greekHouse(page);
  try {
    const [pattern, session] = [file.patterns[0]?.id, file.sessions[0]?.id];
    const screens: readonly (readonly [path: string, drawn: string, act?: string])[] = [
      ['/today', 'hop-today h2'],
      ['/people', 'a[href^="/people/"]'],
      [`/people/${file.athletes[1]?.id}`, 'hop-cautions-form fieldset'],
      ['/people/new', 'hop-cautions-form'],
      ['/stance', 'hop-stance-drawing svg'],
      ['/steps', 'hop-otherwise-note p'],
      ['/steps/otherwise', 'hop-otherwise hop-thumb svg .print'],
      ['/starters', 'hop-thumb svg .print'],
      [`/steps/${pattern}`, 'hop-floor .chip', 'studio'],
      [`/steps/${pattern}/card`, 'svg'],
      ['/build', 'a[href^="/build/"]'],
      ['/build/new', 'hop-start-from ol li'],
      ['/build/grid', 'hop-grid-map tbody tr'],
      ['/build/playbooks', 'hop-playbooks section'],
      [`/build/${session}`, 'hop-thumb svg', 'workshop'],
      [`/build/${session}/print`, 'hop-sheets tbody tr'],
      ['/floor', 'hop-run-rows li', 'floor'],
      [`/floor/runs/${file.runs[0]?.run.id}`, 'tr td'],
      ['/film', 'hop-film .empty'],
      ['/faults', 'hop-rate-chart svg'],
      [`/build/new?from=book&athlete=${file.athletes[0]?.id}`, 'hop-start-from ol li'],
      ['/faults/season', 'hop-season tbody tr'],
      ['/faults/report', 'hop-report article'],
      ['/faults/everybody', 'hop-everybody h2'],
      ['/faults/causes', 'hop-causes :is(.empty, hop-cause-chart svg)'],
      ['/faults/load', 'hop-load tbody tr'],
      ['/faults/coverage', 'hop-coverage tbody tr'],
      ['/faults/log', 'hop-log-import textarea'],
      ['/faults/numbers', 'hop-numbers fieldset'],
      ['/faults/group', 'hop-group :is(.empty, tbody tr)'],
      ['/club/faults', 'hop-own-faults nav li'],
      ['/club', 'input[type="password"]'],
    ];
    for (const [path, drawn, act] of screens)
      await test.step(path, async () => {
        await page.goto(`${house.url}${path}`);
        await page.locator(drawn).first().waitFor();
        await isMarked(page);
        await everyChoice(page);
        if (act) await ACTS[act]?.(page);
      });
  } finally {
    await house.close();
  }
});
