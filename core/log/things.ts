import { cell } from '../plan/cell.js';
import { clockText } from '../plan/clock-text.js';
import { planAt, type RunClock } from './clock.js';
import { isOfThings, ordered, TOUCH_MS, type RunEvent, type ThingAs } from './event.js';

/** A thing that takes part in a run, and whose it is. */
export interface TakesPart {
  readonly id: string;
  readonly as: ThingAs;
  /** Whether it stands in for a real one. */
  readonly standIn: boolean;
  readonly athlete: string | null;
}

/** What a log says of things, in order: little of it, and the rest need not be brought in order for that. */
const ofThings = (events: readonly RunEvent[]): RunEvent[] => ordered(events.filter(isOfThings));

/** The things that take part as a log has it, in the order in which they came. */
export function thingsIn(events: readonly RunEvent[]): TakesPart[] {
  const things = new Map<string, TakesPart>();
  for (const event of ofThings(events)) {
    if (event.kind === 'thing') {
      const { thing: id, as, standIn } = event;
      if (event.on) things.set(id, { id, as, standIn, athlete: things.get(id)?.athlete ?? null });
      else things.delete(id);
    }
    const known = event.kind === 'whose' ? things.get(event.thing) : undefined;
    if (event.kind === 'whose' && known) things.set(event.thing, { ...known, athlete: event.athlete });
  }
  return [...things.values()];
}

/** What things measured of somebody in a run. */
export interface MeasuredOf {
  readonly athlete: string | null;
  /** Touches that answered a call: how many, the middle time and the quickest and the slowest, ms; null without any. */
  readonly reactions: { readonly n: number; readonly middle: number; readonly quickest: number; readonly slowest: number } | null;
  /** Beats in a minute: the mean of what was said and the highest; null without any. */
  readonly pulse: { readonly n: number; readonly mean: number; readonly highest: number } | null;
  /** Repetitions that they counted themselves. */
  readonly reps: number;
}

/**
 * The first touch of a call by one thing: one that answers twice, or later than a call can be answered, says nothing more.
 * @returns the events that count, in the order of the log.
 */
export function answersIn(events: readonly RunEvent[]): Extract<RunEvent, { kind: 'reaction' }>[] {
  const seen = new Set<string>();
  return ofThings(events).flatMap((event) => {
    if (event.kind !== 'reaction' || event.ms > TOUCH_MS[1]) return [];
    const key = `${event.thing} ${event.call}`;
    if (seen.has(key)) return [];
    seen.add(key);
    return [event];
  });
}

/**
 * What things measured of each, those of whom most is known first.
 * @example measuredIn([])  // []
 */
export function measuredIn(events: readonly RunEvent[]): MeasuredOf[] {
  const said = ofThings(events);
  const answers = answersIn(said);
  const pulses = said.flatMap((event) => (event.kind === 'pulse' ? [event] : []));
  const counted = said.flatMap((event) => (event.kind === 'reps' ? [event] : []));
  const whose = new Set([...answers, ...pulses, ...counted].map(({ athlete }) => athlete));
  return [...whose].map((athlete): MeasuredOf => {
    const times = answers.flatMap((one) => (one.athlete === athlete ? [one.ms] : [])).sort((a, b) => a - b);
    const beats = pulses.flatMap((one) => (one.athlete === athlete ? [one.bpm] : []));
    return {
      athlete,
      reactions:
        times.length === 0 ? null : { n: times.length, middle: medianOf(times), quickest: times[0] ?? 0, slowest: times.at(-1) ?? 0 },
      pulse:
        beats.length === 0
          ? null
          : { n: beats.length, mean: beats.reduce((sum, one) => sum + one, 0) / beats.length, highest: Math.max(...beats) },
      reps: counted.reduce((sum, one) => sum + (one.athlete === athlete ? one.n : 0), 0),
    };
  });
}

/** The middle one of some in order, or between the two in the middle. */
const medianOf = (sorted: readonly number[]): number =>
  ((sorted[Math.floor((sorted.length - 1) / 2)] ?? 0) + (sorted[Math.ceil((sorted.length - 1) / 2)] ?? 0)) / 2;

/** Columns of what things said, as a table: one row each time. */
export const THING_COLUMNS = ['m', 'clock', 'thing', 'stand_in', 'who', 'what', 'value', 'unit', 'call'] as const;

/**
 * What things said in a run as rows of a table, for files: m is milliseconds of the run, the clock and calls are of its plan.
 * @param nameOf what an athlete is called.
 */
export function thingRows(
  events: readonly RunEvent[],
  clock: RunClock,
  nameOf: (athlete: string) => string,
): Record<(typeof THING_COLUMNS)[number], string | number>[] {
  const all = new Map(ordered(events).flatMap((event) => (event.kind === 'thing' ? [[event.thing, event] as const] : [])));
  return [...events]
    .sort((a, b) => a.m - b.m)
    .flatMap((event) => {
      const said = saidBy(event);
      if (said === null) return [];
      const { thing, athlete, ...value } = said;
      const of = thing === null ? undefined : all.get(thing);
      return [
        {
          m: event.m,
          clock: clockText(Math.max(0, planAt(clock, event.m))),
          thing: of?.as ?? SAYS[event.kind] ?? '',
          stand_in: of?.standIn === true ? 'yes' : 'no',
          who: athlete === null ? '' : cell(nameOf(athlete)),
          ...value,
        },
      ];
    });
}

/** What says such a thing, where the log does not hold that it came. */
const SAYS: Readonly<Partial<Record<RunEvent['kind'], ThingAs>>> = { reaction: 'light', pulse: 'strap', reps: 'counter', ball: 'feeder' };

interface SaidBy {
  readonly thing: string | null;
  readonly athlete: string | null;
  readonly what: string;
  readonly value: number | string;
  readonly unit: string;
  readonly call: number | string;
}

function saidBy(event: RunEvent): SaidBy | null {
  switch (event.kind) {
    case 'reaction':
      return { thing: event.thing, athlete: event.athlete, what: 'reaction', value: event.ms, unit: 'ms', call: event.call };
    case 'pulse':
      return { thing: event.thing, athlete: event.athlete, what: 'pulse', value: event.bpm, unit: '1/min', call: '' };
    case 'reps':
      return { thing: event.thing, athlete: event.athlete, what: 'repetitions', value: event.n, unit: '', call: '' };
    case 'ball':
      return event.source === 'thing' ? { thing: null, athlete: null, what: 'release', value: '', unit: '', call: '' } : null;
    default:
      return null;
  }
}
