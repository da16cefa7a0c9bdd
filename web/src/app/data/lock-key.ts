/** A device's lock: a key pair whose private half a PIN opens. What is locked away is sealed to the public one, without the PIN. */
export interface LockKey {
  /** Raw point, base64url. */
  readonly to: string;
  readonly salt: Uint8Array<ArrayBuffer>;
  readonly iv: Uint8Array<ArrayBuffer>;
  /** The private half, PKCS #8, under a key made from the PIN. */
  readonly box: Uint8Array<ArrayBuffer>;
}

/** How many times a PIN is hashed with SHA-256 (PBKDF2): the figure of OWASP's sheet on keeping passwords, from memory. */
const TIMES = 600_000;

const base64url = (bytes: ArrayBuffer): string =>
  btoa(String.fromCharCode(...new Uint8Array(bytes)))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replaceAll('=', '');

async function keyOf(pin: string, salt: Uint8Array<ArrayBuffer>): Promise<CryptoKey> {
  const from = await crypto.subtle.importKey('raw', new TextEncoder().encode(pin), 'PBKDF2', false, ['deriveKey']);
  const how = { name: 'PBKDF2', hash: 'SHA-256', salt, iterations: TIMES };
  return crypto.subtle.deriveKey(how, from, { name: 'AES-GCM', length: 256 }, false, ['encrypt', 'decrypt']);
}

/** Makes a lock that this PIN opens. */
export async function makeLockKey(pin: string): Promise<LockKey> {
  const pair = await crypto.subtle.generateKey({ name: 'ECDH', namedCurve: 'P-256' }, true, ['deriveBits']);
  const [salt, iv] = [crypto.getRandomValues(new Uint8Array(16)), crypto.getRandomValues(new Uint8Array(12))];
  const own = await crypto.subtle.exportKey('pkcs8', pair.privateKey);
  const box = new Uint8Array(await crypto.subtle.encrypt({ name: 'AES-GCM', iv }, await keyOf(pin, salt), own));
  return { to: base64url(await crypto.subtle.exportKey('raw', pair.publicKey)), salt, iv, box };
}

/** The private half (PKCS #8, base64url), or null with another PIN. */
export async function openLockKey({ salt, iv, box }: LockKey, pin: string): Promise<string | null> {
  const key = await keyOf(pin, salt);
  return crypto.subtle.decrypt({ name: 'AES-GCM', iv }, key, box).then(base64url, () => null);
}
