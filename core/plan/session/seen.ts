import type { Placing } from '../../judge/area.js';
import { placingFrom } from '../../judge/area-text.js';
import { placesOf } from '../../judge/places.js';
import { readWith } from '../../judge/study.js';
import type { NotationError, Parsed } from '../../language/ast.js';
import type { DoseError } from '../../language/dose-reader.js';
import { readDose } from '../../language/dose-text.js';
import { operate } from '../../language/operations.js';
import type { OwnMove } from '../../language/own-moves.js';
import { atEnd, doseBy, exactly, roundsOf, type Dose } from '../../language/dose.js';
import { simulate, type SimulateOptions, type Slip } from '../../motion/simulate.js';
import type { Performer, Simulation } from '../../motion/simulation.js';
import { totalsOf, type Totals } from '../../motion/totals.js';
import { callable, type Callable } from '../calls/callable.js';
import { CALL_LIMITS, FREEZE_SECONDS, USUAL_CALLS } from '../calls/calls.js';
import { neededAfter } from '../calls/draw.js';
import { namedAlternatives } from '../calls/named.js';
import { ms } from '../ms.js';
import { questionsOf, type Pace, type Question } from '../work-and-rest.js';
import { repPlanOf } from '../rep-plan.js';
import type { RepPlan } from '../run-plan.js';
import type { Session, SessionSettings } from './session.js';
import type { Stage } from './stage.js';

/** One way of a stage, as written or turned round: what the simulation says of a repetition. */
export interface Way {
  readonly text: string;
  readonly simulation: Simulation;
  readonly totals: Totals;
  readonly rep: RepPlan | null;
}

/** As written, and on the other side or lead. */
type Ways = readonly [Way, Way];

/** A stage as one athlete does it: its dose read, its repetitions simulated, its calls made ready. */
export interface StageSeen {
  readonly stage: Stage;
  /** A dose that cannot be read counts as nothing. */
  readonly dose: Dose;
  readonly doseErrors: readonly DoseError[];
  readonly lineErrors: readonly NotationError[];
  readonly ways: Ways;
  /** The same of each station; empty where there are none. */
  readonly stations: readonly Ways[];
  /** What each chime of the dose has done, once, the same two ways. */
  readonly chimed: readonly Ways[];
  readonly callables: readonly Callable[];
  readonly pace: Pace;
  readonly questions: readonly Question[];
}

/** Who does a session, and what of the club they may use. */
export interface SeenBy {
  /** The performer of a stage, in its stance. */
  readonly performer: (stage: Stage) => Performer;
  /** The stage's line as this athlete does it. */
  readonly text: (stage: Stage, steps: string) => string;
  readonly own?: readonly OwnMove[];
  /** How many athletes there are; groups take turns where not all fit. */
  readonly athletes?: number;
}

/** Everything slower or quicker by a factor. */
const paced =
  (factor: number): Slip =>
  (step) => ({
    step: {
      ...step,
      tempo:
        step.tempo === null
          ? { factor }
          : 'seconds' in step.tempo
            ? { seconds: step.tempo.seconds * factor }
            : { factor: step.tempo.factor * factor },
    },
    swing: 0,
  });

/** What a line is simulated with beside whose it is. */
type Drawn = Pick<SimulateOptions, 'seed' | 'places'>;

function wayOf(parsed: Parsed, text: string, performer: Performer, stage: Stage, drawn: Drawn): Way {
  const options = stage.tempo === 1 ? drawn : { ...drawn, slip: paced(stage.tempo) };
  const simulation = simulate(parsed, performer, options);
  return { text, simulation, totals: totalsOf(simulation), rep: repPlanOf(simulation) };
}

function waysOf(
  parsed: Parsed,
  text: string,
  performer: Performer,
  stage: Stage,
  dose: Dose,
  drawn: Drawn,
  own?: readonly OwnMove[],
): Ways {
  const first = wayOf(parsed, text, performer, stage, drawn);
  if (!dose.sides) return [first, first];
  const operation = dose.sides.of === 'lead' ? 'other lead' : 'other side';
  const other = operate(operation, { text, hand: performer.playing, lead: performer.lead, area: '' }).text;
  return [first, wayOf(readWith(other, own), other, mirrored(performer, operation === 'other lead'), stage, drawn)];
}

/** What is done in a round of a stage: with stations each round another one, as the first of a rotation goes through them. */
export const wayAt = (one: Pick<StageSeen, 'ways' | 'stations'>, { way, round }: { readonly way: 0 | 1; readonly round: number }): Way =>
  (one.stations[(Math.max(1, round) - 1) % Math.max(1, one.stations.length)] ?? one.ways)[way];

/** The longest a call needs (frozen, where calls are), or what the coach gives it: seconds of one call in the plan. */
function callSeconds(stage: Stage, callables: readonly Callable[]): number | null {
  if (stage.calls === null) return null;
  const needed = Math.max(
    0,
    ...callables.filter((one) => one.hindrance === null).map((one) => neededAfter(one, stage.calls?.reaction ?? 0)),
  );
  const asked = stage.calls.interval?.high ?? 0;
  const frozen = needed > 0 && stage.calls.freezes > 0 ? FREEZE_SECONDS : 0;
  const longest = ms(Math.max(needed + frozen, asked));
  return longest > 0 ? longest : null;
}

