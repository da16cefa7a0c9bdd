import { AEAD_AES_256_GCM, CipherSuite, KDF_HKDF_SHA256, KEM_DHKEM_P256_HKDF_SHA256 } from 'hpke';
import { seal, unseal } from './sealing';

const base64 = (bytes: ArrayBuffer): string =>
  btoa(String.fromCharCode(...new Uint8Array(bytes)))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replaceAll('=', '');
const info = new TextEncoder().encode('hopsk left on a device 1');

/** A pair as the server makes it. */
async function pair(): Promise<CryptoKeyPair & { to: string; key: string }> {
  const both = await crypto.subtle.generateKey({ name: 'ECDH', namedCurve: 'P-256' }, true, ['deriveBits']);
  const to = base64(await crypto.subtle.exportKey('raw', both.publicKey));
  return { ...both, to, key: base64(await crypto.subtle.exportKey('pkcs8', both.privateKey)) };
}

describe('what is sealed', () => {
  const value = { runs: [], drafts: { 'athlete:1': { name: 'Ada Ünver 🏸', note: 'x'.repeat(5_000) } } };
  // Outside: RFC 9180 as another package has it.
  const suite = new CipherSuite(KEM_DHKEM_P256_HKDF_SHA256, KDF_HKDF_SHA256, AEAD_AES_256_GCM);

  it('is opened by another package of the same standard, and opens what that one sealed', async () => {
    const { to, key, publicKey, privateKey } = await pair();
    const ours = await seal(to, value);
    const opened = await suite.Open({ publicKey, privateKey }, new Uint8Array(ours.enc), new Uint8Array(ours.text), { info });
    expect(JSON.parse(new TextDecoder().decode(opened))).toEqual(value);

    const theirs = await suite.Seal(publicKey, new TextEncoder().encode(JSON.stringify(value)), { info });
    const [enc, text] = [theirs.encapsulatedSecret, theirs.ciphertext].map((bytes) => Uint8Array.from(bytes).buffer);
    expect(await unseal(key, { enc: enc as ArrayBuffer, text: text as ArrayBuffer })).toEqual(value);
  });

  it('holds no word of it, is never twice the same, and is opened by nobody else, nor changed', async () => {
    const [mine, other] = [await pair(), await pair()];
    const [one, again] = [await seal(mine.to, value), await seal(mine.to, value)];
    const text = new TextDecoder('latin1').decode(one.text);
    for (const word of ['Ada', 'athlete', 'xxxx']) expect(text).not.toContain(word);
    expect(base64(one.text)).not.toEqual(base64(again.text));
    expect(await unseal(mine.key, one)).toEqual(value);
    await expectAsync(unseal(other.key, one)).toBeRejected();
    for (const at of [0, 100, one.text.byteLength - 1]) {
      const changed = new Uint8Array(one.text.slice(0));
      changed[at] = (changed[at] ?? 0) ^ 1;
      await expectAsync(unseal(mine.key, { ...one, text: changed.buffer })).toBeRejected();
    }
    await expectAsync(unseal(mine.key, { ...one, enc: again.enc })).toBeRejected();
    for (const wrong of ['', 'AAAA', mine.to.slice(0, -4), `${mine.to.slice(0, -6)}AAAAAA`])
      await expectAsync(seal(wrong, value)).withContext(wrong).toBeRejected();
  });
});
