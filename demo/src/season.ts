import { COUNT_DOWN } from '@hopsk/core/log/clock';
import { isControl, type Control, type Observation, type RunEvent, type Turned } from '@hopsk/core/log/event';
import { READ_NOW } from '@hopsk/contract/read-now';
import { CLUB_FILE, CLUB_FILE_VERSION } from '@hopsk/contract/club-format';
import type { ClubFile } from '@hopsk/contract/club-file';
import type { PatternSave } from '@hopsk/contract/pattern-draft';
import type { AthleteSave } from '@hopsk/contract/people';
import { bodyOf } from '@hopsk/core/body/body';
import { schoolOf, type School } from '@hopsk/core/body/school';
import type { FaultUnit } from '@hopsk/core/catalogue/fault';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import { parse } from '@hopsk/core/language/parse';
import { TAP_DELAY } from '@hopsk/core/log/count';
import { simulate } from '@hopsk/core/motion/simulate';
import { attemptsOf, type Attempt } from '@hopsk/core/plan/occasions';
import { repPlanOf } from '@hopsk/core/plan/rep-plan';
import { stretchesOfPlan } from '@hopsk/core/plan/run-plan';
import { all } from '@hopsk/words/en/all';
import { speak } from '@hopsk/words/words';
import { Chance } from './chance.js';
import { effortsOf } from './efforts.js';
import { decisionsOf } from './decisions.js';
import { PATTERNS } from './patterns.js';
import { PEOPLE, type Habit } from './people.js';
import { strapOf } from './strap.js';
import { sessionsOf } from './sessions.js';

// The demo club speaks English.
speak(all);

const WEEKS = 13;
const DAY = 24 * 3600 * 1000;
const STRAY = ['eyes', 'tall', 'heels-down', 'rises', 'guard-drops', 'leans-back', 'freeze'] as const;
const faults = new Map(FAULTS.map((fault) => [fault.code, fault]));

/** What happened at a second of the plan; nobody stops these clocks. */
type Loose = (Control | Turned | Observation) & { readonly t: number };

const shift = (p: number, by: number): number => 1 / (1 + Math.exp(-(Math.log(p / (1 - p)) + by)));

/** The demo club with three months of runs up to `lastDay` (YYYY-MM-DD), from a seed: the same seed and day give the same file. */
export function season(lastDay: string, seed = 4182): ClubFile {
  const chance = new Chance(seed);
  const afterwards = new Chance(seed + 1);
  const things = new Chance(seed + 2);
  const people = PEOPLE.map(({ draft, habits, away }) => ({
    athlete: { ...draft, id: chance.uuid(), version: 0 } satisfies AthleteSave,
    habits,
    away: away ?? [0, 1],
  }));
  const patterns = PATTERNS.map((draft): PatternSave => ({ ...draft, id: chance.uuid(), version: 0 }));
  const runs: ClubFile['runs'][number][] = [];
  const end = Date.parse(`${lastDay}T00:00:00Z`);
  const evenings = [
    ['squash', 4, 18],
    ['karate', 2, 19],
    ['table tennis', 0, 10],
  ] as const;

  for (let week = WEEKS - 1; week >= 0; week--) {
    for (const [sport, daysBefore, hour] of evenings) {
      const day = new Date(end - (week * 7 + daysBefore) * DAY);
      const there = people.filter(({ athlete }) => athlete.sport === sport && chance.next() > 0.14);
      const group = there.filter(({ away: [from, to] }) => week > from || week < to);
      if (group.length === 0) continue;
      const choice = patterns.filter((pattern) => pattern.sport === sport);
      const mood = chance.normal(0.35);
      for (let k = 0; k < 3; k++) {
        const pattern = choice[(week + k * 2) % choice.length] as PatternSave;
        const startedAt = new Date(day.getTime() + hour * 3600_000 + (10 + k * 14) * 60_000);
        const { run, events } = runOf(chance, pattern, group, startedAt, 1 - week / (WEEKS - 1), mood);
        // One word stands for the evening; of the last one nobody has been asked yet.
        const said = k === 2 && week > 0 ? effortsOf(events, run.athletes, week === 1, afterwards) : [];
        // A stand-in for a strap was tried once, on somebody grown up.
        const grown = group.find(({ athlete }) => athlete.ageGroup === 'adult')?.athlete.id;
        const strap = week === 0 && sport === 'squash' && k === 0 && grown ? strapOf(run, events, grown, things) : [];
        runs.push({ run, events: [...events, ...said, ...strap] });
      }
    }
  }
  const athletes = people.map((p) => p.athlete);
  const sessions = sessionsOf(people, patterns, chance);
  return {
    format: CLUB_FILE,
    version: CLUB_FILE_VERSION,
    ...READ_NOW,
    club: { name: 'Old Net Loft' },
    athletes,
    decisions: decisionsOf({ athletes, runs }, chance),
    patterns,
    sessions,
    runs,
  };
}

type Person = { readonly athlete: AthleteSave; readonly habits: readonly Habit[] };

