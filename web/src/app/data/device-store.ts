import { Injectable } from '@angular/core';
import type { Problem } from '@hopsk/contract/problem';
import type { RunHead } from '@hopsk/contract/run';
import { inOrder, type RunEvent } from '@hopsk/core/log/event';
import { openDB, type DBSchema, type IDBPDatabase, type IDBPTransaction, type StoreNames } from 'idb';
import { newId } from './ids';
import { isLocked } from './locked';
import { same } from './same';
import type { Sealed } from './sealing';
import type { EarlierKept, takeOver } from './earlier-taps';

/** Keys of what is typed and not saved. */
export const DRAFT = /^(?:athlete:|build:|draft:|playbook$)/;
/** Keys of what is sealed to a coach who left. */
export const SEALED = 'sealed:';

const sealedOf = (coach: string): IDBKeyRange => IDBKeyRange.bound(`${SEALED}${coach}`, `${SEALED}${coach}\uffff`);

/** A run as this device keeps it, with the names it needs when there is no network. */
export interface KeptRun {
  readonly head: RunHead;
  readonly clubId: string;
  readonly names: Readonly<Record<string, string>>;
  /** Whether it is under way; at most one is. */
  readonly open: 0 | 1;
  /** Why the server would not take it, if so: it stays here. Text where an earlier version kept the words, or nothing was understood. */
  readonly refused: Problem | string | null;
  /** Wall clock of the last sign of life while it was open, and the run's own time then, ms. */
  readonly aliveAt: number;
  readonly aliveM: number;
  /** Whether the server has its head. */
  readonly headSent: 0 | 1;
  /** Names under which this device writes in it; the last is the one it has now. */
  readonly devices: readonly string[];
  /** All that arrived at the server up to this number is here. */
  readonly arrival: number;
}

export interface KeptEvent {
  readonly runId: string;
  readonly clubId: string;
  readonly event: RunEvent;
  readonly sent: 0 | 1;
}

/** What whoever leaves leaves behind: runs with taps that are not sent, and what is typed and not saved, by its key. */
export interface LeftBehind {
  readonly runs: readonly KeptRun[];
  readonly events: readonly KeptEvent[];
  readonly drafts: Readonly<Record<string, unknown>>;
}

/** The same, sealed to its coach. */
export interface SealedLeft {
  readonly key: string;
  /** How many taps are in it, and things typed. */
  readonly taps: number;
  readonly typed: number;
  readonly sealed: Sealed;
}

export interface Schema extends DBSchema {
  runs: { key: string; value: KeptRun };
  events: { key: string; value: KeptEvent & { readonly id: string }; indexes: { run: string; sent: number } };
  kept: { key: string; value: unknown };
  self: { key: string; value: unknown };
}

/** What this device remembers: runs and taps until they are sent, and copies of lists for when there is no network. */
@Injectable({ providedIn: 'root' })
export class DeviceStore {
  private db = openStore('hopsk');

  /** The name under which this device writes, made once. */
  async self(): Promise<string> {
    const tx = (await this.db).transaction('self', 'readwrite');
    const known = await tx.store.get('device');
    const name = typeof known === 'string' ? known : newId();
    if (known === undefined) await tx.store.put(name, 'device');
    await tx.done;
    return name;
  }

  /** Another device has this one's name: from now on it has another. */
  async rename(name: string): Promise<void> {
    await (await this.db).put('self', name, 'device');
  }

  /** What is the device's own, whoever is in: its lock, and what is locked away. */
  async own(key: 'lock' | 'locked-away'): Promise<unknown> {
    return (await this.db).get('self', key);
  }

  async putOwn(key: 'lock' | 'locked-away', value: unknown): Promise<void> {
    await (value === undefined ? (await this.db).delete('self', key) : (await this.db).put('self', value, key));
  }

  /** The store itself, for what takes a whole out of it or puts it back. */
  whole(): Promise<IDBPDatabase<Schema>> {
    return this.db;
  }

