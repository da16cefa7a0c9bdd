import type { Side } from '../../body/foot.js';
import { outsideOf } from '../../judge/placing.js';
import { turnsOf } from '../../language/stage-dose.js';
import { drawCalls } from '../calls/draw.js';
import { chimedRound } from '../chimes.js';
import { partsOf } from '../dose-parts.js';
import { clockText } from '../phases.js';
import { judgeLandings, riseOver, STEEP, type TrainingLevel } from './landings.js';
import { placingOf, type StageSeen } from './seen.js';
import { SESSION_LIMITS, type Session } from './session.js';
import type { SessionTotals } from './totals.js';

/** What is wrong with a plan, at which stage (null: the session), how grave, and in a sentence. Faults of a plan, never of an athlete. */
export interface PlanProblem {
  readonly code: PlanCode;
  readonly stage: number | null;
  readonly level: 'asks' | 'note' | 'beware' | 'stop';
  readonly message: string;
}

type PlanCode =
  | 'dose'
  | 'rest'
  | 'sides'
  | 'repetition'
  | 'call'
  | 'steps'
  | 'implausible'
  | 'calls'
  | 'one-sided'
  | 'uneven'
  | 'overrun'
  | 'cut'
  | 'floor'
  | 'theme'
  | 'pattern'
  | 'other-lead'
  | 'landings'
  | 'rise'
  | 'change'
  | 'time'
  | 'stations'
  | 'partner';

/** What is known beside the plan itself. */
export interface Around {
  readonly level: TrainingLevel;
  readonly child: boolean;
  /** Whether the athlete's other lead is trusted at all. */
  readonly otherLead: boolean;
  readonly lead: Side | null;
  /** Landings of the last sessions or weeks, oldest first. */
  readonly landingsBefore: readonly number[];
  /** Versions of the club's patterns by id; a pattern that is not in it was deleted. Null: not known. */
  readonly patterns: ReadonlyMap<string, number> | null;
  /** The athlete's name, for sentences. */
  readonly name: string;
}

export const ALONE: Around = {
  level: 'intermediate',
  child: false,
  otherLead: true,
  lead: null,
  landingsBefore: [],
  patterns: null,
  name: '',
};

/** Everything that a coach should know of a plan, in the order of its stages, the session's own last. */
export function planProblems(seen: readonly StageSeen[], totals: SessionTotals, session: Session, around: Around = ALONE): PlanProblem[] {
  const problems = seen.flatMap((one, i) => [...asked(one, i), ...ofStage(one, i, session, around)]);
  return [...problems, ...ofSession(seen, totals, session, around)];
}

function asked({ questions, doseErrors, lineErrors }: StageSeen, stage: number): PlanProblem[] {
  const say: Record<(typeof questions)[number], string> = {
    rest: 'Rest between rounds not decided: how long?',
    'set rest': 'Rest between sets not decided: how long?',
    repetition: 'How long one repetition takes is not known: give it steps, or work by time.',
    sides: 'Both sides: so many for each, or in all?',
    call: 'Nothing to call yet: write what can be called.',
  };
  const codes = { rest: 'rest', 'set rest': 'rest', repetition: 'repetition', sides: 'sides', call: 'call' } as const;
  return [
    ...doseErrors.map(({ message, instead }): PlanProblem => ({
      code: 'dose',
      stage,
      level: 'stop',
      message: instead === null ? message : `${message} Such as: ${instead}.`,
    })),
    ...lineErrors.slice(0, 2).map(({ message }): PlanProblem => ({ code: 'steps', stage, level: 'stop', message })),
    ...questions.map((question): PlanProblem => ({ code: codes[question], stage, level: 'asks', message: say[question] })),
  ];
}

const plural = (n: number, what: string): string => `${n} ${what}${n === 1 ? '' : 's'}`;
const oneDigit = (seconds: number): string => `${Math.round(seconds * 10) / 10} s`;

