import fc from 'fast-check';
import { holds } from '../../testing/holds.js';
import { asWritten, aStage, seenOf, sessionOf, SPOKEN } from '../../testing/sessions.js';
import { alternative, USUAL_CALLS, type Alternative } from '../calls/calls.js';
import { FAULTS } from '../../catalogue/faults.js';
import { countRun } from '../../log/count.js';
import { RunLog } from '../../log/run-log.js';
import { logOf, type Loose } from '../../testing/logs.js';
import { attemptsOf, namedIn, occasionsOf } from '../occasions.js';
import type { SessionPlan } from '../run-plan.js';
import { sessionPlanOf } from './session-plan.js';
import type { Session } from './session.js';
import { timelineOf } from './timeline.js';
import { sessionTotals, type SessionTotals } from './totals.js';

/** Alternatives with what one of each is, counted by hand: [splits, lunges, steps, ways back, repetitions]. */
const KINDS: readonly { readonly one: Alternative; readonly is: readonly [number, number, number, number, number] }[] = [
  { one: alternative('out', 'split, shuffle right 40 cm, lunge ahead 90 cm right foot, recover back'), is: [1, 1, 1, 1, 1] },
  {
    one: alternative('fake', 'split, shuffle right 40 cm, lunge ahead 90 cm right foot, recover back', { kind: 'feint' }),
    is: [1, 0, 0, 0, 0],
  },
  { one: alternative('fake step', 'shuffle left 40 cm, split, shuffle right 40 cm', { kind: 'feint' }), is: [0, 0, 1, 0, 0] },
  { one: alternative('stay', '', { kind: 'stay' }), is: [0, 0, 0, 0, 0] },
  { one: alternative('in', 'shuffle left 30 cm, shuffle right 30 cm'), is: [0, 0, 2, 0, 1] },
];

const anyCalled = fc.record({
  which: fc.subarray([...KINDS], { minLength: 1 }),
  dose: fc.oneof(
    fc.integer({ min: 1, max: 25 }).map((n) => `2 × ${n} calls, rest 10 s`),
    fc.integer({ min: 10, max: 70 }).map((s) => `3 × ${s} s, rest 10 s`),
  ),
  freezes: fc.constantFrom(0, 0.3),
  seed: fc.integer({ min: 0, max: 9999 }),
});

function look(session: Session): { readonly said: readonly string[]; readonly plan: SessionPlan; readonly totals: SessionTotals } {
  const seen = seenOf(session);
  const [timeline, totals] = [timelineOf(seen, session, SPOKEN), sessionTotals(seen, session)];
  const said = timeline.cues.filter((cue) => cue.kind === 'call').map((cue) => cue.say);
  return { said, totals, plan: sessionPlanOf(seen, timeline, totals) };
}

describe('what is called', () => {
  it('adds up to what was drawn, and each call holds the chances of what is done of it', () => {
    holds(
      fc.property(anyCalled, ({ which, dose, freezes, seed }) => {
        const calls = { ...USUAL_CALLS, alternatives: which.map(({ one }) => one), freezes };
        const { said, totals, plan } = look(sessionOf([aStage(dose, { calls })], { seed }));
        const sum = (at: 0 | 1 | 2 | 3 | 4): number =>
          said.reduce((n, name) => n + (KINDS.find(({ one }) => one.name === name)?.is[at] ?? Infinity), 0);
        expect(totals.all.reps).toBe(said.length);
        expect(totals.all.splits).toBe(sum(0));
        expect(totals.all.lunges).toEqual({ left: 0, right: sum(1) });
        expect(attemptsOf(plan, 'call').length).toBe(said.length);
        expect(attemptsOf(plan, 'split').length).toBe(sum(0));
        expect(attemptsOf(plan, 'back').length).toBe(sum(3));
        expect(attemptsOf(plan, 'repetition').length).toBe(sum(4));
        expect(attemptsOf(plan, 'arrival').length).toBe(sum(1));
      }),
    );
  });

  it('ten feints of a line with a step, a lunge and a way back yield ten splits and nothing else', () => {
    const alternatives = [KINDS[1]?.one as Alternative];
    const { plan, totals } = look(sessionOf([aStage('10 calls', { calls: { ...USUAL_CALLS, alternatives } })]));
    const units = ['split', 'step', 'arrival', 'strike', 'back', 'turn', 'repetition'] as const;
    expect(units.map((unit) => attemptsOf(plan, unit).length)).toEqual([10, 0, 0, 0, 0, 0, 0]);
    expect([totals.all.splits, totals.all.lunges.right]).toEqual([10, 0]);
  });

  it('a timed round with a stay says as many repetitions as are drawn and counted', () => {
    const alternatives = [KINDS[0]?.one, KINDS[4]?.one, KINDS[3]?.one].map((one) => one as Alternative);
    const { said, totals } = look(sessionOf([aStage('3 × 60 s, rest 20 s', { calls: { ...USUAL_CALLS, alternatives } })]));
    expect(totals.all.reps).toBe(said.length);
  });
});

