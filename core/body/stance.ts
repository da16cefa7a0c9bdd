import type { Body } from './body.js';
import { type FootAt, heelOf, type Side, SIDES } from './foot.js';
import { spanMetres, type School } from './school.js';
import { add, distance, midway, sub, turned, type Vec } from './vec.js';

/** Where both feet stand. */
export interface Feet {
  readonly left: FootAt;
  readonly right: FootAt;
}

/** Both feet, of which one is said by its side. */
export const feetWith = (side: Side, its: FootAt, others: FootAt): Feet =>
  side === 'left' ? { left: its, right: others } : { left: others, right: its };

/** Feet, the heading of the facing line (degrees, accumulated), the lead foot if any, and the weight's share on the left. */
export interface Posture {
  readonly feet: Feet;
  readonly heading: number;
  readonly lead: Side | null;
  readonly leftShare: number;
}

/** What a school asks of this body: metres, degrees, tolerances while standing. */
export interface StanceTarget {
  readonly school: School;
  readonly width: number;
  readonly length: number;
  readonly tolerance: number;
  readonly toeTolerance: number;
}

/** Tolerances (common practice, no source): ±15 % of the larger of width and length, ±10°, doubled while moving. */
export const STANCE_TOLERANCE = { share: 0.15, toe: 10, movingFactor: 2 } as const;

export function stanceTarget(school: School, body: Body): StanceTarget {
  const width = spanMetres(school.width, school, body);
  const length = spanMetres(school.length, school, body);
  return {
    school,
    width,
    length,
    tolerance: STANCE_TOLERANCE.share * Math.max(width, length),
    toeTolerance: STANCE_TOLERANCE.toe,
  };
}

/**
 * The school's stance at the origin, facing ahead, with marks midway about it.
 * A staggered school without a known lead takes the left one; a square one has none.
 */
export function standIn(school: School, body: Body, lead: Side | null): Posture {
  const target = stanceTarget(school, body);
  const leading = school.staggered ? (lead ?? 'left') : null;
  const ahead = (side: Side): number => (leading === null ? 0 : (side === leading ? 0.5 : -0.5) * target.length);
  const toe = (side: Side): number => (leading === null || side === leading ? school.toes.lead : school.toes.rear);
  const share = leading === 'right' ? 1 - school.leadShare : school.leadShare;
  return {
    feet: {
      left: { x: -target.width / 2, y: ahead('left'), toe: -toe('left') },
      right: { x: target.width / 2, y: ahead('right'), toe: toe('right') },
    },
    heading: 0,
    lead: leading,
    leftShare: share,
  };
}

/** @example originOf({ left: { x: -1, y: 0, toe: 0 }, right: { x: 1, y: 2, toe: 0 } }) // { x: 0, y: 1 } */
export const originOf = (feet: Feet): Vec => midway(feet.left, feet.right);

/** A floor point in the stance's own frame: x to its right, y along its heading, from its origin. */
export function inStanceFrame(p: Vec, posture: Posture): Vec {
  return turned(sub(p, originOf(posture.feet)), -posture.heading);
}

/** Width across (positive: left foot on the left), signed length along (left ahead positive) and distance of the marks, metres. */
export interface StanceSize {
  readonly width: number;
  readonly leftAhead: number;
  readonly apart: number;
}

export function sizeOf(feet: Feet, heading: number): StanceSize {
  const across = turned(sub(feet.right, feet.left), -heading);
  return { width: across.x, leftAhead: -across.y, apart: distance(feet.left, feet.right) };
}

/** The stance moved rigidly: shifted, then turned about `centre`. */
export function movedFoot(foot: FootAt, by: Vec): FootAt {
  return { ...add(foot, by), toe: foot.toe };
}

/** A piece of tape on the floor: a line between two points and what it stands for. */
export interface TapeMark {
  readonly name: string;
  readonly from: Vec;
  readonly to: Vec;
}

/**
 * Tape that a coach lays once: a bar across each ball, a short bar behind each heel,
 * and the facing line, all in the stance's frame (metres).
 */
export function tapeMarks(posture: Posture, body: Body): TapeMark[] {
  const bar = 0.6 * body.breadth.metres;
  const marks: TapeMark[] = [];
  for (const side of SIDES) {
    const foot = posture.feet[side];
    const across = turned({ x: bar, y: 0 }, foot.toe);
    const heel = heelOf(foot, body);
    marks.push({ name: `${side} ball`, from: sub(foot, across), to: add(foot, across) });
    marks.push({ name: `${side} heel`, from: sub(heel, across), to: add(heel, across) });
  }
  return marks;
}

/** One line of the stance card: what is asked, and within how much. Lengths in metres, angles in degrees. */
export interface StanceNumber {
  readonly name: 'width' | 'length' | 'apart' | 'left toe' | 'right toe' | 'weight left' | 'heels apart';
  readonly value: number;
  readonly kind: 'length' | 'angle' | 'share';
  readonly tolerance: number | null;
}

export function stanceNumbers(school: School, body: Body, lead: Side | null): StanceNumber[] {
  const posture = standIn(school, body, lead);
  const target = stanceTarget(school, body);
  const leftLeads = posture.lead === 'left' || posture.lead === null;
  const heelsApart = distance(heelOf(posture.feet.left, body), heelOf(posture.feet.right, body));
  return [
    { name: 'width', value: target.width, kind: 'length', tolerance: target.tolerance },
    { name: 'length', value: target.length, kind: 'length', tolerance: target.tolerance },
    { name: 'apart', value: sizeOf(posture.feet, 0).apart, kind: 'length', tolerance: null },
    { name: 'heels apart', value: heelsApart, kind: 'length', tolerance: null },
    { name: 'left toe', value: leftLeads ? school.toes.lead : school.toes.rear, kind: 'angle', tolerance: target.toeTolerance },
    { name: 'right toe', value: leftLeads ? school.toes.rear : school.toes.lead, kind: 'angle', tolerance: target.toeTolerance },
    { name: 'weight left', value: posture.leftShare, kind: 'share', tolerance: null },
  ];
}
