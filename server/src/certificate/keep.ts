import { webcrypto } from 'node:crypto';
import { renameSync, writeFileSync } from 'node:fs';
import type { X509Certificate } from '@peculiar/x509';
import { PemConverter } from '@peculiar/x509';

/** Writes a key or certificates to a file: beside it first, so that one that is killed leaves no half. Keys are for their owner alone. */
export async function keep(file: string, what: webcrypto.CryptoKey | X509Certificate | readonly X509Certificate[]): Promise<void> {
  const isKey = 'algorithm' in what;
  const text = isKey
    ? PemConverter.encode(await webcrypto.subtle.exportKey('pkcs8', what), 'PRIVATE KEY')
    : [what]
        .flat()
        .map((one) => one.toString('pem'))
        .join('\n');
  writeFileSync(`${file}.new`, `${text}\n`, { mode: isKey ? 0o600 : 0o644 });
  renameSync(`${file}.new`, file);
}
