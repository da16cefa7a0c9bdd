import { isDose } from '@hopsk/contract/lines';
import type { Otherwise } from '@hopsk/contract/otherwise';
import type { Definition } from '@hopsk/core/language/ast';
import { ENGLISH } from '@hopsk/core/language/english';
import { understandDose } from '@hopsk/core/language/dose-plain';
import { understand } from '@hopsk/core/language/plain';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';

/** Sentences about what is not read that stand beneath a line. */
const MARKS = 3;

/** How a line reads today. */
export interface Today {
  readonly plain: string;
  readonly marks: readonly string[];
}

/** How what was typed reads today, in the plain form, and what of it is marked or asked about. */
export function readToday({ part, typed }: Pick<Otherwise, 'part' | 'typed'>, own: readonly Definition[]): Today {
  if (isDose(part)) {
    const { plain, errors } = understandDose(typed);
    return { plain, marks: errors.slice(0, MARKS).map((error) => say(words.doses, error)) };
  }
  const { plain, parsed } = understand(typed, own);
  return { plain, marks: parsed.errors.slice(0, MARKS).map((error) => say(words.notation, error)) };
}

/** What keeps a line going on as it was done, where only that was added to it: what would change today, in a sentence; '' of other lines. */
export function changesOf({ typed, stands }: Pick<Otherwise, 'typed' | 'stands'>): string {
  const { onlyTimes, otherSteps } = words.otherwise;
  const added = stands.endsWith(`, ${typed}`) ? stands.slice(0, -typed.length - 2) : '';
  return added === '' ? '' : added === ENGLISH.flatTempo ? onlyTimes : otherSteps;
}

/** Where a line stands, in words. */
export function whereOf({ name, part, of }: Pick<Otherwise, 'name' | 'part' | 'of'>): string {
  const parts = [name || words.otherwise.club, of, words.otherwise.parts[part]];
  return parts.filter((one) => one !== '').join(' · ');
}
