import { DIRECTIONS } from '@hopsk/core/plan/direction';
import { CUEINGS, IMPLEMENTS, OPENERS, STAGE_KINDS } from '@hopsk/core/plan/exercise';
import { FAULT_UNITS, PHASES, VIEWS } from '@hopsk/core/catalogue/fault';
import {
  BALL_SOURCES,
  BETTER,
  BPM,
  RESULTS,
  SOURCES,
  STRENGTHS,
  THINGS,
  TOUCH_MS,
  type RunEvent as LoggedEvent,
} from '@hopsk/core/log/event';
import type { PlanChange as LoggedChange } from '@hopsk/core/plan/replan';
import { CUE_KINDS, SOUNDS } from '@hopsk/core/plan/cue';
import {
  type RepPlan as PlannedRep,
  type RunPlan as LoggedPlan,
  type RoundsPlan as RoundsRun,
  type RunStretch as PlannedRunStretch,
  type SessionPlan as SessionRun,
} from '@hopsk/core/plan/run-plan';
import { NOTATION_LIMITS } from '@hopsk/core/language/limits';
import { STAGE_LIMITS } from '@hopsk/core/plan/session/stage';
import { SESSION_LIMITS } from '@hopsk/core/plan/session/session';
import { beyond, PLAN_LIMITS } from '@hopsk/core/plan/unfolds';
import * as z from 'zod/mini';
import { between, Code, Day, Id, line, Moment, SideName, text, whole, type Wire } from './common.js';
import { Rounds } from './pattern.js';
import { StretchKind } from './session.js';
import { field } from './problem.js';
import { RunTally } from './recount.js';
import { FAULT_TEXTS, MergesSchema, RunFaults } from './club-faults.js';
import { OwnViewsSchema } from './views.js';

const moments = z.array(between(0, 3600, 's')).check(z.maxLength(4000));

/** A dose has 400 characters; what a chime of it says can be longer on the other side. */
const MOST_SAID = 800;

/** As many athletes as one run may have. */
export const MOST_HERE = 40;

/** Stretches of a plan, and exercises of one that was changed again and again. */
const MOST_STRETCHES = 6000;
const MOST_EXERCISES = 20 * SESSION_LIMITS.stages;

/** One repetition as the clock knows it. */
export const RepPlan = z.object({
  seconds: between(0.05, 3600, 's'),
  chances: z.partialRecord(z.enum(FAULT_UNITS), moments),
  direction: z.optional(z.enum(DIRECTIONS)),
  chimed: z.optional(text(MOST_SAID)),
  load: z.optional(z.object({ landings: whole(0, 10_000), lunges: whole(0, 10_000) })),
}) satisfies z.ZodMiniType<PlannedRep>;
export type RepPlan = Wire<typeof RepPlan>;
const RoundsPlan = z.object({ dose: Rounds, rep: z.nullable(RepPlan) }) satisfies z.ZodMiniType<RoundsRun>;

/** A second of a plan. */
export const moment = between(0, SESSION_LIMITS.seconds, 's');
const Done = z.array(z.tuple([moment, z.int().check(z.gte(0))])).check(z.maxLength(4000));
const RunStretch = z.object({
  kind: StretchKind,
  start: moment,
  end: moment,
  set: z.int().check(z.gte(0)),
  round: z.int().check(z.gte(0)),
  exercise: z.int().check(z.gte(0), z.lte(MOST_EXERCISES)),
  open: z.boolean(),
  way: z.optional(z.literal([0, 1])),
  wave: z.optional(z.int().check(z.gte(1), z.lte(MOST_HERE))),
  done: Done,
  others: z.optional(z.array(Done).check(z.maxLength(STAGE_LIMITS.stations - 1))),
  line: z.optional(z.int().check(z.gte(0))),
}) satisfies z.ZodMiniType<PlannedRunStretch>;

const Exercise = z.object({
  name: line(80),
  stage: Id,
  steps: text(NOTATION_LIMITS.characters),
  watch: z.array(Code).check(z.maxLength(8)),
  view: z.enum(VIEWS),
  opens: z.optional(z.enum(OPENERS)),
  kind: z.optional(z.enum(STAGE_KINDS)),
  cueing: z.optional(z.enum(CUEINGS)),
  tempo: z.optional(between(0.25, 4)),
  implement: z.optional(z.enum(IMPLEMENTS)),
  stations: z.optional(z.array(text(60)).check(z.maxLength(STAGE_LIMITS.stations))),
  variant: z.optional(z.enum(['a', 'b'])),
  as: z.optional(z.object({ school: Code, hand: SideName, lead: z.enum(['left', 'right', 'none']) })),
  opponent: z.optional(SideName),
});
const Cue = z.object({
  at: moment,
  kind: z.enum(CUE_KINDS),
  say: text(MOST_SAID),
  show: text(MOST_SAID),
  sound: z.nullable(z.enum(SOUNDS)),
  couldGoOn: z.nullable(z.boolean()),
});
const reps = z.array(RepPlan).check(z.maxLength(2000));
const cues = z.array(Cue).check(z.maxLength(SESSION_LIMITS.cues));

