import { X509Certificate } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { networkInterfaces } from 'node:os';
import type { Phone } from '@hopsk/contract/phone';
import QRCode from 'qrcode';
import type { Config } from './config.js';

/** Addresses under which other machines reach this one. */
export function ownAddresses(): string[] {
  return Object.values(networkInterfaces())
    .flatMap((list) => list ?? [])
    .filter((net) => net.family === 'IPv4' && !net.internal)
    .map((net) => net.address);
}

/** What the page about phones shows: whether they reach this server, and where. */
export async function phonePage(config: Pick<Config, 'hosts' | 'tls' | 'authority'>, port: number): Promise<Phone> {
  const open = config.hosts.filter((host) => !/^127\.0\.0\.1$|^::1$|^localhost$/.test(host));
  const named = open.flatMap((host) => (host === '0.0.0.0' || host === '::' ? ownAddresses() : [host]));
  const scheme = config.tls ? 'https' : 'http';
  const addresses = await Promise.all(
    named.map(async (host) => {
      const url = `${scheme}://${host}:${port}`;
      return { url, qr: await QRCode.toDataURL(url, { margin: 2, width: 240 }) };
    }),
  );
  const authority = config.authority === null ? null : new X509Certificate(readFileSync(config.authority)).fingerprint256;
  return { lan: named.length > 0, secure: config.tls !== null, addresses, authority };
}
