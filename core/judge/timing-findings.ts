import { originOf } from '../body/stance.js';
import { distance } from '../body/vec.js';
import type { MoveWord } from '../language/moves.js';
import type { EventMoment, Simulation, SimMove } from '../motion/simulation.js';
import { finding, LEAST, levelOf, type Finding } from './finding.js';
import { handsOf } from './move-rule.js';
import { heldOn, type HeldChoices, type OptionOf } from './schools.js';

/** A stretch of time about a moment, seconds. */
export interface Window {
  readonly from: number;
  readonly to: number;
}

/** Windows of a strike against its landing, seconds (common practice, no source). */
export const STRIKE_WINDOWS: Readonly<Record<Exclude<OptionOf<'strike-window'>, 'off'>, Window>> = {
  'front-foot': { from: 0.02, to: 0.2 },
  together: { from: -0.06, to: 0.06 },
  'hand-first': { from: -0.5, to: 0.02 },
};
/** Windows of a split's landing against the ball, seconds (common practice, no source). */
export const SPLIT_WINDOWS: Readonly<Record<Exclude<OptionOf<'split-timing'>, 'off'>, Window>> = {
  contact: { from: -0.06, to: 0.04 },
  before: { from: -0.2, to: 0 },
  release: { from: -0.06, to: 0.04 },
};
/** How far beyond a window is still a note, seconds (common practice, no source). */
const TIME_TOLERANCE = 0.04;
/** When a stroke of any other move may come, against its landing, seconds (common practice, no source). */
const STROKE_WINDOWS = {
  /** A step in is struck with its landing, or while it stays out. */
  out: { from: -0.06, to: 0.4 },
  /** In a step one may strike from its start on. */
  going: { from: -Infinity, to: 0.4 },
} as const satisfies Readonly<Record<string, Window>>;
/** A split this far from a ball belongs to another one, seconds. */
const SPLIT_NEAR = 0.75;
/** Longest stay after a split, seconds (common practice, no source). */
const SPLIT_PAUSE = 0.15;
/** Further than this from the start the way back is not done, metres. */
const AWAY = 0.3;
/** Longest stop inside the way back, seconds, and what is a step of it, metres (common practice, no source). */
const STOP = 0.3;
const STEP_HOME = 0.1;

const LUNGES: readonly MoveWord[] = ['lunge', 'step-lunge', 'jump-lunge', 'running attack'];

/** What goes wrong against the ball, the strike and the call. */
export function timingFindings(sim: Simulation, choices: HeldChoices): Finding[] {
  return [
    ...sim.moves.flatMap((move) => [...strikes(sim, move, choices), ...strokes(sim, move), ...pauses(sim, move), ...stops(sim, move)]),
    ...splits(sim, choices),
    ...sim.events.flatMap((event) => calls(sim, event)),
  ];
}

/** How far outside a window, and on which side; null inside. */
function outside(offset: number, window: Window): { readonly excess: number; readonly early: boolean } | null {
  const early = window.from - offset;
  const late = offset - window.to;
  const excess = Math.max(early, late);
  return excess < LEAST.seconds - 1e-9 ? null : { excess, early: early > late };
}

/** A stroke long before or after the feet of its step: it belongs to nothing. */
function strokes(sim: Simulation, move: SimMove): Finding[] {
  const { word } = move.step.act;
  if (LUNGES.includes(word) || !move.actions.some((action) => action.contact)) return [];
  const window = word === 'step in' || word === 'reaching step' ? STROKE_WINDOWS.out : STROKE_WINDOWS.going;
  // Those of a combination follow the first.
  return handsOf(sim, move)
    .filter((hand) => hand.tiedTo !== null)
    .slice(0, 1)
    .flatMap((hand): Finding[] => {
      const offset = hand.at - move.landing;
      const off = outside(offset, window);
      if (off === null) return [];
      const limit = off.early ? window.from : window.to;
      const numbers = { value: offset, limit, excess: off.excess };
      return [finding('strike-off', { hand: hand.word, offset, limit }, levelOf(off.excess, TIME_TOLERANCE), move, hand.at, numbers)];
    });
}

