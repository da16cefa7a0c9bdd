import type { Vec } from '../body/vec.js';
import { edgeOf, type Area, type Placing } from '../judge/area.js';
import { onArea } from '../judge/placing.js';
import type { Simulation } from '../motion/simulation.js';
import { aheadOf, spotSeen, type Camera, type Spot } from './camera.js';
import { figureAt, type Limb } from './figure.js';

/** What a part of a picture shows; how that looks is the painter's. */
export type Tone = 'hall' | 'floor' | 'line' | 'net' | 'shadow' | 'left-shoe' | 'right-shoe' | Limb['part'] | 'ball';

/** A part of a picture, in its pixels. */
export type Stroke =
  | { readonly kind: 'plane'; readonly tone: Tone; readonly points: readonly Vec[] }
  | { readonly kind: 'rod'; readonly tone: Tone; readonly from: Vec; readonly to: Vec; readonly wide: number }
  | { readonly kind: 'disc'; readonly tone: Tone; readonly at: Vec; readonly radius: number };

/** What stands before a camera: a floor, and who works on it. */
export interface Scene {
  readonly camera: Camera;
  readonly placing: Placing;
  readonly simulation: Simulation;
}

/** Lines of a floor are so wide, metres, and are drawn in so many pieces: a lens bends them. */
const LINE_WIDE = 0.04;
const PIECES = 24;
/** How far beyond its edge the floor goes on, metres; how thick a net's tape is, and its height where no rule says another. */
const BEYOND = 2;
const NET = { high: 1, tape: 0.05 } as const;
const BALL = { radius: 0.05, far: [0.4, 5, 1.4], near: [0.5, 0.6, 0.9], arch: 0.6 } as const;
/** Nothing nearer to the camera than this is drawn, metres. */
const NEAREST = 0.3;

/** The pixels of an outline, cut where it comes behind the camera (Sutherland and Hodgman 1974, one plane). */
function plane(camera: Camera, tone: Tone, outline: readonly Spot[]): Stroke[] {
  const kept: Spot[] = [];
  outline.forEach((from, i) => {
    const to = outline[(i + 1) % outline.length] ?? from;
    const [a, b] = [aheadOf(camera, from) - NEAREST, aheadOf(camera, to) - NEAREST];
    if (a >= 0) kept.push(from);
    if (a < 0 === b < 0) return;
    const share = a / (a - b);
    kept.push([from[0] + (to[0] - from[0]) * share, from[1] + (to[1] - from[1]) * share, from[2] + (to[2] - from[2]) * share]);
  });
  return kept.length < 3 ? [] : [{ kind: 'plane', tone, points: kept.map((spot) => spotSeen(camera, spot)) }];
}

const between = (from: Vec, to: Vec, share: number): Vec => ({ x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share });
/** A way in so many pieces, with its ends. */
const inPieces = (from: Vec, to: Vec): Vec[] => Array.from({ length: PIECES + 1 }, (_, i) => between(from, to, i / PIECES));
const lying = ({ x, y }: Vec): Spot => [x, y, 0];

/** A strip of the floor along a line, about it. */
function strip(camera: Camera, from: Vec, to: Vec): Stroke[] {
  const long = Math.hypot(to.x - from.x, to.y - from.y);
  const off = { x: (-(to.y - from.y) / long) * (LINE_WIDE / 2), y: ((to.x - from.x) / long) * (LINE_WIDE / 2) };
  const way = inPieces(from, to);
  const side = (sign: 1 | -1): Spot[] => way.map(({ x, y }) => [x + sign * off.x, y + sign * off.y, 0]);
  return plane(camera, 'line', [...side(1), ...side(-1).reverse()]);
}

