import { OPENERS, CUEINGS, IMPLEMENTS, STAGE_KINDS } from '@hopsk/core/plan/exercise';
import { FAULT_UNITS, VIEWS } from '@hopsk/core/catalogue/fault';
import { NOTATION_LIMITS } from '@hopsk/core/language/limits';
import { DOSE_LIMITS, LONGEST_REST } from '@hopsk/core/language/dose';
import { CALL_LIMITS, type Calls } from '@hopsk/core/plan/calls/calls';
import { STRETCH_KINDS } from '@hopsk/core/plan/stretch';
import { SESSION_LIMITS, type SessionSettings } from '@hopsk/core/plan/session/session';
import { CONTACT_LEVELS, SESSION_PARTS, STAGE_LIMITS, type Stage } from '@hopsk/core/plan/session/stage';
import * as z from 'zod/mini';
import { between, Code, Day, Id, KEPT, line, note, SideName, text, Time, Version, whole, type Wire } from './common.js';
import { field } from './problem.js';

const steps = text(NOTATION_LIMITS.characters);
const seconds = (most: number) => between(0, most, 's');

const AlternativeSchema = z.object({
  name: line(CALL_LIMITS.name),
  steps,
  weight: between(0, CALL_LIMITS.weight),
  side: z.nullable(SideName),
  kind: z.enum(['move', 'feint', 'stay']),
  expects: z._default(note(200), ''),
});

const CallsSchema = z.object({
  alternatives: z.array(AlternativeSchema).check(z.maxLength(CALL_LIMITS.alternatives)),
  order: z.enum(['random', 'known']),
  longestRun: whole(1, CALL_LIMITS.run),
  interval: z.nullable(
    z
      .object({ low: between(0.2, CALL_LIMITS.interval, 's'), high: between(0.2, CALL_LIMITS.interval, 's') })
      .check(z.refine(({ low, high }) => low <= high, field('downwards', {}))),
  ),
  reaction: between(0, 5, 's'),
  weakSide: z.nullable(z.object({ side: SideName, factor: between(1, CALL_LIMITS.factor) })),
  freezes: between(0, 1),
}) satisfies z.ZodMiniType<Calls>;

/** Characters of why a stage was offered, and of why it was left out. */
export const OFFER_LIMITS = { because: 600, whyNot: 200 } as const;

const PartnerSchema = z.object({
  steps,
  what: note(200),
  lead: z.optional(SideName),
  when: note(200),
  reAim: note(200),
  coming: z.boolean(),
  kit: note(120),
  contact: z.enum(CONTACT_LEVELS),
});

export const StageSchema = z.object({
  id: Id,
  name: line(80),
  kind: z.enum(STAGE_KINDS),
  part: z.enum(SESSION_PARTS),
  /** The pattern it was taken from, as it stood then; the stage keeps its own line. */
  pattern: z.nullable(z.object({ id: Id, version: Version })),
  steps,
  school: Code,
  hand: SideName,
  lead: z.enum(['left', 'right', 'none']),
  shouldClose: z.boolean(),
  cueing: z.enum(CUEINGS),
  opens: z.optional(z.enum(OPENERS)),
  implement: z.enum(IMPLEMENTS),
  tempo: between(0.25, 4),
  /** As typed: what of it cannot be read is said on the page, never lost. */
  dose: text(DOSE_LIMITS.characters),
  explain: seconds(SESSION_LIMITS.explain),
  watch: z.array(Code).check(z.maxLength(STAGE_LIMITS.watch)),
  view: z.enum(VIEWS),
  cues: z.array(line(STAGE_LIMITS.cue)).check(z.maxLength(STAGE_LIMITS.cues)),
  unit: z.enum(FAULT_UNITS),
  evidence: z.object({ next: between(0.5, 1), back: between(0, 1), attempts: whole(1, 500), sessions: whole(1, 10) }),
  cautions: z.array(line(200)).check(z.maxLength(STAGE_LIMITS.cautions)),
  partner: z.nullable(PartnerSchema),
  calls: z.nullable(CallsSchema),
  stations: z.array(z.object({ name: line(60), steps })).check(z.maxLength(STAGE_LIMITS.stations)),
  theme: note(120),
  variant: z.optional(z.enum(['a', 'b'])),
  priority: z.union([z.literal(1), z.literal(2), z.literal(3)]),
}) satisfies z.ZodMiniType<Stage>;

const SettingsOfSession = z.object({
  change: z.nullable(seconds(SESSION_LIMITS.change)),
  water: z.nullable(z.object({ every: between(60, SESSION_LIMITS.seconds, 's'), seconds: between(1, 1800, 's') })),
  rest: z.nullable(seconds(LONGEST_REST)),
  setRest: z.nullable(seconds(LONGEST_REST)),
}) satisfies z.ZodMiniType<SessionSettings>;

/** What one athlete does otherwise than the others. */
const Difference = z.object({
  athlete: Id,
  stage: Id,
  skip: z.boolean(),
  dose: text(DOSE_LIMITS.characters),
  note: note(200),
});

/** What somebody's fault book asked for when the session was begun, stage by stage, and why; of what is not in it any more, why not. */
const Offered = z.object({
  athlete: Id,
  stages: z
    .array(z.object({ stage: Id, name: line(80), because: note(OFFER_LIMITS.because), whyNot: note(OFFER_LIMITS.whyNot) }))
    .check(z.maxLength(SESSION_LIMITS.stages)),
});

/** What is typed of a session, as it is stored; what of it may be saved says `session-draft.ts`, which knows floors. */
export const SessionStored = z.object({
  name: line(80),
  /** A template has no athletes and stands in the list of what one may begin from. */
  template: z.boolean(),
  stages: z.array(StageSchema).check(z.maxLength(SESSION_LIMITS.stages)),
  settings: SettingsOfSession,
  minutes: z.nullable(between(1, SESSION_LIMITS.minutes, 'min')),
  area: note(80),
  equipment: z.nullable(whole(1, 200)),
  seed: whole(0, 4_294_967_295),
  /** When it is planned for: a day, and the hall's time where that is said. */
  when: z.optional(z.nullable(z.object({ day: Day, time: z.nullable(Time) }))),
  athletes: z.array(Id).check(z.maxLength(40)),
  differences: z.array(Difference).check(z.maxLength(400)),
  /** Told to those alone who may read fault books. */
  offered: z.optional(Offered),
});

export const Session = z.extend(SessionStored, { id: Id, version: Version, ...KEPT });
export type Session = Wire<typeof Session>;

/** Of whom records of stages are asked for; null: of all sessions. */
export const RecordsAsked = z.object({ athlete: Id, session: z._default(z.nullable(Id), null) });

/** What a stage's record says, session by session, for one athlete. */
export const StageRecord = z.object({
  stage: Id,
  sessions: z.array(
    z.object({
      day: z.string(),
      n: z.int(),
      hits: z.int(),
      result: z.nullable(z.object({ good: z.int(), n: z.int() })),
    }),
  ),
});
export type StageRecord = Wire<typeof StageRecord>;

/** Stretches of a session's clock as they are run. */
export const StretchKind = z.enum(STRETCH_KINDS);
