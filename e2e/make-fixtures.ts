import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { existsSync, mkdirSync, writeFileSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { Pattern } from '@hopsk/contract/pattern';
import type { Athlete } from '@hopsk/contract/people';
import type { EarlierUpload } from '@hopsk/contract/run-sent';
import type { RunRow, RunWhole } from '@hopsk/contract/run';
import type { Session } from '@hopsk/contract/session';
import type { SessionSave } from '@hopsk/contract/session-draft';
import { clubOf } from '@hopsk/contract/testing/club-of';
import { meaningsOf } from '@hopsk/contract/testing/lines';
import { sampleAthlete, samplePattern, sampleSession } from '@hopsk/contract/testing/samples';
import type { ClubFile } from '@hopsk/contract/club-file';
import { printDose } from '@hopsk/core/language/dose-print';
import { readDose } from '@hopsk/core/language/dose-text';
import { fromEarlier } from '@hopsk/core/log/earlier';
import { chromium, type BrowserContext, type Page } from 'playwright-core';
import { season } from '../demo/src/season.js';
import { buildServer, buildWeb } from '../scripts/lib/build.mjs';
import { ensureDatabase, ensurePostgres } from '../scripts/lib/postgres.mjs';
import { throwAwayPostgres } from '../scripts/lib/house.mjs';
import { root } from '../scripts/lib/project.mjs';
import { startServer } from '../scripts/lib/server.mjs';
import { CHROMIUM } from './chromium.js';
import { dumpDevice } from './device.js';
import { takeIn } from './take-in.js';

/**
 * Data as today's version writes it, for the versions to come: a database, a club file, what a device holds with taps that were
 * never sent, files of sessions and patterns, and what today's version makes of them. Made once a version of the formats and then
 * never changed. Usage: npm run fixtures -- NAME
 */
const SIGN_IN = { email: 'asta@lighthouse.test', password: 'lamp oil and chalk' };
const STRIKE = '"jab"';

class Club {
  private token = '';
  constructor(
    private readonly url: string,
    private readonly context: BrowserContext,
  ) {}

  async text(path: string): Promise<string> {
    return (await this.context.request.get(`${this.url}/api${path}`)).text();
  }

  async send<T>(method: 'GET' | 'PUT' | 'POST', path: string, data?: object): Promise<T> {
    const answer = await this.context.request.fetch(`${this.url}/api${path}`, {
      method,
      ...(data ? { data } : {}),
      headers: { 'x-xsrf-token': this.token },
    });
    if (!answer.ok()) throw new Error(`${method} ${path}: ${answer.status()} ${await answer.text()}`);
    this.token = (await this.context.cookies()).find((cookie) => cookie.name === 'XSRF-TOKEN')?.value ?? '';
    return (await answer.json()) as T;
  }
}

/** How calls are drawn. */
const DRAWN = { order: 'random', longestRun: 2, interval: { low: 4, high: 5 }, reaction: 0.4 } as const;
const called = { weight: 1, kind: 'move', expects: '' } as const;

/** A session with every kind of thing that a stage may hold. */
function everything(pattern: Pattern, athletes: readonly string[]): SessionSave {
  const stage = sampleSession.stages[0];
  if (!stage) throw new Error('There is no sample stage.');
  const ids = [randomUUID(), randomUUID(), randomUUID(), randomUUID()] as const;
  return {
    ...sampleSession,
    id: randomUUID(),
    version: 0,
    name: 'Everything, Thursday',
    minutes: 45,
    area: 'squash',
    equipment: 6,
    settings: { change: 20, water: { every: 600, seconds: 45 }, rest: 20, setRest: 45 },
    athletes: [...athletes],
    differences: [{ athlete: athletes[0] ?? '', stage: ids[1], skip: true, dose: '', note: 'knee: nothing called today' }],
    stages: [
      {
        ...stage,
        id: ids[0],
        pattern: { id: pattern.id, version: pattern.version },
        steps: pattern.steps,
        dose: '2 × 6 each side, rest 20 s',
      },
      {
        ...stage,
        id: ids[1],
        name: 'Called both ways',
        cueing: 'called',
        dose: '1 × 6 calls',
        explain: 0,
        calls: {
          alternatives: [
            { ...called, name: 'right', steps: 'split, shuffle right 40 cm', side: 'right' },
            { ...called, name: 'left', steps: 'split, shuffle left 40 cm', side: 'left' },
            { ...called, name: 'stay', steps: 'split', side: null, kind: 'stay' },
          ],
          ...DRAWN,
          weakSide: { side: 'left', factor: 1.5 },
          freezes: 0.5,
        },
      },
      {
        ...stage,
        id: ids[2],
        name: 'With a partner',
        kind: 'partner',
        cueing: 'partner',
        dose: '3 × 45 s, rest 15 s, 2 sets, set rest 60 s',
        cautions: ['light contact only'],
        partner: {
          steps: 'advance 30 cm',
          what: 'steps in',
          when: 'when they are square',
          reAim: 'shoulder',
          coming: true,
          kit: 'gloves',
          contact: 'touch',
        },
      },
      {
        ...stage,
        id: ids[3],
        name: 'Three stations',
        dose: '3 × 40 s, rest 20 s',
        stations: [
          { name: 'net', steps: 'split, lunge ahead 80 cm, recover back' },
          { name: 'wall', steps: 'shuffle left 40 cm, shuffle right 40 cm' },
          { name: 'tape', steps: 'pivot right 90°, pivot left 90°' },
        ],
      },
    ],
  };
}

/** Lines that coaches typed as they came: words in any order, numbers without a unit, what is marked, parts with names of their own. */
const TYPED = [
  'advance 3x',
  'split 3x, shuffle right 40',
  'pivot left 90, pivot right 30 cm',
  'half step ahead 40',
  'advance 3x10',
  '(split, advance) 3x10',
  '3 advance 2',
  'hold 2, split',
  'retreat 2 in 4 in',
  'lunge ahead 40 cm 80 cm, recover',
  'partner ahead 2 m, advance 3',
  'shuffle to fence, retreat 40 cm',
  'advance slow quick',
  'lunge left foot right foot, recover back',
  'fast = (hold 1 s), split, fast, fast 2',
  'one = (advance 30 cm, retreat 30 cm), one 2',
  'quick feet 4, corner 2, lunge left 40',
  'shuffle 3, split',
  'split, slide left, hit',
  'split, turn 180',
  'lunge "deep", recover',
  '(shuffle left 2x 3 | shuffle right 2x 3) 2 each side',
  'switch 3, pass ahead 45, pivot lead foot right 45',
];
/** The same of doses. */
const TYPED_DOSES = [
  '3 × 8, set rest 60 s',
  '2 sets of 5 reps, rest 1 min',
  '10, rest 5, rest 20',
  '3 × 10, rest 15',
  '1,5 min, rest 20 s',
  '2 × 4 each side',
];

function typedBefore(athlete: string): SessionSave {
  const [stage] = sampleSession.stages;
  if (!stage) throw new Error('There is no sample stage.');
  return {
    ...sampleSession,
    id: randomUUID(),
    version: 0,
    name: 'As it was typed',
    athletes: [athlete],
    differences: [{ athlete, stage: '5f0c6b52-7d0e-4a6e-9a53-6b1de0f6b001', skip: false, dose: '2 × 6, set rest 30 s', note: '' }],
    stages: TYPED_DOSES.map((dose, i) => ({
      ...stage,
      id: `5f0c6b52-7d0e-4a6e-9a53-6b1de0f6b00${i + 1}`,
      name: `Stage ${i + 1}`,
      steps: TYPED[i] ?? 'split',
      school: 'mixed-45',
      lead: 'left',
      dose,
      ...(i === 3 && {
        kind: 'partner',
        cueing: 'partner',
        partner: { steps: 'advance 3x', what: 'steps in', when: '', reAim: '', coming: true, kit: '', contact: 'none' },
      }),
      ...(i === 4 && {
        stations: [
          { name: 'net', steps: 'split 3x' },
          { name: 'wall', steps: 'split' },
        ],
      }),
      ...(i === 5 && {
        cueing: 'called',
        dose: '1 × 6 calls',
        calls: {
          alternatives: [
            { ...called, name: 'right', steps: 'shuffle right 2x 2', side: 'right' },
            { ...called, name: 'stay', steps: 'hold 2', side: null, kind: 'stay' },
          ],
          ...DRAWN,
          weakSide: null,
          freezes: 0,
        },
      }),
    })),
  };
}

/** Two rounds by a log that holds each kind of event there is. */
function everyEvent([ada, bea]: readonly string[], pattern: Pattern): EarlierUpload {
  const startedAt = '2026-11-19T18:00:00.000Z';
  const who = { athlete: ada ?? '', source: 'floor', clip: null } as const;
  let n = 0;
  const at = (t: number) => ({ id: randomUUID(), n: n++, at: Date.parse(startedAt) + t * 1000, t });
  const moved = { ...at(5), kind: 'fault', fault: 'split-late', side: 'left', ...who } as const;
  const given = { ...at(7), kind: 'fault', fault: 'split-late', side: 'right', ...who } as const;
  const gone = { ...at(9), kind: 'fault', fault: 'tall', side: null, ...who } as const;
  return {
    run: {
      id: randomUUID(),
      name: 'Each kind once',
      day: '2026-11-19',
      startedAt,
      patternId: pattern.id,
      sessionId: null,
      steps: pattern.steps,
      tapDelay: 1,
      athletes: [ada ?? '', bea ?? ''],
      plan: {
        dose: { mode: 'seconds', work: 20, rounds: 2, sets: 1, rest: 10, setRest: null },
        rep: { seconds: 2, chances: { split: [0], repetition: [0], back: [1.5] } },
      },
    },
    events: [
      { ...at(-5), kind: 'board', faults: ['split-late', 'tall', 'no-recovery'] },
      { ...at(-5), kind: 'view', view: 'side' },
      { ...at(-5), kind: 'watch', athlete: ada ?? '' },
      { ...at(-5), kind: 'go' },
      moved,
      given,
      gone,
      { ...at(9.5), kind: 'right', fault: 'split-late', ...who },
      { ...at(10), kind: 'result', result: 'hit', ...who },
      { ...at(11), kind: 'attempt', clean: true, ...who },
      { ...at(12), kind: 'pause' },
      { ...at(12), kind: 'resume' },
      { ...at(13), kind: 'freeze', could: false, ...who },
      { ...at(14), kind: 'skip', to: 30 },
      { ...at(30.5), kind: 'watch', athlete: bea ?? '' },
      { ...at(31), kind: 'view', view: 'front' },
      { ...at(34), kind: 'fault', fault: 'no-recovery', side: null, athlete: bea ?? '', source: 'floor', clip: null },
      { ...at(36), kind: 'fault', fault: 'heels-down', side: null, athlete: bea ?? '', source: 'film', clip: 12.48 },
      { ...at(50), kind: 'end' },
      { ...at(51), kind: 'undo', target: gone.id },
      { ...at(52), kind: 'move', target: moved.id, by: -1 },
      { ...at(53), kind: 'assign', target: given.id, athlete: bea ?? '' },
    ],
  };
}

async function fill(club: Club): Promise<void> {
  await club.send('POST', '/setup', { club: 'Lighthouse', name: 'Asta', ...SIGN_IN });
  await club.send('POST', '/coaches', { name: 'Ole', email: 'ole@lighthouse.test', password: 'rope and chalk dust', role: 'coach' });
  const demo = season('2026-11-14');
  await takeIn((...ask) => club.send(...ask), { ...demo, club: { name: 'Lighthouse' }, runs: demo.runs.slice(-6) });
  await club.send('PUT', '/me/settings', { units: 'ft-in', tapDelay: 0.8 });
  const teaching = await club.send<{ version: number }>('GET', '/teaching');
  await club.send('PUT', '/teaching', {
    version: teaching.version,
    choices: { crossing: 'behind' },
    moves: [
      { name: 'corner', steps: 'shuffle right 40 cm, lunge ahead 80 cm, recover back, shuffle left 40 cm' },
      { name: 'stamp', steps: 'half step ahead 20 cm, hold 0.2 s' },
      { name: 'double', steps: 'advance 3x, corner' },
    ],
    stances: [
      {
        code: 'own-loft',
        name: 'Loft wide',
        says: 'Wider than usual.',
        staggered: true,
        width: { rule: 'times', n: 1.4, of: 'shoulder' },
        length: { rule: 'metres', metres: 0.3 },
        toes: { lead: 10, rear: 40 },
        leadShare: 0.55,
        heels: { lead: 'light', rear: 'up' },
        onLine: false,
        knees: 'soft',
      },
    ],
    playbooks: [
      {
        code: 'own-cross',
        name: 'Against a cross',
        sport: 'boxing',
        school: 'mixed-45',
        lead: 'left',
        situations: [
          {
            situation: 'a long cross',
            answers: [
              {
                technique: 'slip and step out',
                steps: 'shuffle left 30 cm',
                back: [
                  { name: 'home', steps: 'shuffle right 30 cm' },
                  { name: 'far', steps: 'shuffle right 2x 2' },
                ],
              },
            ],
          },
        ],
      },
    ],
  });
  const person = (more: Partial<Athlete>) => ({ ...sampleAthlete, id: randomUUID(), version: 0, ...more });
  const ada = await club.send<Athlete>(
    'PUT',
    ...put(
      '/athletes',
      person({
        name: 'נועה 🏓',
        hand: 'left',
        lead: 'right',
        otherLead: 'free',
        hip: 0.31,
        foot: 0.25,
        school: 'own-loft',
        stance: { width: 0.6, length: null, leadToe: 5, rearToe: null },
        schools: { crossing: 'never' },
        level: 'advanced',
        ageGroup: '13–15',
        agreed: '2026-01-12',
        cautions: [
          { part: 'ankle', side: 'left', forbids: ['landings'], landings: 60, note: 'old sprain' },
          { part: 'other', side: null, forbids: [], landings: null, note: 'Knie' },
        ],
        bias: ['turns short'],
        focus: ['split-late', 'tall'],
      }),
    ),
  );
  const bea = await club.send<Athlete>('PUT', ...put('/athletes', person({ name: 'Bea' })));
  const away = await club.send<Athlete>('PUT', ...put('/athletes', person({ name: 'Away' })));
  await club.send('POST', `/athletes/${away.id}/archive`);
  const line = `cone "A" at 1 m right\n(split, shuffle right 40 cm | split, shuffle left 40 cm) 3 times each side, corner, advance 20 cm + ${STRIKE} 30 ms before landing`;
  const written = { ...samplePattern, id: randomUUID(), version: 0, name: 'All sorts', steps: line, tags: ['odd'], area: 'squash' };
  const first = await club.send<Pattern>('PUT', ...put('/patterns', written));
  const dose = { mode: 'reps', work: 8, rounds: 3, sets: 2, rest: null, setRest: 60 } as const;
  const pattern = await club.send<Pattern>(
    'PUT',
    ...put('/patterns', { ...written, version: first.version, steps: `${line}, hold 1 s`, dose, schools: { 'split-timing': 'before' } }),
  );
  for (const [i, steps] of TYPED.entries())
    await club.send(
      'PUT',
      ...put('/patterns', {
        ...samplePattern,
        id: randomUUID(),
        version: 0,
        name: `Typed ${i + 1}`,
        steps,
        ...(i % 2 === 1 && { school: 'mixed-45', lead: 'left' }),
        ...(i % 3 === 2 && { hand: 'left' }),
      }),
    );
  await club.send(
    'PUT',
    ...put('/patterns', {
      ...samplePattern,
      id: randomUUID(),
      version: 0,
      name: 'Own words',
      steps: 'stamp, double, corner 2, advance 2x',
    }),
  );
  const old = await club.send<Pattern>('PUT', ...put('/patterns', { ...samplePattern, id: randomUUID(), version: 0, name: 'Put away' }));
  await club.send('POST', `/patterns/${old.id}/archive`);
  const session = await club.send<Session>('PUT', ...put('/sessions', everything(pattern, [ada.id, bea.id])));
  const { archivedAt: _, ...kept } = session;
  await club.send('PUT', ...put('/sessions', { ...kept, minutes: 50 }));
  await club.send('PUT', ...put('/sessions', typedBefore(ada.id)));
  const { run, events } = everyEvent([ada.id, bea.id], pattern);
  await club.send('PUT', `/runs/${run.id}`, run);
  await club.send('POST', `/runs/${run.id}/events`, {
    events: fromEarlier(run.id, events).map((one) => ({ ...one, device: 'loft-phone' })),
  });
  await club.send('PUT', `/runs/${run.id}/name`, { name: 'Each kind once', patternId: null, version: 1 });
}

const put = <T extends { id: string }>(path: string, record: T): [string, T] => [`${path}/${record.id}`, record];

const tick = (page: Page, ms: number) => page.clock.runFor(ms);

async function tap(page: Page, fault: string): Promise<void> {
  const tile = page.locator(`[data-fault="${fault}"]`);
  const box = await tile.boundingBox();
  await tile.click({ position: { x: 12, y: (box?.height ?? 40) / 2 } });
  await tick(page, 1500);
}

async function ended(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'end', exact: true }).click();
  await page.getByRole('button', { name: 'end it' }).click();
  await tick(page, 1000);
  await page.getByRole('heading', { name: 'What was seen' }).waitFor();
}

