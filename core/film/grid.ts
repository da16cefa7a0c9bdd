import type { Vec } from '../body/vec.js';
import { edgeOf, type Area } from '../judge/area.js';
import { inPicture, onFloor, type Calibration } from './calibration.js';

/** A line of the floor as it must lie in the picture: one of its own, or one of a grid of metres. */
export interface GridLine {
  readonly kind: 'line' | 'grid';
  readonly points: readonly Vec[];
}

/** A line is bent by the lens: it is drawn in pieces of so many metres. */
const PIECE = 0.25;
/** A grid of more lines than this one way hides what is under it. */
const MOST_LINES = 40;
/** How far outside the picture a line is followed: this part of it. */
const AROUND = 0.2;

/** The way from one place to another in the picture, without what lies outside it or behind the camera. */
function ways(calibration: Calibration, from: Vec, to: Vec): Vec[][] {
  const { width, height } = calibration.picture;
  const pieces = Math.max(1, Math.ceil(Math.hypot(to.x - from.x, to.y - from.y) / PIECE));
  const all: Vec[][] = [[]];
  for (let i = 0; i <= pieces; i++) {
    const floor = { x: from.x + ((to.x - from.x) * i) / pieces, y: from.y + ((to.y - from.y) * i) / pieces };
    const p = inPicture(calibration, floor);
    const back = onFloor(calibration, p);
    const seen =
      // What is behind the camera would be shown in front of it.
      Math.hypot(back.x - floor.x, back.y - floor.y) < PIECE &&
      p.x > -AROUND * width &&
      p.x < (1 + AROUND) * width &&
      p.y > -AROUND * height &&
      p.y < (1 + AROUND) * height;
    if (seen) all.at(-1)?.push(p);
    else if (all.at(-1)?.length !== 0) all.push([]);
  }
  return all.filter((way) => way.length > 1);
}

/**
 * The floor drawn over its picture: lines where they must be, and a grid of metres, so that a calibration that is wrong is seen.
 * @param area the floor whose points were tapped; null: the grid alone, about the points.
 */
export function gridOf(calibration: Calibration, area: Area | null): GridLine[] {
  const edge = area ? edgeOf(area) : [];
  const corners = edge.length > 0 ? edge : cornersOf(calibration);
  const [xs, ys] = [corners.map(({ x }) => x), corners.map(({ y }) => y)];
  const [left, right, near, far] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const metres = (low: number, high: number): number[] => {
    const [first, last] = [Math.ceil(low), Math.floor(high)];
    return last - first > MOST_LINES ? [] : Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => first + i);
  };
  const lines: (readonly [GridLine['kind'], Vec, Vec])[] = [
    ...metres(left, right).map((x) => ['grid', { x, y: near }, { x, y: far }] as const),
    ...metres(near, far).map((y) => ['grid', { x: left, y }, { x: right, y }] as const),
    ...edge.map((from, i) => ['line', from, edge[(i + 1) % edge.length] ?? from] as const),
    ...(area?.lines ?? []).flatMap(({ kind, from, to }) => (kind === 'line' ? [['line', from, to] as const] : [])),
  ];
  return lines.flatMap(([kind, from, to]) => ways(calibration, from, to).map((points) => ({ kind, points })));
}

/** Where no floor is known by name: what the picture shows of it in its lower half. */
function cornersOf(calibration: Calibration): Vec[] {
  const { width, height } = calibration.picture;
  return [0.1, 0.9]
    .flatMap((x) => [0.6, 0.95].map((y) => onFloor(calibration, { x: x * width, y: y * height })))
    .filter(({ x }) => !Number.isNaN(x));
}
