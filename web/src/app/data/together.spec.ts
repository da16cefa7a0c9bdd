import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { clockAt } from '@hopsk/core/log/clock';
import { isControl, type RunEvent } from '@hopsk/core/log/event';
import { stretchesOfPlan } from '@hopsk/core/plan/run-plan';
import { provideStore } from '@ngrx/store';
import { throwError } from 'rxjs';
import { LogServer } from '../testing/log-server';
import { emptyDevice, event, me, runHead } from '../testing/run';
import { Api } from './api';
import { RunAtHand } from './at-hand';
import { AWAY_MS, RunDesk } from './desk';
import { DeviceStore } from './device-store';
import { Following } from './following';
import { Live } from './live';
import { Outbox } from './outbox';
import { runFeature } from './run';
import { Together } from './together';

const right = { kind: 'right', fault: null, athlete: null, source: 'floor', clip: null } as const;

describe('a run on several devices', () => {
  let server: LogServer;
  let desk: RunDesk;
  let together: Together;
  let device: DeviceStore;
  let steady: number;

  const setUp = (): void => {
    TestBed.resetTestingModule();
    TestBed.configureTestingModule({
      providers: [provideStore({ [runFeature.name]: runFeature.reducer }), { provide: Api, useValue: server.api }],
    });
    desk = TestBed.inject(RunDesk);
    together = TestBed.inject(Together);
    device = TestBed.inject(DeviceStore);
    TestBed.inject(Outbox).open(me.club.id);
  };
  const events = (): readonly RunEvent[] => TestBed.inject(RunAtHand).events();
  const sent = (): Promise<void> => TestBed.inject(Outbox).send();
  const heard = (): Promise<void> => TestBed.inject(Following).catchUp();
  const later = (seconds: number): void => {
    steady += seconds * 1000;
    if (server.now !== null) server.now += seconds * 1000;
    jasmine.clock().mockDate(new Date(Date.now() + seconds * 1000));
  };
  const status = (): unknown => {
    const { status, t } = clockAt(desk.fold()!.log.clock, stretchesOfPlan(desk.atHand.run()!.head.plan), desk.time.now());
    return [status, t];
  };
  const there = (seq: number, m: number, more: Partial<RunEvent>): RunEvent => event(seq, { device: 'there', m, ...more });

  /** Begun on the other device at zero, a second before it is joined at eight. */
  const begun = (): RunEvent[] => [
    there(1, 0, { kind: 'board', faults: ['tall'] }),
    there(2, 0, { kind: 'view', view: 'front' }),
    there(3, 0, { kind: 'watch', athlete: server.whole.run.athletes[0] ?? null }),
    there(4, 0, { kind: 'go', answers: null }),
  ];
  async function join(): Promise<void> {
    server.from(...begun());
    server.now = 8000;
    const at = steady;
    const whole = server.whole;
    steady += 120;
    await together.join(whole, { clubId: me.club.id, names: {} }, { at, came: steady });
    await sent();
  }

  beforeEach(async () => {
    await emptyDevice();
    steady = 1000;
    spyOn(performance, 'now').and.callFake(() => steady);
    jasmine.clock().install().mockDate(new Date('2026-11-20T18:00:00Z'));
    server = new LogServer(runHead());
    setUp();
  });
  afterEach(() => {
    TestBed.inject(Outbox).close();
    jasmine.clock().uninstall();
  });

  it('is joined at its own time, with the board and the place of those who are in it; whom to watch is this coach’s word', async () => {
    await join();
    later(2);
    expect(desk.time.now()).toBe(10_000);
    expect(status()).toEqual(['running', 5]);
    expect(desk.atHand.watching()).toEqual(jasmine.objectContaining({ athlete: null, view: 'front', board: ['tall'] }));
    expect(desk.atHand.others()).toEqual(['there']);
    const mine = server.log.slice(4);
    expect(mine.map(({ kind, seq, m }) => [kind, seq, m])).toEqual([
      ['board', 1, 8000],
      ['view', 2, 8000],
      ['watch', 3, 8000],
      ['follow', 4, 8000],
    ]);
    expect(mine.at(-1)).toEqual(jasmine.objectContaining({ within: 120 }));
    // Those who join go by the time that was sent along.
    expect(server.times.at(-1)).toBe(8000);
    // All that arrived is its own: nothing was asked for.
    expect(server.asked.filter((after) => after < 4)).toEqual([]);
  });

  it('what others write is heard at a hint, kept, and there after a reload without a network', async () => {
    await join();
    const go = events().find(isControl)?.id ?? '';
    server.from(there(5, 9000, { kind: 'pause', answers: go }));
    TestBed.inject(Live).hints.next({ run: server.whole.run.id, arrival: 9 });
    await heard();
    later(30);
    expect(status()).toEqual(['paused', 4]);
    await desk.log(right);
    await sent();
    desk.alive();
    await device.runs();
    const before = server.asked.length;
    setUp();
    steady = 300;
    expect(await desk.recover(me.club.id)).toBeTrue();
    expect(status()).toEqual(['paused', 4]);
    expect(events().length).toBe(10);
    expect(server.asked.slice(before).every((after) => after >= 9)).toBeTrue();
    expect(await device.unsent()).toEqual([]);
  });

  it('what was written between two of this device’s own is asked for; between nothing, nothing', async () => {
    await join();
    TestBed.inject(Live).hearing.set(true);
    TestBed.tick();
    await heard();
    const before = server.asked.length;
    await desk.log(right);
    await sent();
    expect(server.asked.length).toBe(before);
    server.from(there(5, 9000, right));
    await desk.log(right);
    await sent();
    await heard();
    expect(events().filter(({ device: name }) => name === 'there').length).toBe(5);
    expect(new Set(events().map(({ id }) => id)).size).toBe(events().length);
  });

  it('what a newer app wrote is said, and asked for again after a reload', async () => {
    await join();
    server.from({ ...there(5, 9000, right), kind: 'juggle' } as unknown as RunEvent, there(6, 9100, right));
    await heard();
    expect(TestBed.inject(Following).newer()).toBe(server.whole.run.id);
    expect(events().filter(({ device: name }) => name === 'there').length).toBe(5);
    setUp();
    await desk.recover(me.club.id);
    await heard();
    expect(TestBed.inject(Following).newer()).toBe(server.whole.run.id);
  });

  it('away for long, the run of others goes on', async () => {
    await join();
    desk.alive();
    await device.runs();
    setUp();
    later(AWAY_MS / 1000 + 1);
    expect(await desk.recover(me.club.id)).toBeTrue();
    expect(status()).toEqual(['running', 3 + AWAY_MS / 1000 + 1]);
  });

  /** After a reload all that the server has is here. */
  async function allIsBack(): Promise<void> {
    const all = [...server.log].map(({ id }) => id).sort();
    setUp();
    await desk.recover(me.club.id);
    await heard();
    expect([...events()].map(({ id }) => id).sort()).toEqual(all);
  }

  it('what this device could not keep comes back from the server after a reload, whatever was kept later', async () => {
    await join();
    const full = spyOn(device, 'putEvents').and.rejectWith(new DOMException('full', 'QuotaExceededError'));
    await desk.log(right);
    await sent();
    full.and.callThrough();
    server.from(there(5, 9000, right));
    await heard();
    await desk.log(right);
    await sent();
    await allIsBack();
  });

  it('what this device could not keep and whose answer was lost comes back too', async () => {
    await join();
    const full = spyOn(device, 'putEvents').and.rejectWith(new DOMException('full', 'QuotaExceededError'));
    const { sendEvents } = server.api;
    server.api.sendEvents = (...said) => {
      sendEvents(...said);
      return throwError(() => new HttpErrorResponse({ status: 0 }));
    };
    await desk.log(right);
    await sent();
    server.api.sendEvents = sendEvents;
    full.and.callThrough();
    await sent();
    await heard();
    await desk.log(right);
    await sent();
    await allIsBack();
  });

  it('back after a while, by a wall’s clock that somebody set: the server says what time it is in the run', async () => {
    await join();
    desk.alive();
    await device.runs();
    setUp();
    later(3600);
    server.now = 4000;
    expect(await desk.recover(me.club.id)).toBeTrue();
    await heard();
    expect((status() as unknown[])[0]).toBe('running');
    expect(desk.time.sure).toBeTrue();
    expect(desk.time.now()).toBe(4000);
    // One that lags behind was asleep; a little less than the truth is what the server says anyway.
    server.now = 4900;
    await TestBed.inject(Following).catchUp();
    expect(desk.time.now()).toBe(4000);
    server.now = 9000;
    await TestBed.inject(Following).catchUp();
    expect(desk.time.now()).toBe(9000);
    server.now = 5000;
    await TestBed.inject(Following).catchUp();
    expect(desk.time.now()).toBe(9000);
  });

  it('back after a while without a network: the time is a guess, which is told to nobody', async () => {
    await join();
    desk.alive();
    await device.runs();
    setUp();
    later(3600);
    const { eventsAfter } = server.api;
    server.api.eventsAfter = () => throwError(() => new HttpErrorResponse({ status: 0 }));
    expect(await desk.recover(me.club.id)).toBeTrue();
    expect(desk.time.sure).toBeFalse();
    server.times.length = 0;
    await desk.log(right);
    await sent();
    expect(server.times).toEqual([null]);
    server.api.eventsAfter = eventsAfter;
    // Though the server hints by now, what time it is was not answered yet: that is asked for.
    server.now = null;
    TestBed.inject(Live).hearing.set(true);
    TestBed.tick();
    await heard();
    expect(desk.time.sure).toBeFalse();
    server.now = 4000;
    await sent();
    expect([desk.time.sure, desk.time.now()]).toEqual([true, 4000]);
  });

  it('what was written while the time was a guess by a wall’s clock that was wrong says nothing after the next reload', async () => {
    await join();
    desk.alive();
    await device.runs();
    const wall = Date.now();
    server.api.eventsAfter = () => throwError(() => new HttpErrorResponse({ status: 0 }));
    setUp();
    jasmine.clock().mockDate(new Date(wall + 3_600_000));
    expect(await desk.recover(me.club.id)).toBeTrue();
    const [tap] = await desk.log(right);
    expect(tap?.m).toBeGreaterThan(3_600_000);
    desk.alive();
    await device.runs();
    setUp();
    jasmine.clock().mockDate(new Date(wall + 2000));
    steady += 2000;
    expect(await desk.recover(me.club.id)).toBeTrue();
    // No further than what a sign of life can lag behind, and told to nobody.
    expect([desk.time.sure, desk.time.now() <= 8120 + AWAY_MS + 2000]).toEqual([false, true]);
    server.times.length = 0;
    await desk.log(right);
    await sent();
    expect(server.times).toEqual([null]);
  });

  it('back after a while, without having kept that others are in it: that is asked first, and the run of others goes on', async () => {
    await join();
    desk.alive();
    await device.runs();
    const { id } = server.whole.run;
    setUp();
    const kept = await device.eventsOf(id);
    spyOn(device, 'eventsOf').and.resolveTo(kept.filter(({ event: one }) => one.device !== 'there' || one.kind === 'go'));
    await device.changeRun(id, { arrival: 0, devices: ['there', await device.self()] });
    later(3600);
    server.from(event(1, { device: 'third', m: 8500, kind: 'watch', athlete: null }));
    server.now = 9000;
    expect(await desk.recover(me.club.id)).toBeTrue();
    expect([desk.time.sure, desk.time.now()]).toEqual([true, 9000]);
    expect(events().filter(({ kind }) => kind === 'pause')).toEqual([]);
  });

  describe('when another turned the clock first', () => {
    /** The other one went on to the second round while this device paused at ten seconds. */
    beforeEach(async () => {
      await join();
      later(2);
      const go = events().find(isControl)?.id ?? '';
      server.from(there(5, 9000, { kind: 'skip', to: 15, answers: go, order: 5 }));
      await desk.log({ kind: 'pause' });
      await sent();
      await heard();
    });

    it('a control that did nothing is said, until the coach follows', () => {
      expect(status()).toEqual(['running', 16]);
      const ignored = together.ignored();
      expect(ignored).toEqual(jasmine.objectContaining({ kind: 'pause', m: 10_000 }));
      if (ignored) together.follow(ignored);
      expect(together.ignored()).toBeNull();
    });

    it('or goes on with a run of their own, from where their clock stood', async () => {
      const first = desk.atHand.run()?.head.id;
      const ignored = together.ignored();
      if (ignored) await together.split(ignored);
      expect(desk.atHand.run()?.head.id).not.toBe(first);
      expect(status()).toEqual(['paused', 5]);
      expect(desk.atHand.others()).toEqual([]);
      expect(desk.atHand.watching()?.board).toEqual(['tall']);
      expect((await device.runs()).filter(({ open }) => open === 1).map(({ head }) => head.id)).toEqual([desk.atHand.run()?.head.id ?? '']);
    });

    it('two that wanted the same are not asked', async () => {
      server.from(there(6, 11_000, { kind: 'pause', answers: server.log.find(({ kind }) => kind === 'skip')?.id ?? '', order: 99 }));
      await heard();
      expect(together.ignored()).toBeNull();
    });
  });
});
