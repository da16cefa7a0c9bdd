import { readFileSync } from 'node:fs';
import { sampleAthlete } from '@hopsk/contract/testing/samples';
import AxeBuilder from '@axe-core/playwright';
import { expect, test as base, type APIRequestContext, type Locator, type Page } from '@playwright/test';

/** What went wrong in a page without anybody seeing it: script errors and requests to other hosts. */
export function watchPage(page: Page): string[] {
  const seen: string[] = [];
  page.on('pageerror', (error) => seen.push(`error: ${error.message}`));
  page.on('console', (message) => {
    // A refused or missing answer is logged by the browser itself; the tests look at what the page makes of it.
    // So is a stream of events that the network's emulation cut: its answer, which never came, is called plain text; no server of ours gives that.
    const browsers = /Failed to load resource|net::ERR|EventSource's response has a MIME type \("text\/plain"\)/;
    if (message.type() === 'error' && !browsers.test(message.text())) seen.push(`console: ${message.text()}`);
  });
  page.on('request', (request) => {
    const { protocol, hostname } = new URL(request.url());
    if (protocol.startsWith('http') && !/^(127\.|localhost$|hall\.test$)/.test(hostname)) seen.push(`outside: ${request.url()}`);
  });
  return seen;
}

/** `page` is anybody's; `coach` has entered the demo club. Both fail the test when something went wrong unseen. */
export const test = base.extend<{ coach: Page }>({
  // eslint-disable-next-line no-empty-pattern -- Playwright reads which fixtures are wanted from this pattern
  baseURL: async ({}, use) => use(process.env['HOPSK_E2E_URL'] ?? 'http://127.0.0.1:4180'),
  page: async ({ page }, use) => {
    const seen = watchPage(page);
    await use(page);
    expect(seen).toEqual([]);
  },
  coach: async ({ page }, use) => {
    await enterDemo(page);
    await use(page);
  },
});

export { expect };

/** Signs in as one of the demo's coaches: each demo has passwords of its own. */
export async function signInAs(page: Page, name: string): Promise<void> {
  const coaches = JSON.parse(readFileSync(process.env['HOPSK_E2E_COACHES'] ?? '', 'utf8')) as {
    name: string;
    email: string;
    password: string;
  }[];
  const coach = coaches.find((one) => one.name === name);
  await page.getByLabel('e-mail address').fill(coach?.email ?? '');
  await page.getByLabel('password').fill(coach?.password ?? '');
  await page.getByRole('button', { name: 'sign in' }).click();
}

/** Enters the demo club without its page, which each test opens itself; the way through the door has its own test. */
export async function enterDemo(page: Page, at = ''): Promise<void> {
  // Any small file of the same place: what is asked and written then comes from there.
  await page.goto(`${at}/icons/icon.svg`);
  const headers = { 'x-xsrf-token': await tokenOf(page) };
  const entered = await page.context().request.post(`${new URL(page.url()).origin}/api/demo`, { headers });
  expect(entered.ok()).toBe(true);
}

/** The same through the door, for names and certificates that only a browser knows. */
export async function enterByDoor(page: Page): Promise<void> {
  await page.goto('/enter');
  await page.getByRole('button', { name: 'enter the demo club' }).click();
  await page.waitForURL((url) => !url.pathname.startsWith('/enter'));
}

const tokenOf = async (page: Page): Promise<string> =>
  (await page.context().cookies()).find((cookie) => cookie.name === 'XSRF-TOKEN')?.value ?? '';

/** Nothing serious or critical by axe's rules; of another colour scheme only colours are other ones. */
export async function accessible(page: Page, only: 'all' | 'colours' = 'all'): Promise<void> {
  // Colours that still go from day to night are nobody's colours.
  await page.evaluate(async () => {
    const going = document.getAnimations().filter((one) => one instanceof CSSTransition);
    await Promise.allSettled(going.map((one) => one.finished));
  });
  // The app has no frames: read in the page itself it takes half as long as put together in another one.
  // Only what is wrong is asked for: what else it found takes it as long again on a large page.
  const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).setLegacyMode(true);
  const { violations } = await (only === 'all' ? axe : axe.withRules(['color-contrast', 'link-in-text-block'])).analyze();
  const bad = violations.filter((one) => one.impact === 'serious' || one.impact === 'critical');
  const told = bad.map(
    (one) => `${one.id}: ${one.nodes.map((node) => `${node.target.join(' ')} (${node.any[0]?.message ?? ''})`).join(', ')}`,
  );
  // Said first as well: a report that is cut keeps its first line.
  expect(told, told.join('; ')).toEqual([]);
}

