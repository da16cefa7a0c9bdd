import type { Body } from '../body/body.js';
import { type FootAt, outlineOf, type Side, SIDES, toeOf } from '../body/foot.js';
import { boxOf, type Box } from '../body/polygon.js';
import { originOf } from '../body/stance.js';
import { add, distance, scale, sub, turned, type Vec } from '../body/vec.js';
import type { Simulation } from '../motion/simulation.js';
import { partnerFeet } from './partner-feet.js';

/** A print on the floor with the numbers of the contacts made there (0: where it began). Metres. */
export interface Print {
  readonly foot: Side;
  readonly outline: readonly Vec[];
  readonly mark: Vec;
  readonly toe: Vec;
  readonly lead: boolean;
  readonly numbers: readonly number[];
  /** Index of the last move that put it there; −1 for the start. */
  readonly move: number;
  /** The numbers as they are written, and the middle of the chip that holds them. */
  readonly word: string;
  readonly label: Vec;
}

export interface FloorView {
  readonly prints: readonly Print[];
  /** Where the origin goes, one point after each foot action. */
  readonly path: readonly Vec[];
  readonly box: Box;
}

/** Two contacts closer than this, metres and degrees, are one print with two numbers. */
const SAME = { metres: 0.02, degrees: 4 } as const;
/** Moments at which a partner's feet are looked at for the frame of the picture. */
const MOMENTS = 12;
/** Half the height of a number's chip on the floor, metres. */
export const CHIP = 0.048;

/**
 * Half the width of a chip that holds so many characters, metres.
 * @example chipHalfWidth('1·6') > chipHalfWidth('1') // true
 */
export const chipHalfWidth = (word: string): number => CHIP * (0.75 + 0.3 * word.length);

interface Draft {
  readonly foot: Side;
  readonly at: FootAt;
  readonly lead: boolean;
  readonly numbers: number[];
  move: number;
}

/** What a floor shows of a simulation: prints with numbers that hide neither prints nor one another, and the path. */
export function floorView(sim: Simulation, margin = 0.35): FloorView {
  const { body } = sim.performer;
  const drafts: Draft[] = [];
  const put = (foot: Side, at: FootAt, number: number, move: number, lead: boolean): void => {
    const same = drafts.find((d) => d.foot === foot && distance(d.at, at) < SAME.metres && Math.abs(d.at.toe - at.toe) < SAME.degrees);
    if (same) {
      if (!same.numbers.includes(number)) same.numbers.push(number);
      same.move = move;
    } else drafts.push({ foot, at, lead, numbers: [number], move });
  };
  for (const foot of SIDES) put(foot, sim.start.feet[foot], 0, -1, sim.start.lead === foot);
  const path: Vec[] = [originOf(sim.start.feet)];
  let number = 0;
  for (const move of sim.moves) {
    const feet = { ...move.before.feet };
    const hop = move.actions.length > 0 && move.actions.every((action) => action.kind === 'hop');
    if (hop) number++;
    for (const action of move.actions) {
      if (action.contact && !hop) number++;
      put(action.foot, action.to, number, move.index, move.after.lead === action.foot);
      feet[action.foot] = action.to;
      path.push(originOf(feet));
    }
  }
  const labels = placeLabels(drafts, body);
  const prints = drafts.map((draft, i): Print => ({
    foot: draft.foot,
    outline: outlineOf(draft.at, body),
    mark: { x: draft.at.x, y: draft.at.y },
    toe: toeOf(draft.at, body),
    lead: draft.lead,
    numbers: draft.numbers,
    move: draft.move,
    word: wordOf(draft.numbers),
    label: labels[i] as Vec,
  }));
  // Whoever stands opposite is in the picture, wherever they go.
  const opposite = Array.from({ length: MOMENTS + 1 }, (_, i) => partnerFeet(sim, (sim.seconds * i) / MOMENTS)).flat();
  const drawn = [...prints.flatMap((print) => [...print.outline, print.label]), ...opposite.flatMap(({ outline }) => outline)];
  const box = boxOf(drawn) ?? { minX: 0, maxX: 0, minY: 0, maxY: 0 };
  return { prints, path, box: { minX: box.minX - margin, maxX: box.maxX + margin, minY: box.minY - margin, maxY: box.maxY + margin } };
}

/** Puts each number beside its print: outward first, then round it, at the first place that touches nothing. */
function placeLabels(drafts: readonly Draft[], body: Body): Vec[] {
  const placed: Chip[] = [];
  const half = body.foot.metres / 2;
  for (const draft of drafts) {
    const wide = chipHalfWidth(wordOf(draft.numbers));
    const centre = middleOf(draft.at, body);
    const outward = draft.foot === 'left' ? -90 : 90;
    let best = centre;
    let least = Infinity;
    for (const ring of [1, 1.5, 2.1]) {
      for (const around of [0, 30, -30, 60, -60, 90, -90, 135, -135, 180]) {
        const along = Math.abs(Math.cos(((outward + around) * Math.PI) / 180));
        const way = turned({ x: 0, y: 1 }, draft.at.toe + outward + around);
        const chip = CHIP + (wide - CHIP) * Math.abs(way.x);
        const reach = (body.breadth.metres / 2 + (half - body.breadth.metres / 2) * along + chip * 1.1) * ring;
        const spot = add(centre, scale(way, reach));
        const cost = hiding(spot, wide, drafts, placed, body) + ring * 0.02 + Math.abs(around) * 0.0001;
        if (cost < least) {
          least = cost;
          best = spot;
        }
      }
    }
    placed.push({ at: best, wide });
  }
  return placed.map((chip) => chip.at);
}

interface Chip {
  readonly at: Vec;
  readonly wide: number;
}

/** At most three numbers are written out; the rest is a sign that there are more. */
const wordOf = (numbers: readonly number[]): string => (numbers.length <= 3 ? numbers.join('·') : `${numbers.slice(0, 2).join('·')}·…`);

/** How much a chip at this spot would cover of prints and of other chips, metres. */
function hiding(spot: Vec, wide: number, drafts: readonly Draft[], placed: readonly Chip[], body: Body): number {
  let cost = 0;
  const parts = [-1, -0.5, 0, 0.5, 1].map((share) => ({ x: spot.x + share * (wide - CHIP), y: spot.y }));
  for (const draft of drafts) {
    const middle = middleOf(draft.at, body);
    const deepest = Math.max(
      ...parts.map((part) => {
        const rel = turned(sub(part, middle), -draft.at.toe);
        return (
          CHIP - Math.hypot(Math.max(0, Math.abs(rel.x) - body.breadth.metres / 2), Math.max(0, Math.abs(rel.y) - body.foot.metres / 2))
        );
      }),
    );
    cost += Math.max(0, deepest);
  }
  for (const other of placed) {
    const apart = Math.hypot(Math.max(0, Math.abs(spot.x - other.at.x) - wide - other.wide + 2 * CHIP), spot.y - other.at.y);
    cost += 2 * Math.max(0, 2 * CHIP - apart);
  }
  return cost;
}

/** Middle of a foot's length; the mark lies ahead of it. */
function middleOf(foot: FootAt, body: Body): Vec {
  return sub(foot, scale(turned({ x: 0, y: 1 }, foot.toe), (0.72 - 0.5) * body.foot.metres));
}
