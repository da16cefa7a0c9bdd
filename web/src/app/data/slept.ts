const ahead = (): number => Date.now() - performance.now();

/** Notices that the device slept while its page was open, or that somebody set its clock: the wall's clock went on, the steady one stood. */
export class Slept {
  private last = ahead();

  /** By how much more (ms) the wall's clock went on than the steady one since it was asked last; below 0 where it was set back. */
  look(): number {
    const before = this.last;
    this.last = ahead();
    return this.last - before;
  }
}
