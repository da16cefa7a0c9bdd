import type { RunEvent, RunHead } from '@hopsk/contract/run';
import { COUNT_DOWN } from '@hopsk/core/log/clock';
import { HEART_BEGINS, heartAfter } from '@hopsk/core/log/heart';
import { stretchesOfPlan } from '@hopsk/core/plan/run-plan';
import type { Chance } from './chance.js';

/** A strap says so often (s) how the heart beats. */
const EACH = 10;
/** Beats in a minute by which no two moments are alike. */
const JITTER = 3;

/** What a stand-in for a heart-rate strap said of somebody in a run, written into its log. */
export function strapOf({ plan }: Pick<RunHead, 'plan'>, log: readonly RunEvent[], athlete: string, chance: Chance): RunEvent[] {
  const last = log.at(-1) as RunEvent;
  const stretches = stretchesOfPlan(plan);
  const thing = chance.uuid();
  const said: RunEvent[] = [];
  const say = (m: number, body: object): void => {
    const n = said.length + 1;
    const stamp = { id: chance.uuid(), device: last.device, seq: last.seq + n, order: last.order + n, m, at: last.at };
    said.push({ ...stamp, ...body } as RunEvent);
  };
  say(0, { kind: 'thing', thing, as: 'strap', standIn: true, on: true });
  say(0, { kind: 'whose', thing, athlete });
  let bpm = HEART_BEGINS;
  for (let s = EACH; 1000 * s < last.m; s += EACH) {
    const t = s - COUNT_DOWN;
    const on = stretches.find(({ start, end }) => t >= start && t < end);
    bpm = heartAfter(bpm, EACH, on?.kind === 'work');
    say(1000 * s, { kind: 'pulse', thing, athlete, bpm: Math.round(bpm) + chance.whole(-JITTER, JITTER) });
  }
  return said;
}
