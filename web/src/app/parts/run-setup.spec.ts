import { athlete, me, pattern } from '../testing/run';
import { repetitionOf } from '../compute/repetition';
import { roundsBegun, viewOf, viewsFor } from './run-setup';

const dose = { mode: 'seconds', work: 30, rounds: 3, sets: 1, rest: 20, setRest: null } as const;

describe('how a run begins', () => {
  it('is watched from where most of the board can be seen', () => {
    expect(viewOf(['split-late', 'tall', 'crossed'], {})).toBe('side');
    expect(viewOf(['crossed', 'wrong-first', 'tall'], {})).toBe('front');
    expect(viewOf([], {})).toBe('side');
  });

  it('makes a head that the contract takes, with the hall’s own day', () => {
    const people = [athlete(), athlete({ name: 'Bea' })];
    const run = pattern();
    const late = new Date(2026, 10, 20, 23, 30);
    const beginning = roundsBegun({
      me,
      club: { views: { 'split-late': ['front'] }, faults: [] },
      name: 'Evening',
      pattern: run,
      rep: repetitionOf({ pattern: run, athlete: people[0] ?? null, taught: { moves: [], stances: [] } }),
      dose,
      people,
      board: ['split-late'],
      now: late,
    });
    if (typeof beginning === 'string') throw new Error(beginning);
    expect([beginning.board, beginning.view]).toEqual([['split-late'], 'front']);
    expect(beginning.head.day).toBe('2026-11-20');
    expect(beginning.head.views).toEqual({ 'split-late': ['front'] });
    expect(beginning.head.tapDelay).toBe(me.coach.tapDelay);
    expect(beginning.names).toEqual(Object.fromEntries(people.map(({ id, name }) => [id, name])));
    expect(beginning.head.athletes).toEqual(people.map(({ id }) => id));
  });

  it('without a pattern attempts are tapped: there is no repetition', () => {
    const beginning = roundsBegun({
      me,
      club: { views: {}, faults: [] },
      name: 'Rounds',
      pattern: null,
      rep: null,
      dose,
      people: [athlete()],
      board: [],
    });
    if (typeof beginning === 'string') throw new Error(beginning);
    const { head } = beginning;
    expect([head.patternId, head.steps, head.plan, 'views' in head]).toEqual([null, null, { dose, rep: null }, false]);
  });

  it('what the coach says of where a fault shows holds before what the club does', () => {
    const mine = { ...me, coach: { ...me.coach, views: { tall: ['front' as const] } } };
    expect(viewsFor(mine, { tall: ['side'], deep: ['front'] })).toEqual({ tall: ['front'], deep: ['front'] });
    expect([viewOf(['tall'], {}), viewOf(['tall'], { views: { tall: ['front'] } })]).toEqual(['side', 'front']);
  });

  it('not at all where the server would refuse it: the sentence says why', () => {
    const of = { me, club: { views: {}, faults: [] }, name: 'Rounds', pattern: null, rep: null, dose, board: [] };
    expect(roundsBegun({ ...of, people: [] })).toBe('athletes needs somebody');
    expect(roundsBegun({ ...of, name: ' ', people: [athlete()] })).toBe('name is empty');
  });
});
