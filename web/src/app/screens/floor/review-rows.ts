import type { RunPlan } from '@hopsk/contract/run';
import { planAt } from '@hopsk/core/log/clock';
import type { Correction, RunEvent } from '@hopsk/core/log/event';
import type { Placed } from '@hopsk/core/log/count';
import type { RunLog } from '@hopsk/core/log/run-log';
import { clockText } from '@hopsk/core/plan/clock-text';
import { namedIn } from '@hopsk/core/plan/occasions';
import { isSession, stretchesOfPlan } from '@hopsk/core/plan/run-plan';
import type { Side } from '@hopsk/core/body/foot';
import { faultLabel } from '@hopsk/words/naming';
import { words } from '@hopsk/words/words';

/** One tap of a run, as it counts now, and what was said of it since. */
export interface TapRow {
  readonly id: string;
  readonly at: string;
  readonly fault: string;
  readonly side: Side | null;
  readonly undo: string | null;
  readonly athlete: string | null;
  readonly as: string;
  readonly where: string;
  /** As it was tapped. */
  readonly tapped: { readonly fault: string; readonly athlete: string | null };
  /** Who said what of it since, and when. */
  readonly trace: readonly string[];
}

/** Whose names a row needs. */
export interface Names {
  /** Of an athlete, by id. */
  readonly athlete: (id: string) => string;
  /** Of who wrote under a device's name; '': not known. */
  readonly coach: (device: string) => string;
}

/** Each tap of a run in the order of the log, with where it belongs and what was said of it since. */
export function tapRows(log: RunLog, names: Names): TapRow[] {
  const placed = new Map(log.counts().placed.map((one) => [one.event.id, one]));
  return log.events().flatMap((event): TapRow[] => {
    if (event.kind !== 'fault') return [];
    const at = placed.get(event.id);
    const { fault, side, athlete } = at?.event ?? event;
    return [
      {
        ...{ id: event.id, at: clockText(Math.max(0, planAt(log.clock, event.m))), fault, side, athlete },
        undo: log.undoOf(event)?.id ?? null,
        as: at ? words.run.countAs[at.as] : words.run.undone,
        where: [at?.occasion ? placeOf(at.occasion, log.plan) : '', closerOf(event), filmOf(event)].filter((one) => one !== '').join(', '),
        tapped: { fault: event.fault, athlete: event.athlete },
        trace: traceOf(log, event, names),
      },
    ];
  });
}

/** Whether a tap is of somebody and of a fault, now or as it was tapped; null: of anybody, of any. */
export const isOf = ({ athlete, fault, tapped }: TapRow, who: string | null, what: string | null): boolean =>
  (who === null || athlete === who || tapped.athlete === who) && (what === null || fault === what || tapped.fault === what);

function traceOf(log: RunLog, event: Extract<RunEvent, { kind: 'fault' }>, names: Names): string[] {
  const said = log.saidOf(event);
  if (said.length === 0) return [];
  const { trace } = words.book;
  const line = ({ device, at }: RunEvent, what: string): string => trace.line(new Date(at).toLocaleString(), names.coach(device), what);
  return [line(event, trace.tapped(faultLabel(event.fault))), ...said.map((one) => line(one, whatOf(one, names)))];
}

function whatOf(event: Correction, names: Names): string {
  const { trace } = words.book;
  switch (event.kind) {
    case 'undo':
      return trace.undo;
    case 'move':
      return trace.move(event.by);
    case 'assign':
      return trace.assign(names.athlete(event.athlete));
    case 'correct':
      return trace.correct(faultLabel(event.fault), event.side === null ? '' : words.common.sides[event.side]);
  }
}

/** What there was time to say of it. */
const closerOf = ({ strength, phase }: Extract<RunEvent, { kind: 'fault' }>): string =>
  [strength && words.run.strengths[strength], phase && words.run.phases[phase]].filter(Boolean).join(', ');

/** Where on film it was seen, of what was looked at there. */
const filmOf = ({ source, clip }: Extract<RunEvent, { kind: 'fault' }>): string => (source === 'film' ? words.book.trace.film(clip) : '');

function placeOf(attempt: NonNullable<Placed['occasion']>, plan: RunPlan): string {
  const text = words.run;
  const sets = Math.max(1, ...stretchesOfPlan(plan).map(({ set }) => set));
  const exercise = isSession(plan) ? `${plan.exercises[attempt.exercise]?.name ?? ''}: ` : '';
  const named = namedIn(plan, attempt);
  const planned = typeof named === 'string' ? named : `${text.rep} ${named}`;
  const which = attempt.ball ? text.fed(attempt.repetition) : planned;
  const round = `${text.round} ${attempt.round}, ${which}`;
  return `${exercise}${sets > 1 ? `${text.set} ${attempt.set}, ` : ''}${round}`;
}
