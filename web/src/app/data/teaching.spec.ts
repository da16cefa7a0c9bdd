import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { SCHOOLS } from '@hopsk/core/body/school';
import { DeviceStore } from './device-store';
import { emptyDevice } from '../testing/run';
import { TeachingStore } from './teaching';

const loft = { ...SCHOOLS[0], code: 'loft', name: 'Loft', says: '', knees: '' };
const some = { version: 3, choices: { crossing: 'never' as const }, stances: [loft], moves: [], playbooks: [] };

describe('what the club teaches, on this device', () => {
  let store: TeachingStore;
  let http: HttpTestingController;
  const settle = async (done: () => boolean): Promise<void> => {
    while (!done()) await new Promise((go) => requestAnimationFrame(go));
  };
  beforeEach(async () => {
    await emptyDevice();
    TestBed.configureTestingModule({ providers: [provideHttpClient(), provideHttpClientTesting()] });
    store = TestBed.inject(TeachingStore);
    http = TestBed.inject(HttpTestingController);
  });

  it('is fetched once, and its stances stand beside everybody’s', async () => {
    store.load();
    store.load();
    // Until it is known, nothing may be changed.
    expect(store.ready()).toBeFalse();
    http.expectOne('/api/teaching').flush(some);
    await settle(() => store.teaching().version === 3);
    expect(store.ready()).toBeTrue();
    expect(store.stances().map((one) => one.code)).toEqual([...SCHOOLS.map((one) => one.code), 'loft']);
    http.verify();
  });

  it('without a network is what was kept, and asked for again the next time', async () => {
    await TestBed.inject(DeviceStore).keep('teaching', some);
    store.load();
    http.expectOne('/api/teaching').error(new ProgressEvent('offline'));
    await settle(() => store.teaching().version === 3);
    store.load();
    http.expectOne('/api/teaching').flush({ ...some, version: 4 });
    await settle(() => store.teaching().version === 4);
    expect(store.teaching().choices).toEqual(some.choices);
  });

  it('a save over somebody else’s says so and takes theirs', async () => {
    store.load();
    http.expectOne('/api/teaching').flush(some);
    await settle(() => store.teaching().version === 3);
    const saving = store.save({ choices: {} });
    const sent = http.expectOne((request) => request.method === 'PUT');
    expect(sent.request.body).toEqual({ ...some, choices: {} });
    sent.flush({ error: 'stale', values: { what: 'pattern' }, fields: [], changed: ['choices'] }, { status: 409, statusText: 'Conflict' });
    await settle(() => http.match('/api/teaching').map((again) => again.flush({ ...some, version: 5 })).length > 0);
    expect((await saving)?.kind).toBe('stale');
    expect(store.teaching().version).toBe(5);
  });

  it('is forgotten when somebody else signs in', async () => {
    store.load();
    http.expectOne('/api/teaching').flush(some);
    await settle(() => store.teaching().version === 3);
    store.clear();
    expect(store.teaching()).toEqual({ version: 0, choices: {}, stances: [], moves: [], playbooks: [] });
  });
});
