import { TestBed } from '@angular/core/testing';
import { emptyDevice, event, keptRun, me } from '../testing/run';
import { DeviceStore } from './device-store';

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
    await store.forgetLists();
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

  it('at sign-out forgets copies of people, never taps', async () => {
    const run = keptRun();
    await store.putRun(run);
    await store.putEvents([keptEvent(run.head.id, 0)]);
    await store.keep('people', [{ name: 'Ada' }]);
    expect(await store.recall('people')).toEqual([{ name: 'Ada' }]);
    await store.forgetLists();
    expect(await store.recall('people')).toBeUndefined();
    expect((await store.unsent()).length).toBe(1);
  });
});
