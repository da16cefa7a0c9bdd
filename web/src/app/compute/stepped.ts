import { frameNearest } from '@hopsk/core/film/frames';
import { Pictures, type Picture } from './pictures';

/** So long a browser may take until it shows something, ms. */
const PATIENCE = 4000;
/** So often a video is sent to a frame, the second time by what it fell short. */
const TRIES = 2;
/** Whoever goes on goes on going on: so many frames more are fetched meanwhile, and held. */
const ON = 6;
/** A frame that no way leads to is played towards: from so many frames before it, each for so long (s); then nothing else may come for as long. */
const BEFORE = 3;
const EACH = 0.2;

/**
 * Pictures of a clip that the browser plays but does not give to be decoded frame by frame: a video is sent into the middle of each frame,
 * and says itself which one it shows. What it shows is taken only while it stands, and only if it is the frame that was asked for.
 */
export class Stepped extends Pictures {
  /** The frame that the video shows; −1: nobody knows. */
  private shows = 0;
  /** The frame that was asked for last. */
  private last = -1;
  /** What is played ahead, until it stands again; null: nothing. And that it is to stand. */
  private ahead: Promise<unknown> | null = null;
  private stop = false;
  /** Who waits for the next picture that comes of it. */
  private waiting: (() => void)[] = [];

  /** @param zero how much later than in the file a moment is in the video, seconds. */
  private constructor(
    private readonly video: HTMLVideoElement,
    private readonly stamps: readonly number[],
    private readonly zero: number,
    canvas: () => OffscreenCanvas,
  ) {
    super(canvas);
  }

  /** Null where the browser does not play it, or does not say which frame it shows. */
  static async of(file: Blob, stamps: readonly number[], canvas: () => OffscreenCanvas): Promise<Stepped | null> {
    const video = document.createElement('video');
    if (!('requestVideoFrameCallback' in video)) return null;
    Object.assign(video, { muted: true, playsInline: true, preload: 'auto' });
    const first = frameOf(video);
    video.src = URL.createObjectURL(file);
    const at = await first;
    if (at === null) return (putAway(video), null);
    return new Stepped(video, stamps, at - (stamps[0] ?? 0), canvas);
  }

  override close(): void {
    super.close();
    this.stop = true;
    putAway(this.video);
  }

  protected async shown(frame: number): Promise<Picture> {
    const on = frame > this.last && frame <= this.last + ON + 1;
    this.last = frame;
    this.stop = !on;
    while (this.ahead && !this.known(frame)) await Promise.race([this.ahead, this.nextPicture()]);
    const come = this.known(frame);
    if (come) return come;
    this.stop = false;
    if (!(await this.sent(frame)) && !(await this.playedTo(frame))) return null;
    const picture = this.drawn(frame);
    if (on) this.ahead = this.goOn(frame).finally(() => (this.ahead = null));
    return picture;
  }

  private async goOn(from: number): Promise<void> {
    for (let frame = from + 1; frame <= from + ON && frame < this.stamps.length && !this.stop; frame++)
      if (!this.known(frame) && (await this.sent(frame).catch(() => false))) this.drawn(frame);
  }

  private nextPicture(): Promise<void> {
    return new Promise((come) => void this.waiting.push(come));
  }

  /** Sends the video to a frame; whether it shows it then. */
  private async sent(frame: number): Promise<boolean> {
    const from = this.stamps[frame] ?? 0;
    let to = from + this.seenFor(frame) / 2;
    for (let i = 0; i < TRIES && this.shows !== frame; i++) {
      const shown = frameOf(this.video);
      this.video.currentTime = to + this.zero;
      const at = this.showing(await shown);
      if (at === null) return false;
      to += from - at;
    }
    return this.shows === frame;
  }

  /**
   * Plays towards a frame, and stands there; whether the video shows it then. Where frames last unevenly there are some that no way leads to
   * but those before them. While a video plays, what it shows may be later than what it says.
   */
  private async playedTo(frame: number): Promise<boolean> {
    const from = Math.max(0, frame - BEFORE);
    await this.sent(from);
    this.video.playbackRate = Math.min(1, Math.max(0.0625, this.seenFor(frame) / EACH));
    const first = frameOf(this.video);
    await this.video.play().catch(() => undefined);
    let at = this.showing(await first);
    while (at !== null && this.shows < frame) at = this.showing(await frameOf(this.video));
    this.video.pause();
    if (this.shows === frame && (await frameOf(this.video, EACH * 1000)) === null) return true;
    this.shows = -1;
    return false;
  }

  /** How long a frame is seen, seconds: the last one as long as the one before it. */
  private seenFor(frame: number): number {
    const [before, from, until] = [this.stamps[frame - 1], this.stamps[frame], this.stamps[frame + 1]];
    if (from === undefined) return 0;
    return until === undefined ? from - (before ?? from) : until - from;
  }

  private drawn(frame: number): Picture {
    const canvas = this.next();
    canvas.getContext('2d')?.drawImage(this.video, 0, 0, canvas.width, canvas.height);
    this.hold(frame, canvas);
    for (const come of this.waiting.splice(0)) come();
    return canvas;
  }

  /** Takes in what the video shows; its moment in the file. */
  private showing(at: number | null): number | null {
    this.shows = at === null ? -1 : frameNearest(this.stamps, at - this.zero);
    return at === null ? null : at - this.zero;
  }
}

/** The moment of the frame that a video shows next, seconds; null where it shows none for so long (ms). */
function frameOf(video: HTMLVideoElement, patience = PATIENCE): Promise<number | null> {
  return new Promise((done) => {
    const end = (at: number | null): void => {
      clearTimeout(late);
      video.removeEventListener('error', failed);
      video.cancelVideoFrameCallback(asked);
      done(at);
    };
    const failed = (): void => end(null);
    const asked = video.requestVideoFrameCallback((_, { mediaTime }) => end(mediaTime));
    const late = setTimeout(failed, patience);
    video.addEventListener('error', failed);
  });
}

function putAway(video: HTMLVideoElement): void {
  URL.revokeObjectURL(video.src);
  video.removeAttribute('src');
  video.load();
}
