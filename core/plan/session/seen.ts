import type { Placing } from '../../judge/area.js';
import { placingFrom } from '../../judge/area-text.js';
import { placesOn } from '../../judge/places.js';
import { readWith } from '../../judge/study.js';
import type { NotationError } from '../../language/ast.js';
import type { DoseError } from '../../language/dose-reader.js';
import { readDose } from '../../language/dose-text.js';
import type { OwnMove } from '../../language/own-moves.js';
import { atEnd, doseBy, exactly, roundsOf, type Dose } from '../../language/dose.js';
import type { Performer } from '../../motion/simulation.js';
import { callable, type Callable } from '../calls/callable.js';
import { CALL_LIMITS, FREEZE_SECONDS, USUAL_CALLS } from '../calls/calls.js';
import { neededAfter } from '../calls/draw.js';
import { namedAlternatives } from '../calls/named.js';
import { ms } from '../ms.js';
import { groupsAt } from '../stations.js';
import { questionsOf, type Pace, type Question } from '../work-and-rest.js';
import type { Session, SessionSettings } from './session.js';
import type { Stage } from './stage.js';
import { waysOf, type Way, type Ways } from './way.js';

/** A stage as one athlete does it: its dose read, its repetitions simulated, its calls made ready. */
export interface StageSeen {
  readonly stage: Stage;
  /** What chooses where a line leaves a choice. */
  readonly seed: number;
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
  /** How many groups go through its stations; 0 without any. */
  readonly stationGroups: number;
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
  const places = placesOn(placingOf(session));
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
    rep: [first.seconds, second.seconds],
    call: callSeconds(stage, callables),
    waves: wavesOf(stage, first, session, by.athletes ?? 1),
  };
  return {
    stage,
    seed: session.seed,
    dose,
    doseErrors,
    lineErrors: lines.flatMap((line) => line.errors),
    ways,
    stations,
    chimed,
    callables,
    pace,
    stationGroups: stage.stations.length > 0 ? groupsAt(stage.stations.length, by.athletes ?? 1) : 0,
    questions: questionsOf(dose, pace),
  };
}

/**
 * How many can work at once: by the floor that one needs with reach and margin, laid side by side in rows on a rectangle, and by
 * the equipment; a partner stage takes them in pairs. At least one (or one pair).
 */
export function capacityOf(stage: Stage, { drawn }: Way, session: Pick<Session, 'area' | 'equipment'>): number {
  const area = session.area === '' ? null : (placingFrom(session.area)?.area ?? null);
  const floors = drawn.map(({ totals }) => totals.floorWithMargin);
  const across = Math.max(...floors.map((one) => one.across));
  const along = Math.max(...floors.map((one) => one.along));
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

const wavesOf = (stage: Stage, way: Way, session: Pick<Session, 'area' | 'equipment'>, athletes: number): number =>
  stage.stations.length > 0 ? 1 : Math.max(1, Math.ceil(athletes / capacityOf(stage, way, session)));

/** Where calls happen: on the session's floor, if it is known. */
export const placingOf = (session: Pick<Session, 'area'>): Placing | null => (session.area === '' ? null : placingFrom(session.area));
