import { isDose, rewordPattern, rewordPlaybooks, rewordSession, type PlacedLine, type Reword } from '@hopsk/contract/lines';
import type { PatternSave } from '@hopsk/contract/pattern';
import type { SessionSave } from '@hopsk/contract/session';
import type { Teaching } from '@hopsk/contract/teaching';
import { keptDose, keptMoves, keptSteps, type Otherwise, type OwnMoves } from '@hopsk/core/language/earlier/kept';
import { LANGUAGE } from '@hopsk/core/language/language';
import type { OwnMove } from '@hopsk/core/language/own-moves';
import { ENGINE } from '@hopsk/core/motion/engine';

/** With which language and engine something was read. */
export interface ReadWith {
  readonly language: number;
  readonly engine: number;
  /** Whether that is known. Where it is not, a line of which something was marked may be one of today: it stands as it was typed. */
  readonly known: boolean;
}
export const TODAY: ReadWith = { language: LANGUAGE, engine: ENGINE, known: true };
/** What a file or a record says of it; what says nothing and may be from before that was said is read with the first language. */
export const readWith = (said: { readonly language?: number | undefined; readonly engine?: number | undefined }, otherwise = TODAY): ReadWith =>
  said.language === undefined ? otherwise : { language: said.language, engine: said.engine ?? 1, known: true };
export const UNKNOWN: ReadWith = { language: 1, engine: 1, known: false };

/** A line that reads otherwise today, where it stands. */
export interface FoundOtherwise extends Otherwise {
  readonly place: string;
  readonly typed: string;
  readonly nameThen: string | null;
}

/** A record whose lines say what they did, and those that were reworded for it. */
export interface Kept<Record> {
  readonly record: Record;
  readonly found: readonly FoundOtherwise[];
}

/** How a line was read, with the answer kept: versions of one record have most lines in common. */
function reader({ language, known }: ReadWith, own: OwnMoves): (line: Pick<PlacedLine, 'part' | 'text'>) => Otherwise | null {
  const answers = new Map<string, Otherwise | null>();
  return ({ part, text }) => {
    const key = `${isDose(part)} ${text}`;
    let read = answers.get(key);
    if (read === undefined) {
      const kept = isDose(part) ? keptDose(text, language, own) : keptSteps(text, language, own);
      read = kept?.marked && !known ? null : kept;
      answers.set(key, read);
    }
    return read;
  };
}

/** Rewords lines by how they were read with `by`; calls `found` with each. */
export function rewordBy(by: ReadWith, own: OwnMoves, found: (one: FoundOtherwise) => void = () => undefined): Reword {
  const read = reader(by, own);
  return (line) => {
    const otherwise = read(line);
    if (otherwise) found({ ...otherwise, place: line.place, typed: line.text, nameThen: null });
    return otherwise?.stands ?? line.text;
  };
}

function kept<Record>(record: Record, by: ReadWith, own: OwnMoves, reword: (record: Record, reword: Reword) => Record): Kept<Record> {
  if (by.language >= LANGUAGE) return { record, found: [] };
  const found: FoundOtherwise[] = [];
  return { record: reword(record, rewordBy(by, own, (one) => found.push(one))), found };
}

export const keptPattern = (pattern: PatternSave, by: ReadWith, own: OwnMoves): Kept<PatternSave> => kept(pattern, by, own, rewordPattern);
export const keptSession = (session: SessionSave, by: ReadWith, own: OwnMoves): Kept<SessionSave> => kept(session, by, own, rewordSession);

type Taught = Pick<Teaching, 'moves' | 'playbooks'>;
export function keptTeaching<T extends Taught>(teaching: T, by: ReadWith): Kept<T> {
  if (by.language >= LANGUAGE) return { record: teaching, found: [] };
  const { moves, own } = keptMoves(teaching.moves, by.language);
  const found = teaching.moves.flatMap((move, i): FoundOtherwise[] => {
    const now = moves[i];
    if (!now || (now.name === move.name && now.steps === move.steps)) return [];
    const nameThen = now.name === move.name ? null : move.name;
    return [{ place: `moves.${now.name}`, typed: move.steps, nameThen, was: now.steps, stands: now.steps, marked: false }];
  });
  const reword = rewordBy(by, own, (one) => found.push(one));
  return { record: { ...teaching, moves, playbooks: rewordPlaybooks(teaching.playbooks, reword) }, found };
}

/** What `otherwise-moves` tells of a club's own moves. */
export interface MoveThen extends Record<string, unknown> {
  readonly place: string;
  readonly nameThen: string | null;
  readonly typed: string;
  readonly stands: string;
}

/** A club's own moves as an earlier language read them, of those it has and how some of them were typed. */
export function movesThen(moves: readonly OwnMove[], then: readonly MoveThen[], language: number): OwnMoves {
  const before = moves.map((move): OwnMove => {
    const row = then.find(({ place }) => place === `moves.${move.name}`);
    return row ? { name: row.nameThen ?? move.name, steps: row.stands === move.steps ? row.typed : move.steps } : move;
  });
  return keptMoves(before, language).own;
}
