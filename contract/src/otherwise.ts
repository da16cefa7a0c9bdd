import * as z from 'zod/mini';
import { Id, SideName, type Wire } from './common.js';
import { LINE_PARTS } from './lines.js';

/** Records that hold lines. */
const LINE_RECORDS = ['pattern', 'session', 'teaching'] as const;

/**
 * A line, or a dose, that was saved with an earlier language and reads otherwise today. What it said then stands in its place, in the
 * plain form, until a coach takes today's reading of what was typed, or lets it stand.
 */
export const Otherwise = z.object({
  id: Id,
  record: z.enum(LINE_RECORDS),
  /** The record's; of what a club teaches the club's. */
  recordId: Id,
  /** The record's name; '' for what a club teaches. */
  name: z.string(),
  part: z.enum(LINE_PARTS),
  /** What of the record it belongs to, a stage say; '' where it is the record's own. */
  of: z.string(),
  for: z.object({ school: z.string(), hand: SideName, lead: z.enum(['left', 'right', 'none']) }),
  typed: z.string(),
  /** What it was read as; '' where nothing of it was understood. */
  was: z.string(),
  /** What stands now. */
  stands: z.string(),
  language: z.int(),
  engine: z.int(),
});
export type Otherwise = Wire<typeof Otherwise>;

/** Whether today's reading of what was typed is taken; otherwise what stands goes on standing. */
export const OtherwiseSettled = z.object({ take: z.boolean() });

/** What came of it: a line that somebody has changed since is left as it is. */
export const OtherwiseNow = z.object({ now: z.enum(['taken', 'stands', 'changed']) });
export type OtherwiseNow = Wire<typeof OtherwiseNow>;
