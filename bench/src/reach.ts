import { randomUUID } from 'node:crypto';
import type { Athlete } from '@hopsk/contract/people';
import type { EventsPage } from '@hopsk/contract/run';
import { startServer } from '../../scripts/lib/server.mjs';
import { signIn, type Ask } from './ask.js';
import type { Line } from './measure.js';
import { othersFromNow } from './others.js';
import { screensFor } from './screens.js';
import { headOf } from './taps.js';

/** How long the halls tap (ms). */
const FOR = 60_000;
/** Every so manieth tap of a run comes to the server that did not have those before it. */
const STRAYS = 10;

interface Halls {
  readonly runs: number;
  /** From one tap of a run to its next (ms). */
  readonly each: number;
  /** Where each run has a screen in its hall that listens: the server's address. */
  readonly screensAt?: string;
}
const BUSY: Halls = { runs: 50, each: 1000 };
const MANY: Halls = { runs: 200, each: 5000 };

interface Tapped {
  /** So many of a hundred were answered within so many ms of when they were pressed. */
  readonly p99: number;
  readonly lost: number;
  /** What of the processors' time went to other machines meanwhile (%). */
  readonly others: number;
  /** What screens in the halls were told meanwhile. */
  readonly heard: number;
}

const wait = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));

/**
 * Runs that are under way at once, each with one who taps now and then. How long a tap takes is counted from when it was to be pressed,
 * so that one that has to wait for those before it is not counted shorter.
 */
async function tapped(servers: readonly Ask[], people: readonly string[], { runs, each, screensAt }: Halls): Promise<Tapped> {
  const [first] = servers as readonly [Ask];
  const heads = Array.from({ length: runs }, () => headOf(people));
  const devices = heads.map(() => randomUUID());
  const sending = (events: readonly object[], m: number): RequestInit => ({ method: 'POST', body: JSON.stringify({ events, m }) });
  for (const [i, head] of heads.entries()) {
    await first(`/runs/${head.id}`, { method: 'PUT', body: JSON.stringify(head) });
    const go = { id: randomUUID(), device: devices[i], seq: 1, order: 1, m: 0, at: Date.now(), kind: 'go', answers: null };
    await first(`/runs/${head.id}/events`, sending([go], 0));
  }
  const screens =
    screensAt === undefined
      ? null
      : await screensFor(
          screensAt,
          first,
          heads.map(({ id }) => id),
        );
  const took: number[] = [];
  let sent = runs;
  const began = performance.now() + 500;
  const taken = othersFromNow();
  const one = async (id: string, place: number): Promise<void> => {
    const offset = (place / runs) * each;
    for (let n = 0; n * each + offset < FOR; n++) {
      const due = began + n * each + offset;
      await wait(Math.max(0, due - performance.now()));
      const m = 5000 + Math.round(due - began);
      const stamp = { id: randomUUID(), device: devices[place], seq: n + 2, order: n + 2, m, at: Date.now() };
      const tap = { ...stamp, kind: 'fault', fault: 'tall', side: null, athlete: people[0], source: 'floor', clip: null, shown: null };
      const stray = n % STRAYS === STRAYS - 1 ? 1 : 0;
      const ask = servers[(place + stray) % servers.length] as Ask;
      sent++;
      await ask(`/runs/${id}/events`, sending([tap], m));
      took.push(performance.now() - due);
    }
  };
  await Promise.all(heads.map(({ id }, place) => one(id, place)));
  const others = taken();
  screens?.stop();
  let kept = 0;
  for (const { id } of heads) kept += (await first<EventsPage>(`/runs/${id}/events?after=0`)).events.length;
  took.sort((a, b) => a - b);
  return { p99: took[Math.floor(took.length * 0.99)] ?? Number.NaN, lost: sent - kept, others, heard: screens?.heard() ?? 0 };
}

/** Gives the club's file out, one after the other, until it is told to stop; how often it came to its end. */
function givingOut(ask: Ask): { readonly stop: () => Promise<number> } {
  const state = { on: true, times: 0 };
  const loop = (async () => {
    while (state.on) {
      const { id } = await ask<{ id: string }>('/export', { method: 'POST', body: JSON.stringify({ passphrase: null }) });
      await ask.bytes(`/export/${id}`);
      state.times++;
    }
  })();
  return {
    stop: async () => {
      state.on = false;
      await loop;
      return state.times;
    },
  };
}

/** Many halls at once, on one server and on two of one database; the load is made on the same machine. */
export async function reach(
  house: { readonly url: string; readonly databaseUrl: string; readonly postgres: { readonly data: string } },
  ask: Ask,
): Promise<Line[]> {
  const people = (await ask<Athlete[]>('/athletes')).slice(0, 6).map(({ id }) => id);
  const lines: Line[] = [];
  const note = (name: string, { p99, lost, others }: Tapped, limit: number): void => {
    lines.push({ name: `${name}: 99 of 100 taps within`, value: p99, unit: 'ms', baseline: null, limit });
    lines.push({ name: `${name}: taps lost`, value: lost, unit: '', baseline: null, limit: 0 });
    lines.push({ name: `${name}: processors taken by other machines`, value: others, unit: '%', baseline: null, limit: null });
  };
  const second = await startServer(house.postgres.data, { DATABASE_URL: house.databaseUrl, HOPSK_PORT: '0', HOPSK_LOG: 'warn' });
  try {
    const withScreens = await tapped([ask], people, { ...BUSY, screensAt: house.url });
    note('50 runs, a tap a second, each with a screen in its hall', withScreens, 100);
    lines.push({ name: 'told to the screens meanwhile', value: withScreens.heard, unit: '', baseline: null, limit: null });
    for (const [where, servers] of [
      ['', [ask]],
      ['two servers, ', [ask, await signIn(`http://127.0.0.1:${second.port}`)]],
    ] as const) {
      note(`${where}50 runs, a tap a second`, await tapped(servers, people, BUSY), 100);
      note(`${where}200 runs, a tap each 5 s`, await tapped(servers, people, MANY), 100);
      const out = givingOut(servers.at(-1) as Ask);
      note(`${where}the same beside a club file that goes out`, await tapped(servers, people, MANY), 250);
      lines.push({ name: `${where}club files given out meanwhile`, value: await out.stop(), unit: '', baseline: null, limit: null });
    }
  } finally {
    await second.stop();
  }
  return lines;
}
