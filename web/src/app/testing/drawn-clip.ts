import { drawnFilm } from '@hopsk/core/film/drawn';
import { DRAWN, type Drawn } from '@hopsk/core/film/drawn-names';
import { seenAt } from '@hopsk/core/film/scene';
import { BufferTarget, CanvasSource, Mp4OutputFormat, Output, WebMOutputFormat } from 'mediabunny';
import { paintScene } from '../ports/scene-painter';

/** Bits a second: what moves is small, and flat in colour. */
const BITS = 700_000;

/** A drawn clip as a file: each picture at its own moment. */
export async function drawnClip(drawn: Drawn): Promise<ArrayBuffer> {
  const as = DRAWN[drawn];
  const { scene, frames } = drawnFilm(drawn);
  const target = new BufferTarget();
  const output = new Output({ format: as === 'mp4' ? new Mp4OutputFormat() : new WebMOutputFormat(), target });
  const { width, height } = scene.camera.picture;
  const canvas = new OffscreenCanvas(width, height);
  const brush = canvas.getContext('2d', { alpha: false });
  if (!brush) throw new Error('There is no canvas.');
  const source = new CanvasSource(canvas, { codec: as === 'mp4' ? 'avc' : 'vp9', bitrate: BITS, keyFrameInterval: 1 });
  output.addVideoTrack(source);
  await output.start();
  for (const [i, at] of frames.entries()) {
    paintScene(brush, scene.camera.picture, seenAt(scene, at));
    await source.add(at, (frames[i + 1] ?? at + 1 / 60) - at);
  }
  await output.finalize();
  return target.buffer ?? new ArrayBuffer(0);
}