/** An evening on one device: a session that was sent, rounds that were not, others that still run, and things half typed. */
async function onDevice(page: Page, url: string): Promise<unknown> {
  await page.goto(`${url}/build`);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => true));
  await page.getByRole('link', { name: 'Everything, Thursday' }).click();
  await page
    .getByRole('textbox', { name: /^dose of/ })
    .first()
    .fill('2 × 7 each side, rest 25 s');
  await page.goto(`${url}/steps`);
  await page.getByRole('link', { name: 'new pattern' }).click();
  await page.getByLabel('name', { exact: true }).fill('Half typed');
  await page.getByLabel('line of steps').fill('split, shufle right 40 cm');
  await page.getByText('not saved').first().waitFor();
  await page.goto(`${url}/build`);
  await page.getByRole('link', { name: 'Front corner, Tuesday' }).click();
  await page.locator('hop-time-bar .track i').first().waitFor();
  await page.clock.install({ time: new Date('2026-11-20T18:00:00Z') });
  await page.getByRole('button', { name: 'run it' }).click();
  // The version of which fixtures are made may not ask who is here.
  await page
    .getByRole('button', { name: /^start with/ })
    .or(page.locator('[data-fault]').first())
    .first()
    .waitFor();
  if ((await page.locator('[data-fault]').count()) === 0) await page.getByRole('button', { name: /^start with/ }).click();
  await page.locator('[data-fault]').first().waitFor();
  await tick(page, 60_000);
  const first = (await page.locator('[data-fault]').first().getAttribute('data-fault')) ?? '';
  for (let n = 0; n < 3; n++) await tap(page, first);
  await page.getByText('sent', { exact: true }).waitFor();
  await ended(page);
  await page.goto(`${url}/floor`);
  await page.getByRole('button', { name: 'Front corner and home', exact: true }).click();
  await page.context().setOffline(true);
  for (const keep of [false, true]) {
    await page.getByRole('button', { name: /^(start|run) /i }).click();
    await page.locator('[data-fault]').first().waitFor();
    await tick(page, 8000);
    const fault = (await page.locator('[data-fault]').first().getAttribute('data-fault')) ?? '';
    for (let n = 0; n < 4; n++) await tap(page, fault);
    await page.getByRole('button', { name: 'undo' }).click();
    await page.getByRole('button', { name: /that was right/ }).click();
    await tick(page, 1000);
    if (keep) break;
    await ended(page);
    await page.goto(`${url}/floor`);
    await page.getByRole('button', { name: /^start/i }).waitFor();
  }
  return dumpDevice(page);
}

