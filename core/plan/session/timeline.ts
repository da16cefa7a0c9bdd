import type { End } from '../../language/dose.js';
import type { CallList } from '../calls/draw.js';
import { cell } from '../cell.js';
import { clockText } from '../clock-text.js';
import type { CueKind, PlannedCue } from '../cue.js';
import { ms } from '../ms.js';
import type { PlannedStretch, StretchKind } from '../stretch.js';
import { stationOf } from '../stations.js';
import { stretchesOf } from '../work-and-rest.js';
import { callsIn } from './called.js';
import { repetitionsIn, repsIn } from './repetitions.js';
import { wayAt, type StageSeen } from './seen.js';
import { SESSION_LIMITS, type Session } from './session.js';
import { chanceAt, drawnAt } from './way.js';

/** A session on one clock: stretches without gaps, cues in order. */
export interface Timeline {
  readonly stretches: readonly PlannedStretch[];
  readonly cues: readonly PlannedCue[];
  readonly total: number;
  /** Whether something is undecided or open: the total is then 'at least'. */
  readonly atLeast: boolean;
  /** Calls of each called stretch of work, by its place among the stretches. */
  readonly calls: ReadonlyMap<number, CallList>;
}

/** Columns of a timeline as a table: one row a cue. */
export const CUE_COLUMNS = ['at', 'clock', 'stage', 'name', 'set', 'round', 'repetition', 'side', 'kind', 'say', 'show', 'sound'] as const;

/** A timeline as rows of a table, for files: seconds to the millisecond, texts as cells that no spreadsheet takes for a formula. */
export const cueRows = (
  { cues }: Pick<Timeline, 'cues'>,
  stages: readonly { readonly name: string }[],
): Record<(typeof CUE_COLUMNS)[number], string | number>[] =>
  cues.map((cue) => ({
    at: Math.round(cue.at * 1000) / 1000,
    clock: clockText(cue.at),
    stage: cue.exercise + 1,
    name: cell(stages[cue.exercise]?.name ?? ''),
    set: cue.set,
    round: cue.round,
    repetition: cue.repetition,
    side: cue.way === 0 ? 'as written' : 'other',
    kind: cue.kind,
    say: cell(cue.say),
    show: cell(cue.show),
    sound: cue.sound ?? '',
  }));

/** What the clock says, in the language of whoever plans; `{name}` stands for the stage that comes. */
export interface Spoken {
  readonly explain: string;
  readonly change: string;
  readonly water: string;
  readonly rest: string;
  readonly setRest: string;
  readonly end: string;
  readonly otherSide: string;
  readonly otherLead: string;
  readonly changeStation: string;
  /** Which group goes to which station: `{group}` and `{station}`. */
  readonly toStation: string;
  readonly freeze: string;
  /** What a partner does after an exchange: one of two. */
  readonly coming: readonly string[];
}

/** The clock alone, as fast as fitting to a time needs it: change-overs and water between stages, nothing after the last. */
export function sessionStretches(seen: readonly StageSeen[], session: Pick<Session, 'settings'>, end: End = 'low'): PlannedStretch[] {
  const stretches: PlannedStretch[] = [];
  const { change, water } = session.settings;
  let at = 0;
  let drunk = 0;
  const push = (stretch: PlannedStretch): void => {
    const end = ms(at + ms(stretch.end - stretch.start));
    if (end <= at) return;
    stretches.push({ ...stretch, start: at, end });
    at = end;
  };
  const between = (kind: StretchKind, seconds: number, exercise: number): void => {
    push({ kind, start: 0, end: seconds, exercise, set: 0, round: 0, wave: 1, way: 0, reps: 0, open: false });
  };
  seen.forEach((one, exercise) => {
    const { stage, dose, pace } = one;
    if (exercise > 0) {
      between('change', change ?? 0, exercise);
      if (water && at - drunk >= water.every) {
        between('water', water.seconds, exercise);
        drunk = at;
      }
    }
    between('explain', stage.explain, exercise);
    for (const stretch of stretchesOf(dose, pace, end))
      push({ ...stretch, exercise, reps: stretch.kind === 'work' ? repsIn(one, stretch) : 0 });
  });
  return stretches;
}

/** Whether a session's sums are 'at least': something is not decided, cannot be read, or open. */
export const isAtLeast = (seen: readonly StageSeen[], session: Pick<Session, 'settings'>): boolean =>
  seen.some((one) => one.questions.length > 0 || one.dose.work.by === 'open' || one.doseErrors.length > 0) ||
  (seen.length > 1 && session.settings.change === null);

/**
 * The whole session on one clock: every cue with its moment, what is spoken, shown and sounded. The parts sum to the total, and
 * nothing that happens on the floor changes it.
 */
