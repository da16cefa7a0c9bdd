import { type FootAt, outlineOf, type Side, SIDES } from '../body/foot.js';
import { originOf, type Posture } from '../body/stance.js';
import { distance, normalised, sub, type Vec } from '../body/vec.js';
import { SOLID } from '../language/floor-words.js';
import { ruleOf, type MoveWord } from '../language/moves.js';
import { feetAt, feetDuring } from '../motion/motion.js';
import type { FootAction } from '../motion/action.js';
import { bearingTo } from '../motion/bearing-to.js';
import type { Performer, PlacedThing, Simulation, SimMove } from '../motion/simulation.js';
import { lungeTouchOf, touchOf } from './exchange.js';
import { facingOf, HALF_ROOM, partnerOf, REACH_OF_HEIGHT, whereIs } from '../motion/things.js';

import type { Placing } from './area.js';
import { finding, LEAST, levelOf, MOST_FINDINGS, type Finding } from './finding.js';
import { ceilingOf, outsideOf } from './placing.js';

/** The least distance to a partner, as a share of how far a hand comes (common practice, no source). */
const CLOSE_SHARE = 0.5;
/** A strike that ends this far before the partner is short, metres (common practice, no source). */
const STRUCK_SHORT = 0.2;
/** Beyond this from the facing line one is turned away from a partner, degrees (common practice, no source). */
const AWAY = 60;
/** On the opponent's line: within this of their facing line, degrees (common practice, no source). */
const ON_LINE = 15;
const SAMPLES = 12;

const OUT_OF_LINE: readonly MoveWord[] = ['cut', 'side step and turn', 'step-out quarter'];

/** What goes wrong with things, a partner and the edges of the floor. */
export function floorFindings(sim: Simulation, placing: Placing | null): Finding[] {
  const solid = sim.things.filter((thing) => SOLID.includes(thing.thing));
  const partner = partnerOf(sim.things);
  return [
    ...(placing ? edges(sim, placing) : []),
    ...throughAny(sim, solid),
    ...(partner ? [...gaps(sim, partner), ...sim.moves.flatMap((move) => [...away(sim, move, partner), ...onLine(move, partner)])] : []),
  ];
}

/** Feet outside the area, once a move, and jumps under a low ceiling. */
function edges(sim: Simulation, placing: Placing): Finding[] {
  const seen = new Set<number>();
  const outside = outsideOf(sim, placing).flatMap((out): Finding[] => {
    // More than is said of a whole pattern is not put into words.
    if (out.by < LEAST.metres || seen.has(out.move) || seen.size > MOST_FINDINGS) return [];
    seen.add(out.move);
    const says = { foot: out.foot, by: out.by, area: placing.area.code };
    const numbers = { feet: [out.foot], value: out.by, excess: out.by };
    return [finding('out-of-area', says, levelOf(out.by, 0.1), sim.moves[out.move] ?? null, out.at, numbers)];
  });
  const low = ceilingOf(sim, placing);
  const move = low === null ? undefined : sim.moves[low.move];
  if (low === null || !move || low.by < LEAST.metres) return outside;
  return [...outside, finding('low-ceiling', { by: low.by }, 'stop', move, move.start, { value: low.by, excess: low.by })];
}

const nameOf = (thing: PlacedThing): string => (thing.name === null ? thing.thing : `${thing.thing} “${thing.name}”`);

/** A foot at a moment, and its outline as soon as somebody asks for it. */
interface Sample {
  readonly side: Side;
  readonly at: number;
  readonly foot: FootAt;
  readonly outline: () => readonly Vec[];
}

function sampleOf(side: Side, at: number, foot: FootAt, { body }: Performer): Sample {
  let outline: Vec[] | null = null;
  return { side, at, foot, outline: () => (outline ??= outlineOf(foot, body)) };
}

