import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import { DRAWN_LINE } from '@hopsk/core/film/drawn';
import { root } from './project.mjs';

/** Opens a pattern of the demo club in the studio, with its floor drawn. */
async function openPattern(page, name) {
  await page.goto('/steps');
  await page.locator('#find').fill(name);
  await page.getByRole('link', { name: new RegExp(name) }).click();
  await page.locator('hop-floor svg .chip').nth(3).waitFor();
}

/** The id of one of the demo club's athletes. */
async function idOf(page, name) {
  const athletes = await (await page.request.get('/api/athletes')).json();
  return athletes.find((one) => one.name === name).id;
}

/** Starts a pattern's rounds and waits until the clock works. */
async function startRun(page, name) {
  await page.goto('/floor');
  await page.getByRole('button', { name, exact: true }).click();
  await page.getByRole('button', { name: /^(start|run) /i }).click();
  await page.locator('[data-fault]').first().waitFor();
}

/** Runs a session of the demo club with those who are expected. */
async function runSession(page, name) {
  await openSession(page, name);
  await page.getByRole('button', { name: 'run it' }).click();
  await page.getByRole('button', { name: /^start with/ }).click();
  await page.locator('[data-fault]').first().waitFor();
}

/** On to the stage of a run that is called, as a coach would. */
async function toCalls(page) {
  const clock = page.locator('hop-clock-block');
  for (let n = 0; n < 60 && !/called[^]*\bwork\b|\bwork\b[^]*called/.test(await clock.innerText()); n++) {
    await page.getByRole('button', { name: 'next' }).click();
    await page.waitForTimeout(150);
  }
}

/** Goes over the count-down and into the first rounds with a few taps, as a coach would. */
async function runFor(page) {
  await page.clock.runFor(8_000);
  const tiles = page.locator('[data-fault]');
  for (const [tile, side] of [
    [0, 0.25],
    [0, 0.75],
    [1, 0.25],
  ]) {
    const box = await tiles.nth(tile).boundingBox();
    await tiles.nth(tile).click({ position: { x: box.width * side, y: box.height / 2 } });
    await page.clock.runFor(2_500);
  }
  await page.getByRole('button', { name: /that was right/ }).click();
  await page.clock.runFor(500);
  await page.getByText('sent', { exact: true }).waitFor();
}

/** Opens a session of the demo club in the workshop, with its stages drawn and its time laid out. */
async function openSession(page, name) {
  await page.goto('/build');
  await page.getByRole('link', { name }).click();
  await page.locator('hop-thumb svg').first().waitFor();
  await page.locator('hop-time-bar .track i').first().waitFor();
}

async function setClock(page) {
  await page.clock.install({ time: new Date('2026-11-21T18:00:00Z') });
}

/** The main views: how each is reached in the demo club. */
/** A drawn clip on the desk, with the crossings, the feet and the marks of it as somebody would tap them. */
async function drawnFilm(page) {
  await page.goto('/film');
  await page.getByRole('button', { name: '60', exact: true }).click();
  await page.locator('hop-file', { hasText: 'marks from a file' }).locator('input').setInputFiles(join(root, 'scripts/lib/drawn-60.csv'));
  await page
    .getByRole('row', { name: /strike after the landing/ })
    .first()
    .waitFor();
}

/** Writes by the API with the page's token, for what a picture needs before it is taken. */
async function sendFrom(page, path, body) {
  const token = (await page.context().cookies()).find(({ name }) => name === 'XSRF-TOKEN')?.value ?? '';
  const { origin } = new URL(page.url());
  const answer = await page.context().request.put(`${origin}/api${path}`, { data: body, headers: { 'x-xsrf-token': token } });
  if (!answer.ok()) throw new Error(await answer.text());
}

