import type { Picture } from '@hopsk/core/film/calibration';
import type { Frames } from '@hopsk/core/film/frames';
import { Decoded } from './decoded';
import { Painting } from './painting';
import type { Picture as FramePicture } from './pictures';
import { Stepped } from './stepped';
import { BlobSource, EncodedPacketSink, Input, MATROSKA, MP4, QTFF, VideoSampleSink, WEBM } from 'mediabunny';

/** Why a file is no clip that can be looked at. */
export type NoClip = 'no-film' | 'torn' | 'no-picture' | 'cannot-decode' | 'transparent' | 'no-frames';

/** A clip that was opened: the times of its frames, and each of them as a picture. Nothing of it leaves the page. */
export interface Clip {
  readonly frames: Frames;
  /** As it is seen: turned as the phone was. */
  readonly picture: Picture;
  /** How many pictures a second its camera took, where it wrote that; null else. */
  readonly taken: number | null;
  at(frame: number): Promise<FramePicture>;
  close(): void;
}

/**
 * Opens a clip that was filmed. Frame times are those of the container, one by one, in the order in which they are seen, from the first on.
 * @param lines at which it is looked at at most: several beside each other are small.
 * @returns the clip, or why it is none, and in what it was written where that is known.
 */
export async function openClip(file: Blob, lines = Infinity): Promise<Clip | { readonly code: NoClip; readonly codec: string | null }> {
  const input = new Input({ source: new BlobSource(file), formats: [MP4, QTFF, WEBM, MATROSKA] });
  const none = (code: NoClip, codec: string | null = null): { readonly code: NoClip; readonly codec: string | null } => {
    input.dispose();
    return { code, codec };
  };
  try {
    if (!(await input.canRead())) return none('no-film');
    const track = await input.getPrimaryVideoTrack();
    if (track === null) return none((await input.getTracks()).length === 0 ? 'torn' : 'no-picture');
    const codec = await track.getCodec();
    // What shows through is put together by a worker that the page does not let in; no camera films so.
    const sink = new EncodedPacketSink(track);
    if ((await sink.getFirstPacket())?.sideData.alpha) return none('transparent', codec);
    const seen: number[] = [];
    for await (const { timestamp } of sink.packets(undefined, undefined, { metadataOnly: true })) seen.push(timestamp);
    // They lie in the file as they are decoded. What is shown at the same moment is one picture.
    const stamps = [...new Set(seen)].sort((a, b) => a - b);
    const [first] = stamps;
    if (first === undefined || stamps.length < 2) return none('no-frames', codec);
    const whole = { width: await track.getDisplayWidth(), height: await track.getDisplayHeight() };
    const less = Math.min(1, lines / whole.height);
    const picture = { width: Math.round(whole.width * less), height: Math.round(whole.height * less) };
    const painting = new Painting(picture);
    // Where a browser plays a clip without giving its frames to be decoded, it is stepped through as it plays it.
    const pictures = (await track.canDecode())
      ? new Decoded(new VideoSampleSink(track), painting, stamps)
      : await Stepped.of(file, stamps, () => painting.canvas());
    if (pictures === null) return none('cannot-decode', codec);
    return {
      frames: stamps.map((one) => one - first),
      picture,
      taken: takenAt((await input.getMetadataTags()).raw?.[TAKEN_AT]),
      at: (frame) => pictures.at(frame),
      close: () => (pictures.close(), input.dispose()),
    };
  } catch {
    return none('no-film');
  }
}

/** Under which phones write how many pictures a second they took, where they show fewer: a number of four bytes, or as text. */
const TAKEN_AT = 'com.android.capture.fps';

function takenAt(raw: unknown): number | null {
  const value =
    raw instanceof Uint8Array && raw.length === 4 ? new DataView(raw.buffer, raw.byteOffset).getFloat32(0) : Number(raw ?? Number.NaN);
  return Number.isFinite(value) && value > 0 ? value : null;
}