/** A whole session as it is run: its clock, its cues, every repetition with its chances. */
const SessionPlan = z.object({
  exercises: z.array(Exercise).check(z.minLength(1, field('too-few', { least: 1 })), z.maxLength(SESSION_LIMITS.stages)),
  reps,
  phases: z.array(RunStretch).check(z.minLength(1, field('no-time', {})), z.maxLength(MOST_STRETCHES)),
  cues,
  /** Landings that were planned then; null in a run of an earlier program. */
  landings: z._default(z.nullable(z.number().check(z.gte(0))), null),
}) satisfies z.ZodMiniType<SessionRun>;
/** More than that nobody runs, and counting it would keep others waiting. */
const countable = z.superRefine<LoggedPlan>((plan, context) => {
  // Checks go on behind what failed; only what is within its bounds can be counted.
  if (context.issues.length > 0) return;
  const unit = beyond(plan);
  if (unit !== null) context.addIssue({ code: 'custom', path: [], message: field('unfolds', { unit, most: PLAN_LIMITS[unit] }) });
});
export const RunPlan = z.union([SessionPlan, RoundsPlan]).check(countable);
export type RunPlan = Wire<typeof RunPlan>;
type SessionPlan = Wire<typeof SessionPlan>;

/** A run as the device made it: everything needed to count it, whatever becomes of pattern and athletes later. */
export const RunHead = z.object({
  id: Id,
  name: line(80),
  day: Day,
  startedAt: Moment,
  patternId: z.nullable(Id),
  /** The session that was run, if any. */
  sessionId: z._default(z.nullable(Id), null),
  /** The text that was run, as it stood then. */
  steps: z.nullable(text(NOTATION_LIMITS.characters)),
  plan: RunPlan,
  athletes: z.array(Id).check(z.minLength(1, field('nobody', {})), z.maxLength(MOST_HERE)),
  tapDelay: between(0, 3, 's'),
  /** From where faults show, as club and coach had it then; missing: as the catalogue has it. */
  views: z.optional(OwnViewsSchema),
  /** Faults that the club had otherwise than the catalogue; missing: none. */
  faults: z.optional(RunFaults),
});
export type RunHead = Wire<typeof RunHead>;

/** A device's own name, made once and kept there. */
const Device = z.string().check(z.regex(/^[A-Za-z0-9-]{1,80}$/));
/** Whatever a wall's clock may say, rightly or not. */
export const wallClock = z.number().check(z.gte(-8.64e15), z.lte(8.64e15));

/** What every event says of itself, whatever else it holds. */
export const EventStamp = z.object({
  device: Device,
  seq: z.int().check(z.gte(1), z.lte(1_000_000)),
});

export type EventStamp = Wire<typeof EventStamp>;

/** Milliseconds of a run. */
export const ofRun = z.int().check(z.gte(0), z.lte(10_000_000_000));

const stamp = {
  ...EventStamp.shape,
  id: Id,
  order: z.int().check(z.gte(1), z.lte(1_000_000_000)),
  m: ofRun,
  at: wallClock,
};
const control = { answers: z.nullable(Id) };
const observed = { athlete: z.nullable(Id), source: z.enum(SOURCES), clip: z.nullable(between(0, 100_000, 's')) };
const shown = {
  shown: z.nullable(
    z.union([
      z.object({ stretch: z.int().check(z.gte(0), z.lte(MOST_STRETCHES)), occasion: z.int().check(z.gte(0), z.lte(4000)) }),
      z.object({ ball: Id }),
    ]),
  ),
};

