import { randomUUID } from 'node:crypto';
import { notFound } from '../http/problem.js';
import { busy } from './busy.js';
import { keyOf, type PassphraseKey } from './passphrase.js';

/** Club files that go out at a time: each holds a connection to the database until it is read to its end. */
export const EXPORTS = 3;

/** For so long (ms) a file that was asked for can be fetched, once. */
const READY = 60_000;

/** A file that was asked for: of which club, and what seals it. Its passphrase itself is not kept. */
interface Ready {
  readonly clubId: string;
  readonly until: number;
  readonly key: PassphraseKey | null;
}

/** Which clubs' files are on their way out. */
export class Exports {
  private readonly under = new Set<string>();
  private readonly ready = new Map<string, Ready>();
  /** Clubs whose passphrase is just being worked on. */
  private readonly asking = new Set<string>();

  /** Makes a club's file ready to be fetched. Throws 409 as `one` does. */
  async ask(clubId: string, passphrase: string | null): Promise<string> {
    this.mayGo(clubId);
    if (this.asking.has(clubId)) throw busy();
    this.asking.add(clubId);
    try {
      const key = passphrase === null ? null : await keyOf(passphrase);
      // One a club: what another asked for and did not fetch is over, as is what nobody came for.
      for (const [id, one] of this.ready) if (one.clubId === clubId || one.until < Date.now()) this.ready.delete(id);
      const id = randomUUID();
      this.ready.set(id, { clubId, until: Date.now() + READY, key });
      return id;
    } finally {
      this.asking.delete(clubId);
    }
  }

  /** What seals the file that was asked for; null: nothing does. Throws 404 for what this club did not ask for, was fetched, or is over. */
  fetch(clubId: string, id: string): PassphraseKey | null {
    const one = this.ready.get(id);
    if (one?.clubId !== clubId || one.until < Date.now()) throw notFound('file');
    this.mayGo(clubId);
    this.ready.delete(id);
    return one.key;
  }

  private mayGo(clubId: string): void {
    if (this.under.has(clubId) || this.under.size >= EXPORTS) throw busy();
  }

  /** Does `work` for a club. Throws 409 while its file goes out already, or as many others do as may. */
  async one(clubId: string, work: () => Promise<void>): Promise<void> {
    this.mayGo(clubId);
    this.under.add(clubId);
    try {
      await work();
    } finally {
      this.under.delete(clubId);
    }
  }
}
