import { drawnFilm } from '@hopsk/core/film/drawn';
import { DRAWN, type Drawn } from '@hopsk/core/film/drawn-names';
import type { Camera } from '@hopsk/core/film/camera';
import { seenAt } from '@hopsk/core/film/scene';
import {
  BlobSource,
  BufferTarget,
  CanvasSource,
  EncodedPacketSink,
  EncodedVideoPacketSource,
  Input,
  MP4,
  Mp4OutputFormat,
  Output,
  WEBM,
  WebMOutputFormat,
} from 'mediabunny';
import { paintScene } from '../ports/scene-painter';

/** Bits a second: what moves is small, and flat in colour. */
const BITS = 700_000;

/** The same camera with so many times as many pixels. */
const finer = (camera: Camera, by: number): Camera => ({
  ...camera,
  focal: camera.focal * by,
  picture: { width: camera.picture.width * by, height: camera.picture.height * by },
});

/**
 * A drawn clip as a file: each picture at its own moment.
 * @param as for how many seconds, again and again, and how many times as fine; as it ships where nothing is said.
 */
export async function drawnClip(drawn: Drawn, as: { readonly seconds?: number; readonly scale?: number } = {}): Promise<ArrayBuffer> {
  const { scene: own, frames } = drawnFilm(drawn);
  const scene = { ...own, camera: finer(own.camera, as.scale ?? 1) };
  const target = new BufferTarget();
  const format = DRAWN[drawn] === 'mp4' ? new Mp4OutputFormat() : new WebMOutputFormat();
  const output = new Output({ format, target });
  const { width, height } = scene.camera.picture;
  const canvas = new OffscreenCanvas(width, height);
  const brush = canvas.getContext('2d', { alpha: false });
  if (!brush) throw new Error('There is no canvas.');
  const codec = DRAWN[drawn] === 'mp4' ? 'avc' : 'vp9';
  const source = new CanvasSource(canvas, { codec, bitrate: BITS, keyFrameInterval: 1 });
  output.addVideoTrack(source);
  await output.start();
  const round = (frames.at(-1) ?? 0) + 1 / 60;
  const rounds = as.seconds === undefined ? 1 : Math.ceil(as.seconds / round);
  for (let k = 0; k < rounds; k++)
    for (const [i, at] of frames.entries()) {
      if (k * round + at > (as.seconds ?? Infinity)) break;
      paintScene(brush, scene.camera.picture, seenAt(scene, at));
      await source.add(k * round + at, (frames[i + 1] ?? round) - at);
    }
  await output.finalize();
  return target.buffer ?? new ArrayBuffer(0);
}

/** A clip so many times one after the other, as it was encoded: long ones without drawing each picture. */
export async function longerClip(clip: Blob, times: number): Promise<Blob> {
  const input = new Input({ source: new BlobSource(clip), formats: [MP4, WEBM] });
  const track = await input.getPrimaryVideoTrack();
  const [codec, decoderConfig] = [await track?.getCodec(), await track?.getDecoderConfig()];
  if (!track || !codec || !decoderConfig) throw new Error('That is no clip of ours.');
  const target = new BufferTarget();
  const output = new Output({ format: codec === 'avc' ? new Mp4OutputFormat() : new WebMOutputFormat(), target });
  const source = new EncodedVideoPacketSource(codec);
  output.addVideoTrack(source);
  await output.start();
  // A hundredth between two of them, so that none begins before the other ends.
  const [round, sink] = [(await track.computeDuration()) + 0.01, new EncodedPacketSink(track)];
  for (let k = 0; k < times; k++)
    for await (const packet of sink.packets())
      await source.add(packet.clone({ timestamp: packet.timestamp + k * round }), { decoderConfig });
  await output.finalize();
  input.dispose();
  return new Blob([target.buffer ?? new ArrayBuffer(0)]);
}
