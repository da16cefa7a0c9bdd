import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import type { Me } from '@hopsk/contract/club';
import { emptyDevice, event, keptRun, me } from '../testing/run';
import { DeviceStore } from './device-store';
import { newId } from './ids';
import { LeftHere } from './left-here';

const base64 = (bytes: ArrayBuffer): string => btoa(String.fromCharCode(...new Uint8Array(bytes)));

async function somebody(): Promise<{ me: Me; key: string }> {
  const pair = await crypto.subtle.generateKey({ name: 'ECDH', namedCurve: 'P-256' }, true, ['deriveBits']);
  const to = base64(await crypto.subtle.exportKey('raw', pair.publicKey));
  const key = base64(await crypto.subtle.exportKey('pkcs8', pair.privateKey));
  return { me: { ...me, coach: { ...me.coach, id: newId() }, sealTo: to }, key };
}

describe('what a coach leaves on a device', () => {
  let device: DeviceStore;
  let left: LeftHere;
  const run = { ...keptRun(), names: { a: 'Ada' }, open: 0, headSent: 1 } as const;
  const taps = [0, 1].map((n) => ({
    runId: run.head.id,
    clubId: me.club.id,
    event: event(n),
    sent: n === 0 ? (1 as const) : (0 as const),
  }));
  const draft = { base: 1, draft: { name: 'Ada' } };

  beforeEach(async () => {
    await emptyDevice();
    TestBed.configureTestingModule({ providers: [provideHttpClient(), provideHttpClientTesting()] });
    [device, left] = [TestBed.inject(DeviceStore), TestBed.inject(LeftHere)];
    await device.putRun(run);
    await device.putEvents(taps);
    await device.keep('athlete:1', draft);
    await device.keep('people', ['Ada']);
  });
  afterEach(() => TestBed.inject(HttpTestingController).verify());

  /** Comes in, with the key from the server where it is asked for. */
  async function comeIn(who: { me: Me; key: string }, asks: boolean): Promise<void> {
    const in_ = left.open(who.me);
    const http = TestBed.inject(HttpTestingController);
    let asked = false;
    void in_.finally(() => (asked = true));
    while (!asked) {
      for (const request of http.match('/api/me/seal')) {
        expect(asks).toBeTrue();
        request.flush({ key: who.key });
      }
      await new Promise((go) => requestAnimationFrame(go));
    }
    await in_;
  }

  const plain = async () => ({
    runs: await device.runs(),
    unsent: (await device.unsent()).length,
    draft: await device.recall('athlete:1'),
  });
  const nothing = { runs: [], unsent: 0, draft: undefined };
  const all = { runs: [run], unsent: 1, draft };

  it('is counted whole at whatever moment of the sealing one asks', async () => {
    await device.keep('me', (await somebody()).me);
    const wipe = device.wipe.bind(device);
    let asked: Promise<number> | undefined;
    spyOn(device, 'wipe').and.callFake((...all) => {
      asked = device.waiting();
      return wipe(...all);
    });
    await left.wipe();
    expect([await asked, await device.waiting()]).toEqual([1, 1]);
  });

  it('is sealed to them, counted still, and there again with its names when they come in; nobody else finds any of it', async () => {
    const [one, other] = [await somebody(), await somebody()];
    await device.keep('me', one.me);
    await left.wipe();
    expect(await plain()).toEqual(nothing);
    expect(await device.recall('people')).toBeUndefined();
    expect(await device.waiting()).toBe(1);

    await comeIn(other, false);
    expect(await plain()).toEqual(nothing);
    await device.keep('me', other.me);
    // The one comes in while the other is: what the other left is sealed first, which is nothing.
    await comeIn(one, true);
    expect(await plain()).toEqual(all);
    expect(await device.sealed()).toEqual([]);
    expect(await device.recall('me')).toBeUndefined();
  });

  it('of two who leave one after the other is sealed to each, also without a word between them', async () => {
    const [one, other] = [await somebody(), await somebody()];
    await device.keep('me', one.me);
    await comeIn(other, false);
    await device.keep('me', other.me);
    await device.keep('build:2', { base: 0 });
    await left.wipe();
    expect((await device.sealed()).map(({ key, taps, typed }) => [key.split(':')[1], taps, typed])).toEqual(
      jasmine.arrayWithExactContents([
        [one.me.coach.id, 1, 1],
        [other.me.coach.id, 0, 1],
      ]),
    );
    await comeIn(one, true);
    expect(await plain()).toEqual(all);
    expect(await device.recall('build:2')).toBeUndefined();
  });

  it('stays where it is sealed while something else is typed in its place, and where the key is not had', async () => {
    const one = await somebody();
    await device.keep('me', one.me);
    await left.wipe();
    const in_ = left.open(one.me);
    const http = TestBed.inject(HttpTestingController);
    let request = http.match('/api/me/seal')[0];
    for (; !request; [request] = http.match('/api/me/seal')) await new Promise((go) => requestAnimationFrame(go));
    request.error(new ProgressEvent('offline'));
    await in_;
    expect(await plain()).toEqual(nothing);
    await device.keep('athlete:1', { base: 2 });
    await comeIn(one, true);
    expect(await plain()).toEqual({ ...all, draft: { base: 2 } });
    expect((await device.sealed()).length).toBe(1);
    await device.keep('athlete:1', null);
    await comeIn(one, true);
    expect(await plain()).toEqual(all);
    expect(await device.sealed()).toEqual([]);
  });

  it('stays as it was, without names, where nothing can be sealed; a run under way is not touched', async () => {
    const one = await somebody();
    await device.changeRun(run.head.id, { open: 1 });
    await device.keep('me', one.me);
    await left.wipe();
    expect(await plain()).toEqual({ ...all, runs: [{ ...run, open: 1 }], draft: undefined });
    await device.changeRun(run.head.id, { open: 0 });
    await device.keep('me', { ...one.me, sealTo: '' });
    await left.wipe();
    expect(await plain()).toEqual({ runs: [{ ...run, names: {} }], unsent: 1, draft: undefined });
    expect((await device.sealed()).length).toBe(1);
  });
});
