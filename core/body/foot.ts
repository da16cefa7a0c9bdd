import type { Body } from './body.js';
import { add, scale, wayOf, type Vec } from './vec.js';

export const SIDES = ['left', 'right'] as const;
export type Side = (typeof SIDES)[number];

/** @example otherSide('left') // 'right' */
export const otherSide = (side: Side): Side => (side === 'left' ? 'right' : 'left');

/** The mark of a foot is its ball, this share of foot length from the heel. */
export const BALL_FROM_HEEL = 0.72;

/** A foot on the floor: its mark in metres, the heading of its toe in degrees (absolute, accumulated). */
export interface FootAt extends Vec {
  readonly toe: number;
}

export function heelOf(foot: FootAt, body: Body): Vec {
  return add(foot, scale(wayOf(foot.toe), -BALL_FROM_HEEL * body.foot.metres));
}

export function toeOf(foot: FootAt, body: Body): Vec {
  return add(foot, scale(wayOf(foot.toe), (1 - BALL_FROM_HEEL) * body.foot.metres));
}

/** How far the big toe lies from the foot's middle line, towards the other foot (a quarter of the breadth; common practice, no source). */
export const BIG_TOE_INWARD = 0.25;

/** Outline as a convex polygon: a rectangle of foot length × breadth with its corners cut, metres, counter-clockwise from the heel's right. */
export function outlineOf(foot: FootAt, body: Body): Vec[] {
  const length = body.foot.metres;
  const half = body.breadth.metres / 2;
  const cut = half * 0.6;
  const back = -BALL_FROM_HEEL * length;
  const front = (1 - BALL_FROM_HEEL) * length;
  const ahead = wayOf(foot.toe);
  const right = wayOf(foot.toe + 90);
  const corner = (x: number, y: number): Vec => add(foot, add(scale(right, x), scale(ahead, y)));
  return [
    corner(half - cut, back),
    corner(half, back + cut),
    corner(half, front - cut),
    corner(half - cut, front),
    corner(-half + cut, front),
    corner(-half, front - cut),
    corner(-half, back + cut),
    corner(-half + cut, back),
  ];
}
