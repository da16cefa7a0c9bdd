import type { Phase } from '../plan/phases.js';
import { isSession, planPhases, type RunPlan } from '../plan/run-plan.js';
import { ordered, type RunEvent } from './event.js';

/** Seconds of count-down before the plan's zero. */
export const COUNT_DOWN = 5;

/** What the clock does now. 'ended' by hand, or because the plan is over. */
export interface ClockState {
  readonly status: 'waiting' | 'running' | 'paused' | 'ended';
  /** Seconds of the plan; negative in the count-down. */
  readonly t: number;
  readonly phase: Phase | null;
  /** Seconds left in this phase (or in the count-down). */
  readonly left: number;
  readonly totalLeft: number;
}

/** A stretch of plan time that was really run. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
}

interface Replay {
  readonly status: ClockState['status'];
  readonly t: number;
  readonly anchor: number;
  readonly stretches: readonly Stretch[];
}

/** Follows the clock's events: where it stands and which plan time was run. Events without sense where they stand are passed over. */
function replay(events: readonly RunEvent[], total: number): Replay {
  let status: ClockState['status'] = 'waiting';
  let t = -COUNT_DOWN;
  let anchor = 0;
  let from = 0;
  let latest = -COUNT_DOWN;
  const stretches: Stretch[] = [];
  const close = (to: number): void => {
    if (to > from) stretches.push({ from, to: Math.min(to, total) });
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
  return { status, t, anchor, stretches };
}

/** Plan time that was really run, as far as the log tells. */
export function stretchesRun(events: readonly RunEvent[], total: number): readonly Stretch[] {
  return replay(events, total).stretches;
}

/** The clock at a wall-clock moment (ms), derived from the log alone, so that a reload changes nothing. */
export function clockAt(events: readonly RunEvent[], phases: readonly Phase[], nowMs: number): ClockState {
  const total = phases.at(-1)?.end ?? 0;
  const state = replay(events, total);
  const t = state.status === 'running' ? state.t + (nowMs - state.anchor) / 1000 : state.t;
  const over = t >= total && state.status === 'running';
  const at = Math.min(t, total);
  const phase = at < 0 ? null : (phases.find((p) => at < p.end) ?? phases.at(-1) ?? null);
  return {
    status: over ? 'ended' : state.status,
    t: at,
    phase,
    left: at < 0 ? -at : phase ? Math.max(0, phase.end - at) : 0,
    totalLeft: Math.max(0, total - at),
  };
}

/** A sound of the clock at a second of the plan. */
export interface Beep {
  readonly at: number;
  readonly sound: 'tick' | 'work' | 'rest' | 'end' | 'chime' | 'beat';
}

/** Beeps of what is run: in a session its chimes and beats too. */
export function beepsOfPlan(plan: RunPlan): Beep[] {
  const beeps = beepsOf(planPhases(plan));
  if (!isSession(plan)) return beeps;
  const more = plan.cues.flatMap(({ at, sound }): Beep[] => (sound === 'chime' || sound === 'beat' ? [{ at, sound }] : []));
  return [...beeps, ...more].sort((a, b) => a.at - b.at);
}

/** All beeps of a plan: ticks in the last three seconds before each change, a tone at each change. */
export function beepsOf(phases: readonly Phase[]): Beep[] {
  const beeps: Beep[] = [];
  const ticks = (before: number, least: number): void => {
    for (const k of [3, 2, 1]) if (before - k >= least) beeps.push({ at: before - k, sound: 'tick' });
  };
  ticks(0, -COUNT_DOWN);
  phases.forEach((phase, i) => {
    beeps.push({ at: phase.start, sound: phase.kind === 'work' ? 'work' : 'rest' });
    ticks(phase.end, phase.start + 1);
    if (i === phases.length - 1) beeps.push({ at: phase.end, sound: 'end' });
  });
  return beeps.sort((a, b) => a.at - b.at);
}