/** A stop between two parts of the way back, away from where one began. */
function stops(sim: Simulation, move: SimMove): Finding[] {
  const [before, next] = [sim.moves[move.index - 1], sim.moves[move.index + 1]];
  const seconds = move.end - move.start;
  if (move.step.act.word !== 'hold' || !before || !next || seconds <= STOP + 1e-9) return [];
  const from = originOf(sim.start.feet);
  const far = (one: SimMove['after']): number => distance(originOf(one.feet), from);
  const homewards = (one: SimMove): boolean => one.moving && far(one.after) < far(one.before) - STEP_HOME;
  if (!homewards(before) || !homewards(next) || far(move.after) < AWAY) return [];
  return [finding('way-back-stops', { seconds }, 'beware', move, move.start, { value: seconds, limit: STOP, excess: seconds - STOP })];
}

function strikes(sim: Simulation, move: SimMove, choices: HeldChoices): Finding[] {
  if (!LUNGES.includes(move.step.act.word)) return [];
  const { option, held } = heldOn('strike-window', choices);
  if (option === 'off') return [];
  const window = STRIKE_WINDOWS[option];
  return handsOf(sim, move)
    .filter((hand) => hand.tiedTo !== null)
    .flatMap((hand): Finding[] => {
      const offset = hand.at - move.landing;
      const off = outside(offset, window);
      if (off === null) return [];
      const { excess, early } = off;
      const says = { hand: hand.word, offset, ...window };
      const numbers = { value: offset, limit: early ? window.from : window.to, excess, held };
      const code = early ? 'strike-early' : 'strike-late';
      return [finding(code, says, levelOf(excess, TIME_TOLERANCE), move, hand.at, numbers)];
    });
}

function splits(sim: Simulation, choices: HeldChoices): Finding[] {
  const { option, held } = heldOn('split-timing', choices);
  if (option === 'off') return [];
  const window = SPLIT_WINDOWS[option];
  const ball = option === 'release' ? 'ball released' : 'ball hit';
  const landings = sim.moves.filter((move) => move.step.act.word === 'split');
  return sim.events
    .filter((event) => event.event === ball)
    .flatMap((event): Finding[] => {
      const nearest = landings.reduce<SimMove | null>(
        (best, move) => (best === null || Math.abs(move.landing - event.at) < Math.abs(best.landing - event.at) ? move : best),
        null,
      );
      const where = { span: event.span, held };
      if (nearest === null || Math.abs(nearest.landing - event.at) > SPLIT_NEAR) {
        return [finding('no-split', { event: event.event, at: event.at }, 'beware', null, event.at, where)];
      }
      const offset = nearest.landing - event.at;
      const off = outside(offset, window);
      if (off === null) return [];
      const { excess, early } = off;
      const says = { event: event.event, offset, ...window };
      const numbers = { value: offset, limit: early ? window.from : window.to, excess, held };
      const code = early ? 'split-early' : 'split-late';
      return [finding(code, says, levelOf(excess, TIME_TOLERANCE), nearest, nearest.landing, numbers)];
    });
}

/** Standing after a split, when one should leave at once. */
function pauses(sim: Simulation, move: SimMove): Finding[] {
  const next = sim.moves[move.index + 1];
  if (move.step.act.word !== 'split' || next?.step.act.word !== 'hold') return [];
  const excess = next.end - next.start - SPLIT_PAUSE;
  if (excess < LEAST.seconds - 1e-9) return [];
  const seconds = next.end - next.start;
  const says = { seconds, most: SPLIT_PAUSE };
  return [finding('split-waits', says, levelOf(excess, SPLIT_PAUSE), next, next.start, { value: seconds, limit: SPLIT_PAUSE, excess })];
}

/** A call while the athlete is still away and under way. */
function calls(sim: Simulation, event: EventMoment): Finding[] {
  if (event.event !== 'call') return [];
  const move = sim.moves.find((one) => one.start < event.at - 1e-9 && one.end > event.at + 1e-9 && one.moving);
  if (!move) return [];
  const away = Math.max(...[move.before, move.after].map((posture) => distance(originOf(posture.feet), originOf(sim.start.feet))));
  if (away < AWAY) return [];
  const says = { seconds: move.end - event.at, move: move.step.act.word, away };
  return [finding('call-early', says, 'beware', move, event.at, { value: away, limit: AWAY, excess: away - AWAY, span: event.span })];
}
