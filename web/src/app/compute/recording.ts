/** In which a camera is recorded, the first that the browser writes. */
const WRITTEN = [
  'video/mp4;codecs=avc1.640028',
  'video/mp4;codecs=avc1.42E01E',
  'video/mp4',
  'video/webm;codecs=vp9',
  'video/webm',
] as const;
const BITS = 8_000_000;
/** Seconds after which it stops by itself: so much fills half a gigabyte. */
const MOST_SECONDS = 480;

/** A clip that is being recorded. */
export interface Recorded {
  readonly stop: () => void;
  /** The clip, under its name; null where nothing could be written. */
  readonly done: Promise<File | null>;
}

/** Records what a camera sees, until it is stopped or as long as may be. @param name of the file, without its ending. */
export function recordClip(stream: MediaStream, name: string): Recorded | null {
  const mimeType = 'MediaRecorder' in globalThis ? WRITTEN.find((one) => MediaRecorder.isTypeSupported(one)) : undefined;
  if (mimeType === undefined) return null;
  const recorder = new MediaRecorder(stream, { mimeType, videoBitsPerSecond: BITS });
  const parts: Blob[] = [];
  recorder.ondataavailable = ({ data }) => parts.push(data);
  const stop = (): void => {
    if (recorder.state !== 'inactive') recorder.stop();
  };
  const limit = setTimeout(stop, MOST_SECONDS * 1000);
  const done = new Promise<File | null>((made) => {
    recorder.onerror = () => made(null);
    recorder.onstop = () => {
      clearTimeout(limit);
      const ending = mimeType.startsWith('video/mp4') ? 'mp4' : 'webm';
      made(parts.some(({ size }) => size > 0) ? new File(parts, `${name}.${ending}`, { type: mimeType }) : null);
    };
  });
  // A piece a second: what was filmed before a phone dies is there.
  recorder.start(1000);
  return { stop, done };
}
