import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import type { Athlete } from '@hopsk/contract/people';
import type { Page } from '@playwright/test';
import { accessible, addAthlete, ask, choose, expect, put, send, test, onLastDay } from './support.js';

/** Thirty splits, one every four seconds. */
const PLAN = {
  dose: { mode: 'seconds', work: 120, rounds: 1, sets: 1, rest: 0, setRest: null },
  rep: { seconds: 4, chances: { split: [0], repetition: [0] } },
};
const LEAD_IN = 5;

/** An evening a week, from so manieth week on, in which somebody was watched for thirty splits, of which so many came late. */
async function season(page: Page, athlete: string, from: number, late: readonly number[]): Promise<void> {
  for (const [n, times] of late.entries()) {
    const startedAt = new Date(Date.UTC(2026, 5, 1 + 7 * (from + n), 18)).toISOString();
    const id = randomUUID();
    const head = {
      ...{ id, name: 'Splits', day: startedAt.slice(0, 10), startedAt, patternId: null, sessionId: null, steps: 'split' },
      ...{ tapDelay: 1, athletes: [athlete], plan: PLAN },
    };
    await put(page, `/runs/${id}`, head);
    let seq = 0;
    const event = (seconds: number, body: object): object => {
      seq++;
      const m = (LEAD_IN + seconds) * 1000;
      return { ...body, id: randomUUID(), device: `bag-${id}`, seq, order: seq, m, at: Date.parse(startedAt) + m };
    };
    const tap = { kind: 'fault', fault: 'split-late', side: 'left', athlete, source: 'floor', clip: null, shown: null };
    const events = [
      event(-LEAD_IN, { kind: 'board', faults: ['split-late'] }),
      event(-LEAD_IN, { kind: 'watch', athlete }),
      event(-LEAD_IN, { kind: 'go', answers: null }),
      ...Array.from({ length: times }, (_, i) => event(4 * i + 2, tap)),
      event(121, { kind: 'end', answers: null }),
    ];
    await send(page, 'post', `/runs/${id}/events`, { events, m: (LEAD_IN + 121) * 1000 });
  }
}

test('a season of one fault: new, recurring, fading, cleared, back again; each says its numbers, and changes at reviews only', async ({
  coach,
}) => {
  await addAthlete(coach, 'Seasoned Ada', '170 cm');
  const { id } = (await ask<Athlete[]>(coach, '/athletes')).find(({ name }) => name === 'Seasoned Ada') as Athlete;
  let weeks = 0;
  const then = async (late: readonly number[], state: string, why: RegExp): Promise<void> => {
    await season(coach, id, weeks, late);
    weeks += late.length;
    await coach.goto('/faults');
    await choose(coach, 'of', 'Seasoned Ada');
    await expect(coach.locator('.one h2 .tag')).toHaveText(state);
    await expect(coach.locator('.one .lead')).toHaveText(why);
  };
  await then([14, 15, 16], 'new', /^New: seen on 3 evenings\. Next review after 1 more evening that could show it\.$/);
  await then([13], 'recurring', /^It recurs: seen in 4 of the last 4 evenings .* Next review after 4 more evenings/);
  await then([3, 2], 'recurring', /Next review after 2 more evenings/);
  await then([3, 2], 'fading', /^It fades, more than by chance: was 48 per 100, now 8: fewer by 40, between \d+ and \d+\./);
  await expect(coach.locator('.one')).toContainText(/In the last evenings 8 per 100, before 48: lower by 40, between/);
  await then(
    [0, 0, 0, 0],
    'cleared',
    /^Cleared: not seen in the last 120 attempts on 4 evenings: at most \d per 100, and under 10 counts as gone\./,
  );
  await then([5, 6, 4, 7], 'back again', /^It was cleared, and is back: seen in 4 of the last 4 evenings that could show it\./);
  await expect(coach.locator('.list h2')).toHaveText(['What to fix first', 'back again']);
  await expect(coach.locator('.list .first')).toContainText(/split late\s*18 per 100 lately, for 16 evenings\./);
  // An evening that does not go on as those before is marked in the table behind the chart.
  await expect(coach.getByRole('row').filter({ hasText: 'outside it' }).first()).toBeVisible();
  const [saved] = await Promise.all([coach.waitForEvent('download'), coach.getByRole('button', { name: 'save as CSV' }).click()]);
  const csv = readFileSync(await saved.path(), 'utf8').split('\r\n');
  expect(saved.suggestedFilename()).toBe('Faults-2026-06-01-2026-09-14.csv');
  expect([csv[0], csv[1], csv.length]).toEqual([
    'day,evening,fault,attempts,faulty,noted,left,right',
    '2026-06-01,,split-late,30,14,0,14,0',
    17,
  ]);
  // Each evening's late splits were the first of its round, all tapped on the left.
  const shows = coach.locator('hop-fault-detail');
  await expect(shows).toContainText(/In the last third of a round 0 per 100, in the first \d+: lower by \d+, between/);
  await expect(shows).toContainText(/More on the left: \d+ of \d+ taps with a side on the left, 100 of 100/);
  await expect(shows.getByRole('row').filter({ hasText: 'first third' })).toHaveCount(1);
  await accessible(coach);
});

