import { faultsByCode } from '@hopsk/core/catalogue/faults';
import { RunLog } from '@hopsk/core/log/run-log';
import { event, runHead } from '../../testing/run';
import { tapRows } from './review-rows';

describe('the taps of a run, row by row', () => {
  it('say where in the run they belong, and where on film they were seen', () => {
    const { plan } = runHead();
    const log = new RunLog(plan, faultsByCode(), 1, ['ada']);
    const tap = { kind: 'fault', fault: 'split-late', side: null, athlete: 'ada' } as const;
    log.take([
      event(1, { kind: 'go', t: -5 }),
      event(2, { ...tap, t: 3.5, source: 'floor', clip: null }),
      event(3, { ...tap, t: 4.5, source: 'film', clip: 12.34 }),
      event(4, { ...tap, t: 5.5, source: 'film', clip: null }),
    ]);
    const rows = tapRows(log, { athlete: (id) => id, coach: () => '' });
    expect(rows.map(({ where }) => /on film.*/.exec(where)?.[0] ?? '')).toEqual(['', 'on film at 12.3 s', 'on film']);
  });
});
