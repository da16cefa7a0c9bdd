import { Ring } from '@hopsk/core/film/ring';
import { encodingOf, type Encoded } from './encoding';

/** The last seconds of what a camera sees, held as long as it is on. */
export interface Replay {
  /** Bytes that are held now. */
  readonly bytes: () => number;
  /** The last seconds as a clip, under a name without its ending; null where nothing is held yet. */
  readonly clip: (name: string) => Promise<File | null>;
  readonly stop: () => void;
}

/** Seconds before a tap that are kept, and bytes that are held for them at most: twice as much as they take. */
const REPLAY = { seconds: 10, bytes: 12_000_000 } as const;

/** Holds the last seconds of a video; null where the browser cannot encode. */
export async function replayOf(video: HTMLVideoElement, failed: () => void): Promise<Replay | null> {
  const ring = new Ring<Encoded>(REPLAY);
  const encoding = await encodingOf(video, (piece) => ring.put(piece), failed);
  if (encoding === null) return null;
  return {
    bytes: () => ring.bytes,
    clip: (name) => clipOf(ring.last(REPLAY.seconds), encoding.decoder(), name),
    stop: () => {
      encoding.stop();
      ring.clear();
    },
  };
}

async function clipOf(pieces: readonly Encoded[], decoder: VideoDecoderConfig | null, name: string): Promise<File | null> {
  const [first] = pieces;
  if (!first || decoder === null) return null;
  const { BufferTarget, EncodedPacket, EncodedVideoPacketSource, Mp4OutputFormat, Output, WebMOutputFormat } = await import('mediabunny');
  const [codec, ending] = decoder.codec.startsWith('avc')
    ? (['avc', 'mp4'] as const)
    : ([decoder.codec.startsWith('vp8') ? 'vp8' : 'vp9', 'webm'] as const);
  const target = new BufferTarget();
  const output = new Output({
    format: ending === 'mp4' ? new Mp4OutputFormat({ fastStart: 'in-memory' }) : new WebMOutputFormat(),
    target,
  });
  const source = new EncodedVideoPacketSource(codec);
  output.addVideoTrack(source);
  await output.start();
  for (const [i, { at, key, data }] of pieces.entries()) {
    const until = pieces[i + 1]?.at ?? at + 1 / 30;
    await source.add(new EncodedPacket(data, key ? 'key' : 'delta', at - first.at, until - at), { decoderConfig: decoder });
  }
  await output.finalize();
  return target.buffer && new File([target.buffer], `${name}.${ending}`, { type: `video/${ending}` });
}
