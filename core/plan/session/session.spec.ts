import fc from 'fast-check';
import { FAULTS } from '../../catalogue/faults.js';
import { noteOnly } from '../../body/caution.js';
import { beepsOf, beepsOfPlan } from '../../log/beeps.js';
import type { Part } from '../../log/details.js';
import { RunLog } from '../../log/run-log.js';
import { holds } from '../../testing/holds.js';
import { logOf, type Loose } from '../../testing/logs.js';
import { anySession, asWritten, aStage, BUILD_WORDS, seenOf, sessionOf, SPOKEN, squareLine } from '../../testing/sessions.js';
import { alternative, USUAL_CALLS, type Calls } from '../calls/calls.js';
import type { CallMessages } from '../calls/messages.js';
import { clockText } from '../clock-text.js';
import { attemptsOf } from '../occasions.js';
import { stretchesOfPlan } from '../run-plan.js';
import { fitToTime } from './fit-time.js';
import { judgeLandings, landingsThen, riseOver } from './landings.js';
import type { PlanMessages } from './messages.js';
import { ALONE, planProblems } from './problems.js';
import { capacityOf } from './seen.js';
import { readSession, writeSession } from './session-file.js';
import { sessionPlanOf } from './session-plan.js';
import { SESSION_LIMITS, OPEN_SETTINGS, type Session } from './session.js';
import type { Stage } from './stage.js';
import { sessionStretches, timelineOf } from './timeline.js';
import { sessionTotals } from './totals.js';

const corners: Calls = {
  ...USUAL_CALLS,
  alternatives: [
    alternative('right', 'split, shuffle right 50 cm, shuffle left 50 cm'),
    alternative('left', 'split, shuffle left 50 cm, shuffle right 50 cm'),
  ],
};