export function timelineOf(seen: readonly StageSeen[], session: Session, spoken: Spoken, end: End = 'low'): Timeline {
  const planned = sessionStretches(seen, session, end);
  const calls = callsIn(seen, session, planned);
  const stretches = planned.map((stretch, i) => ({ ...stretch, reps: calls.get(i)?.calls.length ?? stretch.reps }));
  const total = stretches.at(-1)?.end ?? 0;
  // Longer than anybody can run it, what is said inside the rounds would only fill the memory.
  const runnable = total <= SESSION_LIMITS.seconds;
  const cues: PlannedCue[] = [];
  stretches.forEach((stretch, i) => {
    const one = seen[stretch.exercise];
    if (!one) return;
    const cue = (at: number, kind: CueKind, say: string, more: Partial<PlannedCue> = {}): void => {
      cues.push({
        at,
        kind,
        say,
        show: say,
        sound: null,
        exercise: stretch.exercise,
        set: stretch.set,
        round: stretch.round,
        repetition: 0,
        way: stretch.way,
        couldGoOn: null,
        ...more,
      });
    };
    const name = one.stage.name;
    const next = stretches.slice(i + 1).find(({ kind, exercise }) => kind === 'work' && exercise === stretch.exercise);
    const goes = next ? whereTo(one, next.round, spoken) : '';
    if (stretch.kind === 'explain')
      cue(stretch.start, 'explain', [spoken.explain.replace('{name}', name), goes].filter((part) => part !== '').join(': '), {
        sound: 'rest',
      });
    else if (stretch.kind === 'change') cue(stretch.start, 'change', spoken.change.replace('{name}', name), { sound: 'rest' });
    else if (stretch.kind === 'water') cue(stretch.start, 'water', spoken.water, { sound: 'rest' });
    else if (stretch.kind !== 'work') {
      const stations = [spoken.changeStation, goes].filter((part) => part !== '').join(': ');
      const say = one.stage.stations.length > 0 ? stations : stretch.kind === 'rest' ? spoken.rest : spoken.setRest;
      cue(stretch.start, 'rest', say, { sound: 'rest' });
    } else {
      const side = stretch.way === 0 ? '' : one.dose.sides?.of === 'lead' ? spoken.otherLead : spoken.otherSide;
      const { cues: said } = one.stage;
      const coach = said[(stretch.round - 1) % Math.max(1, said.length)] ?? '';
      cue(stretch.start, 'go', [side, coach].filter((word) => word !== '').join(', '), { show: side || coach || name, sound: 'work' });
      if (!runnable) return;
      const list = calls.get(i);
      if (list) callCues(one, list, stretch, spoken, cue);
      else workCues(one, stretch, spoken, cue, session.seed + i);
    }
  });
  const last = stretches.at(-1);
  if (last) {
    cues.push({
      at: total,
      kind: 'end',
      say: spoken.end,
      show: spoken.end,
      sound: 'end',
      exercise: last.exercise,
      set: last.set,
      round: last.round,
      repetition: 0,
      way: last.way,
      couldGoOn: null,
    });
  }
  cues.sort((a, b) => a.at - b.at);
  return { stretches, cues, total, atLeast: isAtLeast(seen, session), calls };
}

/** Who goes where for a round of stations; one group alone only hears the station. */
function whereTo({ stage, stationGroups }: Pick<StageSeen, 'stage' | 'stationGroups'>, round: number, { toStation }: Spoken): string {
  const at = (group: number): string => stage.stations[stationOf(group, round, stage.stations.length)]?.name ?? '';
  if (stationGroups === 1) return at(1);
  return Array.from({ length: stationGroups }, (_, i) =>
    toStation.replace('{group}', String(i + 1)).replace('{station}', () => at(i + 1)),
  ).join(', ');
}

type Add = (at: number, kind: CueKind, say: string, more?: Partial<PlannedCue>) => void;

function callCues(one: StageSeen, list: CallList, stretch: PlannedStretch, spoken: Spoken, cue: Add): void {
  list.calls.forEach((call, k) => {
    const name = one.stage.calls?.alternatives[call.which]?.name ?? '';
    cue(stretch.start + call.at, 'call', name, { repetition: k + 1, sound: 'chime' });
    if (call.freeze)
      cue(stretch.start + call.at + call.freeze.after, 'freeze', spoken.freeze, {
        repetition: k + 1,
        sound: 'chime',
        couldGoOn: call.freeze.couldGoOn,
      });
  });
}

/** Counts, beats, chimes and the partner's turns inside a work stretch. */
function workCues(one: StageSeen, stretch: PlannedStretch, spoken: Spoken, cue: Add, seed: number): void {
  const way = wayAt(one, stretch);
  const { dose, stage } = one;
  const { starts, chimes } = repetitionsIn(one, stretch);
  for (const { chime, from } of chimes) cue(stretch.start + from, 'chime', one.chimed[chime]?.[stretch.way].text ?? '', { sound: 'chime' });
  starts.forEach((start, k) => {
    const turn = dose.alternate ? (k % 2 === 0 ? dose.alternate.a : dose.alternate.b) : '';
    const counted = dose.speaks === 'counts' ? String(k + 1) : dose.speaks === 'down' ? String(starts.length - k) : '';
    const say = [counted, turn].filter((word) => word !== '').join(', ');
    if (say !== '') cue(stretch.start + start, 'count', say, { repetition: k + 1 });
    if (dose.speaks === 'beats') {
      const { simulation } = drawnAt(way, { ...stretch, seed: one.seed, at: k });
      const stepped = simulation.moves.filter((move) => move.actions.length > 0);
      stepped.forEach((move, beat) =>
        cue(stretch.start + start + move.start, 'beat', dose.beats[beat] ?? String(beat + 1), { repetition: k + 1, sound: 'beat' }),
      );
    }
    if (stage.partner?.coming)
      cue(
        stretch.start + start + (way.seconds ?? 0) * 0.5,
        'partner',
        spoken.coming[chanceAt({ ...stretch, seed, at: k }) < 0.5 ? 0 : 1] ?? '',
        {
          repetition: k + 1,
        },
      );
  });
}
