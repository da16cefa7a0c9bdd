import { busy } from './busy.js';

/** Club files that go out at a time: each holds a connection to the database until it is read to its end. */
export const EXPORTS = 3;

/** Which clubs' files are on their way out. */
export class Exports {
  private readonly under = new Set<string>();

  /** Does `work` for a club. Throws 409 while its file goes out already, or as many others do as may. */
  async one(clubId: string, work: () => Promise<void>): Promise<void> {
    if (this.under.has(clubId) || this.under.size >= EXPORTS) throw busy();
    this.under.add(clubId);
    try {
      await work();
    } finally {
      this.under.delete(clubId);
    }
  }
}
