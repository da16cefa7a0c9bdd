import * as z from 'zod/mini';
import { Id, Version, type Wire } from './common.js';
import { FloorText } from './floor-text.js';
import { ReadWith } from './read-with.js';
import { SessionStored } from './session.js';

/** A session as it may be saved: on a floor that is one. */
export const SessionDraft = z.extend(SessionStored, { area: FloorText });
export type SessionDraft = Wire<typeof SessionDraft>;

export const SessionSave = z.extend(SessionDraft, { id: Id, version: Version, ...ReadWith });
export type SessionSave = Wire<typeof SessionSave>;
