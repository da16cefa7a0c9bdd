import { AthleteDraft, type Athlete } from '@hopsk/contract/people';
import * as z from 'zod/mini';

const EMPTY: AthleteDraft = {
  name: '',
  hand: 'right',
  lead: 'none',
  otherLead: 'none',
  height: null,
  hip: null,
  shoulder: null,
  leg: null,
  foot: null,
  sport: '',
  school: 'square-ready',
  stance: null,
  schools: {},
  level: 'beginner',
  ageGroup: 'adult',
  agreed: null,
  cautions: [],
  tempo: {},
  bias: [],
  focus: [],
};

/** What this device keeps of an athlete being typed: there may be no name yet. */
export const KeptDraft = z.object({ base: z.int(), draft: z.extend(AthleteDraft, { name: z.string(), sport: z.string() }) });

export function draftOf(athlete: Athlete | null): AthleteDraft {
  if (!athlete) return EMPTY;
  const { id: _id, version: _version, archivedAt: _archived, savedAt: _saved, ...draft } = athlete;
  return draft;
}
