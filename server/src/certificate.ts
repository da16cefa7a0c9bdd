import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { X509Certificate } from 'node:crypto';
import { generate } from 'selfsigned';
import { ownAddresses } from './lan.js';

/** Makes a certificate for this machine's addresses, and further ones, in `folder` unless a fitting one is there. Prints the two file paths. */
async function main(folder: string, further: readonly string[]): Promise<void> {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const cert = join(folder, 'cert.pem');
  const key = join(folder, 'key.pem');
  const addresses = [...new Set(['127.0.0.1', ...ownAddresses(), ...further])];
  if (!(existsSync(cert) && existsSync(key) && fits(readFileSync(cert, 'utf8'), addresses))) {
    const notBeforeDate = new Date();
    // Phones refuse certificates that run for longer than 825 days.
    const notAfterDate = new Date(notBeforeDate.getTime() + 800 * 24 * 3600 * 1000);
    const made = await generate([{ name: 'commonName', value: 'Hopsk on this network' }], {
      keySize: 2048,
      algorithm: 'sha256',
      notBeforeDate,
      notAfterDate,
      extensions: [
        { name: 'basicConstraints', cA: true, critical: true },
        { name: 'keyUsage', digitalSignature: true, keyCertSign: true, critical: true },
        { name: 'extKeyUsage', serverAuth: true },
        { name: 'subjectAltName', altNames: [{ type: 2, value: 'localhost' }, ...addresses.map((ip) => ({ type: 7 as const, ip }))] },
      ],
    });
    writeFileSync(key, made.private, { mode: 0o600 });
    writeFileSync(cert, made.cert);
  }
  console.log(JSON.stringify({ cert, key }));
}

function fits(pem: string, addresses: readonly string[]): boolean {
  const known = readCertificate(pem);
  if (!known) return false;
  const soon = Date.now() + 7 * 24 * 3600 * 1000;
  return Date.parse(known.validTo) > soon && addresses.every((address) => known.checkIP(address) !== undefined);
}

/** A file that was cut off while it was written is no certificate. */
function readCertificate(pem: string): X509Certificate | null {
  try {
    return new X509Certificate(pem);
  } catch {
    return null;
  }
}

await main(process.argv[2] ?? '.', process.argv.slice(3));
