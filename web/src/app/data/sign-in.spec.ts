import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { measuredIn } from '@hopsk/words/measured';
import { provideEffects } from '@ngrx/effects';
import { provideStore, Store } from '@ngrx/store';
import { DeviceStore } from './device-store';
import { emptyDevice, me } from '../testing/run';
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
