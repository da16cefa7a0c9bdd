/** A seeded source of chance (mulberry32): the same seed gives the same club. */
export class Chance {
  constructor(private state: number) {}

  /** Evenly in 0…1. */
  next(): number {
    this.state = (this.state + 0x6d2b79f5) | 0;
    let t = Math.imul(this.state ^ (this.state >>> 15), 1 | this.state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  }

  between(low: number, high: number): number {
    return low + (high - low) * this.next();
  }

  whole(low: number, high: number): number {
    return Math.floor(this.between(low, high + 1));
  }

  /** Normal deviate (Box & Muller 1958). */
  normal(sd: number): number {
    return sd * Math.sqrt(-2 * Math.log(1 - this.next())) * Math.cos(2 * Math.PI * this.next());
  }

  /** A source of its own: however much is taken from it, this one goes on the same. */
  branch(): Chance {
    return new Chance(this.whole(0, 0x7fffffff));
  }

  pick<T>(list: readonly T[]): T {
    return list[this.whole(0, list.length - 1)] as T;
  }

  uuid(): string {
    const hex = Array.from({ length: 32 }, (_, i) =>
      i === 12 ? '4' : i === 16 ? '89ab'[this.whole(0, 3)] : this.whole(0, 15).toString(16),
    ).join('');
    return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-${hex.slice(12, 16)}-${hex.slice(16, 20)}-${hex.slice(20)}`;
  }
}
