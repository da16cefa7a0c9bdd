import { HttpTestingController, type TestRequest } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import type { RecountRun } from '@hopsk/contract/recount';
import { house, Screen } from '../../testing/screen';
import { Recount } from './recount';

const id = (n: number): string => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const tally = (faulty: number, attempts: number) => ({
  ...{ athlete: id(900), fault: 'tall', attempts, faulty, again: 0, noted: 1, left: 0, right: 0 },
});
/** Sixty runs by rules 1; each third says otherwise by today's. */
const RUNS = Array.from({ length: 60 }, (_, n): RecountRun => ({
  ...{ id: id(n), name: `run ${n}`, day: '2026-03-01', rules: 1 },
  changes: n % 3 === 0 ? [{ before: tally(1, 10), now: tally(2, 12) }] : [],
}));

describe('runs that stand by earlier rules', () => {
  let screen: Screen<Recount>;
  /** Answers the next request to a path. */
  const answer = (path: string, give: (request: TestRequest) => void): Promise<void> =>
    screen.until(() =>
      TestBed.inject(HttpTestingController)
        .match(({ urlWithParams }) => urlWithParams.endsWith(path))
        .some((one) => (give(one), true)),
    );
  const left = (runs: number) => answer('/recount/left', (one) => one.flush({ earlier: runs, merged: 0, rules: 3 }));
  const looked = async (): Promise<void> => {
    screen.button('see what would differ').click();
    await answer('/recount', (one) => one.flush(RUNS.slice(0, 50)));
    await screen.until(() => screen.words.includes('Looked at 50 of 60 runs'));
    await answer(`/recount?after=${RUNS[49]?.id}`, (one) => one.flush(RUNS.slice(50)));
    await answer(`/recount?after=${RUNS[59]?.id}`, (one) => one.flush([]));
    await left(60);
    await screen.until(() => screen.words.includes('In 20 of 60 runs figures would differ'));
  };

  beforeEach(async () => {
    await house();
    screen = await Screen.of(Recount);
    await left(60);
    await screen.until(() => screen.words.includes('60 runs stand by earlier rules.'));
  });

  it('are looked through, said with what would differ, and counted when the coach says so', async () => {
    await looked();
    expect(screen.words).toMatch(/20\s*20 of 200, 20 noted\s*40 of 240, 20 noted/);
    screen.button('count these 60 runs anew').click();
    const sent: number[] = [];
    for (const n of [50, 10])
      await answer('/recount', (one) => {
        sent.push((one.request.body as { runs: string[] }).runs.length);
        one.flush({ counted: n });
      });
    await left(0);
    await screen.until(
      () => screen.words.includes('60 runs are counted anew') && screen.words.includes('All runs stand by today’s rules (3).'),
    );
    expect(sent).toEqual([50, 10]);
  });

  it('what was counted before the network went away is counted; the others are there to be looked at', async () => {
    await looked();
    screen.button('count these 60 runs anew').click();
    await answer('/recount', (one) => one.flush({ counted: 50 }));
    await answer('/recount', (one) => one.error(new ProgressEvent('error')));
    await screen.until(() => screen.words.includes('50 runs are counted anew') && screen.button('see what would differ') !== null);
    expect(screen.host.querySelector('[role=alert]')).not.toBeNull();
  });

  it('stay as they are when the coach leaves it', async () => {
    await looked();
    screen.button('leave them as they are').click();
    await screen.until(() => screen.words.includes('60 runs stand by earlier rules.'));
    TestBed.inject(HttpTestingController).expectNone({ method: 'POST' });
    expect(screen.words).not.toContain('are counted anew');
  });
});
