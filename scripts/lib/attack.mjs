import { randomBytes, randomInt } from 'node:crypto';
import { request } from 'node:http';
import { connect } from 'node:net';
import { setTimeout } from 'node:timers/promises';

/** Answers of one kind of attack, counted by status; 0 where the connection was ended without one. */
class Tally {
  counts = new Map();
  faults = 0;
  slowest = 0;

  constructor(what) {
    this.what = what;
  }

  add(status, ms = 0) {
    this.counts.set(status, (this.counts.get(status) ?? 0) + 1);
    // Too busy, no room: said, and no fault. Whatever else begins with 5 is one.
    if (status >= 500 && ![503, 507].includes(status)) this.faults++;
    this.slowest = Math.max(this.slowest, ms);
  }

  get sent() {
    return [...this.counts.values()].reduce((sum, n) => sum + n, 0);
  }
}

/** One request to a house; a body is sent as it is, its last byte not before `held` is over. */
const ask = (url, { method = 'GET', path, headers = {}, body = null, held = null }) =>
  new Promise((done) => {
    const began = performance.now();
    const { hostname, port } = new URL(url);
    const over = (status, text = '', got = {}) => done({ status, text, headers: got, ms: performance.now() - began });
    let asked;
    try {
      asked = request({ host: hostname, port, method, path, headers, agent: false, timeout: 30_000 }, (answer) => {
        let text = '';
        answer.setEncoding('utf8').on('data', (part) => (text += part));
        answer.on('end', () => over(answer.statusCode, text, answer.headers));
        answer.on('error', () => over(0));
      });
    } catch {
      // What no client can even send.
      return over(0);
    }
    asked.on('error', () => over(0));
    asked.on('timeout', () => asked.destroy());
    if (held === null) return asked.end(body);
    asked.write(body.slice(0, -1));
    void held.then(() => asked.end(body.slice(-1)));
  });

/** Bytes as they are, on a connection of their own; the status of the first answer. */
const raw = (url, bytes) =>
  new Promise((done) => {
    const began = performance.now();
    const socket = connect(Number(new URL(url).port), '127.0.0.1');
    let text = '';
    const over = () => done({ status: Number(/^HTTP\/1\.1 (\d{3})/.exec(text)?.[1] ?? 0), ms: performance.now() - began });
    socket.setTimeout(3_000, () => socket.destroy());
    socket.on('data', (part) => (text += part.toString('latin1')));
    socket.on('close', over).on('error', () => undefined);
    socket.write(bytes);
    socket.end();
  });

/** Somebody of the demo club: what their browser sends. */
async function entered(url) {
  const { headers } = await ask(url, { method: 'POST', path: '/api/demo', headers: { 'Content-Type': 'application/json' }, body: '{}' });
  const cookies = (headers['set-cookie'] ?? []).map((one) => one.split(';')[0]);
  const token = cookies.find((one) => one.startsWith('XSRF-TOKEN='))?.slice('XSRF-TOKEN='.length) ?? '';
  return { Cookie: cookies.join('; '), 'X-XSRF-TOKEN': token, 'Content-Type': 'application/json' };
}

const anyOf = (list) => list[randomInt(list.length)];
const WAYS = [
  '/athletes',
  '/patterns',
  '/sessions',
  '/runs',
  '/teaching',
  '/me/settings',
  '/people-rules',
  '/looks',
  '/imports',
  '/coaches',
];
const NASTY = [
  '%00',
  '%ff',
  '..%2f..%2fetc%2fpasswd',
  "'%20or%201=1--",
  '%F0%9F%A4%BA',
  'a'.repeat(3000),
  '__proto__',
  '[object]',
  '%E2%80%AE',
];
const BODIES = [
  '',
  '{',
  'null',
  '[]',
  '"x"',
  '{"a":'.repeat(3000),
  '[' + '0,'.repeat(50_000) + '0]',
  '\u0000',
  '{"__proto__":{"x":1}}',
  '{"id":1e999}',
];

/** Requests that no page sends, by somebody who is in: texts that are no JSON, ways that are none, values beyond every edge. */
async function fuzz(url, me, n, tally) {
  for (let i = 0; i < n; i++) {
    const method = anyOf(['GET', 'PUT', 'POST', 'DELETE', 'HEAD', 'PATCH']);
    const path = `/api${anyOf(WAYS)}${anyOf(['', '/', `/${anyOf(NASTY)}`, `?ids=${anyOf(NASTY)}`, `/${randomBytes(16).toString('hex')}`])}`;
    const body = ['GET', 'HEAD'].includes(method) ? null : anyOf(BODIES);
    const { status, ms } = await ask(url, { method, path, headers: me, body });
    tally.add(status, ms);
  }
}