/** What each kind of event says beside its stamp. */
const said = {
  clock: { kind: z.enum(['go', 'pause', 'resume', 'end']) },
  skip: { kind: z.literal('skip'), to: between(0, 100_000, 's') },
  watch: { kind: z.literal('watch'), athlete: z.nullable(Id) },
  board: { kind: z.literal('board'), faults: z.array(Code).check(z.maxLength(80)) },
  view: { kind: z.literal('view'), view: z.enum(VIEWS) },
  fault: {
    ...{ kind: z.literal('fault'), fault: Code, side: z.nullable(SideName), ...observed },
    strength: z.optional(z.enum(STRENGTHS)),
    phase: z.optional(z.enum(PHASES)),
  },
  right: { kind: z.literal('right'), fault: z.nullable(Code), ...observed },
  result: { kind: z.literal('result'), result: z.enum(RESULTS), ...observed },
  attempt: { kind: z.literal('attempt'), clean: z.boolean(), ...observed },
  freeze: { kind: z.literal('freeze'), could: z.boolean(), ...observed },
  undo: { kind: z.literal('undo'), target: Id },
  move: { kind: z.literal('move'), target: Id, by: z.int().check(z.gte(-50), z.lte(50)) },
  assign: { kind: z.literal('assign'), target: Id, athlete: Id },
};

/** Events of every kind, with what each has beside what it says. */
export const eventsWith = <S extends z.core.$ZodShape, C extends z.core.$ZodShape, O extends z.core.$ZodShape>(
  every: S,
  controls: C,
  observations: O,
) =>
  z.discriminatedUnion('kind', [
    z.object({ ...every, ...said.clock, ...controls }),
    z.object({ ...every, ...said.skip, ...controls }),
    z.object({ ...every, ...said.watch }),
    z.object({ ...every, ...said.board }),
    z.object({ ...every, ...said.view }),
    z.object({ ...every, ...said.fault, ...observations }),
    z.object({ ...every, ...said.right, ...observations }),
    z.object({ ...every, ...said.result, ...observations }),
    z.object({ ...every, ...said.attempt, ...observations }),
    z.object({ ...every, ...said.freeze, ...observations }),
    z.object({ ...every, ...said.undo }),
    z.object({ ...every, ...said.move }),
    z.object({ ...every, ...said.assign }),
  ]);

/** Characters of a changed plan, as it is sent. */
const LONGEST_CHANGE = 1_000_000;
/** What becomes of a plan: whoever writes one asks first whether it can be taken, so that device and server count by the same. */
export const PlanChange = z
  .object({
    from: z.int().check(z.gte(0), z.lte(MOST_STRETCHES)),
    exercises: z.array(Exercise).check(z.maxLength(SESSION_LIMITS.stages)),
    reps,
    phases: z.array(RunStretch).check(z.maxLength(MOST_STRETCHES)),
    cues,
  })
  .check(z.refine((change) => JSON.stringify(change).length <= LONGEST_CHANGE)) satisfies z.ZodMiniType<LoggedChange>;

/** From a call to a touch, and as many repetitions as somebody counts at one press or between two answers. */
export const touchMs = whole(...TOUCH_MS);
export const counted = whole(1, 200);

/** As many as one part of an evening is told to have. */
const told = whole(0, 100_000);

/** As long as one run is said to have been. */
export const LONGEST_MINUTES = 600;

/** Characters of a note, and its text. */
export const NOTE_LENGTH = 280;
export const NoteText = line(NOTE_LENGTH);

export const RunEvent = z.discriminatedUnion('kind', [
  eventsWith(stamp, control, shown),
  z.object({ ...stamp, kind: z.literal('correct'), target: Id, fault: Code, side: z.nullable(SideName) }),
  z.object({ ...stamp, kind: z.enum(['join', 'leave']), athlete: Id }),
  z.object({
    ...stamp,
    kind: z.literal('plan'),
    after: z.nullable(Id),
    change: PlanChange,
  }),
  z.object({ ...stamp, kind: z.literal('named'), code: Code, label: line(FAULT_TEXTS.label), per: z.enum(FAULT_UNITS) }),
  z.object({ ...stamp, kind: z.literal('note'), text: NoteText, athlete: z.nullable(Id) }),
  z.object({ ...stamp, kind: z.literal('effort'), athlete: Id, effort: z.nullable(whole(0, 10)), minutes: whole(1, LONGEST_MINUTES) }),
  z.object({ ...stamp, kind: z.literal('pain'), athlete: Id, pain: z.nullable(z.boolean()) }),
  z.object({ ...stamp, kind: z.literal('felt'), athlete: Id, better: z.nullable(z.enum(BETTER)) }),
  z.object({ ...stamp, kind: z.literal('follow'), within: ofRun }),
  z
    .object({
      ...stamp,
      ...{ kind: z.literal('told'), athlete: Id, fault: Code, source: z.enum(SOURCES) },
      ...{ attempts: told, faulty: told, noted: told, left: told, right: told },
      exercise: z.int().check(z.gte(0), z.lte(MOST_EXERCISES)),
      ...{ set: whole(0, 1000), round: whole(0, 1000), third: whole(0, 3) },
      ...{ way: z.enum(['written', 'other', '']), direction: z.enum([...DIRECTIONS, '']), view: z.nullable(z.enum(VIEWS)) },
    })
    .check(z.refine(({ attempts, faulty }) => faulty <= attempts)),
  z.object({ ...stamp, kind: z.literal('ball'), source: z.enum(BALL_SOURCES) }),
  z.object({ ...stamp, kind: z.literal('thing'), thing: Id, as: z.enum(THINGS), standIn: z.boolean(), on: z.boolean() }),
  z.object({ ...stamp, kind: z.literal('whose'), thing: Id, athlete: z.nullable(Id) }),
  z.object({ ...stamp, kind: z.literal('reaction'), thing: Id, athlete: z.nullable(Id), call: moment, ms: touchMs }),
  z.object({ ...stamp, kind: z.literal('pulse'), thing: Id, athlete: Id, bpm: whole(...BPM) }),
  z.object({ ...stamp, kind: z.literal('reps'), thing: Id, athlete: Id, n: counted }),
  z.object({ ...stamp, kind: z.literal('opens'), exercise: z.int().check(z.gte(0), z.lte(MOST_EXERCISES)), by: z.enum(OPENERS) }),
]) satisfies z.ZodMiniType<LoggedEvent>;
export type RunEvent = Wire<typeof RunEvent>;

