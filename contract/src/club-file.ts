import * as z from 'zod/mini';
import { CLUB_FILE, CLUB_FILE_VERSION } from './club-format.js';
import { line, type Wire } from './common.js';
import { DecisionRecord } from './decisions.js';
import { fromEarlier } from './earlier.js';
import { AthleteSave } from './people.js';
import { SessionSave } from './session-draft.js';
import { PatternSave } from './pattern-draft.js';
import { Teaching } from './teaching.js';
import { ReadWith } from './read-with.js';
import { RunWithLog } from './run-sent.js';
import { field } from './problem.js';

/** A club file that is one document: how earlier versions wrote them, and how a device saves a run that it cannot keep. */
export const ClubFile = fromEarlier(
  z.object({
    format: z.literal(CLUB_FILE, field('not-ours', {})),
    version: z.pipe(
      z.literal([1, 2, CLUB_FILE_VERSION], field('other-version', {})),
      z.transform(() => CLUB_FILE_VERSION),
    ),
    club: z.object({ name: line(80) }),
    ...ReadWith,
    /** What the club teaches; a club that has its own keeps it. */
    teaching: z.optional(z.omit(Teaching, { version: true })),
    athletes: z.array(AthleteSave).check(z.maxLength(2000)),
    decisions: z.optional(z.array(DecisionRecord).check(z.maxLength(20_000))),
    patterns: z.array(PatternSave).check(z.maxLength(5000)),
    sessions: z._default(z.array(SessionSave).check(z.maxLength(2000)), []),
    runs: z.array(RunWithLog).check(z.maxLength(20_000)),
  }),
);
export type ClubFile = Wire<typeof ClubFile>;