/** Bytes that are no request, or two in one. */
async function smuggle(url, n, tally) {
  const lines = [
    () => randomBytes(200),
    () => 'GET /api/door HTTP/1.1\r\n\r\n',
    () => 'GET /api/door HTTP/1.1\r\nHost: a\r\nHost: b\r\n\r\n',
    () =>
      'POST /api/sign-in HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Length: 4\r\nTransfer-Encoding: chunked\r\n\r\n0\r\n\r\nGET /api/me HTTP/1.1\r\n\r\n',
    () => `GET /${'x'.repeat(20_000)} HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n`,
    () => `GET / HTTP/1.1\r\nHost: 127.0.0.1\r\nX: ${'y'.repeat(40_000)}\r\n\r\n`,
    () => 'GET http://evil.example/ HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n',
  ];
  for (let i = 0; i < n; i++) {
    const { status, ms } = await raw(url, lines[i % lines.length]());
    tally.add(status, ms);
  }
}

/** Another site, another name, a stale page: nothing of it may be done. */
async function forge(url, me, n, tally) {
  const tries = [
    { headers: { Host: 'evil.example' } },
    { headers: { Origin: 'https://evil.example' } },
    { headers: { 'Sec-Fetch-Site': 'cross-site' } },
    { headers: { 'X-XSRF-TOKEN': randomBytes(24).toString('base64url') } },
  ];
  for (let i = 0; i < n; i++) {
    const { headers } = tries[i % tries.length];
    const { status } = await ask(url, { method: 'PUT', path: '/api/people-rules', headers: { ...me, ...headers }, body: '{}' });
    tally.add(status);
  }
}

/** Many at one moment. */
async function atOnce(n, one, tally) {
  const all = await Promise.all(Array.from({ length: n }, (_, i) => one(i)));
  for (const { status, ms } of all) tally.add(status, ms);
}

/**
 * Attacks a house of its own: requests that nobody sends, and many at one moment. Gives what was answered, and what should not have been.
 * @param {{ url: string, n: number }} of a house on this machine, and how many requests of a kind
 */
export async function attack({ url, n }) {
  const me = await entered(url);
  const odd = new Tally('requests that no page sends');
  const bytes = new Tally('bytes that are no request');
  const forged = new Tally('forged writes');
  const passwords = new Tally('wrong passwords at once');
  const files = new Tally('files at once');
  const wrong = [];
  await fuzz(url, me, n, odd);
  await smuggle(url, Math.ceil(n / 10), bytes);
  await forge(url, me, Math.ceil(n / 10), forged);
  if (forged.counts.has(200)) wrong.push(`${forged.counts.get(200)} forged writes were done`);

  const guess = (i) =>
    ask(url, {
      method: 'POST',
      path: '/api/sign-in',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ email: 'runa@netloft.test', password: `no password ${i}` }),
    });
  await atOnce(Math.min(400, n), guess, passwords);
  const looked = passwords.counts.get(401) ?? 0;
  if (looked > 8) wrong.push(`${looked} passwords were looked at, not 8 at most`);

  // No file is whole before all others were answered: so all are on their way at once.
  const FILES = 12;
  let answered = 0;
  let enough = () => undefined;
  const held = Promise.race([new Promise((done) => (enough = done)), setTimeout(10_000, undefined, { ref: false })]);
  const file = async (i) => {
    const answer = await ask(url, {
      method: 'POST',
      path: '/api/imports',
      headers: { ...me, 'Content-Type': 'application/octet-stream' },
      body: i % 2 ? randomBytes(50_000) : '{"format":"hopsk-club","version":4,"club":{"name":"x"}}\n',
      held,
    });
    if (++answered === FILES - 1) enough();
    return answer;
  };
  await atOnce(FILES, file, files);
  const alive = await ask(url, { path: '/api/health' });
  if (alive.status !== 200) wrong.push(`afterwards the server is not healthy (${alive.status})`);
  const all = [odd, bytes, forged, passwords, files];
  for (const { what, faults } of all) if (faults > 0) wrong.push(`${what}: ${faults} faults of the server`);
  return { all, wrong };
}
