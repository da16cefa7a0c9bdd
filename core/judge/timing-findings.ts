import { originOf } from '../body/stance.js';
import { distance } from '../body/vec.js';
import type { MoveWord } from '../language/moves.js';
import type { EventMoment, Simulation, SimMove } from '../motion/simulation.js';
import { finding, LEAST, levelOf, msOf, type Finding } from './finding.js';
import { heldOn, type HeldChoices, type OptionOf } from './schools.js';

/** A stretch of time about a moment, seconds. */
interface Window {
  readonly from: number;
  readonly to: number;
}

/** Windows of a strike against its landing, seconds (common practice, no source). */
const STRIKE_WINDOWS: Readonly<Record<Exclude<OptionOf<'strike-window'>, 'off'>, Window>> = {
  'front-foot': { from: 0.02, to: 0.2 },
  together: { from: -0.06, to: 0.06 },
  'hand-first': { from: -0.5, to: 0.02 },
};
/** Windows of a split's landing against the ball, seconds (common practice, no source). */
const SPLIT_WINDOWS: Readonly<Record<Exclude<OptionOf<'split-timing'>, 'off'>, Window>> = {
  contact: { from: -0.06, to: 0.04 },
  before: { from: -0.2, to: 0 },
  release: { from: -0.06, to: 0.04 },
};
/** A split this far from a ball belongs to another one, seconds. */
const SPLIT_NEAR = 0.75;
/** Longest stay after a split, seconds (common practice, no source). */
const SPLIT_PAUSE = 0.15;
/** Further than this from the start the way back is not done, metres. */
const AWAY = 0.3;

const LUNGES: readonly MoveWord[] = ['lunge', 'step-lunge', 'jump-lunge', 'running attack'];

/** What goes wrong against the ball, the strike and the call. */
export function timingFindings(sim: Simulation, choices: HeldChoices): Finding[] {
  return [
    ...sim.moves.flatMap((move) => [...strikes(sim, move, choices), ...pauses(sim, move)]),
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

function strikes(sim: Simulation, move: SimMove, choices: HeldChoices): Finding[] {
  if (!LUNGES.includes(move.step.act.word)) return [];
  const { option, held } = heldOn('strike-window', choices);
  if (option === 'off') return [];
  const window = STRIKE_WINDOWS[option];
  return sim.hands
    .filter((hand) => hand.move === move.index && hand.tiedTo !== null)
    .flatMap((hand): Finding[] => {
      const offset = hand.at - move.landing;
      const off = outside(offset, window);
      if (off === null) return [];
      const { excess, early } = off;
      const usual = `${Math.round(window.from * 1000)} to ${Math.round(window.to * 1000)} ms after is the usual window`;
      const sentence = `The ${hand.word} comes ${msOf(offset)} ${offset < 0 ? 'before' : 'after'} the landing; ${usual}.`;
      const numbers = { value: offset, limit: early ? window.from : window.to, excess, held };
      return [finding(early ? 'strike-early' : 'strike-late', levelOf(excess, window.to - window.from), move, hand.at, sentence, numbers)];
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
        const sentence = `No split for the ${event.event} at ${event.at.toFixed(2)} s.`;
        return [finding('no-split', 'beware', null, event.at, sentence, where)];
      }
      const offset = nearest.landing - event.at;
      const off = outside(offset, window);
      if (off === null) return [];
      const { excess, early } = off;
      const side = offset < 0 ? 'before' : 'after';
      const usual = `${Math.round(window.from * 1000)} to ${Math.round(window.to * 1000)} ms is the window`;
      const sentence = `The split lands ${msOf(offset)} ${side} the ${event.event}; ${usual}.`;
      const numbers = { value: offset, limit: early ? window.from : window.to, excess, held };
      return [
        finding(
          early ? 'split-early' : 'split-late',
          levelOf(excess, window.to - window.from),
          nearest,
          nearest.landing,
          sentence,
          numbers,
        ),
      ];
    });
}

/** Standing after a split, when one should leave at once. */
function pauses(sim: Simulation, move: SimMove): Finding[] {
  const next = sim.moves[move.index + 1];
  if (move.step.act.word !== 'split' || next?.step.act.word !== 'hold') return [];
  const excess = next.end - next.start - SPLIT_PAUSE;
  if (excess < LEAST.seconds - 1e-9) return [];
  const sentence = `${msOf(next.end - next.start)} pass between the split and the next step; ${msOf(SPLIT_PAUSE)} is the most.`;
  return [
    finding('split-waits', levelOf(excess, SPLIT_PAUSE), next, next.start, sentence, {
      value: next.end - next.start,
      limit: SPLIT_PAUSE,
      excess,
    }),
  ];
}

/** A call while the athlete is still away and under way. */
function calls(sim: Simulation, event: EventMoment): Finding[] {
  if (event.event !== 'call') return [];
  const move = sim.moves.find((one) => one.start < event.at - 1e-9 && one.end > event.at + 1e-9 && one.moving);
  if (!move) return [];
  const away = Math.max(...[move.before, move.after].map((posture) => distance(originOf(posture.feet), originOf(sim.start.feet))));
  if (away < AWAY) return [];
  const sentence = `The call comes ${msOf(move.end - event.at)} before ‘${move.step.act.word}’ is done, ${Math.round(away * 100)} cm away from the start.`;
  return [finding('call-early', 'beware', move, event.at, sentence, { value: away, limit: AWAY, excess: away - AWAY, span: event.span })];
}