/** As many events as go in one request, and the bytes of one that is kept although it cannot be counted. */
export const EVENTS_LIMITS = { most: 500, refusedBytes: 65_536 } as const;

/**
 * How far each device's events are stored without a gap, which of those sent are kept but not counted, and the numbers of the last
 * arrival before them and now: where a device knew the first, it knows all up to the second.
 */
export const EventsStored = z.object({
  stored: z.record(Device, z.int()),
  before: z.int(),
  arrival: z.int(),
  refused: z.array(z.extend(EventStamp, { code: z.string() })),
});
export type EventsStored = Wire<typeof EventsStored>;

/** Events by the number of their arrival: some, and the number to go on from. */
export const EventsPage = z.object({
  events: z.array(z.unknown()),
  arrival: z.int(),
  more: z.boolean(),
  /** The run's time (ms) as the server knows it: at most a little less than the truth; null where it knows none. */
  now: z._default(z.nullable(z.number()), null),
});
export type EventsPage = Wire<typeof EventsPage>;

export const RunRow = z.extend(z.omit(RunHead, { plan: true, steps: true }), {
  version: z.int(),
  watched: z.int(),
  taps: z.int(),
  /** Landings that were planned, of a session; null where that is not known. */
  landings: z._default(z.nullable(z.number()), null),
});
export type RunRow = Wire<typeof RunRow>;

/** Which runs are wanted: the latest before a moment (or at it and behind a run), so many; whose name holds a text, of some days. */
export const RunsAsked = z.object({
  before: z._default(Moment, '9999-12-31T00:00:00Z'),
  behind: z._default(Id, 'ffffffff-ffff-4fff-bfff-ffffffffffff'),
  most: z._default(z.coerce.number().check(z.int(), z.gte(1), z.lte(200)), 40),
  find: z._default(text(80), ''),
  from: z._default(Day, '0001-01-01'),
  to: z._default(Day, '9999-12-31'),
});
export type RunsAsked = Wire<typeof RunsAsked>;

/** A run that is under way, and whose devices are in it. */
export const RunOpen = z.extend(z.pick(RunHead, { id: true, name: true, startedAt: true, athletes: true }), {
  coaches: z.array(z.string()),
});
export type RunOpen = Wire<typeof RunOpen>;

/** A run with its log. Events of a kind that is not known here are counted: a newer app wrote them. */
export const RunWhole = z.pipe(
  z.object({
    run: z.extend(RunHead, { version: z.int(), merged: z.optional(MergesSchema) }),
    events: z.array(z.unknown()),
    arrival: z.int(),
    /** The run's time (ms) as this is answered, or a little less; null before it began, or where nobody said. */
    now: z.nullable(z.number()),
    /** What it added up to by earlier rules, before the club had it counted anew. */
    before: z._default(z.array(z.extend(RunTally, { rules: z.int(), until: z.string() })), []),
    /** Who wrote, by the names of their devices. */
    who: z._default(z.record(z.string(), z.string()), {}),
  }),
  z.transform(({ run, events, arrival, now, before, who }) => {
    const known = events.flatMap((event) => RunEvent.safeParse(event).data ?? []);
    return { run, events: known, unread: events.length - known.length, arrival, now, before, who };
  }),
);
export type RunWhole = Wire<typeof RunWhole>;
