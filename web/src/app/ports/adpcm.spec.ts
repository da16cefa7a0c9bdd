import { decoded, encoded } from './adpcm';

/** A tone that swells, as speech does. */
const tone = (hertz: number): Float32Array =>
  Float32Array.from({ length: 22_050 }, (_, i) => 0.8 * Math.sin((2 * Math.PI * hertz * i) / 22_050) * Math.sin((Math.PI * i) / 22_050));

describe('sound in four bits a sample', () => {
  it('comes back as it was, but for a little noise', () => {
    for (const hertz of [120, 440, 1_000, 3_000]) {
      const samples = tone(hertz);
      const bytes = encoded(samples);
      expect(bytes.length).toBe(11_025);
      const again = decoded(bytes, samples.length);
      const power = (of: (i: number) => number): number => samples.reduce((sum, _, i) => sum + of(i) ** 2, 0);
      const noise = power((i) => (samples[i] ?? 0) - (again[i] ?? 0));
      // 20 dB below the tone at the least, which nobody hears in a hall.
      expect(10 * Math.log10(power((i) => samples[i] ?? 0) / noise))
        .withContext(`${hertz} Hz`)
        .toBeGreaterThan(20);
    }
  });

  it('is read as it was worked out by hand from the published steps', () => {
    // 7 >> 3 = 0; code 7: 0 + 7 + 3 + 1 = 11, eight steps on (16); code 15: −(2 + 16 + 8 + 4) = −30.
    expect([...decoded(Uint8Array.of(0xf7), 2)].map((one) => Math.round(one * 32768))).toEqual([11, -19]);
  });

  it('holds the loudest and the odd last sample, and nothing for nothing', () => {
    const loud = decoded(encoded(Float32Array.from({ length: 201 }, () => 1)), 201);
    expect(loud.length).toBe(201);
    expect(loud[200]).toBeGreaterThan(0.97);
    expect(decoded(encoded(new Float32Array(0)), 0).length).toBe(0);
  });
});
