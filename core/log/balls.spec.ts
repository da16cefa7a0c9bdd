import type { Opener } from '../plan/exercise.js';
import { faultsByCode } from '../catalogue/faults.js';
import type { SessionPlan } from '../plan/run-plan.js';
import { cleanOf } from '../testing/clean.js';
import { eventsSaid, type Said } from '../testing/said.js';
import { RunLog } from './run-log.js';

const catalogue = faultsByCode();
const exercise = (name: string, opens?: Opener) => ({ name, stage: name, steps: 'split, split', watch: [], view: 'side' as const, opens });
const work = (start: number, end: number, exercise: number, more: Partial<SessionPlan['phases'][number]> = {}) => ({
  ...{ kind: 'work' as const, start, end, set: 1, round: 1, exercise, open: false, done: [] as [number, number][] },
  ...more,
});
/** Twenty seconds by the plan, two splits in 4 s; then thirty fed ball by ball, two splits a ball; then ten of called steps. */
const lesson: SessionPlan = {
  exercises: [exercise('shadow'), exercise('fed', 'coach'), exercise('called', 'calls')],
  reps: [
    { seconds: 4, chances: { repetition: [0], split: [0, 2] } },
    { seconds: 2, chances: { call: [0], split: [0] } },
    { seconds: 2, chances: { call: [0] } },
  ],
  phases: [
    work(0, 20, 0, { done: [0, 4, 8, 12, 16].map((t) => [t, 0]) }),
    { ...work(20, 25, 1), kind: 'rest' },
    work(25, 55, 1, { done: [[0, 0]] }),
    work(55, 65, 2, { done: [0, 2, 4, 6, 8].map((t, k) => [t, k === 2 ? 2 : 1]) }),
  ],
  cues: [],
  landings: null,
};

const ball = (s: number, device = 'a'): Said => [s, { kind: 'ball', source: 'floor', device }];
const late = (s: number, athlete = 'ada', device = 'a'): Said => [
  s,
  { kind: 'fault', fault: 'split-late', side: null, athlete, source: 'floor', clip: null, shown: null, device },
];

function log(plan: SessionPlan, ...said: readonly Said[]): RunLog {
  const begin: Said[] = ['a', 'b'].flatMap((device): Said[] => [
    [0, { kind: 'board', faults: ['split-late'], device }],
    [0, { kind: 'watch', athlete: device === 'a' ? 'ada' : 'bea', device }],
  ]);
  const events = eventsSaid([...begin, [0, { kind: 'go' }] as Said, ...said]);
  const fold = new RunLog(plan, catalogue, 1, ['ada', 'bea']);
  fold.take(events);
  return fold;
}
const end = (s: number): Said => [s, { kind: 'end' }];
const ofAda = (fold: RunLog, exercise = 1): string => {
  const mine = fold.details().parts.filter((part) => part.exercise === exercise && part.athlete === 'ada');
  const sum = (of: 'faulty' | 'attempts' | 'again' | 'noted'): number => mine.reduce((all, part) => all + part[of], 0);
  return mine.length === 0 ? '-' : `${sum('faulty')} of ${sum('attempts')}, again ${sum('again')}, noted ${sum('noted')}`;
};

