import * as z from 'zod/mini';
import type { Wire } from './common.js';
import { PatternDraft } from './pattern-draft.js';
import { WasReadWith } from './read-with.js';
import { SessionDraft } from './session-draft.js';

/** A pattern as it was saved once. */
export const PatternVersion = z.object({
  version: z.int(),
  name: z.string(),
  steps: z.string(),
  /** The whole of it; null where an earlier program kept only name and steps. */
  body: z._default(z.nullable(PatternDraft), null),
  ...WasReadWith,
  savedAt: z.iso.datetime({ offset: true }),
});
export type PatternVersion = Wire<typeof PatternVersion>;

/** A session as it was saved once. */
export const SessionVersion = z.object({ version: z.int(), savedAt: z.iso.datetime({ offset: true }), ...WasReadWith, body: SessionDraft });
export type SessionVersion = Wire<typeof SessionVersion>;
