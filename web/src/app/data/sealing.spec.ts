import { Aes256Gcm, CipherSuite, DhkemP256HkdfSha256, HkdfSha256 } from '@hpke/core';
import { seal, unseal } from './sealing';

const base64 = (bytes: ArrayBuffer): string =>
  btoa(String.fromCharCode(...new Uint8Array(bytes)))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replaceAll('=', '');
const INFO = new TextEncoder().encode('hopsk left on a device 1');

/** A pair as the server makes it. */
async function pair(): Promise<{ to: string; key: string; publicKey: CryptoKey; privateKey: CryptoKey }> {
  const { publicKey, privateKey } = await crypto.subtle.generateKey({ name: 'ECDH', namedCurve: 'P-256' }, true, ['deriveBits']);
  return {
    to: base64(await crypto.subtle.exportKey('raw', publicKey)),
    key: base64(await crypto.subtle.exportKey('pkcs8', privateKey)),
    publicKey,
    privateKey,
  };
}

describe('what is sealed', () => {
  const value = { runs: [], drafts: { 'athlete:1': { name: 'Ada Ünver 🏸', note: 'x'.repeat(5_000) } } };
  // Outside: RFC 9180 as @hpke/core has it, which is tested against that standard's own vectors.
  const suite = new CipherSuite({ kem: new DhkemP256HkdfSha256(), kdf: new HkdfSha256(), aead: new Aes256Gcm() });

  it('is opened by another library of the same standard, and opens what that one sealed', async () => {
    const { to, key, publicKey, privateKey } = await pair();
    const ours = await seal(to, value);
    const recipient = await suite.createRecipientContext({ recipientKey: privateKey, enc: ours.enc.buffer, info: INFO.buffer });
    expect(JSON.parse(new TextDecoder().decode(await recipient.open(ours.text.buffer)))).toEqual(value);

    const sender = await suite.createSenderContext({ recipientPublicKey: publicKey, info: INFO.buffer });
    const text = await sender.seal(new TextEncoder().encode(JSON.stringify(value)).buffer);
    expect(await unseal(key, { enc: new Uint8Array(sender.enc), text: new Uint8Array(text) })).toEqual(value);
  });

  it('holds no word of it, is never twice the same, and is opened by nobody else, nor changed', async () => {
    const [mine, other] = [await pair(), await pair()];
    const [one, again] = [await seal(mine.to, value), await seal(mine.to, value)];
    const text = new TextDecoder('latin1').decode(one.text);
    for (const word of ['Ada', 'athlete', 'xxxx']) expect(text).not.toContain(word);
    expect(one.text).not.toEqual(again.text);
    expect(await unseal(mine.key, one)).toEqual(value);
    await expectAsync(unseal(other.key, one)).toBeRejected();
    for (const at of [0, 100, one.text.length - 1]) {
      const changed = one.text.slice();
      changed[at] = (changed[at] ?? 0) ^ 1;
      await expectAsync(unseal(mine.key, { ...one, text: changed })).toBeRejected();
    }
    await expectAsync(unseal(mine.key, { ...one, enc: again.enc })).toBeRejected();
    for (const wrong of ['', 'AAAA', mine.to.slice(0, -4), `${mine.to.slice(0, -6)}AAAAAA`])
      await expectAsync(seal(wrong, value)).withContext(wrong).toBeRejected();
  });
});
