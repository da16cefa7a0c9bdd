import { rewordPattern, rewordPlaybooks, rewordSession, type Reword } from '@hopsk/contract/lines';
import type { PatternSave } from '@hopsk/contract/pattern-draft';
import { isToday } from '@hopsk/contract/read-now';
import { rewordBy, type PlacedOtherwise, type ReadBy } from '@hopsk/contract/reworded';
import type { SessionSave } from '@hopsk/contract/session-draft';
import type { Teaching } from '@hopsk/contract/teaching';
import { keptMoves, type OwnMoves } from '@hopsk/core/language/earlier/kept';
import type { OwnMove } from '@hopsk/core/language/own-moves';

/** A line that reads otherwise today, where it stands. */
export interface FoundOtherwise extends Pick<PlacedOtherwise, 'place' | 'typed' | 'was' | 'stands'> {
  /** What a club's own move was called before; null: as it is called now. */
  readonly nameThen: string | null;
}

/** A record whose lines say what they did, and those that were reworded for it. */
export interface Kept<Record> {
  readonly record: Record;
  readonly found: readonly FoundOtherwise[];
}

function kept<Record>(record: Record, by: ReadBy, own: OwnMoves, reword: (record: Record, reword: Reword) => Record): Kept<Record> {
  if (isToday(by)) return { record, found: [] };
  const found: FoundOtherwise[] = [];
  return {
    record: reword(
      record,
      rewordBy(by, own, (one) => found.push({ ...one, nameThen: null })),
    ),
    found,
  };
}

export const keptPattern = (pattern: PatternSave, by: ReadBy, own: OwnMoves): Kept<PatternSave> => kept(pattern, by, own, rewordPattern);
export const keptSession = (session: SessionSave, by: ReadBy, own: OwnMoves): Kept<SessionSave> => kept(session, by, own, rewordSession);

type Taught = Pick<Teaching, 'moves' | 'playbooks'>;
export function keptTeaching<T extends Taught>(teaching: T, by: ReadBy): Kept<T> {
  const characters = teaching.moves.reduce((sum, { steps }) => sum + steps.length, 0);
  if (isToday(by) || characters > by.most) return { record: teaching, found: [] };
  const { moves, own } = keptMoves(teaching.moves, by.language);
  const found = teaching.moves.flatMap((move, i): FoundOtherwise[] => {
    const now = moves[i];
    if (!now || (now.name === move.name && now.steps === move.steps)) return [];
    const nameThen = now.name === move.name ? null : move.name;
    return [{ place: `moves.${now.name}`, typed: move.steps, nameThen, was: now.steps, stands: now.steps }];
  });
  const reword = rewordBy(by, own, (one) => found.push({ ...one, nameThen: null }));
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
