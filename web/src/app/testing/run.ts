import type { Me } from '@hopsk/contract/club';
import type { Pattern } from '@hopsk/contract/pattern';
import type { Athlete } from '@hopsk/contract/people';
import type { RunHead } from '@hopsk/contract/run';
import { sampleAthlete, samplePattern, sampleRun } from '@hopsk/contract/testing/samples';
import { COUNT_DOWN } from '@hopsk/core/log/clock';
import type { RunEvent } from '@hopsk/core/log/event';
import { newId } from '../data/ids';
import type { KeptRun } from '../data/device-store';

export const me: Me = {
  coach: { id: newId(), name: 'Runa', role: 'owner', units: 'cm', tapDelay: 1, views: {} },
  club: { id: newId(), name: 'Old Net Loft', demo: true },
  sealTo: '',
};

export const athlete = (more: Partial<Athlete> = {}): Athlete => ({ ...sampleAthlete, id: newId(), version: 1, archivedAt: null, ...more });

export const pattern = (more: Partial<Pattern> = {}): Pattern => ({ ...samplePattern, id: newId(), version: 1, archivedAt: null, ...more });

export const runHead = (more: Partial<RunHead> = {}): RunHead => ({ ...sampleRun, id: newId(), athletes: [newId()], ...more });

export const keptRun = (more: Partial<KeptRun> = {}, head: Partial<RunHead> = {}): KeptRun => ({
  head: runHead(head),
  clubId: me.club.id,
  names: {},
  open: 1,
  refused: null,
  aliveAt: Date.now(),
  aliveM: 0,
  headSent: 0,
  devices: ['here'],
  arrival: 0,
  ...more,
});

/** An event of this device; `t` is the second of the plan at which it came, with a clock that was never stopped. */
export const event = (seq: number, { t, ...more }: Partial<RunEvent> & { t?: number } = {}): RunEvent =>
  ({
    ...{
      id: newId(),
      device: 'here',
      seq,
      order: seq,
      m: t === undefined ? seq * 1000 : Math.round((t + COUNT_DOWN) * 1000),
      at: 1_000_000,
    },
    ...(more.kind === undefined ? { kind: 'pause', answers: null } : {}),
    ...('source' in more ? { shown: null } : {}),
    ...more,
  }) as RunEvent;

/** The device's store begins empty for each spec, and so does what it knows at once: it would have been left alone since another spec. */
export function emptyDevice(): Promise<void> {
  localStorage.clear();
  return new Promise((done, fail) => {
    const open = indexedDB.open('hopsk');
    open.onerror = () => fail(open.error ?? new Error('no store'));
    open.onsuccess = () => {
      const db = open.result;
      const names = [...db.objectStoreNames];
      if (names.length === 0) {
        // Nobody has made it yet: it must not stay behind without its parts.
        db.close();
        indexedDB.deleteDatabase('hopsk').onsuccess = () => done();
        return;
      }
      const tx = db.transaction(names, 'readwrite');
      for (const name of names) tx.objectStore(name).clear();
      tx.oncomplete = () => {
        db.close();
        done();
      };
    };
  });
}
