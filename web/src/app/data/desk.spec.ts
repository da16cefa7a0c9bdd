import { TestBed } from '@angular/core/testing';
import { clockAt } from '@hopsk/core/log/clock';
import { stretchesOfPlan } from '@hopsk/core/plan/run-plan';
import { provideStore, Store } from '@ngrx/store';
import { DeviceStore } from './device-store';
import { runFeature } from './run';
import { emptyDevice, keptRun, me, runHead } from '../testing/run';
import { AWAY_MS, RunDesk } from './desk';
import { Outbox } from './outbox';

describe('the desk that writes the log', () => {
  let desk: RunDesk;
  let device: DeviceStore;
  let sends: number;
  /** What the device held each time something was sent. */
  let heldThen: Promise<string[]>[];
  const send = (): Promise<void> => {
    sends++;
    heldThen.push(device.unsent().then((all) => all.map((kept) => kept.event.id)));
    return Promise.resolve();
  };

  const setUp = (): void => {
    TestBed.resetTestingModule();
    TestBed.configureTestingModule({
      providers: [provideStore({ [runFeature.name]: runFeature.reducer }), { provide: Outbox, useValue: { send } }],
    });
    desk = TestBed.inject(RunDesk);
    device = TestBed.inject(DeviceStore);
  };
  const events = () => TestBed.inject(Store).selectSignal(runFeature.selectEvents)();

  beforeEach(async () => {
    sends = 0;
    heldThen = [];
    await emptyDevice();
    setUp();
    jasmine.clock().install().mockDate(new Date('2026-11-20T18:00:00Z'));
  });
  afterEach(() => jasmine.clock().uninstall());

  const begin = (head = runHead()) => desk.begin({ head, clubId: me.club.id, names: {}, board: ['split-late'], view: 'side' });
  const later = (seconds: number): void => jasmine.clock().mockDate(new Date(Date.now() + seconds * 1000));

  it('begins with board, view, whom to watch, and the clock, in the count-down', async () => {
    const head = runHead();
    await begin(head);
    expect(events().map(({ kind, n, t }) => [kind, n, t])).toEqual([
      ['board', 0, -5],
      ['view', 1, -5],
      ['watch', 2, -5],
      ['go', 3, -5],
    ]);
    expect(events()[2]).toEqual(jasmine.objectContaining({ athlete: head.athletes[0] }));
  });

  it('stamps a tap with the plan’s clock and has it on the device before it is sent', async () => {
    await begin();
    later(8.25);
    const before = sends;
    const [tap] = await desk.log({ kind: 'fault', fault: 'split-late', side: 'left', athlete: null, source: 'floor', clip: null });
    expect(tap).toEqual(jasmine.objectContaining({ t: 3.25, n: 4 }));
    expect(sends).toBe(before + 1);
    // Asked at the moment of sending: the device had it by then.
    expect(await heldThen.at(-1)).toContain(tap?.id ?? '');
  });

  it('numbers go on without a gap, whatever comes at once', async () => {
    await begin();
    await Promise.all(
      Array.from({ length: 20 }, () => desk.log({ kind: 'right', fault: null, athlete: null, source: 'floor', clip: null })),
    );
    expect(events().map((event) => event.n)).toEqual(Array.from({ length: 24 }, (_, n) => n));
    expect(new Set(events().map((event) => event.id)).size).toBe(24);
  });

  it('a reload finds the run as it was, its clock running on', async () => {
    const head = runHead();
    await begin(head);
    later(9);
    await desk.log({ kind: 'fault', fault: 'split-late', side: null, athlete: null, source: 'floor', clip: null });
    desk.alive();
    const before = events();
    await device.runs();
    setUp();
    later(2);
    expect(await desk.recover(me.club.id)).toBeTrue();
    expect(events()).toEqual(before);
    expect(clockAt(events(), stretchesOfPlan(head.plan), Date.now())).toEqual(jasmine.objectContaining({ status: 'running', t: 6 }));
  });

  it('away for long: the clock is stopped where the app was last alive', async () => {
    const head = runHead();
    await begin(head);
    later(7);
    desk.alive();
    await device.runs();
    setUp();
    later(AWAY_MS / 1000 + 60);
    expect(await desk.recover(me.club.id)).toBeTrue();
    expect(clockAt(events(), stretchesOfPlan(head.plan), Date.now())).toEqual(jasmine.objectContaining({ status: 'paused', t: 2 }));
  });

  it('an ended run is not found again, nor another club’s', async () => {
    await begin();
    await desk.log({ kind: 'end' });
    setUp();
    expect(await desk.recover(me.club.id)).toBeFalse();
    await device.putRun(keptRun({ clubId: crypto.randomUUID() }));
    expect(await desk.recover(me.club.id)).toBeFalse();
  });

  it('without a run nothing is logged', async () => {
    expect(await desk.log({ kind: 'pause' })).toEqual([]);
    expect(await device.unsent()).toEqual([]);
  });
});
