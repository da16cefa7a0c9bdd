import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { provideStore, Store } from '@ngrx/store';
import { DeviceStore } from './device-store';
import { Live } from './live';
import { athlete, emptyDevice, me, pattern } from '../testing/run';
import { session } from '../testing/sessions';
import { patterns, people, sessions, recordProviders } from './records';
import { signInActions, signInFeature } from './sign-in';

describe('the club’s records', () => {
  let store: Store;
  let http: HttpTestingController;
  const select = <T>(selector: (state: object) => T): T => store.selectSignal(selector)();

  beforeEach(async () => {
    await emptyDevice();
    TestBed.configureTestingModule({
      providers: [
        provideHttpClient(),
        provideHttpClientTesting(),
        provideStore({ [signInFeature.name]: signInFeature.reducer }),
        provideEffects(),
        ...recordProviders,
      ],
    });
    store = TestBed.inject(Store);
    http = TestBed.inject(HttpTestingController);
  });
  afterEach(() => http.verify());

  /** Until the device's store has been asked and has answered. */
  const until = async (state: string): Promise<void> => {
    while (select(people.selectStatus) !== state) await new Promise((go) => requestAnimationFrame(go));
  };

  it('are fetched, put in the order of their names, and kept on the device', async () => {
    store.dispatch(people.actions.load());
    expect([people, patterns, sessions].map((kind) => select(kind.selectStatus))).toEqual(['loading', 'idle', 'idle']);
    const [bea, ada] = [athlete({ name: 'bea' }), athlete({ name: 'Ada' })];
    http.expectOne('/api/athletes').flush([bea, ada]);
    await until('ready');
    expect(select(people.selectAll)).toEqual([ada, bea]);
    expect(await TestBed.inject(DeviceStore).recall('people')).toEqual([bea, ada]);
  });

  it('a list in which somebody else saved is fetched anew; one in which this page did is not', () => {
    jasmine.clock().install();
    try {
      const [mine, theirs] = [athlete({ version: 2 }), athlete({ version: 1 })];
      store.dispatch(people.actions.loaded([mine, theirs]));
      const { hints } = TestBed.inject(Live);
      hints.next({ record: 'athlete', id: mine.id, version: 3 });
      // The answer to this page's own save comes a little after the hint.
      store.dispatch(people.actions.saved({ ...mine, version: 3 }));
      hints.next({ run: mine.id, arrival: 4 });
      jasmine.clock().tick(1000);
      expect(http.match('/api/athletes')).toEqual([]);
      hints.next({ record: 'athlete', id: theirs.id, version: 2 });
      jasmine.clock().tick(1000);
      http.expectOne('/api/athletes').flush([mine, { ...theirs, version: 2 }]);
    } finally {
      jasmine.clock().uninstall();
    }
  });

  it('a list asked for before a save and arriving after it takes nothing back', () => {
    const [old, other] = [pattern({ name: 'Old', version: 2 }), pattern({ name: 'Other', version: 1 })];
    store.dispatch(patterns.actions.saved({ ...old, steps: 'split', version: 3 }));
    const made = pattern({ name: 'Made since', version: 1 });
    store.dispatch(patterns.actions.saved(made));
    store.dispatch(patterns.actions.loaded([old, other]));
    expect(select(patterns.selectAll)).toEqual([made, { ...old, steps: 'split', version: 3 }, other]);
  });

  it('what arrives after its club has left ends up in no list, and not on the device', async () => {
    store.dispatch(signInActions.entered({ me, offline: false }));
    store.dispatch(people.actions.load());
    const [list, { archivedAt: _, ...record }] = [http.expectOne('/api/athletes'), athlete()];
    store.dispatch(people.actions.save(record));
    const saving = http.expectOne(`/api/athletes/${record.id}`);
    store.dispatch(signInActions.left());
    store.dispatch(signInActions.entered({ me: { ...me, club: { ...me.club, id: crypto.randomUUID() } }, offline: false }));
    list.flush([athlete()]);
    saving.flush({ ...record, version: 2, archivedAt: null });
    expect(select(people.selectAll)).toEqual([]);
    expect(await TestBed.inject(DeviceStore).recall('people')).toBeUndefined();
  });

  it('without a network the device’s copy is shown, and said to be one', async () => {
    const known = athlete();
    await TestBed.inject(DeviceStore).keep('people', [known]);
    store.dispatch(people.actions.load());
    http.expectOne('/api/athletes').error(new ProgressEvent('error'));
    await until('offline');
    expect(select(people.selectHere)).toEqual([known]);
  });

  it('without network and copy it has failed, and a copy that is no list is no copy', async () => {
    await TestBed.inject(DeviceStore).keep('people', [{ name: 'half' }]);
    store.dispatch(people.actions.load());
    http.expectOne('/api/athletes').error(new ProgressEvent('error'));
    await until('failed');
    expect(select(people.selectAll)).toEqual([]);
  });

  it('an answer that breaks the contract is not shown', async () => {
    store.dispatch(people.actions.load());
    http.expectOne('/api/athletes').flush([{ ...athlete(), hand: 'both' }]);
    await until('failed');
    expect(select(people.selectAll)).toEqual([]);
  });

  it('a save is under way, then saved with its new version', () => {
    const { archivedAt: _, ...record } = pattern({ version: 1 });
    store.dispatch(patterns.actions.save(record));
    expect(select(patterns.selectSaves)[record.id]).toEqual({ state: 'saving' });
    const request = http.expectOne(`/api/patterns/${record.id}`);
    expect(request.request.method).toBe('PUT');
    request.flush({ ...record, version: 2, archivedAt: null });
    expect(select(patterns.selectSaves)[record.id]).toEqual({ state: 'saved', version: 2 });
    expect(select(patterns.selectById)[record.id]?.version).toBe(2);
    store.dispatch(patterns.actions.settled({ id: record.id }));
    expect(select(patterns.selectSaves)[record.id]).toBeUndefined();
  });

  it('sessions are listed, saved and put away like the others', async () => {
    const { archivedAt: _, ...record } = session({ name: 'Evening' });
    store.dispatch(sessions.actions.load());
    http.expectOne('/api/sessions').flush([session({ name: 'Zeal' })]);
    while (select(sessions.selectStatus) !== 'ready') await new Promise((go) => requestAnimationFrame(go));
    store.dispatch(sessions.actions.save(record));
    http.expectOne(`/api/sessions/${record.id}`).flush({ ...record, version: 2, archivedAt: null });
    expect(select(sessions.selectHere).map((one) => [one.name, one.version])).toEqual([
      ['Evening', 2],
      ['Zeal', 1],
    ]);
    store.dispatch(sessions.actions.archive({ id: record.id, archived: true }));
    http.expectOne(`/api/sessions/${record.id}/archive`).flush({ ...record, version: 3, archivedAt: '2026-11-20T18:00:00.000Z' });
    expect(select(sessions.selectHere).map((one) => one.name)).toEqual(['Zeal']);
    expect(select(sessions.selectAll).length).toBe(2);
  });

  it('a refused save keeps the record that was there', () => {
    const { archivedAt: _, ...record } = athlete();
    store.dispatch(people.actions.save(record));
    http
      .expectOne(`/api/athletes/${record.id}`)
      .flush({ error: 'stale', values: { what: 'pattern' }, changed: ['sport'] }, { status: 409, statusText: 'Conflict' });
    expect(select(people.selectSaves)[record.id]).toEqual({
      state: 'refused',
      trouble: jasmine.objectContaining({ kind: 'stale', changed: ['sport'] }),
    });
    expect(select(people.selectAll)).toEqual([]);
  });

  it('those put away are known, and not among those here', () => {
    const here = athlete({ name: 'here' });
    const away = athlete({ name: 'away' });
    store.dispatch(people.actions.loaded([here, away]));
    store.dispatch(people.actions.archive({ id: away.id, archived: true }));
    http.expectOne(`/api/athletes/${away.id}/archive`).flush({ ...away, version: 2, archivedAt: '2026-11-20T18:00:00.000Z' });
    expect(select(people.selectHere)).toEqual([here]);
    expect(select(people.selectAll).length).toBe(2);
    store.dispatch(signInActions.left());
    expect(select(people.selectAll)).toEqual([]);
    expect(select(people.selectStatus)).toBe('idle');
  });
});
