import { createPrivateKey, X509Certificate as Read, webcrypto } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  AuthorityKeyIdentifierExtension,
  BasicConstraintsExtension,
  ExtendedKeyUsage,
  ExtendedKeyUsageExtension,
  KeyUsageFlags,
  KeyUsagesExtension,
  SubjectAlternativeNameExtension,
  X509CertificateGenerator,
} from '@peculiar/x509';
import ipaddr from 'ipaddr.js';
import { ownAddresses } from '../lan.js';
import { ALGORITHM, authorityIn, serial } from './authority.js';
import { keep } from './keep.js';

const DAY = 24 * 3600 * 1000;
/** Phones refuse certificates that run for longer than 825 days (CA/Browser Forum ballot 193; value from memory). */
const RUNS = 800 * DAY;
/** Made anew so long before it ends. */
const EARLY = 7 * DAY;

/** What this machine needs to speak HTTPS. */
export interface Fitting {
  readonly cert: string;
  readonly key: string;
  /** What phones are told to trust; null while one of an earlier version, trusted by itself, still holds. */
  readonly authority: string | null;
  /** Addresses of this machine for which a certificate of the house cannot speak: they are not private. */
  readonly left: readonly string[];
  /** The machine's name on its network, as the certificate speaks for it; empty where it is of an earlier version. */
  readonly name: string;
}

const isPrivate = (address: string): boolean =>
  ipaddr.isValid(address) && ['private', 'loopback', 'linkLocal', 'uniqueLocal'].includes(ipaddr.process(address).range());

/**
 * A certificate for all private addresses of this machine, and further ones: the one that is there while it fits, else one that the
 * house's authority signs.
 * @param further addresses beside those that the machine has now
 */
export async function fitting(folder: string, further: readonly string[]): Promise<Fitting> {
  const [cert, key, authority] = ['cert.pem', 'key.pem', 'authority.pem'].map((name) => join(folder, name)) as [string, string, string];
  const all = [...new Set(['127.0.0.1', ...ownAddresses(), ...further])];
  const addresses = all.filter(isPrivate);
  const left = all.filter((address) => !isPrivate(address));
  const now = existsSync(cert) && existsSync(key) ? read(readFileSync(cert, 'utf8')) : null;
  if (now && fits(now, addresses) && holds(now, key)) {
    // An earlier version's own, or one of an authority that is there.
    if (now.checkIssued(now)) return { cert, key, authority: null, left, name: '' };
    const by = existsSync(authority) ? read(readFileSync(authority, 'utf8')) : null;
    if (by && now.verify(by.publicKey)) return { cert, key, authority, left, name: nameOf(now) };
  }
  const name = await make(folder, { cert, key }, addresses);
  return { cert, key, authority, left, name };
}

function fits(known: Read, addresses: readonly string[]): boolean {
  return Date.parse(known.validTo) > Date.now() + EARLY && addresses.every((address) => known.checkIP(address) !== undefined);
}

const nameOf = (known: Read): string => /CN=(\S+)/.exec(known.subject)?.[1] ?? '';

/** Whether a key is that of a certificate: one that was killed while it made both leaves two that do not go together. */
function holds(known: Read, file: string): boolean {
  try {
    return known.checkPrivateKey(createPrivateKey(readFileSync(file)));
  } catch {
    return false;
  }
}

/** A file that was cut off while it was written is no certificate. */
function read(pem: string): Read | null {
  try {
    return new Read(pem);
  } catch {
    return null;
  }
}

async function make(folder: string, files: { readonly cert: string; readonly key: string }, addresses: readonly string[]): Promise<string> {
  const authority = await authorityIn(folder);
  const keys = await webcrypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']);
  const cert = await X509CertificateGenerator.create({
    serialNumber: serial(),
    subject: `CN=${authority.name}`,
    issuer: authority.cert.subject,
    notBefore: new Date(Date.now() - DAY),
    notAfter: new Date(Date.now() - DAY + RUNS),
    signingKey: authority.key,
    signingAlgorithm: ALGORITHM,
    publicKey: keys.publicKey,
    extensions: [
      new BasicConstraintsExtension(false, undefined, true),
      new KeyUsagesExtension(KeyUsageFlags.digitalSignature, true),
      new ExtendedKeyUsageExtension([ExtendedKeyUsage.serverAuth]),
      new SubjectAlternativeNameExtension([
        ...['localhost', authority.name].map((value) => ({ type: 'dns' as const, value })),
        ...addresses.map((value) => ({ type: 'ip' as const, value })),
      ]),
      await AuthorityKeyIdentifierExtension.create(authority.cert),
    ],
  });
  await keep(files.key, keys.privateKey);
  await keep(files.cert, [cert, authority.cert]);
  return authority.name;
}
