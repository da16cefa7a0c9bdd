import { execFileSync } from 'node:child_process';
import { X509Certificate } from 'node:crypto';
import { mkdtempSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ownAddresses, phonePage } from './lan.js';

const script = fileURLToPath(new URL('./certificate.ts', import.meta.url));
const make = (folder: string, ...further: string[]): { cert: string; key: string } =>
  JSON.parse(execFileSync(process.execPath, ['--import', 'tsx', script, folder, ...further], { encoding: 'utf8' })) as {
    cert: string;
    key: string;
  };

describe('the certificate that the start makes', () => {
  const folder = mkdtempSync(join(tmpdir(), 'hopsk-cert-'));

  it('is for this machine’s addresses and those asked for, its key is nobody else’s to read, and it is kept', () => {
    const { cert, key } = make(folder, '127.0.0.2');
    const pem = readFileSync(cert, 'utf8');
    const read = new X509Certificate(pem);
    for (const address of ['127.0.0.1', '127.0.0.2', ...ownAddresses()]) expect(read.checkIP(address)).withContext(address).toBe(address);
    expect(read.checkHost('localhost')).toBe('localhost');
    expect(read.checkIP('127.0.0.3')).toBeUndefined();
    const days = (Date.parse(read.validTo) - Date.parse(read.validFrom)) / 86_400_000;
    expect(days).toBeGreaterThan(700);
    // Phones refuse more than 825 days (CA/Browser Forum ballot 193; value from memory).
    expect(days).toBeLessThanOrEqual(825);
    expect(statSync(key).mode & 0o077).toBe(0);
    make(folder, '127.0.0.2');
    expect(readFileSync(cert, 'utf8')).toBe(pem);
  });

  it('is made anew when it does not fit an address, or is no certificate any more', () => {
    const { cert } = make(folder, '127.0.0.2');
    const before = readFileSync(cert, 'utf8');
    make(folder, '127.0.0.9');
    expect(new X509Certificate(readFileSync(cert, 'utf8')).checkIP('127.0.0.9')).toBe('127.0.0.9');
    expect(readFileSync(cert, 'utf8')).not.toBe(before);
    writeFileSync(cert, 'half a fi');
    make(folder);
    expect(new X509Certificate(readFileSync(cert, 'utf8')).checkIP('127.0.0.1')).toBe('127.0.0.1');
  });
});

describe('the page about phones', () => {
  it('says that nobody else reaches the server while it listens at home only', async () => {
    expect(await phonePage({ hosts: ['127.0.0.1'], tls: null }, 4180)).toEqual({ lan: false, secure: false, addresses: [] });
  });

  it('gives each open address with a code for the camera', async () => {
    const page = await phonePage({ hosts: ['127.0.0.1', '127.0.0.2'], tls: { cert: '', key: '' } }, 4180);
    expect(page.secure).toBeTrue();
    expect(page.addresses.map((one) => one.url)).toEqual(['https://127.0.0.2:4180']);
    expect(page.addresses[0]?.qr).toMatch(/^data:image\/png;base64,/);
  });
});