  /** Opens the store anew, for when the browser closed it; gives whether it could. */
  async reopened(): Promise<boolean> {
    const again = openStore('hopsk');
    const could = await again.then(
      () => true,
      () => false,
    );
    if (could) this.db = again;
    return could;
  }

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

  /** What others wrote, unless it is here already: what this device still has to send stays so. */
  async heard(events: readonly KeptEvent[]): Promise<void> {
    const tx = (await this.db).transaction('events', 'readwrite');
    for (const kept of events) if ((await tx.store.getKey(kept.event.id)) === undefined) await tx.store.put({ ...kept, id: kept.event.id });
    await tx.done;
  }

  async eventsOf(runId: string): Promise<KeptEvent[]> {
    return (await this.db).getAllFromIndex('events', 'run', runId);
  }

  async unsent(): Promise<KeptEvent[]> {
    return (await this.db).getAllFromIndex('events', 'sent', 0);
  }

  /** Marks taps by id as sent or, where the server lost them, as still to be sent. */
  async mark(ids: readonly string[], sent: 0 | 1): Promise<void> {
    const tx = (await this.db).transaction('events', 'readwrite');
    for (const id of ids) {
      const kept = await tx.store.get(id);
      if (kept) await tx.store.put({ ...kept, sent });
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

  /** Keeps a copy, or what is typed; nothing while the device is locked. */
  async keep(key: string, value: unknown): Promise<void> {
    if (isLocked()) return;
    await (await this.db).put('kept', value, key);
  }

  async recall(key: string): Promise<unknown> {
    return (await this.db).get('kept', key);
  }

  /** How many things are typed here and not saved. */
  async drafts(): Promise<number> {
    const store = (await this.db).transaction('kept').store;
    let drafts = 0;
    for (let one = await store.openCursor(); one; one = await one.continue())
      if (DRAFT.test(String(one.key)) && one.value !== null) drafts++;
    return drafts;
  }

  /** Forgets records that are not this one's to read any more: what is typed of them, and their names in runs that are over. */
  async forgetRecords(ids: readonly string[]): Promise<void> {
    const tx = (await this.db).transaction(['kept', 'runs'], 'readwrite');
    const [kept, runs] = [tx.objectStore('kept'), tx.objectStore('runs')];
    for (const key of await kept.getAllKeys()) if (ids.some((id) => key.endsWith(`:${id}`))) await kept.delete(key);
    for (const run of await runs.getAll()) {
      const names = Object.entries(run.names);
      const left = names.filter(([id]) => !ids.includes(id));
      if (run.open === 0 && left.length < names.length) await runs.put({ ...run, names: Object.fromEntries(left) });
    }
    await tx.done;
  }

  /** How many taps wait on this device, whoever's they are. */
  async waiting(): Promise<number> {
    // At one moment: what is sealed meanwhile must not be missed in both places.
    const tx = (await this.db).transaction(['kept', 'events']);
    const [sealed, plain] = await Promise.all([
      tx.objectStore('kept').getAll(sealedOf('')) as Promise<SealedLeft[]>,
      tx.objectStore('events').index('sent').count(0),
    ]);
    return sealed.reduce((sum, { taps }) => sum + taps, plain);
  }

  /** What is sealed here, of one coach or of all. */
  async sealed(coach = ''): Promise<SealedLeft[]> {
    return (await (await this.db).getAll('kept', sealedOf(coach))) as SealedLeft[];
  }

  /** What is typed and not saved goes. */
  async forgetDrafts(): Promise<void> {
    const store = (await this.db).transaction('kept', 'readwrite').store;
    for (const key of await store.getAllKeys()) if (DRAFT.test(key)) await store.delete(key);
  }

  /**
   * Nothing of a club stays here, all or nothing of it: copies of lists, who it was, names in runs that are over, taps that were sent,
   * what is sealed. What waits to be sent and is not sealed stays, without a name; what is typed since; and a run that is under way,
   * until it ends. What is locked away is put aside in the same moment.
   */
  async wipe(left: LeftBehind | null = null, sealed: SealedLeft | null = null, away: Sealed | null = null): Promise<void> {
    const tx = (await this.db).transaction(['kept', 'runs', 'events', 'self'], 'readwrite');
    if (away) await tx.objectStore('self').put(away, 'locked-away');
    const [kept, runs, events] = [tx.objectStore('kept'), tx.objectStore('runs'), tx.objectStore('events')];
    for (const key of await kept.getAllKeys()) {
      const is = DRAFT.test(key) && left !== null ? await kept.get(key) : null;
      const stays = key.startsWith(SEALED) || (DRAFT.test(key) && (is === null || !same(is, left?.drafts[key])));
      if (!stays) await kept.delete(key);
    }
    for (const { event } of left?.events ?? []) await events.delete(event.id);
    if (sealed) await kept.put(sealed, sealed.key);
    for (const run of await runs.getAll()) {
      if (run.open === 1) continue;
      const its = await events.index('run').getAll(run.head.id);
      for (const { id, sent } of its) if (sent === 1) await events.delete(id);
      if (run.headSent === 0 || its.some(({ sent }) => sent === 0)) await runs.put({ ...run, names: {} });
      else await runs.delete(run.head.id);
    }
    await tx.done;
  }
}

/** A device's store as it is today; what an earlier version left in it is taken over: all of it, or the store stays as it was. */
export async function openStore(name: string): Promise<IDBPDatabase<Schema>> {
  // Fetched before the store is opened, and only where it is needed: a store that is being changed waits for nobody.
  const earlier = (await isOfEarlier(name)) ? (await import('./earlier-taps')).takeOver : null;
  const db = await openDB<Schema>(name, 3, {
    upgrade(made, from, _, tx) {
      if (from < 1) {
        made.createObjectStore('runs', { keyPath: 'head.id' });
        const events = made.createObjectStore('events', { keyPath: 'id' });
        events.createIndex('run', 'runId');
        events.createIndex('sent', 'sent');
        made.createObjectStore('kept');
      }
      if (from < 2) made.createObjectStore('self');
      // Somebody else may have changed the store in between: it stays as it was.
      if (from === 1) (earlier ? takeOverIn(tx, earlier) : Promise.reject(new Error(name))).catch(() => tx.abort());
      if (from === 2) namesIn(tx).catch(() => tx.abort());
    },
    // A newer version in another tab must not wait for this one; what is tapped here is opened for anew, or said to be unkept.
    blocking: () => db.close(),
  });
  return db;
}

/** Whether the first version left a store here; where a browser does not tell, it may have. */
async function isOfEarlier(name: string): Promise<boolean> {
  const known = await (indexedDB as { databases?: IDBFactory['databases'] }).databases?.();
  return !known || known.some((one) => one.name === name && one.version === 1);
}

async function takeOverIn(tx: IDBPTransaction<Schema, StoreNames<Schema>[], 'versionchange'>, earlier: typeof takeOver): Promise<void> {
  const kept = (await tx.objectStore('events').getAll()) as unknown as EarlierKept[];
  const { runs, events } = earlier(await tx.objectStore('runs').getAll(), kept);
  for (const run of runs) await tx.objectStore('runs').put(run);
  for (const event of events) await tx.objectStore('events').put({ ...event, id: event.event.id });
}

/** Up to version 2 one device alone wrote in a run. */
async function namesIn(tx: IDBPTransaction<Schema, StoreNames<Schema>[], 'versionchange'>): Promise<void> {
  for (const run of await tx.objectStore('runs').getAll()) {
    const kept = await tx.objectStore('events').index('run').getAll(run.head.id);
    const wrote = kept.map(({ event }) => event).sort(inOrder);
    await tx.objectStore('runs').put({ ...run, devices: [...new Set(wrote.map(({ device }) => device))], arrival: 0 });
  }
}
