/** A picture of a clip; null where it cannot be shown, or another one was asked for before its turn came. */
export type Picture = HTMLCanvasElement | OffscreenCanvas | null;

/** Pictures that are held: so many steps back cost nothing. At 1080 lines one is 8 MB. */
const HELD = 14;
/**
 * Canvases into which pictures come, one after the other and round again: each is held until so many others came. Were there a new one for
 * each picture, a browser would see no need to give their memory back before there are hundreds.
 */
const CANVASES = HELD + 2;

/** Pictures of a clip by the number of their frame; those that were seen last are held for a while. */
export abstract class Pictures {
  private readonly held = new Map<number, Picture>();
  private readonly canvases: OffscreenCanvas[] = [];
  private painted = 0;
  private turn: Promise<unknown> = Promise.resolve();
  private asked = 0;

  /** @param canvas makes one as large as a frame is to be seen. */
  constructor(private readonly canvas: () => OffscreenCanvas) {}

  at(frame: number): Promise<Picture> {
    const known = this.known(frame);
    if (known) return Promise.resolve(known);
    const asked = ++this.asked;
    // One after the other, as there is one that shows them; whoever drags a slider waits for none of those in between.
    const mine = this.turn.then(() => (asked === this.asked ? this.shown(frame) : null));
    this.turn = mine.catch(() => undefined);
    return mine;
  }

  close(): void {
    this.asked++;
    this.held.clear();
  }

  /** The picture of a frame that is held. */
  protected known(frame: number): Picture {
    return this.held.get(frame) ?? null;
  }

  /** Fetches the picture of a frame that is not held. */
  protected abstract shown(frame: number): Promise<Picture>;

  /** The canvas that the next picture comes into. */
  protected next(): OffscreenCanvas {
    return (this.canvases[this.painted++ % CANVASES] ??= this.canvas());
  }

  protected hold(frame: number, picture: Picture): void {
    // What came first goes first: its canvas is the next one that something comes into.
    this.held.delete(frame);
    this.held.set(frame, picture);
    for (const oldest of this.held.keys()) {
      if (this.held.size <= HELD) break;
      this.held.delete(oldest);
    }
  }
}
