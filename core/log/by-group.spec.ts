import fc from 'fast-check';
import { faultsByCode } from '../catalogue/faults.js';
import { byGroup } from '../plan/by-group.js';
import type { RunPlan } from '../plan/run-plan.js';
import { sessionPlanOf } from '../plan/session/session-plan.js';
import { timelineOf } from '../plan/session/timeline.js';
import { sessionTotals } from '../plan/session/totals.js';
import { aStage, asWritten, seenOf, sessionOf, SPOKEN } from '../testing/sessions.js';
import { holds } from '../testing/holds.js';
import { eventsSaid, type Said } from '../testing/said.js';
import { RunLog } from './run-log.js';

/** Splits of 0.35 s and lunges of 1.05 s at two stations, for two rounds of 6 s; then splits for everybody. */
const stations = [
  { name: 'splits', steps: 'split' },
  { name: 'lunges', steps: 'lunge ahead 80 cm right foot, recover back' },
];
const session = sessionOf([aStage('2 × 6 s, rest 5 s', { stations }), aStage('6 s', { steps: 'split' })], {
  settings: { change: 5, water: null, rest: null, setRest: null },
});
const PEOPLE = ['ada', 'bea', 'cid', 'dov'];
const seen = seenOf(session, { ...asWritten, athletes: PEOPLE.length });
const plan = sessionPlanOf(seen, timelineOf(seen, session, SPOKEN), sessionTotals(seen, session));
const catalogue = faultsByCode();
/** Seconds of the run at which the three stretches of work begin, behind the count-down. */
const [, SECOND = 0, THIRD = 0] = plan.phases.filter(({ kind }) => kind === 'work').map(({ start }) => start + 5);
const SECOND_WORK = plan.phases.findLastIndex(({ kind, exercise }) => kind === 'work' && exercise === 0);
const BOARD: Said[] = [
  [0, { kind: 'board', faults: ['split-late', 'recover-slow', 'no-recovery', 'lunge-short'] }],
  [0, { kind: 'view', view: 'side' }],
];
const watch = (s: number, athlete: string, device = 'a'): Said => [s, { kind: 'watch', athlete, device }];
const fault = (s: number, code: string, athlete: string | null): Said => [
  s,
  { kind: 'fault', fault: code, athlete, side: null, source: 'floor', clip: null, shown: null },
];
const logOf = (said: readonly Said[], of: RunPlan = plan, people: readonly string[] = PEOPLE): RunLog => {
  const log = new RunLog(of, catalogue, 0, people);
  log.take(eventsSaid(said));
  return log;
};
const attempts = (log: RunLog, athlete: string, code: string): [number, number] => {
  const row = log.counts().tallies.find((one) => one.athlete === athlete && one.fault === code);
  return [row?.attempts ?? 0, row?.faulty ?? 0];
};

