import { isCorrection } from '@hopsk/core/log/corrections';
import type { RunEvent } from '@hopsk/core/log/event';
import { grouped } from '@hopsk/core/grouped';
import { run, type Db } from './sql.js';

/** A row of a run's log to be written: an event, or what came in its place and cannot be counted. */
export interface EventRow {
  readonly device: string;
  readonly seq: number;
  readonly id: string | null;
  readonly athlete: string | null;
  readonly refused: string | null;
  /** The moment of the run that it speaks of; 0 for what is said afterwards. */
  readonly m: number;
  readonly body: unknown;
}

/** Whose log it is, who sends, and how many had arrived before. */
export interface LogOf {
  readonly clubId: string;
  readonly runId: string;
  readonly coachId: string | null;
  readonly arrival: number;
  /** The rules by which the run is counted from now on. */
  readonly rules: number;
}

export const rowOf = (event: RunEvent): EventRow => ({
  device: event.device,
  seq: event.seq,
  id: event.id,
  athlete: 'athlete' in event ? event.athlete : null,
  refused: null,
  m: isCorrection(event) ? 0 : event.m,
  body: event,
});

/** Adds rows that are not there yet to a run that the transaction holds; gives the number of the last arrival. */
export async function addEvents(db: Db, { clubId, runId, coachId, arrival, rules }: LogOf, rows: readonly EventRow[]): Promise<number> {
  if (rows.length === 0) return arrival;
  const numbered = rows.map((row, i) => ({ ...row, arrival: arrival + i + 1 }));
  await run(db, 'events-add', clubId, runId, coachId, JSON.stringify(numbered));
  const last = arrival + rows.length;
  await run(db, 'run-arrived', clubId, runId, last, rules, Math.max(...rows.map(({ m }) => m)));
  const devices = grouped(rows, ({ device }) => device);
  const known = await run<DeviceRow>(db, 'devices-of', clubId, runId, [...devices.keys()]);
  const before = new Map(known.map((row) => [row.device, row]));
  const now = [...devices].map(([device, mine]) => {
    const { stored, highest } = before.get(device) ?? { stored: 0, highest: 0 };
    const seqs = mine.map(({ seq }) => seq).sort((a, b) => a - b);
    const most = Math.max(highest, seqs.at(-1) as number);
    const goesOn = stored === highest && seqs.every((seq, i) => seq === stored + i + 1);
    return { device, stored: goesOn ? most : null, highest: most };
  });
  // Only where something is missing is a device's whole log looked at.
  const gaps = now.flatMap(({ device, stored }) => (stored === null ? [device] : []));
  const found = gaps.length === 0 ? [] : await run<DeviceRow>(db, 'devices-stored', clubId, runId, gaps);
  const counted = new Map(found.map(({ device, stored }) => [device, stored]));
  const written = now.map((row) => ({ ...row, stored: row.stored ?? counted.get(row.device) ?? 0 }));
  await run(db, 'devices-set', clubId, runId, JSON.stringify(written));
  return last;
}

interface DeviceRow extends Record<string, unknown> {
  readonly device: string;
  readonly stored: number;
  readonly highest: number;
}