function runOf(
  chance: Chance,
  pattern: PatternSave,
  group: readonly Person[],
  startedAt: Date,
  progress: number,
  mood: number,
): ClubFile['runs'][number] {
  const performer = {
    body: bodyOf({ height: 1.7 }),
    school: schoolOf(pattern.school) as School,
    lead: pattern.lead === 'none' ? null : pattern.lead,
    playing: pattern.hand,
  };
  const dose = pattern.dose;
  if (!dose) throw new Error(`${pattern.name} has no dose`);
  const plan = { dose, rep: repPlanOf(simulate(parse(pattern.steps), performer)) };
  const events: RunEvent[] = [];
  const push = ({ t, ...body }: Loose): void => {
    const n = events.length + 1;
    const stamp = { id: chance.uuid(), device: 'loft-phone', seq: n, order: n, m: Math.round((t + COUNT_DOWN) * 1000) };
    const event = { ...body, ...stamp, at: startedAt.getTime() + t * 1000 };
    const answers = events.find((one) => one.kind === 'go')?.id ?? null;
    events.push(('source' in event ? { ...event, shown: null } : isControl(event as RunEvent) ? { ...event, answers } : event) as RunEvent);
  };
  const attempts = new Map<FaultUnit, readonly Attempt[]>();
  const attemptsPer = (unit: FaultUnit): readonly Attempt[] => {
    const known = attempts.get(unit) ?? attemptsOf(plan, unit);
    attempts.set(unit, known);
    return known;
  };
  const rounds = stretchesOfPlan(plan).filter(({ kind }) => kind === 'work');
  const watched = rounds.map((_, i) => group[i % group.length] as Person);
  push({ kind: 'go', t: -5 });
  const log: Loose[] = [];
  rounds.forEach((round, i) => {
    const person = watched[i] as Person;
    const board = person.habits.map((habit) => habit.fault);
    const view = faults.get(chance.pick(board))?.views[0] ?? 'side';
    const before = round.start - (i === 0 ? 5 : 2);
    log.push(
      { kind: 'board', t: before, faults: board },
      { kind: 'view', t: before, view },
      { kind: 'watch', t: before, athlete: person.athlete.id },
    );
    const shown = new Map<string, ReadonlySet<number>>();
    for (const habit of person.habits) {
      const unit = faults.get(habit.fault)?.per ?? 'repetition';
      const inRound = attemptsPer(unit).filter((attempt) => attempt.start >= round.start && attempt.start < round.end);
      const visible = faults.get(habit.fault)?.views.includes(view) === true;
      // What else happens does not hang on how many chances a line has.
      const own = chance.branch();
      const ats = shownIn(own, habit, inRound, { progress, mood, visible, follows: shown.get(habit.follows?.fault ?? '') });
      shown.set(habit.fault, new Set(ats));
      log.push(...ats.map((i) => tapOf(own, habit, inRound[i] as Attempt, i / Math.max(1, inRound.length - 1), person.athlete.id)));
    }
    // Now and then something is seen that nobody was looking for.
    if (chance.next() < 0.1)
      log.push({
        kind: 'fault',
        t: chance.between(round.start + 4, round.end),
        fault: chance.pick(STRAY),
        side: null,
        athlete: person.athlete.id,
        source: 'floor',
        clip: null,
      });
    if (chance.next() < 0.5)
      log.push({
        kind: 'right',
        t: chance.between(round.start + 5, round.end),
        athlete: person.athlete.id,
        fault: null,
        source: 'floor',
        clip: null,
      });
  });
  const last = rounds.at(-1)?.end ?? 0;
  for (const event of log.sort((a, b) => a.t - b.t)) push({ ...event, t: Math.round(Math.min(event.t, last) * 100) / 100 });
  push({ kind: 'end', t: last });
  const run = {
    id: chance.uuid(),
    name: pattern.name,
    day: startedAt.toISOString().slice(0, 10),
    startedAt: startedAt.toISOString(),
    patternId: pattern.id,
    sessionId: null,
    steps: pattern.steps,
    plan: plan,
    athletes: group.map((person) => person.athlete.id),
    tapDelay: TAP_DELAY,
  };
  return { run, events };
}

/** Between two rates on the way from the first to the last, straight. */
function rateAt(rates: readonly number[], progress: number): number {
  const at = progress * (rates.length - 1);
  const [before, after] = [rates[Math.floor(at)], rates[Math.ceil(at)]] as [number, number];
  return before + (after - before) * (at - Math.floor(at));
}

interface Shows {
  readonly progress: number;
  readonly mood: number;
  readonly visible: boolean;
  /** In which attempts the one that it follows showed. */
  readonly follows: ReadonlySet<number> | undefined;
}

/** In which attempts of a round a fault showed. Seen from the wrong place few are noticed; late in a round it shows more. */
function shownIn(chance: Chance, habit: Habit, attempts: readonly Attempt[], { progress, mood, visible, follows }: Shows): number[] {
  const level = rateAt(habit.rates, progress);
  return attempts.flatMap((_, i): number[] => {
    const tired = attempts.length > 1 ? (i / (attempts.length - 1) - 0.5) * (habit.tired ?? 0.6) : 0;
    const rate = follows?.has(i) ? (habit.follows?.rate ?? level) : level;
    const p = shift(rate, mood + tired) * (visible ? 1 : 0.08);
    return chance.next() >= p ? [] : [i];
  });
}

/** The tap of an attempt that showed it; `late` from 0 at the beginning of the round to 1 at its end. */
function tapOf(chance: Chance, { fault, leftShare }: Habit, attempt: Attempt, late: number, athlete: string): Loose {
  const t = attempt.start + Math.min(attempt.end - attempt.start, chance.between(0.2, 1.4)) + 0.95;
  const share = leftShare && leftShare[0] + (leftShare[1] - leftShare[0]) * late;
  const side = share === undefined ? null : chance.next() < share ? 'left' : 'right';
  return { kind: 'fault', t, fault, side, athlete, source: 'floor', clip: null };
}
