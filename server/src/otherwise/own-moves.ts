import type { Reword } from '@hopsk/contract/lines';
import { READ_AT_MOST, rewordBy } from '@hopsk/contract/reworded';
import { NO_MOVES, type OwnMoves } from '@hopsk/core/language/earlier/kept';
import { LANGUAGE } from '@hopsk/core/language/language';
import { run, type Db } from '../db/sql.js';
import { getTeaching } from '../teaching/teaching.js';
import { movesThen, type MoveThen } from './kept-lines.js';

/** A club's own moves as they were read with an earlier language. */
export async function ownMoves(db: Db, clubId: string, { language }: { readonly language: number }): Promise<OwnMoves> {
  if (language >= LANGUAGE) return NO_MOVES;
  const moves = (await getTeaching(db, clubId))?.moves ?? [];
  const characters = moves.reduce((sum, { steps }) => sum + steps.length, 0);
  return moves.length === 0 || characters > READ_AT_MOST
    ? NO_MOVES
    : movesThen(moves, await run<MoveThen>(db, 'otherwise-moves', clubId), language);
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
  const rewords = new Map<number, Reword>();
  for (const { language, engine } of versions)
    if (language < LANGUAGE && !rewords.has(language))
      rewords.set(language, rewordBy({ language, engine, known: true, most: VERSIONS_AT_MOST }, await ownMoves(db, clubId, { language })));
  return versions.map((version) => {
    const reword = rewords.get(version.language);
    return reword ? reworded(version, reword) : version;
  });
}
