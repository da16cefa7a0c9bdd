import { provideHttpClient } from '@angular/common/http';
import { provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { emptyDevice, event, keptRun, me } from '../testing/run';
import { DeviceLock } from './device-lock';
import { DeviceStore } from './device-store';
import { signOutDue } from './due';
import { everything } from './left-behind';
import { isLocked } from './locked';

const base64 = (bytes: ArrayBuffer): string => btoa(String.fromCharCode(...new Uint8Array(bytes)));

describe('the lock of a device', () => {
  let device: DeviceStore;
  let lock: DeviceLock;
  const run = { ...keptRun(), names: { a: 'Ada' }, open: 0, headSent: 1 } as const;
  const taps = ([1, 0] as const).map((sent, n) => ({ runId: run.head.id, clubId: me.club.id, event: event(n), sent }));
  const copies = { me, 'me-at': 5, people: ['Ada'], 'athlete:1': { base: 1, draft: { name: 'Ada' } } };

  beforeEach(async () => {
    await emptyDevice();
    TestBed.configureTestingModule({ providers: [provideHttpClient(), provideHttpClientTesting()] });
    [device, lock] = [TestBed.inject(DeviceStore), TestBed.inject(DeviceLock)];
    const { publicKey } = await crypto.subtle.generateKey({ name: 'ECDH', namedCurve: 'P-256' }, true, ['deriveBits']);
    await device.putRun(run);
    await device.putEvents(taps);
    for (const [key, value] of Object.entries(copies)) await device.keep(key, value);
    await device.keep('me', { ...me, sealTo: base64(await crypto.subtle.exportKey('raw', publicKey)) });
  });
  // Other specs need no device, and would find this one locked.
  afterEach(() => localStorage.clear());

  const all = async () => {
    const { kept, runs, events } = await everything(await device.whole());
    return JSON.stringify([Object.entries(kept).sort(), runs, events.map(({ event: { id }, sent }) => [id, sent]).sort()]);
  };

  it('puts all aside that is kept of a club, and its PIN alone brings all of it back, as it was', async () => {
    const before = await all();
    expect(await lock.lock()).toBeFalse();
    await lock.set('4071', 5);
    expect(await lock.lock()).toBeTrue();
    expect(isLocked()).toBeTrue();
    // A list that was on its way when it was locked.
    await device.keep('people', ['Ada']);
    expect(await everything(await device.whole())).toEqual({ kept: {}, runs: [], events: [] });
    expect([await device.waiting(), (await device.sealed(me.coach.id)).length]).toEqual([1, 1]);
    expect(await lock.unlock('4072')).toEqual({ open: false, left: 4 });
    expect(await lock.unlock('')).toEqual({ open: false, left: 3 });
    expect(isLocked()).toBeTrue();
    expect(await lock.unlock('4071')).toEqual({ open: true, left: 5 });
    expect([isLocked(), await all(), await device.sealed()]).toEqual([false, before, []]);
    // Tries are counted from then on anew.
    await lock.lock();
    expect(await lock.unlock('1')).toEqual({ open: false, left: 4 });
    expect(await lock.unlock('4071')).toEqual({ open: true, left: 5 });
    expect(await all()).toBe(before);
  });

  it('after five wrong tries nothing is left but what is sealed to its coach, and the server is to be told', async () => {
    await lock.set('4071', 5);
    await lock.lock();
    // As two tabs at one moment: each try counts.
    expect(await Promise.all(['0000', '1111'].map((pin) => lock.unlock(pin)))).toEqual([4, 3].map((left) => ({ open: false, left })));
    for (const left of [2, 1, 0]) expect(await lock.unlock('0000')).toEqual({ open: false, left });
    expect([await device.own('locked-away'), await lock.kept(), isLocked(), signOutDue()]).toEqual([undefined, null, false, true]);
    expect(await lock.unlock('4071')).toEqual({ open: false, left: 0 });
    expect(await everything(await device.whole())).toEqual({ kept: {}, runs: [], events: [] });
    expect((await device.sealed(me.coach.id)).length).toBe(1);
  });

  it('closes when nobody was there for so long, and never while a run is under way', async () => {
    await lock.set('4071', 2);
    const left = (seconds: number) => localStorage.setItem('hopsk.touched', String(Date.now() - seconds * 1_000));
    left(100);
    expect(await lock.lockIfLeft()).toBeFalse();
    left(130);
    await device.changeRun(run.head.id, { open: 1 });
    expect([await lock.lockIfLeft(), isLocked()]).toEqual([false, false]);
    await device.changeRun(run.head.id, { open: 0 });
    expect([await lock.lockIfLeft(), isLocked()]).toEqual([true, true]);
  });
});
