import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { measuredIn } from '@hopsk/words/measured';
import { provideEffects } from '@ngrx/effects';
import { provideStore, Store } from '@ngrx/store';
import { DeviceStore } from './device-store';
import { LeftHere } from './left-here';
import { newId } from './ids';
import { same } from './same';
import { setSignOutDue, signOutDue } from './due';
import { emptyDevice, keptRun, me } from '../testing/run';
import { signInActions, signInFeature } from './sign-in';
import * as effects from './sign-in.effects';

describe('who is signed in', () => {
  let store: Store;
  let http: HttpTestingController;

  beforeEach(async () => {
    await emptyDevice();
    TestBed.configureTestingModule({
      providers: [
        provideHttpClient(),
        provideHttpClientTesting(),
        provideStore({ [signInFeature.name]: signInFeature.reducer }),
        provideEffects(effects),
      ],
    });
    store = TestBed.inject(Store);
    http = TestBed.inject(HttpTestingController);
  });

  // What one check still has to keep or to wipe is done before the next one begins.
  afterEach(async () => {
    const [device, { me: now, offline }] = [TestBed.inject(DeviceStore), state()];
    const noted = async (): Promise<boolean> => same(await device.recall('me'), now) && (await device.recall('me-at')) !== undefined;
    if (now !== null && !offline) while (!(await noted())) await new Promise((go) => requestAnimationFrame(go));
    // This comes in turn after a wipe.
    await TestBed.inject(LeftHere).dropLocked();
  });

  const state = () => store.selectSignal(signInFeature.selectSignInState)();
  const known = async (): Promise<void> => {
    while (state().status === 'unknown') await new Promise((go) => requestAnimationFrame(go));
  };

  it('is asked of the server, and kept on the device', async () => {
    store.dispatch(signInActions.ask());
    http.expectOne('/api/me').flush(me);
    await known();
    expect(state()).toEqual({ status: 'in', me, offline: false });
    while ((await TestBed.inject(DeviceStore).recall('me')) === undefined) await new Promise((go) => requestAnimationFrame(go));
    expect(await TestBed.inject(DeviceStore).recall('me')).toEqual(me);
  });

  it('lengths are said in the coach’s units, from the first moment and once they are changed', () => {
    for (const units of ['ft-in', 'cm'] as const) {
      store.dispatch(signInActions.entered({ me: { ...me, coach: { ...me.coach, units } }, offline: false }));
      expect(measuredIn()).toBe(units);
    }
  });

  it('nobody, when the server says so, even if the device remembers somebody', async () => {
    await TestBed.inject(DeviceStore).keep('me', me);
    store.dispatch(signInActions.ask());
    http.expectOne('/api/me').flush({ error: 'signed-out' }, { status: 401, statusText: 'Unauthorized' });
    await known();
    expect(state().status).toBe('out');
  });

  it('but in a run that is under way: they go on with it', async () => {
    const device = TestBed.inject(DeviceStore);
    await device.keep('me', me);
    await device.putRun({ ...keptRun(), clubId: me.club.id, open: 1 });
    store.dispatch(signInActions.ask());
    http.expectOne('/api/me').flush({ error: 'signed-out' }, { status: 401, statusText: 'Unauthorized' });
    await known();
    expect(state()).toEqual({ status: 'in', me, offline: true });
  });

  it('whoever was remembered too long ago is nobody, and whoever leaves takes all that was kept', async () => {
    const device = TestBed.inject(DeviceStore);
    for (const [days, status] of [
      [29, 'in'],
      [31, 'out'],
    ] as const) {
      await device.keep('me', me);
      await device.keep('me-at', Date.now() - days * 86_400_000);
      await device.keep('people', ['Ada']);
      store.dispatch(signInActions.ask());
      http.expectOne('/api/me').error(new ProgressEvent('error'));
      while (state().status !== status) await new Promise((go) => requestAnimationFrame(go));
      if (status === 'in') expect(await device.recall('people')).toEqual(['Ada']);
      else while ((await device.recall('people')) !== undefined) await new Promise((go) => requestAnimationFrame(go));
    }
    expect(await device.recall('me')).toBeUndefined();
  });

  it('what was kept for somebody else goes when another comes in', async () => {
    const device = TestBed.inject(DeviceStore);
    for (const other of [
      { ...me, coach: { ...me.coach, id: newId() } },
      { ...me, club: { ...me.club, id: newId() } },
      { an: 'earlier form' },
    ]) {
      await device.keep('me', other);
      await device.keep('people', ['Ada']);
      store.dispatch(signInActions.ask());
      http.expectOne('/api/me').flush(me);
      while (!same(await device.recall('me'), me) || (await device.recall('people')) !== undefined)
        await new Promise((go) => requestAnimationFrame(go));
    }
    await device.keep('people', ['Ada']);
    store.dispatch(signInActions.ask());
    http.expectOne('/api/me').flush(me);
    for (let i = 0; i < 5; i++) await new Promise((go) => requestAnimationFrame(go));
    expect(await device.recall('people')).toEqual(['Ada']);
  });

  it('nobody is known before the server was told that somebody signed out while it was away', async () => {
    const device = TestBed.inject(DeviceStore);
    await device.keep('me', me);
    setSignOutDue(true);
    store.dispatch(signInActions.ask());
    http.expectOne('/api/sign-out').error(new ProgressEvent('error'));
    await known();
    expect([state().status, signOutDue()]).toEqual(['out', true]);
    store.dispatch(signInActions.ask());
    http.expectOne('/api/sign-out').flush(null, { status: 204, statusText: 'No Content' });
    while (signOutDue()) await new Promise((go) => requestAnimationFrame(go));
    // Whoever comes in anew has told it too.
    setSignOutDue(true);
    store.dispatch(signInActions.entered({ me, offline: false }));
    while (signOutDue()) await new Promise((go) => requestAnimationFrame(go));
    store.dispatch(signInActions.ask());
    http.expectOne('/api/me');
  });

  it('whoever entered before the answer came stays', () => {
    store.dispatch(signInActions.ask());
    const late = http.expectOne('/api/me');
    store.dispatch(signInActions.entered({ me, offline: false }));
    expect(late.cancelled).toBe(true);
    expect(state()).toEqual({ status: 'in', me, offline: false });
  });

  it('without a network the device remembers', async () => {
    await TestBed.inject(DeviceStore).keep('me', me);
    store.dispatch(signInActions.ask());
    http.expectOne('/api/me').error(new ProgressEvent('error'));
    await known();
    expect(state()).toEqual({ status: 'in', me, offline: true });
  });

  it('without network and memory it is nobody', async () => {
    store.dispatch(signInActions.ask());
    http.expectOne('/api/me').error(new ProgressEvent('error'));
    await known();
    expect(state().status).toBe('out');
  });
});