/** What the demo club's book tells of whom. */
const STORY = [
  ['Ines', 'split late', /It fades, more than by chance: was \d+ per 100, now \d+: fewer by/],
  ['Kjell', 'long step', /Since the break of 5 weeks, .* per 100, in the evenings before it \d+: higher by/],
  ['Teyo', 'split late', /On the left in the last third \d+ per 100, in the first \d+: higher by/],
  ['Samira', 'slow first', /heels down, more than by chance: with it in .* occasions, .* Often its cause\./],
] as const;

test('the demo club’s story: who improved, who relapsed after a break, whose left side fails when tired, whose slow start are the heels', async ({
  coach,
}) => {
  for (const [name, fault, told] of STORY) {
    await coach.goto('/faults');
    await choose(coach, 'of', name);
    await coach.locator('.list table').getByRole('button', { name: fault }).click();
    await expect(coach.locator('.one')).toContainText(told);
  }
  // The root is named, and not beside it what it drags along.
  await expect(coach.locator('.first button')).toHaveText(['heels down', 'follow uneven']);
  // Once all runs are split up, nothing is said to be left out; another split is one choice away.
  await expect(coach.getByText(/still being split up/)).toHaveCount(0);
  await choose(coach, 'split by', 'what was done');
  const rows = coach.locator('hop-fault-detail tbody tr');
  await expect(rows.filter({ hasText: /third/ })).toHaveCount(0);
  await expect.poll(() => rows.count()).toBeGreaterThan(1);
});

test('a coach decides: what is typed outlives a reload and a dead network, stays with why and what came after, and is taken back', async ({
  coach,
}) => {
  await addAthlete(coach, 'Decided Ada', '170 cm');
  const { id } = (await ask<Athlete[]>(coach, '/athletes')).find(({ name }) => name === 'Decided Ada') as Athlete;
  await season(coach, id, 0, [14, 15, 16, 13]);
  const book = `/faults?athlete=${id}`;
  const decide = coach.locator('hop-decide');
  await coach.goto(book);
  await expect(decide).toContainText('running test: step back, after');
  await decide.getByText('step back', { exact: true }).last().click();
  await choose(coach, 'by which rule', 'running test');
  await decide.getByLabel('why', { exact: true }).fill('Half the tempo first');
  await coach.reload();
  await expect(decide.getByLabel('why', { exact: true })).toHaveValue('Half the tempo first');
  await coach.context().setOffline(true);
  await decide.getByRole('button', { name: 'keep it' }).click();
  await expect(decide.getByRole('alert')).toContainText('What you typed is kept here');
  await coach.context().setOffline(false);
  await decide.getByRole('button', { name: 'keep it' }).click();
  await expect(decide.getByRole('status')).toHaveText('Kept.');
  await expect(decide.locator('li')).toHaveCount(1);
  await expect(decide.locator('li')).toContainText('Half the tempo first');
  await expect(decide).toContainText('running test: step back');
  await expect(decide.locator('li')).toContainText('Not watched since.');
  await expect(decide.getByLabel('why', { exact: true })).toHaveValue('');
  // The next evenings say what came after it, and begin the running test anew.
  await season(coach, id, 4, [3, 2]);
  await coach.goto(book);
  await expect(decide.locator('li')).toContainText(
    '5 of 60 on 2 evenings since. That is 8 per 100, in the evenings before 48: lower by 40,',
  );
  await expect(decide).toContainText('The running test began anew after 2026-06-22.');
  // The next session does what was decided, and says why.
  await coach.getByRole('link', { name: 'build the next session' }).click();
  await expect(coach.locator('aside')).toContainText('Last time, 2026-07-06: split late 7 per 100.');
  await expect(coach.locator('aside li').first()).toContainText(
    'split late: 28 per 100 lately, for 6 evenings; step back, decided on 2026-06-22.',
  );
  await coach.getByRole('button', { name: /^take \d+ stages$/ }).click();
  await expect(coach).toHaveURL(/\/build\/[0-9a-f-]{36}$/);
  await expect(coach.locator('main')).toContainText('split late');
  await coach.goto(book);
  await coach.getByRole('link', { name: 'the season' }).click();
  const map = coach.getByRole('table');
  await expect(map.getByRole('row', { name: /^split late/ }).locator('td')).toHaveText([/^\s*47\s*$/, /50/, /53/, /43\s*back/, /10/, /7/]);
  await accessible(coach);
  await coach.getByRole('button', { name: 'take back' }).click();
  await coach.getByRole('dialog').getByRole('button', { name: 'take back' }).click();
  await expect(coach.locator('hop-decision-list .tag')).toHaveText('taken back');
  await expect(map).not.toContainText('back');
});