async function download(page: Page, item: string): Promise<string> {
  await page.getByRole('button', { name: 'more', exact: true }).click();
  const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('menuitem', { name: item }).click()]);
  return readFile(await file.path(), 'utf8');
}

/** What each dose says, as it is printed. */
function dosesOf({ sessions }: ClubFile): object[] {
  const doses = new Set(sessions.flatMap(({ stages, differences }) => [...stages, ...differences].map(({ dose }) => dose)));
  return [...doses].map((dose) => {
    const read = readDose(dose);
    return { dose, print: read.dose && printDose(read.dose), marked: read.errors.map(({ code }) => code) };
  });
}

/** What today's version makes of it all. */
async function madeOf(club: Club): Promise<object> {
  const athletes = await club.send<Athlete[]>('GET', '/athletes');
  const runs = await club.send<RunRow[]>('GET', '/runs?most=200');
  return {
    signIn: SIGN_IN,
    me: await club.send('GET', '/me'),
    counts: {
      athletes: athletes.length,
      patterns: (await club.send<Pattern[]>('GET', '/patterns')).length,
      sessions: (await club.send<Session[]>('GET', '/sessions')).length,
      runs: runs.length,
    },
    runs: await Promise.all(
      runs.map(async (row) => ({ row, events: (await club.send<RunWhole>('GET', `/runs/${row.id}`)).events.length })),
    ),
    books: Object.fromEntries(
      await Promise.all(athletes.map(async ({ id }) => [id, await club.send('GET', `/athletes/${id}/book`)] as const)),
    ),
    stageRecords: Object.fromEntries(
      await Promise.all(athletes.map(async ({ id }) => [id, await club.send('GET', `/stage-records?athlete=${id}`)] as const)),
    ),
  };
}

