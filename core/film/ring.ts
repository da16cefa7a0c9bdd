/** A piece of film as an encoder gives it. */
export interface Piece {
  /** When it is seen, seconds of the film. */
  readonly at: number;
  readonly bytes: number;
  /** It can be decoded without the one before it. */
  readonly key: boolean;
}

/** How much film is held: so many seconds, in no more than so many bytes. */
export interface Held {
  readonly seconds: number;
  readonly bytes: number;
}

/**
 * The last of a film that goes on: pieces are put in as they come, and go when they are older than is held, or too many. What is held
 * begins with a piece that can be decoded by itself, so it is held up to one such stretch longer than asked.
 */
export class Ring<P extends Piece> {
  private pieces: P[] = [];
  private held = 0;

  constructor(private readonly most: Held) {}

  get bytes(): number {
    return this.held;
  }

  /** @throws RangeError where a piece is of before the last one. */
  put(piece: P): void {
    const last = this.pieces.at(-1);
    if (last && piece.at < last.at) throw new RangeError(`A piece of ${piece.at} s comes after one of ${last.at} s.`);
    // Nothing can be seen of what comes before the first that stands by itself.
    if (!last && !piece.key) return;
    this.pieces.push(piece);
    this.held += piece.bytes;
    this.drop(piece.at - this.most.seconds);
  }

  /** What is held of so many seconds before now, from a piece on that can be decoded by itself; all where it is asked for more. */
  last(seconds: number): readonly P[] {
    const end = this.pieces.at(-1)?.at ?? 0;
    return this.pieces.slice(this.begins(end - seconds));
  }

  clear(): void {
    this.pieces = [];
    this.held = 0;
  }

  /** The last piece that stands by itself and is no later than a moment; the first of all where there is none. */
  private begins(at: number): number {
    let found = 0;
    for (const [i, piece] of this.pieces.entries()) {
      if (piece.at > at) break;
      if (piece.key) found = i;
    }
    return found;
  }

  private drop(before: number): void {
    this.cut(this.begins(before));
    // Too many bytes: whole stretches go, the oldest first, but the one that is written now stays.
    while (this.held > this.most.bytes) {
      const next = this.pieces.findIndex(({ key }, i) => i > 0 && key);
      if (next < 0) return;
      this.cut(next);
    }
  }

  private cut(n: number): void {
    for (const { bytes } of this.pieces.splice(0, n)) this.held -= bytes;
  }
}
