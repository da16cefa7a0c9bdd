import { AudioSample, AudioSampleSource, BufferTarget, CanvasSource, Mp4OutputFormat, Output, WebMOutputFormat } from 'mediabunny';

/** How light the picture of a frame is, 0 to 255: so it is known again. */
export const lightOf = (frame: number): number => 20 + ((frame * 37) % 200);

/** A clip whose frames are shown at these moments (s), each as light as `lightOf` says; turned as a phone was held, with what else its camera wrote. */
export async function filmed(
  stamps: readonly number[],
  as: 'mp4' | 'webm',
  rotation: 0 | 90 = 0,
  raw?: Record<string, string | Uint8Array>,
): Promise<File> {
  const target = new BufferTarget();
  const output = new Output({
    format: as === 'mp4' ? new Mp4OutputFormat(raw ? { metadataFormat: 'mdta' } : {}) : new WebMOutputFormat(),
    target,
  });
  if (raw) output.setMetadataTags({ raw });
  const canvas = new OffscreenCanvas(128, 64);
  const brush = canvas.getContext('2d');
  const source = new CanvasSource(canvas, { codec: as === 'mp4' ? 'avc' : 'vp8', bitrate: 2_000_000, keyFrameInterval: 1 });
  output.addVideoTrack(source, { rotation });
  await output.start();
  for (const [i, at] of stamps.entries()) {
    const light = lightOf(i);
    if (brush) brush.fillStyle = `rgb(${light} ${light} ${light})`;
    brush?.fillRect(0, 0, canvas.width, canvas.height);
    await source.add(at, (stamps[i + 1] ?? at + 0.02) - at);
  }
  await output.finalize();
  return new File([target.buffer ?? new ArrayBuffer(0)], `clip.${as}`);
}

/** A file with sound and no picture. */
export async function heard(): Promise<File> {
  const target = new BufferTarget();
  const output = new Output({ format: new WebMOutputFormat(), target });
  const source = new AudioSampleSource({ codec: 'opus', bitrate: 32_000 });
  output.addAudioTrack(source);
  await output.start();
  const sample = new AudioSample({ data: new Float32Array(48_000), format: 'f32', numberOfChannels: 1, sampleRate: 48_000, timestamp: 0 });
  await source.add(sample);
  sample.close();
  await output.finalize();
  return new File([target.buffer ?? new ArrayBuffer(0)], 'sound.webm');
}
