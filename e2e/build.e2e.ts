import { readFileSync } from 'node:fs';
import type { Download, Locator, Page } from '@playwright/test';
import { sampleSession } from '@hopsk/contract/testing/samples';
import type { RunRow, RunWhole } from '@hopsk/contract/run';
import { SessionFile } from '@hopsk/contract/files';
import { type Session } from '@hopsk/contract/session';
import { runOn, runTo, stopClock, whoIsHere } from './plan-clock.js';
import {
  accessible,
  addAthlete,
  allSent,
  ask,
  choose,
  expect,
  keptForNoNetwork,
  keptOnDevice,
  put,
  save,
  savePattern,
  tapTile,
  test,
} from './support.js';

const tick = (page: Page) => page.clock.runFor(200);
const stages = (page: Page) => page.locator('hop-workshop ol > li');
const doses = (page: Page) => page.getByRole('textbox', { name: /^dose of/ });
/** The sum beside the bar, in seconds. */
const total = async (page: Page): Promise<number> => {
  const said = (await page.locator('hop-listen .total[aria-busy="false"]').innerText()).match(/(\d+):(\d\d)/);
  return Number(said?.[1]) * 60 + Number(said?.[2]);
};

async function saveAs(page: Page, name: string): Promise<void> {
  await page.getByLabel('name', { exact: true }).first().fill(name);
  await save(page);
}

/** Opens the details of a stage; pressed again, its title would close them. */
async function openStage(page: Page, which: Locator): Promise<void> {
  const title = which.locator('button.title');
  if ((await title.getAttribute('aria-expanded')) !== 'true') await title.click();
  await expect(title).toHaveAttribute('aria-expanded', 'true');
  await expect(page.getByLabel('explaining, s')).toHaveCount(1);
}

/** Explaining before a stage, in seconds. */
async function explains(page: Page, which: Locator, seconds: number): Promise<void> {
  await openStage(page, which);
  await page.getByLabel('explaining, s').fill(String(seconds));
  await page.getByLabel('explaining, s').blur();
}

async function fromMenu(page: Page, item: string): Promise<Download> {
  await page.getByRole('button', { name: 'more', exact: true }).click();
  const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('menuitem', { name: item }).click()]);
  return file;
}
const read = async (file: Download): Promise<string> => readFileSync(await file.path(), 'utf8');

test('a dose is typed as it is said: what was read stands beside it, what may be either is asked, what says nothing is marked', async ({
  coach,
}) => {
  await savePattern(coach, 'Doses as said', null);
  await coach.goto('/build/new');
  await choose(coach, 'a pattern', 'Doses as said');
  await coach.getByRole('button', { name: /^take \d+ stages/ }).click();
  const dose = doses(coach).first();
  await dose.fill('Three 3-minute rounds, one minute rest');
  const stage = stages(coach).first();
  await expect(stage.getByText('3 × 3 min, rest 60 s')).toBeVisible();
  await stage.getByRole('button', { name: 'take this over' }).click();
  await expect(dose).toHaveValue('3 × 3 min, rest 60 s');
  await expect(stage.getByText('read as')).toBeHidden();
  await dose.fill('5 x 3/1');
  await expect(stage.getByText('minutes or seconds?')).toBeVisible();
  await accessible(coach);
  await stage.getByRole('button', { name: '5 x 3 min/1 min' }).click();
  await expect(stage.getByText('5 × 3 min, rest 60 s')).toBeVisible();
  await dose.fill('10 rounds of 10 in 1 s');
  await expect(stage.getByText(/10 in 1 s is said, but they take/)).toBeVisible();
  await dose.fill('3 × 8, 20 s rest, with much joy');
  await expect(stage.getByText(/‘much joy’ is not understood/)).toBeVisible();
  await stage.getByRole('button', { name: 'write ‘3 × 8, rest 20 s’' }).click();
  await expect(dose).toHaveValue('3 × 8, rest 20 s');
});

