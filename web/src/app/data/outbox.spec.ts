import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import type { RunEvent, RunHead } from '@hopsk/contract/run';
import { of, throwError, TimeoutError } from 'rxjs';
import { provideStore } from '@ngrx/store';
import { AccountApi } from './account-api';
import { Api } from './api';
import { DeviceStore } from './device-store';
import { emptyDevice, event, keptRun, me } from '../testing/run';
import { Outbox } from './outbox';
import { runFeature } from './run';

describe('the outbox', () => {
  let device: DeviceStore;
  let outbox: Outbox;
  let heads: string[];
  let sent: { id: string; events: readonly RunEvent[] }[];
  let head: (run: RunHead) => ReturnType<Api['putRun']>;
  let answer: (id: string, events: readonly RunEvent[]) => ReturnType<Api['sendEvents']>;
  let asked: number;
  const failing =
    (status: number, error = 'x', values: object = {}) =>
    () =>
      throwError(() => new HttpErrorResponse({ status, error: { error, values, fields: [] } }));

  /** All that was sent is there without a gap. */
  const stored = (_: string, events: readonly RunEvent[]): ReturnType<Api['sendEvents']> => {
    const upTo: Record<string, number> = {};
    for (const { device: name, seq } of events) upTo[name] = Math.max(seq, upTo[name] ?? 0);
    return of({ stored: upTo, before: 0, arrival: 0, refused: [] });
  };
  const only = <T>(first: () => T, then: () => T): (() => T) => {
    let asks = 0;
    return () => (asks++ === 0 ? first() : then());
  };

  beforeEach(async () => {
    await emptyDevice();
    heads = [];
    sent = [];
    head = () => of({});
    asked = 0;
    answer = stored;
    const api = {
      putRun: (run: RunHead) => {
        heads.push(run.id);
        return head(run);
      },
      sendEvents: (id: string, events: readonly RunEvent[]) => {
        sent.push({ id, events });
        return answer(id, events);
      },
    };
    const account = {
      me: () => {
        asked++;
        return of(me);
      },
    };
    TestBed.configureTestingModule({
      providers: [
        provideStore({ [runFeature.name]: runFeature.reducer }),
        { provide: Api, useValue: api },
        { provide: AccountApi, useValue: account },
      ],
    });
    device = TestBed.inject(DeviceStore);
    outbox = TestBed.inject(Outbox);
    outbox.open(me.club.id);
    await outbox.send();
  });

  afterEach(() => outbox.close());

  async function keep(taps: number, more: Parameters<typeof keptRun>[0] = {}): Promise<string> {
    const run = keptRun(more);
    await device.putRun(run);
    await device.putEvents(
      Array.from({ length: taps }, (_, n) => ({ runId: run.head.id, clubId: run.clubId, event: event(n + 1), sent: 0 as const })),
    );
    return run.head.id;
  }

  it('sends the head once and each tap once, and then has nothing waiting', async () => {
    const id = await keep(3);
    await outbox.send();
    await outbox.send();
    expect(heads).toEqual([id]);
    expect(sent.map((upload) => [upload.id, upload.events.length])).toEqual([[id, 3]]);
    await device.putEvents([{ runId: id, clubId: me.club.id, event: event(4), sent: 0 }]);
    await outbox.send();
    expect(heads).toEqual([id]);
    expect(sent.at(-1)?.events.map(({ seq }) => seq)).toEqual([4]);
    expect(outbox.state()).toEqual({ waiting: 0, state: 'sent', message: '' });
    expect(await device.unsent()).toEqual([]);
  });

  it('keeps all of it while the server is away, and sends it later', async () => {
    await keep(2);
    answer = failing(0);
    await outbox.send();
    expect(outbox.state()).toEqual(jasmine.objectContaining({ waiting: 2, state: 'offline' }));
    answer = stored;
    await outbox.send();
    expect(outbox.state().state).toBe('sent');
    expect((await device.unsent()).length).toBe(0);
  });

  it('waits for a signed-in coach', async () => {
    await keep(1);
    answer = failing(401);
    await outbox.send();
    expect(outbox.state()).toEqual(jasmine.objectContaining({ waiting: 1, state: 'signed-out' }));
  });

  it('keeps what the server refuses, says why, and tries again when told', async () => {
    const id = await keep(1);
    const other = await keep(1);
    head = (run) => (run.id === id ? failing(422, 'unknown-athlete', { count: 1 })() : of({}));
    await outbox.send();
    await outbox.send();
    expect(outbox.state()).toEqual(jasmine.objectContaining({ state: 'refused', message: jasmine.stringContaining('1 of the athletes') }));
    // The refused run does not hold up the other one, and is not sent over and over.
    expect(sent.map((upload) => upload.id)).toEqual([other]);
    // Once, once more with a fresh token, and then not again.
    expect(heads.filter((one) => one === id).length).toBe(2);
    expect((await device.unsent()).map((kept) => kept.runId)).toEqual([id]);
    // The device keeps what the server gave, not the words: those are said when somebody reads them.
    expect((await device.runs()).find((run) => run.head.id === id)?.refused).toEqual(
      jasmine.objectContaining({ error: 'unknown-athlete', values: { count: 1 } }),
    );
    await device.changeRun(id, { refused: 'in the words of an earlier version' });
    outbox.open(me.club.id);
    await outbox.send();
    expect(outbox.state().message).toBe('in the words of an earlier version');
    head = () => of({});
    await outbox.retryRefused();
    expect(outbox.state().state).toBe('sent');
    expect((await device.unsent()).length).toBe(0);
  });

  it('cures a page whose token is out of date by itself', async () => {
    await keep(1);
    head = only(failing(403), () => of({}));
    await outbox.send();
    expect(asked).toBe(1);
    expect(outbox.state().state).toBe('sent');
  });

  it('leaves another club’s taps alone', async () => {
    await keep(1, { clubId: crypto.randomUUID() });
    await outbox.send();
    expect(sent).toEqual([]);
    expect(outbox.state().waiting).toBe(0);
    expect((await device.unsent()).length).toBe(1);
  });

  it('sends a very long log in parts', async () => {
    const id = await keep(2300);
    await outbox.send();
    expect(sent.map((upload) => upload.events.length)).toEqual([500, 500, 500, 500, 300]);
    expect(new Set(sent.flatMap((upload) => upload.events.map((one) => one.id))).size).toBe(2300);
    expect(sent.every((upload) => upload.id === id)).toBeTrue();
  });

  it('what is too large for one request goes in smaller ones', async () => {
    await keep(40);
    answer = (id, events) => (events.length > 12 ? failing(413)() : stored(id, events));
    await outbox.send();
    expect(outbox.state().state).toBe('sent');
    expect(sent.flatMap(({ events }) => (events.length > 12 ? [] : events.map(({ seq }) => seq)))).toEqual(
      Array.from({ length: 40 }, (_, i) => i + 1),
    );
    expect((await device.unsent()).length).toBe(0);
  });

  it('a request that is swallowed holds up nothing for ever: given up after its time, it is sent again, and is there once', async () => {
    const id = await keep(1);
    const other = await keep(1);
    answer = (run, events) => (run === id ? throwError(() => new TimeoutError()) : stored(run, events));
    await outbox.send();
    expect(outbox.state()).toEqual(jasmine.objectContaining({ waiting: 1, state: 'offline' }));
    expect(sent.filter((one) => one.id === other).length).toBe(1);
    answer = stored;
    await outbox.send();
    expect((await device.unsent()).length).toBe(0);
    expect(sent.filter((one) => one.id === id).map(({ events }) => events.map(({ seq }) => seq))).toEqual([[1], [1]]);
  });

  it('one answer of 500 holds up neither what waits behind it nor itself the next time', async () => {
    const id = await keep(1);
    await keep(1);
    answer = (run, events) => (run === id ? failing(500)() : stored(run, events));
    await outbox.send();
    expect(outbox.state()).toEqual(jasmine.objectContaining({ waiting: 1, state: 'offline' }));
    expect((await device.unsent()).map(({ runId }) => runId)).toEqual([id]);
    answer = stored;
    await outbox.send();
    expect((await device.unsent()).length).toBe(0);
  });

  it('a run that the server does not have is sent with its head again', async () => {
    const id = await keep(2, { headSent: 1 });
    answer = (run, events) => (heads.includes(run) ? stored(run, events) : failing(404)());
    await outbox.send();
    expect([heads, outbox.state().state]).toEqual([[id], 'sent']);
  });

  it('another device under this one’s name: what is to be sent goes under a new one, which says first what it watches', async () => {
    const run = keptRun({ headSent: 1 });
    await device.putRun(run);
    const log = [
      event(1, { kind: 'board', faults: ['tall'] }),
      event(2, { kind: 'watch', athlete: run.head.athletes[0] ?? null }),
      event(3),
    ];
    await device.putEvents(log.map((one, i) => ({ runId: run.head.id, clubId: run.clubId, event: one, sent: i < 2 ? 1 : 0 })));
    answer = (id, events) => (events.some((one) => one.device === 'here') ? failing(409)() : stored(id, events));
    await outbox.send();
    expect(outbox.state().state).toBe('sent');
    const last = sent.at(-1)?.events ?? [];
    expect(last.map(({ kind, seq }) => [kind, seq])).toEqual([
      ['board', 1],
      ['view', 2],
      ['watch', 3],
      ['pause', 4],
    ]);
    expect(last[3]?.id).toBe(log[2]?.id);
    expect((await device.eventsOf(run.head.id)).filter(({ sent: gone }) => gone === 0)).toEqual([]);
  });

  it('what the server says it has lost is sent once more', async () => {
    const id = await keep(3);
    await outbox.send();
    await device.putEvents([{ runId: id, clubId: me.club.id, event: event(4), sent: 0 }]);
    answer = only(
      () => of({ stored: { here: 1 }, before: 0, arrival: 0, refused: [] }),
      () => of({ stored: { here: 4 }, before: 0, arrival: 0, refused: [] }),
    );
    await outbox.send();
    expect(sent.slice(-2).map(({ events }) => events.map(({ seq }) => seq))).toEqual([[4], [2, 3]]);
    expect(await device.unsent()).toEqual([]);
  });

  it('a device that is full and cannot note what went sends it once all the same', async () => {
    await keep(2);
    spyOn(device, 'mark').and.rejectWith(new DOMException('full', 'QuotaExceededError'));
    spyOn(device, 'changeRun').and.rejectWith(new DOMException('full', 'QuotaExceededError'));
    await outbox.send();
    await outbox.send();
    expect([sent.length, outbox.state().state, outbox.state().waiting]).toEqual([1, 'sent', 0]);
  });

  it('what the device could not keep is sent from the page', async () => {
    const run = keptRun();
    outbox.hold(run, [{ runId: run.head.id, clubId: run.clubId, event: event(1), sent: 0 }]);
    answer = failing(0);
    await outbox.send();
    expect(outbox.state().waiting).toBe(1);
    answer = stored;
    await outbox.send();
    await outbox.send();
    expect(outbox.state()).toEqual({ waiting: 0, state: 'sent', message: '' });
    expect(sent.length).toBe(2);
  });

  it('looks up runs, with their whole plans, for what is new to it, and not for every tap', async () => {
    const id = await keep(1);
    await outbox.send();
    const [looked, noted] = [spyOn(device, 'runs').and.callThrough(), spyOn(device, 'changeRun').and.callThrough()];
    for (const seq of [2, 3, 4]) {
      await device.putEvents([{ runId: id, clubId: me.club.id, event: event(seq), sent: 0 }]);
      await outbox.send();
    }
    expect([looked.calls.count(), noted.calls.count(), (await device.unsent()).length]).toEqual([1, 0, 0]);
    await keep(1);
    await outbox.send();
    expect(await device.unsent()).toEqual([]);
  });

  it('forgets a run that is over and wholly sent, half a day later', async () => {
    const long = Date.now() - 13 * 3600_000;
    await keep(1, { open: 0, aliveAt: long });
    await keep(1, { open: 1, aliveAt: long });
    outbox.open(me.club.id);
    await outbox.send();
    const left = await device.runs();
    expect(left.map((run) => run.open)).toEqual([1]);
  });
});
