import type { Performer } from '../../motion/simulation.js';
import type { Callable } from '../calls/callable.js';
import type { Cue } from '../cue.js';
import { ms } from '../ms.js';
import { repPlanOf } from '../rep-plan.js';
import type { DoneAs, RepPlan, RunStretch, SessionPlan } from '../run-plan.js';
import type { PlannedStretch } from '../stretch.js';
import { landingsOf } from './landings.js';
import { stationOf } from '../stations.js';
import { repetitionsIn } from './repetitions.js';
import { wayAt, type StageSeen } from './seen.js';
import { openerOf } from './stage.js';
import type { Timeline } from './timeline.js';
import type { SessionTotals } from './totals.js';
import { drawnAt, type Drawn, type Way } from './way.js';

/** What a run follows and keeps of a session: its clock, its cues, and every repetition with its chances. */
export function sessionPlanOf(seen: readonly StageSeen[], timeline: Timeline, { all }: Pick<SessionTotals, 'all'>): SessionPlan {
  const reps: RepPlan[] = [];
  const places = new Map<RepPlan, number>();
  const placeOf = (rep: RepPlan): number => {
    const known = places.get(rep);
    if (known !== undefined) return known;
    places.set(rep, reps.push(rep) - 1);
    return reps.length - 1;
  };
  const called = seen.map((one) => one.callables.map(calledRep));
  const chimed = new Map(
    seen.flatMap((one) => one.chimed.flat()).flatMap((way) => way.drawn.map((drawn) => [drawn, chimedRep(way, drawn)] as const)),
  );
  /** What is done in a stretch of work, as whoever begins at a round's place among the stations. */
  const doneIn = (one: StageSeen, i: number, stretch: PlannedStretch): [number, number][] => {
    const done: [number, number][] = [];
    const list = timeline.calls.get(i) ?? null;
    const { starts, chimes } = repetitionsIn(one, stretch, list);
    starts.forEach((start, k) => {
      const rep = list
        ? called[stretch.exercise]?.[list.calls[k]?.which ?? -1]
        : drawnAt(wayAt(one, stretch), { ...stretch, seed: one.seed, at: k }).rep;
      if (rep) done.push([ms(start), placeOf(rep)]);
    });
    const room = nextWork(timeline.stretches, i) - stretch.start;
    chimes.forEach(({ chime, from }, at) => {
      const way = one.chimed[chime]?.[stretch.way];
      const rep = way ? (chimed.get(drawnAt(way, { ...stretch, seed: one.seed, at })) ?? null) : null;
      // It may run on into a rest, and not into the next work.
      if (rep && rep.seconds <= room - from) done.push([ms(from), placeOf(rep)]);
    });
    return done.sort(([a], [b]) => a - b);
  };
  /** What the groups behind the first have done meanwhile: each at its own station, as the first is there in its own round. */
  const othersIn = (one: StageSeen, i: number, stretch: PlannedStretch): [number, number][][] =>
    Array.from({ length: Math.max(0, one.stationGroups - 1) }, (_, g) =>
      doneIn(one, i, { ...stretch, round: stationOf(g + 2, stretch.round, one.stations.length) + 1 }),
    );
  const phases = timeline.stretches.map((stretch, i): RunStretch => {
    const one = seen[stretch.exercise];
    const works = stretch.kind === 'work' ? one : undefined;
    const fed = works !== undefined && openerOf(works.stage) === 'coach';
    const rep = fed ? wayAt(works, stretch).drawn[0].rep : null;
    const done = works ? doneIn(works, i, stretch) : [];
    const others = works ? othersIn(works, i, stretch) : [];
    return {
      kind: stretch.kind,
      start: ms(stretch.start),
      end: ms(stretch.end),
      set: stretch.set,
      round: stretch.round,
      exercise: stretch.exercise,
      // So many balls take as long as they take: the clock waits for the coach.
      open: stretch.open || (fed && works.dose.work.by === 'count'),
      ...(stretch.kind === 'work' ? { way: stretch.way } : {}),
      ...(stretch.wave > 1 ? { wave: stretch.wave } : {}),
      done,
      ...(others.length > 0 ? { others } : {}),
      ...(rep && done.length === 0 ? { line: placeOf(rep) } : {}),
    };
  });
  return {
    exercises: seen.map(({ stage, ways }) => ({
      name: stage.name,
      stage: stage.id,
      steps: ways[0].text,
      watch: stage.watch,
      view: stage.view,
      ...(openerOf(stage) === 'plan' ? {} : { opens: openerOf(stage) }),
      ...{ kind: stage.kind, cueing: stage.cueing, tempo: stage.tempo, implement: stage.implement },
      ...(stage.stations.length > 0 && { stations: stage.stations.map((one) => one.name) }),
      ...(stage.variant && { variant: stage.variant }),
      as: doneAs(ways[0].drawn[0].simulation.performer),
      ...(stage.partner?.lead && { opponent: stage.partner.lead }),
    })),
    reps,
    phases,
    landings: landingsOf(all),
    cues: timeline.cues.map((cue): Cue => ({
      at: ms(cue.at),
      kind: cue.kind,
      say: cue.say,
      show: cue.show,
      sound: cue.sound,
      couldGoOn: cue.couldGoOn,
    })),
  };
}

const doneAs = ({ school, playing, lead }: Performer): DoneAs => ({ school: school.code, hand: playing, lead: lead ?? 'none' });

/** When the work after a stretch begins; without any, never. */
const nextWork = (stretches: readonly PlannedStretch[], at: number): number =>
  stretches.slice(at + 1).find(({ kind }) => kind === 'work')?.start ?? Infinity;

/** What a chime has done holds the chances of its moves; it is no repetition of the line. */
function chimedRep({ text }: Way, { rep }: Drawn): RepPlan | null {
  if (rep === null) return null;
  const { repetition: _, ...chances } = rep.chances;
  return { ...rep, chances, chimed: text };
}

/** A call gives a chance to answer it, and those of what is done; a feint is no repetition, and at 'stay' the call is all. */
function calledRep({ alternative, simulation, seconds }: Callable): RepPlan {
  const rep = simulation && repPlanOf(simulation);
  const { repetition, ...parts } = rep?.chances ?? {};
  const whole = alternative.kind === 'move' && repetition ? { repetition } : {};
  return {
    seconds: Math.max(0.05, seconds),
    chances: { ...parts, ...whole, call: [0] },
    direction: rep?.direction ?? 'place',
    load: rep?.load ?? { landings: 0, lunges: 0 },
  };
}
