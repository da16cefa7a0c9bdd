import { soundBytes, soundSeconds, SOUND_RATE } from '@hopsk/core/log/sound-size';

/** A kind of sound file that this browser can make. */
export interface SoundKind {
  readonly ending: 'wav' | 'm4a' | 'ogg';
  /** How it is compressed; null: every sample is kept. */
  readonly codec: 'aac' | 'opus' | null;
}

export const WAV: SoundKind = { ending: 'wav', codec: null };
/** Compressed, the kind that most players know first; by the names that browsers have for what they can encode. */
const COMPRESSED: readonly (SoundKind & { readonly known: string })[] = [
  { ending: 'm4a', codec: 'aac', known: 'mp4a.40.2' },
  { ending: 'ogg', codec: 'opus', known: 'opus' },
];
/** Bits a second: tones and words, one channel (common practice, no source). */
export const BIT_RATE = 32_000;

/** A WAV file, and the compressed one where the browser can. */
export async function soundKinds(): Promise<SoundKind[]> {
  if (typeof AudioEncoder === 'undefined') return [WAV];
  for (const { ending, codec, known } of COMPRESSED) {
    const config = { codec: known, sampleRate: SOUND_RATE, numberOfChannels: 1, bitrate: BIT_RATE };
    const { supported } = await AudioEncoder.isConfigSupported(config).catch(() => ({ supported: false }));
    if (supported === true) return [WAV, { ending, codec }];
  }
  return [WAV];
}

/** Bytes of a plan of so many seconds as such a file; compressed about so many. */
export const bytesAs = ({ codec }: SoundKind, total: number): number =>
  codec === null ? soundBytes(total) : Math.round((soundSeconds(total) * BIT_RATE) / 8);
