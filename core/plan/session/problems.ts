import { SIDES, type Side } from '../../body/foot.js';
import type { Caution } from '../../body/caution.js';
import { outsideOf } from '../../judge/placing.js';
import { answered } from '../../language/dose-plain.js';
import { printDose } from '../../language/dose-print.js';
import { roundsOf, turnsOf, type Dose, type Sides } from '../../language/dose.js';
import { keepsNamedFoot } from '../../language/operations.js';
import { said } from '../../said.js';
import type { CallMessage } from '../calls/messages.js';
import { drawCalls, type CallList } from '../calls/draw.js';
import { chimedRound } from '../chimes.js';
import { stretchesOf } from '../work-and-rest.js';
import { callsIn } from './called.js';
import { judgeLandings, landingsOf, riseOver, STEEP, type TrainingLevel } from './landings.js';
import type { PlanMessage, PlanMessages } from './messages.js';
import { secondsOfChimes } from './repetitions.js';
import { placingOf, type StageSeen } from './seen.js';
import { SESSION_LIMITS, type Session } from './session.js';
import { sessionStretches } from './timeline.js';
import type { SessionTotals } from './totals.js';
import type { Ways } from './way.js';

type Level = 'asks' | 'note' | 'beware' | 'stop';

/** What is wrong with a plan, at which stage (null: the session), and how grave. Faults of a plan, never of an athlete. */
export type PlanProblem = PlanMessage & { readonly stage: number | null; readonly level: Level };

/** What is known beside the plan itself. */
export interface Around {
  readonly level: TrainingLevel;
  readonly child: boolean;
  /** Whether the athlete's other lead is trusted at all. */
  readonly otherLead: boolean;
  readonly lead: Side | null;
  /** Landings of the last sessions or weeks, oldest first. */
  readonly landingsBefore: readonly number[];
  /** Standing cautions of whom the plan is for. */
  readonly cautions: readonly Caution[];
  /** Versions of the club's patterns by id; a pattern that is not in it was deleted. Null: not known. */
  readonly patterns: ReadonlyMap<string, number> | null;
  /** The athlete's name. */
  readonly name: string;
}

export const ALONE: Around = {
  level: 'intermediate',
  child: false,
  otherLead: true,
  lead: null,
  landingsBefore: [],
  cautions: [],
  patterns: null,
  name: '',
};

/** Everything that a coach should know of a plan, in the order of its stages, the session's own last. */
export function planProblems(seen: readonly StageSeen[], totals: SessionTotals, session: Session, around: Around = ALONE): PlanProblem[] {
  const stretches = sessionStretches(seen, session);
  const drawn = [...callsIn(seen, session, stretches)].map(([at, list]) => ({ list, exercise: stretches[at]?.exercise }));
  const listsOf = (i: number): CallList[] => drawn.flatMap(({ list, exercise }) => (exercise === i ? [list] : []));
  const problems = seen.flatMap((one, i) => [...asked(one, i), ...ofStage(one, i, session, around, listsOf(i))]);
  return [...problems, ...ofSession(seen, totals, session, around)];
}

/** Gathers what is found at one place. */
type Add = <Code extends keyof PlanMessages>(level: Level, code: Code, values: PlanMessages[Code]) => void;
const adding = (into: PlanProblem[], stage: number | null): Add =>
  function add<Code extends keyof PlanMessages>(level: Level, code: Code, values: PlanMessages[Code]): void {
    into.push({ ...said<PlanMessages, Code>(code, values), stage, level });
  };

function asked({ stage: { dose }, questions, doseErrors, lineErrors }: StageSeen, stage: number): PlanProblem[] {
  const found: PlanProblem[] = [];
  const add = adding(found, stage);
  for (const { instead, readings, ...error } of doseErrors) {
    const meant = readings.map((one) => answered(dose, error, one));
    add(meant.length > 0 ? 'asks' : 'stop', 'dose', { error, instead, readings: meant });
  }
  for (const error of lineErrors.slice(0, 2)) add('stop', 'steps', { error });
  for (const question of questions) add('asks', question, {});
  return found;
}