describe('the stretches of a timeline', () => {
  it('say as many repetitions as the totals: of stations, of chimes, of calls', () => {
    const station = (steps: string) => ({ name: steps, steps });
    const alternatives = [KINDS[0]?.one, KINDS[3]?.one].map((one) => one as Alternative);
    for (const stage of [
      aStage('4 × 30 s, rest 10 s', { stations: [station('bounce 4'), station('shuffle right 40 cm, shuffle left 40 cm')] }),
      aStage('2 × 40 s, every 15 s (lunge ahead, recover back) at once, rest 10 s'),
      aStage('2 × 45 s, rest 10 s', { calls: { ...USUAL_CALLS, alternatives } }),
    ]) {
      const session = sessionOf([stage]);
      const seen = seenOf(session);
      const { stretches } = timelineOf(seen, session, SPOKEN);
      const said = stretches.reduce((sum, { reps }) => sum + reps, 0);
      expect(said).withContext(stage.dose).toBeGreaterThan(0);
      expect(said).withContext(stage.dose).toBe(sessionTotals(seen, session).all.reps);
    }
  });
});

/** A session's plan and totals, and when each chime of it sounds. */
function lookAt(session: Session): { readonly said: readonly number[]; readonly plan: SessionPlan; readonly totals: SessionTotals } {
  const { plan, totals } = look(session);
  return { plan, totals, said: plan.cues.filter(({ kind }) => kind === 'chime').map(({ at }) => at) };
}

describe('what chimes have done', () => {
  const bout = fc.record({
    round: fc.integer({ min: 20, max: 60 }),
    every: fc.integer({ min: 5, max: 20 }),
    when: fc.constantFrom('at once', 'at cycle end'),
    onBell: fc.boolean(),
  });

  it('is an occasion with the chances of its moves, and no repetition; hand words are in the totals', () => {
    holds(
      fc.property(bout, ({ round, every, when, onBell }) => {
        const bell = onBell ? ' and on the bell' : '';
        const dose = `2 × ${round} s, rest 10 s, every ${every} s (lunge ahead + hit on landing, recover back) ${when}${bell}`;
        const session = sessionOf([aStage(dose, { steps: 'shuffle right 40 cm + "jab", shuffle left 40 cm' })]);
        const { plan, totals, said } = lookAt(session);
        const { reps, hands, lunges } = totals.all;
        expect(attemptsOf(plan, 'repetition').length).toBe(reps);
        expect([hands['jab'], hands['hit'], lunges.left + lunges.right]).toEqual([reps, said.length, said.length]);
        expect(attemptsOf(plan, 'strike').length).toBe(reps + said.length);
        const all = occasionsOf(plan);
        all.slice(1).forEach((one, i) => expect(one.start).toBeGreaterThanOrEqual((all[i]?.end ?? 0) - 0.001));
      }),
    );
  });

  it('is no occasion where it runs into the next work: nobody is at both', () => {
    const dose = '2 × 20 s, rest 0 s, every 10 s (lunge ahead, recover back) at once and on the bell';
    const { plan, said } = lookAt(sessionOf([aStage(dose, { steps: 'bounce 2' })]));
    expect([said.length, attemptsOf(plan, 'arrival').length]).toEqual([4, 3]);
  });

  it('is called by what it is, and the repetitions are counted without it', () => {
    const session = sessionOf([aStage('30 s, every 10 s (lunge ahead, recover back) at once', { steps: 'hold 3 s' })]);
    const { plan } = lookAt(session);
    const named = occasionsOf(plan).map((one) => namedIn(plan, one));
    expect(named.filter((one) => typeof one === 'number')).toEqual(named.filter((one) => typeof one === 'number').map((_, i) => i + 1));
    expect(named.slice(0, 5)).toEqual([1, 2, 3, 'lunge ahead, recover back', 4]);
  });
});