test.describe('a coach’s evening', () => {
  test('is built from a pattern, fitted to 40 minutes, changed by hand, saved, printed and exported', async ({ coach }) => {
    test.slow();
    await addAthlete(coach, 'Build Ada', 170, { focus: 'split-late' });
    await savePattern(coach, 'Build this evening', null);
    await coach.goto('/build/new');
    await choose(coach, 'a pattern', 'Build this evening');
    await choose(coach, /^for$/, 'Build Ada');
    await coach.getByLabel('minutes').fill('40');
    await coach.getByLabel('minutes').blur();
    await expect(coach.locator('hop-start-from ol li').nth(5)).toBeVisible();
    await accessible(coach);
    await coach.getByRole('button', { name: /^take \d+ stages/ }).click();
    await expect(coach.locator('hop-thumb svg').nth(5)).toBeVisible();
    // Rests are asked for, never made up; the answer given once goes to all that ask.
    await expect(coach.getByText('Rest between rounds not decided: how long?').first()).toBeVisible();
    await coach.getByRole('button', { name: 'fit to the time' }).click();
    await expect(coach.getByRole('heading', { name: /^Decide first/ })).toBeVisible();
    await coach.getByLabel('rest', { exact: true }).fill('20');
    await coach.getByLabel('set rest', { exact: true }).fill('45');
    await coach.locator('hop-fit-table').getByLabel('change-over').fill('20');
    await coach.getByRole('button', { name: 'decide for all that ask' }).click();
    await expect(coach.getByRole('heading', { name: /^Fitted to the time/ })).toContainText('of 40:00');
    await accessible(coach);
    await coach.getByRole('button', { name: 'take it', exact: true }).click();
    await expect
      .poll(async () => {
        const seconds = await total(coach);
        return seconds > 600 && seconds <= 2400;
      })
      .toBe(true);
    await expect(coach.locator('.problem.asks')).toHaveCount(0);

    // By hand: a dose that cannot be, its nearest, another order by the keyboard.
    const last = doses(coach).last();
    await last.fill('3 × -8');
    await expect(stages(coach).last().locator('.problem.stop')).toBeVisible();
    await expect(last).toHaveValue('3 × -8');
    await last.fill('3 × 8 each side, rest 20 s');
    await expect(stages(coach).last().locator('.problem.stop')).toHaveCount(0);
    const first = await coach.locator('button.title').first().innerText();
    await coach.locator('button.handle').first().press('ArrowDown');
    await expect(coach.locator('button.title').nth(1)).toHaveText(first);
    await coach.getByRole('button', { name: 'take back' }).click();
    await expect(coach.locator('button.title').first()).toHaveText(first);
    await saveAs(coach, 'Evening by a pattern');
    const planned = await total(coach);
    await coach.reload();
    await expect.poll(() => total(coach)).toBe(planned);
    await expect(doses(coach).last()).toHaveValue('3 × 8 each side, rest 20 s');

    const json = SessionFile.parse(JSON.parse(await read(await fromMenu(coach, 'save as JSON'))));
    await expect(stages(coach)).toHaveCount(json.session.stages.length);
    expect(JSON.stringify(json)).not.toContain('Build Ada');
    const csv = (await read(await fromMenu(coach, 'timeline as CSV'))).split('\r\n');
    expect(csv[0]).toBe('at,clock,stage,name,set,round,repetition,side,kind,say,show,sound');
    expect(csv.at(-1)).toMatch(/,end,done,done,end$/);
    expect(await read(await fromMenu(coach, 'save as text'))).toContain('dose: 3 × 8 each side, rest 20 s');
    await coach.getByRole('button', { name: 'more', exact: true }).click();
    await coach.getByRole('menuitem', { name: 'sessions in a calendar' }).click();
    await coach.getByLabel('time zone').fill('The Moon');
    await expect(coach.getByRole('alert')).toContainText('no time zone');
    await coach.getByLabel('time zone').fill('Europe/Berlin');
    const [calendar] = await Promise.all([
      coach.waitForEvent('download'),
      coach.getByRole('button', { name: 'save the calendar file' }).click(),
    ]);
    expect((await read(calendar)).match(/BEGIN:VEVENT/g)?.length).toBe(8);

    await coach.getByRole('button', { name: 'more', exact: true }).click();
    await coach.getByRole('menuitem', { name: 'print' }).click();
    await expect(coach.locator('hop-sheets tbody tr')).toHaveCount(json.session.stages.length);
    await accessible(coach);
    await coach.getByRole('tab', { name: 'homework' }).click();
    await expect(coach.locator('hop-sheets hop-floor svg').first()).toBeVisible();
    await expect(coach.getByText('Ask yourself:').first()).toBeVisible();
    await coach.getByRole('tab', { name: 'calls', exact: true }).click();
    await expect(coach.locator('ol.calls li').first()).toBeVisible();
  });

  test('is built from a fault, run with its cues, and its taps stand beside the stage afterwards', async ({ coach }) => {
    test.slow();
    await addAthlete(coach, 'Fault Bea', 170, { focus: 'split-late' });
    await coach.goto('/build/new?fault=split-late');
    await choose(coach, /^for$/, 'Fault Bea');
    await expect(coach.locator('hop-start-from ol li').first()).toContainText('split late');
    const take = coach.getByRole('button', { name: /^take \d+ stages/ });
    const built = Number((await take.innerText()).match(/\d+/)?.[0]);
    await take.click();
    await expect(stages(coach)).toHaveCount(built);
    // Two stages are enough here: the first, and the change to the last; the others are taken out.
    for (let left = built; left > 2; left--) {
      await openStage(coach, stages(coach).nth(1));
      // Pressed twice it takes out one: what comes up under the thumb is another stage's.
      await coach.getByRole('button', { name: 'take this stage out' }).dblclick();
      await expect(stages(coach)).toHaveCount(left - 1);
    }
    await doses(coach).first().fill('2 × 20 s, rest 10 s');
    await doses(coach).last().fill('15 s');
    await coach.getByLabel('change-over').fill('10');
    await coach.getByLabel('change-over').blur();
    await explains(coach, stages(coach).first(), 5);
    await explains(coach, stages(coach).last(), 0);
    // 5 explaining, 20 + 10 + 20, 10 change, 15: counted by hand.
    await expect.poll(() => total(coach)).toBe(80);
    await saveAs(coach, 'Evening by a fault');
    const id = coach.url().split('/').at(-1);
    const start = await whoIsHere(coach);
    await stopClock(coach, start);
    await start.click();
    await expect.poll(async () => (await tick(coach), coach.locator('[data-fault]').count())).toBe(1);
    await runTo(coach, 2);
    await tick(coach);
    await expect(coach.locator('hop-clock-block')).toContainText('stage 1 of 2 · show, explain');
    await runTo(coach, 9);
    await tapTile(coach, 'split-late');
    await runTo(coach, 58);
    await tick(coach);
    await expect(coach.locator('hop-clock-block')).toContainText('stage 2 of 2 · change');
    await runTo(coach, 80.5);
    await expect.poll(async () => (await tick(coach), coach.getByRole('heading', { name: 'What was seen' }).count())).toBe(1);
    await expect(coach.getByRole('row', { name: /split late/ }).first()).toBeVisible();
    await allSent(coach, () => tick(coach));
    await coach.clock.resume();
    const row = (await ask<RunRow[]>(coach, '/runs')).find((one) => one.sessionId === id);
    const { run } = await ask<RunWhole>(coach, `/runs/${row?.id}`);
    expect('exercises' in run.plan && run.plan.exercises.length).toBe(2);
    const athlete = run.athletes[0] ?? '';
    const [record] = await ask<{ stage: string; sessions: { n: number; hits: number }[] }[]>(
      coach,
      `/stage-records?athlete=${athlete}&session=${id}`,
    );
    expect(record?.sessions[0]?.hits).toBe(1);
    await coach.goto(`/build/${id}`);
    await expect(coach.getByText(/^Record: /).first()).toBeVisible();
  });

  test('from a usual aim to a template and to an evening of its own', async ({ coach }) => {
    await coach.goto('/build/new');
    await coach.getByRole('tab', { name: 'a usual aim', exact: true }).click();
    await choose(coach, 'a usual aim', /^Front corner and home/);
    await coach.getByRole('button', { name: /^take \d+ stages/ }).click();
    await expect(stages(coach).first()).toBeVisible();
    await saveAs(coach, 'Aim to keep');
    await coach.getByRole('button', { name: 'more', exact: true }).click();
    await coach.getByRole('menuitem', { name: 'keep as a template' }).click();
    await expect(coach.getByText('not saved')).toBeVisible();
    await saveAs(coach, 'Template to keep');
    await coach.goto('/build');
    const row = coach.locator('li').filter({ hasText: 'Template to keep' });
    await row.getByRole('button', { name: 'begin from it' }).dblclick();
    await expect(stages(coach).first()).toBeVisible();
    await saveAs(coach, 'Evening from a template');
    const all = await ask<Session[]>(coach, '/sessions');
    expect(
      all
        .filter((one) => ['Aim to keep', 'Template to keep', 'Evening from a template'].includes(one.name))
        .map((one) => one.template)
        .sort(),
    ).toEqual([false, false, true]);
  });

  test('what was changed and not saved survives a reload; what somebody else saved meanwhile is said', async ({ coach, browser }) => {
    await coach.goto('/build/new');
    await coach.getByRole('tab', { name: 'an empty page', exact: true }).click();
    await coach.getByRole('button', { name: 'begin', exact: true }).click();
    await coach.getByRole('button', { name: 'empty stage' }).click();
    await doses(coach).first().fill('3 × 30 s, rest 20 s');
    await expect.poll(() => total(coach)).toBe(130);
    await saveAs(coach, 'Two coaches');
    const url = coach.url();
    // Typed before the other one saves: what nobody has changed yet is shown as it was saved last.
    await doses(coach).first().fill('5 × 30 s, rest 20 s');
    await keptOnDevice(coach, '5 × 30 s, rest 20 s');
    const other = await browser.newPage();
    await other.goto(url);
    await other.getByRole('button', { name: 'enter the demo club' }).click();
    await other.waitForURL(url);
    await doses(other).first().fill('4 × 30 s, rest 20 s');
    await save(other);
    await other.close();
    await coach.reload();
    await expect(doses(coach).first()).toHaveValue('5 × 30 s, rest 20 s');
    await coach.getByRole('button', { name: 'save', exact: true }).click();
    await expect(coach.getByRole('alert')).toBeVisible();
    await coach.getByRole('button', { name: 'save mine over it' }).click();
    await expect(coach.getByText('saved', { exact: true })).toBeVisible();
    await coach.getByRole('button', { name: 'more', exact: true }).click();
    await coach.getByRole('menuitem', { name: 'earlier versions' }).click();
    await coach.getByRole('button', { name: 'bring it back' }).last().click();
    await expect(doses(coach).first()).toHaveValue('3 × 30 s, rest 20 s');
  });

  test('what is pressed stays where it is while the session is worked out, on a laptop and on a phone', async ({ coach }) => {
    await coach.addInitScript(() => {
      const look = (): void => {
        const desk = document.querySelector('.desk');
        if (desk) document.body.dataset['tops'] = `${document.body.dataset['tops'] ?? ''} ${Math.round(desk.getBoundingClientRect().top)}`;
        requestAnimationFrame(look);
      };
      requestAnimationFrame(look);
    });
    await coach.goto('/build');
    await coach.getByRole('link', { name: 'Front corner, Tuesday' }).click();
    await coach.locator('.desk').waitFor();
    for (const size of [
      { width: 1280, height: 800 },
      { width: 390, height: 844 },
    ]) {
      await coach.setViewportSize(size);
      await coach.reload();
      await coach.locator('hop-listen').waitFor();
      const before = await coach.evaluate(
        () =>
          new Promise<string>((done) =>
            requestAnimationFrame(() => requestAnimationFrame(() => done(document.body.dataset['tops'] ?? ''))),
          ),
      );
      expect([...new Set(before.trim().split(' '))]).toHaveLength(1);
    }
  });

  test('a grid counts its variants and builds a session of those never done', async ({ coach }) => {
    await savePattern(coach, 'Grid of this', null);
    await coach.goto('/build/grid');
    await choose(coach, 'a pattern', 'Grid of this');
    await expect(coach.getByText('6 variants, 3 each = 18')).toBeVisible();
    await coach.getByRole('button', { name: 'racket, blade, gloves', exact: true }).click();
    await expect(coach.getByText('12 variants, 3 each = 36')).toBeVisible();
    await accessible(coach);
    await coach.getByRole('button', { name: 'build session 1' }).click();
    await expect(stages(coach)).toHaveCount(6);
  });

  test('from a file: what of it cannot be read is said, the rest is there', async ({ coach }) => {
    await coach.goto('/build');
    const box = coach.locator('input[type=file]');
    await box.setInputFiles({ name: 'odd.json', mimeType: 'application/json', buffer: Buffer.from('{"format": "other"}') });
    await expect(coach.getByText('This file holds no session. Nothing was changed.')).toBeVisible();
    await expect(coach.getByText(/file is not a Hopsk file of this kind/)).toBeVisible();
    const text =
      'change: soon\nminutes: 20\n\n== First\ndose: 3 × 30 s, rest 20 s\n\nsplit, shuffle right 40 cm\n\n== Second\ndose: 8\n\nsplit';
    await box.setInputFiles({ name: 'Monday.txt', mimeType: 'text/plain', buffer: Buffer.from(text) });
    await expect(stages(coach)).toHaveCount(2);
    await expect(coach.getByText('‘soon’ is no time; it was left open.')).toBeVisible();
    await expect(coach.getByLabel('name', { exact: true }).first()).toHaveValue('Monday');
    await expect(coach.getByLabel('minutes')).toHaveValue('20');
    await expect(coach.getByText('Change-over between exercises not decided: how long?')).toBeVisible();
  });
});

