import { createDecipheriv, createHmac, hkdfSync, randomBytes, scryptSync } from 'node:crypto';
import { mkdir, mkdtemp, readdir, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { gunzipSync } from 'node:zlib';
import { ImportNow } from '@hopsk/contract/club-lines';
import { Decrypter, Encrypter } from 'age-encryption';
import { athlete, Coach, type House, openHouse, uploads } from '../testing/house.js';
import { HttpProblem } from '../http/problem.js';
import { keyOf, WORK } from './passphrase.js';
import { isSealed, sealed, unseal } from './sealed.js';

const WORDS = 'nine blue feathers, falling';

/** Opens a sealed file as https://age-encryption.org/v1 says, by Node’s own cryptography: nothing of the package that made it. */
function byHand(file: Buffer, passphrase: string): Buffer {
  const [magic, recipient = '', body = '', macLine = ''] = file.toString('latin1').split('\n', 4);
  const [, , salt = '', work] = recipient.split(' ');
  const head = Buffer.from([magic, recipient, body, '---'].join('\n'));
  const opened = (key: Uint8Array, nonce: Uint8Array, text: Uint8Array): Buffer => {
    const opening = createDecipheriv('chacha20-poly1305', key, nonce, { authTagLength: 16 });
    opening.setAuthTag(text.subarray(-16));
    return Buffer.concat([opening.update(text.subarray(0, -16)), opening.final()]);
  };
  const [N, label] = [2 ** Number(work), Buffer.from('age-encryption.org/v1/scrypt')];
  const wrap = scryptSync(passphrase, Buffer.concat([label, Buffer.from(salt, 'base64')]), 32, { N, r: 8, p: 1, maxmem: 2 * N * 1024 });
  const fileKey = opened(wrap, Buffer.alloc(12), Buffer.from(body, 'base64'));
  const of = (from: Uint8Array, info: string): Uint8Array => new Uint8Array(hkdfSync('sha256', fileKey, from, info, 32));
  const mac = createHmac('sha256', of(new Uint8Array(0), 'header'))
    .update(head)
    .digest('base64');
  expect(macLine).toBe(`--- ${mac.replace('=', '')}`);
  const rest = file.subarray(head.length + 1 + 43 + 1);
  const key = of(rest.subarray(0, 16), 'payload');
  const pieces: Buffer[] = [];
  for (let [at, n] = [16, 0]; at < rest.length; at += 65_552, n++) {
    const nonce = Buffer.alloc(12);
    nonce.writeUInt32BE(n, 7);
    nonce[11] = at + 65_552 >= rest.length ? 1 : 0;
    pieces.push(opened(key, nonce, rest.subarray(at, at + 65_552)));
  }
  return Buffer.concat(pieces);
}

const code = (error: unknown): string => (error instanceof HttpProblem ? error.says.code : String(error));

describe('what a passphrase seals', () => {
  let folder = '';
  beforeEach(async () => (folder = await mkdtemp(join(tmpdir(), 'hopsk-sealed-'))));
  afterEach(() => rm(folder, { recursive: true }));

  /** Text that packing does not make small, sealed; its key takes little work. */
  async function made(bytes: number): Promise<{ readonly text: string; readonly file: Buffer }> {
    const text = randomBytes(bytes).toString('base64');
    const parts: Uint8Array[] = [];
    const pieces = Readable.from(text.match(/[^]{1,10000}/g) ?? []);
    for await (const part of sealed(pieces, await keyOf(WORDS, randomBytes(16), 10))) parts.push(part);
    return { text, file: Buffer.concat(parts) };
  }

  async function opened(file: Uint8Array, passphrase = WORDS): Promise<string> {
    const [from, to] = [join(folder, 'from'), join(folder, 'to')];
    await Promise.all([rm(from, { force: true }), rm(to, { force: true })]);
    await writeFile(from, file);
    try {
      if (!(await isSealed(from))) return 'open';
      await unseal(from, to, passphrase, () => undefined);
      return (await readFile(to)).toString('latin1');
    } catch (error) {
      return code(error);
    }
  }

  it('opens by the format’s own description, and by its own package, piece by piece', async () => {
    // Around the format's piece of 65,536 bytes, and some of them.
    for (const bytes of [0, 1, 49_000, 65_400, 200_000]) {
      const { text, file } = await made(bytes);
      expect(gunzipSync(byHand(file, WORDS)).toString()).toBe(text);
      const theirs = new Decrypter();
      theirs.addPassphrase(WORDS);
      expect(gunzipSync(await theirs.decrypt(file)).toString()).toBe(text);
      expect(gunzipSync(Buffer.from(await opened(file), 'latin1')).toString()).toBe(text);
    }
  });

  it('of another program of that format is opened, with as much work as it is made with elsewhere', async () => {
    const theirs = new Encrypter();
    theirs.setPassphrase(WORDS);
    theirs.setScryptWorkFactor(12);
    expect(await opened(await theirs.encrypt('a line'))).toBe('a line');
  });

  it('stays closed for any other passphrase; cut or changed anywhere it gives nothing', async () => {
    const { file } = await made(100_000);
    for (const other of ['', WORDS.toUpperCase(), `${WORDS} `]) expect(await opened(file, other)).toBe('wrong-passphrase');
    const head = file.indexOf('---');
    const changes: [string, Uint8Array][] = [10, 70_000, file.length - 70_000, file.length - 1].map((at) => [
      `cut at ${at}`,
      file.subarray(0, at),
    ]);
    for (const at of [head + 10, head + 60, head + 300, file.length - 5]) {
      const other = Buffer.from(file);
      other[at] = file[at] === 0x41 ? 0x42 : 0x41;
      changes.push([`changed at ${at}`, other]);
    }
    changes.push(['longer', Buffer.concat([file, Buffer.alloc(20)])]);
    for (const [what, other] of changes)
      expect(['sealed-broken', 'open', 'sealed-otherwise'])
        .withContext(what)
        .toContain(await opened(other));
    expect(await opened(file.subarray(0, file.length - 1))).toBe('sealed-broken');
  });

  it('to anything but one passphrase, or with more work than is done here, is refused before any is done', async () => {
    const { file } = await made(10);
    const text = file.toString('latin1');
    for (const other of [
      text.replace('-> scrypt', '-> X25519'),
      text.replace(/ 10\n/, ` ${WORK.most + 1}\n`),
      text.replace(/ 10\n/, ' 1000\n'),
      text.replace(/(-> scrypt.*\n.*\n)/, '$1$1'),
      `${text.slice(0, 22)}${'x'.repeat(10_000)}`,
    ])
      expect(await opened(Buffer.from(other, 'latin1'))).toBe('sealed-otherwise');
  });
});

describe('a club file sealed with a passphrase', () => {
  let house: House;
  beforeEach(async () => {
    // Other checks leave files there that they looked through and did not add.
    await rm(uploads, { recursive: true, force: true });
    await mkdir(uploads, { recursive: true });
    house = await openHouse();
  });
  afterEach(() => house.close());

  async function filled(): Promise<{ readonly coach: Coach; readonly file: Buffer; readonly text: string }> {
    const coach = await Coach.of(house, 'First club');
    const one = athlete({ name: 'Nobody’s name' });
    await coach.put(`/athletes/${one.id}`, one).expect(201);
    return { coach, file: await coach.out(WORDS), text: (await coach.file()).text };
  }

  it('holds the same as the open one, shows nothing of it, and goes into another club with it alone', async () => {
    const { file, text } = await filled();
    expect(gunzipSync(byHand(file, WORDS)).toString()).toBe(text);
    expect(file.toString('latin1')).not.toContain('Nobody');
    const other = await Coach.of(house, 'Second club');
    const came = ImportNow.parse((await other.upload(file).expect(201)).body);
    expect(came.state).toBe('sealed');
    await other.post(`/imports/${came.id}/add`).expect(409);
    await other.post(`/imports/${came.id}/open`, { passphrase: '' }).expect(400);
    await other.post(`/imports/${came.id}/open`, { passphrase: 'something else' }).expect(200);
    const wrong = await other.settled(came.id);
    expect([wrong.state, wrong.problem?.error]).toEqual(['sealed', 'wrong-passphrase']);
    await other.post(`/imports/${came.id}/open`, { passphrase: WORDS }).expect(200);
    const read = await other.settled(came.id);
    expect([read.state, read.problem, read.club, read.whole, read.counts.athletes.added]).toEqual(['read', null, 'First club', 'whole', 1]);
    await other.post(`/imports/${came.id}/open`, { passphrase: WORDS }).expect(409);
    await other.post(`/imports/${came.id}/add`).expect(200);
    expect((await other.settled(came.id)).state).toBe('added');
    expect(await readdir(uploads)).toEqual([]);
  });

  it('is given to its own club once, and to whoever asked last', async () => {
    const { coach } = await filled();
    const other = await Coach.of(house, 'Second club');
    for (const passphrase of ['too short', 'x'.repeat(201), 5]) await coach.post('/export', { passphrase }).expect(400);
    const [earlier, address] = [await coach.ready(null), await coach.ready(WORDS)];
    await other.get(address).expect(404);
    await coach.get(earlier).expect(404);
    const given = await coach.get(address).expect(200);
    expect(given.get('Content-Disposition')).toContain('club.hopsk.age');
    await coach.get(address).expect(404);
  });

  it('cut on its way is refused whole, and leaves nothing behind', async () => {
    const { file } = await filled();
    const other = await Coach.of(house, 'Second club');
    const { id } = (await other.upload(file.subarray(0, file.length - 3)).expect(201)).body as ImportNow;
    await other.post(`/imports/${id}/open`, { passphrase: WORDS }).expect(200);
    const now = await other.settled(id);
    expect([now.state, now.problem?.error]).toEqual(['failed', 'sealed-broken']);
    expect(await readdir(uploads)).toEqual([]);
    await other.upload(Buffer.from('age-encryption.org/v1\n-> X25519 abc\n')).expect(400);
    expect(await readdir(uploads)).toEqual([]);
  });

  it('that was left takes no more work, and is gone', async () => {
    const { file } = await filled();
    const other = await Coach.of(house, 'Second club');
    const { id } = (await other.upload(file).expect(201)).body as ImportNow;
    await other.post(`/imports/${id}/open`, { passphrase: WORDS }).expect(200);
    await other.delete(`/imports/${id}`).expect(204);
    expect(await readdir(uploads)).toEqual([]);
  });
});
