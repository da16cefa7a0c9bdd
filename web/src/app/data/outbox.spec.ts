import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import type { RunUpload } from '@hopsk/contract/run';
import { of, throwError } from 'rxjs';
import { Api } from './api';
import { DeviceStore } from './device-store';
import { emptyDevice, event, keptRun, me } from '../testing/run';
import { Outbox } from './outbox';

describe('the outbox', () => {
  let device: DeviceStore;
  let outbox: Outbox;
  let sent: RunUpload[];
  let answer: (upload: RunUpload) => ReturnType<Api['uploadRun']>;
  let asked: number;
  const failing =
    (status: number, error = 'x', values: object = {}) =>
    () =>
      throwError(() => new HttpErrorResponse({ status, error: { error, values, fields: [] } }));

  beforeEach(async () => {
    await emptyDevice();
    sent = [];
    asked = 0;
    answer = (upload) => of({ stored: upload.events.length, total: upload.events.length });
    const api = {
      uploadRun: (upload: RunUpload) => {
        sent.push(upload);
        return answer(upload);
      },
      me: () => {
        asked++;
        return of(me);
      },
    };
    TestBed.configureTestingModule({ providers: [{ provide: Api, useValue: api }] });
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
      Array.from({ length: taps }, (_, n) => ({ runId: run.head.id, clubId: run.clubId, event: event(n), sent: 0 as const })),
    );
    return run.head.id;
  }

  it('sends each tap once and then has nothing waiting', async () => {
    const id = await keep(3);
    await outbox.send();
    await outbox.send();
    expect(sent.map((upload) => [upload.run.id, upload.events.length])).toEqual([[id, 3]]);
    expect(outbox.state()).toEqual({ waiting: 0, state: 'sent', message: '' });
    expect(await device.unsent()).toEqual([]);
  });

  it('keeps all of it while the server is away, and sends it later', async () => {
    await keep(2);
    answer = failing(0);
    await outbox.send();
    expect(outbox.state()).toEqual(jasmine.objectContaining({ waiting: 2, state: 'offline' }));
    answer = (upload) => of({ stored: upload.events.length, total: upload.events.length });
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
    answer = (upload) => (upload.run.id === id ? failing(422, 'unknown-athlete', { count: 1 })() : of({ stored: 1, total: 1 }));
    await outbox.send();
    await outbox.send();
    expect(outbox.state()).toEqual(jasmine.objectContaining({ state: 'refused', message: jasmine.stringContaining('1 of the athletes') }));
    // The refused run does not hold up the other one, and is not sent over and over.
    expect(sent.filter((upload) => upload.run.id === other).length).toBe(1);
    // Once, once more with a fresh token, and then not again.
    expect(sent.filter((upload) => upload.run.id === id).length).toBe(2);
    expect((await device.unsent()).map((kept) => kept.runId)).toEqual([id]);
    // The device keeps what the server gave, not the words: those are said when somebody reads them.
    expect((await device.runs()).find((run) => run.head.id === id)?.refused).toEqual(
      jasmine.objectContaining({ error: 'unknown-athlete', values: { count: 1 } }),
    );
    await device.changeRun(id, { refused: 'in the words of an earlier version' });
    await outbox.send();
    expect(outbox.state().message).toBe('in the words of an earlier version');
    answer = () => of({ stored: 1, total: 1 });
    await outbox.retryRefused();
    expect(outbox.state().state).toBe('sent');
    expect((await device.unsent()).length).toBe(0);
  });

  it('cures a page whose token is out of date by itself', async () => {
    await keep(1);
    let first = true;
    answer = () => {
      if (!first) return of({ stored: 1, total: 1 });
      first = false;
      return failing(403)();
    };
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
    expect(sent.map((upload) => upload.events.length)).toEqual([2000, 300]);
    expect(new Set(sent.flatMap((upload) => upload.events.map((one) => one.id))).size).toBe(2300);
    expect(sent.every((upload) => upload.run.id === id)).toBeTrue();
  });

  it('forgets a run that is over and wholly sent, half a day later', async () => {
    const long = Date.now() - 13 * 3600_000;
    await keep(1, { open: 0, aliveAt: long });
    await keep(1, { open: 1, aliveAt: long });
    await outbox.send();
    const left = await device.runs();
    expect(left.map((run) => run.open)).toEqual([1]);
  });
});