const alike = (a: CallMessage, b: CallMessage): boolean => JSON.stringify(a) === JSON.stringify(b);

/** Sides of a line that has none, or that names a foot, which is another question on the other side. */
function sidesAsked(add: Add, dose: Dose, sides: Sides, [written, other]: Ways): void {
  const { text, drawn } = written;
  if (sides.of !== 'side' || text.trim() === '') return;
  const lead = printDose({ ...dose, sides: { ...sides, of: 'lead' } });
  const names = keepsNamedFoot(text);
  if (text !== other.text) {
    // It may be meant so: a lunge of the racket's foot to both corners.
    if (names) add('note', 'side-of-foot', { readings: [lead] });
    return;
  }
  const leads = names || drawn[0].simulation.performer.lead !== null;
  add('stop', 'no-side', { readings: [...(leads ? [lead] : []), printDose({ ...dose, sides: null })] });
}

/** @param lists what is called in each of its rounds, as it is run */
function ofStage(one: StageSeen, i: number, session: Session, around: Around, lists: readonly CallList[]): PlanProblem[] {
  const { stage, dose, ways, pace } = one;
  const found: PlanProblem[] = [];
  const add = adding(found, i);
  const [written, other] = ways;
  const rep = written.seconds ?? 0;
  if (stage.pattern && around.patterns) {
    const version = around.patterns.get(stage.pattern.id);
    if (version === undefined) add('note', 'pattern-away', {});
    else if (version > stage.pattern.version) add('note', 'pattern-changed', {});
  }
  if (dose.sides && !stage.calls) for (const line of [ways, ...one.stations]) sidesAsked(add, dose, dose.sides, line);
  if (dose.sides?.of === 'lead' && !around.otherLead) add('stop', 'other-lead', { name: around.name });
  const each = dose.work.by === 'calls' ? (pace.call ?? 0) : rep;
  if ((dose.work.by === 'count' || dose.work.by === 'calls') && dose.work.within !== null && each > 0) {
    const { within } = dose.work;
    const of = dose.work.by === 'count' ? dose.work.of : 1;
    const count = dose.work.count.low * (within.for === 'all' ? roundsOf(dose) * dose.sets.low : 1);
    const needs = count * of * each;
    if (needs > within.seconds + 1e-6)
      add('stop', 'too-fast', { count, claimed: within.seconds, needs, fit: Math.floor(within.seconds / (of * each)) });
  }
  if (dose.work.by === 'time' && dose.work.seconds.low > 0 && rep > dose.work.seconds.low && !stage.calls)
    add('beware', 'round-short', { repetition: rep, round: dose.work.seconds.low });
  if (dose.alternate) {
    const count = stretchesOf(dose, pace).find(({ kind }) => kind === 'work')?.reps ?? 0;
    const [ofA, ofB] = turnsOf(count);
    if (ofA !== ofB) add('note', 'odd-turns', { count, a: dose.alternate.a, ofA, b: dose.alternate.b, ofB });
  }
  if (dose.sides?.share === 'all' && dose.work.by === 'count' && dose.work.count.low % 2 === 1) {
    const count = dose.work.count.low;
    const [asWritten, toOther] = turnsOf(count);
    add('note', 'odd-sides', { count, written: asWritten, other: toOther });
  }
  if (dose.beats.length > 0) {
    const beats = written.drawn[0].simulation.moves.filter((move) => move.actions.length > 0).length;
    const [first = '', last] = [dose.beats[0], dose.beats.at(-1)];
    // The last one is the next repetition's first, and said once.
    const loops = dose.beats.length > 1 && first.toLowerCase() === last?.toLowerCase();
    if (loops) add('note', 'beat-loop', { beat: first });
    if (beats > 0 && dose.beats.length - (loops ? 1 : 0) !== beats) add('note', 'beats-number', { named: dose.beats.length, beats });
  }
  if (dose.chimes.length > 0 && rep > 0 && dose.work.by === 'time') {
    const round = chimedRound(dose.work.seconds.low, rep, dose.chimes, secondsOfChimes(one, 0));
    const late = Math.max(0, ...round.chimes.map((chimed) => chimed.overrun));
    add('note', 'chimes', { chimes: round.chimes.length, whole: round.starts.length, cut: round.cut });
    if (late > 0) add('beware', 'overrun', { late });
  }
  if (stage.calls && stage.calls.alternatives.length > 0) {
    // Of several rounds each says its own, and what all say is said once; without a round it is said what would be.
    const { seed } = session;
    const told = lists.length > 0 ? lists : [drawCalls(one.callables, stage.calls, { seed, within: 0, placing: placingOf(session) })];
    const problems = told.flatMap((list) => list.problems);
    for (const problem of problems.filter((one, k) => problems.findIndex((other) => alike(one, other)) === k))
      add(problem.code === 'run' || problem.code === 'counts' ? 'note' : 'stop', 'calls', { problem });
  }
  const [left, right] = SIDES.map((side) => written.drawn.reduce((sum, { totals }) => sum + totals.lunges[side], 0)) as [number, number];
  if (dose.sides === null && !stage.calls && Math.abs(left - right) > 0 && Math.min(left, right) === 0)
    add('note', 'one-leg', { side: left > right ? 'left' : 'right' });
  const placing = placingOf(session);
  if (placing && !stage.calls) {
    const done = [...written.drawn, ...(dose.sides ? other.drawn : [])];
    const off = done.flatMap(({ simulation }) => outsideOf(simulation, placing).slice(0, 1))[0];
    if (off) add('beware', 'floor', { by: off.by, area: placing.area.code });
  }
  if (stage.kind === 'free' && stage.theme.trim() === '') add('asks', 'theme', {});
  if (stage.stations.length > 0) {
    const [rounds, stations] = [dose.rounds.low, stage.stations.length];
    if (dose.work.by !== 'time') add('stop', 'stations-timed', {});
    else if (rounds % stations !== 0) add('beware', 'stations-uneven', { rounds, stations, even: Math.ceil(rounds / stations) * stations });
  }
  if (around.child && stage.partner && (stage.partner.contact === 'light' || stage.partner.contact === 'agreed'))
    add('beware', 'child-contact', {});
  return found;
}