/** Asks the API as the signed-in coach of a page does. */
export async function ask<T>(page: Page, path: string): Promise<T> {
  const answer = await page.context().request.get(`${new URL(page.url()).origin}/api${path}`);
  expect(answer.ok()).toBe(true);
  return (await answer.json()) as T;
}

export const put = (page: Page, path: string, body: object): Promise<void> => send(page, 'put', path, body);

/** Writes by the API with the page's token, for what a test needs before it begins. */
export async function send(page: Page, method: 'put' | 'post', path: string, body: object): Promise<void> {
  const { origin } = new URL(page.url());
  const token = await tokenOf(page);
  const request: APIRequestContext = page.context().request;
  const answer = await request[method](`${origin}/api${path}`, { data: body, headers: { 'x-xsrf-token': token } });
  expect(answer.status()).toBeLessThan(300);
}

/** Presses save and waits for this save's own answer: 'saved' may still stand there from the one before. */
export async function save(page: Page): Promise<void> {
  const [answer] = await Promise.all([
    page.waitForResponse((one) => one.request().method() === 'PUT' && new URL(one.url()).pathname.startsWith('/api/')),
    page.getByRole('button', { name: 'save', exact: true }).first().click(),
  ]);
  expect(answer.ok()).toBe(true);
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
}

/** Waits until so many of the device's own records hold these words: what is shown may not be kept yet, and a reload would lose it. */
export async function keptOnDevice(page: Page, words: string | RegExp, count = 1): Promise<void> {
  const held = (): Promise<number> =>
    page.evaluate(
      ([sought, pattern]) =>
        new Promise<number>((done, fail) => {
          const open = indexedDB.open('hopsk');
          open.onerror = () => fail(new Error('the device’s store does not open'));
          open.onsuccess = () => {
            const stores = [...open.result.objectStoreNames];
            const reading = open.result.transaction(stores);
            const all = stores.map((store) => reading.objectStore(store).getAll());
            reading.oncomplete = () => {
              open.result.close();
              done(
                all
                  .flatMap((one) => one.result as unknown[])
                  .filter((record) => {
                    const text = JSON.stringify(record);
                    return pattern === null ? text.includes(sought) : new RegExp(pattern).test(text);
                  }).length,
              );
            };
          };
        }),
      [String(words), typeof words === 'string' ? null : words.source] as const,
    );
  await expect.poll(held).toBe(count);
}

/** The browser's own worker answers for the page, and all that it can ask for without a network is on the device. */
export async function keptForNoNetwork(page: Page): Promise<void> {
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => true));
  const lacks = (): Promise<number> =>
    page.evaluate(async () => {
      const { assetGroups } = (await (await fetch('/ngsw.json?ngsw-bypass')).json()) as {
        assetGroups: readonly { readonly installMode: string; readonly urls: readonly string[] }[];
      };
      // Drawn clips come when they are asked for.
      const first = assetGroups.filter(({ installMode }) => installMode === 'prefetch').flatMap(({ urls }) => urls);
      const kept = await Promise.all(first.map((one) => caches.match(one)));
      return kept.filter((one) => one === undefined).length + (navigator.serviceWorker.controller ? 0 : 1);
    });
  await expect.poll(lacks, { timeout: 120_000 }).toBe(0);
}

/** Everything tapped so far has reached the server. */
export const allSent = (page: Page, tick: () => Promise<unknown> = () => Promise.resolve()) =>
  expect.poll(async () => (await tick(), page.locator('header').innerText())).toMatch(/(?<!not )\bsent\b/);

/** For pages that show the last weeks: the day on which the demo club's history ends, whenever this is run. Timers go on. */
export const onLastDay = (page: Page): Promise<void> => page.clock.setFixedTime(new Date('2026-11-21T21:00:00Z'));

/** Chooses in a Material select by its label. */
export async function choose(page: Page, label: string | RegExp, option: string | RegExp, within: Page | Locator = page): Promise<void> {
  // By the keyboard: on a phone the label may lie over the middle of its select. A page that is still being drawn may miss a key.
  const box = within.getByRole('combobox', { name: label });
  await expect(async () => {
    // Nor does a list that opened while the page grew stay within the window: it is opened anew.
    if ((await box.getAttribute('aria-expanded')) === 'true') await page.keyboard.press('Escape');
    await box.press('Enter');
    await page.getByRole('option', { name: option }).click({ timeout: 3_000 });
  }).toPass();
}

