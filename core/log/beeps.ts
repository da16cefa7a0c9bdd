import type { Sound } from '../plan/cue.js';
import { isSession, stretchesOfPlan, type RunPlan } from '../plan/run-plan.js';
import type { Stretch } from '../plan/stretch.js';
import { COUNT_DOWN } from './clock.js';

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
