import { FILE_LIMITS } from '@hopsk/core/language/limits';
import * as z from 'zod/mini';
import type { Wire } from './common.js';
import { PatternDraft } from './pattern-draft.js';
import { field } from './problem.js';
import { ReadWith } from './read-with.js';
import { SessionDraft } from './session-draft.js';

/** Our open file format for patterns as JSON. */
export const PATTERN_FILE = 'hopsk-patterns';
export const PatternFile = z.object({
  format: z.literal(PATTERN_FILE, field('not-ours', {})),
  version: z.literal(1, field('other-version', {})),
  ...ReadWith,
  patterns: z.array(PatternDraft).check(z.maxLength(FILE_LIMITS.patterns)),
});
export type PatternFile = Wire<typeof PatternFile>;

/** Our open file format for a session, with its published schema. */
export const SESSION_FILE = 'hopsk-session';
export const SessionFile = z.object({
  format: z.literal(SESSION_FILE, field('not-ours', {})),
  version: z.literal(1, field('other-version', {})),
  ...ReadWith,
  session: z.omit(SessionDraft, { athletes: true, differences: true, template: true, offered: true }),
});
export type SessionFile = Wire<typeof SessionFile>;