/** A wall or a net goes across at its distance ahead; other things have a room about their place. No depth at all is −∞. */
function depthIn(thing: PlacedThing, { at: t, foot, outline }: Sample, length: number): number {
  const at = whereIs(thing, t);
  const room = HALF_ROOM[thing.thing];
  const across = thing.thing === 'wall' || thing.thing === 'net';
  const side = Math.sign(at.y) || 1;
  const gap = across ? side * (at.y - foot.y) : distance(foot, at);
  if (gap > room + length) return -Infinity;
  let least = across ? gap : gap * gap;
  for (const p of outline()) least = Math.min(least, across ? side * (at.y - p.y) : (p.x - at.x) ** 2 + (p.y - at.y) ** 2);
  return room - (across ? least : Math.sqrt(least));
}

/** All that goes through something, in time order; where that is more than is said of a whole pattern, no further. */
function throughAny(sim: Simulation, solid: readonly PlacedThing[]): Finding[] {
  const found: Finding[] = [];
  for (const move of solid.length === 0 ? [] : sim.moves) {
    if (found.length > MOST_FINDINGS) break;
    found.push(...through(sim, move, solid));
  }
  return found;
}

/** Feet that come into a thing, or deeper than they were. */
function through(sim: Simulation, move: SimMove, solid: readonly PlacedThing[]): Finding[] {
  const { performer } = sim;
  const length = performer.body.foot.metres;
  const steps = move.actions.filter(({ kind }) => kind !== 'turn').map((action) => ({ ...action, way: wayAlong(action) }));
  const near = solid.filter((thing) => steps.some((step) => mayReach(step, thing, length)));
  if (near.length === 0) return [];
  const stood = SIDES.map((side) => sampleOf(side, move.start, move.before.feet[side], performer));
  const goes = steps.flatMap(({ start, end, to, foot }) =>
    Array.from({ length: SAMPLES }, (_, k) => {
      const t = start + ((end - start) * (k + 1)) / SAMPLES;
      return sampleOf(foot, t, k + 1 === SAMPLES ? to : feetDuring(move, t)[foot], performer);
    }),
  );
  return near.flatMap((thing): Finding[] => {
    let worst = LEAST.metres + Math.max(0, ...stood.map((one) => depthIn(thing, one, length)));
    let hit: Sample | null = null;
    for (const one of goes) {
      const depth = depthIn(thing, one, length);
      if (depth > worst) [worst, hit] = [depth, one];
    }
    if (hit === null) return [];
    const says = { foot: hit.side, by: worst, thing: nameOf(thing) };
    return [finding('through-thing', says, 'stop', move, hit.at, { feet: [hit.side], value: worst, excess: worst })];
  });
}

/** How long a foot's way is at most, metres. */
const wayAlong = ({ from, to, about, bow }: FootAction): number =>
  about ? (distance(from, about) * Math.abs(to.toe - from.toe) * Math.PI) / 180 : distance(from, to) + Math.hypot(bow?.x ?? 0, bow?.y ?? 0);

/** Whether a foot of this length, on its way, could come to a thing at all: most things stand far from most steps. */
function mayReach({ from, start, end, way }: FootAction & { readonly way: number }, thing: PlacedThing, foot: number): boolean {
  const room = HALF_ROOM[thing.thing] + foot + way;
  const at = whereIs(thing, start);
  if (thing.thing === 'wall' || thing.thing === 'net') return (Math.sign(at.y) || 1) * (at.y - from.y) <= room;
  const goes = thing.doing === null ? 0 : wayOfPartner(thing.doing, start, end);
  return distance(from, at) <= room + goes;
}

/** How far somebody with steps of their own may go from one moment to another: as far as all moves of that time go, metres. */
function wayOfPartner({ moves }: Simulation, from: number, to: number): number {
  let way = 0;
  for (const { before, after, start, end } of moves) {
    if (start > to) break;
    if (end >= from) way += distance(originOf(before.feet), originOf(after.feet)) + 2 * distance(after.feet.left, after.feet.right);
  }
  return way;
}

interface Worst {
  readonly by: number;
  readonly t: number;
}

