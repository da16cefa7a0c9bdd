import type { Pattern } from '@hopsk/contract/pattern';
import type { Teaching } from '@hopsk/contract/teaching';
import { schoolOf } from '@hopsk/core/body/school';
import { PLAYBOOKS } from '@hopsk/core/catalogue/books';
import type { BuildSource } from '@hopsk/core/plan/build/build-up';
import { scenariosOf, type Playbook } from '@hopsk/core/plan/playbook';
import { bookInWords } from '@hopsk/words/naming';

/** A pattern of the club as something to build from. */
export const sourceOf = ({ id, version, name, steps, school, hand, lead, shouldClose }: Pattern): BuildSource => ({
  name,
  steps,
  school,
  hand,
  lead,
  shouldClose,
  pattern: { id, version },
});

/** A playbook as something to build from: its first legal answer stands for all of them, the calls bring the others. */
export function playbookSource(book: Playbook): BuildSource {
  const staggered = schoolOf(book.school)?.staggered ?? false;
  return {
    name: book.name,
    steps: scenariosOf(book)[0]?.steps ?? 'split',
    school: book.school,
    hand: 'right',
    lead: staggered ? (book.lead === 'none' ? 'left' : book.lead) : 'none',
    shouldClose: true,
    pattern: null,
  };
}

/** Playbooks to begin with, and the club's own. */
export const booksOf = ({ playbooks }: Pick<Teaching, 'playbooks'>): readonly Playbook[] => [...PLAYBOOKS.map(bookInWords), ...playbooks];