function ofSession(seen: readonly StageSeen[], totals: SessionTotals, session: Session, around: Around): PlanProblem[] {
  const found: PlanProblem[] = [];
  const add = adding(found, null);
  const { total } = totals.all;
  if (seen.length > 1 && session.settings.change === null) add('asks', 'change', {});
  if (total > SESSION_LIMITS.seconds) add('stop', 'longest-run', { total, most: SESSION_LIMITS.seconds });
  const limit = session.minutes === null ? null : session.minutes * 60;
  if (limit !== null && total > limit + 1e-6) add('stop', 'over-time', { total, limit });
  const landings = landingsOf(totals.all);
  const judged = judgeLandings(landings, around.level, around.child);
  if (judged.level === 'above' && judged.guidance) {
    const [low, high] = judged.guidance;
    add('beware', 'landings', { landings, level: around.level, low, high });
  }
  if (judged.level === 'no number') add('note', 'landings-child', { landings });
  for (const caution of around.cautions)
    if (caution.landings !== null && landings > caution.landings)
      add('beware', 'landings-caution', { landings, most: caution.landings, caution });
  const rise = riseOver(landings, around.landingsBefore);
  if (rise !== null && rise > STEEP.beware) add('beware', 'rise', { landings, rise: rise - 1 });
  const { left, right } = totals.all.lunges;
  if (left + right > 0 && Math.max(left, right) / (left + right) > 0.8) add('note', 'mostly-one-leg', { left, right });
  return found;
}
