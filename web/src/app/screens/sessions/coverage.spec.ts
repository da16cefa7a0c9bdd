import { PLAYBOOKS } from '@hopsk/core/catalogue/books';
import { gridOf } from '@hopsk/core/plan/build/grid';
import { session, stage } from '../../testing/sessions';
import { axesOfBook, coverageOf, isAxis, usualText, valuesFrom, valuesText } from './coverage';
import { masteredIn } from './trained';

const line = { steps: 'split, shuffle right 40 cm', school: 'square-ready', hand: 'right', lead: 'none', shouldClose: true } as const;

describe('a grid as a coverage map', () => {
  it('says of each variant what was planned, done, watched and clean', () => {
    const { cells } = gridOf(line, [{ axis: 'side', values: valuesFrom(usualText('side')) }]);
    const planned = [session({ stages: [stage('8', { steps: ' split,  shuffle right 40 cm' })] })];
    const evidence = { next: 0.9, back: 0.7, attempts: 20, sessions: 2 };
    const sessions = [
      { day: '2026-11-03', n: 20, hits: 5, result: null },
      { day: '2026-11-10', n: 30, hits: 3, result: null },
    ];
    const known = coverageOf(cells, planned, [{ steps: line.steps, evidence, sessions }]);
    expect([...known.values()]).toEqual([
      { planned: 1, done: 2, watched: 50, clean: 42 },
      { planned: 0, done: 0, watched: 0, clean: 0 },
    ]);
  });

  it('takes values as a coach types them, and gives them back', () => {
    expect(valuesFrom('1, 2, 3').map((value) => value.name)).toEqual(['1', '2', '3']);
    const text = 'cut: cut right 30 cm | gallop: gallop back 40 cm';
    expect(valuesFrom(text)).toEqual([
      { name: 'cut', steps: 'cut right 30 cm' },
      { name: 'gallop', steps: 'gallop back 40 cm' },
    ]);
    expect(valuesText(valuesFrom(text))).toBe(text);
    expect([valuesFrom(''), usualText('exit'), usualText('count')]).toEqual([[], '', '1, 2, 3, 4']);
    expect([isAxis('exit'), isAxis('mood')]).toEqual([true, false]);
  });

  it('leaves out what a playbook does not allow', () => {
    for (const book of PLAYBOOKS) {
      const { axes, forbidden } = axesOfBook(book);
      const { cells, forbidden: left } = gridOf({ ...line, school: book.school, lead: book.lead }, axes, forbidden);
      const size = axes.reduce((product, axis) => product * Math.max(1, axis.values.length), 1);
      expect(cells.length + left)
        .withContext(book.code)
        .toBe(size);
      expect(forbidden.every((pair) => pair[0].axis === 'technique' && pair[1].axis === 'way back')).toBeTrue();
    }
  });

  it('calls a line mastered when the usual rule does', () => {
    const evidence = { next: 0.9, back: 0.7, attempts: 20, sessions: 2 };
    const clean = { day: '2026-11-03', n: 25, hits: 1, result: null };
    const lines = [
      { steps: 'split', evidence, sessions: [clean, clean] },
      { steps: 'hold 1 s', evidence, sessions: [clean] },
    ];
    expect([...masteredIn(lines)]).toEqual(['split']);
  });
});
