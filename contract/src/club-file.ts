import * as z from 'zod';
import { line, type Wire } from './common.js';
import { AthleteSave } from './people.js';
import { ProgressionSave } from './session.js';
import { PatternSave } from './pattern.js';
import { Teaching } from './teaching.js';
import { RunEventSchema, RunHead } from './run.js';
import { field } from './problem.js';

/** Our open file format for a whole club: people, patterns and runs with their logs. */
export const CLUB_FILE = 'hopsk-club';
export const ClubFile = z.object({
  format: z.literal(CLUB_FILE, field('not-ours', {})),
  version: z.literal(1, field('other-version', {})),
  club: z.object({ name: line(80) }),
  /** What the club teaches; a club that has its own keeps it. */
  teaching: Teaching.omit({ version: true }).optional(),
  athletes: z.array(AthleteSave).max(2000),
  patterns: z.array(PatternSave).max(5000),
  progressions: z.array(ProgressionSave).max(2000).default([]),
  runs: z.array(z.object({ run: RunHead, events: z.array(RunEventSchema).max(20_000) })).max(20_000),
});
export type ClubFile = Wire<typeof ClubFile>;

/** What an import did: new ones were added, known ones (same id) were left as they are. */
export const Imported = z.object({
  athletes: z.object({ added: z.int(), known: z.int() }),
  patterns: z.object({ added: z.int(), known: z.int() }),
  progressions: z.object({ added: z.int(), known: z.int() }),
  runs: z.object({ added: z.int(), known: z.int() }),
});
export type Imported = Wire<typeof Imported>;
