import { keptDose, keptSteps, type Otherwise, type OwnMoves } from '@hopsk/core/language/earlier/kept';
import { isDose, type PlacedLine, type Reword } from './lines.js';
import { READ_NOW } from './read-now.js';

/** With which language and engine something was read. */
export interface ReadBy {
  readonly language: number;
  readonly engine: number;
  /** Whether that is known. Where it is not, a line of which something was marked may be one of today: it stands as it was typed. */
  readonly known: boolean;
  /** Characters that are read so, of one record, at most: what comes in costs what it may. */
  readonly most: number;
}

/** Characters of lines of one record that comes from outside and was read with an earlier language; further ones stand as they were typed. */
export const READ_AT_MOST = 60_000;

export const TODAY: ReadBy = { ...READ_NOW, known: true, most: READ_AT_MOST };
/** Of what says nothing and may be from before that was said. */
export const UNKNOWN: ReadBy = { language: 1, engine: 1, known: false, most: READ_AT_MOST };

/** What a file or a record says of it. */
export const readBy = (
  said: { readonly language?: number | undefined; readonly engine?: number | undefined },
  otherwise = TODAY,
): ReadBy =>
  said.language === undefined ? otherwise : { language: said.language, engine: said.engine ?? 1, known: true, most: READ_AT_MOST };

/** A line that reads otherwise today, where it stands. */
export type PlacedOtherwise = Otherwise & Pick<PlacedLine, 'place' | 'part' | 'of'> & { readonly typed: string };

/** Gives for each line what it said when it was read so; `found` is told of each that reads otherwise today. Answers are kept: versions of one record have most lines in common. */
export function rewordBy(by: ReadBy, own: OwnMoves, found: (one: PlacedOtherwise) => void = () => undefined): Reword {
  const answers = new Map<string, Otherwise | null>();
  let left = by.most;
  const read = (text: string, dose: boolean): Otherwise | null => {
    const kept = dose ? keptDose(text, by.language, own) : keptSteps(text, by.language, own);
    return kept?.marked && !by.known ? null : kept;
  };
  return ({ place, part, of, text }) => {
    const key = `${isDose(part)} ${text}`;
    const known = answers.get(key);
    if (known === undefined && text.length > left) return text;
    if (known === undefined) left -= text.length;
    const otherwise = known === undefined ? read(text, isDose(part)) : known;
    answers.set(key, otherwise);
    if (otherwise) found({ ...otherwise, place, part, of, typed: text });
    return otherwise?.stands ?? text;
  };
}
