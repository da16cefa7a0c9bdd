import type { Side } from '../body/foot.js';
import { wayOf, dot, sub } from '../geometry/vec.js';
import type { Span } from '../notation/tokens.js';
import { feetAt } from '../simulate/motion.js';
import type { Simulation, SimMove } from '../simulate/simulation.js';
import { STANCE_TOLERANCE } from '../stance/stance.js';
import { CLOSED, driftOf } from './drift.js';
import { crossedBy, narrowBy, wideBy, touching } from './state.js';

export type FindingCode =
  | 'crossed'
  | 'touching'
  | 'passed'
  | 'narrow'
  | 'wide'
  | 'not-closed'
  | 'strike-early'
  | 'strike-late'
  | 'stride'
  | 'nothing-to-recover'
  | 'too-many-moves'
  | 'refused'
  | 'short-pass';
export type Level = 'note' | 'beware' | 'stop';

/** Something that goes wrong before anybody moves. Lengths in metres, times in seconds, angles in degrees. */
export interface Finding {
  readonly code: FindingCode;
  readonly level: Level;
  readonly at: number;
  readonly move: number;
  readonly span: Span | null;
  readonly feet: readonly Side[];
  readonly value: number;
  readonly limit: number;
  readonly excess: number;
  /** The catalogue's fault that this would be, if it is one. */
  readonly fault: string | null;
  readonly sentence: string;
}

/** Window of a strike against the landing of its lunge, seconds (common practice, no source). */
export const STRIKE_WINDOW = { from: 0.02, to: 0.2 } as const;
/** Nothing below these is a finding. */
const LEAST = { metres: 0.01, degrees: 2, seconds: 0.02 } as const;

const BOTH: readonly Side[] = ['left', 'right'];
const SAMPLES = 24;
const cm = (metres: number): string => `${Math.round(metres * 100)} cm`;

/** note: beyond the limit by up to one tolerance; beware: by up to two; stop: more. */
export function levelOf(excess: number, tolerance: number): Level {
  return excess <= tolerance ? 'note' : excess <= 2 * tolerance ? 'beware' : 'stop';
}

export interface FindingOptions {
  /** Whether a repetition should end where it began. */
  readonly shouldClose: boolean;
}

/** All findings of a simulation in time order. */
export function findingsOf(sim: Simulation, options: FindingOptions): Finding[] {
  const found: Finding[] = sim.moves.flatMap((move) => [...underWay(sim, move), ...afterMove(sim, move), ...strikes(sim, move)]);
  for (const problem of sim.problems) {
    const level =
      problem.code === 'stride'
        ? levelOf(problem.value - problem.limit, problem.limit * 0.15)
        : problem.code === 'short-pass'
          ? 'beware'
          : 'stop';
    found.push({
      code: problem.code,
      level,
      at: sim.moves[problem.move]?.start ?? sim.seconds,
      move: problem.move,
      span: problem.span,
      feet: [],
      value: problem.value,
      limit: problem.limit,
      excess: problem.value - problem.limit,
      fault: problem.code === 'stride' ? 'long-step' : null,
      sentence: problem.message,
    });
  }
  if (options.shouldClose && sim.moves.length > 0) found.push(...closing(sim));
  return found.sort((a, b) => a.at - b.at);
}

interface Worst {
  readonly by: number;
  readonly at: number;
}

/** Worst crossing, touching, narrowing and passing while a move is under way. */
function underWay(sim: Simulation, move: SimMove): Finding[] {
  if (!move.moving || move.actions.length === 0) return [];
  const tolerance = sim.target.tolerance * STANCE_TOLERANCE.movingFactor;
  let crossed: Worst = { by: LEAST.metres, at: -1 };
  let narrow: Worst = { by: LEAST.metres, at: -1 };
  let touched = -1;
  for (let k = 1; k < SAMPLES; k++) {
    const t = move.start + ((move.end - move.start) * k) / SAMPLES;
    const now = feetAt(sim, t);
    const cross = crossedBy(now, now.heading, tolerance);
    const thin = narrowBy(now, now.heading, sim.target, tolerance);
    if (cross > crossed.by) crossed = { by: cross, at: t };
    if (thin > narrow.by) narrow = { by: thin, at: t };
    if (touched < 0 && !now.left.inAir && !now.right.inAir && touching(now, sim)) touched = t;
  }
  const { width } = sim.target;
  const found: Finding[] = [];
  const make = (code: FindingCode, at: number, excess: number, limit: number, fault: string, sentence: string): Finding => ({
    code,
    level: levelOf(excess, tolerance),
    at,
    move: move.index,
    span: move.span,
    feet: BOTH,
    value: limit + excess,
    limit,
    excess,
    fault,
    sentence,
  });
  if (crossed.at >= 0) {
    found.push(
      make(
        'crossed',
        crossed.at,
        crossed.by,
        Math.max(0.02, tolerance),
        'crossed',
        `The feet cross by ${cm(crossed.by + Math.max(0.02, tolerance))}.`,
      ),
    );
  } else if (narrow.at >= 0) {
    found.push(
      make(
        'narrow',
        narrow.at,
        narrow.by,
        width - tolerance,
        'stance-narrow',
        narrowWords(width - tolerance - narrow.by, width - tolerance),
      ),
    );
  }
  if (touched >= 0 && crossed.at < 0) found.push(make('touching', touched, 0.01, 0, 'crossed', 'The feet touch.'));
  const passed = passedBy(sim, move);
  if (passed > LEAST.metres) {
    found.push(
      make(
        'passed',
        move.end,
        passed,
        sim.performer.body.breadth.metres / 2,
        'crossed',
        `The ${move.before.lead} foot led and falls behind by ${cm(passed + sim.performer.body.breadth.metres / 2)}.`,
      ),
    );
  }
  return found;
}