describe('a session on one clock', () => {
  it('has stretches without gaps whose parts sum to the total, change-overs between stages, nothing after the last', () => {
    holds(
      fc.property(anySession, (session) => {
        const seen = seenOf(session);
        const timeline = timelineOf(seen, session, SPOKEN);
        let at = 0;
        for (const stretch of timeline.stretches) {
          expect(stretch.start).toBeCloseTo(at, 6);
          expect(stretch.end).toBeGreaterThan(stretch.start);
          at = stretch.end;
        }
        expect(timeline.total).toBeCloseTo(at, 6);
        expect(['work', undefined]).toContain(timeline.stretches.at(-1)?.kind);
        const { all, stages, most } = sessionTotals(seen, session);
        expect(all.total).toBeCloseTo(timeline.total, 6);
        expect(all.work + all.rest + all.change + all.explain + all.water).toBeCloseTo(all.total, 6);
        expect(stages.reduce((sum, one) => sum + one.total, 0)).toBeCloseTo(all.total, 6);
        expect(most.total).toBeGreaterThanOrEqual(all.total - 1e-6);
        const changes = timeline.stretches.filter((stretch) => stretch.kind === 'change').length;
        expect(changes).toBe((session.settings.change ?? 0) > 0 ? session.stages.length - 1 : 0);
        for (let i = 1; i < timeline.stretches.length; i++)
          expect(timeline.stretches[i]?.exercise).toBeGreaterThanOrEqual(timeline.stretches[i - 1]?.exercise ?? 0);
      }),
    );
  });

  it('has cues in order, inside their stretches, the last one at the end', () => {
    holds(
      fc.property(anySession, (session) => {
        const { cues, total, stretches } = timelineOf(seenOf(session), session, SPOKEN);
        for (let i = 1; i < cues.length; i++) expect(cues[i]?.at).toBeGreaterThanOrEqual(cues[i - 1]?.at ?? 0);
        expect(cues.filter((cue) => cue.kind === 'go').length).toBe(stretches.filter((stretch) => stretch.kind === 'work').length);
        expect(cues.at(-1)).toEqual(jasmine.objectContaining({ kind: 'end', at: total }));
      }),
    );
  });

  it('pausing changes nothing of a plan: the same session gives the same clock', () => {
    holds(
      fc.property(anySession, (session) =>
        expect(timelineOf(seenOf(session), session, SPOKEN)).toEqual(timelineOf(seenOf(session), session, SPOKEN)),
      ),
      40,
    );
  });

  it('water comes at the first change-over after its time; explaining and change-overs count', () => {
    const session = sessionOf([aStage('2 × 60 s, rest 60 s', { explain: 30 }), aStage('60 s'), aStage('60 s')], {
      settings: { ...OPEN_SETTINGS, change: 20, water: { every: 200, seconds: 45 } },
    });
    const kinds = sessionStretches(seenOf(session), session).map((stretch) => `${stretch.kind} ${stretch.end - stretch.start}`);
    expect(kinds).toEqual(['explain 30', 'work 60', 'rest 60', 'work 60', 'change 20', 'water 45', 'work 60', 'change 20', 'work 60']);
  });

  it('speaks counts, beats, turns and the coach’s cues in turn', () => {
    const say = (stage: Stage, kind: string): string[] => {
      const session = sessionOf([stage]);
      return timelineOf(seenOf(session), session, SPOKEN)
        .cues.filter((cue) => cue.kind === kind)
        .map((cue) => cue.say);
    };
    expect(say(aStage('3, counts aloud'), 'count')).toEqual(['1', '2', '3']);
    expect(say(aStage('5, alternating without and with'), 'count')).toEqual(['without', 'with', 'without', 'with', 'without']);
    expect(say(aStage('1, beats aloud'), 'beat')).toEqual(['1', '2', '3', '4', '5']);
    expect(say(aStage('3 × 10 s, rest 5 s', { cues: ['low', 'quiet'] }), 'go')).toEqual(['low', 'quiet', 'low']);
    expect(say(aStage('2 each side', { cues: ['low'] }), 'go')).toEqual(['low', 'other side, low']);
    expect(say(aStage('20 s, every 8 s (hold 1 s)'), 'chime')).toEqual(['hold 1 s', 'hold 1 s']);
  });

  it('a partner’s ‘still coming’ and ‘stopped’ are drawn, about as often each', () => {
    const partner = { steps: '', what: '', when: '', reAim: '', coming: true, kit: '', contact: 'touch' as const };
    const session = sessionOf([aStage('400', { partner })]);
    const said = timelineOf(seenOf(session), session, SPOKEN)
      .cues.filter((cue) => cue.kind === 'partner')
      .map((cue) => cue.say);
    expect(said.length).toBe(400);
    expect(Math.abs(said.filter((word) => word === 'stopped').length - 200)).toBeLessThan(50);
  });

  it('each station counts its own steps, in the order in which one goes through them', () => {
    const stations = [
      { name: 'splits', steps: 'split' },
      { name: 'lunges', steps: 'lunge ahead 80 cm right foot, recover back' },
    ];
    const session = sessionOf([aStage('4 × 21 s, rest 15 s', { stations })]);
    const seen = seenOf(session);
    const { all } = sessionTotals(seen, session);
    // A split takes 0.35 s: 60 in 21 s; a lunge and its recovery 0.5 and 0.55 s: 20. Two rounds of each.
    expect([all.splits, all.lunges, all.reps]).toEqual([120, { left: 0, right: 40 }, 160]);
    const plan = sessionPlanOf(seen, timelineOf(seen, session, SPOKEN), sessionTotals(seen, session));
    expect(plan.phases.filter((phase) => phase.kind === 'work').map((phase) => phase.done.length)).toEqual([60, 20, 60, 20]);
    const odd = seenOf(sessionOf([aStage('2 × 20 s, rest 5 s', { stations: [{ name: 'odd', steps: 'wobble' }] })]));
    expect(odd[0]?.lineErrors[0]?.values as unknown).toEqual({ word: 'wobble' });
  });

  it('which foot a partner has in front goes with what is run, where it was said', () => {
    const partner = { steps: '', what: '', when: '', reAim: '', coming: false, kit: '', contact: 'none' as const };
    const stages = [null, partner, { ...partner, lead: 'left' as const }].map((one) => aStage('20 s', { partner: one }));
    const session = sessionOf(stages);
    const seen = seenOf(session);
    const { exercises } = sessionPlanOf(seen, timelineOf(seen, session, SPOKEN), sessionTotals(seen, session));
    expect(exercises.map(({ opponent }) => opponent)).toEqual([undefined, undefined, 'left']);
  });

  it('stations change n − 1 times', () => {
    const stations = ['a', 'b', 'c'].map((name) => ({ name, steps: 'split' }));
    const session = sessionOf([aStage('3 × 45 s, rest 15 s', { stations })]);
    const { stretches, cues } = timelineOf(seenOf(session), session, SPOKEN);
    expect(stretches.filter((stretch) => stretch.kind === 'rest').length).toBe(2);
    expect(cues.filter((cue) => cue.say.startsWith('change stations')).length).toBe(2);
  });
});