/** Adds an athlete by the API, for tests of what is done with one; `focus` is one fault, by its code. */
export async function addAthlete(
  page: Page,
  name: string,
  centimetres: number,
  more: { hand?: 'left'; focus?: string } = {},
): Promise<string> {
  const id = crypto.randomUUID();
  const { focus, hand = 'right' } = more;
  const record = { ...sampleAthlete, id, version: 0, name, hand, height: centimetres / 100, focus: focus ? [focus] : [] };
  await put(page, `/athletes/${id}`, record);
  return id;
}

/** Adds an athlete on the screen and waits until the record is saved. */
export async function typeAthlete(page: Page, name: string, height: string, more: { hand?: string; focus?: string } = {}): Promise<void> {
  await page.goto('/people');
  await page.getByRole('link', { name: 'add an athlete' }).click();
  await page.getByLabel('name').fill(name);
  await page.getByLabel('sport').fill('squash');
  await page.getByLabel('height').fill(height);
  if (more.hand) await choose(page, 'hand', more.hand);
  if (more.focus) {
    await choose(page, /worked on now/, new RegExp(`^${more.focus}`));
    // A list of which several can be taken stays open, and a key is missed while it is still being drawn.
    await expect(async () => {
      await page.keyboard.press('Escape');
      await expect(page.getByRole('listbox')).toHaveCount(0, { timeout: 2_000 });
    }).toPass();
  }
  await save(page);
}

/** Types rounds into the dose form. */
export async function typeDose(
  page: Page,
  dose: Readonly<Partial<Record<'work' | 'rounds' | 'rest' | 'sets' | 'setRest', number>>>,
): Promise<void> {
  for (const [field, value] of Object.entries(dose)) {
    const box = page.locator(`hop-dose-form input[name="${field}"]`);
    await box.fill(String(value));
    await box.blur();
  }
}

/** Only these athletes are here; everybody else is sent off the list. */
export async function onlyHere(page: Page, ...names: string[]): Promise<void> {
  const chips = page.getByRole('group', { name: 'Who is here' }).getByRole('button');
  await expect(chips.first()).toBeVisible();
  // Who was here last may still be on its way: what was pressed is looked at again until it stays.
  await expect(async () => {
    for (const chip of await chips.all()) {
      const wanted = String(names.includes((await chip.innerText()).trim()));
      if ((await chip.getAttribute('aria-pressed')) !== wanted) await chip.click();
      await expect(chip).toHaveAttribute('aria-pressed', wanted, { timeout: 2_000 });
    }
    const here = await chips.evaluateAll((all) =>
      all.filter((one) => one.getAttribute('aria-pressed') === 'true').map((one) => one.textContent?.trim()),
    );
    expect(here.sort()).toEqual([...names].sort());
  }).toPass();
}

/** Taps a tile of the board on its left or right half. */
export async function tapTile(page: Page, fault: string, side: 'left' | 'right' = 'left'): Promise<void> {
  const tile = page.locator(`[data-fault="${fault}"]`);
  const box = await tile.boundingBox();
  if (!box) throw new Error(`There is no tile ${fault}`);
  await tile.click({ position: { x: box.width * (side === 'left' ? 0.25 : 0.75), y: box.height / 2 } });
}

/** The line of steps as it was typed: the editor shows each line of it in an element of its own. */
export const hasLine = (page: Page, text: string) =>
  expect
    .poll(() =>
      page
        .locator('hop-line .cm-line')
        .evaluateAll((rows) => rows.map((row) => (row.querySelector('.cm-placeholder') ? '' : row.textContent)).join('\n')),
    )
    .toBe(text);

/** Opens a pattern from the library by its name. */
export async function openPattern(page: Page, name: string): Promise<void> {
  await page.goto('/steps');
  await page.locator('#find').fill(name);
  await page
    .getByRole('link', { name: new RegExp(name) })
    .first()
    .click();
}

/** The worked evening’s line of steps. */
export const EVENING =
  'tempo flat, split, shuffle right 40 cm, lunge ahead 90 cm right foot + hit 80 ms after landing, recover back, shuffle left 40 cm';

/** Saves a pattern by the API, for tests of what is done with one. */
export async function savePattern(page: Page, name: string, dose: object | null): Promise<void> {
  const id = crypto.randomUUID();
  await put(page, `/patterns/${id}`, {
    id,
    version: 0,
    name,
    steps: EVENING,
    sport: 'squash',
    school: 'square-ready',
    hand: 'right',
    lead: 'none',
    shouldClose: true,
    dose,
  });
}
