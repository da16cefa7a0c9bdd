import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { event, runHead } from '../testing/run';
import { Api } from './api';
import { troubleOf } from './problem';

describe('requests of the log', () => {
  beforeEach(() => {
    TestBed.configureTestingModule({ providers: [provideHttpClient(), provideHttpClientTesting()] });
    jasmine.clock().install();
  });
  afterEach(() => jasmine.clock().uninstall());

  it('that are swallowed are given up, as if there were no network, and sent again', () => {
    const api = TestBed.inject(Api);
    const said: string[] = [];
    api.sendEvents('r', [event(1)]).subscribe({ error: (error: unknown) => said.push(troubleOf(error).kind) });
    api.putRun(runHead()).subscribe({ error: (error: unknown) => said.push(troubleOf(error).kind) });
    jasmine.clock().tick(29_000);
    expect(said).toEqual([]);
    jasmine.clock().tick(2_000);
    expect(said).toEqual(['offline', 'offline']);
    expect(
      TestBed.inject(HttpTestingController)
        .match(() => true)
        .every(({ cancelled }) => cancelled),
    ).toBe(true);
  });

  it('are small: a tap takes less than 1 kB', () => {
    const tap = event(2951, {
      kind: 'fault',
      fault: 'recovery-place',
      side: 'right',
      athlete: crypto.randomUUID(),
      source: 'floor',
      clip: null,
    });
    expect(
      JSON.stringify({ events: [{ ...tap, device: crypto.randomUUID(), shown: { stretch: 120, occasion: 33 } }] }).length,
    ).toBeLessThan(1000);
  });
});
