import type { Pattern } from '@hopsk/contract/pattern';
import { PatternDraft, type PatternSave } from '@hopsk/contract/pattern-draft';
import * as z from 'zod/mini';

export type Draft = Omit<PatternSave, 'id' | 'version'>;

/** What this device keeps of a pattern being typed: it may still be nameless or too long to save. */
export const KeptDraft = z.object({ base: z.int(), draft: z.extend(PatternDraft, { name: z.string(), steps: z.string() }) });

export function draftOf(pattern: Pattern | null): Draft {
  if (pattern) {
    const { id: _id, version: _version, archivedAt: _archived, savedAt: _saved, ...draft } = pattern;
    return draft;
  }
  return {
    name: '',
    steps: '',
    sport: '',
    school: 'square-ready',
    hand: 'right',
    lead: 'none',
    shouldClose: true,
    dose: null,
    tags: [],
    area: '',
    schools: {},
  };
}

/** How a pattern is typed: what there is to begin with, what may be saved, and what this device keeps of it under which name. */
export const TYPED = { begin: draftOf, whole: PatternDraft, kept: KeptDraft, key: (id: string): string => `draft:${id}` };
