/**
 * What only whoever has the private half of a key pair can open: HPKE (RFC 9180) in its base mode, one message, with
 * DHKEM(P-256, HKDF-SHA256), HKDF-SHA256 and AES-256-GCM, on the browser's own cryptography.
 */
export interface Sealed {
  /** The sender's half of this one message, raw point. */
  readonly enc: Uint8Array<ArrayBuffer>;
  readonly text: Uint8Array<ArrayBuffer>;
}

type Bytes = Uint8Array<ArrayBuffer>;

const CURVE = { name: 'ECDH', namedCurve: 'P-256' } as const;
const KEM = Uint8Array.of(...ascii('KEM'), 0x00, 0x10);
const SUITE = Uint8Array.of(...ascii('HPKE'), 0x00, 0x10, 0x00, 0x01, 0x00, 0x02);
const NOTHING = new Uint8Array();
/** What is sealed here is opened as nothing else. */
const INFO = ascii('hopsk left on a device 1');

function ascii(text: string): Bytes {
  return new TextEncoder().encode(text);
}

const joined = (...parts: readonly Bytes[]): Bytes => {
  const all = new Uint8Array(parts.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return all;
};

const fromBase64 = (text: string): Bytes =>
  Uint8Array.from(atob(text.replaceAll('-', '+').replaceAll('_', '/')), (letter) => letter.charCodeAt(0));

async function hmac(key: Bytes, text: Bytes): Promise<Bytes> {
  // An empty key is one of zeros to HMAC, and none to browsers.
  const as = await crypto.subtle.importKey('raw', key.length > 0 ? key : new Uint8Array(32), { name: 'HMAC', hash: 'SHA-256' }, false, [
    'sign',
  ]);
  return new Uint8Array(await crypto.subtle.sign('HMAC', as, text));
}

const extract = (suite: Bytes, salt: Bytes, label: string, text: Bytes): Promise<Bytes> =>
  hmac(salt, joined(ascii('HPKE-v1'), suite, ascii(label), text));

/** At most 32 bytes are asked for: one block. */
async function expand(suite: Bytes, key: Bytes, label: string, info: Bytes, length: number): Promise<Bytes> {
  const text = joined(Uint8Array.of(0, length), ascii('HPKE-v1'), suite, ascii(label), info, Uint8Array.of(1));
  return (await hmac(key, text)).slice(0, length);
}

/** What both sides know: the secret of one half and the other's point. */
async function shared(own: CryptoKey, theirs: Bytes, enc: Bytes, to: Bytes): Promise<Bytes> {
  const other = await crypto.subtle.importKey('raw', theirs, CURVE, false, []);
  const secret = new Uint8Array(await crypto.subtle.deriveBits({ name: 'ECDH', public: other }, own, 256));
  return expand(KEM, await extract(KEM, NOTHING, 'eae_prk', secret), 'shared_secret', joined(enc, to), 32);
}

async function schedule(secret: Bytes, info: Bytes): Promise<{ key: CryptoKey; iv: Bytes }> {
  const context = joined(
    Uint8Array.of(0),
    await extract(SUITE, NOTHING, 'psk_id_hash', NOTHING),
    await extract(SUITE, NOTHING, 'info_hash', info),
  );
  const from = await extract(SUITE, secret, 'secret', NOTHING);
  const key = await crypto.subtle.importKey('raw', await expand(SUITE, from, 'key', context, 32), 'AES-GCM', false, ['encrypt', 'decrypt']);
  return { key, iv: await expand(SUITE, from, 'base_nonce', context, 12) };
}

const rawOf = async (key: CryptoKey): Promise<Bytes> => new Uint8Array(await crypto.subtle.exportKey('raw', key));

/**
 * Seals a value to somebody's public half.
 * @param to raw point, base64url, 65 bytes
 * @param value anything that JSON holds
 * @throws where the browser has no cryptography (a page that is not secure), or the point is none
 * @example await seal(me.sealTo, { taps: [] })
 */
export async function seal(to: string, value: unknown, info = INFO): Promise<Sealed> {
  const point = fromBase64(to);
  const once = await crypto.subtle.generateKey(CURVE, true, ['deriveBits']);
  const enc = await rawOf(once.publicKey);
  const { key, iv } = await schedule(await shared(once.privateKey, point, enc, point), info);
  return { enc, text: new Uint8Array(await crypto.subtle.encrypt({ name: 'AES-GCM', iv }, key, ascii(JSON.stringify(value)))) };
}

/**
 * Opens what was sealed.
 * @param pkcs8 the private half, base64url
 * @throws where it is another's, or not as it was
 */
export async function unseal(pkcs8: string, { enc, text }: Sealed, info = INFO): Promise<unknown> {
  const own = await crypto.subtle.importKey('pkcs8', fromBase64(pkcs8), CURVE, true, ['deriveBits']);
  const { x = '', y = '' } = await crypto.subtle.exportKey('jwk', own);
  const point = joined(Uint8Array.of(4), fromBase64(x), fromBase64(y));
  const { key, iv } = await schedule(await shared(own, enc, enc, point), info);
  return JSON.parse(new TextDecoder().decode(await crypto.subtle.decrypt({ name: 'AES-GCM', iv }, key, text)));
}
