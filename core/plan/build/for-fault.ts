import type { StageKind } from '../exercise.js';
import type { FaultEntry } from '../../catalogue/fault.js';
import { readWith } from '../../judge/study.js';
import type { OwnMove } from '../../language/own-moves.js';
import { simulate } from '../../motion/simulate.js';
import type { Performer } from '../../motion/simulation.js';
import { buildUp, type BuildOptions, type BuildSource } from './build-up.js';
import type { BuiltStage, BuiltUp } from './built.js';
import type { LeftOut } from './messages.js';
import { chancesOf, exposes } from './watch-list.js';

/** A small line for each word of the catalogue that says what shows a fault (common practice, no source). */
const LINES: Readonly<Record<string, string>> = {
  any: 'split, shuffle right 40 cm, shuffle left 40 cm',
  gathers: 'shuffle right 40 cm, shuffle left 40 cm, advance 30 cm, retreat 30 cm',
  turns: 'quarter right, quarter left',
  split: 'split, shuffle right 40 cm, split, shuffle left 40 cm',
  'half steps': 'half step ahead 30 cm, half step back 30 cm',
  lunge: 'lunge ahead 80 cm, recover back',
  'step-lunge': 'step-lunge ahead, recover back, retreat 30 cm',
  'step-in': 'step in ahead 40 cm + hit on landing, pull back',
  retreat: 'retreat 25 cm, advance 25 cm',
  'retreat counters': 'retreat 25 cm, hit, advance 25 cm',
  'back step': 'back step, shift',
  'drop step': 'drop step right, square up, face left 45°',
  orbit: 'orbit right 20°, orbit left 20°',
  'slip-side quarter': 'slip-side quarter left, slip-side quarter right',
  approach: 'split, shuffle right 40 cm, lunge right 70 cm, recover back, shuffle left 40 cm',
  jumps: 'split, block jump right 40 cm, block jump left 40 cm',
  'hand words': 'advance 30 cm + hit on landing, retreat 30 cm',
  strokes: 'split, shuffle right 40 cm, hit, shuffle left 40 cm',
  combinations: 'split, shuffle right 40 cm, lunge ahead 80 cm, recover back, shuffle left 40 cm',
  'way back': 'split, shuffle right 40 cm, lunge ahead 80 cm, recover back, shuffle left 40 cm',
};

/** The kinds of stages that a fault is worked on with, where nothing else is wanted: the remedy alone, then slow, then whole, then called. */
export const AGAINST: readonly StageKind[] = ['isolate', 'beats', 'whole', 'other side', 'called'];

/** The line that gives a fault most chances to show: one of the club's own that exposes it, else a small one of ours. */
export function lineForFault(
  fault: FaultEntry,
  club: readonly BuildSource[],
  performer: (source: BuildSource) => Performer,
  own: readonly OwnMove[] = [],
  /** What the small line is called: the fault's label. */
  name: string = fault.code,
): BuildSource {
  const plain = (shown: string): string | undefined => LINES[shown.trim()];
  const scored = club
    .map((source) => {
      const one = performer(source);
      const simulation = simulate(readWith(source.steps, own), one);
      const seen = { simulation, cueing: 'self', staggered: one.school.staggered } as const;
      const chances = chancesOf(fault, simulation);
      return {
        source,
        score: exposes(fault, seen) && fault.shownBy !== 'any' && simulation.seconds > 0 ? (chances + 0.1) / simulation.seconds : 0,
      };
    })
    .sort((a, b) => b.score - a.score);
  const best = scored[0];
  if (best && best.score > 0) return best.source;
  const steps =
    fault.shownBy
      .split(',')
      .map(plain)
      .find((line) => line !== undefined) ??
    LINES['any'] ??
    'split';
  return { name, steps, school: 'square-ready', hand: 'right', lead: 'none', shouldClose: true, pattern: null };
}

/**
 * A session against one fault: its remedy first where parts are wanted, its cue and nothing else on every stage, from where it can be
 * seen. Stages in which the fault has no chance to show are left out.
 * @param options its `kinds` are what is wanted, `AGAINST` for all that helps
 */
export function forFault(fault: FaultEntry, source: BuildSource, performer: Performer, options: BuildOptions): BuiltUp {
  const built = buildUp(source, performer, { ...options, focus: [fault.code, ...options.focus] });
  const shows = ({ stage }: BuiltStage): boolean =>
    (stage.calls !== null && fault.per === 'call') || chancesOf(fault, simulate(readWith(stage.steps, options.own), performer)) > 0;
  // Where the line gives it none at all, the coach's eye decides: nothing is left out then.
  const told = built.stages.some(shows) ? built.stages.filter(shows) : built.stages;
  const idle = built.stages
    .filter((stage) => !told.includes(stage))
    .map(({ name }): LeftOut => ({ name, code: 'no-chance', values: { fault: fault.code } }));
  const stages = told.map((one): BuiltStage => {
    const stage = { ...one.stage, watch: [fault.code], view: fault.views[0] ?? one.stage.view, unit: fault.per };
    return { ...one, stage: { ...stage, cues: [] }, cues: [fault.code] };
  });
  const [first] = stages;
  if (!first || !options.kinds.includes('isolate')) return { stages, leftOut: [...built.leftOut, ...idle] };
  const remedy: BuiltStage = {
    ...first,
    stage: { ...first.stage, id: options.newId(), dose: '15–30 s', explain: 30, kind: 'isolate', priority: 1 },
    name: { code: 'remedy', values: { fault: fault.code } },
  };
  return { stages: [remedy, ...stages.slice(1)], leftOut: [...built.leftOut, ...idle] };
}
