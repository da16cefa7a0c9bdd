import { execFileSync } from 'node:child_process';
import { X509Certificate as Read, webcrypto } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createServer, request, type ServerOptions } from 'node:https';
import { isIP, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import {
  BasicConstraintsExtension,
  PemConverter,
  SubjectAlternativeNameExtension,
  X509CertificateGenerator,
  type X509Certificate,
} from '@peculiar/x509';
import { ownAddresses } from '../lan.js';
import { ALGORITHM, authorityIn } from './authority.js';
import { keep } from './keep.js';
import type { Fitting } from './leaf.js';

const script = fileURLToPath(new URL('./main.ts', import.meta.url));
const make = (folder: string, ...further: string[]): Fitting =>
  JSON.parse(execFileSync(process.execPath, ['--import', 'tsx', script, folder, ...further], { encoding: 'utf8' })) as Fitting;
const pem = (file: string | null): string => readFileSync(file ?? '', 'utf8');

/** How a TLS client that trusts one authority only takes a server that is asked for by a name; 'OK' or OpenSSL's reason. */
async function taken(options: ServerOptions, ca: string, name: string): Promise<string> {
  const server = createServer(options, (_request, response) => response.end());
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  const { port } = server.address() as AddressInfo;
  const said = await new Promise<string>((done) => {
    request(
      {
        host: '127.0.0.1',
        port,
        ca,
        ...(isIP(name) ? { headers: { host: name }, checkServerIdentity: () => undefined } : { servername: name }),
      },
      (answer) => {
        answer.resume();
        done('OK');
      },
    )
      .on('error', (error) => done(error.message))
      .end();
  });
  server.closeAllConnections();
  server.close();
  return said;
}

describe('the certificate that the start makes', () => {
  let folder: string;
  beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'hopsk-cert-'))));
  afterEach(() => rmSync(folder, { recursive: true, force: true }));

  it('is for this machine’s private addresses and those asked for, its keys are nobody else’s to read, and it is kept', () => {
    const made = make(folder, '127.0.0.2', '203.0.113.9');
    const text = pem(made.cert);
    const read = new Read(text);
    for (const address of ['127.0.0.1', '127.0.0.2']) expect(read.checkIP(address)).withContext(address).toBe(address);
    for (const address of ownAddresses())
      expect(read.checkIP(address) === undefined)
        .withContext(address)
        .toBe(made.left.includes(address));
    expect(made.left).toContain('203.0.113.9');
    expect(read.checkHost('localhost')).toBe('localhost');
    expect(read.checkHost(made.name)).toBe(made.name);
    expect(made.name).toMatch(/^[a-z0-9-]+\.local$/);
    expect(read.checkIP('127.0.0.3')).toBeUndefined();
    const days = (Date.parse(read.validTo) - Date.parse(read.validFrom)) / 86_400_000;
    expect(days).toBeGreaterThan(700);
    // Phones refuse more than 825 days (CA/Browser Forum ballot 193; value from memory).
    expect(days).toBeLessThanOrEqual(825);
    for (const key of [made.key, join(folder, 'authority.key.pem')]) expect(statSync(key).mode & 0o077).toBe(0);
    expect(make(folder, '127.0.0.2')).toEqual({ ...made, left: jasmine.any(Array) as unknown as string[] });
    expect(pem(made.cert)).toBe(text);
  });

  it('follows the addresses, is made again where half of it is there, and the authority that phones trust stays', async () => {
    const { cert, key, authority } = make(folder, '127.0.0.2');
    const [before, trusted] = [pem(cert), pem(authority)];
    make(folder, '127.0.0.9');
    expect(new Read(pem(cert)).checkIP('127.0.0.9')).toBe('127.0.0.9');
    expect(pem(cert)).not.toBe(before);
    for (const file of [cert, key]) {
      writeFileSync(file, 'half a fi');
      make(folder);
      expect(await taken({ cert: pem(cert), key: pem(key) }, trusted, 'localhost'))
        .withContext(file)
        .toBe('OK');
    }
    // The key of another one, as a start that was killed between the two leaves it.
    const other = mkdtempSync(join(tmpdir(), 'hopsk-cert-'));
    writeFileSync(key, pem(make(other).key));
    make(folder);
    expect(await taken({ cert: pem(cert), key: pem(key) }, trusted, 'localhost')).toBe('OK');
    expect(pem(authority)).toBe(trusted);
    rmSync(other, { recursive: true });
  });

  it('speaks for nobody else: OpenSSL takes what the authority signs for this house, and refuses any other name or address', async () => {
    const authority = await authorityIn(folder);
    const trusted = authority.cert.toString('pem');
    const signed = async (value: string, type: 'dns' | 'ip'): Promise<string> => {
      const keys = await webcrypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']);
      const cert = await X509CertificateGenerator.create({
        subject: 'CN=leaf',
        issuer: authority.cert.subject,
        signingKey: authority.key,
        signingAlgorithm: ALGORITHM,
        publicKey: keys.publicKey,
        extensions: [new SubjectAlternativeNameExtension([{ type, value }])],
      });
      const key = PemConverter.encode(await webcrypto.subtle.exportKey('pkcs8', keys.privateKey), 'PRIVATE KEY');
      return taken({ cert: `${cert.toString('pem')}\n${trusted}`, key }, trusted, value);
    };
    for (const address of ['127.0.0.1', '10.1.2.3', '192.168.255.1', 'fd12::1'])
      expect(await signed(address, 'ip'))
        .withContext(address)
        .toBe('OK');
    for (const name of ['localhost', authority.name])
      expect(await signed(name, 'dns'))
        .withContext(name)
        .toBe('OK');
    for (const name of ['bank.example', 'local', `evil.${authority.name.replace('.local', '')}.example`])
      expect(await signed(name, 'dns'))
        .withContext(name)
        .toBe('permitted subtree violation');
    for (const address of ['203.0.113.9', '172.32.0.1', '11.0.0.1', '2001:db8::1'])
      expect(await signed(address, 'ip'))
        .withContext(address)
        .toBe('permitted subtree violation');
    // Nor can it make another authority.
    expect(authority.cert.getExtension(BasicConstraintsExtension)?.pathLength).toBe(0);
  });

  it('one of an earlier version, which phones trust by itself, works until it fits no more', async () => {
    const keys = await webcrypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']);
    const cert: X509Certificate = await X509CertificateGenerator.createSelfSigned({
      name: 'CN=Hopsk on this network',
      notAfter: new Date(Date.now() + 100 * 86_400_000),
      signingAlgorithm: ALGORITHM,
      keys,
      extensions: [
        new BasicConstraintsExtension(true, undefined, true),
        new SubjectAlternativeNameExtension([
          { type: 'dns', value: 'localhost' },
          ...['127.0.0.1', ...ownAddresses()].map((value) => ({ type: 'ip' as const, value })),
        ]),
      ],
    });
    await keep(join(folder, 'cert.pem'), cert);
    await keep(join(folder, 'key.pem'), keys.privateKey);
    const before = pem(join(folder, 'cert.pem'));
    expect(make(folder)).toEqual(jasmine.objectContaining({ authority: null, name: '' }));
    expect(pem(join(folder, 'cert.pem'))).toBe(before);
    expect(make(folder, '127.0.0.7').authority).toBe(join(folder, 'authority.pem'));
    expect(pem(join(folder, 'cert.pem'))).not.toBe(before);
  });
});
