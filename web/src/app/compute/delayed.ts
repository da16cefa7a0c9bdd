import { Delay } from '@hopsk/core/film/delay';
import { encodingOf, type Encoded } from './encoding';

/** Bytes that wait to be seen at most. */
const MOST = 40_000_000;

/** What a camera saw so many seconds ago, drawn as it comes due. */
export interface Delayed {
  readonly after: (seconds: number) => void;
  readonly bytes: () => number;
  readonly stop: () => void;
}

/** Draws what a video showed so many seconds ago into a canvas; null where the browser cannot encode. */
export async function delayedOf(
  video: HTMLVideoElement,
  canvas: HTMLCanvasElement,
  seconds: number,
  failed: () => void,
): Promise<Delayed | null> {
  const delay = new Delay<Encoded>(seconds, MOST);
  const encoding = await encodingOf(video, (piece) => delay.put(piece), failed);
  if (encoding === null) return null;
  const brush = canvas.getContext('2d', { alpha: false });
  const decoder = new VideoDecoder({
    output: (picture) => {
      if (canvas.width !== picture.displayWidth) [canvas.width, canvas.height] = [picture.displayWidth, picture.displayHeight];
      brush?.drawImage(picture, 0, 0, canvas.width, canvas.height);
      picture.close();
    },
    error: failed,
  });
  let next = 0;
  const show = (now: number): void => {
    next = requestAnimationFrame(show);
    for (const { at, key, data } of delay.due(now / 1000)) {
      const config = encoding.decoder();
      if (decoder.state === 'unconfigured' && config) decoder.configure(config);
      if (decoder.state === 'configured') decoder.decode(new EncodedVideoChunk({ type: key ? 'key' : 'delta', timestamp: at * 1e6, data }));
    }
  };
  next = requestAnimationFrame(show);
  return {
    after: (to) => delay.after(to),
    bytes: () => delay.bytes,
    stop: () => {
      cancelAnimationFrame(next);
      encoding.stop();
      if (decoder.state !== 'closed') decoder.close();
    },
  };
}
