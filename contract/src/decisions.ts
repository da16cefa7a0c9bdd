import { DECIDED_BY } from '@hopsk/core/evidence/book-rules';
import { DECIDED } from '@hopsk/core/evidence/decisions';
import * as z from 'zod/mini';
import { Code, Day, Id, Moment, note, type Wire } from './common.js';

const decided = {
  fault: Code,
  /** The last evening that was known: what the rule says is of the evenings up to it. */
  day: Day,
  decided: z.enum(DECIDED),
  /** By which rule. */
  rule: z.enum(DECIDED_BY),
  why: note(300),
};

/** What a coach decided of one fault of an athlete, and why. Decisions stay as they are; one that was a mistake is taken back. */
export const DecisionSave = z.object(decided);
export type DecisionSave = Wire<typeof DecisionSave>;

const said = {
  id: Id,
  ...decided,
  /** What the rule said. */
  said: z.enum(['next', 'stay', 'back', 'not enough']),
  at: Moment,
};

/** As it is kept. */
export const Decision = z.object({
  ...said,
  /** Who decided; null: it came with a file. */
  who: z.nullable(z.string()),
  takenBack: z.boolean(),
});
export type Decision = Wire<typeof Decision>;

/** As it stands in a club file. */
export const DecisionRecord = z.object({ ...said, athlete: Id, takenBackAt: z.nullable(Moment) });
export type DecisionRecord = Wire<typeof DecisionRecord>;
