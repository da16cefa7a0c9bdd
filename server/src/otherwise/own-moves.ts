import type { Reword } from '@hopsk/contract/lines';
import { isToday } from '@hopsk/contract/read-now';
import { READ_AT_MOST, rewordBy, type ReadBy } from '@hopsk/contract/reworded';
import { NO_MOVES, type OwnMoves } from '@hopsk/core/language/earlier/kept';
import { LANGUAGE } from '@hopsk/core/language/language';
import { run, type Db } from '../db/sql.js';
import { getTeaching } from '../teaching/teaching.js';
import { movesThen, type MoveThen } from './kept-lines.js';

/** A club's own moves as they were read with an earlier language; none where all is read as today. */
export async function ownMoves(db: Db, clubId: string, by: Pick<ReadBy, 'language' | 'engine'>): Promise<OwnMoves> {
  if (isToday(by)) return NO_MOVES;
  const { language } = by;
  const moves = (await getTeaching(db, clubId))?.moves ?? [];
  const characters = moves.reduce((sum, { steps }) => sum + steps.length, 0);
  if (moves.length === 0 || characters > READ_AT_MOST) return NO_MOVES;
  // Of today's language they are what they are.
  const then = language >= LANGUAGE ? [] : await run<MoveThen>(db, 'otherwise-moves', clubId);
  return movesThen(moves, then, language);
}

/** Characters of all versions of a record together. */
const VERSIONS_AT_MOST = 2 * READ_AT_MOST;

/** Versions of one record, those of earlier languages with lines that say what they did then. */
export async function asTheyWere<V extends { readonly language: number; readonly engine: number }>(
  db: Db,
  clubId: string,
  versions: readonly V[],
  reworded: (version: V, reword: Reword) => V,
): Promise<V[]> {
  const rewords = new Map<string, Reword>();
  const keyOf = ({ language, engine }: Pick<ReadBy, 'language' | 'engine'>): string => `${language} ${engine}`;
  for (const version of versions) {
    const { language, engine } = version;
    if (isToday(version) || rewords.has(keyOf(version))) continue;
    rewords.set(keyOf(version), rewordBy({ language, engine, known: true, most: VERSIONS_AT_MOST }, await ownMoves(db, clubId, version)));
  }
  return versions.map((version) => {
    const reword = rewords.get(keyOf(version));
    return reword ? reworded(version, reword) : version;
  });
}
