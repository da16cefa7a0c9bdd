import { newId } from './ids';

describe('ids made on the device', () => {
  const version4 = /^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/;

  it('are UUIDs of version 4 with and without a secure context (form: RFC 9562, 5.4)', () => {
    const insecure: Pick<Crypto, 'getRandomValues'> = { getRandomValues: (array) => crypto.getRandomValues(array) };
    for (let i = 0; i < 200; i++) {
      expect(newId()).toMatch(version4);
      expect(newId(insecure)).toMatch(version4);
    }
  });

  it('keep every random bit but the six that the form fixes', () => {
    const filled = (byte: number): Pick<Crypto, 'getRandomValues'> => ({
      getRandomValues: <T extends ArrayBufferView>(array: T): T => (new Uint8Array(array.buffer).fill(byte), array),
    });
    expect(newId(filled(0x00))).toBe('00000000-0000-4000-8000-000000000000');
    expect(newId(filled(0xff))).toBe('ffffffff-ffff-4fff-bfff-ffffffffffff');
  });

  it('do not repeat', () => {
    expect(new Set(Array.from({ length: 2000 }, () => newId())).size).toBe(2000);
  });
});
