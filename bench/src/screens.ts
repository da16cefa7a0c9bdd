import { get, request, type IncomingMessage, type RequestOptions } from 'node:http';
import type { Ask } from './ask.js';

/** Hall screens that listen until they are let go, and what they were told meanwhile. */
export interface Screens {
  readonly heard: () => number;
  readonly stop: () => void;
}

const answered = (url: string, options: RequestOptions, body: string): Promise<IncomingMessage> =>
  new Promise((done, fail) => {
    request(url, { method: 'POST', ...options }, done)
      .on('error', fail)
      .end(body);
  });

/** A screen in the hall for each of these runs, each from an address of its own, as in halls of their own. */
export async function screensFor(url: string, ask: Ask, runs: readonly string[]): Promise<Screens> {
  let heard = 0;
  const open: (() => void)[] = [];
  for (const [i, run] of runs.entries()) {
    const { code } = await ask<{ code: string }>(`/runs/${run}/code`, { method: 'POST', body: '{}' });
    const localAddress = `127.0.1.${i + 1}`;
    const body = JSON.stringify({ code });
    const headers = { 'content-type': 'application/json', 'content-length': Buffer.byteLength(body) };
    const entered = await answered(`${url}/api/hall`, { localAddress, headers }, body);
    entered.resume();
    if (entered.statusCode !== 200) throw new Error(`A hall screen was answered ${entered.statusCode}.`);
    const cookie = (entered.headers['set-cookie'] ?? []).map((one) => one.split(';')[0] ?? '').join('; ');
    const listening = get(`${url}/api/hall/live`, { localAddress, headers: { cookie, accept: 'text/event-stream' } }, (stream) =>
      stream.on('data', (part: Buffer) => (heard += part.toString().split('data:').length - 1)),
    );
    listening.on('error', () => undefined);
    open.push(() => listening.destroy());
  }
  return { heard: () => heard, stop: () => open.forEach((close) => close()) };
}
