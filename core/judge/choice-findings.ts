import type { Side } from '../body/foot.js';
import { originOf } from '../body/stance.js';
import { distance, dot, normalised, sub, wayOf } from '../body/vec.js';
import { ruleOf, type MoveWord } from '../language/moves.js';
import { bearingTo } from '../motion/bearing-to.js';
import type { Simulation, SimMove } from '../motion/simulation.js';
import { USUAL_TIME } from '../motion/sizes.js';
import { partnerOf, whereIs } from '../motion/things.js';
import { BOTH, finding, LEAST, type Finding, type FindingCode } from './finding.js';
import { FIRST_FOOT } from './first-foot-findings.js';
import { bearingOf, CROSSINGS, goesBack, handsOf, is, LUNGES, type Rule, type Rules } from './move-rule.js';
import { heldOn, type HeldChoices, type TopicName } from './schools.js';
import { narrowBy, wideBy } from './state.js';
import { wayBackFindings } from './way-back-findings.js';

/** How near an opponent is 'in front', metres and degrees (common practice, no source). */
const IN_FRONT = { metres: 2.5, degrees: 45 } as const;
/** A rear foot within this of square to the net, degrees (common practice, no source). */
const SQUARE = 10;
/** A small step, metres, where a rule asks for one: no longer than an even one for a tall adult. */
const SMALL = 0.35;

const RETREATS: readonly MoveWord[] = ['retreat', 'back step', 'shuffle', 'gallop', 'chassé'];
/** A turn, and a way to the side, within so many degrees (common practice, no source). */
const TURNS = 15;
const SIDEWAYS = 30;
/** What one does between two retreats without having left or struck. */
const BETWEEN: readonly MoveWord[] = ['hold', 'bounce', 'heel raise', 'guard check', 'weight shift'];
/** Straight back, this far to either side of it, degrees (common practice, no source). */
const STRAIGHT_BACK = 30;
const retreats = (move: SimMove): boolean => is(move, RETREATS) && Math.abs(bearingOf(move)) >= 180 - STRAIGHT_BACK;

