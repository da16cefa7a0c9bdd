import { faultsByCode } from '../catalogue/faults.js';
import { SCHOOLS } from '../body/school.js';
import { bodyOf } from '../body/body.js';
import { parse } from '../language/parse.js';
import { simulate } from '../motion/simulate.js';
import { repPlanOf } from '../plan/rep-plan.js';
import type { SessionPlan } from '../plan/run-plan.js';
import { eventsSaid, type Said } from '../testing/said.js';
import { effortsIn } from './afterwards.js';
import { RunLog } from './run-log.js';

const work = (start: number, end: number, exercise: number, more: Partial<SessionPlan['phases'][number]> = {}) => ({
  ...{ kind: 'work' as const, start, end, set: 1, round: 1, exercise, open: false, done: [] as [number, number][] },
  ...more,
});
const exercise = (name: string) => ({ name, stage: name, steps: 'split', watch: [], view: 'side' as const });
/** Twenty seconds of five lines of 4 s with two landings and a lunge each, then ten of two lines of which nothing was kept. */
const plan: SessionPlan = {
  exercises: [exercise('lunges'), { ...exercise('fed'), opens: 'coach' }],
  reps: [
    { seconds: 4, chances: { repetition: [0] }, load: { landings: 2, lunges: 1 } },
    { seconds: 2, chances: { repetition: [0] } },
  ],
  phases: [
    work(0, 20, 0, { done: [0, 4, 8, 12, 16].map((t) => [t, 0]) }),
    { ...work(20, 25, 1), kind: 'rest' },
    work(25, 35, 1, { done: [0, 2].map((t) => [t, 1]) }),
  ],
  cues: [],
  landings: null,
};
const go: Said = [0, { kind: 'go' }];
const end = (s: number): Said => [s, { kind: 'end' }];

function done(said: readonly Said[], of = plan, athletes = ['ada', 'bea']): Record<string, number[]> {
  const log = new RunLog(of, faultsByCode(), 1, athletes);
  log.take(eventsSaid(said));
  return Object.fromEntries(
    log.details().done.map(({ athlete, lines, landings, lunges, notKept }) => [athlete, [lines, landings, lunges, notKept]]),
  );
}

describe('what was done in a run', () => {
  it('is what its clock went through whole, watched or not, by everybody who was there', () => {
    expect(done([go, end(60)])).toEqual({ ada: [5, 10, 5, 0], bea: [5, 10, 5, 0] });
    // Broken off in the third line; one that was begun is none.
    expect(done([go, end(5 + 11)])).toEqual({ ada: [2, 4, 2, 0], bea: [2, 4, 2, 0] });
    expect(done([go])).toEqual({});
  });

  it('leaves out what was skipped, counts twice what was gone back to, and nothing of a pause', () => {
    expect(done([go, [5 + 5, { kind: 'skip', to: 16 }], end(60)])['ada']).toEqual([2, 4, 2, 0]);
    // Into the middle of a line: that one was not gone through.
    expect(done([go, [5 + 5, { kind: 'skip', to: 17 }], end(60)])['ada']).toEqual([1, 2, 1, 0]);
    expect(done([go, [5 + 9, { kind: 'skip', to: 0 }], end(80)])['ada']).toEqual([7, 14, 7, 0]);
    expect(done([go, [5 + 4, { kind: 'pause' }], [300, { kind: 'resume' }], end(304)])['ada']).toEqual([2, 4, 2, 0]);
  });

  it('is of those who came and went only while they were there, and of groups that take turns in their own', () => {
    const came = { ada: [3, 6, 3, 0], bea: [5, 10, 5, 0], cid: [2, 4, 2, 0] };
    const said: Said[] = [go, [5 + 12, { kind: 'leave', athlete: 'ada' }], [5 + 12, { kind: 'join', athlete: 'cid' }], end(60)];
    // Whoever goes as a line begins does not do it, whoever comes then does.
    expect(done(said)).toEqual(came);
    const turns = {
      ...plan,
      phases: [work(0, 20, 0, { done: [[0, 0]] }), work(20, 40, 0, { wave: 2, done: [0, 4].map((t): [number, number] => [t, 0]) })],
    };
    expect(done([go, end(60)], turns)).toEqual({ ada: [1, 2, 1, 0], bea: [2, 4, 2, 0] });
  });

  it('of what a coach feeds is each ball, and says of how many lines it is not known', () => {
    const fed = [31, 34, 37].map((s): Said => [s, { kind: 'ball', source: 'floor' }]);
    expect(done([go, ...fed, end(60)])['ada']).toEqual([8, 10, 5, 3]);
  });

  it('a line knows its landings and lunges from its simulation', () => {
    const loadOf = (line: string): unknown =>
      repPlanOf(simulate(parse(line), { body: bodyOf({}), school: SCHOOLS[0], lead: null, playing: 'right' }))?.load;
    expect(loadOf('split, lunge ahead 90 cm right foot, recover back')).toEqual({ landings: 0, lunges: 1 });
    // A gallop hardly leaves the floor: it is none.
    expect(loadOf('split several, preload hop, gallop left 50 cm, jump')).toEqual({ landings: 2, lunges: 0 });
  });

  it('how hard it was is the last word of each, also one that takes it back, and takes part in nothing else', () => {
    const effort = (athlete: string, of: number | null, minutes = 60): Said => [
      70,
      { kind: 'effort', athlete, effort: of, minutes, device: 'later' },
    ];
    const log = new RunLog(plan, faultsByCode(), 1, ['ada', 'bea']);
    log.take(eventsSaid([go, end(60), effort('ada', 4), effort('bea', 7, 45), effort('ada', 6, 50), effort('bea', null)]).reverse());
    expect([...effortsIn(log.events())]).toEqual([['ada', { effort: 6, minutes: 50 }]]);
    expect([log.devices, log.clock.status]).toEqual([['a'], 'ended']);
  });
});