async function main(name: string | undefined): Promise<void> {
  const folder = join(root, 'fixtures', name ?? '');
  if (!name || !/^[\w-]+$/.test(name) || existsSync(folder)) throw new Error('A name that is not there yet is needed: v2, say.');
  await buildServer();
  await buildWeb();
  const postgres = await throwAwayPostgres();
  await ensureDatabase(postgres.address('postgres'), 'hopsk_fixture');
  const server = await startServer(postgres.data, { DATABASE_URL: postgres.address('hopsk_fixture'), HOPSK_PORT: '0', HOPSK_LOG: 'warn' });
  const browser = await chromium.launch(CHROMIUM);
  try {
    const url = `http://127.0.0.1:${server.port}`;
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce', timezoneId: 'UTC' });
    const club = new Club(url, context);
    await fill(club);
    const page = await context.newPage();
    const files: Record<string, string> = {};
    await page.goto(`${url}/build`);
    await page.getByRole('link', { name: 'Everything, Thursday' }).click();
    await page.locator('hop-time-bar .track i').first().waitFor();
    files['session.json'] = await download(page, 'save as JSON');
    files['session.txt'] = await download(page, 'save as text');
    await page.goto(`${url}/steps`);
    await page.getByRole('link', { name: /All sorts/ }).click();
    await page.locator('hop-floor svg .chip').nth(3).waitFor();
    files['pattern.json'] = await download(page, 'save as JSON');
    files['pattern.txt'] = await download(page, 'save as text');
    files['device.json'] = JSON.stringify(await onDevice(page, url), null, 1);
    await context.setOffline(false);
    await page.close();
    files['club.hopsk.jsonl'] = await club.text(`/export/${(await club.send<{ id: string }>('POST', '/export', { passphrase: null })).id}`);
    const exported = clubOf(files['club.hopsk.jsonl']);
    files['lines.json'] = JSON.stringify(meaningsOf(exported), null, 1);
    files['doses.json'] = JSON.stringify(dosesOf(exported), null, 1);
    files['expected.json'] = JSON.stringify(await madeOf(club), null, 1);
    const dump = join(await ensurePostgres(), 'pg_dump');
    const sql = execFileSync(
      dump,
      ['--inserts', '--rows-per-insert=50', '--no-owner', '--no-privileges', postgres.address('hopsk_fixture')],
      {
        encoding: 'utf8',
        maxBuffer: 64e6,
      },
    );
    // Lines that begin so are for the client psql alone.
    files['database.sql'] = sql.replace(/^\\.*\n/gm, '');
    mkdirSync(folder, { recursive: true });
    for (const [file, text] of Object.entries(files)) {
      writeFileSync(join(folder, file), text);
      console.log(`${file}: ${Math.round(text.length / 1024)} kB`);
    }
  } finally {
    await browser.close();
    await server.stop();
    await postgres.stop();
  }
}

await main(process.argv[2]);
