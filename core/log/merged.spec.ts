import fc from 'fast-check';
import { faultsByCode } from '../catalogue/faults.js';
import type { RunPlan } from '../plan/run-plan.js';
import { holds } from '../testing/holds.js';
import { logOf, type Loose } from '../testing/logs.js';
import { COUNT_DOWN } from './clock.js';
import type { RunEvent, ToldEvent } from './event.js';
import { mergedPlan } from './merged.js';
import { RunLog } from './run-log.js';

/** Five splits in ten seconds, both faults seen from the side. */
const plan: RunPlan = {
  dose: { mode: 'seconds', work: 10, rounds: 1, sets: 1, rest: 0, setRest: null },
  rep: { seconds: 2, chances: { split: [0], repetition: [0] } },
};
const begin: Loose[] = [
  { kind: 'view', t: 0, view: 'side' },
  { kind: 'board', t: 0, faults: ['split-late', 'split-high', 'tall'] },
  { kind: 'watch', t: 0 },
  { kind: 'go', t: 0 },
];
const tap = (t: number, fault: string): Loose => ({ kind: 'fault', t: t + COUNT_DOWN, fault, side: 'left' });
/** The first split shows both, the second one, the third the other, the rest is clean. */
const taps = [tap(0.5, 'split-late'), tap(0.6, 'split-high'), tap(2.5, 'split-late'), tap(4.5, 'split-high')];
const end: Loose = { kind: 'end', t: 10 + COUNT_DOWN };

const counted = (events: readonly RunEvent[], merges: Record<string, string> | null, pieces: readonly number[] = []) => {
  const log = new RunLog(plan, faultsByCode(), 0, ['ada'], merges);
  let from = 0;
  for (const to of [...pieces, events.length]) {
    log.take(events.slice(from, to));
    from = Math.max(from, to);
  }
  const { tallies } = { tallies: log.talliesAt(log.latest) };
  const of = (code: string) => tallies.find(({ fault }) => fault === code);
  return { tallies, said: (code: string) => [of(code)?.faulty, of(code)?.attempts, of(code)?.again] };
};

describe('faults that are counted as others', () => {
  const events = logOf([...begin, ...taps, end]);

  it('are one where both were seen in one attempt, and add up where they were not', () => {
    const apart = counted(events, null);
    expect([apart.said('split-late'), apart.said('split-high')]).toEqual([
      [2, 5, 0],
      [2, 5, 0],
    ]);
    // By hand: attempts 1, 2 and 3 show it; in the first it was tapped twice.
    const merged = counted(events, { 'split-high': 'split-late' });
    expect([merged.said('split-late'), merged.said('split-high')]).toEqual([
      [3, 5, 1],
      [undefined, undefined, undefined],
    ]);
    // The other way round it is the same, under the other name.
    expect(counted(events, { 'split-late': 'split-high' }).said('split-high')).toEqual([3, 5, 1]);
    expect(merged.said('tall')).toEqual(apart.said('tall'));
  });

  it('had the other on the board, are what a tap is corrected to, and are taken back as they were tapped', () => {
    const only = logOf([
      begin[0] as Loose,
      { kind: 'board', t: 0, faults: ['split-high'] },
      ...begin.slice(2),
      tap(2.5, 'split-high'),
      end,
    ]);
    expect(counted(only, { 'split-high': 'split-late' }).said('split-late')).toEqual([1, 5, 0]);
    const stamp = { device: 'later', m: 20_000, at: 0 };
    const undone: RunEvent = { ...stamp, id: 'u', seq: 1, order: 90, kind: 'undo', target: events[7]?.id ?? '' };
    expect(counted([...events, undone], { 'split-high': 'split-late' }).said('split-late')).toEqual([2, 5, 1]);
    const was: RunEvent = {
      ...stamp,
      id: 'c',
      seq: 2,
      order: 91,
      kind: 'correct',
      target: events[6]?.id ?? '',
      fault: 'split-high',
      side: null,
    };
    expect(counted([...events, was], { 'split-high': 'split-late' }).said('split-late')).toEqual([3, 5, 1]);
  });

  it('come to the same in whatever parts a log comes', () => {
    const merges = { 'split-high': 'split-late' };
    const whole = counted(events, merges).tallies;
    holds(
      fc.property(fc.array(fc.integer({ min: 0, max: events.length }), { maxLength: 4 }), (cuts) => {
        expect(
          counted(
            events,
            merges,
            cuts.sort((a, b) => a - b),
          ).tallies,
        ).toEqual(whole);
      }),
      60,
    );
  });

  it('stay apart where a table told of both: it does not say which attempts were the same', () => {
    const told = (seq: number, fault: string): ToldEvent => ({
      ...{ id: `t${seq}`, device: 'table', seq, order: seq, m: 0, at: 0, kind: 'told', athlete: 'ada', fault, source: 'import' },
      ...{
        attempts: 20,
        faulty: 4,
        noted: 0,
        left: 0,
        right: 0,
        exercise: 0,
        set: 0,
        round: 0,
        third: 0,
        way: '',
        direction: '',
        view: null,
      },
    });
    const merges = { 'split-high': 'split-late' };
    const alone = counted([told(1, 'split-high'), told(2, 'tall')], merges);
    expect([alone.said('split-late'), alone.said('split-high'), alone.said('tall')]).toEqual([
      [4, 20, 0],
      [undefined, undefined, undefined],
      [4, 20, 0],
    ]);
    // In whatever parts it comes, taps before and behind it, and twice.
    const all = [...events, told(1, 'split-high'), told(2, 'split-high'), told(3, 'split-late'), told(1, 'split-high')];
    const both = counted(all, merges);
    expect([both.said('split-late'), both.said('split-high')]).toEqual([
      [3 + 4, 5 + 20, 1],
      [8, 40, 0],
    ]);
    for (let cut = 0; cut <= all.length; cut++) expect(counted(all, merges, [cut]).tallies).toEqual(both.tallies);
  });

  it('are not looked for in what is yet to be run', () => {
    const exercise = { name: 'One', stage: 's', steps: '', watch: ['split-high', 'tall', 'split-late'], view: 'side' as const };
    const session: RunPlan = { exercises: [exercise], reps: [], phases: [], cues: [], landings: null };
    const { exercises } = mergedPlan(session, { 'split-high': 'split-late' }) as typeof session;
    expect(exercises[0]?.watch).toEqual(['split-late', 'tall']);
    expect(mergedPlan(plan, { 'split-high': 'split-late' })).toBe(plan);
  });
});
