import type { ClubRecord, Imported, Refused } from '@hopsk/contract/club-lines';
import { readBy, TODAY, type ReadBy } from '@hopsk/contract/reworded';
import type { Counts } from '../counting/counts.js';
import { run, type Db } from '../db/sql.js';
import { addAthlete } from '../people/athletes.js';
import { addDecision } from '../people/decisions.js';
import { eraseAthlete } from '../people/erasing.js';
import { addPattern } from '../patterns/patterns.js';
import { addSession } from '../sessions/sessions.js';
import { appendEvents } from '../runs/append.js';
import { putHead } from '../runs/runs.js';
import { addFilm } from '../films/films.js';
import { addRecorded } from '../teaching/recorded-words.js';
import { addTeaching } from '../teaching/teaching.js';
import type { Found } from './read-lines.js';
import { Sorting } from './sorting.js';

/** What going through a file came to. */
export interface Through {
  readonly club: string;
  readonly whole: Extract<Found, { kind: 'end' }>['whole'];
  readonly counts: Imported;
  /** People of the club that the file says were erased. */
  readonly erases: number;
}

/** How one goes through a file: whether records are added, who counts runs, and who hears of what is left out and of what was counted so far. */
export interface Going {
  readonly adds: boolean;
  /** Whether who was erased elsewhere is erased here: only owners erase. */
  readonly erases: boolean;
  readonly counts: Counts;
  readonly refuse: (refused: Refused) => void;
  readonly counted: (counts: Imported) => void;
}

/**
 * Goes through what was found in a club file, and adds it where it is to be added. What is there already (same id) is left as it is and
 * counted as known; to the log of a run that is there the events are added that it lacks. What is refused is left out, with the events
 * of a run that is. To be called in a transaction.
 */
export async function goThrough(db: Db, clubId: string, found: AsyncIterable<Found>, going: Going): Promise<Through> {
  const sorting = await Sorting.of(db, clubId);
  // What is counted in this transaction is nobody else's before it is done.
  const counts = going.counts.apart();
  let [club, whole]: [string, Through['whole']] = ['', 'cut'];
  let by = TODAY;
  const without = new Set<string>();
  for await (const one of found) {
    if (one.kind === 'club') [club, by] = [one.name, one.readBy];
    else if (one.kind === 'end') whole = one.whole;
    else if (one.kind === 'refused') going.refuse({ line: one.line, fields: [...one.fields] });
    else if (one.record.kind === 'log') {
      const { run: runId } = one.record.record;
      const lacking = await sorting.lacking(one.record.record);
      if (lacking === null && !without.has(runId))
        going.refuse({ line: one.line, fields: [{ path: 'log.run', code: 'not-there', values: {} }] });
      if (going.adds && lacking !== null && lacking.length > 0)
        (await appendEvents(db, { clubId, coachId: null, counts }, runId, lacking)).done();
    } else {
      if (one.record.kind === 'erased' && !going.erases) {
        going.refuse({ line: one.line, fields: [{ path: 'erased', code: 'owners', values: {} }] });
        continue;
      }
      const sorted = sorting.sort(one.record);
      if (sorted.is === 'refused') {
        if (one.record.kind === 'run') without.add(one.record.record.id);
        going.refuse({ line: one.line, fields: [...sorted.fields] });
      } else if (going.adds && sorted.is === 'new') await add(db, clubId, one.record, by);
    }
    going.counted(sorting.counts);
  }
  return { club, whole, counts: sorting.counts, erases: sorting.erases };
}

async function add(db: Db, clubId: string, { kind, record }: Exclude<ClubRecord, { kind: 'log' }>, by: ReadBy): Promise<void> {
  switch (kind) {
    case 'teaching':
      return void (await addTeaching(db, clubId, record, by));
    case 'word':
      return void (await addRecorded(db, clubId, record));
    case 'film':
      return void (await addFilm(db, clubId, record));
    case 'erased':
      await run(db, 'erased-add', clubId, record.id);
      return void (await eraseAthlete(db, clubId, record.id));
    case 'somebody':
      return void (await run(db, 'somebody-add', clubId, record.id, record.run));
    case 'athlete':
      return void (await addAthlete(db, clubId, record));
    case 'decision':
      return void (await addDecision(db, clubId, null, record));
    case 'pattern':
      return void (await addPattern(db, clubId, record, readBy(record, by)));
    case 'session':
      return void (await addSession(db, clubId, record, readBy(record, by)));
    case 'run':
      return void (await putHead(db, clubId, record));
  }
}