describe('a lesson fed ball by ball', () => {
  it('a ball holds the line, and never what a chime has done', () => {
    const [shadow, , called] = lesson.reps;
    const chimed = { seconds: 2, chances: { arrival: [0] }, chimed: 'lunge ahead, recover back' };
    const plan: SessionPlan = {
      ...lesson,
      reps: [shadow, chimed, called].flatMap((rep) => rep ?? []),
      phases: [work(0, 60, 0, { done: [4, 10, 14, 20].map((t, k) => [t, k % 2]) })],
    };
    const byCoach: Said = [0, { kind: 'opens', exercise: 0, by: 'coach' }];
    // Four balls of two splits each; the third would be the second chime's turn.
    expect(ofAda(log(plan, byCoach, ball(6), ball(12), ball(18), ball(24), end(60)), 0)).toBe('0 of 8, again 0, noted 0');
  });

  it('each part says in which third of the round’s time it was; work that is over as it begins has one', () => {
    const thirds = (fold: RunLog) =>
      fold
        .details()
        .parts.flatMap(({ athlete, exercise, third, attempts }) => (athlete === 'ada' && exercise === 1 ? [[third, attempts]] : []));
    // The fed round lasts from 30 to 60 s of the run: balls at 32 and 52 s, two splits each.
    expect(thirds(log(lesson, ball(32), ball(52), end(60)))).toEqual([
      [1, 2],
      [3, 2],
    ]);
    const none = { ...lesson, phases: [work(0, 0, 1, { open: true, done: [[0, 0]] }), work(0, 10, 0)] };
    const fold = log(none, [8, { ...late(8)[1], shown: { stretch: 0, occasion: 0 } }], end(20));
    expect(fold.details().parts.length).toBeGreaterThan(0);
    for (const { third } of fold.details().parts)
      expect(third === 0 || third === 1)
        .withContext(String(third))
        .toBeTrue();
  });

  it('counts two splits a ball, and nothing until one is opened', () => {
    expect(ofAda(log(lesson, end(60)))).toBe('-');
    // Worked by hand: balls at 32, 37 and 42 s; late in both splits of the first, with a third tap; once in the last, in the next one's time.
    const fold = log(lesson, ball(32), late(34), late(35), late(36), ball(37), ball(42), late(46), end(60));
    expect(ofAda(fold)).toBe('3 of 6, again 1, noted 0');
    expect(cleanOf(fold, 1, 'ada')).toEqual({ n: 3, hits: 2 });
    expect(fold.counts().placed.map(({ occasion }) => [occasion?.repetition, occasion?.ball])).toEqual([
      [1, true],
      [1, true],
      [1, true],
      [3, true],
    ]);
    // The first exercise is still counted by its plan: five repetitions.
    expect(ofAda(fold, 0)).toBe('0 of 10, again 0, noted 0');
  });

  it('a tap before the first ball is noted, and one in the rest after the last belongs to it', () => {
    const rests = { ...lesson, phases: [...lesson.phases.slice(0, 3), { ...work(55, 60, 1), kind: 'rest' as const }] };
    expect(ofAda(log(rests, late(32), ball(58), late(62.5), end(64)))).toBe('1 of 2, again 0, noted 1');
  });

  it('a ball lasts until the next one: who turns to another meanwhile has not watched it', () => {
    const watch = (s: number): Said => [s, { kind: 'watch', athlete: 'bea' }];
    expect(ofAda(log(lesson, ball(32), watch(35), end(60)))).toBe('-');
    expect(ofAda(log(lesson, ball(32), watch(36), end(60)))).toBe('0 of 2, again 0, noted 0');
    expect(ofAda(log(lesson, ball(32), ball(33), watch(34), end(60)))).toBe('0 of 2, again 0, noted 0');
  });

  it('a pause leaves a ball unfinished; a skip or the end closes it; at the end of work that waits it goes on', () => {
    const pause = (s: number): Said => [s, { kind: 'pause' }];
    const skip = (s: number): Said => [s, { kind: 'skip', to: 55 }];
    expect(ofAda(log(lesson, ball(32), pause(33), [34, { kind: 'resume' }], end(60)))).toBe('-');
    expect(ofAda(log(lesson, ball(32), skip(33), end(60)))).toBe('0 of 2, again 0, noted 0');
    expect(ofAda(log(lesson, ball(32), end(33)))).toBe('0 of 2, again 0, noted 0');
    expect(ofAda(log(lesson, ball(32), skip(33), pause(33.5), end(60)))).toBe('0 of 2, again 0, noted 0');
    expect(ofAda(log(lesson, ball(32), pause(33), skip(34), end(60)))).toBe('-');
    // The clock stands at 55 s of the plan, 60 s of the run, while more balls are fed.
    expect(ofAda(log(lesson, ball(58), pause(60), ball(70), ball(75), end(90)))).toBe('0 of 6, again 0, noted 0');
    expect(ofAda(log(lesson, end(60), ball(62), ball(70)))).toBe('-');
    // Skipped to its end while the clock stood, it is over.
    expect(ofAda(log(lesson, pause(40), skip(41), ball(45), end(90)))).toBe('-');
  });

  it('two devices that open one at the same time open one, and both count in it', () => {
    expect(ofAda(log(lesson, ball(32), ball(32.4, 'b'), late(34), end(60)))).toBe('1 of 2, again 0, noted 0');
    expect(cleanOf(log(lesson, ball(32), ball(32.4, 'b'), late(34, 'bea', 'b'), end(60)), 1, 'bea')).toEqual({ n: 1, hits: 1 });
    expect(ofAda(log(lesson, ball(32), ball(33, 'b'), end(60)))).toBe('0 of 4, again 0, noted 0');
    expect(ofAda(log(lesson, ball(32), ball(32), end(60)))).toBe('0 of 2, again 0, noted 0');
  });

  it('one that was taken back opened nothing, and what was tapped in it belongs to the one before', () => {
    const undone: Said[] = [ball(32), ball(37), late(40), [41, { kind: 'undo', target: 'e6' }], end(60)];
    const fold = log(lesson, ...undone);
    expect(ofAda(fold)).toBe('1 of 2, again 0, noted 0');
    expect(fold.counts().placed[0]?.occasion?.repetition).toBe(1);
  });

  it('what the screen showed holds; a move goes from ball to ball', () => {
    const shown: Said = [40, { ...late(40)[1], shown: { ball: 'e5' } }];
    const fold = log(lesson, ball(32), ball(37), shown, [41, { kind: 'move', target: 'e7', by: 1 }], end(60));
    expect(fold.counts().placed[0]?.occasion?.repetition).toBe(2);
    expect(log(lesson, ball(32), ball(37), shown, end(60)).counts().placed[0]?.occasion?.repetition).toBe(1);
    expect(log(lesson, ball(32), ball(37)).shownAt(37_500, null)).toEqual({ ball: 'e5' });
  });

  it('who opens changes during the run: what the plan opened is counted as far as it opened it', () => {
    const coach: Said = [18, { kind: 'opens', exercise: 0, by: 'coach' }];
    // 13 s of the plan, in its fourth repetition: three are whole; then a ball, of four seconds.
    expect(ofAda(log(lesson, coach, ball(19), late(22), end(60)), 0)).toBe('1 of 8, again 0, noted 0');
    const back: Said = [21, { kind: 'opens', exercise: 0, by: 'plan' }];
    expect(ofAda(log(lesson, coach, back, end(60)), 0)).toBe('0 of 8, again 0, noted 0');
  });

  it('calls that the coach points hold what was drawn, one after the other', () => {
    const coach: Said = [50, { kind: 'opens', exercise: 2, by: 'coach' }];
    // The third is a stay: a call, and no split.
    expect(ofAda(log(lesson, coach, ball(60.5), ball(63), ball(65.5), ball(68), end(70)), 2)).toBe('0 of 3, again 0, noted 0');
    expect(ofAda(log(lesson, end(70)), 2)).toBe('0 of 4, again 0, noted 0');
  });
});
