import type { Hint } from '@hopsk/contract/live';
import pg from 'pg';
import type { Pool } from '../db/pool.js';
import { run, type Db } from '../db/sql.js';

/** Says to all servers on this database that something of a club may be otherwise; in a transaction, when it is done. The club goes before it. */
export async function hint(db: Db, clubId: string, what: Hint): Promise<void> {
  await run(db, 'hint', `${clubId} ${JSON.stringify(what)}`);
}

/** One that wants to hear of a club: what, as text, and that nothing is heard any more. */
export interface Ear {
  readonly tell: (hint: string) => void;
  readonly lost: () => void;
}

/** Listens at the database for a whole server, by one connection of its own, while anybody wants to hear. */
export class Hints {
  private readonly ears = new Map<string, Set<Ear>>();
  private listening: Promise<pg.Client> | null = null;

  constructor(private readonly pool: Pool) {}

  /** How many hear of a club. */
  hearing(clubId: string): number {
    return this.ears.get(clubId)?.size ?? 0;
  }

  /** From here on the ear hears of its club; gives what ends that. Throws where the database cannot be listened at. */
  async hear(clubId: string, ear: Ear): Promise<() => void> {
    const ears = this.ears.get(clubId) ?? new Set();
    this.ears.set(clubId, ears.add(ear));
    const leave = (): void => {
      ears.delete(ear);
      if (ears.size === 0) this.ears.delete(clubId);
      if (this.ears.size === 0) this.stop();
    };
    const listening = (this.listening ??= this.listen());
    try {
      await listening;
    } catch (error) {
      if (this.listening === listening) this.listening = null;
      leave();
      throw error;
    }
    return leave;
  }

  private listen(): Promise<pg.Client> {
    const client = new pg.Client(this.pool.options);
    client.on('notification', ({ payload }) => this.heard(payload ?? ''));
    // Said more than once, and of a connection that was given back too. Whoever was hearing asks again, which opens another.
    const lost = (): void => {
      if (this.listening !== opened) return;
      this.listening = null;
      for (const ear of [...this.ears.values()].flatMap((ears) => [...ears])) ear.lost();
    };
    const opened = (async () => {
      await client.connect();
      client.on('error', lost);
      client.on('end', lost);
      await client.query('listen hopsk');
      return client;
    })();
    return opened;
  }

  private heard(payload: string): void {
    // What is none of ours belongs to no club that anybody hears of.
    const [club = '', ...hint] = payload.split(' ');
    for (const ear of this.ears.get(club) ?? []) ear.tell(hint.join(' '));
  }

  private stop(): void {
    const was = this.listening;
    this.listening = null;
    // A connection that breaks while it is given back is given back all the same.
    was?.then((client) => client.end()).catch(() => undefined);
  }
}