function narrowWords(is: number, least: number): string {
  const what = is < 0 ? `The feet come past one line by ${cm(-is)}` : `The base narrows to ${cm(is)}`;
  return `${what}; under way ${cm(least)} apart is the least.`;
}

/** By how much more than half a foot breadth the lead foot gets behind the other during a move that does not say so. */
function passedBy(sim: Simulation, move: SimMove): number {
  const lead = move.before.lead;
  if (lead === null || move.means.includes('pass')) return -1;
  let worst = -1;
  for (let k = 1; k <= SAMPLES; k++) {
    const now = feetAt(sim, Math.min(move.end - 1e-9, move.start + ((move.end - move.start) * k) / SAMPLES));
    const rear = lead === 'left' ? now.right : now.left;
    const behind = dot(sub(rear, now[lead]), wayOf(now.heading));
    worst = Math.max(worst, behind - sim.performer.body.breadth.metres / 2);
  }
  return worst;
}

/** What stands wrong once a move has ended. */
function afterMove(sim: Simulation, move: SimMove): Finding[] {
  if (!move.moving || (move.means.includes('wide') && move.step.act.move === 'lunge')) return [];
  const { tolerance } = sim.target;
  const { feet, heading } = move.after;
  const found: Finding[] = [];
  const was = {
    narrow: narrowBy(move.before.feet, move.before.heading, sim.target, tolerance),
    wide: wideBy(move.before.feet, move.before.heading, sim.target),
  };
  const narrow = narrowBy(feet, heading, sim.target, tolerance);
  const wide = wideBy(feet, heading, sim.target);
  const base = { at: move.end, move: move.index, span: move.span, feet: BOTH };
  // Only the move that makes it worse is named; those that follow inherit the stance.
  if (narrow > LEAST.metres && narrow > was.narrow + 1e-6) {
    const limit = sim.target.width - tolerance;
    found.push({
      ...base,
      code: 'narrow',
      level: levelOf(narrow, tolerance),
      value: limit - narrow,
      limit,
      excess: narrow,
      fault: 'stance-narrow',
      sentence: `It ends ${cm(limit - narrow)} wide; the stance wants ${cm(limit)} at least.`,
    });
  }
  if (wide > LEAST.metres && wide > was.wide + 1e-6) {
    found.push({
      ...base,
      code: 'wide',
      level: levelOf(wide, tolerance),
      value: tolerance + wide,
      limit: tolerance,
      excess: wide,
      fault: 'stance-wide',
      sentence: `It ends ${cm(wide + tolerance)} wider or longer than the stance; ${cm(tolerance)} is allowed.`,
    });
  }
  return found;
}

function strikes(sim: Simulation, move: SimMove): Finding[] {
  if (move.step.act.move !== 'lunge') return [];
  return sim.hands
    .filter((hand) => hand.move === move.index)
    .flatMap((hand): Finding[] => {
      const offset = hand.at - move.landing;
      const early = STRIKE_WINDOW.from - offset;
      const late = offset - STRIKE_WINDOW.to;
      const excess = Math.max(early, late);
      if (excess < LEAST.seconds - 1e-9) return [];
      const isEarly = early > late;
      const ms = Math.round(offset * 1000);
      return [
        {
          code: isEarly ? 'strike-early' : 'strike-late',
          level: levelOf(excess, STRIKE_WINDOW.to - STRIKE_WINDOW.from),
          at: hand.at,
          move: move.index,
          span: move.span,
          feet: [],
          value: offset,
          limit: isEarly ? STRIKE_WINDOW.from : STRIKE_WINDOW.to,
          excess,
          fault: isEarly ? 'land-late' : 'land-early',
          sentence: `The ${hand.word} comes ${Math.abs(ms)} ms ${ms < 0 ? 'before' : 'after'} the landing; 20 to 200 ms after is the usual window.`,
        },
      ];
    });
}

function closing(sim: Simulation): Finding[] {
  const drift = driftOf(sim);
  if (drift.closed) return [];
  const far = drift.furthestMark - CLOSED.metres;
  const turned = Math.abs(drift.heading) - CLOSED.degrees;
  const where = [
    Math.abs(drift.right) > 0.005 ? `${cm(Math.abs(drift.right))} to the ${drift.right > 0 ? 'right' : 'left'}` : '',
    Math.abs(drift.ahead) > 0.005 ? `${cm(Math.abs(drift.ahead))} ${drift.ahead > 0 ? 'ahead' : 'back'}` : '',
    Math.abs(drift.heading) > 0.5 ? `turned ${Math.round(Math.abs(drift.heading))}° ${drift.heading > 0 ? 'right' : 'left'}` : '',
  ].filter((part) => part !== '');
  return [
    {
      code: 'not-closed',
      level: far > 0 ? levelOf(far, CLOSED.metres) : levelOf(turned, CLOSED.degrees),
      at: sim.seconds,
      move: sim.moves.length - 1,
      span: sim.moves.at(-1)?.span ?? null,
      feet: BOTH,
      value: drift.furthestMark,
      limit: CLOSED.metres,
      excess: far,
      fault: 'recovery-place',
      sentence: `It does not come back: ${where.join(', ') || 'the stance has changed'} after one repetition.`,
    },
  ];
}
