import type { Athlete } from '@hopsk/contract/people';
import type { RunWhole } from '@hopsk/contract/run';
import { expect, type Browser, type BrowserContext, type Page, type Route } from '@playwright/test';
import type { OwnHouse } from './own-house.js';
import { addAthlete, ask, enterDemo, onlyHere, savePattern } from './support.js';

/** What a soak is told, and what came of it. */
export interface Soak {
  readonly seed: number;
  /** Taps in all, and of each run of it. */
  readonly taps: number;
  readonly aRun: number;
  /** How many taps follow each other at once. */
  readonly burst: number;
}
export interface Soaked {
  readonly pressed: number;
  /** Said to be kept on its device, of those pressed; what a crash cut off is not known to be. */
  readonly kept: number;
  readonly lost: readonly string[];
  readonly doubled: readonly string[];
  readonly misplaced: readonly string[];
  readonly did: Readonly<Record<string, number>>;
}

/** A tap as a device wrote it. */
interface Written {
  readonly id: string;
  readonly device: string;
  readonly seq: number;
  readonly m: number;
  readonly fault: string;
  readonly side: string | null;
  readonly athlete: string | null;
}
interface Press {
  readonly fault: string;
  readonly side: string;
}
interface Soaking {
  /** Taps whose transaction was completed, since it was asked last; whether the store is full; by how much the wall's clock is off (ms). */
  kept: Written[];
  full: boolean;
  jump: number;
  /** Who was shown as watched when a tile was pressed last. */
  aim: string;
}

const FAULTS = ['split-late', 'tall'] as const;
const DEVICES = 3;
/** Chances that a request for the log is sent twice, loses its answer, is answered with 500, or comes late. */
const AWRY = { twice: 0.1, unanswered: 0.1, broken: 0.05, late: 0.1 };

/** Numbers that a seed gives, 0 to 1 (mulberry32, public domain). */
function chanceOf(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), a | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** Runs in every page before the app: says what was kept, fills the store, and moves the wall's clock. */
function prepare(): void {
  const here: Soaking = { kept: [], full: false, jump: Number(localStorage.getItem('soak-jump') ?? 0), aim: '' };
  Object.assign(window, { soaking: here });
  // What is on the screen in the moment of the press, and not what was on it when somebody looked before.
  addEventListener(
    'click',
    ({ target }) => {
      if (target instanceof Element && target.closest('[data-fault]'))
        here.aim = document.querySelector('.chip[aria-pressed="true"] bdi')?.textContent?.trim() ?? '';
    },
    true,
  );
  const now = Date.now.bind(Date);
  Date.now = () => now() + here.jump;
  const { value: put } = Object.getOwnPropertyDescriptor(IDBObjectStore.prototype, 'put') as { value: IDBObjectStore['put'] };
  IDBObjectStore.prototype.put = function (value: { sent?: number; event?: Written & { kind: string } }, ...more: [IDBValidKey?]) {
    if (this.name === 'events') {
      if (here.full) throw new DOMException('full', 'QuotaExceededError');
      const { event, sent } = value;
      if (event?.kind === 'fault' && sent === 0) this.transaction.addEventListener('complete', () => here.kept.push(event));
    }
    return put.call(this, value, ...more);
  };
}
/** Presses tiles in the page as fast as it takes them; gives who was shown as watched at each. */
async function pressAll(presses: readonly Press[]): Promise<string[]> {
  const names: string[] = [];
  for (const { fault, side } of presses) {
    const tile = document.querySelector(`[data-fault="${fault}"]`) as Element;
    const { left, width } = tile.getBoundingClientRect();
    tile.dispatchEvent(new MouseEvent('click', { bubbles: true, detail: 1, clientX: left + width * (side === 'left' ? 0.25 : 0.75) }));
    names.push((window as unknown as { soaking: Soaking }).soaking.aim);
    await new Promise((go) => setTimeout(go, 4));
  }
  return names;
}
const soaking = <R>(page: Page, change: (here: Soaking) => R): Promise<R> => page.evaluate(`(${change.toString()})(window.soaking)`);

/** One device: a browser of its own that taps, is cut off, reloaded, closed, filled up and set to another time. */
class Device {
  private page!: Page;
  private offline = false;
  private full = false;
  private pending = 0;
  /** Presses whose keeping was not heard of yet, and what was kept. */
  pressed = 0;
  readonly kept = new Map<string, Written>();
  readonly aimed = new Map<string, Press & { readonly athlete: string }>();