function floorOf(camera: Camera, area: Area): Stroke[] {
  const edge = edgeOf(area);
  const corners = edge.map((from, i) => [from, edge[(i + 1) % edge.length] ?? from] as const);
  const wider = edge.map(({ x, y }): Vec => ({ x: x + Math.sign(x) * BEYOND, y: y + Math.sign(y) * BEYOND }));
  const around = wider.flatMap((from, i) => inPieces(from, wider[(i + 1) % wider.length] ?? from));
  return [
    ...plane(camera, 'hall', around.map(lying)),
    ...plane(camera, 'floor', corners.flatMap(([from, to]) => inPieces(from, to)).map(lying)),
    ...corners.flatMap(([from, to]) => strip(camera, from, to)),
    ...area.lines.flatMap(({ kind, from, to }) => (kind === 'line' ? strip(camera, from, to) : [])),
  ];
}

/** Nets are seen as their tape. */
const netsOf = (camera: Camera, area: Area): Stroke[] =>
  area.lines.flatMap(({ kind, from, to }) => {
    if (kind !== 'net') return [];
    const high =
      (up: number) =>
      (p: Vec): Spot => [p.x, p.y, up];
    const way = inPieces(from, to);
    return plane(camera, 'net', [...way.map(high(NET.high)), ...way.map(high(NET.high - NET.tape)).reverse()]);
  });

/** Where the ball is: from where it is hit to where it is hit next, in an arch; null before the first and after the last. */
function ballAt({ simulation: { events, hands } }: Scene, t: number): Spot | null {
  const hits: (readonly [number, Spot])[] = [
    ...events.flatMap(({ event, at }) => (event === 'ball hit' || event === 'ball released' ? [[at, BALL.far] as const] : [])),
    ...hands.map(({ at }) => [at, BALL.near] as const),
  ];
  hits.sort(([a], [b]) => a - b);
  const next = hits.findIndex(([at]) => at > t);
  const [from, to] = [hits[next - 1], hits[next]];
  if (!from || !to) return null;
  const share = (t - from[0]) / (to[0] - from[0]);
  const way = (i: 0 | 1 | 2): number => from[1][i] + (to[1][i] - from[1][i]) * share;
  return [way(0), way(1), way(2) + 4 * BALL.arch * share * (1 - share)];
}

/**
 * What the camera sees of its scene at a moment, from the back to the front.
 * @param t seconds from the pattern's start.
 */
export function seenAt(scene: Scene, t: number): Stroke[] {
  const { camera, placing, simulation } = scene;
  const here = ([x, y, z]: Spot): Spot => {
    const on = onArea(placing, { x, y });
    return [on.x, on.y, z];
  };
  const thick = (spot: Spot, metres: number): number => (metres * camera.focal) / aheadOf(camera, spot);
  const figure = figureAt(simulation, t);
  const ball = ballAt(scene, t);
  const outline = (up: number, points: readonly Vec[]): Spot[] => points.map(({ x, y }) => here([x, y, up]));
  const limbs = figure.limbs
    .map((limb) => ({ ...limb, from: here(limb.from), to: here(limb.to) }))
    .sort((a, b) => aheadOf(camera, b.from) - aheadOf(camera, a.from));
  return [
    ...floorOf(camera, placing.area),
    ...netsOf(camera, placing.area),
    ...figure.shoes.flatMap((shoe) => plane(camera, 'shadow', outline(0, shoe.outline))),
    ...limbs.map(({ part, from, to, thick: metres }): Stroke => {
      const [a, b] = [spotSeen(camera, from), spotSeen(camera, to)];
      return { kind: 'rod', tone: part, from: a, to: b, wide: thick(from, metres) };
    }),
    // Feet are what is looked at: no leg hides them.
    ...figure.shoes.flatMap((shoe) => plane(camera, `${shoe.foot}-shoe`, outline(shoe.up, shoe.outline))),
    ...(ball
      ? [{ kind: 'disc' as const, tone: 'ball' as const, at: spotSeen(camera, here(ball)), radius: thick(here(ball), BALL.radius) }]
      : []),
  ];
}
