/** By how much more (ms) the wall's clock must have gone on than the steady one: the device slept, or somebody set its clock. */
const SLEPT_MS = 15_000;

const ahead = (): number => Date.now() - performance.now();

/** Notices that the device slept while its page was open: the steady clock stood meanwhile, the wall's went on. */
export class Slept {
  private last = ahead();

  /** For how long (ms) since it was asked last; 0 where it did not. */
  look(): number {
    const before = this.last;
    this.last = ahead();
    return this.last - before > SLEPT_MS ? this.last - before : 0;
  }
}
