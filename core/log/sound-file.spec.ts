import fc from 'fast-check';
import type { RunPlan } from '../plan/run-plan.js';
import { holds } from '../testing/holds.js';
import { beepsOfPlan } from './beeps.js';
import { COUNT_DOWN } from './clock.js';
import { heardOf, TONES, type Heard } from './heard.js';
import { soundFile, type Voice } from './sound-file.js';
import { SOUND_RATE, soundBytes, soundSeconds } from './sound-size.js';

/** A word of a tenth of a second that begins at once. */
const word = Float32Array.from({ length: SOUND_RATE / 10 }, (_, i) => 0.4 * Math.cos(i / 3));
const voice: Voice = (say) => (say === 'unheard' ? null : word);

/** What a program reads that knows nothing of ours: the sizes of the head, and the samples. */
function read(parts: Iterable<Uint8Array>): { readonly rate: number; readonly samples: Int16Array; readonly bytes: number } {
  const all = [...parts];
  const bytes = new Uint8Array(all.reduce((sum, part) => sum + part.length, 0));
  all.reduce((at, part) => (bytes.set(part, at), at + part.length), 0);
  const view = new DataView(bytes.buffer);
  const text = (from: number, to: number): string => String.fromCharCode(...bytes.subarray(from, to));
  expect([text(0, 4), text(8, 16), text(36, 40)]).toEqual(['RIFF', 'WAVEfmt ', 'data']);
  expect(view.getUint32(4, true)).toBe(bytes.length - 8);
  expect(view.getUint32(40, true)).toBe(bytes.length - 44);
  expect([view.getUint16(20, true), view.getUint16(22, true), view.getUint16(34, true)]).toEqual([1, 1, 16]);
  const samples = new Int16Array((bytes.length - 44) / 2);
  for (let i = 0; i < samples.length; i++) samples[i] = view.getInt16(44 + 2 * i, true);
  return { rate: view.getUint32(24, true), samples, bytes: bytes.length };
}

/** Seconds of the plan at which something begins behind silence. */
function onsets(samples: Int16Array): number[] {
  const found: number[] = [];
  let last = Number.NEGATIVE_INFINITY;
  for (let i = 0; i < samples.length; i++) {
    if (Math.abs(samples[i] ?? 0) < 200) continue;
    if (i - last > SOUND_RATE / 50) found.push(i / SOUND_RATE - COUNT_DOWN);
    last = i;
  }
  return found;
}

describe('a session as sound', () => {
  it('has every onset within a millisecond of the plan, whatever lies in a part of the file', () => {
    holds(
      fc.property(
        fc.uniqueArray(fc.integer({ min: -4, max: 8 }), { maxLength: 8 }),
        fc.integer({ min: 0, max: 999 }),
        fc.integer({ min: 1, max: 13 }),
        (seconds, ms, part) => {
          // Far enough apart that there is silence between.
          const heard = seconds.map((s, i): Heard => {
            const at = s + (ms % 300) / 1000;
            return i % 3 === 0 ? { at, say: i % 2 === 0 ? 'left' : 'unheard' } : { at, tone: i % 2 === 0 ? 'call' : 'work' };
          });
          const { samples, bytes } = read(soundFile(heard, 9, voice, part));
          expect(bytes).toBe(soundBytes(9));
          expect(samples.length).toBe(soundSeconds(9) * SOUND_RATE);
          const wanted = heard.flatMap((one) => ('say' in one && one.say === 'unheard' ? [] : [one.at])).sort((a, b) => a - b);
          const found = onsets(samples);
          expect(found.length).toBe(wanted.length);
          wanted.forEach((at, i) => expect(Math.abs((found[i] ?? 99) - at)).toBeLessThan(0.001));
        },
      ),
    );
  });

  it('of a real plan holds what its clock sounds, and is as large as was told before', () => {
    const plan: RunPlan = { dose: { mode: 'seconds', work: 30, rounds: 2, sets: 1, rest: 10, setRest: null }, rep: null };
    const heard = heardOf(beepsOfPlan(plan), [], () => false);
    const { samples, rate } = read(soundFile(heard, 70, voice));
    expect(rate).toBe(22_050);
    // Ten seconds before the end of each round two tones, which are heard as two.
    const wanted = heard.flatMap((one) => ('tone' in one && one.tone === 'ten' ? [one.at, one.at + 1.7 * TONES.ten.length] : [one.at]));
    const found = onsets(samples);
    expect(found.length).toBe(wanted.length);
    wanted.sort((a, b) => a - b).forEach((at, i) => expect(Math.abs((found[i] ?? 99) - at)).toBeLessThan(0.001));
  });

  it('of two hours is made part by part: never more than some seconds of it at once', () => {
    let [bytes, largest] = [0, 0];
    for (const part of soundFile([{ at: 7100, tone: 'end' }], 7200, voice)) {
      bytes += part.length;
      largest = Math.max(largest, part.length);
    }
    expect(bytes).toBe(soundBytes(7200));
    expect(largest).toBe(2 * 10 * SOUND_RATE);
  });

  it('what sounds at once is not louder than can be', () => {
    const many = Array.from({ length: 8 }, (): Heard => ({ at: 1, tone: 'work' }));
    const { samples } = read(soundFile(many, 3, voice));
    expect(samples.reduce((most, one) => Math.max(most, Math.abs(one)), 0)).toBe(32_767);
  });
});
