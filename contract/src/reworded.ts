import { keptDose, keptSteps, type Otherwise, type OwnMoves } from '@hopsk/core/language/earlier/kept';
import { DOSE_LIMITS } from '@hopsk/core/language/dose';
import { printDose } from '@hopsk/core/language/dose-print';
import { readDose } from '@hopsk/core/language/dose-text';
import { parse } from '@hopsk/core/language/parse';
import { printPattern } from '@hopsk/core/language/print';
import { steppedThen } from '@hopsk/core/plan/session/earlier-engine';
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

/** What stands for a line of steps whose engine is written into it, and its plain form; null where today's engine does the same. */
function keptByEngine(
  line: Pick<PlacedLine, 'part' | 'text' | 'for' | 'stage'>,
  text: string,
  { engine }: ReadBy,
  own: OwnMoves,
): string | null {
  const { for: by, stage, part } = line;
  const stepped = (steps: string, repeated: PlacedLine['stage']): string | null =>
    steppedThen(steps, engine, own.now, { ...by, stage: repeated });
  // A club's own move is done as the line does that names it.
  if (part === 'move') return null;
  if (!isDose(part)) return stepped(text, stage);
  const { dose } = readDose(text);
  if (!dose || dose.chimes.length === 0) return null;
  const chimes = dose.chimes.map((chime) => ({ ...chime, does: stepped(chime.does, stage) ?? chime.does }));
  const printed = printDose({ ...dose, chimes });
  return chimes.some(({ does }, i) => does !== dose.chimes[i]?.does) && printed.length <= DOSE_LIMITS.characters ? printed : null;
}

/** Gives for each line what it said when it was read so; `found` is told of each that reads otherwise today. Answers are kept: versions of one record have most lines in common. */
export function rewordBy(by: ReadBy, own: OwnMoves, found: (one: PlacedOtherwise) => void = () => undefined): Reword {
  const answers = new Map<string, Otherwise | null>();
  let left = by.most;
  const read = (line: PlacedLine): Otherwise | null => {
    const { text, part } = line;
    const kept = isDose(part) ? keptDose(text, by.language, own) : keptSteps(text, by.language, own);
    const known = kept?.marked && !by.known ? null : kept;
    const stands = keptByEngine(line, known?.stands ?? text, by, own);
    if (stands === null) return known;
    return { was: isDose(part) ? stands : printPattern(parse(stands, own.now)), stands, marked: known?.marked ?? false };
  };
  return (line) => {
    const { place, part, of, text } = line;
    const key = JSON.stringify([isDose(part), text, line.for.school, line.for.hand, line.for.lead, line.stage]);
    const known = answers.get(key);
    if (known === undefined && text.length > left) return text;
    if (known === undefined) left -= text.length;
    const otherwise = known === undefined ? read(line) : known;
    answers.set(key, otherwise);
    if (otherwise) found({ ...otherwise, place, part, of, typed: text });
    return otherwise?.stands ?? text;
  };
}