  private constructor(
    readonly context: BrowserContext,
    private readonly chance: () => number,
    private readonly people: ReadonlyMap<string, string>,
  ) {}

  static async of(browser: Browser, baseURL: string, chance: () => number, people: ReadonlyMap<string, string>): Promise<Device> {
    const context = await browser.newContext({
      baseURL,
      viewport: { width: 412, height: 839 },
      reducedMotion: 'reduce',
      serviceWorkers: 'block',
    });
    await context.addInitScript(prepare);
    const device = new Device(context, chance, people);
    await context.route(/\/api\/runs\/[^/]+\/events$/, (route) => device.awry(route));
    device.page = await context.newPage();
    await enterDemo(device.page);
    return device;
  }

  get at(): Page {
    return this.page;
  }

  private async awry(route: Route): Promise<void> {
    const at = this.chance();
    const { twice, unanswered, broken, late } = AWRY;
    if (at < twice + unanswered) {
      await route.fetch().catch(() => null);
      return at < twice ? route.continue() : route.abort('connectionreset');
    }
    if (at < twice + unanswered + broken) return route.fulfill({ status: 500, body: '' });
    if (at < twice + unanswered + broken + late) await new Promise((go) => setTimeout(go, 20 + 300 * this.chance()));
    return route.continue();
  }

  /** Takes a note of what was kept since; gives what was not known. A device that had to be renamed keeps what is still to be sent again. */
  private async hear(): Promise<Written[]> {
    const kept = await soaking(this.page, (here) => here.kept.splice(0));
    const fresh = kept.filter(({ id }) => !this.kept.has(id));
    for (const one of kept) this.kept.set(one.id, one);
    return fresh;
  }

  async tap(burst: number): Promise<void> {
    const meant = Array.from({ length: burst }, (): Press => ({
      fault: FAULTS[Math.floor(this.chance() * FAULTS.length)] ?? FAULTS[0],
      side: this.chance() < 0.5 ? 'left' : 'right',
    }));
    const on = this.page.locator('.chip[aria-pressed="true"]');
    if ((await on.count()) === 0) {
      await this.turn();
      await expect(on).toHaveCount(1);
    }
    this.pressed += burst;
    const [one, ...more] = meant;
    const names = one && more.length === 0 ? [await this.press(one)] : await this.page.evaluate(pressAll, meant);
    // One time in ten it is not waited for: what comes next may cut it off. Where the store is full it is kept when there is room again.
    if (this.full || this.chance() < 0.1) return void (this.pending += burst);
    const kept: Written[] = [];
    await expect.poll(async () => kept.push(...(await this.hear())), { intervals: [5, 10, 20, 50] }).toBeGreaterThanOrEqual(burst);
    // Only where nothing else was still to come is it known which was aimed where: they are kept in turn.
    if (this.pending === 0 && kept.length === burst)
      kept.forEach(({ id }, i) => this.aimed.set(id, { ...(meant[i] as Press), athlete: this.people.get(names[i] ?? '') ?? '' }));
    this.pending = Math.max(0, this.pending - kept.length + burst);
  }

  /** Presses a tile; gives who was shown as watched. */
  private async press({ fault, side }: Press): Promise<string> {
    const tile = this.page.locator(`[data-fault="${fault}"]`);
    const box = await tile.boundingBox();
    if (!box) throw new Error(`no tile ${fault}`);
    await tile.click({ position: { x: box.width * (side === 'left' ? 0.25 : 0.75), y: box.height / 2 } });
    return soaking(this.page, (here) => here.aim);
  }

  async turn(): Promise<void> {
    const others = this.page.locator('.chip[aria-pressed="false"]', { has: this.page.locator('bdi') });
    const name = await others.first().locator('bdi').innerText();
    const on = this.page.locator('.chip[aria-pressed="true"] bdi');
    // Kept, then shown: a tap before that is still of the one before. What was heard of late may turn the same chip in the moment of the
    // press, which then lets go of whom it was to watch: it is pressed again.
    await expect(async () => {
      if (!(await on.allInnerTexts()).includes(name)) await this.page.locator('.chip').filter({ hasText: name }).click();
      await expect(on).toHaveText(name, { timeout: 5_000 });
    }).toPass({ timeout: 45_000 });
  }

