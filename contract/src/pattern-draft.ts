import * as z from 'zod/mini';
import { Id, Version, type Wire } from './common.js';
import { FloorText } from './floor-text.js';
import { PatternStored } from './pattern.js';
import { ReadWith } from './read-with.js';

/** A pattern as it may be saved: on a floor that is one. */
export const PatternDraft = z.extend(PatternStored, { area: z._default(FloorText, '') });
export type PatternDraft = Wire<typeof PatternDraft>;

export const PatternSave = z.extend(PatternDraft, { id: Id, version: Version, ...ReadWith });
export type PatternSave = Wire<typeof PatternSave>;
