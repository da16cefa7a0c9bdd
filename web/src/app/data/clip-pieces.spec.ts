import { newClipKey, openedPieces, PIECE, sealedPieces } from './clip-pieces';

describe('a clip in encrypted pieces', () => {
  const key = newClipKey();
  const bytes = (n: number): Uint8Array<ArrayBuffer> => Uint8Array.from({ length: n }, (_, i) => (i * 31 + (i >> 8)) % 251);
  const sealed = async (file: Blob): Promise<Uint8Array<ArrayBuffer>[]> => {
    const parts: Uint8Array<ArrayBuffer>[] = [];
    for await (const part of sealedPieces(file, 'a', key)) parts.push(part);
    return parts;
  };
  const opened = async (parts: readonly Uint8Array<ArrayBuffer>[], clip = 'a', by = key): Promise<Uint8Array> =>
    new Uint8Array(await (await openedPieces(new Blob([...parts]), clip, by)).arrayBuffer());

  it('is what it was, whatever its size', async () => {
    for (const size of [0, 1, PIECE - 1, PIECE, PIECE + 1, 2 * PIECE + 5]) {
      const was = bytes(size);
      const parts = await sealed(new Blob([was]));
      expect(parts.length).toBe(Math.max(1, Math.ceil(size / PIECE)));
      const back = await opened(parts);
      expect(back.length).toBe(size);
      expect(back.every((one, i) => one === was[i])).toBeTrue();
    }
  });

  it('is refused where a piece is missing, in another place, another clip’s, changed, or the key is another', async () => {
    const parts = await sealed(new Blob([bytes(2 * PIECE + 5)]));
    const [one, two, three] = parts;
    if (!one || !two || !three) throw new Error('three pieces');
    const changed = three.slice();
    changed[20] = (changed[20] ?? 0) ^ 1;
    const wrong: Readonly<Record<string, () => Promise<Uint8Array>>> = {
      'the last is missing': () => opened([one, two]),
      'two are exchanged': () => opened([two, one, three]),
      'one is changed': () => opened([one, two, changed]),
      'it is another’s': () => opened(parts, 'b'),
      'by another key': () => opened(parts, 'a', newClipKey()),
    };
    for (const [what, open] of Object.entries(wrong)) await expectAsync(open()).withContext(what).toBeRejected();
  });

  it('never looks the same twice', async () => {
    const file = new Blob([bytes(100)]);
    expect((await sealed(file))[0]).not.toEqual((await sealed(file))[0]);
  });
});