export const SHOTS = [
  {
    name: 'today',
    go: async (page) => {
      await page.clock.setFixedTime(new Date('2026-11-21T17:00:00Z'));
      await page.goto('/today');
      await page.locator('hop-today ol.watch li').nth(2).waitFor();
    },
  },
  {
    name: 'end-phone',
    phone: true,
    go: async (page) => {
      await setClock(page);
      await startRun(page, 'Front corner and home');
      await runFor(page);
      await page.getByRole('button', { name: 'end', exact: true }).click();
      await page.getByRole('button', { name: 'end it' }).click();
      await page.clock.runFor(500);
      await page.locator('hop-run-pain').waitFor();
    },
  },
  {
    name: 'athlete',
    go: async (page) => {
      await page.goto('/people');
      await page.getByRole('link', { name: 'Otto' }).click();
      await page.getByLabel('height').waitFor();
    },
  },
  {
    name: 'stance',
    go: async (page) => {
      await page.goto('/people');
      await page.getByRole('row', { name: /Ravi/ }).getByRole('link', { name: 'stance' }).click();
      await page.locator('hop-stance-drawing svg').waitFor();
    },
  },
  {
    name: 'steps',
    go: async (page) => {
      await page.goto('/steps');
      await page.locator('hop-thumb svg .print').nth(20).waitFor();
    },
  },
  { name: 'studio', go: (page) => openPattern(page, 'Front corner and home') },
  {
    name: 'causes',
    async go(page) {
      await page.goto('/people');
      await page
        .getByRole('row', { name: /Samira/ })
        .getByRole('link', { name: 'faults' })
        .click();
      await page.getByRole('link', { name: 'cause map' }).click();
      await page.locator('hop-cause-chart svg').waitFor();
    },
  },
  {
    name: 'run-phone',
    phone: true,
    go: async (page) => {
      await setClock(page);
      await startRun(page, 'Front corner and home');
      await runFor(page);
    },
  },
  {
    name: 'call-phone',
    phone: true,
    go: async (page) => {
      await runSession(page, 'Front corner, Tuesday');
      await toCalls(page);
      await page.locator('hop-clock-block .call').waitFor();
    },
  },
  {
    name: 'drawn-phone',
    phone: true,
    go: async (page) => {
      await startRun(page, 'Front corner and home');
      await page.locator('hop-clock-block').getByText('work').waitFor();
      await page.locator('hop-clock-block .line').click();
      await page.locator('hop-how-it-goes svg').first().waitFor();
    },
  },
  {
    name: 'hall',
    go: async (page) => {
      await runSession(page, 'Front corner, Tuesday');
      await toCalls(page);
      await page.getByRole('button', { name: 'who …' }).click();
      await page.getByRole('button', { name: 'a screen in the hall …' }).click();
      const code = page.locator('hop-hall-code .code');
      await code.waitFor();
      const typed = await code.textContent();
      await page.goto('/hall');
      await page.getByLabel('the run’s code').fill(typed);
      await page.getByRole('button', { name: 'show it' }).click();
      await page.locator('hop-clock-block .call').waitFor();
      await page.locator('hop-moving-line.now svg').waitFor();
    },
  },
  {
    name: 'faults',
    go: async (page) => {
      await page.goto('/people');
      await page
        .getByRole('row', { name: /Samira/ })
        .getByRole('link', { name: 'faults' })
        .click();
      await page.locator('hop-rate-chart svg').waitFor();
      await page.getByText('comes together with').waitFor();
      await page.getByText('slow first showed it was there').waitFor();
    },
  },
  {
    name: 'group',
    go: async (page) => {
      await setClock(page);
      await page.goto('/faults/group');
      await page.locator('hop-group tbody tr').first().waitFor();
    },
  },
  {
    name: 'season',
    go: async (page) => {
      await setClock(page);
      await page.goto(`/faults/season?athlete=${await idOf(page, 'Ines')}`);
      await page.locator('hop-season tbody tr').first().waitFor();
    },
  },
  {
    name: 'club',
    go: async (page) => {
      await page.goto('/club');
      await page.getByRole('combobox', { name: 'what Runa may' }).waitFor();
      await page.evaluate(() => document.querySelector('hop-members').scrollIntoView());
    },
  },
  {
    name: 'build',
    go: async (page) => {
      await openSession(page, 'Front corner, Tuesday');
    },
  },
  {
    name: 'film',
    go: async (page) => {
      // The pattern that the drawn figure does, so that it is laid over what was measured of it.
      const id = randomUUID();
      await sendFrom(page, `/patterns/${id}`, {
        ...{ id, version: 0, name: 'Three lunges, drawn', steps: DRAWN_LINE, sport: 'badminton' },
        ...{ school: 'square-ready', hand: 'right', lead: 'none', shouldClose: false, dose: null },
      });
      await drawnFilm(page);
      const tab = (name) => page.locator('hop-tabs').getByText(name, { exact: true }).click();
      await tab('floor');
      await page.getByRole('combobox', { name: 'floor in the picture' }).click();
      await page.getByRole('option', { name: 'Badminton court' }).click();
      await tab('feet');
      await page.locator('hop-film-feet .made li button').nth(4).click();
      await page.locator('.where', { hasText: 'frame 75' }).waitFor();
      // That frame is drawn when its foot is where it comes down.
      await page.waitForFunction(() => {
        const [red, green] = document.querySelector('canvas.shown').getContext('2d').getImageData(691, 400, 1, 1).data;
        return red > 180 && green < 140;
      });
      await tab('pattern');
      await page.getByRole('combobox', { name: 'pattern', exact: true }).click();
      await page.getByRole('option', { name: 'Three lunges, drawn' }).click();
      await page.getByText('what is off is').waitFor();
      await page.locator('hop-tabs').evaluate((tabs) => tabs.scrollIntoView({ block: 'center' }));
    },
  },
  {
    name: 'film-beside',
    go: async (page) => {
      await drawnFilm(page);
      await page.locator('hop-tabs').getByText('side by side', { exact: true }).click();
      await page.locator('hop-film-beside-pictures figure').nth(1).waitFor();
      await page.getByRole('combobox', { name: 'put beside' }).click();
      await page.getByRole('option', { name: 'attempt 3' }).click();
      await page.locator('hop-film-beside-pictures figure').nth(2).waitFor();
      await page.getByRole('combobox', { name: 'joined at' }).click();
      await page.getByRole('option', { name: 'own contact' }).click();
      // Each is drawn when its court is.
      await page.waitForFunction(() =>
        [...document.querySelectorAll('hop-film-beside-pictures canvas')].every((one) => {
          const [red, green] = one.getContext('2d').getImageData(one.width * 0.35, one.height * 0.75, 1, 1).data;
          return green > red + 20;
        }),
      );
    },
  },
  {
    name: 'steps-phone',
    phone: true,
    go: async (page) => {
      await page.goto('/steps/new');
      await page
        .getByLabel('line of steps')
        .fill('split when the opponent hits, chassé to the forehand side 60 cm, run to the back corner');
      await page.locator('hop-plain-line .chip').first().waitFor();
      await page.getByRole('button', { name: 'hide the moves' }).click();
    },
  },
];
