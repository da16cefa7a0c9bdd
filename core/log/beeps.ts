import type { Sound } from '../plan/cue.js';
import { cuesOf, stretchesOfPlan, type RunPlan } from '../plan/run-plan.js';
import type { Stretch } from '../plan/stretch.js';
import { COUNT_DOWN } from './clock.js';

/** A sound of the clock at a second of the plan. */
export interface Beep {
  readonly at: number;
  readonly sound: 'tick' | 'ten' | 'call' | Sound;
}

/** Beeps of what is run: its chimes and beats too. */
export function beepsOfPlan(plan: RunPlan): Beep[] {
  const beeps = beepsOf(stretchesOfPlan(plan));
  const more = cuesOf(plan).flatMap(({ at, kind, sound }): Beep[] => {
    if (sound !== 'chime' && sound !== 'beat' && sound !== 'low') return [];
    return [{ at, sound: kind === 'call' ? 'call' : sound }];
  });
  return [...beeps, ...more].sort((a, b) => a.at - b.at);
}

/** Work longer than this (s) says when ten seconds are left of it. */
const LONG = 20;

/** All beeps of a plan: ticks in the last three seconds before each change, a tone at each change, and one when ten seconds of long work are left. */
export function beepsOf(stretches: readonly Stretch[]): Beep[] {
  const beeps: Beep[] = [];
  const ticks = (before: number, least: number): void => {
    for (const k of [3, 2, 1]) if (before - k >= least) beeps.push({ at: before - k, sound: 'tick' });
  };
  ticks(0, -COUNT_DOWN);
  stretches.forEach((stretch, i) => {
    beeps.push({ at: stretch.start, sound: stretch.kind === 'work' ? 'work' : 'rest' });
    if (stretch.kind === 'work' && !stretch.open && stretch.end - stretch.start > LONG) beeps.push({ at: stretch.end - 10, sound: 'ten' });
    ticks(stretch.end, stretch.start + 1);
    if (i === stretches.length - 1) beeps.push({ at: stretch.end, sound: 'end' });
  });
  return beeps.sort((a, b) => a.at - b.at);
}
