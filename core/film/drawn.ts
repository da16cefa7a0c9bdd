import { bodyOf } from '../body/body.js';
import type { FootAt, Side } from '../body/foot.js';
import { schoolOf } from '../body/school.js';
import { areaOf } from '../judge/area-text.js';
import { onArea } from '../judge/placing.js';
import { parse } from '../language/parse.js';
import { seeded } from '../motion/seeded.js';
import { simulate } from '../motion/simulate.js';
import type { Camera } from './camera.js';
import type { Drawn } from './drawn-names.js';
import type { Frames } from './frames.js';
import type { Scene } from './scene.js';

/** What was drawn: its scene, and when each of its pictures is, seconds. */
export interface DrawnFilm {
  readonly scene: Scene;
  readonly frames: Frames;
}

/** What happens in it, at its own moments (s) and places (m, of its floor). */
export interface Truth {
  readonly downs: readonly { readonly foot: Side; readonly at: number; readonly place: FootAt }[];
  readonly balls: readonly number[];
  readonly strikes: readonly number[];
}

/** Three times split and lunge, the split later against the ball each time. */
export const DRAWN_LINE = [20, 90, 200]
  .map(
    (late) =>
      `hold 0.4 s, split + ball hit ${late} ms before landing, gather right forward, lunge right forward + hit 60 ms after landing, recover`,
  )
  .join(', ');
const CAMERA: Camera = {
  at: [-3.4, -9.2, 2.5],
  to: [0.2, -3.4, 0.5],
  focal: 1050,
  picture: { width: 1280, height: 720 },
  bend: -0.04,
};
const RATE: Readonly<Record<Exclude<Drawn, 'drawn-changing'>, number>> = { 'drawn-30': 30, 'drawn-60': 60, 'drawn-120': 120 };
/** Pictures of a phone that lacks light come late, now and then (common practice, no source): so long after the last one, seconds. */
const CHANGING = { usual: 1 / 60, late: 1 / 24, often: 0.2, seed: 7 } as const;

function stamps(drawn: Drawn, seconds: number): number[] {
  if (drawn !== 'drawn-changing') return Array.from({ length: Math.floor(seconds * RATE[drawn]) + 1 }, (_, k) => k / RATE[drawn]);
  const chance = seeded(CHANGING.seed);
  const all = [0];
  for (let last = 0; last <= seconds; last = all.at(-1) ?? Infinity)
    all.push(last + (chance() < CHANGING.often ? CHANGING.late : CHANGING.usual));
  return all;
}

/** A drawn clip by its name. */
export function drawnFilm(drawn: Drawn): DrawnFilm {
  const [area, school] = [areaOf('badminton'), schoolOf('square-ready')];
  if (!area || !school) throw new RangeError('There is no such floor or stance.');
  const simulation = simulate(parse(DRAWN_LINE), { body: bodyOf({ height: 1.75 }), school, lead: null, playing: 'right', holds: 0.5 });
  return { scene: { camera: CAMERA, placing: { area, at: area.start, facing: 0 }, simulation }, frames: stamps(drawn, simulation.seconds) };
}

/** What truly happens in a scene. */
export const truthOf = ({ placing, simulation }: Scene): Truth => ({
  downs: simulation.actions.flatMap(({ contact, foot, end, to }) =>
    contact ? [{ foot, at: end, place: { ...onArea(placing, to), toe: to.toe + placing.facing } }] : [],
  ),
  balls: simulation.events.map(({ at }) => at),
  strikes: simulation.hands.map(({ at }) => at),
});

/**
 * The first picture in which something that happens at a moment is seen.
 * @example firstSeen([0, 0.1, 0.2], 0.1) // 1
 */
export const firstSeen = (frames: Frames, at: number): number => frames.findIndex((shown) => shown >= at - 1e-9);