test('every evening opens the taps behind it; one that is corrected says who said what, and the book counts it so', async ({ coach }) => {
  await addAthlete(coach, 'Tapped Ada', '170 cm');
  const { id } = (await ask<Athlete[]>(coach, '/athletes')).find(({ name }) => name === 'Tapped Ada') as Athlete;
  await season(coach, id, 0, [14, 5]);
  await coach.goto(`/faults/season?athlete=${id}`);
  await coach
    .getByRole('row', { name: /^split late/ })
    .getByRole('link', { name: /^14 of 30: 47 per 100/ })
    .click();
  const behind = coach.locator('hop-evening-runs');
  await expect(behind.getByRole('row', { name: /^Splits/ }).locator('td')).toHaveText(['14', '30', '', '', 'taps']);
  await choose(coach, 'evening', '2026-06-08', behind);
  await expect(behind.getByRole('row', { name: /^Splits/ }).locator('td')).toHaveText(['5', '30', '', '', 'taps']);
  await accessible(coach);
  await behind.getByRole('link', { name: 'taps' }).click();
  const taps = coach.locator('hop-review tr:has(button)');
  await expect(taps).toHaveCount(5);
  await choose(coach, 'was in truth', 'split high', taps.first());
  // It was tapped as what was asked for: it stays in sight, with what was said of it.
  await expect(taps.first().locator('.trace li')).toHaveText([/Runa: tapped as split late$/, /Runa: split high, left in truth$/]);
  await choose(coach, 'was in truth', 'tall', taps.nth(1));
  await expect(taps).toHaveCount(5);
  await coach.goto(`/faults?athlete=${id}&fault=split-late&day=2026-06-08`);
  await expect(
    behind
      .getByRole('row', { name: /^Splits/ })
      .locator('td')
      .first(),
  ).toHaveText('3');
  await coach.goto(`/faults?athlete=${id}&fault=tall`);
  await expect(behind.getByRole('row', { name: /^Splits/ }).locator('td')).toHaveText(['0', '0', '', '1', 'taps']);
  await behind.getByRole('link', { name: 'taps' }).click();
  await expect(coach.locator('hop-review')).toContainText('1 of 5 taps: those of one athlete and fault.');
  await coach.getByRole('link', { name: 'show all taps' }).click();
  await expect(taps).toHaveCount(5);
});

test('a report says in plain words what holds and what to work on, with a word from the coach that outlives a reload', async ({
  coach,
}) => {
  await onLastDay(coach);
  const { id } = (await ask<Athlete[]>(coach, '/athletes')).find(({ name }) => name === 'Ines') as Athlete;
  await coach.goto(`/faults?athlete=${id}`);
  await coach.getByRole('link', { name: 'report' }).click();
  const sheet = coach.locator('article');
  await expect(sheet).toContainText('For Ines');
  await expect(sheet.getByRole('listitem').filter({ hasText: 'split late' })).toContainText(
    'less often than before: about 5 of 10 tries then',
  );
  await expect(sheet.locator('h3')).toHaveCount(2);
  await expect(sheet.locator('hop-stance-drawing svg')).toBeVisible();
  await coach.getByLabel('a word from the coach').fill('Well done, all of you.');
  await coach.reload();
  await expect(sheet.locator('.word')).toHaveText('Well done, all of you.');
  await choose(coach, 'with the pattern', 'Front corner and home');
  await expect(sheet.locator('hop-floor svg')).toBeVisible();
  await accessible(coach);
  await coach.emulateMedia({ media: 'print' });
  await expect(coach.getByLabel('a word from the coach')).toBeHidden();
  await expect(coach.getByRole('button', { name: 'print' })).toBeHidden();
});