/** The distance to a partner who moves or is said to be somebody, against what hands reach; the worst instant of each kind. */
function gaps(sim: Simulation, partner: PlacedThing): Finding[] {
  if (partner.doing === null || (partner.doing.moves.length === 0 && sim.hands.length === 0)) return [];
  const at = (t: number): number => {
    const now = feetAt(sim, t);
    return distance(originOf(now), whereIs(partner, t));
  };
  // Nearer than half a bare hand comes nobody works; further off than a lunge brings what is held, nobody is there.
  const limits = { close: CLOSE_SHARE * touchOf({ body: sim.performer.body }), far: lungeTouchOf(sim.performer) };
  let close: Worst = { by: LEAST.metres, t: -1 };
  let far: Worst & { readonly most: number } = { by: LEAST.metres, t: -1, most: limits.far };
  for (const move of sim.moves)
    for (let k = 1; k <= 4; k++) {
      const t = move.start + ((move.end - move.start) * k) / 4;
      const gap = at(t);
      if (limits.close - gap > close.by) close = { by: limits.close - gap, t };
      if (gap - limits.far > far.by) far = { by: gap - limits.far, t, most: limits.far };
    }
  // What is struck from where it does not come is as far off.
  for (const { at: struck, word, move } of sim.hands) {
    const most =
      touchOf(sim.performer) +
      leansOver(sim.moves[move]) +
      (/kick|knee/i.test(word) ? sim.performer.body.leg.metres - REACH_OF_HEIGHT * sim.performer.body.height.metres : 0);
    const by = at(struck) - most;
    if (by > Math.max(STRUCK_SHORT, far.by) && !/slip|feint|fake|parry|block|duck|bob|roll/i.test(word)) far = { by, t: struck, most };
  }
  const moveAtTime = (t: number): SimMove | null => sim.moves.find((move) => move.end >= t - 1e-9) ?? null;
  return [
    ...(close.t >= 0
      ? [
          finding(
            'too-close',
            { gap: limits.close - close.by, least: limits.close },
            levelOf(close.by, 0.15 * limits.close),
            moveAtTime(close.t),
            close.t,
            {
              value: limits.close - close.by,
              limit: limits.close,
              excess: close.by,
            },
          ),
        ]
      : []),
    ...(far.t >= 0
      ? [
          finding('too-far', { gap: far.most + far.by, most: far.most }, levelOf(far.by, 0.15 * far.most), moveAtTime(far.t), far.t, {
            value: far.most + far.by,
            limit: far.most,
            excess: far.by,
          }),
        ]
      : []),
  ];
}

/** In a lunge the body comes as far as the foot does, its feet's middle only half of that, metres. */
function leansOver(move: SimMove | undefined): number {
  if (!move || ruleOf(move.step.act.word).family !== 'reach') return 0;
  const apart = ({ feet }: Posture): number => distance(feet.left, feet.right) / 2;
  return Math.max(0, apart(move.after) - apart(move.before));
}

/** After a move, within reach of the partner but turned away. */
function away(sim: Simulation, move: SimMove, partner: PlacedThing): Finding[] {
  const there = whereIs(partner, move.end);
  const gap = distance(originOf(move.after.feet), there);
  const off = Math.abs(bearingTo(move.after, there));
  const reach = REACH_OF_HEIGHT * sim.performer.body.height.metres * 2;
  const excess = off - AWAY;
  const already = Math.abs(bearingTo(move.before, whereIs(partner, move.start))) > AWAY;
  if (gap > reach || excess < LEAST.degrees || already) return [];
  return [finding('turned-away', { gap, off }, 'beware', move, move.end, { value: off, limit: AWAY, excess })];
}

/** A move that leaves the line and ends on it all the same. */
function onLine(move: SimMove, partner: PlacedThing): Finding[] {
  if (!OUT_OF_LINE.includes(move.step.act.word)) return [];
  const from: Vec = sub(originOf(move.after.feet), whereIs(partner, move.end));
  const off = Math.abs(normalised((Math.atan2(from.x, from.y) * 180) / Math.PI - facingOf(partner, move.end)));
  const excess = ON_LINE - off;
  if (excess < LEAST.degrees) return [];
  return [finding('on-the-line', { off, out: ON_LINE }, 'note', move, move.end, { value: off, limit: ON_LINE, excess })];
}