const mirrored = (performer: Performer, lead: boolean): Performer =>
  lead && performer.lead !== null ? { ...performer, lead: performer.lead === 'left' ? 'right' : 'left' } : performer;

/** A called stage whose line names its alternatives calls these, where nothing else is to be called. */
function withCalls(stage: Stage, { own }: SeenBy): Stage {
  const called = stage.cueing === 'called' || stage.cueing === 'called in order';
  if (!called || stage.calls !== null) return stage;
  const alternatives = namedAlternatives(readWith(stage.steps, own)).slice(0, CALL_LIMITS.alternatives);
  const order = stage.cueing === 'called' ? 'random' : 'known';
  return alternatives.length === 0 ? stage : { ...stage, calls: { ...USUAL_CALLS, order, alternatives } };
}

/** A dose with the session's rests where it needs one and has none of its own. */
const rested = (dose: Dose, { rest, setRest }: Pick<SessionSettings, 'rest' | 'setRest'>): Dose => ({
  ...dose,
  rest: dose.rest ?? (roundsOf(atEnd(dose, 'high')) > 1 ? rest : null),
  setRest: dose.setRest ?? (dose.sets.high > 1 ? setRest : null),
});

/** Looks at a stage through one athlete's body. Never throws. */
export function seeStage(written: Stage, session: Pick<Session, 'seed' | 'area' | 'equipment' | 'settings'>, by: SeenBy): StageSeen {
  const stage = withCalls(written, by);
  const { dose: read, errors: doseErrors } = readDose(stage.dose);
  const dose = rested(read ?? doseBy({ by: 'time', seconds: exactly(0) }), session.settings);
  const performer = by.performer(stage);
  const placing = placingOf(session);
  const places = placing ? { places: placesOf(placing) } : {};
  const seeLine = (steps: string): { readonly errors: readonly NotationError[]; readonly ways: Ways } => {
    const text = by.text(stage, steps);
    const parsed = readWith(text, by.own);
    return { errors: parsed.errors, ways: waysOf(parsed, text, performer, stage, dose, { seed: session.seed, ...places }, by.own) };
  };
  const lines = [stage.steps, ...stage.stations.map((station) => station.steps)].map(seeLine);
  const [ways, ...stations] = lines.map((line) => line.ways) as [Ways, ...Ways[]];
  const [first, second] = ways;
  const callables = (stage.calls?.alternatives ?? []).map((one) =>
    callable({ ...one, steps: by.text(stage, one.steps) }, performer, by.own, places),
  );
  const chimed = dose.chimes.map(({ does }) => seeLine(does).ways);
  const pace: Pace = {
    rep: [first.rep?.seconds ?? null, second.rep?.seconds ?? null],
    call: callSeconds(stage, callables),
    waves: wavesOf(stage, first.totals, session, by.athletes ?? 1),
  };
  return {
    stage,
    dose,
    doseErrors,
    lineErrors: lines.flatMap((line) => line.errors),
    ways,
    stations,
    chimed,
    callables,
    pace,
    questions: questionsOf(dose, pace),
  };
}

/**
 * How many can work at once: by the floor that one needs with reach and margin, laid side by side in rows on a rectangle, and by
 * the equipment; a partner stage takes them in pairs. At least one (or one pair).
 */
export function capacityOf(stage: Stage, totals: Totals, session: Pick<Session, 'area' | 'equipment'>): number {
  const area = session.area === '' ? null : (placingFrom(session.area)?.area ?? null);
  const { across, along } = totals.floorWithMargin;
  const rows = (width: number, depth: number): number =>
    Math.floor(width / Math.max(0.1, across)) * Math.floor(depth / Math.max(0.1, along));
  const byFloor =
    area === null
      ? Infinity
      : area.shape.kind === 'rectangle'
        ? rows(area.shape.across + 2 * area.free.side, (area.far === 0 ? area.shape.along / 2 : area.shape.along) + area.free.back)
        : Math.floor((Math.PI / 4) * (area.shape.across / Math.max(0.1, Math.max(across, along))) ** 2);
  const byKit = stage.implement === 'without' || session.equipment === null ? Infinity : session.equipment;
  const together = stage.partner || stage.cueing === 'partner' ? 2 : 1;
  return Math.max(together, Math.min(byFloor * together, byKit));
}

const wavesOf = (stage: Stage, totals: Totals, session: Pick<Session, 'area' | 'equipment'>, athletes: number): number =>
  stage.stations.length > 0 ? 1 : Math.max(1, Math.ceil(athletes / capacityOf(stage, totals, session)));

/** Where calls happen: on the session's floor, if it is known. */
export const placingOf = (session: Pick<Session, 'area'>): Placing | null => (session.area === '' ? null : placingFrom(session.area));
