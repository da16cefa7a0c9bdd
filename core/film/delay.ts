import type { Piece } from './ring.js';

/**
 * Film that is shown so many seconds after it was taken: pieces are put in as they come, and are due when their time has come again.
 * No more than so many bytes wait; where there are more, the oldest stretch goes unseen.
 */
export class Delay<P extends Piece> {
  private waiting: P[] = [];
  private held = 0;

  constructor(
    private seconds: number,
    private readonly most: number,
  ) {}

  /** Bytes that wait. */
  get bytes(): number {
    return this.held;
  }

  put(piece: P): void {
    this.waiting.push(piece);
    this.held += piece.bytes;
    while (this.held > this.most) {
      const next = this.waiting.findIndex(({ key }, i) => i > 0 && key);
      if (next < 0) return;
      this.take(next);
    }
  }

  /** Another delay: shorter, and what is late by then goes but for what the next picture needs; longer, and nothing is due for a while. */
  after(seconds: number): void {
    this.seconds = seconds;
  }

  /**
   * What is due now, in its order. Where several stretches are, only the last: nobody waits for what is over.
   * @param now seconds of the film, as its camera counts them.
   */
  due(now: number): readonly P[] {
    const until = now - this.seconds;
    let n = 0;
    let from = 0;
    for (const [i, piece] of this.waiting.entries()) {
      if (piece.at > until) break;
      if (piece.key) from = i;
      n = i + 1;
    }
    return this.take(n).slice(from);
  }

  private take(n: number): P[] {
    const taken = this.waiting.splice(0, n);
    for (const { bytes } of taken) this.held -= bytes;
    return taken;
  }
}
