import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { provideStore, Store } from '@ngrx/store';
import { DeviceStore } from './device-store';
import { athlete, emptyDevice, pattern } from '../testing/run';
import { progression } from '../testing/sessions';
import { recordActions, recordsFeature } from './records';
import * as effects from './records.effects';

describe('the club’s records', () => {
  let store: Store;
  let http: HttpTestingController;
  const select = <T>(selector: (state: object) => T): T => store.selectSignal(selector)();
  const status = () => select(recordsFeature.selectStatus);
  const saves = () => select(recordsFeature.selectSaves);

  beforeEach(async () => {
    await emptyDevice();
    TestBed.configureTestingModule({
      providers: [
        provideHttpClient(),
        provideHttpClientTesting(),
        provideStore({ [recordsFeature.name]: recordsFeature.reducer }),
        provideEffects(effects),
      ],
    });
    store = TestBed.inject(Store);
    http = TestBed.inject(HttpTestingController);
  });
  afterEach(() => http.verify());

  /** Until the device's store has been asked and has answered. */
  const until = async (state: string): Promise<void> => {
    while (status().people !== state) await new Promise((go) => requestAnimationFrame(go));
  };

  it('are fetched, put in the order of their names, and kept on the device', async () => {
    store.dispatch(recordActions.load({ kind: 'people' }));
    expect(status()).toEqual({ people: 'loading', patterns: 'idle', progressions: 'idle' });
    const [bea, ada] = [athlete({ name: 'bea' }), athlete({ name: 'Ada' })];
    http.expectOne('/api/athletes').flush([bea, ada]);
    await until('ready');
    expect(select(recordsFeature.selectAllPeople)).toEqual([ada, bea]);
    expect(await TestBed.inject(DeviceStore).recall('people')).toEqual([bea, ada]);
  });

  it('a list asked for before a save and arriving after it takes nothing back', () => {
    const [old, other] = [pattern({ name: 'Old', version: 2 }), pattern({ name: 'Other', version: 1 })];
    store.dispatch(recordActions.saved({ kind: 'patterns', row: { ...old, steps: 'split', version: 3 } }));
    const made = pattern({ name: 'Made since', version: 1 });
    store.dispatch(recordActions.saved({ kind: 'patterns', row: made }));
    store.dispatch(recordActions.loaded({ kind: 'patterns', rows: [old, other], offline: false }));
    expect(select(recordsFeature.selectAllPatterns)).toEqual([made, { ...old, steps: 'split', version: 3 }, other]);
  });

  it('without a network the device’s copy is shown, and said to be one', async () => {
    const known = athlete();
    await TestBed.inject(DeviceStore).keep('people', [known]);
    store.dispatch(recordActions.load({ kind: 'people' }));
    http.expectOne('/api/athletes').error(new ProgressEvent('error'));
    await until('offline');
    expect(select(recordsFeature.selectPeopleHere)).toEqual([known]);
  });

  it('without network and copy it has failed, and a copy that is no list is no copy', async () => {
    await TestBed.inject(DeviceStore).keep('people', [{ name: 'half' }]);
    store.dispatch(recordActions.load({ kind: 'people' }));
    http.expectOne('/api/athletes').error(new ProgressEvent('error'));
    await until('failed');
    expect(select(recordsFeature.selectAllPeople)).toEqual([]);
  });

  it('an answer that breaks the contract is not shown', async () => {
    store.dispatch(recordActions.load({ kind: 'people' }));
    http.expectOne('/api/athletes').flush([{ ...athlete(), hand: 'both' }]);
    await until('failed');
    expect(select(recordsFeature.selectAllPeople)).toEqual([]);
  });

  it('a save is under way, then saved with its new version', () => {
    const { archivedAt: _, ...record } = pattern({ version: 1 });
    store.dispatch(recordActions.save({ kind: 'patterns', record }));
    expect(saves()[record.id]).toEqual({ state: 'saving' });
    const request = http.expectOne(`/api/patterns/${record.id}`);
    expect(request.request.method).toBe('PUT');
    request.flush({ ...record, version: 2, archivedAt: null });
    expect(saves()[record.id]).toEqual({ state: 'saved', version: 2 });
    expect(select(recordsFeature.selectPatternsById)[record.id]?.version).toBe(2);
    store.dispatch(recordActions.settled({ id: record.id }));
    expect(saves()[record.id]).toBeUndefined();
  });

  it('progressions are listed, saved and put away like the others', async () => {
    const { archivedAt: _, ...record } = progression({ name: 'Evening' });
    store.dispatch(recordActions.load({ kind: 'progressions' }));
    http.expectOne('/api/progressions').flush([progression({ name: 'Zeal' })]);
    while (status().progressions !== 'ready') await new Promise((go) => requestAnimationFrame(go));
    store.dispatch(recordActions.save({ kind: 'progressions', record }));
    http.expectOne(`/api/progressions/${record.id}`).flush({ ...record, version: 2, archivedAt: null });
    expect(select(recordsFeature.selectProgressionsHere).map((one) => [one.name, one.version])).toEqual([
      ['Evening', 2],
      ['Zeal', 1],
    ]);
    store.dispatch(recordActions.archive({ kind: 'progressions', id: record.id, archived: true }));
    http.expectOne(`/api/progressions/${record.id}/archive`).flush({ ...record, version: 3, archivedAt: '2026-11-20T18:00:00.000Z' });
    expect(select(recordsFeature.selectProgressionsHere).map((one) => one.name)).toEqual(['Zeal']);
    expect(select(recordsFeature.selectAllProgressions).length).toBe(2);
  });

  it('a refused save keeps the record that was there', () => {
    const { archivedAt: _, ...record } = athlete();
    store.dispatch(recordActions.save({ kind: 'people', record }));
    http
      .expectOne(`/api/athletes/${record.id}`)
      .flush({ error: 'stale', values: { what: 'pattern' }, changed: ['sport'] }, { status: 409, statusText: 'Conflict' });
    expect(saves()[record.id]).toEqual({ state: 'refused', trouble: jasmine.objectContaining({ kind: 'stale', changed: ['sport'] }) });
    expect(select(recordsFeature.selectAllPeople)).toEqual([]);
  });

  it('those put away are known, and not among those here', () => {
    const here = athlete({ name: 'here' });
    const away = athlete({ name: 'away' });
    store.dispatch(recordActions.loaded({ kind: 'people', rows: [here, away], offline: false }));
    store.dispatch(recordActions.archive({ kind: 'people', id: away.id, archived: true }));
    http.expectOne(`/api/athletes/${away.id}/archive`).flush({ ...away, version: 2, archivedAt: '2026-11-20T18:00:00.000Z' });
    expect(select(recordsFeature.selectPeopleHere)).toEqual([here]);
    expect(select(recordsFeature.selectAllPeople).length).toBe(2);
    store.dispatch(recordActions.cleared());
    expect(select(recordsFeature.selectAllPeople)).toEqual([]);
    expect(status().people).toBe('idle');
  });
});
