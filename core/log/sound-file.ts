import { COUNT_DOWN } from './clock.js';
import { TONE_AGAIN, TONE_EDGES, TONE_LOUD, TONES, type Heard } from './heard.js';
import { samplesOf, SOUND_RATE, soundSeconds, WAV_HEADER } from './sound-size.js';

/**
 * The head of a WAV file of so many samples (Multimedia Programming Interface and Data Specifications 1.0, IBM and Microsoft, 1991: RIFF
 * with ‘fmt ’ and ‘data’; from memory).
 */
function header(samples: number): Uint8Array<ArrayBuffer> {
  const bytes = new Uint8Array(WAV_HEADER);
  const view = new DataView(bytes.buffer);
  const text = (at: number, four: string): void => void [...four].forEach((one, i) => view.setUint8(at + i, one.charCodeAt(0)));
  text(0, 'RIFF');
  view.setUint32(4, WAV_HEADER - 8 + 2 * samples, true);
  text(8, 'WAVEfmt ');
  view.setUint32(16, 16, true);
  // Whole numbers, one channel.
  view.setUint16(20, 1, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, SOUND_RATE, true);
  view.setUint32(28, 2 * SOUND_RATE, true);
  view.setUint16(32, 2, true);
  view.setUint16(34, 16, true);
  text(36, 'data');
  view.setUint32(40, 2 * samples, true);
  return bytes;
}

/** Samples of a word, −1…1, at the rate of the file; null where it cannot be said. */
export type Voice = (say: string) => Float32Array | null;

interface Part {
  /** The sample of the file at which it begins. */
  readonly from: number;
  readonly samples: Float32Array;
}

const known = new Map<string, Float32Array>();

/** A tone as samples: it rises at once and dies away. */
function toneOf(tone: keyof typeof TONES): Float32Array {
  const made = known.get(tone);
  if (made) return made;
  const { pitch, length, times = 1 } = TONES[tone];
  const samples = new Float32Array(samplesOf(((times - 1) * TONE_AGAIN + 1) * length));
  for (let k = 0; k < times; k++) {
    const from = samplesOf(k * TONE_AGAIN * length);
    for (let i = 0; i < samplesOf(length) && from + i < samples.length; i++) {
      const t = i / SOUND_RATE;
      const loud = Math.min(1, t / TONE_EDGES.rises, (length - t) / TONE_EDGES.falls);
      // A quarter on: it begins where it is loudest, and not with silence.
      samples[from + i] = TONE_LOUD * Math.max(0, loud) * Math.cos(2 * Math.PI * pitch * t);
    }
  }
  known.set(tone, samples);
  return samples;
}

/**
 * A session as a WAV file, part by part: however long it is, no more than some seconds of it are in memory.
 * @param heard what is heard, at seconds of the plan; what cannot be said is left out.
 * @param total seconds of the plan.
 * @param seconds of each part but its head.
 */
export function* soundFile(heard: readonly Heard[], total: number, voice: Voice, seconds = 10): Generator<Uint8Array<ArrayBuffer>> {
  const all = samplesOf(soundSeconds(total));
  yield header(all);
  const parts = heard
    .flatMap((one): Part[] => {
      const samples = 'tone' in one ? toneOf(one.tone) : voice(one.say);
      return samples ? [{ from: samplesOf(one.at + COUNT_DOWN), samples }] : [];
    })
    .sort((a, b) => a.from - b.from);
  const block = samplesOf(seconds);
  let next = 0;
  let sounding: Part[] = [];
  for (let from = 0; from < all; from += block) {
    const mix = new Float32Array(Math.min(block, all - from));
    for (let part = parts[next]; part && part.from < from + mix.length; part = parts[++next]) sounding.push(part);
    for (const part of sounding) {
      const start = Math.max(part.from, from);
      const end = Math.min(part.from + part.samples.length, from + mix.length);
      for (let at = start; at < end; at++) mix[at - from] = (mix[at - from] ?? 0) + (part.samples[at - part.from] ?? 0);
    }
    sounding = sounding.filter((part) => part.from + part.samples.length > from + mix.length);
    const whole = new Int16Array(mix.length);
    // An array of whole numbers keeps the lower byte first wherever browsers run today, as the file does.
    for (let i = 0; i < mix.length; i++) whole[i] = Math.round(32_767 * Math.max(-1, Math.min(1, mix[i] ?? 0)));
    yield new Uint8Array(whole.buffer);
  }
}
