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
/** A second and a half of film: a figure of lines that splits and steps on a court, made by the browser's own recorder. */
async function filmed(page) {
  const bytes = await page.evaluate(async () => {
    const [width, height] = [960, 540];
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [width, height];
    const brush = canvas.getContext('2d', { alpha: false });
    const line = (...points) => {
      brush.beginPath();
      points.forEach(([x, y], i) => (i === 0 ? brush.moveTo(x, y) : brush.lineTo(x, y)));
      brush.stroke();
    };
    const draw = (t) => {
      brush.fillStyle = '#c9b48a';
      brush.fillRect(0, 0, width, height);
      brush.fillStyle = '#e6dcc4';
      brush.fillRect(0, 0, width, 190);
      brush.strokeStyle = '#a8321f';
      brush.lineWidth = 4;
      line([-60, height], [300, 190]);
      line([1020, height], [660, 190]);
      line([120, 400], [840, 400]);
      line([480, 400], [480, height]);
      // Up for the split, down wide, and off to the right.
      const up = Math.max(0, Math.sin(Math.min(1, Math.max(0, (t - 0.2) / 0.14)) * Math.PI)) * 14;
      const wide = t < 0.28 ? 34 : 58;
      const on = Math.max(0, t - 0.5) * 240;
      const [hip, foot] = [
        [430 + on, 300 - up],
        [430 + on, 430 - up],
      ];
      brush.strokeStyle = '#1e2733';
      brush.lineWidth = 12;
      brush.lineCap = 'round';
      line([foot[0] - wide, foot[1]], [hip[0] - 22, 366 - up], hip, [hip[0] + 24, 366 - up], [foot[0] + wide, foot[1]]);
      line(hip, [hip[0] + 12, 206 - up], [hip[0] + 70, 236 - up]);
      line([hip[0] + 12, 212 - up], [hip[0] - 40, 250 - up]);
      brush.beginPath();
      brush.arc(hip[0] + 18, 176 - up, 22, 0, 7);
      brush.fillStyle = '#1e2733';
      brush.fill();
    };
    const recorder = new MediaRecorder(canvas.captureStream(60), {
      mimeType: 'video/mp4;codecs=avc1.42E01F',
      videoBitsPerSecond: 4_000_000,
    });
    const parts = [];
    recorder.ondataavailable = ({ data }) => parts.push(data);
    const began = performance.now();
    recorder.start();
    await new Promise((done) => {
      const next = () => {
        const t = (performance.now() - began) / 1000;
        draw(t);
        if (t < 1.5) requestAnimationFrame(next);
        else done();
      };
      next();
    });
    await new Promise((done) => {
      recorder.onstop = done;
      recorder.stop();
    });
    return [...new Uint8Array(await new Blob(parts).arrayBuffer())];
  });
  return { name: 'Split and first step.mp4', mimeType: 'video/mp4', buffer: Buffer.from(bytes) };
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
    name: 'here-phone',
    phone: true,
    go: async (page) => {
      await openSession(page, 'Front corner, Tuesday');
      await page.getByRole('button', { name: 'run it' }).click();
      await page.getByRole('button', { name: /^start with/ }).waitFor();
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
      await page.goto('/film');
      await page.locator('hop-film hop-file input').setInputFiles(await filmed(page));
      await page.locator('hop-film canvas').waitFor();
      for (const [on, key] of [
        [12, 'u'],
        [4, 'c'],
        [3, 'd'],
        [9, 'f'],
        [12, 'r'],
        [4, 'o'],
      ]) {
        for (let i = 0; i < on; i++) await page.keyboard.press('ArrowRight');
        await page.keyboard.press(key);
      }
      await page.getByRole('row', { name: /strike after the landing/ }).waitFor();
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
