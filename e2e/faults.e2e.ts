import { readFileSync } from 'node:fs';
import type { Athlete } from '@hopsk/contract/people';
import type { Page } from '@playwright/test';
import { OwnHouse } from './own-house.js';
import { season } from './season.js';
import { accessible, addAthlete, ask, choose, expect, keptOnDevice, onLastDay, test } from './support.js';

test('a season of one fault: new, recurring, fading, cleared, back again; each says its numbers, and changes at reviews only', async ({
  coach,
}) => {
  await addAthlete(coach, 'Seasoned Ada', 170);
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
  // The same on the map of causes, with how often the root is there without what comes of it.
  await coach.getByRole('link', { name: 'cause map' }).click();
  const map = coach.locator('hop-causes');
  await expect(map).toContainText(/heels down: in \d+ of \d+ occasions with ‘slow first’, and in \d+ of \d+ without/);
  await expect(map.getByRole('row', { name: /^heels down slow first come together/ })).toBeVisible();
  await expect(map.locator('hop-cause-chart svg')).toContainText('heels down');
  const [csv] = await Promise.all([coach.waitForEvent('download'), map.getByRole('button', { name: 'table as CSV' }).click()]);
  expect(readFileSync(await csv.path(), 'utf8')).toContain('heels down,slow first,come together');
  const [svg] = await Promise.all([coach.waitForEvent('download'), map.getByRole('button', { name: 'drawing as SVG' }).click()]);
  expect(readFileSync(await svg.path(), 'utf8')).toMatch(/^<\?xml[^]*slow first/);
  await map.getByRole('link', { name: 'slow first' }).click();
  await expect(coach.locator('.one h2')).toContainText('slow first');
  // What comes together opens the runs it was seen in, and they add up to it.
  const pair = coach.locator('hop-fault-detail dd').filter({ hasText: 'heels down' });
  await pair.getByRole('button', { name: 'heels down' }).click();
  await pair.getByRole('button', { name: /^show all/ }).click();
  const [, both = '', all = ''] = /with it in (\d+) of (\d+) occasions/.exec(await pair.innerText()) ?? [];
  const added = async (at: number): Promise<string> =>
    String((await pair.locator(`tbody td:nth-of-type(${at})`).allInnerTexts()).reduce((sum, n) => sum + Number(n), 0));
  await expect.poll(async () => [await added(1), await added(2)]).toEqual([both, all]);
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
  await addAthlete(coach, 'Decided Ada', 170);
  const { id } = (await ask<Athlete[]>(coach, '/athletes')).find(({ name }) => name === 'Decided Ada') as Athlete;
  await season(coach, id, 0, [14, 15, 16, 13]);
  const book = `/faults?athlete=${id}`;
  const decide = coach.locator('hop-decide');
  await coach.goto(book);
  await expect(decide).toContainText('running test: step back, after');
  await decide.getByText('step back', { exact: true }).last().click();
  await choose(coach, 'by which rule', 'running test');
  await decide.getByLabel('why', { exact: true }).fill('Half the tempo first');
  await keptOnDevice(coach, 'Half the tempo first');
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
  await addAthlete(coach, 'Tapped Ada', 170);
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
  // It is written once it stands there: whoever leaves before takes it along.
  await expect(taps.nth(1).locator('.trace li')).toHaveCount(2);
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

test('what is said afterwards of a run of another device is kept without a network and through a reload, and sent when there is one', async ({
  coach,
}) => {
  await addAthlete(coach, 'Afterwards Ada', 170);
  const { id } = (await ask<Athlete[]>(coach, '/athletes')).find(({ name }) => name === 'Afterwards Ada') as Athlete;
  await season(coach, id, 0, [3]);
  const behind = coach.locator('hop-evening-runs');
  await coach.goto(`/faults?athlete=${id}&fault=split-late&day=2026-06-01`);
  await behind.getByRole('link', { name: 'taps' }).click();
  const taps = coach.locator('hop-review tr:has(button)');
  await expect(taps).toHaveCount(3);
  await coach.route('**/api/**', (route) => route.abort('internetdisconnected'));
  await choose(coach, 'was in truth', 'tall', taps.first());
  await expect(taps.first().locator('.trace li')).toHaveText([/Runa: tapped as split late$/, /Runa: tall, left in truth$/]);
  await coach.reload();
  await expect(taps.first().locator('.trace li')).toHaveCount(2);
  await coach.unroute('**/api/**');
  await expect(async () => {
    await coach.goto(`/faults?athlete=${id}&fault=tall`);
    await expect(coach.locator('hop-book')).toContainText('noted 1', { timeout: 3000 });
  }).toPass();
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
    'less often than before: about 6 of 10 tries then',
  );
  await expect(sheet.locator('h3')).toHaveCount(2);
  await expect(sheet.locator('hop-stance-drawing svg')).toBeVisible();
  await coach.getByLabel('a word from the coach').fill('Well done, all of you.');
  await keptOnDevice(coach, 'Well done, all of you.');
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
  const names = coach.locator('section > .scroll tbody th a');
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

test('a kind of stage and what it was followed by: the evenings before against as many after, by hand', async ({ coach }) => {
  await addAthlete(coach, 'Begun Bix', 171);
  const { id } = (await ask<Athlete[]>(coach, '/athletes')).find(({ name }) => name === 'Begun Bix') as Athlete;
  // Kinds in which nobody else was watched for it.
  await season(coach, id, 0, [15, 15, 15, 15], { Splits: [] }, 'role');
  await season(coach, id, 4, [15, 3, 3, 3, 3], { Splits: [] }, 'pressure');
  await coach.goto('/faults/everybody?fault=split-late');
  const ofKind = (name: string) => coach.locator('details', { has: coach.getByText(name, { exact: true }) });
  const kind = ofKind('pressed');
  await expect(kind.locator('summary')).toContainText(
    '1 time: 1 surely rarer after it, 0 surely more often, 0 cannot be told from before.',
  );
  await kind.locator('summary').click();
  // By hand: fifteen of thirty before, three of thirty after.
  await expect(kind.locator('tbody tr')).toContainText(/Begun Bix\s*2026-06-29\s*50\s*10\s*−40/);
  await accessible(coach);
  // What was begun first has nothing before it.
  await ofKind('situations').locator('summary').click();
  await expect(ofKind('situations').locator('tbody tr')).toContainText('not watched on both sides of it');
});

test('read only a part of it: days, what was done, who watched; it stands in the address, and all of it is a press away', async ({
  coach,
}) => {
  await addAthlete(coach, 'Narrowed Noa', 168);
  const { id } = (await ask<Athlete[]>(coach, '/athletes')).find(({ name }) => name === 'Narrowed Noa') as Athlete;
  await season(coach, id, 0, [3, 6, 12]);
  await coach.goto(`/faults?athlete=${id}`);
  const told = coach.locator('.one');
  await expect(told).toContainText('21 of 90 attempts in 3 sessions');
  await coach.getByRole('button', { name: 'read only a part of it' }).click();
  await coach.getByLabel('from').fill('2026-06-05');
  await coach.getByLabel('from').blur();
  await expect(told).toContainText('18 of 60 attempts in 2 sessions');
  await expect(coach.getByRole('status').filter({ hasText: 'as if nothing else had been seen' })).toBeVisible();
  // What is decided goes by the whole book.
  await expect(coach.locator('hop-decide')).toHaveCount(0);
  await coach.reload();
  await expect(told).toContainText('18 of 60 attempts in 2 sessions');
  await choose(coach, 'what was done', 'Splits');
  await expect(told).toContainText('18 of 60 attempts in 2 sessions');
  await coach.goBack();
  await expect(coach.getByRole('combobox', { name: 'what was done' })).toHaveText('everything');
  await coach.getByLabel('from').fill('2026-08-01');
  await coach.getByLabel('from').blur();
  await expect(coach.getByRole('heading', { name: 'Nothing was watched in this part' })).toBeVisible();
  await coach.getByRole('button', { name: 'read all of it' }).click();
  await expect(told).toContainText('21 of 90 attempts in 3 sessions');
  await expect(coach.locator('hop-decide form')).toBeVisible();
  // A part that is no part is everything.
  await coach.goto(`/faults?athlete=${id}&kind=moon&from=yesterday`);
  await expect(told).toContainText('21 of 90 attempts in 3 sessions');

  // Behind each value of a split stand its runs, and behind each of them the taps.
  const detail = coach.locator('hop-fault-detail');
  await detail.getByRole('button', { name: 'first third' }).click();
  await expect(detail.getByRole('heading', { name: 'The runs behind ‘first third’' })).toBeVisible();
  const rows = detail.locator('hop-run-list tbody tr');
  await expect(rows).toHaveCount(3);
  const counted = await rows.evaluateAll((all) => all.map((row) => Number(row.querySelectorAll('td')[1]?.textContent)));
  const [attempts] = await detail.getByRole('row', { name: 'first third' }).locator('td').nth(2).allTextContents();
  expect(counted.reduce((sum, n) => sum + n, 0)).toBe(Number(attempts));
  await rows.first().getByRole('link', { name: 'taps' }).click();
  await expect(coach).toHaveURL(new RegExp(`/floor/runs/.*athlete=${id}&fault=split-late`));
  await expect(coach.locator('hop-review tr:has(button)')).toHaveCount(12);
});

test('a spreadsheet goes in: what each line becomes is seen first, a second time adds nothing; the log goes out as it came', async ({
  coach,
}) => {
  await addAthlete(coach, 'Tabled Tova', 171);
  await coach.goto('/faults/log');
  const form = coach.locator('hop-log-import');
  const table = [
    'Date;Name;Fault;Tries;Hits;Left;Round;Mood',
    '3.11.2026;Tabled Tova;Split late;20;6;4;1;fine',
    '10.11.2026;tabled tova;split-late;30;3;1;2;',
  ];
  await form
    .getByLabel('or paste it here')
    .fill([...table, '17.11.2026;Nobody Here;tall;20;1;;;', '17/11/2026;Tabled Tova;tall;20;21;;;'].join('\n'));
  await form.getByLabel('or paste it here').blur();
  await expect(form.getByRole('heading', { name: '2 rows read, 2 refused' })).toBeVisible();
  await expect(form.getByRole('status').first()).toHaveText('Columns that mean nothing here are left out: mood.');
  await expect(form.getByRole('row', { name: /^4 2026-11-17 Nobody Here/ })).toContainText(
    'refused: athlete ‘Nobody Here’ is not known here',
  );
  await expect(form.getByRole('row', { name: /^5/ })).toContainText('is more than there were attempts');
  await expect(form.getByRole('row', { name: /^2 2026-11-03/ })).toContainText('6 of 20');
  await expect(form.getByRole('row', { name: /^2026-11-10/ }).last()).toContainText(/new/);
  await accessible(coach);
  await form.getByRole('button', { name: 'add 2 evenings' }).click();
  await expect(form.getByText('2 evenings added.')).toBeVisible();
  await form.getByLabel('or paste it here').fill(table.join('\n'));
  await form.getByLabel('or paste it here').blur();
  await expect(form.getByText('there already: adds nothing')).toHaveCount(2);
  await expect(form.getByRole('button', { name: /^add/ })).toHaveCount(0);

  const { id } = (await ask<Athlete[]>(coach, '/athletes')).find(({ name }) => name === 'Tabled Tova') as Athlete;
  await coach.goto(`/faults?athlete=${id}`);
  await expect(coach.locator('.one')).toContainText('9 of 50 attempts in 2 sessions');
  // A row that was a mistake is taken back in its run.
  await choose(coach, 'evening', '2026-11-03');
  await coach.locator('hop-evening-runs').getByRole('link', { name: 'taps' }).click();
  const told = coach.locator('hop-told-rows');
  await expect(told.getByRole('row', { name: /^split late/ })).toContainText('6 of 20');
  await told.getByRole('button', { name: 'undo' }).click();
  await expect(told.locator('tr.gone')).toHaveCount(1);
  await coach.goto(`/faults/log?athlete=${id}`);
  const download = coach.waitForEvent('download');
  await coach.getByRole('button', { name: 'save as CSV' }).click();
  const csv = readFileSync(await (await download).path(), 'utf8')
    .trim()
    .split('\r\n');
  expect(csv[0]).toBe(
    'day,evening,athlete,fault,attempts,faulty,noted,left,right,stage,kind,cueing,implement,tempo,set,round,third,way,direction,view,opponent,source',
  );
  expect(csv.slice(1)).toEqual(['2026-11-10,,Tabled Tova,split-late,30,3,0,1,0,From a table,,,,,,2,,,,,,import']);
});

test('what was looked at and what never, and results beside clean feet, one thing against another', async ({ coach }) => {
  await addAthlete(coach, 'Covered Cleo', 169);
  const { id } = (await ask<Athlete[]>(coach, '/athletes')).find(({ name }) => name === 'Covered Cleo') as Athlete;
  await season(coach, id, 0, [3, 6], { Splits: ['in', 'in', 'out', 'in', 'in', 'in'], Drops: ['out', 'out', 'out', 'in', 'out', 'out'] });
  await coach.goto(`/faults?athlete=${id}`);
  await coach.getByRole('link', { name: 'what was looked at' }).click();
  await expect(coach.getByText('120 watched attempts on 2 evenings')).toBeVisible();
  await expect(coach.locator('hop-coverage li')).toHaveText(['from the front']);
  await expect(
    coach
      .getByRole('row', { name: /^Drops/ })
      .first()
      .locator('td'),
  ).toHaveText(['2', '60', '50']);
  await expect(coach.getByRole('row', { name: /^split late/ }).locator('td')).toHaveText(['120', '2', '2026-06-08']);
  await expect(coach.getByRole('row', { name: /^Splits 10 of 12/ })).toBeVisible();
  await expect(coach.getByText(/^Good, of 100: ‘Drops’ 17 per 100, ‘Splits’ 83: lower by 67, between/)).toBeVisible();
  await accessible(coach);
  await coach.getByLabel('from').fill('2026-06-05');
  await coach.getByLabel('from').blur();
  await expect(coach.getByText('60 watched attempts on 1 evening')).toBeVisible();
});

test('how hard an evening was is said on its run, outlives a reload, and is what the week weighs', async ({ coach }) => {
  await addAthlete(coach, 'Loaded Ada', 170);
  const { id } = (await ask<Athlete[]>(coach, '/athletes')).find(({ name }) => name === 'Loaded Ada') as Athlete;
  await season(coach, id, 0, [4, 3]);
  await coach.goto(`/faults?athlete=${id}`);
  await coach.getByRole('link', { name: 'load', exact: true }).click();
  const weeks = coach.locator('hop-load tbody tr');
  await expect(weeks.locator('td').nth(0)).toHaveText('0 of 1');
  await coach.getByRole('link', { name: '2026-06-08 Splits' }).click();
  const effort = coach.locator('hop-run-effort');
  await effort.getByLabel('minutes').fill('none');
  await effort.getByLabel('minutes').blur();
  await expect(effort).toContainText('is not a number');
  await effort.getByLabel('minutes').fill('80');
  await effort.getByLabel('minutes').blur();
  await choose(coach, 'Loaded Ada', /^7/, effort);
  await expect(effort.getByRole('combobox', { name: 'Loaded Ada' })).toHaveText('7, very hard');
  await coach.reload();
  await expect(effort.getByRole('combobox', { name: 'Loaded Ada' })).toHaveText('7, very hard');
  await expect(effort.getByLabel('minutes')).toHaveValue('80');
  await accessible(coach);
  await coach.goto(`/faults/load?athlete=${id}`);
  await expect(weeks.first().locator('td')).toHaveText(['1', '560', '', '', '', '']);
  await expect(coach.locator('hop-load li')).toHaveText(['2026-06-01 Splits']);
  await expect(coach.locator('hop-load-chart svg')).toBeVisible();
});

// In a house of its own: by them every book of the club is read.
test('a club reads its books by its own numbers and has faults of its own; one that counts as another is counted anew', async ({
  page,
}) => {
  const house = await OwnHouse.open();
  try {
    await page.goto(house.url);
    await page.getByRole('button', { name: 'enter the demo club' }).click();
    await expect(page.getByRole('navigation').getByRole('link', { name: 'faults' })).toBeVisible();
    await page.goto(`${house.url}/faults`);
    await choose(page, 'of', 'Ines');
    await page.locator('hop-decide').getByRole('link', { name: 'by which numbers' }).click();
    const box = (name: string) => page.getByRole('textbox', { name });
    await box('recurring: seen in').fill('9');
    await box('recurring: seen in').blur();
    await expect(page.getByRole('alert')).toHaveText('It cannot have been seen in more evenings than are looked at.');
    await expect(page.getByRole('button', { name: 'read by these' })).toBeDisabled();
    await box('recurring: seen in').fill('1');
    await box('evenings until a review').fill('50');
    await box('evenings until a review').blur();
    await expect(page.getByText('between 2 and 12')).toBeVisible();
    await box('evenings until a review').fill('2');
    await box('clean for moving on, of 100').fill('60');
    await box('clean for moving on, of 100').blur();
    await expect(page.getByRole('alert')).toHaveText('Stepping back would be asked of what is clean enough to move on.');
    await box('back under, clean of 100').fill('50');
    await choose(page, 'what comes next goes by', 'running test');
    await page.getByRole('button', { name: 'read by these' }).click();
    await expect(page.getByText('Saved. The books are read by these from now on.')).toBeVisible();
    await page.reload();
    await expect(box('evenings until a review')).toHaveValue('2');
    await page.goto(`${house.url}/faults`);
    await choose(page, 'of', 'Ines');
    await expect(page.locator('hop-decide')).toContainText('60 % clean in the last 3 evenings together');
    await expect(page.locator('hop-decide')).toContainText('how often with these numbers was not measured');
    await expect(page.locator('.one .lead')).toHaveText(/Next review after [12] more evening/);
    await page.goto(`${house.url}/faults/numbers`);
    await page.getByRole('button', { name: 'as we began' }).click();
    await expect(page.getByText('These are the numbers we begin with.')).toBeVisible();
    await expect(box('evenings until a review')).toHaveValue('4');
    await ownFaults(page, house.url);
  } finally {
    await house.close();
  }
});

/** Adds a fault, which the floor then offers; counts one as another, and reads in the book what was said before. */
async function ownFaults(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/club`);
  await page.getByRole('link', { name: 'add, rename, hide or merge faults' }).click();
  const row = (label: string) => page.getByRole('navigation', { name: 'Faults' }).getByRole('button', { name: new RegExp(`^${label}`) });
  const save = page.getByRole('button', { name: 'save', exact: true });
  await page.getByRole('button', { name: 'add a fault' }).click();
  await page.getByLabel('name', { exact: true }).fill('Split late');
  await page.getByLabel('name', { exact: true }).blur();
  await row('split early').click();
  await expect(page.getByLabel('name', { exact: true })).toHaveValue('split early');
  await page.getByRole('button', { name: 'add a fault' }).click();
  // What was typed of it is there again; before that the box is still the one of the fault that was open.
  await expect(page.getByLabel('name', { exact: true })).toHaveValue('Split late');
  await page.getByLabel('name', { exact: true }).fill('');
  await save.click();
  await expect(page.getByText('is empty')).toBeVisible();
  await page.getByLabel('name', { exact: true }).fill('Hip sways out');
  await page.getByLabel('what it looks like').fill('hip over the outer edge');
  await page.getByLabel('what it looks like').blur();
  await save.click();
  await expect(row('Hip sways out')).toContainText('own');
  await accessible(page);
  await page.goto(`${url}/floor`);
  // The board is full of what those here work on.
  await page.getByRole('button', { name: /^waits/ }).click();
  await page.getByRole('button', { name: '+ add' }).click();
  await page.getByRole('searchbox').fill('outer edge');
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Hip sways out/ })
    .click();
  await expect(page.getByText('Hip sways out')).toBeVisible();

  await page.goto(`${url}/club/faults`);
  await row('tall').click();
  await choose(page, 'counted as', 'deep');
  await save.click();
  await page.getByRole('button', { name: 'see what would differ' }).click();
  const would = page.getByRole('row', { name: /^Maud: deep/ });
  await would.waitFor();
  const [, , now = ''] = await would.locator('td').allTextContents();
  const [faulty, attempts] = now.match(/\d+/g) ?? [];
  expect(Number(attempts)).toBeGreaterThan(100);
  await page.getByRole('button', { name: /^count these \d+ runs anew/ }).click();
  await expect(page.getByText(/runs are counted anew/)).toBeVisible();
  await page.goto(`${url}/faults`);
  await choose(page, 'of', 'Maud');
  await page.getByRole('button', { name: /^deep/ }).first().click();
  await expect(page.locator('.one')).toContainText(`${faulty} of ${attempts} attempts`);
  await expect(page.getByRole('button', { name: /^tall/ })).toHaveCount(0);
}