describe('what a session adds up to', () => {
  it('is the simulation times the repetitions: the evening worked out by hand', () => {
    const session = sessionOf([aStage('2 × 3 × 30 s, rest 20 s, set rest 60 s')]);
    const { all } = sessionTotals(seenOf(session), session);
    expect(clockText(all.total)).toBe('5:20');
    expect([all.reps, all.contacts.left, all.contacts.right, all.lunges.right, all.splits]).toEqual([78, 234, 390, 78, 78]);
  });

  it('both sides turn the numbers round', () => {
    const line = { ...squareLine, steps: 'shuffle right 40 cm, pivot left foot right 90°' };
    const session = sessionOf([{ ...aStage('5 each side'), ...line }]);
    const { all } = sessionTotals(seenOf(session), session);
    expect(all.ways).toEqual([5, 5]);
    expect(all.pivots).toEqual({ left: 5, right: 5 });
  });

  it('groups that take turns cost time, not work', () => {
    const alone = sessionOf([aStage('2 × 30 s, rest 10 s')]);
    const crowd = { ...alone, area: 'room 4.2 × 4 m' };
    const by = { ...asWritten, athletes: 3 };
    expect(seenOf(crowd, by)[0]?.pace.waves).toBe(3);
    expect(seenOf(alone, by)[0]?.pace.waves).toBe(1);
    const [one, three] = [sessionTotals(seenOf(alone), alone).all, sessionTotals(seenOf(crowd, by), crowd).all];
    expect([three.reps, three.contacts.left]).toEqual([one.reps, one.contacts.left]);
    expect([one.total, three.total]).toEqual([70, 180]);
  });

  it('capacity follows floor and equipment; partners come in pairs', () => {
    const session = sessionOf([aStage('30 s')], { area: 'room 9 × 8 m', equipment: 3 });
    const [seen] = seenOf(session);
    if (!seen) throw new Error('no stage');
    const { across, along } = seen.ways[0].drawn[0].totals.floorWithMargin;
    expect(capacityOf(seen.stage, seen.ways[0], session)).toBe(Math.floor(9 / across) * Math.floor(8 / along));
    expect(capacityOf({ ...seen.stage, implement: 'with' }, seen.ways[0], session)).toBe(3);
    expect(capacityOf({ ...seen.stage, cueing: 'partner' }, seen.ways[0], { ...session, area: 'room 3 × 3 m' })).toBe(2);
  });

  it('slower is slower in all of it: the second foot that has its own tempo, and what is held', () => {
    const seconds = (tempo: number): number =>
      seenOf(
        sessionOf([
          aStage('1', { steps: 'tempo flat, shuffle right 40 cm slow then quick, hold 1 s, hold, split, lunge ahead in 0.6 s', tempo }),
        ]),
      )[0]?.ways[0].seconds ?? 0;
    // By hand: 0.44 + 0.154 s of gather, two seconds of holds, the split's push of 0.2 s (its flight of 0.15 s stays), 0.6 s of lunge.
    expect(seconds(1)).toBeCloseTo(0.44 + 0.154 + 2 + 0.35 + 0.6, 2);
    expect(seconds(2) - seconds(1)).toBeCloseTo(0.44 + 0.154 + 2 + 0.2 + 0.6, 2);
  });

  it('what is wrong with calls is said of those that are run', () => {
    const alternatives = [alternative('a', 'advance 20 cm', { weight: 3 }), alternative('b', 'retreat 20 cm')];
    const calls = { ...USUAL_CALLS, alternatives, longestRun: 1 };
    for (let seed = 0; seed < 30; seed++) {
      const session = sessionOf([aStage('3 × 9 calls, rest 5 s', { calls, cueing: 'called' })], { seed });
      const seen = seenOf(session);
      const run = [...timelineOf(seen, session, SPOKEN).calls.values()].flatMap((list) => list.problems.map(({ code }) => code));
      const said = planProblems(seen, sessionTotals(seen, session), session).flatMap((one) =>
        one.code === 'calls' ? [one.values.problem.code] : [],
      );
      expect([...new Set(said)].sort())
        .withContext(`${seed}`)
        .toEqual([...new Set(run)].sort());
    }
  });

  it('slower times the clock, never the number of contacts', () => {
    const session = sessionOf([aStage('10'), aStage('10', { tempo: 2 })]);
    const [even, slow] = sessionTotals(seenOf(session), session).stages;
    expect(slow?.contacts).toEqual(even?.contacts ?? { left: 0, right: 0 });
    expect((slow?.work ?? 0) / (even?.work ?? 1)).toBeGreaterThan(1.8);
  });
});

