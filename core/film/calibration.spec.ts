import type { Vec } from '../body/vec.js';
import { seeded } from '../motion/seeded.js';
import { sees, type Camera } from './camera.js';
import { calibrated, inPicture, onFloor, type Calibration, type NoCalibration, type Tapped } from './calibration.js';
import { fromLine, stanceOf, stepLength, stood, type Footprint } from './foot.js';
import { inEllipse, placeOf } from './place.js';

const picture = { width: 1920, height: 1080 };
/** Crossings of the lines of one half of a badminton court (BWF Laws: 6.1 × 6.7 m, singles 5.18 m, short service line 1.98 m, long 0.76 m). */
const crossings: readonly (readonly [string, number, number])[] = [
  ['back left', -3.05, -6.7],
  ['back right', 3.05, -6.7],
  ['short right', 3.05, -1.98],
  ['short left', -3.05, -1.98],
  ['centre short', 0, -1.98],
  ['centre back', 0, -6.7],
  ['long left', -3.05, -5.94],
  ['long right', 3.05, -5.94],
  ['singles back left', -2.59, -6.7],
  ['singles back right', 2.59, -6.7],
];
const behind: Camera = { at: [0, -12, 2.5], to: [0, -4, 0], focal: 1400, picture, bend: 0 };
const corner: Camera = { at: [6, -9, 3], to: [0, -4, 0], focal: 1400, picture, bend: -0.06 };

const tapped = (camera: Camera, n: number, off: () => Vec = () => ({ x: 0, y: 0 })): Tapped[] =>
  crossings.slice(0, n).map(([name, x, y]) => {
    const [p, by] = [sees(camera, { x, y }), off()];
    return { name, floor: { x, y }, picture: { x: p.x + by.x, y: p.y + by.y } };
  });
const good = (found: Calibration | NoCalibration): Calibration => {
  if ('code' in found) throw new Error(found.code);
  return found;
};
/** A tap anywhere within two pixels of what was meant. */
const within2 = (chance: () => number) => (): Vec => {
  const [way, r] = [2 * Math.PI * chance(), 2 * Math.sqrt(chance())];
  return { x: r * Math.cos(way), y: r * Math.sin(way) };
};

describe('a floor that was tapped in a picture', () => {
  it('is the one that the camera saw, its lens too', () => {
    for (const camera of [behind, corner]) {
      const found = good(calibrated(tapped(camera, 8), picture));
      // What is known beforehand of lenses draws a little.
      expect(found.lens.bend).toBeCloseTo(camera.bend, 2);
      for (const [x, y] of [
        [0, -4],
        [2, -6],
        [-2.8, -2.2],
      ] as const) {
        const back = onFloor(found, sees(camera, { x, y }));
        expect(Math.hypot(back.x - x, back.y - y)).toBeLessThan(0.002);
        const [one, other] = [inPicture(found, { x, y }), sees(camera, { x, y })];
        expect(Math.hypot(one.x - other.x, one.y - other.y)).toBeLessThan(0.2);
      }
      expect(found.bad).toEqual([]);
      expect(Math.max(...found.residuals.map(({ pixels }) => pixels))).toBeLessThan(0.3);
    }
  });

  it('lies, of 20 places that are tapped within two pixels, 18 to 19.6 times where it is said to lie', () => {
    const chance = seeded(20_261_130);
    const off = within2(chance);
    const shares = [behind, corner].flatMap((camera) =>
      [5, 6, 8, 10].map((n) => {
        let inside = 0;
        for (let round = 0; round < 40; round++) {
          const found = good(calibrated(tapped(camera, n, off), picture));
          for (let k = 0; k < 10; k++) {
            const [floor, by] = [{ x: 5.6 * chance() - 2.8, y: -6.5 + 4.4 * chance() }, off()];
            const p = sees(camera, floor);
            if (inEllipse(placeOf(found, { x: p.x + by.x, y: p.y + by.y }), floor)) inside++;
          }
        }
        return inside / 400;
      }),
    );
    const mean = shares.reduce((sum, one) => sum + one, 0) / shares.length;
    expect(mean).toBeGreaterThan(0.9);
    expect(mean).toBeLessThan(0.98);
    // Each by itself, with what 400 of them leave open.
    for (const share of shares) expect(share).toBeGreaterThan(0.88);
  });

  it('is within two centimetres wherever two pixels are less than one and a half; how far that is, is said', () => {
    const chance = seeded(7);
    const near: Camera = { ...behind, at: [0, -11, 6], focal: 2600, to: [0, -5.5, 0] };
    const off = within2(chance);
    let looked = 0;
    for (let round = 0; round < 60; round++) {
      const found = good(calibrated(tapped(near, 10, off), picture));
      const [floor, by] = [{ x: 3 * chance() - 1.5, y: -6.5 + 2 * chance() }, off()];
      const p = sees(near, floor);
      const pixel = ['x', 'y'].map((axis) => {
        const other = onFloor(found, { x: p.x + (axis === 'x' ? 2 : 0), y: p.y + (axis === 'y' ? 2 : 0) });
        const at = onFloor(found, p);
        return Math.hypot(other.x - at.x, other.y - at.y);
      });
      if (Math.max(...pixel) > 0.015) continue;
      looked++;
      const place = placeOf(found, { x: p.x + by.x, y: p.y + by.y });
      expect(Math.hypot(place.at.x - floor.x, place.at.y - floor.y)).toBeLessThan(0.02);
    }
    expect(looked).toBeGreaterThan(30);
  });

  it('names a point that was tapped at another line, of six; of five it says that one is wrong', () => {
    for (let which = 0; which < 8; which++)
      for (const [dx, dy] of [
        [80, 0],
        [0, -80],
      ] as const) {
        const all = tapped(corner, 8).map((one, i) =>
          i === which ? { ...one, picture: { x: one.picture.x + dx, y: one.picture.y + dy } } : one,
        );
        const found = calibrated(all, picture);
        // One that lies the wrong way round with it is named all the same.
        expect('code' in found ? found.names : found.bad).toEqual([all[which]?.name ?? '']);
      }
    // The farthest one, off by little, looks like a lens.
    const little = tapped(corner, 8).map((one, i) => (i === 2 ? { ...one, picture: { x: one.picture.x + 40, y: one.picture.y } } : one));
    expect(good(calibrated(little, picture)).bad).toEqual([]);
    const five = tapped(behind, 5).map((one, i) => (i === 4 ? { ...one, picture: { x: one.picture.x + 60, y: one.picture.y } } : one));
    expect(good(calibrated(five, picture)).bad.length).toBe(5);
    expect([good(calibrated(tapped(behind, 4), picture)).checked, good(calibrated(tapped(behind, 5), picture)).checked]).toEqual([
      false,
      true,
    ]);
  });

  it('is refused with the points that it is for: too few, on one line, one twice, in another order, mirrored', () => {
    const four = tapped(corner, 4);
    const [a, b, c, d] = four as [Tapped, Tapped, Tapped, Tapped];
    const code = (points: readonly Tapped[]) => {
      const found = calibrated(points, picture);
      return 'code' in found ? [found.code, [...found.names].sort().join(', ')] : found.bad;
    };
    expect(code(four.slice(0, 3))).toEqual(['few-points', 'back left, back right, short right']);
    const middle = { ...d, name: 'middle', floor: { x: 0, y: -6.7 }, picture: sees(corner, { x: 0, y: -6.7 }) };
    expect(code([a, b, c, middle])).toEqual(['on-one-line', 'back left, back right, middle']);
    expect(code([a, b, c, { ...a, name: 'again' }])).toEqual(['same-point', 'again, back left']);
    // Two of them in each other's place: the lines cross.
    expect(code([a, b, { ...c, picture: d.picture }, { ...d, picture: c.picture }])[0]).toBe('wrong-order');
    const mirrored = four.map((one) => ({ ...one, picture: { x: 1920 - one.picture.x, y: one.picture.y } }));
    expect(code(mirrored)[0]).toBe('wrong-order');
    const line = crossings
      .filter(([, , y]) => y === -6.7)
      .map(([name, x, y]) => ({ name, floor: { x, y }, picture: sees(corner, { x, y }) }));
    expect(code([...line, { ...a, name: 'more', floor: { x: 1, y: -6.7 }, picture: sees(corner, { x: 1, y: -6.7 }) }])[0]).toBe(
      'on-one-line',
    );
  });
});