  async pause(): Promise<void> {
    await this.page.getByRole('button', { name: /^(pause|go on)$/ }).click();
  }

  async cut(): Promise<void> {
    this.offline = !this.offline;
    await this.context.setOffline(this.offline);
  }

  async fill(): Promise<void> {
    this.full = !this.full;
    await soaking(this.page, this.full ? (here) => (here.full = true) : (here) => (here.full = false));
  }

  /** The wall's clock is off by hours, or says 1970 or 2090; a reload does not mend it. */
  async jump(): Promise<void> {
    const off = [0, 3_600_000 * 5, -3_600_000 * 7, -1_700_000_000_000, 2_000_000_000_000][Math.floor(this.chance() * 5)] ?? 0;
    await this.page.evaluate((jump) => {
      (window as unknown as { soaking: Soaking }).soaking.jump = jump;
      localStorage.setItem('soak-jump', String(jump));
    }, off);
  }

  /** The page is closed without a word, or loaded anew; the app comes from the server, which must be there. */
  async again(crash: boolean): Promise<void> {
    const was = this.offline;
    if (was) await this.cut();
    if (!crash) await this.hear();
    [this.full, this.pending] = [false, 0];
    if (crash) {
      await this.page.close({ runBeforeUnload: false });
      this.page = await this.context.newPage();
    }
    await this.page.goto('/floor/run');
    await this.page.locator('[data-fault]').first().waitFor();
    if (was) await this.cut();
  }

  /** Everything as it should be again, and everything sent. */
  async settle(): Promise<void> {
    if (this.full) await this.fill();
    if (this.offline) await this.cut();
    await expect(this.page.locator('.sent')).toHaveText('sent', { timeout: 60_000 });
    await this.hear();
  }
}

/**
 * Three devices in one run, and whatever can happen to them by a seed: every tap that a device said it had kept must be on the server
 * in the end, once, as it was written and as it was aimed, and all three must say the same of it.
 */
export async function soak(browser: Browser, house: OwnHouse, { seed, taps, aRun, burst }: Soak): Promise<Soaked> {
  const chance = chanceOf(seed);
  const did: Record<string, number> = {};
  const sum = { pressed: 0, kept: 0, lost: [] as string[], doubled: [] as string[], misplaced: [] as string[] };
  for (let n = 0; sum.pressed < taps; n++) {
    const run = await soakRun(browser, house, { chance, did, n, taps: Math.min(aRun, taps - sum.pressed), burst });
    sum.pressed += run.pressed;
    sum.kept += run.kept;
    for (const of of ['lost', 'doubled', 'misplaced'] as const) sum[of].push(...run[of]);
    // A long one says how far it is: at once where something went wrong, and not hours later.
    if (sum.pressed < taps || n > 0)
      console.log(
        `soak: run ${n + 1}, ${sum.pressed} of ${taps}; ${sum.lost.length} lost, ${sum.doubled.length} doubled, ${sum.misplaced.length} misplaced`,
      );
  }
  return { ...sum, did };
}

interface Part {
  readonly chance: () => number;
  readonly did: Record<string, number>;
  readonly n: number;
  readonly taps: number;
  readonly burst: number;
}

