import type { Sound } from '../plan/cue.js';
import type { Stretch } from '../plan/stretch.js';
import { isSession, stretchesOfPlan, type RunPlan } from '../plan/run-plan.js';
import { ordered, type RunEvent } from './event.js';

/** Seconds of count-down before the plan's zero. */
export const COUNT_DOWN = 5;

/** What the clock does now. 'ended' by hand, or because the plan is over. */
export interface ClockState {
  readonly status: 'waiting' | 'running' | 'paused' | 'ended';
  /** Seconds of the plan; negative in the count-down. */
  readonly t: number;
  readonly stretch: Stretch | null;
  /** Seconds left in this stretch (or in the count-down). */
  readonly left: number;
  readonly totalLeft: number;
}

/** Plan time that was really run, from and to; seconds. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

interface Replay {
  readonly status: ClockState['status'];
  readonly t: number;
  readonly anchor: number;
  readonly spans: readonly Span[];
}

/** Follows the clock's events: where it stands and which plan time was run. Events without sense where they stand are passed over. */
function replay(events: readonly RunEvent[], total: number): Replay {
  let status: ClockState['status'] = 'waiting';
  let t = -COUNT_DOWN;
  let anchor = 0;
  let from = 0;
  let latest = -COUNT_DOWN;
  const spans: Span[] = [];
  const close = (to: number): void => {
    if (to > from) spans.push({ from, to: Math.min(to, total) });
  };
  for (const event of ordered(events)) {
    if (status === 'running') latest = Math.max(latest, Math.min(total, event.t));
    if (event.kind === 'go' && status === 'waiting') {
      status = 'running';
      t = event.t;
      anchor = event.at;
    } else if (event.kind === 'pause' && status === 'running') {
      status = 'paused';
      t = event.t;
    } else if (event.kind === 'resume' && status === 'paused') {
      status = 'running';
      anchor = event.at;
    } else if (event.kind === 'skip' && (status === 'running' || status === 'paused')) {
      close(event.t);
      from = event.to;
      t = event.to;
      latest = event.to;
      anchor = event.at;
    } else if (event.kind === 'end' && status !== 'ended') {
      t = event.t;
      close(event.t);
      from = Infinity;
      status = 'ended';
    }
  }
  if (status === 'running' || status === 'paused') close(status === 'paused' ? t : latest);
  return { status, t, anchor, spans };
}

/**
 * Plan time that was really run, as far as the log tells.
 * @example spansRun([], 60) // []
 */
export function spansRun(events: readonly RunEvent[], total: number): readonly Span[] {
  return replay(events, total).spans;
}

/** The clock at a wall-clock moment (ms), derived from the log alone, so that a reload changes nothing. */
export function clockAt(events: readonly RunEvent[], stretches: readonly Stretch[], nowMs: number): ClockState {
  const total = stretches.at(-1)?.end ?? 0;
  const state = replay(events, total);
  const t = state.status === 'running' ? state.t + (nowMs - state.anchor) / 1000 : state.t;
  const over = t >= total && state.status === 'running';
  const at = Math.min(t, total);
  const stretch = at < 0 ? null : (stretches.find((p) => at < p.end) ?? stretches.at(-1) ?? null);
  return {
    status: over ? 'ended' : state.status,
    t: at,
    stretch,
    left: at < 0 ? -at : stretch ? Math.max(0, stretch.end - at) : 0,
    totalLeft: Math.max(0, total - at),
  };
}

/** A sound of the clock at a second of the plan. */
export interface Beep {
  readonly at: number;
  readonly sound: 'tick' | Sound;
}

/** Beeps of what is run: in a session its chimes and beats too. */
export function beepsOfPlan(plan: RunPlan): Beep[] {
  const beeps = beepsOf(stretchesOfPlan(plan));
  if (!isSession(plan)) return beeps;
  const more = plan.cues.flatMap(({ at, sound }): Beep[] => (sound === 'chime' || sound === 'beat' ? [{ at, sound }] : []));
  return [...beeps, ...more].sort((a, b) => a.at - b.at);
}

/** All beeps of a plan: ticks in the last three seconds before each change, a tone at each change. */
export function beepsOf(stretches: readonly Stretch[]): Beep[] {
  const beeps: Beep[] = [];
  const ticks = (before: number, least: number): void => {
    for (const k of [3, 2, 1]) if (before - k >= least) beeps.push({ at: before - k, sound: 'tick' });
  };
  ticks(0, -COUNT_DOWN);
  stretches.forEach((stretch, i) => {
    beeps.push({ at: stretch.start, sound: stretch.kind === 'work' ? 'work' : 'rest' });
    ticks(stretch.end, stretch.start + 1);
    if (i === stretches.length - 1) beeps.push({ at: stretch.end, sound: 'end' });
  });
  return beeps.sort((a, b) => a.at - b.at);
}
