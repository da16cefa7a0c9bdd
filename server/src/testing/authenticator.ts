import { createHash, createSign, generateKeyPairSync, randomBytes, type KeyObject } from 'node:crypto';
import type { PasskeyOptions } from '@hopsk/contract/passkey-options';

const b64 = (bytes: Buffer): string => bytes.toString('base64url');
const sha = (bytes: string | Buffer): Buffer => createHash('sha256').update(bytes).digest();
/** A run of bytes in CBOR (RFC 8949): its kind and length, then itself. */
const cbor = (kind: 2 | 3, bytes: Buffer): Buffer => {
  const head = bytes.length < 24 ? [(kind << 5) | bytes.length] : [(kind << 5) | 25, bytes.length >> 8, bytes.length & 255];
  return Buffer.concat([Buffer.from(head), bytes]);
};

/** What is different from what an honest authenticator in an honest page answers. */
export interface Otherwise {
  readonly origin?: string;
  readonly name?: string;
  readonly challenge?: string;
  readonly type?: string;
  /** Of its signals: 1 somebody is there, 4 and they are who they are. */
  readonly flags?: number;
  readonly count?: number;
  readonly signed?: KeyObject;
}

/**
 * An authenticator with one passkey, in a page of an origin, written by W3C Web Authentication Level 3 (6.1 authenticator data, 6.5.4 an
 * attestation of none) and RFC 9052 (keys of P-256) alone.
 */
export class Authenticator {
  readonly id = randomBytes(32);
  private readonly pair = generateKeyPairSync('ec', { namedCurve: 'P-256' });
  private count = 0;

  constructor(
    private readonly origin: string,
    private readonly name: string,
  ) {}

  private clientData(type: string, { challenge }: PasskeyOptions, otherwise: Otherwise): Buffer {
    const data = { type: otherwise.type ?? type, challenge: otherwise.challenge ?? challenge, origin: otherwise.origin ?? this.origin };
    return Buffer.from(JSON.stringify({ ...data, crossOrigin: false }));
  }

  private data(flags: number, otherwise: Otherwise): Buffer {
    const count = Buffer.alloc(4);
    count.writeUInt32BE(otherwise.count ?? ++this.count);
    return Buffer.concat([sha(otherwise.name ?? this.name), Buffer.of(otherwise.flags ?? flags), count]);
  }

  /** A new passkey, as the page sends it. */
  make(options: PasskeyOptions, otherwise: Otherwise = {}) {
    const { x = '', y = '' } = this.pair.publicKey.export({ format: 'jwk' });
    // { 1: 2 (EC2), 3: -7 (ES256), -1: 1 (P-256), -2: x, -3: y }
    const key = Buffer.concat([
      Buffer.from('a5010203262001215820', 'hex'),
      Buffer.from(x, 'base64url'),
      Buffer.from('225820', 'hex'),
      Buffer.from(y, 'base64url'),
    ]);
    // Of no kind of authenticator that says what it is.
    const credential = Buffer.concat([Buffer.alloc(16), Buffer.of(0, this.id.length), this.id, key]);
    const data = Buffer.concat([this.data(0x05, otherwise), credential]);
    // With a credential behind it.
    data[32] = (data[32] ?? 0) | 0x40;
    const attestation = Buffer.concat([
      Buffer.of(0xa3),
      ...[cbor(3, Buffer.from('fmt')), cbor(3, Buffer.from('none'))],
      ...[cbor(3, Buffer.from('attStmt')), Buffer.of(0xa0)],
      ...[cbor(3, Buffer.from('authData')), cbor(2, data)],
    ]);
    const clientDataJSON = b64(this.clientData('webauthn.create', options, otherwise));
    return {
      ...{ id: b64(this.id), rawId: b64(this.id), type: 'public-key' },
      response: { clientDataJSON, attestationObject: b64(attestation), transports: ['internal'] },
    };
  }

  /** The passkey used, as the page sends it. */
  use(options: PasskeyOptions, otherwise: Otherwise = {}) {
    const [data, client] = [this.data(0x05, otherwise), this.clientData('webauthn.get', options, otherwise)];
    const signature = createSign('sha256')
      .update(Buffer.concat([data, sha(client)]))
      .sign(otherwise.signed ?? this.pair.privateKey);
    return {
      ...{ id: b64(this.id), rawId: b64(this.id), type: 'public-key' },
      response: { clientDataJSON: b64(client), authenticatorData: b64(data), signature: b64(signature) },
    };
  }
}
