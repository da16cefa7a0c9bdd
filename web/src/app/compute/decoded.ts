import { frameAt } from '@hopsk/core/film/frames';
import type { VideoSample, VideoSampleSink } from 'mediabunny';
import type { Painting } from './painting';
import { Pictures, type Picture } from './pictures';

/** A way on of no more frames than this is gone through; a longer one begins anew, at a key frame. */
const ON = 12;
/** Whoever goes back goes on going back: so many frames before the one that is asked for are decoded with it. */
const BACK = 8;

/** Pictures that are decoded here, frame by frame. A decoder stands behind the last one, so that the next costs one frame. */
export class Decoded extends Pictures {
  private decoder: AsyncGenerator<VideoSample, void, unknown> | null = null;
  /** The frame that the decoder gives next. */
  private coming = 0;

  constructor(
    private readonly sink: VideoSampleSink,
    private readonly painting: Painting,
    private readonly stamps: readonly number[],
  ) {
    super(() => painting.canvas());
  }

  override close(): void {
    super.close();
    void this.decoder?.return().catch(() => undefined);
    this.decoder = null;
  }

  protected async shown(frame: number): Promise<Picture> {
    const back = frame < this.coming && frame >= this.coming - ON;
    if (this.decoder === null || frame < this.coming || frame > this.coming + ON)
      await this.begin(back ? Math.max(0, frame - BACK) : frame);
    for (;;) {
      const { value } = (await this.decoder?.next()) ?? {};
      if (!value) return null;
      const is = frameAt(this.stamps, value.timestamp);
      this.coming = is + 1;
      const canvas = this.next();
      await this.painting.paint(value, canvas);
      value.close();
      this.hold(is, canvas);
      if (is >= frame) return is === frame ? canvas : null;
    }
  }

  private async begin(frame: number): Promise<void> {
    await this.decoder?.return();
    this.decoder = this.sink.samples(this.stamps[frame] ?? 0);
    this.coming = frame;
  }
}
