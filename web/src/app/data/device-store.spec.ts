import { TestBed } from '@angular/core/testing';
import { emptyDevice, event, keptRun, me } from '../testing/run';
import { DeviceStore, type KeptRun } from './device-store';

describe('what this device remembers', () => {
  let store: DeviceStore;
  const keptEvent = (runId: string, n: number, sent: 0 | 1 = 0) => ({ runId, clubId: me.club.id, event: event(n), sent });

  beforeEach(async () => {
    await emptyDevice();
    store = TestBed.inject(DeviceStore);
  });

  it('keeps a run and its taps, and gives them back as they were', async () => {
    const run = keptRun();
    await store.putRun(run);
    const taps = [keptEvent(run.head.id, 0), keptEvent(run.head.id, 1)];
    await store.putEvents(taps);
    expect(await store.runs()).toEqual([run]);
    expect((await store.eventsOf(run.head.id)).map((kept) => kept.event)).toEqual(
      jasmine.arrayWithExactContents(taps.map((tap) => tap.event)),
    );
  });

  it('knows which taps still have to be sent, and marks only those it is told', async () => {
    const run = keptRun();
    const [a, b] = [keptEvent(run.head.id, 0), keptEvent(run.head.id, 1)] as const;
    await store.putEvents([a, b]);
    await store.mark([a.event.id, 'nobody has this id'], 1);
    expect((await store.unsent()).map((kept) => kept.event.id)).toEqual([b.event.id]);
    // What the server lost is to be sent once more.
    await store.mark([a.event.id], 0);
    expect((await store.unsent()).length).toBe(2);
  });

  it('has one name, made once, which stays when whoever was signed in leaves', async () => {
    const name = await store.self();
    await store.wipe();
    expect(await store.self()).toBe(name);
    expect(await store.reopened()).toBeTrue();
    expect(await store.self()).toBe(name);
  });

  it('changes a run in part, and passes over one that is not there', async () => {
    const run = keptRun();
    await store.putRun(run);
    await store.changeRun(run.head.id, { open: 0 });
    await store.changeRun('not there', { open: 0 });
    expect(await store.runs()).toEqual([{ ...run, open: 0 }]);
  });

  it('forgets a run with its taps and leaves the others', async () => {
    const [one, two] = [keptRun(), keptRun()] as const;
    for (const run of [one, two]) {
      await store.putRun(run);
      await store.putEvents([keptEvent(run.head.id, 0)]);
    }
    await store.forget(one.head.id);
    expect((await store.runs()).map((run) => run.head.id)).toEqual([two.head.id]);
    expect(await store.eventsOf(one.head.id)).toEqual([]);
    expect((await store.eventsOf(two.head.id)).length).toBe(1);
  });

  it('says how much is typed and not saved, and how many taps wait, whoever’s they are', async () => {
    expect([await store.drafts(), await store.waiting()]).toEqual([0, 0]);
    for (const key of ['athlete:1', 'build:2', 'draft:3', 'playbook', 'people', 'last']) await store.keep(key, { some: 'thing' });
    await store.keep('draft:4', null);
    const run = keptRun();
    const [sent, waits] = [keptEvent(run.head.id, 0), keptEvent(run.head.id, 1)];
    await store.putEvents([sent, waits, { ...keptEvent(run.head.id, 2), clubId: 'another' }]);
    await store.mark([sent.event.id], 1);
    expect([await store.drafts(), await store.waiting()]).toEqual([4, 2]);
  });

  it('wiped, it holds nothing of a club but what waits, what is typed, and the run that is under way', async () => {
    const names = { a: 'Ada' };
    const over = (): KeptRun => ({ ...keptRun(), names, open: 0 });
    const [done, waits, unsaid, on] = [over(), over(), over(), over()] as const;
    await store.putRun({ ...done, headSent: 1 });
    await store.putRun({ ...waits, headSent: 1 });
    await store.putRun({ ...unsaid, headSent: 0 });
    await store.putRun({ ...on, headSent: 1, open: 1 });
    const tap = (run: KeptRun, sent: 0 | 1, n: number) => ({ ...keptEvent(run.head.id, n), sent });
    await store.putEvents([tap(done, 1, 0), tap(waits, 1, 0), tap(waits, 0, 1), tap(on, 1, 0), tap(on, 0, 1)]);
    for (const key of ['people', 'me', 'me-at', 'c people', 'athlete:1', 'playbook']) await store.keep(key, { name: 'Ada' });

    await store.wipe();
    for (const key of ['people', 'me', 'me-at', 'c people'])
      expect(await store.recall(key))
        .withContext(key)
        .toBeUndefined();
    expect(await store.drafts()).toBe(2);
    const left = new Map((await store.runs()).map((run) => [run.head.id, run.names]));
    expect([done, waits, unsaid, on].map(({ head }) => left.get(head.id))).toEqual([undefined, {}, {}, names]);
    expect(await Promise.all([done, waits, on].map(async ({ head }) => (await store.eventsOf(head.id)).length))).toEqual([0, 1, 2]);
    expect((await store.unsent()).length).toBe(2);
    await store.forgetDrafts();
    expect(await store.drafts()).toBe(0);
  });
});
