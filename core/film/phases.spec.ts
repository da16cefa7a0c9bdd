import { attemptsOf, MARKS } from './marks.js';
import { marksOf, PHASES, phasesOf } from './phases.js';

describe('what a coach goes through, by kind of sport', () => {
  it('goes by what is hit or who is fought, however it is typed; what nobody knows is fought', () => {
    expect(['Squash ', 'table tennis', 'any racket sport'].map(phasesOf)).toEqual(['racket', 'racket', 'racket']);
    expect(['boxing', 'two-handed blade', ''].map(phasesOf)).toEqual(['combat', 'combat', 'combat']);
  });

  it('offers marks that begin and end an attempt, in their order', () => {
    for (const set of ['racket', 'combat'] as const) {
      const marks = marksOf(set);
      expect(marks).toEqual(MARKS.filter((kind) => marks.includes(kind)));
      expect(attemptsOf(marks.map((kind, i) => ({ kind, frame: i + 1 }))).length).toBe(1);
      for (const needed of ['contact', 'first-step', 'own-contact', 'back'] as const) expect(marks).toContain(needed);
      expect(new Set(PHASES[set]).size).toBe(PHASES[set].length);
    }
    expect(marksOf('combat')).not.toContain('split-down');
  });
});
