import { distance, type Vec } from '../body/vec.js';
import { edgeOf, type Area } from '../judge/area.js';

/** A point of a floor that can be found in a picture: where two of its lines meet. */
export interface Crossing {
  /** What it is called in a table: its lines, and which of those alike it is. */
  readonly code: string;
  /** The line across the floor and the one along it; of a floor with other edges, both of them its edge. */
  readonly across: string;
  readonly along: string;
  /** Which of those alike; null where it lies in the middle. */
  readonly end: 'near' | 'far' | null;
  readonly side: 'left' | 'right' | null;
  /** Counted among those that would be called alike. */
  readonly n: number;
  /** Where it lies on the floor, metres. */
  readonly at: Vec;
}

/** A straight piece of what is drawn on a floor. */
interface Piece {
  readonly name: string;
  readonly from: Vec;
  readonly to: Vec;
}

/** Points nearer to each other than this are one, metres. */
const SAME = 0.001;
/** What lies less than this off the middle lies in it, metres. */
const MIDDLE = 0.05;

/** What the outer lines of a floor are called. */
const OUTER = { across: 'end line', along: 'side line', edge: 'edge' } as const;

/** Lines that lie on the floor: a net hangs above it, and a table stands on it. */
const onTheFloor = ({ lines }: Area): Piece[] => lines.filter(({ kind, name }) => kind !== 'net' && !name.startsWith('table'));

function outer(area: Area): Piece[] {
  const corners = edgeOf(area);
  return corners.map((from, i) => {
    const to = corners[(i + 1) % corners.length] as Vec;
    const name = area.shape.kind !== 'rectangle' ? OUTER.edge : from.y === to.y ? OUTER.across : OUTER.along;
    return { name, from, to };
  });
}

/** Where two pieces meet, their ends included; null where they do not. */
function meeting(one: Piece, other: Piece): Vec | null {
  const [a, b] = [
    { x: one.to.x - one.from.x, y: one.to.y - one.from.y },
    { x: other.to.x - other.from.x, y: other.to.y - other.from.y },
  ];
  const det = a.x * b.y - a.y * b.x;
  if (Math.abs(det) < 1e-9) return null;
  const way = { x: other.from.x - one.from.x, y: other.from.y - one.from.y };
  const [s, t] = [(way.x * b.y - way.y * b.x) / det, (way.x * a.y - way.y * a.x) / det];
  const on = (share: number, { x, y }: Vec): boolean => share * Math.hypot(x, y) > -SAME && (share - 1) * Math.hypot(x, y) < SAME;
  return on(s, a) && on(t, b) ? { x: one.from.x + s * a.x, y: one.from.y + s * a.y } : null;
}

const goesAcross = ({ from, to }: Piece): boolean => Math.abs(to.x - from.x) >= Math.abs(to.y - from.y);

/**
 * Where the lines of a floor meet: what is tapped in a picture so that the floor is its ruler. A circle has none.
 * @example crossingsOf(areaOf('boxing')).map(({ code }) => code) // ['end line x side line far right', 'end line x side line far left', 'end line x side line near right', 'end line x side line near left']
 */
export function crossingsOf(area: Area): Crossing[] {
  if (area.shape.kind === 'circle') return [];
  const found: Crossing[] = [];
  const edges = outer(area);
  // A line of the floor says more than its edge, where both lie in one place.
  const pieces = [...edges, ...onTheFloor(area)];
  pieces.forEach((one, i) => {
    for (const other of pieces.slice(i + 1)) {
      const at = meeting(one, other);
      if (at === null || found.some((known) => distance(known.at, at) < SAME)) continue;
      found.push(named(one, other, at));
    }
  });
  return numbered(found);
}

function named(one: Piece, other: Piece, p: Vec): Crossing {
  const [across, along] = goesAcross(one) ? [one.name, other.name] : [other.name, one.name];
  const end = Math.abs(p.y) < MIDDLE ? null : p.y < 0 ? 'near' : 'far';
  const side = Math.abs(p.x) < MIDDLE ? null : p.x < 0 ? 'left' : 'right';
  const code = [`${across} x ${along}`, end, side].filter((part) => part !== null).join(' ');
  return { code, across, along, end, side, n: 1, at: { x: p.x, y: p.y } };
}

/** Several that would be called alike are counted, clockwise as they are found. */
function numbered(found: readonly Crossing[]): Crossing[] {
  return found.map((one, i) => {
    const before = found.slice(0, i).filter(({ code }) => code === one.code).length;
    return before === 0 ? one : { ...one, n: before + 1, code: `${one.code} ${before + 1}` };
  });
}

/**
 * By how much the measured diagonal of a taped rectangle is longer than that of right angles, metres: its corners are no ruler unless
 * both are one.
 * @example diagonalOff({ across: 3, along: 4 }, 5.04).toFixed(3) // '0.040'
 */
export const diagonalOff = ({ across, along }: { readonly across: number; readonly along: number }, diagonal: number): number =>
  diagonal - Math.hypot(across, along);
