/** A clip lies on a device in pieces of so many bytes, each encrypted by itself (AES-GCM, 256 bits). */
export const PIECE = 1_048_576;
const IV = 12;
const TAG = 16;

/** A key for clips, as it is kept: base64. */
export const newClipKey = (): string => btoa(String.fromCharCode(...crypto.getRandomValues(new Uint8Array(32))));
const keyFrom = (kept: string): Promise<CryptoKey> =>
  crypto.subtle.importKey(
    'raw',
    Uint8Array.from(atob(kept), (letter) => letter.charCodeAt(0)),
    'AES-GCM',
    false,
    ['encrypt', 'decrypt'],
  );

/** What a piece is said to be, so that none is taken for another, of this clip or of others. */
const about = (clip: string, piece: number, last: boolean): Uint8Array<ArrayBuffer> =>
  new TextEncoder().encode(`hopsk clip 1 ${clip} ${piece} ${last ? 'last' : 'more'}`);

/** A clip's pieces, encrypted, one after the other. @param clip its id. */
export async function* sealedPieces(file: Blob, clip: string, kept: string): AsyncGenerator<Uint8Array<ArrayBuffer>> {
  const key = await keyFrom(kept);
  const pieces = Math.max(1, Math.ceil(file.size / PIECE));
  for (let i = 0; i < pieces; i++) {
    const iv = crypto.getRandomValues(new Uint8Array(IV));
    const plain = await file.slice(i * PIECE, (i + 1) * PIECE).arrayBuffer();
    const sealed = await crypto.subtle.encrypt({ name: 'AES-GCM', iv, additionalData: about(clip, i, i === pieces - 1) }, key, plain);
    const piece = new Uint8Array(IV + sealed.byteLength);
    piece.set(iv);
    piece.set(new Uint8Array(sealed), IV);
    yield piece;
  }
}

/**
 * The clip that pieces were made of. A piece is read when it is its turn, and only one at a time is held in plain.
 * @throws where a piece is missing, another's, or not as it was.
 */
export async function openedPieces(stored: Blob, clip: string, kept: string): Promise<Blob> {
  const key = await keyFrom(kept);
  const whole = IV + PIECE + TAG;
  const pieces = Math.max(1, Math.ceil(stored.size / whole));
  const parts: Blob[] = [];
  for (let i = 0; i < pieces; i++) {
    const piece = new Uint8Array(await stored.slice(i * whole, (i + 1) * whole).arrayBuffer());
    const how = { name: 'AES-GCM', iv: piece.slice(0, IV), additionalData: about(clip, i, i === pieces - 1) };
    parts.push(new Blob([await crypto.subtle.decrypt(how, key, piece.slice(IV))]));
  }
  return new Blob(parts);
}
