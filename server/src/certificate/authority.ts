import { createPrivateKey, X509Certificate as Read, randomBytes, webcrypto } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { hostname } from 'node:os';
import { join } from 'node:path';
import { AsnConvert } from '@peculiar/asn1-schema';
import { GeneralName, GeneralSubtree, GeneralSubtrees, id_ce_nameConstraints, NameConstraints } from '@peculiar/asn1-x509';
import {
  BasicConstraintsExtension,
  Extension,
  KeyUsageFlags,
  KeyUsagesExtension,
  SubjectKeyIdentifierExtension,
  X509Certificate,
  X509CertificateGenerator,
} from '@peculiar/x509';
import { keep } from './keep.js';

export const ALGORITHM = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' };
const DAY = 24 * 3600 * 1000;
const YEARS = 10 * 365 * DAY;

/** Private ranges (RFC 1918, 3927, 4193, 4291; from memory): the authority can speak for no address of anybody else. */
const PRIVATE = ['10.0.0.0/8', '172.16.0.0/12', '192.168.0.0/16', '127.0.0.0/8', '169.254.0.0/16', 'fc00::/7', 'fe80::/10', '::1/128'];

/** Signs certificates of this house, and of no other: it is what a phone is told to trust, once. */
export interface Authority {
  readonly cert: X509Certificate;
  readonly key: webcrypto.CryptoKey;
  /** The one name on the network that it may speak for, besides `localhost`. */
  readonly name: string;
}

/** Twenty bytes at most, and positive (RFC 5280, 4.1.2.2). */
export const serial = (): string => `4${randomBytes(16).toString('hex').slice(1)}`;

/** This machine's name on its network; one that is none is left out. */
function localName(): string {
  const own = hostname().split('.')[0]?.toLowerCase() ?? '';
  return `${/^[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?$/.test(own) ? own : 'hopsk'}.local`;
}

/** The house's authority, as it was made at the first time, or made now. One that is over, or cannot be read, is made anew. */
export async function authorityIn(folder: string): Promise<Authority> {
  return (await known(folder)) ?? make(folder);
}

const filesOf = (folder: string): { cert: string; key: string } => ({
  cert: join(folder, 'authority.pem'),
  key: join(folder, 'authority.key.pem'),
});

async function known(folder: string): Promise<Authority | null> {
  const { cert, key } = filesOf(folder);
  if (!existsSync(cert) || !existsSync(key)) return null;
  try {
    const read = new X509Certificate(readFileSync(cert, 'utf8'));
    const name = /CN=Hopsk on (\S+)/.exec(read.subject)?.[1];
    if (name === undefined || read.notAfter.getTime() < Date.now() + 90 * DAY) return null;
    const pair = new Read(read.toString('pem'));
    const secret = createPrivateKey(readFileSync(key, 'utf8'));
    if (!pair.checkPrivateKey(secret)) return null;
    const pkcs8 = secret.export({ type: 'pkcs8', format: 'der' });
    return { cert: read, key: await webcrypto.subtle.importKey('pkcs8', new Uint8Array(pkcs8), ALGORITHM, false, ['sign']), name };
  } catch {
    return null;
  }
}

async function make(folder: string): Promise<Authority> {
  const name = localName();
  const keys = await webcrypto.subtle.generateKey(ALGORITHM, true, ['sign', 'verify']);
  const only = new NameConstraints({
    permittedSubtrees: new GeneralSubtrees([
      ...PRIVATE.map((iPAddress) => new GeneralSubtree({ base: new GeneralName({ iPAddress }) })),
      ...['localhost', name].map((dNSName) => new GeneralSubtree({ base: new GeneralName({ dNSName }) })),
    ]),
  });
  const cert = await X509CertificateGenerator.createSelfSigned({
    serialNumber: serial(),
    name: `CN=Hopsk on ${name}`,
    notBefore: new Date(Date.now() - DAY),
    notAfter: new Date(Date.now() + YEARS),
    signingAlgorithm: ALGORITHM,
    keys,
    extensions: [
      new BasicConstraintsExtension(true, 0, true),
      new KeyUsagesExtension(KeyUsageFlags.keyCertSign | KeyUsageFlags.cRLSign, true),
      await SubjectKeyIdentifierExtension.create(keys.publicKey),
      new Extension(id_ce_nameConstraints, true, AsnConvert.serialize(only)),
    ],
  });
  const files = filesOf(folder);
  await keep(files.key, keys.privateKey);
  await keep(files.cert, cert);
  return { cert, key: keys.privateKey, name };
}
