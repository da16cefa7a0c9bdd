import { TestBed } from '@angular/core/testing';
import type { Hint } from '@hopsk/contract/live';
import { Live } from './live';

/** A stream as a browser has it, without a server. */
class Stream extends EventTarget {
  static readonly CLOSED = 2;
  static readonly all: Stream[] = [];
  readyState = 0;
  onopen: () => void = () => undefined;
  onerror: () => void = () => undefined;
  onmessage: (event: { data: string }) => void = () => undefined;
  constructor(readonly url: string) {
    super();
    Stream.all.push(this);
  }
  close(): void {
    this.readyState = Stream.CLOSED;
  }
}

describe('what the server hints at', () => {
  let live: Live;
  let own: typeof EventSource;
  const last = (): Stream => Stream.all.at(-1) as Stream;
  beforeEach(() => {
    own = globalThis.EventSource;
    Object.assign(globalThis, { EventSource: Stream });
    Stream.all.length = 0;
    jasmine.clock().install();
    live = TestBed.inject(Live);
    live.open();
  });
  afterEach(() => {
    live.close();
    jasmine.clock().uninstall();
    Object.assign(globalThis, { EventSource: own });
  });

  it('is heard past the service worker, and what this page does not know is passed over', () => {
    const heard: Hint[] = [];
    live.hints.subscribe((hint) => heard.push(hint));
    expect(last().url).toContain('ngsw-bypass');
    expect(live.hearing()).toBeFalse();
    last().onopen();
    expect(live.hearing()).toBeTrue();
    const hint: Hint = { run: crypto.randomUUID(), arrival: 3 };
    for (const data of [JSON.stringify(hint), '{"film":1}', 'no json']) last().onmessage({ data });
    expect(heard).toEqual([hint]);
  });

  it('a stream that is silent for too long is dead: another is opened; one that says it is there is not', () => {
    last().onopen();
    for (let i = 0; i < 5; i++) {
      jasmine.clock().tick(20_000);
      last().dispatchEvent(new Event('beat'));
    }
    expect(Stream.all.length).toBe(1);
    jasmine.clock().tick(50_000);
    expect([Stream.all.length, live.hearing()]).toEqual([2, false]);
    expect(Stream.all[0]?.readyState).toBe(Stream.CLOSED);
  });

  it('a page that nobody looks at has no stream', () => {
    last().onopen();
    const hidden = spyOnProperty(document, 'hidden').and.returnValue(true);
    document.dispatchEvent(new Event('visibilitychange'));
    expect([last().readyState, live.hearing()]).toEqual([Stream.CLOSED, false]);
    hidden.and.returnValue(false);
    document.dispatchEvent(new Event('visibilitychange'));
    expect(Stream.all.length).toBe(2);
  });

  it('one that was refused is asked for again later; one that only broke comes back by itself', () => {
    last().onopen();
    last().onerror();
    jasmine.clock().tick(16_000);
    expect([Stream.all.length, live.hearing()]).toEqual([1, false]);
    last().close();
    last().onerror();
    jasmine.clock().tick(14_000);
    expect(Stream.all.length).toBe(1);
    jasmine.clock().tick(2_000);
    expect(Stream.all.length).toBe(2);
    live.close();
    jasmine.clock().tick(60_000);
    expect(Stream.all.length).toBe(2);
  });
});