describe('what is wrong with a plan', () => {
  const codes = (stage: Stage, more: Partial<Session> = {}, around = ALONE): string[] => {
    const session = sessionOf([stage], more);
    const seen = seenOf(session);
    return planProblems(seen, sessionTotals(seen, session), session, around)
      .filter((problem) => problem.code !== 'one-leg' && problem.code !== 'mostly-one-leg')
      .map((problem) => `${problem.level} ${problem.code}`);
  };
  /** What is said with a problem. */
  const said = <Code extends keyof PlanMessages>(code: Code, stage: Stage): PlanMessages[Code] | undefined => {
    const session = sessionOf([stage]);
    const seen = seenOf(session);
    const found = planProblems(seen, sessionTotals(seen, session), session).find((problem) => problem.code === code);
    return found?.values as PlanMessages[Code] | undefined;
  };

  it('is nothing where nothing is', () => expect(codes(aStage('3 × 30 s, rest 20 s'))).toEqual([]));

  it('says what is longer than anybody can run, and does not fill the memory with it', () => {
    const endless = sessionOf([aStage('50 sets of 99 × 500, rest 10 s, set rest 10 s, counts aloud')]);
    const seen = seenOf(endless);
    const { cues, total } = timelineOf(seen, endless, SPOKEN);
    expect(total).toBeGreaterThan(SESSION_LIMITS.seconds);
    expect(cues.length).toBeLessThan(SESSION_LIMITS.cues);
    const problems = planProblems(seen, sessionTotals(seen, endless), endless).filter((one) => one.code === 'longest-run');
    expect(problems.map((one) => one.values as unknown)).toEqual([{ total, most: 6 * 3600 }]);
  });

  it('asks for rests, sides and themes', () => {
    expect(codes(aStage('3 × 30 s'))).toEqual(['asks rest']);
    expect(codes(aStage('10 both sides', { steps: 'shuffle right 40 cm, shuffle left 40 cm' }))).toEqual(['asks sides']);
    expect(codes(aStage('60 s', { kind: 'free' }))).toEqual(['asks theme']);
    expect(codes(aStage('8 calls', { calls: { ...USUAL_CALLS, alternatives: [] } }))).toEqual(['asks call']);
  });

  it('doubts what cannot be done, with both numbers', () => {
    expect(said('too-fast', aStage('20 in 30 s'))).toEqual({ count: 20, claimed: 30, needs: jasmine.any(Number), fit: 13 } as never);
    expect(said('too-fast', aStage('20 in 30 s'))?.needs).toBeCloseTo(45.6, 6);
    expect(codes(aStage('2 s'))).toEqual(['beware round-short']);
    expect(codes(aStage('14 in 40 s'))).toEqual([]);
  });

  it('says calls that are too fast for the way back, with the shortest that works', () => {
    const fast = { ...corners, interval: { low: 1, high: 1.5 } };
    const problem = said('calls', aStage('8 calls', { calls: fast }))?.problem;
    expect(problem?.code).toBe('interval');
    expect((problem?.values as CallMessages['interval']).needs).toBeGreaterThan(1);
  });

  it('says calls that cannot stay on the floor', () => {
    expect(codes(aStage('8 calls', { calls: corners }), { area: 'room 1 × 1 m' })).toEqual(['stop calls']);
  });

  it('knows a pattern that was changed or put away since', () => {
    const stage = aStage('30 s', { pattern: { id: 'p', version: 2 } });
    expect(codes(stage, {}, { ...ALONE, patterns: new Map([['p', 2]]) })).toEqual([]);
    expect(codes(stage, {}, { ...ALONE, patterns: new Map([['p', 3]]) })).toEqual(['note pattern-changed']);
    expect(codes(stage, {}, { ...ALONE, patterns: new Map() })).toEqual(['note pattern-away']);
  });

  it('bars the other lead where it is not trusted', () => {
    const stage = { ...aStage('5 each lead'), steps: 'advance 20 cm, retreat 20 cm', school: 'staggered-striking', lead: 'left' as const };
    expect(codes(stage, {}, { ...ALONE, otherLead: false })).toEqual(['stop other-lead']);
    expect(codes(stage)).toEqual([]);
  });

  it('compares landings with what is usual for level and age, and with the sessions before', () => {
    const jumps = { ...aStage('110'), steps: 'jump' };
    expect(codes(jumps, {}, { ...ALONE, level: 'beginner' })).toEqual(['beware landings']);
    expect(codes(jumps, {}, { ...ALONE, level: 'intermediate' })).toEqual([]);
    expect(codes(jumps, {}, { ...ALONE, child: true })).toEqual(['note landings-child']);
    expect(codes(jumps, {}, { ...ALONE, landingsBefore: [100, 100, 90, 90] })).toEqual(['beware rise']);
    // Usual guidance (values from memory): beginners 80–100, intermediate 100–120, advanced 120–140 landings a session.
    expect(judgeLandings(101, 'beginner', false).level).toBe('above');
    expect(judgeLandings(140, 'advanced', false).level).toBe('within');
    expect(riseOver(110, [9, 100, 100, 100, 100])).toBeCloseTo(1.1, 9);
    expect(riseOver(5, [])).toBeNull();
    // A caution of the athlete says a number of its own.
    const ankle = { ...noteOnly(''), part: 'ankle' as const, landings: 109 };
    expect(codes(jumps, {}, { ...ALONE, cautions: [ankle] })).toEqual(['beware landings-caution']);
    expect(codes(jumps, {}, { ...ALONE, cautions: [{ ...ankle, landings: 110 }] })).toEqual([]);
  });

  it('says odd alternations, overruns, stations that do not come out even, and what is too long', () => {
    expect(said('odd-turns', aStage('5, alternating without and with'))).toEqual({ count: 5, a: 'without', ofA: 3, b: 'with', ofB: 2 });
    expect(codes(aStage('30 s, every 15 s (lunge ahead 90 cm right foot, recover back) at once and on the bell'))).toEqual([
      'note chimes',
      'beware overrun',
    ]);
    const stations = ['a', 'b'].map((name) => ({ name, steps: 'split' }));
    expect(codes(aStage('3 × 45 s, rest 10 s', { stations }))).toEqual(['beware stations-uneven']);
    expect(codes(aStage('3 × 5 min, rest 60 s'), { minutes: 10 })).toEqual(['stop over-time']);
    expect(codes({ ...aStage('nonsense') })).toEqual(['stop dose']);
    expect(codes({ ...aStage('10 s'), steps: 'hopp' })).toEqual(['stop steps']);
  });
});

