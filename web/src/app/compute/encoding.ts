import type { Piece } from '@hopsk/core/film/ring';

/** A piece of film that was encoded here, and what is needed to decode it. */
export interface Encoded extends Piece {
  readonly data: Uint8Array<ArrayBuffer>;
}

/** What sees a video encoded as it goes on. */
export interface Encoding {
  /** How it is decoded; known with the first piece. */
  readonly decoder: () => VideoDecoderConfig | null;
  readonly stop: () => void;
}

/** Codecs, the first that the browser writes. */
const CODECS = ['avc1.42E01F', 'vp8', 'vp09.00.31.08'] as const;
/** It is filmed at so many lines at most: a phone that films, counts and logs has other things to do. */
const LINES = 720;
const BITS = 4_000_000;
/** Seconds between pictures that can be decoded by themselves. */
const KEY_EVERY = 1;
/** Pictures that wait to be encoded: more, and the next is left out. */
const WAITING = 3;

/** Encodes what a video shows, piece by piece, for as long as it is not stopped; null where the browser cannot. */
export async function encodingOf(video: HTMLVideoElement, take: (piece: Encoded) => void, failed: () => void): Promise<Encoding | null> {
  if (!('VideoEncoder' in globalThis) || video.videoHeight === 0) return null;
  const less = Math.min(1, LINES / video.videoHeight);
  // Encoders take even numbers of pixels.
  const size = (pixels: number): number => 2 * Math.round((pixels * less) / 2);
  const [width, height] = [size(video.videoWidth), size(video.videoHeight)];
  const config = await firstSupported(width, height);
  if (config === null) return null;
  let decoder: VideoDecoderConfig | null = null;
  let stopped = false;
  const stop = (): void => {
    stopped = true;
    if (encoder.state !== 'closed') encoder.close();
  };
  const encoder = new VideoEncoder({
    output: (chunk, about) => {
      decoder = about?.decoderConfig ?? decoder;
      const data = new Uint8Array(chunk.byteLength);
      chunk.copyTo(data);
      take({ at: chunk.timestamp / 1e6, bytes: data.byteLength, key: chunk.type === 'key', data });
    },
    error: () => {
      stop();
      failed();
    },
  });
  encoder.configure(config);
  let key = -Infinity;
  const next = (now: number): void => {
    if (stopped) return;
    video.requestVideoFrameCallback(next);
    if (encoder.encodeQueueSize > WAITING) return;
    const picture = new VideoFrame(video, { timestamp: Math.round(now * 1000) });
    const keyFrame = now / 1000 - key >= KEY_EVERY;
    if (keyFrame) key = now / 1000;
    encoder.encode(picture, { keyFrame });
    picture.close();
  };
  video.requestVideoFrameCallback(next);
  return { decoder: () => decoder, stop };
}

async function firstSupported(width: number, height: number): Promise<VideoEncoderConfig | null> {
  for (const codec of CODECS) {
    const config: VideoEncoderConfig = { codec, width, height, bitrate: BITS, framerate: 30, latencyMode: 'realtime' };
    const { supported } = await VideoEncoder.isConfigSupported(config).catch(() => ({ supported: false }));
    if (supported) return config;
  }
  return null;
}
