import { SOUND_RATE, WAV_HEADER } from '@hopsk/core/log/sound-size';
import { AudioSample, AudioSampleSource, Mp4OutputFormat, OggOutputFormat, Output, StreamTarget } from 'mediabunny';
import { BIT_RATE, type SoundKind } from './sound-kinds';

/** Where a file is written, from a place in it on. */
export type WriteAt = (bytes: Uint8Array, at: number) => void;

/**
 * The parts of a WAV file as a compressed one, encoded by the browser as they come.
 * @param each after each part; says whether to go on.
 * @returns whether it was made to its end.
 */
export async function compressed(
  parts: Iterable<Uint8Array>,
  { codec, ending }: SoundKind & { readonly codec: 'aac' | 'opus' },
  write: WriteAt,
  each: (bytes: number) => Promise<boolean>,
): Promise<boolean> {
  const writable = new WritableStream({ write: ({ data, position }: { data: Uint8Array; position: number }) => write(data, position) });
  const output = new Output({
    format: ending === 'm4a' ? new Mp4OutputFormat() : new OggOutputFormat(),
    target: new StreamTarget(writable),
  });
  const source = new AudioSampleSource({ codec, bitrate: BIT_RATE });
  output.addAudioTrack(source);
  await output.start();
  let read = 0;
  for (const part of parts) {
    // The head says what the samples are: that is known.
    const data = part.slice(Math.min(part.length, Math.max(0, WAV_HEADER - read)));
    const timestamp = Math.max(0, read - WAV_HEADER) / 2 / SOUND_RATE;
    read += part.length;
    if (data.length > 0) {
      const sample = new AudioSample({ data, format: 's16', numberOfChannels: 1, sampleRate: SOUND_RATE, timestamp });
      await source.add(sample);
      sample.close();
    }
    if (await each(part.length)) continue;
    await output.cancel();
    return false;
  }
  await output.finalize();
  return true;
}
