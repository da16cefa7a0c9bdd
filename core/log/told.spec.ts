import fc from 'fast-check';
import { FAULTS } from '../catalogue/faults.js';
import { holds } from '../testing/holds.js';
import { countRun } from './count.js';
import type { RunEvent, ToldEvent } from './event.js';
import { RunLog } from './run-log.js';

const catalogue = new Map(FAULTS.map((fault) => [fault.code, fault]));
const dose = { mode: 'seconds', work: 10, rounds: 1, sets: 1, rest: 0, setRest: null } as const;
/** One whose repetitions the plan knows, and one whose attempts are closed by taps. */
const PLANS = [
  { dose, rep: { seconds: 2, chances: { split: [0], repetition: [0] } } },
  { dose, rep: null },
];

const stamp = (seq: number, device = 'table') => ({ id: `${device}-${seq}`, device, seq, order: seq, m: 0, at: 0 });
const told = (seq: number, more: Partial<ToldEvent> = {}): ToldEvent => ({
  ...stamp(seq),
  ...{ kind: 'told', athlete: 'ada', fault: 'split-late', source: 'import' },
  ...{ attempts: 20, faulty: 6, noted: 1, left: 4, right: 2 },
  ...{ exercise: 0, set: 1, round: 2, third: 3, way: 'written', direction: '', view: 'side' },
  ...more,
});
const tapped: RunEvent[] = [
  { ...stamp(1, 'phone'), kind: 'board', faults: ['split-late'] },
  { ...stamp(2, 'phone'), kind: 'view', view: 'side' },
  { ...stamp(3, 'phone'), kind: 'watch', athlete: 'ada' },
  { ...stamp(4, 'phone'), kind: 'go', answers: null },
  ...([
    {
      ...stamp(5, 'phone'),
      m: 8000,
      kind: 'fault',
      fault: 'split-late',
      side: 'left',
      athlete: 'ada',
      source: 'floor',
      clip: null,
      shown: null,
    },
    { ...stamp(6, 'phone'), m: 9000, kind: 'attempt', clean: false, athlete: 'ada', source: 'floor', clip: null, shown: null },
    { ...stamp(7, 'phone'), m: 60_000, kind: 'end', answers: 'phone-4' },
  ] as const),
];

describe('what a table tells of an evening', () => {
  for (const plan of PLANS) {
    const count = (events: readonly RunEvent[]) => countRun(plan, events, catalogue, 0, ['ada', 'bo']).tallies;
    const of = (events: readonly RunEvent[], athlete = 'ada') =>
      count(events).find((one) => one.athlete === athlete && one.fault === 'split-late');
    const name = plan.rep === null ? 'without a plan' : 'by a plan';

    it(`counts beside what was tapped, whatever the clock did (${name})`, () => {
      const [alone, both] = [of(tapped), of([...tapped, told(1), told(2, { attempts: 5, faulty: 0, noted: 0, left: 0, right: 0 })])];
      expect(both).toEqual(
        jasmine.objectContaining({
          attempts: (alone?.attempts ?? 0) + 25,
          faulty: (alone?.faulty ?? 0) + 6,
          noted: (alone?.noted ?? 0) + 1,
          left: (alone?.left ?? 0) + 4,
          right: (alone?.right ?? 0) + 2,
        }),
      );
      expect(of([told(1)])?.attempts).toBe(20);
    });

    it(`in any order and parts, taken back or given to another, it is what stands in the end (${name})`, () => {
      const row = fc.record({
        attempts: fc.nat(30),
        faulty: fc.nat(30),
        who: fc.constantFrom('ada', 'bo'),
        said: fc.constantFrom('', 'undo', 'assign'),
      });
      holds(
        fc.property(fc.array(row, { maxLength: 8 }), fc.array(fc.nat(), { maxLength: 40 }), (rows, shuffle) => {
          const events = rows.flatMap(({ attempts, faulty, who, said }, i): RunEvent[] => {
            const one = told(2 * i + 1, { attempts, faulty: Math.min(attempts, faulty), noted: 0, left: 0, right: 0, athlete: who });
            const after = stamp(2 * i + 2);
            if (said === 'undo') return [one, { ...after, kind: 'undo', target: one.id }];
            return said === 'assign' ? [one, { ...after, kind: 'assign', target: one.id, athlete: 'ada' }] : [one];
          });
          const log = new RunLog(plan, catalogue, 0, ['ada', 'bo']);
          for (const at of shuffle) if (events.length > 0) log.take([events[at % events.length] as RunEvent]);
          log.counts();
          log.take(events);
          const sums = (athlete: string) => {
            const mine = rows.filter(({ who, said }) => said !== 'undo' && (said === 'assign' ? 'ada' : who) === athlete);
            return mine.reduce((sum, { attempts }) => sum + attempts, 0);
          };
          const got = log.counts().tallies;
          for (const athlete of ['ada', 'bo'])
            expect(got.filter((one) => one.athlete === athlete).reduce((sum, { attempts }) => sum + attempts, 0)).toBe(sums(athlete));
          expect(log.details().parts.reduce((sum, { attempts }) => sum + attempts, 0)).toBe(sums('ada') + sums('bo'));
          expect(log.details().pairs).toEqual([]);
        }),
      );
    });
  }

  it('keeps where it was, part by part', () => {
    const log = new RunLog(PLANS[0] as (typeof PLANS)[0], catalogue, 0, ['ada']);
    log.take([told(1), told(2), told(3, { third: 1 })]);
    expect(log.details().parts.map(({ third, round, way, view, attempts }) => [third, round, way, view, attempts])).toEqual([
      [3, 2, 'written', 'side', 40],
      [1, 2, 'written', 'side', 20],
    ]);
  });
});
