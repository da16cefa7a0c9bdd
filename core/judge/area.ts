import type { Vec } from '../body/vec.js';

/** What a floor is shaped like. Metres, to the outer edge of its lines. */
export type Shape =
  | { readonly kind: 'rectangle'; readonly across: number; readonly along: number }
  | { readonly kind: 'circle'; readonly across: number }
  | { readonly kind: 'octagon'; readonly across: number };

/** A line on the floor, or a net above it, in the area's own frame: origin in its middle, +y towards the far end. */
export interface AreaLine {
  readonly name: string;
  readonly from: Vec;
  readonly to: Vec;
  readonly kind: 'line' | 'net' | 'wall';
}

/**
 * A floor to work on. `free` is how far one may go beyond its edge, metres: 0 in a ring or between walls. `far` is how far up
 * one's own part reaches: to the net on a court. Without a height there is no ceiling to mind.
 */
export interface Area {
  /** One of everybody's floors, or what was typed. */
  readonly code: string;
  readonly shape: Shape;
  readonly lines: readonly AreaLine[];
  readonly free: { readonly side: number; readonly back: number };
  readonly far: number;
  readonly height: number | null;
  readonly start: Vec;
  readonly source: string;
}

/** Where a pattern begins on an area, and which way it looks there: degrees clockwise from the far end. */
export interface Placing {
  readonly area: Area;
  readonly at: Vec;
  readonly facing: number;
}

export const placedOn = (area: Area): Placing => ({ area, at: area.start, facing: 0 });

/** Corners of an area's edge, clockwise; a circle in so many points. */
export function edgeOf({ shape }: Area): Vec[] {
  if (shape.kind === 'rectangle') {
    const [x, y] = [shape.across / 2, shape.along / 2];
    return [
      { x: -x, y },
      { x, y },
      { x, y: -y },
      { x: -x, y: -y },
    ];
  }
  const points = shape.kind === 'octagon' ? 8 : 72;
  // An octagon is measured from side to side.
  const radius = shape.kind === 'octagon' ? shape.across / 2 / Math.cos(Math.PI / 8) : shape.across / 2;
  return Array.from({ length: points }, (_, i) => {
    const turn = ((i + 0.5) * 2 * Math.PI) / points;
    return { x: radius * Math.sin(turn), y: radius * Math.cos(turn) };
  });
}

/** How far outside its own part of an area a point lies, metres; negative inside. */
export function outsideBy(area: Area, p: Vec): number {
  const { shape, free } = area;
  const ends = shape.kind === 'rectangle' ? shape.along / 2 + free.back : Infinity;
  const beyondFar = p.y - Math.min(area.far, ends);
  if (shape.kind === 'rectangle') {
    return Math.max(Math.abs(p.x) - shape.across / 2 - free.side, -p.y - shape.along / 2 - free.back, beyondFar);
  }
  if (shape.kind === 'circle') return Math.max(Math.hypot(p.x, p.y) - shape.across / 2 - free.side, beyondFar);
  const sides = Array.from({ length: 8 }, (_, i) => (i * Math.PI) / 4);
  return Math.max(...sides.map((turn) => p.x * Math.sin(turn) + p.y * Math.cos(turn) - shape.across / 2 - free.side), beyondFar);
}
