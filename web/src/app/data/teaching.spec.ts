import { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { SCHOOLS } from '@hopsk/core/body/school';
import { READ_NOW } from '@hopsk/contract/read-now';
import { Store } from '@ngrx/store';
import { house } from '../testing/screen';
import { DeviceStore } from './device-store';
import { signInActions } from './sign-in';
import { TeachingStore } from './teaching';

const loft = { ...SCHOOLS[0], code: 'loft', name: 'Loft', says: '', knees: '' };
const some = {
  version: 3,
  choices: { crossing: 'never' as const },
  stances: [loft],
  moves: [],
  playbooks: [],
  views: {},
  numbers: null,
  faults: [],
};

describe('what the club teaches, on this device', () => {
  let store: TeachingStore;
  let http: HttpTestingController;
  const settle = async (done: () => boolean): Promise<void> => {
    while (!done()) await new Promise((go) => requestAnimationFrame(go));
  };
  beforeEach(async () => {
    await house();
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
    expect(sent.request.body).toEqual({ ...some, choices: {}, ...READ_NOW });
    sent.flush({ error: 'stale', values: { what: 'pattern' }, fields: [], changed: ['choices'] }, { status: 409, statusText: 'Conflict' });
    await settle(() => http.match('/api/teaching').map((again) => again.flush({ ...some, version: 5 })).length > 0);
    expect((await saving)?.kind).toBe('stale');
    expect(store.teaching().version).toBe(5);
  });

  it('a save that is refused for another reason leaves what there is, and says why', async () => {
    store.load();
    http.expectOne('/api/teaching').flush(some);
    await settle(() => store.ready());
    const saving = store.save({ moves: [] });
    http.expectOne('/api/teaching').error(new ProgressEvent('offline'));
    expect((await saving)?.kind).toBe('offline');
    http.expectNone('/api/teaching');
    expect(store.teaching()).toEqual(some);
  });

  it('two saves in a row are made one after the other, the second to what the first left', async () => {
    store.load();
    http.expectOne('/api/teaching').flush(some);
    await settle(() => store.ready());
    const both = Promise.all([store.save({ choices: {} }), store.save({ stances: [] })]);
    http.expectOne('/api/teaching').flush({ ...some, choices: {}, version: 4 });
    const second = http.expectOne('/api/teaching');
    expect(second.request.body).toEqual({ ...some, choices: {}, stances: [], version: 4, ...READ_NOW });
    second.flush({ ...some, choices: {}, stances: [], version: 5 });
    expect(await both).toEqual([null, null]);
    expect([store.teaching().version, await TestBed.inject(DeviceStore).recall('teaching')]).toEqual([5, store.teaching()]);
  });

  it('is forgotten when somebody leaves; what answers after that is another club’s and is dropped', async () => {
    store.load();
    http.expectOne('/api/teaching').flush(some);
    await settle(() => store.teaching().version === 3);
    const saving = store.save({ choices: {} });
    TestBed.inject(Store).dispatch(signInActions.left());
    expect(await saving).toBeNull();
    expect(http.expectOne('/api/teaching').cancelled).toBeTrue();
    expect([store.ready(), store.teaching()]).toEqual([
      false,
      { version: 0, choices: {}, stances: [], moves: [], playbooks: [], views: {}, numbers: null, faults: [] },
    ]);
    // And whoever comes next asks for their own.
    store.load();
    http.expectOne('/api/teaching');
  });
});
