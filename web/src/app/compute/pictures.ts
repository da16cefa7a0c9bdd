import { frameAt } from '@hopsk/core/film/frames';
import type { VideoSample, VideoSampleSink } from 'mediabunny';
import type { Painting } from './painting';

/** A picture of a clip; null where it cannot be decoded, or another one was asked for before its turn came. */
export type Picture = HTMLCanvasElement | OffscreenCanvas | null;

/** Pictures that are held: so many steps back cost nothing. At 1080 lines one is 8 MB. */
const HELD = 14;
/**
 * Canvases into which pictures are decoded, one after the other and round again: each is held until so many others were decoded. Were there
 * a new one for each picture, a browser would see no need to give their memory back before there are hundreds.
 */
const CANVASES = HELD + 2;
/** A way on of no more frames than this is gone through; a longer one begins anew, at a key frame. */
const ON = 12;
/** Whoever goes back goes on going back: so many frames before the one that is asked for are decoded with it. */
const BACK = 8;

/**
 * Pictures of a clip by the number of their frame. A decoder stands behind the last one, so that the next costs one frame; what was
 * decoded on the way is held for a while.
 */
export class Pictures {
  private readonly held = new Map<number, Picture>();
  private decoder: AsyncGenerator<VideoSample, void, unknown> | null = null;
  /** The frame that the decoder gives next. */
  private next = 0;
  private readonly canvases: OffscreenCanvas[] = [];
  private painted = 0;
  private turn: Promise<unknown> = Promise.resolve();
  private asked = 0;

  constructor(
    private readonly sink: VideoSampleSink,
    private readonly painting: Painting,
    private readonly stamps: readonly number[],
  ) {}

  at(frame: number): Promise<Picture> {
    const known = this.held.get(frame);
    if (known) return Promise.resolve(known);
    const asked = ++this.asked;
    // One after the other, as there is one decoder; whoever drags a slider waits for none of those in between.
    const mine = this.turn.then(() => (asked === this.asked ? this.decoded(frame) : null));
    this.turn = mine.catch(() => undefined);
    return mine;
  }

  close(): void {
    this.asked++;
    this.held.clear();
    void this.decoder?.return().catch(() => undefined);
    this.decoder = null;
  }

  private async decoded(frame: number): Promise<Picture> {
    const back = frame < this.next && frame >= this.next - ON;
    if (this.decoder === null || frame < this.next || frame > this.next + ON) await this.begin(back ? Math.max(0, frame - BACK) : frame);
    for (;;) {
      const { value } = (await this.decoder?.next()) ?? {};
      if (!value) return null;
      const is = frameAt(this.stamps, value.timestamp);
      this.next = is + 1;
      const canvas = await this.onCanvas(value);
      this.hold(is, canvas);
      if (is >= frame) return is === frame ? canvas : null;
    }
  }

  private async onCanvas(sample: VideoSample): Promise<OffscreenCanvas> {
    const place = this.painted++ % CANVASES;
    const canvas = (this.canvases[place] ??= this.painting.canvas());
    await this.painting.paint(sample, canvas);
    sample.close();
    return canvas;
  }

  private async begin(frame: number): Promise<void> {
    await this.decoder?.return();
    this.decoder = this.sink.samples(this.stamps[frame] ?? 0);
    this.next = frame;
  }

  private hold(frame: number, picture: Picture): void {
    // What was decoded first goes first: its canvas is the next one that is decoded into.
    this.held.delete(frame);
    this.held.set(frame, picture);
    for (const oldest of this.held.keys()) {
      if (this.held.size <= HELD) break;
      this.held.delete(oldest);
    }
  }
}
