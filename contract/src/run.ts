import { FAULT_UNITS, VIEWS } from '@hopsk/core/catalogue/fault';
import { RESULTS, SOURCES, type RunEvent } from '@hopsk/core/log/event';
import { CUE_KINDS, SOUNDS } from '@hopsk/core/plan/cue';
import type {
  RepPlan as PlannedRep,
  RoundsPlan as RoundsRun,
  RunStretch as PlannedRunStretch,
  SessionPlan as SessionRun,
} from '@hopsk/core/plan/run-plan';
import { SESSION_LIMITS } from '@hopsk/core/plan/session/session';
import * as z from 'zod';
import { between, Code, Day, Id, line, SideName, type Wire } from './common.js';
import { Rounds } from './pattern.js';
import { StretchKind } from './session.js';
import { field } from './problem.js';

const moments = z.array(between(0, 3600, 's')).max(4000);

/** As many athletes as one run may have. */
export const MOST_HERE = 40;

/** One repetition as the clock knows it. */
export const RepPlan = z.object({
  seconds: between(0.05, 3600, 's'),
  chances: z.partialRecord(z.enum(FAULT_UNITS), moments),
}) satisfies z.ZodType<PlannedRep>;
export type RepPlan = Wire<typeof RepPlan>;
const RoundsPlan = z.object({ dose: Rounds, rep: RepPlan.nullable() }) satisfies z.ZodType<RoundsRun>;

const moment = between(0, SESSION_LIMITS.seconds, 's');
const RunStretch = z.object({
  kind: StretchKind,
  start: moment,
  end: moment,
  set: z.int().min(0),
  round: z.int().min(0),
  exercise: z.int().min(0).max(SESSION_LIMITS.stages),
  open: z.boolean(),
  done: z.array(z.tuple([moment, z.int().min(0)])).max(4000),
}) satisfies z.ZodType<PlannedRunStretch>;

/** A whole session as it is run: its clock, its cues, every repetition with its chances. */
const SessionPlan = z.object({
  exercises: z
    .array(
      z.object({
        name: line(80),
        stage: Id,
        steps: z.string().max(20_000),
        watch: z.array(Code).max(8),
        view: z.enum(VIEWS),
      }),
    )
    .min(1, field('too-few', { least: 1 }))
    .max(SESSION_LIMITS.stages),
  reps: z.array(RepPlan).max(2000),
  phases: z.array(RunStretch).min(1, field('no-time', {})).max(6000),
  cues: z
    .array(
      z.object({
        at: moment,
        kind: z.enum(CUE_KINDS),
        say: z.string().max(400),
        show: z.string().max(400),
        sound: z.enum(SOUNDS).nullable(),
        couldGoOn: z.boolean().nullable(),
      }),
    )
    .max(SESSION_LIMITS.cues),
  /** Landings that were planned then; null in a run of an earlier program. */
  landings: z.number().min(0).nullable().default(null),
}) satisfies z.ZodType<SessionRun>;
export const RunPlan = z.union([SessionPlan, RoundsPlan]);
export type RunPlan = Wire<typeof RunPlan>;
type SessionPlan = Wire<typeof SessionPlan>;

/** A run as the device made it: everything needed to count it, whatever becomes of pattern and athletes later. */
export const RunHead = z.object({
  id: Id,
  name: line(80),
  day: Day,
  startedAt: z.iso.datetime(),
  patternId: Id.nullable(),
  /** The progression that was run, if any. */
  progressionId: Id.nullable().default(null),
  /** The text that was run, as it stood then. */
  steps: z.string().max(20_000).nullable(),
  plan: RunPlan,
  athletes: z.array(Id).min(1, field('nobody', {})).max(MOST_HERE),
  tapDelay: between(0, 3, 's'),
});
export type RunHead = Wire<typeof RunHead>;

const stamp = { id: Id, n: z.int().min(0).max(1_000_000), at: z.number().min(0).max(8.64e15), t: between(-3600, 100_000, 's') };
const observed = { athlete: Id.nullable(), source: z.enum(SOURCES), clip: between(0, 100_000, 's').nullable() };

export const RunEventSchema = z.discriminatedUnion('kind', [
  z.object({ ...stamp, kind: z.enum(['go', 'pause', 'resume', 'end']) }),
  z.object({ ...stamp, kind: z.literal('skip'), to: between(0, 100_000, 's') }),
  z.object({ ...stamp, kind: z.literal('watch'), athlete: Id.nullable() }),
  z.object({ ...stamp, kind: z.literal('board'), faults: z.array(Code).max(80) }),
  z.object({ ...stamp, kind: z.literal('view'), view: z.enum(VIEWS) }),
  z.object({ ...stamp, kind: z.literal('fault'), fault: Code, side: SideName.nullable(), ...observed }),
  z.object({ ...stamp, kind: z.literal('right'), fault: Code.nullable(), ...observed }),
  z.object({ ...stamp, kind: z.literal('result'), result: z.enum(RESULTS), ...observed }),
  z.object({ ...stamp, kind: z.literal('attempt'), clean: z.boolean(), ...observed }),
  z.object({ ...stamp, kind: z.literal('freeze'), could: z.boolean(), ...observed }),
  z.object({ ...stamp, kind: z.literal('undo'), target: Id }),
  z.object({ ...stamp, kind: z.literal('move'), target: Id, by: z.int().min(-50).max(50) }),
  z.object({ ...stamp, kind: z.literal('assign'), target: Id, athlete: Id }),
]) satisfies z.ZodType<RunEvent>;

/** What a device sends: the run and the events the server may not have yet. Sending twice changes nothing. */
export const RunUpload = z.object({
  run: RunHead,
  events: z.array(RunEventSchema).max(5000),
});
export type RunUpload = Wire<typeof RunUpload>;

export const RunUploaded = z.object({ stored: z.int(), total: z.int() });
export type RunUploaded = Wire<typeof RunUploaded>;

/** Naming a run, and joining it to a pattern, afterwards. */
export const RunRename = z.object({ name: line(80), patternId: Id.nullable(), version: z.int().min(0) });

export const RunRow = RunHead.omit({ plan: true, steps: true }).extend({
  version: z.int(),
  watched: z.int(),
  taps: z.int(),
  /** Landings that were planned, of a session; null where that is not known. */
  landings: z.number().nullable().default(null),
});
export type RunRow = Wire<typeof RunRow>;

export const RunWhole = z.object({ run: RunHead.extend({ version: z.int() }), events: z.array(RunEventSchema) });
export type RunWhole = Wire<typeof RunWhole>;
