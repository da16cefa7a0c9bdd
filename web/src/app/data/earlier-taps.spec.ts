import type { EarlierEvent } from '@hopsk/core/log/earlier';
import { openDB, type IDBPDatabase } from 'idb';
import { event, keptRun } from '../testing/run';
import { openStore } from './device-store';
import { takeOver, type EarlierKept, type EarlierRun } from './earlier-taps';
import { newId } from './ids';

const earlier = (n: number, more: Partial<EarlierEvent>): EarlierEvent =>
  ({ id: newId(), n, at: 1_000_000 + n * 1000, t: n - 5, ...more }) as EarlierEvent;

function left(open: 0 | 1): { readonly run: EarlierRun; readonly kept: EarlierKept[] } {
  const { aliveM: _, headSent: __, devices: ___, arrival: ____, ...run } = keptRun({ open, aliveAt: 1_009_500 });
  const log = [
    earlier(0, { kind: 'go', t: -5 }),
    earlier(3, { kind: 'right', fault: null, athlete: null, source: 'floor', clip: null }),
    earlier(7, { kind: 'pause' }),
  ];
  // The store gives them by their ids, not by their numbers.
  const kept = log.map((event, i): EarlierKept => ({ runId: run.head.id, clubId: run.clubId, event, sent: i < 1 ? 1 : 0 })).reverse();
  return { run, kept };
}

/** A device's store as a version left it. */
async function storeOf(version: 1 | 2): Promise<IDBPDatabase> {
  await new Promise<void>((done) => {
    const gone = indexedDB.deleteDatabase('hopsk-of-old');
    gone.onsuccess = gone.onblocked = () => done();
  });
  return openDB('hopsk-of-old', version, {
    upgrade(db) {
      db.createObjectStore('runs', { keyPath: 'head.id' });
      const events = db.createObjectStore('events', { keyPath: 'id' });
      events.createIndex('run', 'runId');
      events.createIndex('sent', 'sent');
      db.createObjectStore('kept');
      if (version === 2) db.createObjectStore('self');
    },
  });
}

describe('taps that an earlier version left on this device', () => {
  it('are of one device, numbered as the server numbers them, at the run’s own time', () => {
    const { run, kept } = left(1);
    const { runs, events } = takeOver([run], kept);
    expect(events.map(({ event, sent }) => [event.kind, event.device, event.seq, event.m, sent])).toEqual([
      ['go', `legacy-${run.head.id}`, 1, 0, 1],
      ['right', `legacy-${run.head.id}`, 2, 3000, 0],
      ['pause', `legacy-${run.head.id}`, 3, 7000, 0],
    ]);
    // Last heard of two and a half seconds after the last tap; the server has its head.
    expect(runs).toEqual([{ ...run, aliveM: 9500, headSent: 1, devices: [`legacy-${run.head.id}`], arrival: 0 }]);
  });

  it('and a run that is over stands where it ended', () => {
    const { run, kept } = left(0);
    expect(takeOver([run], kept).runs[0]?.aliveM).toBe(7000);
    expect(takeOver([run], []).runs[0]).toEqual({ ...run, aliveM: 0, headSent: 0, devices: [], arrival: 0 });
  });

  it('are taken over when the store is opened, none of them lost', async () => {
    const { run, kept } = left(1);
    const old = await storeOf(1);
    await old.put('runs', run);
    for (const one of kept) await old.put('events', { ...one, id: one.event.id });
    old.close();
    const store = await openStore('hopsk-of-old');
    expect((await store.getAllFromIndex('events', 'sent', 0)).map(({ event }) => event.seq).sort()).toEqual([2, 3]);
    expect(await store.getAll('runs')).toEqual([{ ...run, aliveM: 9500, headSent: 1, devices: [`legacy-${run.head.id}`], arrival: 0 }]);
    store.close();
  });

  it('of a version in which one device alone wrote in a run: its names are those in the log, and all is asked for again', async () => {
    const { devices: _, arrival: __, ...run } = keptRun();
    const old = await storeOf(2);
    await old.put('runs', run);
    for (const [i, device] of ['first', 'first', 'then'].entries()) {
      const one = event(i + 1, { device });
      await old.put('events', { runId: run.head.id, clubId: run.clubId, event: one, sent: 0, id: one.id });
    }
    old.close();
    const store = await openStore('hopsk-of-old');
    expect(await store.getAll('runs')).toEqual([{ ...run, devices: ['first', 'then'], arrival: 0 }]);
    expect((await store.getAllFromIndex('events', 'sent', 0)).length).toBe(3);
    store.close();
  });
});
