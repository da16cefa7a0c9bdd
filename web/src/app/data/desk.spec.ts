import { TestBed } from '@angular/core/testing';
import { RunEvent } from '@hopsk/contract/run';
import { clockAt, type ClockState } from '@hopsk/core/log/clock';
import { stretchesOfPlan } from '@hopsk/core/plan/run-plan';
import { provideStore, Store } from '@ngrx/store';
import { DeviceStore } from './device-store';
import { runFeature } from './run';
import { emptyDevice, keptRun, me, runHead } from '../testing/run';
import { AWAY_MS, RunDesk } from './desk';
import { Leading } from './leading';
import { Outbox } from './outbox';

describe('the desk that writes the log', () => {
  let desk: RunDesk;
  let device: DeviceStore;
  let sends: number;
  /** The device's steady clock. */
  let steady: number;
  /** What the device held each time something was sent. */
  let heldThen: Promise<string[]>[];
  const send = (): Promise<void> => {
    sends++;
    heldThen.push(device.unsent().then((all) => all.map((kept) => kept.event.id)));
    return Promise.resolve();
  };

  let held: string[];
  const hold: Outbox['hold'] = (_, rows) => void held.push(...rows.map(({ event }) => event.id));

  const setUp = (): void => {
    TestBed.resetTestingModule();
    TestBed.configureTestingModule({
      providers: [provideStore({ [runFeature.name]: runFeature.reducer }), { provide: Outbox, useValue: { send, hold } }],
    });
    desk = TestBed.inject(RunDesk);
    device = TestBed.inject(DeviceStore);
  };
  const events = () => TestBed.inject(Store).selectSignal(runFeature.selectEvents)();

  beforeEach(async () => {
    sends = 0;
    heldThen = [];
    held = [];
    await emptyDevice();
    setUp();
    steady = 1000;
    spyOn(performance, 'now').and.callFake(() => steady);
    jasmine.clock().install().mockDate(new Date('2026-11-20T18:00:00Z'));
  });
  afterEach(() => jasmine.clock().uninstall());

  const begin = (head = runHead()) => desk.begin({ head, clubId: me.club.id, names: {}, board: ['split-late'], view: 'side' });
  const later = (seconds: number): void => {
    steady += seconds * 1000;
    jasmine.clock().mockDate(new Date(Date.now() + seconds * 1000));
  };
  /** A page that is opened again begins its steady clock anew. */
  const reload = (): void => {
    steady = 300;
    setUp();
  };
  const clock = (plan: Parameters<typeof stretchesOfPlan>[0]): ClockState => {
    const log = desk.fold()?.log;
    if (!log) throw new Error('no run is at hand');
    return clockAt(log.clock, stretchesOfPlan(plan), desk.time.now());
  };
  const right = { kind: 'right', fault: null, athlete: null, source: 'floor', clip: null } as const;

  it('begins with board, view, whom to watch, and the clock, in the count-down', async () => {
    const head = runHead();
    await begin(head);
    expect(events().map(({ kind, seq, order, m }) => [kind, seq, order, m])).toEqual([
      ['board', 1, 1, 0],
      ['view', 2, 2, 0],
      ['watch', 3, 3, 0],
      ['go', 4, 4, 0],
    ]);
    expect(new Set(events().map(({ device: name }) => name))).toEqual(new Set([await device.self()]));
    expect(events()[2]).toEqual(jasmine.objectContaining({ athlete: head.athletes[0] }));
  });

  it('a page that takes the lead while something is written shows it once', async () => {
    const head = runHead();
    await begin(head);
    const put = device.putEvents.bind(device);
    let show = (): void => undefined;
    const kept = new Promise<void>((done) => {
      spyOn(device, 'putEvents').and.callFake(async (rows) => {
        await put(rows);
        done();
        await new Promise<void>((shown) => (show = shown));
      });
    });
    const tap = desk.log(right);
    await kept;
    const { leads } = TestBed.inject(Leading);
    for (const now of [false, true]) {
      leads.set(now);
      TestBed.tick();
    }
    await device.eventsOf(head.id);
    show();
    await tap;
    await desk.decide(() => null);
    expect(events().map(({ seq }) => seq)).toEqual([1, 2, 3, 4, 5]);
  });

  it('stamps a tap with the run’s time and what the screen showed, and has it on the device before it is sent', async () => {
    await begin();
    later(8.25);
    const before = sends;
    const [tap] = await desk.log({ kind: 'fault', fault: 'split-late', side: 'left', athlete: null, source: 'floor', clip: null });
    expect(tap).toEqual(jasmine.objectContaining({ m: 8250, seq: 5, order: 5, shown: null }));
    expect(sends).toBe(before + 1);
    // Asked at the moment of sending: the device had it by then.
    expect(await heldThen.at(-1)).toContain(tap?.id ?? '');
  });

  it('numbers go on without a gap, whatever comes at once', async () => {
    await begin();
    await Promise.all(Array.from({ length: 20 }, () => desk.log(right)));
    expect(events().map((event) => event.seq)).toEqual(Array.from({ length: 24 }, (_, n) => n + 1));
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
    reload();
    later(2);
    expect(await desk.recover(me.club.id)).toBeTrue();
    expect(events()).toEqual(before);
    expect(clock(head.plan)).toEqual(jasmine.objectContaining({ status: 'running', t: 6 }));
  });

  it('away for long: the clock is stopped where the app was last alive', async () => {
    const head = runHead();
    await begin(head);
    later(7);
    desk.alive();
    await device.runs();
    reload();
    later(AWAY_MS / 1000 + 60);
    expect(await desk.recover(me.club.id)).toBeTrue();
    expect(clock(head.plan)).toEqual(jasmine.objectContaining({ status: 'paused', t: 2 }));
    expect(events().at(-1)).toEqual(jasmine.objectContaining({ kind: 'pause', m: 7000, answers: events()[3]?.id }));
  });

  it('back by a wall’s clock that says 2090: the clock is stopped where it was, and what is tapped then is in the run', async () => {
    const head = runHead();
    await begin(head);
    later(7);
    desk.alive();
    await device.runs();
    reload();
    later(64 * 365 * 86_400);
    expect(await desk.recover(me.club.id)).toBeTrue();
    expect(clock(head.plan)).toEqual(jasmine.objectContaining({ status: 'paused', t: 2 }));
    await desk.log({ kind: 'fault', fault: 'split-late', side: null, athlete: null, source: 'floor', clip: null });
    expect(RunEvent.safeParse(events().at(-1)).success).toBeTrue();
  });

  it('an ended run is not found again, nor another club’s', async () => {
    await begin();
    await desk.log({ kind: 'end' });
    setUp();
    expect(await desk.recover(me.club.id)).toBeFalse();
    await device.putRun(keptRun({ clubId: crypto.randomUUID() }));
    expect(await desk.recover(me.club.id)).toBeFalse();
  });

  it('a wall’s clock that jumps in the middle moves nothing', async () => {
    const head = runHead();
    await begin(head);
    later(7);
    for (const day of ['1970-01-01', '2090-06-01']) {
      jasmine.clock().mockDate(new Date(day));
      const [tap] = await desk.log(right);
      expect(tap?.m).toBe(7000);
    }
    expect(clock(head.plan)).toEqual(jasmine.objectContaining({ status: 'running', t: 2 }));
  });

  it('a tap is shown when it is kept, not before', async () => {
    await begin();
    let done: () => void = () => undefined;
    const put = device.putEvents.bind(device);
    spyOn(device, 'putEvents').and.callFake(async (rows) => {
      await put(rows);
      await new Promise<void>((go) => (done = go));
    });
    const tapped = desk.log(right);
    while ((await device.unsent()).length < 5) await Promise.resolve();
    expect(events().length).toBe(4);
    done();
    await tapped;
    expect(events().length).toBe(5);
  });

  it('what cannot be kept is said so, goes on from memory, and what comes after it under another name', async () => {
    await begin();
    const name = await device.self();
    const put = spyOn(device, 'putEvents').and.rejectWith(new DOMException('full', 'QuotaExceededError'));
    const [lost] = await desk.log(right);
    expect([desk.unkept(), lost?.device, lost?.seq]).toEqual([1, name, 5]);
    expect(held).toEqual([lost?.id ?? '']);
    // However much cannot be kept, one name is enough for it.
    for (let i = 0; i < 5; i++) await desk.log(right);
    expect(new Set(events().map((one) => one.device))).toEqual(new Set([name]));
    expect(events().map(({ seq }) => seq)).toEqual(Array.from({ length: 10 }, (_, i) => i + 1));
    expect([held.length, desk.unkept()]).toEqual([6, 6]);
    put.and.callThrough();
    await desk.log(right);
    // The new name says first what it watches.
    const after = events().slice(10);
    expect(after.map(({ kind, seq }) => [kind, seq])).toEqual([
      ['board', 1],
      ['view', 2],
      ['watch', 3],
      ['right', 4],
    ]);
    expect([new Set(after.map((one) => one.device)).size, after[0]?.device === name, desk.unkept()]).toEqual([1, false, 6]);
    expect((await device.unsent()).map(({ event }) => event.id)).not.toContain(lost?.id ?? '');
    // Full once more: a third name, and a reload goes on under it.
    put.and.rejectWith(new DOMException('full', 'QuotaExceededError'));
    await desk.log(right);
    put.and.callThrough();
    reload();
    await desk.recover(me.club.id);
    await desk.log(right);
    expect(new Set(events().map((one) => one.device)).size).toBe(3);
    expect(events().at(-1)).toEqual(jasmine.objectContaining({ kind: 'right', device: await device.self() }));
  });

  it('a store that the browser closed is opened again, and nothing is lost', async () => {
    await begin();
    spyOn(device, 'putEvents').and.callFake((rows) => {
      (device.putEvents as jasmine.Spy).and.callThrough();
      return rows.length > 0 ? Promise.reject(new DOMException('closing', 'InvalidStateError')) : Promise.resolve();
    });
    const [tap] = await desk.log(right);
    expect([desk.unkept(), held]).toEqual([0, []]);
    expect((await device.unsent()).map(({ event }) => event.id)).toContain(tap?.id ?? '');
  });

  it('what follows from the log follows from what was pressed before it', async () => {
    await begin();
    const target = desk.log(right);
    const undo = desk.decide((log) => {
      const last = log.lastUndoable(desk.mine);
      return last && { kind: 'undo', target: last.id };
    });
    const [[tap], [taken]] = [await target, await undo];
    expect(taken).toEqual(jasmine.objectContaining({ kind: 'undo', target: tap?.id }));
    expect(await desk.decide((log) => (log.lastUndoable(desk.mine) ? right : null))).toEqual([]);
  });

  it('without a run nothing is logged', async () => {
    expect(await desk.log({ kind: 'pause' })).toEqual([]);
    expect(await device.unsent()).toEqual([]);
  });
});
