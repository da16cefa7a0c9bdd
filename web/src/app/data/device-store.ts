import { Injectable } from '@angular/core';
import type { Problem } from '@hopsk/contract/problem';
import type { RunHead } from '@hopsk/contract/run';
import type { RunEvent } from '@hopsk/core/log/event';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** A run as this device keeps it, with the names it needs when there is no network. */
export interface KeptRun {
  readonly head: RunHead;
  readonly clubId: string;
  readonly names: Readonly<Record<string, string>>;
  /** Whether it is under way; at most one is. */
  readonly open: 0 | 1;
  /** Why the server would not take it, if so: it stays here. Text where an earlier version kept the words, or nothing was understood. */
  readonly refused: Problem | string | null;
  /** Wall clock of the last sign of life while it was open, ms. */
  readonly aliveAt: number;
}

export interface KeptEvent {
  readonly runId: string;
  readonly clubId: string;
  readonly event: RunEvent;
  readonly sent: 0 | 1;
}

interface Schema extends DBSchema {
  runs: { key: string; value: KeptRun };
  events: { key: string; value: KeptEvent & { readonly id: string }; indexes: { run: string; sent: number } };
  kept: { key: string; value: unknown };
}

/** What this device remembers: runs and taps until they are sent, and copies of lists for when there is no network. */
@Injectable({ providedIn: 'root' })
export class DeviceStore {
  private readonly db: Promise<IDBPDatabase<Schema>> = openDB<Schema>('hopsk', 1, {
    upgrade(db) {
      db.createObjectStore('runs', { keyPath: 'head.id' });
      const events = db.createObjectStore('events', { keyPath: 'id' });
      events.createIndex('run', 'runId');
      events.createIndex('sent', 'sent');
      db.createObjectStore('kept');
    },
  });

  async putRun(run: KeptRun): Promise<void> {
    await (await this.db).put('runs', run);
  }

  async changeRun(id: string, change: Partial<KeptRun>): Promise<void> {
    const tx = (await this.db).transaction('runs', 'readwrite');
    const run = await tx.store.get(id);
    if (run) await tx.store.put({ ...run, ...change });
    await tx.done;
  }

  async runs(): Promise<KeptRun[]> {
    return (await this.db).getAll('runs');
  }

  /** Written before anything else is done with a tap. */
  async putEvents(events: readonly KeptEvent[]): Promise<void> {
    const tx = (await this.db).transaction('events', 'readwrite', { durability: 'strict' });
    for (const kept of events) await tx.store.put({ ...kept, id: kept.event.id });
    await tx.done;
  }

  async eventsOf(runId: string): Promise<KeptEvent[]> {
    return (await this.db).getAllFromIndex('events', 'run', runId);
  }

  async unsent(): Promise<KeptEvent[]> {
    return (await this.db).getAllFromIndex('events', 'sent', 0);
  }

  async markSent(ids: readonly string[]): Promise<void> {
    const tx = (await this.db).transaction('events', 'readwrite');
    for (const id of ids) {
      const kept = await tx.store.get(id);
      if (kept) await tx.store.put({ ...kept, sent: 1 });
    }
    await tx.done;
  }

  /** Forgets a run that is over and wholly sent. */
  async forget(runId: string): Promise<void> {
    const tx = (await this.db).transaction(['runs', 'events'], 'readwrite');
    await tx.objectStore('runs').delete(runId);
    for (const key of await tx.objectStore('events').index('run').getAllKeys(runId)) await tx.objectStore('events').delete(key);
    await tx.done;
  }

  async keep(key: string, value: unknown): Promise<void> {
    await (await this.db).put('kept', value, key);
  }

  async recall(key: string): Promise<unknown> {
    return (await this.db).get('kept', key);
  }

  /** At sign-out: copies of people and patterns go, unsent taps stay. */
  async forgetLists(): Promise<void> {
    await (await this.db).clear('kept');
  }
}