describe('fitting to the time', () => {
  it('never exceeds it, keeps doses inside their ranges, never invents a rest, and is the same each time', () => {
    holds(
      fc.property(anySession, fc.integer({ min: 1, max: 90 }), (session, minutes) => {
        const seen = seenOf(session);
        const fitted = fitToTime(seen, session, minutes * 60);
        expect(fitToTime(seen, session, minutes * 60)).toEqual(fitted);
        if (fitted.asks.length > 0 || fitted.hopeless !== null) {
          expect(fitted.stages).toEqual([]);
          return;
        }
        expect(fitted.total).toBeLessThanOrEqual(minutes * 60 + 1e-6);
        const kept = fitted.stages.filter((stage) => stage.kept);
        expect(kept.length).toBeGreaterThan(0);
        const shorter = {
          ...session,
          stages: session.stages.flatMap((stage, i) => (fitted.stages[i]?.kept ? [{ ...stage, dose: fitted.stages[i]?.dose ?? '' }] : [])),
        };
        const again = seenOf(shorter);
        expect(sessionStretches(again, shorter).at(-1)?.end ?? 0).toBeCloseTo(fitted.total, 6);
        fitted.stages.forEach((stage, i) => {
          const before = seen[i]?.dose;
          const after = again.find((one) => one.stage.id === stage.id)?.dose;
          if (!before || !after) return;
          expect([after.rest, after.setRest, after.sides]).toEqual([before.rest, before.setRest, before.sides]);
          expect(after.sets.low).toBeGreaterThanOrEqual(before.sets.low);
          expect(after.sets.high).toBeLessThanOrEqual(before.sets.high);
          expect(after.rounds.high).toBeLessThanOrEqual(before.rounds.high);
        });
        for (const stage of fitted.stages) if (!stage.kept) expect(stage.why?.code).toBe('left-out');
      }),
    );
  });

  it('leaves out what matters least first, and gives time to what matters most', () => {
    const session = sessionOf([
      aStage('1–5 × 60 s, rest 10 s', { priority: 1 }),
      aStage('2 × 60 s, rest 10 s', { priority: 3 }),
      aStage('1–3 × 60 s, rest 10 s', { priority: 2 }),
    ]);
    const fitted = (seconds: number) =>
      fitToTime(seenOf(session), session, seconds).stages.map((stage) => (stage.kept ? stage.dose : 'out'));
    expect(fitted(150)).toEqual(['60 s, rest 10 s', 'out', '60 s, rest 10 s']);
    expect(fitted(360)).toEqual(['2 × 60 s, rest 10 s', '2 × 60 s, rest 10 s', '60 s, rest 10 s']);
    expect(fitted(3600)).toEqual(['5 × 60 s, rest 10 s', '2 × 60 s, rest 10 s', '3 × 60 s, rest 10 s']);
  });

  it('says when nothing fits, and asks before it fits', () => {
    const session = sessionOf([aStage('5 min'), aStage('4 min')]);
    expect(fitToTime(seenOf(session), session, 60).hopeless).toEqual({ stage: 'a stage', seconds: 240 });
    const open = sessionOf([aStage('3 × 30 s'), aStage('30 s')], { settings: OPEN_SETTINGS });
    expect(fitToTime(seenOf(open), open, 600).asks).toEqual([
      { code: 'rest', values: { stage: 'a stage' } },
      { code: 'change', values: {} },
    ]);
  });
});

