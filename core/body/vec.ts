/** A point or a way on the floor, metres: +x to the athlete's right and +y ahead at the start. */
export interface Vec {
  readonly x: number;
  readonly y: number;
}

const RAD = Math.PI / 180;

export const add = (a: Vec, b: Vec): Vec => ({ x: a.x + b.x, y: a.y + b.y });
export const sub = (a: Vec, b: Vec): Vec => ({ x: a.x - b.x, y: a.y - b.y });
export const scale = (a: Vec, k: number): Vec => ({ x: a.x * k, y: a.y * k });
export const dot = (a: Vec, b: Vec): number => a.x * b.x + a.y * b.y;
export const midway = (a: Vec, b: Vec): Vec => scale(add(a, b), 0.5);
export const distance = (a: Vec, b: Vec): number => Math.hypot(a.x - b.x, a.y - b.y);
export const mix = (a: number, b: number, share: number): number => a + (b - a) * share;

/**
 * Unit way of a heading in degrees, clockwise from above, 0 = ahead.
 * @example wayOf(90) // { x: 1, y: 0 }
 */
export function wayOf(heading: number): Vec {
  return { x: Math.sin(heading * RAD), y: Math.cos(heading * RAD) };
}

/**
 * Turns a way clockwise by `degrees` about the origin.
 * @example turned({ x: 0, y: 1 }, 90) // { x: 1, y: 0 }
 */
export function turned(v: Vec, degrees: number): Vec {
  const c = Math.cos(degrees * RAD);
  const s = Math.sin(degrees * RAD);
  return { x: v.x * c + v.y * s, y: -v.x * s + v.y * c };
}

/** Turns a point clockwise by `degrees` about `centre`. */
export function turnedAbout(p: Vec, centre: Vec, degrees: number): Vec {
  return add(centre, turned(sub(p, centre), degrees));
}

/**
 * The same heading in (−180, 180].
 * @example normalised(270) // -90
 */
export function normalised(heading: number): number {
  const h = ((heading % 360) + 360) % 360;
  return h > 180 ? h - 360 : h;
}