test.describe('without a network', () => {
  test.use({ serviceWorkers: 'allow' });

  test('a session with calls and freezes is run without a network, and what was tapped is sent afterwards', async ({ coach, context }) => {
    test.slow();
    await addAthlete(coach, 'Freeze Cid', 170);
    const athletes = await ask<{ id: string; name: string }[]>(coach, '/athletes');
    const cid = athletes.find((one) => one.name === 'Freeze Cid')?.id ?? '';
    const id = crypto.randomUUID();
    const called = { weight: 1, kind: 'move', expects: '' };
    await put(coach, `/sessions/${id}`, {
      ...sampleSession,
      id,
      version: 0,
      name: 'Frozen',
      athletes: [cid],
      stages: [
        {
          ...sampleSession.stages[0],
          name: 'Frozen calls',
          cueing: 'called',
          dose: '1 × 6 calls',
          explain: 0,
          calls: {
            alternatives: [
              { ...called, name: 'right', steps: 'split, shuffle right 40 cm', side: 'right' },
              { ...called, name: 'left', steps: 'split, shuffle left 40 cm', side: 'left' },
            ],
            order: 'random',
            longestRun: 2,
            interval: { low: 5, high: 5 },
            reaction: 0.4,
            weakSide: null,
            freezes: 1,
          },
        },
      ],
    });
    await coach.goto(`/build/${id}`);
    await expect.poll(() => total(coach)).toBe(30);
    await keptForNoNetwork(coach);
    const start = await whoIsHere(coach);
    await stopClock(coach, start);
    await context.setOffline(true);
    await start.click();
    await expect.poll(async () => (await tick(coach), coach.locator('[data-fault]').count())).toBe(1);
    await runTo(coach, 2.5);
    await tick(coach);
    await expect(coach.getByText('Frozen: could they go on?')).toBeVisible();
    await coach.getByRole('button', { name: 'could not' }).click();
    // It is shown when it is kept, and drawn at the tick after that.
    await expect.poll(async () => (await tick(coach), coach.getByText('Frozen: could they go on?').count())).toBe(0);
    // That it could not be sent is known after the tick in which it was tried.
    await expect.poll(async () => (await tick(coach), coach.getByText('kept here, not sent yet').count())).toBe(1);
    await runTo(coach, 31);
    await context.setOffline(false);
    await allSent(coach, () => runOn(coach, 3000));
    await coach.clock.resume();
    const row = (await ask<RunRow[]>(coach, '/runs')).find((one) => one.sessionId === id);
    const { run, events } = await ask<RunWhole>(coach, `/runs/${row?.id}`);
    const [freeze] = events.filter((one) => one.kind === 'freeze');
    expect(freeze?.kind === 'freeze' && [freeze.could, freeze.athlete]).toEqual([false, cid]);
    // The calls as they were really called are in the run, three of each.
    const said = 'exercises' in run.plan ? run.plan.cues.filter((cue) => cue.kind === 'call').map((cue) => cue.say) : [];
    expect([...said].sort()).toEqual(['left', 'left', 'left', 'right', 'right', 'right']);
  });
});
