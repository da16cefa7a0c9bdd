import { MEASURE_LIMITS } from '@hopsk/core/body/body';
import { CAUTION_LIMITS } from '@hopsk/core/body/caution';
import * as z from 'zod/mini';
import { CautionSchema } from './caution.js';
import { between, Code, Day, Id, KEPT, line, SideName, Version, type Wire } from './common.js';
import { OwnWay, SchoolChoicesSchema } from './teaching.js';
import { OwnTempo } from './tempo.js';

export const AGE_GROUPS = ['under 10', '10–12', '13–15', '16–17', 'adult', 'veteran'] as const;
export const LEVELS = ['beginner', 'intermediate', 'advanced'] as const;
export const BIASES = [
  'second foot long',
  'second foot short',
  'turns short',
  'swings short',
  'forward longer than back',
  'left side slower',
  'right side slower',
] as const;

const measure = (part: keyof typeof MEASURE_LIMITS) =>
  z._default(z.nullable(between(MEASURE_LIMITS[part][0], MEASURE_LIMITS[part][1], 'm')), null);

/** What a coach keeps of an athlete: little, and no contact data. Measures in metres. */
export const AthleteDraft = z.object({
  name: line(80),
  hand: SideName,
  lead: z.enum(['left', 'right', 'none']),
  /** How far the other lead is trusted. */
  otherLead: z.enum(['none', 'drill', 'free']),
  height: measure('height'),
  hip: measure('hip'),
  shoulder: measure('shoulder'),
  leg: measure('leg'),
  foot: measure('foot'),
  sport: line(40),
  /** One of everybody's stances or of the club's own. */
  school: Code,
  /** How they stand other than that, and what they hold where schools differ. */
  stance: z._default(z.nullable(OwnWay), null),
  schools: z._default(SchoolChoicesSchema, {}),
  level: z.enum(LEVELS),
  ageGroup: z.enum(AGE_GROUPS),
  /** The day on which a guardian agreed that this is kept; null: none did, or none is needed. */
  agreed: z._default(z.nullable(Day), null),
  cautions: z.array(CautionSchema).check(z.maxLength(CAUTION_LIMITS.cautions)),
  /** What they take for moves, as far as it was measured. */
  tempo: z._default(OwnTempo, {}),
  bias: z.array(z.enum(BIASES)).check(z.maxLength(BIASES.length)),
  /** The two or three faults worked on now. */
  focus: z.array(Code).check(z.maxLength(4)),
});
export type AthleteDraft = Wire<typeof AthleteDraft>;

export const Athlete = z.extend(AthleteDraft, { id: Id, version: z.int(), ...KEPT });
export type Athlete = Wire<typeof Athlete>;

export const AthleteSave = z.extend(AthleteDraft, { id: Id, version: Version });
export type AthleteSave = Wire<typeof AthleteSave>;

/** Whether estimates of the body are rough, and a guardian speaks for them. */
export const isUnder16 = (group: Athlete['ageGroup']): boolean => group === 'under 10' || group === '10–12' || group === '13–15';
