import type { Teaching } from '@hopsk/contract/teaching';
import { PLAYBOOK_LIMITS, type Playbook } from '@hopsk/core/plan/playbook';
import { words } from '@hopsk/words/words';
import { valuesFrom, valuesText } from './coverage';

/** A playbook of the club's own. */
export type OwnBook = Teaching['playbooks'][number];
export type Situation = OwnBook['situations'][number];
export type Answer = Situation['answers'][number];
/** What a press changes of a playbook: each of these gives the change, nothing is done in place. */
type Change = Pick<OwnBook, 'situations'>;

/** A playbook as the club's own. */
export const owned = (book: Playbook, code: string, name: string): OwnBook => ({ ...book, code, name: name.slice(0, 60) });

/** A code that none of these has. */
export function freeCode(books: readonly { readonly code: string }[]): string {
  const codes = new Set(books.map((one) => one.code));
  let n = 1;
  while (codes.has(`own-${n}`)) n++;
  return `own-${n}`;
}

export const withSituation = ({ situations }: OwnBook, at: number, change: Partial<Situation>): Change => ({
  situations: situations.map((one, i) => (i === at ? { ...one, ...change } : one)),
});

export const withNewSituation = ({ situations }: OwnBook, situation: string, technique: string): Change => ({
  situations: [...situations, { situation, answers: [{ technique, steps: '', back: [] }] }],
});

export const withoutSituation = ({ situations }: OwnBook, at: number): Change => ({ situations: situations.filter((_, i) => i !== at) });

const withAnswers = (book: OwnBook, at: number, change: (answers: readonly Answer[]) => Answer[]): Change =>
  withSituation(book, at, { answers: change(book.situations[at]?.answers ?? []) });

export const withAnswer = (book: OwnBook, at: number, which: number, change: Partial<Answer>): Change =>
  withAnswers(book, at, (answers) => answers.map((one, i) => (i === which ? { ...one, ...change } : one)));

export const withNewAnswer = (book: OwnBook, at: number, technique: string): Change =>
  withAnswers(book, at, (answers) => [...answers, { technique, steps: '', back: [] }].slice(0, PLAYBOOK_LIMITS.answers));

export const withoutAnswer = (book: OwnBook, at: number, which: number): Change =>
  withAnswers(book, at, (answers) => answers.filter((_, i) => i !== which));

/** Before what the opponent does meanwhile. */
const THEY = `; ${words.build.they}:`;

/**
 * Ways back as they are typed, each with what the opponent does meanwhile where that is said.
 * @example backsFrom('home: shuffle left 40 cm | stopped: cut right 40 cm; they: hold 1 s')[1].does // 'hold 1 s'
 */
export const backsFrom = (text: string): Answer['back'] =>
  (text.includes(THEY) ? text.split('|').map(withTheirs) : valuesFrom(text))
    .filter(({ name }) => name !== '')
    .slice(0, PLAYBOOK_LIMITS.back)
    .map((one) => ({ ...one, steps: one.steps === one.name ? '' : one.steps }));

function withTheirs(part: string): Answer['back'][number] {
  const [own = '', does = ''] = part.split(THEY).map((one) => one.trim());
  const [name = '', ...steps] = own.split(':');
  return { name: name.trim(), steps: steps.join(':').trim(), ...(does !== '' && { does }) };
}

/** Ways back as they are typed. */
export const backsText = (back: Answer['back']): string =>
  back.some(({ does = '' }) => does !== '')
    ? back.map(({ name, steps, does = '' }) => `${name}: ${steps}${does === '' ? '' : `${THEY} ${does}`}`).join(' | ')
    : valuesText(back);
