import { frameNearest } from '@hopsk/core/film/frames';
import { Pictures, type Picture } from './pictures';

/** So long a browser may take until it shows something, ms. */
const PATIENCE = 4000;
/** So often a video is sent to a frame, the second time by what it fell short. */
const TRIES = 2;
/** A frame that a video cannot be sent to is played towards: from so many seconds before it, at this share of the speed of life. */
const BEFORE = 0.3;
const SLOWLY = 0.25;

/**
 * Pictures of a clip that the browser plays but does not give to be decoded frame by frame: a video is sent into the middle of each frame,
 * and says itself which one it shows. What it shows is taken only if it is the frame that was asked for.
 */
export class Stepped extends Pictures {
  /** The frame that the video shows. */
  private shows = 0;

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
    putAway(this.video);
  }

  protected async shown(frame: number): Promise<Picture> {
    const [from, until] = [this.stamps[frame] ?? 0, this.stamps[frame + 1]];
    // The last one is seen as long as the one before it.
    const seen = (until ?? 2 * from - (this.stamps[frame - 1] ?? 0)) - from;
    let to = from + seen / 2;
    for (let i = 0; i < TRIES && this.shows !== frame; i++) {
      const at = await this.go(to);
      if (at === null) return null;
      to += from - at;
    }
    if (this.shows !== frame) return this.playedTo(frame);
    return this.drawn(frame);
  }

  private drawn(frame: number): Picture {
    const canvas = this.next();
    canvas.getContext('2d')?.drawImage(this.video, 0, 0, canvas.width, canvas.height);
    this.hold(frame, canvas);
    return canvas;
  }

  /** Where frames last unevenly there are some that no way leads to but the one before them. */
  private async playedTo(frame: number): Promise<Picture> {
    await this.go(Math.max(this.stamps[0] ?? 0, (this.stamps[frame] ?? 0) - BEFORE));
    this.video.playbackRate = SLOWLY;
    let next = frameOf(this.video);
    await this.video.play().catch(() => undefined);
    try {
      for (;;) {
        const at = await next;
        this.shows = at === null ? -1 : frameNearest(this.stamps, at - this.zero);
        if (this.shows >= frame || at === null) return this.shows === frame ? this.drawn(frame) : null;
        next = frameOf(this.video);
      }
    } finally {
      this.video.pause();
      // It may have gone on by the time that it stands.
      this.shows = -1;
    }
  }

  /** Sends the video to a moment of the file; gives that of the frame that it shows. */
  private async go(seconds: number): Promise<number | null> {
    const shown = frameOf(this.video);
    this.video.currentTime = seconds + this.zero;
    const at = await shown;
    this.shows = at === null ? -1 : frameNearest(this.stamps, at - this.zero);
    return at === null ? null : at - this.zero;
  }
}

/** The moment of the frame that a video shows next, seconds; null where it shows none. */
function frameOf(video: HTMLVideoElement): Promise<number | null> {
  return new Promise((done) => {
    const end = (at: number | null): void => {
      clearTimeout(late);
      video.removeEventListener('error', failed);
      video.cancelVideoFrameCallback(asked);
      done(at);
    };
    const failed = (): void => end(null);
    const asked = video.requestVideoFrameCallback((_, { mediaTime }) => end(mediaTime));
    const late = setTimeout(failed, PATIENCE);
    video.addEventListener('error', failed);
  });
}

function putAway(video: HTMLVideoElement): void {
  URL.revokeObjectURL(video.src);
  video.removeAttribute('src');
  video.load();
}
