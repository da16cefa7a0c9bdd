import { placingFrom } from '@hopsk/core/judge/area-text';
import { callable } from '@hopsk/core/plan/calls/callable';
import { alternative, USUAL_CALLS, type Calls } from '@hopsk/core/plan/calls/calls';
import { drawCalls } from '@hopsk/core/plan/calls/draw';
import { fitToTime } from '@hopsk/core/plan/session/fit-time';
import { seeStage, type StageSeen } from '@hopsk/core/plan/session/seen';
import type { Session } from '@hopsk/core/plan/session/session';
import { stageOf } from '@hopsk/core/plan/session/stage';
import { timelineOf } from '@hopsk/core/plan/session/timeline';
import { all } from '@hopsk/words/en/all';
import { PERFORMER, SHORT } from './engine.js';
import { median, timed, type Line } from './measure.js';

const CALLED = 10_000;
const STAGES = 30;

const line = { steps: SHORT, school: 'square-ready', hand: 'right', lead: 'none', shouldClose: true } as const;
const session = (doses: readonly string[]): Session => ({
  stages: doses.map((dose, i) => stageOf(`s${i}`, `stage ${i}`, line, { dose, explain: 20, priority: ((i % 3) + 1) as 1 | 2 | 3 })),
  settings: { change: 20, water: { every: 900, seconds: 60 }, rest: 20, setRest: 60 },
  minutes: 90,
  area: '',
  equipment: null,
  seed: 1,
});
const seenOf = (one: Session): StageSeen[] =>
  one.stages.map((stage) => seeStage(stage, one, { performer: () => PERFORMER, text: (_, steps) => steps }));

/** The baseline: so many plain objects made and put in order, with no rules. */
function plain(many: number): number {
  const list: { at: number; say: string }[] = [];
  for (let i = 0; i < many; i++) list.push({ at: (i * 7919) % many, say: 'one' });
  return list.sort((a, b) => a.at - b.at).length;
}

const SPOKEN = all.plan.spoken;

/** A long session on one clock, fitting to the time, and fair calls on a floor. */
export function sessions(): Line[] {
  const evening = session(Array.from({ length: 7 }, () => '8 sets of 3 × 10, rest 5 s, set rest 10 s, counts aloud'));
  const seen = seenOf(evening);
  const { cues, total } = timelineOf(seen, evening, SPOKEN);
  const wide = session(Array.from({ length: STAGES }, () => '1–4 × 20–60 s, rest 15 s'));
  const wideSeen = seenOf(wide);
  const calls: Calls = {
    ...USUAL_CALLS,
    alternatives: [
      alternative('right', 'split, shuffle right 60 cm', { side: 'right' }),
      alternative('left', 'split, shuffle left 60 cm', { side: 'left' }),
      alternative('ahead', 'split, advance 40 cm'),
      alternative('back', 'split, retreat 40 cm', { weight: 2 }),
    ],
  };
  const options = calls.alternatives.map((one) => callable(one, PERFORMER));
  const placing = placingFrom('room 4 × 4 m');
  const draw = (): unknown => drawCalls(options, calls, { seed: 3, number: CALLED, placing });
  return [
    {
      name: `${Math.round(total / 60)} min with ${cues.length} cues on one clock`,
      value: median(timed(40, () => timelineOf(seen, evening, SPOKEN))),
      unit: 'ms',
      baseline: median(timed(40, () => plain(cues.length))),
      limit: 20,
    },
    {
      name: `${STAGES} stages fitted to 90 min`,
      value: median(timed(10, () => fitToTime(wideSeen, wide, 5400))),
      unit: 'ms',
      baseline: median(timed(40, () => plain(STAGES * 10))),
      limit: 100,
    },
    {
      name: `${CALLED} fair calls on a floor`,
      value: median(timed(10, draw)),
      unit: 'ms',
      baseline: median(timed(40, () => plain(CALLED))),
      limit: 100,
    },
  ];
}