describe('what a run keeps of a stage', () => {
  it('is which way round and where each part led, and how it was done', () => {
    const steps = 'split, shuffle right 80 cm, shuffle left 80 cm';
    const { plan, totals } = look(sessionOf([aStage('10 each side', { steps, cueing: 'beat', tempo: 1.25, kind: 'tempo' })]));
    const events: Loose[] = [
      { kind: 'board', faults: ['no-split'], t: -5 },
      { kind: 'watch', t: -5 },
      { kind: 'go', t: -5 },
      { kind: 'end', t: plan.phases.at(-1)?.end ?? 0 },
    ];
    const log = new RunLog(plan, new Map(FAULTS.map((fault) => [fault.code, fault])), 1, ['ada']);
    log.take(logOf(events));
    const sums = new Map<string, number>();
    for (const { way, direction, attempts } of log.details().parts)
      sums.set(`${way} ${direction}`, (sums.get(`${way} ${direction}`) ?? 0) + attempts);
    expect([...sums]).toEqual([
      ['written right', 10],
      ['other left', 10],
    ]);
    expect(totals.all.ways).toEqual([10, 10]);
    const { kind, cueing, tempo, implement } = plan.exercises[0] ?? {};
    expect([kind, cueing, tempo, implement]).toEqual(['tempo', 'beat', 1.25, 'without']);
  });
});

describe('groups that take turns', () => {
  it('one athlete works in their own turns, and rests while the others are at it', () => {
    // Three athletes, room for one: each round is done three times, and the rest is over before the last group is done.
    const session = sessionOf([aStage('3 × 30 s, rest 20 s', { implement: 'with' })], { equipment: 1 });
    const seen = seenOf(session, { ...asWritten, athletes: 3 });
    const { all } = sessionTotals(seen, session);
    expect([all.work, all.rest, all.total]).toEqual([90, 180, 270]);
    expect(all.reps).toBe(sessionTotals(seenOf(session), session).all.reps);
    expect(sessionTotals(seenOf(session), session).all.rest).toBe(40);
  });

  it('somebody watched throughout has the attempts of their own turns, each group the same', () => {
    holds(
      fc.property(fc.integer({ min: 1, max: 7 }), fc.integer({ min: 1, max: 3 }), (people, equipment) => {
        const session = sessionOf([aStage('3 × 30 s, rest 20 s', { implement: 'with' }), aStage('2 × 8, rest 10 s')], { equipment });
        const seen = seenOf(session, { ...asWritten, athletes: people });
        const plan = sessionPlanOf(seen, timelineOf(seen, session, SPOKEN), sessionTotals(seen, session));
        const names = Array.from({ length: people }, (_, i) => `athlete ${i}`);
        const end = plan.phases.at(-1)?.end ?? 0;
        for (const name of names) {
          const log = logOf(
            [
              { kind: 'board', faults: ['tall'], t: -5 },
              { kind: 'watch', t: -5 },
              { kind: 'go', t: -5 },
              { kind: 'end', t: end },
            ],
            name,
          );
          const counted = countRun(plan, log, new Map(FAULTS.map((fault) => [fault.code, fault])), 1, names);
          expect(counted.tallies.map(({ athlete, attempts }) => [athlete, attempts])).toEqual([
            [name, sessionTotals(seen, session).all.reps],
          ]);
        }
      }),
      40,
    );
  });
});