describe('feet that were tapped', () => {
  const found = good(calibrated(tapped(corner, 10), picture));
  const print = (foot: 'left' | 'right', ball: Vec, other: Vec | null, part: 'heel' | 'tip' = 'heel'): Footprint => ({
    ...{ foot, frame: 1, ball: sees(corner, ball), other: other && { part, at: sees(corner, other) } },
  });

  it('stand where they stood, with their toe; one that cannot be said within ten degrees is not said', () => {
    const near = stood(found, print('right', { x: 1, y: -5.5 }, { x: 1 - 0.19 * Math.sin(0.5), y: -5.5 - 0.19 * Math.cos(0.5) }));
    expect(Math.hypot(near.place.at.x - 1, near.place.at.y + 5.5)).toBeLessThan(0.002);
    expect(near.toe?.value).toBeCloseTo((0.5 * 180) / Math.PI, 0);
    expect(near.toe?.within).toBeLessThan(10);
    // From its ball to its tip is nearer: less is known of the way.
    const tip = stood(found, print('right', { x: 1, y: -5.5 }, { x: 1.03, y: -5.44 }, 'tip'));
    expect(tip.toe).toBeNull();
    expect(stood(found, print('left', { x: 1, y: -5 }, null)).toe).toBeNull();
    // About the heading at which they begin anew nothing leaps.
    const back = stood(found, print('left', { x: 1, y: -5.5 }, { x: 1.001, y: -5.3 }));
    expect(Math.abs(back.toe?.value ?? 0)).toBeGreaterThan(175);
    expect(back.toe?.within).toBeLessThan(10);
  });

  it('measure steps, stances and ways to a line', () => {
    const [one, two] = [print('left', { x: -0.4, y: -4 }, null), print('right', { x: 0.5, y: -4.3 }, null)];
    const step = stepLength(found, one, two);
    expect(Math.abs(step.value - Math.hypot(0.9, 0.3))).toBeLessThan(0.003);
    expect(step.within).toBeGreaterThan(0.005);
    const { width, length } = stanceOf(found, { left: one, right: two }, 0);
    expect([Math.abs(width.value - 0.9) < 0.003, Math.abs(length.value - 0.3) < 0.003]).toEqual([true, true]);
    const off = fromLine(found, one, { from: { x: -3, y: -1.98 }, to: { x: 3, y: -1.98 } });
    expect(Math.abs(off.value - 2.02)).toBeLessThan(0.003);
    // Two feet near each other share what the floor leaves open: the step is more certain than each place.
    const [a, b] = [placeOf(found, one.ball).within, placeOf(found, two.ball).within];
    expect(step.within).toBeLessThan(a + b);
  });
});