function ofStage(one: StageSeen, i: number, session: Session, around: Around): PlanProblem[] {
  const { stage, dose, ways, pace } = one;
  const found: PlanProblem[] = [];
  const add = (code: PlanCode, level: PlanProblem['level'], message: string): void => void found.push({ code, stage: i, level, message });
  const [written, other] = ways;
  const rep = written.rep?.seconds ?? 0;
  if (stage.pattern && around.patterns) {
    const version = around.patterns.get(stage.pattern.id);
    if (version === undefined) add('pattern', 'note', 'Its pattern was put away since; the line it was planned with is kept.');
    else if (version > stage.pattern.version)
      add('pattern', 'note', 'Its pattern was changed since; the line it was planned with is kept.');
  }
  if (dose.sides?.of === 'lead' && !around.otherLead)
    add(
      'other-lead',
      'stop',
      `The other lead is not trusted${around.name === '' ? '' : ` for ${around.name}`}: do one lead, or build it up in drills first.`,
    );
  if (dose.work.by === 'count' && dose.work.within !== null && rep > 0) {
    const needs = dose.work.count.low * dose.work.of * rep;
    if (needs > dose.work.within + 1e-6)
      add(
        'implausible',
        'stop',
        `${dose.work.count.low} in ${oneDigit(dose.work.within)} is said, but they take ${oneDigit(needs)}. ${Math.floor(dose.work.within / (dose.work.of * rep))} fit.`,
      );
  }
  if (dose.work.by === 'time' && dose.work.seconds.low > 0 && rep > dose.work.seconds.low && !stage.calls)
    add('implausible', 'beware', `One repetition takes ${oneDigit(rep)}, a round only ${oneDigit(dose.work.seconds.low)}: it holds none.`);
  if (dose.alternate) {
    const reps = partsOf(dose, pace).find((part) => part.kind === 'work')?.reps ?? 0;
    const [a, b] = turnsOf(reps);
    if (a !== b) add('uneven', 'note', `${reps} is odd: ${dose.alternate.a} ${a}, ${dose.alternate.b} ${b}.`);
  }
  if (dose.sides?.share === 'all' && dose.work.by === 'count' && dose.work.count.low % 2 === 1) {
    const [a, b] = turnsOf(dose.work.count.low);
    add('uneven', 'note', `${dose.work.count.low} in all is odd: ${a} as written, ${b} to the other side.`);
  }
  if (dose.chimes.length > 0 && rep > 0 && dose.work.by === 'time') {
    const round = chimedRound(dose.work.seconds.low, rep, dose.chimes, one.chimeSeconds);
    const late = Math.max(0, ...round.chimes.map((chimed) => chimed.overrun));
    add(
      'cut',
      'note',
      `${plural(round.chimes.length, 'chime')} a round, ${plural(round.starts.length, 'whole repetition')}${round.cut > 0 ? `, ${round.cut} cut off where the chime finds them` : ''}.`,
    );
    if (late > 0) add('overrun', 'beware', `The last chimed move ends ${oneDigit(late)} after the bell.`);
  }
  if (stage.calls && stage.calls.alternatives.length > 0) {
    const within = partsOf(dose, pace).find((part) => part.kind === 'work');
    const list = drawCalls(one.callables, stage.calls, {
      seed: session.seed,
      within: within?.seconds ?? 0,
      placing: placingOf(session),
      ...(dose.work.by === 'calls' && within ? { number: within.reps } : {}),
    });
    for (const problem of list.problems)
      add('calls', problem.code === 'run' || problem.code === 'counts' ? 'note' : 'stop', problem.message);
  }
  const [left, right] = [written.totals.lunges.left, written.totals.lunges.right];
  if (dose.sides === null && !stage.calls && Math.abs(left - right) > 0 && Math.min(left, right) === 0)
    add('one-sided', 'note', `Every lunge is on the ${left > right ? 'left' : 'right'} leg.`);
  const placing = placingOf(session);
  if (placing && !stage.calls) {
    const off = outsideOf(written.simulation, placing)[0] ?? (dose.sides ? outsideOf(other.simulation, placing)[0] : undefined);
    if (off) add('floor', 'beware', `A foot lands ${Math.round(off.by * 100)} cm outside ${placing.area.name}.`);
  }
  if (stage.kind === 'free' && stage.theme.trim() === '') add('theme', 'asks', 'Free work needs a theme: what is it about?');
  if (stage.stations.length > 0) {
    const rounds = dose.rounds.low;
    if (dose.work.by !== 'time')
      add('stations', 'stop', 'Stations change on the clock: give the work in seconds, such as 6 × 45 s, rest 15 s.');
    else if (rounds % stage.stations.length !== 0)
      add(
        'stations',
        'beware',
        `${rounds} rounds over ${stage.stations.length} stations leave some undone; ${Math.ceil(rounds / stage.stations.length) * stage.stations.length} take everybody round.`,
      );
  }
  if (around.child && stage.partner && (stage.partner.contact === 'light' || stage.partner.contact === 'agreed'))
    add('partner', 'beware', 'For children the club’s own upper bound on contact holds; touch is the most by default.');
  return found;
}

function ofSession(seen: readonly StageSeen[], totals: SessionTotals, session: Session, around: Around): PlanProblem[] {
  const found: PlanProblem[] = [];
  const add = (code: PlanCode, level: PlanProblem['level'], message: string): void =>
    void found.push({ code, stage: null, level, message });
  if (seen.length > 1 && session.settings.change === null) add('change', 'asks', 'Change-over between exercises not decided: how long?');
  if (totals.all.total > SESSION_LIMITS.seconds)
    add('time', 'stop', `${clockText(totals.all.total)} is longer than the ${SESSION_LIMITS.seconds / 3600} hours that can be run.`);
  const limit = session.minutes === null ? null : session.minutes * 60;
  if (limit !== null && totals.all.total > limit + 1e-6)
    add(
      'time',
      'stop',
      `${clockText(totals.all.total)} is planned, ${clockText(limit)} is there: ${clockText(totals.all.total - limit)} too much. Fit it to the time, or take a stage out.`,
    );
  const { jump, hop, gallop } = totals.all.landings;
  const landings = Math.round(jump + hop + gallop);
  const judged = judgeLandings(landings, around.level, around.child);
  if (judged.level === 'above' && judged.guidance)
    add(
      'landings',
      'beware',
      `${landings} landings; usual guidance for ${around.level}s is ${judged.guidance[0]}–${judged.guidance[1]} a session (values from memory). Raise them slowly.`,
    );
  if (judged.level === 'no number')
    add('landings', 'note', `${landings} landings: for children fewer than for adults; no number is agreed, the club decides.`);
  const rise = riseOver(landings, around.landingsBefore);
  if (rise !== null && rise > STEEP.beware)
    add(
      'rise',
      'beware',
      `${landings} landings are ${Math.round((rise - 1) * 100)} % above the mean of the last sessions; more than 10–15 % is usually held too steep (the evidence is disputed).`,
    );
  const { left, right } = totals.all.lunges;
  if (left + right > 0 && Math.max(left, right) / (left + right) > 0.8)
    add(
      'one-sided',
      'note',
      `Lunges left ${Math.round(left)}, right ${Math.round(right)}: mostly one leg. Usual for some sports; a stage on the other leg evens it out.`,
    );
  return found;
}