describe('a session as it is run', () => {
  const session = sessionOf([
    aStage('2 × 10 s, rest 5 s', { watch: ['split-late'], view: 'side' }),
    aStage('4 calls', { calls: corners, cueing: 'called', watch: ['slow-first'] }),
    aStage('until comfortable'),
  ]);
  const seen = seenOf(session);
  const timeline = timelineOf(seen, session, SPOKEN);
  const plan = sessionPlanOf(seen, timeline, sessionTotals(seen, session));

  it('keeps the clock of the plan, each change sounding once', () => {
    expect(stretchesOfPlan(plan).at(-1)?.end).toBeCloseTo(timeline.total, 2);
    expect(plan.phases.map((phase) => phase.kind)).toEqual(['work', 'rest', 'work', 'change', 'work', 'change', 'work']);
    expect(plan.phases.at(-1)?.open).toBeTrue();
    const tones = beepsOf(stretchesOfPlan(plan)).filter(({ sound }) => sound !== 'tick' && sound !== 'ten');
    expect(tones.length).toBe(plan.phases.length + 1);
    // Calls sound as well, in their place among the others.
    const all = beepsOfPlan(plan);
    const at = (sound: string): number[] => all.filter((beep) => beep.sound === sound).map((beep) => beep.at);
    const planned = (called: boolean): number[] =>
      plan.cues.filter((cue) => cue.sound === 'chime' && (cue.kind === 'call') === called).map((cue) => cue.at);
    expect([at('call'), at('chime')]).toEqual([planned(true), planned(false)]);
    expect(all.map((beep) => beep.at)).toEqual([...all.map((beep) => beep.at)].sort((a, b) => a - b));
    expect(plan.cues.filter((cue) => cue.kind === 'call').length).toBe(4);
  });

  it('keeps the landings that were planned; where an earlier program kept none they are counted from the plan’s own lines', () => {
    const jumps = sessionOf([{ ...aStage('2 × 5, rest 5 s'), steps: 'jump, gallop left 40 cm' }, aStage('10 s')]);
    const here = seenOf(jumps);
    const then = sessionPlanOf(here, timelineOf(here, jumps, SPOKEN), sessionTotals(here, jumps));
    // Twice five times a jump; gallops are none.
    expect([then.landings, landingsThen(then)]).toEqual([10, 10]);
    expect(landingsThen({ ...then, landings: null })).toBe(10);
    expect(landingsThen({ ...then, landings: 7 })).toBe(7);
  });

  it('a round of so many calls holds them all, whatever is frozen and however far apart they come', () => {
    holds(
      fc.property(
        fc.integer({ min: 1, max: 30 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.option(fc.double({ min: 0.5, max: 8, noNaN: true })),
        fc.integer({ min: 0, max: 1000 }),
        (count, freezes, low, seed) => {
          const calls = { ...corners, freezes, interval: low === null ? null : { low, high: low + 1 } };
          const called = sessionOf([aStage(`2 × ${count} calls, rest 5 s`, { calls, cueing: 'called' })], { seed });
          for (const list of timelineOf(seenOf(called), called, SPOKEN).calls.values()) expect(list.calls.length).toBe(count);
        },
      ),
      100,
    );
  });

  it('holds attempts of each exercise, calls included', () => {
    // 10 s of a 2.28 s repetition: four whole ones a round, each with one split; two calls of each side hold one split each.
    expect(attemptsOf(plan, 'split').map((attempt) => attempt.exercise)).toEqual([0, 0, 0, 0, 0, 0, 0, 0, 1, 1, 1, 1, 2, 2, 2, 2, 2, 2]);
    expect(attemptsOf(plan, 'call').length).toBe(4);
  });

  it('what is fed is opened by the coach, and so many balls take as long as they take', () => {
    const planOf = (...stages: Stage[]) => {
      const session = sessionOf(stages);
      const seen = seenOf(session);
      return sessionPlanOf(seen, timelineOf(seen, session, SPOKEN), sessionTotals(seen, session));
    };
    const opens = (more: Partial<Stage>) => planOf(aStage('20', more)).exercises[0]?.opens;
    expect(
      [{}, { cueing: 'fed' as const }, { opens: 'coach' as const }, { cueing: 'fed' as const, opens: 'plan' as const }].map(opens),
    ).toEqual([undefined, 'coach', 'coach', undefined]);
    const called = { cueing: 'called' as const, calls: corners };
    expect([opens(called), opens({ ...called, opens: 'coach' })]).toEqual(['calls', 'coach']);
    const works = (dose: string) => planOf(aStage(dose, { cueing: 'fed' })).phases.filter(({ kind }) => kind === 'work');
    // The clock waits after so many balls, not after a round by time; a round too short for one repetition still has a line.
    expect(works('20').map(({ open, done, line }) => [open, done.length, line])).toEqual([[true, 20, undefined]]);
    expect(works('2 × 30 s, rest 20 s').map(({ open, line }) => [open, line])).toEqual([
      [false, undefined],
      [false, undefined],
    ]);
    expect(works('1 × 1 s').map(({ done, line }) => [done.length, line])).toEqual([[0, 0]]);
    expect(planOf(aStage('20')).phases.every(({ open }) => !open)).toBeTrue();
  });

  it('counts taps where they belong, stage by stage', () => {
    const tap = (t: number): Loose => ({ t, kind: 'fault', fault: 'split-late' });
    const second = plan.phases.find((phase) => phase.exercise === 1 && phase.kind === 'work');
    const taps: Loose[] = [
      { t: -5, kind: 'board', faults: ['split-late'] },
      { t: -5, kind: 'view', view: 'side' },
      { t: -5, kind: 'watch', athlete: 'a' },
      { t: -5, kind: 'go' },
      tap(2),
      tap(18),
      tap((second?.start ?? 0) + 1.5),
      { t: (second?.start ?? 0) + 2, kind: 'result', result: 'in', athlete: 'a' },
      { t: timeline.total, kind: 'end' },
    ];
    const catalogue = new Map(FAULTS.map((fault) => [fault.code, fault]));
    const log = new RunLog(plan, catalogue, 1);
    log.take(logOf(taps, 'a'));
    const { parts, clean } = log.details();
    const of = (exercise: number, n: number) => parts.filter((part) => part.exercise === exercise && part.round === n);
    const sum = (rows: readonly Part[], name: 'attempts' | 'faulty') => rows.reduce((all, row) => all + row[name], 0);
    const round = (exercise: number, n: number) => `${sum(of(exercise, n), 'faulty')} of ${sum(of(exercise, n), 'attempts')}`;
    expect([round(0, 1), round(0, 2), round(1, 1)]).toEqual(['1 of 4', '1 of 4', '1 of 4']);
    expect(clean.filter(({ result }) => result !== null)).toEqual([
      jasmine.objectContaining({ athlete: 'a', exercise: 1, result: 'in' }) as never,
    ]);
  });
});

describe('a session as text', () => {
  const text = `change: 20 s
water: 60 s every 15 min
minutes: 40
floor: squash

== Stance
dose: until comfortable

hold 2 s

== Front corner
stance: square-ready
dose: 2 × 8 each side, rest 20 s
cued: called
explain: 30 s

split, shuffle right 40 cm, shuffle left 40 cm
`;

  it('is read, and written so that it reads the same', () => {
    const { session, errors } = readSession(text, BUILD_WORDS);
    expect(errors).toEqual([]);
    expect(session.settings).toEqual({ change: 20, water: { seconds: 60, every: 900 }, rest: null, setRest: null });
    expect([session.minutes, session.area]).toEqual([40, 'squash']);
    expect(session.stages.map((stage) => [stage.name, stage.dose, stage.cueing, stage.explain])).toEqual([
      ['Stance', 'until comfortable', 'self', 0],
      ['Front corner', '2 × 8 each side, rest 20 s', 'called', 30],
    ]);
    expect(readSession(writeSession(session), BUILD_WORDS).session).toEqual(session);
  });

  it('says what it cannot read, by its line, and keeps the rest', () => {
    const { session, errors } = readSession(
      text.replace('change: 20 s', 'change: soon').replace('cued: called', 'cued: shouted'),
      BUILD_WORDS,
    );
    expect(errors.map((error) => error.line)).toEqual([1, 17]);
    expect(session.settings.change).toBeNull();
    expect(session.stages.length).toBe(2);
  });
});