async function soakRun(browser: Browser, house: OwnHouse, { chance, did, n, taps, burst }: Part): Promise<Omit<Soaked, 'did'>> {
  const name = `Soak ${n + 1}`;
  const people = new Map<string, string>();
  const devices: Device[] = [];
  let down = 0;
  const revive = async (): Promise<void> => {
    if (down > 0) await house.reviveServer();
    down = 0;
  };
  try {
    for (let i = 0; i < DEVICES; i++) devices.push(await Device.of(browser, house.url, chance, people));
    const [first, ...others] = devices as [Device, ...Device[]];
    const names = ['Ada', 'Bea'].map((one) => `${name} ${one}`);
    // What they work on is what stands on the board.
    for (const [i, one] of names.entries()) await addAthlete(first.at, one, 170, { focus: i === 0 ? 'split-late' : 'tall' });
    for (const { id, name: called } of await ask<Athlete[]>(first.at, '/athletes')) people.set(called, id);
    await savePattern(first.at, name, { mode: 'seconds', work: 600, rounds: 8, sets: 1, rest: 30, setRest: null });
    await first.at.goto('/floor');
    await first.at.getByRole('button', { name, exact: true }).click();
    await onlyHere(first.at, ...names);
    await first.at.getByRole('button', { name: /^run/ }).click();
    await first.at.locator('[data-fault]').first().waitFor();
    for (const { at } of others) {
      await at.goto('/floor');
      await at.locator('.under').filter({ hasText: name }).getByRole('button', { name: 'take part' }).click();
      await at.locator('[data-fault]').first().waitFor();
      await at
        .locator('.chip')
        .filter({ hasText: names[1] ?? '' })
        .click();
    }
    const acts: readonly (readonly [number, string, (device: Device) => Promise<void>])[] = [
      [60, 'tap', (device) => device.tap(burst)],
      [8, 'turn to another', (device) => device.turn()],
      [3, 'pause', (device) => device.pause()],
      [8, 'network', (device) => device.cut()],
      [5, 'full', (device) => device.fill()],
      [4, 'clock', (device) => device.jump()],
      [4, 'reload', async (device) => (await revive(), device.again(false))],
      [3, 'crash', async (device) => (await revive(), device.again(true))],
      [2, 'kill', async () => (down > 0 ? undefined : ((down = 1), house.killServer()))],
    ];
    const weight = acts.reduce((all, [one]) => all + one, 0);
    const pressed = (): number => devices.reduce((all, device) => all + device.pressed, 0);
    while (pressed() < taps) {
      const device = devices[Math.floor(chance() * DEVICES)] as Device;
      let at = chance() * weight;
      const [, called, act] = acts.find(([one]) => (at -= one) < 0) ?? acts[0]!;
      did[called] = (did[called] ?? 0) + 1;
      await act(device);
      if (down > 0 && ++down > 6) await revive();
    }
    await revive();
    for (const device of devices) await device.settle();
    await first.at.getByRole('button', { name: 'end', exact: true }).click();
    await first.at.getByRole('button', { name: 'end it' }).click();
    const said = (page: Page) => page.locator('hop-summary section').allInnerTexts();
    for (const { at } of devices) await expect(at.getByRole('heading', { name: 'What was seen' })).toBeVisible({ timeout: 60_000 });
    // Whoever heard of the others' last taps later says the same in the end.
    for (const { at } of others) await expect(async () => expect(await said(at)).toEqual(await said(first.at))).toPass({ timeout: 60_000 });
    const id = ((await first.at.getByRole('link', { name: /name, taps/ }).getAttribute('href')) ?? '').split('/').at(-1) ?? '';
    const { events } = await ask<RunWhole>(first.at, `/runs/${id}`);
    return compared(devices, events as unknown as readonly (Written & { readonly kind: string })[]);
  } finally {
    await revive();
    for (const { context } of devices) await context.close();
  }
}

function compared(devices: readonly Device[], events: readonly (Written & { readonly kind: string })[]): Omit<Soaked, 'did'> {
  const taps = events.filter(({ kind }) => kind === 'fault');
  const there = new Map(taps.map((one) => [one.id, one]));
  const kept = devices.flatMap((device) => [...device.kept.values()]);
  const pressed = devices.reduce((all, device) => all + device.pressed, 0);
  const aimed = new Map(devices.flatMap((device) => [...device.aimed]));
  const body = ({ m, fault, side, athlete }: Written): string => JSON.stringify({ m, fault, side, athlete });
  const places = new Set<string>();
  const doubled = taps.filter(({ device, seq, id }) => places.size === places.add(`${device} ${seq}`).size || there.get(id) === undefined);
  return {
    pressed,
    kept: kept.length,
    lost: kept.filter(({ id }) => !there.has(id)).map(({ id }) => id),
    // More taps than presses is a tap too many, whichever it is.
    doubled: [...doubled.map(({ id }) => id), ...Array.from({ length: Math.max(0, taps.length - pressed) }, () => 'one more than pressed')],
    misplaced: kept.flatMap((one) => {
      const is = there.get(one.id);
      const meant = aimed.get(one.id);
      const wrong = meant && (meant.fault !== one.fault || meant.side !== one.side || meant.athlete !== one.athlete);
      return is && (body(is) !== body(one) || wrong) ? [`${body(one)} → ${body(is)}, aimed ${JSON.stringify(meant)}`] : [];
    }),
  };
}
