import { faultsByCode } from '../catalogue/faults.js';
import { eventsSaid, type Said } from '../testing/said.js';
import { clockOf } from './clock.js';
import { isControl } from './event.js';
import { RunLog } from './run-log.js';
import { answersIn, measuredIn, thingRows, thingsIn } from './things.js';

const thing = (s: number, id: string, as: 'light' | 'strap', more: object = {}): Said => [
  s,
  { kind: 'thing', thing: id, as, standIn: true, on: true, ...more },
];
const touch = (s: number, id: string, call: number, ms: number, athlete: string | null = 'ada'): Said => [
  s,
  { kind: 'reaction', thing: id, athlete, call, ms },
];

describe('what takes part in a run beside its coaches', () => {
  it('is there from when it came until it goes, and somebody’s from when that is said', () => {
    const events = eventsSaid([
      thing(1, 'l', 'light'),
      thing(2, 's', 'strap', { standIn: false }),
      [3, { kind: 'whose', thing: 's', athlete: 'ada' }],
      [4, { kind: 'whose', thing: 'nothing there', athlete: 'ada' }],
      thing(5, 'l', 'light', { on: false }),
    ]);
    expect(thingsIn(events)).toEqual([{ id: 's', as: 'strap', standIn: false, athlete: 'ada' }]);
    expect(thingsIn(events.slice(0, 3)).map(({ id, athlete }) => [id, athlete])).toEqual([
      ['l', null],
      ['s', 'ada'],
    ]);
    // Whoever goes and comes again is whose it was.
    const again = eventsSaid([thing(1, 'l', 'light'), [2, { kind: 'whose', thing: 'l', athlete: 'bo' }], thing(3, 'l', 'light')]);
    expect(thingsIn(again)[0]?.athlete).toBe('bo');
  });

  it('answers each call once: a light that says it twice, or far too late, says nothing more', () => {
    const events = eventsSaid([
      touch(1, 'l', 3, 400),
      touch(1, 'l', 3, 900),
      touch(2, 'k', 3, 500),
      touch(3, 'l', 9, 6000),
      touch(4, 'l', 9, 300),
    ]);
    expect(answersIn(events).map(({ thing: of, call, ms }) => [of, call, ms])).toEqual([
      ['l', 3, 400],
      ['k', 3, 500],
      ['l', 9, 300],
    ]);
  });

  it('adds up by athlete: the middle touch, the mean and the highest pulse, own repetitions', () => {
    const pulse = (s: number, bpm: number): Said => [s, { kind: 'pulse', thing: 's', athlete: 'ada', bpm }];
    const reps = (s: number, n: number): Said => [s, { kind: 'reps', thing: 'c', athlete: 'bo', n }];
    const events = eventsSaid([
      touch(1, 'l', 1, 500),
      touch(2, 'l', 2, 300),
      touch(3, 'l', 3, 420),
      touch(4, 'l', 4, 460),
      pulse(5, 120),
      pulse(10, 151),
      reps(3, 1),
      reps(4, 2),
    ]);
    expect(measuredIn(events)).toEqual([
      {
        athlete: 'ada',
        reactions: { n: 4, middle: 440, quickest: 300, slowest: 500 },
        pulse: { n: 2, mean: 135.5, highest: 151 },
        reps: 0,
      },
      { athlete: 'bo', reactions: null, pulse: null, reps: 3 },
    ]);
    expect(measuredIn(eventsSaid([touch(1, 'l', 1, 400), touch(2, 'l', 2, 300), touch(3, 'l', 3, 420)]))[0]?.reactions?.middle).toBe(400);
    expect(measuredIn([])).toEqual([]);
  });

  it('goes out as a table that no spreadsheet works out, with the plan’s clock and whether it was a stand-in', () => {
    const events = eventsSaid([
      [0, { kind: 'go' }],
      thing(6, 'l', 'light'),
      touch(8.4, 'l', 3, 400),
      [9, { kind: 'ball', source: 'thing' }],
      [9, { kind: 'ball', source: 'floor' }],
      [10, { kind: 'pulse', thing: 'real', athlete: 'ada', bpm: 140 }],
    ]);
    const rows = thingRows(events, clockOf(events.filter(isControl), 60), () => '=1+1');
    expect(rows.map((row) => Object.values(row))).toEqual([
      [8400, '0:04', 'light', 'yes', "'=1+1", 'reaction', 400, 'ms', 3],
      [9000, '0:04', 'feeder', 'no', '', 'release', '', '', ''],
      [10000, '0:05', 'strap', 'no', "'=1+1", 'pulse', 140, '1/min', ''],
    ]);
  });

  it('counts nowhere, moves no clock and makes nobody a coach’s device, whatever time it says', () => {
    const plan = {
      dose: { mode: 'seconds', work: 30, rounds: 1, sets: 1, rest: 0, setRest: null },
      rep: { seconds: 3, chances: { split: [0] } },
    } as const;
    const said: Said[] = [
      [0, { kind: 'board', faults: ['split-late'] }],
      [0, { kind: 'view', view: 'side' }],
      [0, { kind: 'watch', athlete: 'ada' }],
      [0, { kind: 'go' }],
      [14.5, { kind: 'right', fault: null, athlete: 'ada', source: 'floor', clip: null }],
    ];
    const log = (all: readonly Said[]) => {
      const of = new RunLog(plan, faultsByCode(), 0, ['ada']);
      of.take(eventsSaid(all));
      return of;
    };
    const [without, by] = [
      log(said),
      log([...said, [999_999, { kind: 'reaction', thing: 'l', athlete: 'ada', call: 3, ms: 400, device: 'thing-l' }]]),
    ];
    expect([by.counts().tallies, by.latest, by.devices]).toEqual([without.counts().tallies, without.latest, ['a']]);
    expect(without.counts().tallies[0]?.attempts).toBe(3);
  });
});
