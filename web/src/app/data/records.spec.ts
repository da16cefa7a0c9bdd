import type { RunHead } from '@hopsk/contract/run';
import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting, type TestRequest } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import type { Athlete } from '@hopsk/contract/people';
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

  const savedAt = '2026-11-20T18:00:00.000Z';
  /** The server says when each was saved last. */
  const latest = (...rows: readonly { readonly id: string; readonly savedAt?: string | undefined }[]): void =>
    http.expectOne('/api/athletes/latest').flush(rows.map((row) => ({ id: row.id, savedAt: row.savedAt ?? savedAt })));
  /** The page asks for these, once it has seen what it has. */
  const some = async (...rows: readonly { readonly id: string }[]): Promise<TestRequest> => {
    for (;;) {
      const [asked] = http.match(`/api/athletes?ids=${rows.map(({ id }) => id).join()}`);
      if (asked) return asked;
      await new Promise((go) => requestAnimationFrame(go));
    }
  };

  it('are fetched, put in the order of their names, and kept on the device', async () => {
    store.dispatch(people.actions.load());
    expect([people, patterns, sessions].map((kind) => select(kind.selectStatus))).toEqual(['loading', 'idle', 'idle']);
    const [bea, ada] = [athlete({ name: 'bea' }), athlete({ name: 'Ada' })];
    latest(bea, ada);
    (await some(bea, ada)).flush([bea, ada]);
    await until('ready');
    expect(select(people.selectAll)).toEqual([ada, bea]);
    expect(await TestBed.inject(DeviceStore).recall('people')).toEqual([bea, ada]);
  });

  it('whoever is in the list no more leaves the page and the device: what was typed of them, and their names in runs that are over', async () => {
    const [stays, goes] = [athlete({ name: 'stays', savedAt }), athlete({ name: 'goes', savedAt })];
    const device = TestBed.inject(DeviceStore);
    store.dispatch(people.actions.load());
    latest(stays, goes);
    (await some(stays, goes)).flush([stays, goes]);
    await until('ready');
    await device.keep(`athlete:${goes.id}`, { base: 1, draft: goes });
    await device.keep(`athlete:${stays.id}`, { base: 1, draft: stays });
    const kept = { clubId: 'c', refused: null, aliveAt: 0, aliveM: 0, headSent: 1, devices: [], arrival: 0 } as const;
    const names = { [stays.id]: 'stays', [goes.id]: 'goes' };
    const run = (id: string, open: 0 | 1) => ({ ...kept, head: { id } as RunHead, names, open });
    await device.putRun(run('over', 0));
    await device.putRun(run('on', 1));
    // Somebody is added while it is asked: they are not in the answer, and stay.
    store.dispatch(people.actions.load());
    const fresh = athlete({ name: 'fresh', savedAt });
    store.dispatch(people.actions.saved(fresh));
    latest(stays);
    while (select(people.selectAll).length > 2) await new Promise((go) => requestAnimationFrame(go));
    expect(select(people.selectAll)).toEqual([fresh, stays]);
    expect(await device.recall('people')).toEqual([stays]);
    expect(await device.recall(`athlete:${goes.id}`)).toBeUndefined();
    expect(await device.recall(`athlete:${stays.id}`)).toBeDefined();
    const runs = new Map((await device.runs()).map((one) => [one.head.id, one.names]));
    expect([runs.get('over'), runs.get('on')]).toEqual([{ [stays.id]: 'stays' }, names]);
    // Without a network nobody leaves.
    store.dispatch(people.actions.load());
    http.expectOne('/api/athletes/latest').error(new ProgressEvent('error'));
    while (select(people.selectStatus) !== 'offline') await new Promise((go) => requestAnimationFrame(go));
    expect(select(people.selectAll)).toEqual([fresh, stays]);
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
      expect(http.match('/api/athletes/latest')).toEqual([]);
      hints.next({ record: 'athlete', id: theirs.id, version: 2 });
      jasmine.clock().tick(1000);
      http.expectOne('/api/athletes/latest').flush([]);
    } finally {
      jasmine.clock().uninstall();
    }
  });

  it('only what was saved since is asked for again: by others, or before this device had it', async () => {
    const [kept, mine, theirs, fresh] = ['kept', 'mine', 'theirs', 'fresh'].map((name) => athlete({ name, savedAt })) as [
      Athlete,
      Athlete,
      Athlete,
      Athlete,
    ];
    const device = TestBed.inject(DeviceStore);
    await device.keep('people', [kept, mine, theirs]);
    const later = '2026-11-21T18:00:00.000Z';
    store.dispatch(people.actions.saved({ ...mine, version: 2, savedAt: later }));
    store.dispatch(people.actions.load());
    latest(kept, { ...mine, savedAt: later }, { ...theirs, savedAt: later }, fresh);
    const now = { ...theirs, name: 'theirs now', version: 2, savedAt: later };
    (await some(theirs, fresh)).flush([now, fresh]);
    await until('ready');
    const all = [kept, { ...mine, version: 2, savedAt: later }, now, fresh];
    expect(await device.recall('people')).toEqual(all);
    expect(new Set(select(people.selectAll))).toEqual(new Set(all));
    // Nothing new: nothing is asked for, written or drawn anew.
    const [keeps, before] = [spyOn(device, 'keep').and.callThrough(), select(people.selectAll)];
    store.dispatch(people.actions.load());
    latest(...all);
    for (let i = 0; i < 5; i++) await new Promise((go) => requestAnimationFrame(go));
    expect(keeps).not.toHaveBeenCalled();
    expect(select(people.selectAll)).toBe(before);
  });

  it('what is new comes in parts; where the network goes in between, what came is kept, and the next time the rest is asked for', async () => {
    const all = Array.from({ length: 100 }, (_, i) => athlete({ name: `${i}`.padStart(3, '0'), savedAt }));
    const ask = async (from: number, to: number): Promise<TestRequest> => some(...all.slice(from, to));
    store.dispatch(people.actions.load());
    latest(...all);
    (await ask(0, 40)).flush(all.slice(0, 40));
    (await ask(40, 80)).error(new ProgressEvent('error'));
    await until('offline');
    expect(select(people.selectAll).length).toBe(40);
    store.dispatch(people.actions.load());
    latest(...all);
    (await ask(40, 80)).flush(all.slice(40, 80));
    (await ask(80, 100)).flush(all.slice(80));
    await until('ready');
    expect(select(people.selectAll)).toEqual(all);
  });

  it('a device that keeps nothing shows the list all the same', async () => {
    const device = TestBed.inject(DeviceStore);
    spyOn(device, 'keep').and.rejectWith(new Error('full'));
    spyOn(device, 'recall').and.rejectWith(new Error('blocked'));
    const ada = athlete({ savedAt });
    store.dispatch(people.actions.load());
    latest(ada);
    (await some(ada)).flush([ada]);
    await until('ready');
    expect(select(people.selectAll)).toEqual([ada]);
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
    const [list, { archivedAt: _, ...record }] = [http.expectOne('/api/athletes/latest'), athlete()];
    store.dispatch(people.actions.save(record));
    const saving = http.expectOne(`/api/athletes/${record.id}`);
    store.dispatch(signInActions.left());
    store.dispatch(signInActions.entered({ me: { ...me, club: { ...me.club, id: crypto.randomUUID() } }, offline: false }));
    list.flush([]);
    saving.flush({ ...record, version: 2, archivedAt: null });
    expect(select(people.selectAll)).toEqual([]);
    expect(await TestBed.inject(DeviceStore).recall('people')).toBeUndefined();
  });

  it('without a network the device’s copy is shown, and said to be one', async () => {
    const known = athlete();
    await TestBed.inject(DeviceStore).keep('people', [known]);
    store.dispatch(people.actions.load());
    http.expectOne('/api/athletes/latest').error(new ProgressEvent('error'));
    await until('offline');
    expect(select(people.selectHere)).toEqual([known]);
  });

  it('without network and copy it has failed, and a copy that is no list is no copy', async () => {
    await TestBed.inject(DeviceStore).keep('people', [{ name: 'half' }]);
    store.dispatch(people.actions.load());
    http.expectOne('/api/athletes/latest').error(new ProgressEvent('error'));
    await until('failed');
    expect(select(people.selectAll)).toEqual([]);
  });

  it('an answer that breaks the contract is not shown', async () => {
    store.dispatch(people.actions.load());
    const both = athlete();
    latest(both);
    (await some(both)).flush([{ ...both, hand: 'both' }]);
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
    const zeal = session({ name: 'Zeal' });
    http.expectOne('/api/sessions/latest').flush([{ id: zeal.id, savedAt }]);
    let asked: TestRequest[] = [];
    while (asked.length === 0) {
      asked = http.match(`/api/sessions?ids=${zeal.id}`);
      await new Promise((go) => requestAnimationFrame(go));
    }
    asked[0]?.flush([zeal]);
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
