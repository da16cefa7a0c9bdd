import { BOOK_RULES } from '@hopsk/core/evidence/book-rules';
import type { GroupCell } from '@hopsk/core/evidence/group';
import * as z from 'zod/mini';
import { Clustered } from './book.js';
import { BookNumbers } from './book-numbers.js';
import { Day, Id, type Wire } from './common.js';

/** From which day on the books of a group are asked for. */
export const GroupAsked = z.object({ since: Day });

const Cell = z.object({
  fault: z.string(),
  ...{ evenings: z.int(), attempts: z.int(), faulty: z.int(), noted: z.int() },
  rate: z.nullable(z.number()),
  interval: z.nullable(Clustered),
}) satisfies z.ZodMiniType<GroupCell>;

/** Everybody who was here since a day: in how many evenings, when last, and what was seen of each fault that they were watched for. */
export const GroupBook = z.object({
  since: z.string(),
  athletes: z.array(z.object({ athleteId: Id, here: z.int(), last: z.string(), cells: z.array(Cell) })),
  /** By which numbers it is read. */
  numbers: z._default(BookNumbers, BOOK_RULES),
});
export type GroupBook = Wire<typeof GroupBook>;
