/** Steps and their changes of IMA ADPCM (IMA Digital Audio Focus Group, 1992; values from memory): four bits a sample. */
const STEPS = Int16Array.from([
  ...[7, 8, 9, 10, 11, 12, 13, 14, 16, 17, 19, 21, 23, 25, 28, 31, 34, 37, 41, 45, 50, 55, 60, 66, 73, 80, 88, 97, 107, 118, 130, 143],
  ...[157, 173, 190, 209, 230, 253, 279, 307, 337, 371, 408, 449, 494, 544, 598, 658, 724, 796, 876, 963, 1060, 1166, 1282, 1411, 1552],
  ...[1707, 1878, 2066, 2272, 2499, 2749, 3024, 3327, 3660, 4026, 4428, 4871, 5358, 5894, 6484, 7132, 7845, 8630, 9493, 10442, 11487],
  ...[12635, 13899, 15289, 16818, 18500, 20350, 22385, 24623, 27086, 29794, 32767],
]);
const CHANGES = [-1, -1, -1, -1, 2, 4, 6, 8];

/** What both sides know of the sample before. */
class Predicted {
  sample = 0;
  private index = 0;

  get step(): number {
    return STEPS[this.index] ?? 7;
  }

  /** Goes on by four bits: a sign, and how much of the step. */
  take(code: number): number {
    const { step } = this;
    const by = (step >> 3) + (code & 4 ? step : 0) + (code & 2 ? step >> 1 : 0) + (code & 1 ? step >> 2 : 0);
    this.sample = Math.max(-32768, Math.min(32767, this.sample + (code & 8 ? -by : by)));
    this.index = Math.max(0, Math.min(STEPS.length - 1, this.index + (CHANGES[code & 7] ?? 0)));
    return this.sample;
  }
}

/** Samples (−1…1) in four bits each, the first of two in the lower half of a byte. */
export function encoded(samples: Float32Array): Uint8Array {
  const bytes = new Uint8Array((samples.length + 1) >> 1);
  const known = new Predicted();
  samples.forEach((sample, i) => {
    const off = Math.round(Math.max(-1, Math.min(1, sample)) * 32767) - known.sample;
    const { step } = known;
    let [code, left] = [off < 0 ? 8 : 0, Math.abs(off)];
    for (const [bit, part] of [
      [4, step],
      [2, step >> 1],
      [1, step >> 2],
    ] as const)
      if (left >= part) {
        code |= bit;
        left -= part;
      }
    known.take(code);
    bytes[i >> 1] = (bytes[i >> 1] ?? 0) | (i % 2 === 0 ? code : code << 4);
  });
  return bytes;
}

/** The samples (−1…1) again: as many as there were. */
export function decoded(bytes: Uint8Array, samples: number): Float32Array<ArrayBuffer> {
  const out = new Float32Array(samples);
  const known = new Predicted();
  for (let i = 0; i < samples; i++) out[i] = known.take(((bytes[i >> 1] ?? 0) >> (i % 2 === 0 ? 0 : 4)) & 15) / 32768;
  return out;
}