/** Whether a foot goes to the back of the floor, as it lay when one began, whichever way the body has turned. */
function goesToTheBack(sim: Simulation, { actions, before }: SimMove): boolean {
  const out = actions.filter((action) => action.contact).at(-1);
  if (!out) return false;
  const gone = sub(out.to, before.feet[out.foot]);
  return dot(gone, wayOf(sim.start.heading)) < -LEAST.metres;
}
/** Rules of choice by the topic that switches them; the finding has the same name. */
const RULES: Rules = {
  ...FIRST_FOOT,
  'no-approach': (sim, move, i) => {
    if (!is(move, ['lunge']) || !goesToTheBack(sim, move)) return null;
    // Since the last split, reach or stop.
    const earlier = sim.moves.slice(0, i);
    const since = earlier.slice(earlier.findLastIndex((one) => ['split', 'hold'].includes(one.step.act.word) || one.tally.reach) + 1);
    return since.some((one) => one.moving && ['gather', 'pass'].includes(ruleOf(one.step.act.word).family)) ? null : {};
  },
  'retreats-on': (sim, move, i) => {
    if (!retreats(move)) return null;
    let at = i - 1;
    while (is(sim.moves[at], BETWEEN)) at--;
    const before = sim.moves[at];
    if (!before || !retreats(before)) return null;
    return handsOf(sim, before).length > 0 ? null : {};
  },
  'unset-strike': (sim, move) => {
    const lead = move.before.lead;
    const early = handsOf(sim, move).find((hand) =>
      move.actions.some(
        (action) => action.foot === lead && action.kind !== 'turn' && action.start < hand.at - 1e-9 && action.end > hand.at + 1e-9,
      ),
    );
    return lead !== null && early ? { hand: early.word } : null;
  },
  'not-in-guard': (sim, move, i) => {
    const jumped = sim.moves[i - 1];
    if (!is(move, LUNGES) || !is(jumped, ['jump']) || goesBack(jumped)) return null;
    const { feet, heading } = jumped.after;
    const off = Math.max(narrowBy(feet, heading, sim.target, sim.target.tolerance), wideBy(feet, heading, sim.target));
    return off > LEAST.metres ? {} : null;
  },
  'block-turns': ({ moves }, move, i) =>
    is(move, ['block jump']) && Math.abs((moves[i + 1]?.after.heading ?? move.after.heading) - move.after.heading) > LEAST.degrees
      ? {}
      : null,
  'set-up-uncrossed': (sim, move, i) => {
    const { moves } = sim;
    if (handsOf(sim, move).length === 0 || !is(move, ['run']) || !is(moves[i - 1], ['run'])) return null;
    const after = moves.slice(i + 1).filter((one) => !['air', 'load'].includes(ruleOf(one.step.act.word).family) && !is(one, ['hold']));
    return is(after[0], CROSSINGS) && is(after[1], CROSSINGS) ? null : {};
  },
  'side-jump-unfinished': ({ moves }, move, i) => {
    if (!is(move, ['side jump'])) return null;
    const next = moves[i + 1];
    const small = next?.actions.some((action) => action.kind === 'step' && distance(action.from, action.to) <= SMALL);
    return small ? null : {};
  },
  'slip-side': (sim, move) => {
    // Out to a side and round is to that side.
    const turned = move.step.act.turn ?? move.after.heading - move.before.heading;
    const slipped = slippedBefore(sim, move);
    if (slipped === null || Math.abs(turned) < TURNS || ruleOf(move.step.act.word).family !== 'turn') return null;
    return turned < 0 === (slipped === 'left') ? null : { slipped };
  },
  'one-tempo': ({ moves }, move, i) => {
    const before = moves[i - 1];
    const approached = is(before, ['advance', 'shuffle', 'gallop', 'chassé', 'jump']) && !goesBack(before);
    return is(move, ['lunge']) && approached && slowness(move) >= slowness(before) - 1e-9 ? {} : null;
  },
  'one-crossover': (sim, move, i) => {
    const { moves } = sim;
    if (!is(move, ['crossover']) || is(moves[i - 1], CROSSINGS) || is(moves[i + 1], CROSSINGS)) return null;
    const since = moves.slice(0, i).findLastIndex((one) => is(one, ['split'])) + 1;
    return moves.slice(since, i).some((one) => handsOf(sim, one).length > 0) ? {} : null;
  },
  'leave-line': (sim, move, i) => {
    const before = sim.moves[i - 1];
    if (!before || !retreats(move)) return null;
    // The hands of an attack may come one after the other.
    let at = i - 1;
    while (ruleOf(sim.moves[at]?.step.act.word ?? 'hold').family === 'hand') at--;
    const attack = sim.moves[at];
    const ahead =
      attack?.moving === true &&
      ['gather', 'pass', 'reach', 'air'].includes(ruleOf(attack.step.act.word).family) &&
      Math.abs(bearingOf(attack)) < 45;
    const struck = sim.moves.slice(Math.max(0, at), i).some((one) => handsOf(sim, one).length > 0);
    return ahead && struck ? {} : null;
  },
  'scissor-sideways': ({ moves }, move, i) => {
    const before = moves[i - 1];
    if (!is(move, ['scissor jump']) || !is(before, ['run', 'crossover']) || before.after.heading !== before.before.heading) return null;
    return Math.abs(Math.abs(bearingOf(before)) - 90) <= SIDEWAYS ? {} : null;
  },
  'quarter-opposed': ({ things }, move) => {
    const partner = partnerOf(things);
    if (!is(move, ['quarter']) || partner === null) return null;
    const there = whereIs(partner, move.start);
    const near = distance(originOf(move.before.feet), there) <= IN_FRONT.metres;
    return near && Math.abs(bearingTo(move.before, there)) <= IN_FRONT.degrees ? {} : null;
  },
};

/** The side that somebody slipped to just before a move, by what it was called; null: nobody did. */
function slippedBefore(sim: Simulation, { index, start }: SimMove): Side | null {
  const near = [index - 1, index].flatMap((i) => (sim.moves[i] ? handsOf(sim, sim.moves[i]) : []));
  const slip = near.filter(({ word, at }) => /\bslip\b/i.test(word) && at <= start + 1e-9).at(-1);
  return (/\b(left|right)\b/i.exec(slip?.word ?? '')?.[1]?.toLowerCase() as Side | undefined) ?? null;
}

/** How much slower than usual a step is done; a time of its own against the usual one. */
function slowness({ step: { tempo, act } }: SimMove): number {
  if (tempo === null) return 1;
  return 'factor' in tempo
    ? tempo.factor
    : tempo.seconds / (is({ step: { act } } as SimMove, LUNGES) ? USUAL_TIME.lunge : 2 * USUAL_TIME.gatherFoot);
}

