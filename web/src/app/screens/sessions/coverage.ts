import type { Session } from '@hopsk/contract/session';
import {
  type Axis,
  type Cell,
  type Coverage,
  type Forbidden,
  AXES,
  NO_COVERAGE,
  USUAL_VALUES,
  type AxisName,
} from '@hopsk/core/plan/build/grid';
import { type Playbook, isLegal, scenariosOf } from '@hopsk/core/plan/playbook';
import type { TrainedLine } from './trained';

/** Steps as they are compared: blanks do not count. */
const plain = (steps: string): string => steps.replace(/\s+/g, ' ').trim();

/** What is known of each cell for one athlete: planned in a session, done, watched and clean in their runs. */
export function coverageOf(cells: readonly Cell[], planned: readonly Session[], trained: readonly TrainedLine[]): Map<string, Coverage> {
  const stages = planned.flatMap((one) => one.stages.map(({ steps }) => plain(steps)));
  return new Map(
    cells.map((cell) => {
      const line = plain(cell.steps);
      const sessions = trained.filter((one) => plain(one.steps) === line).flatMap((one) => one.sessions);
      const sum = (of: (session: (typeof sessions)[number]) => number): number => sessions.reduce((all, one) => all + of(one), 0);
      const known: Coverage = {
        ...NO_COVERAGE,
        planned: stages.filter((steps) => steps === line).length,
        done: sessions.length,
        watched: sum((one) => one.n),
        clean: sum((one) => one.n - one.hits),
      };
      return [cell.key, known];
    }),
  );
}

/** Values of an axis as a coach types them: 'cut: cut right 30 cm | gallop: gallop back 40 cm', or for counts '1, 2, 3'. */
export function valuesFrom(text: string): Axis['values'] {
  const bare = !text.includes(':');
  return text
    .split(bare ? ',' : '|')
    .map((part) => part.trim())
    .filter((part) => part !== '')
    .map((part) => {
      const [name = '', ...steps] = part.split(':');
      return { name: name.trim(), steps: bare ? name.trim() : steps.join(':').trim() };
    });
}

export const valuesText = (values: Axis['values']): string =>
  values.every(({ name, steps }) => steps === '' || steps === name)
    ? values.map(({ name }) => name).join(', ')
    : values.map(({ name, steps }) => `${name}: ${steps}`).join(' | ');

/** What an axis begins with: its usual values; those that need steps of their own, none. */
export const usualText = (axis: AxisName): string => valuesText(USUAL_VALUES[axis] ?? []);

/** The techniques and ways back of a playbook as two axes, and the pairs that it does not allow. */
export function axesOfBook(book: Playbook): { readonly axes: readonly Axis[]; readonly forbidden: readonly Forbidden[] } {
  const once = (values: Axis['values']): Axis['values'] => [...new Map(values.map((value) => [value.name, value])).values()].slice(0, 8);
  const answers = book.situations.flatMap((one) => one.answers);
  const technique = once(answers.map(({ technique: name, steps }) => ({ name, steps })));
  const back = once(answers.flatMap((one) => one.back).filter((one) => one.name !== ''));
  const forbidden = technique.flatMap((one) =>
    back
      .filter((way) => !isLegal(book, one.name, way.name))
      .map((way): Forbidden => [
        { axis: 'technique', value: one.name },
        { axis: 'way back', value: way.name },
      ]),
  );
  return {
    axes: [
      { axis: 'technique', values: technique },
      { axis: 'way back', values: back },
    ],
    forbidden: scenariosOf(book).length === 0 ? [] : forbidden,
  };
}

export const isAxis = (name: string): name is AxisName => (AXES as readonly string[]).includes(name);
