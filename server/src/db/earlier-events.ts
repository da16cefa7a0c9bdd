import { EarlierEvent } from '@hopsk/contract/run-sent';
import { fromEarlier } from '@hopsk/core/log/earlier';
import * as z from 'zod/mini';
import { addEvents, rowOf } from './events.js';
import { grouped } from '@hopsk/core/grouped';
import { run, type Db } from './sql.js';

interface EarlierRow extends Record<string, unknown> {
  readonly runId: string;
  readonly body: Record<string, unknown>;
}

/** Runs taken over together. */
const TOGETHER = 100;

/** What only some kinds have was apart; columns of other kinds are left out by the schema. */
const eventOf = ({ runId: _, body, ...row }: EarlierRow): unknown => ({ ...row, ...body });

/** The step after 0009: each run's earlier events as those of one device. Tallies stay as they are. */
export async function takeOverEarlierEvents(db: Db): Promise<void> {
  for (const { id: clubId } of await run<{ id: string }>(db, 'clubs')) {
    const ids = (await run<{ id: string }>(db, 'earlier-runs', clubId)).map(({ id }) => id);
    for (let at = 0; at < ids.length; at += TOGETHER) {
      const rows = await run<EarlierRow>(db, 'earlier-events', clubId, ids.slice(at, at + TOGETHER));
      const byRun = grouped(rows, ({ runId }) => runId);
      for (const [runId, log] of byRun) {
        const events = fromEarlier(runId, z.array(EarlierEvent).parse(log.map(eventOf)));
        await addEvents(db, { clubId, runId, coachId: null, arrival: 0, rules: 1 }, events.map(rowOf));
      }
    }
  }
}
