import type { Side } from '../body/foot.js';
import { distance, type Vec } from '../body/vec.js';
import type { Aim, FootRef } from '../language/ast.js';
import type { SimulateOptions } from '../motion/simulate.js';
import { edgeOf, type Area, type Placing } from './area.js';
import { inPattern, onArea } from './placing.js';

/** How far inside the lines one goes into a corner, metres (common practice, no source). */
const INSIDE = 0.5;

/** Where one's own half begins and ends, from the middle of the floor: behind, and at the net or the middle. */
function ownHalf({ shape, far }: Area): { readonly back: number; readonly front: number; readonly wide: number } {
  const along = shape.kind === 'rectangle' ? shape.along : shape.across;
  return { back: -along / 2, front: Number.isFinite(far) ? far : 0, wide: shape.across / 2 };
}

/** Half the width that is played in: to the singles side line where there is one. */
const playedWidth = (area: Area): number => {
  const single = area.lines.find(({ name }) => name === 'singles side line');
  return single ? Math.abs(single.from.x) : ownHalf(area).wide;
};

/** The nearest point of the floor's edge. */
function nearestEdge(area: Area, from: Vec): Vec {
  const corners = edgeOf(area);
  const points = corners.map((a, i): Vec => {
    const b = corners[(i + 1) % corners.length] as Vec;
    const [x, y] = [b.x - a.x, b.y - a.y];
    const share = Math.max(0, Math.min(1, ((from.x - a.x) * x + (from.y - a.y) * y) / (x * x + y * y)));
    return { x: a.x + share * x, y: a.y + share * y };
  });
  return points.reduce((best, one) => (distance(one, from) < distance(best, from) ? one : best));
}

/**
 * Where a place of a floor is, in the frame of a pattern that begins somewhere on it; null where this floor has none. Lines by the rules
 * that the floor is drawn by; how far inside a corner is ours.
 */
const placesOf =
  (placing: Placing) =>
  (aim: Aim, from: Vec, sideOf: (ref: FootRef) => Side): Vec | null => {
    const { area } = placing;
    const { back, front } = ownHalf(area);
    const side = aim.side === null ? null : aim.side === 'left' || aim.side === 'right' ? aim.side : sideOf(aim.side);
    const x = (side === 'right' ? 1 : -1) * (playedWidth(area) - INSIDE);
    const at = ((): Vec | null => {
      switch (aim.thing) {
        case 'front corner':
          return side && { x, y: front - INSIDE };
        case 'rear corner':
          return side && { x, y: back + INSIDE };
        case 'service line': {
          const own = area.lines.filter(
            ({ name, from: a, to: b }) => /service line|short line|non-volley/.test(name) && a.y === b.y && a.y < front,
          );
          const [line] = [...own].sort((a, b) => b.from.y - a.from.y);
          return line ? { x: 0, y: line.from.y } : null;
        }
        case 'own middle':
          return { x: 0, y: (back + front) / 2 };
        case 'ring centre':
          return { x: 0, y: 0 };
        case 'fence':
          return nearestEdge(area, onArea(placing, from));
        default:
          return null;
      }
    })();
    return at && inPattern(placing, at);
  };

/**
 * What a simulation knows of the floor it is done on; nothing where there is none.
 * @example placesOn(null) // {}
 */
export const placesOn = (placing: Placing | null | undefined): Pick<SimulateOptions, 'places'> =>
  placing ? { places: placesOf(placing) } : {};
