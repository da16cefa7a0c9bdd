import { RunHead } from '@hopsk/contract';
import { athlete, me, pattern } from '../testing/run';
import { repetitionOf } from '../compute/repetition';
import { beginningOf, boardOf, viewOf } from './run-setup';

const dose = { mode: 'seconds', work: 30, rounds: 3, sets: 1, rest: 20, setRest: null } as const;

describe('how a run begins', () => {
  it('the board holds what those here work on, the shared ones first, eight at most', () => {
    const one = athlete({ focus: ['tall', 'crossed'] });
    const two = athlete({ focus: ['crossed', 'rises'] });
    expect(boardOf([one, two])).toEqual(['crossed', 'tall', 'rises']);
    expect(boardOf([])).toEqual([]);
    const many = Array.from({ length: 5 }, (_, i) => athlete({ focus: [`a-${i}`, `b-${i}`] }));
    expect(boardOf(many).length).toBe(8);
  });

  it('is watched from where most of the board can be seen', () => {
    expect(viewOf(['split-late', 'tall', 'crossed'])).toBe('side');
    expect(viewOf(['crossed', 'wrong-first', 'tall'])).toBe('front');
    expect(viewOf([])).toBe('side');
  });

  it('makes a head that the contract takes, with the hall’s own day', () => {
    const people = [athlete(), athlete({ name: 'Bea' })];
    const run = pattern();
    const late = new Date(2026, 10, 20, 23, 30);
    const beginning = beginningOf(
      me,
      'Evening',
      run,
      repetitionOf({ pattern: run, athlete: people[0] ?? null, taught: { moves: [], stances: [] } }),
      dose,
      people,
      ['split-late'],
      late,
    );
    expect(RunHead.safeParse(beginning.head).error?.issues ?? []).toEqual([]);
    expect(beginning.head.day).toBe('2026-11-20');
    expect(beginning.head.tapDelay).toBe(me.coach.tapDelay);
    expect(beginning.names).toEqual(Object.fromEntries(people.map(({ id, name }) => [id, name])));
    expect(beginning.head.athletes).toEqual(people.map(({ id }) => id));
  });

  it('without a pattern attempts are tapped: there is no repetition', () => {
    const { head } = beginningOf(me, 'Rounds', null, null, dose, [athlete()], []);
    expect([head.patternId, head.steps, head.plan]).toEqual([null, null, { dose, rep: null }]);
  });
});