test('the group side by side: who shows what, whom to watch next, who can work together; each number opens the book it stands for', async ({
  coach,
}) => {
  await onLastDay(coach);
  await coach.goto('/faults');
  await coach.getByRole('link', { name: 'the group' }).click();
  await expect(coach.getByRole('heading', { name: 'Faults of the group' })).toBeVisible();
  const rows = coach.locator('.map tbody tr');
  await expect(rows.filter({ hasText: 'Ines' })).toHaveCount(1);
  await choose(coach, 'in the last', /^year$/);
  // By a fault: who surely shows it most first, each time.
  const head = coach.getByRole('columnheader', { name: 'split late' });
  await head.getByRole('button').click();
  await expect(head).toHaveAttribute('aria-sort', 'descending');
  const column = 1 + (await coach.locator('.map thead th').allInnerTexts()).findIndex((text) => text.trim() === 'split late');
  const lows = async (): Promise<number[]> => {
    const said = await rows.locator(`:nth-child(${column}) a`).evaluateAll((all) => all.map((one) => one.getAttribute('aria-label') ?? ''));
    return said.map((one) => Number(/between (\d+) and/.exec(one)?.[1] ?? -1));
  };
  await expect.poll(async () => (await lows()).length).toBeGreaterThan(2);
  const all = await lows();
  expect(all).toEqual([...all].sort((a, b) => b - a));
  // A number is that of the athlete's own book, which it opens.
  const cell = rows.first().locator(`:nth-child(${column}) a`);
  const [, faulty, of] = /^(\d+) of (\d+):/.exec((await cell.getAttribute('aria-label')) ?? '') ?? [];
  const who = await rows.first().getByRole('rowheader').innerText();
  await cell.click();
  await expect(coach.locator('.one h2').first()).toContainText('split late');
  await expect(coach.getByRole('combobox', { name: 'of' })).toContainText(who);
  await expect(coach.locator('.one')).toContainText(`${faulty} of ${of} attempts`);
  await coach.getByRole('link', { name: 'the group' }).click();
  // Stations of two and more; with room for fewer there are no more than that.
  const stations = coach.locator('.stations');
  await expect(stations.getByRole('link').first()).toBeVisible();
  await choose(coach, 'room for', '1');
  await expect(stations.getByRole('link')).toHaveCount(1);
  expect((await stations.locator('h3 + p').first().innerText()).split(', ').length).toBeGreaterThan(1);
  const next = coach.locator('.next li');
  await expect.poll(() => next.count()).toBeGreaterThan(0);
  expect(await next.count()).toBeLessThanOrEqual(4);
  await accessible(coach);
  await next.first().getByRole('link').first().click();
  await expect(coach.getByRole('combobox', { name: 'of' })).toBeVisible();
});

test('one fault of everybody: who shows it, and what came after each decision, with too few said to be too few', async ({ coach }) => {
  await onLastDay(coach);
  await coach.goto('/faults/group');
  await coach.getByRole('link', { name: 'one fault of everybody' }).click();
  await choose(coach, 'fault', 'split late');
  const names = coach.locator('tbody th a');
  await expect(names).toContainText(['Teyo', 'Ines', 'Dario']);
  await expect(coach.locator('main')).toContainText(
    'step back 1 time: 1 surely rarer after it, 0 surely more often, 0 cannot be told from before. Too few to say',
  );
  await expect(coach.locator('main')).toContainText('Split alone to the beat before anything is fed');
  await accessible(coach);
  await choose(coach, 'fault', 'rises');
  await expect(coach.locator('main')).toContainText('Nothing was decided about it yet.');
  await coach.goto('/faults/everybody?fault=split-late');
  await names.filter({ hasText: 'Ines' }).click();
  await expect(coach.locator('.one h2').first()).toContainText('split late');
});
