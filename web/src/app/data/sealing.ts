import { Aes256Gcm, CipherSuite, DhkemP256HkdfSha256, HkdfSha256 } from '@hpke/core';

/** What only whoever has the private half of a key pair can open: HPKE (RFC 9180) in its base mode, one message. */
export interface Sealed {
  /** The sender's half of this one message, raw point. */
  readonly enc: ArrayBuffer;
  readonly text: ArrayBuffer;
}

const suite = new CipherSuite({ kem: new DhkemP256HkdfSha256(), kdf: new HkdfSha256(), aead: new Aes256Gcm() });
/** What is sealed here is opened as nothing else. */
const info = new TextEncoder().encode('hopsk left on a device 1').buffer;

const fromBase64 = (text: string): ArrayBuffer =>
  Uint8Array.from(atob(text.replaceAll('-', '+').replaceAll('_', '/')), (letter) => letter.charCodeAt(0)).buffer;

/**
 * Seals a value to somebody's public half.
 * @param to raw point, base64url, 65 bytes
 * @param value anything that JSON holds
 * @throws where the browser has no cryptography (a page that is not secure), or the point is none
 * @example await seal(me.sealTo, { taps: [] })
 */
export async function seal(to: string, value: unknown): Promise<Sealed> {
  const recipientPublicKey = await suite.kem.deserializePublicKey(fromBase64(to));
  const { enc, ct } = await suite.seal({ recipientPublicKey, info }, new TextEncoder().encode(JSON.stringify(value)).buffer);
  return { enc, text: ct };
}

/**
 * Opens what was sealed.
 * @param pkcs8 the private half, base64url
 * @throws where it is another's, or not as it was
 */
export async function unseal(pkcs8: string, { enc, text }: Sealed): Promise<unknown> {
  // The public half belongs to what is opened, and is made from it.
  const recipientKey = await crypto.subtle.importKey('pkcs8', fromBase64(pkcs8), { name: 'ECDH', namedCurve: 'P-256' }, true, [
    'deriveBits',
  ]);
  return JSON.parse(new TextDecoder().decode(await suite.open({ recipientKey, enc, info }, text)));
}
