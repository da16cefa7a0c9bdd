import { seeded } from '../motion/seeded.js';
import { sees, spotSeen } from './camera.js';
import { calibrated, inPicture, onFloor, type Calibration, type Tapped } from './calibration.js';
import { crossingsOf } from './crossings.js';
import { drawnFilm, firstSeen, truthOf } from './drawn.js';
import { DRAWN, type Drawn } from './drawn-names.js';
import { figureAt } from './figure.js';
import { stepLength, stood } from './foot.js';
import { seenFirst } from './frames.js';
import { gridOf } from './grid.js';
import { inEllipse, placeOf } from './place.js';
import { seenAt } from './scene.js';

const names = Object.keys(DRAWN) as Drawn[];
const { scene } = drawnFilm('drawn-60');
const { camera, placing, simulation } = scene;
const { width, height } = camera.picture;
/** The crossings that the camera sees. */
const seen = crossingsOf(placing.area).flatMap(({ code, at }): Tapped[] => {
  const picture = sees(camera, at);
  return picture.x > 0 && picture.x < width && picture.y > 0 && picture.y < height ? [{ name: code, picture, floor: at }] : [];
});
const good = (points: readonly Tapped[]): Calibration => {
  const found = calibrated(points, camera.picture);
  if ('code' in found) throw new Error(found.code);
  return found;
};

describe('a drawn clip', () => {
  it('is seen as a pinhole sees: straight from above, so many pixels a metre', () => {
    const above = { at: [1, 2, 5], to: [1, 2.000001, 0], focal: 1000, picture: { width: 800, height: 600 }, bend: 0 } as const;
    // Similar triangles: focal length × way / height, right to the right and ahead upwards.
    const p = spotSeen(above, [1.5, 2.25, 0]);
    expect(p.x).toBeCloseTo(400 + (1000 * 0.5) / 5, 3);
    expect(p.y).toBeCloseTo(300 - (1000 * 0.25) / 5, 3);
  });

  it('tells moments within half a frame and differences within one, at each of its rates', () => {
    for (const name of names) {
      const { scene: film, frames } = drawnFilm(name);
      const { downs, balls } = truthOf(film);
      const moments = [...downs.map(({ at }) => at), ...balls].map((at) => ({ at, read: seenFirst(frames, firstSeen(frames, at)) }));
      for (const { at, read } of moments)
        expect(Math.abs(read.at - at))
          .withContext(name)
          .toBeLessThanOrEqual(read.within + 1e-9);
      for (const one of moments)
        for (const other of moments)
          expect(Math.abs(other.read.at - one.read.at - (other.at - one.at))).toBeLessThanOrEqual(
            one.read.within + other.read.within + 1e-9,
          );
    }
  });

  it('has a split that comes later against the ball each time', () => {
    const { downs, balls } = truthOf(scene);
    const late = balls.map((ball) => Math.min(...downs.filter(({ at }) => at > ball).map(({ at }) => at)) - ball);
    expect(late.map((s) => Math.round(s * 1000))).toEqual([20, 90, 200]);
  });

  it('shows feet on the floor from the moment on that the engine says, and above it just before', () => {
    for (const { foot, at } of truthOf(scene).downs) {
      const up = (t: number): number => figureAt(simulation, t).shoes.find((one) => one.foot === foot)?.up ?? Number.NaN;
      expect(up(at)).toBe(0);
      expect(up(at - 0.01)).toBeGreaterThan(0.001);
    }
  });

  it('has nothing in its picture that comes from behind the camera', () => {
    for (let t = 0; t <= simulation.seconds; t += 0.25)
      for (const stroke of seenAt(scene, t)) {
        const points = stroke.kind === 'plane' ? stroke.points : stroke.kind === 'rod' ? [stroke.from, stroke.to] : [stroke.at];
        for (const { x, y } of points)
          expect(Number.isFinite(x) && Number.isFinite(y))
            .withContext(stroke.tone)
            .toBeTrue();
      }
  });

  it('is measured where it was drawn: of places tapped within two pixels at 1080 lines, 18 to 19.6 of 20 lie where they are said to lie', () => {
    const chance = seeded(20_261_130);
    const most = (2 * height) / 1080;
    const off = ({ x, y }: { readonly x: number; readonly y: number }) => {
      const [way, r] = [2 * Math.PI * chance(), most * Math.sqrt(chance())];
      return { x: x + r * Math.cos(way), y: y + r * Math.sin(way) };
    };
    const { downs } = truthOf(scene);
    let [inside, all] = [0, 0];
    for (let round = 0; round < 80; round++) {
      const some = seen.map((point) => ({ point, chance: chance() })).sort((one, other) => one.chance - other.chance);
      const n = [6, 7, 8, 10][round % 4];
      const floor = good(some.slice(0, n).map(({ point }) => ({ ...point, picture: off(point.picture) })));
      for (const { place } of downs) {
        all++;
        if (inEllipse(placeOf(floor, off(sees(camera, place))), place)) inside++;
      }
    }
    expect(inside / all).toBeGreaterThan(0.9);
    expect(inside / all).toBeLessThan(0.98);
  });

  it('has the steps and toes that the engine says, within what is stated', () => {
    const floor = good(seen);
    const { downs } = truthOf(scene);
    const prints = downs.map(({ foot, place }, frame) => ({ foot, frame, ball: sees(camera, place), other: null }));
    prints.forEach((print, i) => {
      const [at, truth] = [stood(floor, print).place, downs[i]?.place ?? { x: 0, y: 0 }];
      expect(Math.hypot(at.at.x - truth.x, at.at.y - truth.y)).toBeLessThan(0.01);
      const next = prints.slice(i + 1).find(({ foot }) => foot === print.foot);
      const then = next && downs[next.frame]?.place;
      if (next && then) expect(stepLength(floor, print, next).value).toBeCloseTo(Math.hypot(then.x - truth.x, then.y - truth.y), 2);
    });
  });
});

describe('the floor drawn over its picture', () => {
  it('has its lines where the camera sees them, and none from behind it or far outside', () => {
    const floor = good(seen);
    const lines = gridOf(floor, placing.area);
    expect(lines.filter(({ kind }) => kind === 'line').length).toBeGreaterThan(5);
    for (const { kind, points } of lines)
      for (const p of points) {
        expect(p.x > -0.21 * width && p.x < 1.21 * width && p.y > -0.21 * height && p.y < 1.21 * height).toBeTrue();
        const on = onFloor(floor, p);
        const [again, true_] = [inPicture(floor, on), sees(camera, on)];
        expect(Math.hypot(again.x - p.x, again.y - p.y)).toBeLessThan(1e-3);
        expect(Math.hypot(true_.x - p.x, true_.y - p.y))
          .withContext(kind)
          .toBeLessThan(1.5);
      }
  });

  it('is a grid of metres alone where no floor is known by name', () => {
    const kinds = new Set(gridOf(good(seen), null).map(({ kind }) => kind));
    expect([...kinds]).toEqual(['grid']);
  });
});
