import type { Injector } from '@angular/core';
import { Me } from '@hopsk/contract/club';
import type { IDBPDatabase } from 'idb';
import { firstValueFrom } from 'rxjs';
import { DeviceStore, DRAFT, SEALED, type LeftBehind, type Schema, type SealedLeft } from './device-store';
import { newId } from './ids';
import { same } from './same';
import { SealApi } from './seal-api';
import type { Sealed } from './sealing';

/** What is taken out of a device's store whole, sealed, and put back. Fetched when somebody leaves or comes back, not before. */

type Store = IDBPDatabase<Schema>;

/** Fetched where there is something to seal or to open: mostly there is not. */
const sealing = () => import('./sealing');

/** All that a device keeps of a club but a run that is under way, and by which key a part of it is sealed to a coach as well. */
export interface LockedAway extends Omit<LeftBehind, 'drafts'> {
  readonly kept: Readonly<Record<string, unknown>>;
  readonly sealedKey: string | null;
}

/** All that would be locked away now. */
export async function everything(db: Store): Promise<Omit<LockedAway, 'sealedKey'>> {
  const tx = db.transaction(['kept', 'runs', 'events']);
  const [store, all, events] = [tx.objectStore('kept'), tx.objectStore('runs'), tx.objectStore('events')];
  const kept: Record<string, unknown> = {};
  for (let one = await store.openCursor(); one; one = await one.continue()) if (!one.key.startsWith(SEALED)) kept[one.key] = one.value;
  const runs = (await all.getAll()).filter(({ open }) => open === 0);
  const over = new Set(runs.map(({ head }) => head.id));
  return { kept, runs, events: (await events.getAll()).filter(({ runId }) => over.has(runId)) };
}

/** Puts all back that was locked away. */
async function unlocked(db: Store, all: LockedAway): Promise<void> {
  const tx = db.transaction(['kept', 'runs', 'events', 'self'], 'readwrite');
  for (const [key, value] of Object.entries(all.kept)) await tx.objectStore('kept').put(value, key);
  for (const run of all.runs) await tx.objectStore('runs').put(run);
  for (const tap of all.events) await tx.objectStore('events').put({ ...tap, id: tap.event.id });
  if (all.sealedKey) await tx.objectStore('kept').delete(all.sealedKey);
  await tx.objectStore('self').delete('locked-away');
  await tx.done;
}

/** What would be left behind now. A run that is under way is not. */
export async function leftBehind(db: Store): Promise<LeftBehind> {
  const tx = db.transaction(['kept', 'runs', 'events']);
  const kept = tx.objectStore('kept');
  const [all, waits] = await Promise.all([tx.objectStore('runs').getAll(), tx.objectStore('events').index('sent').getAll(0)]);
  const drafts: Record<string, unknown> = {};
  for (let one = await kept.openCursor(); one; one = await one.continue())
    if (DRAFT.test(one.key) && one.value !== null) drafts[one.key] = one.value;
  const over = all.filter(({ open }) => open === 0);
  const runs = over.filter(({ head, headSent }) => headSent === 0 || waits.some(({ runId }) => runId === head.id));
  return { runs, events: waits.filter(({ runId }) => runs.some(({ head }) => head.id === runId)), drafts };
}

/** Puts back what was sealed; what stands here in its place stays, and it stays sealed as well. */
export async function putBack(db: Store, key: string, { runs, events, drafts }: LeftBehind): Promise<void> {
  const tx = db.transaction(['kept', 'runs', 'events'], 'readwrite');
  const [kept, into, taps] = [tx.objectStore('kept'), tx.objectStore('runs'), tx.objectStore('events')];
  for (const run of runs) if ((await into.getKey(run.head.id)) === undefined) await into.put(run);
  for (const tap of events) if ((await taps.getKey(tap.event.id)) === undefined) await taps.put({ ...tap, id: tap.event.id });
  let placed = true;
  for (const [name, draft] of Object.entries(drafts)) {
    const here = await kept.get(name);
    if (here === undefined || here === null) await kept.put(draft, name);
    else placed &&= same(here, draft);
  }
  if (placed) await kept.delete(key);
  await tx.done;
}

/** What waits for whoever is in, sealed to them; null where nothing does, or it cannot be sealed. */
async function sealedNow(device: DeviceStore): Promise<{ left: LeftBehind; sealed: SealedLeft | null }> {
  const me = Me.safeParse(await device.recall('me')).data;
  const left = await leftBehind(await device.whole());
  const typed = Object.keys(left.drafts).length;
  if (!me || me.sealTo === '' || left.runs.length + typed === 0) return { left, sealed: null };
  // Without cryptography what waits stays as it is, without names: it is not lost.
  const sealed = await sealing()
    .then(({ seal }) => seal(me.sealTo, left))
    .catch(() => null);
  return { left, sealed: sealed && { key: `${SEALED}${me.coach.id}:${newId()}`, taps: left.events.length, typed, sealed } };
}

/** Nothing of the club stays; what waits for whoever was in is sealed to them. */
export async function wipeSealed(device: DeviceStore): Promise<void> {
  const { left, sealed } = await sealedNow(device);
  await device.wipe(sealed && left, sealed);
}

/** All that is kept of the club is sealed to a device's lock; what waits for whoever is in to them as well. */
export async function lockAway(device: DeviceStore, to: string): Promise<void> {
  const { left, sealed } = await sealedNow(device);
  const all: LockedAway = { ...(await everything(await device.whole())), sealedKey: sealed?.key ?? null };
  const { seal } = await sealing();
  await device.wipe(sealed && left, sealed, await seal(to, all));
}

/** All that was locked away is there again. Throws where it is not as it was. */
export async function bringBack(device: DeviceStore, key: string): Promise<void> {
  const away = (await device.own('locked-away')) as Sealed | undefined;
  const { unseal } = await sealing();
  if (away) await unlocked(await device.whole(), (await unseal(key, away)) as LockedAway);
}

/** What a coach left is there again; what is another's, or not as it was, stays sealed. */
export async function openTo(injector: Injector, mine: readonly SealedLeft[]): Promise<void> {
  const [{ key }, { unseal }] = await Promise.all([firstValueFrom(injector.get(SealApi).key()), sealing()]);
  const store = await injector.get(DeviceStore).whole();
  for (const one of mine) {
    // Sealed by this device from its own store, and not to be changed by anybody without the key.
    const left = (await unseal(key, one.sealed).catch(() => null)) as LeftBehind | null;
    if (left) await putBack(store, one.key, left);
  }
}
