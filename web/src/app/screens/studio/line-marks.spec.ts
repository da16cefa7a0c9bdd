import { signal } from '@angular/core';
import { bodyOf } from '@hopsk/core/body/body';
import { schoolOf, SCHOOLS } from '@hopsk/core/body/school';
import { study } from '@hopsk/core/judge/study';
import { mirrorText } from '@hopsk/core/language/mirror';
import { LineMarks } from './line-marks';

const performer = { body: bodyOf({}), school: schoolOf('square-ready') ?? SCHOOLS[0], lead: null, playing: 'right' as const };

/** The line of a page on which this is typed, and that was studied last. */
function line(typed: string, studied = typed, mirrored = false) {
  const lit = signal<number | null>(null);
  const marks = new LineMarks({
    study: signal(study(studied, performer, false)),
    steps: signal(typed),
    mirrored: signal(mirrored),
    lit,
  });
  const said = () => marks.marks().map((mark) => [mark.kind, typed.slice(mark.from, mark.to)]);
  const now = (move: number) => {
    lit.set(move);
    const place = marks.now();
    return place && typed.slice(place.from, place.to);
  };
  return { marks, said, now };
}

describe('marks in the typed line', () => {
  it('stand under the words that they are about', () => {
    const { said, now } = line('split, shufle right 40 cm, shuffle left 40 cm');
    expect(said()).toContain(['unread', 'shufle']);
    expect([now(0), now(1)]).toEqual(['split', 'shuffle left 40 cm']);
  });

  it('of a mirrored line stand where the typed one says the same, though the words differ in length', () => {
    const typed = 'shuffle right 40 cm, shuffle left 3 m, split';
    const { said, now, marks } = line(typed, mirrorText(typed), true);
    expect([now(0), now(1), now(2)]).toEqual(['shuffle right 40 cm', 'shuffle left 3 m', 'split']);
    expect(said().map(([, words]) => words)).toContain('shuffle left 3 m');
    expect(marks.moveAt(typed.indexOf('split') + 2)?.index).toBe(2);
    expect(marks.moveAt(3)?.index).toBe(0);
  });

  it('stay as they were while the study is behind the typing, for the editor to carry along', () => {
    const steps = signal('split, shufle right 40 cm');
    const of = { study: signal(study(steps(), performer, false)), steps, mirrored: signal(false), lit: signal<number | null>(0) };
    const { marks, now } = new LineMarks(of);
    const [before, lit] = [marks(), now()];
    expect([before.length, lit]).toEqual([1, { from: 0, to: 5 }]);
    steps.set('split, shufle right 400 cm');
    expect([marks() === before, now() === lit]).toEqual([true, true]);
    of.study.set(study(steps(), performer, false));
    expect(marks()).not.toBe(before);
    steps.set('split');
    of.study.set(study('split', performer, false));
    expect(marks()).toEqual([]);
  });

  it('wait while the study is behind the typing, rather than stand in the wrong place', () => {
    const { said, now, marks } = line('split, shuffle left 3 m', 'split, shuffle right 3 m, split, split');
    expect([said(), now(1), marks.moveAt(2)]).toEqual([[], null, null]);
  });
});
