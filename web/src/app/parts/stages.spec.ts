import { PLAYBOOKS } from '@hopsk/core/catalogue/books';
import { readWith } from '@hopsk/core/judge/study';
import { gridOf } from '@hopsk/core/plan/build/grid';
import { OPEN_SETTINGS } from '@hopsk/core/plan/session/session';
import { pattern } from '../testing/run';
import { EVENING } from '../testing/sessions';
import { playbookSource, sourceOf } from './sources';
import { emptyStage, stageFrom, stagesOfBlocks, stagesOfCells } from './stages';

describe('stages put in by hand', () => {
  it('carry the pattern’s own rounds, what to look for, and where it came from', () => {
    const own = pattern({ steps: EVENING, dose: { mode: 'reps', work: 8, rounds: 3, sets: 1, rest: 20, setRest: null }, version: 4 });
    const stage = stageFrom(own, OPEN_SETTINGS);
    expect([stage.dose, stage.steps, stage.pattern]).toEqual(['3 × 8, rest 20 s', EVENING, { id: own.id, version: 4 }]);
    expect(stage.watch.length).toBeGreaterThan(0);
    expect(stage.cues.length).toBe(1);
    expect(stage.cautions.join(' ')).toContain('stop on pain');
    expect(stageFrom({ ...own, dose: null }, OPEN_SETTINGS).dose).toBe('3 × 8');
    expect(stageFrom({ ...own, dose: null }, { ...OPEN_SETTINGS, rest: 15 }).dose).toBe('3 × 8, rest 15 s');
    expect([emptyStage('New').name, emptyStage('New').steps]).toEqual(['New', '']);
  });

  it('of a grid are one a variant, so many times each', () => {
    const source = sourceOf(pattern({ steps: 'split' }));
    const { cells } = gridOf(source, [{ axis: 'count', values: ['1', '2'].map((name) => ({ name, steps: '' })) }]);
    expect(stagesOfCells(source, cells, 3).map((stage) => [stage.name, stage.steps, stage.dose])).toEqual([
      ['count: 1', 'split', '3'],
      ['count: 2', '(split) 2', '3'],
    ]);
  });

  it('of two to compare take turns with equal attempts, neither always first', () => {
    const [a, b] = [pattern({ name: 'One' }), pattern({ name: 'Two' })];
    const names = stagesOfBlocks(a, b, 20, 5).map((stage) => stage.name);
    expect(names.length).toBe(8);
    expect(names.filter((name) => name === 'A: One').length).toBe(4);
    expect(names[0]).not.toBe(names[1]);
    expect(names[1]).toBe(names[2]);
  });

  it('of a playbook begin from a line that can be read, in its stance', () => {
    for (const book of PLAYBOOKS) {
      const source = playbookSource(book);
      expect(readWith(source.steps, []).errors).withContext(book.code).toEqual([]);
      expect(source.school).toBe(book.school);
    }
  });
});
