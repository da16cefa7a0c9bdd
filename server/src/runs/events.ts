import type { RunEvent } from '@hopsk/core/log/event';

/** A row of the log as the database gives it. */
export interface EventRow extends Record<string, unknown> {
  readonly body: Record<string, unknown>;
}

const COLUMNS = new Set(['id', 'n', 'at', 't', 'kind', 'athlete', 'fault', 'side', 'source', 'clip']);

/** An event as columns, with what only its kind has in `body`. */
export function toRow(event: RunEvent): Record<string, unknown> {
  const row: Record<string, unknown> = {};
  const body: Record<string, unknown> = {};
  for (const [key, value] of Object.entries(event)) (COLUMNS.has(key) ? row : body)[key] = value;
  // Watching nobody is said by the event itself, so that a missing athlete never means it by accident.
  return { ...row, body };
}

const OBSERVED = ['fault', 'right', 'result', 'attempt', 'freeze'];

/** The event that a row was made from. Columns that its kind does not have are left out. */
export function toEvent({ body, ...row }: EventRow): RunEvent {
  const kind = row['kind'] as string;
  const event: Record<string, unknown> = { id: row['id'], n: row['n'], at: row['at'], t: row['t'], kind, ...body };
  const observed = OBSERVED.includes(kind);
  if (observed || kind === 'watch' || kind === 'assign') event['athlete'] = row['athlete'];
  if (observed) Object.assign(event, { source: row['source'], clip: row['clip'] });
  if (kind === 'fault') event['side'] = row['side'];
  if (kind === 'fault' || kind === 'right') event['fault'] = row['fault'];
  return event as unknown as RunEvent;
}