describe('what groups do at stations', () => {
  it('stands in the plan: each group at its own station, the first as it was', () => {
    const works = plan.phases.filter(({ kind }) => kind === 'work');
    // 17 splits of 0.35 s fit into six seconds, and five lunges of 1.05 s.
    expect(works.map(({ done, others = [] }) => [done.length, ...others.map((one) => one.length)])).toEqual([[17, 5], [5, 17], [17]]);
    const { plans, of } = byGroup(plan, PEOPLE);
    expect([plans.length, ...[...PEOPLE, 'late', null].map(of)]).toEqual([2, 0, 0, 1, 1, 0, 0]);
    expect(byGroup(plan, ['ada']).plans.length).toBe(1);
  });

  it('counts whoever came later as those of the group that they joined, whenever that is heard', () => {
    const three = PEOPLE.slice(0, 3);
    const end: Said = [THIRD + 6, { kind: 'end' }];
    const came: Said = [0.5, { kind: 'join', athlete: 'eve' }];
    const with_ = (who: string, more: readonly Said[]) =>
      logOf([...BOARD, watch(1, who), [0, { kind: 'go' }], ...more, fault(SECOND + 0.2, 'split-late', who), end], plan, three);
    const [late, other] = [with_('eve', [came]), with_('cid', [came])];
    for (const code of ['split-late', 'lunge-short'])
      expect(attempts(late, 'eve', code))
        .withContext(code)
        .toEqual(attempts(other, 'cid', code));
    expect(attempts(late, 'eve', 'split-late')).not.toEqual(attempts(with_('ada', [came]), 'ada', 'split-late'));
    // Heard last, it is the same.
    const heardLast = new RunLog(plan, catalogue, 0, three);
    const events = late.events();
    heardLast.take(events.filter(({ kind }) => kind !== 'join'));
    heardLast.take(events);
    expect(heardLast.counts()).toEqual(late.counts());
  });

  it('counts an athlete’s attempts by their own station, whoever is watched when', () => {
    const end: Said = [THIRD + 6, { kind: 'end' }];
    const ofAda = logOf([...BOARD, watch(0, 'ada'), [0, { kind: 'go' }], end]);
    const ofDov = logOf([...BOARD, watch(0, 'dov'), [0, { kind: 'go' }], fault(SECOND + 0.2, 'split-late', 'dov'), end]);
    // Both split in one round of the two, and in the last; in different ones.
    expect([attempts(ofAda, 'ada', 'split-late'), attempts(ofDov, 'dov', 'split-late')]).toEqual([
      [34, 0],
      [34, 1],
    ]);
    const rounds = (log: RunLog) =>
      log
        .details()
        .parts.filter((part) => part.fault === 'split-late' && part.exercise === 0 && part.attempts > 0)
        .map((part) => [part.round, part.third, part.attempts]);
    expect(new Set(rounds(ofAda).map(([round]) => round))).toEqual(new Set([1]));
    expect(new Set(rounds(ofDov).map(([round]) => round))).toEqual(new Set([2]));
    // Everybody did their own lines, watched or not.
    const done = new Map(ofDov.details().done.map(({ athlete, lines }) => [athlete, lines]));
    expect(PEOPLE.map((one) => done.get(one))).toEqual([39, 39, 39, 39]);
  });

  it('a tap given to somebody of the other group is looked for by the run’s time in what they did', () => {
    const said: Said[] = [...BOARD, watch(0, 'ada'), watch(0, 'dov', 'b'), [0, { kind: 'board', faults: ['split-late'], device: 'b' }]];
    said.push([0, { kind: 'view', view: 'side', device: 'b' }], [0, { kind: 'go' }]);
    const log = logOf([
      ...said,
      [
        SECOND + 0.9,
        {
          kind: 'fault',
          fault: 'split-late',
          athlete: 'ada',
          side: null,
          source: 'floor',
          clip: null,
          shown: { stretch: SECOND_WORK, occasion: 0 },
        },
      ],
    ]);
    expect(log.counts().placed[0]?.occasion).toEqual(jasmine.objectContaining({ round: 2, repetition: 1 }) as never);
    log.take(
      eventsSaid([
        ...Array.from({ length: 9 }, (): Said => [0, { kind: 'go' }]),
        [SECOND + 4, { kind: 'assign', target: `e${said.length}`, athlete: 'dov' }],
      ]).slice(-1),
    );
    // The third split of the second group: 0.7 s to 1.05 s.
    const [placed, ...others] = log.counts().placed;
    expect([placed?.occasion?.repetition, placed?.event.athlete, others.length]).toEqual([3, 'dov', 0]);
  });

  it('comes, for each athlete, to what a run of their own group alone would have come to', () => {
    const athlete = fc.constantFrom(...PEOPLE);
    const second = fc.double({ min: 0, max: THIRD + 8, noNaN: true });
    const anySaid: fc.Arbitrary<Said> = fc.oneof(
      { weight: 4, arbitrary: fc.tuple(second, athlete).map(([s, who]): Said => watch(s, who)) },
      {
        weight: 8,
        arbitrary: fc.tuple(second, fc.constantFrom('split-late', 'lunge-short'), athlete).map((one): Said => fault(...one)),
      },
      { weight: 1, arbitrary: second.map((s): Said => [s, { kind: 'pause' }]) },
      { weight: 1, arbitrary: second.map((s): Said => [s, { kind: 'resume' }]) },
      { weight: 1, arbitrary: fc.tuple(second, second).map(([s, to]): Said => [s, { kind: 'skip', to: Math.min(to, THIRD) }]) },
      {
        weight: 1,
        arbitrary: fc
          .tuple(second, athlete)
          .map(([s, who]): Said => [s, { kind: 'right', fault: null, athlete: who, source: 'floor', clip: null }]),
      },
      {
        weight: 1,
        arbitrary: fc
          .tuple(second, fc.integer({ min: 4, max: 20 }), athlete)
          .map(([s, n, who]): Said => [s, { kind: 'assign', target: `e${n}`, athlete: who }]),
      },
      {
        weight: 1,
        arbitrary: fc.tuple(second, fc.integer({ min: 4, max: 20 })).map(([s, n]): Said => [s, { kind: 'undo', target: `e${n}` }]),
      },
    );
    const { plans, of } = byGroup(plan, PEOPLE);
    holds(
      fc.property(fc.array(anySaid, { maxLength: 30 }), (more) => {
        const said = [...BOARD, watch(0, 'ada'), [0, { kind: 'go' }] as Said, ...[...more].sort(([a], [b]) => a - b)];
        const log = logOf(said);
        for (const one of PEOPLE) {
          const alone = logOf(said, plans[of(one)], []);
          const rows = (from: RunLog) =>
            from
              .counts()
              .tallies.filter((row) => row.athlete === one)
              .map((row) => JSON.stringify(row))
              .sort();
          expect(rows(log)).toEqual(rows(alone));
          expect(log.praise()[one]).toEqual(alone.praise()[one]);
        }
        const parts = (from: RunLog, who: string) =>
          from
            .details()
            .parts.filter((part) => part.athlete === who)
            .map((part) => JSON.stringify(part))
            .sort();
        expect(parts(log, 'dov')).toEqual(parts(logOf(said, plans[1], []), 'dov'));
      }),
    );
  });
});