/** Rules of choice that the schools in force ask for. */
export function choiceFindings(sim: Simulation, choices: HeldChoices): Finding[] {
  const found: Finding[] = [];
  for (const [topic, rule] of Object.entries(RULES) as [TopicName & FindingCode, Rule<FindingCode>][]) {
    const { option, held } = heldOn(topic, choices);
    if (option !== 'on') continue;
    sim.moves.forEach((move, i) => {
      const says = rule(sim, move, i);
      if (says !== null) found.push(finding(topic, says, 'beware', move, move.start, { held }));
    });
  }
  return [
    ...found,
    ...counters(sim, choices),
    ...splitsAway(sim),
    ...frame(sim, choices),
    ...rearLanding(sim, choices),
    ...wayBackFindings(sim, choices),
  ];
}

/** Where one retreat is enough, the counter stands its ground: going ahead into it gives back what was won. */
function counters(sim: Simulation, choices: HeldChoices): Finding[] {
  const { option, held } = heldOn('retreats-on', choices);
  if (option !== 'on') return [];
  return sim.moves.flatMap((move, i): Finding[] => {
    const before = sim.moves[i - 1];
    const [hand] = handsOf(sim, move);
    const ahead = ['gather', 'pass', 'reach'].includes(ruleOf(move.step.act.word).family) && Math.abs(bearingOf(move)) < 45;
    // In and out again is no counter: that begins with the step back.
    const cameIn = sim.moves[i - 2];
    const came = cameIn?.moving === true && Math.abs(bearingOf(cameIn)) < 90;
    if (!before || !hand || !ahead || came || !retreats(before) || handsOf(sim, before).length > 0) return [];
    return [finding('counter-steps-in', { hand: hand.word }, 'beware', move, move.start, { held })];
  });
}

/** A split that opens to one side before a step to the other. */
function splitsAway(sim: Simulation): Finding[] {
  return sim.moves.flatMap((move, i): Finding[] => {
    const next = sim.moves[i + 1];
    const way = move.step.act.bearing;
    if (!is(move, ['split']) || way === null || !next || next.step.act.bearing === null) return [];
    const off = Math.abs(normalised(next.step.act.bearing + next.before.heading - way - move.before.heading));
    return off <= 90 + 1e-9
      ? []
      : [finding('split-away', { off }, 'beware', move, move.landing, { value: off, limit: 90, excess: off - 90 })];
  });
}

function frame(sim: Simulation, choices: HeldChoices): Finding[] {
  const { option, held } = heldOn('split-frame', choices);
  const [first, last] = [sim.moves[0], sim.moves.at(-1)];
  if (option !== 'on' || !first || !last) return [];
  const missing = [...(is(first, ['split']) ? [] : (['begin'] as const)), ...(is(last, ['split']) ? [] : (['end'] as const))];
  if (missing.length === 0) return [];
  const at = missing[0] === 'begin' ? first : last;
  return [finding('split-frame', { missing }, 'note', at, at.start, { held })];
}

/** The net lies straight ahead of where one began. */
function rearLanding(sim: Simulation, choices: HeldChoices): Finding[] {
  const { option, held } = heldOn('rear-landing', choices);
  if (option !== 'out') return [];
  return sim.moves.flatMap((move): Finding[] => {
    const { tally, after, before } = move;
    const went = originOf(after.feet).y - originOf(before.feet).y;
    // One lands going the way that one came, whatever the jump itself adds to it.
    const came = sim.moves[move.index - 1];
    const ran = came?.moving === true && originOf(came.after.feet).y - originOf(came.before.feet).y < -LEAST.metres;
    const back = (move.step.act.bearing !== null && goesBack(move)) || went < -LEAST.metres || ran;
    if (tally.landing !== 'jump' || !back) return [];
    const rear: Side | null =
      after.feet.left.y < after.feet.right.y - 1e-9 ? 'left' : after.feet.right.y < after.feet.left.y - 1e-9 ? 'right' : null;
    const feet: readonly Side[] = rear === null ? BOTH : [rear];
    const off = Math.min(...feet.map((side) => Math.abs(normalised(after.feet[side].toe))));
    const excess = SQUARE - off;
    if (excess < LEAST.degrees) return [];
    return [
      finding('square-to-net', { off, least: SQUARE }, 'beware', move, move.landing, { feet, value: off, limit: SQUARE, excess, held }),
    ];
  });
}
