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
import * as z from 'zod/mini';
import { between, Code, Day, Id, line, SideName, type Wire } from './common.js';
import { Rounds } from './pattern.js';
import { StretchKind } from './session.js';
import { fromEarlier } from './earlier.js';
import { field } from './problem.js';

const moments = z.array(between(0, 3600, 's')).check(z.maxLength(4000));

/** As many athletes as one run may have. */
export const MOST_HERE = 40;

/** One repetition as the clock knows it. */
export const RepPlan = z.object({
  seconds: between(0.05, 3600, 's'),
  chances: z.partialRecord(z.enum(FAULT_UNITS), moments),
}) satisfies z.ZodMiniType<PlannedRep>;
export type RepPlan = Wire<typeof RepPlan>;
const RoundsPlan = z.object({ dose: Rounds, rep: z.nullable(RepPlan) }) satisfies z.ZodMiniType<RoundsRun>;

const moment = between(0, SESSION_LIMITS.seconds, 's');
const RunStretch = z.object({
  kind: StretchKind,
  start: moment,
  end: moment,
  set: z.int().check(z.gte(0)),
  round: z.int().check(z.gte(0)),
  exercise: z.int().check(z.gte(0), z.lte(SESSION_LIMITS.stages)),
  open: z.boolean(),
  done: z.array(z.tuple([moment, z.int().check(z.gte(0))])).check(z.maxLength(4000)),
}) satisfies z.ZodMiniType<PlannedRunStretch>;

/** A whole session as it is run: its clock, its cues, every repetition with its chances. */
const SessionPlan = z.object({
  exercises: z
    .array(
      z.object({
        name: line(80),
        stage: Id,
        steps: z.string().check(z.maxLength(20_000)),
        watch: z.array(Code).check(z.maxLength(8)),
        view: z.enum(VIEWS),
      }),
    )
    .check(z.minLength(1, field('too-few', { least: 1 })), z.maxLength(SESSION_LIMITS.stages)),
  reps: z.array(RepPlan).check(z.maxLength(2000)),
  phases: z.array(RunStretch).check(z.minLength(1, field('no-time', {})), z.maxLength(6000)),
  cues: z
    .array(
      z.object({
        at: moment,
        kind: z.enum(CUE_KINDS),
        say: z.string().check(z.maxLength(400)),
        show: z.string().check(z.maxLength(400)),
        sound: z.nullable(z.enum(SOUNDS)),
        couldGoOn: z.nullable(z.boolean()),
      }),
    )
    .check(z.maxLength(SESSION_LIMITS.cues)),
  /** Landings that were planned then; null in a run of an earlier program. */
  landings: z._default(z.nullable(z.number().check(z.gte(0))), null),
}) satisfies z.ZodMiniType<SessionRun>;
export const RunPlan = z.union([SessionPlan, RoundsPlan]);
export type RunPlan = Wire<typeof RunPlan>;
type SessionPlan = Wire<typeof SessionPlan>;

/** A run as the device made it: everything needed to count it, whatever becomes of pattern and athletes later. */
export const RunHead = z.object({
  id: Id,
  name: line(80),
  day: Day,
  startedAt: z.iso.datetime(),
  patternId: z.nullable(Id),
  /** The session that was run, if any. */
  sessionId: z._default(z.nullable(Id), null),
  /** The text that was run, as it stood then. */
  steps: z.nullable(z.string().check(z.maxLength(20_000))),
  plan: RunPlan,
  athletes: z.array(Id).check(z.minLength(1, field('nobody', {})), z.maxLength(MOST_HERE)),
  tapDelay: between(0, 3, 's'),
});
export type RunHead = Wire<typeof RunHead>;

const stamp = {
  id: Id,
  n: z.int().check(z.gte(0), z.lte(1_000_000)),
  at: z.number().check(z.gte(0), z.lte(8.64e15)),
  t: between(-3600, 100_000, 's'),
};
const observed = { athlete: z.nullable(Id), source: z.enum(SOURCES), clip: z.nullable(between(0, 100_000, 's')) };

export const RunEventSchema = z.discriminatedUnion('kind', [
  z.object({ ...stamp, kind: z.enum(['go', 'pause', 'resume', 'end']) }),
  z.object({ ...stamp, kind: z.literal('skip'), to: between(0, 100_000, 's') }),
  z.object({ ...stamp, kind: z.literal('watch'), athlete: z.nullable(Id) }),
  z.object({ ...stamp, kind: z.literal('board'), faults: z.array(Code).check(z.maxLength(80)) }),
  z.object({ ...stamp, kind: z.literal('view'), view: z.enum(VIEWS) }),
  z.object({ ...stamp, kind: z.literal('fault'), fault: Code, side: z.nullable(SideName), ...observed }),
  z.object({ ...stamp, kind: z.literal('right'), fault: z.nullable(Code), ...observed }),
  z.object({ ...stamp, kind: z.literal('result'), result: z.enum(RESULTS), ...observed }),
  z.object({ ...stamp, kind: z.literal('attempt'), clean: z.boolean(), ...observed }),
  z.object({ ...stamp, kind: z.literal('freeze'), could: z.boolean(), ...observed }),
  z.object({ ...stamp, kind: z.literal('undo'), target: Id }),
  z.object({ ...stamp, kind: z.literal('move'), target: Id, by: z.int().check(z.gte(-50), z.lte(50)) }),
  z.object({ ...stamp, kind: z.literal('assign'), target: Id, athlete: Id }),
]) satisfies z.ZodMiniType<RunEvent>;

/** What a device sends: the run and the events the server may not have yet. Sending twice changes nothing. */
export const RunUpload = z.object({
  run: fromEarlier(RunHead),
  events: z.array(RunEventSchema).check(z.maxLength(5000)),
});
export type RunUpload = Wire<typeof RunUpload>;

export const RunUploaded = z.object({ stored: z.int(), total: z.int() });
export type RunUploaded = Wire<typeof RunUploaded>;

/** Naming a run, and joining it to a pattern, afterwards. */
export const RunRename = z.object({ name: line(80), patternId: z.nullable(Id), version: z.int().check(z.gte(0)) });

export const RunRow = z.extend(z.omit(RunHead, { plan: true, steps: true }), {
  version: z.int(),
  watched: z.int(),
  taps: z.int(),
  /** Landings that were planned, of a session; null where that is not known. */
  landings: z._default(z.nullable(z.number()), null),
});
export type RunRow = Wire<typeof RunRow>;

export const RunWhole = z.object({ run: z.extend(RunHead, { version: z.int() }), events: z.array(RunEventSchema) });
export type RunWhole = Wire<typeof RunWhole>;
